"""The card of other shots: framed like this one, and where shots begin."""

from __future__ import annotations

from collections.abc import Callable, Iterable
from functools import partial

from PySide6.QtWidgets import QGridLayout, QHBoxLayout, QLabel, QVBoxLayout

from standtall.base.interface_language import count_of, tr
from standtall.base.time import clock
from standtall.framing.carry_over import matched
from standtall.model import framing_edits
from standtall.model.cut import Segment
from standtall.model.edits import Edit
from standtall.model.short import Short
from standtall.ui.state.opened import Opened
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.actions import Action, button_of
from standtall.ui.widgets.fields import button
from standtall.ui.widgets.layouts import empty

MOST = 8
"""Places of shots that are shown."""


class AlikeCard:
    """Fills a card of the Framing panel; `declared` are its actions."""

    def __init__(self, workspace: Workspace, box: QVBoxLayout) -> None:
        self._ws = workspace
        self._shot: Segment | None = None
        self._copied: Segment | None = None
        self._listed: object = None
        self._told = QLabel()
        self._told.setWordWrap(True)
        box.addWidget(self._told)
        self._places = QGridLayout()
        self._places.setSpacing(4)
        box.addLayout(self._places)
        self.declared = [
            Action("frame-camera", tr("Frame every shot from this camera like this one"), self.frame_camera, ("Shift+C",),
                   label=tr("Frame them like this one")),
            Action("copy-framing", tr("Copy the framing of this shot"), self.copy, ("Ctrl+Shift+C",), label=tr("Copy framing")),
            Action("paste-framing", tr("Frame this shot like the one that was copied"), self.paste, ("Ctrl+Shift+V",),
                label=tr("Paste")),
            Action("split-shot", tr("Split the shot at the playhead"), self.split, ("Shift+X",), label=tr("Split here")),
            Action("join-shot", tr("Join the shot to the one before"), self.join, ("Shift+J",), label=tr("Join to previous")),
        ]  # fmt: skip
        self._camera, copy, self._paste, self._part, self._join = (button_of(action) for action in self.declared)
        box.addWidget(self._camera)
        for pair in ((copy, self._paste), (self._part, self._join)):
            row = QHBoxLayout()
            row.setSpacing(6)
            for made in pair:
                row.addWidget(made, 1)
            box.addLayout(row)

    # what it does

    @staticmethod
    def _group(opened: Opened, number: int) -> tuple[int, ...]:
        return next((group for group in opened.setups if number in group), (number,))

    def _alike(self, opened: Opened, like: Segment, others: Callable[[int], Iterable[int]]) -> None:
        """Frame other shots, given by the number of the one they are to match."""
        number = opened.camera.people.shot_at(like.start)
        numbers = [n for n in others(number) if n != number]

        def edit(short: Short, _analysis: object) -> Edit:
            made = matched(short.framing, opened.source, short.output.aspect, opened.camera, number, numbers)
            return framing_edits.frame_shots(short, made)

        self._ws.edit(edit, opened)

    def frame_camera(self) -> None:
        opened, shot = self._ws.opened, self._shot
        if opened is not None and shot is not None:
            self._alike(opened, shot, partial(self._group, opened))

    def copy(self) -> None:
        """Remember this shot as the one to match."""
        self._copied = self._shot
        if self._shot is not None:
            self._paste.setEnabled(True)
            self._ws.said.emit(tr("The framing of the shot at {start} is copied.", start=clock(self._shot.start)), "note")

    def paste(self) -> None:
        opened, shot, copied = self._ws.opened, self._shot, self._copied
        if opened is not None and shot is not None and copied is not None and copied.source == opened.source.key:
            here = opened.camera.people.shot_at(shot.start)
            self._alike(opened, copied, lambda _number: [here])

    def split(self) -> None:
        shot, at = self._shot, self._ws.selection.playhead
        if shot is not None:
            self._ws.edit(lambda s, _a: framing_edits.split_shot(s, shot, at))

    def join(self) -> None:
        shot = self._shot
        if shot is not None:
            self._ws.edit(lambda s, _a: framing_edits.join_shot(s, shot))

    # what it shows

    def refresh(self, opened: Opened, shot: Segment | None) -> None:
        self._shot = shot
        here = shot is not None
        for made in (self._camera, self._part, self._join):
            made.setEnabled(here)
        copied = self._copied
        self._paste.setEnabled(here and copied is not None and copied.source == opened.source.key and copied != shot)
        if shot is None:
            self._told.setText(tr("No shots were looked for."))
            return
        people = opened.camera.people
        number = people.shot_at(shot.start)
        group = self._group(opened, number)
        key = (id(people), group, number)
        if key == self._listed:
            return
        self._listed = key
        others = len(group) - 1
        self._told.setText(
            tr("{others} from this camera", others=count_of(others, tr("other shot")))
            if others
            else tr("No other shot is from this camera.")
        )
        self._camera.setEnabled(others > 0)
        empty(self._places)
        for place, other in enumerate([n for n in group if n != number][:MOST]):
            start = people.shots[other].start
            made = button(clock(start), tr("Go to this shot"), partial(self._ws.selection.seek, start), "small")
            self._places.addWidget(made, place // 4, place % 4)

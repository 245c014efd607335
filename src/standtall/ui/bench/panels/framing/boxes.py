"""A thing that was drawn around on the wide picture, which the crop follows: drawn, followed by a job, kept as an edit."""

from __future__ import annotations

from dataclasses import dataclass

from PySide6.QtCore import QObject, Signal
from PySide6.QtWidgets import QHBoxLayout, QLabel, QVBoxLayout, QWidget

from standtall.base.geometry import Rect
from standtall.base.interface_language import tr
from standtall.jobs.events import BoxFollowed, Ended, Event, Problem, Progressed
from standtall.jobs.requests import FollowBoxRequest, Request
from standtall.model import framing_edits
from standtall.model.cut import Segment
from standtall.model.framing import BoxAt, BoxTarget
from standtall.ui.state.opened import Opened
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.actions import Action, button_of
from standtall.ui.widgets.fields import button

SELDOM_SEEN = 0.6
"""Share of the shot in which a thing was seen below which it is told."""


@dataclass(frozen=True, slots=True)
class _Asked:
    """What is being followed: for which shot of which short, and the box as it was drawn."""

    number: int
    opened: Opened
    shot: Segment
    box: BoxAt


class Boxes(QObject):
    """`drawing` says whether the next drag on the wide picture draws a box; `declared` are its actions."""

    drawing = Signal(bool)

    def __init__(self, workspace: Workspace, box: QVBoxLayout) -> None:
        super().__init__(workspace)
        self._ws = workspace
        self._asked: _Asked | None = None
        self._wanted = False
        self.declared = [
            Action("draw-box", tr("Draw a box on the wide picture, for the crop to follow"), self.toggle, ("Shift+B",),
                   label=tr("Draw a box to follow")),
        ]  # fmt: skip
        self._draw = button_of(self.declared[0])
        self._draw.setCheckable(True)
        box.addWidget(self._draw)
        self._line = QWidget()
        row = QHBoxLayout(self._line)
        row.setContentsMargins(0, 0, 0, 0)
        self._told = QLabel()
        row.addWidget(self._told, 1)
        row.addWidget(button(tr("Stop"), tr("Stop following; the box stands where it was drawn"), self.stop, "small"))
        self._line.hide()
        box.addWidget(self._line)
        workspace.jobs.heard.connect(self._heard)

    @property
    def busy(self) -> bool:
        """Whether something is being followed."""
        return self._asked is not None

    def toggle(self) -> None:
        """Draw with the next drag, or not after all."""
        self._wanted = not self._wanted
        self._draw.setChecked(self._wanted)
        self.drawing.emit(self._wanted)

    def drawn(self, part: Rect, tick: int) -> None:
        """A box was drawn around something at a tick of the source on the Bench: it is kept to at once, and followed."""
        self.give_up()
        opened = self._ws.opened
        shot = None if opened is None else opened.shot_at(tick)
        if opened is None or shot is None:
            return
        self.stop()
        box = BoxAt(tick, part.x, part.y, part.w, part.h)
        target = BoxTarget((box,), tick)
        self._ws.edit(lambda s, _a: framing_edits.follow_box(s, shot, target))
        number = self._ws.jobs.ask(FollowBoxRequest(opened.source, shot.start, shot.end, box))
        self._asked = _Asked(number, opened, shot, box)
        self._show(tr("Following …"))

    def give_up(self) -> None:
        """Nothing is drawn any more."""
        self._wanted = False
        self._draw.setChecked(False)

    def stop(self) -> None:
        """Follow no further."""
        if self._asked is not None:
            self._ws.jobs.cancel(self._asked.number)
            self._asked = None
        self._line.hide()

    def _show(self, text: str) -> None:
        self._told.setText(text)
        self._line.show()

    def _heard(self, number: int, request: Request, event: Event) -> None:
        asked = self._asked
        if asked is None or number != asked.number or not isinstance(request, FollowBoxRequest):
            return
        if isinstance(event, Progressed):
            self._show(tr("Following … {share:.0f} %", share=event.share * 100))
        elif isinstance(event, BoxFollowed):
            target = BoxTarget(event.places, asked.box.at)
            self._ws.edit(lambda s, _a: framing_edits.follow_box(s, asked.shot, target), asked.opened)
            if event.seen < SELDOM_SEEN:
                share = f"{event.seen * 100:.0f} %"
                self._ws.said.emit(
                    tr("What you drew around was seen for {share} of the shot; elsewhere the crop waits.", share=share), "note"
                )
        elif isinstance(event, Problem):
            self._ws.said.emit(event.message, "error")
        elif isinstance(event, Ended):
            self._asked = None
            self._line.hide()

    def refresh(self, _opened: Opened, shot: Segment | None) -> None:
        self._draw.setEnabled(shot is not None)

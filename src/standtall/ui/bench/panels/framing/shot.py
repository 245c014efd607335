"""The card of the shot at the playhead: its layout, whom it follows and how large, why; locked, or left to the camera again."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from functools import partial
from typing import Final

from PySide6.QtCore import QSignalBlocker, QSize, Qt
from PySide6.QtWidgets import QGridLayout, QHBoxLayout, QLabel, QSizePolicy, QToolButton, QVBoxLayout

from standtall.base.interface_language import tr
from standtall.framing.spans import View
from standtall.framing.suggest import lacking
from standtall.model import framing_edits
from standtall.model.analysis import Analysis
from standtall.model.cut import Segment
from standtall.model.edits import Edit
from standtall.model.framing import FACES, LAYOUT_TITLES, BoxTarget, Layout, ShotFraming
from standtall.model.people import shown_name
from standtall.model.short import Short
from standtall.ui.bench.panels.framing.layout_icons import HIGH, WIDE, layout_icon
from standtall.ui.bench.panels.framing.reasons import why
from standtall.ui.bench.panels.sliders import Slider
from standtall.ui.state.opened import Opened
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.actions import Action, button_of
from standtall.ui.widgets.fields import button
from standtall.ui.widgets.layouts import empty

SHORT_TITLES: Final[dict[Layout, str]] = {"screen": tr("Screen")}
TIPS: Final[dict[Layout, str]] = {
    "follow": tr("a crop that follows who speaks"),
    "whole": tr("all of the picture on a backdrop"),
    "stack": tr("two or three people above each other"),
    "grid": tr("up to four people, each in a cell"),
    "screen": tr("the whole screen above, the face below"),
    "corner": tr("the face, with the whole screen in a corner"),
}


class ShotCard:
    """Fills a card of the Framing panel; `declared` are its actions."""

    def __init__(self, workspace: Workspace, box: QVBoxLayout) -> None:
        self._ws = workspace
        self._shot: Segment | None = None
        self._people_key: object = None
        self._why = QLabel()
        self._why.setWordWrap(True)
        box.addWidget(self._why)
        self.layouts = self._layout_buttons()
        grid = QGridLayout()
        grid.setSpacing(6)
        for place, made in enumerate(self.layouts.values()):
            grid.addWidget(made, place // 3, place % 3)
        box.addLayout(grid)
        self._people = QGridLayout()
        self._people.setSpacing(6)
        box.addLayout(self._people)
        self._during = QLabel(tr("During the chosen words show:"))
        self._during.setObjectName("faint")
        box.addWidget(self._during)
        self._listeners = QGridLayout()
        self._listeners.setSpacing(6)
        box.addLayout(self._listeners)
        workspace.selection.changed.connect(self._refresh_listeners)
        self.face = Slider(tr("Face"), tr("How high the face is in its cell, in this shot"), FACES, workspace, self._set_face)
        self.share = Slider(
            tr("Upper cell"), tr("How much of the frame the upper cell takes"), (0.2, 0.8), workspace, self._set_share
        )
        box.addLayout(self.face.row)
        box.addLayout(self.share.row)
        self.declared = [
            Action(
                "frame-automatically",
                tr("Frame this shot automatically"),
                self.release,
                ("Shift+A",),
                label=tr("Frame automatically"),
            ),
            Action("lock-shot", tr("Lock or unlock the framing of this shot"), self.toggle_lock, ("Shift+L",), label=tr("Lock")),
        ]
        row = QHBoxLayout()
        row.setSpacing(6)
        self._auto, self._lock = (button_of(action) for action in self.declared)
        self._lock.setCheckable(True)
        row.addWidget(self._auto, 1)
        row.addWidget(self._lock)
        box.addLayout(row)

    def _layout_buttons(self) -> dict[Layout, QToolButton]:
        out: dict[Layout, QToolButton] = {}
        for layout, title in LAYOUT_TITLES.items():
            made = QToolButton()
            made.setObjectName("plain")
            made.setText(SHORT_TITLES.get(layout, title))
            made.setAccessibleName(tr("Layout: {title}", title=title))
            made.setToolTip(f"{title}: {TIPS[layout]}")
            made.setToolButtonStyle(Qt.ToolButtonStyle.ToolButtonTextUnderIcon)
            made.setIconSize(QSize(WIDE + 4, HIGH + 4))
            made.setCheckable(True)
            made.setFocusPolicy(Qt.FocusPolicy.TabFocus)
            made.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
            made.clicked.connect(partial(self._set_layout, layout))
            out[layout] = made
        return out

    # what it does

    def _chosen(self) -> ShotFraming | None:
        opened, shot = self._ws.opened, self._shot
        return None if opened is None or shot is None else opened.entry.short.framing.of_shot(shot.source, shot.start, shot.end)

    def release(self) -> None:
        """Leave the shot to the camera again."""
        shot = self._shot
        if shot is not None:
            self._ws.edit(lambda s, _a: framing_edits.release(s, shot))

    def toggle_lock(self) -> None:
        shot, chosen, opened = self._shot, self._chosen(), self._ws.opened
        if shot is not None and opened is not None:
            locked = chosen is None or not chosen.locked
            layout = opened.camera.at(self._ws.selection.playhead).layout if locked else None
            self._ws.edit(lambda s, _a: framing_edits.lock(s, shot, layout))

    def _set_layout(self, layout: Layout) -> None:
        """Choose a layout for this shot; choosing the one that was chosen by hand leaves it to the camera again."""
        shot, chosen = self._shot, self._chosen()
        if shot is None:
            return
        same = (
            chosen is not None and chosen.layout == layout and not chosen.keyframes and not isinstance(chosen.target, BoxTarget)
        )
        wished = None if same else layout
        self._ws.edit(lambda s, _a: framing_edits.set_layout(s, shot, wished))

    def _follow(self, person: int, name: str) -> None:
        shot = self._shot
        self._people_key = None
        if shot is not None:
            self._ws.edit(lambda s, _a: framing_edits.follow(s, shot, person, name))

    def _show_person(self, person: int, name: str) -> None:
        shot, words = self._shot, self._ws.selection.words
        if shot is None or not words:
            return

        def edit(short: Short, analysis: Analysis, chosen: range) -> Edit:
            start, end = analysis.words[chosen[0]].start, analysis.words[chosen[-1]].end
            return framing_edits.show_reaction(short, shot, start, end, person, name)

        self._ws.edit_words(words, edit)

    def _set_face(self, face: float, dragged: bool) -> None:
        self._edit(lambda s, shot: framing_edits.set_face(s, shot, face), dragged)

    def _set_share(self, share: float, dragged: bool) -> None:
        self._edit(lambda s, shot: framing_edits.set_share(s, shot, share), dragged)

    def _edit(self, make: Callable[[Short, Segment], Edit], dragged: bool) -> None:
        """Show what an edit of this shot would make while it is dragged; make it when it is let go."""
        opened, shot = self._ws.opened, self._shot
        if opened is None or shot is None:
            return
        if dragged:
            self._ws.trial.show(opened, lambda s: make(s, shot), self._ws.selection.playhead)
        else:
            self._ws.edit(lambda s, _a: make(s, shot))

    # what it shows

    def refresh(self, opened: Opened, shot: Segment | None) -> None:
        self._shot = shot
        span = opened.camera.span_at(self._ws.selection.playhead)
        missing = lacking(opened.camera.people, self._ws.selection.playhead)
        for layout, made in self.layouts.items():
            made.setEnabled(layout not in missing)
            made.setToolTip(f"{LAYOUT_TITLES[layout]}: {missing.get(layout, TIPS[layout])}")
            made.setIcon(layout_icon(layout, self._auto.devicePixelRatioF()))
            made.setChecked(layout == span.decision.layout)
        self._why.setText(why(span.decision, opened.camera.people.names))
        self._refresh_people(span.decision.person)
        self._refresh_listeners()
        chosen = self._chosen()
        self._auto.setEnabled(chosen is not None and not replace(chosen, locked=False, kept=None).empty)
        with QSignalBlocker(self._lock):
            self._lock.setChecked(chosen is not None and chosen.locked)
            self._lock.setText(tr("Locked") if self._lock.isChecked() else tr("Lock"))
        view = span.at(self._ws.selection.playhead)
        self.face.show(self._face_of(opened, view, chosen), shot is not None and span.decision.person is not None)
        self.share.show(view.cells[0].target.h, view.layout == "stack" and len(view.cells) == 2)

    def _face_of(self, opened: Opened, view: View, chosen: ShotFraming | None) -> float:
        """How high the face is at the playhead, as a share of its cell; what was asked for where nobody is seen."""
        people, tick = opened.camera.people, self._ws.selection.playhead
        for track in people.tracks_in(people.shot_at(tick)) if people.shots else ():
            face = track.at(tick)
            for cell in view.cells if face is not None and view.layout != "whole" else ():
                if face is not None and cell.crop.contains(face, 0.01):
                    return face.h / cell.crop.h
        asked = chosen.face if chosen is not None else None
        return asked or opened.entry.short.framing.face

    def _refresh_listeners(self) -> None:
        """Somebody can be shown during words that are chosen in this shot."""
        opened, shot, words = self._ws.opened, self._shot, self._ws.selection.words
        people = opened.camera.people if opened is not None else None
        here: list[int] = []
        if opened is not None and shot is not None and words and people is not None:
            start = opened.analysis.words[words[0]].start
            tracks = people.tracks_in(people.shot_at(shot.start)) if shot.start <= start < shot.end else ()
            here = sorted({t.person for t in tracks})
        empty(self._listeners)
        self._during.setVisible(len(here) > 1)
        for place, person in enumerate(here if len(here) > 1 else []):
            name = shown_name(people.names[person]) if people is not None else ""
            made = button(
                name,
                tr("Show {name} while the chosen words are said", name=name),
                partial(self._show_person, person, name),
                "small",
            )
            made.setSizePolicy(QSizePolicy.Policy.Ignored, QSizePolicy.Policy.Fixed)
            self._listeners.addWidget(made, place // 2, place % 2)

    def _refresh_people(self, followed: int | None) -> None:
        opened = self._ws.opened
        assert opened is not None
        people = opened.camera.people
        here = sorted({t.person for t in people.tracks_in(people.shot_at(self._ws.selection.playhead))}) if people.shots else []
        key = (tuple(people.names[p] for p in here), followed, self._shot)
        if key == self._people_key:
            return
        self._people_key = key
        empty(self._people)
        for person in here:
            name = shown_name(people.names[person])
            tip = tr("Follow {name} through this shot, whoever speaks", name=name)
            made = button(name, tip, partial(self._follow, person, name))
            made.setCheckable(True)
            made.setChecked(person == followed)
            made.setSizePolicy(QSizePolicy.Policy.Ignored, QSizePolicy.Policy.Fixed)  # long names never widen the card
            place = self._people.count()
            self._people.addWidget(made, place // 2, place % 2)

"""The framing panel: whom this shot follows and why, and how the camera moves."""

from __future__ import annotations

from functools import partial

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QGridLayout, QHBoxLayout, QLabel, QSizePolicy, QSlider

from standtall.model import edits
from standtall.model.cut import Segment
from standtall.ui.bench.panels.reasons import why
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.cards import Panel, card_in
from standtall.ui.widgets.fields import button
from standtall.ui.widgets.layouts import empty


class FramingPanel(Panel):
    """Follows the playhead from shot to shot."""

    def __init__(self, workspace: Workspace) -> None:
        super().__init__()
        self._ws = workspace
        self._shot: Segment | None = None
        self._people_key: object = None
        self._span_start = -1
        self._shot_card()
        self._camera_card()
        self.finish()
        for signal in (workspace.opened_changed, workspace.composition_changed):
            signal.connect(self.refresh)
        workspace.selection.playhead_changed.connect(lambda _t: self.refresh(moved=True))
        self.refresh()

    def _shot_card(self) -> None:
        box = card_in(self.column, "THIS SHOT")
        self._why = QLabel()
        self._why.setWordWrap(True)
        box.addWidget(self._why)
        self._people = QGridLayout()
        self._people.setSpacing(6)
        box.addLayout(self._people)
        self._auto = button("Frame automatically", "Let the camera follow who is speaking again", self._release)
        box.addWidget(self._auto)

    def _camera_card(self) -> None:
        box = card_in(self.column, "CAMERA")
        self._calm = QSlider(Qt.Orientation.Horizontal)
        self._calm.setRange(0, 100)
        self._calm.setAccessibleName("How closely the camera follows")
        self._calm.setToolTip("How far the speaker may move before the camera does")
        self._calm.sliderReleased.connect(self._set_calm)
        self._calm.actionTriggered.connect(lambda _a: None if self._calm.isSliderDown() else self._set_calm())
        box.addWidget(self._calm)
        row = QHBoxLayout()
        ends = [QLabel("Follows closely"), QLabel("Stays still")]
        for end in ends:
            end.setObjectName("faint")
        row.addWidget(ends[0])
        row.addStretch(1)
        row.addWidget(ends[1])
        box.addLayout(row)

    # what it does

    def _release(self) -> None:
        shot = self._shot
        if shot is not None:
            self._ws.edit(lambda s, _a: edits.release_crop(s, shot))

    def _follow(self, person: int, name: str) -> None:
        shot = self._shot
        self._people_key = None
        if shot is not None:
            self._ws.edit(lambda s, _a: edits.follow(s, shot, person, name))

    def _set_calm(self) -> None:
        value = self._calm.sliderPosition() / 100  # its value follows after a key
        self._ws.edit(lambda s, _a: edits.set_calm(s, value))

    # what it shows

    def refresh(self, moved: bool = False) -> None:
        opened = self._ws.opened
        self.inner.setEnabled(opened is not None)
        if opened is None:
            return
        span = opened.camera.span_at(self._ws.selection.playhead)
        if moved and span.start == self._span_start:  # while playing nothing changes inside a span
            return
        self._span_start = span.start
        short, shot = opened.entry.short, opened.shot_at(self._ws.selection.playhead)
        self._shot = shot
        self._why.setText(why(span.decision, opened.analysis.people.names))
        self._refresh_people(span.decision.person)
        chosen = None if shot is None else short.framing.of_shot(shot.source, shot.start, shot.end)
        self._auto.setEnabled(chosen is not None)
        self._calm.setValue(round(short.framing.calm * 100))

    def _refresh_people(self, followed: int | None) -> None:
        opened = self._ws.opened
        assert opened is not None
        people = opened.analysis.people
        here = sorted({t.person for t in people.tracks_in(people.shot_at(self._ws.selection.playhead))}) if people.shots else []
        key = (tuple(people.names[p] for p in here), followed, self._shot)
        if key == self._people_key:
            return
        self._people_key = key
        empty(self._people)
        for person in here:
            name = people.names[person]
            tip = f"Follow {name} through this shot, whoever speaks"
            made = button(name, tip, partial(self._follow, person, name))
            made.setCheckable(True)
            made.setChecked(person == followed)
            made.setSizePolicy(QSizePolicy.Policy.Ignored, QSizePolicy.Policy.Fixed)  # long names never widen the card
            place = self._people.count()
            self._people.addWidget(made, place // 2, place % 2)

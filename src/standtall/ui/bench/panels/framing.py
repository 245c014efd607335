"""The framing panel: whom this shot follows and why, and how the camera moves."""

from __future__ import annotations

from functools import partial
from typing import Final

from PySide6.QtCore import QSignalBlocker, QSize, Qt
from PySide6.QtWidgets import (
    QComboBox,
    QDoubleSpinBox,
    QGridLayout,
    QHBoxLayout,
    QLabel,
    QSizePolicy,
    QSlider,
    QToolButton,
    QVBoxLayout,
    QWidget,
)

from standtall.base.time import clock
from standtall.checks.notice import Fix, Notice
from standtall.framing.suggest import screen_in
from standtall.model import framing_edits
from standtall.model.cut import Segment
from standtall.model.framing import LAYOUT_TITLES, Layout
from standtall.model.output import SHAPES
from standtall.ui.bench.notices import fix_text, said
from standtall.ui.bench.panels.keyframes import Keyframes
from standtall.ui.bench.panels.layout_icons import HIGH, WIDE, layout_icon
from standtall.ui.bench.panels.reasons import why
from standtall.ui.state.opened import Opened
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.cards import Panel, card_in
from standtall.ui.widgets.fields import button
from standtall.ui.widgets.layouts import empty

SHORT_TITLES: Final[dict[Layout, str]] = {"screen": "Screen"}
TIPS: Final[dict[Layout, str]] = {
    "follow": "a crop that follows who speaks",
    "whole": "all of the picture on a blurred backdrop",
    "stack": "two or three people above each other",
    "grid": "up to four people, each in a cell",
    "screen": "the whole screen above, the face below",
    "corner": "the face, with the whole screen in a corner",
}


MOST_NOTICES: Final = 12


class FramingPanel(Panel):
    """Follows the playhead from shot to shot."""

    def __init__(self, workspace: Workspace) -> None:
        super().__init__()
        self._ws = workspace
        self._shot: Segment | None = None
        self._people_key: object = None
        self._span_start = -1
        self._shot_card()
        self.keyframes = Keyframes(workspace, card_in(self.column, "KEYFRAMES"))
        self._camera_card()
        self._notices_card()
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
        self._layouts = self._layout_buttons()
        grid = QGridLayout()
        grid.setSpacing(6)
        for place, made in enumerate(self._layouts.values()):
            grid.addWidget(made, place // 3, place % 3)
        box.addLayout(grid)
        self._people = QGridLayout()
        self._people.setSpacing(6)
        box.addLayout(self._people)
        self._auto = button("Frame automatically", "Let the camera follow who is speaking again", self._release)
        box.addWidget(self._auto)

    def _layout_buttons(self) -> dict[Layout, QToolButton]:
        out: dict[Layout, QToolButton] = {}
        for layout, title in LAYOUT_TITLES.items():
            made = QToolButton()
            made.setObjectName("plain")
            made.setText(SHORT_TITLES.get(layout, title))
            made.setAccessibleName(f"Layout: {title}")
            made.setToolTip(f"{title}: {TIPS[layout]}")
            made.setToolButtonStyle(Qt.ToolButtonStyle.ToolButtonTextUnderIcon)
            made.setIconSize(QSize(WIDE + 4, HIGH + 4))
            made.setCheckable(True)
            made.setFocusPolicy(Qt.FocusPolicy.TabFocus)
            made.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
            made.clicked.connect(partial(self._set_layout, layout))
            out[layout] = made
        return out

    def _camera_card(self) -> None:
        box = card_in(self.column, "ALL SHOTS")
        self._shape = QComboBox()
        self._shape.setAccessibleName("Shape of the picture")
        self._shape.setToolTip("Width to height of the finished picture; who is shown, and how large, stays")
        self._shape.addItems(list(SHAPES))
        self._shape.activated.connect(self._set_shape)
        shape = QHBoxLayout()
        shape.addWidget(QLabel("Shape"), 1)
        shape.addWidget(self._shape)
        box.addLayout(shape)
        self._all = QComboBox()
        self._all.setAccessibleName("Layout of all shots")
        self._all.setToolTip("The layout of every shot that has none of its own")
        self._all.addItem("As suggested", None)
        for layout, title in LAYOUT_TITLES.items():
            self._all.addItem(title, layout)
        self._all.activated.connect(self._set_all)
        layouts = QHBoxLayout()
        layouts.addWidget(QLabel("Layout"), 1)
        layouts.addWidget(self._all)
        box.addLayout(layouts)
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
        line = QHBoxLayout()
        label = QLabel("Hold answers shorter than")
        self._hold = QDoubleSpinBox()
        self._hold.setRange(0.0, 3.0)
        self._hold.setSingleStep(0.1)
        self._hold.setDecimals(1)
        self._hold.setSuffix(" s")
        self._hold.setKeyboardTracking(False)
        self._hold.setAccessibleName("Hold answers shorter than")
        self._hold.setToolTip("Shorter answers do not get the picture: the camera stays with who spoke before")
        self._hold.valueChanged.connect(self._set_hold)
        line.addWidget(label, 1)
        line.addWidget(self._hold)
        box.addLayout(line)

    def _notices_card(self) -> None:
        self._notices = card_in(self.column, "TO LOOK AT")
        self._none = QLabel("Nothing is cut and every speaker is in frame.")
        self._none.setWordWrap(True)
        self._notices.addWidget(self._none)
        self._rows = QVBoxLayout()
        self._rows.setSpacing(4)
        self._notices.addLayout(self._rows)
        self._told: tuple[Notice, ...] | None = None

    # what it does

    def _release(self) -> None:
        shot = self._shot
        if shot is not None:
            self._ws.edit(lambda s, _a: framing_edits.release(s, shot))

    def _set_layout(self, layout: Layout) -> None:
        """Choose a layout for this shot; choosing the one that was chosen by hand leaves it to the camera again."""
        shot, opened = self._shot, self._ws.opened
        if shot is None or opened is None:
            return
        chosen = opened.entry.short.framing.of_shot(shot.source, shot.start, shot.end)
        wished = None if chosen is not None and chosen.layout == layout and not chosen.keyframes else layout
        self._ws.edit(lambda s, _a: framing_edits.set_layout(s, shot, wished))

    def _set_shape(self, _index: int) -> None:
        shape = self._shape.currentText()
        if shape in SHAPES:
            self._ws.edit(lambda s, _a: framing_edits.set_shape(s, shape))

    def _set_all(self, _index: int) -> None:
        layout = self._all.currentData()
        self._ws.edit(lambda s, _a: framing_edits.set_layout_of_all(s, layout))

    def _follow(self, person: int, name: str) -> None:
        shot = self._shot
        self._people_key = None
        if shot is not None:
            self._ws.edit(lambda s, _a: framing_edits.follow(s, shot, person, name))

    def _set_hold(self, seconds: float) -> None:
        opened = self._ws.opened
        if opened is not None and abs(opened.entry.short.framing.hold_s - seconds) > 0.01:
            self._ws.edit(lambda s, _a: framing_edits.set_hold(s, round(seconds, 1)))

    def _set_calm(self) -> None:
        value = self._calm.sliderPosition() / 100  # its value follows after a key
        self._ws.edit(lambda s, _a: framing_edits.set_calm(s, value))

    def _jump(self, notice: Notice) -> None:
        opened = self._ws.opened
        if notice.place is not None and opened is not None and notice.place.source == opened.source.key:
            self._ws.selection.seek(notice.place.tick)

    def _mend(self, notice: Notice, fix: Fix) -> None:
        self._jump(notice)
        opened = self._ws.opened
        shot = None if notice.place is None or opened is None else opened.shot_at(notice.place.tick)
        if shot is None:
            return
        if fix == "frame automatically":
            self._ws.edit(lambda s, _a: framing_edits.reframed(s, shot, "follow"))
        else:
            layout: Layout = "whole" if fix == "show the whole picture" else "stack"
            self._ws.edit(lambda s, _a: framing_edits.set_layout(s, shot, layout))

    # what it shows

    def _refresh_notices(self, notices: tuple[Notice, ...]) -> None:
        if notices == self._told:
            return
        self._told = notices
        empty(self._rows)
        self._none.setVisible(not notices)
        for notice in notices[:MOST_NOTICES]:
            row = QWidget()
            box = QVBoxLayout(row)
            box.setContentsMargins(0, 0, 0, 4)
            box.setSpacing(3)
            at = f"{clock(notice.place.tick)}  " if notice.place is not None else ""
            jump = button(f"{at}{said(notice)}", "Go to this place", partial(self._jump, notice), "notice")
            jump.setSizePolicy(QSizePolicy.Policy.Ignored, QSizePolicy.Policy.Fixed)
            box.addWidget(jump)
            fixes = QHBoxLayout()
            for fix in notice.fixes:
                fixes.addWidget(button(fix_text(fix), f"{fix_text(fix)} in this shot", partial(self._mend, notice, fix), "small"))
            box.addLayout(fixes)
            self._rows.addWidget(row)
        if len(notices) > MOST_NOTICES:
            self._rows.addWidget(QLabel(f"and {len(notices) - MOST_NOTICES} more"))

    def refresh(self, moved: bool = False) -> None:
        opened = self._ws.opened
        self.inner.setEnabled(opened is not None)
        if opened is None:
            return
        self._refresh_notices(opened.notices)
        self.keyframes.refresh()
        span = opened.camera.span_at(self._ws.selection.playhead)
        if moved and span.start == self._span_start:  # while playing nothing changes inside a span
            return
        self._span_start = span.start
        short, shot = opened.entry.short, opened.shot_at(self._ws.selection.playhead)
        self._shot = shot
        missing = self._missing_for(opened)
        for layout, made in self._layouts.items():
            made.setEnabled(layout not in missing)
            made.setToolTip(f"{LAYOUT_TITLES[layout]}: {missing.get(layout, TIPS[layout])}")
            made.setIcon(layout_icon(layout, self.devicePixelRatioF()))
            made.setChecked(layout == span.decision.layout)
        shape = short.output.shape
        if self._shape.findText(shape) < 0:  # one that a project brought along
            self._shape.addItem(shape)
        self._shape.setCurrentText(shape)
        self._all.setCurrentIndex(max(0, self._all.findData(short.framing.layout)))
        self._why.setText(why(span.decision, opened.analysis.people.names))
        self._refresh_people(span.decision.person)
        chosen = None if shot is None else short.framing.of_shot(shot.source, shot.start, shot.end)
        self._auto.setEnabled(chosen is not None)
        self._calm.setValue(round(short.framing.calm * 100))
        with QSignalBlocker(self._hold):
            self._hold.setValue(short.framing.hold_s)

    def _missing_for(self, opened: Opened) -> dict[Layout, str]:
        """The layouts that this shot cannot have, and what it lacks."""
        people = opened.camera.people
        if not people.shots:
            return dict.fromkeys(("follow", "stack", "grid", "screen", "corner"), "no people were looked for")
        number = people.shot_at(self._ws.selection.playhead)
        out: dict[Layout, str] = {}
        count = len({t.person for t in people.tracks_in(number)})
        if count < 2:
            out |= dict.fromkeys(("stack", "grid"), "there are no two people in this shot")
        if screen_in(people, people.shots[number]) is None or not count:
            out |= dict.fromkeys(("screen", "corner"), "no screen with a face was found in this shot")
        return out

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
            name = people.names[person]
            tip = f"Follow {name} through this shot, whoever speaks"
            made = button(name, tip, partial(self._follow, person, name))
            made.setCheckable(True)
            made.setChecked(person == followed)
            made.setSizePolicy(QSizePolicy.Policy.Ignored, QSizePolicy.Policy.Fixed)  # long names never widen the card
            place = self._people.count()
            self._people.addWidget(made, place // 2, place % 2)

"""The captions panel: whether they are shown, in which look, where, and how far from the sound."""

from __future__ import annotations

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QButtonGroup, QCheckBox, QGridLayout, QHBoxLayout, QLabel, QSlider

from standtall.base.time import TICKS_PER_SECOND
from standtall.model import corrections, edits
from standtall.model.look import Look
from standtall.model.transcript import LARGEST_OFFSET
from standtall.ui.bench.panels.look_button import LookButton
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.cards import Panel, card_in
from standtall.ui.widgets.layouts import empty

COLUMNS = 2


class CaptionsPanel(Panel):
    """Everything about captions that holds for the whole short."""

    def __init__(self, workspace: Workspace) -> None:
        super().__init__()
        self._ws = workspace
        self._look_card()
        self._place_card()
        self._offset_card()
        self.finish()
        for signal in (workspace.opened_changed, workspace.composition_changed, workspace.selection.changed):
            signal.connect(self.refresh)
        workspace.data.changed.connect(self._fill_looks)
        self._fill_looks()
        self.refresh()

    def _look_card(self) -> None:
        box = card_in(self.column, "LOOK")
        self.shown = QCheckBox("Show captions")
        self.shown.setToolTip("Show or hide the captions (C)")
        self.shown.clicked.connect(lambda _on: self.toggle())
        box.addWidget(self.shown)
        self._grid = QGridLayout()
        self._grid.setSpacing(8)
        box.addLayout(self._grid)
        self._looks = QButtonGroup(self)

    def _place_card(self) -> None:
        box = card_in(self.column, "PLACE")
        self._clear = QCheckBox("Keep clear of faces")
        self._clear.setToolTip("Let the captions stand where they cover least of the faces")
        self._clear.clicked.connect(lambda _on: self._choose_clear())
        box.addWidget(self._clear)
        row = QHBoxLayout()
        row.addWidget(QLabel("Top"))
        self._place = QSlider(Qt.Orientation.Horizontal)
        self._place.setRange(8, 90)
        self._place.setAccessibleName("Height of the captions")
        self._place.setToolTip("Where the captions stand: left is the top, right the bottom")
        self._place.sliderReleased.connect(self._set_place)
        self._place.actionTriggered.connect(lambda _a: None if self._place.isSliderDown() else self._set_place())
        row.addWidget(self._place, 1)
        row.addWidget(QLabel("Bottom"))
        box.addLayout(row)

    def _offset_card(self) -> None:
        box = card_in(self.column, "CAPTION OFFSET")
        self._offset_text = QLabel()
        box.addWidget(self._offset_text)
        self._offset = QSlider(Qt.Orientation.Horizontal)
        self._offset.setRange(-50, 50)
        self._offset.setPageStep(5)
        self._offset.setAccessibleName("Caption offset in hundredths of a second")
        self._offset.setToolTip("Show all captions of this footage earlier (left) or later (right) than its words")
        self._offset.sliderReleased.connect(self._set_offset)
        self._offset.actionTriggered.connect(lambda _a: None if self._offset.isSliderDown() else self._set_offset())
        self._offset.valueChanged.connect(self._say_offset)
        box.addWidget(self._offset)

    # what it does

    def toggle(self) -> None:
        """Show the captions, or hide them."""
        self._ws.edit(lambda s, _a: edits.show_captions(s, not s.captions.shown))

    def _choose(self, look: Look) -> None:
        self._ws.edit(lambda s, _a: edits.set_look(s, look))

    def _choose_clear(self) -> None:
        opened = self._ws.opened
        if opened is not None:
            place = None if self._clear.isChecked() else opened.composition.caption_middle
            self._ws.edit(lambda s, _a: edits.set_caption_place(s, place))

    def _set_place(self) -> None:
        value = self._place.sliderPosition() / 100
        self._ws.edit(lambda s, _a: edits.set_caption_place(s, value))

    def _set_offset(self) -> None:
        ticks = self._offset.sliderPosition() * TICKS_PER_SECOND // 100
        opened = self._ws.opened
        if opened is not None and opened.transcript.caption_offset != ticks:
            self._ws.revise(lambda t: corrections.set_caption_offset(t, ticks))

    def _say_offset(self, hundredths: int) -> None:
        if hundredths:
            self._offset_text.setText(f"{abs(hundredths) / 100:.2f} s {'later' if hundredths > 0 else 'earlier'} than the words")
        else:
            self._offset_text.setText("With the words")

    # what it shows

    def _fill_looks(self) -> None:
        empty(self._grid)
        for old in self._looks.buttons():
            self._looks.removeButton(old)
        for n, look in enumerate(self._ws.data.looks):
            sample = LookButton(look)
            sample.setFocusPolicy(Qt.FocusPolicy.TabFocus)
            sample.clicked.connect(lambda _c=False, k=look: self._choose(k))
            self._looks.addButton(sample)
            self._grid.addWidget(sample, n // COLUMNS, n % COLUMNS)
        self.refresh()

    def refresh(self) -> None:
        opened = self._ws.opened
        self.inner.setEnabled(opened is not None)
        if opened is None:
            return
        captions, words, chosen = opened.entry.short.captions, opened.analysis.words, self._ws.selection.words
        sample = tuple(words[i].text for i in (chosen or range(min(2, len(words)))))[:2]
        for each in self._looks.buttons():
            if isinstance(each, LookButton):
                each.setChecked(each.look.name == captions.look)
                each.set_words(sample)
        self.shown.setChecked(captions.shown)
        self._clear.setChecked(captions.place is None)
        self._place.setValue(round(opened.composition.caption_middle * 100))
        self._offset.setValue(round(max(-LARGEST_OFFSET, opened.transcript.caption_offset) * 100 / TICKS_PER_SECOND))
        self._say_offset(self._offset.value())

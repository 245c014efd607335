"""The cards of where captions stand and how far they are from the sound."""

from __future__ import annotations

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QCheckBox, QHBoxLayout, QLabel, QSlider, QVBoxLayout

from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND
from standtall.model import caption_edits, corrections
from standtall.model.edits import Edit
from standtall.model.short import Short
from standtall.model.transcript import LARGEST_OFFSET
from standtall.ui.state.opened import Opened
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.tips import set_tip


class PlaceCard:
    """Fills a card of the captions panel: the height of the captions, or clear of faces."""

    def __init__(self, workspace: Workspace, box: QVBoxLayout) -> None:
        self._ws = workspace
        self.clear = QCheckBox(tr("Keep clear of faces"))
        self.clear.setToolTip(tr("Let the captions stand where they cover least of the faces"))
        self.clear.clicked.connect(lambda _on: self._choose_clear())
        box.addWidget(self.clear)
        row = QHBoxLayout()
        row.addWidget(QLabel(tr("Top")))
        self.place = QSlider(Qt.Orientation.Horizontal)
        self.place.setRange(5, 95)
        self.place.setAccessibleName(tr("Height of the captions"))
        set_tip(
            self.place,
            tr("Where the captions stand: left is the top, right the bottom. They are also dragged on the tall picture"),
        )
        self.place.sliderMoved.connect(lambda value: self._set_place(value, dragged=True))
        self.place.sliderReleased.connect(lambda: self._set_place(self.place.sliderPosition()))
        self.place.actionTriggered.connect(
            lambda _a: None if self.place.isSliderDown() else self._set_place(self.place.sliderPosition())
        )
        row.addWidget(self.place, 1)
        row.addWidget(QLabel(tr("Bottom")))
        box.addLayout(row)

    def _choose_clear(self) -> None:
        opened = self._ws.opened
        if opened is not None:
            place = None if self.clear.isChecked() else opened.composition.caption_middle
            self._ws.edit(lambda s, _a: caption_edits.set_caption_place(s, place))

    def _set_place(self, value: int, dragged: bool = False) -> None:
        opened = self._ws.opened
        if opened is None:
            return

        def make(short: Short) -> Edit:
            return caption_edits.set_caption_place(short, value / 100)

        if dragged:
            self._ws.trial.show(opened, make)
        else:
            self._ws.trial.end()
            self._ws.edit(lambda s, _a: make(s))

    def refresh(self, opened: Opened) -> None:
        self.clear.setChecked(opened.entry.short.captions.place is None)
        if not self.place.isSliderDown():
            self.place.setValue(round(opened.composition.caption_middle * 100))


class OffsetCard:
    """Fills a card of the captions panel: all captions of the footage earlier or later."""

    def __init__(self, workspace: Workspace, box: QVBoxLayout) -> None:
        self._ws = workspace
        self.told = QLabel()
        box.addWidget(self.told)
        self.offset = QSlider(Qt.Orientation.Horizontal)
        self.offset.setRange(-50, 50)
        self.offset.setPageStep(5)
        self.offset.setAccessibleName(tr("Caption offset in hundredths of a second"))
        set_tip(self.offset, tr("Show all captions of this footage earlier (left) or later (right) than its words"))
        self.offset.sliderReleased.connect(self._set_offset)
        self.offset.actionTriggered.connect(lambda _a: None if self.offset.isSliderDown() else self._set_offset())
        self.offset.valueChanged.connect(self._say)
        box.addWidget(self.offset)

    def _set_offset(self) -> None:
        ticks = self.offset.sliderPosition() * TICKS_PER_SECOND // 100
        opened = self._ws.opened
        if opened is not None and opened.transcript.caption_offset != ticks:
            self._ws.revise(lambda t: corrections.set_caption_offset(t, ticks))

    def _say(self, hundredths: int) -> None:
        if hundredths:
            self.told.setText(
                tr("{seconds:.2f} s later than the words", seconds=hundredths / 100)
                if hundredths > 0
                else tr("{seconds:.2f} s earlier than the words", seconds=-hundredths / 100)
            )
        else:
            self.told.setText(tr("With the words"))

    def refresh(self, opened: Opened) -> None:
        self.offset.setValue(round(max(-LARGEST_OFFSET, opened.transcript.caption_offset) * 100 / TICKS_PER_SECOND))
        self._say(self.offset.value())

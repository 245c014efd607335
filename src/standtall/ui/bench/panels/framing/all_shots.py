"""The card of what holds for all shots: the shape of the picture, the layout, how the camera moves, how large faces are."""

from __future__ import annotations

from PySide6.QtCore import QSignalBlocker, Qt
from PySide6.QtWidgets import QComboBox, QDoubleSpinBox, QHBoxLayout, QInputDialog, QLabel, QSlider, QVBoxLayout

from standtall.base.interface_language import tr
from standtall.model import framing_edits
from standtall.model.framing import FACES, LAYOUT_TITLES
from standtall.model.output import SHAPES
from standtall.ui.bench.panels.sliders import Slider
from standtall.ui.state.opened import Opened
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.tips import set_tip

OWN = tr("Own …")


class AllShotsCard:
    """Fills a card of the Framing panel."""

    def __init__(self, workspace: Workspace, box: QVBoxLayout) -> None:
        self._ws = workspace
        self.shape, self.layout = QComboBox(), QComboBox()
        self.shape.addItems([*SHAPES, OWN])
        self.layout.addItem(tr("As suggested"), None)
        for layout, title in LAYOUT_TITLES.items():
            self.layout.addItem(title, layout)
        for chooser, text, name, tip in (
            (
                self.shape,
                tr("Shape"),
                tr("Shape of the picture"),
                tr("Width to height of the finished picture; who is shown, and how large, stays"),
            ),
            (self.layout, tr("Layout"), tr("Layout of all shots"), tr("The layout of every shot that has none of its own")),
        ):
            chooser.setAccessibleName(name)
            set_tip(chooser, tip)
            row = QHBoxLayout()
            row.addWidget(QLabel(text), 1)
            row.addWidget(chooser)
            box.addLayout(row)
        self.shape.activated.connect(self._set_shape)
        self.layout.activated.connect(self._set_layout)
        tip = tr("How high faces are in their cells, in all shots without a size of their own")
        self.faces = Slider(tr("Faces"), tip, FACES, workspace, self._set_face)
        box.addLayout(self.faces.row)
        self._calm_rows(box)
        line = QHBoxLayout()
        self.hold = QDoubleSpinBox()
        self.hold.setRange(0.0, 3.0)
        self.hold.setSingleStep(0.1)
        self.hold.setDecimals(1)
        self.hold.setSuffix(" s")
        self.hold.setKeyboardTracking(False)
        self.hold.setAccessibleName(tr("Hold answers shorter than"))
        set_tip(self.hold, tr("Shorter answers do not get the picture: the camera stays with who spoke before"))
        self.hold.valueChanged.connect(self._set_hold)
        line.addWidget(QLabel(tr("Hold answers shorter than")), 1)
        line.addWidget(self.hold)
        box.addLayout(line)

    def _calm_rows(self, box: QVBoxLayout) -> None:
        self.calm = QSlider(Qt.Orientation.Horizontal)
        self.calm.setRange(0, 100)
        self.calm.setAccessibleName(tr("How closely the camera follows"))
        self.calm.setToolTip(tr("How far the speaker may move before the camera does"))
        self.calm.sliderMoved.connect(self._try_calm)
        self.calm.sliderReleased.connect(self._set_calm)
        self.calm.actionTriggered.connect(lambda _a: None if self.calm.isSliderDown() else self._set_calm())
        box.addWidget(self.calm)
        row = QHBoxLayout()
        ends = [QLabel(tr("Follows closely")), QLabel(tr("Stays still"))]
        for end in ends:
            end.setObjectName("faint")
        row.addWidget(ends[0])
        row.addStretch(1)
        row.addWidget(ends[1])
        box.addLayout(row)

    # what it does

    def _set_shape(self, _index: int) -> None:
        shape, opened = self.shape.currentText(), self._ws.opened
        if shape == OWN and opened is not None:
            self.shape.setCurrentText(opened.entry.short.output.shape)
            now = opened.entry.short.output.shape
            shape, chosen = QInputDialog.getText(
                self.shape.window(), tr("Own shape"), tr("Width to height, such as 3:4"), text=now
            )
            if not chosen:
                return
        self._ws.edit(lambda s, _a: framing_edits.set_shape(s, shape))

    def _set_layout(self, _index: int) -> None:
        layout = self.layout.currentData()
        self._ws.edit(lambda s, _a: framing_edits.set_layout_of_all(s, layout))

    def _set_hold(self, seconds: float) -> None:
        opened = self._ws.opened
        if opened is not None and abs(opened.entry.short.framing.hold_s - seconds) > 0.01:
            self._ws.edit(lambda s, _a: framing_edits.set_hold(s, round(seconds, 1)))

    def _try_calm(self, place: int) -> None:
        opened = self._ws.opened
        if opened is not None:
            self._ws.trial.show(opened, lambda s: framing_edits.set_calm(s, place / 100), self._ws.selection.playhead)

    def _set_calm(self) -> None:
        value = self.calm.sliderPosition() / 100  # its value follows after a key
        self._ws.trial.end()
        self._ws.edit(lambda s, _a: framing_edits.set_calm(s, value))

    def _set_face(self, face: float, dragged: bool) -> None:
        opened = self._ws.opened
        if opened is not None and dragged:
            self._ws.trial.show(opened, lambda s: framing_edits.set_face_of_all(s, face), self._ws.selection.playhead)
        elif opened is not None:
            self._ws.edit(lambda s, _a: framing_edits.set_face_of_all(s, face))

    # what it shows

    def refresh(self, opened: Opened) -> None:
        short = opened.entry.short
        shape = short.output.shape
        if self.shape.findText(shape) < 0:  # one that a project brought along
            self.shape.insertItem(self.shape.count() - 1, shape)
        self.shape.setCurrentText(shape)
        self.layout.setCurrentIndex(max(0, self.layout.findData(short.framing.layout)))
        if not self.calm.isSliderDown():
            self.calm.setValue(round(short.framing.calm * 100))
        self.faces.show(short.framing.face)
        with QSignalBlocker(self.hold):
            self.hold.setValue(short.framing.hold_s)

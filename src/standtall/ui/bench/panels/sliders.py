"""A share that is dragged: what comes of it is seen at once, and kept when it is let go."""

from __future__ import annotations

from collections.abc import Callable

from PySide6.QtCore import QSignalBlocker, Qt
from PySide6.QtWidgets import QHBoxLayout, QLabel, QSlider

from standtall.ui.state.workspace import Workspace

STEPS = 100


class Slider:
    """A slider from one share to another, with its name and its value in percent, in one `row`; `does(value, dragged)` hears
    of each value, the one that counts last and not dragged."""

    def __init__(
        self, name: str, tip: str, ends: tuple[float, float], workspace: Workspace, does: Callable[[float, bool], None]
    ) -> None:
        self._low, self._high = ends
        self._does, self._ws = does, workspace
        self.row = QHBoxLayout()
        self.row.setSpacing(8)
        self._name, self._value = QLabel(name), QLabel()
        self._name.setMinimumWidth(78)
        self._value.setObjectName("faint")
        self._value.setFixedWidth(40)
        self._value.setAlignment(Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter)
        self.slider = QSlider(Qt.Orientation.Horizontal)
        self.slider.setRange(0, STEPS)
        self.slider.setAccessibleName(name)
        self.slider.setToolTip(tip)
        self.slider.sliderMoved.connect(lambda place: self._moved(place, dragged=True))
        self.slider.sliderReleased.connect(lambda: self._moved(self.slider.sliderPosition(), dragged=False))
        self.slider.actionTriggered.connect(self._stepped)
        for part, stretch in ((self._name, 0), (self.slider, 1), (self._value, 0)):
            self.row.addWidget(part, stretch)

    def show(self, value: float, enabled: bool = True) -> None:
        """Stand at a value; not while it is dragged."""
        for part in (self._name, self.slider, self._value):
            part.setVisible(enabled)
        if self.slider.isSliderDown():
            return
        with QSignalBlocker(self.slider):
            self.slider.setValue(round((value - self._low) / (self._high - self._low) * STEPS))
        self._told(value)

    def _told(self, value: float) -> None:
        self._value.setText(f"{value * 100:.0f} %")

    def _moved(self, place: int, dragged: bool) -> None:
        value = round(self._low + (self._high - self._low) * place / STEPS, 4)
        self._told(value)
        if not dragged:
            self._ws.trial.end()
        self._does(value, dragged)

    def _stepped(self, _action: int) -> None:
        if not self.slider.isSliderDown():  # by a key: its value follows after it
            self._moved(self.slider.sliderPosition(), dragged=False)

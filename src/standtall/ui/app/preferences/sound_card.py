"""Where sound is heard, and how late."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace

from PySide6.QtWidgets import QHBoxLayout, QLabel, QSpinBox, QVBoxLayout, QWidget

from standtall.base.interface_language import tr
from standtall.library.settings import Settings
from standtall.ui.app.preferences.choice_rows import choice, faint, grid_in, row
from standtall.ui.app.preferences.window_card import Change
from standtall.ui.app.tap_sheet import TapSheet
from standtall.ui.preview.clocks import output_devices
from standtall.ui.widgets.fields import button
from standtall.ui.widgets.tips import set_tip

InBackground = Callable[[Callable[[], tuple[str, ...]], Callable[[tuple[str, ...]], None]], None]


class SoundCard:
    """Fills a card; the devices are looked for in the background, since asking for them can take a while."""

    def __init__(self, box: QVBoxLayout, settings: Settings, change: Change, over: QWidget, in_background: InBackground) -> None:
        self._over, self._wanted = over, settings.sound_device
        grid = grid_in(box)
        entries = [(tr("As the system has it"), "")]
        if settings.sound_device:
            entries.append((settings.sound_device, settings.sound_device))
        self.device = choice(entries, settings.sound_device, lambda name: change(lambda s: replace(s, sound_device=str(name))))
        row(grid, tr("Sound is heard on"), self.device, tr("The device that sound is played on"))
        box.addWidget(
            faint(tr("Some devices, wireless ones above all, are heard later than they say. The picture waits for the sound."))
        )
        self.late = QSpinBox()
        self.late.setMinimumWidth(90)
        self.late.setRange(0, 500)
        self.late.setSuffix(" ms")
        self.late.setAccessibleName(tr("Delay of the sound"))
        set_tip(self.late, tr("The picture waits so long, so that both come together"))
        self.late.setValue(settings.sound_late_ms)
        self.late.valueChanged.connect(lambda ms: change(lambda s: replace(s, sound_late_ms=ms)))
        line = QHBoxLayout()
        line.addWidget(QLabel(tr("Sound is late by")))
        line.addWidget(self.late)
        line.addStretch(1)
        line.addWidget(button(tr("Find out…"), tr("Tap along with flashes, then with clicks"), self.find_delay))
        box.addLayout(line)
        in_background(output_devices, self._show_devices)

    def _show_devices(self, names: tuple[str, ...]) -> None:
        for name in names:
            if self.device.findData(name) < 0:
                self.device.addItem(name, name)

    def find_delay(self) -> None:
        self.tapping = TapSheet(self._over)
        self.tapping.found.connect(self.late.setValue)
        self.tapping.open()

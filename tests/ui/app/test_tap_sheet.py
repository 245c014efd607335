"""The delay of a sound device is found by a person who taps: on a simulated output of known delay, in simulated time."""

from __future__ import annotations

from typing import Any

import numpy as np
import pytest
from PySide6.QtCore import Qt
from pytestqt.qtbot import QtBot

from standtall.media.sound_reader import MIX_RATE
from standtall.ui.app.tap_sheet import TapSheet
from standtall.ui.app.window import MainWindow
from standtall.ui.preview import clocks
from tests.ui.driving import WAIT

SAID_S, BLOCK = 0.03, 480
PERIOD = 0.4
STEP_S = 0.005


class LateOutput:
    """A sound device that says of itself that it is 30 ms late, and is later than that; it keeps when each click is heard. Its
    time is its own: `go_on`."""

    latency = SAID_S

    def __init__(self, late_s: float) -> None:
        self._late = late_s
        self._fill: Any = None
        self._blocks, self._began, self._now = 0, 0.0, 0.0
        self.heard: list[float] = []

    def OutputStream(self, callback: Any, **_kind: Any) -> Any:
        self._fill, self._blocks, self._began = callback, 0, self._now
        return self

    def start(self) -> None:
        self.go_on(0.0)

    def stop(self) -> None:
        self._fill = None

    def close(self) -> None:
        assert self._fill is None

    def seconds(self) -> float:
        return self._now

    def go_on(self, seconds: float) -> None:
        """Let time go by; the blocks that are due meanwhile are asked for."""
        self._now += seconds
        while self._fill is not None and (asked := self._began + self._blocks * BLOCK / MIX_RATE) <= self._now:
            out = np.zeros((BLOCK, 2), np.float32)
            self._fill(out, BLOCK, None, None)
            self._blocks += 1
            at = asked + SAID_S + self._late
            if np.abs(out).max() > 0.1 and (not self.heard or at - self.heard[-1] > 0.1):
                self.heard.append(at)


@pytest.mark.parametrize("late_s", [0.0, 0.08])
def test_the_delay_of_an_output_is_found(qtbot: QtBot, late_s: float) -> None:
    device = LateOutput(late_s)
    parent = clocks_parent(qtbot)
    sheet = TapSheet(parent, device, PERIOD, device.seconds)
    qtbot.addWidget(sheet)
    sheet.show()
    found: list[int] = []
    sheet.found.connect(found.append)
    sheet.start()
    tap_along(qtbot, sheet, device)
    assert len(found) == 1, sheet.told.text()
    # A device is asked for a whole block at a time: no clock that counts blocks knows better than that.
    assert abs(found[0] / 1000 - late_s) <= BLOCK / MIX_RATE + STEP_S, found
    assert f"{found[0]} ms late" in sheet.told.text()


def tap_along(qtbot: QtBot, sheet: TapSheet, device: LateOutput) -> None:
    """Tap with each flash, then with each click that is heard."""
    seen, tapped = False, 0
    while sheet.round and device.seconds() < 60:
        device.go_on(STEP_S)
        sheet.tick()
        if sheet.round == "flashes" and sheet.flash.lit != seen:
            seen = sheet.flash.lit
            if seen:
                qtbot.keyClick(sheet, Qt.Key.Key_Space)
        elif sheet.round == "clicks" and len(device.heard) > tapped and device.seconds() >= device.heard[tapped]:
            tapped += 1
            qtbot.keyClick(sheet, Qt.Key.Key_Space)


def clocks_parent(qtbot: QtBot) -> Any:
    from PySide6.QtWidgets import QWidget

    parent = QWidget()
    qtbot.addWidget(parent)
    return parent


def test_who_does_not_tap_is_told_and_the_player_waits_as_long_as_was_found(qtbot: QtBot, window: MainWindow) -> None:
    device = LateOutput(0.0)
    sheet = TapSheet(window, device, 0.05)
    sheet.start()

    def over() -> bool:
        device.go_on(STEP_S)
        return not sheet.round

    qtbot.waitUntil(over, timeout=WAIT)  # flashes go by the wall's clock here, and the sheet's own timer sees to them
    assert "too few taps" in sheet.told.text() and sheet.begin.text() == "Try again"
    sheet.reject()
    window.show_preferences()
    sheet_of_all = window.preferences
    assert sheet_of_all is not None
    qtbot.waitUntil(lambda: sheet_of_all.is_whole, timeout=WAIT)
    sheet_of_all.sound.late.setValue(120)
    assert window.player.late_s == pytest.approx(0.12) and window.projects.settings.sound_late_ms == 120
    sheet_of_all.accept()
    track = np.zeros((2, MIX_RATE), np.float32)
    plain, late = clocks.SoundClock(track, LateOutput(0.0)), clocks.SoundClock(track, LateOutput(0.0), 0.12)
    for clock in (plain, late):
        clock.start(0.5, 1.0)
        clock.stop()
    assert 0.1 < plain.now() - late.now() < 0.16

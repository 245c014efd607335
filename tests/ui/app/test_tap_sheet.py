"""The delay of a sound device is found by a person who taps: on a simulated output of known delay, in real time."""

from __future__ import annotations

import threading
import time
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


class LateOutput:
    """A sound device that says of itself that it is 30 ms late, and is later than that; it keeps when each click is heard."""

    def __init__(self, late_s: float) -> None:
        self._late = late_s
        self.heard: list[float] = []

    def OutputStream(self, callback: Any, **_kind: Any) -> Any:
        return _Stream(callback, self._late, self.heard)


class _Stream:
    latency = SAID_S

    def __init__(self, callback: Any, late_s: float, heard: list[float]) -> None:
        self._callback, self._late, self._heard = callback, late_s, heard
        self._over = threading.Event()
        self._thread = threading.Thread(target=self._run, daemon=True)

    def start(self) -> None:
        self._thread.start()

    def _run(self) -> None:
        begun, blocks, last = time.monotonic(), 0, -1.0
        while not self._over.is_set():
            out = np.zeros((BLOCK, 2), np.float32)
            self._callback(out, BLOCK, None, None)
            at = begun + blocks * BLOCK / MIX_RATE + SAID_S + self._late
            if np.abs(out).max() > 0.1 and at - last > 0.1:
                self._heard.append(at)
                last = at
            blocks += 1
            time.sleep(max(0.0, begun + blocks * BLOCK / MIX_RATE - time.monotonic()))

    def stop(self) -> None:
        self._over.set()

    def close(self) -> None:
        self._thread.join(2)


@pytest.mark.parametrize("late_s", [0.0, 0.08])
def test_the_delay_of_an_output_is_found(qtbot: QtBot, late_s: float) -> None:
    device = LateOutput(late_s)
    parent = clocks_parent(qtbot)
    sheet = TapSheet(parent, device, PERIOD)
    qtbot.addWidget(sheet)
    sheet.show()
    found: list[int] = []
    sheet.found.connect(found.append)
    for _ in range(3):  # whoever misses some taps, as on a machine that was held up, begins anew
        device.heard.clear()
        sheet.start()
        tap_along(qtbot, sheet, device)
        if found:
            break
    assert len(found) == 1, sheet.told.text()
    assert abs(found[0] / 1000 - late_s) < 0.03, found
    assert f"{found[0]} ms late" in sheet.told.text()


def tap_along(qtbot: QtBot, sheet: TapSheet, device: LateOutput) -> None:
    """Tap with each flash, then with each click that is heard."""
    seen, tapped = False, 0
    until = time.monotonic() + 30
    while sheet.round and time.monotonic() < until:
        qtbot.wait(2)
        if sheet.round == "flashes" and sheet.flash.lit != seen:
            seen = sheet.flash.lit
            if seen:
                qtbot.keyClick(sheet, Qt.Key.Key_Space)
        elif sheet.round == "clicks" and len(device.heard) > tapped and time.monotonic() >= device.heard[tapped]:
            tapped += 1
            qtbot.keyClick(sheet, Qt.Key.Key_Space)


def clocks_parent(qtbot: QtBot) -> Any:
    from PySide6.QtWidgets import QWidget

    parent = QWidget()
    qtbot.addWidget(parent)
    return parent


def test_who_does_not_tap_is_told_and_the_player_waits_as_long_as_was_found(qtbot: QtBot, window: MainWindow) -> None:
    sheet = TapSheet(window, LateOutput(0.0), 0.05)
    sheet.start()
    qtbot.waitUntil(lambda: not sheet.round, timeout=WAIT)
    assert "too few taps" in sheet.told.text() and sheet.begin.text() == "Try again"
    sheet.reject()
    window.show_preferences()
    assert window.preferences is not None
    window.preferences.sound.late.setValue(120)
    assert window.player.late_s == pytest.approx(0.12) and window.projects.settings.sound_late_ms == 120
    window.preferences.accept()
    track = np.zeros((2, MIX_RATE), np.float32)
    plain, late = clocks.SoundClock(track, LateOutput(0.0)), clocks.SoundClock(track, LateOutput(0.0), 0.12)
    for clock in (plain, late):
        clock.start(0.5, 1.0)
        clock.stop()
    assert 0.1 < plain.now() - late.now() < 0.16

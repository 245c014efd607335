"""What is heard while two files are compared, on a stand-in for a sound device."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path

import numpy as np
import pytest
from PySide6.QtCore import Qt
from pytestqt.qtbot import QtBot

from standtall.base.errors import MediaError
from standtall.media.sound_reader import MIX_RATE
from standtall.session.sides import FileSide
from standtall.ui.app.window import MainWindow
from standtall.ui.renders import sides_sound
from standtall.ui.renders.side_by_side import SideBySideSheet
from tests.conftest import make_clip, tone
from tests.ui.driving import WAIT


class Device:
    """Plays as fast as a test asks for, and keeps what was played."""

    def __init__(self) -> None:
        self.streams: list[Device.Stream] = []
        device = self

        class Made(Device.Stream):
            def __init__(self, callback: Callable[..., None], **_kind: object) -> None:
                super().__init__(callback)
                device.streams.append(self)

        self.OutputStream = Made

    class Stream:
        latency = 0.0

        def __init__(self, callback: Callable[..., None]) -> None:
            self.callback, self.closed, self.heard = callback, False, np.zeros((0, 2), np.float32)

        def start(self) -> None:
            self.closed = False

        def play(self, seconds: float) -> None:
            out = np.zeros((round(seconds * MIX_RATE), 2), np.float32)
            self.callback(out, len(out), None, None)
            self.heard = np.concatenate([self.heard, out])

        def stop(self) -> None:
            self.closed = True

        close = stop


@pytest.fixture
def device(monkeypatch: pytest.MonkeyPatch) -> Device:
    made = Device()
    monkeypatch.setattr(sides_sound, "sound_device", lambda: made)
    return made


@pytest.fixture
def sheet(qtbot: QtBot, window: MainWindow, tmp_path: Path) -> SideBySideSheet:
    files = {
        "loud": make_clip(tmp_path / "a.mp4", frames=60, sound=tone(2.0)),
        "silent": make_clip(tmp_path / "b.mp4", frames=60),
    }
    made = SideBySideSheet(window.workspace, files, window)
    made.show()
    qtbot.waitUntil(lambda: not made.picture.images[0].isNull(), timeout=WAIT)
    return made


def test_the_sound_of_one_side_is_heard_and_both_pictures_follow_it(qtbot: QtBot, sheet: SideBySideSheet, device: Device) -> None:
    qtbot.keyClick(sheet, Qt.Key.Key_Space)
    qtbot.waitUntil(lambda: len(device.streams) == 1 and sheet._timer.isActive(), timeout=WAIT)
    device.streams[0].play(0.5)
    qtbot.waitUntil(lambda: sheet.moment.value() == 500, timeout=WAIT)
    assert np.abs(device.streams[0].heard).max() > 0.05, "the sound of the left file"
    assert sheet.silent.isHidden()
    sheet.hear.setCurrentIndex(1)  # the right one has none
    qtbot.waitUntil(lambda: device.streams[0].closed, timeout=WAIT)
    qtbot.waitUntil(lambda: "no sound" in sheet.silent.text(), timeout=WAIT)
    qtbot.waitUntil(lambda: sheet.moment.value() > 520, timeout=WAIT)
    assert len(device.streams) == 1, "nothing is played, and time goes on"
    sheet.close()


def test_moving_the_time_by_hand_stops_it_and_so_does_the_end(qtbot: QtBot, sheet: SideBySideSheet, device: Device) -> None:
    sheet.play.click()
    qtbot.waitUntil(lambda: len(device.streams) == 1 and sheet._timer.isActive(), timeout=WAIT)
    sheet.moment.triggerAction(sheet.moment.SliderAction.SliderPageStepAdd)
    assert sheet.play.text() == "Play"
    qtbot.waitUntil(lambda: device.streams[0].closed, timeout=WAIT)
    sheet.play.click()
    qtbot.waitUntil(lambda: len(device.streams) == 2 and sheet._timer.isActive(), timeout=WAIT)
    device.streams[1].play(3.0)
    qtbot.waitUntil(lambda: sheet.play.text() == "Play", timeout=WAIT)
    assert sheet.moment.value() == sheet.moment.maximum()
    sheet.close()


def test_what_comes_too_late_is_not_played(qtbot: QtBot, sheet: SideBySideSheet, device: Device) -> None:
    sheet.toggle()
    sheet.toggle()
    qtbot.waitUntil(lambda: len(device.streams) == 1 and device.streams[0].closed, timeout=WAIT)
    assert sheet.play.text() == "Play" and not sheet._timer.isActive()
    sheet.close()


def test_a_sound_that_cannot_be_read_is_told_and_nothing_plays(
    qtbot: QtBot, window: MainWindow, sheet: SideBySideSheet, device: Device, monkeypatch: pytest.MonkeyPatch
) -> None:
    def broken(_side: object) -> None:
        raise MediaError("The sound is damaged.", "Render it again.")

    monkeypatch.setattr(FileSide, "sound", broken)
    with qtbot.waitSignal(window.workspace.said, timeout=WAIT) as said:
        sheet.play.click()
    assert "damaged" in said.args[0]
    qtbot.waitUntil(lambda: sheet.play.text() == "Play", timeout=WAIT)
    assert device.streams == [] and not sheet._timer.isActive()
    sheet.close()

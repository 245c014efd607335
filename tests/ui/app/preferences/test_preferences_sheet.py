"""Preferences hold at once, or from the next start on where they say so."""

from __future__ import annotations

import os
from collections.abc import Iterator
from dataclasses import replace

import pytest
from PySide6.QtWidgets import QAbstractButton, QApplication, QComboBox
from pytestqt.qtbot import QtBot

from standtall.base.folders import cache_folder
from standtall.base.interface_language import VARIABLE, wished
from standtall.jobs import helpers
from standtall.library import settings
from standtall.library.kept import sizes
from standtall.session.render_many import PATTERN
from standtall.ui.app.preferences.preferences_sheet import PreferencesSheet
from standtall.ui.app.preferences.taking_effect import set_motion
from standtall.ui.app.window import MainWindow
from standtall.ui.bench.panels.captions.gallery import LookSample
from standtall.ui.preview import clocks
from standtall.ui.widgets import dressing, theme
from tests.ui.driving import WAIT


@pytest.fixture
def sheet(qtbot: QtBot, window: MainWindow, qapp: QApplication) -> Iterator[PreferencesSheet]:
    before = dict(os.environ)
    window.show_preferences()
    assert window.preferences is not None
    made = window.preferences
    qtbot.waitUntil(lambda: made.is_whole, timeout=WAIT)
    yield window.preferences
    window.preferences.close()
    window._preferred(lambda _s: settings.Settings(walked=True))
    window.use_theme("light")
    set_motion(qapp, False)
    for name in (helpers.CORES, helpers.MEMORY_GB):
        assert name not in os.environ or name in before


def pick(choice: QComboBox, value: object) -> None:
    """As somebody who chooses with the mouse."""
    choice.setCurrentIndex(choice.findData(value))
    choice.activated.emit(choice.currentIndex())


def kept(qtbot: QtBot, **expected: object) -> None:
    qtbot.waitUntil(lambda: all(getattr(settings.load()[0], k) == v for k, v in expected.items()), timeout=WAIT)


def test_theme_size_language_and_what_is_kept(
    qtbot: QtBot, window: MainWindow, sheet: PreferencesSheet, monkeypatch: pytest.MonkeyPatch
) -> None:
    folder = cache_folder() / "analysis" / ("a" * 24)
    folder.mkdir(parents=True, exist_ok=True)
    (folder / "proxy.mp4").write_bytes(b"x" * 3_000_000)
    sheet.measure()
    qtbot.waitUntil(lambda: sheet.kept["copies"].text() == "3 MB", timeout=WAIT)
    sheet.free("copies")
    qtbot.waitUntil(lambda: sheet.kept["copies"].text() == "0 MB", timeout=WAIT)
    assert sizes()["analysis"] > 0 and not (folder / "proxy.mp4").exists()
    assert sheet.look.later.isHidden()
    pick(sheet.look.theme, "dark")
    assert theme.current() is theme.DARK
    pick(sheet.look.scale, 125)
    pick(sheet.look.language, "es")
    assert not sheet.look.later.isHidden()
    assert [sheet.look.language.itemText(n)[:7] for n in range(1, 4)] == ["English", "Deutsch", "Español"]
    kept(qtbot, theme="dark", scale=125, language="es")
    monkeypatch.delenv(VARIABLE)
    assert wished() == "es"
    assert not window.anew and not sheet.look.anew.isHidden()
    sheet.look.anew.click()
    assert window.anew and not window.isVisible(), "whoever runs it begins it anew"
    window.use_theme("system")
    assert theme.current() in (theme.LIGHT, theme.DARK)
    window.follow_desktop()


def test_new_footage_begins_with_the_usual_brief(qtbot: QtBot, window: MainWindow, sheet: PreferencesSheet) -> None:
    pick(sheet.brief.language, "de")
    pick(sheet.brief.content, "screen")
    pick(sheet.brief.look, "chalk")
    sheet.brief.most.setValue(45)
    ws = window.workspace
    old = ws.sources[0]
    new = replace(old, path="/elsewhere/new.mp4", key="f" * 24)
    ws.add_source(new)
    ws.add_source(old)
    qtbot.waitUntil(lambda: any(s.key == new.key for s in ws.sources), timeout=WAIT)
    brief = ws.brief_of(new)
    assert (brief.language, brief.content, brief.look, brief.most_s) == ("de", "screen", "chalk", 45)
    assert ws.brief_of(old).language == "en"


def test_files_are_named_by_the_pattern(qtbot: QtBot, window: MainWindow, sheet: PreferencesSheet) -> None:
    assert sheet.files.example.text() == "What worms do 9x16 en.mp4"
    sheet.files.pattern.setText("{number} {nome}")
    assert "no {nome}" in sheet.files.example.text()
    assert window.renders.asking.pattern.text() == PATTERN
    sheet.files.pattern.setText("{number} {name}")
    assert sheet.files.example.text() == "01 What worms do.mp4"
    assert window.renders.asking.pattern.text() == "{number} {name}"
    kept(qtbot, name_pattern="{number} {name}")
    sheet.files.pattern.setText(PATTERN)
    kept(qtbot, name_pattern="")


def test_work_keeps_to_the_cores_and_the_memory(
    qtbot: QtBot, sheet: PreferencesSheet, monkeypatch: pytest.MonkeyPatch
) -> None:
    monkeypatch.setattr(helpers, "cores_here", lambda: 8)
    pick(sheet.machine.cores, 1) if sheet.machine.cores.findData(1) >= 0 else monkeypatch.setenv(helpers.CORES, "1")
    assert helpers.usual_count() == 1
    monkeypatch.setenv(helpers.CORES, "4")
    sheet.machine.memory.setValue(2)
    monkeypatch.setenv(helpers.CORES, "4")
    assert os.environ[helpers.MEMORY_GB] == "2" and helpers.usual_count() <= 2
    sheet.machine.memory.setValue(0)
    assert helpers.MEMORY_GB not in os.environ
    kept(qtbot, memory_gb=0)
    for odd in ("none", "-3", "0", "99999999"):
        monkeypatch.setenv(helpers.CORES, odd)
        assert 1 <= helpers.usual_count() <= 8


def test_the_screen_stays_on_while_work_goes_on_if_that_is_wished(
    qtbot: QtBot, window: MainWindow, sheet: PreferencesSheet
) -> None:
    asked: list[tuple[bool, bool]] = []
    window.tending.desktop.keep_awake = lambda awake, screen=False, why="": asked.append((awake, screen))  # type: ignore[method-assign]
    sheet.machine.screen.setChecked(True)
    kept(qtbot, screen_on=True)
    assert asked == [], "nothing goes on"
    window.tending._awake = True
    sheet.machine.screen.setChecked(False)
    qtbot.waitUntil(lambda: asked == [(True, False)], timeout=WAIT)
    kept(qtbot, screen_on=False)
    window.tending._awake = False


def test_the_preview_shows_fewer_frames(qtbot: QtBot, window: MainWindow, sheet: PreferencesSheet) -> None:
    pick(sheet.machine.preview, 10)
    assert window.player.most_fps == 10
    seen: list[int] = []
    window.player.shown.connect(lambda shown: seen.append(shown.frame))
    sheet.close()
    window.playback.toggle()
    qtbot.waitUntil(lambda: len(set(seen)) > 4, timeout=WAIT)
    window.playback.toggle()
    step = round(float(window.workspace.opened.composition.fps) / 10)  # type: ignore[union-attr]
    assert all(n % step == 0 for n in seen[1:-1])


def test_sound_is_heard_on_the_chosen_device(qtbot: QtBot, sheet: PreferencesSheet, monkeypatch: pytest.MonkeyPatch) -> None:
    class Library:
        class default:
            device: object = None

        @staticmethod
        def query_devices(kind: str = "") -> object:
            return [{"name": "Desk", "max_output_channels": 2}, {"name": "Microphone", "max_output_channels": 0}]

    monkeypatch.setitem(__import__("sys").modules, "sounddevice", Library)
    assert clocks.output_devices() == ("Desk",)
    sheet.sound._show_devices(("Desk", "Desk"))
    assert sheet.sound.device.count() == 2
    pick(sheet.sound.device, "Desk")
    assert clocks.sound_device() is Library and Library.default.device == (None, "Desk")
    kept(qtbot, sound_device="Desk")
    Library.default.device = None
    clocks.choose_device("gone")
    assert clocks.sound_device() is Library and Library.default.device is None
    clocks.choose_device("")


def test_large_targets_are_44_pixels_high(qtbot: QtBot, window: MainWindow, sheet: PreferencesSheet) -> None:
    """WCAG 2.2, 2.5.5 Target Size (Enhanced): 44 by 44 CSS pixels; marks inside a picture or a line of text are let out there, too."""
    sheet.look.targets.setChecked(True)
    sheet.close()
    low = []
    for place in window.all_places:
        window.go(place.name)
        qtbot.wait(80)
        qtbot.waitUntil(lambda: not dressing._dresser()._waiting, timeout=WAIT)
        low += [
            (place.name, type(b).__name__, b.objectName(), b.text() or b.accessibleName(), b.height())
            for b in place.widget.findChildren(QAbstractButton)
            if b.isVisible() and b.height() < 44
        ]
    assert low == []
    window._preferred(lambda s: replace(s, large_targets=False))
    window.go("bench")
    buttons = window.bench.findChildren(QAbstractButton)
    qtbot.waitUntil(lambda: min(b.height() for b in buttons if b.isVisible()) < 44, timeout=WAIT)


def test_with_less_motion_looks_move_only_under_the_pointer(qtbot: QtBot, window: MainWindow, sheet: PreferencesSheet) -> None:
    application = QApplication.instance()
    assert isinstance(application, QApplication)
    window.bench.inspector.show_panel("captions")
    gallery = window.bench.inspector.captions.gallery
    moved: list[object] = []
    for sample in gallery.samples:
        sample.show_picture = lambda p, s=sample: (moved.append(s), LookSample.show_picture(s, p))[0]  # type: ignore[method-assign, misc]
    sheet.close()
    gallery._timer.stop()
    qtbot.waitUntil(lambda: not gallery.samples[1].visibleRegion().isEmpty() and not gallery._busy, timeout=WAIT)
    gallery._beside = lambda work, then, _failed: then(work())  # type: ignore[method-assign]
    moved.clear()
    gallery._step()
    assert len(moved) > 1
    window._preferred(lambda s: replace(s, motion="less"))
    moved.clear()
    gallery._step()
    assert moved == [] and application.cursorFlashTime() == 0
    window.activateWindow()
    gallery.samples[0].setFocus()
    qtbot.waitUntil(gallery.samples[0].hasFocus, timeout=WAIT)
    moved.clear()
    gallery._step()
    assert moved == [gallery.samples[0]]
    window._preferred(lambda s: replace(s, motion="all"))
    assert application.cursorFlashTime() > 0

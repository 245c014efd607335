"""The real window, driven offscreen through its own widgets on the demo."""

from __future__ import annotations

import time
from collections.abc import Callable
from pathlib import Path

import numpy as np
import pytest
from PySide6.QtCore import QPoint, Qt, QTimer
from PySide6.QtWidgets import QAbstractButton
from pytestqt.qtbot import QtBot

from standtall.base.time import TICKS_PER_SECOND
from standtall.cutting.cut_points import CLOSE
from standtall.library.project import Project
from standtall.media.probe import probe
from standtall.model.framing import PersonTarget
from standtall.session.analyse import Options
from standtall.ui.app.window import MainWindow
from standtall.ui.preview import clocks
from standtall.ui.preview.clocks import SoundClock
from standtall.ui.widgets import theme
from tests.conftest import make_clip, tone
from tests.ui.driving import WAIT, Shown, edited, short_of, word_point


def test_words_are_chosen_by_dragging_and_made_the_short(qtbot: QtBot, window: MainWindow) -> None:
    view = window.bench.page.viewport()
    first = word_point(window, 40)
    qtbot.mousePress(view, Qt.MouseButton.LeftButton, pos=first)
    qtbot.mouseMove(view, word_point(window, 52))
    qtbot.mouseRelease(view, Qt.MouseButton.LeftButton, pos=word_point(window, 52))
    assert window.workspace.selection.words == range(40, 53)
    edited(qtbot, window, lambda: qtbot.keyClick(window, Qt.Key.Key_Return))
    words = window.workspace.opened.analysis.words  # type: ignore[union-attr]
    (segment,) = short_of(window).segments
    assert words[39].end - CLOSE <= segment.start <= words[40].start
    assert words[52].end <= segment.end <= words[53].start + CLOSE


def test_words_are_cut_and_brought_back_and_every_step_is_on_disk(qtbot: QtBot, window: MainWindow) -> None:
    before = short_of(window)
    window.workspace.selection.select(range(8, 11))
    edited(qtbot, window, lambda: qtbot.keyClick(window, Qt.Key.Key_Delete))
    assert len(short_of(window).segments) == 2
    path = window.workspace.project_path
    assert path is not None
    with Project(path, "read") as other:
        assert other.entry(1).short == short_of(window)
    edited(qtbot, window, lambda: qtbot.keyClick(window, Qt.Key.Key_B))
    assert short_of(window) == before
    edited(qtbot, window, lambda: qtbot.keyClick(window, Qt.Key.Key_Z, Qt.KeyboardModifier.ControlModifier))
    assert len(short_of(window).segments) == 2
    assert "Cut 3 words" in window.bench._undo.toolTip()
    edited(qtbot, window, lambda: window.bench._redo.click())
    assert short_of(window) == before


def test_the_crop_is_dragged_on_the_wide_picture_and_in_the_lane(qtbot: QtBot, window: MainWindow) -> None:
    opened = window.workspace.opened
    assert opened is not None
    was = opened.camera.at(window.workspace.selection.playhead).crop
    wide = window.bench.wide
    place = wide._on(was)
    start = place.center().toPoint()
    qtbot.mousePress(wide, Qt.MouseButton.LeftButton, pos=start)
    qtbot.mouseMove(wide, start + QPoint(40, 0))
    edited(qtbot, window, lambda: qtbot.mouseRelease(wide, Qt.MouseButton.LeftButton, pos=start + QPoint(40, 0)))
    now = window.workspace.opened.camera.at(window.workspace.selection.playhead).crop  # type: ignore[union-attr]
    assert now.cx == pytest.approx(was.cx + 40 / wide.width(), abs=0.01)
    assert window.bench.inspector.framing.shot._why.text() == "Set by hand."
    script = window.bench.page
    script.verticalScrollBar().setValue(0)
    lane = script._lane()
    page = script.page
    assert page is not None
    spot = QPoint(int(lane.at(now.cx)), int(page.y(window.workspace.selection.playhead)) + 4)
    qtbot.mousePress(script.viewport(), Qt.MouseButton.LeftButton, pos=spot)
    qtbot.mouseMove(script.viewport(), spot - QPoint(20, 0))
    edited(qtbot, window, lambda: qtbot.mouseRelease(script.viewport(), Qt.MouseButton.LeftButton, pos=spot - QPoint(20, 0)))
    moved = window.workspace.opened.camera.at(window.workspace.selection.playhead).crop  # type: ignore[union-attr]
    assert moved.cx == pytest.approx(now.cx - 20 / lane.w, abs=0.01)
    edited(qtbot, window, lambda: window.bench.inspector.framing.shot._auto.click())
    assert short_of(window).framing.shots == ()


def test_a_person_is_followed_and_a_look_chosen(qtbot: QtBot, window: MainWindow) -> None:
    inspector = window.bench.inspector
    button = next(b for b in inspector.findChildren(QAbstractButton) if b.text() == "Speaker 1")
    edited(qtbot, window, button.click)
    assert [s.target for s in short_of(window).framing.shots] == [PersonTarget(0)]
    assert "as you chose" in inspector.framing.shot._why.text()
    marker = next(b for b in inspector.captions.gallery.samples if b.look.name == "lantern")
    inspector.show_panel("captions")
    edited(qtbot, window, marker.click)
    assert short_of(window).captions.look == "lantern"
    edited(qtbot, window, lambda: qtbot.keyClick(window, Qt.Key.Key_C))
    assert not short_of(window).captions.shown


def test_in_and_out_at_the_playhead(qtbot: QtBot, window: MainWindow) -> None:
    window.workspace.selection.seek(3 * TICKS_PER_SECOND)
    edited(qtbot, window, lambda: qtbot.keyClick(window, Qt.Key.Key_I))
    window.workspace.selection.seek(9 * TICKS_PER_SECOND)
    edited(qtbot, window, lambda: qtbot.keyClick(window, Qt.Key.Key_O))
    assert [(s.start, s.end) for s in short_of(window).segments] == [(3 * TICKS_PER_SECOND, 9 * TICKS_PER_SECOND)]
    assert window.bench.gauge.toolTip().startswith("0:06.0")


def test_playing_moves_the_playhead_in_real_time(qtbot: QtBot, window: MainWindow) -> None:
    began, at = time.monotonic(), window.workspace.selection.playhead
    qtbot.keyClick(window, Qt.Key.Key_Space)
    qtbot.waitUntil(lambda: window.workspace.selection.playhead > at + TICKS_PER_SECOND, timeout=WAIT)
    took = time.monotonic() - began
    qtbot.keyClick(window, Qt.Key.Key_K)
    assert took > 0.7
    assert window.player.speed == 0
    frame = window.player.frame
    shown = Shown(window.player)
    qtbot.keyClick(window, Qt.Key.Key_Right)
    shown.wait(qtbot, frame + 1)
    qtbot.keyClick(window, Qt.Key.Key_L)
    qtbot.keyClick(window, Qt.Key.Key_L)
    assert window.player.speed == 2.0
    qtbot.keyClick(window, Qt.Key.Key_J)
    assert window.player.speed == -1.0
    window.player.pause()


def test_the_sound_clock_counts_samples_played() -> None:
    class Stream:
        latency = 0.02

        def __init__(self, callback: Callable[..., None], **_: object) -> None:
            self.callback = callback
            self.closed = False

        def start(self) -> None:
            self.out = np.ones((4_800, 2), np.float32)
            self.callback(self.out, 4_800, None, None)

        def stop(self) -> None:
            self.closed = True

        close = stop

    class Device:
        OutputStream = Stream

    samples = tone(1.0)
    clock = SoundClock(samples, Device)
    clock.start(0.95, 1.0)
    assert clock.now() == pytest.approx(0.95 + 0.1 - 0.02)
    out = clock._stream.out
    np.testing.assert_array_equal(out[:2_400], samples[:, 45_600:].T)
    assert not out[2_400:].any(), "silence after the end"
    stream = clock._stream
    clock.stop()
    assert stream.closed


def test_rendering_from_the_window(qtbot: QtBot, window: MainWindow, tmp_path: Path) -> None:
    window.workspace.selection.select(range(6))
    edited(qtbot, window, window.bench.inspector.chosen.use_only)
    window.preview_pane.rendering.folder = tmp_path
    with qtbot.waitSignal(window.preview_pane.rendering.finished, timeout=WAIT) as done:
        qtbot.keyClick(window, Qt.Key.Key_R, Qt.KeyboardModifier.ControlModifier)
        assert window.preview_pane.rendering.currentIndex() == 1
    made = probe(done.args[0])
    assert (made.width, made.height) == (1080, 1920)
    assert window.preview_pane.rendering.currentIndex() == 2


def test_a_cancelled_render_says_so_and_leaves_nothing(qtbot: QtBot, window: MainWindow, tmp_path: Path) -> None:
    window.preview_pane.rendering.folder = tmp_path / "out"
    window.preview_pane.rendering.start()
    qtbot.waitUntil(lambda: "Rendering" in window.preview_pane.rendering._stage.text(), timeout=WAIT)
    with qtbot.waitSignal(window.workspace.said, timeout=WAIT):
        window.preview_pane.rendering._cancel.click()
    assert window.preview_pane.rendering.currentIndex() == 0
    assert list((tmp_path / "out").iterdir()) == []


def test_footage_is_added_analysed_and_opened(
    qtbot: QtBot, window: MainWindow, tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    captions = tmp_path / "c.srt"
    captions.write_text("1\n00:00:00,200 --> 00:00:01,800\nSome made up words.\n")
    clip = make_clip(tmp_path / "mine.mp4", sound=tone(2.0))
    monkeypatch.setattr(window.workspace, "options_of", lambda _source: Options(captions=captions))
    bad = tmp_path / "bad.mp4"
    bad.write_bytes(b"no movie")
    with qtbot.waitSignal(window.workspace.said, timeout=WAIT, check_params_cb=lambda _t, kind: kind == "error"):
        window.footage.add([bad])
    with qtbot.waitSignal(window.workspace.said, timeout=WAIT, check_params_cb=lambda text, _k: "mine is ready" in text):
        window.footage.add([clip])
    card = window.footage._cards[probe(clip).key]
    assert card._state.text().startswith("Ready: 4 words")
    assert not card._open.isHidden()


def test_the_window_never_stalls_while_it_works(qtbot: QtBot, window: MainWindow, tmp_path: Path) -> None:
    """What the interface thread itself computes between two turns of its event loop: time of the processor, which a busy machine
    does not lengthen. The longest stall by the clock is measured in bench/."""
    turns: list[float] = []
    last = [time.thread_time()]

    def tick() -> None:
        now = time.thread_time()
        turns.append(now - last[0])
        last[0] = now

    watch = QTimer()
    watch.timeout.connect(tick)
    window.preview_pane.rendering.folder = tmp_path
    window.preview_pane.rendering.start()
    watch.start(5)
    last[0] = time.thread_time()
    window.player.play()
    window.workspace.selection.select(range(20, 24))
    edited(qtbot, window, window.bench.inspector.chosen.cut)
    qtbot.waitUntil(lambda: len(turns) > 500, timeout=WAIT)
    watch.stop()
    assert window.preview_pane.rendering.running
    window.player.pause()
    window.preview_pane.rendering.cancel()
    qtbot.waitUntil(lambda: not window.preview_pane.rendering.running, timeout=WAIT)
    assert np.percentile(turns, 95) < 0.05
    assert max(turns) < 0.5


def test_every_control_has_a_name_and_every_key_works_once(window: MainWindow) -> None:
    for button in window.findChildren(QAbstractButton):
        if button.isVisible() and button.objectName() != "qt_toolbar_ext_button":
            assert button.text() or button.accessibleName(), button
            assert button.toolTip() or button.text(), button
    (_all, everywhere), *places = window.shortcuts.groups
    far = [a for _title, actions in places for a in actions if a.where != "place"]
    for _title, actions in places:  # what holds in one place alone may have the key of another place
        keys = [k for a in {a.name: a for a in (*everywhere, *far, *actions)}.values() for k in a.keys]
        assert len(keys) == len(set(keys))


def contrast(a: str, b: str) -> float:
    def luminance(colour: str) -> float:
        parts = [int(colour[i : i + 2], 16) / 255 for i in (1, 3, 5)]
        r, g, bl = (c / 12.92 if c <= 0.04045 else ((c + 0.055) / 1.055) ** 2.4 for c in parts)
        return 0.2126 * r + 0.7152 * g + 0.0722 * bl

    high, low = sorted((luminance(a), luminance(b)), reverse=True)
    return (high + 0.05) / (low + 0.05)


@pytest.mark.parametrize("look", [theme.LIGHT, theme.DARK], ids=lambda t: t.name)
def test_text_has_contrast(look: theme.Theme) -> None:
    """WCAG 2.2, success criterion 1.4.3: 4.5:1."""
    pairs = [(look.text, look.ground), (look.text, look.raised), (look.faint, look.ground), (look.faint, look.raised),
             (look.ink, look.paper), (look.pale_ink, look.paper), (look.struck_ink, look.paper), (look.ink, look.chosen),
             (theme.ON_NOW, theme.NOW), ("#d9d3c7", theme.WELL)]  # fmt: skip
    for front, back in pairs:
        assert contrast(front, back) >= 4.5, (front, back)
    for around in (look.ground, look.raised):
        assert contrast(look.edge, around) >= 3, "fields are seen (success criterion 1.4.11)"


def test_one_of_the_two_rings_on_pictures_is_seen_on_any_colour() -> None:
    """WCAG 2.2, technique C40: two colours with 9:1 between them."""
    pale, dark = theme.DARK.focus, theme.WELL
    assert contrast(pale, dark) >= 9
    for ground in (f"#{r:02x}{g:02x}{b:02x}" for r in range(0, 256, 51) for g in range(0, 256, 51) for b in range(0, 256, 51)):
        assert max(contrast(pale, ground), contrast(dark, ground)) >= 3, ground


def test_a_machine_without_sound_plays_by_the_wall_clock(monkeypatch: pytest.MonkeyPatch) -> None:
    import sys

    monkeypatch.setitem(sys.modules, "sounddevice", None)
    assert clocks.sound_device() is None


def test_the_panel_is_given_more_room_by_drag_and_keeps_it(qtbot: QtBot, window: MainWindow) -> None:
    bench = window.bench
    words, panel = bench.split.sizes()
    bench.split.moveSplitter(words - 60, 1)
    assert bench.split.sizes()[1] > panel or bench.split.sizes()[0] == 408
    share = window.projects.settings.panel_share
    assert share > 0 and share == pytest.approx(bench.split.sizes()[1] / sum(bench.split.sizes()))
    window.resize(1500, 900)
    qtbot.waitUntil(lambda: sum(bench.split.sizes()) > words + panel, timeout=WAIT)
    assert bench.split.sizes()[1] / sum(bench.split.sizes()) == pytest.approx(share, abs=0.01)
    bench.split.moveSplitter(5_000, 1)
    assert bench.split.sizes()[1] >= 292, "no panel is gone"


def test_the_tall_pane_is_made_narrower_by_drag_and_by_keys_and_keeps_it(qtbot: QtBot, window: MainWindow) -> None:
    edge, pane = window.pane_edge, window.preview_pane
    fitting = pane.width()
    middle = edge.rect().center()
    qtbot.mousePress(edge, Qt.MouseButton.LeftButton, pos=middle)
    qtbot.mouseMove(edge, middle + QPoint(40, 0))
    qtbot.mouseRelease(edge, Qt.MouseButton.LeftButton, pos=middle)
    dragged = pane.width()
    assert dragged < fitting
    assert window.projects.settings.pane_width == dragged
    edge.setFocus()
    qtbot.keyClick(edge, Qt.Key.Key_Right)
    assert pane.width() == dragged - 16
    window.resize(1300, 820)
    assert pane.width() == dragged - 16, "it stays so"
    for _ in range(30):
        qtbot.keyClick(edge, Qt.Key.Key_Right)
    assert pane.width() == 208, "no narrower than its buttons"
    qtbot.mouseDClick(edge, Qt.MouseButton.LeftButton)
    assert window.projects.settings.pane_width == 0
    assert abs(pane.width() - fitting) < 40, "as wide as its picture again"

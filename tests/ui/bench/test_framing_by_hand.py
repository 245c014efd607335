"""Framing by hand in the real window: on the pictures, and in the cards of the panel."""

from __future__ import annotations

import re
from collections.abc import Callable
from pathlib import Path

import pytest
from PySide6.QtCore import QEvent, QPoint, QPointF, Qt
from PySide6.QtGui import QImage, QMouseEvent, QWheelEvent
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QAbstractButton, QApplication, QDoubleSpinBox, QInputDialog, QWidget
from pytestqt.qtbot import QtBot

from standtall.base.geometry import Rect
from standtall.base.time import TICKS_PER_SECOND
from standtall.compose.composition import Composition
from standtall.jobs.events import BoxFollowed, Ended, Progressed
from standtall.jobs.requests import FollowBoxRequest, MeasureShakeRequest
from standtall.library.cache import AnalysisCache
from standtall.model import framing_edits, keyframe_edits
from standtall.model.framing import BoxAt, BoxTarget
from standtall.model.people import Shake
from standtall.ui.app.window import MainWindow
from tests.ui.bench.test_framing_panel import layout_at, panel_of
from tests.ui.driving import WAIT, Shown, Work, edited, short_of

S = TICKS_PER_SECOND


def drag(widget: QWidget, start: QPointF, end: QPointF, before_the_end: Callable[[], None] = lambda: None) -> None:
    """A drag with the left button, as a hand does it."""
    steps = 4
    QTest.mousePress(widget, Qt.MouseButton.LeftButton, pos=start.toPoint())
    for n in range(1, steps + 1):
        at = start + (end - start) * (n / steps)
        moved = QMouseEvent(QEvent.Type.MouseMove, at, widget.mapToGlobal(at), Qt.MouseButton.NoButton,
                            Qt.MouseButton.LeftButton, Qt.KeyboardModifier.NoModifier)  # fmt: skip
        QApplication.sendEvent(widget, moved)
    before_the_end()
    QTest.mouseRelease(widget, Qt.MouseButton.LeftButton, pos=end.toPoint())


def go_to(qtbot: QtBot, window: MainWindow, second: float) -> None:
    """Move the playhead, and wait until its picture is on show in both views."""
    tick = round(second * S)
    shown = Shown(window.player)
    window.workspace.selection.seek(tick)
    qtbot.waitUntil(lambda: any(abs(p.heard.tick - tick) < 4_000 for p in shown.pictures), timeout=WAIT)


def crop_at(window: MainWindow, second: float) -> Rect:
    opened = window.workspace.opened
    assert opened is not None
    return opened.camera.at(round(second * S)).crop


def test_the_crop_is_dragged_on_the_wide_picture_and_seen_before_it_is_let_go(qtbot: QtBot, window: MainWindow) -> None:
    go_to(qtbot, window, 16)
    wide, trial = window.bench.wide, window.workspace.trial
    tried: list[Composition] = []
    trial.changed.connect(tried.append)
    before = crop_at(window, 16)
    middle = wide._on(before).center()

    def seen() -> None:
        qtbot.waitUntil(
            lambda: bool(tried) and abs(tried[-1].footage[key].camera.at(16 * S).crop.cx - there) < 0.004, timeout=WAIT
        )
        assert trial.camera is not None

    key, there = window.workspace.opened.source.key, before.cx + 40 / wide._box().width()  # type: ignore[union-attr]
    edited(qtbot, window, lambda: drag(wide, middle, middle + QPointF(40, 0), seen))
    moved = crop_at(window, 16)
    assert abs(moved.cx - before.cx - 40 / wide._box().width()) < 0.01
    assert trial.camera is None
    edited(qtbot, window, lambda: qtbot.keyClick(window, Qt.Key.Key_Z, Qt.KeyboardModifier.ControlModifier))
    assert crop_at(window, 16) == before, "one step back"


def test_the_crop_is_sized_by_its_corner_and_moved_by_pixels(qtbot: QtBot, window: MainWindow) -> None:
    go_to(qtbot, window, 16)
    wide = window.bench.wide
    before = crop_at(window, 16)
    rect = wide._on(before)
    edited(qtbot, window, lambda: drag(wide, rect.topLeft() + QPointF(1, 1), rect.topLeft() + QPointF(rect.width() * 0.15, 30)))
    smaller = crop_at(window, 16)
    assert smaller.h < 0.95 * before.h
    assert abs(smaller.cx - before.cx) < 0.01
    wide.setFocus()
    source = window.workspace.opened.source  # type: ignore[union-attr]
    keys = Qt.KeyboardModifier.ControlModifier | Qt.KeyboardModifier.AltModifier
    edited(qtbot, window, lambda: qtbot.keyClick(wide, Qt.Key.Key_Right, keys))
    assert abs((crop_at(window, 16).x - smaller.x) * source.width - 1) < 1e-6
    edited(qtbot, window, lambda: qtbot.keyClick(wide, Qt.Key.Key_Down, keys))
    assert abs((crop_at(window, 16).y - smaller.y) * source.height - 1) < 1e-6


def test_the_picture_is_dragged_and_zoomed_in_the_tall_view(qtbot: QtBot, window: MainWindow) -> None:
    go_to(qtbot, window, 16)
    tall = window.preview_pane.picture
    before = crop_at(window, 16)
    middle = tall._box().center()
    edited(qtbot, window, lambda: drag(tall, middle, middle + QPointF(60, 0)))
    after = crop_at(window, 16)
    assert abs(before.cx - after.cx - 60 / tall._box().width() * before.w) < 0.01, "what is dragged is the picture, not the crop"
    turn = QWheelEvent(middle, tall.mapToGlobal(middle), QPoint(), QPoint(0, 120), Qt.MouseButton.NoButton,
                       Qt.KeyboardModifier.NoModifier, Qt.ScrollPhase.NoScrollPhase, False)  # fmt: skip
    edited(qtbot, window, lambda: QApplication.sendEvent(tall, turn))
    assert abs(crop_at(window, 16).h - 0.94 * after.h) < 1e-6


def test_a_cell_of_a_stack_is_dragged_and_the_other_stays(qtbot: QtBot, window: MainWindow) -> None:
    go_to(qtbot, window, 5)
    edited(qtbot, window, panel_of(window).shot.layouts["stack"].click)
    cells = window.workspace.opened.camera.at(5 * S).cells  # type: ignore[union-attr]
    wide = window.bench.wide
    middle = wide._on(cells[1].crop).center()
    edited(qtbot, window, lambda: drag(wide, middle, middle + QPointF(-20, 0)))
    after = window.workspace.opened.camera.at(5 * S).cells  # type: ignore[union-attr]
    assert after[0] == cells[0]
    assert after[1].crop.cx < cells[1].crop.cx - 0.03
    window.bench.grab()
    tall = window.preview_pane.picture
    lower = QPointF(tall._box().center().x(), tall._box().bottom() - 40)
    edited(qtbot, window, lambda: drag(tall, lower, lower + QPointF(30, 0)))
    last = window.workspace.opened.camera.at(5 * S).cells  # type: ignore[union-attr]
    assert last[0] == after[0]
    assert last[1].crop.cx < after[1].crop.cx - 0.01, "the picture goes with the hand, the crop the other way"


def test_the_size_of_the_face_and_the_lock(qtbot: QtBot, window: MainWindow) -> None:
    go_to(qtbot, window, 16)
    panel = panel_of(window).shot
    slider = panel.face.slider
    before = crop_at(window, 16)
    slider.setFocus()
    edited(qtbot, window, lambda: qtbot.keyClick(slider, Qt.Key.Key_PageUp))
    assert crop_at(window, 16).h < before.h
    edited(qtbot, window, panel.toggle_lock)
    assert panel._lock.isChecked()
    assert panel._auto.isEnabled()
    edited(qtbot, window, panel.release)
    assert crop_at(window, 16) == before
    assert panel._lock.isChecked(), "it stays locked"
    assert not panel._auto.isEnabled()


def test_a_box_is_drawn_kept_to_and_followed(qtbot: QtBot, window: MainWindow) -> None:
    work = Work(window)
    go_to(qtbot, window, 16)
    wide, boxes = window.bench.wide, panel_of(window).boxes
    boxes.toggle()
    box = wide._box()
    start = box.topLeft() + QPointF(0.1 * box.width(), 0.5 * box.height())
    end = box.topLeft() + QPointF(0.25 * box.width(), 0.8 * box.height())
    edited(qtbot, window, lambda: drag(wide, start, end))
    shot = window.workspace.opened.shot_at(16 * S)  # type: ignore[union-attr]
    assert shot is not None
    target = short_of(window).framing.of_shot(shot.source, shot.start, shot.end).target  # type: ignore[union-attr]
    assert isinstance(target, BoxTarget)
    assert abs(target.places[0].x - 0.1) < 0.02
    assert boxes.busy
    qtbot.waitUntil(lambda: bool(work.begun), timeout=WAIT)
    request = work.begun[0].request
    assert isinstance(request, FollowBoxRequest)
    assert (request.start, request.end, request.box) == (shot.start, shot.end, target.places[0])
    places = (BoxAt(shot.start, 0.1, 0.5, 0.15, 0.3), BoxAt(shot.end - 1, 0.5, 0.5, 0.15, 0.3))
    work.tell(qtbot, 0, Progressed("box", 0.5))
    assert "50 %" in boxes._told.text()
    edited(qtbot, window, lambda: work.tell(qtbot, 0, BoxFollowed(places, 0.4)))
    assert short_of(window).framing.of_shot(shot.source, shot.start, shot.end).target.places == places  # type: ignore[union-attr]
    assert "drew around" in panel_of(window).shot._why.text()
    work.tell(qtbot, 0, Ended("done"))
    assert not boxes.busy
    window.bench.grab()


def test_a_click_draws_no_box(qtbot: QtBot, window: MainWindow) -> None:
    go_to(qtbot, window, 16)
    wide, boxes, before = window.bench.wide, panel_of(window).boxes, short_of(window)
    boxes.toggle()
    assert boxes._draw.isChecked()
    QTest.mouseClick(wide, Qt.MouseButton.LeftButton, pos=QPoint(100, 60))
    assert not boxes._draw.isChecked()
    assert short_of(window) is before
    assert not wide._drawing


def test_shots_from_one_camera_are_listed_and_framed_alike(qtbot: QtBot, window: MainWindow) -> None:
    go_to(qtbot, window, 16)
    alike = panel_of(window).alike
    assert "1 other shot from this camera" in alike._told.text()
    opened = window.workspace.opened
    assert opened is not None
    group = next(g for g in opened.setups if opened.camera.people.shot_at(16 * S) in g)
    edited(qtbot, window, lambda: window.workspace.edit(
        lambda s, _a: framing_edits.set_face(s, opened.shot_at(16 * S), 0.4)))  # type: ignore[arg-type]  # fmt: skip
    edited(qtbot, window, alike.frame_camera)
    framing = short_of(window).framing
    shots = opened.camera.people.shots
    assert [framing.of_shot(opened.source.key, shots[n].start, shots[n].end).face for n in group] == [0.4] * 2  # type: ignore[union-attr]
    window.workspace.selection.seek(16 * S)
    alike.copy()
    window.workspace.selection.seek(5 * S)
    edited(qtbot, window, alike.paste)
    first = short_of(window).framing.of_shot(opened.source.key, 0, shots[0].end)
    assert first is not None
    assert first.face == 0.4


def test_a_shot_is_split_at_the_playhead_and_joined_again(qtbot: QtBot, window: MainWindow) -> None:
    alike = panel_of(window).alike
    window.workspace.selection.seek(5 * S)
    opened = window.workspace.opened
    assert opened is not None
    count = len(opened.camera.people.shots)
    edited(qtbot, window, alike.split)
    assert len(window.workspace.opened.camera.people.shots) == count + 1  # type: ignore[union-attr]
    assert window.workspace.opened.shot_at(5 * S).start == 5 * S  # type: ignore[union-attr]
    edited(qtbot, window, alike.join)
    assert short_of(window).framing.edges == ()


def test_versions_are_compared_and_one_is_chosen_by_its_number(qtbot: QtBot, window: MainWindow) -> None:
    go_to(qtbot, window, 5)
    window.bench.compare()
    sheet = window.bench.comparing
    assert sheet is not None
    qtbot.waitUntil(lambda: len(sheet.tiles) == 4 and all(t.image is not None for t in sheet.tiles), timeout=WAIT)
    images = [t.image for t in sheet.tiles]
    assert sheet.tiles[0].current
    assert images[0] != images[1]
    assert [v.title for v in sheet._versions] == ["Follow", "Whole", "Stack", "Grid"], "there is no screen in this shot"
    sheet.show_side("shapes")
    qtbot.waitUntil(lambda: len(sheet.tiles) == 4 and all(t.image is not None for t in sheet.tiles), timeout=WAIT)
    shapes = [t.image.width() / t.image.height() for t in sheet.tiles if t.image is not None]
    assert [round(s, 2) for s in shapes] == [0.56, 0.8, 1.0, 1.78]
    sheet.show_side("automatic")
    qtbot.waitUntil(lambda: len(sheet.tiles) == 2 and all(t.image is not None for t in sheet.tiles), timeout=WAIT)
    sheet.grab()
    sheet.show_side("layouts")
    edited(qtbot, window, lambda: qtbot.keyClick(sheet, Qt.Key.Key_2))
    assert layout_at(window, 5) == "whole"


def test_backdrops_and_bars_are_chosen(qtbot: QtBot, window: MainWindow, tmp_path: Path) -> None:
    go_to(qtbot, window, 5)
    card = panel_of(window).whole

    def choose(kind: str) -> None:
        card.kind.setCurrentIndex(card.kind.findData(kind))
        card.kind.activated.emit(card.kind.currentIndex())

    edited(qtbot, window, lambda: choose("graded"))
    edited(qtbot, window, lambda: card.set_colour("lower", "#334455"))
    edited(qtbot, window, lambda: card.set_colour("bar", "#ffeedd"))
    card._sliders["scale"].slider.setFocus()
    edited(qtbot, window, lambda: qtbot.keyClick(card._sliders["scale"].slider, Qt.Key.Key_PageDown))
    framing = short_of(window).framing
    assert (framing.whole.backdrop.kind, framing.whole.backdrop.lower, framing.bar.colour) == ("graded", "#334455", "#ffeedd")
    assert framing.whole.scale < 1
    picture = tmp_path / "wall.png"
    image = QImage(300, 200, QImage.Format.Format_RGB32)
    image.fill(Qt.GlobalColor.darkGreen)
    assert image.save(str(picture))
    edited(qtbot, window, lambda: card.set_picture(picture))
    assert short_of(window).framing.whole.backdrop.path == str(picture)
    assert window.workspace.opened.composition.missing == ()  # type: ignore[union-attr]


def test_what_is_to_be_looked_at_is_counted_before_a_render(qtbot: QtBot, window: MainWindow) -> None:
    go = window.preview_pane.rendering._go
    assert go.text() == "Render"
    shot = window.workspace.opened.shot_at(5 * S)  # type: ignore[union-attr]
    assert shot is not None
    edited(qtbot, window, lambda: window.workspace.edit(lambda s, _a: keyframe_edits.set_crop(s, shot, 0.9, 0.5, 0.9)))
    count = len(window.workspace.opened.notices)  # type: ignore[union-attr]
    assert count > 0
    assert f"{count} to look at" in go.text()
    window.bench.grab()  # they are marked along the transcript


def test_a_shot_is_steadied_and_what_it_costs_is_told(qtbot: QtBot, window: MainWindow) -> None:
    work = Work(window)
    go_to(qtbot, window, 16)
    steadying = panel_of(window).steadying
    edited(qtbot, window, steadying.toggle)
    shot = window.workspace.opened.shot_at(16 * S)  # type: ignore[union-attr]
    assert shot is not None
    qtbot.waitUntil(lambda: bool(work.begun), timeout=WAIT)
    request = work.begun[0].request
    assert isinstance(request, MeasureShakeRequest)
    assert (request.start, request.end) == (shot.start, shot.end)
    work.tell(qtbot, 0, Progressed("shake", 0.4))
    assert "40 %" in steadying._told.text()
    times = tuple(range(shot.start, shot.end, 1_600))
    sway = tuple(0.01 * (-1) ** (n // 4) for n in range(len(times)))
    AnalysisCache().keep(shot.source, "shake", Shake(shot.start, shot.end, times, sway, sway), f"{shot.start}-{shot.end}")
    edited(qtbot, window, lambda: work.tell(qtbot, 0, Ended("done")))
    assert re.fullmatch(r"Costs [2-5] % of the crop", steadying._told.text())
    assert crop_at(window, 16).h < 1
    edited(qtbot, window, steadying.toggle)
    assert crop_at(window, 16).h == 1
    assert steadying._told.text() == ""


def test_punch_ins_are_made_of_chosen_words_and_proposed(qtbot: QtBot, window: MainWindow) -> None:
    card = panel_of(window).punches
    window.workspace.selection.select(range(10, 14))
    edited(qtbot, window, lambda: qtbot.keyClick(window.bench.page, Qt.Key.Key_P, Qt.KeyboardModifier.ShiftModifier))
    (punch,) = short_of(window).framing.punches
    words = window.workspace.opened.analysis.words  # type: ignore[union-attr]
    assert (punch.start, punch.end) == (words[10].start, words[13].end)
    row = card._rows.itemAt(0).widget()
    edited(qtbot, window, lambda: row.findChild(QDoubleSpinBox).setValue(1.3))
    assert short_of(window).framing.punches[0].size == 1.3
    window.bench.grab()
    edited(qtbot, window, card.propose)
    assert len(short_of(window).framing.punches) > 1
    edited(qtbot, window, window.workspace.undo)
    assert len(short_of(window).framing.punches) == 1
    gone = [b for b in card._rows.itemAt(0).widget().findChildren(QAbstractButton) if b.text() == "Remove"]
    edited(qtbot, window, gone[0].click)
    assert short_of(window).framing.punches == ()


def test_a_listener_is_shown_during_chosen_words(qtbot: QtBot, window: MainWindow) -> None:
    go_to(qtbot, window, 3)
    panel = panel_of(window).shot
    opened = window.workspace.opened
    assert opened is not None
    assert panel._during.isHidden(), "no words are chosen"
    window.workspace.selection.select(range(1, 5))
    listener = next(
        b for b in panel_of(window).findChildren(QAbstractButton) if "while the chosen words" in b.toolTip() and "1" in b.text()
    )
    words = opened.analysis.words
    middle = (words[1].start + words[4].end) / 2 / S
    before = crop_at(window, middle)
    edited(qtbot, window, listener.click)
    assert crop_at(window, middle) != before
    assert window.workspace.opened.camera.span_at(round(middle * S)).decision.why.kind == "reaction"  # type: ignore[union-attr]
    assert abs(crop_at(window, words[0].start / S).cx - before.cx) < 0.02, "before it as it was"


def test_a_keyframe_is_copied_to_the_playhead(qtbot: QtBot, window: MainWindow) -> None:
    panel, selection = panel_of(window), window.workspace.selection
    selection.seek(16 * S)
    edited(qtbot, window, panel.keyframes.set_here)
    selection.seek(18 * S)
    edited(qtbot, window, lambda: window.workspace.edit(
        lambda s, _a: keyframe_edits.add_keyframe(s, window.workspace.opened.shot_at(18 * S), 18 * S, 0.7, 0.5, 0.8)))  # type: ignore[union-attr, arg-type]  # fmt: skip
    selection.seek(20 * S)
    (copy, *_) = [b for b in panel.keyframes._rows.itemAt(0).widget().findChildren(QAbstractButton) if b.text() == "Copy here"]
    edited(qtbot, window, copy.click)
    shot = window.workspace.opened.shot_at(20 * S)  # type: ignore[union-attr]
    assert shot is not None
    keys = keyframe_edits.keyframes_of(short_of(window), shot)
    assert [k.at for k in keys] == [16 * S, 18 * S, 20 * S]
    assert (keys[2].cx, keys[2].h) == (keys[0].cx, keys[0].h)


def test_a_shape_of_ones_own_is_typed(qtbot: QtBot, window: MainWindow, monkeypatch: pytest.MonkeyPatch) -> None:
    card = panel_of(window).all_shots
    typed = iter([("3:4", True), ("nonsense", True), ("2:1", False)])
    monkeypatch.setattr(QInputDialog, "getText", lambda *_a, **_k: next(typed))

    def choose() -> None:
        card.shape.setCurrentIndex(card.shape.count() - 1)
        card.shape.activated.emit(card.shape.currentIndex())

    edited(qtbot, window, choose)
    assert (short_of(window).output.width, short_of(window).output.height) == (1080, 1440)
    assert card.shape.currentText() == "3:4"
    assert abs(window.preview_pane.picture._aspect - 0.75) < 1e-9
    with qtbot.waitSignal(window.workspace.said, timeout=WAIT) as told:
        choose()
    assert "such as 3:4" in told.args[0]
    before = short_of(window)
    choose()
    assert short_of(window) is before, "it was given up"

"""The Framing panel in the real window: layouts by a click, notices with their place and their fix."""

from __future__ import annotations

from dataclasses import replace

from PySide6.QtCore import QPoint, Qt
from PySide6.QtWidgets import QAbstractButton, QComboBox
from pytestqt.qtbot import QtBot

from standtall.base.time import TICKS_PER_SECOND
from standtall.model import keyframe_edits
from standtall.model.keyframe_edits import CropOf
from standtall.ui.app.window import MainWindow
from standtall.ui.bench.panels.framing.panel import FramingPanel
from standtall.ui.bench.transcript.lane_drag import KeyDrag
from tests.ui.driving import WAIT, edited, short_of

S = TICKS_PER_SECOND


def panel_of(window: MainWindow) -> FramingPanel:
    (panel,) = window.bench.inspector.findChildren(FramingPanel)
    return panel


def layout_at(window: MainWindow, second: float) -> str:
    opened = window.workspace.opened
    assert opened is not None
    return str(opened.camera.at(round(second * S)).layout)


def test_a_layout_is_chosen_and_left_to_the_camera_again(qtbot: QtBot, window: MainWindow) -> None:
    panel = panel_of(window)
    window.workspace.selection.seek(5 * S)
    before = short_of(window)
    edited(qtbot, window, panel.shot.layouts["stack"].click)
    assert layout_at(window, 5) == "stack"
    assert [c.target.h for c in window.workspace.opened.camera.at(5 * S).cells] == [0.5, 0.5]  # type: ignore[union-attr]
    assert panel.shot.layouts["stack"].isChecked()
    assert not panel.shot.layouts["follow"].isChecked()
    assert "Set by hand" in panel.shot._why.text()
    edited(qtbot, window, panel.shot.layouts["stack"].click)
    assert short_of(window) == before
    assert layout_at(window, 5) == "follow"


def test_one_layout_for_all_shots_and_back_by_undo(qtbot: QtBot, window: MainWindow) -> None:
    panel = panel_of(window)

    def choose() -> None:
        panel.all_shots.layout.setCurrentIndex(panel.all_shots.layout.findData("whole"))
        panel.all_shots.layout.activated.emit(panel.all_shots.layout.currentIndex())

    edited(qtbot, window, choose)
    assert {layout_at(window, s) for s in (5, 20, 110)} == {"whole"}
    edited(qtbot, window, lambda: qtbot.keyClick(window, Qt.Key.Key_Z, Qt.KeyboardModifier.ControlModifier))
    assert layout_at(window, 5) == "follow"
    assert panel.all_shots.layout.currentData() is None


def test_a_screen_is_suggested_with_its_reason(qtbot: QtBot, window: MainWindow) -> None:
    window.workspace.selection.seek(110 * S)
    panel = panel_of(window)
    qtbot.waitUntil(lambda: panel.shot.layouts["screen"].isChecked(), timeout=WAIT)
    assert "screen stays whole" in panel.shot._why.text()


def test_a_notice_leads_to_its_place_and_mends_it(qtbot: QtBot, window: MainWindow) -> None:
    panel = panel_of(window)
    assert not panel.notices.none.isHidden(), "nothing is the matter at first"
    shot = window.workspace.opened.shot_at(5 * S)  # type: ignore[union-attr]
    assert shot is not None
    edited(qtbot, window, lambda: window.workspace.edit(lambda s, _a: keyframe_edits.set_crop(s, shot, 0.9, 0.5, 0.9)))
    told = [b for b in panel.findChildren(QAbstractButton) if "out of frame" in b.text() or "is cut" in b.text()]
    assert told
    assert panel.notices.none.isHidden()
    window.workspace.selection.seek(40 * S)
    told[0].click()
    assert window.workspace.selection.playhead < shot.end
    fix = next(b for b in panel.findChildren(QAbstractButton) if b.text() == "Frame automatically" and b.objectName() == "small")
    edited(qtbot, window, fix.click)
    assert layout_at(window, 5) == "follow"
    assert window.workspace.opened.notices == ()  # type: ignore[union-attr]
    chosen = short_of(window).framing.of_shot(shot.source, shot.start, shot.end)
    assert chosen is not None
    assert replace(chosen, layout=None).keyframes == ()


def test_keyframes_are_set_gone_to_eased_and_removed(qtbot: QtBot, window: MainWindow) -> None:
    panel, selection = panel_of(window), window.workspace.selection
    selection.seek(16 * S)
    edited(qtbot, window, lambda: qtbot.keyClick(window, Qt.Key.Key_K, Qt.KeyboardModifier.ShiftModifier))
    selection.seek(20 * S)
    edited(qtbot, window, panel.keyframes.set_here)
    shot = window.workspace.opened.shot_at(20 * S)  # type: ignore[union-attr]
    assert shot is not None
    assert [k.at for k in keyframe_edits.keyframes_of(short_of(window), shot)] == [16 * S, 20 * S]
    panel.keyframes.step(-1)
    assert selection.playhead == 16 * S
    panel.keyframes.step(1)
    assert selection.playhead == 20 * S
    crop = window.workspace.opened.camera.at(20 * S).crop  # type: ignore[union-attr]
    edited(
        qtbot,
        window,
        lambda: window.workspace.edit(lambda s, _a: keyframe_edits.set_crop(s, shot, crop.cx + 0.1, crop.cy, crop.h, 20 * S)),
    )
    opened = window.workspace.opened
    assert opened is not None
    assert abs(opened.camera.at(18 * S).crop.cx - crop.cx - 0.05) < 1e-6
    window.bench.grab()  # the lane draws them without a fault
    (ease, *_) = panel.keyframes._rows.itemAt(0).widget().findChildren(QComboBox)

    def hold() -> None:
        ease.setCurrentIndex(ease.findData("hold"))
        ease.activated.emit(ease.currentIndex())

    edited(qtbot, window, hold)
    assert abs(window.workspace.opened.camera.at(18 * S).crop.cx - crop.cx) < 1e-6  # type: ignore[union-attr]
    selection.seek(22 * S)
    here = [b for b in panel.findChildren(QAbstractButton) if b.text() == "Here"]
    edited(qtbot, window, here[-1].click)
    assert [k.at for k in keyframe_edits.keyframes_of(short_of(window), shot)] == [16 * S, 22 * S]
    away = [b for b in panel.findChildren(QAbstractButton) if b.text() == "Remove"]
    edited(qtbot, window, away[-1].click)
    assert len(keyframe_edits.keyframes_of(short_of(window), shot)) == 1


def test_in_the_lane_a_crop_and_a_keyframe_are_dragged_and_seen_meanwhile(qtbot: QtBot, window: MainWindow) -> None:
    selection, script, trial = window.workspace.selection, window.bench.page, window.workspace.trial
    for at in (16, 20):
        selection.seek(at * S)
        edited(qtbot, window, panel_of(window).keyframes.set_here)
    page, lane, view = script.page, script._lane(), script.viewport()
    assert page is not None
    script.verticalScrollBar().setValue(int(page.y(14 * S)))
    top = script.verticalScrollBar().value()
    shot, crop = window.workspace.opened.shot_at(18 * S), window.workspace.opened.camera.at(18 * S).crop  # type: ignore[union-attr]
    assert shot is not None

    def place(tick: int) -> QPoint:
        return QPoint(int(lane.at(crop.cx)), int(page.y(tick)) - top)  # type: ignore[union-attr]

    qtbot.mousePress(view, Qt.MouseButton.LeftButton, pos=place(18 * S))
    qtbot.mouseMove(view, place(18 * S) + QPoint(25, 0))
    qtbot.waitUntil(lambda: trial.camera is not None and trial.camera.at(18 * S).crop.cx > crop.cx + 0.01, timeout=WAIT)
    assert window.workspace.opened.camera.at(18 * S).crop == crop, "nothing is changed yet"  # type: ignore[union-attr]
    qtbot.keyClick(script, Qt.Key.Key_Escape)
    assert (script._dragged.held, trial.camera) == (None, None), "a drag that is given up"
    assert window.workspace.opened.camera.at(18 * S).crop == crop  # type: ignore[union-attr]
    qtbot.mouseRelease(view, Qt.MouseButton.LeftButton, pos=place(18 * S) + QPoint(25, 0))
    qtbot.mousePress(view, Qt.MouseButton.LeftButton, pos=place(18 * S))
    qtbot.mouseMove(view, place(18 * S) + QPoint(25, 0))
    edited(qtbot, window, lambda: qtbot.mouseRelease(view, Qt.MouseButton.LeftButton, pos=place(18 * S) + QPoint(25, 0)))
    keys = keyframe_edits.keyframes_of(short_of(window), shot)
    assert len(keys) == 3
    assert trial.camera is None
    script.verticalScrollBar().setValue(top)
    qtbot.mousePress(view, Qt.MouseButton.LeftButton, pos=place(20 * S))
    assert isinstance(script._dragged.held, KeyDrag)
    qtbot.mouseMove(view, place(22 * S))
    qtbot.waitUntil(lambda: trial.camera is not None, timeout=WAIT)
    edited(qtbot, window, lambda: qtbot.mouseRelease(view, Qt.MouseButton.LeftButton, pos=place(22 * S)))
    last = keyframe_edits.keyframes_of(short_of(window), shot)[-1].at
    assert abs(last - 22 * S) < S // 4


def test_the_chosen_cell_of_a_layout_has_keyframes_of_its_own(qtbot: QtBot, window: MainWindow) -> None:
    panel, selection = panel_of(window), window.workspace.selection
    selection.seek(18 * S)
    assert panel.keyframes._cells.isHidden(), "there is one crop"
    edited(qtbot, window, panel.shot.layouts["stack"].click)
    assert not panel.keyframes._cells.isHidden()
    assert panel.keyframes._cells.count() == 2
    panel.keyframes._cells.setCurrentIndex(1)
    panel.keyframes._cells.activated.emit(1)
    for at in (16, 20):
        selection.seek(at * S)
        edited(qtbot, window, panel.keyframes.set_here)
    shot = window.workspace.opened.shot_at(18 * S)  # type: ignore[union-attr]
    assert shot is not None
    keys = keyframe_edits.keyframes_of(short_of(window), shot, CropOf("stack", 1))
    assert [k.at for k in keys] == [16 * S, 20 * S]
    assert window.workspace.opened.camera.at(18 * S).layout == "stack"  # type: ignore[union-attr]
    window.bench.grab()
    selection.choose_cell(0)
    assert panel.keyframes._cells.currentIndex() == 0
    assert panel.keyframes._rows.count() == 0, "the other cell has none"


def test_another_shape_of_the_same_edit(qtbot: QtBot, window: MainWindow) -> None:
    panel, picture = panel_of(window), window.preview_pane.picture

    def choose(shape: str) -> None:
        panel.all_shots.shape.setCurrentText(shape)
        panel.all_shots.shape.activated.emit(panel.all_shots.shape.currentIndex())

    opened = window.workspace.opened
    assert opened is not None
    before = [s.decision.people for s in opened.camera.spans]
    edited(qtbot, window, lambda: choose("1:1"))
    assert (short_of(window).output.width, short_of(window).output.height) == (1080, 1080)
    w, h = picture.picture_size()
    assert abs(w - h) <= 1
    opened = window.workspace.opened
    assert opened is not None
    assert {p for people in (s.decision.people for s in opened.camera.spans) for p in people} == {
        p for people in before for p in people
    }
    crop = opened.camera.at(20 * S).crop
    assert abs(crop.w * 1920 - crop.h * 1080) < 2
    edited(qtbot, window, lambda: qtbot.keyClick(window, Qt.Key.Key_Z, Qt.KeyboardModifier.ControlModifier))
    assert short_of(window).output.shape == "9:16"
    assert panel.all_shots.shape.currentText() == "9:16"

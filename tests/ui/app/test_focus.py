"""What has the keyboard is seen: all that can have it looks otherwise then, with a contrast of 3:1 (WCAG 2.2, 1.4.11 and 2.4.7)."""

from __future__ import annotations

import numpy as np
import pytest
from numpy.typing import NDArray
from PySide6.QtCore import QPoint, QRect, Qt
from PySide6.QtGui import QImage, QKeySequence
from PySide6.QtWidgets import (
    QApplication,
    QComboBox,
    QDateEdit,
    QDateTimeEdit,
    QDoubleSpinBox,
    QLineEdit,
    QPlainTextEdit,
    QPushButton,
    QSpinBox,
    QTimeEdit,
    QVBoxLayout,
    QWidget,
)
from pytestqt.qtbot import QtBot

from standtall.ui.app.window import MainWindow
from standtall.ui.widgets import dressing, focus_ring, theme
from standtall.ui.widgets.style_sheet import style_sheet
from tests.ui.app.test_everybody import _own
from tests.ui.driving import WAIT
from tests.ui.everywhere import all_over

LEAST = 40
"""Pixels that have to differ by so much: less than the ring of the smallest button."""


def luminance(widget: QWidget) -> NDArray[np.float64]:
    """Relative luminance of its pixels on what lies behind it (WCAG 2.2, "relative luminance")."""
    top = widget.window()
    picture = top.grab(QRect(widget.mapTo(top, QPoint(0, 0)), widget.size())).toImage().convertToFormat(QImage.Format.Format_RGB32)
    colours = np.frombuffer(picture.constBits(), np.uint8).reshape(picture.height(), picture.width(), 4)[..., 2::-1] / 255
    linear = np.where(colours <= 0.04045, colours / 12.92, ((colours + 0.055) / 1.055) ** 2.4)
    return linear @ np.array([0.2126, 0.7152, 0.0722])


def seen_pixels(before: NDArray[np.float64], now: NDArray[np.float64]) -> int:
    """How many pixels differ from what was there before by 3:1."""
    assert before.shape == now.shape, "nothing may move as the keyboard comes"
    low, high = np.minimum(before, now), np.maximum(before, now)
    return int(((high + 0.05) / (low + 0.05) >= 3).sum())


def dressed(qtbot: QtBot) -> None:
    """Wait until what is shown now is dressed and has its size."""
    qtbot.waitUntil(lambda: not dressing._dresser()._waiting, timeout=WAIT)
    qtbot.wait(200)


def nothing(over: QWidget) -> None:
    """Take the focus from all."""
    focused = over.window().focusWidget()
    if focused is not None:
        focused.clearFocus()
    QApplication.processEvents()


@pytest.mark.parametrize("look", [theme.LIGHT, theme.DARK], ids=["light", "dark"])
def test_the_focus_is_seen(qtbot: QtBot, qapp: QApplication, window: MainWindow, look: theme.Theme) -> None:
    dressing.apply(qapp, look)
    window.player.pause()
    looked, unseen = set(), []
    for where, over in all_over(window):
        over.activateWindow()
        qtbot.waitUntil(over.isActiveWindow, timeout=WAIT)
        dressed(qtbot)
        page = where if over is not window else window.place
        for widget in over.findChildren(QWidget):
            kind = page, type(widget).__name__, widget.objectName(), getattr(widget, "isChecked", bool)()
            can = widget.isVisible() and widget.isEnabled() and widget.focusPolicy() != Qt.FocusPolicy.NoFocus and _own(widget)
            within = widget.window() is over and widget.visibleRegion().boundingRect().size() == widget.size()
            if not can or not within or kind in looked:
                continue
            nothing(over)
            before = luminance(widget)
            widget.setFocus(Qt.FocusReason.TabFocusReason)
            QApplication.processEvents()
            if not widget.hasFocus():
                continue
            looked.add(kind)
            found = seen_pixels(before, luminance(widget))
            if found < LEAST:
                unseen.append((*kind, type(widget.parent()).__name__, widget.accessibleName(), found))
    assert len({page for page, *_ in looked}) >= 5 + 15, "all places, and nearly every sheet"
    assert unseen == []


@pytest.mark.parametrize("look", [theme.LIGHT, theme.DARK], ids=["light", "dark"])
@pytest.mark.parametrize("ground", ["ground", "raised"])
def test_the_edge_of_each_kind_of_field_is_seen(qtbot: QtBot, look: theme.Theme, ground: str) -> None:
    """All along its left edge, but for the round corners, against what lies beside it."""
    over = QWidget()
    over.setObjectName("over")
    over.setStyleSheet(f"#over {{ background: {getattr(look, ground)}; }}" + style_sheet(look, large_targets=False))
    qtbot.addWidget(over)
    column = QVBoxLayout(over)
    fields = [QLineEdit(), QSpinBox(), QDoubleSpinBox(), QDateEdit(), QTimeEdit(), QDateTimeEdit(), QComboBox(), QPlainTextEdit()]
    fields[0].setObjectName("field")
    for field in fields:
        column.addWidget(field)
    over.show()
    QApplication.processEvents()
    nothing(over)
    seen = luminance(over)
    for field in fields:
        at = field.geometry()
        rows = slice(at.top() + 8, at.bottom() - 8)
        edge, beside = seen[rows, at.left()], seen[rows, at.left() - 2]
        high, low = np.maximum(edge, beside), np.minimum(edge, beside)
        assert len(edge) and ((high + 0.05) / (low + 0.05) >= 3).all(), type(field).__name__


def test_a_ring_comes_with_a_key_and_not_with_a_click(qtbot: QtBot) -> None:
    window = QWidget()
    button, painted = QPushButton("b", window), QWidget(window)
    painted.setGeometry(0, 40, 80, 60)
    focus_ring.give(painted)
    qtbot.addWidget(window)
    window.show()
    window.activateWindow()
    qtbot.waitUntil(window.isActiveWindow, timeout=WAIT)
    (ring,) = painted.findChildren(focus_ring.FocusRing)
    painted.setFocus(Qt.FocusReason.MouseFocusReason)
    assert painted.hasFocus() and not ring.isVisible()
    button.setFocus(Qt.FocusReason.TabFocusReason)
    qtbot.keyClick(button, Qt.Key.Key_Tab)
    assert painted.hasFocus() and ring.isVisible() and ring.geometry() == painted.rect()
    painted.resize(120, 90)
    assert ring.geometry() == painted.rect()
    painted.clearFocus()
    painted.setFocus(Qt.FocusReason.PopupFocusReason)
    assert ring.isVisible(), "a menu was closed"
    button.setFocus()
    assert not ring.isVisible()
    painted.setFocus(Qt.FocusReason.MouseFocusReason)
    painted.clearFocus()
    painted.setFocus(Qt.FocusReason.PopupFocusReason)
    assert not ring.isVisible(), "there was none"


def test_what_has_the_keyboard_after_the_key_of_a_place_or_escape_is_framed(qtbot: QtBot, window: MainWindow) -> None:
    window.activateWindow()
    qtbot.waitUntil(window.isActiveWindow, timeout=WAIT)

    def framed() -> bool:
        focused = window.focusWidget()
        return focused is not None and any(r.isVisible() for r in focused.findChildren(focus_ring.FocusRing))

    window.go("footage")
    window.go("bench")
    assert not framed(), "the program itself went there"
    for place in ("calendar", "bench"):
        key = next(p.keys[0] for p in window.all_places if p.name == place)
        pressed = QKeySequence(key)[0]
        qtbot.keyClick(window, pressed.key(), pressed.keyboardModifiers())
        assert window.place == place and framed(), window.focusWidget()
    button = window.rail._places["footage"]
    qtbot.mouseClick(button, Qt.MouseButton.LeftButton)
    assert window.place == "footage" and not framed()
    button.setFocus(Qt.FocusReason.TabFocusReason)
    qtbot.keyClick(window.rail._places["footage"], Qt.Key.Key_Space)
    assert window.place == "footage" and framed(), "chosen by a key on the rail"
    window.go("bench")
    nothing(window)
    window.rail.setFocus()
    qtbot.keyClick(window, Qt.Key.Key_Escape)
    assert framed()

"""What has the keyboard is seen: all that can have it looks otherwise then, with a contrast of 3:1 (WCAG 2.2, 1.4.11 and 2.4.7)."""

from __future__ import annotations

from collections.abc import Iterator

import numpy as np
import pytest
from numpy.typing import NDArray
from PySide6.QtCore import QPoint, QRect, Qt
from PySide6.QtGui import QImage
from PySide6.QtWidgets import QApplication, QPushButton, QWidget
from pytestqt.qtbot import QtBot

from standtall.ui.app.window import MainWindow
from standtall.ui.widgets import dressing, focus_ring, theme
from tests.ui.app.test_everybody import PANELS, _own
from tests.ui.driving import WAIT

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


def shown_in(qtbot: QtBot, window: MainWindow, place: str) -> Iterator[None]:
    """Each page of a place, one after another."""
    window.go(place)
    pages = [lambda p=p: window.bench.inspector.show_panel(p) for p in PANELS] if place == "bench" else [lambda: None]
    for show in pages:
        show()
        qtbot.waitUntil(lambda: not dressing._dresser()._waiting, timeout=WAIT)
        qtbot.wait(200)  # what was dressed may get another size
        yield


def nothing(window: MainWindow) -> None:
    """Take the focus from all."""
    focused = window.focusWidget()
    if focused is not None:
        focused.clearFocus()
    QApplication.processEvents()


@pytest.mark.parametrize("look", [theme.LIGHT, theme.DARK], ids=["light", "dark"])
@pytest.mark.parametrize("place", ["footage", "moments", "bench", "renders", "calendar"])
def test_the_focus_is_seen(qtbot: QtBot, qapp: QApplication, window: MainWindow, place: str, look: theme.Theme) -> None:
    dressing.apply(qapp, look)
    window.player.pause()
    window.activateWindow()
    qtbot.waitUntil(window.isActiveWindow, timeout=WAIT)
    looked, unseen = set(), []
    for _ in shown_in(qtbot, window, place):
        for widget in window.findChildren(QWidget):
            kind = type(widget).__name__, widget.objectName(), getattr(widget, "isChecked", bool)()
            can = widget.isVisible() and widget.isEnabled() and widget.focusPolicy() != Qt.FocusPolicy.NoFocus and _own(widget)
            if not can or kind in looked or widget.visibleRegion().boundingRect().size() != widget.size():
                continue
            nothing(window)
            before = luminance(widget)
            widget.setFocus(Qt.FocusReason.TabFocusReason)
            QApplication.processEvents()
            if not widget.hasFocus():
                continue
            looked.add(kind)
            found = seen_pixels(before, luminance(widget))
            if found < LEAST:
                unseen.append((*kind, type(widget.parent()).__name__, widget.accessibleName(), found))
    assert len(looked) >= 5
    assert unseen == []


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

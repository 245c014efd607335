"""Where the window is and how large, kept from one start to the next."""

from __future__ import annotations

from typing import Final

from PySide6.QtCore import QRect, QSize, Qt
from PySide6.QtGui import QGuiApplication
from PySide6.QtWidgets import QMainWindow

from standtall.library.settings import WindowPlace

TITLE_BAR: Final = 40
"""Height to leave for what the desktop draws around the window, which is only known once it is there."""


def take_place(window: QMainWindow, was: WindowPlace | None, least: tuple[int, int]) -> bool:
    """Put the window where it was last, as far as that is still on a screen; else give it its first size. -> False where the
    screen that it was on is gone."""
    window.resize(_free_size(window, least))
    if was is None:
        return True
    there = QRect(was.x, was.y, was.width, was.height)
    screens = window.screen().virtualSiblings()
    screen = next((s for s in screens if s.availableGeometry().contains(there.center())), None)
    if screen is not None and least[0] <= was.width and least[1] <= was.height:
        free = screen.availableGeometry()
        window.setGeometry(there.intersected(free) if there.intersected(free).width() >= least[0] else there)
        if was.whole:
            window.setWindowState(Qt.WindowState.WindowMaximized)
    return screen is not None


def back_on_a_screen(window: QMainWindow, least: tuple[int, int]) -> bool:
    """Bring a window to the first screen where its own was taken away; -> whether that was needed."""
    middle = window.frameGeometry().center()
    if any(s.geometry().contains(middle) for s in QGuiApplication.screens()):
        return False
    free = QGuiApplication.primaryScreen().availableGeometry()
    window.setWindowState(Qt.WindowState.WindowNoState)
    window.resize(
        max(least[0], min(window.width(), free.width())), max(least[1], min(window.height(), free.height() - TITLE_BAR))
    )
    window.move(free.topLeft())
    return True


def place_of(window: QMainWindow) -> WindowPlace:
    """Where the window is now."""
    at = window.normalGeometry()
    return WindowPlace(at.x(), at.y(), at.width(), at.height(), window.isMaximized())


def _free_size(window: QMainWindow, least: tuple[int, int]) -> QSize:
    """1280 by 800, or what the screen has free of it with the title bar."""
    free = window.screen().availableGeometry()
    return QSize(max(least[0], min(1280, free.width())), max(least[1], min(800, free.height() - TITLE_BAR)))

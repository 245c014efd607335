"""Where the window is and how large, kept from one start to the next."""

from __future__ import annotations

from typing import Final

from PySide6.QtCore import QRect, QSize, Qt
from PySide6.QtWidgets import QMainWindow

from standtall.library.settings import WindowPlace

TITLE_BAR: Final = 40
"""Height to leave for what the desktop draws around the window, which is only known once it is there."""


def take_place(window: QMainWindow, was: WindowPlace | None, least: tuple[int, int]) -> None:
    """Put the window where it was last, as far as that is still on a screen; else give it its first size."""
    window.resize(_free_size(window, least))
    if was is None:
        return
    there = QRect(was.x, was.y, was.width, was.height)
    screens = window.screen().virtualSiblings()
    screen = next((s for s in screens if s.availableGeometry().contains(there.center())), None)
    if screen is not None and least[0] <= was.width and least[1] <= was.height:
        free = screen.availableGeometry()
        window.setGeometry(there.intersected(free) if there.intersected(free).width() >= least[0] else there)
        if was.whole:
            window.setWindowState(Qt.WindowState.WindowMaximized)


def place_of(window: QMainWindow) -> WindowPlace:
    """Where the window is now."""
    at = window.normalGeometry()
    return WindowPlace(at.x(), at.y(), at.width(), at.height(), window.isMaximized())


def _free_size(window: QMainWindow, least: tuple[int, int]) -> QSize:
    """1280 by 800, or what the screen has free of it with the title bar."""
    free = window.screen().availableGeometry()
    return QSize(max(least[0], min(1280, free.width())), max(least[1], min(800, free.height() - TITLE_BAR)))

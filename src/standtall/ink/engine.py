"""Starts the text engine where there is no window: Qt without a screen."""

from __future__ import annotations

import os

from PySide6.QtGui import QGuiApplication

from standtall.ink.fonts import load_fonts

_kept: list[object] = []


def start() -> None:
    """Make sure that text can be drawn in this process; does nothing in a process with a window."""
    if QGuiApplication.instance() is None:
        os.environ["QT_QPA_PLATFORM"] = "offscreen"
        _kept.append(QGuiApplication(["stand-tall"]))
    load_fonts()

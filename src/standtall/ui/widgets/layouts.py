"""What several layouts need done."""

from __future__ import annotations

from PySide6.QtWidgets import QLayout


def empty(layout: QLayout) -> None:
    """Remove all widgets of a layout; they go when the event that is being handled is over."""
    while (item := layout.takeAt(0)) is not None:
        widget = item.widget()
        if widget is not None:
            widget.hide()
            widget.deleteLater()

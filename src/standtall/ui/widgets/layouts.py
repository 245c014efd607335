"""What several layouts need done."""

from __future__ import annotations

from PySide6.QtWidgets import QBoxLayout, QLayout

from standtall.base.interface_language import right_to_left


def from_the_left(row: QBoxLayout) -> None:
    """Let a row go on from left to right also where the language does not: what runs with time, as the picture does."""
    if right_to_left():
        row.setDirection(QBoxLayout.Direction.RightToLeft)  # which a window from right to left turns round once more


def empty(layout: QLayout) -> None:
    """Remove all widgets of a layout; they go when the event that is being handled is over."""
    while (item := layout.takeAt(0)) is not None:
        widget = item.widget()
        if widget is not None:
            widget.hide()
            widget.deleteLater()

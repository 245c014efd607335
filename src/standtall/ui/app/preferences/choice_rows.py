"""Rows of a card: what is chosen, and the choice."""

from __future__ import annotations

from collections.abc import Callable, Iterable

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QComboBox, QGridLayout, QLabel, QSpinBox, QVBoxLayout, QWidget

from standtall.ui.widgets.tips import set_tip


def grid_in(box: QVBoxLayout) -> QGridLayout:
    """A grid of names and controls at the end of a card."""
    grid = QGridLayout()
    grid.setColumnStretch(1, 1)
    box.addLayout(grid)
    return grid


def row(grid: QGridLayout, text: str, widget: QWidget, tip: str = "") -> None:
    """A line of a card; `tip` is the tooltip of a control that has none yet."""
    label = QLabel(text)
    label.setBuddy(widget)
    if not widget.accessibleName():
        widget.setAccessibleName(text)
    if tip:
        set_tip(widget, tip)
    grid.addWidget(label, grid.rowCount(), 0)
    if isinstance(widget, QSpinBox):
        widget.setMinimumWidth(110)
        grid.addWidget(widget, grid.rowCount() - 1, 1, Qt.AlignmentFlag.AlignLeft)
    else:
        grid.addWidget(widget, grid.rowCount() - 1, 1)


def choice(entries: Iterable[tuple[str, object]], now: object, chosen: Callable[[object], None]) -> QComboBox:
    """(what it says, what it stands for) each; `chosen` hears what the picked one stands for."""
    made = QComboBox()
    for text, value in entries:
        made.addItem(text, value)
    made.setCurrentIndex(max(0, made.findData(now)))
    made.setMinimumContentsLength(8)
    made.setSizeAdjustPolicy(QComboBox.SizeAdjustPolicy.AdjustToMinimumContentsLengthWithIcon)
    made.activated.connect(lambda _i: chosen(made.currentData()))
    return made


def faint(text: str) -> QLabel:
    label = QLabel(text)
    label.setWordWrap(True)
    label.setObjectName("faint")
    return label

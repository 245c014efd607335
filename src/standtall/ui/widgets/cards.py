"""Headings, cards and scrolling panels, which look alike in every place."""

from __future__ import annotations

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QFrame, QLabel, QScrollArea, QVBoxLayout, QWidget

from standtall.ui.widgets.dressing import by_parts


def heading(text: str) -> QLabel:
    label = QLabel(text)
    label.setObjectName("head")
    return label


def card_in(column: QVBoxLayout, title: str) -> QVBoxLayout:
    """A new card at the end of a column; -> its inside, under the heading."""
    card = QFrame()
    card.setObjectName("card")
    box = QVBoxLayout(card)
    box.setContentsMargins(12, 9, 12, 11)
    box.setSpacing(7)
    box.addWidget(heading(title))
    column.addWidget(card)
    return box


class Panel(QScrollArea):
    """A column of cards that scrolls where it is higher than its place; `column` takes the cards, `inner` holds them."""

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setWidgetResizable(True)
        self.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.setFrameShape(QFrame.Shape.NoFrame)
        self.inner = QWidget()
        by_parts(self.inner)
        self.column = QVBoxLayout(self.inner)
        self.column.setContentsMargins(0, 4, 4, 4)
        self.column.setSpacing(8)

    def finish(self) -> None:
        """Close the column after its last card."""
        self.column.addStretch(1)
        self.setWidget(self.inner)

"""A row of buttons, each of which shows its widget."""

from __future__ import annotations

from typing import Final

from PySide6.QtCore import QEvent, Signal
from PySide6.QtGui import QResizeEvent
from PySide6.QtWidgets import QHBoxLayout, QPushButton, QSizePolicy, QStackedWidget, QVBoxLayout, QWidget

from standtall.ui.widgets.dressing import apart
from standtall.ui.widgets.tips import set_tip

GAP: Final = 2
NARROW: Final = 100
"""Narrower is only a widget that has no place yet."""


def stacked(*pages: QWidget) -> QStackedWidget:
    """Pages of which one is shown, each dressed when it is first shown."""
    made = QStackedWidget()
    for page in pages:
        apart(page)
        made.addWidget(page)
    return made


class _Bar(QWidget):
    """The rows of buttons. It is dressed as one, which changes what they need."""

    dressed = Signal()

    def changeEvent(self, event: QEvent) -> None:
        super().changeEvent(event)
        if event.type() == QEvent.Type.StyleChange:
            self.dressed.emit()


class Tabs(QWidget):
    """A row of buttons over the widgets that they show; two rows where their texts need more than the width there is."""

    def __init__(self, entries: dict[str, tuple[str, str]], widgets: dict[str, QWidget], name: str) -> None:
        super().__init__()
        self._stack = stacked(*(widgets[key] for key in entries))
        self._buttons: dict[str, QPushButton] = {}
        self._widgets = widgets
        self.shown = ""
        """The key of the widget that is shown."""
        self._rows = (QHBoxLayout(), QHBoxLayout())
        for key, (text, tip) in entries.items():
            button = QPushButton(text)
            button.setObjectName(name)
            button.setCheckable(True)
            set_tip(button, tip)
            button.setSizePolicy(QSizePolicy.Policy.Preferred, QSizePolicy.Policy.Fixed)
            button.setMinimumWidth(1)
            button.clicked.connect(lambda _c=False, k=key: self.show_tab(k))
            self._buttons[key] = button
        bar = _Bar()
        rows = QVBoxLayout(bar)
        whole = QVBoxLayout(self)
        for column in (rows, whole):
            column.setContentsMargins(0, 0, 0, 0)
            column.setSpacing(4)
        for row in self._rows:
            row.setSpacing(GAP)
            rows.addLayout(row)
        whole.addWidget(bar)
        whole.addWidget(self._stack, 1)
        self._arranged: tuple[int, list[int]] = (0, [])
        self._arrange()
        bar.dressed.connect(self._arrange)
        self.show_tab(next(iter(entries)))

    def _arrange(self) -> None:
        """Put the buttons into as many rows as they need, each as wide as it needs to be and a share of the rest."""
        need = [b.sizeHint().width() for b in self._buttons.values()]
        fits = self.width() < NARROW or sum(need) + GAP * (len(need) - 1) <= self.width()
        first = len(need) if fits else (len(need) + 1) // 2
        if (first, need) == self._arranged:
            return
        self._arranged = first, need
        for number, button in enumerate(self._buttons.values()):
            for row in self._rows:
                row.removeWidget(button)
            self._rows[0 if number < first else 1].addWidget(button, need[number])

    def resizeEvent(self, event: QResizeEvent) -> None:
        super().resizeEvent(event)
        self._arrange()

    @property
    def keys(self) -> tuple[str, ...]:
        """What can be shown, from left to right."""
        return tuple(self._buttons)

    def show_tab(self, key: str) -> None:
        self.shown = key
        self._stack.setCurrentWidget(self._widgets[key])
        for other, button in self._buttons.items():
            button.setChecked(other == key)

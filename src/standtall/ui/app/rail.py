"""The rail at the left edge: the places, and below them what concerns the whole window."""

from __future__ import annotations

from collections.abc import Callable, Iterable

from PySide6.QtCore import QSize, Qt, Signal
from PySide6.QtWidgets import QMenu, QSizePolicy, QSpacerItem, QToolButton, QVBoxLayout, QWidget

from standtall.base.interface_language import tr
from standtall.ui.widgets import focus_ring, theme
from standtall.ui.widgets.actions import Action, key_text
from standtall.ui.widgets.place import PlaceName

PALE = "#d9d3c7"


class Rail(QWidget):
    """`wanted` carries the name of a place, and by what it was chosen: a key of a button that has the keyboard, or a click."""

    wanted = Signal(str, Qt.FocusReason)

    def __init__(self, places: Iterable[PlaceName], projects: QMenu, tools: Iterable[tuple[Action, str]]) -> None:
        super().__init__()
        self.setObjectName("rail")
        self.setAttribute(Qt.WidgetAttribute.WA_StyledBackground)  # else a class of our own stays without its ground
        self.setFixedWidth(74)
        self._column = QVBoxLayout(self)
        self._column.setContentsMargins(4, 10, 4, 10)
        self._column.setSpacing(6)
        self._places: dict[str, QToolButton] = {}
        for place in places:
            button = self._button(place.name, place.title, f"{place.title} ({key_text(place.keys[0])})")
            button.setCheckable(True)
            button.clicked.connect(self._wants(place.name, button))
            self._places[place.name] = button
        self._column.addItem(QSpacerItem(1, 1, QSizePolicy.Policy.Minimum, QSizePolicy.Policy.Expanding))
        project = self._button("open", tr("Project"), tr("New, open, recent projects"))
        project.setPopupMode(QToolButton.ToolButtonPopupMode.InstantPopup)
        project.setMenu(projects)
        for action, drawing in tools:
            self._button(drawing, action.label or action.text, action.tip).clicked.connect(lambda _c=False, a=action: a.does())

    def _wants(self, name: str, by: QToolButton) -> Callable[[], None]:
        reasons = Qt.FocusReason
        return lambda: self.wanted.emit(name, reasons.ShortcutFocusReason if by.hasFocus() else reasons.MouseFocusReason)

    def _button(self, drawing: str, text: str, tip: str) -> QToolButton:
        button = QToolButton()
        theme.draw(button, drawing, PALE)
        button.setIconSize(QSize(24, 24))
        button.setText(text)
        button.setToolButtonStyle(Qt.ToolButtonStyle.ToolButtonTextUnderIcon)
        button.setToolTip(tip)
        button.setAccessibleName(text)
        button.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        focus_ring.give(button, Qt.FocusPolicy.TabFocus, colour=theme.NOW)
        self._column.addWidget(button)
        return button

    def mark(self, name: str) -> None:
        """Show which place is in front."""
        for place, button in self._places.items():
            button.setChecked(place == name)
            theme.draw(button, place, theme.NOW if place == name else PALE)

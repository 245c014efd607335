"""A ring around what the keyboard came to, for widgets that paint themselves: the others have theirs from the style sheet."""

from __future__ import annotations

from typing import Final

from PySide6.QtCore import QEvent, QObject, Qt
from PySide6.QtGui import QColor, QFocusEvent, QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import QWidget

from standtall.ui.widgets import theme

WIDE: Final = 2
"""Pixels (WCAG 2.2, 2.4.13)."""
BY_KEY: Final = frozenset({Qt.FocusReason.TabFocusReason, Qt.FocusReason.BacktabFocusReason, Qt.FocusReason.ShortcutFocusReason})

BACK: Final = frozenset({Qt.FocusReason.PopupFocusReason, Qt.FocusReason.ActiveWindowFocusReason})
"""A menu was closed, or the window is in front again: the focus is where it was."""


def give(
    widget: QWidget, policy: Qt.FocusPolicy = Qt.FocusPolicy.StrongFocus, inside: int = 0, colour: str = "", ground: str = ""
) -> None:
    """Let the keyboard come to a widget, which has a ring then: so many pixels `inside` it, in the colour of the theme for that
    unless it has a `colour` of its own, and within it a second one of the colour `ground`, if any."""
    widget.setFocusPolicy(policy)
    FocusRing(widget, inside, colour, ground)


def give_on_pictures(widget: QWidget) -> None:
    """As `give`, for what shows pictures: one of two rings, a pale and a dark one, is seen on any colour (technique C40 of WCAG
    2.2: two colours with 9:1 between them)."""
    give(widget, colour=theme.DARK.focus, ground=theme.WELL)


class FocusRing(QWidget):
    """Lies over `of` while that has the focus and a key brought it there; a click needs no ring."""

    def __init__(self, of: QWidget, inside: int = 0, colour: str = "", ground: str = "") -> None:
        super().__init__(of)
        self._of, self._inside, self._colour, self._ground = of, inside, colour, ground
        self._left = False
        """Whether it was there as the focus went."""
        self.setAttribute(Qt.WidgetAttribute.WA_TransparentForMouseEvents)
        self.hide()
        of.installEventFilter(self)

    def eventFilter(self, of: QObject, event: QEvent) -> bool:
        kind = event.type()
        if kind == QEvent.Type.FocusIn and isinstance(event, QFocusEvent):
            if event.reason() in BY_KEY or (self._left and event.reason() in BACK):
                self.setGeometry(self._of.rect())
                self.raise_()
                self.show()
        elif kind == QEvent.Type.FocusOut:
            self._left = self.isVisible()
            self.hide()
        elif kind == QEvent.Type.Resize:
            self.setGeometry(self._of.rect())
        return False

    def paintEvent(self, _event: QPaintEvent) -> None:
        painter = QPainter(self)
        edge = 1 + self._inside
        for colour in (self._colour or theme.current().focus, self._ground):
            if colour:
                painter.setPen(QPen(QColor(colour), WIDE, j=Qt.PenJoinStyle.MiterJoin))
                painter.drawRect(self.rect().adjusted(edge, edge, -edge, -edge))
                edge += WIDE

"""Small parts of many places: a line to type in, a button with its tip."""

from __future__ import annotations

from collections.abc import Callable, Iterable

from PySide6.QtCore import QEvent, QObject, Qt, Signal
from PySide6.QtGui import QFocusEvent, QKeyEvent, QPaintEvent, QShowEvent
from PySide6.QtWidgets import (
    QComboBox,
    QCompleter,
    QDialog,
    QDialogButtonBox,
    QLineEdit,
    QListView,
    QPushButton,
    QStyle,
    QStyleOptionFrame,
    QStylePainter,
    QWidget,
)

from standtall.base.interface_language import tr
from standtall.ui.widgets import dressing
from standtall.ui.widgets.tips import set_tip

MARGIN = 8
"""Room that the theme leaves at each side of a text."""


def cancel_of(sheet: QDialog) -> QPushButton:
    """What closes a sheet and does nothing."""
    return button(tr("Cancel"), tr("Close this; nothing is done (Escape)"), sheet.reject)


def tell_both(buttons: QDialogButtonBox, does: QDialogButtonBox.StandardButton, tip: str) -> None:
    """Give the two buttons of a form their tooltips."""
    set_tip(buttons.button(does), tip)
    set_tip(buttons.button(QDialogButtonBox.StandardButton.Cancel), tr("Close this; nothing is done (Escape)"))


def button(text: str, tip: str, does: Callable[[], object], name: str = "") -> QPushButton:
    """A button that does something when it is clicked; `name` chooses its style in the theme."""
    made = QPushButton(text)
    made.setObjectName(name)
    made.setFocusPolicy(Qt.FocusPolicy.TabFocus)  # a click leaves the focus where the keys of the place work
    set_tip(made, tip)
    made.clicked.connect(lambda _checked=False: does())
    return made


class FilledWhenShown(QComboBox):
    """A choice of many texts that take long to gather, of which one types a part: when it is first seen it asks `fetch` for them,
    which calls what it is given with them. It is not as wide as the widest, and its rows are as high as each other: to measure
    hundreds of them at each change of the style takes 20 ms."""

    def __init__(self, fetch: Callable[[Callable[[Iterable[str]], None]], object]) -> None:
        super().__init__()
        self.setSizeAdjustPolicy(QComboBox.SizeAdjustPolicy.AdjustToMinimumContentsLengthWithIcon)
        self.setEditable(True)
        self.setInsertPolicy(QComboBox.InsertPolicy.NoInsert)
        completer = self.completer()
        if completer is not None:
            completer.setCompletionMode(QCompleter.CompletionMode.PopupCompletion)
            dressing.dress(completer.popup())  # it hangs on nothing
        for rows in (self.view(), None if completer is None else completer.popup()):
            if isinstance(rows, QListView):
                rows.setUniformItemSizes(True)  # else it measures each
        self._fetch: Callable[[Callable[[Iterable[str]], None]], object] | None = fetch

    def showEvent(self, event: QShowEvent) -> None:
        if self._fetch is not None:
            fetch, self._fetch = self._fetch, None
            fetch(self._fill)
        super().showEvent(event)

    def _fill(self, texts: Iterable[str]) -> None:
        chosen = self.currentText()
        self.addItems(list(texts))
        self.setCurrentText(chosen)


class Field(QLineEdit):
    """Escape gives the text up."""

    given_up = Signal()

    def __init__(self, name: str, hint: str = "", parent: QWidget | None = None, tip: str = "") -> None:
        super().__init__(parent)
        set_tip(self, tip)
        self.setAccessibleName(name)
        self.setPlaceholderText(hint or name)
        self.setObjectName("field")

    def focusInEvent(self, event: QFocusEvent) -> None:
        self.installEventFilter(self)  # only now: to ask Python about each event of each field delays every change of the style
        super().focusInEvent(event)

    def focusOutEvent(self, event: QFocusEvent) -> None:
        self.removeEventFilter(self)
        super().focusOutEvent(event)

    def eventFilter(self, of: QObject, event: QEvent) -> bool:
        if event.type() == QEvent.Type.ShortcutOverride and isinstance(event, QKeyEvent) and event.key() == Qt.Key.Key_Escape:
            event.accept()  # before the window takes the focus back to the page
            return True
        return super().eventFilter(of, event)

    def paintEvent(self, event: QPaintEvent) -> None:
        """While nobody types in it, a text that is too long for it ends in an ellipsis."""
        room = self.contentsRect().adjusted(MARGIN, 0, -MARGIN, 0)
        metrics = self.fontMetrics()
        if self.hasFocus() or not self.text() or metrics.horizontalAdvance(self.text()) <= room.width():
            super().paintEvent(event)
            return
        painter, option = QStylePainter(self), QStyleOptionFrame()
        self.initStyleOption(option)
        painter.drawPrimitive(QStyle.PrimitiveElement.PE_PanelLineEdit, option)
        short = metrics.elidedText(self.text(), Qt.TextElideMode.ElideRight, room.width())
        painter.setPen(self.palette().color(self.foregroundRole()))
        painter.drawText(room, int(Qt.AlignmentFlag.AlignVCenter | Qt.AlignmentFlag.AlignLeft), short)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() == Qt.Key.Key_Escape:
            self.given_up.emit()
            event.accept()
            return
        super().keyPressEvent(event)

"""Gives the widgets of the window their style sheet: what is seen at once, pages behind others when they are first shown.

Qt matches the rules of a sheet with every widget below the one that has it, shown or not: of the whole program, two thousand, in
half a second, at the start and whenever light turns to dark. So pages that lie behind others are dressed apart, and what holds
them wears nothing but the letters and colours of the program.
"""

from __future__ import annotations

import weakref
from typing import Final

from PySide6.QtCore import QChildEvent, QEvent, QObject, QTimer
from PySide6.QtGui import QColor, QPalette
from PySide6.QtWidgets import QApplication, QWidget
from shiboken6 import isValid

from standtall.ui.widgets import theme
from standtall.ui.widgets.style_sheet import style_sheet

WORN: Final = "sheet worn"
"""The property of a widget that wears the sheet itself: the number of that sheet."""
OWN: Final = "own rules"
BETWEEN_MS: Final = 60
"""Between pages that are dressed while nothing else is done."""

_apart: weakref.WeakSet[QWidget] = weakref.WeakSet()


def apart(page: QWidget) -> None:
    """Let a page be dressed when it is first shown. What holds it gets no style sheet: it has to look right without."""
    _apart.add(page)
    page.installEventFilter(_dresser())


def also(widget: QWidget, declarations: str) -> None:
    """Rules of a widget's own, beside those of the program: also for one that wears the sheet itself."""
    widget.setProperty(OWN, f"* {{ {declarations} }}")
    worn = widget.property(WORN)
    widget.setStyleSheet((_dresser().sheet if worn is not None else "") + widget.property(OWN))
    if worn is not None:
        widget.setProperty(WORN, _dresser().number)


def begin(application: QApplication, look: theme.Theme) -> None:
    """Letters and colours, before there is a window."""
    theme.choose(look)
    if application.property("dressed") is None:
        application.setStyle("Fusion")
        font = application.font()
        font.setFamily("Inter")
        font.setPixelSize(theme.BODY)
        application.setFont(font)
        application.setProperty("dressed", True)
    palette = QPalette()
    role = QPalette.ColorRole
    for which, colour in (
        (role.Window, look.ground), (role.Base, look.raised), (role.Button, look.raised), (role.Text, look.text),
        (role.WindowText, look.text), (role.ButtonText, look.text), (role.Highlight, theme.NOW),
        (role.HighlightedText, theme.ON_NOW), (role.ToolTipBase, look.raised), (role.ToolTipText, look.text),
        (role.PlaceholderText, look.faint), (role.AlternateBase, look.ground),
    ):  # fmt: skip
        palette.setColor(which, QColor(colour))
    if application.palette() != palette:
        application.setPalette(palette)


def apply(application: QApplication, look: theme.Theme) -> None:
    """Dress all windows that there are in a theme, and what comes into them later."""
    begin(application, look)
    dresser = _dresser()
    dresser.wear(style_sheet(look, dresser.large))


def size_targets(application: QApplication, large: bool) -> None:
    """Let all that is clicked be at least 44 pixels high (WCAG 2.2, 2.5.5), or as high as it needs to be."""
    dresser = _dresser()
    if large != dresser.large:
        dresser.large = large
        if dresser.number:
            apply(application, theme.current())


def dress_the_rest() -> None:
    """Dress also the pages that nobody has seen yet, one after the other, so that none waits for it later."""
    _dresser().rest.start()


def dress(widget: QWidget | None) -> None:
    """Dress what hangs on nothing that is dressed."""
    if widget is not None:
        _dresser().dress(widget)


class Dresser(QObject):
    """Knows what wears which sheet."""

    def __init__(self, application: QObject) -> None:
        super().__init__(application)
        self.sheet = ""
        self.number = 0
        """Counts the sheets."""
        self.large = False
        self.rest = QTimer(self)
        self.rest.setInterval(BETWEEN_MS)
        self.rest.timeout.connect(self._next)

    def wear(self, sheet: str) -> None:
        """Let everything wear another sheet; pages that are not shown, when they are."""
        self.sheet = sheet
        self.number += 1
        for top in QApplication.topLevelWidgets():
            if top.parentWidget() is None:
                self.dress(top)

    def dress(self, widget: QWidget) -> None:
        """Dress a widget and all in it that is no page behind another."""
        self._dress(widget, _holders())

    def _dress(self, widget: QWidget, holders: set[QWidget]) -> None:
        if widget not in holders:
            self._put_on(widget)
            return
        self._watch(widget)
        for child in widget.children():
            if not isinstance(child, QWidget):
                continue
            if child not in _apart:
                self._dress(child, holders)
                continue
            self._watch(child)
            if child.isVisible() and child.property(WORN) != self.number:
                self._open(child, holders)

    def _open(self, page: QWidget, holders: set[QWidget]) -> None:
        page.setProperty(WORN, self.number)
        self._dress(page, holders)

    def _watch(self, widget: QWidget) -> None:
        widget.removeEventFilter(self)
        widget.installEventFilter(self)

    def _put_on(self, widget: QWidget) -> None:
        own = widget.property(OWN)
        if own is None:
            own = widget.styleSheet()
            own = f"* {{ {own} }}" if own and "{" not in own else own
            widget.setProperty(OWN, own)
        widget.setStyleSheet(self.sheet + own)
        widget.setProperty(WORN, self.number)

    def eventFilter(self, of: QObject, event: QEvent) -> bool:
        """A page is shown for the first time since the sheet was chosen, or something new comes to what holds pages."""
        if not self.number or not isinstance(of, QWidget):
            return False
        if event.type() == QEvent.Type.Show and of in _apart and of.property(WORN) != self.number:
            self._open(of, _holders())
        elif event.type() == QEvent.Type.ChildPolished and isinstance(event, QChildEvent):
            child, holders = event.child(), _holders()
            if isinstance(child, QWidget) and child.isWindow() and of in _apart and of.property(WORN) != self.number:
                self._open(of, holders)  # a sheet of a page that nobody has seen: it wears what the page wears
            if of in holders and isinstance(child, QWidget) and child not in _apart and child.property(WORN) != self.number:
                self._dress(child, holders)
        return False

    def _next(self) -> None:
        """Dress one page that is not shown."""
        for page in list(_apart):
            if isValid(page) and page.property(WORN) != self.number:
                self._open(page, _holders())
                return
        self.rest.stop()


def _holders() -> set[QWidget]:
    """All widgets that hold a page dressed apart, however far above it."""
    out: set[QWidget] = set()
    for page in list(_apart):
        above = page.parentWidget() if isValid(page) else None
        while above is not None and above not in out:
            out.add(above)
            above = above.parentWidget()
    return out


_known: list[Dresser] = []


def _dresser() -> Dresser:
    """The one of the program that runs."""
    application = QApplication.instance()
    assert application is not None
    if not _known or not isValid(_known[0]):
        _known[:] = [Dresser(application)]
    return _known[0]

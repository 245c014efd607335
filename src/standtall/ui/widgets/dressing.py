"""Gives the widgets of the window their style sheet: what is seen at once, pages behind others when they are first shown.

Qt matches the rules of a sheet with every widget below the one that has it, shown or not: of the whole program, two thousand, in
half a second, at the start and whenever light turns to dark. So pages that lie behind others are dressed apart, large pages by
their parts, and what holds them wears nothing but the letters and colours of the program. A window that is seen changes its theme
some parts a turn of the event loop, so that it answers meanwhile, and so does a page that is shown before it was its turn: a part
is painted once it is dressed.
"""

from __future__ import annotations

import time
import weakref
from collections import deque
from collections.abc import Iterable, Iterator
from typing import Any, Final

from PySide6.QtCore import QChildEvent, QEvent, QObject, Qt, QTimer
from PySide6.QtGui import QColor, QPalette
from PySide6.QtWidgets import QApplication, QWidget
from shiboken6 import isValid

from standtall.ui.widgets import theme
from standtall.ui.widgets.style_sheet import style_sheet

WORN: Final = "sheet worn"
"""The property of a widget that wears the sheet itself: the number of that sheet."""
OPENED: Final = "sheet opened for"
"""The property of a page that is dressed apart: the number of the sheet that its parts wear, or wait for."""
OWN: Final = "own rules"
BETWEEN_MS: Final = 40
"""Between parts that nobody sees and that are dressed beforehand."""
TURN_S: Final = 0.004
"""After so long of dressing what is seen the event loop has its turn."""

_apart: weakref.WeakSet[QWidget] = weakref.WeakSet()
_parted: weakref.WeakSet[QWidget] = weakref.WeakSet()


def apart(page: QWidget) -> None:
    """Let a page be dressed when it is first shown. What holds it gets no style sheet: it has to look right without."""
    _apart.add(page)
    page.installEventFilter(_dresser())


def by_parts(widget: QWidget) -> None:
    """Dress what is in `widget` child by child. It gets no style sheet itself: it has to look right without."""
    _parted.add(widget)


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


def change(application: QApplication, look: theme.Theme, window: QWidget) -> None:
    """Dress the windows that are seen in another theme, some parts a turn; then draw the buttons of `window` in it, and dress
    all that is not seen."""
    dresser = _dresser()
    dresser.choose(style_sheet(look, dresser.large))
    begin(application, look)
    dresser.wear_in_turns(window)


def size_targets(large: bool) -> None:
    """Let all that is clicked be at least 44 pixels high (WCAG 2.2, 2.5.5), or as high as it needs to be."""
    dresser = _dresser()
    if large != dresser.large:
        dresser.large = large
        if dresser.number:  # else there is no window yet
            dresser.choose(style_sheet(theme.current(), large))
            dresser.wear_in_turns()


def dress_the_rest() -> None:
    """Dress also the pages that nobody has seen yet, part by part, so that none waits for it later."""
    _dresser().begin_rest()


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
        self._waiting: deque[QWidget] = deque()
        self._held: set[QWidget] = set()
        """What is shown, and painted once it is dressed."""
        self._until = 0.0
        """When this turn of the event loop has dressed long enough."""
        self._changed: QWidget | None = None
        self._rest_follows = False
        self._turns = QTimer(self)
        self._turns.timeout.connect(self._turn)
        self._rest: deque[QWidget] = deque()
        self._beforehand = QTimer(self)
        self._beforehand.setInterval(BETWEEN_MS)
        self._beforehand.timeout.connect(self._next)

    def wear(self, sheet: str) -> None:
        """Let everything wear another sheet; pages that are not shown, when they are."""
        self._choose(sheet)
        for top in _tops():
            self.dress(top)
        self._release()

    def choose(self, sheet: str) -> None:
        """Let nothing that is seen be painted until it wears another sheet: `wear_in_turns` begins with that."""
        self._choose(sheet)
        holders = _holders()
        self._waiting.extend(unit for top in _tops() for unit in self._units(top, holders))
        for unit in self._waiting:
            self._hold(unit)

    def wear_in_turns(self, window: QWidget | None = None) -> None:
        """Dress what was chosen for, some parts in each turn of the event loop; then draw the buttons of `window`, and dress
        pages that are not shown."""
        self._changed, self._rest_follows = window or self._changed, True
        self._turns.start(0)

    def _choose(self, sheet: str) -> None:
        self.sheet = sheet
        self.number += 1
        self._waiting.clear()
        self._rest.clear()

    def _turn(self) -> None:
        if not self._waiting:
            self._over()
        self._until = time.monotonic() + TURN_S
        while self._waiting:
            unit = self._waiting.popleft()
            self._put_on(unit)
            self._release(unit)
            if time.monotonic() > self._until:
                break
        if not self._waiting:
            self._release()

    def _over(self) -> None:
        """All that is seen is dressed; after a change of theme its buttons are drawn, and what is not seen follows."""
        self._turns.stop()
        changed, self._changed = self._changed, None
        if changed is not None and isValid(changed):
            theme.redraw(changed)
        if self._rest_follows:
            self._rest_follows = False
            self.begin_rest()

    def _show(self, page: QWidget) -> None:
        """Dress a page that is being shown: all of it where its window is not there yet, else as far as this turn allows."""
        units = [u for u in self._open(page, _holders()) if u.property(WORN) != self.number]
        handle: Any = page.window().windowHandle()  # none before the window is shown for the first time
        if handle is None or not handle.isExposed():
            self._put_on_all(units)
            return
        self._begin(units)

    def _begin(self, units: list[QWidget]) -> None:
        """Dress as many as this turn allows, and the others in the next ones."""
        if not units:
            return
        if not self._turns.isActive():
            self._until = time.monotonic() + TURN_S
            self._turns.start(0)
        while units:
            self._put_on(units.pop(0))
            if time.monotonic() > self._until:
                break
        self._waiting.extendleft(reversed(units))
        for unit in units:
            self._hold(unit)

    def _hold(self, unit: QWidget) -> None:
        """Let it be painted once it is dressed."""
        if not unit.testAttribute(Qt.WidgetAttribute.WA_ForceUpdatesDisabled):  # what it is in may stand still just now
            unit.setUpdatesEnabled(False)
            self._held.add(unit)

    def _release(self, unit: QWidget | None = None) -> None:
        """Let it be painted, or all that is held."""
        released = self._held & {unit} if unit is not None else set(self._held)
        self._held -= released
        for one in released:
            if isValid(one):
                one.setUpdatesEnabled(True)

    def dress(self, widget: QWidget) -> None:
        """Dress a widget and all in it that is no page behind another."""
        self._put_on_all(self._units(widget, _holders()))

    def _put_on_all(self, units: Iterable[QWidget]) -> None:
        for unit in list(units):
            self._put_on(unit)

    def _units(self, widget: QWidget, holders: set[QWidget]) -> Iterator[QWidget]:
        """What is in a widget, or the widget, that gets the sheet now: nothing of a page behind another."""
        if widget not in holders:
            yield widget
            return
        self._watch(widget)
        for child in widget.children():
            if not isinstance(child, QWidget):
                continue
            if child not in _apart:
                yield from self._units(child, holders)
                continue
            self._watch(child)
            if child.isVisible() and child.property(OPENED) != self.number:
                yield from self._open(child, holders)

    def _open(self, page: QWidget, holders: set[QWidget]) -> Iterator[QWidget]:
        """The parts of a page that is to wear the sheet from now on."""
        page.setProperty(OPENED, self.number)
        return self._units(page, holders)

    def _watch(self, widget: QWidget) -> None:
        widget.removeEventFilter(self)
        widget.installEventFilter(self)

    def _put_on(self, widget: QWidget) -> None:
        """Nothing where it wears the sheet already, or is gone: it may have waited for its turn."""
        if not isValid(widget) or widget.property(WORN) == self.number:
            return
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
        if event.type() == QEvent.Type.Show and of in _apart:
            if of.property(OPENED) != self.number or self._rest or self._waiting:
                self._show(of)
        elif event.type() == QEvent.Type.ChildPolished and isinstance(event, QChildEvent):
            self._polished(of, event.child())
        return False

    def _polished(self, of: QWidget, child: QObject) -> None:
        """Something new is about to be shown in what holds pages."""
        if not isinstance(child, QWidget):
            return
        holders = _holders()
        if of in _apart and of.property(OPENED) != self.number:
            if not child.isWindow():
                return  # the page itself is about to be shown
            self._put_on_all(self._open(of, holders))  # a sheet of a page that nobody has seen: it wears what the page wears
        if of in holders and child not in _apart and child.property(WORN) != self.number:
            units = list(self._units(child, holders))
            scrolled = [u for u in units if child.isWindow() and u.parentWidget() in _parted]  # no size hangs on these
            self._put_on_all(u for u in units if u not in scrolled)
            self._begin(scrolled)

    def begin_rest(self) -> None:
        """Begin to dress the pages that are not shown."""
        self._beforehand.start()

    def _next(self) -> None:
        """Dress one part of a page that is not shown."""
        while not self._rest:
            page = next((p for p in list(_apart) if isValid(p) and p.property(OPENED) != self.number), None)
            if page is None:
                self._beforehand.stop()
                return
            self._rest.extend(self._open(page, _holders()))
        self._put_on(self._rest.popleft())


def _tops() -> list[QWidget]:
    return [top for top in QApplication.topLevelWidgets() if top.parentWidget() is None]


def _holders() -> set[QWidget]:
    """All widgets that hold a page dressed apart, or one that is dressed by its parts, however far above it."""
    out: set[QWidget] = set()
    for page in (*_apart, *_parted):
        above = (page if page in _parted else page.parentWidget()) if isValid(page) else None
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

"""Opens the window on the demo in the language of `STAND_TALL_LANGUAGE`, goes everywhere, and writes what does not fit:
python -m tests.ui.fit_run WIDTHxHEIGHT …; a line each, and at last "looked at N texts"."""

from __future__ import annotations

import sys
import time

from PySide6.QtGui import QFontMetricsF
from PySide6.QtWidgets import QAbstractButton, QLabel, QMenu, QToolTip, QWidget

from standtall.base.ending import leave
from standtall.ui.app.application import dressed, open_files
from standtall.ui.app.window import MainWindow
from standtall.ui.footage.preview_copies import PreviewCopies
from standtall.ui.widgets import dressing, theme
from tests.ui.everywhere import all_over, turn
from tests.ui.fits import cut_off

LONGEST_S = 100
WIDEST_TIP = 680
"""Pixels: two thirds of the smallest screen."""
TURNS = 250
LEAST_HIGH = 700
"""Lower screens than the program is made for show a long menu in two columns."""


def dressed_by(widget: QWidget | None) -> QWidget | None:
    """The widget around it, or itself, whose style sheet holds for it."""
    while widget is not None and not widget.styleSheet():
        widget = widget.parentWidget()
    return widget


def main(sizes: list[str]) -> int:
    application = dressed(["fits"])
    PreviewCopies.want = lambda _self, _source: None  # type: ignore[method-assign]
    window = MainWindow()
    dressing.apply(application, theme.LIGHT)
    window.show()
    open_files(window, [], demo=True)
    until = time.monotonic() + LONGEST_S
    while window.workspace.opened is None and time.monotonic() < until:
        turn(50)
    turn(500)
    if window.walking is not None:
        window.walking.end()
    looked, seen = 0, set[str]()

    def look(where: str, over: QWidget) -> None:
        nonlocal looked
        turn(40)
        found: list[tuple[QWidget, str]] = []
        for _ in range(TURNS):  # until it is dressed and laid out: what does not fit then does not fit
            found = list(cut_off(over))
            if not dressing._dresser()._waiting and not found:
                break
            turn(40)
        looked += sum(w.isVisible() for w in (*over.findChildren(QLabel), *over.findChildren(QAbstractButton)))
        for line in (line for w in over.findChildren(QWidget) for line in w.toolTip().split("\n")):
            if tip_metrics.horizontalAdvance(line) > WIDEST_TIP:
                print(f"{where}: a tooltip is too wide: {line!r}")
        for widget, text in found:  # a text may come while one looks again
            print(f"{where}: {type(widget).__name__} {widget.objectName()} {text!r} has {widget.width()} x {widget.height()}")

    tip_metrics = QFontMetricsF(QToolTip.font())
    for size in sizes:
        window.resize(*map(int, size.split("x")))
        turn(50)
        bar = window.menuBar()
        if bar.sizeHint().width() > bar.width():
            print(f"{size} menus need {bar.sizeHint().width()} of {bar.width()}")
        screen = window.screen().availableGeometry()
        for menu in bar.findChildren(QMenu) if size == sizes[0] and screen.height() > LEAST_HIGH else ():
            looked += len(menu.actions())
            if menu.sizeHint().width() > screen.width() or menu.sizeHint().height() > screen.height():
                print(f"{size} menu {menu.title()} needs {menu.sizeHint()} of {screen.size()}")
        for name, over in all_over(window, with_sheets=size == sizes[0]):  # sheets are as large over any window
            look(f"{size} {name}", over)
            if over is not window:
                seen.add(name)
                if not any(dressed_by(w) for w in over.findChildren(QWidget)):
                    print(f"{name} wears no style sheet")
    print(f"looked at {looked} texts in {len(seen)} sheets")
    window.end()
    return 0


if __name__ == "__main__":
    leave(main(sys.argv[1:]))

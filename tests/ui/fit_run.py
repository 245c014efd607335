"""Opens the window on the demo in the language of `STAND_TALL_LANGUAGE`, goes everywhere, and writes what does not fit:
python -m tests.ui.fit_run WIDTHxHEIGHT …; a line each, and at last "looked at N texts"."""

from __future__ import annotations

import sys
import time
from collections.abc import Callable

from PySide6.QtCore import QEventLoop, QTimer
from PySide6.QtGui import QFontMetricsF
from PySide6.QtWidgets import QAbstractButton, QDialog, QLabel, QMenu, QToolTip, QWidget

from standtall.base.ending import leave
from standtall.ui.app.application import dressed, open_files
from standtall.ui.app.tap_sheet import TapSheet
from standtall.ui.app.window import MainWindow
from standtall.ui.bench.panels.captions.style_card import GROUPS
from standtall.ui.footage.preview_copies import PreviewCopies
from standtall.ui.renders.side_by_side import SideBySideSheet
from standtall.ui.widgets import dressing, theme
from standtall.ui.widgets.tabs import Tabs
from tests.ui.fits import cut_off

LONGEST_S = 100
WIDEST_TIP = 680
"""Pixels: two thirds of the smallest screen."""
TURNS = 25
LEAST_HIGH = 700
"""Lower screens than the program is made for show a long menu in two columns."""


def dressed_by(widget: QWidget | None) -> QWidget | None:
    """The widget around it, or itself, whose style sheet holds for it."""
    while widget is not None and not widget.styleSheet():
        widget = widget.parentWidget()
    return widget


def turn(ms: int) -> None:
    loop = QEventLoop()
    QTimer.singleShot(ms, loop.quit)
    loop.exec()


def places(window: MainWindow) -> list[tuple[str, Callable[[], None]]]:
    """Every place, panel and tab, by what brings it in front."""
    out: list[tuple[str, Callable[[], None]]] = []
    for name in ("footage", "moments"):
        out.append((name, lambda n=name: window.go(n)))  # type: ignore[misc]
    out.append(("bench", lambda: window.go("bench")))
    inspector = window.bench.inspector
    for panel in ("framing", "captions", "extras", "sound", "translation", "words"):
        out.append((panel, lambda p=panel: inspector.show_panel(p)))  # type: ignore[misc]
    for tab in ("pieces", "tighten", "transcript", "chosen"):
        out.append((tab, lambda t=tab: inspector.show_side(t)))  # type: ignore[misc]
    for place, side in (("renders", window.renders.side), ("calendar", window.calendar.side)):
        for tab in side.keys:
            out.append((f"{place} {tab}", lambda p=place, s=side, t=tab: (window.go(p), s.show_tab(t))))  # type: ignore[misc]
    return out


def sheets(window: MainWindow) -> list[Callable[[], object]]:
    """What opens every sheet of the window that asks for no file of the desktop's own first."""
    bench, moments = window.bench, window.moments
    return [
        window.show_preferences, window.show_about, window.show_help, window._show_shortcuts, window.show_machines,
        window.projects.pack, window.footage.look_through, moments.show_chapters, moments.show_clips, bench.compare,
        bench.inspector.pieces.cuts.write, lambda: window.files.choose_export(window), bench.gauge.new_channel,
        window.calendar.channels.new_channel, lambda: TapSheet(window).open(),
        lambda: SideBySideSheet(window.workspace, {}, window).open(),
    ]  # fmt: skip


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
    inspector = window.bench.inspector
    outer = (inspector._panels, inspector._words, window.renders.side, window.calendar.side)

    def look(where: str, over: QWidget) -> None:
        nonlocal looked
        turn(40)
        for _ in range(TURNS):  # until it is dressed and laid out: what does not fit then does not fit
            if not dressing._dresser()._waiting and not list(cut_off(over)):
                break
            turn(40)
        looked += sum(w.isVisible() for w in (*over.findChildren(QLabel), *over.findChildren(QAbstractButton)))
        for line in (line for w in over.findChildren(QWidget) for line in w.toolTip().split("\n")):
            if tip_metrics.horizontalAdvance(line) > WIDEST_TIP:
                print(f"{where}: a tooltip is too wide: {line!r}")
        for widget, text in cut_off(over):
            print(f"{where}: {type(widget).__name__} {widget.objectName()} {text!r} has {widget.width()} x {widget.height()}")

    tip_metrics = QFontMetricsF(QToolTip.font())
    style = inspector.captions.style_card
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
        for name, brings in places(window):
            brings()
            look(f"{size} {name}", window)
            for tabs in (t for t in window.findChildren(Tabs) if t.isVisible() and t not in outer):
                for key in tabs.keys[1:]:
                    tabs.show_tab(key)
                    look(f"{size} {name} {key}", window)
                    for group in GROUPS if key == "style" else ():
                        style.show_group(group)
                        look(f"{size} {name} {key} {group}", window)
        for opens in sheets(window) if size == sizes[0] else ():  # they are as large over any window
            opens()
            turn(150)
            until = time.monotonic() + LONGEST_S / 10  # some read what they show first
            while not any(d.isVisible() for d in window.findChildren(QDialog)) and time.monotonic() < until:
                turn(50)
            for sheet in (s for s in window.findChildren(QDialog) if s.isVisible()):
                look(f"{size} {type(sheet).__name__}", sheet)
                seen.add(type(sheet).__name__)
                if not any(dressed_by(w) for w in sheet.findChildren(QWidget)):
                    print(f"{type(sheet).__name__} wears no style sheet")
                sheet.close()
    print(f"looked at {looked} texts in {len(seen)} sheets")
    window.end()
    return 0


if __name__ == "__main__":
    leave(main(sys.argv[1:]))

"""Menus at the pointer on cards, rows and days, in the real window."""

from __future__ import annotations

from PySide6.QtCore import QPoint, Qt
from PySide6.QtGui import QContextMenuEvent
from PySide6.QtWidgets import QAbstractButton, QApplication, QMenu, QWidget
from pytestqt.qtbot import QtBot

from standtall.ui.app.window import MainWindow
from tests.ui.driving import WAIT, edited
from tests.ui.moments.test_place import asked


def menu_on(widget: QWidget, at: QPoint | None = None) -> QMenu:
    at = at or QPoint(8, 8)
    event = QContextMenuEvent(QContextMenuEvent.Reason.Mouse, at, widget.mapToGlobal(at), Qt.KeyboardModifier.NoModifier)
    QApplication.sendEvent(widget, event)
    popup = QApplication.activePopupWidget()
    assert isinstance(popup, QMenu)
    return popup


def texts(menu: QMenu) -> list[str]:
    return [a.text().partition("\t")[0] for a in menu.actions() if not a.isSeparator()]


def choose(menu: QMenu, text: str) -> None:
    next(a for a in menu.actions() if a.text().partition("\t")[0] == text).trigger()
    menu.close()


def test_cards_offer_what_their_buttons_do(qtbot: QtBot, window: MainWindow) -> None:
    window.go("footage")
    assert window.workspace.opened is not None
    card = window.footage._cards[window.workspace.opened.source.key]
    qtbot.waitUntil(lambda: card._open.isVisible(), timeout=WAIT)
    menu = menu_on(card)
    assert "Open on the Bench" in texts(menu)
    choose(menu, "Open on the Bench")
    qtbot.waitUntil(lambda: window.place == "bench", timeout=WAIT)
    moment = asked(qtbot, window)[0]
    window.go("moments")
    qtbot.waitUntil(moment.isVisible, timeout=WAIT)
    menu = menu_on(moment)
    shown = {b.text() for b in moment.findChildren(QAbstractButton) if b.isVisible() and b.isEnabled() and b.text()}
    assert shown and shown <= set(texts(menu)) and "Keep" in shown
    menu.close()


def test_a_piece_is_moved_and_removed_by_its_menu(qtbot: QtBot, window: MainWindow) -> None:
    ws = window.workspace
    window.bench.inspector.show_panel("words")
    window.bench.inspector.show_side("pieces")
    ws.selection.select(range(40, 44))
    edited(qtbot, window, window.bench.inspector.chosen.cut)
    pieces = window.bench.inspector.pieces.pieces
    assert ws.opened is not None and pieces.count() == 2
    before = ws.opened.entry.short.segments
    item = pieces.visualItemRect(pieces.item(0)).center()
    menu = menu_on(pieces.viewport(), item)
    assert texts(menu) == ["Go there", "Move it down", "Remove it"]
    edited(qtbot, window, lambda: choose(menu, "Move it down"))
    assert ws.opened.entry.short.segments == tuple(reversed(before))


def test_a_day_offers_the_best_shorts_and_the_plan(qtbot: QtBot, window: MainWindow) -> None:
    window.go("calendar")
    place = window.calendar
    qtbot.waitUntil(lambda: bool(place.posts.shorts) and place.posts.read, timeout=WAIT)
    place.shorts.boxes["quillbarn"].setChecked(True)
    place.view.step_day(3)
    place.view.choose(0)
    menu = menu_on(place.view.viewport(), QPoint(5, 5))
    put = next(a.menu() for a in menu.actions() if a.menu() is not None)
    assert isinstance(put, QMenu) and texts(put)
    put.actions()[0].trigger()
    menu.close()
    qtbot.waitUntil(lambda: len(place.posts.posts) >= 1, timeout=WAIT)
    number = place.posts.posts[0].id
    place.view.choose(number)
    place.list.filter.setCurrentIndex(place.list.filter.findData("all"))
    place.list.refresh()
    place.show_mode("list")
    place.list.choose(number)
    place.list.table.customContextMenuRequested.emit(QPoint(5, 5))
    popup = QApplication.activePopupWidget()
    assert isinstance(popup, QMenu) and "Approve" in texts(popup)
    popup.close()

"""What is told to those who do not see the window, through Qt's own accessibility interface; and everything by keyboard."""

from __future__ import annotations

from dataclasses import replace

import pytest
from PySide6.QtCore import Qt
from PySide6.QtGui import QAccessible
from PySide6.QtWidgets import QAbstractSpinBox, QApplication, QComboBox, QLineEdit, QMenu, QScrollArea, QTabBar, QWidget
from pytestqt.qtbot import QtBot

from standtall.checks.notice import Notice
from standtall.model import extra_edits
from standtall.model.extras import TextExtra
from standtall.ui.app.window import MainWindow
from tests.ui.driving import WAIT, edited

PANELS = ("words", "framing", "captions", "extras", "sound", "translation")


def told(widget: QWidget, which: QAccessible.Text = QAccessible.Text.Description) -> str:
    found = QAccessible.queryAccessibleInterface(widget)
    assert found is not None
    return found.text(which)


def test_the_transcript_tells_its_row_what_is_chosen_and_how_that_stands(qtbot: QtBot, window: MainWindow) -> None:
    ws, page = window.workspace, window.bench.page
    assert ws.opened is not None
    words = ws.opened.analysis.words
    ws.selection.seek(words[40].start)
    text = told(page)
    assert "Row " in text and f" {words[40].text}" in f" {text}" and "In the short" in text
    ws.selection.select(range(40, 43))
    assert f"3 words chosen: {' '.join(w.text for w in words[40:43])}. In the short." in told(page)
    page.setFocus()
    edited(qtbot, window, lambda: qtbot.keyClick(page, Qt.Key.Key_Delete))
    assert "Not in the short." in told(page)
    before = told(page)
    qtbot.keyClick(page, Qt.Key.Key_Down)
    qtbot.waitUntil(lambda: told(page) != before, timeout=WAIT)
    assert told(page, QAccessible.Text.Name) == "Transcript"


def test_the_transcript_tells_what_its_lanes_show(qtbot: QtBot, window: MainWindow) -> None:
    """The picture, with why it is framed so, extras and cutaways, and what is to be looked at, at the row of the playhead."""
    ws, page = window.workspace, window.bench.page
    assert ws.opened is not None
    words = ws.opened.analysis.words
    first = ws.opened.entry.short.segments[0].start
    inside = next(i for i, w in enumerate(words) if w.start >= first)
    ws.selection.seek(words[inside].start)
    assert "Picture: shot " in told(page) and f" of {len(ws.opened.camera.people.shots)}, " in told(page)
    assert "Extras: " not in told(page)
    headline = TextExtra(0, "Slugs and other guests", headline=True)
    edited(qtbot, window, lambda: ws.edit(lambda s, _a: extra_edits.put_in(s, headline)))
    assert "Extras: headline Slugs and other guests." in told(page)
    notice = Notice("jump", {}, ws.opened.at(words[inside].start), ())
    ws.opened = replace(ws.opened, notices=(notice,))
    ws.notices_changed.emit()
    assert "To look at: The picture jumps a little at this cut." in told(page)


def test_the_calendar_tells_the_day_and_the_post(window: MainWindow) -> None:
    window.go("calendar")
    window.calendar.view.choose(0)
    window.calendar.view.step_day(1)
    assert "0 posts" in told(window.calendar.view)


def _own(widget: QWidget) -> bool:
    """Whether a widget is one that people meet, and not a part that Qt puts into another."""
    inner = isinstance(widget.parent(), QAbstractSpinBox | QComboBox) and isinstance(widget, QLineEdit)
    return not inner and not widget.objectName().startswith("qt_") and not isinstance(widget, QScrollArea | QTabBar)


@pytest.mark.parametrize("place", ["footage", "moments", "bench", "renders", "calendar"])
def test_everything_that_takes_the_focus_has_a_name(window: MainWindow, place: str) -> None:
    window.go(place)
    tabs = [lambda p=p: window.bench.inspector.show_panel(p) for p in PANELS] if place == "bench" else [lambda: None]
    if place == "calendar":
        tabs = [lambda t=t: window.calendar.side.show_tab(t) for t in ("shorts", "fill", "rule", "channels")]
    nameless = []
    for show in tabs:
        show()
        QApplication.processEvents()
        for widget in window.findChildren(QWidget):
            met = widget.isVisible() and widget.focusPolicy() != Qt.FocusPolicy.NoFocus and _own(widget)
            if met and not told(widget, QAccessible.Text.Name):
                nameless.append(f"{type(widget).__name__} {widget.objectName()} in {type(widget.parent()).__name__}")
    assert sorted(set(nameless)) == []


def test_every_action_is_reached_by_the_keys_of_the_menu_bar_alone(qtbot: QtBot, window: MainWindow) -> None:
    bar, reached = window.menus, set()
    titles = [a for a in bar.actions() if a.menu() is not None]
    for place in window.all_places:
        window.go(place.name)
        for number in range(len(titles)):
            bar.setFocus()
            qtbot.keyClick(bar, Qt.Key.Key_Home)
            bar.setActiveAction(titles[0])
            for _ in range(number):
                qtbot.keyClick(bar, Qt.Key.Key_Right)
            menu = titles[number].menu()
            assert isinstance(menu, QMenu)
            if titles[number].text() == "Project":
                continue
            reached |= _walked(qtbot, menu)
            menu.hide()
    wanted = set(window.menus.done.values())
    assert wanted <= reached, sorted(a.text() for a in wanted - reached)


def _walked(qtbot: QtBot, menu: QMenu) -> set[object]:
    """The entries of a menu and of those in it that the arrow keys come to."""
    menu.popup(menu.pos())
    reached: set[object] = set()
    for _ in range(len(menu.actions()) + 1):
        qtbot.keyClick(menu, Qt.Key.Key_Down)
        active = menu.activeAction()
        if active is None or active in reached:
            continue
        reached.add(active)
        inner = active.menu()
        if isinstance(inner, QMenu):
            reached |= _walked(qtbot, inner)
            inner.hide()
            menu.setActiveAction(active)
    return reached

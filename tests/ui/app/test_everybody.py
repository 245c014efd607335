"""What is told to those who do not see the window, through Qt's own accessibility interface; and everything by keyboard."""

from __future__ import annotations

from dataclasses import replace

from PySide6.QtCore import Qt
from PySide6.QtGui import QAccessible
from PySide6.QtWidgets import (
    QAbstractButton,
    QAbstractSpinBox,
    QComboBox,
    QHeaderView,
    QLineEdit,
    QListWidget,
    QMenu,
    QPlainTextEdit,
    QScrollArea,
    QSlider,
    QTabBar,
    QTableView,
    QWidget,
)
from pytestqt.qtbot import QtBot

from standtall.checks.notice import Notice
from standtall.model import extra_edits
from standtall.model.extras import TextExtra
from standtall.ui.app.window import MainWindow
from standtall.ui.widgets import dressing
from tests.ui.driving import WAIT, edited
from tests.ui.everywhere import all_over


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
    return not inner and not widget.objectName().startswith("qt_") and not isinstance(widget, QScrollArea | QTabBar | QHeaderView)


CONTROLS = (QAbstractButton, QComboBox, QAbstractSpinBox, QLineEdit, QSlider, QPlainTextEdit, QListWidget, QTableView)
"""What a tooltip is asked of."""
MOST_TABS = 400


def by_arrows(widget: QWidget) -> bool:
    """Whether it is one of several of which one is chosen: Tab goes to that, the arrow keys to the others."""
    return isinstance(widget, QAbstractButton) and (widget.autoExclusive() or widget.group() is not None)


def tabbed(over: QWidget) -> set[QWidget]:
    """All that Tab comes to, from the first on and round."""
    reached: set[QWidget] = set()
    over.setFocus()
    for _ in range(MOST_TABS):
        over.focusNextPrevChild(True)
        focused = over.window().focusWidget()
        if focused is None or focused in reached:
            break
        reached.add(focused)
    return reached


def test_every_control_has_a_name_and_a_tooltip_and_is_reached_by_tab(qtbot: QtBot, window: MainWindow) -> None:
    window.player.pause()
    lacking, looked = set(), 0
    for where, over in all_over(window):
        over.activateWindow()
        qtbot.waitUntil(over.isActiveWindow, timeout=WAIT)
        qtbot.waitUntil(lambda: not dressing._dresser()._waiting, timeout=WAIT)
        met = [w for w in over.findChildren(QWidget) if w.isVisible() and w.window() is over and _own(w)]
        reached = tabbed(over)
        for widget in met:
            name = f"{type(widget).__name__} {widget.objectName()} {told(widget, QAccessible.Text.Name)!r} in {where}"
            takes = widget.focusPolicy() != Qt.FocusPolicy.NoFocus
            looked += takes
            if takes and not told(widget, QAccessible.Text.Name):
                lacking.add(f"no name: {name}")
            if isinstance(widget, CONTROLS) and widget.isEnabled() and not widget.toolTip():
                lacking.add(f"no tooltip: {name}")
            if isinstance(widget, CONTROLS) and widget.isEnabled() and not (takes or by_arrows(widget)):
                lacking.add(f"only for the mouse: {name}")
            by_tab = bool(widget.focusPolicy().value & Qt.FocusPolicy.TabFocus.value) and not by_arrows(widget)
            if by_tab and widget.isEnabled() and widget not in reached and widget.focusProxy() not in reached:
                lacking.add(f"not reached by Tab: {name}")
    assert looked > 300
    assert not lacking, "\n".join(sorted(lacking))


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

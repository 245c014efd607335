"""Who wears the style sheet, and from when on."""

from __future__ import annotations

from collections.abc import Iterator

import pytest
from PySide6.QtGui import QColor
from PySide6.QtWidgets import QApplication, QDialog, QFrame, QLabel, QPushButton, QVBoxLayout, QWidget
from pytestqt.qtbot import QtBot

from standtall.ui.app.application import dressed
from standtall.ui.widgets import dressing, theme
from standtall.ui.widgets.cards import Panel, card_in
from standtall.ui.widgets.tabs import Tabs
from tests.ui.driving import WAIT


@pytest.fixture
def tabs(qtbot: QtBot, qapp: QApplication) -> Iterator[Tabs]:
    """Two pages in a window that is shown, in light, and a message with rules of its own."""
    dressed(["test"])
    window = QWidget()
    column = QVBoxLayout(window)
    made = Tabs({"a": ("A", ""), "b": ("B", "")}, {"a": QPushButton("first"), "b": QPushButton("second")}, "tab")
    column.addWidget(made)
    message = QLabel("said")
    dressing.also(message, "border-left: 5px solid #123456; padding: 20px;")
    column.addWidget(message)
    dressing.apply(qapp, theme.LIGHT)
    qtbot.addWidget(window)
    window.show()
    yield made
    dressing.apply(qapp, theme.LIGHT)


def ground(widget: QWidget) -> str:
    """Its colour near the middle of its upper edge, as it is painted."""
    picture = widget.grab().toImage()
    return picture.pixelColor(picture.width() // 2, 4).name()


def test_a_page_behind_another_is_dressed_when_it_is_first_shown(tabs: Tabs) -> None:
    first, second = (tabs._widgets[k] for k in "ab")
    assert ground(first) == theme.LIGHT.raised
    assert not second.styleSheet()
    tabs.show_tab("b")
    assert second.styleSheet() and ground(second) == theme.LIGHT.raised
    assert second.sizeHint().height() == first.sizeHint().height(), "as tall as the other"


def test_a_page_that_is_hidden_while_the_theme_changes_has_the_new_one_when_it_is_shown(qapp: QApplication, tabs: Tabs) -> None:
    first, second = (tabs._widgets[k] for k in "ab")
    tabs.show_tab("b")
    dressing.apply(qapp, theme.DARK)
    assert ground(second) == theme.DARK.raised
    worn = first.styleSheet()
    tabs.show_tab("a")
    assert first.styleSheet() != worn and ground(first) == theme.DARK.raised
    assert qapp.palette().window().color() == QColor(theme.DARK.ground), "what holds pages has the colours of the program"


def test_what_comes_later_is_dressed_too_and_keeps_rules_of_its_own(qapp: QApplication, tabs: Tabs) -> None:
    window = tabs.window()
    sheet = QDialog(window)
    QPushButton("in it", sheet)
    sheet.open()
    assert sheet.styleSheet() and not window.styleSheet()
    unseen = QDialog(tabs._widgets["b"])
    unseen.open()
    assert tabs._widgets["b"].styleSheet(), "what the sheet of a page that nobody has seen yet hangs on"
    unseen.close()
    message = next(w for w in window.findChildren(QLabel))
    high = message.sizeHint().height()
    dressing.apply(qapp, theme.DARK)
    assert message.sizeHint().height() == high >= 40, "its own padding is there in both"
    dressing.also(message, "padding: 0;")
    assert message.sizeHint().height() < high
    assert "QPushButton" in message.styleSheet()
    sheet.close()


def test_pages_that_nobody_has_seen_are_dressed_one_by_one_while_nothing_else_is_done(qtbot: QtBot, tabs: Tabs) -> None:
    second = tabs._widgets["b"]
    dressing.dress_the_rest()
    assert not second.styleSheet(), "not at once"
    qtbot.waitUntil(lambda: bool(second.styleSheet()), timeout=WAIT)  # windows of other tests may come first


def test_a_theme_is_changed_some_parts_a_turn_and_hidden_pages_after_them(
    qtbot: QtBot, qapp: QApplication, tabs: Tabs, monkeypatch: pytest.MonkeyPatch
) -> None:
    first, second = (tabs._widgets[k] for k in "ab")
    monkeypatch.setattr(dressing, "TURN_S", 0.0)
    theme.draw(first, "play")  # type: ignore[arg-type]
    light, drawn = first.styleSheet(), first.icon().cacheKey()  # type: ignore[attr-defined]
    dressing.change(qapp, theme.DARK, tabs.window())
    assert first.styleSheet() == light, "nothing at once"
    qtbot.waitUntil(lambda: first.styleSheet() != light)
    qtbot.waitUntil(lambda: first.icon().cacheKey() != drawn)  # type: ignore[attr-defined]
    assert ground(first) == theme.DARK.raised
    assert not second.styleSheet()
    qtbot.waitUntil(lambda: bool(second.styleSheet()))


def test_a_page_that_is_shown_while_it_waits_for_its_turn_is_dressed_at_once(
    qtbot: QtBot, qapp: QApplication, tabs: Tabs, monkeypatch: pytest.MonkeyPatch
) -> None:
    second = tabs._widgets["b"]
    monkeypatch.setattr(dressing, "TURN_S", 0.0)
    dressing.change(qapp, theme.DARK, tabs)
    tabs.show_tab("b")
    assert ground(second) == theme.DARK.raised
    dressing.change(qapp, theme.LIGHT, tabs)
    dressing.change(qapp, theme.DARK, tabs)
    qtbot.waitUntil(lambda: not dressing._dresser()._waiting)
    assert ground(second) == theme.DARK.raised, "the last of two changes holds"


def test_a_panel_is_dressed_card_by_card(qtbot: QtBot, qapp: QApplication) -> None:
    """A large panel is too much for one turn, and looks as if it were dressed whole."""
    dressed(["test"])
    panel = Panel()
    for name in ("A", "B"):
        card_in(panel.column, name).addWidget(QPushButton(name))
    panel.finish()
    qtbot.addWidget(panel)
    dressing.apply(qapp, theme.LIGHT)
    panel.show()
    cards = [c for c in panel.inner.children() if isinstance(c, QFrame)]
    assert not panel.styleSheet() and len(cards) == 2 and all(c.styleSheet() for c in cards)
    assert [ground(c) for c in cards] == [theme.LIGHT.raised] * 2
    assert panel.frameWidth() == 0 and panel.verticalScrollBar().sizeHint().width() == 11
    late = card_in(panel.column, "C")
    late.addWidget(QPushButton("C"))
    qtbot.waitUntil(lambda: ground(late.parentWidget()) == theme.LIGHT.raised)

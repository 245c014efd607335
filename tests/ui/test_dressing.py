"""Who wears the style sheet, and from when on."""

from __future__ import annotations

from collections.abc import Iterator

import pytest
from PySide6.QtCore import QEvent, QObject
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
    dressing._dresser()._beforehand.stop()  # that of windows of other tests
    qtbot.addWidget(window)
    window.show()
    yield made
    dressing.apply(qapp, theme.LIGHT)


class Dressed(QObject):
    """Which widgets were given a sheet, in order."""

    def __init__(self, *widgets: QWidget) -> None:
        super().__init__(widgets[0])
        self.order: list[QWidget] = []
        for widget in widgets:
            widget.installEventFilter(self)

    def eventFilter(self, of: QObject, event: QEvent) -> bool:
        if event.type() == QEvent.Type.StyleChange and of not in self.order:
            self.order.append(of)  # type: ignore[arg-type]
        return False


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
    seen = Dressed(first, second)
    dressing.change(qapp, theme.DARK, tabs.window())
    assert first.styleSheet() == light, "nothing at once"
    qtbot.waitUntil(lambda: first.styleSheet() != light, timeout=WAIT)
    qtbot.waitUntil(lambda: first.icon().cacheKey() != drawn, timeout=WAIT)  # type: ignore[attr-defined]
    assert ground(first) == theme.DARK.raised
    qtbot.waitUntil(lambda: bool(second.styleSheet()), timeout=WAIT)
    assert seen.order == [first, second]


def test_a_page_that_is_shown_while_it_waits_for_its_turn_is_the_next(
    qtbot: QtBot, qapp: QApplication, tabs: Tabs, monkeypatch: pytest.MonkeyPatch
) -> None:
    second = tabs._widgets["b"]
    monkeypatch.setattr(dressing, "TURN_S", 0.0)
    dressing.change(qapp, theme.DARK, tabs)
    tabs.show_tab("b")
    assert second.styleSheet(), "the first part of it at once"
    assert ground(second) == theme.DARK.raised
    dressing.change(qapp, theme.LIGHT, tabs)
    dressing.change(qapp, theme.DARK, tabs)
    qtbot.waitUntil(lambda: not dressing._dresser()._waiting, timeout=WAIT)
    assert ground(second) == theme.DARK.raised, "the last of two changes holds"


def test_larger_targets_come_some_parts_a_turn_and_do_not_lose_a_change_of_theme(
    qtbot: QtBot, qapp: QApplication, tabs: Tabs, monkeypatch: pytest.MonkeyPatch
) -> None:
    first, second = (tabs._widgets[k] for k in "ab")
    monkeypatch.setattr(dressing, "TURN_S", 0.0)
    theme.draw(first, "play")  # type: ignore[arg-type]
    low, drawn = first.sizeHint().height(), first.icon().cacheKey()  # type: ignore[attr-defined]
    dressing.change(qapp, theme.DARK, tabs.window())
    dressing.size_targets(True)
    try:
        assert first.sizeHint().height() == low, "nothing at once"
        qtbot.waitUntil(lambda: first.sizeHint().height() >= 44, timeout=WAIT)
        qtbot.waitUntil(lambda: first.icon().cacheKey() != drawn, timeout=WAIT)  # type: ignore[attr-defined]
        qtbot.waitUntil(lambda: second.sizeHint().height() >= 44, timeout=WAIT)  # a page that nobody has seen yet
    finally:
        dressing.size_targets(False)
    qtbot.waitUntil(lambda: second.sizeHint().height() == first.sizeHint().height() == low, timeout=WAIT)
    assert ground(first) == theme.DARK.raised


def panel_of(*names: str) -> Panel:
    panel = Panel()
    for name in names:
        card_in(panel.column, name).addWidget(QPushButton(name))
    panel.finish()
    return panel


def cards(panel: Panel) -> list[QFrame]:
    return [c for c in panel.inner.children() if isinstance(c, QFrame)]


def test_a_large_page_is_dressed_in_turns_and_then_painted(
    qtbot: QtBot, qapp: QApplication, monkeypatch: pytest.MonkeyPatch
) -> None:
    dressed(["test"])
    panel = panel_of("A", "B", "C")
    made = Tabs({"a": ("A", ""), "b": ("B", "")}, {"a": QLabel("a"), "b": panel}, "tab")
    dressing.apply(qapp, theme.LIGHT)
    dressing._dresser()._beforehand.stop()
    qtbot.addWidget(made)
    with qtbot.waitExposed(made, timeout=WAIT):
        made.show()
    monkeypatch.setattr(dressing, "TURN_S", 0.0)
    made.show_tab("b")
    assert [bool(c.styleSheet()) for c in cards(panel)] == [True, False, False], "one now, the others in their turns"
    assert [c.updatesEnabled() for c in cards(panel)] == [True, False, False], "nothing undressed is seen"
    qtbot.waitUntil(lambda: all(c.updatesEnabled() for c in cards(panel)), timeout=WAIT)
    assert all(ground(c) == theme.LIGHT.raised for c in cards(panel))
    made.show_tab("a")
    made.show_tab("b")
    assert all(c.updatesEnabled() for c in cards(panel)), "what is dressed is painted at once"


def test_a_page_that_waits_while_another_theme_is_chosen_is_painted_in_that(
    qtbot: QtBot, qapp: QApplication, tabs: Tabs, monkeypatch: pytest.MonkeyPatch
) -> None:
    panel = panel_of("A", "B", "C")
    tabs._stack.addWidget(panel)
    dressing.apart(panel)
    monkeypatch.setattr(dressing, "TURN_S", 0.0)
    with qtbot.waitExposed(tabs.window(), timeout=WAIT):
        tabs._stack.setCurrentWidget(panel)
    dressing.apply(qapp, theme.DARK)
    assert all(c.updatesEnabled() for c in cards(panel))
    assert all(ground(c) == theme.DARK.raised for c in cards(panel))
    dressing.change(qapp, theme.LIGHT, tabs.window())
    dressing.change(qapp, theme.DARK, tabs.window())
    assert not cards(panel)[2].updatesEnabled(), "nothing is painted in the colours of both"
    qtbot.waitUntil(lambda: all(c.updatesEnabled() for c in cards(panel)), timeout=WAIT)
    assert all(ground(c) == theme.DARK.raised for c in cards(panel))


def test_a_sheet_of_many_cards_is_shown_at_once_and_its_cards_as_they_are_dressed(
    qtbot: QtBot, qapp: QApplication, tabs: Tabs, monkeypatch: pytest.MonkeyPatch
) -> None:
    sheet, panel = QDialog(tabs.window()), panel_of("A", "B", "C")
    QVBoxLayout(sheet).addWidget(panel)
    monkeypatch.setattr(dressing, "TURN_S", 0.0)
    sheet.open()
    assert [bool(c.styleSheet()) for c in cards(panel)] == [True, False, False]
    assert [c.updatesEnabled() for c in cards(panel)] == [True, False, False]
    qtbot.waitUntil(lambda: all(c.updatesEnabled() for c in cards(panel)), timeout=WAIT)
    assert all(ground(c) == theme.LIGHT.raised for c in cards(panel))
    sheet.close()


def test_a_panel_is_dressed_card_by_card(qtbot: QtBot, qapp: QApplication) -> None:
    """A large panel is too much for one turn, and looks as if it were dressed whole."""
    dressed(["test"])
    panel = panel_of("A", "B")
    qtbot.addWidget(panel)
    dressing.apply(qapp, theme.LIGHT)
    panel.show()
    assert not panel.styleSheet() and len(cards(panel)) == 2 and all(c.styleSheet() for c in cards(panel))
    assert [ground(c) for c in cards(panel)] == [theme.LIGHT.raised] * 2
    assert panel.frameWidth() == 0 and panel.verticalScrollBar().sizeHint().width() == 11
    late = card_in(panel.column, "C")
    late.addWidget(QPushButton("C"))
    qtbot.waitUntil(lambda: ground(late.parentWidget()) == theme.LIGHT.raised, timeout=WAIT)


def test_rows_of_buttons_are_measured_as_they_are_dressed(qtbot: QtBot, qapp: QApplication, tabs: Tabs) -> None:
    dressing.apply(qapp, theme.DARK)
    assert tabs._arranged[1] == [b.sizeHint().width() for b in tabs._buttons.values()]
    undressed = Tabs({"a": ("Some text", "")}, {"a": QLabel("a")}, "tab")
    before = undressed._arranged[1]
    qtbot.addWidget(undressed)
    undressed.show()
    dressing.dress(undressed)
    assert undressed._arranged[1] == [b.sizeHint().width() for b in undressed._buttons.values()] != before

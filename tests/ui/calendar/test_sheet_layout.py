from __future__ import annotations

from datetime import date, timedelta

import pytest
from PySide6.QtCore import QPointF

from standtall.ui.calendar.sheet_layout import CARD, HEAD, HOUR, MARGIN, MOST_CARDS, Item, SheetLayout, monday_of

DAY = date(2026, 11, 27)


def layout(*items: Item) -> SheetLayout:
    return SheetLayout("month", items, DAY, 6, 700)


def test_each_day_has_its_place_and_is_found_there() -> None:
    made = layout(Item(1, DAY, 600))
    for n in range(42):
        day = monday_of(DAY) + timedelta(n)
        rect = made.day_rect(day)
        assert rect.width() == 100 and made.day_at(rect.center()) == day
    assert made.day_at(QPointF(10, made.height + 1)) is None and made.day_at(QPointF(701, 10)) is None
    assert made.day_rect(DAY - timedelta(30)).isNull()


def test_a_week_is_as_high_as_its_fullest_day_and_what_finds_no_room_is_counted() -> None:
    made = layout(*(Item(n, DAY, 60 * n) for n in range(MOST_CARDS + 2)))
    cards = made.cards(DAY)
    assert list(cards) == list(range(MOST_CARDS)) and made.more(DAY) == 2
    assert all(made.item_at(rect.center()) == key for key, rect in cards.items())
    assert made.day_rect(DAY).height() > made.day_rect(DAY + timedelta(7)).height()
    assert all(rect.bottom() <= made.day_rect(DAY).bottom() for rect in cards.values())


def test_in_a_week_time_runs_down_the_page() -> None:
    made = SheetLayout("week", [Item(1, DAY, 540), Item(2, DAY, 545)], DAY, 1, 700 + MARGIN)
    first, second = made.cards(DAY).values()
    assert first.y() == HEAD + 9 * HOUR and second.y() >= first.y() + CARD
    assert made.minute_at(QPointF(100, HEAD + 9.25 * HOUR)) == 555
    assert made.minute_at(QPointF(100, 99_999)) == 23 * 60 + 45
    assert layout().minute_at(QPointF(100, 50)) is None


@pytest.mark.parametrize("top", [0.0, 90.0, 300.0])
def test_only_weeks_that_are_seen_are_painted(top: float) -> None:
    made = layout(Item(1, DAY, 600))
    days = made.days_between(top, top + 120)
    assert days[0].weekday() == 0 and 7 <= len(days) <= 21
    assert made.day_rect(days[0]).top() <= top <= made.day_rect(days[0]).bottom()

"""Where days and posts lie in the calendar: weeks under each other as far as one scrolls, or the hours of one week down the
page."""

from __future__ import annotations

import bisect
import itertools
from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from datetime import date, timedelta
from typing import Final, Literal

from PySide6.QtCore import QPointF, QRectF

Mode = Literal["month", "week"]
HEAD: Final = 22.0
"""Height of the line that names a day."""
CARD: Final = 66.0
GAP: Final = 4.0
MOST_CARDS: Final = 3
"""Cards of a day that a week of the month view shows; more are counted."""
EMPTY_WEEK: Final = 74.0
HOUR: Final = 60.0
MARGIN: Final = 38.0
"""Left of the days in the week view, for the hours."""
SNAP: Final = 15


@dataclass(frozen=True, slots=True)
class Item:
    """A post, or a slot of a plan, as it is placed: its key, day and minute as the clocks of the shown zone show them."""

    key: int
    day: date
    minute: int


def monday_of(day: date) -> date:
    return day - timedelta(day.weekday())


class SheetLayout:
    """Made anew when items or the width change; asked for every picture and every click. Days before `first` are not shown."""

    def __init__(self, mode: Mode, items: Sequence[Item], first: date, weeks: int, width: float) -> None:
        self.mode, self.first, self.weeks = mode, monday_of(first), weeks
        self._left = MARGIN if mode == "week" else 0.0
        self._wide = (width - self._left) / 7
        self.by_day: dict[date, list[Item]] = {}
        for item in sorted(items, key=lambda i: (i.day, i.minute, i.key)):
            self.by_day.setdefault(item.day, []).append(item)
        self._tops = list(itertools.accumulate((self._week_height(n) for n in range(weeks)), initial=0.0))

    def _week_height(self, week: int) -> float:
        if self.mode == "week":
            return HEAD + 24 * HOUR
        start = self.first + timedelta(7 * week)
        most = max(len(self.by_day.get(start + timedelta(d), ())) for d in range(7))
        shown = min(most, MOST_CARDS)
        return max(EMPTY_WEEK, HEAD + shown * (CARD + GAP) + (16 if most > MOST_CARDS else 4))

    @property
    def height(self) -> float:
        return self._tops[-1]

    def week_at(self, y: float) -> int:
        return max(0, min(self.weeks - 1, bisect.bisect_right(self._tops, y) - 1))

    def top_of(self, day: date) -> float:
        """Where the week of a day begins."""
        week = max(0, min(self.weeks - 1, (day - self.first).days // 7))
        return self._tops[week]

    def day_rect(self, day: date) -> QRectF:
        week = (day - self.first).days // 7
        if not 0 <= week < self.weeks:
            return QRectF()
        x = self._left + day.weekday() * self._wide
        return QRectF(x, self._tops[week], self._wide, self._tops[week + 1] - self._tops[week])

    def days_between(self, top: float, bottom: float) -> list[date]:
        """The days of all weeks that are seen between two heights."""
        first, last = self.week_at(top), self.week_at(bottom)
        return [self.first + timedelta(n) for n in range(7 * first, 7 * last + 7)]

    def cards(self, day: date) -> Mapping[int, QRectF]:
        """Where the items of a day lie, by their keys; those of the month view that find no room are left out."""
        items = self.by_day.get(day, ())
        rect = self.day_rect(day)
        if rect.isNull():
            return {}
        out: dict[int, QRectF] = {}
        if self.mode == "month":
            for n, item in enumerate(items[:MOST_CARDS]):
                out[item.key] = QRectF(rect.x() + 2, rect.y() + HEAD + n * (CARD + GAP), rect.width() - 4, CARD)
            return out
        bottom = -1.0
        for item in items:
            y = rect.y() + HEAD + item.minute / 60 * HOUR
            y = max(y, bottom + GAP)
            out[item.key] = QRectF(rect.x() + 2, y, rect.width() - 4, CARD)
            bottom = y + CARD
        return out

    def more(self, day: date) -> int:
        """How many items of a day are not shown."""
        return max(0, len(self.by_day.get(day, ())) - MOST_CARDS) if self.mode == "month" else 0

    def item_at(self, at: QPointF) -> int | None:
        day = self.day_at(at)
        if day is None:
            return None
        return next((key for key, rect in self.cards(day).items() if rect.contains(at)), None)

    def day_at(self, at: QPointF) -> date | None:
        column = int((at.x() - self._left) // self._wide)
        if not 0 <= column < 7 or not 0 <= at.y() < self.height:
            return None
        return self.first + timedelta(7 * self.week_at(at.y()) + column)

    def minute_at(self, at: QPointF) -> int | None:
        """The time of the day at a place, in steps of a quarter of an hour; None in the month view, where days have no hours."""
        if self.mode == "month":
            return None
        y = at.y() - self._tops[self.week_at(at.y())] - HEAD
        return max(0, min(24 * 60 - SNAP, round(y / HOUR * 60 / SNAP) * SNAP))

    def place_of(self, day: date, minute: int) -> float:
        """The height of a time in the week view."""
        return self.day_rect(day).y() + HEAD + minute / 60 * HOUR

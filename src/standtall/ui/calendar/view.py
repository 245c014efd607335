"""The calendar as a page: days with posts, scrolled without end, moved by mouse and by keys."""

from __future__ import annotations

from collections.abc import Callable, Mapping
from datetime import date, timedelta
from typing import Final

from PySide6.QtCore import QEvent, QMimeData, QPoint, QPointF, QRectF, Qt, Signal
from PySide6.QtGui import (
    QColor,
    QContextMenuEvent,
    QDragEnterEvent,
    QDragMoveEvent,
    QDropEvent,
    QFocusEvent,
    QKeyEvent,
    QMouseEvent,
    QPainter,
    QPaintEvent,
    QPen,
    QPixmap,
    QResizeEvent,
)
from PySide6.QtWidgets import QAbstractScrollArea, QApplication, QWidget

from standtall.base.interface_language import count_of, tr
from standtall.ui.calendar.post_card import Card, clock_of
from standtall.ui.calendar.post_drawing import paint_card
from standtall.ui.calendar.sheet_layout import CARD, HEAD, MARGIN, Item, Mode, SheetLayout, monday_of
from standtall.ui.widgets import focus_ring, theme

SHORT_MIME: Final = "application/x-stand-tall-short"
"""What is dragged from the list of shorts: its number, as text."""
AFTER_WEEKS: Final = 60
BEFORE_WEEKS: Final = 8
OWN_KEYS: Final = (Qt.Key.Key_Left, Qt.Key.Key_Right, Qt.Key.Key_Up, Qt.Key.Key_Down, Qt.Key.Key_PageUp, Qt.Key.Key_PageDown)
KEPT: Final = 900
OTHER_MONTH: Final = 0.27
"""Drawn cards that are kept."""
DAYS: Final = (tr("Mon"), tr("Tue"), tr("Wed"), tr("Thu"), tr("Fri"), tr("Sat"), tr("Sun"))
MONTHS: Final = (
    tr("January"),
    tr("February"),
    tr("March"),
    tr("April"),
    tr("May"),
    tr("June"),
    tr("July"),
    tr("August"),
    tr("September"),
    tr("October"),
    tr("November"),
    tr("December"),
)


class CalendarView(QAbstractScrollArea):
    """`chosen` carries the key of a card or 0, `moved` (key, day, minute or None), `dropped` (number of a short, day, minute or
    None), `opened` the key of a card, `menu_wanted` (key, or 0 for the day; place on the screen)."""

    chosen, opened = Signal(int), Signal(int)
    moved = Signal(int, object, object)
    dropped = Signal(int, object, object)
    menu_wanted = Signal(int, QPoint)

    def __init__(self, today: Callable[[], date], parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._today = today
        self.mode: Mode = "month"
        self.cards: Mapping[int, Card] = {}
        self.posters: dict[int, QPixmap] = {}
        self.gaps: frozenset[date] = frozenset()
        self.day = today()
        self.key = 0
        """The card that is chosen, 0 for none."""
        self._letters: tuple[str, ...] = ()
        self._drawn: dict[tuple[object, ...], QPixmap] = {}
        self._first, self._weeks = monday_of(self.day) - timedelta(7 * BEFORE_WEEKS), BEFORE_WEEKS + AFTER_WEEKS
        self._pressed: tuple[int, QPointF] | None = None
        self._dragged: QPointF | None = None
        self._hover: tuple[date, int | None] | None = None
        focus_ring.give(self)
        self.setAcceptDrops(True)
        self.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.setAccessibleName(tr("Calendar"))
        self.setObjectName("calendar")
        self._lay_out()

    # what is shown

    def show_cards(self, cards: Mapping[int, Card], letters: tuple[str, ...], gaps: frozenset[date]) -> None:
        self.cards, self._letters, self.gaps = cards, letters, gaps
        days = [c.day for c in cards.values()] or [self._today()]
        self._first = min(monday_of(min(days)), monday_of(self._today()) - timedelta(7 * BEFORE_WEEKS))
        self._weeks = max((max(days) - self._first).days // 7 + 8, (self._today() - self._first).days // 7 + AFTER_WEEKS)
        if self.key not in cards:
            self.key = 0
        self._lay_out()
        self._tell()

    def set_mode(self, mode: Mode) -> None:
        if mode != self.mode:
            self.mode = mode
            self._lay_out()
            self.show_day(self.day)

    def show_day(self, day: date, minute: int | None = None) -> None:
        """Bring a day into view."""
        self.day = day
        top = self.sheet.top_of(day)
        if self.mode == "week":
            self._lay_out()
            first = min((c.minute for c in self.cards.values() if 0 <= (c.day - monday_of(day)).days < 7), default=9 * 60)
            top = self.sheet.place_of(day, max(0, (first if minute is None else minute) - 60))
        else:
            top -= min(140.0, self.viewport().height() / 4)
        self.verticalScrollBar().setValue(int(top))
        self._tell()
        self.viewport().update()

    def _lay_out(self) -> None:
        items = [Item(c.key, c.day, c.minute) for c in self.cards.values()]
        first, weeks = (self.day, 1) if self.mode == "week" else (self._first, self._weeks)
        self.sheet = SheetLayout(self.mode, items, first, weeks, self.viewport().width())
        bar = self.verticalScrollBar()
        bar.setPageStep(self.viewport().height())
        bar.setSingleStep(30)
        bar.setRange(0, max(0, int(self.sheet.height - self.viewport().height())))
        self.viewport().update()

    def resizeEvent(self, event: QResizeEvent) -> None:
        super().resizeEvent(event)
        self._lay_out()

    def scrollContentsBy(self, _dx: int, dy: int) -> None:
        if self.mode == "month" and self._dragged is None:
            self.viewport().scroll(0, dy)  # only what comes into view is painted
        else:
            self.viewport().update()

    def title(self) -> str:
        """The month, or the week, that is seen."""
        if self.mode == "week":
            first = monday_of(self.day)
            last = first + timedelta(6)
            return f"{first.day} {MONTHS[first.month - 1][:3]} – {last.day} {MONTHS[last.month - 1][:3]} {last.year}"
        middle = self.sheet.days_between(*[self.verticalScrollBar().value() + self.viewport().height() / 3] * 2)[3]
        return f"{MONTHS[middle.month - 1]} {middle.year}"

    # painting

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self.viewport())
        top, seen = self.verticalScrollBar().value(), event.rect()
        painter.fillRect(seen, QColor(theme.current().ground))
        painter.translate(0, -top)
        if self.mode == "week":
            self._paint_hours(painter)
        today = self._today()
        for day in self.sheet.days_between(top + seen.top(), top + seen.bottom()):
            self._paint_day(painter, day, today)
        if self.mode == "week":
            self._paint_heads(painter, top)
        if self._dragged is not None and self._pressed is not None:
            self._paint_dragged(painter)

    def _paint_hours(self, painter: QPainter) -> None:
        look = theme.current()
        for hour in range(24):
            y = self.sheet.place_of(self.day, 60 * hour)
            painter.setPen(QColor(look.line))
            painter.drawLine(QPointF(MARGIN, y), QPointF(self.viewport().width(), y))
            painter.setPen(QColor(look.faint))
            painter.drawText(
                QRectF(0, y - 8, MARGIN - 3, 16), Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter, f"{hour:02d}:00"
            )

    def _paint_heads(self, painter: QPainter, top: int) -> None:
        """The names of the days, which stay while the hours are scrolled."""
        look, today = theme.current(), self._today()
        painter.fillRect(QRectF(0, top, self.viewport().width(), HEAD + 2), QColor(look.raised))
        painter.setPen(QColor(look.line))
        painter.drawLine(QPointF(0, top + HEAD + 2), QPointF(self.viewport().width(), top + HEAD + 2))
        for n in range(7):
            day = monday_of(self.day) + timedelta(n)
            rect = self.sheet.day_rect(day)
            self._paint_head(painter, day, today, QRectF(rect.x() + 5, top + 2, rect.width() - 8, HEAD - 2), False)

    def _paint_head(self, painter: QPainter, day: date, today: date, head: QRectF, over: bool) -> None:
        look, bold = theme.current(), day == today or day.day == 1
        font = painter.font()
        if font.bold() != bold or font.pixelSize() != theme.SMALL:
            font.setPixelSize(theme.SMALL)
            font.setBold(bold)
            painter.setFont(font)
        painter.setPen(QColor(theme.ON_NOW if over else look.text if day >= today else look.faint))
        name = f"{day.day} {MONTHS[day.month - 1][:3]}" if day.day == 1 else str(day.day)
        painter.drawText(head, Qt.AlignmentFlag.AlignLeft | Qt.AlignmentFlag.AlignVCenter, f"{DAYS[day.weekday()]} {name}")

    def _paint_day(self, painter: QPainter, day: date, today: date) -> None:
        look, rect = theme.current(), self.sheet.day_rect(day)
        painter.setPen(QPen(QColor(look.line), 1))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        if day.month % 2 == 0 and self.mode == "month":
            painter.fillRect(rect, _between(look.ground, look.line))
        if self._hover is not None and self._hover[0] == day:
            painter.fillRect(rect, QColor(look.chosen))
        painter.drawRect(rect)
        if day == today:
            painter.fillRect(QRectF(rect.x(), rect.y(), rect.width(), 3), QColor(theme.NOW))
        if day == self.day:
            painter.setPen(QPen(QColor(theme.NOW), 2 if self.hasFocus() else 1))
            painter.drawRect(rect.adjusted(1, 1, -1, -1))
        head = QRectF(rect.x() + 5, rect.y() + 2, rect.width() - 8, HEAD - 2)
        over = self._hover is not None and self._hover[0] == day
        self._paint_head(painter, day, today, head, over)
        if day in self.gaps:
            wide = painter.fontMetrics().horizontalAdvance(f"{DAYS[day.weekday()]} {day.day}  {tr('none')}")
            told = tr("none") if wide <= head.width() else "0"
            painter.setPen(QColor(look.struck_ink if look.name == "light" or over else "#ff9b84"))
            painter.drawText(head, Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter, told)
        for key, place in self.sheet.cards(day).items():
            self._paint_card(painter, place, self.cards[key], faded=self._dragged is not None and self._lifted() == key)
        more = self.sheet.more(day)
        if more:
            painter.setPen(QColor(look.faint))
            line = QRectF(rect.x() + 5, rect.bottom() - 17, rect.width() - 8, 15)
            painter.drawText(line, Qt.AlignmentFlag.AlignLeft | Qt.AlignmentFlag.AlignVCenter, tr("{more} more", more=more))

    def _paint_card(self, painter: QPainter, rect: QRectF, card: Card, faded: bool = False) -> None:
        """One card; drawn once for all that look the same, since scrolling paints them again and again."""
        letter = self._letters[card.channel] if 0 <= card.channel < len(self._letters) else "?"
        time = clock_of(card.minute) + ("!" if card.question else "")
        poster = self.posters.get(card.key)
        chosen, scale = card.key == self.key, self.devicePixelRatioF()
        seen = chosen, card.planned, card.clash, faded
        picture = poster.cacheKey() if poster is not None else 0
        size = rect.width(), rect.height(), scale
        key = (picture, time, card.state, card.channel, letter, seen, size, theme.current().name)
        drawn = self._drawn.get(key)
        if drawn is None:
            drawn = QPixmap(round(rect.width() * scale), round(rect.height() * scale))
            drawn.setDevicePixelRatio(scale)
            drawn.fill(Qt.GlobalColor.transparent)
            inside = QPainter(drawn)
            whole = QRectF(0, 0, rect.width(), rect.height())
            paint_card(inside, whole, poster, time, card.state, card.channel, letter, chosen=chosen, planned=card.planned,
                       clash=card.clash, faded=faded)  # fmt: skip
            inside.end()
            if len(self._drawn) > KEPT:
                self._drawn.clear()
            self._drawn[key] = drawn
        painter.drawPixmap(rect.topLeft(), drawn)

    def _paint_dragged(self, painter: QPainter) -> None:
        assert self._dragged is not None
        card = self.cards.get(self._lifted())
        if card is None:
            return
        minute = self.sheet.minute_at(self._dragged)
        shown = (
            card if minute is None else Card(card.key, card.day, minute, card.state, card.name, card.channel, card.channel_title)
        )
        wide = self.sheet.day_rect(self.day).width() or 90.0
        self._paint_card(painter, QRectF(self._dragged.x() - 20, self._dragged.y() - CARD / 2, wide - 4, CARD), shown)

    def _lifted(self) -> int:
        return self._pressed[0] if self._pressed is not None else 0

    # mouse

    def _at(self, place: QPointF) -> QPointF:
        return QPointF(place.x(), place.y() + self.verticalScrollBar().value())

    def mousePressEvent(self, event: QMouseEvent) -> None:
        at = self._at(event.position())
        key = self.sheet.item_at(at) or 0
        day = self.sheet.day_at(at)
        if day is not None:
            self.day = day
        self.choose(key)
        if event.button() == Qt.MouseButton.LeftButton and key > 0:
            self._pressed = key, event.position()

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if self._pressed is None:
            return
        if (
            event.position() - self._pressed[1]
        ).manhattanLength() >= QApplication.startDragDistance() or self._dragged is not None:
            self._dragged = self._at(event.position())
            day = self.sheet.day_at(self._dragged)
            self._hover = None if day is None else (day, self.sheet.minute_at(self._dragged))
            self._scroll_near_edge(event.position().y())
            self.viewport().update()

    def _scroll_near_edge(self, y: float) -> None:
        bar = self.verticalScrollBar()
        if y < 24:
            bar.setValue(bar.value() - 24)
        elif y > self.viewport().height() - 24:
            bar.setValue(bar.value() + 24)

    def mouseReleaseEvent(self, _event: QMouseEvent) -> None:
        pressed, dragged, hover = self._pressed, self._dragged, self._hover
        self._pressed = self._dragged = self._hover = None
        self.viewport().update()
        if pressed is not None and dragged is not None and hover is not None:
            card = self.cards.get(pressed[0])
            if card is not None and (hover[0] != card.day or hover[1] not in (None, card.minute)):
                self.moved.emit(pressed[0], hover[0], hover[1])

    def mouseDoubleClickEvent(self, event: QMouseEvent) -> None:
        key = self.sheet.item_at(self._at(event.position()))
        if key:
            self.opened.emit(key)

    def contextMenuEvent(self, event: QContextMenuEvent) -> None:
        self.menu_wanted.emit(max(0, self.key), event.globalPos())

    # what is dragged here from the list of shorts

    @staticmethod
    def _short_in(data: QMimeData) -> int:
        text = bytes(data.data(SHORT_MIME).data()).decode("ascii", "ignore")
        return int(text) if text.isdigit() and len(text) < 10 else 0

    def dragEnterEvent(self, event: QDragEnterEvent) -> None:
        if self._short_in(event.mimeData()):
            event.acceptProposedAction()

    def dragMoveEvent(self, event: QDragMoveEvent) -> None:
        at = self._at(event.position())
        day = self.sheet.day_at(at)
        self._hover = None if day is None else (day, self.sheet.minute_at(at))
        self._scroll_near_edge(event.position().y())
        self.viewport().update()
        event.setAccepted(day is not None)

    def dragLeaveEvent(self, _event: object) -> None:
        self._hover = None
        self.viewport().update()

    def dropEvent(self, event: QDropEvent) -> None:
        number, hover, self._hover = self._short_in(event.mimeData()), self._hover, None
        self.viewport().update()
        if number and hover is not None:
            event.acceptProposedAction()
            self.dropped.emit(number, hover[0], hover[1])

    # keys

    def choose(self, key: int) -> None:
        """Choose a card, or none."""
        self.key = key
        if key in self.cards:
            self.day = self.cards[key].day
        self._tell()
        self.viewport().update()
        self.chosen.emit(key)

    def step_day(self, days: int) -> None:
        """Go some days on; the card of that day that is nearest in time is chosen."""
        before = self.cards.get(self.key)
        self.day += timedelta(days)
        there = [c for c in self.cards.values() if c.day == self.day]
        nearest = min(there, key=lambda c: abs(c.minute - (before.minute if before else 0)), default=None)
        self._into_view()
        self.choose(nearest.key if nearest is not None else 0)

    def step_card(self, step: int) -> None:
        """The card before or after the chosen one, in time; from a day without one, the nearest."""
        order = sorted(self.cards.values(), key=lambda c: (c.day, c.minute, c.key))
        if not order:
            return
        at = next((n for n, c in enumerate(order) if c.key == self.key), None)
        if at is None:
            at = next((n for n, c in enumerate(order) if c.day >= self.day), len(order)) - (step > 0)
        self.choose(order[max(0, min(len(order) - 1, at + step))].key)
        self._into_view()

    def shift_card(self, days: int, minutes: int) -> None:
        """Move the chosen card."""
        card = self.cards.get(self.key)
        if card is not None and not card.planned:
            total = card.minute + minutes
            self.moved.emit(card.key, card.day + timedelta(days + total // 1440), total % 1440 if minutes else None)

    def _into_view(self) -> None:
        rect = self.sheet.day_rect(self.day)
        if self.mode == "week" and rect.isNull():
            self.show_day(self.day)
            return
        card = self.sheet.cards(self.day).get(self.key, rect)
        bar, high = self.verticalScrollBar(), self.viewport().height()
        if card.top() < bar.value():
            bar.setValue(int(card.top()) - 8)
        elif card.bottom() > bar.value() + high:
            bar.setValue(int(min(card.bottom() - high + 8, card.top())))

    def event(self, event: QEvent) -> bool:
        plain = Qt.KeyboardModifier.NoModifier, Qt.KeyboardModifier.KeypadModifier
        if event.type() != QEvent.Type.ShortcutOverride or not isinstance(event, QKeyEvent):
            return super().event(event)
        event.setAccepted(event.key() in OWN_KEYS and event.modifiers() in plain)  # else the window takes the arrows for frames
        return True

    def keyPressEvent(self, event: QKeyEvent) -> None:
        key, alt = event.key(), bool(event.modifiers() & Qt.KeyboardModifier.AltModifier)
        if event.modifiers() & (Qt.KeyboardModifier.ControlModifier | Qt.KeyboardModifier.MetaModifier):
            super().keyPressEvent(event)
            return
        steps = {Qt.Key.Key_Left: -1, Qt.Key.Key_Right: 1, Qt.Key.Key_Up: -7, Qt.Key.Key_Down: 7}
        if key in steps and alt:
            quarter = self.mode == "week" and key in (Qt.Key.Key_Up, Qt.Key.Key_Down)
            self.shift_card(0 if quarter else steps[Qt.Key(key)], (15 if key == Qt.Key.Key_Down else -15) if quarter else 0)
        elif key in steps:
            self.step_day(steps[Qt.Key(key)])
        elif key in (Qt.Key.Key_PageUp, Qt.Key.Key_PageDown):
            self.step_day(28 * (1 if key == Qt.Key.Key_PageDown else -1))
        elif key == Qt.Key.Key_Home:
            self.show_day(self._today())
        elif key in (Qt.Key.Key_Comma, Qt.Key.Key_Period):
            self.step_card(1 if key == Qt.Key.Key_Period else -1)
        elif key in (Qt.Key.Key_Return, Qt.Key.Key_Enter) and self.key:
            self.opened.emit(self.key)
        else:
            super().keyPressEvent(event)

    def focusInEvent(self, event: QFocusEvent) -> None:
        super().focusInEvent(event)
        self.viewport().update()

    def focusOutEvent(self, event: QFocusEvent) -> None:
        super().focusOutEvent(event)
        self.viewport().update()

    def _tell(self) -> None:
        """What is chosen, for those who do not see it."""
        card = self.cards.get(self.key)
        there = sum(c.day == self.day for c in self.cards.values())
        told = card.told if card is not None else tr("{day:%A %d %B %Y}, {posts}", day=self.day, posts=count_of(there, "post"))
        self.setAccessibleDescription(told)
        self.viewport().setToolTip(card.told if card is not None else "")


def _between(ground: str, line: str) -> QColor:
    a, b = QColor(ground), QColor(line)
    return QColor(*(round(x + OTHER_MONTH * (y - x)) for x, y in zip(a.getRgb()[:3], b.getRgb()[:3], strict=True)))  # type: ignore[index]

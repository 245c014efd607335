"""The extras lane of the transcript page: when captions, cutaways and extras are on, and how far the music is turned down. Their
bars are clicked to choose them, their ends dragged onto other words."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass, replace
from typing import Final, Literal

import numpy as np
from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QBrush, QColor, QPainter, QPen, QPolygonF

from standtall.base.errors import NothingToDo
from standtall.base.interface_language import tr
from standtall.model import extra_edits
from standtall.model.cut import Segment
from standtall.model.edits import Edit
from standtall.model.extents import FromExtent, PassageExtent, passage_of
from standtall.model.extras import Cutaway
from standtall.model.short import Short
from standtall.model.words import Word
from standtall.ui.bench.transcript.lanes import seen_pieces
from standtall.ui.state.opened import Opened
from standtall.ui.state.rows import Page
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets import theme

WIDE: Final = 56
CAPTIONS: Final = 6
COLUMN: Final = 9
COLUMNS: Final = 4
END: Final = 6
"""Pixels beside the end of a bar within which it is dragged."""
COLOURS: Final = {
    "headline": "#f2a33a", "text": "#f2a33a", "logo": "#8d6fa8", "sticker": "#6fa553", "progress bar": "#8fc1de",
    "light effect": "#e58a92", "sound effect": "#c8553d", "cutaway": "#5d7f9c",
}  # fmt: skip
End = Literal["start", "end"]


@dataclass(frozen=True, slots=True)
class ExtraBar:
    """A stretch of the page during which an extra (its id) or a cutaway is on; `start` and `end` tell which of its ends are its
    own, to be dragged."""

    kind: str
    name: str
    extra: int | None
    cutaway: Cutaway | None
    column: int
    top: float
    bottom: float
    start: bool = False
    end: bool = False


def bars_of(opened: Opened, page: Page) -> list[ExtraBar]:
    """All bars: cutaways in the first column, extras in those after it, each where there is room."""
    made = opened.composition
    out = [
        ExtraBar("cutaway", c.path.rsplit("/", 1)[-1], None, c, 0, page.y(c.extent.start), page.y(c.extent.end), True, True)
        for c in opened.entry.short.extras.cutaways
        if c.extent.source == opened.source.key
    ]
    for extra in opened.entry.short.extras.items:
        spans, own = made.extras.spans(extra.id), extra.extent
        stretches = _on_page(spans, opened)
        column = _free(out, [(page.y(a), page.y(b)) for a, b in stretches])
        for n, (a, b) in enumerate(stretches):
            first = isinstance(own, PassageExtent | FromExtent) and n == 0
            last = isinstance(own, PassageExtent) and n == len(stretches) - 1
            kind, name = extra_edits.kind_of(extra), extra_edits.name_of(extra)
            out.append(ExtraBar(kind, name, extra.id, None, column, page.y(a), page.y(b), first, last))
    return out


def _on_page(spans: tuple[tuple[int, int], ...], opened: Opened) -> list[tuple[int, int]]:
    """Spans of the short as stretches of the source on the Bench, joined where they meet."""
    time_map, out = opened.composition.time_map, []
    for number, segment in enumerate(time_map.segments):
        begin, end = time_map.span_of(number)
        if segment.source != opened.source.key:
            continue
        for a, b in spans:
            first, last = max(a, begin), min(b, end)
            if first < last:
                out.append((segment.start + first - begin, segment.start + last - begin))
    return sorted(out)


def _free(bars: list[ExtraBar], stretches: list[tuple[float, float]]) -> int:
    """The first column after that of cutaways in which nothing lies there; the last where none is free."""
    for column in range(1, COLUMNS):
        taken = [b for b in bars if b.column == column]
        if not any(b.top < bottom and top < b.bottom for b in taken for top, bottom in stretches):
            return column
    return COLUMNS - 1


class ExtrasLane:
    """Paints the lane and takes what is done with the mouse in it."""

    def __init__(self, workspace: Workspace, page: Callable[[], Page | None]) -> None:
        self._ws, self._page = workspace, page
        self._made: tuple[Opened, Page, list[ExtraBar]] | None = None
        self._held: tuple[Opened, ExtraBar, End, float] | None = None

    def bars(self) -> list[ExtraBar]:
        """Those of what is on the Bench; kept while it is."""
        opened, page = self._ws.opened, self._page()
        if opened is None or page is None:
            return []
        if self._made is None or self._made[0] is not opened or self._made[1] is not page:
            self._made = opened, page, bars_of(opened, page)
        return self._made[2]

    def paint(self, painter: QPainter, area: QRectF, box: QRectF) -> None:
        opened, page = self._ws.opened, self._page()
        if opened is None or page is None:
            return
        painter.fillRect(box, QColor(theme.current().page_rule))
        painter.setPen(Qt.PenStyle.NoPen)
        self._paint_music(painter, area, box, opened, page)
        if opened.entry.short.captions.shown:
            painter.setBrush(QColor(theme.KEPT))
            for _number, segment in seen_pieces(opened, page, area):
                top, bottom = page.y(segment.start), page.y(segment.end)
                painter.drawRoundedRect(QRectF(box.left() + 3, top + 1, CAPTIONS, max(3.0, bottom - top - 2)), 3, 3)
        for bar in self.bars():
            if bar.bottom < area.top() or bar.top > area.bottom():
                continue
            here = self._place(bar, box.left())
            colour = QColor(COLOURS[bar.kind])
            painter.setPen(Qt.PenStyle.NoPen)
            painter.setBrush(colour)
            painter.drawRoundedRect(here, 3, 3)
            if bar.kind in ("cutaway", "sound effect", "light effect"):  # told apart without colour, too
                painter.setBrush(QBrush(QColor(255, 255, 255, 110), Qt.BrushStyle.BDiagPattern))
                painter.drawRoundedRect(here, 3, 3)
            if bar.extra is not None and bar.extra == self._ws.selection.extra:
                painter.setBrush(Qt.BrushStyle.NoBrush)
                painter.setPen(QPen(QColor(theme.current().text), 1.6))
                painter.drawRoundedRect(here.adjusted(-0.5, -0.5, 0.5, 0.5), 3, 3)
        if self._held is not None:
            painter.setPen(QPen(QColor(theme.NOW), 2))
            painter.drawLine(QPointF(box.left(), self._held[3]), QPointF(box.right(), self._held[3]))

    def _place(self, bar: ExtraBar, left: float) -> QRectF:
        return QRectF(
            left + 4 + CAPTIONS + 3 + bar.column * (COLUMN + 1), bar.top + 1, COLUMN, max(4.0, bar.bottom - bar.top - 2)
        )

    def _paint_music(self, painter: QPainter, area: QRectF, box: QRectF, opened: Opened, page: Page) -> None:
        """How loud the music is beside the talk: a strip from the right edge, as wide as it is loud."""
        found = self._ws.sounding.of(opened.composition)
        if found is None or found.duck_db is None or not len(found.duck_db):
            return
        strip = QColor("#8d6fa8")
        strip.setAlpha(70)
        painter.setBrush(strip)
        time_map = opened.composition.time_map
        for number, segment in seen_pieces(opened, page, area):
            top, bottom = page.y(segment.start), page.y(segment.end)
            begin = time_map.span_of(number)[0]
            ticks = np.arange(segment.start, segment.end, 4_800)
            db = found.duck_db[np.minimum(len(found.duck_db) - 1, (begin + ticks - segment.start) // 48)]
            wide = np.clip((db + 30) / 30, 0.04, 1) * 18
            ys = page.ys(ticks)
            points = [QPointF(box.right() - float(w), float(y)) for w, y in zip(wide, ys, strict=True)]
            painter.drawPolygon(QPolygonF([QPointF(box.right(), top), *points, QPointF(box.right(), bottom)]))

    # mouse

    def _under(self, x: float, y: float, left: float) -> ExtraBar | None:
        """The bar under a point; the one on top is the last."""
        found = [b for b in self.bars() if self._place(b, left).adjusted(-2, -3, 2, 3).contains(x, y)]
        return found[-1] if found else None

    def end_at(self, x: float, y: float, left: float) -> End | None:
        """Which end of a bar a press would hold."""
        bar = self._under(x, y, left)
        if bar is None:
            return None
        if bar.start and y - bar.top < END:
            return "start"
        return "end" if bar.end and bar.bottom - y < END else None

    def press(self, x: float, y: float, left: float) -> None:
        """Choose the bar under a point, and hold its end where the point lies there."""
        bar, opened = self._under(x, y, left), self._ws.opened
        if bar is None or opened is None:
            self._ws.selection.choose_extra(None)
            return
        held = self.end_at(x, y, left)
        if bar.extra is not None:
            self._ws.selection.choose_extra(bar.extra)
        elif bar.cutaway is not None and held is None:
            self._ws.selection.seek(bar.cutaway.extent.start)
        self._held = None if held is None else (opened, bar, held, y)

    def choose(self, x: float, y: float, left: float) -> None:
        """Choose the bar under a point, and hold nothing of it."""
        self.press(x, y, left)
        self._held = None

    @property
    def holds(self) -> bool:
        return self._held is not None

    def move(self, y: float) -> None:
        if self._held is not None:
            self._held = (*self._held[:3], y)

    def release(self, word: int | None, tick: int) -> None:
        """Let the end that is held lie at a word, or without one at a tick."""
        held, self._held = self._held, None
        if held is None or abs(held[3] - (held[1].top if held[2] == "start" else held[1].bottom)) < 4:
            return
        opened, bar, end, _y = held
        words = opened.analysis.words
        at = None if word is None else words[word]
        if bar.cutaway is not None:
            extent = _segment(bar.cutaway.extent, end, at, tick)
            if extent is not None:
                old = bar.cutaway
                into = max(0, old.at + extent.start - old.extent.start)
                self._ws.edit(lambda s, _a: extra_edits.change_cutaway(s, old, extent=extent, at=into), opened)
        elif bar.extra is not None:
            number = bar.extra
            self._ws.edit(lambda s, _a: _moved(s, number, end, at, tick, opened), opened)


def _segment(old: Segment, end: End, word: Word | None, tick: int) -> Segment | None:
    at = tick if word is None else (word.start if end == "start" else word.end)
    start, stop = (at, old.end) if end == "start" else (old.start, at)
    return Segment(old.source, start, stop) if start < stop else None


def _moved(short: Short, number: int, end: End, word: Word | None, tick: int, opened: Opened) -> Edit:
    """An extra with one of its ends elsewhere: on a word, which it then stays with."""
    extra = short.extras.item(number)
    own = extra.extent if extra is not None else None
    if isinstance(own, FromExtent):
        return extra_edits.set_extent(short, number, replace(own, start=tick if word is None else word.start))
    if not isinstance(own, PassageExtent):
        raise NothingToDo(
            tr("The ends of this extra are those of the short."), tr("Choose another extent for it in the Extras panel.")
        )
    times = {(own.source, w.id): (w.start, w.end) for w in opened.analysis.words if w.id in (own.first, own.last)}
    start, stop = passage_of(own, times)
    first, last = own.first, own.last
    if end == "start":
        start, first = (tick, -1) if word is None else (word.start, word.id)
    else:
        stop, last = (tick, -1) if word is None else (word.end, word.id)
    by_words = first >= 0 and last >= 0
    first, last = (first, last) if by_words else (-1, -1)
    of: Literal["words", "hand"] = "words" if by_words else "hand"
    new = PassageExtent(own.source, min(start, stop - 1), max(stop, start + 1), first, last, of)
    return extra_edits.set_extent(short, number, new)

"""The edges of the pieces on the transcript page: lines across it, with grips to drag them by."""

from __future__ import annotations

import bisect
from dataclasses import dataclass
from typing import Final

import numpy as np
from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QColor, QPainter, QPen

from standtall.cutting import trim
from standtall.cutting.cut_points import cut_after, cut_before
from standtall.cutting.trim import Edge
from standtall.model.edits import Edit
from standtall.model.word_columns import ranges_within
from standtall.ui.state.editor import Present
from standtall.ui.state.opened import Opened
from standtall.ui.state.rows import Page
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets import theme

WIDE, HIGH = 16, 7
REACH: Final = 3
"""So many pixels beside a grip it can be taken, too."""
SHORT: Final = 34
"""Length of the line where only a silence is cut: words stand on both sides of it."""


@dataclass(frozen=True, slots=True)
class Grip:
    """One edge of a piece, at a height of the page."""

    number: int
    edge: Edge
    y: float
    silent: bool


def grips(opened: Opened, page: Page) -> list[Grip]:
    """Every edge of every piece, from the top of the page down; made once for each state of the short."""
    out: list[Grip] = []
    segments = opened.segments
    ends, starts = sorted(e.end for e in segments), sorted(e.start for e in segments)
    after = dict(zip(ends[:-1], starts[1:], strict=True))
    before = {start: end for end, start in after.items()}
    mine = [(number, e) for number, e in enumerate(opened.entry.short.segments) if e.source == opened.source.key]
    edges: list[tuple[int, Edge, int, tuple[int, int] | None]] = []
    for number, e in mine:
        first, last = before.get(e.start), after.get(e.end)
        edges.append((number, "start", e.start, None if first is None else (first, e.start)))
        edges.append((number, "end", e.end, None if last is None else (e.end, last)))
    within = ranges_within(opened.analysis.words, (gap or (0, 0) for *_, gap in edges))
    heights = page.ys(np.array([tick for _n, _edge, tick, _gap in edges]))
    for (number, edge, _tick, gap), y, words in zip(edges, heights.tolist(), within, strict=True):
        out.append(Grip(number, edge, y, gap is not None and not words))
    return sorted(out, key=lambda grip: grip.y)


def place(grip: Grip, right: float) -> QRectF:
    """Where a grip is drawn: inside its piece, at the right end of its line."""
    top = grip.y if grip.edge == "start" else grip.y - HIGH
    return QRectF(right - WIDE, top, WIDE, HIGH)


def _between(found: list[Grip], top: float, bottom: float) -> list[Grip]:
    """Those between two heights."""
    first = bisect.bisect_left(found, top, key=lambda grip: grip.y)
    return found[first : bisect.bisect_right(found, bottom, key=lambda grip: grip.y)]


def paint(painter: QPainter, found: list[Grip], left: float, right: float, area: QRectF) -> None:
    """The lines and grips that can be seen."""
    for grip in _between(found, area.top() - HIGH, area.bottom() + HIGH):
        painter.setPen(QPen(QColor(theme.KEPT), 1.5))
        painter.drawLine(QPointF(right - SHORT if grip.silent else left, grip.y), QPointF(right, grip.y))
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(QColor(theme.KEPT))
        painter.drawRoundedRect(place(grip, right), 2, 2)


def at(found: list[Grip], x: float, y: float, right: float) -> Grip | None:
    """The grip under a point, if any."""
    near = _between(found, y - HIGH - REACH, y + HIGH + REACH)
    return next((g for g in near if place(g, right).adjusted(-REACH, -2, REACH, 2).contains(x, y)), None)


def drop(ws: Workspace, seen: Opened, grip: Grip, word: int | None, tick: int) -> None:
    """Let the edge of a piece, as it was `seen` when it was gripped, lie at a word or, without one, at a tick."""

    def make(now: Present) -> Edit:
        number = now.piece(grip.number)
        if word is None:
            return trim.trim(now.short, number, grip.edge, tick)
        cut = cut_before if grip.edge == "start" else cut_after
        return trim.trim(now.short, number, grip.edge, cut(now.analysis, now.words(range(word, word + 1)).start))

    ws.edit_as(make, seen)

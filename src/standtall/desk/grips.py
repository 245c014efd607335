"""The edges of the pieces in the script: lines across it, with grips to drag them by."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Final

from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QColor, QPainter, QPen

from standtall.base.errors import NothingToDo
from standtall.cutting import trim
from standtall.cutting.edges import cut_after, cut_before
from standtall.cutting.trim import Edge
from standtall.desk import theme
from standtall.desk.rows import Page
from standtall.desk.workspace import Opened, Workspace
from standtall.model.analysis import Analysis
from standtall.model.edits import Edit
from standtall.model.short import Short
from standtall.model.words import words_within

WIDE, HIGH = 16, 7
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
    """Every edge of every piece; made once for each state of the short."""
    out: list[Grip] = []
    excerpts = opened.entry.short.excerpts
    ends, starts = sorted(e.end for e in excerpts), sorted(e.start for e in excerpts)
    after = dict(zip(ends[:-1], starts[1:], strict=True))
    before = {start: end for end, start in after.items()}
    words = opened.analysis.words
    for number, e in enumerate(excerpts):
        first, last = before.get(e.start), after.get(e.end)
        out.append(Grip(number, "start", page.y(e.start), first is not None and not words_within(words, first, e.start)))
        out.append(Grip(number, "end", page.y(e.end), last is not None and not words_within(words, e.end, last)))
    return out


def place(grip: Grip, right: float) -> QRectF:
    """Where a grip is drawn: inside its piece, at the right end of its line."""
    top = grip.y if grip.edge == "start" else grip.y - HIGH
    return QRectF(right - WIDE, top, WIDE, HIGH)


def paint(painter: QPainter, found: list[Grip], left: float, right: float, area: QRectF) -> None:
    """The lines and grips that can be seen."""
    for grip in found:
        if not area.top() - HIGH < grip.y < area.bottom() + HIGH:
            continue
        painter.setPen(QPen(QColor(theme.KEPT), 1.5))
        painter.drawLine(QPointF(right - SHORT if grip.silent else left, grip.y), QPointF(right, grip.y))
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(QColor(theme.KEPT))
        painter.drawRoundedRect(place(grip, right), 2, 2)


def at(found: list[Grip], x: float, y: float, right: float) -> Grip | None:
    """The grip under a point, if any."""
    return next((g for g in found if place(g, right).adjusted(-3, -2, 3, 2).contains(x, y)), None)


def drop(ws: Workspace, grip: Grip, word: int | None, tick: int) -> None:
    """Let the edge lie at a word (or, in even time, at a tick)."""

    def make(short: Short, analysis: Analysis) -> Edit:
        if grip.number >= len(short.excerpts):
            raise NothingToDo("The short has changed meanwhile.", "Drag the edge again.")
        if ws.even or word is None:
            return trim.trim(short, grip.number, grip.edge, tick)
        cut = cut_before if grip.edge == "start" else cut_after
        return trim.trim(short, grip.number, grip.edge, cut(analysis, word))

    ws.edit(make)

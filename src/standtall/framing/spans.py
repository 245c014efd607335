"""A stretch of a shot in one layout: what was decided, and the path of each cell."""

from __future__ import annotations

from dataclasses import dataclass

from standtall.base.geometry import FULL, Rect
from standtall.framing.cells import Cell
from standtall.framing.decisions import Decision, Why
from standtall.framing.following import Path
from standtall.model.framing import Layout


@dataclass(frozen=True, slots=True)
class View:
    """What the frame shows at one moment."""

    layout: Layout
    cells: tuple[Cell, ...]

    @property
    def crop(self) -> Rect:
        """The crop of the first cell, in shares of the source."""
        return self.cells[0].crop


@dataclass(frozen=True, slots=True)
class Span:
    """One camera position or move: what was decided, and the path of each cell."""

    decision: Decision
    paths: tuple[Path, ...]

    @property
    def start(self) -> int:
        return self.decision.start

    @property
    def end(self) -> int:
        return self.decision.end

    def at(self, tick: int) -> View:
        return View(self.decision.layout, tuple(Cell(p.at(tick), p.target) for p in self.paths))


def whole(start: int, end: int, why: Why, by_hand: bool = False) -> Span:
    return Span(Decision(start, end, "whole", (), why, by_hand), (Path((start,), (FULL,)),))

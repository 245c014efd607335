"""What is dragged in the picture lane: a crop sideways, a keyframe up and down; both are seen as they will be meanwhile."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Final

from PySide6.QtCore import QPointF

from standtall.model import keyframe_edits
from standtall.model.cut import Segment
from standtall.model.edits import Edit
from standtall.model.framing import CELLED
from standtall.model.keyframe_edits import CropOf
from standtall.model.short import Short
from standtall.ui.bench.transcript.lanes import LaneBox
from standtall.ui.preview.crop_drag import CropDrag, gripped
from standtall.ui.state.opened import Opened
from standtall.ui.state.rows import Page
from standtall.ui.state.workspace import Workspace

FAR: Final = 3
"""Pixels from which a press is a drag."""
REACH: Final = 7
"""Pixels around a keyframe by which it is taken."""


@dataclass(frozen=True, slots=True)
class KeyDrag:
    """A keyframe of a shot of what was on the Bench, the crop it is of, and its tick before and now."""

    opened: Opened
    shot: Segment
    of: CropOf
    before: int
    at: int

    def edit(self, short: Short) -> Edit:
        return keyframe_edits.move_keyframe(short, self.shot, self.before, self.at, self.of)


class LaneDrag:
    """`held` is what is dragged, None while nothing is."""

    def __init__(self, ws: Workspace) -> None:
        self._ws = ws
        self.held: CropDrag | KeyDrag | None = None
        self._from = QPointF()
        self._far = False

    def press(self, x: float, y: float, lane: LaneBox, page: Page) -> bool:
        """Take the keyframe at a place of the page, or the crop that is shown there; -> whether a keyframe was taken."""
        opened, tick = self._ws.opened, page.tick(y)
        self._from, self._far = QPointF(x, y), False
        self.held = None if opened is None else _keyframe(opened, x, y, lane, page)
        if opened is None or self.held is not None:
            return self.held is not None
        drag = gripped(opened, opened.source.key, tick, self._from, None)
        if drag is None or drag.layout == "whole":
            return False
        share = (x - lane.x) / lane.w
        cells = opened.camera.at(tick).cells
        over = [n for n, c in enumerate(cells) if c.crop.x <= share <= c.crop.right]
        number = min(over or range(len(cells)), key=lambda n: abs(cells[n].crop.cx - share))
        self.held = replace(drag, cell=number, before=cells[number].crop, after=cells[number].crop)
        self._ws.selection.choose_cell(number)
        return False

    def move(self, x: float, y: float, lane: LaneBox, page: Page) -> None:
        held = self.held
        if held is None:
            return
        self._far = self._far or (QPointF(x, y) - self._from).manhattanLength() > FAR
        if not self._far:
            return
        if isinstance(held, KeyDrag):
            self.held = replace(held, at=page.tick(y))
            self._ws.trial.show(held.opened, self.held.edit, held.before)
        else:
            self.held = held.moved((x - self._from.x()) / lane.w, 0.0)
            self._ws.trial.show(held.opened, self.held.edit, held.at)

    def give_up(self) -> bool:
        """Leave everything as it was; -> whether anything was dragged."""
        held, self.held = self.held, None
        if held is not None and self._far:
            self._ws.trial.finish(held.opened, None)
        return held is not None

    def release(self) -> None:
        held, self.held = self.held, None
        if held is None:
            return
        changed = held.at != held.before if isinstance(held, KeyDrag) else held.changed
        if self._far:
            self._ws.trial.finish(held.opened, held.edit if changed else None)


def _keyframe(opened: Opened, x: float, y: float, lane: LaneBox, page: Page) -> KeyDrag | None:
    """The keyframe at a place of the page."""
    span = opened.camera.span_at(page.tick(y))
    shot = opened.shot_at(span.start)
    for number, path in enumerate(span.paths if shot is not None else ()):
        if not path.eases or len(path.times) < 2:
            continue
        for at, crop in zip(path.times, path.crops, strict=True):
            if abs(lane.at(crop.cx) - x) <= REACH and abs(page.y(at) - y) <= REACH:
                layout = span.decision.layout
                of = CropOf(layout, number) if layout in CELLED else keyframe_edits.ALONE
                return KeyDrag(opened, shot, of, at, at) if shot is not None else None
    return None

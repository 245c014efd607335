"""A drag of a crop, on the wide picture or on the tall one: what it holds, and the edit it makes in the end."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Final

from PySide6.QtCore import QPointF

from standtall.base.geometry import FULL, Rect
from standtall.framing.cells import crop_width, largest
from standtall.model import keyframe_edits
from standtall.model.cut import Segment
from standtall.model.edits import Edit
from standtall.model.framing import CELLED, Layout
from standtall.model.short import Short
from standtall.ui.state.opened import Opened

LOWEST: Final = 0.1
"""Height of a crop at least, as a share of the picture."""


@dataclass(frozen=True, slots=True)
class CropDrag:
    """In which shot of what was on the Bench and at which tick, of which cell of which layout, from where, and the crop before
    and now."""

    opened: Opened
    shot: Segment
    at: int
    layout: Layout
    cell: int
    start: QPointF
    before: Rect
    after: Rect
    sizing: bool = False
    """Whether its size is dragged, not its place."""

    @property
    def changed(self) -> bool:
        return self.after != self.before

    def moved(self, x: float, y: float) -> CropDrag:
        """The crop so far from where it was, in shares of the picture."""
        there = Rect(self.before.x + x, self.before.y + y, self.before.w, self.before.h)
        return replace(self, after=there.inside(FULL))

    def sized(self, factor: float) -> CropDrag:
        """The crop so much as large, around its middle."""
        b = self.before
        widest = min(1.0 / b.w, 1.0 / b.h)
        factor = max(LOWEST / b.h, min(widest, factor))
        w, h = b.w * factor, b.h * factor
        return replace(self, after=Rect(b.cx - w / 2, b.cy - h / 2, w, h).inside(FULL))

    def edit(self, short: Short) -> Edit:
        crop = self.after
        of = keyframe_edits.CropOf(self.layout, self.cell) if self.layout in CELLED else keyframe_edits.ALONE
        return keyframe_edits.set_crop(short, self.shot, crop.cx, crop.cy, crop.h, self.at, of)


def gripped(opened: Opened | None, source: str, tick: int, at: QPointF, place: tuple[float, float] | None) -> CropDrag | None:
    """What a press would drag: the crop that is shown at a tick of a source, or the cell whose crop holds a `place` of the
    picture (shares; None: the first cell); in a whole picture a new crop. None where there is nothing to drag."""
    shot = None if opened is None or source != opened.source.key else opened.shot_at(tick)
    if opened is None or shot is None or not opened.source.has_picture:
        return None
    view = opened.camera.at(tick)
    if view.layout == "whole":
        crop = middle_crop(opened)
        return CropDrag(opened, shot, tick, "whole", 0, at, crop, crop)
    number = 0
    if place is not None and len(view.cells) > 1:
        holding = [n for n, c in enumerate(view.cells) if c.crop.contains(Rect(*place, 0.0, 0.0))]
        if not holding:
            return None
        number = min(holding, key=lambda n: view.cells[n].crop.area)
    crop = view.cells[number].crop
    return CropDrag(opened, shot, tick, view.layout, number, at, crop, crop)


def middle_crop(opened: Opened) -> Rect:
    """Where a crop begins in a shot that is shown whole."""
    source, aspect = opened.source, opened.entry.short.output.aspect
    h = largest(source, aspect)
    w = crop_width(source, aspect, h)
    return Rect(0.5 - w / 2, 0.5 - h / 2, w, h)

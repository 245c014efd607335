"""Looks at the captions of a short over its real picture, and finds the slightest change that makes all of them legible."""

from __future__ import annotations

from collections.abc import Callable, Mapping
from dataclasses import dataclass, replace

from standtall.base.errors import NothingToDo
from standtall.base.interface_language import tr
from standtall.base.progress import Progress
from standtall.checks.legibility import Behind, Illegible, fixes, hard_to_follow, looked_behind, low_contrast
from standtall.checks.notice import Fix, Notice
from standtall.compose.composition import Composition
from standtall.compose.painters.assets import Assets
from standtall.compose.painters.frames import FramePainter
from standtall.model.style import Changes
from standtall.session.composing import worked_out

WIDE = 540
"""Pixels across at which it is looked: enough for the ground of a letter."""


@dataclass(frozen=True, slots=True)
class Legibility:
    """What was found, worst first, and what lies behind the captions, for trying changes."""

    found: tuple[Illegible, ...]
    small: Composition
    behind: tuple[Behind, ...]


def legibility(composition: Composition, copies: Mapping[str, str], progress: Progress) -> Legibility:
    """Look at all cards; `copies` are quicker copies of files. Raises `MediaError` for footage that cannot be read."""
    output = composition.short.output
    small_output = replace(output, width=WIDE, height=round(WIDE * output.height / output.width / 2) * 2)
    shown = replace(composition.short.captions, shown=True)
    small = worked_out(replace(composition.short, output=small_output, captions=shown), composition.footage)

    def told(share: float) -> None:
        progress.report("looking", share)
        progress.check()

    with Assets(copies) as assets:
        painter = FramePainter(assets, small_output.width, small_output.height)
        behind = looked_behind(small, painter.paint, told)
    return Legibility((*low_contrast(small, behind), *hard_to_follow(small)), small, tuple(behind))


def hard_to_read(composition: Composition, found: Legibility) -> list[Notice]:
    """What was found of a short as notices with their places, worst first."""
    out = []
    for illegible in found.found:
        card = composition.cards[illegible.card]
        place = composition.time_map.to_source(min(card.start, composition.time_map.length - 1))
        fixes: tuple[Fix, ...] = ("make all legible",) if illegible.fault == "contrast" else ()
        out.append(Notice("hard to read", {"told": illegible.told}, place, fixes))
    return out


def legible_change(found: Legibility, hear: Callable[[str], None]) -> Changes:
    """The slightest change of the short's style with which every word has enough contrast; `hear` is told its name. Raises
    `NothingToDo` where all have it, or none of the changes does."""
    if not any(f.fault == "contrast" for f in found.found):
        raise NothingToDo(tr("All captions have enough contrast."))
    short = found.small.short
    for name, changes in fixes(found.small.caption_style):
        captions = replace(short.captions, style={**short.captions.style, **changes})
        tried = worked_out(replace(short, captions=captions), found.small.footage)
        if not low_contrast(tried, found.behind):
            hear(name)
            return changes
    raise NothingToDo(
        tr("No single change makes all captions legible."), tr("Choose another look, or another colour for the letters.")
    )

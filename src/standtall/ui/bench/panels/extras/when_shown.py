"""Extents as the panel offers them: what they are called, how they are made of what is chosen, what of the short they miss."""

from __future__ import annotations

from typing import Final, Literal, get_args

from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND, clock
from standtall.compose.composition import Composition
from standtall.model.extents import Extent, FromExtent, OpeningExtent, PassageExtent, Spans, WholeExtent, missed
from standtall.ui.state.opened import Opened
from standtall.ui.state.selection import Selection

ExtentKind = Literal["whole", "opening", "shot", "words", "from"]
KINDS: Final[tuple[ExtentKind, ...]] = get_args(ExtentKind)
TITLES: Final[dict[ExtentKind, tuple[str, str]]] = {
    "whole": (tr("Whole short"), tr("From the first frame to the last")),
    "opening": (tr("Opening"), tr("The first seconds of the short")),
    "shot": (tr("This shot"), tr("While the shot at the playhead lasts")),
    "words": (
        tr("These words"),
        tr("During the chosen words, or the one at the playhead; it stays on them when the cut changes"),
    ),
    "from": (tr("From here on"), tr("From the playhead to the end of the short")),
}
OPENING_S: Final = 4.0


def extent_for(kind: ExtentKind, opened: Opened, selection: Selection) -> Extent | None:
    """The extent of a kind at what is chosen now; None where nothing is chosen, or there is no shot."""
    source, here = opened.source.key, selection.playhead
    if kind == "whole":
        return WholeExtent()
    if kind == "opening":
        return OpeningExtent(min(round(OPENING_S * TICKS_PER_SECOND), max(1, opened.entry.short.talk_length)))
    if kind == "from":
        return FromExtent(source, here)
    if kind == "shot":
        shot = opened.shot_at(here)
        return None if shot is None else PassageExtent(source, shot.start, shot.end, of="shot")
    chosen = selection.or_said()
    if not chosen:
        return None
    first, last = opened.analysis.words[chosen.start], opened.analysis.words[chosen.stop - 1]
    return PassageExtent(source, first.start, max(last.end, first.start + 1), first.id, last.id, "words")


def kind_of_extent(extent: Extent) -> str:
    """Which kind an extent is, or "hand" for one whose ends were dragged."""
    if isinstance(extent, PassageExtent):
        return extent.of
    return {WholeExtent: "whole", OpeningExtent: "opening", FromExtent: "from"}[type(extent)]


def told(spans: Spans, made: Composition) -> str:
    """When it is on, and what it misses of the short."""
    length = made.time_map.length
    if not spans:
        return tr("Nowhere in the short: what it lies on is cut out.")
    inside = tuple((max(0, a), min(length, b)) for a, b in spans)
    gone = [(a, b) for a, b in missed(inside, length) if b - a > TICKS_PER_SECOND // 10]
    on = ", ".join(f"{clock(a, True)}–{clock(b, True)}" for a, b in inside[:3])
    if not gone:
        return tr("On for the whole short.")
    return tr("On {on}. Misses {these}.", on=on, these=", ".join((f"{clock(a, True)}–{clock(b, True)}" for a, b in gone[:3])))

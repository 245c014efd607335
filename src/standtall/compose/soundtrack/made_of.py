"""Everything that the sound of a short is made of, as a value: equal ones sound the same."""

from __future__ import annotations

from dataclasses import dataclass
from fractions import Fraction

from standtall.compose.composition import Composition
from standtall.model.cut import Segment
from standtall.model.extents import Spans
from standtall.model.extras import Clip, Cutaway, SoundExtra
from standtall.model.sound import SoundMix
from standtall.model.source import Source
from standtall.model.words import Word


@dataclass(frozen=True, slots=True)
class MadeOf:
    """The talk with its sources, their words (levels follow who speaks, music makes room for them) and what is mixed with it."""

    segments: tuple[Segment, ...]
    sources: tuple[tuple[Source, tuple[Word, ...]], ...]
    mix: SoundMix
    effects: tuple[tuple[SoundExtra, Spans], ...]
    cutaways: tuple[Cutaway, ...]
    clips: tuple[Clip | None, Clip | None]
    files: tuple[Source | None, ...]
    """Those of the cutaways and clips, where they are there."""
    sounds: frozenset[str]
    frames: tuple[int, int, Fraction]
    """How many before the talk, how many in all, how many a second."""


def made_of(composition: Composition) -> MadeOf:
    short, extras = composition.short, composition.short.extras
    shown: tuple[Cutaway | Clip, ...] = (*extras.cutaways, *(c for c in (extras.opening, extras.closing) if c is not None))
    footage = (composition.footage[key] for key in short.sources)
    return MadeOf(
        short.segments,
        tuple((f.source, f.analysis.words) for f in footage),
        short.sound,
        tuple((e, composition.extras.spans(e.id)) for e in extras.items if isinstance(e, SoundExtra)),
        extras.cutaways,
        (extras.opening, extras.closing),
        tuple(composition.files.get(c.path) for c in shown),
        composition.sounds,
        (composition.lead, composition.frames, composition.fps),
    )

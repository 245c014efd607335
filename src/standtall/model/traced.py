"""Where a finished clip comes from."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Literal

from standtall.model import checks

LONGEST = 48_000 * 3_600 * 24


@dataclass(frozen=True, slots=True)
class TracedPiece:
    """A piece of a clip and the passage of a source (by its key) that it is, in ticks; `confidence` is the share of it that
    agrees, 0..1."""

    source: str
    clip_start: int
    clip_end: int
    start: int
    end: int
    confidence: float

    def __post_init__(self) -> None:
        for name, value in (("clip", self.clip_start), ("source", self.start)):
            checks.in_range(f"The start of a piece in its {name}", value, 0, LONGEST)
        checks.in_range("The end of a piece in its source", self.end, self.start, LONGEST)
        checks.in_range("The end of a piece in its clip", self.clip_end, self.clip_start, LONGEST)


@dataclass(frozen=True, slots=True)
class TracedClip:
    """A finished clip of `length` ticks and its pieces in their order; none where no footage holds it. `by` is what told
    them: its sound, the words of its caption file, or those of the captions in its picture. `said` tells in a sentence why it
    could not be looked for."""

    path: str
    length: int
    pieces: tuple[TracedPiece, ...] = ()
    by: Literal["sound", "words", "picture"] = "sound"
    said: str = ""

    @property
    def covered(self) -> int:
        """Ticks of the clip whose place is known."""
        return sum(p.clip_end - p.clip_start for p in self.pieces)

    @property
    def confidence(self) -> float:
        """The share of the clip that was found, weighed by how well it agrees, 0..1."""
        return min(1.0, sum((p.clip_end - p.clip_start) * p.confidence for p in self.pieces) / max(1, self.length))

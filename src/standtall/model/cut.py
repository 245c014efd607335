"""The cut of a short: segments of sources in the order in which they are heard, and what happens at the cuts."""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import dataclass
from typing import Literal

from standtall.base.errors import ProjectError
from standtall.model import checks

Transitions = Literal["straight", "punch", "blend"]
"""How the picture goes over a cut inside one camera position: as it is, a little nearer and back by turns, or blended."""


@dataclass(frozen=True, slots=True)
class Segment:
    """An in/out range of a source (its content key), in ticks: in belongs to it, out does not."""

    source: str
    start: int
    end: int

    def __post_init__(self) -> None:
        checks.forward("A segment", self.start, self.end)

    @property
    def length(self) -> int:
        return self.end - self.start

    def holds(self, source: str, tick: int) -> bool:
        """Whether a tick of a source lies inside."""
        return self.source == source and self.start <= tick < self.end

    def overlaps(self, other: Segment) -> bool:
        """Whether both hold some of the same footage."""
        return self.source == other.source and self.start < other.end and other.start < self.end

    def meets(self, after: Segment) -> bool:
        """Whether `after` begins exactly where this one ends."""
        return self.source == after.source and self.end == after.start


def check_apart(name: str, segments: Iterable[Segment]) -> None:
    """Raise `ProjectError` where segments of one source overlap."""
    spans: dict[str, list[tuple[int, int]]] = {}
    for segment in segments:
        spans.setdefault(segment.source, []).append((segment.start, segment.end))
    for of_source in spans.values():
        checks.apart(name, tuple(of_source))


@dataclass(frozen=True, slots=True)
class Cut:
    """Segments never overlap, but may stand in another order than in their source. What no segment covers is cut out; it stays
    in the source and is brought back by covering it again."""

    segments: tuple[Segment, ...]
    transitions: Transitions = "straight"

    def __post_init__(self) -> None:
        if not self.segments:
            raise ProjectError("A short needs at least one segment.")
        check_apart("The segments of a short", self.segments)

"""The cut of a short: segments of sources in the order in which they are heard, and what happens at the cuts."""

from __future__ import annotations

import bisect
from collections.abc import Iterable
from dataclasses import dataclass
from typing import Final, Literal

from standtall.base.errors import ProjectError
from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND
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


TransitionKind = Literal["cut", "blend", "dip", "slide", "push", "zoom"]
SHORTEST_TRANSITION, LONGEST_TRANSITION = TICKS_PER_SECOND // 20, TICKS_PER_SECOND
NEAR_CUT: Final = 2 * TICKS_PER_SECOND


@dataclass(frozen=True, slots=True)
class CutTransition:
    """How the picture goes over one cut, for `length` ticks after it: the cut before the segment of a source that begins at `at`,
    or the one that begins nearest to it when it was trimmed since."""

    source: str
    at: int
    transition: TransitionKind
    length: int = TICKS_PER_SECOND * 2 // 5

    def __post_init__(self) -> None:
        checks.in_range("The place of a transition", self.at, 0, 1 << 50)
        checks.in_range("The length of a transition", self.length, SHORTEST_TRANSITION, LONGEST_TRANSITION)


@dataclass(frozen=True, slots=True)
class Cut:
    """Segments never overlap, but may stand in another order than in their source. What no segment covers is cut out; it stays
    in the source and is brought back by covering it again. `transitions` holds for cuts that have none of their own in
    `at_cuts`."""

    segments: tuple[Segment, ...]
    transitions: Transitions = "straight"
    at_cuts: tuple[CutTransition, ...] = ()

    def __post_init__(self) -> None:
        if not self.segments:
            raise ProjectError(tr("A short needs at least one segment."))
        check_apart("The segments of a short", self.segments)

    def chosen_transitions(self) -> dict[int, CutTransition]:
        """What was chosen for cuts, by the number of the segment after each: the nearest one where several would be."""
        if not self.at_cuts:
            return {}
        starts: dict[str, list[tuple[int, int]]] = {}
        for number, segment in enumerate(self.segments):
            starts.setdefault(segment.source, []).append((segment.start, number))
        for of_source in starts.values():
            of_source.sort()
        out: dict[int, tuple[int, CutTransition]] = {}
        for chosen in self.at_cuts:
            of_source = starts.get(chosen.source, [])
            after = bisect.bisect_left(of_source, (chosen.at, -1))
            near = [(abs(start - chosen.at), number) for start, number in of_source[max(0, after - 1) : after + 1]]
            far, number = min(near, default=(NEAR_CUT + 1, -1))
            if far <= NEAR_CUT and (number not in out or far < out[number][0]):
                out[number] = far, chosen
        return {number: chosen for number, (_far, chosen) in out.items()}

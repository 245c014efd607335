"""What is shown over or beside the talk."""

from __future__ import annotations

from dataclasses import dataclass

from standtall.model import checks
from standtall.model.cut import Segment, check_apart


@dataclass(frozen=True, slots=True)
class Cutaway:
    """Another picture shown over a passage of a source (its `extent`) while the sound goes on.

    `path` and the content `key` say which file, `at` from which of its ticks on.
    """

    path: str
    key: str
    extent: Segment
    at: int = 0

    def __post_init__(self) -> None:
        checks.in_range("Where a cutaway begins", self.at, 0, 1 << 50)


@dataclass(frozen=True, slots=True)
class Extras:
    """Cutaways never overlap."""

    cutaways: tuple[Cutaway, ...] = ()

    def __post_init__(self) -> None:
        check_apart("Cutaways", tuple(c.extent for c in self.cutaways))

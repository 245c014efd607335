"""The cover of a short: the picture that stands for it before it plays."""

from __future__ import annotations

from dataclasses import dataclass

from standtall.model import checks

LONGEST_TITLE = 120


@dataclass(frozen=True, slots=True)
class Cover:
    """A moment of a source, as the short frames it there, without captions; `near` times as large around a point (shares of the
    frame), with a title whose middle is at `down`. An empty title is none."""

    source: str
    tick: int
    title: str = ""
    down: float = 0.16
    near: float = 1.0
    across: float = 0.5
    point_down: float = 0.4

    def __post_init__(self) -> None:
        checks.in_range("The enlargement of a cover", self.near, 1.0, 4.0)
        for name, value in (("title", self.down), ("point across", self.across), ("point down", self.point_down)):
            checks.in_range(f"The {name} of a cover", value, 0.0, 1.0)
        checks.in_range("The length of a cover's title", len(self.title), 0, LONGEST_TITLE)

"""From footage to the calendar by rule: what is taken in, how much is made of it, and in what manner."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Literal

from standtall.model import checks

RuleState = Literal["begun", "done", "skipped", "failed"]


@dataclass(frozen=True, slots=True)
class Routine:
    """`footage` are files, links, or folders that are watched (`watch`) for files that come in; `best` moments of each that reach
    the bars of the calendar's settings become shorts of `least_s` to `most_s` seconds in the look (its name, "": the first
    one). Finished files go into `folder`, shorts into the project file `project`. What is planned is held for approval unless
    `approve` is said."""

    footage: tuple[str, ...]
    project: str
    folder: str
    best: int = 3
    least_s: float = 15.0
    most_s: float = 44.0
    look: str = ""
    watch: bool = False
    approve: bool = False

    def __post_init__(self) -> None:
        checks.in_range("The number of moments of each piece of footage", self.best, 1, 50)
        checks.in_range("The shortest length in seconds", self.least_s, 1, 3600)
        checks.in_range("The longest length in seconds", self.most_s, self.least_s, 3600)


@dataclass(frozen=True, slots=True)
class RuleStep:
    """One step with one piece of footage (what people call it), and how it went."""

    footage: str
    step: str
    state: RuleState
    told: str = ""

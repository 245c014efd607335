"""What one command would make of footage: each short with its passages, its reasons and its files."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Final

from standtall.base.errors import ProjectError
from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND
from standtall.model import checks

VERSION: Final = 1
MOST_SHORTS: Final = 500


@dataclass(frozen=True, slots=True)
class PlannedShort:
    """`footage` is a path and `key` what the file held when it was planned; `passages` are times in seconds, in the order in
    which they are heard. Names, passages and the order may be changed by hand, whole shorts left out."""

    footage: str
    key: str
    name: str
    passages: tuple[tuple[float, float], ...]
    rating: float = 0.0
    seconds: float = 0.0
    says: str = ""
    reasons: tuple[str, ...] = ()
    files: tuple[str, ...] = ()

    def __post_init__(self) -> None:
        if not self.passages or not self.name.strip():
            raise ProjectError(tr("Each short of a plan needs a name and at least one passage."))
        for start, end in self.passages:
            checks.forward("A passage of a plan in seconds", round(start * TICKS_PER_SECOND), round(end * TICKS_PER_SECOND))


@dataclass(frozen=True, slots=True)
class Plan:
    """Shorts, the best first, and how all of them are to be made."""

    shorts: tuple[PlannedShort, ...]
    look: str = ""
    shapes: tuple[str, ...] = ("9:16",)
    languages: tuple[str, ...] = ("",)
    version: int = VERSION

    def __post_init__(self) -> None:
        if self.version != VERSION:
            raise ProjectError(
                tr(
                    "This plan is of version {version}; this program reads version {own}.",
                    version=self.version,
                    own=VERSION,
                )
            )
        if len(self.shorts) > MOST_SHORTS:
            raise ProjectError(tr("A plan holds at most {most} shorts.", most=MOST_SHORTS))

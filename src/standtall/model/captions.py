"""The captions of a short: whether they are shown, in which look, where, and what differs from the look."""

from __future__ import annotations

from dataclasses import dataclass, field

from standtall.model import checks
from standtall.model.style import Changes, Override, check_changes

FIRST_LOOK = "broadsheet"
"""The look that new shorts begin with where nothing else is wished."""


@dataclass(frozen=True, slots=True)
class Captions:
    """`place` is the middle of the captions as a share of the height, None to keep them clear of faces automatically.
    `language` is that of a translation, or empty for the original language. `style` holds for the whole short, `overrides` for
    parts of it."""

    shown: bool = True
    look: str = FIRST_LOOK
    place: float | None = None
    language: str = ""
    style: Changes = field(default_factory=dict)
    overrides: tuple[Override, ...] = ()

    def __post_init__(self) -> None:
        if self.place is not None:
            checks.in_range("The place of the captions", self.place, 0.05, 0.95)
        check_changes(self.style)
        for override in self.overrides:
            check_changes(override.style)

"""The captions of a short: whether they are shown, in which look, where, and what differs from the look."""

from __future__ import annotations

from dataclasses import dataclass, field

from standtall.base.errors import ProjectError
from standtall.base.interface_language import tr
from standtall.model import checks
from standtall.model.caption_marks import Break, Hold, Strong, WordEmoji
from standtall.model.style import Changes, Override, ShapeScope, check_changes

FIRST_LOOK = "broadsheet"
"""The look that new shorts begin with where nothing else is wished."""
MOST_MASKED = 500


@dataclass(frozen=True, slots=True)
class Captions:
    """`place` is the middle of the captions as a share of the height, None to keep them clear of faces automatically.
    `language` is that of a translation, or empty for the original language. `style` holds for the whole short, `overrides` for
    parts of it. `breaks`, `holds`, `strong` and `emoji` are about single words; the words in `masked` are not written out."""

    shown: bool = True
    look: str = FIRST_LOOK
    place: float | None = None
    language: str = ""
    style: Changes = field(default_factory=dict)
    overrides: tuple[Override, ...] = ()
    breaks: tuple[Break, ...] = ()
    holds: tuple[Hold, ...] = ()
    strong: tuple[Strong, ...] = ()
    emoji: tuple[WordEmoji, ...] = ()
    masked: tuple[str, ...] = ()

    def own_words(self, source: str) -> frozenset[int]:
        """Ids of the words of a source whose captions were made different: by a style, emphasis, an emoji, a break, a hold."""
        scopes = [o.scope for o in self.overrides if not isinstance(o.scope, ShapeScope)]
        marks = (*scopes, *self.strong, *self.emoji, *self.breaks, *self.holds)
        return frozenset(mark.word for mark in marks if mark.source == source)

    def __post_init__(self) -> None:
        if self.place is not None:
            checks.in_range("The place of the captions", self.place, 0.05, 0.95)
        check_changes(self.style)
        for override in self.overrides:
            check_changes(override.style)
        if len(self.masked) > MOST_MASKED or any(not 0 < len(word) <= 40 for word in self.masked):
            raise ProjectError(tr("At most {most} words of at most 40 letters can be masked.", most=MOST_MASKED))

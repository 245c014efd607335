"""A look: a caption style with a name, which shorts refer to."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, field

from standtall.base.errors import ProjectError
from standtall.base.interface_language import tr
from standtall.model import checks
from standtall.model.channel import check_name, check_title
from standtall.model.extras import BarExtra, PictureExtra
from standtall.model.framing import WholeStyle
from standtall.model.style import CaptionStyle, Changes, check_changes

MOST_SECTIONS, LONGEST_SECTION = 24, 20_000


@dataclass(frozen=True, slots=True)
class LookParts:
    """What a look holds beside its letters, each only where it was given: how whole pictures are shown, the
    progress bar, the logo, and the loudness in LUFS."""

    whole: WholeStyle | None = None
    bar: BarExtra | None = None
    logo: PictureExtra | None = None
    loudness: float | None = None

    def __post_init__(self) -> None:
        if self.loudness is not None:
            checks.in_range("The loudness in LUFS", self.loudness, -36.0, -6.0)


@dataclass(frozen=True, slots=True)
class Look:
    """`name` is kept in projects, `title` and `about` are shown. `headline` and
    `label` are what headlines and other texts differ in from its captions; `parts` is what else a short may take over from it.
    `sections` are those parts of a look that this version does not
    know, by their names, each as the JSON text it was read as: they are kept and written again."""

    name: str
    title: str
    about: str
    style: CaptionStyle
    sections: Mapping[str, str] = field(default_factory=dict)
    headline: Changes = field(default_factory=dict)
    label: Changes = field(default_factory=dict)
    parts: LookParts = LookParts()

    def __post_init__(self) -> None:
        check_name("A look", self.name)
        check_title("A look", self.title)
        check_changes(self.headline)
        check_changes(self.label)
        if len(self.about) > 200:
            raise ProjectError(tr("What is said about a look must be no longer than 200 letters."))
        if len(self.sections) > MOST_SECTIONS or any(len(k) > 40 or len(v) > LONGEST_SECTION for k, v in self.sections.items()):
            raise ProjectError(tr("A look has too many or too large sections that this version does not know."))


def look_named(looks: Sequence[Look], name: str) -> Look:
    """The look called `name`; raises `ProjectError` naming those there are."""
    for look in looks:
        if look.name == name:
            return look
    raise ProjectError(
        tr("There is no look called '{name}'.", name=name[:40]),
        tr("Choose one of: {these}.", these=", ".join(k.name for k in looks)),
    )

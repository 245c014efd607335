"""A look: a caption style with a name, which shorts refer to."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

from standtall.base.errors import ProjectError
from standtall.model.channel import check_name, check_title
from standtall.model.style import CaptionStyle


@dataclass(frozen=True, slots=True)
class Look:
    """`name` is kept in projects, `title` and `about` are shown."""

    name: str
    title: str
    about: str
    style: CaptionStyle

    def __post_init__(self) -> None:
        check_name("A look", self.name)
        check_title("A look", self.title)
        if len(self.about) > 200:
            raise ProjectError("What is said about a look must be no longer than 200 letters.")


def look_named(looks: Sequence[Look], name: str) -> Look:
    """The look called `name`; raises `ProjectError` naming those there are."""
    for look in looks:
        if look.name == name:
            return look
    raise ProjectError(f"There is no look called '{name[:40]}'.", f"Choose one of: {', '.join(k.name for k in looks)}.")

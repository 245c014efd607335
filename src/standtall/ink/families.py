"""Which families of letters a text is set in: that of the style with its further scripts, then those that ship."""

from __future__ import annotations

from typing import Final

FURTHER: Final = {
    "Bitter": ("latin-ext", "cyrillic"),
    "Rubik": ("latin-ext", "cyrillic", "hebrew", "arabic"),
    "Fraunces": ("latin-ext",),
    "Caveat": ("latin-ext", "cyrillic"),
    "Literata": ("latin-ext", "cyrillic", "greek"),
    "Fredoka": ("latin-ext", "hebrew"),
    "Pixelify Sans": ("latin-ext", "cyrillic"),
    "Atkinson Hyperlegible Next": ("latin-ext",),
    "Josefin Sans": ("latin-ext",),
    "Courier Prime": ("latin-ext",),
    "Stardos Stencil": (),
}
"""Families that ship for captions, and the scripts that they have beside plain Latin."""
SLANTED: Final = ("Fraunces", "Literata")
"""Those with slanted letters of their own."""
SCRIPTS: Final = (
    "Noto Sans", "Noto Sans Arabic", "Noto Sans Hebrew", "Noto Sans Devanagari", "Noto Sans Thai", "Noto Sans JP", "Noto Sans SC",
    "Noto Sans KR",
)  # fmt: skip
"""Families that stand in for letters that the style's own has not."""
_FIRST: Final = {"zh": "Noto Sans SC", "ja": "Noto Sans JP", "ko": "Noto Sans KR"}


def families(family: str, italic: bool = False, language: str = "", text: str = "") -> list[str]:
    """The families to look for letters in, in their order. Han letters are drawn as the language writes them; letters that stack
    are drawn from the family that knows how, which the text engine would only find with a complaint."""
    slant = " italic" if italic and family in SLANTED else ""
    own = [family + slant, *(f"{family} {script}{slant}" for script in FURTHER.get(family, ()))]
    if slant:
        own += [family, *(f"{family} {script}" for script in FURTHER[family])]
    scripts = sorted(
        SCRIPTS, key=lambda name: (name != _FIRST.get(language.split("-")[0], "Noto Sans JP")) if name in _FIRST.values() else -1
    )
    if any("\u0900" <= c <= "\u097f" for c in text):
        own.insert(0, "Noto Sans Devanagari")
    return [*own, *scripts]


def slanted_by_itself(family: str) -> bool:
    """Whether a family that ships has slanted letters; others are slanted by the program."""
    return family in SLANTED

"""What each property of a caption style means, what it may be, and where it is offered: the one table that checks values and that
controls are made from."""

from __future__ import annotations

import re
from dataclasses import dataclass
from typing import Final, Literal

from standtall.base.errors import ProjectError
from standtall.base.interface_language import tr

Kind = Literal["name", "colour", "colours", "number", "count", "switch", "choice"]
Group = Literal[
    "letters", "around", "place", "cards", "said now", "other words", "coming and going", "second line", "strong words"
]

_COLOUR = re.compile(r"#[0-9a-fA-F]{6}([0-9a-fA-F]{2})?")


@dataclass(frozen=True, slots=True)
class Property:
    """`label` and `about` are shown; `low` and `high` bound numbers, `unit` says what they count; `choices` are the values of a
    choice,
        `titles` what they are called where that is not the value itself. A colour that may be empty is written "" for "as the
        others"."""

    kind: Kind
    group: Group
    label: str
    about: str
    low: float = 0.0
    high: float = 1.0
    unit: str = ""
    choices: tuple[str, ...] = ()
    titles: tuple[str, ...] = ()
    empty: bool = False

    def check(self, name: str, value: object) -> None:
        """Raise `ProjectError` for a value that is not allowed."""
        allowed = self._allowed(value)
        if allowed is not None:
            told = tr("The property “{name}” of a caption style cannot be {value!r}.", name=name, value=str(value)[:40])
            raise ProjectError(told, allowed)

    def _allowed(self, value: object) -> str | None:
        """What is allowed, in a sentence or nothing, where a value is not; None for one that is."""
        if self.kind in ("number", "count"):
            if type(value) not in ((int, float) if self.kind == "number" else (int,)):
                return ""
            if not self.low <= float(value) <= self.high:  # type: ignore[arg-type]
                return tr("{label} must lie between {low:g} and {high:g}.", label=self.label, low=self.low, high=self.high)
            return None
        if self.kind == "switch":
            return None if type(value) is bool else ""
        if not isinstance(value, str):
            return ""
        if self.kind == "choice":
            return None if value in self.choices else tr("It is one of: {these}.", these=", ".join(self.choices))
        if self.kind == "name":
            right = len(value) <= 80 and bool(value or self.empty)
            return None if right else tr("The family of a font is a name of at most 80 letters.")
        colours = value.split() if self.kind == "colours" else [value]
        right = (value == "" and self.empty) or (0 < len(colours) <= 6 and all(_COLOUR.fullmatch(c) for c in colours))
        return None if right else tr("A colour is written #rrggbb or #rrggbbaa.")


EASES: Final = ("none", "even", "soft", "over")
WAYS: Final = ("none", "fade", "rise", "drop", "grow", "slide", "wipe")
P = Property

PROPERTIES: Final[dict[str, Property]] = {
    # letters
    "family": P("name", "letters", tr("Font"), tr("The family of the letters")),
    "weight": P("count", "letters", tr("Weight"), tr("How thick the letters are: 400 is regular, 700 bold"), 1, 1000),
    "italic": P("switch", "letters", tr("Italic"), tr("The slanted letters of the font, or slanted ones where it has none")),
    "size": P("number", "letters", tr("Size"), tr("Height of the letters as a share of the picture's height"), 0.01, 0.2, "%"),
    "case": P("choice", "letters", tr("Case"), tr("How letters are written"), choices=("as said", "capitals", "small")),
    "letter_spacing": P(
        "number",
        "letters",
        tr("Letter spacing"),
        tr("More or less room between letters, in ems; none in joined scripts"),
        -0.2,
        1.0,
        "em",
    ),
    "line_spacing": P(
        "number", "letters", tr("Line spacing"), tr("Distance of two lines, as a share of the font's own"), 0.6, 2.0, "%"
    ),
    "ink": P("colour", "letters", tr("Colour"), tr("Colour of the letters")),
    "speaker_inks": P(
        "colours",
        "letters",
        tr("Speakers"),
        tr("Colours of the letters of each speaker in turn; empty for all alike"),
        empty=True,
    ),
    "punctuation": P(
        "choice",
        "letters",
        tr("Punctuation"),
        tr("Which marks of punctuation are shown"),
        choices=("all", "that matter", "none"),
    ),
    # around
    "outline": P("colour", "around", tr("Outline"), tr("Colour of the line around the letters")),
    "outline_width": P(
        "number", "around", tr("Outline width"), tr("Thickness as a share of the picture's height"), 0.0, 0.05, "%"
    ),
    "shadow": P("number", "around", tr("Shadow"), tr("How dark the shadow is"), 0.0, 1.0, "%"),
    "shadow_ink": P("colour", "around", tr("Shadow colour"), tr("Colour of the shadow")),
    "shadow_down": P("number", "around", tr("Shadow distance"), tr("How far the shadow falls, in ems"), -0.5, 0.5, "em"),
    "shadow_blur": P("number", "around", tr("Shadow softness"), tr("How soft its edge is, in ems"), 0.0, 0.6, "em"),
    "plate": P("colour", "around", tr("Box"), tr("Colour of the ground behind the letters; without opacity there is none")),
    "plate_of": P("choice", "around", tr("Box around"), tr("What one box is drawn around"), choices=("line", "card", "word")),
    "plate_wide": P(
        "number", "around", tr("Box to the sides"), tr("How far the box reaches beyond its letters, in ems"), 0.0, 2.0, "em"
    ),
    "plate_high": P(
        "number", "around", tr("Box up and down"), tr("How far the box reaches beyond its letters, in ems"), -0.3, 1.0, "em"
    ),
    "plate_radius": P("number", "around", tr("Box corners"), tr("Radius of the corners, in ems"), 0.0, 1.0, "em"),
    "band": P(
        "number",
        "around",
        tr("Dimming behind"),
        tr("How much the picture is darkened in a soft band behind the captions"),
        0.0,
        1.0,
        "%",
    ),
    # place
    "align": P("choice", "place", tr("Aligned"), tr("Which side of the lines is straight"), choices=("left", "centre", "right")),
    "across": P(
        "number", "place", tr("From side to side"), tr("Middle of the captions as a share of the picture's width"), 0.1, 0.9, "%"
    ),
    "width": P("number", "place", tr("Width"), tr("Widest a line may be, as a share of the picture's width"), 0.2, 0.96, "%"),
    "rotation": P("number", "place", tr("Turned"), tr("Degrees by which the captions are turned"), -20.0, 20.0, "°"),
    # cards
    "max_words": P("count", "cards", tr("Most words"), tr("Most words of one card; many show whole sentences"), 1, 24),
    "max_lines": P("count", "cards", tr("Most lines"), tr("Most lines of one card"), 1, 3),
    "least_s": P(
        "number",
        "cards",
        tr("At least"),
        tr("Seconds for which a card stays at least, where the next leaves room"),
        0.0,
        5.0,
        "s",
    ),
    "most_s": P("number", "cards", tr("At most"), tr("Seconds that one card is to last at most"), 0.5, 12.0, "s"),
    "close_gaps": P("switch", "cards", tr("Stay until the next"), tr("A card stays until the next where that comes soon")),
    # the word that is said now
    "highlight": P("colour", "said now", tr("Colour"), tr("Colour of the word being said")),
    "line": P("colour", "said now", tr("Underline"), tr("Colour of a line under the word; without opacity there is none")),
    "mark": P("colour", "said now", tr("Box"), tr("Colour of a box behind the word; without opacity there is none")),
    "mark_radius": P("number", "said now", tr("Box corners"), tr("Radius of the corners of that box, in ems"), 0.0, 1.0, "em"),
    "run": P(
        "colour",
        "said now",
        tr("Running bar"),
        tr("Colour of a bar that grows under the line as it is said; without opacity there is none"),
    ),
    "grow": P("number", "said now", tr("Size"), tr("How large the word is beside the others"), 0.6, 1.6, "%"),
    "lift": P("number", "said now", tr("Raised"), tr("How far the word is raised, in ems"), -0.5, 0.5, "em"),
    "lean": P("number", "said now", tr("Slanted"), tr("Degrees by which the word is slanted"), -20.0, 20.0, "°"),
    "now_weight": P("count", "said now", tr("Weight"), tr("Weight of the word; 0 for that of the others"), 0, 1000),
    "glow": P("number", "said now", tr("Glow"), tr("How strongly the word shines in its colour"), 0.0, 1.0, "%"),
    "sweep": P("switch", "said now", tr("Fill along"), tr("The colour moves through the word while it is said")),
    "ease": P(
        "choice",
        "said now",
        tr("Change"),
        tr("How a word changes when it is said: at once, evenly, softly, or a little over and back"),
        choices=EASES,
    ),
    "ease_s": P("number", "said now", tr("Change lasts"), tr("Seconds that the change takes"), 0.0, 0.5, "s"),
    # words that were said and are to come
    "upcoming": P("number", "other words", tr("Still to come"), tr("Opacity of words still to come"), 0.0, 1.0, "%"),
    "said": P("number", "other words", tr("Already said"), tr("Opacity of words already said"), 0.0, 1.0, "%"),
    "said_ink": P(
        "colour", "other words", tr("Colour when said"), tr("Colour of words already said; empty for that of all"), empty=True
    ),
    "reveal": P(
        "choice",
        "other words",
        tr("Shown"),
        tr("Whether words appear as they are said, by words or letter by letter"),
        choices=("all", "words", "letters"),
    ),
    # cards come and go
    "entrance": P("choice", "coming and going", tr("Comes"), tr("How a card comes"), choices=WAYS),
    "entrance_s": P("number", "coming and going", tr("Coming lasts"), tr("Seconds that a card takes to come"), 0.0, 1.0, "s"),
    "exit": P("choice", "coming and going", tr("Goes"), tr("How a card goes"), choices=WAYS),
    "exit_s": P("number", "coming and going", tr("Going lasts"), tr("Seconds that a card takes to go"), 0.0, 1.0, "s"),
    # second line
    "second_family": P(
        "name", "second line", tr("Font"), tr("The family of the second line; empty for that of the first"), empty=True
    ),
    "second_weight": P("count", "second line", tr("Weight"), tr("Weight of the second line; 0 for that of the first"), 0, 1000),
    "second_size": P("number", "second line", tr("Size"), tr("Size of the second line beside the first"), 0.4, 2.0, "%"),
    "second_ink": P(
        "colour", "second line", tr("Colour"), tr("Colour of the second line; empty for that of the first"), empty=True
    ),
    "second_italic": P("switch", "second line", tr("Italic"), tr("Whether the second line is slanted")),
    # words with emphasis
    "strong_ink": P(
        "colour", "strong words", tr("Colour"), tr("Colour of words with emphasis; empty for that of the others"), empty=True
    ),
    "strong_size": P("number", "strong words", tr("Size"), tr("Size of words with emphasis beside the others"), 0.6, 2.0, "%"),
    "strong_weight": P(
        "count", "strong words", tr("Weight"), tr("Weight of words with emphasis; 0 for that of the others"), 0, 1000
    ),
    "strong_italic": P("switch", "strong words", tr("Italic"), tr("Whether words with emphasis are slanted")),
}
"""By name, in the order in which they are offered."""

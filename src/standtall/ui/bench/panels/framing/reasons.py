"""Why the camera does what it does, in words."""

from __future__ import annotations

from collections.abc import Callable
from typing import Final

from standtall.framing.decisions import Decision, WhyKind

_SENTENCES: Final[dict[WhyKind, Callable[[str], str]]] = {
    "by hand": lambda _who: "Set by hand",
    "chosen person": lambda who: f"Follows {who}, as you chose",
    "locked": lambda _who: "Locked in this layout",
    "reaction": lambda who: f"Shows {who} here, as you chose",
    "box": lambda _who: "Follows what you drew around",
    "speaking": lambda who: f"Follows {who}, who is speaking",
    "only one in view": lambda who: f"Follows {who}, the only one in view",
    "nearest while nobody speaks": lambda who: f"Follows {who}, the nearest to the camera while nobody speaks",
    "all who speak fit together": lambda who: f"{who} are in frame together",
    "nobody in view": lambda _who: "Nobody is in view, so the whole picture is shown",
    "what moves or stands out": lambda _who: "Nobody is in view: the crop shows what moves or stands out",
    "parts of the picture": lambda _who: "There are no two people, so parts of the picture are shown",
    "face beside a screen": lambda _who: "The face is small beside a screen, so the whole picture is shown",
    "quick turns far apart": lambda who: f"{who} take quick turns, so all are shown at once",
    "screen beside a face": lambda who: f"The screen stays whole, with {who} beside it",
    "layout chosen": lambda _who: "The layout chosen for the whole short",
    "people not looked for": lambda _who: "No people were looked for",
    "not analysed": lambda _who: "Nothing is known of this part",
}


def why(decision: Decision, names: tuple[str, ...]) -> str:
    """A decision of the camera as a sentence."""
    people = [names[p] if p < len(names) else "a person" for p in decision.why.people]
    told = _SENTENCES[decision.why.kind](" and ".join(people) or "a person")
    return f"{told}; the next speaker is in frame too." if decision.why.next_in_view else f"{told}."

"""Why the camera does what it does, in words."""

from __future__ import annotations

from collections.abc import Callable
from typing import Final

from standtall.base.interface_language import tr
from standtall.framing.decisions import Decision, WhyKind
from standtall.model.people import shown_name

_SENTENCES: Final[dict[WhyKind, Callable[[str], str]]] = {
    "by hand": lambda _who: tr("Set by hand"),
    "chosen person": lambda who: tr("Follows {who}, as you chose", who=who),
    "locked": lambda _who: tr("Locked in this layout"),
    "reaction": lambda who: tr("Shows {who} here, as you chose", who=who),
    "box": lambda _who: tr("Follows what you drew around"),
    "speaking": lambda who: tr("Follows {who}, who is speaking", who=who),
    "only one in view": lambda who: tr("Follows {who}, the only one in view", who=who),
    "nearest while nobody speaks": lambda who: tr("Follows {who}, the nearest to the camera while nobody speaks", who=who),
    "all who speak fit together": lambda who: tr("{who} are in frame together", who=who),
    "nobody in view": lambda _who: tr("Nobody is in view, so the whole picture is shown"),
    "what moves or stands out": lambda _who: tr("Nobody is in view: the crop shows what moves or stands out"),
    "parts of the picture": lambda _who: tr("There are no two people, so parts of the picture are shown"),
    "face beside a screen": lambda _who: tr("The face is small beside a screen, so the whole picture is shown"),
    "talk at once": lambda who: tr("{who} talk at once, so all are shown", who=who),
    "quick turns far apart": lambda who: tr("{who} take quick turns, so all are shown at once", who=who),
    "screen beside a face": lambda who: tr("The screen stays whole, with {who} beside it", who=who),
    "layout chosen": lambda _who: tr("The layout chosen for the whole short"),
    "people not looked for": lambda _who: tr("No people were looked for"),
    "not analysed": lambda _who: tr("Nothing is known of this part"),
}


def why(decision: Decision, names: tuple[str, ...]) -> str:
    """A decision of the camera as a sentence."""
    people = [shown_name(names[p]) if p < len(names) else tr("a person") for p in decision.why.people]
    told = _SENTENCES[decision.why.kind](tr(" and ").join(people) or tr("a person"))
    return tr("{told}; the next speaker is in frame too.", told=told) if decision.why.next_in_view else f"{told}."

"""Notices in words."""

from __future__ import annotations

from collections.abc import Callable
from typing import Final

from standtall.base.time import clock
from standtall.checks.notice import Fix, Kind, Notice

_SAID: Final[dict[Kind, Callable[[Notice], str]]] = {
    "too long": lambda n: f"{clock(int(n.facts['over']), True)} too long",
    "cutaway missing": lambda n: f"{n.facts['name']} is not where it was",
    "text cut": lambda _n: "Writing is cut by the frame",
    "face cut": lambda n: f"The face of {n.facts['name']} is cut by the frame",
    "speaker out of frame": lambda n: f"{n.facts['name']} speaks out of frame",
    "soft picture": lambda n: f"Enlarged to {n.facts['percent']} %, which looks soft",
}
_FIXES: Final[dict[Fix, str]] = {
    "tighten": "cut some words",
    "choose another channel": "choose another channel",
    "remove the cutaways": "remove the cutaways",
    "show the whole picture": "show the whole picture",
    "frame automatically": "frame automatically",
    "show all at once": "show all at once",
}


def said(notice: Notice) -> str:
    """What is the matter."""
    return _SAID[notice.kind](notice)


def fix_text(fix: Fix) -> str:
    """What a fix does, as a button says it."""
    return _FIXES[fix].capitalize()


def sentence(notice: Notice) -> str:
    """What is the matter, and what would mend it."""
    return f"{said(notice)}: {', or '.join(_FIXES[fix] for fix in notice.fixes)}"

"""Notices in words."""

from __future__ import annotations

from collections.abc import Callable
from typing import Final

from standtall.base.time import clock
from standtall.checks.notice import Fix, Kind, Notice

_SAID: Final[dict[Kind, Callable[[Notice], str]]] = {
    "too long": lambda n: f"{clock(int(n.facts['over']), True)} too long",
    "cutaway missing": lambda n: f"{n.facts['name']} is not where it was",
}
_FIXES: Final[dict[Fix, str]] = {
    "tighten": "cut some words", "choose another channel": "choose another channel", "remove the cutaways": "remove the cutaways",
}  # fmt: skip


def sentence(notice: Notice) -> str:
    """What is the matter, and what would mend it."""
    return f"{_SAID[notice.kind](notice)}: {', or '.join(_FIXES[fix] for fix in notice.fixes)}"

"""Notices in words."""

from __future__ import annotations

from collections.abc import Callable
from typing import Final

from standtall.base.time import clock
from standtall.checks.notice import Fix, Kind, Notice

_SAID: Final[dict[Kind, Callable[[Notice], str]]] = {
    "too long": lambda n: f"{clock(int(n.facts['over']), True)} too long",
    "cutaway missing": lambda n: f"{n.facts['name']} is not where it was",
    "backdrop missing": lambda n: f"{n.facts['name']} is not where it was",
    "file missing": lambda n: f"{n.facts['name']} is not where it was",
    "extra under buttons": lambda n: f"The {n.facts['name']} lies where the channel has its buttons",
    "extra out of frame": lambda n: f"The {n.facts['name']} reaches out of the frame",
    "text cut": lambda _n: "Writing is cut by the frame",
    "face cut": lambda n: f"The face of {n.facts['name']} is cut by the frame",
    "speaker out of frame": lambda n: f"{n.facts['name']} speaks out of frame",
    "head cut": lambda n: f"The head of {n.facts['name']} is cut by the frame",
    "jump": lambda _n: "The picture jumps a little at this cut",
    "caption on a face": lambda n: f"Captions lie on the face of {n.facts['name']}",
    "caption on writing": lambda _n: "Captions lie on writing in the picture",
    "caption under buttons": lambda _n: "Captions lie where the channel has its buttons",
    "face under buttons": lambda n: f"The face of {n.facts['name']} lies where the channel has its buttons",
    "soft picture": lambda n: f"Enlarged to {n.facts['percent']} %, which looks soft",
    "cover gone": lambda _n: "The moment of its cover is not in it any more",
    "no captions": lambda _n: "It has no captions",
    "words unsure": lambda n: f"{n.facts['count']} words of low confidence: {n.facts['words']}",
    "font missing": lambda n: f"The font {n.facts['name']} is not here",
    "source missing": lambda n: f"{n.facts['name']} is not where it was",
    "source changed": lambda n: f"{n.facts['name']} has changed since it was analysed",
    "sound too quiet": lambda n: f"Recorded at {n.facts['lufs']} LUFS: raised so far, its noise is heard",
    "sound clipped": lambda n: f"The recording is clipped in {n.facts['count']} places",
    "silence at the start": lambda n: f"{clock(int(n.facts['length']), True)} of silence before the first word",
    "silence at the end": lambda n: f"{clock(int(n.facts['length']), True)} of silence after the last word",
    "hard to read": lambda n: f"{n.facts['told']}",
    "title cut": lambda n: f"The title on its cover {n.facts['how']}",
    "disk too small": lambda n: (
        f"No room for it on the disk: {n.facts['free']} MB free, about {n.facts['need']} MB needed up to here"
    ),
}
_FIXES: Final[dict[Fix, str]] = {
    "tighten": "cut some words",
    "choose another channel": "choose another channel",
    "remove the cutaways": "remove the cutaways",
    "blur the picture behind": "blur the picture behind",
    "leave it out": "leave it out",
    "move it clear": "move it clear",
    "frame both alike": "frame both alike",
    "move the captions": "move the captions",
    "show the whole picture": "show the whole picture",
    "frame automatically": "frame automatically",
    "show all at once": "show all at once",
    "show the captions": "show the captions",
    "trim the silence": "trim the silence",
    "make all legible": "make all legible",
    "remove the cover": "remove the cover",
}


TITLES: Final[dict[Kind, str]] = {
    "too long": "too long for the channel",
    "cutaway missing": "a cutaway is missing",
    "backdrop missing": "the backdrop is missing",
    "file missing": "a file is missing",
    "extra under buttons": "extras under buttons",
    "extra out of frame": "extras out of frame",
    "text cut": "writing cut",
    "face cut": "a face cut",
    "head cut": "a head cut",
    "speaker out of frame": "speaker out of frame",
    "jump": "small jumps",
    "caption on a face": "captions on a face",
    "caption on writing": "captions on writing",
    "caption under buttons": "captions under buttons",
    "face under buttons": "a face under buttons",
    "soft picture": "soft picture",
    "cover gone": "a cover that is gone",
    "no captions": "no captions",
    "words unsure": "words of low confidence",
    "font missing": "a font is missing",
    "source missing": "footage is missing",
    "source changed": "footage has changed",
    "sound too quiet": "sound too quiet",
    "sound clipped": "sound clipped",
    "silence at the start": "silence at the start",
    "silence at the end": "silence at the end",
    "hard to read": "captions hard to read",
    "title cut": "a title that is cut",
    "disk too small": "a disk too small",
}
"""Kinds of notices, as a list of what is waived names them."""


def said(notice: Notice) -> str:
    """What is the matter."""
    return _SAID[notice.kind](notice)


def fix_text(fix: Fix) -> str:
    """What a fix does, as a button says it."""
    return _FIXES[fix].capitalize()


def sentence(notice: Notice) -> str:
    """What is the matter, and what would mend it."""
    return f"{said(notice)}: {', or '.join(_FIXES[fix] for fix in notice.fixes)}"

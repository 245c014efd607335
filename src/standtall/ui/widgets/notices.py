"""Notices in words."""

from __future__ import annotations

from collections.abc import Callable
from typing import Final

from standtall.base.interface_language import capital, tr
from standtall.base.time import clock
from standtall.checks.notice import Fix, Kind, Notice

_SAID: Final[dict[Kind, Callable[[Notice], str]]] = {
    "too long": lambda n: tr("{over} too long", over=clock(int(n.facts["over"]), True)),
    "cutaway missing": lambda n: tr("{name} is not where it was", name=n.facts["name"]),
    "backdrop missing": lambda n: tr("{name} is not where it was", name=n.facts["name"]),
    "file missing": lambda n: tr("{name} is not where it was", name=n.facts["name"]),
    "extra under buttons": lambda n: tr("The {name} lies where the channel has its buttons", name=n.facts["name"]),
    "extra out of frame": lambda n: tr("The {name} reaches out of the frame", name=n.facts["name"]),
    "text cut": lambda _n: tr("Writing is cut by the frame"),
    "face cut": lambda n: tr("The face of {name} is cut by the frame", name=n.facts["name"]),
    "speaker out of frame": lambda n: tr("{name} speaks out of frame", name=n.facts["name"]),
    "two speak": lambda n: tr("{other} speaks beside {name} and is not shown", other=n.facts["other"], name=n.facts["name"]),
    "speaker unsure": lambda n: tr(
        "Not sure that {name} speaks here ({percent} %)", name=n.facts["name"], percent=n.facts["percent"]
    ),
    "head cut": lambda n: tr("The head of {name} is cut by the frame", name=n.facts["name"]),
    "jump": lambda _n: tr("The picture jumps a little at this cut"),
    "caption on a face": lambda n: tr("Captions lie on the face of {name}", name=n.facts["name"]),
    "caption on writing": lambda _n: tr("Captions lie on writing in the picture"),
    "caption under buttons": lambda _n: tr("Captions lie where the channel has its buttons"),
    "face under buttons": lambda n: tr("The face of {name} lies where the channel has its buttons", name=n.facts["name"]),
    "soft picture": lambda n: tr("Enlarged to {percent} %, which looks soft", percent=n.facts["percent"]),
    "cover gone": lambda _n: tr("The moment of its cover is not in it any more"),
    "no captions": lambda _n: tr("It has no captions"),
    "words unsure": lambda n: tr("{count} words of low confidence: {words}", count=n.facts["count"], words=n.facts["words"]),
    "font missing": lambda n: tr("The font {name} is not here", name=n.facts["name"]),
    "source missing": lambda n: tr("{name} is not where it was", name=n.facts["name"]),
    "source changed": lambda n: tr("{name} has changed since it was analysed", name=n.facts["name"]),
    "sound too quiet": lambda n: tr("Recorded at {lufs} LUFS: raised so far, its noise is heard", lufs=n.facts["lufs"]),
    "sound clipped": lambda n: tr("The recording is clipped in {count} places", count=n.facts["count"]),
    "silence at the start": lambda n: tr("{length} of silence before the first word", length=clock(int(n.facts["length"]), True)),
    "silence at the end": lambda n: tr("{length} of silence after the last word", length=clock(int(n.facts["length"]), True)),
    "hard to read": lambda n: f"{n.facts['told']}",
    "title cut": lambda n: tr("The title on its cover {how}", how=n.facts["how"]),
    "disk too small": lambda n: tr(
        "No room for it on the disk: {free} MB free, about {need} MB needed up to here",
        free=n.facts["free"],
        need=n.facts["need"],
    ),
}
_FIXES: Final[dict[Fix, str]] = {
    "tighten": tr("cut some words"),
    "choose another channel": tr("choose another channel"),
    "remove the cutaways": tr("remove the cutaways"),
    "blur the picture behind": tr("blur the picture behind"),
    "leave it out": tr("leave it out"),
    "move it clear": tr("move it clear"),
    "frame both alike": tr("frame both alike"),
    "move the captions": tr("move the captions"),
    "show the whole picture": tr("show the whole picture"),
    "frame automatically": tr("frame automatically"),
    "show all at once": tr("show all at once"),
    "show the captions": tr("show the captions"),
    "trim the silence": tr("trim the silence"),
    "make all legible": tr("make all legible"),
    "remove the cover": tr("remove the cover"),
}


TITLES: Final[dict[Kind, str]] = {
    "too long": tr("too long for the channel"),
    "cutaway missing": tr("a cutaway is missing"),
    "backdrop missing": tr("the backdrop is missing"),
    "file missing": tr("a file is missing"),
    "extra under buttons": tr("extras under buttons"),
    "extra out of frame": tr("extras out of frame"),
    "text cut": tr("writing cut"),
    "face cut": tr("a face cut"),
    "head cut": tr("a head cut"),
    "speaker out of frame": tr("speaker out of frame"),
    "two speak": tr("two speak"),
    "speaker unsure": tr("speaker not sure"),
    "jump": tr("small jumps"),
    "caption on a face": tr("captions on a face"),
    "caption on writing": tr("captions on writing"),
    "caption under buttons": tr("captions under buttons"),
    "face under buttons": tr("a face under buttons"),
    "soft picture": tr("soft picture"),
    "cover gone": tr("a cover that is gone"),
    "no captions": tr("no captions"),
    "words unsure": tr("words of low confidence"),
    "font missing": tr("a font is missing"),
    "source missing": tr("footage is missing"),
    "source changed": tr("footage has changed"),
    "sound too quiet": tr("sound too quiet"),
    "sound clipped": tr("sound clipped"),
    "silence at the start": tr("silence at the start"),
    "silence at the end": tr("silence at the end"),
    "hard to read": tr("captions hard to read"),
    "title cut": tr("a title that is cut"),
    "disk too small": tr("a disk too small"),
}
"""Kinds of notices, as a list of what is waived names them."""


def said(notice: Notice) -> str:
    """What is the matter."""
    return _SAID[notice.kind](notice)


def fix_text(fix: Fix) -> str:
    """What a fix does, as a button says it."""
    return capital(_FIXES[fix])


def sentence(notice: Notice) -> str:
    """What is the matter, and what would mend it."""
    return f"{said(notice)}: {tr(', or ').join(_FIXES[fix] for fix in notice.fixes)}"

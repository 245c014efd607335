"""A notice: something about a short that a person should look at."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass
from typing import Literal

from standtall.model.timemap import SourceTime

Kind = Literal[
    "too long",
    "cutaway missing",
    "backdrop missing",
    "file missing",
    "extra under buttons",
    "extra out of frame",
    "text cut",
    "face cut",
    "head cut",
    "speaker out of frame",
    "two speak",
    "speaker unsure",
    "jump",
    "caption on a face",
    "caption on writing",
    "caption under buttons",
    "face under buttons",
    "soft picture",
    "cover gone",
    "no captions",
    "words unsure",
    "font missing",
    "source missing",
    "source changed",
    "sound too quiet",
    "sound clipped",
    "silence at the start",
    "silence at the end",
    "hard to read",
    "title cut",
    "disk too small",
]
Fix = Literal[
    "tighten",
    "choose another channel",
    "remove the cutaways",
    "blur the picture behind",
    "leave it out",
    "move it clear",
    "frame both alike",
    "move the captions",
    "show the whole picture",
    "frame automatically",
    "show all at once",
    "show the captions",
    "trim the silence",
    "make all legible",
    "remove the cover",
]


@dataclass(frozen=True, slots=True)
class Notice:
    """`facts` are numbers in ticks, or texts; `place` is where to look, None for the whole short; `fixes` what would mend it. The
    window puts it into words."""

    kind: Kind
    facts: Mapping[str, int | str]
    place: SourceTime | None
    fixes: tuple[Fix, ...]

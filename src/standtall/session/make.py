"""From analysed footage to a finished short, for the command line and for the render jobs of the window."""

from __future__ import annotations

import re
from dataclasses import dataclass, replace
from pathlib import Path
from typing import Final

from standtall.base.progress import Progress
from standtall.base.time import TICKS
from standtall.compose.scene import Edition, edition
from standtall.cutting import passage, words
from standtall.ink import engine
from standtall.ink.caption import CaptionInk
from standtall.model.analysis import Analysis
from standtall.model.brief import Content
from standtall.model.look import look_named
from standtall.model.short import Framing, Short
from standtall.model.source import Source
from standtall.model.timemap import Excerpt
from standtall.render.check import Report
from standtall.render.render import Quality, render


@dataclass(frozen=True, slots=True)
class Choice:
    """Which passage becomes the short: by time (ticks), by what is said, or the first whole sentences of a length."""

    start: int | None = None
    end: int | None = None
    first_words: str | None = None
    last_words: str | None = None
    length: int = 60 * TICKS


BESIDE_A_SCREEN: Final = 0.24
"""A face lower than this share of the picture is beside what is shown, where footage is of a face and a screen."""


def short_of(source: Source, analysis: Analysis, choice: Choice, look: str = "ember", content: Content = "unknown") -> Short:
    """The short that was asked for; raises `NothingToDo` when the footage does not hold it."""
    look_named(look)
    name = source.name
    if choice.first_words is not None:
        chosen = passage.said(analysis.words, choice.first_words, choice.last_words)
    elif choice.start is not None or choice.end is not None:
        start, end = choice.start or 0, min(choice.end or source.length, source.length)
        if not analysis.words:
            return Short(name, source.key, (Excerpt(start, end),), look)
        chosen = passage.between(analysis.words, start, end)
    elif not analysis.words:
        return Short(name, source.key, (Excerpt(0, min(source.length, choice.length)),), look)
    else:
        chosen = passage.opening(analysis.words, choice.length)
    made = words.from_words(_title(analysis, chosen) or name, analysis, chosen)
    last = made.excerpts[-1]
    if last.end > source.length:
        made = replace(made, excerpts=(*made.excerpts[:-1], Excerpt(last.start, source.length)))
    framing = Framing(whole_under=BESIDE_A_SCREEN) if content == "screen" else Framing()
    return replace(made, look=look, framing=framing)


def _title(analysis: Analysis, chosen: range) -> str:
    words = [analysis.words[i].text for i in chosen[:6]]
    return " ".join(words).strip(" ,.;:!?")


def worked_out(short: Short, source: Source, analysis: Analysis) -> Edition:
    """The edition of a short, with real text widths."""
    engine.start()
    ink = CaptionInk(look_named(short.look), short.width, short.height)
    return edition(short, source, analysis, ink.width_of)


def file_name(short: Short) -> str:
    """A safe file name for a finished short."""
    plain = re.sub(r"[^\w\- ']+", "", short.name, flags=re.UNICODE).strip(" '.")[:80]
    return f"{plain or 'short'}.mp4"


def finish(
    short: Short, source: Source, analysis: Analysis, out: Path, progress: Progress, quality: Quality | None = None
) -> Report:
    """Render a short to the file `out`."""
    return render(worked_out(short, source, analysis), out, progress, quality)

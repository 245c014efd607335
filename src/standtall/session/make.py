"""From analysed footage to a finished short, for the command line and for the render jobs of the window."""

from __future__ import annotations

import contextlib
import functools
import re
import threading
from dataclasses import dataclass, replace
from pathlib import Path
from typing import Final

from standtall.base.errors import MediaError
from standtall.base.files import short_name
from standtall.base.progress import Progress
from standtall.base.time import TICKS
from standtall.compose.scene import Edition, edition
from standtall.cutting import passage, words
from standtall.cutting.montage import Picture
from standtall.framing.camera import Camera
from standtall.ink import engine
from standtall.ink.caption import CaptionInk
from standtall.media.probe import probe
from standtall.model.analysis import Analysis
from standtall.model.brief import Brief
from standtall.model.channel import CHANNELS
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


def begun(short: Short, brief: Brief) -> Short:
    """A new short as the brief of its footage wishes it: with its look, and whole shots where a face is beside a screen."""
    look_named(brief.look)
    framing = Framing(whole_under=BESIDE_A_SCREEN) if brief.content == "screen" else Framing()
    return replace(short, look=brief.look, framing=framing)


def short_of(source: Source, analysis: Analysis, choice: Choice, brief: Brief | None = None) -> Short:
    """The short that was asked for, as the brief wishes; raises `NothingToDo` when the footage does not hold it.

    Where no passage is named, it is no longer than the choice allows, for the strictest channel that takes so long a short.
    """
    name = source.name
    channel = next((c for c in CHANNELS if c.longest >= choice.length), CHANNELS[-1])
    longest = min(choice.length, channel.longest)
    if choice.first_words is not None:
        made = _from(source, analysis, passage.said(analysis.words, choice.first_words, choice.last_words))
    elif choice.start is not None or choice.end is not None:
        start, end = choice.start or 0, min(choice.end or source.length, source.length)
        if analysis.words:
            made = _from(source, analysis, passage.between(analysis.words, start, end))
        else:
            made = Short(name, source.key, (Excerpt(start, end),))
    elif not analysis.words:
        made = Short(name, source.key, (Excerpt(0, min(source.length, longest)),), channel=channel.name)
    else:
        made = replace(_opening(source, analysis, longest), channel=channel.name)
    return begun(made, brief or Brief())


def _opening(source: Source, analysis: Analysis, longest: int) -> Short:
    """The first sentences; what is cut around their words counts, too."""
    chosen = passage.opening(analysis.words, longest)
    made = _from(source, analysis, chosen)
    if made.length > longest:
        chosen = passage.opening(analysis.words, 2 * longest - made.length)
        made = _from(source, analysis, chosen)
    while made.length > longest and len(chosen) > 1:  # one sentence that is longer than any short may be
        over = made.length - longest
        last = max(1, sum(analysis.words[i].end <= analysis.words[chosen[-1]].end - over for i in chosen))
        chosen = range(min(last, len(chosen) - 1))
        made = _from(source, analysis, chosen)
    return made


def _from(source: Source, analysis: Analysis, chosen: range) -> Short:
    made = words.from_words(_title(analysis, chosen) or source.name, analysis, chosen)
    last = made.excerpts[-1]
    if last.end > source.length:
        made = replace(made, excerpts=(*made.excerpts[:-1], Excerpt(last.start, source.length)))
    return made


def _title(analysis: Analysis, chosen: range) -> str:
    words = [analysis.words[i].text for i in chosen[:6]]
    return " ".join(words).strip(" ,.;:!?")


def worked_out(short: Short, source: Source, analysis: Analysis, camera: Camera | None = None) -> Edition:
    """The edition of a short, with real text widths; `camera` is one that was planned for it already."""
    engine.start()
    width = _ink(short.look, short.width, short.height).width_of
    return edition(short, source, analysis, width, camera, _laid_over(short))


def _laid_over(short: Short) -> dict[str, Source]:
    """The files laid over a short that are there and still what they were."""
    out: dict[str, Source] = {}
    for cover in short.covers:
        path = Path(cover.path)
        if cover.path not in out and path.is_file():
            with contextlib.suppress(MediaError):
                found = _probed(cover.path, path.stat().st_mtime_ns)
                if found.key == cover.key and found.has_picture:
                    out[cover.path] = found
    return out


@functools.lru_cache(maxsize=256)
def _probed(path: str, _changed: int) -> Source:
    return probe(Path(path))


def pictures_in(paths: list[Path]) -> tuple[list[Picture], list[str]]:
    """Files as pictures for a montage, and why others are none."""
    good: list[Picture] = []
    bad: list[str] = []
    for path in paths:
        try:
            found = probe(path)
            if not found.has_picture:
                raise MediaError(f"{path.name} has no picture.", "Choose footage or a still.")
            good.append(Picture(str(path), found.key, found.length, found.still))
        except MediaError as error:
            bad.append(str(error))
    return good, bad


_inks = threading.local()


def _ink(look: str, width: int, height: int) -> CaptionInk:
    """Measures texts; kept for each thread, since nearly all texts of an edit were measured before."""
    kept: dict[tuple[str, int, int], CaptionInk] = _inks.__dict__.setdefault("kept", {})
    if (look, width, height) not in kept:
        kept[look, width, height] = CaptionInk(look_named(look), width, height)
    return kept[look, width, height]


def file_name(short: Short) -> str:
    """A safe file name for a finished short, no longer than file systems allow in any script."""
    plain = short_name(re.sub(r"[^\w\- ']+", "", short.name, flags=re.UNICODE).strip(" '.")[:80])
    return f"{plain or 'short'}.mp4"


def finish(
    short: Short, source: Source, analysis: Analysis, out: Path, progress: Progress, quality: Quality | None = None
) -> Report:
    """Render a short to the file `out`."""
    return render(worked_out(short, source, analysis), out, progress, quality)

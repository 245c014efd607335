"""The one way to begin a short: the passage that was asked for, as the brief of its footage wishes it."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Final

from standtall.base.time import TICKS_PER_SECOND
from standtall.cutting import by_words, passage
from standtall.library.channels import channels
from standtall.library.looks import look_or_first
from standtall.model.analysis import Analysis
from standtall.model.brief import Brief
from standtall.model.channel import Channel, channel_for
from standtall.model.cut import Segment
from standtall.model.framing import Framing
from standtall.model.short import Short
from standtall.model.source import Source

BESIDE_A_SCREEN: Final = 0.24
"""A face lower than this share of the picture is beside what is shown, where footage is of a face and a screen."""


@dataclass(frozen=True, slots=True)
class Choice:
    """Which passage becomes the short: by time (ticks), by what is said, or the first whole sentences of a length."""

    start: int | None = None
    end: int | None = None
    first_words: str | None = None
    last_words: str | None = None
    length: int = 60 * TICKS_PER_SECOND


def begun(short: Short, brief: Brief, channel: Channel | None = None) -> Short:
    """A new short as the brief of its footage wishes it: with its look, for a channel that takes its length, and with whole
    pictures where a face is beside a screen."""
    framing = Framing(fit_under=BESIDE_A_SCREEN) if brief.content == "screen" else Framing()
    chosen = channel or channel_for(channels(), brief.most_s * TICKS_PER_SECOND)
    captions = replace(short.captions, look=look_or_first(brief.look).name)
    return replace(short, captions=captions, framing=framing, channel=chosen.name)


def short_of(source: Source, analysis: Analysis, choice: Choice, brief: Brief | None = None) -> Short:
    """The short that was asked for, as the brief wishes; raises `NothingToDo` when the footage does not hold it.

    Where no passage is named, footage marked as a finished clip becomes one whole short. That of other footage is no longer than
    the choice allows, for the strictest channel that takes so long a short.
    """
    channel = channel_for(channels(), choice.length)
    wished = brief or Brief()
    if wished.content == "clip" and choice == Choice(length=choice.length):
        return _whole(source, wished)
    if choice.first_words is not None:
        return begun(_from(source, analysis, passage.said(analysis.words, choice.first_words, choice.last_words)), wished)
    if choice.start is not None or choice.end is not None:
        start, end = choice.start or 0, min(choice.end or source.length, source.length)
        if analysis.words:
            return begun(_from(source, analysis, passage.between(analysis.words, start, end)), wished)
        return begun(Short.of(source.name, (Segment(source.key, start, end),)), wished)
    longest = min(choice.length, channel.longest)
    if analysis.words:
        return begun(_opening(source, analysis, longest), wished, channel)
    return begun(Short.of(source.name, (Segment(source.key, 0, min(source.length, longest)),)), wished, channel)


def _whole(source: Source, brief: Brief) -> Short:
    """All of a clip that is already cut, or of its part that is to be used, for a channel that takes so long a short."""
    start, end = brief.part or (0, 0)
    whole = Segment(source.key, start, min(end or source.length, source.length))
    return begun(Short.of(source.name, (whole,)), brief, channel_for(channels(), whole.length))


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
    made = by_words.from_words(_title(analysis, chosen) or source.name, analysis, chosen)
    last = made.segments[-1]
    if last.end > source.length:
        made = made.with_segments((*made.segments[:-1], Segment(last.source, last.start, source.length)))
    return made


def _title(analysis: Analysis, chosen: range) -> str:
    words = [analysis.words[i].text for i in chosen[:6]]
    return " ".join(words).strip(" ,.;:!?")

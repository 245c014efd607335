"""Edits: pure functions from a short to a new short, each with the name that undo shows."""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import dataclass, replace
from typing import Final

from standtall.base.errors import NothingToDo
from standtall.base.time import TICKS
from standtall.model.analysis import Analysis
from standtall.model.short import Follow, HandCrop, Short
from standtall.model.timemap import Excerpt
from standtall.model.words import words_within

ROOM: Final = round(0.12 * TICKS)
"""Room kept before the first and after the last word of a run, where the pause is long enough."""
TAIL: Final = round(0.30 * TICKS)
"""Room kept after a word that ends a sentence: its sound dies away slower."""


@dataclass(frozen=True, slots=True)
class Edit:
    """A changed short and what was done to it, in words for the person."""

    label: str
    short: Short


def count_of(n: int, noun: str = "word") -> str:
    """1 word, 2 words."""
    return f"{n} {noun}" if n == 1 else f"{n} {noun}s"


def _edge_before(analysis: Analysis, i: int) -> int:
    """Where an excerpt begins that starts with word i: in the pause before it, at the quietest place near it."""
    words = analysis.words
    floor = words[i - 1].end if i else 0
    start = words[i].start
    if start - floor > ROOM:
        return start - ROOM
    return analysis.quietest(floor, start)


def _edge_after(analysis: Analysis, i: int) -> int:
    """Where an excerpt ends whose last word is i."""
    words = analysis.words
    end = words[i].end
    ceiling = words[i + 1].start if i + 1 < len(words) else end + TAIL
    room = TAIL if words[i].ends_sentence else ROOM
    if ceiling - end > room:
        return end + room
    return max(end, analysis.quietest(end, ceiling))


def excerpts_for(analysis: Analysis, kept: Iterable[int]) -> tuple[Excerpt, ...]:
    """Excerpts that hold exactly the words `kept` (indexes), cut in the quietest places between words."""
    order = sorted(set(kept))
    runs: list[list[int]] = []
    for i in order:
        if runs and runs[-1][1] == i - 1:
            runs[-1][1] = i
        else:
            runs.append([i, i])
    out: list[Excerpt] = []
    for first, last in runs:
        start, end = _edge_before(analysis, first), _edge_after(analysis, last)
        if out and start < out[-1].end:
            start = out[-1].end
        out.append(Excerpt(start, max(end, start + 1)))
    return tuple(out)


def kept_words(short: Short, analysis: Analysis) -> tuple[int, ...]:
    """Indexes of the words that the short holds, in source order."""
    return tuple(i for e in short.excerpts for i in words_within(analysis.words, e.start, e.end))


def from_words(name: str, analysis: Analysis, chosen: Iterable[int], base: Short | None = None) -> Short:
    """A short of the chosen words; style and framing come from `base` if given.

    Raises `NothingToDo` when no word is chosen.
    """
    excerpts = excerpts_for(analysis, chosen)
    if not excerpts:
        raise NothingToDo("No words are chosen.", "Drag over the words that the short should hold.")
    if base is None:
        return Short(name=name, source_key=analysis.source_key, excerpts=excerpts)
    return replace(base, name=name, source_key=analysis.source_key, excerpts=excerpts)


def choose(short: Short, analysis: Analysis, chosen: Iterable[int]) -> Edit:
    """Make the chosen words the whole short."""
    picked = set(chosen)
    return Edit(f"Take {count_of(len(picked))}", from_words(short.name, analysis, picked, short))


def cut(short: Short, analysis: Analysis, indexes: Iterable[int]) -> Edit:
    """Cut words out; picture and sound go with them.

    Raises `NothingToDo` when none of them is in the short, or nothing would be left.
    """
    kept = set(kept_words(short, analysis))
    gone = kept & set(indexes)
    if not gone:
        raise NothingToDo("These words are not in the short.", "Choose words that are not struck out.")
    if gone == kept:
        raise NothingToDo("A short needs at least one word.", "Leave one word, or choose another passage.")
    return Edit(f"Cut {count_of(len(gone))}", replace(short, excerpts=excerpts_for(analysis, kept - gone)))


def bring_back(short: Short, analysis: Analysis, indexes: Iterable[int]) -> Edit:
    """Bring words back, or add words from outside the short."""
    kept = set(kept_words(short, analysis))
    new = set(indexes) - kept
    if not new:
        raise NothingToDo("These words are in the short already.", "Choose words that are struck out or pale.")
    return Edit(f"Bring back {count_of(len(new))}", replace(short, excerpts=excerpts_for(analysis, kept | new)))


def start_at(short: Short, tick: int) -> Edit:
    """Let the short begin at `tick` of the source: what comes before is cut, and a gap before it is opened."""
    return Edit("Set start", replace(short, excerpts=_clip(short, tick, None)))


def end_at(short: Short, tick: int) -> Edit:
    """Let the short end at `tick` of the source."""
    return Edit("Set end", replace(short, excerpts=_clip(short, None, tick)))


def _clip(short: Short, start: int | None, end: int | None) -> tuple[Excerpt, ...]:
    first, last = short.excerpts[0], short.excerpts[-1]
    if start is not None and start < first.start:
        return (Excerpt(start, first.end), *short.excerpts[1:])
    if end is not None and end > last.end:
        return (*short.excerpts[:-1], Excerpt(last.start, end))
    low = start if start is not None else 0
    high = end if end is not None else last.end
    out = tuple(Excerpt(max(e.start, low), min(e.end, high)) for e in short.excerpts if e.end > low and e.start < high)
    if sum(e.length for e in out) < TICKS // 10:
        raise NothingToDo("Nothing would be left of the short.", "Choose a place inside it.")
    return out


def set_crop(short: Short, shot: tuple[int, int], cx: float, cy: float, h: float) -> Edit:
    """Frame one shot (start, end in ticks) by hand."""
    crop = HandCrop(shot[0], min(1.0, max(0.0, cx)), min(1.0, max(0.0, cy)), min(1.0, max(0.1, h)))
    others = tuple(c for c in short.framing.crops if not shot[0] <= c.at < shot[1])
    return Edit("Move the crop", replace(short, framing=replace(short.framing, crops=(*others, crop))))


def release_crop(short: Short, shot: tuple[int, int]) -> Edit:
    """Let the camera frame one shot by itself again."""
    crops = tuple(c for c in short.framing.crops if not shot[0] <= c.at < shot[1])
    follows = tuple(f for f in short.framing.follows if not shot[0] <= f.at < shot[1])
    if crops == short.framing.crops and follows == short.framing.follows:
        raise NothingToDo("This shot is framed automatically already.")
    return Edit("Frame automatically", replace(short, framing=replace(short.framing, crops=crops, follows=follows)))


def follow(short: Short, shot: tuple[int, int], person: int, name: str) -> Edit:
    """Follow one person through a shot, whoever talks."""
    others = tuple(f for f in short.framing.follows if not shot[0] <= f.at < shot[1])
    crops = tuple(c for c in short.framing.crops if not shot[0] <= c.at < shot[1])
    framing = replace(short.framing, crops=crops, follows=(*others, Follow(shot[0], person)))
    return Edit(f"Follow {name}", replace(short, framing=framing))


def set_calm(short: Short, calm: float) -> Edit:
    return Edit("Camera calmness", replace(short, framing=replace(short.framing, calm=calm)))


def set_look(short: Short, look: str, title: str) -> Edit:
    return Edit(f"Look: {title}", replace(short, look=look))


def set_caption_place(short: Short, y: float | None) -> Edit:
    label = "Captions keep clear" if y is None else "Move captions"
    return Edit(label, replace(short, caption_y=y))


def caption_in(short: Short, language: str) -> Edit:
    """Captions in a translation, or (empty) as the words are said."""
    return Edit(f"Captions in {language}" if language else "Captions as said", replace(short, caption_language=language))


def show_captions(short: Short, on: bool) -> Edit:
    return Edit("Show captions" if on else "Hide captions", replace(short, captions_on=on))


def rename(short: Short, name: str) -> Edit:
    text = " ".join(name.split())[:120]
    if not text:
        raise NothingToDo("A short needs a name.", "Type one.")
    return Edit("Rename", replace(short, name=text))

"""Proposed removals: fillers, repeated words, false starts and long silences, each to be taken or refused by itself."""

from __future__ import annotations

import bisect
import itertools
from collections.abc import Iterable, Iterator
from dataclasses import dataclass
from typing import Final, Literal

import numpy as np
from numpy.typing import NDArray

from standtall.base.errors import NothingToDo
from standtall.base.interface_language import count_of, tr
from standtall.base.time import TICKS_PER_SECOND, seconds
from standtall.cutting.cut_points import SHORTEST, cut_after, cut_before, joined_by_source, without_all
from standtall.model.analysis import LEVEL_STEP, Analysis
from standtall.model.cut import Segment
from standtall.model.edits import Edit
from standtall.model.short import Short
from standtall.model.words import Word, words_within

Kind = Literal["filler", "repeat", "false start", "silence"]


@dataclass(frozen=True, slots=True)
class Pace:
    """How long a pause may be, and how much is left of one that is longer (seconds); None keeps all pauses."""

    longest_s: float | None
    left_s: float = 0.0


PACES: Final = (Pace(None), Pace(1.2, 0.7), Pace(0.8, 0.5), Pace(0.55, 0.32), Pace(0.38, 0.2), Pace(0.24, 0.1))
"""From the longest pauses to the shortest (common practice, no source)."""
PHRASES: Final = (("you", "know"), ("i", "mean"), ("sort", "of"), ("kind", "of"), ("you", "see"))
"""Fill a pause where commas set them off; elsewhere they say something."""
MEANT_TWICE: Final = frozenset(
    ["very", "really", "so", "no", "yes", "bye", "ha", "well", "go", "had", "that", "is", "many", "more", "far", "much", "long",
     "please", "never", "ever", "again"]
)  # fmt: skip
"""Said twice on purpose, or twice by grammar."""
LONGEST_REPEAT: Final = 4
LONGEST_START: Final = 4
BREAK: Final = round(0.25 * TICKS_PER_SECOND)
"""A silence inside a sentence after which it may begin anew."""
QUIET_SHARE: Final = 0.7
"""A silence lies under the floor of the recording plus this share of the way up to its talk; laughter and applause do not."""
SMOOTH: Final = 15
"""Steps of 10 ms: a click or a breath shorter than half of this does not break a silence."""
UNKNOWN_QUIET_DB: Final = -45.0
END_FACTOR: Final = 1.4
"""After the end of a sentence more of a silence is left: it is where people think."""


@dataclass(frozen=True, slots=True)
class Removal:
    """A passage of the source that can go, and the words in it (indexes; empty for a silence)."""

    kind: Kind
    source: str
    start: int
    end: int
    words: range

    @property
    def length(self) -> int:
        return self.end - self.start


def removals(short: Short, analysis: Analysis, pace: Pace, quiet_db: float | None = None) -> tuple[Removal, ...]:
    """What can go from the short, in the order of the source; already removed passages are not in it.

    `quiet_db` is what `quiet_under` says of the analysis, where that is known already.
    """
    out: list[Removal] = []
    quiet = quiet_under(analysis) if quiet_db is None else quiet_db
    for piece in (e for e in short.segments if e.source == analysis.source_key):
        held = [i for i in words_within(analysis.words, piece.start, piece.end) if analysis.words[i].kind != "unspoken"]
        for kind, gone in _spoken(analysis.words, held):
            out.append(_of_words(analysis, piece, held, kind, gone))
        if pace.longest_s is not None:
            out += _silences(analysis, piece, held, pace, quiet)
    return tuple(sorted((r for r in out if r.length >= SHORTEST), key=lambda r: (r.start, r.end)))


def _spoken(words: tuple[Word, ...], held: list[int]) -> Iterator[tuple[Kind, range]]:
    """Fillers, repeats and false starts among words that follow each other; none is proposed twice."""
    fillers = {i for i in held if words[i].kind == "filler"} | _phrases(words, held)
    for run in _runs(sorted(fillers)):
        yield "filler", run
    clear = [i for i in held if i not in fillers]
    said = [words[i].bare for i in clear]
    at = 0
    while at < len(clear):
        size = _repeated(words, clear, said, at)
        if size:
            yield "repeat", range(clear[at], clear[at + size - 1] + 1)
            at += size
            continue
        start = _started_anew(words, clear, said, at)
        if start:
            yield "false start", range(clear[at], clear[at + start - 1] + 1)
        at += max(1, start)


def _phrases(words: tuple[Word, ...], held: list[int]) -> set[int]:
    out: set[int] = set()
    said = [words[i].bare for i in held]
    for n in range(1, len(held) - 1):
        pair = held[n : n + 2]
        if (said[n], said[n + 1]) not in PHRASES or pair[1] != pair[0] + 1:
            continue
        if words[held[n - 1]].text.endswith(",") and words[pair[1]].text.endswith(","):
            out |= set(pair)
    return out


def _runs(indexes: Iterable[int]) -> list[range]:
    out: list[range] = []
    for i in indexes:
        out[-1:] = [range(out[-1].start, i + 1)] if out and out[-1].stop == i else [*out[-1:], range(i, i + 1)]
    return out


def _repeated(words: tuple[Word, ...], clear: list[int], said: list[str], at: int) -> int:
    """How many words from here on are said again right after (fillers between them do not count); the longest such run. `said`
    are the words as they are compared."""
    for size in range(min(LONGEST_REPEAT, (len(clear) - at) // 2), 0, -1):
        if said[at] != said[at + size] or said[at : at + size] != said[at + size : at + 2 * size]:
            continue
        first, second = clear[at : at + size], clear[at + size : at + 2 * size]
        if any(words[i].ends_sentence for i in first) or words[first[0]].speaker != words[second[-1]].speaker:
            continue
        if size == 1 and (words[first[0]].bare in MEANT_TWICE or words[first[0]].bare.isdigit()):
            continue
        if words[second[0]].start - words[first[-1]].end > 2 * TICKS_PER_SECOND or not words[first[0]].bare:
            continue
        return size
    return 0


def _started_anew(words: tuple[Word, ...], clear: list[int], said: list[str], at: int) -> int:
    """How many words from here on are dropped by their speaker, who begins the sentence anew with the same word.

    The first word comes again within a few words, after a filler, a silence or a dash, before the sentence has ended.
    """
    if said[at] not in said[at + 2 : at + LONGEST_START + 1]:
        return 0
    first = words[clear[at]]
    for size in range(2, LONGEST_START + 1):
        if at + size >= len(clear):
            return 0
        before, again = clear[at + size - 1], clear[at + size]
        if words[before].ends_sentence and not words[before].text.endswith("…"):
            return 0
        if said[at + size] != said[at] or words[again].speaker != first.speaker:
            continue
        broken = words[before].text.rstrip().endswith(("-", "–", "—", "…")) or again - before > 1
        if broken or (words[again].start - words[before].end > BREAK and not words[before].text.endswith(",")):
            return size
    return 0


def _of_words(analysis: Analysis, piece: Segment, held: list[int], kind: Kind, gone: range) -> Removal:
    """The passage that goes with some words: from the room after the word before to the room before the word after."""
    first, last = bisect.bisect_left(held, gone[0]), bisect.bisect_left(held, gone[-1])
    start = cut_after(analysis, held[first - 1]) if first else piece.start
    end = cut_before(analysis, held[last + 1]) if last + 1 < len(held) else piece.end
    start, end = max(piece.start, start), min(piece.end, max(end, start + 1))
    return Removal(kind, analysis.source_key, start, end, gone)


def quiet_under(analysis: Analysis) -> float:
    """Level (dBFS) under which nothing is said, between the floor of this recording and its talk."""
    level = np.array(analysis.level_db, np.float32)
    level = level[level > -90.0]
    if not len(level):
        return UNKNOWN_QUIET_DB
    floor, talk = np.percentile(level, (4, 90))
    return float(floor + QUIET_SHARE * (talk - floor))


def _silences(analysis: Analysis, piece: Segment, held: list[int], pace: Pace, quiet: float) -> list[Removal]:
    assert pace.longest_s is not None
    out: list[Removal] = []
    for before, after in itertools.pairwise(held):
        word = analysis.words[before]
        factor = END_FACTOR if word.ends_sentence else 1.0
        if seconds(analysis.words[after].start - word.end) <= pace.longest_s * factor:
            continue  # most words follow each other: the sound between them need not be looked at
        start, end = _silent_part(analysis, word.end, analysis.words[after].start, quiet)
        if seconds(end - start) <= pace.longest_s * factor:
            continue
        left = round(pace.left_s * factor * TICKS_PER_SECOND)
        first, last = start + left // 2, end - (left - left // 2)
        if last > first and piece.start <= first and last <= piece.end:
            out.append(Removal("silence", analysis.source_key, first, last, range(before, before)))
    return out


def _silent_part(analysis: Analysis, start: int, end: int, quiet: float) -> tuple[int, int]:
    """The longest stretch between two words in which nothing sounds; the words' own last sound is left out."""
    steps = analysis.level_db[start // LEVEL_STEP : max(0, end) // LEVEL_STEP]
    if not steps:
        return (start, end) if end > start else (start, start)
    level = _smoothed(np.array(steps), min(SMOOTH, len(steps)))
    best, at = (0, 0), None
    for n, db in enumerate((*level, 0.0)):
        if db < quiet and n < len(level):
            at = n if at is None else at
        elif at is not None:
            best, at = max(best, (n - at, -at)), None
    length, first = best[0], -best[1]
    begin = max(start, (start // LEVEL_STEP + first) * LEVEL_STEP)
    return begin, min(end, begin + length * LEVEL_STEP)


def _smoothed(level: NDArray[np.float64], size: int) -> NDArray[np.float64]:
    """The median of `size` values around each (n,), ends repeated: as SciPy's `median_filter`, whose import the thread of the
    window would wait for."""
    around = np.pad(level, (size // 2, size - 1 - size // 2), mode="edge")
    windows = np.lib.stride_tricks.sliding_window_view(around, size)
    return np.asarray(np.partition(windows, size // 2, axis=1)[:, size // 2])


def saved(short: Short, chosen: Iterable[Removal]) -> int:
    """Ticks by which the short gets shorter without these passages, however they overlap."""
    return short.talk_length - sum(e.length for e in _removed(short, chosen))


def _removed(short: Short, chosen: Iterable[Removal]) -> tuple[Segment, ...]:
    return without_all(short.segments, (Segment(r.source, r.start, r.end) for r in chosen))


def tighten(short: Short, chosen: Iterable[Removal]) -> Edit:
    """Take all of these out, as one step.

    Raises `NothingToDo` when none is chosen or nothing would be left.
    """
    listed = tuple(chosen)
    left = _removed(short, listed)
    if left == short.segments:
        raise NothingToDo(tr("Nothing is chosen to be removed."), tr("Tick some rows, or choose a shorter longest pause."))
    if not left:
        raise NothingToDo(tr("Nothing would be left of the short."), tr("Refuse some of the removals."))
    return Edit(tr("Tighten: {listed}", listed=count_of(len(listed), "removal")), short.with_segments(left))


def out_of(short: Short, proposed: Iterable[Removal]) -> frozenset[Removal]:
    """Those of which nothing is in the short any more."""
    there = joined_by_source(short.segments)

    def is_out(removal: Removal) -> bool:
        kept = there.get(removal.source, [])
        after = bisect.bisect_right(kept, removal.start, key=lambda e: e.end)
        return after == len(kept) or kept[after].start >= removal.end

    return frozenset(r for r in proposed if is_out(r))

"""Words that stand out of what is said around them: where a punch-in is worth proposing."""

from __future__ import annotations

from typing import Final

from standtall.base.time import TICKS_PER_SECOND
from standtall.language.stress import HIGHER, LETTERS, LOUDER_DB, SLOWER, Melody, over_length, over_loudness, over_pitch
from standtall.model.cut import Segment
from standtall.model.framing import Punch, PunchWhy
from standtall.model.words import Word

APART: Final = 6 * TICKS_PER_SECOND
"""Time between two proposals at least: what comes often stands out no more."""
LONGEST, SHORTEST = round(3.0 * TICKS_PER_SECOND), round(0.7 * TICKS_PER_SECOND)
"""Lengths of a punch-in."""
PAUSE: Final = round(0.25 * TICKS_PER_SECOND)


def proposed_punches(
    words: tuple[Word, ...], level_db: tuple[float, ...], segments: tuple[Segment, ...], melody: Melody | None = None
) -> list[Punch]:  # fmt: skip
    """Punch-ins for the words of some segments of one source, in order: the strongest where they come too near to each other.
    Each goes from the word that stands out to the end of its phrase, or holds its last words."""
    said = [w for w in words if w.end > w.start and any(s.start <= w.start and w.end <= s.end for s in segments)]
    if len(said) < 3:
        return []
    loud, slow, high = over_loudness(said, level_db), over_length(said), over_pitch(said, melody)
    rated: list[tuple[float, int, PunchWhy]] = []
    for i, word in enumerate(said):
        if loud[i] >= LOUDER_DB:
            rated.append((loud[i] / LOUDER_DB, i, "louder"))
        elif high[i] >= HIGHER:
            rated.append((high[i] / HIGHER, i, "higher"))
        elif slow[i] >= SLOWER and len(word.text) >= LETTERS:
            rated.append((slow[i] / SLOWER, i, "drawn out"))
        elif word.text.rstrip("”\"'").endswith("!"):
            rated.append((1.0, i, "exclaimed"))
    out: list[Punch] = []
    for _strength, i, why in sorted(rated, key=lambda r: -r[0]):
        start, end = _phrase(said, i, segments)
        if end - start >= SHORTEST and all(start - p.end >= APART or p.start - end >= APART for p in out):
            out.append(Punch(segments[0].source, start, end, why=why))
    return sorted(out, key=lambda p: p.start)


def _phrase(said: list[Word], i: int, segments: tuple[Segment, ...]) -> tuple[int, int]:
    """From a word to the end of its phrase (a pause, the end of a sentence or of the segment), and where that is too short from
    further before it."""
    segment = next(s for s in segments if s.start <= said[i].start < s.end)

    def together(a: Word, b: Word) -> bool:
        return not a.ends_sentence and b.start - a.end <= PAUSE and a.start >= segment.start and b.end <= segment.end

    first = last = i
    while last + 1 < len(said) and together(said[last], said[last + 1]) and said[last + 1].end - said[i].start <= LONGEST:
        last += 1
    while said[last].end - said[first].start < SHORTEST and first > 0 and together(said[first - 1], said[first]):
        first -= 1
    return said[first].start, min(segment.end, said[last].end + PAUSE // 2)

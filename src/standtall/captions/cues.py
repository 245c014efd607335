"""Groups words into subtitle cues for files: at most two lines of reading length, one speaker each."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from typing import Final

from standtall.base.time import TICKS_PER_SECOND
from standtall.captions.said import CaptionWord
from standtall.language.bonds import bonds
from standtall.model.words import ends_sentence

LINE: Final = 42
"""Most letters of a line (common practice, no source)."""
LINES: Final = 2
LONGEST: Final = 7 * TICKS_PER_SECOND
"""Longest time that a cue stands (common practice, no source)."""
PAUSE: Final = round(0.8 * TICKS_PER_SECOND)
LINGER: Final = round(0.4 * TICKS_PER_SECOND)
"""How long a cue stays after its last word, where nothing follows at once."""


@dataclass(frozen=True, slots=True)
class Cue:
    """Words in one or two lines, shown from `start` to `end` ticks; `speaker` as in the transcript."""

    lines: tuple[tuple[CaptionWord, ...], ...]
    start: int
    end: int
    speaker: int

    @property
    def words(self) -> tuple[CaptionWord, ...]:
        return tuple(w for line in self.lines for w in line)


def cues(said: Sequence[CaptionWord]) -> tuple[Cue, ...]:
    """Cues of words in time order."""
    groups: list[list[CaptionWord]] = []
    for word in said:
        if groups and not _new(groups[-1], word):
            groups[-1].append(word)
        else:
            groups.append([word])
    out: list[Cue] = []
    for i, group in enumerate(groups):
        after = groups[i + 1][0].start if i + 1 < len(groups) else group[-1].end + LINGER
        end = max(group[-1].end, min(after, group[-1].end + LINGER))
        out.append(Cue(_lines(group), group[0].start, max(end, group[0].start + 1), group[0].said.speaker))
    return tuple(out)


def _new(group: list[CaptionWord], word: CaptionWord) -> bool:
    if group[-1].said.speaker != word.said.speaker or word.start - group[-1].end > PAUSE:
        return True
    if word.end - group[0].start > LONGEST or len(_lines([*group, word])) > LINES:
        return True
    letters = sum(len(w.text) + 1 for w in group)
    return letters > LINE // 2 and ends_sentence(group[-1].text)


def _lines(group: list[CaptionWord]) -> tuple[tuple[CaptionWord, ...], ...]:
    """One line where it fits, else two of about equal length that do not break between words that belong together."""
    total = sum(len(w.text) + 1 for w in group) - 1
    if total <= LINE:
        return (tuple(group),)
    best: tuple[float, int] | None = None
    left, firm = 0, bonds([w.text for w in group])
    for i in range(1, len(group)):
        left += len(group[i - 1].text) + (1 if i > 1 else 0)
        right = total - left - 1
        if left <= LINE and right <= LINE:
            tail = group[i - 1].text
            cost = abs(left - right) + 24 * firm[i - 1] - 6 * tail.endswith((",", ";", ":"))
            best = min(best or (cost, i), (cost, i))
    if best is None:  # too much for two lines
        first = next((i for i in range(1, len(group)) if sum(len(w.text) + 1 for w in group[: i + 1]) - 1 > LINE), 1)
        return (tuple(group[:first]), *_lines(group[first:]))
    return tuple(group[: best[1]]), tuple(group[best[1] :])

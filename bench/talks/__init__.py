"""Talks written to judge the proposals of moments: who says what, which passages are strong, which parts are housekeeping."""

from __future__ import annotations

from dataclasses import dataclass
from pathlib import Path

import numpy as np

from standtall.base.time import TICKS_PER_SECOND
from standtall.model.analysis import LEVEL_STEP, Analysis
from standtall.model.words import Word
from standtall.speech.fillers import is_filler

JUDGED = ("interview", "lecture", "banter", "interview-de", "interview-es")
"""A language other than English stands at the end of the name."""
TUNING = (
    "tuning", "tuning-lecture", "tuning-interview", "tuning-banter", "tuning-lecture-2", "tuning-lecture-3", "tuning-lecture-4",
    "tuning-interview-2", "tuning-lecture-5", "tuning-lecture-6", "tuning-lecture-7", "tuning-interview-3", "tuning-interview-4",
    "tuning-banter-2", "tuning-panel", "tuning-banter-3", "tuning-interview-5", "tuning-interview-6", "tuning-banter-4",
    "tuning-lecture-8",
)  # fmt: skip
WORDS_A_SECOND = 2.3


@dataclass(frozen=True, slots=True)
class Talked:
    """Words with their times; `strong` and `house` are runs of words (indexes)."""

    analysis: Analysis
    strong: tuple[range, ...]
    house: tuple[range, ...]


def talked(name: str, seed: int = 7) -> Talked:
    """A talk as it would be transcribed, at about 140 words a minute between pauses."""
    rng = np.random.default_rng(seed)
    language = name[-2:] if name[-3:-2] == "-" else "en"
    words: list[Word] = []
    marked: dict[str, list[range]] = {"{": [], "<": []}
    begun: dict[str, int] = {}
    people: dict[str, int] = {}
    at = TICKS_PER_SECOND
    for line in (Path(__file__).with_name(f"{name}.txt")).read_text().splitlines():
        if line in marked:
            begun[line] = len(words)
        elif line in ("}", ">"):
            kind = "{" if line == "}" else "<"
            marked[kind].append(range(begun.pop(kind), len(words)))
        elif line and not line.startswith("#"):
            who, text = line.split(": ", 1)
            at = _say(words, text, at, rng, people.setdefault(who, len(people)), language)
    level = np.full(at // LEVEL_STEP + 100, -62.0)
    for w in words:
        level[w.start // LEVEL_STEP : w.end // LEVEL_STEP] = -22.0
    analysis = Analysis(name, tuple(words), level_db=tuple(level.tolist()), language=language)
    return Talked(analysis, tuple(marked["{"]), tuple(marked["<"]))


def _say(words: list[Word], text: str, at: int, rng: np.random.Generator, speaker: int, language: str) -> int:
    """Append a turn; -> when the next may begin."""
    for said in text.split():
        seconds = (0.35 + 0.11 * min(8, len(said))) / WORDS_A_SECOND + rng.normal(0, 0.02)
        kind = "filler" if is_filler(said, language) else "word"
        words.append(Word(said, at, at + max(2_400, round(seconds * TICKS_PER_SECOND)), 0.95, speaker, kind))  # type: ignore[arg-type]
        gap = rng.uniform(0.25, 0.65) if said[-1] in ".?!" else 0.12 if said[-1] == "," else 0.02
        at = words[-1].end + round(gap * TICKS_PER_SECOND)
    return at + round(rng.uniform(0.05, 0.6) * TICKS_PER_SECOND)

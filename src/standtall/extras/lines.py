"""Breaks a text that stands on the picture into lines: by hand where the text does, else into lines about equally long."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from typing import Final

from standtall.language.bonds import bonds

PARTED: Final = 0.5
"""What parting words that belong together costs, in squares of a line's width."""
OVER: Final = 20.0
"""What each width too much costs: all letters would have to be smaller."""
Width = Callable[[str], float]
"""Width of a text as a share of the widest line."""


def lines_of(text: str, width: Width, most: int) -> tuple[tuple[str, ...], ...]:
    """The words of each line. Breaks in the text stay; a line without any that is too wide, or all of a text without breaks, is
    parted into as few lines as it fits in, `most` at most, as evenly as can be without parting words that belong together."""
    given = [line.split() for line in text.splitlines() if line.strip()]
    if len(given) > 1:
        return tuple(map(tuple, given))
    words = given[0] if given else []
    for count in range(1, max(1, most) + 1):
        made = _parted(words, width, min(count, len(words)))
        if all(width(" ".join(line)) <= 1 for line in made):
            break
    return tuple(map(tuple, made))


def _parted(words: Sequence[str], width: Width, count: int) -> list[Sequence[str]]:
    """Exactly `count` lines with the least sum of squared widths and of parted words, by dynamic programming."""
    held = bonds(list(words))
    ends = len(words)
    best: dict[tuple[int, int], tuple[float, int]] = {(0, 0): (0.0, 0)}
    for line in range(1, count + 1):
        for end in range(line, ends - (count - line) + 1):
            choices = []
            for start in range(line - 1, end):
                if (line - 1, start) in best:
                    parted = PARTED * held[start - 1] if start else 0.0
                    wide = width(" ".join(words[start:end]))
                    choices.append((best[line - 1, start][0] + wide**2 + OVER * max(0.0, wide - 1) + parted, start))
            best[line, end] = min(choices)
    out: list[Sequence[str]] = []
    line, end = count, ends
    while line:
        start = best[line, end][1]
        out.insert(0, words[start:end])
        line, end = line - 1, start
    return out

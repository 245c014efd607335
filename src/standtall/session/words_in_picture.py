"""The captions that are part of a clip's picture, read frame by frame."""

from __future__ import annotations

from dataclasses import dataclass, replace
from pathlib import Path
from typing import Final

from standtall.base.geometry import Rect
from standtall.base.progress import Progress
from standtall.base.time import TICKS_PER_SECOND
from standtall.media.planes import to_bgr
from standtall.media.probe import probe
from standtall.media.reader import PictureReader
from standtall.model.words import Word, bare
from standtall.people.text_reader import Line, TextReader

LOOKED: Final = TICKS_PER_SECOND // 5
"""Between two looks: the shortest words that captions show one by one."""
HIGH: Final = 960
"""Pixels of the picture that is read: captions are a twentieth of it or so, which is what the network wants."""
LASTS: Final = 8 * TICKS_PER_SECOND
"""What stands longer is a headline, a name or a slide (common practice, no source)."""
SAME: Final = 80
"""Likeness in hundredths from which two readings are of the same line."""
NEAR: Final = 0.03
"""Of the picture's height that a line may move between two looks."""
MISSED: Final = 2
"""Looks in a row in which a line may not be read, and still stands."""


@dataclass(frozen=True, slots=True)
class _Shown:
    """A line, and from when to when it was seen; `missed` looks have passed since."""

    text: str
    box: Rect
    start: int
    end: int
    missed: int = 0


def words_in_picture(path: Path, progress: Progress, end: int | None = None) -> tuple[Word, ...]:
    """The words of captions in the picture of a file in their order, up to `end` ticks; the times of a line are shared out among
    its words by their letters. Raises `MediaError` where the file has no picture that can be read, `Cancelled` when stopped."""
    reader, standing, gone = TextReader(), list[_Shown](), list[_Shown]()
    length = probe(path).length
    last = max(1, length if end is None else min(end, length))
    with PictureReader(path, height=HIGH, threads=1, rough=True) as pictures:
        due = 0
        for seen in pictures.walk(0, end):
            progress.check()
            if seen.tick < due:
                continue
            due = seen.tick + LOOKED
            progress.report("read", min(1.0, seen.tick / last))
            standing, ended = _followed(standing, reader.lines(to_bgr(seen.planes())), seen.tick)
            gone += ended
    lines = [s for s in (*gone, *standing) if s.end - s.start <= LASTS]
    return tuple(w for line in sorted(lines, key=lambda s: (s.start, s.box.y)) for w in _words(line))


def _followed(standing: list[_Shown], lines: list[Line], tick: int) -> tuple[list[_Shown], list[_Shown]]:
    """-> (what stands at a look, what has gone before it)."""
    left, now = list(standing), list[_Shown]()
    for line in lines:
        known = next((s for s in left if _same(s, line)), None)
        if known is None:
            now.append(_Shown(line.text, line.box, tick, tick + LOOKED))
            continue
        left.remove(known)
        text = line.text if len(line.text) > len(known.text) else known.text
        now.append(_Shown(text, line.box, known.start, tick + LOOKED))
    missed = [replace(s, missed=s.missed + 1) for s in left]
    return [*now, *(s for s in missed if s.missed <= MISSED)], [s for s in missed if s.missed > MISSED]


def _same(shown: _Shown, line: Line) -> bool:
    """Whether a line is one that was seen before, also where its words come one by one."""
    from rapidfuzz import fuzz

    if abs(shown.box.cy - line.box.cy) > NEAR:
        return False
    before, here = shown.text.lower(), line.text.lower()
    grows = here.startswith(before) and (len(here) == len(before) or not here[len(before)].isalpha())
    return grows or fuzz.ratio(before, here) >= SAME


def _words(line: _Shown) -> list[Word]:
    texts = [t for t in line.text.split() if bare(t)]
    letters = sum(len(t) for t in texts)
    out, passed = [], 0
    for text in texts:
        start, end = (line.start + (line.end - line.start) * n // letters for n in (passed, passed + len(text)))
        out.append(Word(text, start, max(end, start + 1), 1.0))
        passed += len(text)
    return out

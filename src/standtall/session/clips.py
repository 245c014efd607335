"""Finds shorts that were cut elsewhere in the footage that they come from, and rebuilds them from the original."""

from __future__ import annotations

import bisect
from collections.abc import Iterator, Sequence
from pathlib import Path
from typing import Final

import numpy as np

from standtall.base.errors import MediaError, NothingToDo, StandTallError
from standtall.base.interface_language import tr
from standtall.base.progress import Progress
from standtall.base.time import TICKS_PER_SECOND
from standtall.library.cache import AnalysisCache
from standtall.media.probe import probe
from standtall.media.sound_reader import Samples, read_sound
from standtall.model.cut import Segment
from standtall.model.short import Short
from standtall.model.source import Source
from standtall.model.traced import TracedClip, TracedPiece
from standtall.model.words import Word
from standtall.session.clip_words import WordIndex, words_beside
from standtall.session.listened import Listened, listened
from standtall.session.words_in_picture import words_in_picture
from standtall.sound.landmarks import HOP, RATE, LandmarkIndex
from standtall.sound.matching import Found, find_clip

LONGEST_CLIP_S: Final = 900
APART: Final = 20 * RATE // HOP
"""Windows of silence between two sources that are looked through as one."""
TICKS: Final = TICKS_PER_SECOND // RATE
"""Ticks of a sample."""


class ClipFinder:
    """Hours of footage made ready for clips to be found in: all of its sources at once, by sound, or by words where the sound of
    a clip was replaced and it has captions, beside it or in its picture."""

    def __init__(self, sources: Sequence[Source], progress: Progress, cache: AnalysisCache | None = None) -> None:
        """Listen to what was not listened to yet; raises `MediaError` where none of the sources has sound."""
        self.sources = tuple(s for s in sources if s.has_sound)
        if not self.sources:
            name = sources[0].name if len(sources) == 1 else "This footage"
            raise MediaError(
                tr("{name} has no sound, so no clip can be found in it.", name=name), tr("Choose footage with sound.")
            )
        kept = cache or AnalysisCache()
        self._heard: list[Listened] = []
        self._from: list[int] = []
        """The first sample of each source, where they are all in a row."""
        window = 0
        for number, source in enumerate(self.sources):
            part = Progress(lambda step, n=number: progress.report("listen", (n + step.share) / len(self.sources)))  # type: ignore[misc]
            progress.also_cancels(part)
            found = listened(source, part, kept)
            self._heard.append(found)
            self._from.append(window * HOP)
            window += found.marks.windows + APART
        self._index = LandmarkIndex([h.marks.shifted(at // HOP) for h, at in zip(self._heard, self._from, strict=True)])
        self._words = WordIndex(self.sources, kept)

    def read(self, start: int, end: int) -> Samples:
        """Mono sound at 8 kHz between two samples of all sources in a row, silence where there is none."""
        out = np.zeros(max(0, end - start), np.float32)
        first = max(0, bisect.bisect_right(self._from, start) - 1)
        for number in range(first, len(self._from)):
            at, sound = self._from[number], self._heard[number].sound
            if at >= end:
                break
            a, b = max(0, start - at), min(len(sound), end - at)
            if b > a:
                out[at + a - start : at + b - start] = sound[a:b] * np.float32(1 / 32_767)
        return out

    def locate(self, path: Path, progress: Progress | None = None) -> TracedClip:
        """Where the pieces of a finished clip lie in the footage: by its sound; where that was replaced, by the captions beside
        it or in its picture. Raises `MediaError` where it cannot be read, `Cancelled` when stopped."""
        beside = words_beside(path)
        try:
            clip = read_sound(path, RATE, 1, end=LONGEST_CLIP_S * TICKS_PER_SECOND).reshape(-1)
        except MediaError:
            if not beside and not probe(path).has_picture:
                raise
            clip = np.zeros(0, np.float32)
        heard = np.flatnonzero(np.abs(clip) > 1e-4)
        length = int(heard[-1]) + 1 if len(heard) else 0
        found = find_clip(self._index, clip[:length], self.read) if length else ()
        pieces = tuple(p for f in found if (p := self._placed(f)) is not None)
        return TracedClip(str(path), length * TICKS, pieces) if pieces else self._by_words(path, length * TICKS, beside, progress)

    def _by_words(self, path: Path, length: int, beside: tuple[Word, ...], progress: Progress | None) -> TracedClip:
        """By what is to be read: a caption file is quicker and surer than the picture."""
        pieces = self._words.pieces(beside) if beside else ()
        if pieces:
            return TracedClip(str(path), max(length, beside[-1].end), pieces, "words")
        if not probe(path).has_picture:
            return TracedClip(str(path), length)
        if not self._words.knows:
            said = tr("not found by its sound; to be found by its captions, the footage has to be analysed first")
            return TracedClip(str(path), length, said=said)
        read = words_in_picture(path, progress or Progress(), LONGEST_CLIP_S * TICKS_PER_SECOND)
        pieces = self._words.pieces(self._words.spelled(read))
        return TracedClip(str(path), max(length, read[-1].end if read else 0), pieces, "picture" if pieces else "sound")

    def _placed(self, found: Found) -> TracedPiece | None:
        """A piece in its own source."""
        number = bisect.bisect_right(self._from, (found.start + found.end) // 2 // TICKS) - 1
        source, first = self.sources[number], self._from[number] * TICKS
        start, end = max(0, found.start - first), min(found.end - first, source.length)
        if end <= start:
            return None
        return TracedPiece(source.key, found.clip_start, found.clip_end, start, end, found.confidence)


def trace(finder: ClipFinder, paths: Sequence[Path], progress: Progress) -> Iterator[TracedClip]:
    """Each clip as soon as it is looked for; one that cannot be read says why and stops no other. Raises `Cancelled`."""
    for number, path in enumerate(paths):
        progress.report("clips", number / len(paths))
        part = Progress(lambda step, n=number: progress.report("clips", (n + step.share) / len(paths)))  # type: ignore[misc]
        progress.also_cancels(part)
        try:
            yield finder.locate(path, part)
        except StandTallError as error:
            progress.check()
            yield TracedClip(str(path), 0, said=str(error))
    progress.report("clips", 1.0)


def rebuilt(clip: TracedClip, sources: Sequence[Source]) -> Short:
    """The short that a clip was, from the original footage; raises `NothingToDo` where it was not found.

    Where pieces overlap in the footage, the second one gives way: a short shows nothing twice.
    """
    known = {s.key: s for s in sources}
    segments: list[Segment] = []
    for piece in clip.pieces:
        if piece.source not in known:
            continue
        start, end = piece.start, min(piece.end, known[piece.source].length)
        for e in segments:
            if e.source == piece.source and start < e.end and e.start < end:
                start, end = (max(start, e.end), end) if start >= e.start else (start, min(end, e.start))
        if end - start > TICKS_PER_SECOND // 10:
            segments.append(Segment(piece.source, start, end))
    name = Path(clip.path)
    if not segments:
        raise NothingToDo(tr("{name} is not from this footage.", name=name.name), tr("Open the footage that it was cut from."))
    return Short.of(name.stem[:120] or "Clip", segments)

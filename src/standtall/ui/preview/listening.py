"""Lets a passage of a source be heard by itself, also outside the short."""

from __future__ import annotations

from collections.abc import Callable
from typing import Any, Final

from standtall.base.errors import NothingToDo
from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND
from standtall.media.sound_reader import MIX_RATE, Samples, read_sound, sound_of
from standtall.model.cut import Segment
from standtall.sound.mix import joined
from standtall.ui.preview.clocks import sound_device
from standtall.ui.state.workspace import Workspace

BEFORE: Final = round(0.6 * TICKS_PER_SECOND)
AFTER: Final = round(0.4 * TICKS_PER_SECOND)
"""Surroundings that are heard with a word, so that it can be understood."""


class Hearing:
    """Reads and plays a passage in the background; a new one stops the one before."""

    def __init__(self, workspace: Workspace) -> None:
        self._ws = workspace

    def words(self, chosen: range) -> None:
        """Play words with a little of what surrounds them."""
        opened = self._ws.opened
        if opened is None or not chosen:
            return
        words = opened.analysis.words
        self.passage(words[chosen.start].start - BEFORE, words[chosen.stop - 1].end + AFTER)

    def passage(self, start: int, end: int) -> None:
        """Play between two ticks of the source."""
        if self._ws.opened is not None:
            first, last = max(0, start), min(self._ws.opened.source.length, end)
            self.pieces((Segment(self._ws.opened.source.key, first, max(first + 1, last)),))

    def file(self, path: str, start: int, end: int) -> None:
        """Play a passage of any file (ticks)."""
        first, last = max(0, start - BEFORE), end + AFTER
        self._hear(lambda: read_sound(path, MIX_RATE, 2, first, last))

    def pieces(self, segments: tuple[Segment, ...]) -> None:
        """Play pieces of footage of the project one after the other, joined as a short joins them."""
        there = {s.key: s for s in self._ws.sources_here() if s.has_sound}
        segments = tuple(s for s in segments if s.source in there)
        if self._ws.opened is None:
            return
        if not segments:
            self._ws.said.emit(tr("This footage has no sound."), "note")
            return
        self._hear(lambda: joined(segments, lambda key, a, b: sound_of(there[key], MIX_RATE, 2, a, b)))

    def _hear(self, read: Callable[[], Samples]) -> None:
        """Play what is read; what plays is asked for beside the interface too, since systems take their time to tell."""

        def prepared() -> tuple[Any, Samples]:
            device = sound_device()
            if device is None:
                raise NothingToDo(tr("There is no sound device on this machine, so nothing can be heard."))
            return device, read()

        self._ws.in_background("preview", prepared, _play)


def _play(prepared: tuple[Any, Samples]) -> None:
    device, samples = prepared
    device.stop()
    device.play(samples.T, MIX_RATE)

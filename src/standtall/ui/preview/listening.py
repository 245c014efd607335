"""Lets a passage of a source be heard by itself, also outside the short."""

from __future__ import annotations

from typing import Any, Final

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
        self.device: Any | None = sound_device()

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
        if self.device is None:
            self._ws.said.emit(tr("There is no sound device on this machine, so nothing can be heard."), "note")
            return
        first, last = max(0, start - BEFORE), end + AFTER
        self._ws.in_background("preview", lambda: read_sound(path, MIX_RATE, 2, first, last), self._play)

    def pieces(self, segments: tuple[Segment, ...]) -> None:
        """Play pieces of the source one after the other, joined as a short joins them."""
        opened = self._ws.opened
        if opened is None or not segments:
            return
        if not opened.source.has_sound:
            self._ws.said.emit(tr("This footage has no sound."), "note")
            return
        if self.device is None:
            self._ws.said.emit(tr("There is no sound device on this machine, so nothing can be heard."), "note")
            return
        source = opened.source
        self._ws.in_background(
            "preview", lambda: joined(segments, lambda _source, a, b: sound_of(source, MIX_RATE, 2, a, b)), self._play
        )

    def _play(self, samples: Samples) -> None:
        if self.device is not None:
            self.device.stop()
            self.device.play(samples.T, MIX_RATE)

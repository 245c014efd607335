"""The chosen words and the playhead."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass

from PySide6.QtCore import QObject, Signal

from standtall.model.words import Word
from standtall.ui.state.opened import Opened


@dataclass(frozen=True, slots=True)
class Chosen:
    """From one word to another of a source, by their ids."""

    source: str
    first: int
    last: int


class Selection(QObject):
    """Words stay chosen as long as they are in the transcript, wherever in it they stand; times are ticks of the source."""

    changed = Signal()
    extra_changed = Signal()
    playhead_changed = Signal(int)
    cell_changed = Signal()

    def __init__(self, opened: Callable[[], Opened | None], parent: QObject) -> None:
        super().__init__(parent)
        self._opened = opened
        self._chosen: Chosen | None = None
        self.words: range | None = None
        """Numbers of the chosen words in the transcript on show."""
        self.playhead = 0
        self.cell = 0
        """The chosen cell of a layout of several."""
        self.extra: int | None = None
        """The id of the chosen extra of the short; -1 for the one that is just being put in."""

    @property
    def chosen(self) -> Chosen | None:
        return self._chosen

    def select(self, words: range | None) -> None:
        """Choose words, given as numbers of the transcript on show, or none."""
        opened = self._opened()
        words = words or None
        if words == self.words:
            return
        self.words = words
        self._chosen = None
        if opened is not None and words is not None:
            all_words = opened.transcript.words
            self._chosen = Chosen(opened.source.key, all_words[words.start].id, all_words[words.stop - 1].id)
        self.changed.emit()

    def follow(self) -> None:
        """The transcript has changed: find the chosen words in it again; where one end is gone, the other one stays chosen."""
        opened, chosen = self._opened(), self._chosen
        if opened is None or chosen is None or chosen.source != opened.source.key:
            self.select(None)
            return
        places = [_place(opened.transcript.words, i, self.words) for i in (chosen.first, chosen.last)]
        here = [p for p in places if p is not None]
        now = range(min(here), max(here) + 1) if here else None
        if now != self.words:
            self.select(now)

    def clear(self) -> None:
        """Nothing is open: nothing is chosen."""
        self._chosen, self.words, self.extra = None, None, None

    def choose_extra(self, number: int | None) -> None:
        """Choose an extra of the short, or none."""
        if number != self.extra:
            self.extra = number
            self.extra_changed.emit()

    def choose_cell(self, number: int) -> None:
        """Choose the cell that keyframes are set for."""
        if number != self.cell:
            self.cell = number
            self.cell_changed.emit()

    def seek(self, tick: int) -> None:
        """Move the playhead."""
        opened = self._opened()
        if opened is not None:
            self.playhead = max(0, min(opened.source.length - 1, tick))
            self.playhead_changed.emit(self.playhead)

    def or_said(self) -> range | None:
        """The chosen words, or the one at the playhead."""
        opened = self._opened()
        if self.words or opened is None:
            return self.words
        i = opened.said_at(self.playhead)
        return range(i, i + 1) if i is not None else None


def _place(words: tuple[Word, ...], number: int, near: range | None) -> int | None:
    """Where the word with an id stands; it is most likely near where it stood."""
    if near is not None:
        for i in range(max(0, near.start - 8), min(len(words), near.stop + 8)):
            if words[i].id == number:
                return i
    return next((i for i, w in enumerate(words) if w.id == number), None)

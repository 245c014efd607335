"""The search in the words of what is open: its hits, and which of them is shown."""

from __future__ import annotations

from collections.abc import Callable

from PySide6.QtCore import QObject, Signal

from standtall.ui.state.opened import Opened
from standtall.ui.state.selection import Selection


class WordSearch(QObject):
    """Hits are numbers of words of the transcript on show."""

    changed = Signal()

    def __init__(self, opened: Callable[[], Opened | None], selection: Selection, parent: QObject) -> None:
        super().__init__(parent)
        self._opened, self._selection = opened, selection
        self.hits: tuple[range, ...] = ()
        self.hit = -1

    def clear(self) -> None:
        """Forget the hits: they are of other words."""
        self.hits, self.hit = (), -1

    def run(self, query: str, loose: bool = False, speaker: int | None = None) -> None:
        """Mark every hit, and go to the first one at or after the playhead."""
        opened = self._opened()
        self.hits = opened.index.search(query, loose, speaker) if opened is not None else ()
        self.hit = -1
        if opened is not None and self.hits:
            words = opened.analysis.words
            later = [n for n, h in enumerate(self.hits) if words[h.start].start >= self._selection.playhead]
            self._go(later[0] if later else 0)
        self.changed.emit()

    def next(self, way: int) -> None:
        """Go to the next hit (1) or the one before (-1), round at the ends."""
        if self.hits:
            self._go((self.hit + way) % len(self.hits))
            self.changed.emit()

    def _go(self, number: int) -> None:
        opened = self._opened()
        assert opened is not None
        self.hit = number
        self._selection.seek(opened.analysis.words[self.hits[number].start].start)

"""What the page offers at the pointer, and what is dragged onto it: words to the end of the short, pictures onto the extras."""

from __future__ import annotations

from pathlib import Path
from typing import Final

from PySide6.QtCore import QEvent, QObject, QPoint, Signal
from PySide6.QtGui import QContextMenuEvent, QDrag, QDragMoveEvent, QDropEvent

from standtall.ui.bench.clipboard import PASSAGES, Clipboard
from standtall.ui.bench.transcript.page import Part, TranscriptPage
from standtall.ui.state.workspace import Workspace

SHOT: Final = (
    "frame-automatically", "lock-shot", "copy-framing", "paste-framing", "", "split-shot", "join-shot", "", "key-here",
    "steady-shot", "frame-camera", "compare",
)  # fmt: skip
OFFERED: Final[dict[Part, tuple[str, ...]]] = {
    "words": (
        "cut-words", "bring-back", "use-only", "to-front", "", "copy-words", "to-basket", "new-short", "", "hear", "retype",
        "suggest", "accept", "realign", "realign-line", "merge", "unspoken", "", "punch-in",
    ),
    "shot": SHOT,
    "extra": ("copy-extra", "paste-extra", "remove-extra", "", "add-headline", "panel-extras"),
    "time": ("start-here", "end-here", "cut-before-here", "cut-after-here", "split-piece", "", "paste-words", "even-time"),
}  # fmt: skip
"""Names of the actions that each part of the page offers."""
PICTURES: Final = (".png", ".jpg", ".jpeg", ".webp", ".gif", ".svg")


class PageMenus(QObject):
    """Looks at what the page is told. `menu_wanted` carries the part that is under the pointer, whose word, shot or extra is
    chosen by then, and the place on the screen; `pictures` files that were dropped on the extras."""

    menu_wanted = Signal(str, QPoint)
    pictures = Signal(object)

    def __init__(self, workspace: Workspace, page: TranscriptPage, clipboard: Clipboard) -> None:
        super().__init__(page)
        self._ws, self._page, self._clipboard = workspace, page, clipboard
        page.drag_wanted.connect(self._drag)
        page.viewport().setAcceptDrops(True)
        page.viewport().installEventFilter(self)

    def eventFilter(self, _watched: QObject, event: QEvent) -> bool:
        if isinstance(event, QContextMenuEvent):
            self._menu(event)
            return True
        if isinstance(event, QDropEvent):  # of which the others are kinds
            wanted = self._wanted(event)
            if wanted and (isinstance(event, QDragMoveEvent) or self._dropped(event)):
                event.acceptProposedAction()
            return wanted
        return False

    def _menu(self, event: QContextMenuEvent) -> None:
        page, opened = self._page, self._ws.opened
        if page.page is None or opened is None:
            return
        if event.reason() == QContextMenuEvent.Reason.Keyboard:
            self.menu_wanted.emit("words", page.viewport().mapToGlobal(page.viewport().rect().center()))
            return
        x, y = float(event.pos().x()), event.pos().y() + float(page.verticalScrollBar().value())
        part, word, selection = page.part_at(x), page.word_near(x, y), self._ws.selection
        if part == "extra":
            page.extras.choose(x, y, page.right)
        elif part != "words":
            selection.seek(page.page.tick(y))
        elif word is not None and word not in (selection.words or ()):
            selection.select(range(word, word + 1))
            selection.seek(opened.analysis.words[word].start)
        self.menu_wanted.emit(part, event.globalPos())

    def _drag(self, chosen: range) -> None:
        """Drag words away: into the basket, or as text with times into another program."""
        data = self._clipboard.words(chosen)
        if data is not None:
            drag = QDrag(self._page)
            drag.setMimeData(data)
            drag.exec()

    @staticmethod
    def _pictures(event: QDropEvent) -> list[Path]:
        files = [Path(url.toLocalFile()) for url in event.mimeData().urls() if url.isLocalFile()]
        return [f for f in files if f.suffix.lower() in PICTURES]

    def _wanted(self, event: QDropEvent) -> bool:
        """Whether it is for the page: pictures on the extras, words anywhere. Footage is for the window."""
        on_extras = self._page.part_at(event.position().x()) == "extra"
        words = event.mimeData().hasFormat(PASSAGES) and event.source() is not self._page
        return words or (on_extras and bool(self._pictures(event)))

    def _dropped(self, event: QDropEvent) -> bool:
        pictures = self._pictures(event)
        if pictures:
            page = self._page.page
            if page is not None:
                self._ws.selection.seek(page.tick(event.position().y() + self._page.verticalScrollBar().value()))
            self.pictures.emit(pictures)
        else:
            self._clipboard.put(event.mimeData())
        return True

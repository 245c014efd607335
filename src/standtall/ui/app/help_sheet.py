"""Help beside the work: pages by task, searched, opened at what is in front."""

from __future__ import annotations

import functools
import re
from dataclasses import dataclass
from pathlib import Path
from typing import Final

from PySide6.QtCore import Qt
from PySide6.QtGui import QTextBlockFormat, QTextCursor
from PySide6.QtWidgets import QDialog, QHBoxLayout, QListWidget, QListWidgetItem, QTextBrowser, QVBoxLayout, QWidget

from standtall.ui.widgets.fields import Field

MARGIN, GAP, LINE = 20.0, 9.0, 125.0
FOLDER: Final = Path(__file__).with_name("help")
PAGES: Final = {
    "footage": "02-footage", "moments": "04-moments", "bench": "05-cutting", "renders": "10-renders", "calendar": "12-calendar",
    "words": "03-words", "framing": "06-framing", "captions": "07-captions", "extras": "08-extras", "sound": "09-sound",
    "translation": "07-captions", "": "01-start",
}  # fmt: skip
"""The page for each place, and for each panel of the Bench."""


@dataclass(frozen=True, slots=True)
class Page:
    """`name` is that of its file; `text` is Markdown that begins with the title."""

    name: str
    title: str
    text: str


@functools.cache
def pages() -> tuple[Page, ...]:
    """All pages, in the order of the work."""
    out = []
    for path in sorted(FOLDER.glob("*.md")):
        text = path.read_text("utf-8")
        out.append(Page(path.stem, text.partition("\n")[0].lstrip("# "), text))
    return tuple(out)


def found(wanted: str) -> tuple[Page, ...]:
    """Pages that hold every word that is searched for, those with it in their title first."""
    words = wanted.casefold().split()
    hits = [p for p in pages() if all(w in p.text.casefold() for w in words)]
    return tuple(sorted(hits, key=lambda p: (not all(w in p.title.casefold() for w in words), p.name)))


class HelpSheet(QDialog):
    """Stays open beside the work."""

    def __init__(self, parent: QWidget) -> None:
        super().__init__(parent)
        self.setWindowTitle("Help")
        self.resize(min(820, parent.width() - 40), min(600, parent.height() - 60))
        self.search = Field("Search the help", "such as “headline” or “time zone”")
        self.search.textChanged.connect(self._searched)
        self.list = QListWidget()
        self.list.setAccessibleName("Pages")
        self.list.setFixedWidth(220)
        self.list.currentItemChanged.connect(lambda _now, _before: self._show())
        self.text = QTextBrowser()
        self.text.setAccessibleName("Help")
        self.text.setOpenExternalLinks(False)
        left = QVBoxLayout()
        left.addWidget(self.search)
        left.addWidget(self.list, 1)
        whole = QHBoxLayout(self)
        whole.addLayout(left)
        whole.addWidget(self.text, 1)
        self._searched()

    def open_at(self, name: str) -> None:
        """Show the page for a place or a panel."""
        self.search.clear()
        page = PAGES.get(name, PAGES[""])
        for row in range(self.list.count()):
            if self.list.item(row).data(Qt.ItemDataRole.UserRole) == page:
                self.list.setCurrentRow(row)
        self.show()
        self.raise_()

    def _searched(self) -> None:
        self.list.clear()
        for page in found(self.search.text()):
            item = QListWidgetItem(page.title)
            item.setData(Qt.ItemDataRole.UserRole, page.name)
            self.list.addItem(item)
        if self.list.count():
            self.list.setCurrentRow(0)
        else:
            self.text.setMarkdown("Nothing is found. Try another word.")

    def _space(self) -> None:
        """Room between paragraphs, which Markdown leaves to whoever shows it."""
        document = self.text.document()
        document.setDocumentMargin(MARGIN)
        block = document.begin()
        while block.isValid():
            form = block.blockFormat()
            form.setBottomMargin(GAP)
            form.setLineHeight(LINE, QTextBlockFormat.LineHeightTypes.ProportionalHeight.value)
            QTextCursor(block).setBlockFormat(form)
            block = block.next()
        self.text.moveCursor(QTextCursor.MoveOperation.Start)

    def _show(self) -> None:
        item = self.list.currentItem()
        if item is None:
            return
        page = next(p for p in pages() if p.name == item.data(Qt.ItemDataRole.UserRole))
        self.text.setMarkdown(page.text)
        self._space()
        words = self.search.text().split()
        if words:
            self.text.find(re.sub(r"\s+", " ", words[0]))

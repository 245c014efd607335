"""Help beside the work: pages by task, searched, opened at what is in front."""

from __future__ import annotations

import functools
import re
from collections.abc import Callable, Mapping, Sequence
from dataclasses import dataclass, replace
from pathlib import Path
from typing import Final

from PySide6.QtCore import QSignalBlocker, Qt
from PySide6.QtGui import QTextBlockFormat, QTextCursor
from PySide6.QtWidgets import QDialog, QHBoxLayout, QListWidget, QListWidgetItem, QTextBrowser, QVBoxLayout, QWidget

from standtall.base.interface_language import tr, used
from standtall.ui.widgets.actions import Action, key_text
from standtall.ui.widgets.fields import Field
from standtall.ui.widgets.tips import set_tip

MARGIN, GAP, LINE = 20.0, 9.0, 125.0
PICTURE: Final = "\ufffc"
"""The character that stands for a picture in Qt's text."""
FOLDER: Final = Path(__file__).with_name("help")
PAGES: Final = {
    "footage": "02-footage", "moments": "04-moments", "bench": "05-cutting", "renders": "10-renders", "calendar": "12-calendar",
    "words": "03-words", "framing": "06-framing", "captions": "07-captions", "extras": "08-extras", "sound": "09-sound",
    "translation": "07-captions", "": "01-start",
}  # fmt: skip
"""The page for each place, and for each panel of the Bench."""

OF_BENCH: Final = (
    ("06-framing", ("frame-", "lock-shot", "punch-in", "propose-punches", "copy-framing", "paste-framing", "paste-whole-framing",
                    "split-shot", "join-shot", "draw-box", "key-", "steady-shot", "crop-", "compare", "panel-framing")),
    ("07-captions", ("captions", "panel-captions", "panel-translation", "copy-style", "paste-style")),
    ("08-extras", ("add-headline", "remove-extra", "copy-extra", "paste-extra", "panel-extras")),
    ("09-sound", ("hear-before", "panel-sound")),
    ("13-exchange", ("cut-out", "cut-in", "copy-frame")),
    ("03-words", ("word-", "retype", "accept", "doubt-", "suggest", "realign", "merge", "unspoken", "hear", "even-time",
                  "panel-words", "side-transcript", "copy-words")),
)  # fmt: skip
"""Which page tells of an action of the Bench, by how its name begins; all others are told of under cutting."""


def page_of(place: str, action: str) -> str:
    """The name of the page that tells of an action of a place ("": of every place)."""
    if place == "bench":
        return next((page for page, begins in OF_BENCH if action.startswith(begins)), PAGES["bench"])
    return PAGES[place] if place else "14-keys"


@dataclass(frozen=True, slots=True)
class Page:
    """`name` is that of its file; `text` is Markdown that begins with the title."""

    name: str
    title: str
    text: str


@functools.cache
def written() -> tuple[Page, ...]:
    """All pages in the program's language, in the order of the work; in English where one was not translated."""
    out = []
    for path in sorted(FOLDER.glob("*.md")):
        own = FOLDER / used().code / path.name
        text = (own if own.exists() else path).read_text("utf-8")
        out.append(Page(path.stem, text.partition("\n")[0].lstrip("# "), text))
    return tuple(out)


def pages(actions: Mapping[str, Sequence[Action]]) -> tuple[Page, ...]:
    """All pages, each with the actions that it is about and their keys as they are now. `actions` are those of each place, under
    "" those of every place."""
    lists: dict[str, list[str]] = {}
    for place, of_place in actions.items():
        for action in of_place:
            keys = f" ({', '.join(map(key_text, action.keys))})" if action.keys else ""
            lists.setdefault(page_of(place, action.name), []).append(f"* {action.text}{keys}")
    out = []
    for page in written():
        more = lists.get(page.name, [])
        out.append(replace(page, text="\n".join((page.text, "", tr("## All that can be done"), "", *more))) if more else page)
    return tuple(out)


def found(wanted: str, among: Sequence[Page]) -> tuple[Page, ...]:
    """Pages that hold every word that is searched for, those with it in their title first."""
    words = wanted.casefold().split()
    hits = [p for p in among if all(w in p.text.casefold() for w in words)]
    return tuple(sorted(hits, key=lambda p: (not all(w in p.title.casefold() for w in words), p.name)))


class HelpSheet(QDialog):
    """Stays open beside the work. `actions` tells what can be done in each place, with its keys."""

    def __init__(self, actions: Callable[[], Mapping[str, Sequence[Action]]], parent: QWidget) -> None:
        super().__init__(parent)
        self._actions = actions
        self.pages = pages(actions())
        self._shown: Page | None = None
        self.setWindowTitle(tr("Help"))
        self.resize(min(820, parent.width() - 40), min(600, parent.height() - 60))
        self.search = Field(
            tr("Search the help"),
            tr("such as “headline” or “time zone”"),
            tip=tr("Lists the pages that have these words, best first"),
        )
        self.search.textChanged.connect(lambda _text: self._searched())
        self.list = QListWidget()
        self.list.setAccessibleName(tr("Pages"))
        set_tip(self.list, tr("The pages, in the order of the work; a click or the arrow keys open one"))
        self.list.setFixedWidth(220)
        self.list.currentItemChanged.connect(lambda _now, _before: self._show())
        self.text = QTextBrowser()
        self.text.setAccessibleName(tr("Help"))
        self.text.setOpenExternalLinks(False)
        self.text.setSearchPaths([str(FOLDER)])
        left = QVBoxLayout()
        left.addWidget(self.search)
        left.addWidget(self.list, 1)
        whole = QHBoxLayout(self)
        whole.addLayout(left)
        whole.addWidget(self.text, 1)
        self._searched()

    def open_at(self, name: str) -> None:
        """Show the page for a place or a panel."""
        self.pages = pages(self._actions())
        with QSignalBlocker(self.search):
            self.search.clear()
        self._searched(PAGES.get(name, PAGES[""]))
        self.show()
        self.raise_()

    def _searched(self, first: str = "") -> None:
        """List what is found, and show the page with the name `first`, or the best one."""
        with QSignalBlocker(self.list):  # a page is set once it is known which
            self.list.clear()
            chosen = 0
            for row, page in enumerate(found(self.search.text(), self.pages)):
                item = QListWidgetItem(page.title)
                item.setData(Qt.ItemDataRole.UserRole, page.name)
                self.list.addItem(item)
                chosen = row if page.name == first else chosen
            self.list.setCurrentRow(chosen)
        if self.list.count():
            self._show()
        else:
            self._shown = None
            self.text.setMarkdown(tr("Nothing is found. Try another word."))

    def _space(self) -> None:
        """Room between paragraphs, which Markdown leaves to whoever shows it."""
        document = self.text.document()
        document.setDocumentMargin(MARGIN)
        whole = QTextCursor(document)
        whole.beginEditBlock()  # laid out once, not after each paragraph
        block = document.begin()
        while block.isValid():
            form = block.blockFormat()
            form.setBottomMargin(GAP)
            form.setLineHeight(
                100.0 if PICTURE in block.text() else LINE, QTextBlockFormat.LineHeightTypes.ProportionalHeight.value
            )
            QTextCursor(block).setBlockFormat(form)
            block = block.next()
        whole.endEditBlock()

    def _set(self, page: Page) -> None:
        head, _end, rest = page.text.partition("\n")
        shown = f"pictures/{page.name}.jpg"
        picture = f"\n\n![{page.title}]({shown})\n" if (FOLDER / shown).exists() else ""
        self.text.setMarkdown(f"{head}{picture}\n{rest}")
        self._space()
        self._shown = page

    def _show(self) -> None:
        item = self.list.currentItem()
        if item is None:
            return
        page = next(p for p in self.pages if p.name == item.data(Qt.ItemDataRole.UserRole))
        if page != self._shown:
            self._set(page)
        self.text.moveCursor(QTextCursor.MoveOperation.Start)
        words = self.search.text().split()
        if words:
            self.text.find(re.sub(r"\s+", " ", words[0]))

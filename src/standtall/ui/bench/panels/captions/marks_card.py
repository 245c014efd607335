"""The card of what is settled for chosen words: where captions break, how long they stay, emphasis, emoji."""

from __future__ import annotations

from PySide6.QtWidgets import QGridLayout, QHBoxLayout, QLabel, QVBoxLayout

from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND
from standtall.model import caption_edits
from standtall.model.caption_marks import LONGEST_HOLD, BreakKind, Strong
from standtall.ui.bench.panels.captions.scopes import cards_of, chosen_words
from standtall.ui.state.opened import Opened
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.fields import Field, button
from standtall.ui.widgets.tips import set_tip

STEP = TICKS_PER_SECOND // 4
"""By how much a caption stays longer or shorter at once."""


class WordsCard:
    """Fills a card of the captions panel."""

    def __init__(self, workspace: Workspace, box: QVBoxLayout) -> None:
        self._ws = workspace
        self._told = QLabel()
        self._told.setObjectName("faint")
        self._told.setWordWrap(True)
        box.addWidget(self._told)
        grid = QGridLayout()
        grid.setSpacing(4)
        self.buttons = [
            button(
                tr("New caption here"),
                tr("Begin a new caption with the first chosen word"),
                lambda: self.set_break("card"),
                "small",
            ),
            button(
                tr("New line here"), tr("Begin a new line with the first chosen word"), lambda: self.set_break("line"), "small"
            ),
            button(tr("Join"), tr("Keep the chosen words together, or a single one with the word before it"), self.join, "small"),
            button(tr("As proposed"), tr("Break as the program proposes again"), self.as_proposed, "small"),
            button(tr("Stay longer"), tr("Let the caption stay a quarter of a second longer"), lambda: self.hold(STEP), "small"),
            button(
                tr("Stay shorter"), tr("Let the caption stay a quarter of a second shorter"), lambda: self.hold(-STEP), "small"
            ),
            button(tr("Emphasis"), tr("Give the chosen words emphasis, or take it"), self.toggle_strong, "small"),
        ]
        for number, made in enumerate(self.buttons):
            grid.addWidget(made, number // 2, number % 2)
        box.addLayout(grid)
        self.masked = Field(tr("Words that are not written out"), tr("Words not written out, such as: darn heck"))
        set_tip(self.masked, tr("Of these words only the first letter is shown in the captions of this short"))
        self.masked.editingFinished.connect(self.set_masked)
        self.masked.given_up.connect(lambda: self.masked.setText(" ".join(self._masked)))
        self._masked: tuple[str, ...] = ()
        box.addWidget(self.masked)
        row = QHBoxLayout()
        self.clear = button(
            tr("All breaks as proposed"), tr("Undo all breaks and holds by hand in this short"), self._clear, "small"
        )
        row.addWidget(self.clear)
        box.addLayout(row)

    def _keys(self) -> list[caption_edits.WordKey]:
        words = chosen_words(self._ws)
        if not words:
            self._ws.said.emit(tr("Choose words that the captions show first, or put the playhead on one."), "error")
        return [(w.source, w.said.id) for w in words]

    # what it does

    def set_break(self, kind: BreakKind) -> None:
        """Break before the first chosen word."""
        keys = self._keys()
        if keys:
            self._ws.edit(lambda s, _a: caption_edits.set_break(s, keys[0], kind))

    def join(self) -> None:
        keys = self._keys()
        for key in keys[1:] or keys:
            self._ws.edit(lambda s, _a, k=key: caption_edits.set_break(s, k, "none"))  # type: ignore[misc]

    def as_proposed(self) -> None:
        opened = self._ws.opened
        if opened is None:
            return
        settled = {(b.source, b.word) for b in opened.entry.short.captions.breaks}
        keys = [key for key in self._keys() if key in settled]
        for key in keys:
            self._ws.edit(lambda s, _a, k=key: caption_edits.set_break(s, k, None))  # type: ignore[misc]

    def hold(self, by: int) -> None:
        """Let the caption of the chosen words stay longer (ticks) or shorter."""
        opened = self._ws.opened
        words = chosen_words(self._ws)
        if opened is None or not words:
            self._keys()
            return
        card = cards_of(opened, words)[0]
        stays = max(0, min(LONGEST_HOLD, card.end - card.words[-1].end + by))
        keys = [(w.source, w.said.id) for w in card.words]
        self._ws.edit(lambda s, _a: caption_edits.set_hold(s, keys, stays))

    def toggle_strong(self) -> None:
        """Give the chosen words emphasis, or take it where all have it."""
        opened, keys = self._ws.opened, self._keys()
        if opened is None or not keys:
            return
        strong = {(s.source, s.word) for s in opened.entry.short.captions.strong}
        if set(keys) <= strong:
            self._ws.edit(lambda s, _a: caption_edits.clear_strong(s, keys))
        else:
            self._ws.edit(lambda s, _a: caption_edits.set_strong(s, [Strong(*key) for key in keys]))

    def set_masked(self) -> None:
        """Take the words of the field."""
        words = tuple(self.masked.text().replace(",", " ").split())
        if words != self._masked:
            self._ws.edit(lambda s, _a: caption_edits.set_masked(s, words))

    def _clear(self) -> None:
        self._ws.edit(lambda s, _a: caption_edits.clear_breaks(s))

    # what it shows

    def refresh(self, opened: Opened) -> None:
        words = chosen_words(self._ws)
        captions = opened.entry.short.captions
        self._masked = captions.masked
        if not self.masked.hasFocus():
            self.masked.setText(" ".join(captions.masked))
        text = " ".join(w.text for w in words[:6]) + (" …" if len(words) > 6 else "")
        self._told.setText(f"“{text}”" if words else tr("Choose words in the transcript, or put the playhead on one."))
        for made in self.buttons:
            made.setEnabled(bool(words))
        self.clear.setEnabled(bool(captions.breaks or captions.holds))

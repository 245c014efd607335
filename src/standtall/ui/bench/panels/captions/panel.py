"""The captions panel: the look, what differs from it and where, cards, emphasis, emoji, place and offset."""

from __future__ import annotations

import time
from typing import Literal

from PySide6.QtGui import QImage, QShowEvent
from PySide6.QtWidgets import QCheckBox, QVBoxLayout, QWidget

from standtall.base.interface_language import tr
from standtall.model import caption_edits
from standtall.model.look import Look
from standtall.ui.bench.panels.captions.gallery import Gallery
from standtall.ui.bench.panels.captions.legible_card import LegibleCard
from standtall.ui.bench.panels.captions.marks_card import WordsCard
from standtall.ui.bench.panels.captions.own_looks import OwnLooksCard
from standtall.ui.bench.panels.captions.proposals_card import EmojiCard, EmphasisCard
from standtall.ui.bench.panels.captions.style_card import StyleCard
from standtall.ui.bench.panels.captions.where import OffsetCard, PlaceCard
from standtall.ui.preview.player import Shown
from standtall.ui.state.opened import Opened
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.cards import Panel, card_in
from standtall.ui.widgets.property_controls import FontControl
from standtall.ui.widgets.tabs import Tabs
from standtall.ui.widgets.when_seen import WhenSeen

SAMPLE_WORDS = 5
PICTURE_S = 1.5
"""Seconds for which samples keep a picture."""
Side = Literal["look", "style", "words"]
_SIDES: dict[str, tuple[str, str]] = {
    "look": (tr("Look"), tr("The look of the captions")),
    "style": (tr("Style"), tr("What differs from the look, in the short or in parts of it")),
    "words": (tr("Words"), tr("Where captions break, emphasis, emoji")),
}


class CaptionsPanel(QWidget):
    """All that captions are, on three sides."""

    def __init__(self, workspace: Workspace) -> None:
        super().__init__()
        self._ws = workspace
        look, style, words = Panel(), Panel(), Panel()
        box = card_in(look.column, tr("LOOK"))
        self.shown = QCheckBox(tr("Show captions"))
        self.shown.setToolTip(tr("Show or hide the captions (C)"))
        self.shown.clicked.connect(lambda _on: self.toggle())
        box.addWidget(self.shown)
        self.gallery = Gallery(
            self.choose, lambda work, then, failed: workspace.in_background_or("looks", work, then, failed, self)
        )
        box.addWidget(self.gallery)
        self.own_looks = OwnLooksCard(workspace, card_in(look.column, tr("YOUR OWN LOOKS")), self._fonts_changed)
        self.style_card = StyleCard(workspace, card_in(style.column, tr("STYLE")))
        self.legible = LegibleCard(workspace, card_in(style.column, tr("LEGIBLE")))
        self.place = PlaceCard(workspace, card_in(style.column, tr("HEIGHT")))
        self.offset = OffsetCard(workspace, card_in(style.column, tr("CAPTION OFFSET")))
        self.words = WordsCard(workspace, card_in(words.column, tr("CHOSEN WORDS")))
        self.emphasis = EmphasisCard(workspace, card_in(words.column, tr("EMPHASIS")))
        self.emoji = EmojiCard(workspace, card_in(words.column, tr("EMOJI")))
        self._sides = (look, style, words)
        for panel in self._sides:
            panel.finish()
        self._tabs = Tabs(_SIDES, dict(zip(_SIDES, self._sides, strict=True)), "subtab")
        whole = QVBoxLayout(self)
        whole.setContentsMargins(0, 0, 0, 0)
        whole.addWidget(self._tabs)
        self._picture: QImage | None = None
        self._pictured = 0.0
        self._latest: Shown | None = None
        WhenSeen(self, self.refresh, workspace.opened_changed, workspace.composition_changed, workspace.selection.changed)
        workspace.data.changed.connect(self._fill)
        self._fill()

    def show_side(self, side: Side) -> None:
        self._tabs.show_tab(side)

    # what it does

    def toggle(self) -> None:
        """Show the captions, or hide them."""
        self._ws.edit(lambda s, _a: caption_edits.show_captions(s, not s.captions.shown))

    def choose(self, look: Look) -> None:
        """Take a look for the short."""
        self._ws.edit(lambda s, _a: caption_edits.set_look(s, look))

    # what it shows

    def show_picture(self, shown: Shown) -> None:
        """A moment of the short, which samples have behind them; while it plays the first stays."""
        self._latest = shown
        if self.isVisible() and time.monotonic() - self._pictured > PICTURE_S:
            self._pictured = time.monotonic()
            self._picture = shown.wide.scaledToWidth(300)
            self._show_words()

    def _fill(self) -> None:
        self.gallery.fill(self._ws.data.looks)
        self.refresh()

    def showEvent(self, event: QShowEvent) -> None:
        super().showEvent(event)
        if self._latest is not None:
            self.show_picture(self._latest)

    def refresh(self) -> None:
        opened = self._ws.opened
        for panel in self._sides:
            panel.inner.setEnabled(opened is not None)
        if opened is None:
            return
        self.shown.setChecked(opened.entry.short.captions.shown)
        self.gallery.check(opened.entry.short.captions.look)
        self._show_words()
        for part in (
            self.place,
            self.own_looks,
            self.style_card,
            self.words,
            self.emphasis,
            self.emoji,
            self.offset,
        ):
            part.refresh(opened)

    def _fonts_changed(self) -> None:
        """Offer the fonts that there are now."""
        for control in self.style_card.controls.values():
            if isinstance(control, FontControl):
                control.fill()

    def _show_words(self) -> None:
        opened = self._ws.opened
        if opened is not None:
            self.gallery.show_words(self._sample(opened), opened.composition.caption_language, self._picture)

    def _sample(self, opened: Opened) -> tuple[str, ...]:
        """The chosen words, else the first of the short."""
        words, chosen = opened.analysis.words, self._ws.selection.words
        if chosen:
            return tuple(words[i].text for i in chosen)[:SAMPLE_WORDS]
        return tuple(w.text for card in opened.composition.cards[:3] for w in card.words)[:SAMPLE_WORDS]

"""The card of what the program proposes for words: emphasis and emoji, each with how often, its count, and away with it."""

from __future__ import annotations

from PySide6.QtCore import QSize, Qt, Signal
from PySide6.QtGui import QIcon, QImage, QPixmap, QShowEvent
from PySide6.QtWidgets import QComboBox, QHBoxLayout, QLabel, QListWidget, QListWidgetItem, QSlider, QVBoxLayout

from standtall.base.interface_language import tr
from standtall.captions.emoji import proposed_emoji
from standtall.captions.strong_words import proposed_strong
from standtall.ink.emoji_pictures import code_of, picture_of
from standtall.language.emoji_words import all_emoji, emoji_for, found_by, label
from standtall.language.written import plain_of
from standtall.model import caption_edits
from standtall.model.caption_marks import Strong, WordEmoji
from standtall.session.melody import melody_of
from standtall.ui.bench.panels.captions.scopes import chosen_words
from standtall.ui.state.opened import Opened
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.fields import Field, button

MOST_EVERY = 8
SHOWN = 48
SIDE = 26
"""Pixels of an emoji to choose."""
"""Emoji offered at once."""


def emoji_image(emoji: str) -> QImage:
    """The picture of an emoji as captions draw it: no font of the machine is needed."""
    code = code_of(emoji)
    return QImage() if code is None else picture_of(code, 2 * SIDE)


class EmojiList(QListWidget):
    """Emoji to choose from; `appeared` when they come into view."""

    appeared = Signal()

    def showEvent(self, event: QShowEvent) -> None:
        super().showEvent(event)
        self.appeared.emit()


class EverySlider:
    """How many captions there are for each one that has something."""

    def __init__(self, name: str, value: int) -> None:
        self.row = QHBoxLayout()
        self._name, self._told = QLabel(tr("How often")), QLabel()
        self._told.setObjectName("faint")
        self._told.setFixedWidth(92)
        self.slider = QSlider(Qt.Orientation.Horizontal)
        self.slider.setRange(1, MOST_EVERY)
        self.slider.setInvertedAppearance(True)
        self.slider.setAccessibleName(tr("{name}: in one of so many captions", name=name))
        self.slider.setToolTip(tr("{name} in at most one of so many captions", name=name))
        self.slider.valueChanged.connect(self._tell)
        self.row.addWidget(self._name)
        self.row.addWidget(self.slider, 1)
        self.row.addWidget(self._told)
        self.slider.setValue(value)
        self._tell(value)

    @property
    def value(self) -> int:
        return self.slider.value()

    def _tell(self, every: int) -> None:
        self._told.setText(tr("every caption") if every == 1 else tr("one of {every}", every=every))


class EmphasisCard:
    """Fills a card of the captions panel."""

    def __init__(self, workspace: Workspace, box: QVBoxLayout) -> None:
        self._ws = workspace
        self.every = EverySlider(tr("Emphasis"), 2)
        box.addLayout(self.every.row)
        row = QHBoxLayout()
        row.addWidget(button(tr("Propose"), tr("Give emphasis to rare and stressed words"), self.propose, "small"), 1)
        self.clear = button(tr("Clear all"), tr("Take emphasis from all words"), self._clear, "small")
        row.addWidget(self.clear, 1)
        box.addLayout(row)
        self.told = QLabel()
        self.told.setObjectName("faint")
        self.told.setWordWrap(True)
        box.addWidget(self.told)

    def propose(self) -> None:
        """Emphasis on the words that stand out, in one step."""
        opened, every = self._ws.opened, self.every.value
        if opened is None:
            return
        made = opened.composition

        def found() -> list[Strong]:
            analyses = {key: f.analysis for key, f in made.footage.items()}
            told = {key: melody_of(f.source, made.short.segments) for key, f in made.footage.items()}
            melodies = {key: melody for key, melody in told.items() if melody is not None}
            return proposed_strong(made.cards, analyses, made.caption_language, every, melodies)

        self._ws.in_background(
            "words", found, lambda strong: self._ws.edit(lambda s, _a: caption_edits.set_strong(s, strong), opened)
        )

    def _clear(self) -> None:
        self._ws.edit(lambda s, _a: caption_edits.clear_strong(s))

    def refresh(self, opened: Opened) -> None:
        strong = opened.entry.short.captions.strong
        self.clear.setEnabled(bool(strong))
        texts = _texts(opened, {(s.source, s.word) for s in strong})
        told = [f"{texts[s.source, s.word]} ({tr(s.why or 'by hand')})" for s in strong if (s.source, s.word) in texts]
        more = tr(" and {told} more", told=len(told) - 8) if len(told) > 8 else ""
        self.told.setText(
            tr("{told} words: {these}{more}.", told=len(told), these=", ".join(told[:8]), more=more)
            if told
            else tr("No word has emphasis.")
        )


def _texts(opened: Opened, wanted: set[tuple[str, int]]) -> dict[tuple[str, int], str]:
    """What is written for some words (source, id) of the short; those that have no caption are not there."""
    if not wanted:
        return {}
    words = (w for card in opened.composition.cards for w in card.words if (w.source, w.said.id) in wanted)
    return {(w.source, w.said.id): plain_of(w.text) for w in words}


class EmojiCard:
    """Fills a card of the captions panel."""

    def __init__(self, workspace: Workspace, box: QVBoxLayout) -> None:
        self._ws = workspace
        self.every = EverySlider(tr("Emoji"), 3)
        box.addLayout(self.every.row)
        self.place = QComboBox()
        self.place.addItem(tr("After the word"), "line")
        self.place.addItem(tr("Above the line"), "above")
        self.place.setAccessibleName(tr("Where emoji stand"))
        self.place.setToolTip(tr("Where emoji stand"))
        box.addWidget(self.place)
        row = QHBoxLayout()
        row.addWidget(button(tr("Propose"), tr("Put emoji with words by their meaning"), self.propose, "small"), 1)
        self.clear = button(tr("Clear all"), tr("Take all emoji away"), self._clear, "small")
        row.addWidget(self.clear, 1)
        box.addLayout(row)
        self.told = QLabel()
        self.told.setObjectName("faint")
        self.told.setWordWrap(True)
        box.addWidget(self.told)
        self.sought = Field(
            tr("Emoji for the chosen word"), tr("Search emoji for the chosen word"), tip=tr("Lists emoji that have this word")
        )
        self.sought.textEdited.connect(lambda _t: self._offer())
        self.sought.given_up.connect(self.sought.clear)
        box.addWidget(self.sought)
        self.choice = EmojiList()
        self.choice.appeared.connect(self._offer)
        self.choice.setIconSize(QSize(SIDE, SIDE))
        self.choice.setViewMode(QListWidget.ViewMode.IconMode)
        self.choice.setResizeMode(QListWidget.ResizeMode.Adjust)
        self.choice.setMovement(QListWidget.Movement.Static)
        self.choice.setFixedHeight(92)
        self.choice.setAccessibleName(tr("Emoji to choose from"))
        self.choice.setToolTip(tr("A click or Enter puts the emoji with the chosen word"))
        self.choice.itemClicked.connect(lambda item: self.put(item.data(Qt.ItemDataRole.UserRole)))
        self.choice.itemActivated.connect(lambda item: self.put(item.data(Qt.ItemDataRole.UserRole)))
        box.addWidget(self.choice)
        self.remove = button(tr("Take it away"), tr("Take the emoji from the chosen words"), self._remove, "small")
        box.addWidget(self.remove)
        self._offered: tuple[str, str] | None = None

    def propose(self) -> None:
        """Emoji by meaning, in one step, in place of those that there are."""
        opened, every, place = self._ws.opened, self.every.value, self.place.currentData()
        if opened is None:
            return
        made = opened.composition
        self._ws.in_background(
            "words",
            lambda: proposed_emoji(made.cards, made.caption_language or "en", every, place),
            lambda emoji: self._ws.edit(lambda s, _a: caption_edits.set_emoji(s, emoji), opened),
        )

    def put(self, emoji: str) -> None:
        """Put an emoji with the first chosen word."""
        words = chosen_words(self._ws)
        if not words:
            self._ws.said.emit(tr("Choose a word that the captions show first."), "error")
            return
        new = WordEmoji(words[0].source, words[0].said.id, emoji, self.place.currentData())
        self._ws.edit(lambda s, _a: caption_edits.set_emoji(s, [new]))

    def _remove(self) -> None:
        keys = [(w.source, w.said.id) for w in chosen_words(self._ws)]
        self._ws.edit(lambda s, _a: caption_edits.clear_emoji(s, keys))

    def _clear(self) -> None:
        self._ws.edit(lambda s, _a: caption_edits.clear_emoji(s))

    def refresh(self, opened: Opened) -> None:
        emoji = opened.entry.short.captions.emoji
        texts = _texts(opened, {(e.source, e.word) for e in emoji})
        shown = [e for e in emoji if (e.source, e.word) in texts]
        told = ", ".join(f"{texts[e.source, e.word]} ({label(e.emoji, opened.composition.caption_language)})" for e in shown[:6])
        more = tr(" and {shown} more", shown=len(shown) - 6) if len(shown) > 6 else ""
        self.told.setText(
            tr("{shown} emoji: {told}{more}.", shown=len(shown), told=told, more=more) if shown else tr("No word has an emoji.")
        )
        self.clear.setEnabled(bool(emoji))
        keys = {(w.source, w.said.id) for w in chosen_words(self._ws)}
        self.remove.setEnabled(any((e.source, e.word) in keys for e in emoji))
        self._offer()

    def _offer(self) -> None:
        """Those that the search finds, else those for the chosen word, else all from the first on; found and drawn beside the
        interface, and only where they are in view."""
        opened, words, text = self._ws.opened, chosen_words(self._ws), self.sought.text().strip()
        language = (opened.composition.caption_language if opened is not None else "") or "en"
        word = plain_of(words[0].text) if words else ""
        if self._offered == (text, word) or not self.choice.isVisible():
            return
        asked = self._offered = text, word

        def work() -> list[tuple[str, str, QImage]]:
            found = found_by(text, language, SHOWN) if text else emoji_for(word, language)[:SHOWN]
            return [(e, label(e, language), emoji_image(e)) for e in found or [e for e, _group in all_emoji()[:SHOWN]]]

        def arrived(found: list[tuple[str, str, QImage]]) -> None:
            if asked != self._offered:
                return
            self.choice.clear()
            for emoji, name, image in found:
                item = QListWidgetItem(QIcon(QPixmap.fromImage(image)), "")
                item.setData(Qt.ItemDataRole.UserRole, emoji)
                item.setToolTip(name)
                self.choice.addItem(item)

        self._ws.in_background("words", work, arrived)

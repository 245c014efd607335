"""What a change of style is about: the whole short, its shape, or the card, line or words that were chosen."""

from __future__ import annotations

from collections.abc import Sequence
from typing import Final, Literal

from standtall.base.interface_language import tr
from standtall.captions.grouping import Card
from standtall.captions.said import CaptionWord
from standtall.model.style import CardScope, LineScope, Scope, ShapeScope, WordScope
from standtall.ui.state.opened import Opened
from standtall.ui.state.workspace import Workspace

ScopeKind = Literal["short", "shape", "card", "line", "word"]
TITLES: Final[dict[ScopeKind, str]] = {
    "short": tr("The whole short"), "shape": tr("Only this shape"), "card": tr("The chosen captions"),
    "line": tr("The chosen lines"),
    "word": tr("The chosen words"),
}  # fmt: skip


def chosen_words(workspace: Workspace) -> list[CaptionWord]:
    """The chosen words as far as captions show them, else the word at the playhead."""
    opened = workspace.opened
    if opened is None:
        return []
    source, chosen = opened.source.key, workspace.selection.words
    said = [w for card in opened.composition.cards for w in card.words if w.source == source]
    if chosen is not None:
        ids = {opened.analysis.words[i].id for i in chosen}
        return [w for w in said if w.said.id in ids]
    card = card_at(opened, workspace.selection.playhead)
    at = opened.in_short(workspace.selection.playhead)
    number = None if card is None or at is None else card.highlighted_at(at)
    return [] if card is None or number is None else [card.words[number]]


def card_at(opened: Opened, playhead: int) -> Card | None:
    """The card on show at the playhead."""
    at = opened.in_short(playhead)
    return None if at is None else opened.composition.card_at(at)


def cards_of(opened: Opened, words: Sequence[CaptionWord]) -> list[Card]:
    """The cards that hold some words, in order."""
    held = {(w.source, w.said.id) for w in words}
    return [card for card in opened.composition.cards if any((w.source, w.said.id) in held for w in card.words)]


def scopes_of(workspace: Workspace, kind: ScopeKind) -> list[Scope] | None:
    """The scopes that a kind stands for now; None where it needs chosen words and there are none."""
    opened = workspace.opened
    if opened is None or kind == "short":
        return []
    if kind == "shape":
        return [ShapeScope(opened.entry.short.output.shape)]
    words = chosen_words(workspace)
    if not words:
        return None
    if kind == "word":
        return [WordScope(w.source, w.said.id) for w in words]
    held = {(w.source, w.said.id) for w in words}
    out: list[Scope] = []
    for card in cards_of(opened, words):
        if kind == "card":
            out.append(CardScope(card.words[0].source, card.words[0].said.id))
            continue
        out += [LineScope(row[0].source, row[0].said.id) for row in card.lines if any((w.source, w.said.id) in held for w in row)]
    return out

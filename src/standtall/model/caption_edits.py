"""Edits of captions: the look, what differs from it and where, where cards break, emphasis, emoji, masked words."""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from dataclasses import replace

from standtall.base.errors import NothingToDo
from standtall.base.interface_language import count_of, tr
from standtall.model.caption_marks import Break, BreakKind, Hold, Strong, WordEmoji
from standtall.model.captions import Captions
from standtall.model.edits import Edit
from standtall.model.look import Look
from standtall.model.short import Short
from standtall.model.style import Changes, Override, Scope
from standtall.model.style_properties import PROPERTIES

WordKey = tuple[str, int]
"""Source and id of a word."""


def _captioned(short: Short, captions: Captions) -> Short:
    return replace(short, captions=captions)


def set_look(short: Short, look: Look) -> Edit:
    """Another look; what differs from it stays different."""
    return Edit(tr("Look: {title}", title=look.title), _captioned(short, replace(short.captions, look=look.name)))


def take_look(short: Short, look: Look) -> Edit:
    """A look that holds all that the whole short has; its parts stay different."""
    return Edit(tr("Look: {title}", title=look.title), _captioned(short, replace(short.captions, look=look.name, style={})))


def set_caption_place(short: Short, place: float | None) -> Edit:
    label = tr("Captions keep clear") if place is None else tr("Move captions")
    return Edit(label, _captioned(short, replace(short.captions, place=place)))


def move_captions(short: Short, place: float, across: float) -> Edit:
    """Stand at a height and from side to side (shares of the picture), as where they were dragged to."""
    style = {**short.captions.style, "across": round(across, 4)}
    return Edit(tr("Move captions"), _captioned(short, replace(short.captions, place=place, style=style)))


def caption_in(short: Short, language: str) -> Edit:
    """Captions in a translation, or (empty) in the original language."""
    label = tr("Captions in {language}", language=language) if language else tr("Captions in the original language")
    return Edit(label, _captioned(short, replace(short.captions, language=language)))


def show_captions(short: Short, shown: bool) -> Edit:
    return Edit(tr("Show captions") if shown else tr("Hide captions"), _captioned(short, replace(short.captions, shown=shown)))


# what differs from the look


def set_style(short: Short, changes: Changes, scopes: Sequence[Scope] = ()) -> Edit:
    """Other values of properties, for the whole short or for scopes; raises `ProjectError` for a value that is not allowed."""
    captions = short.captions
    label = tr(
        "Captions: {these}", these=", ".join(PROPERTIES[name].label.lower() for name in changes if name in PROPERTIES)[:60]
    )
    if not scopes:
        return Edit(label, _captioned(short, replace(captions, style={**captions.style, **changes})))
    overrides = {o.scope: o.style for o in captions.overrides}
    for scope in scopes:
        overrides[scope] = {**overrides.get(scope, {}), **changes}
    return Edit(label, _captioned(short, replace(captions, overrides=tuple(Override(s, c) for s, c in overrides.items()))))


def clear_style(short: Short, names: Iterable[str] | None = None, scopes: Sequence[Scope] = ()) -> Edit:
    """As the look has it again: some properties, or all; of the whole short, or of scopes."""
    captions, gone = short.captions, None if names is None else set(names)

    def left(style: Changes) -> Changes:
        return {} if gone is None else {k: v for k, v in style.items() if k not in gone}

    if not scopes:
        new = replace(captions, style=left(captions.style))
    else:
        kept = ((o, left(o.style) if o.scope in scopes else o.style) for o in captions.overrides)
        new = replace(captions, overrides=tuple(replace(o, style=style) for o, style in kept if style))
    if new == captions:
        raise NothingToDo(tr("Nothing differs from the look here."))
    return Edit(tr("As in the look"), _captioned(short, new))


def clear_all_styles(short: Short) -> Edit:
    """Everything as the look has it."""
    if not short.captions.style and not short.captions.overrides:
        raise NothingToDo(tr("Nothing differs from the look in this short."))
    return Edit(tr("All as in the look"), _captioned(short, replace(short.captions, style={}, overrides=())))


# cards


def set_break(short: Short, word: WordKey, kind: BreakKind | None) -> Edit:
    """What stands before a word; None lets the program choose again."""
    others = tuple(b for b in short.captions.breaks if (b.source, b.word) != word)
    new = others if kind is None else (*others, Break(*word, kind))
    if new == short.captions.breaks:
        raise NothingToDo(tr("The captions already break like this."))
    label = {
        "card": tr("New caption before a word"),
        "line": tr("New line before a word"),
        "none": tr("No break before a word"),
        None: tr("Breaks as proposed"),
    }
    return Edit(label[kind], _captioned(short, replace(short.captions, breaks=new)))


def clear_breaks(short: Short) -> Edit:
    """All breaks and holds as proposed."""
    if not short.captions.breaks and not short.captions.holds:
        raise NothingToDo(tr("No caption was broken or held by hand."))
    return Edit(tr("All breaks as proposed"), _captioned(short, replace(short.captions, breaks=(), holds=())))


def set_hold(short: Short, words: Sequence[WordKey], ticks: int | None) -> Edit:
    """How long the card of these words stays after its last word; None lets the program choose again."""
    others = tuple(h for h in short.captions.holds if (h.source, h.word) not in words)
    new = others if ticks is None else (*others, Hold(*words[-1], ticks))
    if new == short.captions.holds:
        raise NothingToDo(tr("The caption already stays like this."))
    return Edit(tr("How long a caption stays"), _captioned(short, replace(short.captions, holds=new)))


# emphasis, emoji, masked words


def set_strong(short: Short, words: Sequence[Strong]) -> Edit:
    """Give words emphasis, beside those that have it."""
    held = {(s.source, s.word) for s in short.captions.strong}
    new = tuple(w for w in words if (w.source, w.word) not in held)
    if not new:
        raise NothingToDo(tr("These words have emphasis already."))
    return Edit(
        tr("Emphasis on {new}", new=count_of(len(new))),
        _captioned(short, replace(short.captions, strong=(*short.captions.strong, *new))),
    )


def clear_strong(short: Short, words: Iterable[WordKey] | None = None) -> Edit:
    """Take emphasis from words, or from all."""
    gone = None if words is None else set(words)
    new = tuple(s for s in short.captions.strong if gone is not None and (s.source, s.word) not in gone)
    if new == short.captions.strong:
        raise NothingToDo(tr("No word here has emphasis."))
    return Edit(tr("No emphasis"), _captioned(short, replace(short.captions, strong=new)))


def set_emoji(short: Short, emoji: Sequence[WordEmoji]) -> Edit:
    """Put emoji with words, each in place of the one that its word has."""
    if not emoji:
        raise NothingToDo(tr("No word here means something that has an emoji."))
    keys = {(e.source, e.word) for e in emoji}
    kept = tuple(e for e in short.captions.emoji if (e.source, e.word) not in keys)
    return Edit(tr("{emoji} emoji", emoji=len(emoji)), _captioned(short, replace(short.captions, emoji=(*kept, *emoji))))


def clear_emoji(short: Short, words: Iterable[WordKey] | None = None) -> Edit:
    """Take the emoji from words, or from all."""
    gone = None if words is None else set(words)
    new = tuple(e for e in short.captions.emoji if gone is not None and (e.source, e.word) not in gone)
    if new == short.captions.emoji:
        raise NothingToDo(tr("No word here has an emoji."))
    return Edit(tr("No emoji"), _captioned(short, replace(short.captions, emoji=new)))


def set_masked(short: Short, words: Iterable[str]) -> Edit:
    """The words that are not written out."""
    new = tuple(dict.fromkeys(w for word in words if (w := word.strip().casefold())))
    if new == short.captions.masked:
        raise NothingToDo(tr("These words are masked already."))
    return Edit(tr("Masked words"), _captioned(short, replace(short.captions, masked=new)))

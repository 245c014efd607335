"""What is proposed for a short from its own words and its music: headlines, pictures, places for cutaways."""

from __future__ import annotations

from collections.abc import Sequence
from pathlib import Path

from standtall.base.time import TICKS_PER_SECOND
from standtall.compose.soundtrack import own_music
from standtall.extras.suggestions import PictureIndex, Suggestion, suggested
from standtall.library.music import piece_of
from standtall.library.stickers import Sticker, own_pictures, shipped, tags_by_hand
from standtall.model.analysis import Analysis
from standtall.model.moment import Title
from standtall.model.short import Short
from standtall.model.words import words_within
from standtall.moments.talk import Talk
from standtall.moments.titles import titles_of
from standtall.sound.assembly import beats_of


def headlines(short: Short, analysis: Analysis) -> tuple[Title, ...]:
    """Headlines from the words of a short in one source, in the manners that they allow."""
    runs = [words_within(analysis.words, s.start, s.end) for s in short.segments if s.source == analysis.source_key]
    passage = tuple(run for run in runs if run)
    found = titles_of(Talk(analysis), passage) if passage else ()
    return tuple(sorted(found, key=lambda title: title.text.endswith("…")))  # whole sentences first


def beats_under(short: Short) -> tuple[int, ...]:
    """The beats of the music of a short in its ticks; none without music, and where nothing beats evenly. Raises `MediaError` for
    a file that cannot be read."""
    music = short.sound.music
    if music is None:
        return ()
    piece = piece_of(music.path)
    return own_music.beats_under(music, short.talk_length) if piece is None else beats_of(piece, short.talk_length)


def pictures(folders: Sequence[str]) -> tuple[Sticker, ...]:
    """All pictures that there are: those that ship, and those in folders of the editor's own."""
    return (*own_pictures(tuple(map(Path, folders)), tags_by_hand()), *shipped())


def suggestions(short: Short, analysis: Analysis, library: Sequence[Sticker], every_s: float) -> list[Suggestion]:
    """Pictures for the words of a short, evenly spread, no two within `every_s` seconds."""
    talk, index = Talk(analysis), PictureIndex(library, analysis.language or "en")
    held = {i for s in short.segments if s.source == analysis.source_key for i in words_within(analysis.words, s.start, s.end)}
    sentences = [s for s in talk.sentences if all(i in held for i in s)]
    return suggested(analysis.words, sentences, index, round(every_s * TICKS_PER_SECOND))

"""Proposed emphasis and emoji, words written otherwise, words shorter than a frame."""

from __future__ import annotations

from collections.abc import Sequence
from fractions import Fraction

import numpy as np
import pytest

from standtall.base.time import TICKS_PER_SECOND, frame_middle
from standtall.captions.emoji import proposed_emoji
from standtall.captions.grouping import Card
from standtall.captions.said import CaptionWord, with_a_frame_each
from standtall.captions.strong_words import proposed_strong
from standtall.language.emoji_words import emoji_for, found_by, label
from standtall.language.stress import MELODY_STEP, Melody
from standtall.language.written import written
from standtall.model.analysis import Analysis
from standtall.model.words import Word


def card_of(text: str, at: int = 0, long: str = "") -> Card:
    out = []
    for word in text.split():
        length = 40_000 if word == long else 10_000
        out.append(CaptionWord("k", Word(word, at, at + length), word, at, at + length))
        at += length + 1_000
    return Card((tuple(out),), out[0].start, at)


def words(cards: list[Card], strong: list) -> list[tuple[str, str]]:  # type: ignore[type-arg]
    text = {w.said.id: w.text for card in cards for w in card.words}
    return [(text[s.word], s.why) for s in strong]


def test_rare_drawn_out_and_counted_words_are_proposed_and_glue_is_not() -> None:
    cards = [card_of("it was a rhododendron", 0), card_of("we have 32 of them", 100_000), card_of("that is really garden", 200_000, "garden"),
             card_of("and it was the of", 300_000)]  # fmt: skip
    found = words(cards, proposed_strong(cards, {"k": Analysis("k")}, "en", every=1))
    assert found == [("rhododendron", "a rare word"), ("32", "a number"), ("garden", "drawn out")]
    assert len(proposed_strong(cards, {"k": Analysis("k")}, "en", every=4)) == 1


def test_a_word_said_higher_has_its_reason() -> None:
    card = card_of("we go into that garden with others now", 0)
    hz = np.full(400, 120.0)
    first = next(w.said for w in card.words if w.text == "garden")
    hz[first.start // MELODY_STEP : first.end // MELODY_STEP + 1] = 190.0
    found = words([card], proposed_strong([card], {"k": Analysis("k")}, "en", 1, {"k": Melody(0, hz)}))
    assert found == [("garden", "said higher")]


def test_emoji_come_by_meaning_seldom_enough_and_never_twice_in_a_row() -> None:
    cards = [card_of("a carrot grows", n * 60_000) for n in range(4)]
    found = proposed_emoji(cards, "en", every=1)
    assert found[0].emoji == "🥕"
    assert all(a.emoji != b.emoji for a, b in zip(found, found[1:], strict=False))
    others = [card_of(f"a {word} there", n * 60_000) for n, word in enumerate(["carrot", "dog", "tractor", "boat"])]
    assert len(proposed_emoji(others, "en", every=1)) == 4
    assert [e.emoji for e in proposed_emoji(others, "en", every=1)][::3] == ["🥕", "⛵"], "the thing before who rows it"
    assert len(proposed_emoji(others, "en", every=2)) == 2
    assert proposed_emoji([card_of("it was of the")], "en", every=1) == []


@pytest.mark.parametrize(
    ("word", "language", "emoji"),
    [("carrots", "en", "🥕"), ("Karotte", "de", "🥕"), ("carotte", "fr", "🥕"), ("zanahoria", "es", "🥕")],
)
def test_words_and_their_stems_have_emoji_in_several_languages(word: str, language: str, emoji: str) -> None:
    assert emoji in emoji_for(word.lower(), language)
    assert label(emoji, language)
    assert "🥕" in found_by("carrot", "en")
    assert emoji_for("carrot", "xx") == []


@pytest.mark.parametrize(
    ("text", "case", "marks", "masked", "shown"),
    [("Soil,", "capitals", "all", (), "SOIL,"), ("Soil,", "small", "none", (), "soil"), ("really?", "as said", "that matter", (), "really?"),
     ("don't.", "as said", "none", (), "don't"), ("3.5", "as said", "none", (), "3.5"), ("Darn!", "as said", "all", ("darn",), "D•••!"),
     ("…", "as said", "none", (), "…"), ("darned", "as said", "all", ("darn",), "darned")],
)  # fmt: skip
def test_words_are_written_as_the_style_says(text: str, case: str, marks: str, masked: tuple[str, ...], shown: str) -> None:
    assert written(text, case, marks, masked) == shown


def test_a_word_shorter_than_a_frame_has_one() -> None:
    fps = Fraction(30)
    starts = [0.0, 0.5, 0.985, 1.015, 1.3]
    ticks = [round(s * TICKS_PER_SECOND) for s in starts]
    said = tuple(CaptionWord("k", Word("w", t, t + 1_000), "w", t, t + 1_000) for t in ticks)
    made = with_a_frame_each(said, fps)
    assert [w.start for w in made] == sorted(w.start for w in made)

    def highlighted(words: Sequence[CaptionWord]) -> set[int]:
        return {sum(w.start <= frame_middle(n, fps) for w in words) - 1 for n in range(45)}

    assert highlighted(said) == {0, 1, 3, 4}, "it would be passed over"
    assert highlighted(made) == {0, 1, 2, 3, 4}
    assert all(abs(a.start - b.start) <= TICKS_PER_SECOND / 30 for a, b in zip(said, made, strict=True))

"""Pictures suggested by words, against sentences whose fitting pictures were written before; lines; music by mood."""

from __future__ import annotations

import itertools
from pathlib import Path

import pytest

from standtall.extras.lines import lines_of
from standtall.extras.moods import fitting_music
from standtall.extras.suggestions import PictureIndex, best_of, suggested
from standtall.language.bonds import bonds
from standtall.library.music import pieces
from standtall.library.stickers import Sticker, shipped
from standtall.model.words import Word

TRUTH = Path(__file__).parents[1] / "data/suggestions"
S = 48_000


def sentences_of(half: str) -> list[tuple[str, str, set[str]]]:
    rows = [line.split("|") for line in (TRUTH / f"{half}.txt").read_text().splitlines() if not line.startswith("#")]
    return [(language, text, set(fit.split())) for language, text, fit in rows]


def scored(half: str) -> tuple[float, float]:
    """The share of sentences whose first suggestion fits, and what chance would do."""
    indexes: dict[str, PictureIndex] = {}
    right, by_chance, rows = 0, 0.0, sentences_of(half)
    for language, text, fit in rows:
        index = indexes.setdefault(language, PictureIndex(shipped(), language))
        found = best_of(index, text.split())
        right += bool(found) and found[0][0].path.removeprefix("sticker:") in fit
        by_chance += len(fit) / len(shipped())
    return right / len(rows), by_chance / len(rows)


@pytest.mark.parametrize("half", ["tune", "held"])
def test_the_first_suggestion_fits(half: str) -> None:
    """At least 80 % of the sentences; what chance would do is below 5 %."""
    right, by_chance = scored(half)
    assert len(sentences_of(half)) == 50
    assert right >= 0.8
    assert by_chance < 0.05


def said(*texts: str) -> tuple[Word, ...]:
    return tuple(Word(text, n * S, (n + 1) * S - 4000, id=n) for n, text in enumerate(texts))


def test_suggestions_are_spread_each_picture_once_with_the_word_as_reason() -> None:
    words = said("Rain", "again.", "More", "rain", "and", "a", "dog.", "The", "dog", "barked.", "Then", "money.")
    parts = [range(2), range(2, 7), range(7, 10), range(10, 12)]
    found = suggested(words, parts, PictureIndex(shipped(), "en"), 2 * S)
    assert [(s.why, s.sticker.title) for s in found] == [
        ("rain", "Rain"), ("rain", "Umbrella"), ("barked", "Dog"), ("money", "Banknote"),
    ]  # fmt: skip
    assert len({s.sticker.path for s in found}) == len(found)
    starts = [words[s.first].start for s in found]
    assert all(b - a >= 2 * S for a, b in itertools.pairwise(starts))
    assert suggested(words, parts, PictureIndex(shipped(), "en"), 100 * S, [0]) == [], "what is there already keeps others away"


def test_own_pictures_go_before_those_that_ship() -> None:
    own = Sticker("/mine/rain.png", "rain", ("rain",), own=True)
    found = best_of(PictureIndex((own, *shipped()), "en"), ["rain"])
    assert found[0][0] is own


def test_words_about_nothing_suggest_nothing() -> None:
    assert best_of(PictureIndex(shipped(), "en"), ["and", "the", "of", "is"]) == []


# lines


def test_lines_break_by_hand_or_into_as_few_even_ones_as_fit() -> None:
    def width(text: str) -> float:
        return len(text) / 20

    assert lines_of("one\ntwo three", width, 3) == (("one",), ("two", "three"))
    assert lines_of("one two", width, 3) == (("one", "two"),)
    made = lines_of("why nobody answers your very first letter", width, 3)
    assert len(made) == 3
    assert max(len(" ".join(line)) for line in made) <= 20


def test_a_balanced_line_is_the_best_of_all_ways() -> None:
    """Against all ways of parting short texts into as many lines."""

    def width(text: str) -> float:
        return len(text) / 30

    words = ["what", "the", "river", "takes", "in", "one", "night", "of", "rain"]
    made = lines_of(" ".join(words), width, 2)
    held = bonds(words)

    def cost(at: int) -> float:
        return width(" ".join(words[:at])) ** 2 + width(" ".join(words[at:])) ** 2 + 0.5 * held[at - 1]

    best = min(range(1, len(words)), key=cost)
    assert len(made[0]) == best


# music


def test_music_is_proposed_by_words_and_pace_with_the_reason() -> None:
    slow = tuple(
        Word(t, n * 2 * S, n * 2 * S + S, id=n)
        for n, t in enumerate(["Be", "calm", "and", "breathe", "in", "peace", "and", "rest"])
    )
    best = fitting_music(slow, "en", pieces())[0]
    assert best.piece.name == "still-water"
    assert "calm" in best.why
    assert "beats a minute" in best.why
    quick = said(*["we", "win", "the", "game", "we", "push", "and", "drive", "fast", "to", "the", "goal"])
    assert fitting_music(quick, "en", pieces())[0].piece.name == "long-road"

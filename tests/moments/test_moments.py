"""Finding moments: planted strong and weak passages, each part with its reasons, and what is asked for."""

from __future__ import annotations

import itertools
from collections.abc import Iterable

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from standtall.base.time import TICKS_PER_SECOND
from standtall.language.rarity import COMMON_BITS, UNKNOWN_BITS, information
from standtall.language.sentences import sentences
from standtall.model.analysis import Analysis
from standtall.model.moment import Moment, Passage
from standtall.model.people import FaceSample, People, Shot, Track
from standtall.model.words import Word
from standtall.moments.finder import Finder, Wish
from standtall.moments.parts import alone, ending, opening, pace, picture, worth
from standtall.moments.talk import Talk
from standtall.moments.titles import LONGEST, titles_of

STRONG = (
    "Why does one garden feed a family of five while the next one feeds nobody? Never dig the ground again. "
    "Put two inches of compost on top and let the earthworms work. You keep the soil, and the soil keeps you."
)
WEAK = (
    "So, um, and then it was like that, you know. They went there and he said it was all right. "
    "And it went on like this for a while. And then we were there and it was as it was before."
)


def talk_of(*paragraphs: str, pause: float = 2.0, people: People | None = None) -> Analysis:
    """Words of 0.28 s each 0.36 s, 0.5 s after a sentence, `pause` seconds after a paragraph."""
    words: list[Word] = []
    at = TICKS_PER_SECOND
    for paragraph in paragraphs:
        for text in paragraph.split():
            kind = "filler" if text.strip(",") in ("um", "uh") else "word"
            words.append(Word(text, at, at + round(0.28 * TICKS_PER_SECOND), 0.95, 0, kind))  # type: ignore[arg-type]
            at += round(0.36 * TICKS_PER_SECOND) + (TICKS_PER_SECOND // 2 if text[-1] in ".?!" else 0)
        at += round(pause * TICKS_PER_SECOND)
    return Analysis("k", tuple(words), people or People(), language="en")


def find(analysis: Analysis, wish: Wish) -> tuple[Moment, ...]:
    return Finder(analysis).find(wish)


def said(analysis: Analysis, span: Iterable[int]) -> str:
    return " ".join(analysis.words[i].text for i in span)


def whole(analysis: Analysis) -> tuple[Talk, Passage]:
    return Talk(analysis), (range(len(analysis.words)),)


def test_sentences_end_at_punctuation_long_pauses_and_other_speakers() -> None:
    words = [
        Word("One", 0, 10),
        Word("two.", 10, 20),
        Word("three", 30, 40),
        Word("four", 3 * TICKS_PER_SECOND, 4 * TICKS_PER_SECOND),
    ]
    words += [
        Word("five", 4 * TICKS_PER_SECOND + 9, 5 * TICKS_PER_SECOND, speaker=1),
        Word("(six)", 5 * TICKS_PER_SECOND, 6 * TICKS_PER_SECOND, speaker=1, kind="unspoken"),
    ]
    assert sentences(tuple(words)) == [range(2), range(2, 3), range(3, 4), range(4, 5)]


@pytest.mark.parametrize(("rare", "common"), [("earthworm", "garden"), ("garden", "house"), ("house", "the")])
def test_rare_words_tell_more(rare: str, common: str) -> None:
    """Frequencies of the wordfreq package."""
    assert information(rare, "en") > information(common, "en")
    assert information("qzxv", "en") == UNKNOWN_BITS
    assert information("the", "en") < COMMON_BITS
    assert information("Ähm".lower(), "de") > 0
    assert information("abc", "xx") < information("abcdefghij", "xx")


def test_the_opening_says_what_earned_and_what_cost_it() -> None:
    strong, weak = opening(*whole(talk_of(STRONG))), opening(*whole(talk_of(WEAK)))
    assert strong.value > 0.6 > 0.3 > weak.value
    assert "opens on a question" in [r.text for r in strong.reasons if r.good]
    told = [r.text for r in weak.reasons if not r.good]
    assert any("clears the throat" in t for t in told)
    assert "a filler in the first three seconds" in told
    for part in (strong, weak):
        assert all(0 <= r.first <= r.last < 60 for r in part.reasons)


def test_standing_alone_names_the_word_that_points_outside() -> None:
    leaning = alone(*whole(talk_of("It was the best year of them all. The compost was ready.")))
    assert leaning.value < 0.7
    assert "“It” in the first line refers to something outside" in [r.text for r in leaning.reasons]
    assert alone(*whole(talk_of(STRONG))).value == 1.0


def test_an_answer_without_its_question_does_not_stand_alone() -> None:
    words = talk_of("What did you do first? The compost went on top.").words
    both = tuple(Word(w.text, w.start, w.end, speaker=0 if i < 5 else 1) for i, w in enumerate(words))
    part = alone(Talk(Analysis("k", both, language="en")), (range(5, len(both)),))
    assert "answers a question that is left out" in [r.text for r in part.reasons]


def test_an_ending_wants_its_sentence_and_a_pause() -> None:
    analysis = talk_of(STRONG, "And so on and so on.")
    talk = Talk(analysis)
    last = len(STRONG.split()) - 1
    closed, broken = ending(talk, (range(last + 1),)), ending(talk, (range(last - 3),))
    assert closed.value > broken.value + 0.3
    assert any("pause of" in r.text for r in closed.reasons)
    run_on = talk_of("The first bed was dry. And the second one was wet.", pause=0.1)
    assert any("goes on with" in r.text for r in ending(Talk(run_on), (range(5),)).reasons)


def test_worth_pace_and_picture() -> None:
    talk = Talk(talk_of(STRONG, WEAK))
    count = len(STRONG.split())
    assert worth(talk, (range(count),)).value > worth(talk, (range(count, len(talk.words)),)).value + 0.2
    slow = tuple(Word(w.text, w.start * 3, w.start * 3 + 9_000) for w in talk.words)
    assert "slow" in pace(Talk(Analysis("k", slow)), (range(count),)).reasons[0].text
    face = Track(
        0, 0, tuple(FaceSample(t, 0.4, 0.3, 0.1, 0.2, 0.0) for t in range(0, 8 * TICKS_PER_SECOND, TICKS_PER_SECOND // 4))
    )
    seen = People((Shot(0, 60 * TICKS_PER_SECOND),), (face,))
    part = picture(Talk(talk_of(STRONG, people=seen)), (range(count),))
    assert 0.2 < part.value < 0.9
    assert "%" in part.reasons[0].text


def filler(n: int) -> str:
    return f"And then it was like that {n} or so. They were there and it went on. So that was it, you know."


def programme() -> Analysis:
    return talk_of(*(STRONG if n in (3, 9) else filler(n) for n in range(14)))


def test_planted_passages_come_first_and_all_are_whole_sentences() -> None:
    analysis = programme()
    found = find(analysis, Wish(8, 30, 5))
    planted = said(analysis, found[0].words)
    assert planted.startswith("Why does one garden")
    ends = {s[-1] for s in sentences(analysis.words)}
    starts = {s.start for s in sentences(analysis.words)}
    for moment in found:
        assert moment.first in starts
        assert moment.last in ends
        assert 8 * TICKS_PER_SECOND <= moment.length <= 30 * TICKS_PER_SECOND
    for a, b in itertools.combinations(found, 2):
        shared = min(a.end, b.end) - max(a.start, b.start)
        assert shared <= 0.2 * min(a.length, b.length)


def test_the_same_thing_said_twice_is_proposed_late_the_second_time() -> None:
    analysis = talk_of(
        STRONG, filler(1), STRONG, filler(2), "Which tool costs a million? Nobody tells you. Use a rake, a hoe and a fork."
    )
    order = [said(analysis, m.words)[:12] for m in find(analysis, Wish(6, 22, 3))]
    assert (
        order.index("Which tool c") < [i for i, t in enumerate(order) if t.startswith("Why does")][-1]
        or order.count("Why does one") < 2
    )


def test_topics_speakers_and_parts_are_asked_for() -> None:
    analysis = programme()
    length = analysis.words[-1].end
    late = find(analysis, Wish(8, 30, 3, part=(length // 2, length)))
    assert all(m.start >= length // 2 for m in late)
    assert find(analysis, Wish(8, 30, 3, speaker=1)) == ()
    with_topic = find(analysis, Wish(5, 20, 3, topics=("earthworm",)))
    assert "earthworms" in said(analysis, with_topic[0].words)
    assert with_topic[0].about[0].startswith("earthworm: earthworms")


def test_what_was_kept_stays_and_what_was_passed_does_not_come_again() -> None:
    analysis = programme()
    first = find(analysis, Wish(8, 30, 4))
    votes = (((first[2].start, first[2].end), True), ((first[0].start, first[0].end), False))
    again = find(analysis, Wish(8, 30, 4, voted=votes))
    assert (again[0].start, again[0].end) == (first[2].start, first[2].end)
    assert (first[0].start, first[0].end) not in [(m.start, m.end) for m in again]
    assert len(again) == 4


@pytest.mark.parametrize("words", [(), (Word("Yes.", 0, 9_600),)])
def test_a_talk_that_holds_nothing_proposes_nothing(words: tuple[Word, ...]) -> None:
    assert find(Analysis("k", words), Wish()) == ()


def test_titles_say_only_what_is_said() -> None:
    analysis = talk_of(
        "Um, so what is compost? You should use two inches of it, because worms will do the digging for you every year."
    )
    talk, span = whole(analysis)
    made = titles_of(talk, span)
    titles = [t.text for t in made]
    assert (made[0].text, made[0].manner) == ("What is compost?", "as asked")
    assert [t.manner for t in made[:2]] == ["as asked", "as promised"]
    assert len(set(titles)) == len(titles), "what would read the same is said once"
    bare = {w.bare for w in analysis.words}
    for title in titles:
        assert len(title) <= LONGEST + 1
        assert all(piece.strip("…?.,").lower() in bare for piece in title.split())


@settings(max_examples=30)
@given(
    st.lists(st.sampled_from(["it", "Why", "soil.", "never", "um,", "two", "you?", "and", "compost"]), min_size=1, max_size=60)
)
def test_any_words_give_parts_within_bounds(texts: list[str]) -> None:
    found = find(talk_of(" ".join(texts)), Wish(1, 60, 5))
    for moment in found:
        assert all(0 <= p.value <= 1 for p in moment.parts)
        assert all(0 <= r.first <= r.last < len(texts) for p in moment.parts for r in p.reasons)

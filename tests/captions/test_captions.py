"""Cards of captions and where they stand."""

from __future__ import annotations

import itertools
from dataclasses import replace
from pathlib import Path

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from standtall.base.geometry import Rect
from standtall.base.time import TICKS_PER_SECOND
from standtall.captions.clearance import CHOICES, LIKED, MOVE, _covered, clear_course, clear_of
from standtall.captions.grouping import AFTER, ByHand, Cards, Grouping, _Phrase, cards, phrase_of
from standtall.captions.said import spoken
from standtall.captions.translated import translated
from standtall.compose.composition import looked_at
from standtall.language.bonds import bonds
from standtall.language.segmentation import chunk_ends
from standtall.model.analysis import Analysis
from standtall.model.caption_marks import Break, BreakKind, Hold
from standtall.model.cut import Segment
from standtall.model.timemap import TimeMap
from standtall.model.transcript import Transcript
from standtall.model.translation import Passage, Translation
from standtall.model.words import Word

DATA = Path(__file__).parent.parent / "data" / "bonds"


def width(text: str) -> float:
    return len(text) / 22


def words_of(text: str, pace: int = 12_000, gap: int = 2_000) -> tuple[Word, ...]:
    return tuple(Word(t, i * (pace + gap), i * (pace + gap) + pace) for i, t in enumerate(text.split()))


def shown(words: tuple[Word, ...], grouping: Grouping, by_hand: ByHand | None = None) -> Cards:
    time_map = TimeMap((Segment("k", 0, words[-1].end + TICKS_PER_SECOND),))
    return cards(spoken({"k": Transcript(words)}, time_map), grouping, width, time_map.length, by_hand)


def grouped(text: str, most: int = 4, lines: int = 1, breaks: dict[int, BreakKind] | None = None) -> list[str]:
    """Cards as texts, their lines parted by a stroke."""
    words = words_of(text)
    hand = ByHand.of([Break("k", words[i].id, kind) for i, kind in (breaks or {}).items()], ())
    made = shown(words, Grouping(most, lines), hand)
    return [" / ".join(" ".join(w.text for w in line) for line in card.lines) for card in made]


some_text = st.lists(
    st.sampled_from(["the", "a", "of", "garden", "worm,", "soil.", "because", "it's", "um", "never", "compost!"]),
    min_size=1,
    max_size=40,
)
some_breaks = st.dictionaries(st.integers(0, 39), st.sampled_from(["card", "line", "none"]), max_size=6)


@settings(max_examples=80)
@given(some_text, st.integers(1, 8), st.integers(1, 3), some_breaks)
def test_cards_hold_every_word_once_in_order(text: list[str], most: int, lines: int, breaks: dict[int, BreakKind]) -> None:
    words = words_of(" ".join(text))
    hand = ByHand.of([Break("k", words[i].id, kind) for i, kind in breaks.items() if i < len(words)], ())
    made = shown(words, Grouping(most, lines), hand)
    assert [w.said for card in made for w in card.words] == list(words)
    if not breaks:
        assert all(len(card.words) <= most for card in made)
        assert all(len(card.lines) <= lines for card in made)
        assert all(width(" ".join(w.text for w in line)) <= 1 or len(line) == 1 for card in made for line in card.lines)
    assert all(a.end <= b.start for a, b in zip(made, made[1:], strict=False)), "two cards at once"
    assert all(card.start <= w.start < card.end for card in made for w in card.words)


def every_way(count: int, most: int, lines: int) -> list[list[tuple[int, ...]]]:
    """All ways to set so many words in cards of at most so many words and lines."""
    if count == 0:
        return [[]]
    out = []
    for first in range(1, min(count, most) + 1):
        ways = [(first,)]
        if lines > 1:
            ways += [(cut, first - cut) for cut in range(1, first)]
        out += [[way, *rest] for way in ways for rest in every_way(count - first, most, lines)]
    return out


def cost_of(phrase: _Phrase, way: list[tuple[int, ...]]) -> float:
    at, cost = 0, 0.0
    for counts in way:
        first, last = at, at + sum(counts)
        inside = phrase.card(first, last)[0] - phrase.lines(first, last)[0]
        cost += inside + phrase._set(first, last, counts)[0]
        at = last
    return cost


@settings(max_examples=40, deadline=None)
@given(st.lists(st.sampled_from(["the", "garden", "worm,", "of", "very", "not", "Ada", "Penrose", "ten", "litres"]), min_size=1, max_size=7),
       st.integers(1, 4), st.integers(1, 2))  # fmt: skip
def test_no_other_way_costs_less(text: list[str], most: int, lines: int) -> None:
    words = words_of(" ".join(text))
    grouping = Grouping(most, lines)
    times = tuple((w.start, w.end) for w in words)
    phrase = phrase_of(tuple(text), None, times, grouping, width)
    best = min(cost_of(phrase, way) for way in every_way(len(text), most, lines))
    found = [tuple(len(line) for line in card.lines) for card in shown(words, grouping)]
    assert cost_of(phrase, found) == pytest.approx(best, abs=1e-9)


def test_no_card_runs_over_the_end_of_a_sentence() -> None:
    for card in grouped("Put the spade away. Lay compost deep. Go inside now.", 12, 2):
        assert "." not in card[:-1]


def test_no_card_covers_a_change_of_speaker_or_a_cut() -> None:
    words = tuple(replace(w, speaker=int(i > 1)) for i, w in enumerate(words_of("we grow it here every single year")))
    time_map = TimeMap((Segment("k", 0, words[4].start), Segment("k", words[4].start, words[-1].end)))
    made = cards(spoken({"k": Transcript(words)}, time_map), Grouping(12, 2), width, time_map.length)
    assert [card.text for card in made] == ["we grow", "it here", "every single year"]


def test_words_that_belong_together_stay_together() -> None:
    found = grouped("we buried it in the garden of an old friend near the town wall today")
    for one, two in zip(found, found[1:], strict=False):
        assert bonds([one.split()[-1], two.split()[0], *two.split()[1:2]])[0] < 0.5, (one, two)


def sentences(name: str) -> list[tuple[str, list[str], list[bool]]]:
    """Language, words, and whether each word belongs to the next, as it was written before the rules."""
    out = []
    for line in (DATA / f"{name}.txt").read_text(encoding="utf-8").splitlines():
        if line.startswith("#"):
            continue
        language, text = line.split(" ", 1)
        words, marks = [], []
        for chunk in text.split(" "):
            for number, word in enumerate(chunk.split("~")):
                marks += [number > 0] if words else []
                words.append(word)
        out.append((language, words, marks))
    return out


@pytest.mark.parametrize("name", ["tune", "held"])
@pytest.mark.parametrize(("most", "lines"), [(4, 1), (5, 1), (8, 2), (14, 2)])
def test_pairs_that_belong_together_are_parted_seldom(name: str, most: int, lines: int) -> None:
    """At most one in a hundred of the written truth; the bench tells the figures, also of equal splitting."""
    parted = total = 0
    for language, words, marks in sentences(name):
        made = shown(words_of(" ".join(words)), Grouping(most, lines, language=language))
        ends, at = set(), 0
        for card in made:
            for line in card.lines:
                at += len(line)
                ends.add(at - 1)
        parted += sum(mark and i in ends for i, mark in enumerate(marks))
        total += sum(marks)
    assert total > 250
    assert parted <= 0.01 * total + 2


def test_what_is_broken_and_joined_by_hand_is() -> None:
    text = "we grow it here every single year for you and your friends"
    assert grouped(text, 4, 2, {2: "card"})[0].replace(" / ", " ") == "we grow"
    assert "grow / it" in " | ".join(grouped(text, 8, 2, {2: "line"}))
    joined = dict.fromkeys(range(1, 7), "none")
    assert grouped(text, 3, 1, joined)[0] == "we grow it here every single year"  # type: ignore[arg-type]
    assert grouped("It ends. Here it goes on", 6, 1, {2: "none"})[0].startswith("It ends. Here")


def test_a_hold_keeps_its_card_until_the_next() -> None:
    words = (*words_of("one two")[:2], Word("three", 200_000, 210_000))
    plain = shown(words, Grouping())
    held = shown(words, Grouping(), ByHand.of((), [Hold("k", words[0].id, 60_000)]))
    assert held[0].end == words[1].end + 60_000 > plain[0].end
    assert shown(words, Grouping(), ByHand.of((), [Hold("k", words[0].id, 400_000)]))[0].end == words[2].start


def test_least_and_most_time_and_gaps() -> None:
    words = (Word("Yes.", 0, 4_000), Word("No.", 90_000, 94_000), Word("so", 100_000, 104_000))
    assert shown(words, Grouping(least_s=1.0))[0].end == TICKS_PER_SECOND
    ends = [shown(words, Grouping(close_gaps=closed))[1].end for closed in (True, False)]
    assert ends == [100_000, 100_000 if ends[1] == 100_000 else 94_000 + AFTER]
    slow = words_of("one two three four five six", 48_000, 4_000)
    assert max(c.words[-1].end - c.words[0].start for c in shown(slow, Grouping(12, 2, most_s=2.5))) <= 2.6 * TICKS_PER_SECOND


@pytest.mark.parametrize(
    ("language", "text"),
    [("ja", "今日は天気がいいので庭に出ました"), ("zh", "我们今天在花园里种了很多大蒜"), ("th", "วันนี้เราปลูกกระเทียมในสวน")],
)
def test_scripts_without_spaces_break_between_phrases(language: str, text: str) -> None:
    """Letters one by one, as recognisers give them; the phrases are those of the library itself."""
    words = words_of(" ".join(text))
    ends = chunk_ends(text, language)
    time_map = TimeMap((Segment("k", 0, words[-1].end),))
    made = cards(
        spoken({"k": Transcript(words)}, time_map), Grouping(9, 1, language=language), lambda t: len(t) / 9, time_map.length
    )
    at, good = 0, 0
    for card in made[:-1]:
        at += len(card.text)
        good += at in ends
    assert len(made) > 1
    assert good == len(made) - 1


def test_the_word_is_highlighted_while_it_is_said_and_not_in_a_pause() -> None:
    words = words_of("one two three")
    time_map = TimeMap((Segment("k", 0, words[-1].end + 3 * TICKS_PER_SECOND),))
    (card,) = cards(spoken({"k": Transcript(words)}, time_map), Grouping(), width, time_map.length)
    for i, w in enumerate(words):
        assert card.highlighted_at(w.start) == i
        assert card.highlighted_at(w.end - 1) == i
    assert card.highlighted_at(words[-1].end + TICKS_PER_SECOND) is None


def test_captions_follow_the_cut() -> None:
    words = words_of("keep this drop that keep more")
    gone = TimeMap((Segment("k", 0, words[2].start), Segment("k", words[4].start, words[5].end)))
    said = spoken({"k": Transcript(words)}, gone)
    assert [w.text for w in said] == ["keep", "this", "keep", "more"]
    assert said[2].start == words[2].start, "the short's own clock"


def test_captions_keep_clear_of_faces() -> None:
    assert clear_of([], 0.04) == CHOICES[0]
    low_face = Rect(0.3, 0.6, 0.4, 0.25)
    middle = clear_of([low_face], 0.04)
    assert middle + 0.04 <= low_face.y or middle - 0.04 >= low_face.bottom


def test_captions_move_seldom_and_only_where_it_helps() -> None:
    free: list[Rect] = []
    low = [Rect(0.2, 0.55, 0.6, 0.3)]
    assert clear_course([free] * 6, [1.0] * 6, 0.04) == [CHOICES[0]] * 6
    long = clear_course([free] * 4 + [low] * 4, [1.5] * 8, 0.04)
    assert long[0] == long[3] != long[4]
    assert long[4] == long[7]
    assert sum(a != b for a, b in itertools.pairwise(long)) == 1
    short = clear_course([free, low, free], [1.0, 0.2, 1.0], 0.04)
    assert len(set(short)) == 1, "not for a moment"
    assert clear_course([], [], 0.04) == []


def test_what_is_seen_at_several_moments_weighs_as_much_as_at_one() -> None:
    low = Rect(0.2, 0.55, 0.6, 0.3)
    third = Rect(low.x, low.y, low.w / 3, low.h)
    seen, seconds = [[], [low], [low, low, low]], [1.0, 0.4, 0.9]
    thirds = [[], [third], [third, third, third]]
    assert clear_course(seen, seconds, 0.04, moments=3) == clear_course(thirds, seconds, 0.04)


def test_cards_that_are_looked_at_stay_the_same_after_a_cut() -> None:
    """Of many cards about as many as are asked for, at the same places of the source, so that what was seen there is kept."""
    words = tuple(Word(f"w{n}", n * TICKS_PER_SECOND, n * TICKS_PER_SECOND + 20_000) for n in range(900))
    grouping = Grouping(max_words=1)

    def looked(*segments: Segment) -> set[int]:
        time_map = TimeMap(segments)
        made = cards(spoken({"k": Analysis("k", words)}, time_map), grouping, len, time_map.length)
        return {made[n].words[0].said.id for n in looked_at(made, time_map, 200)}

    whole = Segment("k", 0, 900 * TICKS_PER_SECOND)
    before = looked(whole)
    after = looked(Segment("k", 0, 40 * TICKS_PER_SECOND), Segment("k", 43 * TICKS_PER_SECOND, whole.end))
    assert 100 <= len(before) <= 230
    assert len(before - after) <= 2
    few = looked(Segment("k", 0, 20 * TICKS_PER_SECOND))
    assert len(few) == 20, "all of few"


@settings(max_examples=30)
@given(st.lists(st.sampled_from([0, 1, 2, 3]), min_size=1, max_size=4))
def test_no_other_course_costs_less(kinds: list[int]) -> None:
    seen = [[[], [Rect(0.2, 0.55, 0.6, 0.3)], [Rect(0.3, 0.1, 0.3, 0.2)], [Rect(0.0, 0.6, 1.0, 0.2)]][k] for k in kinds]
    seconds = [0.5 + 0.4 * k for k in kinds]

    def cost(course: tuple[float, ...]) -> float:
        own = sum((_covered(s, m, 0.05) + LIKED * CHOICES.index(m)) * t for s, m, t in zip(seen, course, seconds, strict=True))
        return own + MOVE * sum(a != b for a, b in itertools.pairwise(course))

    best = min(cost(course) for course in itertools.product(CHOICES, repeat=len(kinds)))
    assert cost(tuple(clear_course(seen, seconds, 0.05))) == pytest.approx(best, abs=1e-9)


def test_a_translation_shares_its_time_by_letters_and_keeps_to_the_cut() -> None:
    words = tuple(Word(t, i * 24_000, i * 24_000 + 24_000) for i, t in enumerate(["I", "dug", "it.", "Never", "again."]))
    german = Translation(
        "de", (Passage(0, 72_000, "I dug it.", "Ich grub es"), Passage(72_000, 120_000, "Never again.", "Nie wieder."))
    )
    text = {"k": Transcript(words, translations=(german,))}
    later = {"k": Transcript(words, caption_offset=100, translations=(german,))}
    whole = translated(text, TimeMap((Segment("k", 0, 120_000),)), "de")
    assert [w.text for w in whole] == ["Ich", "grub", "es", "Nie", "wieder."]
    assert (whole[0].start, whole[2].end, whole[3].start) == (0, 72_000, 72_000)
    assert whole[1].end - whole[1].start > whole[0].end - whole[0].start
    assert [w.said.id for w in whole] == [words[i].id for i in (0, 0, 0, 3, 3)]
    late = translated(later, TimeMap((Segment("k", 60_000, 120_000),)), "de")
    assert [w.text for w in late] == ["Nie", "wieder."], "of the first sentence only its end is heard"
    assert late[0].start == 12_100


def test_cards_in_columns_are_the_cards() -> None:
    words = words_of("keep this drop that. Keep more of all these words, and let them be shown in two lines")
    made = shown(words, Grouping(6, 2))
    one_by_one = [made[n] for n in range(len(made))]
    assert len(one_by_one) > 2 and max(len(card.lines) for card in one_by_one) == 2
    assert list(made) == one_by_one == list(made[:]) and made == one_by_one and made[-1] == one_by_one[-1]
    assert [w.said for card in made for w in card.words] == list(words)
    again = Cards.of(one_by_one)
    assert again == made and [again.starts.tolist(), again.ends.tolist()] == [made.starts.tolist(), made.ends.tolist()]
    for n, card in enumerate(one_by_one):
        assert type(card.start) is int and type(card.end) is int
        assert made.at(card.start) == made.at(card.end - 1) == n
    assert made.at(one_by_one[0].start - 1) is None and made.at(one_by_one[-1].end) is None
    later = one_by_one[1]._replace(end=one_by_one[1].end + 1)
    assert made != Cards.of([one_by_one[0], later, *one_by_one[2:]]) and made != Cards.of(one_by_one[:-1]) and made != 3
    assert not Cards.of([]) and Cards.of([]).at(5) is None and not cards((), Grouping(), width, 10)
    with pytest.raises(IndexError):
        made[len(made)]

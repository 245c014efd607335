"""Caption lines and where they stand."""

from __future__ import annotations

from hypothesis import given, settings
from hypothesis import strategies as st

from standtall.base.geometry import Rect
from standtall.base.time import TICKS_PER_SECOND
from standtall.captions.clearance import CHOICES, clear_of
from standtall.captions.lines import BOUND_TO_NEXT, lines, spoken
from standtall.captions.translated import translated
from standtall.model.cut import Segment
from standtall.model.timemap import TimeMap
from standtall.model.transcript import Transcript
from standtall.model.translation import Passage, Translation
from standtall.model.words import Word


def width(text: str) -> float:
    return len(text) / 22


def words_of(text: str, pace: int = 12_000, gap: int = 2_000) -> tuple[Word, ...]:
    return tuple(Word(t, i * (pace + gap), i * (pace + gap) + pace) for i, t in enumerate(text.split()))


def grouped(text: str, most: int = 4) -> list[str]:
    words = words_of(text)
    time_map = TimeMap((Segment("k", 0, words[-1].end + TICKS_PER_SECOND),))
    return [line.text for line in lines(spoken({"k": Transcript(words)}, time_map), most, width, time_map.length)]


some_text = st.lists(
    st.sampled_from(["the", "a", "of", "garden", "worm,", "soil.", "because", "it's", "um", "never", "compost!"]),
    min_size=1,
    max_size=40,
)


@settings(max_examples=80)
@given(some_text, st.integers(1, 5))
def test_lines_hold_every_word_once_in_order(text: list[str], most: int) -> None:
    words = words_of(" ".join(text))
    time_map = TimeMap((Segment("k", 0, words[-1].end + TICKS_PER_SECOND),))
    made = lines(spoken({"k": Transcript(words)}, time_map), most, width, time_map.length)
    assert [w.said for line in made for w in line.words] == list(words)
    assert all(len(line.words) <= most for line in made)
    assert all(width(line.text) <= 1 or len(line.words) == 1 for line in made)
    assert all(a.end <= b.start for a, b in zip(made, made[1:], strict=False)), "two lines at once"
    assert all(line.start <= w.start < line.end for line in made for w in line.words)


def test_no_line_runs_over_the_end_of_a_sentence() -> None:
    for line in grouped("Put the spade away. Lay compost deep. Go inside now."):
        assert "." not in line[:-1]


def test_words_that_belong_together_stay_together() -> None:
    found = grouped("we buried it in the garden of an old friend near the town wall today")
    endings = [line.split()[-1] for line in found[:-1]]
    assert sum(e in BOUND_TO_NEXT for e in endings) == 0


def test_the_word_is_highlighted_while_it_is_said_and_not_in_a_pause() -> None:
    words = words_of("one two three")
    time_map = TimeMap((Segment("k", 0, words[-1].end + 3 * TICKS_PER_SECOND),))
    (line,) = lines(spoken({"k": Transcript(words)}, time_map), 4, width, time_map.length)
    for i, w in enumerate(words):
        assert line.highlighted_at(w.start) == i
        assert line.highlighted_at(w.end - 1) == i
    assert line.highlighted_at(words[-1].end + TICKS_PER_SECOND) is None


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

"""The time map, edits, and values written and read."""

from __future__ import annotations

import json
from dataclasses import replace
from fractions import Fraction
from typing import Any

import pytest
from hypothesis import given
from hypothesis import strategies as st

from standtall.base.errors import NothingToDo, ProjectError
from standtall.base.time import TICKS_PER_SECOND
from standtall.cutting.by_words import from_words
from standtall.model import edits, framing_edits, keyframe_edits
from standtall.model.analysis import LEVEL_STEP, Analysis
from standtall.model.captions import Captions
from standtall.model.codec import from_plain, to_plain
from standtall.model.cut import Cut, Segment
from standtall.model.extras import Cutaway, Extras
from standtall.model.framing import Framing, Keyframe, PersonTarget, ShotFraming, SpeakingTarget
from standtall.model.look import Look, look_named
from standtall.model.output import Output, size_of
from standtall.model.short import Short
from standtall.model.sound import SoundMix, SpeakerGain
from standtall.model.source import Source
from standtall.model.style import CaptionStyle, Override, ShapeScope, WordScope
from standtall.model.timemap import TimeMap
from standtall.model.words import Word, word_at, words_within

LOOK = Look("plain", "Plain", "Nothing but letters.", CaptionStyle("Inter"))


def spoken(count: int = 12, gap: int = 9_600, length: int = 14_400) -> Analysis:
    """Words of 0.3 s with pauses of 0.2 s between them, loud while they are said."""
    words = tuple(Word(f"w{i}", 4_800 + i * (length + gap), 4_800 + i * (length + gap) + length) for i in range(count))
    level = [-60.0] * ((words[-1].end + TICKS_PER_SECOND) // LEVEL_STEP)
    for w in words:
        for i in range(w.start // LEVEL_STEP, w.end // LEVEL_STEP + 1):
            level[i] = -20.0
    return Analysis("key", words, level_db=tuple(level))


spans = st.lists(st.tuples(st.integers(1, 5_000), st.integers(1, 5_000)), min_size=1, max_size=8).map(
    lambda gaps: tuple(
        Segment("key", sum(g + n for g, n in gaps[:i]) + g, sum(g + n for g, n in gaps[:i]) + g + n)
        for i, (g, n) in enumerate(gaps)
    )
)


@given(spans, st.data())
def test_source_time_and_short_time_go_back_and_forth(segments: tuple[Segment, ...], data: st.DataObject) -> None:
    time_map = TimeMap(segments)
    tick = data.draw(st.integers(0, time_map.length - 1))
    assert time_map.to_short(*time_map.to_source(tick)) == tick


@given(spans)
def test_what_is_cut_out_has_no_short_time(segments: tuple[Segment, ...]) -> None:
    time_map = TimeMap(segments)
    assert time_map.to_short("key", segments[0].start - 1) is None
    assert time_map.to_short("key", segments[-1].end) is None
    assert time_map.length == sum(e.length for e in segments)


def test_segments_may_stand_in_any_order_but_never_overlap() -> None:
    short = Short.of("a", (Segment("key", 50, 60), Segment("key", 0, 50)))
    assert [short.time_map.to_short("key", t) for t in (0, 49, 50, 59, 60)] == [10, 59, 0, 9, None]
    with pytest.raises(ProjectError):
        Short.of("a", (Segment("key", 50, 60), Segment("key", 0, 51)))


def test_edits_that_change_nothing_say_so() -> None:
    short = from_words("a", spoken(), range(4))
    for broken in (lambda: framing_edits.release(short, Segment("key", 0, 10)), lambda: edits.rename(short, "   ")):
        with pytest.raises(NothingToDo):
            broken()


def test_a_crop_by_hand_replaces_the_one_before_in_its_shot_only() -> None:
    short = from_words("a", spoken(), range(4))
    first, second = Segment("key", 0, 100), Segment("key", 100, 200)
    one = keyframe_edits.set_crop(short, first, 0.3, 0.5, 0.9).short
    two = keyframe_edits.set_crop(one, second, 0.6, 0.5, 1.0).short
    three = keyframe_edits.set_crop(two, first, 0.4, 0.5, 7.0).short
    keys = [k for shot in three.framing.shots for k in shot.keyframes]
    assert {(k.at, k.cx, k.h) for k in keys} == {(100, 0.6, 1.0), (0, 0.4, 1.0)}
    followed = framing_edits.follow(three, first, 1, "Ada").short
    assert followed.framing.of_shot("key", 0, 100) == ShotFraming("key", 0, target=PersonTarget(1))
    assert followed.framing.of_shot("key", 100, 200) == three.framing.of_shot("key", 100, 200)
    assert followed.framing.of_shot("other", 0, 100) is None, "a shot is of one source"
    assert framing_edits.release(followed, first).short.framing.of_shot("key", 0, 100) is None


def test_words_by_time() -> None:
    words = spoken().words
    assert word_at(words, words[3].start) == 3
    assert word_at(words, words[3].end) is None
    assert list(words_within(words, words[2].start, words[4].end)) == [2, 3, 4]


def test_the_quietest_place_is_found() -> None:
    analysis = Analysis("k", level_db=(-20.0,) * 10 + (-70.0,) * 2 + (-20.0,) * 20)
    assert 10 * LEVEL_STEP <= analysis.quietest(2 * LEVEL_STEP, 30 * LEVEL_STEP) < 12 * LEVEL_STEP


def full_short() -> Short:
    shots = (
        ShotFraming("key", 5, "follow", keyframes=(Keyframe(5, 0.2, 0.5, 1.0),)),
        ShotFraming("other", 9, target=PersonTarget(2)),
        ShotFraming("other", 12, "whole", SpeakingTarget(), locked=True),
    )
    overrides = (Override(WordScope("key", 7), {"ink": "#102030"}), Override(ShapeScope("1:1"), {"size": 0.05}))
    return Short(
        "näme",
        Cut((Segment("key", 0, 9), Segment("other", 10, 40)), "punch"),
        Framing(0.3, "stack", 0.2, shots),
        Captions(False, "lantern", 0.7, "de", {"case": "capitals", "max_words": 2}, overrides),
        Extras((Cutaway("/a.png", "ab", Segment("key", 2, 5), 3),)),
        SoundMix(-16.0, (SpeakerGain("key", 1, -3.5),)),
        Output(720, 720, Fraction(30000, 1001)),
        "oddmarrow",
    )


@pytest.mark.parametrize("value", [full_short(), Source("k", "/a", "a", 5, rate=Fraction(25)), LOOK, spoken()])
def test_values_come_back_as_they_were(value: Any) -> None:
    assert from_plain(type(value), json.loads(json.dumps(to_plain(value)))) == value


json_values = st.recursive(
    st.none() | st.booleans() | st.integers() | st.floats() | st.text(max_size=8),
    lambda inner: st.lists(inner, max_size=4) | st.dictionaries(st.text(max_size=8), inner, max_size=4),
    max_leaves=12,
)


@given(json_values)
def test_foreign_data_is_refused_with_our_own_error(data: Any) -> None:
    with pytest.raises(ProjectError):
        from_plain(Short, data)


@given(st.sampled_from(sorted(to_plain(full_short()))), json_values)
def test_one_foreign_field_is_refused_or_allowed(name: str, data: Any) -> None:
    plain = to_plain(full_short())
    plain[name] = data
    try:
        made = from_plain(Short, plain)
    except ProjectError:
        return
    assert from_plain(Short, to_plain(made)) == made


@pytest.mark.parametrize(
    "broken",
    [
        lambda: Word("a", 5, 5),
        lambda: Word("a", -1, 5),
        lambda: Word("a", 1, 5, 1.5),
        lambda: Segment("key", 9, 3),
        lambda: Source("k", "p", "n", 0),
        lambda: Source("k", "p", "n", 5, width=10**6),
        lambda: full_short().with_segments((Segment("key", 0, 9), Segment("key", 5, 40))),
        lambda: full_short().with_segments(()),
        lambda: Output(width=10**9),
        lambda: replace(LOOK.style, highlight="red; background: url(x)"),
        lambda: replace(LOOK, name="../climbs"),
        lambda: look_named((LOOK,), "nothing"),
        lambda: Captions(style={"colour": "#ffffff"}),
        lambda: Captions(style={"size": "large"}),
        lambda: Captions(overrides=(Override(WordScope("key", 1), {"weight": True}),)),
        lambda: SpeakerGain("key", 0, 90.0),
    ],
)
def test_the_model_refuses_bad_states(broken: Any) -> None:
    with pytest.raises(ProjectError):
        broken()


@pytest.mark.parametrize(
    ("written", "size"),
    [("9:16", (1080, 1920)), ("3:4", (1080, 1440)), (" 4 x 3 ", (1440, 1080)), ("1/1", (1080, 1080)), ("21:9", (1920, 822))],
)
def test_a_shape_of_ones_own_has_even_sides_and_no_more_pixels_than_others(written: str, size: tuple[int, int]) -> None:
    assert size_of(written) == size


@pytest.mark.parametrize("written", ["", "9", "0:5", "1:9", "a:b", "9:16:1", "-3:4", "99999999:1"])
def test_what_is_no_shape_is_refused_with_what_would_be_one(written: str) -> None:
    with pytest.raises(ProjectError, match="such as 3:4"):
        size_of(written)

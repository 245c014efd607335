"""Punch-ins: where they are proposed, and how near the picture is while one lasts."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
import pytest

from standtall.base.errors import NothingToDo, ProjectError
from standtall.base.geometry import Rect
from standtall.base.time import TICKS_PER_SECOND
from standtall.compose.producers.framing import EASE, punched
from standtall.framing.camera import plan
from standtall.framing.emphasis import APART, proposed_punches
from standtall.framing.spans import View
from standtall.language.stress import MELODY_STEP, Melody
from standtall.model import framing_edits
from standtall.model.analysis import LEVEL_STEP
from standtall.model.cut import Segment
from standtall.model.framing import Punch
from standtall.model.people import FaceSample, People, Shot, Talk, Track
from standtall.model.short import Short
from standtall.model.source import Source
from standtall.model.words import Word

S = TICKS_PER_SECOND
ALL = (Segment("k", 0, 40 * S),)
SHORT = Short.of("s", ALL)


def speech(lengths: dict[int, float] | None = None, marks: dict[int, str] | None = None) -> tuple[Word, ...]:
    """A word of five letters every half second; some are longer, some end in a mark."""
    out = []
    for n in range(80):
        length = (lengths or {}).get(n, 0.3)
        out.append(Word("alpha" + (marks or {}).get(n, ""), round(n * 0.5 * S), round((n * 0.5 + length) * S)))
    return tuple(out)


def levels(loud: dict[int, float] | None = None) -> tuple[float, ...]:
    """-30 dB where nothing is said of it, in steps of the level; `loud` words are so many dB over it."""
    values = np.full(40 * S // LEVEL_STEP, -30.0)
    for n, over in (loud or {}).items():
        values[round(n * 0.5 * S) // LEVEL_STEP : round((n * 0.5 + 0.3) * S) // LEVEL_STEP] += over
    return tuple(float(v) for v in values)


def test_louder_drawn_out_and_exclaimed_words_are_proposed_with_their_reason() -> None:
    words = speech({40: 0.48}, {60: "!"})
    words = tuple(replace(w, end=w.start + round(0.95 * S)) if n == 40 else w for n, w in enumerate(words) if n != 41)
    found = proposed_punches(words, levels({20: 7.0}), ALL)
    assert [(p.start, p.why) for p in found] == [(10 * S, "louder"), (20 * S, "drawn out"), (29.5 * S, "exclaimed")]
    assert all(0.7 * S <= p.end - p.start <= 3.3 * S for p in found)


def test_words_said_higher_are_proposed_where_the_pitch_is_known() -> None:
    hz = np.full(40 * S // MELODY_STEP, 110.0)
    hz[10 * S // MELODY_STEP : round(10.3 * S) // MELODY_STEP] = 150.0
    found = proposed_punches(speech(), levels(), ALL, Melody(0, hz))
    assert [(p.start, p.why) for p in found] == [(10 * S, "higher")]
    assert proposed_punches(speech(), levels(), ALL, Melody(0, np.full(10, np.nan))) == []


def test_even_speech_proposes_nothing_and_nor_does_what_is_cut_out() -> None:
    assert proposed_punches(speech(), levels(), ALL) == []
    assert proposed_punches(speech(), (), ALL) == []
    assert proposed_punches((), (), ALL) == []
    loud = levels({20: 9.0})
    assert proposed_punches(speech(), loud, (Segment("k", 0, 8 * S), Segment("k", 15 * S, 40 * S))) == []


def test_of_what_comes_too_near_the_strongest_is_taken() -> None:
    found = proposed_punches(speech(), levels({20: 6.0, 26: 9.0, 60: 6.0}), ALL)
    assert [p.start for p in found] == [13 * S, 30 * S]
    assert found[1].start - found[0].end >= APART


FACE = Rect(0.42, 0.25, 0.09, 0.2)


def view_at(second: float, punch: Punch) -> tuple[View, View]:
    """The view at a second, and as it is punched in."""
    track = Track(0, 0, tuple(FaceSample(t, FACE.x, FACE.y, FACE.w, FACE.h, 0.0) for t in range(0, 40 * S, S // 5)))
    people = People((Shot(0, 40 * S),), (track,), (Talk(0, 40 * S, 0, 1.0),), ("A",))
    camera = plan(SHORT, Source("k", "/x", "x", 40 * S, 1920, 1080), people)
    tick = round(second * S)
    return camera.at(tick), punched(camera.at(tick), camera, punch, tick)


def test_the_face_stays_where_it_is_while_the_picture_comes_nearer() -> None:
    punch = Punch("k", 10 * S, 14 * S, size=1.3)
    before, near = view_at(12.0, punch)
    assert abs(before.crop.h / near.crop.h - 1.3) < 1e-9
    for a, b in zip((before.crop,), (near.crop,), strict=True):
        assert abs((FACE.cx - a.x) / a.w - (FACE.cx - b.x) / b.w) < 1e-9
        assert abs((FACE.cy - a.y) / a.h - (FACE.cy - b.y) / b.h) < 1e-9
        assert a.contains(b)


@pytest.mark.parametrize(("ease", "at_once"), [("smooth", False), ("cut", True)])
def test_it_comes_by_and_by_or_at_once(ease: str, at_once: bool) -> None:
    punch = Punch("k", 10 * S, 14 * S, size=1.3, ease=ease)  # type: ignore[arg-type]
    sizes = []
    for tick in (10 * S, 10 * S + EASE // 2, 12 * S, 14 * S - 1):
        before, near = view_at(tick / S, punch)
        sizes.append(before.crop.h / near.crop.h)
    assert abs(sizes[2] - 1.3) < 1e-9
    assert abs(sizes[0] - (1.3 if at_once else 1.0)) < 1e-3
    assert abs(sizes[1] - (1.3 if at_once else 1.15)) < 1e-3


def test_punch_ins_are_added_changed_and_taken_away() -> None:
    one = framing_edits.punch_in(SHORT, "k", 2 * S, 4 * S).short
    over = framing_edits.punch_in(one, "k", 3 * S, 5 * S).short
    assert [(p.start, p.end) for p in over.framing.punches] == [(3 * S, 5 * S)], "the newer one counts"
    more = framing_edits.add_punches(over, [Punch("k", 4 * S, 6 * S), Punch("k", 10 * S, 12 * S)])
    assert (more.label, len(more.short.framing.punches)) == ("Punch in at 1 place", 2)
    with pytest.raises(NothingToDo):
        framing_edits.add_punches(more.short, [])
    first = more.short.framing.punches[0]
    larger = framing_edits.change_punch(more.short, first, replace(first, size=1.4)).short
    assert larger.framing.punches[0].size == 1.4
    with pytest.raises(NothingToDo):
        framing_edits.change_punch(larger, first, None)
    assert framing_edits.clear_punches(larger).short == SHORT
    with pytest.raises(ProjectError, match="overlap"):
        replace(SHORT.framing, punches=(Punch("k", 0, 10), Punch("k", 5, 15)))
    with pytest.raises(ProjectError, match="size"):
        Punch("k", 0, 10, size=3.0)

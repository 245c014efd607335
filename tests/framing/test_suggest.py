"""What shots ask for: screens and wide views whole, quick turns at once, others followed."""

from __future__ import annotations

from dataclasses import replace

import pytest

from standtall.base.time import TICKS_PER_SECOND
from standtall.framing.camera import plan
from standtall.framing.suggest import screen_in, suggested
from standtall.model import framing_edits
from standtall.model.cut import Segment
from standtall.model.framing import Framing, Layout
from standtall.model.people import FaceSample, People, Region, Shot, Talk, Track
from standtall.model.short import Short
from standtall.model.source import Source

S = TICKS_PER_SECOND
SOURCE = Source("k", "/x", "x", 10 * S, 1920, 1080)
SHORT = Short.of("s", (Segment("k", 0, 10 * S),))


def track(person: int, x: float, h: float = 0.2) -> Track:
    return Track(0, person, tuple(FaceSample(t, x, 0.3, h * 0.45, h, 0.0) for t in range(0, 10 * S, 3_200)))


def people(tracks: tuple[Track, ...], talk: tuple[tuple[float, float, int], ...] = (), screen: Region | None = None) -> People:
    said = tuple(Talk(round(a * S), round(b * S), who, 1.0) for a, b, who in talk)
    return People((Shot(0, 10 * S),), tracks, said, ("A", "B", "C", "D"), (), (screen,) if screen is not None else ())


SCREEN = Region(0, 10 * S, 0.05, 0.1, 0.6, 0.6)
QUICK = tuple((i * 1.2, i * 1.2 + 1.1, i % 2) for i in range(8))


@pytest.mark.parametrize(
    ("found", "layout"),
    [
        (people(()), "whole"),
        (people((track(0, 0.7),), ((0, 9, 0),)), "follow"),
        (people((track(0, 0.8),), ((0, 9, 0),), SCREEN), "screen"),
        (people((track(0, 0.8, 0.05),), ((0, 9, 0),), SCREEN), "whole"),
        (people((track(0, 0.1), track(1, 0.8)), QUICK), "stack"),
        (people((track(0, 0.1), track(1, 0.8)), ((0, 4, 0), (4.5, 9, 1))), "follow"),
        (people(tuple(track(i, 0.1 + 0.22 * i) for i in range(4)), QUICK), "grid"),
    ],
)
def test_a_shot_is_shown_as_it_asks_for(found: People, layout: str) -> None:
    assert suggested(Framing(), found, 0).layout == layout
    (span, *_) = plan(SHORT, SOURCE, found).spans
    assert span.decision.layout == layout


def test_a_screen_that_is_seen_for_a_moment_only_is_no_screen_of_the_shot() -> None:
    brief = people((track(0, 0.8),), ((0, 9, 0),), Region(0, 3 * S, 0.05, 0.1, 0.6, 0.6))
    assert screen_in(brief, brief.shots[0]) is None
    assert suggested(Framing(), brief, 0).layout == "follow"


def test_the_cell_of_a_face_shows_nothing_of_the_screen_again() -> None:
    found = people((track(0, 0.8),), ((0, 9, 0),), SCREEN)
    (span,) = plan(SHORT, SOURCE, found).spans
    screen, face = span.at(5 * S).cells
    assert screen.crop.contains(SCREEN.rect, slack=1e-6)
    assert face.crop.x >= SCREEN.rect.right - 0.01


def test_nobody_is_shown_twice_in_a_stack() -> None:
    found = people((track(0, 0.3), track(1, 0.55)), QUICK)
    (span,) = plan(SHORT, SOURCE, found).spans
    faces = {t.person: t.samples[0].rect for t in found.tracks}
    for person, cell in zip(span.decision.people, span.at(S).cells, strict=True):
        assert cell.crop.contains(faces[person])
        assert not cell.crop.contains(faces[1 - person])


def test_a_layout_for_all_shots_gives_way_to_one_of_the_shot() -> None:
    found = people((track(0, 0.1), track(1, 0.8)), ((0, 4, 0), (4.5, 9, 1)))
    every = framing_edits.set_layout_of_all(SHORT, "stack").short
    assert plan(every, SOURCE, found).spans[0].decision.why.kind == "layout chosen"
    one = framing_edits.set_layout(every, Segment("k", 0, 10 * S), "whole").short
    (span,) = plan(one, SOURCE, found).spans
    assert (span.decision.layout, span.decision.by_hand, span.decision.why.kind) == ("whole", True, "by hand")
    assert framing_edits.set_layout(one, Segment("k", 0, 10 * S), None).short == every
    assert framing_edits.set_layout_of_all(every, None).short == SHORT


def test_what_is_planned_is_kept_for_shots_that_did_not_change() -> None:
    shots = (Shot(0, 5 * S), Shot(5 * S, 10 * S))
    tracks = tuple(
        Track(n, 0, tuple(FaceSample(t, 0.4, 0.3, 0.09, 0.2, 0.0) for t in range(n * 5 * S, (n + 1) * 5 * S, 3_200)))
        for n in range(2)
    )
    found = People(shots, tracks, (), ("A",))
    first = plan(SHORT, SOURCE, found)
    changed = framing_edits.set_layout(SHORT, Segment("k", 0, 5 * S), "whole").short
    again = plan(changed, SOURCE, found, before=first)
    assert again.planned[1] is first.planned[1]
    assert again.planned[0] is not first.planned[0]
    assert again == plan(changed, SOURCE, found)


@pytest.mark.parametrize("layout", ["screen", "corner"])
def test_a_screen_is_whole_beside_and_in_the_corner_of_a_face(layout: Layout) -> None:
    found = people((track(0, 0.8),), ((0, 9, 0),), SCREEN)
    (span,) = plan(framing_edits.set_layout_of_all(SHORT, layout).short, SOURCE, found).spans
    assert span.decision.layout == layout
    cells = span.at(5 * S).cells
    assert len(cells) == 2
    assert any(cell.crop.contains(SCREEN.rect, slack=1e-6) for cell in cells)
    assert any(cell.crop.contains(found.tracks[0].samples[0].rect) for cell in cells)


LONG = Source("k", "/x", "x", 40 * S, 1920, 1080)


def long_shot(xs: tuple[float, float], quick: tuple[float, float]) -> People:
    """Forty seconds of two people who take long turns, and quick ones from `quick[0]` to `quick[1]`."""
    tracks = tuple(
        Track(0, n, tuple(FaceSample(t, x, 0.3, 0.09, 0.2, 0.0) for t in range(0, 40 * S, 3_200))) for n, x in enumerate(xs)
    )
    talk = [(0.0, quick[0] - 0.2, 0)]
    at, who = quick[0], 1
    while at < quick[1]:
        talk.append((at, at + 1.0, who))
        at, who = at + 1.1, 1 - who
    talk.append((at + 0.1, 40.0, who))
    return People((Shot(0, 40 * S),), tracks, tuple(Talk(round(a * S), round(b * S), p, 1.0) for a, b, p in talk), ("A", "B"))


def test_the_layout_changes_inside_a_shot_where_the_talk_gets_quick_for_a_while() -> None:
    short = Short.of("s", (Segment("k", 0, 40 * S),))
    camera = plan(short, LONG, long_shot((0.1, 0.8), (14.0, 22.0)))
    assert [camera.at(t * S).layout for t in (5, 18, 30)] == ["follow", "stack", "follow"]
    assert all(a.end == b.start for a, b in zip(camera.spans, camera.spans[1:], strict=False))
    quick = next(s for s in camera.spans if s.decision.layout == "stack")
    assert 13.5 * S <= quick.start <= 14.5 * S
    assert quick.decision.why.kind == "quick turns far apart"
    early = plan(short, LONG, long_shot((0.1, 0.8), (3.0, 10.0)))
    assert early.at(6 * S).layout == "follow", "there is no calm before it"


def test_people_who_fit_into_one_crop_need_no_layout_of_their_own() -> None:
    short = Short.of("s", (Segment("k", 0, 40 * S),))
    near = plan(short, LONG, long_shot((0.40, 0.52), (14.0, 22.0)))
    assert near.at(18 * S).layout == "follow"
    assert near.at(18 * S).crop == near.at(5 * S).crop


def at_once(*overlaps: tuple[float, float]) -> People:
    """Forty seconds of two people who talk for half of them each, the other one beside them at some times (seconds)."""
    calm = long_shot((0.1, 0.8), (20.0, 20.0))
    talk = (Talk(0, 20 * S, 0, 1.0), Talk(20 * S, 40 * S, 1, 1.0))
    both = tuple(Talk(round(a * S), round(b * S), 1 if a < 20 else 0, 0.95) for a, b in overlaps)
    return replace(calm, talk=talk, overlaps=both)


def test_people_who_talk_at_once_for_a_while_are_shown_at_once() -> None:
    short = Short.of("s", (Segment("k", 0, 40 * S),))
    camera = plan(short, LONG, at_once((10.0, 11.2), (11.8, 13.5)))
    assert [camera.at(t * S).layout for t in (5, 12, 16)] == ["follow", "stack", "follow"]
    (both,) = (s for s in camera.spans if s.decision.layout == "stack")
    assert (both.start, both.end) == (10 * S, round(13.5 * S))
    assert (both.decision.why.kind, set(both.decision.people)) == ("talk at once", {0, 1})
    short_word = plan(short, LONG, at_once((10.0, 11.2)))
    assert {s.decision.layout for s in short_word.spans} == {"follow"}, "a word that falls in"
    much = plan(short, LONG, at_once((2.0, 6.0), (9.0, 13.0), (25.0, 31.0)))
    assert {s.decision.layout for s in much.spans} == {"stack"}, "all through the shot"


def test_one_who_is_not_in_view_does_not_talk_at_once_with_anybody() -> None:
    found = at_once((10.0, 13.5))
    found = replace(found, talk=(Talk(0, 40 * S, 2, 1.0),), names=("A", "B", "Voice 3"))
    camera = plan(Short.of("s", (Segment("k", 0, 40 * S),)), LONG, found)
    assert "stack" not in {s.decision.layout for s in camera.spans}

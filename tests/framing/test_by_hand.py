"""What is chosen by hand: sizes of faces, cells, boxes, shots split and joined, and one shot framed like another."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
import pytest

from standtall.base.errors import NothingToDo, ProjectError
from standtall.base.geometry import Rect
from standtall.base.time import TICKS_PER_SECOND
from standtall.framing.camera import plan, tried
from standtall.framing.carry_over import matched
from standtall.framing.following import follow_box, place_of
from standtall.framing.setups import setups
from standtall.framing.shots import with_edges
from standtall.library.stored import as_text, from_text
from standtall.model import framing_edits, keyframe_edits
from standtall.model.cut import Segment
from standtall.model.framing import BoxAt, BoxTarget, CellCrop, Framing, PersonTarget, ShotEdge, ShotFraming
from standtall.model.keyframe_edits import CropOf
from standtall.model.people import FaceSample, People, Shot, Talk, Track
from standtall.model.short import Short
from standtall.model.source import Source

S = TICKS_PER_SECOND
SOURCE = Source("k", "/x", "x", 30 * S, 1920, 1080)
SHORT = Short.of("s", (Segment("k", 0, 30 * S),))
SHOTS = tuple(Segment("k", i * 10 * S, (i + 1) * 10 * S) for i in range(3))


def track(shot: int, person: int, x: float, h: float = 0.2, y: float = 0.3) -> Track:
    samples = tuple(FaceSample(shot * 10 * S + i * 3_200, x, y, h * 0.45, h, 0.0) for i in range(150))
    return Track(shot, person, samples)


def three_shots(look: tuple[int, ...] = ()) -> People:
    """Ann in the first and the last shot, from one camera; Bo, larger, in the middle one."""
    looks = [look, tuple(v + 60 for v in look), tuple(v + 2 for v in look)]
    shots = tuple(Shot(s.start, s.end, one) for s, one in zip(SHOTS, looks, strict=True))
    tracks = (track(0, 0, 0.2), track(1, 1, 0.5, h=0.3), track(2, 0, 0.22))
    talk = tuple(Talk(s.start, s.end, p, 1.0) for s, p in zip(SHOTS, (0, 1, 0), strict=True))
    return People(shots, tracks, talk, ("Ann", "Bo"))


PEOPLE = three_shots(tuple(range(50, 194)))


TWO = replace(PEOPLE, tracks=(PEOPLE.tracks[0], track(0, 1, 0.7), *PEOPLE.tracks[1:]))
"""The same with Bo beside Ann in the first shot."""


def face_in(crop: Rect, face: Rect) -> tuple[float, float, float]:
    """Where a face stands in a crop, and how high it is there."""
    return (face.cx - crop.x) / crop.w, (face.cy - crop.y) / crop.h, face.h / crop.h


def test_the_size_of_a_face_is_what_was_asked_for() -> None:
    short = framing_edits.set_face(SHORT, SHOTS[0], 0.4).short
    camera = plan(short, SOURCE, PEOPLE)
    assert abs(0.2 / camera.at(5 * S).crop.h - 0.4) < 1e-6
    assert camera.at(15 * S) == plan(SHORT, SOURCE, PEOPLE).at(15 * S), "other shots stay"
    every = plan(framing_edits.set_face_of_all(SHORT, 0.25).short, SOURCE, PEOPLE)
    assert abs(0.2 / every.at(25 * S).crop.h - 0.25) < 1e-6
    for out_of_range in (0.01, 0.9):
        with pytest.raises(ProjectError, match="height of a face"):
            framing_edits.set_face(SHORT, SHOTS[0], out_of_range)


def test_a_locked_shot_is_left_out_when_many_are_framed() -> None:
    locked = framing_edits.lock(SHORT, SHOTS[2], "follow").short
    made = [(shot, ShotFraming("k", shot.start, "whole")) for shot in SHOTS]
    framed = framing_edits.frame_shots(locked, made)
    assert framed.label == "Frame 2 shots alike"
    assert [framed.short.framing.of_shot("k", s.start, s.end).layout for s in SHOTS] == ["whole", "whole", None]  # type: ignore[union-attr]
    with pytest.raises(NothingToDo):
        framing_edits.frame_shots(framed.short, made)
    unlocked = framing_edits.lock(locked, SHOTS[2], None).short
    assert unlocked == SHORT, "nothing is left of a lock that was taken off"
    every = plan(framing_edits.set_layout_of_all(locked, "whole").short, SOURCE, PEOPLE)
    assert [every.at(t * S).layout for t in (5, 15, 25)] == ["whole", "whole", "follow"]
    assert not every.span_at(25 * S).decision.by_hand


def test_automatic_again_takes_all_but_the_lock() -> None:
    short = framing_edits.lock(framing_edits.set_face(SHORT, SHOTS[0], 0.4).short, SHOTS[0], "follow").short
    again = framing_edits.release(short, SHOTS[0]).short
    assert again.framing.of_shot("k", 0, 10 * S) == ShotFraming("k", 0, locked=True, kept="follow")
    with pytest.raises(NothingToDo):
        framing_edits.release(again, SHOTS[0])


def test_a_shot_is_split_and_joined_again() -> None:
    chosen = framing_edits.follow(SHORT, SHOTS[0], 0, "Ann").short
    split = framing_edits.split_shot(chosen, SHOTS[0], 4 * S).short
    people = plan(split, SOURCE, PEOPLE).people
    assert [s.start for s in people.shots] == [0, 4 * S, 10 * S, 20 * S]
    assert [t.shot for t in people.tracks] == [0, 1, 2, 3]
    assert sum(len(t.samples) for t in people.tracks) == sum(len(t.samples) for t in PEOPLE.tracks)
    assert [f.target for f in split.framing.shots] == [PersonTarget(0)] * 2, "both go on as they were"
    halves = framing_edits.set_layout(split, Segment("k", 4 * S, 10 * S), "whole").short
    camera = plan(halves, SOURCE, PEOPLE)
    assert [camera.at(t * S).layout for t in (2, 6, 12)] == ["follow", "whole", "follow"]
    back = framing_edits.join_shot(halves, Segment("k", 4 * S, 10 * S)).short
    assert back.framing.edges == (), "it is as if it had never been split"
    assert plan(back, SOURCE, PEOPLE).at(6 * S).layout == "follow"
    with pytest.raises(NothingToDo):
        framing_edits.split_shot(SHORT, SHOTS[0], 0)
    with pytest.raises(NothingToDo):
        framing_edits.join_shot(SHORT, SHOTS[0])


def test_joined_shots_are_one_and_split_keyframes_stay_where_they_are() -> None:
    joined = framing_edits.join_shot(SHORT, SHOTS[1]).short
    people = plan(joined, SOURCE, PEOPLE).people
    assert [(s.start, s.end) for s in people.shots] == [(0, 20 * S), (20 * S, 30 * S)]
    assert people.shots[0].look == PEOPLE.shots[0].look
    keyed = keyframe_edits.add_keyframe(SHORT, SHOTS[0], 2 * S, 0.3, 0.5, 0.9).short
    keyed = keyframe_edits.add_keyframe(keyed, SHOTS[0], 8 * S, 0.6, 0.5, 0.9).short
    split = framing_edits.split_shot(keyed, SHOTS[0], 5 * S).short
    assert [[k.at for k in f.keyframes] for f in sorted(split.framing.shots, key=lambda f: f.at)] == [[2 * S], [8 * S]]


def test_edges_that_mean_nothing_change_nothing_and_fewer_shots_come_out_the_same() -> None:
    edges = (ShotEdge("k", 4 * S, True), ShotEdge("k", 20 * S, False), ShotEdge("k", 10 * S, True), ShotEdge("k", 7 * S, False))
    whole = with_edges(PEOPLE, edges)
    assert [(s.start, s.end) for s in whole.shots] == [(0, 4 * S), (4 * S, 10 * S), (10 * S, 30 * S)]
    assert with_edges(whole, edges) is whole
    last = replace(PEOPLE, shots=PEOPLE.shots[2:], tracks=tuple(replace(t, shot=0) for t in PEOPLE.tracks[2:]))
    assert with_edges(last, edges[:1]) is last
    assert with_edges(People(), edges) == People()


def test_shots_of_one_camera_are_told_by_their_look_and_where_people_sit() -> None:
    assert setups(PEOPLE) == ((0, 2), (1,))
    moved = replace(PEOPLE, tracks=(*PEOPLE.tracks[:2], track(2, 0, 0.7)))
    assert setups(moved) == ((0,), (1,), (2,)), "the same wall, but Ann sits elsewhere: the camera was turned"
    assert setups(three_shots()) == ((0,), (1,), (2,)), "nothing is known of how they look"
    assert setups(People()) == ()


def test_a_crop_carried_over_shows_somebody_as_large_at_the_same_place() -> None:
    short = keyframe_edits.set_crop(SHORT, SHOTS[0], 0.27, 0.46, 0.6).short
    camera = plan(short, SOURCE, PEOPLE)
    made = matched(short.framing, SOURCE, 9 / 16, camera, 0, [1, 2])
    after = plan(framing_edits.frame_shots(short, made).short, SOURCE, PEOPLE)
    here = face_in(after.at(5 * S).crop, Rect(0.2, 0.3, 0.09, 0.2))
    for tick, face in ((15 * S, Rect(0.5, 0.3, 0.135, 0.3)), (25 * S, Rect(0.22, 0.3, 0.09, 0.2))):
        assert np.allclose(face_in(after.at(tick).crop, face), here, atol=1e-6)


def test_whom_and_what_is_carried_over_only_where_it_is_there() -> None:
    short = framing_edits.follow(SHORT, SHOTS[0], 0, "Ann").short
    made = matched(short.framing, SOURCE, 9 / 16, plan(short, SOURCE, PEOPLE), 0, [1, 2])
    assert [f.target for _, f in made] == [None, PersonTarget(0)]
    box = BoxTarget((BoxAt(S, 0.1, 0.1, 0.2, 0.2), BoxAt(2 * S, 0.2, 0.1, 0.2, 0.2)), S)
    boxed = framing_edits.follow_box(SHORT, SHOTS[0], box).short
    ((_, there),) = matched(boxed.framing, SOURCE, 9 / 16, plan(boxed, SOURCE, PEOPLE), 0, [2])
    assert there.target == BoxTarget((BoxAt(20 * S, 0.1, 0.1, 0.2, 0.2),), 20 * S), "the place is, the way is not"


def test_a_box_is_kept_whole_and_followed() -> None:
    places = (BoxAt(0, 0.1, 0.4, 0.1, 0.2), BoxAt(4 * S, 0.1, 0.4, 0.1, 0.2), BoxAt(8 * S, 0.7, 0.3, 0.1, 0.2))
    box = BoxTarget(places, S)
    path = follow_box(SOURCE, 9 / 16, 0.6, box, 0, 10 * S)
    for tick in range(0, 10 * S, 4_800):
        assert path.at(tick).contains(place_of(box, tick), slack=0.004), tick / S
        assert Rect(0, 0, 1, 1).contains(path.at(tick), slack=1e-9)
    assert place_of(box, 6 * S).overlap(Rect(0.4, 0.35, 0.1, 0.2)) > 0.999
    still = follow_box(SOURCE, 9 / 16, 0.6, BoxTarget(places[:1], 0), 0, 10 * S)
    assert len(still.crops) == 1
    short = framing_edits.follow_box(SHORT, SHOTS[0], box).short
    span = plan(short, SOURCE, PEOPLE).span_at(S)
    assert (span.decision.why.kind, span.decision.by_hand) == ("box", True)
    other = framing_edits.set_layout(short, SHOTS[0], "whole").short
    assert other.framing.of_shot("k", 0, 10 * S).target is None  # type: ignore[union-attr]


@pytest.mark.parametrize("places", [(), (BoxAt(5, 0, 0, 0.1, 0.1), BoxAt(5, 0, 0, 0.1, 0.1))])
def test_places_of_a_box_must_be_there_in_order(places: tuple[BoxAt, ...]) -> None:
    with pytest.raises(ProjectError, match="order"):
        BoxTarget(places, 0)


@pytest.mark.parametrize("bad", [(-0.5, 0, 0.1, 0.1), (0.95, 0, 0.2, 0.1), (0, 0, 0.0, 0.1), (0, 0.5, 0.1, 0.6)])
def test_a_box_outside_the_picture_is_refused(bad: tuple[float, float, float, float]) -> None:
    with pytest.raises(ProjectError):
        BoxAt(0, *bad)


def test_a_stack_where_there_are_no_two_people_shows_parts_of_the_picture() -> None:
    short = framing_edits.set_layout(SHORT, SHOTS[0], "stack").short
    span = plan(short, SOURCE, PEOPLE).span_at(S)
    assert span.decision.why.kind == "parts of the picture"
    left, right = span.at(S).cells
    assert left.crop.right <= right.crop.x + 1e-9
    assert abs(left.crop.w - 0.5) < 1e-9, "each is a half of the picture where that fits"
    shared = framing_edits.set_share(short, SHOTS[0], 0.3).short
    assert [c.target.h for c in plan(shared, SOURCE, PEOPLE).at(S).cells] == [0.3, 0.7]


def test_the_crop_of_one_cell_is_set_by_hand_and_the_other_stays() -> None:
    stack = framing_edits.set_layout(SHORT, SHOTS[0], "stack").short
    before = plan(stack, SOURCE, TWO).at(S).cells
    assert plan(stack, SOURCE, TWO).span_at(S).decision.people == (0, 1)
    moved = framing_edits.set_cell(stack, SHOTS[0], "stack", 1, 0.6, 0.5, 0.4).short
    after = plan(moved, SOURCE, TWO).at(S).cells
    assert after[0] == before[0]
    assert abs(after[1].crop.cx - 0.6) < 1e-9
    assert abs(after[1].crop.h - 0.4) < 1e-9
    assert plan(moved, SOURCE, TWO).span_at(S).decision.by_hand
    both = framing_edits.set_cell(moved, SHOTS[0], "stack", 0, 0.3, 0.5, 0.5).short
    assert {c.cell for c in both.framing.of_shot("k", 0, 10 * S).cells} == {0, 1}  # type: ignore[union-attr]
    anew = framing_edits.set_layout(both, SHOTS[0], "grid").short
    assert anew.framing.of_shot("k", 0, 10 * S).cells == ()  # type: ignore[union-attr]
    with pytest.raises(ProjectError, match="number of a cell"):
        CellCrop(4, 0.5, 0.5, 0.5)


def test_each_cell_moves_by_keyframes_of_its_own() -> None:
    upper, lower = CropOf("stack", 0), CropOf("stack", 1)
    short = framing_edits.set_layout(SHORT, SHOTS[0], "stack").short
    before = plan(short, SOURCE, TWO).at(5 * S).cells
    short = keyframe_edits.add_keyframe(short, SHOTS[0], 2 * S, 0.3, 0.5, 0.4, lower).short
    short = keyframe_edits.add_keyframe(short, SHOTS[0], 8 * S, 0.7, 0.5, 0.4, lower).short
    short = keyframe_edits.ease_keyframe(short, SHOTS[0], 2 * S, "even", lower).short
    camera = plan(short, SOURCE, TWO)
    assert [camera.at(t * S).layout for t in (1, 5, 9)] == ["stack"] * 3, "no keyframe makes one crop of two cells"
    assert camera.at(5 * S).cells[0] == before[0], "the other cell follows as before"
    assert [round(camera.at(t * S).cells[1].crop.cx, 6) for t in (1, 2, 5, 8, 9)] == [0.3, 0.3, 0.5, 0.7, 0.7]
    both = keyframe_edits.add_keyframe(short, SHOTS[0], 4 * S, 0.2, 0.5, 0.4, upper).short
    assert [k.at for k in keyframe_edits.keyframes_of(both, SHOTS[0], upper)] == [4 * S]
    assert [k.at for k in keyframe_edits.keyframes_of(both, SHOTS[0], lower)] == [2 * S, 8 * S]
    assert keyframe_edits.keyframes_of(both, SHOTS[0]) == (), "they are none of a crop alone"
    assert keyframe_edits.keyframes_of(both, SHOTS[0], CropOf("grid", 1)) == ()
    moved = keyframe_edits.move_keyframe(both, SHOTS[0], 8 * S, 6 * S, lower).short
    assert [k.at for k in keyframe_edits.keyframes_of(moved, SHOTS[0], lower)] == [2 * S, 6 * S]
    dragged = keyframe_edits.set_crop(both, SHOTS[0], 0.6, 0.5, 0.4, 5 * S, lower).short
    assert [k.at for k in keyframe_edits.keyframes_of(dragged, SHOTS[0], lower)] == [2 * S, 5 * S, 8 * S]
    gone = both
    for at in (2 * S, 8 * S):
        gone = keyframe_edits.remove_keyframe(gone, SHOTS[0], at, lower).short
    assert plan(gone, SOURCE, TWO).at(5 * S).cells[1] == before[1]
    assert len(keyframe_edits.keyframes_of(gone, SHOTS[0], upper)) == 1
    assert from_text(Short, as_text(both)) == both


def test_a_cell_that_was_set_for_all_of_a_shot_begins_its_keyframes_and_a_split_gives_each_part_its_own() -> None:
    lower = CropOf("stack", 1)
    short = framing_edits.set_cell(SHORT, SHOTS[0], "stack", 1, 0.3, 0.5, 0.4).short
    assert not keyframe_edits.moves(short, SHOTS[0], lower)
    short = keyframe_edits.add_keyframe(short, SHOTS[0], 6 * S, 0.7, 0.5, 0.4, lower).short
    assert [k.at for k in keyframe_edits.keyframes_of(short, SHOTS[0], lower)] == [0, 6 * S]
    short = keyframe_edits.add_keyframe(short, SHOTS[0], 2 * S, 0.2, 0.5, 0.4, CropOf("stack", 0)).short
    split = framing_edits.split_shot(short, SHOTS[0], 4 * S).short
    camera = plan(split, SOURCE, TWO)
    assert [round(camera.at(t).cells[1].crop.cx, 6) for t in (S, 5 * S)] == [0.3, 0.7]
    assert [round(camera.at(t).cells[0].crop.cx, 6) for t in (S, 5 * S)] == [0.2, 0.2], "the nearest one is for each part"
    one_again = framing_edits.set_cell(short, SHOTS[0], "stack", 1, 0.5, 0.5, 0.4).short
    assert keyframe_edits.moves(one_again, SHOTS[0], CropOf("stack", 0))
    assert not keyframe_edits.moves(one_again, SHOTS[0], lower)


def test_what_is_tried_is_what_the_edit_makes() -> None:
    camera = plan(SHORT, SOURCE, PEOPLE, everywhere=True)
    for edit in (
        framing_edits.set_layout(SHORT, SHOTS[1], "whole"),
        keyframe_edits.set_crop(SHORT, SHOTS[1], 0.4, 0.5, 0.7),
        framing_edits.set_face(SHORT, SHOTS[1], 0.45),
    ):
        shown = tried(camera, edit.short, SOURCE, 12 * S)
        made = plan(edit.short, SOURCE, PEOPLE, everywhere=True)
        assert shown.spans == made.spans
    assert tried(plan(SHORT, SOURCE, People()), SHORT, SOURCE, 0).at(0).layout == "whole"


def test_framings_go_into_a_project_and_come_back() -> None:
    box = BoxTarget((BoxAt(S, 0.1, 0.1, 0.2, 0.2), BoxAt(2 * S, 0.2, 0.1, 0.2, 0.2)), S)
    short = framing_edits.follow_box(SHORT, SHOTS[0], box).short
    short = framing_edits.split_shot(short, SHOTS[1], 12 * S).short
    short = framing_edits.set_cell(short, SHOTS[2], "stack", 1, 0.5, 0.5, 0.4).short
    assert from_text(Short, as_text(short)) == short
    assert from_text(Short, as_text(SHORT)).framing == Framing()


def test_a_reaction_is_shown_also_in_a_shot_that_is_in_cells() -> None:
    stack = framing_edits.set_layout(SHORT, SHOTS[0], "stack").short
    shown = framing_edits.show_reaction(stack, SHOTS[0], 4 * S, 6 * S, 1, "Bo").short
    camera = plan(shown, SOURCE, TWO)
    assert [camera.span_at(t * S).decision.why.kind for t in (2, 5, 8)] == ["speaking", "reaction", "speaking"]
    assert [camera.span_at(t * S).decision.person for t in (2, 5, 8)] == [0, 1, 0]
    assert camera.at(5 * S).crop.contains(Rect(0.7, 0.3, 0.09, 0.2))
    with pytest.raises(NothingToDo, match="not in this shot"):
        framing_edits.show_reaction(SHORT, SHOTS[0], 12 * S, 13 * S, 1, "Bo")

"""The camera on people made up for the test, and on the demo against its truth."""

from __future__ import annotations

from dataclasses import replace

import pytest

from standtall.base.geometry import Rect
from standtall.base.time import TICKS_PER_SECOND
from standtall.framing.camera import Camera, plan
from standtall.framing.decisions import Why
from standtall.framing.following import head_of
from standtall.framing.whom import turns
from standtall.model import framing_edits, keyframe_edits
from standtall.model.analysis import Analysis
from standtall.model.cut import Segment
from standtall.model.framing import Framing, Layout
from standtall.model.output import Output
from standtall.model.people import FaceSample, People, Region, Shot, Talk, Track
from standtall.model.short import Short
from standtall.model.source import Source


def still(person: int, x: float, shot: int = 0, seconds: int = 10) -> Track:
    return Track(shot, person, tuple(FaceSample(i * 3_200, x, 0.3, 0.08, 0.2, 0.0) for i in range(seconds * 15)))


def two_people() -> People:
    talk = (Talk(0, 4 * TICKS_PER_SECOND, 0, 1.0), Talk(5 * TICKS_PER_SECOND, 10 * TICKS_PER_SECOND, 1, 1.0))
    return People((Shot(0, 10 * TICKS_PER_SECOND),), (still(0, 0.1), still(1, 0.8)), talk, ("Ann", "Bo"))


ALL = Segment("k", 0, 10 * TICKS_PER_SECOND)
SOURCE = Source("k", "/x", "x", 10 * TICKS_PER_SECOND, 1920, 1080)


def short_of_all(**changes: object) -> Short:
    return replace(Short.of("s", (ALL,)), **changes)  # type: ignore[arg-type]


def test_the_camera_cuts_to_the_next_speaker() -> None:
    camera = plan(short_of_all(), SOURCE, two_people())
    assert [s.decision.person for s in camera.spans] == [0, 1]
    assert 4 * TICKS_PER_SECOND <= camera.spans[1].start <= 5 * TICKS_PER_SECOND
    assert camera.spans[0].end == camera.spans[1].start
    assert camera.spans[0].decision.why == Why("speaking", (0,))


def test_a_short_word_does_not_make_it_nervous() -> None:
    people = two_people()
    talk = (
        Talk(0, 4 * TICKS_PER_SECOND, 0, 1.0),
        Talk(4 * TICKS_PER_SECOND + 9_000, 4 * TICKS_PER_SECOND + 34_000, 1, 1.0),
        Talk(5 * TICKS_PER_SECOND, 9 * TICKS_PER_SECOND, 0, 1.0),
    )
    nervous = People(people.shots, people.tracks, talk, people.names)
    assert [t.person for t in turns(nervous, nervous.tracks, 0, 10 * TICKS_PER_SECOND, None)] == [0]


def test_people_who_fit_together_need_no_cut() -> None:
    near = People((Shot(0, 10 * TICKS_PER_SECOND),), (still(0, 0.42), still(1, 0.52)), two_people().talk, ("Ann", "Bo"))
    assert len(plan(short_of_all(), SOURCE, near).spans) == 1


def test_choices_by_hand_win() -> None:
    short = framing_edits.follow(short_of_all(), ALL, 1, "Bo").short
    assert [s.decision.person for s in plan(short, SOURCE, two_people()).spans] == [1]
    short = keyframe_edits.set_crop(short, ALL, 0.99, 0.5, 0.8).short
    (span,) = plan(short, SOURCE, two_people()).spans
    assert span.decision.by_hand
    assert Rect(0, 0, 1, 1).contains(span.paths[0].crops[0], slack=1e-9), "a crop by hand is moved inside the picture"


def test_nobody_in_view_stays_whole() -> None:
    camera = plan(short_of_all(), SOURCE, People((Shot(0, 10 * TICKS_PER_SECOND),)))
    assert camera.at(5).layout == "whole"


def test_a_small_face_beside_a_screen_leaves_the_picture_whole() -> None:
    small = short_of_all(framing=Framing(fit_under=0.24))
    (span,) = plan(small, SOURCE, two_people()).spans
    assert span.decision.layout == "whole"
    assert span.decision.why.kind == "face beside a screen"
    assert plan(short_of_all(framing=Framing(fit_under=0.15)), SOURCE, two_people()).spans[0].decision.layout == "follow"
    chosen = framing_edits.follow(small, ALL, 1, "Bo").short
    assert [s.decision.person for s in plan(chosen, SOURCE, two_people()).spans] == [1], (
        "whom the person chose is followed all the same"
    )


def demo_camera(source: Source, analysis: Analysis, **changes: object) -> Camera:
    short = replace(Short.of("all", (Segment(source.key, 0, source.length),)), **changes)  # type: ignore[arg-type]
    return plan(short, source, analysis.people)


def test_the_demo_is_framed_right(demo_source: Source, demo_analysis: Analysis, demo_truth: dict) -> None:
    """Goals of the issue: whole face inside in 98 % of talking frames, wrong person at most 3 %, still 60 %."""
    camera = demo_camera(demo_source, demo_analysis)
    inside = wrong = talking = quiet = 0
    before = None
    for n in range(demo_truth["frames"]):
        cells = camera.at(round((n + 0.5) * TICKS_PER_SECOND / demo_truth["rate"])).cells
        assert all(Rect(0, 0, 1, 1).contains(cell.crop, slack=1e-9) for cell in cells)
        crop = cells[0].crop
        quiet += before is not None and abs(crop.x - before.x) < 0.001 and abs(crop.y - before.y) < 0.001
        before = crop
        faces = {name: Rect(*face).scaled(1 / 1920, 1 / 1080) for name, _head, face in demo_truth["people"][n]}
        speaker = demo_truth["speakers"][n]
        if speaker in faces:
            talking += 1
            shown = {name for name, face in faces.items() if any(cell.crop.contains(face) for cell in cells)}
            inside += speaker in shown
            wrong += speaker not in shown and bool(shown)
    assert talking > 3000
    assert inside / talking >= 0.98
    assert wrong / talking <= 0.03
    assert quiet / demo_truth["frames"] >= 0.60


def test_heads_keep_their_hair_in_frame(demo_source: Source, demo_analysis: Analysis) -> None:
    camera = demo_camera(demo_source, demo_analysis)
    for track in demo_analysis.people.tracks:
        for sample in track.samples[::20]:
            span = camera.span_at(sample.at)
            if span.decision.person == track.person and span.start < sample.at < span.end:
                head = head_of(sample.rect)
                crop = span.at(sample.at).cells[-1].crop  # the face beside a screen is in the last cell
                if head.w < crop.w:
                    assert crop.contains(Rect(head.x, max(0.0, head.y), head.w, 0.01), slack=0.012)


def test_a_path_does_not_depend_on_where_the_short_is_cut(demo_source: Source, demo_analysis: Analysis) -> None:
    shot = demo_analysis.people.shots[4]  # the guest who walks
    middle = (shot.start + shot.end) // 2
    part = Short.of("p", (Segment(demo_source.key, middle, middle + TICKS_PER_SECOND),))
    one = plan(part, demo_source, demo_analysis.people).at(middle + 1_000)
    assert one == demo_camera(demo_source, demo_analysis).at(middle + 1_000)


@pytest.mark.parametrize("size", [(1920, 1080), (1080, 1920), (1000, 1000), (640, 2000), (2000, 300)])
@pytest.mark.parametrize("layout", [None, "follow", "whole", "stack", "grid", "screen", "corner"])
@pytest.mark.parametrize("output", [(1080, 1920), (1080, 1350), (1080, 1080), (1920, 1080)])
def test_every_layout_stays_inside_footage_of_every_shape(
    size: tuple[int, int], layout: Layout | None, output: tuple[int, int]
) -> None:
    source = Source("k", "/x", "x", 10 * TICKS_PER_SECOND, *size)
    found = two_people()
    screen = Region(0, 10 * TICKS_PER_SECOND, 0.2, 0.1, 0.5, 0.6)
    found = replace(found, screens=(screen,))
    short = short_of_all(framing=Framing(layout=layout), output=Output(*output))
    camera = plan(short, source, found)
    for tick in range(0, 10 * TICKS_PER_SECOND, TICKS_PER_SECOND // 3):
        view = camera.at(tick)
        for cell in view.cells:
            assert Rect(0, 0, 1, 1).contains(cell.crop, slack=1e-6)
            assert Rect(0, 0, 1, 1).contains(cell.target, slack=1e-6)
            if view.layout != "whole":
                shape = cell.crop.w * size[0] / (cell.crop.h * size[1])
                assert shape == pytest.approx(cell.target.w * output[0] / (cell.target.h * output[1]), rel=0.02)


def test_a_shot_of_one_frame_and_thirty_people_are_framed() -> None:
    tiny = People((Shot(0, 1_600),), (Track(0, 0, (FaceSample(0, 0.5, 0.3, 0.08, 0.2, 0.0),)),), (), ("A",))
    assert plan(short_of_all(), SOURCE, tiny).at(0).layout == "follow"
    many = tuple(still(n, 0.03 * n) for n in range(30))
    crowd = People((Shot(0, 10 * TICKS_PER_SECOND),), many, (), tuple(f"P{n}" for n in range(30)))
    for layout in ("follow", "stack", "grid"):
        view = plan(short_of_all(framing=Framing(layout=layout)), SOURCE, crowd).at(5)  # type: ignore[arg-type]
        assert view.layout == layout


def test_the_camera_goes_over_between_two_who_walk_side_by_side_in_one_move() -> None:
    """They talk in turn: a cut to nearly the same crop would look like a mistake."""
    s = TICKS_PER_SECOND
    at = range(0, 10 * s, 3_200)
    walks = [(0, lambda t: 0.10 + 0.06 * t), (1, lambda t: 0.12 + 0.06 * t)]
    tracks = tuple(
        Track(0, person, tuple(FaceSample(t, place(t / s), 0.3, 0.08, 0.2, 0.0) for t in at)) for person, place in walks
    )
    talk = (Talk(0, 5 * s, 0, 1.0), Talk(5 * s, 10 * s, 1, 1.0))
    people = People((Shot(0, 10 * s),), tracks, talk, ("Ann", "Bo"))
    camera = plan(short_of_all(), SOURCE, people)
    assert [c.decision.person for c in camera.spans] == [0, 1]
    change = camera.spans[1].start
    before, after = camera.at(change - 1).crop, camera.at(change).crop
    assert abs(before.cx - after.cx) < 0.01 * before.w, "no cut"
    for tick in range(0, 10 * s, 4_800):
        speaker = tracks[0 if tick < change else 1].at(tick)
        assert speaker is not None
        assert camera.at(tick).crop.contains(speaker, slack=0.01), tick / s


def test_what_is_seen_through_a_camera_is_kept_with_it_alone() -> None:
    camera = plan(short_of_all(), SOURCE, two_people())
    looks: list[int] = []

    def look() -> int:
        looks.append(1)
        return len(looks)

    assert camera.seen(("a", 1), look) == 1
    assert camera.seen(("a", 1), look) == 1
    assert camera.seen(("a", 2), look) == 2
    assert replace(camera).seen(("a", 1), look) == 3, "another camera sees for itself"
    empty: list[tuple[int, ...]] = []
    assert camera.seen("none", lambda: empty.append(()) or ()) == () and camera.seen("none", lambda: empty.append(()) or ()) == ()
    assert len(empty) == 1, "nothing that is seen is kept as well"

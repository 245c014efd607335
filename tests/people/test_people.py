"""Cuts, people and speakers: on made-up values, and the shipped analysis of the demo against its truth."""

from __future__ import annotations

import numpy as np

from standtall.base.geometry import Rect
from standtall.base.time import TICKS_PER_SECOND
from standtall.demo.heads import PEOPLE, Pose, draw_head
from standtall.demo.sets import blank, pen_on, pixels
from standtall.media.planes import Planes, from_rgb, scaled
from standtall.model.analysis import LEVEL_STEP, Analysis
from standtall.model.people import FaceSample, Track
from standtall.people.detection import one_person
from standtall.people.faces import FaceMesh, Mesh, SmallFaceDetector
from standtall.people.follow import FaceFollower
from standtall.people.reidentify import Looks, group
from standtall.people.shot_changes import SIZE, ChangeFinder, shots_between
from tests.conftest import grey
from tests.seeing import NoBodies, NoVectors, find_faces

STEP = TICKS_PER_SECOND // 15


def test_the_same_clothes_are_the_same_person_unless_seen_at_once() -> None:
    rng = np.random.default_rng(0)
    base = [rng.dirichlet(np.ones(50) * 0.1).astype(np.float32) for _ in range(2)]
    colours = [base[0], base[1], base[0] * 0.97 + base[1] * 0.03, base[1]]
    assert group(dressed(*colours), [(0, 10), (0, 10), (20, 30), (20, 30)]) == [0, 1, 0, 1]
    assert len(set(group(dressed(base[0], base[0]), [(0, 10), (5, 15)]))) == 2


def dressed(*colours: np.ndarray, vectors: tuple[np.ndarray, ...] = ()) -> list[Looks]:
    none = (np.zeros(0, np.float32),) * len(colours)
    return [Looks(c, v) for c, v in zip(colours, vectors or none, strict=True)]


def test_faces_tell_two_in_the_same_clothes_apart_and_know_one_who_dresses_a_little_otherwise() -> None:
    rng = np.random.default_rng(0)
    one, other = (rng.dirichlet(np.ones(50) * 0.1).astype(np.float32) for _ in range(2))
    face = np.zeros(128, np.float32)
    far = face + np.float32(0.7 / np.sqrt(128))
    later = [(0, 10), (20, 30)]
    assert group(dressed(one, one), later) == [0, 0]
    assert len(set(group(dressed(one, one, vectors=(face, far)), later))) == 2, "as far apart as two people"
    between = np.float32(0.42) * one + np.float32(0.58) * other
    assert len(set(group(dressed(one, between), later))) == 2
    assert group(dressed(one, between, vectors=(face, face)), later) == [0, 0]
    assert len(set(group(dressed(one, other, vectors=(face, face)), later))) == 2, "drawn faces are alike: clothes tell"
    assert group(dressed(one, one, vectors=(face, np.zeros(0, np.float32))), later) == [0, 0], (
        "a face that nobody read tells nothing"
    )


def smaller(picture: Planes) -> Planes:
    return Planes(*(scaled(p, SIZE) for p in (picture.y, picture.u, picture.v)))


def test_cuts_are_found_at_their_picture() -> None:
    finder = ChangeFinder()
    rng = np.random.default_rng(1)
    for n in range(90):
        picture = grey(60 if n < 40 else 180)
        picture.y[::7, ::5] = rng.integers(50, 70)
        finder.see(n * 1_600, smaller(picture))
    shots = shots_between((at for c in finder.changes() for at in [c.after]), 90 * 1_600)
    assert [(s.start, s.end) for s in shots] == [(0, 64_000), (64_000, 144_000)]


def test_drawn_heads_are_found_and_their_mouths_read() -> None:
    image = blank(960, 540, "#44564c")
    painter = pen_on(image)
    places = {}
    for i, (name, mouth) in enumerate((("wren", 0.0), ("odile", 0.8), ("marlow", 0.4))):
        places[name] = draw_head(painter, PEOPLE[name], 180 + i * 300, 250, 230, Pose(mouth))
    painter.end()
    picture = np.ascontiguousarray(pixels(image)[..., :3])
    boxes = SmallFaceDetector().faces(picture)
    assert len(boxes) == 3
    mesh = FaceMesh()
    read = {}
    for name, drawn in places.items():
        x, _y, w, _h = drawn.face
        near = max(boxes, key=lambda b: -abs(b.cx - x - w / 2))
        found = mesh.read(picture, near)
        assert found.sure > 0.9
        assert abs(found.box.cx - (x + w / 2)) < 0.12 * w
        read[name] = found.mouth
        assert from_rgb(picture[..., ::-1]).width == 960
    assert read["odile"] > read["wren"] + 0.03


def test_footage_without_people_is_whole_shots(tmp_path) -> None:  # type: ignore[no-untyped-def]
    from standtall.media.probe import probe
    from tests.conftest import make_clip

    source = probe(make_clip(tmp_path / "a.mp4", frames=40))
    people = find_faces(source)
    assert people.tracks == ()
    assert people.shots[-1].end == source.length


def test_the_demo_is_cut_where_it_was_cut(demo_analysis: Analysis, demo_truth: dict) -> None:
    found = [round(s.start * demo_truth["rate"] / TICKS_PER_SECOND) for s in demo_analysis.people.shots[1:]]
    assert found == demo_truth["cuts"]


def matched_people(analysis: Analysis, truth: dict) -> dict[int, str]:
    """Our person numbers by the names of the truth, by the place of their faces."""
    votes: dict[int, dict[str, int]] = {}
    for track in analysis.people.tracks:
        for sample in track.samples[::5]:
            frame = min(truth["frames"] - 1, round(sample.at * truth["rate"] / TICKS_PER_SECOND))
            for name, _head, (x, _y, w, _h) in truth["people"][frame]:
                if abs(sample.rect.cx * 1920 - (x + w / 2)) < w / 2:
                    mine = votes.setdefault(track.person, {})
                    mine[name] = mine.get(name, 0) + 1
    return {person: max(names, key=lambda n: names[n]) for person, names in votes.items()}


def test_the_demo_has_three_people_known_again(demo_analysis: Analysis, demo_truth: dict) -> None:
    people = matched_people(demo_analysis, demo_truth)
    assert sorted(people.values()) == ["marlow", "odile", "wren"]
    for track in demo_analysis.people.tracks:
        for sample in track.samples[:: len(track.samples) // 3]:
            frame = min(demo_truth["frames"] - 1, round(sample.at * demo_truth["rate"] / TICKS_PER_SECOND))
            near = min(demo_truth["people"][frame], key=lambda p: abs(p[2][0] + p[2][2] / 2 - sample.rect.cx * 1920))
            assert near[0] == people[track.person]


def test_the_demo_speakers_are_right(demo_analysis: Analysis, demo_truth: dict) -> None:
    names = matched_people(demo_analysis, demo_truth)
    right = wrong = 0
    for frame, speaker in enumerate(demo_truth["speakers"]):
        if speaker is None or speaker not in [p[0] for p in demo_truth["people"][frame]]:
            continue
        said = demo_analysis.people.speaker_at(round((frame + 0.5) * TICKS_PER_SECOND / demo_truth["rate"]))
        if said is not None:
            right += names[said] == speaker
            wrong += names[said] != speaker
    assert right > 3000
    assert wrong / (right + wrong) <= 0.03


def test_levels_are_ten_milliseconds() -> None:
    assert LEVEL_STEP == TICKS_PER_SECOND // 100


def test_with_one_person_the_largest_face_at_each_time_is_theirs() -> None:
    def track(shot: int, person: int, start: int, size: float) -> Track:
        return Track(shot, person, tuple(FaceSample(start + i * 4_800, 0.1, 0.1, size, size, 0.0) for i in range(5)))

    kept = one_person((track(0, 1, 0, 0.1), track(0, 0, 0, 0.3), track(1, 2, 90_000, 0.2)))
    assert [(t.shot, t.person) for t in kept] == [(0, 0), (1, 0)]
    assert kept[0].samples[0].w == 0.3


class Seeing:
    """Stands in for the detector: `faces` at each look, and whether it was a glance."""

    def __init__(self, *faces: Rect) -> None:
        self.found, self.glances = list(faces), []  # type: ignore[var-annotated]

    def faces(self, _picture: object, glance: bool = False) -> list[Rect]:
        self.glances.append(glance)
        return list(self.found)


class Steady:
    """Stands in for the mesh: the face is where it was, as sure as it is told to be."""

    def __init__(self) -> None:
        self.sure = 0.99

    def read(self, _picture: object, near: Rect) -> Mesh:
        return Mesh(near, 0.1, self.sure, 0.0)


def test_most_looks_for_faces_are_glances_but_the_first_in_a_shot() -> None:
    detector, mesh = Seeing(Rect(100, 60, 40, 50)), Steady()
    follower = FaceFollower(detector, mesh, NoBodies(), NoVectors())  # type: ignore[arg-type]
    for n in range(8 * 15):
        follower.see(n * STEP, grey(80))
    assert detector.glances == [False, True, True, False], "every two seconds, and every third one in full"
    assert len(follower.trails) == 1
    assert len(follower.trails[0].samples) == 120
    follower.see(8 * TICKS_PER_SECOND, grey(200))
    assert detector.glances[-1] is False, "a new picture is looked at in full"
    assert len(follower.trails) == 2


def test_a_lost_face_is_looked_for_often_and_nobody_is_looked_for_in_full_now_and_then() -> None:
    detector, mesh = Seeing(Rect(100, 60, 40, 50)), Steady()
    follower = FaceFollower(detector, mesh, NoBodies(), NoVectors())  # type: ignore[arg-type]
    for n in range(15):
        follower.see(n * STEP, grey(80))
    detector.found, mesh.sure, detector.glances = [], 0.0, []
    for n in range(15, 90):
        follower.see(n * STEP, grey(80))
    assert len(follower.trails[0].samples) == 15
    assert 10 <= len(detector.glances) <= 13, "two or three times a second"
    assert all(not glance for glance in detector.glances[2:8]), "for three seconds small ones are looked for, too"
    assert any(detector.glances[8:])


def test_a_glance_finds_the_faces_that_matter() -> None:
    image = blank(960, 540, "#44564c")
    painter = pen_on(image)
    for i, name in enumerate(("wren", "odile", "marlow")):
        draw_head(painter, PEOPLE[name], 180 + i * 300, 250, 150, Pose())
    painter.end()
    picture = np.ascontiguousarray(pixels(image)[..., :3])
    seen, glanced = (sorted(SmallFaceDetector().faces(picture, glance), key=lambda b: b.x) for glance in (False, True))
    assert len(seen) == len(glanced) == 3
    assert all(a.overlap(b) > 0.6 for a, b in zip(seen, glanced, strict=True))


def test_a_face_is_not_known_where_it_was_not_seen() -> None:
    step = TICKS_PER_SECOND // 10
    seen = [*range(0, 20 * step, step), *range(60 * step, 80 * step, step)]
    track = Track(0, 0, tuple(FaceSample(t, 0.1 if t < 40 * step else 0.8, 0.2, 0.1, 0.2, 0.0) for t in seen))
    assert track.at(40 * step) is None
    before, after = track.at(21 * step), track.at(58 * step)
    assert before is not None
    assert after is not None
    assert (before.x, after.x) == (0.1, 0.8), "never between the two"

"""Cuts, people and speakers: on made-up values, and the shipped analysis of the demo against its truth."""

from __future__ import annotations

import numpy as np

from standtall.base.geometry import Rect
from standtall.base.time import TICKS_PER_SECOND
from standtall.demo.heads import PEOPLE, Pose, draw_head
from standtall.demo.sets import blank, pen_on, pixels
from standtall.media.planes import Planes, from_rgb, scaled
from standtall.model.analysis import LEVEL_STEP, Analysis
from standtall.model.people import FaceSample, Talk, Track
from standtall.model.words import Word
from standtall.people.detection import one_person
from standtall.people.faces import FaceMesh, Mesh, SmallFaceDetector
from standtall.people.follow import FaceFollower
from standtall.people.reidentify import group
from standtall.people.shot_changes import SIZE, ChangeFinder, shots_between
from standtall.people.talking import Lips, read_lips, stretches
from standtall.people.voices import SILENT, Voices, _likes, _Unit, two_voices, who_talks
from tests.conftest import grey
from tests.seeing import find_faces

STEP = TICKS_PER_SECOND // 15


def mouth_track(person: int, x: float, moving: tuple[float, float], seconds: float, size: float = 0.03) -> Track:
    """A face whose mouth opens four times a second inside `moving` and trembles a little outside."""
    samples = []
    for i in range(int(seconds * 15)):
        t = i / 15
        talks = moving[0] <= t < moving[1]
        mouth = (size * (0.5 + 0.5 * np.sin(2 * np.pi * 4 * t)) if talks else 0.0) + 0.001 * ((i * 7919) % 5)
        samples.append(FaceSample(i * STEP, x, 0.2, 0.1, 0.2, float(mouth)))
    return Track(0, person, tuple(samples))


def voice(seconds: float) -> np.ndarray:
    """Loudness that beats four times a second, as dBFS each 10 ms."""
    t = np.arange(int(seconds * 100)) / 100
    return (-45 + 30 * (0.5 + 0.5 * np.sin(2 * np.pi * 4 * t))).astype(np.float32)


def talk_words(*spans: tuple[float, float]) -> tuple[Word, ...]:
    return tuple(Word(f"w{i}.", round(a * TICKS_PER_SECOND), round(b * TICKS_PER_SECOND)) for i, (a, b) in enumerate(spans))


def by_lips(words: tuple[Word, ...], tracks: tuple[Track, ...], level: np.ndarray) -> tuple[Talk, ...]:
    people = 1 + max(t.person for t in tracks)
    return who_talks(words, read_lips(words, tracks, (), level), (), SILENT, people)[0]


def sounding(*spans: tuple[float, float, int]) -> Voices:
    """Made-up prints, two a second: voice k points along axis k, with a little noise."""
    rng = np.random.default_rng(5)
    middles, prints = [], []
    for start, end, who in spans:
        for at in np.arange(start + 0.25, end, 0.5):
            row = rng.normal(0, 0.05, 8)
            row[who] += 1
            middles.append(round(at * TICKS_PER_SECOND))
            prints.append(row / np.linalg.norm(row))
    return Voices(np.array(middles, np.int64), np.array(prints, np.float32))


def said_in(*spans: tuple[float, float]) -> tuple[Word, ...]:
    """Words of 0.3 s that fill the spans, each span a sentence."""
    out = []
    for start, end in spans:
        count = round((end - start) / 0.3)
        for i in range(count):
            text = f"w{i}" + ("." if i + 1 == count else "")
            out.append(Word(text, round((start + 0.3 * i) * TICKS_PER_SECOND), round((start + 0.3 * (i + 1)) * TICKS_PER_SECOND)))
    return tuple(out)


def test_a_voice_without_a_face_is_somebody_of_their_own() -> None:
    words = said_in((0.0, 3.6), (4.2, 7.8), (8.4, 12.0))
    tracks = (mouth_track(0, 0.2, (0, 4), 12),)
    lips = read_lips(words, tracks, (), voice(12))
    talk, strangers = who_talks(words, lips, (), sounding((0, 3.6, 0), (4.2, 7.8, 1), (8.4, 12, 0)), 1)
    assert strangers == 1
    assert [(t.person, round(t.start / TICKS_PER_SECOND, 1)) for t in talk] == [(0, 0.0), (1, 4.2), (0, 8.4)]


def test_a_turn_inside_a_sentence_is_heard_by_the_voice() -> None:
    words = said_in((0.0, 9.0))
    lips = read_lips(words, (), (), voice(9))
    talk, strangers = who_talks(words, lips, (), sounding((0, 4.5, 0), (4.5, 9, 1)), 0)
    assert strangers == 2
    assert [t.person for t in talk] == [0, 1]
    assert abs(talk[0].end / TICKS_PER_SECOND - 4.5) <= 0.9


def test_a_few_odd_seconds_in_hours_are_nobody() -> None:
    """The same two odd seconds: somebody of their own in half a minute, a cough in an hour."""
    for minutes, strangers in ((0.5, 1), (60, 0)):
        turns = [(t, t + 9.0, 0) for t in np.arange(5.0, minutes * 60, 10.0)]
        words = talk_words((0.5, 2.9), *((a, b) for a, b, _ in turns))
        lips = read_lips(words, (), (), voice(minutes * 60 + 10))
        assert who_talks(words, lips, (), sounding((0.5, 2.9, 3), *turns), 0)[1] == 1 + strangers


def test_lips_of_hours_are_those_of_their_pieces() -> None:
    """What was sought among the faces of a whole source is found among those near a stretch."""
    tracks = tuple(
        Track(n, n % 3, tuple(FaceSample(at + i * STEP, 0.4, 0.2, 0.1, 0.2, 0.02 * (i % 4)) for i in range(30 + 40 * (n % 2))))
        for n, at in enumerate(range(0, 90 * TICKS_PER_SECOND, 2 * TICKS_PER_SECOND))
    )
    words = talk_words(*((t, t + 0.8) for t in np.arange(0.3, 90, 1.1)))
    for lips in read_lips(words, tracks, (), voice(95)):
        seen = {t.person for t in tracks if t.start <= lips.end and t.end >= lips.start}
        assert set(lips.scores) == seen


def test_two_who_sound_alike_are_parted_where_the_person_says_there_are_two() -> None:
    words = said_in((0.0, 3.6), (4.2, 7.8))
    lips = read_lips(words, (), (), voice(8))
    near = sounding((0, 3.6, 0), (4.2, 7.8, 0))
    near.prints[7:, 1] += 0.3
    near.prints[:] /= np.linalg.norm(near.prints, axis=1, keepdims=True)
    assert who_talks(words, lips, (), near, 0)[1] == 1
    talk, strangers = who_talks(words, lips, (), near, 0, least=2)
    assert strangers == 2
    assert [t.person for t in talk] in ([0, 1], [1, 0])


def test_voices_overrule_lips_that_chew() -> None:
    """Person 1 chews while person 0, whose mouth is hidden then, goes on talking."""
    words = said_in((0.0, 3.6), (4.2, 7.8), (8.4, 12.0))
    tracks = (mouth_track(0, 0.2, (0, 8), 12), mouth_track(1, 0.7, (8, 12), 12))
    lips = read_lips(words, tracks, (), voice(12))
    talk, _ = who_talks(words, lips, (), sounding((0, 12, 0)), 2)
    assert {t.person for t in talk} == {0}


def test_two_voices_are_parted_and_one_voice_is_split_by_its_extremes() -> None:
    both = sounding((0, 5, 2), (5, 8, 4)).prints
    sides = two_voices(both)
    assert sides is not None
    assert sides.tolist() == [0] * 10 + [1] * 6
    assert two_voices(both[:1]) is None


def test_the_moving_mouth_talks() -> None:
    tracks = (mouth_track(0, 0.2, (0, 4), 8), mouth_track(1, 0.7, (4, 8), 8))
    talk = by_lips(talk_words((0.2, 3.6), (4.3, 7.6)), tracks, voice(8))
    assert [t.person for t in talk] == [0, 1]


def test_a_beard_that_hides_half_the_movement_still_talks() -> None:
    tracks = (mouth_track(0, 0.2, (0, 4), 8, size=0.006), mouth_track(1, 0.7, (4, 8), 8, size=0.05))
    talk = by_lips(talk_words((0.2, 3.6), (4.3, 7.6)), tracks, voice(8))
    assert [t.person for t in talk] == [0, 1]


def test_stretches_end_at_pauses_sentences_and_cuts() -> None:
    words = (*(Word(w, i * 9_600, i * 9_600 + 9_600) for i, w in enumerate(["a", "b.", "c", "d"])), Word("e", 90_000, 99_000))
    assert stretches(words, ()) == [(0, 19_200), (19_200, 38_400), (90_000, 99_000)]
    assert len(stretches(words, (28_800,))) == 4


def test_the_same_clothes_are_the_same_person_unless_seen_at_once() -> None:
    rng = np.random.default_rng(0)
    base = [rng.dirichlet(np.ones(50) * 0.1).astype(np.float32) for _ in range(2)]
    colours = [base[0], base[1], base[0] * 0.97 + base[1] * 0.03, base[1]]
    assert group(colours, [(0, 10), (0, 10), (20, 30), (20, 30)]) == [0, 1, 0, 1]
    assert len(set(group([base[0], base[0]], [(0, 10), (5, 15)]))) == 2


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
    follower = FaceFollower(detector, mesh)  # type: ignore[arg-type]
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
    follower = FaceFollower(detector, mesh)  # type: ignore[arg-type]
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


def test_somebody_in_view_whose_voice_is_not_known_may_be_the_one_who_sounds_strange() -> None:
    """Ann's voice is known, Bo's is not; a voice that is only a little like Ann's is Bo's where his lips follow it as well."""
    rng = np.random.default_rng(4)
    ann = rng.normal(0, 1, 256)
    ann /= np.linalg.norm(ann)
    other = rng.normal(0, 1, 256)
    other -= other @ ann * ann
    other /= np.linalg.norm(other)
    heard = 0.66 * ann + np.sqrt(1 - 0.66**2) * other
    lips = Lips(0, 48_000, {0: 0.5, 1: 0.55})
    like = _likes(_Unit(0, 48_000, lips, True, heard.astype(np.float32)), {0: ann.astype(np.float32)}, 2)
    assert like[1] > like[0]
    sure = _likes(
        _Unit(0, 48_000, lips, True, (0.9 * ann + np.sqrt(0.19) * other).astype(np.float32)), {0: ann.astype(np.float32)}, 2
    )
    assert sure[0] > sure[1]

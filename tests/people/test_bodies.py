"""The networks that find bodies and read faces, on pictures of the demo: where people are is known from its truth."""

from __future__ import annotations

import numpy as np
import pytest
from numpy.typing import NDArray

from standtall.base.geometry import Rect
from standtall.base.time import TICKS_PER_SECOND
from standtall.demo.programme import truth
from standtall.media.planes import to_bgr
from standtall.media.reader import PictureReader
from standtall.model.source import Source
from standtall.people.bodies import PersonDetector, belongs, carried, face_of
from standtall.people.face_vectors import OTHER, FaceVectors, apart
from standtall.people.faces import FaceMesh, Mesh

Picture = NDArray[np.uint8]


@pytest.fixture(scope="module")
def pictures(demo_source: Source) -> list[tuple[Picture, dict[str, Rect]]]:
    """Pictures of the demo, half as large, each with the true faces in it (pixels); from near first."""
    true = truth()
    out = []
    with PictureReader(demo_source.path, height=540) as reader:
        for n in range(200, true["frames"], 400):
            faces = {who: Rect(*face) for who, _head, face in true["people"][n]}
            if faces:
                picture = to_bgr(reader.at(round((n + 0.5) * TICKS_PER_SECOND / true["rate"])))
                share = picture.shape[1] / demo_source.width
                out.append((picture, {who: face.scaled(share, share) for who, face in faces.items()}))
    assert len(out) > 6
    return out


def test_everybody_has_a_body_and_their_face_lies_where_it_says(pictures: list[tuple[Picture, dict[str, Rect]]]) -> None:
    detector = PersonDetector()
    seen = there = near = 0
    for picture, faces in pictures:
        bodies = detector.bodies(picture)
        for face in faces.values():
            theirs = [b for b in bodies if belongs(face, b)]
            seen, there = seen + 1, there + bool(theirs)
            reckoned = [face_of(b, picture.shape[0]) for b in theirs]
            near += any(abs(r.cx - face.cx) < face.h and abs(r.cy - face.cy) < face.h for r in reckoned)
        assert all(b.x >= 0 and b.right <= picture.shape[1] + 1e-6 and b.bottom <= picture.shape[0] + 1e-6 for b in bodies)
    assert there >= 0.9 * seen
    assert near >= 0.8 * there
    assert detector.bodies(np.full((540, 960, 3), 90, np.uint8)) == []


def grainy(picture: Picture, seed: int) -> Picture:
    """The picture with the grain of a film."""
    grain = np.random.default_rng(seed).normal(0, 7, picture.shape)
    return np.asarray((picture + grain).clip(0, 255), np.uint8)


def test_a_filmed_face_is_near_itself_and_drawn_turned_and_small_ones_have_no_vector(
    pictures: list[tuple[Picture, dict[str, Rect]]],
) -> None:
    mesh, vectors = FaceMesh(), FaceVectors()
    known: dict[str, list[NDArray[np.float32]]] = {}
    for n, (picture, faces) in enumerate(pictures):
        for who, face in faces.items():
            read = mesh.read(picture, face)
            if read.sure < 0.5 or read.box.w < 50:
                continue
            assert vectors.vector(picture, read) is None, "a drawing tells nothing"
            vector = vectors.vector(grainy(picture, n), read)
            if vector is not None:
                assert vector.shape == (128,)
                known.setdefault(who, []).append(vector)
    pairs = [apart(a, b) for own in known.values() for a in own for b in own if a is not b]
    assert len(pairs) > 6
    assert np.mean(np.array(pairs) < OTHER) > 0.95, "nobody is taken apart from themselves"
    others = [apart(a, b) for one in known for two in known if one < two for a in known[one] for b in known[two]]
    assert np.median(others) > np.median(pairs) + 0.1, "and two are further apart than one"
    picture, faces = pictures[0]
    some = mesh.read(picture, next(iter(faces.values())))
    shot = grainy(picture, 1)
    assert vectors.vector(shot, Mesh(some.box, 0.0, 1.0, 0.6, points=some.points)) is None
    assert vectors.vector(shot, Mesh(Rect(0, 0, 30, 36), 0.0, 1.0, 0.0, points=some.points)) is None


def test_a_body_that_is_cut_off_at_the_edge_has_a_head_by_its_width() -> None:
    whole, cut = face_of(Rect(100, 60, 120, 420), 540), face_of(Rect(100, 60, 300, 480), 540)
    assert whole.h == pytest.approx(0.68 * 120 * 0.42)
    assert cut.h == pytest.approx(0.68 * 300 * 0.42)
    assert face_of(Rect(100, 60, 200, 300), 540).h == pytest.approx(0.68 * 300 / 6.5)
    assert whole.cx == 160
    assert not belongs(Rect(10, 60, 40, 50), Rect(100, 60, 300, 480))


def test_what_is_even_cannot_be_carried_on() -> None:
    even = np.full((270, 480), 90, np.uint8)
    assert carried(even, even, Rect(200, 60, 60, 80)) is None

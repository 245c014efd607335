"""Covers: what is proposed, how they are rated, what is written, and what stands in the file."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path

import av
import cv2
import numpy as np
import pytest

from standtall.base.errors import NothingToDo, OutputError, ProjectError
from standtall.base.geometry import Rect
from standtall.base.progress import Progress
from standtall.compose.composition import Composition
from standtall.media.probe import probe
from standtall.model.analysis import Analysis
from standtall.model.channel import Channel
from standtall.model.codec import from_plain, to_plain
from standtall.model.cover import Cover
from standtall.model.short import Short
from standtall.model.source import Source
from standtall.people.faces import Mesh
from standtall.session.covers import cover_picture, proposed_covers, rated, write_cover, write_for_channels
from standtall.session.render_request import render_request
from standtall.session.run import run
from standtall.session.told import as_told, found_in
from tests.helpers import composed, small_short

S = 48_000


@pytest.fixture(scope="module")
def talk(demo_source: Source, demo_analysis: Analysis) -> Composition:
    found = found_in(demo_analysis)
    return composed(
        small_short("c", demo_source.key, (12 * S, 24 * S), size=(270, 480)), demo_source,
        as_told(found.analysis, found.transcript),
    )  # fmt: skip


def test_proposals_are_apart_and_the_best_comes_first(talk: Composition) -> None:
    found = proposed_covers(talk, 4, Progress())
    assert len(found) == 4
    assert [p.rating for p in found] == sorted((p.rating for p in found), reverse=True)
    assert found[0].rating > 0.6
    assert "eyes open" in found[0].reasons
    ticks = sorted(p.at.tick for p in found)
    assert min(np.diff(ticks)) > S // 2
    assert all(p.picture.shape == (480, 270, 3) for p in found)


def test_each_channel_has_the_cover_in_its_own_size(talk: Composition, tmp_path: Path) -> None:
    at = talk.heard_in(30)
    cover = Cover(at.source, at.tick, "Worms work")
    tall, wide = Channel("tall", "Tall", 60, cover_width=270, cover_height=480), Channel("wide", "Wide", 60, cover_width=320, cover_height=180)
    files = write_for_channels(talk, cover, (tall, wide), tmp_path, Progress())
    assert [f.name for f in files] == ["c cover tall.png", "c cover tall.jpg", "c cover wide.png", "c cover wide.jpg"]
    sizes = [cv2.imread(str(f)).shape[:2] for f in files]
    assert sizes == [(480, 270), (480, 270), (180, 320), (180, 320)]
    with pytest.raises(ProjectError):
        Channel("odd", "Odd", 60, cover_width=271)


def test_a_sharp_face_with_open_eyes_and_shut_mouth_rates_best() -> None:
    rng = np.random.default_rng(3)
    sharp = rng.integers(0, 255, (480, 270, 3), np.uint8)
    soft = cv2.GaussianBlur(sharp, (0, 0), 6)
    face = Rect(80, 150, 110, 140)

    def mesh(mouth: float = 0.01, eyes: float = 0.3, turn: float = 0.0) -> Mesh:
        return Mesh(face, mouth, 0.9, turn, eyes)

    best, reasons = rated(sharp, [face], lambda _b: mesh())
    assert {"sharp", "eyes open", "not mid-word", "room for a headline", "face large"} <= set(reasons)
    assert best > rated(sharp, [face], lambda _b: mesh(eyes=0.05))[0]
    assert best > rated(sharp, [face], lambda _b: mesh(mouth=0.12))[0]
    assert best > rated(sharp, [face], lambda _b: mesh(turn=0.8))[0]
    assert best > rated(soft, [face], lambda _b: mesh())[0]
    assert best > rated(sharp, [Rect(80, 10, 110, 140)], lambda _b: mesh())[0], "no room above"
    assert best > rated(sharp, [Rect(120, 200, 30, 40)], lambda _b: mesh())[0], "far away"
    assert rated(sharp, [], lambda _b: mesh())[0] < 0.3, "nobody is there"


def test_a_title_lies_on_the_cover_and_captions_do_not(talk: Composition) -> None:
    cover = Cover(talk.short.main_source, 17 * S)
    plain = cover_picture(talk, cover)
    assert plain.shape == (480, 270, 3)
    hidden = composed_without_captions(talk)
    np.testing.assert_array_equal(plain, cover_picture(hidden, cover))
    titled = cover_picture(talk, replace(cover, title="Worms work", down=0.2))
    changed = np.flatnonzero((titled != plain).any(axis=(1, 2))) / 480
    assert 0.1 < changed.min() < 0.2 < changed.max() < 0.3


def composed_without_captions(talk: Composition) -> Composition:
    return replace(talk, short=replace(talk.short, captions=replace(talk.short.captions, shown=False)))


def test_an_enlarged_cover_keeps_its_title_as_it_is(talk: Composition) -> None:
    cover = Cover(talk.short.main_source, 17 * S, "Worms work", 0.2)
    whole, near = (cover_picture(talk, replace(cover, near=n)) for n in (1.0, 2.0))
    assert np.abs(whole[240:].astype(int) - near[240:]).mean() > 5, "the picture is enlarged"
    plain = cover_picture(talk, replace(cover, title=""))
    letters = (np.abs(whole.astype(int) - plain) > 60).any(axis=2)
    assert np.abs(whole[letters].astype(int) - near[letters]).mean() < 12, "the title is not"


def test_a_moment_that_was_cut_out_is_told(talk: Composition) -> None:
    with pytest.raises(NothingToDo, match="not in the short any more"):
        cover_picture(talk, Cover(talk.short.main_source, 60 * S))


def test_covers_are_written_as_png_and_jpeg(tmp_path: Path) -> None:
    picture = np.zeros((48, 27, 3), np.uint8)
    picture[:24] = (10, 200, 30)
    for name in ("a.png", "a.jpg"):
        write_cover(picture, tmp_path / name)
        assert np.abs(cv2.imread(str(tmp_path / name)).astype(int) - picture).mean() < 4
    with pytest.raises(OutputError, match=r"\.png or \.jpg"):
        write_cover(picture, tmp_path / "a.gif")


def test_a_cover_is_kept_with_the_short_and_bounded() -> None:
    short = replace(small_short("c", "0" * 24, (0, S)), cover=Cover("0" * 24, 100, "Title", 0.2, 1.5))
    assert from_plain(Short, to_plain(short)) == short
    for wrong in ({"near": 9.0}, {"down": 2.0}, {"title": "x" * 200}):
        with pytest.raises(ProjectError):
            Cover("k", 0, **wrong)  # type: ignore[arg-type]


@pytest.mark.real
def test_the_cover_stands_in_the_file_and_beside_it(
    demo_source: Source, demo_analysis: Analysis, tmp_path: Path
) -> None:  # fmt: skip
    short = replace(small_short("c", demo_source.key, (16 * S, 18 * S)), cover=Cover(demo_source.key, 17 * S, "Worms"))
    out = tmp_path / "c.mp4"
    run(render_request(short, {demo_source.key: (demo_source, demo_analysis)}, out), lambda _e: None, Progress())
    assert {p.name for p in tmp_path.iterdir()} == {"c.mp4", "c cover.png", "c cover.jpg"}
    with av.open(str(out)) as container:
        art = [s for s in container.streams.video if s.disposition & av.stream.Disposition.attached_pic]
        assert len(art) == 1
        packet = next(container.demux(art[0]))
        inside = cv2.imdecode(np.frombuffer(bytes(packet), np.uint8), cv2.IMREAD_COLOR)
    beside = cv2.imread(str(tmp_path / "c cover.png"))
    assert np.abs(inside.astype(int) - beside).mean() < 4
    made = probe(out)
    assert (made.width, made.height, made.video_codec) == (270, 480, "h264")

"""What is measured in a finished file: right files are right, and each fault that is put in is found."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import replace
from fractions import Fraction
from pathlib import Path

import numpy as np
import pytest

from standtall.base.progress import Progress
from standtall.captions.grouping import Cards
from standtall.compose.composition import Composition
from standtall.compose.soundtrack.mixdown import soundtrack
from standtall.media.planes import Planes
from standtall.media.sound_reader import Samples
from standtall.media.writer import MovieWriter
from standtall.model.analysis import Analysis
from standtall.model.form import Form
from standtall.model.proof import Finding, Point
from standtall.model.source import Source
from standtall.render.proving import proved
from standtall.render.render import frames, options_of, render
from standtall.session.proof_told import TITLES, title, told, wrong
from standtall.session.told import as_told, found_in
from tests.helpers import composed, small_short

S = 48_000


@pytest.fixture(scope="module")
def talk(demo_source: Source, demo_analysis: Analysis) -> Composition:
    """Five seconds in which somebody speaks in view."""
    found = found_in(demo_analysis)
    analysis = as_told(found.analysis, found.transcript)
    start = next(w.start for w in analysis.words if w.bare == "dug") - S // 2
    return composed(small_short("proof", demo_source.key, (start, start + 5 * S), size=(360, 640)), demo_source, analysis)


@pytest.fixture(scope="module")
def track(talk: Composition) -> Samples:
    made = soundtrack(talk, Progress())
    assert made is not None
    return made


def written(path: Path, talk: Composition, track: Samples, pictures: Iterator[Planes], late: int = 0) -> Path:
    """The composition's sound with other pictures."""
    sound = np.concatenate([np.zeros((2, late), np.float32), track], axis=1)[:, : track.shape[1]]
    with MovieWriter(path, 360, 640, talk.fps, options_of(Form()), sound=True) as writer:
        for n, picture in enumerate(pictures):
            writer.picture(picture)
            a, b = (round(k / talk.fps * S) for k in (n, n + 1))
            writer.sound(sound[:, a:b])
    return path


def points(path: Path, talk: Composition, track: Samples) -> dict[Point, Finding]:
    return {f.point: f for f in proved(path, talk, track, Progress())}


def test_a_render_is_right_in_every_point(talk: Composition, tmp_path: Path) -> None:
    report = render(talk, tmp_path / "a.mp4", Progress(), proof=True)
    found = {f.point: f for f in report.findings}
    assert set(found) == set(TITLES), "every point is looked at"
    assert [f for f in report.findings if not f.right] == []
    assert found["decodes"].facts["frames"] == talk.frames
    assert found["captions"].facts["of"] >= 8
    assert found["lit"].facts["of"] >= 6
    assert found["face"].facts["of"] >= 3
    assert abs(found["in step"].facts["sound ms"] - found["in step"].facts["picture ms"]) < 5
    assert wrong(report.findings) == ""
    for finding in report.findings:
        assert title(finding) and told(finding)


def test_late_sound_is_measured(talk: Composition, track: Samples, tmp_path: Path) -> None:
    found = points(written(tmp_path / "a.mp4", talk, track, frames(talk), late=S * 60 // 1000), talk, track)
    assert not found["in step"].right
    assert found["in step"].facts["sound ms"] == pytest.approx(60, abs=2)


def test_a_late_picture_is_measured(talk: Composition, track: Samples, tmp_path: Path) -> None:
    def late() -> Iterator[Planes]:
        all_ = list(frames(talk))
        yield from [all_[0], all_[0], *all_[:-2]]

    found = points(written(tmp_path / "a.mp4", talk, track, late()), talk, track)
    assert found["in step"].facts["picture ms"] == pytest.approx(float(2000 / talk.fps), abs=1)
    assert not found["in step"].right


def test_black_and_frozen_stretches_are_found_with_their_place(talk: Composition, track: Samples, tmp_path: Path) -> None:
    def spoilt() -> Iterator[Planes]:
        held: Planes | None = None
        for n, picture in enumerate(frames(talk)):
            if 30 <= n < 60:
                yield Planes(np.full_like(picture.y, 16), np.full_like(picture.u, 128), np.full_like(picture.v, 128))
            elif 90 <= n < 150:
                held = held or picture
                yield held
            else:
                yield picture

    found = points(written(tmp_path / "a.mp4", talk, track, spoilt()), talk, track)
    assert not found["black"].right and found["black"].facts["seconds"] == pytest.approx(1.0, abs=0.1)
    assert found["black"].at == pytest.approx(S, abs=S // 10)
    assert not found["frozen"].right and found["frozen"].facts["seconds"] == pytest.approx(2.0, abs=0.2)
    assert found["frozen"].at == pytest.approx(3 * S, abs=S // 5)
    assert "1.0 s" in wrong(tuple(found.values()))


def test_missing_captions_and_a_wrong_lit_word_are_found(talk: Composition, track: Samples, tmp_path: Path) -> None:
    bare = replace(talk, short=replace(talk.short, captions=replace(talk.short.captions, shown=False)))
    found = points(written(tmp_path / "a.mp4", talk, track, frames(bare)), talk, track)
    assert found["captions"].facts["there"] == 0
    assert not found["captions"].right and found["captions"].at is not None
    later = replace(talk, cards=Cards.of([_earlier(card) for card in talk.cards]))
    found = points(written(tmp_path / "b.mp4", talk, track, frames(later)), talk, track)
    assert not found["lit"].right


def _earlier(card):  # type: ignore[no-untyped-def]
    """The card with each word lit as the next one is said."""
    words = card.words
    starts = [w.start for w in words]
    moved = {w: (starts[max(0, n - 1)], starts[n]) for n, w in enumerate(words)}
    lines = tuple(tuple(w._replace(start=moved[w][0], end=max(moved[w])) for w in line) for line in card.lines)
    return card._replace(lines=lines)


def test_a_file_that_breaks_off_does_not_decode(talk: Composition, track: Samples, tmp_path: Path) -> None:
    short = written(tmp_path / "a.mp4", talk, track, iter(list(frames(talk))[:-40]))
    found = points(short, talk, track)
    assert not found["decodes"].right
    assert found["decodes"].facts == {"frames": talk.frames - 40, "wanted": talk.frames}


def test_colour_tags_of_another_standard_are_found(
    talk: Composition, track: Samples, tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    monkeypatch.setattr("standtall.media.writer.BT709", 6)  # SMPTE 170M in all three (ITU-T H.273)
    found = points(written(tmp_path / "a.mp4", talk, track, frames(talk)), talk, track)
    assert not found["colour"].right
    assert found["colour"].facts["primaries"] == 6


def test_the_rate_is_told() -> None:
    assert told(Finding("rate", False, {"fps": 25.0, "wanted": float(Fraction(30))})) == "25 fps instead of 30"

"""One picture: what the preview paints is what the render encodes; finished files are whole or not there."""

from __future__ import annotations

import errno
import itertools
import os
import signal
import subprocess
import sys
import time
from dataclasses import replace
from fractions import Fraction
from pathlib import Path

import numpy as np
import pytest
from pytestqt.qtbot import QtBot

from standtall.base.errors import Cancelled, OutputError
from standtall.base.progress import Progress, Step
from standtall.base.time import TICKS_PER_SECOND, frame_middle
from standtall.compose.footage import asset_of
from standtall.compose.layers.caption import CaptionLayer
from standtall.compose.layers.picture import Asset
from standtall.compose.painters.assets import Assets
from standtall.compose.painters.frames import FramePainter
from standtall.cutting.by_words import from_words
from standtall.media.planes import Planes, to_bgrx
from standtall.media.probe import probe
from standtall.media.reader import PictureReader
from standtall.media.writer import MovieWriter
from standtall.model.analysis import Analysis
from standtall.model.cut import Segment
from standtall.model.short import Short
from standtall.model.source import Source
from standtall.model.words import Word
from standtall.render.ahead import Ahead
from standtall.render.check import index_first
from standtall.render.render import frames, render
from standtall.session.finish import file_name
from standtall.ui.preview.player import Player
from tests.conftest import make_clip, tone
from tests.helpers import composed, small_short
from tests.ui.driving import WAIT, Shown


def words() -> tuple[Word, ...]:
    return tuple(Word(t, 4_800 + i * 24_000, 4_800 + i * 24_000 + 18_000) for i, t in enumerate(["one", "two", "three."]))


def small(path: Path, **changes: object) -> tuple[Short, Source, Analysis]:
    source = probe(path)
    short = small_short("test short", source.key, (0, min(source.length, 96_000)))
    return replace(short, **changes), source, Analysis(source.key, words())  # type: ignore[arg-type]


def test_frames_are_the_same_bytes_in_any_order(demo_source: Source, demo_analysis: Analysis) -> None:
    """What is kept of the frame before never shows: scrubbing paints what playing through does."""
    composition = composed(from_words("s", demo_analysis, range(3, 30)), demo_source, demo_analysis)
    rendered = dict(enumerate(itertools.islice(frames(composition), 41)))
    with Assets() as assets:
        painter = FramePainter(assets, 1080, 1920)
        for number in (40, 0, 17):  # in another order, with another reader, as a person scrubs
            shown = painter.paint(composition.frame(number))
            for ours, theirs in zip(planes_of(shown), planes_of(rendered[number]), strict=True):
                np.testing.assert_array_equal(ours, theirs)
    assert any(isinstance(layer, CaptionLayer) for n in (0, 17, 40) for layer in composition.frame(n).layers)


def test_the_player_shows_the_rendered_frame_byte_for_byte(
    qtbot: QtBot, demo_source: Source, demo_analysis: Analysis
) -> None:  # fmt: skip
    """The picture that the player hands to the screen, at the size of the finished file, against the frame that is encoded."""
    composition = composed(from_words("s", demo_analysis, range(3, 12)), demo_source, demo_analysis)
    rendered = dict(enumerate(itertools.islice(frames(composition), 21)))
    player = Player()
    try:
        player.set_size(1080, 1920)
        player.set_composition(composition)
        for number in (20, 5):
            shown = Shown(player)
            player.show_frame(number)
            image = shown.wait(qtbot, number).tall
            data = np.frombuffer(image.constBits(), np.uint8).reshape(1920, 1080, 4)
            np.testing.assert_array_equal(data[..., :3], to_bgrx(rendered[number])[..., :3])
    finally:
        player.close()


def test_the_player_reads_beforehand_what_is_expected(
    qtbot: QtBot, demo_source: Source, demo_analysis: Analysis, monkeypatch: pytest.MonkeyPatch
) -> None:  # fmt: skip
    """The file is open when the composition comes; a file that cannot be read is told of only when it is to be shown."""
    read: list[tuple[str, int]] = []
    picture = Assets.picture

    def heard(assets: Assets, asset: Asset, tick: int, role: int = 0) -> Planes:
        read.append((asset.path, tick))
        return picture(assets, asset, tick, role)

    monkeypatch.setattr(Assets, "picture", heard)
    composition = composed(from_words("s", demo_analysis, range(3, 12)), demo_source, demo_analysis)
    begin = composition.short.segments[0].start
    player = Player()
    told: list[str] = []
    player.failed.connect(told.append)
    try:
        player.expect(Asset("gone", "/nowhere/gone.mp4", 0), 0, {})
        qtbot.waitUntil(lambda: len(read) == 1, timeout=WAIT)
        player.expect(asset_of(demo_source), begin, {})
        qtbot.waitUntil(lambda: len(read) == 2, timeout=WAIT)
        assert read[1] == (demo_source.path, begin)
        shown = Shown(player)
        player.set_composition(composition)
        player.show_frame(0)
        assert shown.wait(qtbot, 0).frame == 0
        assert told == []
    finally:
        player.close()


def planes_of(planes: Planes) -> tuple[np.ndarray, ...]:
    return planes.y, planes.u, planes.v


def test_the_decoded_file_is_the_painted_frame_within_40_db(tmp_path: Path, demo_source: Source, demo_analysis: Analysis) -> None:
    composition = composed(from_words("s", demo_analysis, range(10, 16)), demo_source, demo_analysis)
    out = tmp_path / "a.mp4"
    report = render(composition, out, Progress())
    assert report.problems == ()
    with Assets() as assets, PictureReader(out) as made:
        painter = FramePainter(assets, 1080, 1920)
        for number in (2, composition.frames // 2, composition.frames - 2):
            painted = painter.paint(composition.frame(number)).y.astype(float)
            decoded = made.at(frame_middle(number, composition.fps)).y.astype(float)
            error = float(((painted - decoded) ** 2).mean())
            assert 10 * np.log10(255**2 / error) >= 40


def test_a_finished_file_is_what_was_asked_for(tmp_path: Path, clip: Path) -> None:
    short, source, analysis = small(clip)
    out = tmp_path / "a.mp4"
    steps: list[Step] = []
    report = render(composed(short, source, analysis), out, Progress(steps.append))
    made = probe(out)
    assert (made.width, made.height, made.rate, made.video_codec, made.audio_codec) == (270, 480, 30, "h264", "aac")
    assert made.pixel_format == "yuv420p"
    assert made.length / TICKS_PER_SECOND == pytest.approx(2.0, abs=0.04)
    assert index_first(out)
    assert report.captions > 0
    assert report.true_peak_dbtp is not None
    assert report.true_peak_dbtp <= -1.0
    assert {s.stage for s in steps} == {"sound", "render", "check"}
    assert steps[-1].share == 1.0
    assert sorted(p.name for p in tmp_path.iterdir()) == ["a.mp4", "clip.mp4"]


def test_footage_without_sound_and_without_picture(tmp_path: Path) -> None:
    short, source, analysis = small(make_clip(tmp_path / "silent.mp4"))
    report = render(composed(short, source, analysis), tmp_path / "a.mp4", Progress())
    assert report.loudness_lufs is None
    from scipy.io import wavfile

    wavfile.write(tmp_path / "s.wav", 48_000, (tone(2.0).T * 32767).astype(np.int16))
    heard, source, analysis = small(tmp_path / "s.wav")
    report = render(
        composed(replace(heard, output=replace(heard.output, fps=Fraction(30))), source, analysis), tmp_path / "b.mp4", Progress()
    )
    assert (report.width, report.rate) == (270, 30)


def left_over(folder: Path, *but: str) -> list[str]:
    return [p.name for p in folder.iterdir() if p.name not in but]


def test_cancelling_leaves_nothing(tmp_path: Path, clip: Path) -> None:
    progress = Progress(lambda step: progress.cancel() if step.stage == "render" else None)
    short, source, analysis = small(clip)
    with pytest.raises(Cancelled):
        render(composed(short, source, analysis), tmp_path / "a.mp4", progress)
    assert left_over(tmp_path, "clip.mp4") == []


@pytest.mark.parametrize(("number", "says"), [(errno.ENOSPC, "disk is full"), (errno.EACCES, "may not be written")])
def test_a_disk_that_fills_up_keeps_the_older_file(
    tmp_path: Path, clip: Path, monkeypatch: pytest.MonkeyPatch, number: int, says: str
) -> None:
    out = tmp_path / "a.mp4"
    out.write_bytes(b"the older file")
    calls = [0]
    real = MovieWriter.picture

    def failing(self: MovieWriter, planes: object) -> None:
        calls[0] += 1
        if calls[0] > 20:
            raise OSError(number, os.strerror(number))
        real(self, planes)  # type: ignore[arg-type]

    monkeypatch.setattr(MovieWriter, "picture", failing)
    short, source, analysis = small(clip)
    with pytest.raises(OutputError, match=says):
        render(composed(short, source, analysis), out, Progress())
    assert out.read_bytes() == b"the older file"
    assert left_over(tmp_path, "clip.mp4", "a.mp4") == []


def test_a_killed_render_leaves_no_file_under_the_final_name(tmp_path: Path, clip: Path) -> None:
    captions = tmp_path / "c.srt"
    captions.write_text("1\n00:00:00,100 --> 00:00:01,800\nSome words to show\n")
    long = make_clip(tmp_path / "long.mp4", frames=120, sound=tone(4.0), size=(1280, 720))
    command = [sys.executable, "-m", "standtall", "make", str(long), "--captions", str(captions), "--language", "xx",
               "--out", str(tmp_path / "out"), "--json", "--from", "0", "--to", "4"]  # fmt: skip
    run = subprocess.Popen(command, stdout=subprocess.PIPE, text=True, env={**os.environ, "QT_QPA_PLATFORM": "offscreen"})
    assert run.stdout is not None
    for line in run.stdout:
        if '"render"' in line:
            break
    run.send_signal(signal.SIGKILL)
    run.wait()
    run.stdout.close()
    out = tmp_path / "out"
    assert not out.exists() or [p for p in out.iterdir() if not p.name.startswith(".")] == []


def test_a_name_that_is_a_folder_or_under_a_file(tmp_path: Path, clip: Path) -> None:
    short, source, analysis = small(clip)
    composition = composed(short, source, analysis)
    (tmp_path / "a.mp4").mkdir()
    with pytest.raises(OutputError, match="folder"):
        render(composition, tmp_path / "a.mp4", Progress())
    with pytest.raises(OutputError):
        render(composition, clip / "b.mp4", Progress())


def test_file_names_are_safe() -> None:
    short = Short.of("../../etc: a/b <c>", (Segment("k", 0, 5),))
    assert file_name(short) == "etc ab c.mp4"
    assert file_name(replace(short, name="???")) == "short.mp4"


def test_the_pipeline_hands_errors_on_and_stops_early() -> None:
    def failing():  # type: ignore[no-untyped-def]
        yield 1
        raise ValueError("inside")

    with pytest.raises(ValueError, match="inside"), Ahead(failing, 2) as ahead:
        list(ahead)
    made = []

    def endless():  # type: ignore[no-untyped-def]
        while True:
            made.append(time.monotonic())
            yield len(made)

    with Ahead(endless, 3) as ahead:
        assert next(iter(ahead)) == 1
    count = len(made)
    assert count < 10

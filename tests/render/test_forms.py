"""Finished files in each form, opened by other programs."""

from __future__ import annotations

import os
import subprocess
from pathlib import Path

import av
import imageio_ffmpeg
import numpy as np
import pytest

from standtall.base.errors import OutputError, StandTallError
from standtall.base.progress import Progress, Step
from standtall.jobs.events import Event, Rendered
from standtall.media.probe import probe
from standtall.media.sound_reader import MIX_RATE, read_sound
from standtall.model.analysis import Analysis
from standtall.model.form import Form
from standtall.model.source import Source
from standtall.render import render as render_module
from standtall.render.render import options_of, render
from standtall.session.render_request import render_request
from standtall.session.run import run
from tests.conftest import make_clip, tone
from tests.helpers import composed, small_short

S = MIX_RATE


@pytest.mark.parametrize(("codec", "name", "sound"), [
    ("h264", "h264", "aac"), ("hevc", "hevc", "aac"), ("av1", "libdav1d", "aac"), ("vp9", "vp9", "opus"),
])  # fmt: skip
def test_each_encoding_is_written_and_decodes_elsewhere(
    demo_source: Source, demo_analysis: Analysis, tmp_path: Path, codec: str, name: str, sound: str
) -> None:
    made = composed(small_short("a", demo_source.key, (16 * S, 17 * S)), demo_source, demo_analysis)
    form = Form(codec)  # type: ignore[arg-type]
    out = tmp_path / f"a{form.ending}"
    report = render(made, out, Progress(), form)
    assert (report.width, report.height, report.problems) == (270, 480, ())
    with av.open(str(out)) as file:
        assert name in (file.streams.video[0].codec_context.name, file.streams.video[0].codec_context.codec.name)
        assert sound in file.streams.audio[0].codec_context.name
        if codec == "hevc":
            assert file.streams.video[0].codec_context.codec_tag == "hvc1"
    said = subprocess.run(
        [imageio_ffmpeg.get_ffmpeg_exe(), "-v", "error", "-i", str(out), "-f", "null", "-"],
        capture_output=True,
        text=True,
        check=True,
    )
    assert said.stderr == ""


@pytest.mark.parametrize(("kind", "least"), [("wav", 80.0), ("flac", 80.0), ("m4a", 12.0), ("opus", 8.0)])
def test_the_sound_alone_is_the_sound(
    demo_source: Source, demo_analysis: Analysis, tmp_path: Path, kind: str, least: float
) -> None:
    made = composed(small_short("a", demo_source.key, (16 * S, 19 * S)), demo_source, demo_analysis)
    whole, alone = tmp_path / "a.mp4", tmp_path / f"a.{kind}"
    render(made, whole, Progress())
    report = render(made, alone, Progress(), Form(sound_alone=kind))  # type: ignore[arg-type]
    assert report.loudness_lufs == pytest.approx(-14, abs=0.5)
    reference = render(made, tmp_path / "b.wav", Progress(), Form(sound_alone="wav"))
    assert reference.length_s == pytest.approx(3.0, abs=0.01)
    a, b = (read_sound(p, S, 2)[:, : 3 * S] for p in (alone, tmp_path / "b.wav"))
    count = min(a.shape[1], b.shape[1])
    noise = float(np.square(a[:, :count] - b[:, :count]).mean()) + 1e-14
    assert 10 * np.log10(float(np.square(b).mean()) / noise) > least


def test_a_bit_rate_is_kept_to(demo_source: Source, demo_analysis: Analysis, tmp_path: Path) -> None:
    made = composed(small_short("a", demo_source.key, (16 * S, 22 * S), size=(540, 960)), demo_source, demo_analysis)
    report = render(made, tmp_path / "a.mp4", Progress(), Form(bit_rate=1500))
    assert report.size_bytes == pytest.approx(6 * (1500 + 192) * 125, rel=0.25)


def test_better_quality_is_a_lower_factor() -> None:
    for codec in ("h264", "hevc", "av1", "vp9"):
        factors = [int(options_of(Form(codec, quality))["crf"]) for quality in ("small", "good", "best")]  # type: ignore[arg-type]
        assert factors == sorted(factors, reverse=True)


def test_captions_are_in_the_picture_beside_it_or_both(demo_source: Source, demo_analysis: Analysis, tmp_path: Path) -> None:
    short = small_short("a", demo_source.key, (16 * S, 18 * S))
    request = render_request(short, {demo_source.key: (demo_source, demo_analysis)}, tmp_path / "a.mp4")
    counts = {}
    for how in ("picture", "file", "both"):
        told: list[Event] = []
        out = tmp_path / f"{how}.mp4"
        asked = type(request)(request.short, request.footage, request.look, str(out), Form(captions=how, beside=(".srt", ".vtt")))  # type: ignore[arg-type]
        run(asked, told.append, Progress())
        (done,) = [e for e in told if isinstance(e, Rendered)]
        counts[how] = done.captions, out.with_suffix(".srt").exists(), out.with_suffix(".vtt").exists()
    assert counts["picture"][1:] == (False, False)
    assert counts["file"] == (0, True, True)
    assert counts["both"] == (counts["picture"][0], True, True)


def test_the_sound_of_what_has_none_is_refused(demo_analysis: Analysis, tmp_path: Path) -> None:
    from standtall.media.probe import probe
    from tests.conftest import make_clip

    source = probe(make_clip(tmp_path / "silent.mp4", 30))
    made = composed(small_short("a", source.key, (0, S)), source, Analysis(source.key))
    with pytest.raises(OutputError, match="no sound"):
        render(made, tmp_path / "a.wav", Progress(), Form(sound_alone="wav"))
    assert not (tmp_path / "a.wav").exists()


def test_footage_that_is_cut_off_while_it_renders_is_told_and_nothing_is_left(tmp_path: Path) -> None:
    """As when a drive is pulled out: the file ends where it had not ended before."""
    path = make_clip(tmp_path / "a.mp4", frames=900, sound=tone(30.0), size=(640, 360), gop=30)
    source = probe(path)
    made = composed(small_short("a", source.key, (0, 28 * S)), source, Analysis(source.key))

    def hear(step: Step) -> None:
        if step.stage == "render" and step.share > 0.1 and path.stat().st_size > 100_000:
            os.truncate(path, 60_000)

    out = tmp_path / "out.mp4"
    with pytest.raises(StandTallError) as told:
        render(made, out, Progress(hear))
    assert told.value.message.endswith(".") and told.value.hint
    assert not list(tmp_path.glob("*out*")) and not list(tmp_path.glob(".*"))


def test_an_encoder_that_refuses_a_size_is_told_and_nothing_is_left(
    demo_source: Source, demo_analysis: Analysis, tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    """H.264 at 4:2:0 takes even sizes only, and says so when the first picture comes."""
    real = render_module.MovieWriter
    monkeypatch.setattr(render_module, "MovieWriter", lambda path, width, *rest, **more: real(path, width + 1, *rest, **more))
    made = composed(small_short("a", demo_source.key, (16 * S, 17 * S)), demo_source, demo_analysis)
    with pytest.raises(OutputError) as told:
        render(made, tmp_path / "a.mp4", Progress())
    assert told.value.hint
    assert list(tmp_path.iterdir()) == []

"""Reading, seeking, writing; the command line of FFmpeg (from the imageio-ffmpeg package) is the reference."""

from __future__ import annotations

import io
import re
import subprocess
from fractions import Fraction
from pathlib import Path

import av
import imageio_ffmpeg
import numpy as np
import pytest
from scipy.io import wavfile

from standtall.base.errors import MediaError, OutputError
from standtall.base.progress import Progress
from standtall.base.time import TICKS_PER_SECOND, frame_middle
from standtall.media import proxy
from standtall.media.planes import Planes, from_rgb, to_bgr, to_bgrx
from standtall.media.probe import probe
from standtall.media.reader import PictureReader
from standtall.media.sound_reader import SPEECH_RATE, level_db, read_sound
from standtall.media.writer import MovieWriter
from standtall.model.source import Source
from tests.conftest import coded, grey, make_clip, number_in, tone

FFMPEG = imageio_ffmpeg.get_ffmpeg_exe()


def ffmpeg(*arguments: str) -> str:
    run = subprocess.run([FFMPEG, "-hide_banner", "-y", *arguments], capture_output=True, text=True, check=False)
    return run.stderr


@pytest.mark.parametrize("rate", [Fraction(25), Fraction(30), Fraction(30000, 1001), Fraction(60)])
def test_every_picture_is_found_by_its_time(tmp_path: Path, rate: Fraction) -> None:
    path = make_clip(tmp_path / "a.mp4", frames=90, rate=rate)
    with PictureReader(path) as reader:
        for n in (0, 1, 2, 50, 49, 3, 89, 0, 88, 30, 31):
            assert number_in(reader.at(frame_middle(n, rate))) == n


@pytest.mark.parametrize("ending", ["mkv", "mov", "ts", "webm"])
def test_other_containers_are_read_alike(tmp_path: Path, ending: str) -> None:
    source = make_clip(tmp_path / "a.mp4", frames=75, sound=tone(2.5))
    out = tmp_path / f"b.{ending}"
    codec = ["-c:v", "libvpx-vp9", "-crf", "20", "-b:v", "0", "-deadline", "realtime", "-cpu-used", "8", "-c:a", "libopus"]
    ffmpeg(
        "-i",
        str(source),
        *(codec if ending == "webm" else ["-c:v", "libx264", "-crf", "12", "-bf", "0", "-c:a", "aac"]),
        str(out),
    )
    described = probe(out)
    assert (described.width, described.height, described.has_sound) == (320, 180, True)
    assert described.length / TICKS_PER_SECOND == pytest.approx(2.5, abs=0.12)
    with PictureReader(out) as reader:
        for n in (0, 40, 12, 60):
            # the sound of a transport stream begins one encoder delay (21 ms) before its picture
            late = TICKS_PER_SECOND // 48 if ending == "ts" else 0
            assert number_in(reader.at(frame_middle(n, Fraction(30)) + late)) == n


def test_the_picture_equals_the_reference_decoder(tmp_path: Path, clip: Path) -> None:
    raw = tmp_path / "f.yuv"
    ffmpeg("-i", str(clip), "-vf", "select=eq(n\\,41)", "-frames:v", "1", "-pix_fmt", "yuv420p", "-f", "rawvideo", str(raw))
    reference = np.frombuffer(raw.read_bytes(), np.uint8)[: 320 * 180].reshape(180, 320).astype(int)
    # 180 lines count as BT.601 unless tagged; the writer tags BT.709, so no conversion may happen
    with PictureReader(clip) as reader:
        ours = reader.at(frame_middle(41, Fraction(30))).y.astype(int)
    assert np.abs(ours - reference).max() == 0


def test_variable_frame_rate_goes_by_time_stamps(tmp_path: Path) -> None:
    source = make_clip(tmp_path / "a.mp4", frames=60)
    out = tmp_path / "v.mkv"  # pictures 0..9, then every third only
    ffmpeg(
        "-i",
        str(source),
        "-vf",
        "select=lt(n\\,10)+not(mod(n\\,3))",
        "-fps_mode",
        "vfr",
        "-c:v",
        "libx264",
        "-crf",
        "12",
        str(out),
    )
    with PictureReader(out) as reader:
        assert number_in(reader.at(frame_middle(5, Fraction(30)))) == 5
        assert number_in(reader.at(frame_middle(31, Fraction(30)))) == 30
        assert number_in(reader.at(frame_middle(32, Fraction(30)))) == 30


@pytest.mark.parametrize("turn", [90, 180, 270])
def test_rotation_flags_are_applied(tmp_path: Path, turn: int) -> None:
    plain = tmp_path / "a.mp4"
    with MovieWriter(plain, 320, 180, Fraction(30), {"preset": "ultrafast", "crf": "12"}, sound=False) as writer:
        for _ in range(12):
            picture = grey(60)
            picture.y[:60, :100] = 230  # a bright corner at the upper left
            writer.picture(picture)
    turned = tmp_path / "r.mp4"
    ffmpeg("-display_rotation", str(-turn), "-i", str(plain), "-c", "copy", str(turned))
    described = probe(turned)
    assert described.rotation == turn
    assert (described.width, described.height) == ((180, 320) if turn != 180 else (320, 180))
    with PictureReader(turned, described.rotation) as reader:
        y = reader.at(0).y
    corners = {90: y[:40, -40:], 180: y[-40:, -40:], 270: y[-40:, :40]}
    assert corners[turn].mean() > 200, "the corner does not stand where a clockwise turn puts it"


def test_probe_agrees_with_the_reference(clip: Path) -> None:
    said = ffmpeg("-i", str(clip), "-f", "null", "-")
    described = probe(clip)
    duration = re.search(r"Duration: 00:00:(\d+\.\d+)", said)
    assert duration is not None
    assert described.length / TICKS_PER_SECOND == pytest.approx(float(duration[1]), abs=0.02)
    assert "320x180" in said
    assert "bt709" in said
    assert "30 fps" in said
    assert (described.width, described.height, described.rate) == (320, 180, 30)


def damaged_files(folder: Path, clip: Path) -> dict[str, Path]:
    data = clip.read_bytes()
    out = {name: folder / name for name in ("empty.mp4", "text.mp4", "head.mp4", "cut.mp4", "none.mp4")}
    out["empty.mp4"].write_bytes(b"")
    out["text.mp4"].write_text("this is not a movie " * 500)
    out["head.mp4"].write_bytes(data[:300])
    out["folder"] = folder
    out["cut.mp4"].write_bytes(
        make_clip(folder / "long.mp4", 240, gop=10).read_bytes()[: -(folder / "long.mp4").stat().st_size * 6 // 10]
    )
    return out


@pytest.mark.parametrize(
    ("name", "says"),
    [("none.mp4", "no file"), ("empty.mp4", "empty"), ("text.mp4", "not a video"), ("head.mp4", "neither picture nor sound|not a video"),
     ("cut.mp4", "cut short"), ("folder", "folder")],
)  # fmt: skip
def test_bad_files_are_told_apart(tmp_path: Path, clip: Path, name: str, says: str) -> None:
    with pytest.raises(MediaError, match=says) as told:
        probe(damaged_files(tmp_path, clip)[name])
    assert told.value.hint


def test_flipped_bytes_never_do_worse_than_our_own_error(tmp_path: Path, clip: Path) -> None:
    data = bytearray(clip.read_bytes())
    random = np.random.default_rng(5)
    for round_number in range(25):
        broken = bytearray(data)
        for at in random.integers(0, min(len(data), 4000), 12):
            broken[at] = int(random.integers(256))
        path = tmp_path / f"x{round_number}.mp4"
        path.write_bytes(broken)
        try:
            source = probe(path)
            if source.has_picture:
                with PictureReader(path) as reader:
                    reader.at(TICKS_PER_SECOND)
        except MediaError as error:
            assert error.message


def test_footage_without_picture_or_sound(tmp_path: Path) -> None:
    silent = make_clip(tmp_path / "silent.mp4")
    assert not probe(silent).has_sound
    with pytest.raises(MediaError, match="no sound"):
        read_sound(silent)
    heard = tmp_path / "a.wav"
    ffmpeg("-f", "lavfi", "-i", "sine=440:d=2", str(heard))
    assert not probe(heard).has_picture
    with pytest.raises(MediaError, match="no picture"):
        PictureReader(heard)


def test_footage_of_no_length(tmp_path: Path) -> None:
    nothing = tmp_path / "nothing.wav"
    wavfile.write(nothing, 48_000, np.zeros((0, 2), np.int16))
    with pytest.raises(MediaError, match=r"no length|not a video|neither") as told:
        probe(nothing)
    assert told.value.hint


def test_a_playlist_opens_no_network(tmp_path: Path) -> None:
    playlist = tmp_path / "list.m3u8"
    playlist.write_text("#EXTM3U\n#EXTINF:4,\nhttp://127.0.0.1:9/secret.ts\n#EXT-X-ENDLIST\n")
    with pytest.raises(MediaError):
        probe(playlist)


@pytest.mark.parametrize(("ending", "codec", "slack"), [("mov", "pcm_s16le", 0), ("mkv", "flac", 24)])
def test_sound_is_cut_at_the_sample(tmp_path: Path, ending: str, codec: str, slack: int) -> None:
    """Exact where the container counts samples; within its own half millisecond where it counts milliseconds."""
    sound = np.zeros((2, 3 * 48_000), np.float32)
    sound[:, 72_000:72_048] = 0.8
    path = tmp_path / f"click.{ending}"
    wav = tmp_path / "click.wav"
    wavfile.write(wav, 48_000, (sound.T * 32767).astype(np.int16))
    ffmpeg("-i", str(wav), "-c:a", codec, str(path))
    whole = read_sound(path, 48_000, 2)
    part = read_sound(path, 48_000, 2, 70_000, 80_000)
    assert whole.shape == (2, 144_000)
    assert np.abs(whole - sound).max() < 1e-3
    assert part.shape == (2, 10_000)
    assert abs(int(np.flatnonzero(part[0] > 0.4)[0]) - 2_000) <= slack


def test_sound_outside_the_file_is_silence(clip: Path) -> None:
    assert np.abs(read_sound(clip, 48_000, 2, 10 * TICKS_PER_SECOND, 11 * TICKS_PER_SECOND)).max() == 0


def test_level_of_a_sine_is_its_rms(tmp_path: Path) -> None:
    t = np.arange(SPEECH_RATE) / SPEECH_RATE
    level = level_db((0.1 * np.sin(2 * np.pi * 200 * t)).astype(np.float32))
    assert level.mean() == pytest.approx(20 * np.log10(0.1 / np.sqrt(2)), abs=0.05)
    assert level_db(np.zeros(SPEECH_RATE, np.float32)).max() == -90


@pytest.mark.parametrize(
    ("rgb", "ycc"),
    # ITU-R BT.709-6 tables 3 and 4, 8-bit limited range, worked out by hand from the published equations
    [((255, 255, 255), (235, 128, 128)), ((0, 0, 0), (16, 128, 128)), ((255, 0, 0), (63, 102, 240)),
     ((0, 255, 0), (173, 42, 26)), ((0, 0, 255), (32, 240, 118)), ((128, 128, 128), (126, 128, 128))],
)  # fmt: skip
def test_colours_follow_bt709(rgb: tuple[int, int, int], ycc: tuple[int, int, int]) -> None:
    planes = from_rgb(np.full((32, 32, 3), rgb, np.uint8))
    found = (planes.y[8, 8], planes.u[8, 8], planes.v[8, 8])
    assert all(abs(int(a) - b) <= 1 for a, b in zip(found, ycc, strict=True))
    back = to_bgr(planes)[8, 8][::-1]
    assert all(abs(int(a) - b) <= 3 for a, b in zip(back, rgb, strict=True))


@pytest.mark.parametrize("width", [322, 360, 362, 364, 606])
def test_flat_pictures_stay_flat_at_any_width(width: int) -> None:
    """The scaler's threads once left dashes at the left edge of such widths."""
    for _ in range(4):
        picture = to_bgrx(grey(100, width, 640))[..., :3]
        assert np.abs(picture.astype(int) - picture[0, 20]).max() <= 3


def test_a_proxy_has_the_same_pictures_at_the_same_times(tmp_path: Path) -> None:
    source = probe(make_clip(tmp_path / "a.mp4", frames=90, size=(1280, 720), gop=250))
    proxy.make_proxy(source, tmp_path / "p.mp4", Progress(), proxy.Form(540, 8))
    small = probe(tmp_path / "p.mp4")
    assert small.height == 540
    assert small.keyframe_gap <= TICKS_PER_SECOND // 3
    with PictureReader(tmp_path / "p.mp4") as reader:
        for n in (0, 77, 13, 89):
            assert number_in(reader.at(frame_middle(n, Fraction(30)))) == n


def test_a_copy_is_only_needed_where_trying_shows_it(tmp_path: Path) -> None:
    source = probe(make_clip(tmp_path / "a.mp4", frames=60, size=(1280, 720), gop=250))
    assert proxy.needed(source, lambda *_: proxy.SLOW_MS + 1)
    assert not proxy.needed(source, lambda *_: proxy.SLOW_MS - 1)
    wavfile.write(tmp_path / "t.wav", 48_000, (tone(1.0) * 32767).astype(np.int16).T)
    sound = probe(tmp_path / "t.wav")
    assert not proxy.needed(sound, lambda *_: 10_000)


def test_the_form_with_the_most_lines_that_is_quick_is_chosen(tmp_path: Path) -> None:
    source = probe(make_clip(tmp_path / "a.mp4", frames=120, size=(1280, 720), gop=250))
    tried: list[proxy.Form] = []

    def measure(path: Path, _source: Source, length: int, form: proxy.Form) -> float:
        tried.append(form)
        sample = probe(path)
        assert (sample.height, length) == (form.lines, proxy.SAMPLE), "what is measured is a sample in that form"
        return 20.0 if form.lines == 540 else 80.0

    assert proxy.best_form(source, Progress(), measure) == proxy.Form(540, 8)
    assert tried == [proxy.Form(720, 8), proxy.Form(540, 8)]
    assert proxy.best_form(source, Progress(), lambda *_: 80.0) == proxy.FORMS[-1]
    low = probe(make_clip(tmp_path / "b.mp4", frames=60, size=(640, 360)))
    assert proxy.best_form(low, Progress(), lambda *_: 80.0).lines <= 360


def test_seeking_is_really_measured(tmp_path: Path) -> None:
    """Key frames far apart cost more than each picture being one: the ratio, not the time, is held to."""
    slow = probe(make_clip(tmp_path / "a.mp4", frames=300, size=(960, 540), gop=250))
    quick = probe(make_clip(tmp_path / "b.mp4", frames=300, size=(960, 540), gop=1))
    assert proxy.seek_ms(slow.path, slow, slow.length) > 1.5 * proxy.seek_ms(quick.path, quick, quick.length)


def test_writing_where_nobody_may(tmp_path: Path) -> None:
    blocked = tmp_path / "file"
    blocked.write_text("x")
    with pytest.raises(OutputError), MovieWriter(blocked / "a.mp4", 320, 180, Fraction(30), {}, sound=False) as writer:
        writer.picture(grey(60))


def test_planes_know_their_size() -> None:
    planes: Planes = coded(3, 64, 32)
    assert (planes.width, planes.height) == (64, 32)


@pytest.mark.fault
def test_sound_that_has_another_number_of_channels_from_somewhere_on_is_read(tmp_path: Path) -> None:
    """As recorders of broadcasts write it; gathered together the two would have broken the program off."""

    def encoded(layout: str) -> bytes:
        out = io.BytesIO()
        with av.open(out, "w", format="adts") as container:
            stream = container.add_stream("aac", rate=48_000, layout=layout)
            for number in range(60):
                samples = np.full((1 if layout == "mono" else 2, 1024), 0.2, np.float32)
                frame = av.AudioFrame.from_ndarray(samples, format="fltp", layout=layout)
                frame.sample_rate, frame.pts = 48_000, number * 1024
                container.mux(stream.encode(frame))
            container.mux(stream.encode(None))
        return out.getvalue()

    path = tmp_path / "two.aac"
    path.write_bytes(encoded("stereo") + encoded("mono") + encoded("stereo"))
    sound = read_sound(path)
    assert sound.shape[0] == 2 and sound.shape[1] >= 3 * 60 * 1024
    blocks = np.abs(sound)[:, : 180 * 1024].reshape(2, 3, 60, 1024).mean(3)
    assert (blocks[:, :, 10:50] > 0.1).all(), "apart from where one begins and ends, which the encoder fades"

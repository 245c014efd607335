"""Footage of every kind against ffmpeg (as the imageio-ffmpeg package carries it): another decoder build, scaler and demuxer."""

from __future__ import annotations

import subprocess
from fractions import Fraction
from pathlib import Path

import imageio_ffmpeg
import numpy as np
import pytest

from standtall.base.errors import StandTallError
from standtall.base.time import TICKS_PER_SECOND, frame_middle
from standtall.media.planes import Planes
from standtall.media.probe import STILL_LENGTH, probe
from standtall.media.reader import PictureReader
from standtall.media.sound_reader import MIX_RATE, read_sound
from standtall.model.source import MIX

FFMPEG = imageio_ffmpeg.get_ffmpeg_exe()
BARS = ["-f", "lavfi", "-i", "testsrc2=size=320x180:rate=25:duration=2"]
TONE = ["-f", "lavfi", "-i", "sine=frequency=440:duration=2:sample_rate=48000"]
H264 = ["-c:v", "libx264", "-preset", "ultrafast", "-pix_fmt", "yuv420p"]
H265 = ["-c:v", "libx265", "-x265-params", "log-level=none"]
FILES = {
    "h264.mp4": [*H264, "-c:a", "aac"],
    "prores.mov": ["-c:v", "prores_ks", "-profile:v", "2", "-c:a", "pcm_s16le"],
    "prores4444.mov": ["-c:v", "prores_ks", "-profile:v", "4", "-pix_fmt", "yuv444p10le", "-c:a", "pcm_s24le"],
    "mjpeg.mov": ["-c:v", "mjpeg", "-q:v", "3", "-c:a", "pcm_s16le"],
    "hevc.mkv": [*H265, "-pix_fmt", "yuv420p", "-c:a", "libopus"],
    "hevc10.mkv": [*H265, "-pix_fmt", "yuv420p10le", "-c:a", "flac"],
    "h264-422-10.mp4": ["-c:v", "libx264", "-preset", "ultrafast", "-pix_fmt", "yuv422p10le", "-c:a", "aac"],
    "h264-444.mp4": ["-c:v", "libx264", "-preset", "ultrafast", "-pix_fmt", "yuv444p", "-c:a", "libmp3lame"],
    "vp8.webm": ["-c:v", "libvpx", "-b:v", "2M", "-c:a", "libvorbis"],
    "vp9.webm": ["-c:v", "libvpx-vp9", "-b:v", "2M", "-deadline", "realtime", "-c:a", "libopus"],
    "av1.webm": ["-c:v", "libsvtav1", "-preset", "12", "-pix_fmt", "yuv420p", "-c:a", "libopus"],
    "h264-b.ts": ["-c:v", "libx264", "-preset", "veryfast", "-bf", "2", "-pix_fmt", "yuv420p", "-c:a", "aac"],
    "mpeg2.ts": ["-c:v", "mpeg2video", "-q:v", "3", "-bf", "2", "-c:a", "mp2"],
    "mpeg2.mpg": ["-c:v", "mpeg2video", "-q:v", "3", "-bf", "2", "-c:a", "mp2", "-f", "vob"],
    "mpeg4-b.avi": ["-c:v", "mpeg4", "-q:v", "3", "-bf", "2", "-c:a", "mp2"],
    "mjpeg.avi": ["-c:v", "mjpeg", "-q:v", "3", "-c:a", "pcm_s16le"],
}


def make(path: Path, *arguments: str) -> Path:
    subprocess.run([FFMPEG, "-y", "-loglevel", "error", *arguments, str(path)], check=True, capture_output=True)
    return path


def reference(path: Path, number: int, chain: str = "", before: tuple[str, ...] = ()) -> Planes:
    """Frame `number` as BT.709 limited 4:2:0 by ffmpeg's own scaler; `chain` is put before it."""
    probed = probe(path)
    w, h = probed.width // 2 * 2, probed.height // 2 * 2
    convert = f"scale={w}:{h}:flags=bicubic+accurate_rnd:out_color_matrix=bt709:out_range=tv,format=yuv420p"
    filters = f"{chain}{',' if chain else ''}select='eq(n,{number})',{convert}"
    data = subprocess.run(
        [FFMPEG, "-loglevel", "error", *before, "-i", str(path), "-vf", filters, "-frames:v", "1", "-f", "rawvideo", "-"],
        check=True, capture_output=True,
    ).stdout  # fmt: skip
    flat = np.frombuffer(data, np.uint8)
    y, u, v = np.split(flat, [w * h, w * h * 5 // 4])
    return Planes(y.reshape(h, w), u.reshape(h // 2, w // 2), v.reshape(h // 2, w // 2))


def difference(a: Planes, b: Planes) -> float:
    """Mean absolute difference over all three planes, in code values."""
    assert (a.width, a.height) == (b.width, b.height)
    pairs = ((a.y, b.y), (a.u, b.u), (a.v, b.v))
    return float(np.mean([np.abs(p.astype(int) - q.astype(int)).mean() for p, q in pairs]))


def starts_late(path: Path) -> int:
    """Ticks from the start of the file to its first picture."""
    with PictureReader(path) as reader:
        return next(iter(reader.walk())).tick


@pytest.mark.parametrize("name", sorted(FILES))
def test_every_container_and_codec(tmp_path: Path, name: str) -> None:
    path = make(tmp_path / name, *BARS, *TONE, *FILES[name])
    source = probe(path)
    assert (source.width, source.height, source.rate) == (320, 180, 25)
    assert source.length / TICKS_PER_SECOND == pytest.approx(2.0, abs=0.05)
    late = starts_late(path)
    with PictureReader(path) as reader:
        for number in (0, 30, 7, 49, 12):  # forwards, backwards, to the end
            picture = reader.at(frame_middle(number, Fraction(25)) + late)
            assert difference(picture, reference(path, number)) < 0.05, number
    sound = read_sound(path, MIX_RATE, 2)
    assert sound.shape[1] / MIX_RATE == pytest.approx(2.0, abs=0.08)
    assert np.sqrt((sound[:, 9_600:86_400] ** 2).mean()) == pytest.approx(0.125 / 2, rel=0.08)  # ffmpeg's sine is 1/8 high, mono
    crossings = np.flatnonzero(np.diff(np.signbit(sound[0, 9_600:86_400])))
    assert len(crossings) / 2 / 1.6 == pytest.approx(440, abs=2)


MATRIX = [
    ("bt601", "tv", "bt601"), ("bt601", "pc", "bt601"), ("bt709", "tv", "bt709"), ("bt709", "pc", "bt709"), ("bt2020", "tv", "bt2020nc"),
]  # fmt: skip
PATCHES = ["0xB02020", "0x20B020", "0x2030C0", "0xC0C020", "0x909090", "0xF0F0F0", "0x101010", "0xC06020"]
SOFT = ["0x905050", "0x608860", "0x505090", "0x909060", "0x909090", "0xF0F0F0", "0x101010", "0xA08060"]
"""In BT.2020 these lie inside BT.709, too: what lies outside is drawn in by each converter in its own way."""


@pytest.mark.parametrize(("matrix", "span", "tag"), MATRIX)
@pytest.mark.parametrize("pixels", ["yuv420p", "yuv422p10le", "yuv444p"])
def test_colours_are_within_two_code_values(tmp_path: Path, matrix: str, span: str, tag: str, pixels: str) -> None:
    """Flat patches of known R'G'B' through each matrix and range; what they must become is worked out from the published
    luma weights (ITU-R BT.709-6, table 3), BT.2020 patches by ffmpeg's zscale."""
    inputs: list[str] = []
    patches = SOFT if matrix == "bt2020" else PATCHES
    for colour in patches:
        inputs += ["-f", "lavfi", "-i", f"color=c={colour}:size=64x64:rate=25:duration=0.2,format=gbrp"]
    row = "".join(f"[{i}:v]" for i in range(len(patches))) + f"hstack=inputs={len(patches)}"
    space, primaries = ("smpte170m" if tag == "bt601" else tag), ("bt2020" if matrix == "bt2020" else "bt709")
    named = f"setparams=color_primaries={primaries}:color_trc=bt709:colorspace={space}:range={span}"
    colours = f"{row},scale=out_color_matrix={matrix}:out_range={span}:flags=accurate_rnd,format={pixels},{named}"
    path = make(tmp_path / "c.mkv", *inputs, "-filter_complex", colours, "-c:v", "ffv1")
    with PictureReader(path) as reader:
        got = reader.at(0)
    if matrix == "bt2020":
        wide = subprocess.run(
            [FFMPEG, "-loglevel", "error", "-i", str(path), "-vf", "zscale=pin=2020:tin=709:min=2020_ncl:rin=limited:p=709:t=709:m=709:r=limited,format=yuv420p",
             "-frames:v", "1", "-f", "rawvideo", "-"], check=True, capture_output=True,
        ).stdout  # fmt: skip
        flat = np.frombuffer(wide, np.uint8)
        size = 512 * 64
        expected = [
            (
                int(flat[32 * 512 + 64 * i + 32]),
                int(flat[size + 16 * 256 + 32 * i + 16]),
                int(flat[size * 5 // 4 + 16 * 256 + 32 * i + 16]),
            )
            for i in range(len(patches))
        ]
    else:
        expected = [bt709(int(c[2:4], 16), int(c[4:6], 16), int(c[6:8], 16)) for c in patches]
    for i, wanted in enumerate(expected):
        have = (got.y[32, 64 * i + 32], got.u[16, 32 * i + 16], got.v[16, 32 * i + 16])
        assert max(abs(int(h) - w) for h, w in zip(have, wanted, strict=True)) <= 2, (patches[i], have, wanted)


def bt709(r: int, g: int, b: int) -> tuple[int, int, int]:
    """ITU-R BT.709-6, tables 3 and 4: 8-bit limited range Y'CbCr of full range R'G'B'."""
    luma = 0.2126 * r + 0.7152 * g + 0.0722 * b
    return (
        round(16 + luma * 219 / 255),
        round(128 + (b - luma) / 1.8556 * 224 / 255),
        round(128 + (r - luma) / 1.5748 * 224 / 255),
    )


@pytest.mark.parametrize(("transfer", "name"), [("smpte2084", "pq"), ("arib-std-b67", "hlg")])
def test_high_dynamic_range_comes_down_to_what_a_screen_shows(tmp_path: Path, transfer: str, name: str) -> None:
    """SDR bars lifted into HDR by ffmpeg's zscale (diffuse white at 203 nits, ITU-R BT.2408) come back near to where they
    were: neutral stays neutral, brightness keeps its order, and white lands within 15 code values of SDR white at 75 %."""
    lift = f"zscale=pin=709:tin=709:min=170m:rin=limited:p=2020:t={transfer}:m=2020_ncl:npl=203,format=yuv420p10le"
    path = make(
        tmp_path / f"{name}.mp4", "-f", "lavfi", "-i", "smptebars=size=640x360:rate=25:duration=0.4", "-vf", lift, *H265,
        "-color_primaries", "bt2020", "-color_trc", transfer, "-colorspace", "bt2020nc",
    )  # fmt: skip
    with PictureReader(path) as reader:
        got = reader.at(0)
    bars = [(int(got.y[100, x]), int(got.u[50, x // 2]), int(got.v[50, x // 2])) for x in (45, 137, 228, 320, 411, 502, 594)]
    assert abs(bars[0][0] - 180) <= 15
    assert abs(bars[0][1] - 128) <= 2
    assert abs(bars[0][2] - 128) <= 2
    assert [b[0] for b in bars] == sorted((b[0] for b in bars), reverse=True)
    assert bars[1][1] < 90
    assert bars[5][2] > 180


def test_anamorphic_pixels_become_square(tmp_path: Path) -> None:
    path = make(
        tmp_path / "a.mp4", "-f", "lavfi", "-i", "testsrc2=size=720x576:rate=25:duration=0.4", "-vf", "setsar=64/45", *H264
    )
    source = probe(path)
    assert (source.width, source.height) == (1024, 576)
    with PictureReader(path) as reader:
        assert (reader.at(0).width, reader.at(0).height) == (1024, 576)
        assert difference(reader.at(0), reference(path, 0)) < 0.5
    narrow = probe(make(tmp_path / "n.mp4", *BARS, "-t", "0.4", "-vf", "setsar=3/4", *H264))
    assert (narrow.width, narrow.height) == (320, 240)


def test_interlaced_pictures_are_made_whole(tmp_path: Path) -> None:
    """A moving edge combs when woven; ffmpeg's bwdif as reference. Times stay as they are."""
    moving = ["-f", "lavfi", "-i", "testsrc2=size=320x180:rate=50:duration=2", "-vf", "tinterlace=interleave_top,setfield=tff"]
    path = make(tmp_path / "i.ts", *moving, "-c:v", "mpeg2video", "-q:v", "2", "-flags", "+ilme+ildct")
    late = starts_late(path)
    with PictureReader(path) as reader:
        for number in (3, 30, 10):
            picture = reader.at(frame_middle(number, Fraction(25)) + late)
            whole = difference(picture, reference(path, number, "bwdif=mode=send_frame:deint=interlaced"))
            combed = difference(picture, reference(path, number))
            assert whole < 0.6
            assert whole < combed / 2


def test_variable_frame_rate_goes_by_time(tmp_path: Path) -> None:
    """Pictures of the first second at 25, of the second at 5 a second: each is shown at its own time."""
    uneven = "select='lt(t,1)+gte(t,1)*not(mod(n,5))'"
    path = make(tmp_path / "v.mp4", *BARS, "-vf", uneven, "-fps_mode", "vfr", *H264)
    with PictureReader(path) as reader:
        times = [seen.tick for seen in reader.walk()]
        assert np.allclose(np.diff(times) / TICKS_PER_SECOND, [0.04] * 25 + [0.2] * 4, atol=0.001)
        for number, at in ((10, 0.42), (25, 1.1), (27, 1.5)):
            assert difference(reader.at(round(at * TICKS_PER_SECOND)), reference(path, number)) < 0.05


def test_an_edit_list_moves_the_start(tmp_path: Path) -> None:
    """A copy from 0.6 s on keeps earlier pictures in the file and hides them by an edit list."""
    long = make(tmp_path / "l.mp4", *BARS, *TONE, *H264, "-g", "50", "-c:a", "aac")
    path = make(tmp_path / "e.mp4", "-ss", "0.6", "-i", str(long), "-c", "copy")
    with PictureReader(path) as reader, PictureReader(long) as whole:
        first = reader.at(TICKS_PER_SECOND // 50)
        assert difference(first, whole.at(round(0.62 * TICKS_PER_SECOND))) < 0.05
        assert difference(reader.at(TICKS_PER_SECOND // 2), whole.at(round(1.1 * TICKS_PER_SECOND))) < 0.05


def test_negative_and_late_starts(tmp_path: Path) -> None:
    """Sound that begins 0.3 s after the picture stands 0.3 s late, whatever the container calls the start."""
    beeps = make(tmp_path / "b.mkv", *BARS, "-itsoffset", "0.3", *TONE, *H264, "-c:a", "pcm_s16le")
    sound = read_sound(beeps, MIX_RATE, 2)
    onset = int(np.flatnonzero(np.abs(sound[0]) > 0.02)[0]) / MIX_RATE
    assert onset == pytest.approx(0.3, abs=0.003)
    shifted = make(tmp_path / "s.ts", "-i", str(make(tmp_path / "x.mp4", *BARS, *TONE, *H264, "-c:a", "aac")), "-c", "copy",
                   "-output_ts_offset", "90000")  # fmt: skip
    assert probe(shifted).length / TICKS_PER_SECOND == pytest.approx(2.0, abs=0.1)


def test_sound_tracks_are_told_apart_and_mixed(tmp_path: Path) -> None:
    low, high = ["-f", "lavfi", "-i", "sine=frequency=300:duration=1"], ["-f", "lavfi", "-i", "sine=frequency=1000:duration=1"]
    path = make(
        tmp_path / "t.mkv", *BARS, *low, *high, "-map", "0:v", "-map", "1:a", "-map", "2:a", "-t", "1", *H264, "-c:a", "flac",
        "-metadata:s:a:0", "language=eng", "-metadata:s:a:1", "title=Second mic",
    )  # fmt: skip
    source = probe(path)
    assert [(t.codec, t.language, t.title) for t in source.sound_tracks] == [("flac", "eng", ""), ("flac", "", "Second mic")]

    def loudest(track: int) -> set[int]:
        heard = read_sound(path, MIX_RATE, 2, track=track)[0, 9_600:40_800]
        power = np.abs(np.fft.rfft(heard * np.hanning(len(heard))))
        hertz = np.fft.rfftfreq(len(heard), 1 / MIX_RATE)
        return {round(float(h), -1).__int__() for h, p in zip(hertz, power, strict=True) if p > power.max() / 2}

    assert loudest(0) == {300}
    assert loudest(1) == {1000}
    assert loudest(MIX) == {300, 1000}


def test_surround_sound_is_mixed_down(tmp_path: Path) -> None:
    """A voice in the centre of 5.1 comes out of both sides, 3 dB down (ITU-R BS.775-3, table 2, normalised)."""
    path = make(tmp_path / "s.mkv", "-f", "lavfi", "-i", "sine=frequency=440:duration=1,pan=5.1|FC=c0", "-c:a", "flac")
    assert probe(path).audio_channels == 6
    sound = read_sound(path, MIX_RATE, 2)[:, 4_800:40_000]
    assert np.abs(sound[0] - sound[1]).max() < 1e-4
    assert 0.02 < np.sqrt((sound**2).mean()) < 0.09


@pytest.mark.parametrize("ending", ["png", "jpg", "bmp", "webp", "tiff"])
def test_a_still_picture_stands(tmp_path: Path, ending: str) -> None:
    path = make(tmp_path / f"a.{ending}", "-f", "lavfi", "-i", "testsrc2=size=320x180", "-frames:v", "1")
    source = probe(path)
    assert (source.still, source.length, source.width, source.has_sound) == (True, STILL_LENGTH, 320, False)
    with PictureReader(path) as reader:
        first = reader.at(0)
        assert difference(first, reader.at(4 * TICKS_PER_SECOND)) == 0
        assert difference(first, reference(path, 0)) < 1.0


@pytest.mark.parametrize("ending", ["wav", "mp3", "flac", "ogg", "m4a", "opus", "aiff"])
def test_sound_files(tmp_path: Path, ending: str) -> None:
    path = make(tmp_path / f"a.{ending}", *TONE)
    source = probe(path)
    assert (source.has_picture, source.has_sound) == (False, True)
    assert source.length / TICKS_PER_SECOND == pytest.approx(2.0, abs=0.08)


def test_cut_and_flipped_files_never_do_worse_than_a_clear_error(tmp_path: Path) -> None:
    """A corpus made here: five kinds of file, each cut and flipped in many places."""
    rng = np.random.default_rng(4)
    for name in ("h264.mp4", "mpeg2.ts", "vp8.webm", "mjpeg.avi", "h264-444.mp4"):
        good = make(tmp_path / name, *BARS, *TONE, "-t", "0.6", *FILES[name]).read_bytes()
        for _ in range(12):
            data = bytearray(good)
            for place in rng.integers(0, min(len(data), 4_000 if rng.random() < 0.5 else len(data)), rng.integers(1, 40)):
                data[place] = rng.integers(0, 256)
            if rng.random() < 0.4:
                del data[int(rng.integers(len(data) // 10, len(data))) :]
            path = tmp_path / f"bad-{name}"
            path.write_bytes(data)
            try:
                source = probe(path)
                if source.has_picture:
                    with PictureReader(path, source.rotation) as reader:
                        reader.at(source.length // 2)
                if source.has_sound:
                    read_sound(path, MIX_RATE, 2, 0, min(source.length, 2 * TICKS_PER_SECOND))
            except StandTallError as error:
                assert error.message

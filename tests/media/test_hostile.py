"""Hostile and broken files cost neither time nor memory: everything is read in one process whose limits are measured."""

from __future__ import annotations

import json
import struct
import subprocess
import sys
import zlib
from pathlib import Path

import numpy as np
import pytest

from standtall.base.errors import MediaError
from standtall.media.probe import probe
from tests.conftest import make_clip, tone

READ_ALL = """
import json, resource, sys, time
from pathlib import Path
from standtall.base.errors import StandTallError
from standtall.exchange.words_in import read_words
from standtall.exchange.xliff import read_xliff
from standtall.media.probe import probe
from standtall.media.reader import PictureReader
from standtall.media.sound_reader import sound_blocks

before = resource.getrusage(resource.RUSAGE_SELF).ru_maxrss
for path in sorted(Path(sys.argv[1]).iterdir()):
    began, told = time.monotonic(), "read"
    try:
        if path.suffix in (".srt", ".vtt", ".txt", ".json"):
            read_words(path)
        elif path.suffix == ".xlf":
            read_xliff(path)
        else:
            source = probe(path)
            if source.has_picture:
                with PictureReader(path, source.rotation) as reader:
                    for share in (0.0, 0.9, 0.5):
                        reader.at(round(source.length * share))
            if source.has_sound:
                for number, block in enumerate(sound_blocks(source, 16_000, 60.0)):
                    if number == 3:
                        break
    except StandTallError as error:
        told = str(error)
    print(json.dumps({"file": path.name, "told": told, "s": time.monotonic() - began}), flush=True)
print(json.dumps({"mb": (resource.getrusage(resource.RUSAGE_SELF).ru_maxrss - before) / 1024}), flush=True)
"""
LONGEST_S, MOST_MB = 30.0, 2000.0
"""What the issue allows; in practice no file takes two seconds, and all of them together a few hundred MB."""


def lying_headers(clip: bytes) -> dict[str, bytes]:
    """An MP4 whose boxes say otherwise than they are: sizes, lengths, counts."""
    out = {}
    for name, box, at, value in (
        ("ten-years.mp4", b"mvhd", 20, struct.pack(">I", 0xFFFF_FFF0)),
        ("huge-picture.mp4", b"avc1", 28, struct.pack(">HH", 0xFFFF, 0xFFFF)),
        ("huge-table.mp4", b"stsz", 12, struct.pack(">I", 0x7FFF_FFFF)),
        ("huge-chunks.mp4", b"stco", 8, struct.pack(">I", 0x7FFF_FFFF)),
        ("no-timescale.mp4", b"mdhd", 16, struct.pack(">I", 0)),
        ("huge-box.mp4", b"moov", -4, struct.pack(">I", 0xFFFF_FFFF)),
        ("many-samples.mp4", b"stts", 8, struct.pack(">III", 1, 0x7FFF_FFFF, 1)),
    ):
        data = bytearray(clip)
        place = data.find(box)
        assert place > 0, box
        start = place + (4 + at - 4 if at > 0 else at)
        data[start : start + len(value)] = value
        out[name] = bytes(data)
    return out


def hostile(folder: Path) -> None:
    clip = make_clip(folder / "good.mp4", frames=60, sound=tone(2.0)).read_bytes()
    random = np.random.default_rng(17)
    for n in range(24):
        broken = bytearray(clip)
        for at in random.integers(0, len(clip) if n % 2 else 3000, 20):
            broken[at] = int(random.integers(256))
        (folder / f"flipped{n}.mp4").write_bytes(broken)
    for n in range(1, 8):
        (folder / f"cut{n}.mp4").write_bytes(clip[: len(clip) * n // 8])
    for name, data in lying_headers(clip).items():
        (folder / name).write_bytes(data)
    mpd = """<?xml version="1.0"?><MPD xmlns="urn:mpeg:dash:schema:mpd:2011" type="static" mediaPresentationDuration="PT10S"><Period>
      <AdaptationSet mimeType="video/mp4"><Representation id="1" bandwidth="1"><BaseURL>http://127.0.0.1:9/secret.mp4</BaseURL>
      <SegmentBase indexRange="0-1"/></Representation></AdaptationSet></Period></MPD>"""
    (folder / "list.mpd").write_text(mpd)
    (folder / "list.m3u8").write_text("#EXTM3U\n#EXTINF:4,\nfile:///etc/passwd\n#EXT-X-ENDLIST\n")
    (folder / "join.ffconcat").write_text("ffconcat version 1.0\nfile /etc/passwd\n")
    (folder / "loop.m3u8").write_text("#EXTM3U\n#EXT-X-STREAM-INF:BANDWIDTH=1\nloop.m3u8\n")
    (folder / "zeros.mkv").write_bytes(b"\x1aE\xdf\xa3" + bytes(3_000_000))
    (folder / "line.srt").write_bytes(b"1\n00:00:01,000 --> 00:00:02,000\n" + b"a" * 10_000_000 + b"\n")
    (folder / "deep.json").write_bytes(b"[" * 2_000_000)
    (folder / "many.vtt").write_text("WEBVTT\n\n" + "00:00:01.000 --> 00:00:00.500\nx\n\n" * 50_000)
    (folder / "bomb.xlf").write_text('<!DOCTYPE x [<!ENTITY a "' + "x" * 1000 + '">]><x>' + "&a;" * 100_000 + "</x>")
    (folder / "deep.xlf").write_text("<a>" * 200_000)


def test_hostile_files_cost_neither_time_nor_memory(tmp_path: Path) -> None:
    hostile(tmp_path)
    run = subprocess.run(
        [sys.executable, "-c", READ_ALL, str(tmp_path)], capture_output=True, text=True, timeout=800, check=False
    )
    assert run.returncode == 0, run.stderr[-2000:]
    rows = [json.loads(line) for line in run.stdout.splitlines()]
    told = {r["file"]: r["told"] for r in rows if "file" in r}
    assert len(told) == len(list(tmp_path.iterdir()))
    assert told["good.mp4"] == "read"
    slow = {r["file"]: r["s"] for r in rows if r.get("s", 0) > LONGEST_S}
    assert slow == {}
    assert rows[-1]["mb"] < MOST_MB
    for name in ("list.mpd", "list.m3u8", "join.ffconcat", "loop.m3u8", "bomb.xlf", "deep.xlf", "deep.json", "zeros.mkv"):
        assert told[name] != "read", name
        assert "Traceback" not in told[name]


@pytest.mark.parametrize("text", ["ffconcat version 1.0\nfile good.mp4\n", "#EXTM3U\n#EXTINF:2,\ngood.mp4\n#EXT-X-ENDLIST\n"])
def test_no_list_opens_another_file(tmp_path: Path, text: str) -> None:
    make_clip(tmp_path / "good.mp4", frames=30)
    path = tmp_path / "list.mp4"
    path.write_text(text)
    with pytest.raises(MediaError):
        probe(path)


@pytest.mark.fault
@pytest.mark.parametrize(("width", "height", "refused"), [(12_000, 9_000, True), (16_000, 16_000, True), (4_000, 3_000, False)])
def test_pictures_are_bounded_by_their_pixels(tmp_path: Path, width: int, height: int, refused: bool) -> None:
    path = tmp_path / "large.png"
    packer = zlib.compressobj(1)
    row = b"\0" + b"\x40\x80\xc0" * width
    data = b"".join(packer.compress(row) for _ in range(height)) + packer.flush()

    def chunk(kind: bytes, body: bytes) -> bytes:
        return struct.pack(">I", len(body)) + kind + body + struct.pack(">I", zlib.crc32(kind + body))

    head = struct.pack(">IIBBBBB", width, height, 8, 2, 0, 0, 0)
    path.write_bytes(b"\x89PNG\r\n\x1a\n" + chunk(b"IHDR", head) + chunk(b"IDAT", data) + chunk(b"IEND", b""))
    if refused:
        with pytest.raises(MediaError, match="more than this program can work with"):
            probe(path)
    else:
        assert probe(path).width == width


@pytest.mark.fault
@pytest.mark.parametrize("error", [IndexError, KeyError, TypeError, AssertionError, OverflowError, MemoryError])
def test_whatever_the_demuxer_raises_is_a_sentence(
    tmp_path: Path, monkeypatch: pytest.MonkeyPatch, error: type[Exception]
) -> None:
    """A mutated FLV adds streams in the middle, and the codec library's Python side meets an index that it does not have."""
    clip = make_clip(tmp_path / "a.mp4", sound=tone(2.0))

    def broken(*_given: object) -> None:
        raise error("planted")

    monkeypatch.setattr("standtall.media.probe._look_inside", broken)
    with pytest.raises(MediaError, match="damaged"):
        probe(clip)

"""Footage of which only some passages are left: at their old times, picture for picture and sample for sample."""

from __future__ import annotations

import shutil
from pathlib import Path

import numpy as np
import pytest

from standtall.base.errors import Cancelled, MediaError
from standtall.base.progress import Progress
from standtall.media.probe import probe
from standtall.media.reader import PictureReader
from standtall.media.sound_reader import read_sound
from standtall.media.thinned import can_be_thinned, thin
from tests.conftest import make_clip, number_in, tone

S = 48_000
SPANS = ((4 * S, 5 * S), (11 * S + 100, 12 * S))


@pytest.fixture(scope="module")
def footage(tmp_path_factory: pytest.TempPathFactory) -> Path:
    """Fifteen seconds whose pictures carry their number, a key frame each second."""
    sound = tone(15.0) * np.linspace(0.2, 1.0, 15 * S, dtype=np.float32)
    return make_clip(tmp_path_factory.mktemp("long") / "long.mp4", frames=450, gop=30, sound=sound)


def numbers(path: Path, ticks: list[int]) -> list[int]:
    with PictureReader(path) as reader:
        return [number_in(reader.at(tick)) for tick in ticks]


@pytest.mark.parametrize("kind", ["mp4", "mov", "mkv"])
def test_what_is_shown_is_there_at_its_time(footage: Path, tmp_path: Path, kind: str) -> None:
    if kind != "mp4":
        moved = tmp_path / f"long.{kind}"
        _remuxed(footage, moved)
        footage = moved
    out = tmp_path / f"thin.{kind}"
    thin(footage, SPANS, out, Progress())
    assert out.stat().st_size < 0.5 * footage.stat().st_size
    before, after = probe(footage), probe(out)
    assert after.length == pytest.approx(before.length, abs=S // 10)
    assert (after.width, after.rate, after.audio_rate) == (before.width, before.rate, before.audio_rate)
    for start, end in SPANS:
        ticks = list(range(start, end, 1_600))
        assert numbers(out, ticks) == numbers(footage, ticks)
        whole, part = read_sound(footage, S, 2, start, end), read_sound(out, S, 2, start, end)
        room = 60 if kind == "mkv" else 1  # its times are whole milliseconds, and sound begins at one
        inner = whole[:, room:-room]
        off = min(np.abs(part[:, k : k + inner.shape[1]] - inner).max() for k in range(2 * room))
        assert off < (0.02 if kind == "mkv" else 2e-3)
        assert np.abs(part).max() > 0.05
    assert np.abs(read_sound(out, S, 2, 7 * S, 9 * S)).max() < 1e-6, "what is not shown is silent, at its old length"


def _remuxed(path: Path, out: Path) -> None:
    import av

    with av.open(str(path)) as source, av.open(str(out), "w") as target:
        streams = {s.index: target.add_stream_from_template(s) for s in source.streams}
        for packet in source.demux():
            if packet.dts is not None:
                packet.stream = streams[packet.stream.index]
                target.mux(packet)


def test_what_cannot_be_thinned_says_so(footage: Path, tmp_path: Path) -> None:
    assert can_be_thinned(footage)
    stream = tmp_path / "long.ts"
    shutil.copy(footage, stream)
    assert not can_be_thinned(stream)
    with pytest.raises(MediaError, match="Pack it whole"):
        thin(stream, SPANS, tmp_path / "out.ts", Progress())
    broken = tmp_path / "broken.mp4"
    broken.write_bytes(footage.read_bytes()[:900])
    with pytest.raises(MediaError):
        thin(broken, SPANS, tmp_path / "out.mp4", Progress())


def test_it_is_stopped(footage: Path, tmp_path: Path) -> None:
    progress = Progress()
    progress.cancel()
    with pytest.raises(Cancelled):
        thin(footage, SPANS, tmp_path / "out.mp4", progress)

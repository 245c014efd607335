"""What all tests share: folders of their own, small made-up clips, the analysed demo."""

from __future__ import annotations

import os
import shutil

os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
os.environ.setdefault("OMP_NUM_THREADS", "1")
os.environ.setdefault("STAND_TALL_LANGUAGE", "en")

from collections.abc import Iterator
from fractions import Fraction
from pathlib import Path

import av
import numpy as np
import pytest
from hypothesis import settings

from standtall.base.folders import data_folder
from standtall.demo.programme import SHIPPED, programme, truth
from standtall.ink import engine
from standtall.library.cache import AnalysisCache
from standtall.media.planes import Planes
from standtall.media.probe import probe
from standtall.media.writer import MovieWriter
from standtall.model.analysis import Analysis
from standtall.model.source import Source
from standtall.session.analyse import Options, known
from standtall.session.demo_project import open_demo

settings.register_profile("untimed", deadline=None)  # a busy machine is no fault of the code
settings.load_profile("untimed")


@pytest.fixture(autouse=True)
def own_folders(tmp_path_factory: pytest.TempPathFactory, monkeypatch: pytest.MonkeyPatch) -> Iterator[Path]:
    """No test touches the user's data, cache or settings."""
    home = tmp_path_factory.mktemp("home")
    for variable in ("XDG_DATA_HOME", "XDG_CACHE_HOME", "XDG_CONFIG_HOME", "XDG_STATE_HOME"):
        monkeypatch.setenv(variable, str(home / variable))
    monkeypatch.setenv("DBUS_SESSION_BUS_ADDRESS", f"unix:path={home}/no-bus")
    yield home


@pytest.fixture(autouse=True)
def jobs_get_their_turn(monkeypatch: pytest.MonkeyPatch) -> None:
    """Work in the background goes on beside other tests, which would take all the time that it would be left."""
    monkeypatch.setattr("standtall.jobs.process.process_behind", lambda _pid: None)


@pytest.fixture(scope="session", autouse=True)
def text_engine(qapp: object) -> None:
    """One application for all tests of a process, with our fonts."""
    engine.start()


def grey(level: int, width: int = 320, height: int = 180) -> Planes:
    """A flat picture."""
    return Planes(
        np.full((height, width), level, np.uint8),
        np.full((height // 2, width // 2), 128, np.uint8),
        np.full((height // 2, width // 2), 128, np.uint8),
    )


def coded(number: int, width: int = 320, height: int = 180) -> Planes:
    """A picture that carries its own number in eight black or white columns."""
    planes = grey(60, width, height)
    step = width // 8
    for bit in range(8):
        planes.y[:, bit * step : (bit + 1) * step] = 220 if number >> bit & 1 else 30
    return planes


def number_in(planes: Planes) -> int:
    """The number that `coded` put there."""
    step = planes.width // 8
    return sum(1 << bit for bit in range(8) if planes.y[:, bit * step + step // 4 : bit * step + 3 * step // 4].mean() > 125)


def tone(seconds: float, hertz: float = 440.0, level: float = 0.2) -> np.ndarray:
    """float32 (2, samples) at 48 kHz."""
    t = np.arange(round(seconds * 48_000)) / 48_000
    mono = (level * np.sin(2 * np.pi * hertz * t)).astype(np.float32)
    return np.stack([mono, mono])


def make_clip(
    path: Path,
    frames: int = 60,
    rate: Fraction = Fraction(30),
    gop: int = 250,
    sound: np.ndarray | None = None,
    size: tuple[int, int] = (320, 180),
) -> Path:
    """Coded pictures 0, 1, 2 ... with sound (None for silence-free footage without a sound track)."""
    options = {"preset": "ultrafast", "crf": "12", "g": str(gop)}
    with MovieWriter(path, *size, rate, options, sound=sound is not None) as writer:
        for n in range(frames):
            writer.picture(coded(n % 256, *size))
            if sound is not None:
                a, b = round(n / rate * 48_000), round((n + 1) / rate * 48_000)
                writer.sound(sound[:, a:b])
    return path


def write_sound(path: Path, mono: np.ndarray, rate: int, bit_rate: int = 64_000) -> Path:
    """Mono sound as AAC in an MP4 file."""
    with av.open(str(path), "w", format="mp4") as out:
        stream = out.add_stream("aac", rate=rate, layout="mono", bit_rate=bit_rate)
        for at in range(0, len(mono), 1_024):
            part = np.clip(mono[at : at + 1_024], -1, 1).astype(np.float32)[None]
            frame = av.AudioFrame.from_ndarray(np.ascontiguousarray(part), format="fltp", layout="mono")
            frame.sample_rate, frame.pts = rate, at
            out.mux(stream.encode(frame))
        out.mux(stream.encode(None))
    return path


@pytest.fixture
def clip(tmp_path: Path) -> Path:
    """Two seconds of coded pictures with a tone."""
    return make_clip(tmp_path / "clip.mp4", sound=tone(2.0))


@pytest.fixture(scope="session")
def demo_file(tmp_path_factory: pytest.TempPathFactory) -> Path:
    return programme(tmp_path_factory.mktemp("demo"))


@pytest.fixture(scope="session")
def demo_source(demo_file: Path) -> Source:
    return probe(demo_file)


@pytest.fixture(scope="session")
def demo_analysis(demo_source: Source) -> Analysis:
    """The analysis that ships with the demo, made by the program itself."""
    found = known(demo_source, Options(), AnalysisCache(SHIPPED / "ready"))
    assert found is not None, "the shipped analysis does not belong to the shipped programme: run tools/ready_demo.py"
    return found


@pytest.fixture(scope="session")
def demo_truth() -> dict:
    return truth()


@pytest.fixture
def open_demo_here(own_folders: Path, demo_file: Path) -> Path:
    """The demo unpacked and analysed in this test's own folders."""
    here = data_folder() / "demo" / demo_file.name
    here.parent.mkdir(parents=True, exist_ok=True)
    shutil.copyfile(demo_file, here)  # it was joined and checked once
    return open_demo(AnalysisCache())[0]

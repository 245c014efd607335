"""Time, rectangles, progress, files."""

from __future__ import annotations

import errno
from fractions import Fraction
from pathlib import Path

import pytest
from hypothesis import given
from hypothesis import strategies as st

from standtall.base.errors import Cancelled, MediaError, OutputError, disk_error
from standtall.base.files import content_key, write_whole, written_whole
from standtall.base.geometry import Rect
from standtall.base.progress import Progress, Step
from standtall.base.time import TICKS_PER_SECOND, clock, frame_count, frame_middle, ticks

RATES = [Fraction(24), Fraction(25), Fraction(30), Fraction(50), Fraction(60), Fraction(24000, 1001), Fraction(30000, 1001)]


@given(st.sampled_from(RATES), st.integers(0, 500_000))
def test_the_middle_of_a_frame_lies_inside_it(rate: Fraction, number: int) -> None:
    middle = Fraction(frame_middle(number, rate), TICKS_PER_SECOND)
    assert Fraction(number) / rate < middle < Fraction(number + 1) / rate


@given(st.sampled_from(RATES), st.integers(1, 100_000))
def test_frames_fill_their_own_length(rate: Fraction, frames: int) -> None:
    assert frame_count(round(frames / rate * TICKS_PER_SECOND), rate) == frames


def test_common_rates_are_whole_ticks() -> None:
    assert all((Fraction(TICKS_PER_SECOND) / rate).denominator == 1 for rate in RATES[:5])


@pytest.mark.parametrize(
    ("seconds", "text", "tenths"),
    [(0, "0:00", "0:00.0"), (59.96, "0:59", "0:59.9"), (61.5, "1:01", "1:01.5"), (3723.4, "1:02:03", "1:02:03.4")],
)
def test_clock(seconds: float, text: str, tenths: str) -> None:
    assert clock(ticks(seconds)) == text
    assert clock(ticks(seconds), tenths=True) == tenths


def test_overlap_and_inside() -> None:
    assert Rect(0, 0, 2, 2).overlap(Rect(1, 0, 2, 2)) == pytest.approx(1 / 3)
    assert Rect(0, 0, 1, 1).overlap(Rect(5, 5, 1, 1)) == 0
    assert Rect(-3, 9, 2, 2).inside(Rect(0, 0, 10, 10)) == Rect(0, 8, 2, 2)


@given(st.floats(-5, 5), st.floats(-5, 5), st.floats(0.1, 1), st.floats(0.1, 1))
def test_inside_never_leaves_the_bounds(x: float, y: float, w: float, h: float) -> None:
    assert Rect(0, 0, 1, 1).contains(Rect(x, y, w, h).inside(Rect(0, 0, 1, 1)), slack=1e-9)


def test_progress_reports_seldom_and_always_the_end() -> None:
    now = [0.0]
    heard: list[Step] = []
    progress = Progress(heard.append, clock=lambda: now[0])
    for i in range(101):
        now[0] += 0.01
        progress.report("work", i / 100)
    assert 8 <= len(heard) <= 14
    assert heard[-1].share == 1.0


def test_progress_foretells_the_time_left() -> None:
    now = [0.0]
    heard: list[Step] = []
    progress = Progress(heard.append, clock=lambda: now[0])
    progress.report("work", 0.0)
    now[0] = 10.0
    progress.report("work", 0.25)
    assert heard[-1].left_s == pytest.approx(30.0)


def test_a_cancelled_progress_raises() -> None:
    progress = Progress()
    progress.cancel()
    with pytest.raises(Cancelled):
        progress.report("work", 0.5)


def test_a_broken_write_leaves_the_old_file(tmp_path: Path) -> None:
    path = tmp_path / "kept.txt"
    write_whole(path, b"old")
    with pytest.raises(RuntimeError), written_whole(path) as beside:
        beside.write_bytes(b"half")
        raise RuntimeError("killed")
    assert path.read_bytes() == b"old"
    assert list(tmp_path.iterdir()) == [path]


@pytest.mark.parametrize(
    ("number", "says"),
    [(errno.ENOSPC, "disk is full"), (errno.EACCES, "may not be written"), (errno.ENOTDIR, "could not be made")],
)
def test_failed_writes_are_told_in_words(number: int, says: str) -> None:
    error = disk_error(OSError(number, "x"), "a.mp4")
    assert isinstance(error, OutputError)
    assert says in error.message
    assert error.hint


def test_a_full_disk_is_told(tmp_path: Path) -> None:
    with pytest.raises(OutputError, match="disk is full"), written_whole(tmp_path / "a"):
        Path("/dev/full").write_bytes(b"x")


def test_content_key_follows_content_not_name(tmp_path: Path) -> None:
    a, b, c = tmp_path / "a", tmp_path / "b", tmp_path / "c"
    data = bytes(range(256)) * 20_000
    a.write_bytes(data)
    b.write_bytes(data)
    c.write_bytes(data[:-1] + b"!")
    assert content_key(a) == content_key(b) != content_key(c)


def test_content_key_of_nothing(tmp_path: Path) -> None:
    with pytest.raises(MediaError, match="no file"):
        content_key(tmp_path / "none")
    with pytest.raises(MediaError, match="folder"):
        content_key(tmp_path)

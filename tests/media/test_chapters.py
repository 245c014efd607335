"""A copy with chapters, read back by ffmpeg."""

from __future__ import annotations

import re
import subprocess
from pathlib import Path

import imageio_ffmpeg
import pytest

from standtall.base.errors import OutputError
from standtall.base.progress import Progress
from standtall.base.time import TICKS_PER_SECOND
from standtall.media.chapters import copy_with_chapters
from standtall.media.probe import probe
from tests.conftest import make_clip, tone


@pytest.mark.parametrize("suffix", [".mp4", ".mkv"])
def test_chapters_stand_in_the_copy_as_ffmpeg_reads_it(tmp_path: Path, suffix: str) -> None:
    source = make_clip(tmp_path / "talk.mp4", 90, sound=tone(3.0))
    out = tmp_path / f"copy{suffix}"
    copy_with_chapters(
        source, out, [(0, TICKS_PER_SECOND, "Soil = life"), (TICKS_PER_SECOND, 3 * TICKS_PER_SECOND, "Worms")], Progress()
    )
    told = subprocess.run(
        [imageio_ffmpeg.get_ffmpeg_exe(), "-hide_banner", "-i", str(out)], capture_output=True, text=True
    ).stderr
    spans = re.findall(r"Chapter #0:\d+: start ([\d.]+), end ([\d.]+)", told)
    assert [tuple(map(float, s)) for s in spans] == [(0.0, 1.0), (1.0, 3.0)]
    assert "Soil = life" in told and "Worms" in told
    assert abs(probe(out).length - probe(source).length) < TICKS_PER_SECOND // 20


def test_what_cannot_hold_chapters_says_so(tmp_path: Path) -> None:
    source = make_clip(tmp_path / "talk.mp4", 30)
    with pytest.raises(OutputError, match="cannot hold chapters"):
        copy_with_chapters(source, tmp_path / "copy.avi", [(0, TICKS_PER_SECOND, "a")], Progress())
    with pytest.raises(OutputError, match="never overwritten"):
        copy_with_chapters(source, source, [(0, TICKS_PER_SECOND, "a")], Progress())
    assert probe(source).length

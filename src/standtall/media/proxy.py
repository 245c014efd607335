"""Small, quickly seekable stand-ins for footage in which exact seeking is slow; their size and coding are chosen by measuring."""

from __future__ import annotations

import statistics
import tempfile
import time
from collections.abc import Callable
from dataclasses import dataclass
from pathlib import Path
from typing import Final

from standtall.base.files import written_whole
from standtall.base.progress import Progress
from standtall.base.time import TICKS_PER_SECOND, seconds
from standtall.media.reader import PictureReader
from standtall.media.writer import MovieWriter
from standtall.model.source import Source

SLOW_MS: Final = 60.0
"""Where a quarter of all exact pictures take longer than this to reach, a copy is made: the exact frame is to be painted 40 ms
after a jump at the median, and after 80 ms in 95 of 100."""
QUICK_MS: Final = 35.0
"""What a copy must reach."""
NEAR_KEYS: Final = TICKS_PER_SECOND // 3
LOOKS: Final = 7
SAMPLE: Final = 3 * TICKS_PER_SECOND
SPREAD: Final = 0.618
"""Places to look at are spread by the golden section, so that none is near the one before."""


@dataclass(frozen=True, slots=True)
class Form:
    """Lines of the picture, and pictures from one key frame to the next."""

    lines: int
    group: int


FORMS: Final = (Form(720, 8), Form(540, 8), Form(540, 2), Form(360, 1))
"""From the best picture to the quickest; none is larger than the original."""


def seek_ms(path: str | Path, source: Source, length: int, form: Form | None = None) -> float:
    """How long an exact picture takes to reach, in ms: the slow end of several places all over `length` ticks.

    `form` is that of the file where it is a proxy of the source; the original is read as it is shown, scaled to 720 lines.
    """
    rotation = 0 if form is not None else source.rotation
    height = None if form is not None or source.rotation % 180 or source.height <= FORMS[0].lines else FORMS[0].lines
    took = []
    with PictureReader(path, rotation, height) as reader:
        reader.at(0)
        for i in range(1, LOOKS + 1):
            began, worked = time.perf_counter(), time.process_time()
            reader.at(round(length * (i * SPREAD % 1.0) * 0.98))
            # on a busy machine waiting says nothing of the file, and the time worked cannot be more than it would take alone
            took.append(min(time.perf_counter() - began, time.process_time() - worked) * 1000)
    return statistics.quantiles(took, n=4)[2]


def needed(source: Source, measure: Callable[..., float] = seek_ms) -> bool:
    """Whether moving about in the original is slow: by trying, where its key frames are not near each other anyway."""
    if not source.has_picture or source.still:
        return False
    near = 0 < source.keyframe_gap <= NEAR_KEYS and source.width * source.height <= 1920 * 1080
    return not near and measure(source.path, source, source.length) > SLOW_MS


def best_form(source: Source, progress: Progress, measure: Callable[..., float] = seek_ms) -> Form:
    """The form with the most lines in which a sample of the footage is quick to move about in."""
    forms = [f for f in FORMS if f.lines <= source.height] or [Form(source.height // 2 * 2, 8)]
    middle = max(0, source.length // 2 - SAMPLE // 2)
    length = min(SAMPLE, source.length - middle)
    with tempfile.TemporaryDirectory() as folder:
        for form in forms[:-1]:
            sample = Path(folder) / f"{form.lines}-{form.group}.mp4"
            _write(source, sample, form, progress, middle, length, quiet=True)
            if measure(sample, source, length, form) <= QUICK_MS:
                return form
    return forms[-1]


def make_proxy(source: Source, out: Path, progress: Progress, form: Form) -> None:
    """Write a picture-only copy in a form; on disk whole or not at all. Its times are those of the original."""
    with written_whole(out) as beside:
        _write(source, beside, form, progress, 0, source.length)


def _write(source: Source, out: Path, form: Form, progress: Progress, start: int, length: int, quiet: bool = False) -> None:
    width = max(2, round(source.width * form.lines / source.height / 2) * 2)
    options = {"preset": "ultrafast", "crf": "24", "g": str(form.group), "keyint_min": str(form.group), "bf": "0"}
    with (
        PictureReader(source.path, source.rotation, form.lines if not source.rotation % 180 else None) as reader,
        MovieWriter(out, width, form.lines, source.rate, options, sound=False) as writer,
    ):
        total = max(1, round(seconds(length) * source.rate))
        for number in range(total):
            writer.picture(reader.at(start + round((number + 0.5) / source.rate * TICKS_PER_SECOND)))
            if quiet:
                progress.check()
            else:
                progress.report("preview", (number + 1) / total)

"""Encodes a short into a finished MP4 that stands under its final name only when it is whole and measured."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass
from pathlib import Path
from typing import Final

import numpy as np

from standtall.base.errors import OutputError
from standtall.base.files import written_whole
from standtall.base.progress import Progress
from standtall.base.time import TICKS_PER_SECOND
from standtall.checks.missing_files import files_missing
from standtall.compose.composition import Composition
from standtall.compose.painters.assets import Assets
from standtall.compose.painters.frames import FramePainter
from standtall.compose.soundtrack.whole import soundtrack
from standtall.media.planes import Planes
from standtall.media.sound_reader import Samples
from standtall.media.writer import MovieWriter
from standtall.render.ahead import Ahead
from standtall.render.check import Report, measure

AHEAD: Final = 3


@dataclass(frozen=True, slots=True)
class Quality:
    """Encoder settings: a constant rate factor (lower is better) and how long the encoder may think."""

    crf: int = 19
    preset: str = "faster"

    @property
    def options(self) -> dict[str, str]:
        return {"preset": self.preset, "crf": str(self.crf), "profile": "high", "bf": "2", "rc-lookahead": "12"}


def frames(composition: Composition) -> Iterator[Planes]:
    """Every frame of a short in order, painted at its full size; the planes must not be written to."""
    output = composition.short.output
    with Assets() as assets:
        painter = FramePainter(assets, output.width, output.height)
        for number in range(composition.frames):
            yield painter.paint(composition.frame(number))


def render(composition: Composition, out: Path, progress: Progress, quality: Quality | None = None) -> Report:
    """Write the finished file to `out`; -> what was measured in it.

    Raises `OutputError` when it cannot be written or does not hold what it should, `Cancelled` when stopped; in
    both cases nothing is left under the final name that was not there before.
    """
    output, chosen = composition.short.output, quality or Quality()
    for notice in files_missing(composition):
        hint = "Bring it back, or leave it out of the short."
        raise OutputError(f"{notice.facts['name']}, which this short uses, is not where it was.", hint)
    if out.is_dir():
        raise OutputError(f"{out} is a folder.", "Give the finished file another name.")
    with written_whole(out) as beside:
        progress.report("sound", 0.0)
        track = soundtrack(composition, progress)
        progress.report("sound", 1.0)
        with (
            MovieWriter(beside, output.width, output.height, composition.fps, chosen.options, track is not None) as writer,
            Ahead(lambda: frames(composition), AHEAD) as ahead,
        ):
            for number, planes in enumerate(ahead):
                writer.picture(planes)
                if track is not None:
                    writer.sound(_share(track, number, composition))
                progress.report("render", (number + 1) / composition.frames)
        progress.report("check", 0.0)
        report = measure(beside, composition, track)
        if report.problems:
            raise OutputError(
                f"The finished file did not come out right: {report.problems[0]}.", "Render it again.", all=report.problems
            )
        progress.report("check", 1.0)
    return report


def _share(track: Samples, number: int, composition: Composition) -> Samples:
    """The samples that belong to one frame; the last frame takes the rest."""
    a = round(number / composition.fps * TICKS_PER_SECOND)
    b = round((number + 1) / composition.fps * TICKS_PER_SECOND)
    if number == composition.frames - 1:
        b = track.shape[1] if track.shape[1] > a else b
    part = track[:, a:b]
    if part.shape[1] == 0:
        return np.zeros((2, max(1, b - a)), np.float32)
    return part

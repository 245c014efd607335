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
from standtall.base.time import TICKS
from standtall.compose.pictures import Pictures
from standtall.compose.scene import Edition
from standtall.ink.caption import CaptionInk
from standtall.media.planes import Planes
from standtall.media.sound import MIX_RATE, Samples, sound_of
from standtall.media.writer import MovieWriter
from standtall.render.check import Report, measure
from standtall.render.pipeline import Ahead
from standtall.sound.loudness import levelled
from standtall.sound.mix import joined

AHEAD: Final = 3


@dataclass(frozen=True, slots=True)
class Quality:
    """Encoder settings: a constant rate factor (lower is better) and how long the encoder may think."""

    crf: int = 19
    preset: str = "faster"

    @property
    def options(self) -> dict[str, str]:
        return {"preset": self.preset, "crf": str(self.crf), "profile": "high", "bf": "2", "rc-lookahead": "12"}


def frames(edition: Edition, ink: CaptionInk) -> Iterator[Planes]:
    """Every frame of a short in order, painted at its full size."""
    short, source = edition.short, edition.source
    with Pictures(source.path if source.has_picture else None, source.rotation) as pictures:
        for number in range(edition.frames):
            yield pictures.painted(edition.scene(number), short.width, short.height, ink)


def soundtrack(edition: Edition, progress: Progress | None = None) -> Samples | None:
    """The levelled sound of a short as float32 (2, samples) at 48 kHz, or None where the source has none."""
    if not edition.source.has_sound:
        return None
    mix = joined(edition.short.excerpts, lambda a, b: sound_of(edition.source, MIX_RATE, 2, a, b))
    return levelled(mix, progress=progress)


def render(edition: Edition, out: Path, progress: Progress, quality: Quality | None = None) -> Report:
    """Write the finished file to `out`; -> what was measured in it.

    Raises `OutputError` when it cannot be written or does not hold what it should, `Cancelled` when stopped; in
    both cases nothing is left under the final name that was not there before.
    """
    short, chosen = edition.short, quality or Quality()
    if edition.missing:
        name = Path(edition.missing[0]).name
        hint = "Bring it back, or take the pictures off."
        raise OutputError(f"{name}, which is laid over the talk, is not where it was.", hint)
    ink = CaptionInk(edition.look, short.width, short.height)
    if out.is_dir():
        raise OutputError(f"{out} is a folder.", "Give the finished file another name.")
    with written_whole(out) as beside:
        progress.report("sound", 0.0)
        track = soundtrack(edition, progress)
        progress.report("sound", 1.0)
        with (
            MovieWriter(beside, short.width, short.height, edition.rate, chosen.options, track is not None) as writer,
            Ahead(lambda: frames(edition, ink), AHEAD) as ahead,
        ):
            for number, planes in enumerate(ahead):
                writer.picture(planes)
                if track is not None:
                    writer.sound(_share(track, number, edition))
                progress.report("render", (number + 1) / edition.frames)
        progress.report("check", 0.0)
        report = measure(beside, edition, track)
        if report.problems:
            raise OutputError(
                f"The finished file did not come out right: {report.problems[0]}.", "Render it again.", all=report.problems
            )
        progress.report("check", 1.0)
    return report


def _share(track: Samples, number: int, edition: Edition) -> Samples:
    """The samples that belong to one frame; the last frame takes the rest."""
    a = round(number / edition.rate * TICKS)
    b = round((number + 1) / edition.rate * TICKS)
    if number == edition.frames - 1:
        b = track.shape[1] if track.shape[1] > a else b
    part = track[:, a:b]
    if part.shape[1] == 0:
        return np.zeros((2, max(1, b - a)), np.float32)
    return part

"""Encodes a short into a finished MP4 that stands under its final name only when it is whole and measured."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import replace
from pathlib import Path
from typing import Final

import numpy as np

from standtall.base.errors import OutputError
from standtall.base.files import written_whole
from standtall.base.interface_language import tr
from standtall.base.progress import Progress
from standtall.base.time import TICKS_PER_SECOND
from standtall.checks.missing_files import files_missing
from standtall.compose.composition import Composition
from standtall.compose.painters.assets import Assets
from standtall.compose.painters.frames import FramePainter
from standtall.compose.soundtrack.mixdown import soundtrack
from standtall.media.planes import Planes
from standtall.media.sound_reader import MIX_RATE, Samples, read_sound
from standtall.media.writer import MovieWriter, write_sound
from standtall.model.form import Codec, Form, Quality
from standtall.render.ahead import Ahead
from standtall.render.check import Report, measure
from standtall.render.proving import proved
from standtall.sound.loudness import loudness_lufs, true_peak_db

AHEAD: Final = 3


FACTORS: Final[dict[Codec, dict[Quality, int]]] = {
    "h264": {"small": 25, "good": 19, "best": 15}, "hevc": {"small": 28, "good": 22, "best": 18},
    "av1": {"small": 42, "good": 32, "best": 24}, "vp9": {"small": 40, "good": 32, "best": 24},
}  # fmt: skip
"""Rate factors of each encoder (lower is better), about as good as each other (common practice, no source)."""
# H.264 without parts of inter blocks: a decoder that many programs carry (OpenH264 2.3) shows other pictures with them
OPTIONS: Final[dict[Codec, dict[str, str]]] = {
    "h264": {"preset": "faster", "profile": "high", "bf": "2", "rc-lookahead": "12", "partitions": "i4x4,i8x8"},
    "hevc": {"preset": "fast", "x265-params": "log-level=error"},
    "av1": {"preset": "9", "svtav1-params": "lookahead=16"},
    "vp9": {"deadline": "good", "cpu-used": "5", "row-mt": "1", "tile-columns": "2"},
}


def options_of(form: Form) -> dict[str, str]:
    """What the encoder of a form is told."""
    options = dict(OPTIONS[form.codec])
    if form.bit_rate:
        options["b"] = f"{form.bit_rate}k"
        options |= (
            {"maxrate": f"{2 * form.bit_rate}k", "bufsize": f"{4 * form.bit_rate}k"} if form.codec in ("h264", "hevc") else {}
        )
    else:
        options["crf"] = str(FACTORS[form.codec][form.quality])
        options |= {"b": "0"} if form.codec == "vp9" else {}
    return options


def frames(composition: Composition) -> Iterator[Planes]:
    """Every frame of a short in order, painted at its full size; the planes must not be written to."""
    output = composition.short.output
    with Assets(rate=output.fps) as assets:
        painter = FramePainter(assets, output.width, output.height)
        for number in range(composition.frames):
            yield painter.paint(composition.frame(number))


def render(
    composition: Composition,
    out: Path,
    progress: Progress,
    form: Form | None = None,
    proof: bool = False,
    cover: bytes | None = None,
) -> Report:
    """Write the finished file to `out` in a form; -> what was measured in it, with `proof` in every frame of it. `cover` is a
    JPEG that is set in the file.

    Raises `OutputError` when it cannot be written or does not hold what it should, `Cancelled` when stopped; in
    both cases nothing is left under the final name that was not there before.
    """
    output, chosen = composition.short.output, form or Form()
    for notice in files_missing(composition):
        hint = tr("Bring it back, or leave it out of the short.")
        raise OutputError(tr("{name}, which this short uses, is not where it was.", name=notice.facts["name"]), hint)
    if out.is_dir():
        raise OutputError(tr("{out} is a folder.", out=out), tr("Give the finished file another name."))
    with written_whole(out) as beside:
        progress.report("sound", 0.0)
        track = soundtrack(composition, progress)
        progress.report("sound", 1.0)
        if chosen.sound_alone:
            return _sound_alone(composition, beside, track, chosen, progress)
        options = options_of(chosen)
        with (
            MovieWriter(
                beside, output.width, output.height, composition.fps, options, track is not None, codec=chosen.codec, cover=cover
            ) as writer,
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
                tr("The finished file did not come out right: {problems}.", problems=report.problems[0]),
                tr("Render it again."),
                all=report.problems,
            )
        progress.report("check", 1.0)
        if not proof:
            return report
        found = proved(beside, composition, track, progress)
        if any(f.point == "decodes" and not f.right for f in found):
            raise OutputError(tr("The finished file cannot be decoded to its end."), tr("Render it again."))
    return replace(report, findings=(*report.findings, *found))


def _sound_alone(composition: Composition, beside: Path, track: Samples | None, form: Form, progress: Progress) -> Report:
    """Only the sound of a short; raises `OutputError` where it has none."""
    if track is None:
        raise OutputError(tr("This short has no sound."), tr("Render its picture, or add music first."))
    write_sound(beside, track, form.sound_alone)
    progress.report("check", 0.0)
    heard = read_sound(beside, MIX_RATE, 2)
    if abs(heard.shape[1] - track.shape[1]) > MIX_RATE // 10:
        raise OutputError(tr("The finished sound did not come out as long as it should."), tr("Render it again."))
    progress.report("check", 1.0)
    loud, peak = round(loudness_lufs(heard), 2), round(true_peak_db(heard), 2)
    return Report(0, 0, 0.0, heard.shape[1] / MIX_RATE, beside.stat().st_size, loud, peak, len(composition.cards), ())


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

"""How large a file will be and how long it will take, from a few short pieces of it that are rendered for trial."""

from __future__ import annotations

import itertools
import tempfile
import time
from dataclasses import dataclass
from pathlib import Path
from typing import Final

from standtall.base.progress import Progress
from standtall.compose.composition import Composition
from standtall.compose.painters.assets import Assets
from standtall.compose.painters.frames import FramePainter
from standtall.jobs.requests import RenderRequest
from standtall.media.coded import coded_sizes
from standtall.media.reader import PictureReader
from standtall.media.writer import MovieWriter
from standtall.render.render import options_of
from standtall.session.before_render import composition_of
from standtall.session.render_many import needed_bytes

PIECES: Final = 5
PIECE_S: Final = 1.8
SETTLED: Final = 6
"""Frames of a piece after which the encoder codes as it will in the middle of the file."""
ENDING: Final = 12
"""Frames at the end of a piece that are coded worse than they will be: the encoder of H.264 looks so far ahead for what is used
again (`rc-lookahead` of the render), and there is nothing; the others look about as far."""
SOUND_BYTES: Final = 24_000
"""A second of finished sound."""
KEY_EVERY: Final = 250
"""Frames from one key frame to the next at most: what the encoders do by themselves."""
SOUND_SHARE: Final = 0.018
"""Seconds that one second of sound takes to be read, levelled and measured, as on a machine whose trial frames take 10 ms."""
START_S: Final = 2.0
"""Until a process has read its request and its footage."""


@dataclass(frozen=True, slots=True)
class Trial:
    """What one piece cost: bytes of its key frames and of its others, and seconds a frame to write and to read again."""

    keys: tuple[int, ...]
    others: tuple[int, ...]
    write_s: float
    read_s: float


def foretold(request: RenderRequest, progress: Progress) -> tuple[int, float]:
    """-> (bytes, seconds) that a render will need. Raises what a render would raise."""
    form = request.form
    composition = composition_of(request)
    length = composition.frames / float(composition.fps)
    if form.sound_alone:
        return needed_bytes(request), START_S + length * SOUND_SHARE * 2
    trials = []
    size = max(1, min(composition.frames, round(PIECE_S * float(composition.fps))))
    for n in range(PIECES):
        progress.report("foretelling", n / PIECES)
        first = round((n + 0.5) / PIECES * composition.frames - size / 2)
        first = min(max(0, first), composition.frames - size)
        trials.append(_trial(composition, request, first, size))
    middle = len(trials) // 2
    write, read = sorted(t.write_s for t in trials)[middle], sorted(t.read_s for t in trials)[middle]
    seconds = START_S + composition.frames * (write + read) + length * SOUND_SHARE * max(1.0, write / 0.01)
    sound = length * SOUND_BYTES if any(f.source.has_sound for f in request.footage) else 0.0
    if form.bit_rate:
        return round(length * form.bit_rate * 125 + sound), seconds
    keys = [b for t in trials for b in t.keys]
    others = [b for t in trials for b in t.others]
    count = key_frames(composition)
    mean = sum(others) / max(1, len(others))
    return round(count * sum(keys) / len(keys) + (composition.frames - count) * mean + sound), seconds


def key_frames(composition: Composition) -> int:
    """About how many frames are coded by themselves: at cuts, at changes of shot and of crop, and every so many."""
    time_map = composition.time_map
    starts = {0, *(time_map.span_of(n)[0] for n in range(len(time_map.segments)))}
    for segment in time_map.segments:
        spans = composition.footage[segment.source].camera.spans
        starts |= {
            at for s in spans if segment.start < s.start < segment.end and (at := time_map.to_short(segment.source, s.start))
        }
    edges = [*sorted(composition.frame_at(t) for t in starts), composition.frames]
    return sum(max(1, -(-(b - a) // KEY_EVERY)) for a, b in itertools.pairwise(edges) if b > a)


def _trial(composition: Composition, request: RenderRequest, first: int, size: int) -> Trial:
    output, form = request.short.output, request.form
    with tempfile.TemporaryDirectory(prefix="stand-tall-trial-") as folder:
        path = Path(folder) / f"piece{form.ending}"
        with Assets(rate=composition.short.output.fps) as assets:
            painter = FramePainter(assets, output.width, output.height)
            painter.paint(composition.frame(first))  # the seek is no part of what a frame takes
            began = time.monotonic()
            with MovieWriter(
                path, output.width, output.height, composition.fps, options_of(form), False, codec=form.codec
            ) as writer:
                for number in range(first, first + size):
                    writer.picture(painter.paint(composition.frame(number)))
            write = (time.monotonic() - began) / size
        keys, others = coded_sizes(path, SETTLED, ENDING)
        began = time.monotonic()
        with PictureReader(path) as reader:
            for seen in reader.walk():
                seen.sketch(54, 96)
        read = (time.monotonic() - began) / size
    return Trial(tuple(keys or [0]), tuple(others or keys or [0]), write, read)

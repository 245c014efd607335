"""Works shorts out: their footage with its cameras, their look, real text widths, the files of their cutaways."""

from __future__ import annotations

import contextlib
import functools
import threading
from collections.abc import Iterable, Mapping
from pathlib import Path

from standtall.base.errors import MediaError
from standtall.base.files import content_key
from standtall.base.interface_language import tr
from standtall.captions.grouping import Width
from standtall.compose.composition import Composition, composition
from standtall.compose.footage import Footage
from standtall.cutting.montage import Picture
from standtall.framing.camera import Camera, plan
from standtall.ink import engine
from standtall.ink.caption_ink import CaptionInk
from standtall.library.looks import look_or_first
from standtall.library.stickers import sticker_file
from standtall.media.probe import probe
from standtall.model.analysis import Analysis
from standtall.model.look import Look
from standtall.model.short import Short
from standtall.model.source import Source
from standtall.model.style import CaptionStyle


def footage_for(short: Short, source: Source, analysis: Analysis, camera: Camera | None = None) -> dict[str, Footage]:
    """The one source of a short with the camera that was planned for it, or is now."""
    return {source.key: Footage(source, analysis, camera or plan(short, source, analysis.people))}


def worked_out(short: Short, footage: Mapping[str, Footage], look: Look | None = None) -> Composition:
    """The composition of a short, in the look that it names or in one that is given by value."""
    engine.start()
    chosen = look or look_or_first(short.captions.look)
    language = short.captions.language or footage[short.main_source].analysis.language

    def measure(style: CaptionStyle) -> Width:
        return _ink(style, short.output.width, short.output.height, language).width_of

    return composition(short, footage, chosen, measure, files_there(short), pictures_there(short), sounds_there(short))


def pictures_there(short: Short) -> list[str]:
    """Paths of the pictures on a short's frames that are there and still what they were."""
    return [p.path for p in short.pictures if _key_now(p.path) == p.key]


def sounds_there(short: Short) -> list[str]:
    """Paths of the sound files of a short that are there and still what they were."""
    return [s.path for s in short.sounds if _key_now(s.path) == s.key]


def _key_now(path: str) -> str:
    try:
        file = sticker_file(path)
        return _key_of(str(file), file.stat().st_mtime_ns)
    except (OSError, MediaError):
        return ""


@functools.lru_cache(maxsize=512)
def _key_of(path: str, _changed: int) -> str:
    return content_key(Path(path))


def files_there(short: Short) -> dict[str, Source]:
    """The files beside the footage of a short that are there and still what they were, by path."""
    out: dict[str, Source] = {}
    for wanted in short.files:
        path = Path(wanted.path)
        if wanted.path not in out and path.is_file():
            with contextlib.suppress(MediaError):
                found = _probed(wanted.path, path.stat().st_mtime_ns)
                if found.key == wanted.key and found.has_picture:
                    out[wanted.path] = found
    return out


@functools.lru_cache(maxsize=256)
def _probed(path: str, _changed: int) -> Source:
    return probe(Path(path))


def pictures_in(paths: Iterable[Path]) -> tuple[list[Picture], list[str]]:
    """Files as pictures for a montage, and why others are none."""
    good: list[Picture] = []
    bad: list[str] = []
    for path in paths:
        try:
            found = probe(path)
            if not found.has_picture:
                raise MediaError(tr("{name} has no picture.", name=path.name), tr("Choose footage or a still."))
            good.append(Picture(str(path), found.key, found.length, found.still))
        except MediaError as error:
            bad.append(str(error))
    return good, bad


_inks = threading.local()
MOST_INKS = 24


def _ink(style: CaptionStyle, width: int, height: int, language: str) -> CaptionInk:
    """Measures texts; kept for each thread, since nearly all texts of a composition were measured before. Only what changes the
    width of letters tells one from another."""
    measured = CaptionStyle(
        style.family, style.weight, style.italic, style.size, letter_spacing=style.letter_spacing, width=style.width
    )  # fmt: skip
    kept: dict[object, CaptionInk] = _inks.__dict__.setdefault("kept", {})
    key = measured, width, height, language
    if key not in kept:
        if len(kept) >= MOST_INKS:
            kept.pop(next(iter(kept)))
        kept[key] = CaptionInk(measured, width, height, language)
    return kept[key]

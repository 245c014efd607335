"""Many renders at once: shorts by shapes by languages, each a request of its own with a name of its own."""

from __future__ import annotations

import re
import shutil
from collections.abc import Callable, Sequence
from dataclasses import dataclass, field, replace
from datetime import date
from fractions import Fraction
from pathlib import Path
from typing import Final

from standtall.base.errors import NothingToDo
from standtall.base.files import short_name
from standtall.base.interface_language import tr
from standtall.jobs.requests import RenderRequest
from standtall.library.cache import AnalysisCache
from standtall.library.project import Entry, Project
from standtall.model.analysis import Analysis
from standtall.model.brief import Brief
from standtall.model.form import Form
from standtall.model.output import Output, size_of
from standtall.model.short import Short
from standtall.model.source import Source
from standtall.session.analyse import Options, known
from standtall.session.finish import ends_of, free_file
from standtall.session.render_request import render_request
from standtall.session.told import as_told, found_in, transcript_of

PATTERN: Final = "{name}{shape}{language}"
PLACEHOLDERS: Final = {
    "name": tr("the name of the short"), "shape": tr("its shape, where there are several"),
    "language": tr("the language of its captions"),
    "channel": tr("its channel"), "number": tr("its number in the list"), "date": tr("today"),
}  # fmt: skip
MOST: Final = 500
BITS_A_PIXEL: Final = {"small": 0.035, "good": 0.085, "best": 0.16}
"""What a talk needs for each pixel of each frame, roughly; only for the question whether the disk has room."""


@dataclass(frozen=True, slots=True)
class Wanted:
    """What is to be rendered: shorts by their numbers, in shapes ("" is that of each short) and languages ("" is that which each
    has now), `width` pixels on the shorter side and at `fps` (0: as each short), in a form, into a folder, under names by a
    pattern. A file of the same name that is there is written over where this `replaces` it, else the new one gets a number, as
    it does where its path is among those `waited_for`, which are still to be rendered."""

    shorts: tuple[int, ...]
    folder: Path
    shapes: tuple[str, ...] = ("",)
    languages: tuple[str, ...] = ("",)
    width: int = 0
    fps: Fraction = Fraction(0)
    form: Form = field(default_factory=Form)
    pattern: str = PATTERN
    replaces: bool = True
    waited_for: frozenset[str] = frozenset()


def sized(output: Output, shape: str, width: int, fps: Fraction = Fraction(0)) -> Output:
    """An output in another shape, of another width on its shorter side, and at other fps; empty or 0 as it is."""
    wide, high = size_of(shape) if shape else (output.width, output.height)
    factor = width / min(wide, high) if width else 1.0
    width, height = (max(64, round(side * factor / 2) * 2) for side in (wide, high))
    return replace(output, width=width, height=height, fps=fps or output.fps)


def named(pattern: str, short: Short, shape: str, language: str, number: int, ending: str) -> str:
    """The file name of a short by a pattern; what no file name may hold is left out. Raises `NothingToDo` for a placeholder that
    there is not."""
    values = {
        "name": short.name, "shape": f" {shape.replace(':', 'x')}" if shape else "", "channel": short.channel,
        "language": f" {language}" if language else "", "number": f"{number:02d}", "date": date.today().isoformat(),
    }  # fmt: skip
    unknown = set(re.findall(r"{([^{}]*)}", pattern)) - values.keys()
    if unknown:
        raise NothingToDo(
            tr("There is no {{{name}}} in names.", name=sorted(unknown)[0][:20]),
            tr("There are: {these}.", these=", ".join(PLACEHOLDERS)),
        )
    text = re.sub(r"{([^{}]*)}", lambda found: values[found[1]], pattern)
    plain = short_name(re.sub(r"[^\w\- ']+", "", text, flags=re.UNICODE).strip(" '.")[:120])
    return f"{' '.join(plain.split()) or 'short'}{ending}"


def requests(
    project: Project,
    sources: Sequence[Source],
    options_of: Callable[[Source, Brief], Options],
    cache: AnalysisCache,
    wanted: Wanted,
    room: bool = True,
) -> list[RenderRequest]:
    """One request for each short in each shape and language, as it stands now. Raises `NothingToDo` where nothing is chosen,
    footage is missing or not analysed, or (where `room` is asked for) the disk has none."""
    here, briefs = {s.key: s for s in sources}, project.briefs()
    entries = [e for e in project.shorts() if e.id in wanted.shorts]
    if not entries or not wanted.shapes or not wanted.languages:
        raise NothingToDo(tr("Nothing is chosen to be rendered."), tr("Choose shorts, a shape and a language."))
    if len(entries) * len(wanted.shapes) * len(wanted.languages) > MOST:
        raise NothingToDo(tr("At most {most} files are rendered at once.", most=MOST), tr("Choose fewer."))
    footage: dict[str, tuple[Source, Analysis]] = {}
    for key in dict.fromkeys(key for e in entries for key in e.short.sources):
        if key not in here:
            raise NothingToDo(tr("The footage of a short is not in this project."), tr("Add it again in the Footage place."))
        found = known(here[key], options_of(here[key], briefs.get(key, Brief())), cache)
        if found is None:
            raise NothingToDo(tr("{name} is not analysed.", name=here[key].name), tr("Analyse it in the Footage place first."))
        told = found_in(found)
        footage[key] = here[key], as_told(found, transcript_of(project, told))
    out = list(_each(entries, footage, wanted))
    if room:
        _check_room(out, wanted.folder)
    return out


def _each(entries: Sequence[Entry], footage: dict[str, tuple[Source, Analysis]], wanted: Wanted) -> list[RenderRequest]:
    taken = set(wanted.waited_for)
    ends = () if wanted.replaces else ends_of(wanted.form)
    out = []
    for number, entry in enumerate(entries, 1):
        for shape in wanted.shapes:
            for language in wanted.languages:
                short = replace(entry.short, output=sized(entry.short.output, shape, wanted.width, wanted.fps))
                if language:
                    short = replace(short, captions=replace(short.captions, language="" if language == "original" else language))
                told_shape = shape if len(wanted.shapes) > 1 else ""
                told_language = language if len(wanted.languages) > 1 else ""
                name = named(wanted.pattern, short, told_shape, told_language, number, wanted.form.ending)
                file = free_file(wanted.folder / name, taken, ends)
                taken.add(str(file))
                out.append(replace(render_request(short, footage, file), form=wanted.form, number=entry.id))
    return out


def needed_bytes(request: RenderRequest) -> int:
    """About how large a file will be."""
    seconds = request.short.length / 48_000
    if request.form.sound_alone:
        return round(seconds * (300_000 if request.form.sound_alone in ("wav", "flac") else 24_000))
    if request.form.bit_rate:
        return round(seconds * (request.form.bit_rate + 192) * 125)
    output = request.short.output
    bits = output.width * output.height * 30 * BITS_A_PIXEL[request.form.quality] * (1.0 if request.form.codec == "h264" else 0.7)
    return round(seconds * (bits / 8 + 24_000))


def disk_of(folder: Path) -> tuple[int, int]:
    """Which disk a folder is on, or will be, and how many bytes are free there."""
    there = next((p for p in (folder, *folder.parents) if p.is_dir()), Path("/"))
    return there.stat().st_dev, shutil.disk_usage(there).free


def _check_room(wanted: Sequence[RenderRequest], folder: Path) -> None:
    """Raise `NothingToDo` where the disk of a folder has no room for all of it and as much again."""
    need, (_disk, free) = 2 * sum(needed_bytes(r) for r in wanted), disk_of(folder)
    if need > free:
        raise NothingToDo(
            tr(
                "The disk has {free:.1f} GB free; these files may need {need:.1f}.",
                free=free / 1000000000.0,
                need=need / 1000000000.0,
            ),
            tr("Choose another folder, or fewer."),
        )

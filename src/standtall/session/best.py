"""The whole job without a window: the best passages of footage as a plan, and the plan as finished files."""

from __future__ import annotations

import hashlib
import json
from collections.abc import Iterator, Mapping, Sequence
from dataclasses import dataclass, replace
from pathlib import Path
from typing import Final

from standtall.base.errors import NothingToDo, ProjectError
from standtall.base.files import write_whole
from standtall.base.interface_language import tr
from standtall.base.progress import Progress
from standtall.base.reading import Unreadable, file_bytes, json_of
from standtall.base.time import TICKS_PER_SECOND, ticks
from standtall.cutting import by_words
from standtall.jobs.requests import Asked, RenderRequest
from standtall.library.cache import AnalysisCache
from standtall.model.analysis import Analysis
from standtall.model.brief import Brief
from standtall.model.codec import from_plain, to_plain
from standtall.model.cut import Segment
from standtall.model.moment import PARTS, Moment
from standtall.model.plan import Plan, PlannedShort
from standtall.model.short import Short
from standtall.model.source import Source
from standtall.moments.finder import Wish
from standtall.session.begin import begun
from standtall.session.find_moments import finder_for
from standtall.session.render_many import named, sized
from standtall.session.render_request import render_request

LARGEST_PLAN: Final = 20_000_000
RECORD: Final = ".stand-tall-made.json"
"""Beside the finished files: what each was made of, so that the same is not made twice."""
SAID: Final = 40
"""Words that a plan quotes."""

Footage = Mapping[str, tuple[Source, Analysis]]
"""By path as it was given."""


@dataclass(frozen=True, slots=True)
class Manner:
    """How everything is made: look ("" for the first), shapes, languages of captions ("" for the one spoken)."""

    look: str = ""
    shapes: tuple[str, ...] = ("9:16",)
    languages: tuple[str, ...] = ("",)


def planned(
    footage: Footage, count: int, lengths_s: tuple[float, float], manner: Manner, cache: AnalysisCache, progress: Progress
) -> Plan:
    """The best passages of all footage together. Raises `NothingToDo` where none holds any, or a language is not there."""
    found: list[tuple[Moment, str]] = []
    for path, (source, analysis) in footage.items():
        for language in manner.languages:
            check_language(analysis, language)
        finder = finder_for(source, analysis, cache, progress)
        found += [(m, path) for m in finder.find(Wish(lengths_s[0], lengths_s[1], count), progress.check)]
    found.sort(key=lambda f: -f[0].rating)
    if not found:
        told = tr(
            "No passage of {least:g} to {most:g} seconds holds up on its own.",
            least=lengths_s[0],
            most=lengths_s[1],
        )
        raise NothingToDo(told, tr("Allow other lengths with --length."))
    shorts = []
    taken: set[str] = set()
    for moment, path in found[:count]:
        source, analysis = footage[path]
        segments = by_words.pieces_for(analysis, moment.words)
        name = moment.titles[0].text if moment.titles else source.name
        name = _free(name, taken)
        reasons = tuple(r.text for part in PARTS for r in moment.part(part).reasons if r.good)
        quoted = " ".join(analysis.words[i].text for i in moment.words[:SAID])
        says = quoted + (" …" if len(moment.words) > SAID else "")
        passages = tuple((round(s.start / TICKS_PER_SECOND, 3), round(s.end / TICKS_PER_SECOND, 3)) for s in segments)
        length = round(moment.length / TICKS_PER_SECOND, 1)
        files = tuple(_names(Short.of(name, segments), manner))
        shorts.append(PlannedShort(path, source.key, name, passages, moment.rating, length, says, reasons, files))
    return Plan(tuple(shorts), manner.look, manner.shapes, manner.languages)


def check_language(analysis: Analysis, language: str) -> None:
    """Raise `NothingToDo` where there are no captions in a language."""
    there = {"", analysis.language, *(t.language for t in analysis.translations)}
    if language not in there:
        known = ", ".join(sorted(there - {""})) or "none"
        raise NothingToDo(
            tr("There are no captions in “{language}” for this footage (there are: {known}).", language=language, known=known),
            tr("Translate it in the window first, or leave the language out."),
        )


def _free(name: str, taken: set[str]) -> str:
    free, again = name, 2
    while free.casefold() in taken:
        free, again = f"{name} {again}", again + 1
    taken.add(free.casefold())
    return free


def _names(short: Short, manner: Manner) -> Iterator[str]:
    for shape in manner.shapes:
        for language in manner.languages:
            yield _file(short, shape, language, manner)


def _file(short: Short, shape: str, language: str, manner: Manner) -> str:
    told = shape if len(manner.shapes) > 1 else ""
    spoken = (language or "original") if len(manner.languages) > 1 else ""
    return named("{name}{shape}{language}", short, told, spoken, 1, ".mp4")


def plan_from(path: Path) -> Plan:
    """A plan that was written to a file, and perhaps changed by hand. Raises `ProjectError` for what is none."""
    try:
        return from_plain(Plan, json_of(file_bytes(path, LARGEST_PLAN), LARGEST_PLAN))
    except OSError as error:
        raise ProjectError(
            tr("The plan {path} cannot be read: {error}.", path=path, error=error.strerror),
            tr("Write one with --plan FILE."),
        ) from error
    except Unreadable as error:
        raise ProjectError(
            tr("{name} is no plan: {error}.", name=path.name, error=error), tr("Write one with --plan FILE.")
        ) from error


def plan_text(plan: Plan) -> str:
    """A plan as JSON."""
    return json.dumps(to_plain(plan), indent=1, ensure_ascii=False)


def requests_of(plan: Plan, footage: Footage, brief: Brief, out: Path) -> list[RenderRequest]:
    """One request for each short, shape and language of a plan. Raises `NothingToDo` where footage is another file now."""
    made = []
    manner = Manner(plan.look, plan.shapes, plan.languages)
    taken: set[str] = set()
    for number, planned_short in enumerate(plan.shorts, 1):
        source, analysis = footage[planned_short.footage]
        if planned_short.key != source.key:
            raise NothingToDo(tr("{name} is not the file that was planned with.", name=source.name), tr("Plan again."))
        segments = [Segment(source.key, ticks(a), min(ticks(b), source.length)) for a, b in planned_short.passages]
        wished = replace(brief, look=plan.look) if plan.look else brief
        short = begun(Short.of(_free(planned_short.name, taken), tuple(segments)), wished)
        for shape in plan.shapes:
            for language in plan.languages:
                spoken = "" if language in ("", analysis.language) else language
                check_language(analysis, spoken)
                whole = replace(short, output=sized(short.output, shape, 0), captions=replace(short.captions, language=spoken))
                file = out / _file(short, shape, language, manner)
                made.append(replace(render_request(whole, {source.key: (source, analysis)}, file), number=number))
    return made


class Record:
    """What the finished files of a folder were made of; written after each."""

    def __init__(self, folder: Path) -> None:
        self._path = folder / RECORD
        self._made: dict[str, str] = {}
        try:
            data = json_of(file_bytes(self._path, LARGEST_PLAN), LARGEST_PLAN)
            if isinstance(data, dict):
                self._made = {str(k): v for k, v in data.items() if isinstance(v, str)}
        except (OSError, Unreadable):
            self._made = {}  # none yet, or damaged: everything is made again

    def has(self, request: RenderRequest) -> bool:
        """Whether the same was made before and is still there."""
        path = Path(request.out)
        return self._made.get(path.name) == _digest(request) and path.is_file()

    def add(self, request: RenderRequest) -> None:
        self._made[Path(request.out).name] = _digest(request)
        write_whole(self._path, json.dumps(self._made, indent=1, ensure_ascii=False).encode())


def _digest(request: RenderRequest) -> str:
    """Of all that a request says, but for where it is written."""
    plain = json.dumps(to_plain(Asked(replace(request, out=""))), sort_keys=True)
    return hashlib.sha256(plain.encode()).hexdigest()


def waiting_files(folder: Path, endings: Sequence[str], sizes: dict[Path, tuple[int, int]]) -> list[Path]:
    """Files of a watched folder that have not changed since the last look; `sizes` is kept from look to look."""
    ready = []
    for path in sorted(p for p in folder.iterdir() if p.is_file() and p.suffix.lower() in endings and not p.name.startswith(".")):
        stat = path.stat()
        now = stat.st_size, stat.st_mtime_ns
        if sizes.get(path) == now and now[0] > 0:
            ready.append(path)
        sizes[path] = now
    return ready

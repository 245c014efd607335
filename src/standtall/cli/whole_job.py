"""`make --best` and `watch`: footage in, finished shorts out, in one command."""

from __future__ import annotations

import argparse
import time
from collections.abc import Callable
from dataclasses import dataclass, replace
from pathlib import Path
from typing import TYPE_CHECKING, Final

from standtall.base.errors import Cancelled, NothingToDo, OutputError, StandTallError
from standtall.base.files import write_whole
from standtall.base.interface_language import tr
from standtall.base.progress import Progress
from standtall.base.time import clock, ticks
from standtall.cli.reporter import Reporter

if TYPE_CHECKING:
    from standtall.jobs.requests import RenderRequest
    from standtall.model.analysis import Analysis
    from standtall.model.brief import Brief
    from standtall.model.plan import Plan
    from standtall.model.source import Source

Analyse = Callable[[Path], "tuple[Source, Analysis]"]
Render = Callable[["RenderRequest"], int]
"""-> 0, or the exit code of a file that was made but is not right."""
LENGTHS: Final = (15.0, 60.0)
EVERY_S: Final = 2.0
"""How often a watched folder is looked at."""
ENDINGS: Final = (".mp4", ".mov", ".mkv", ".webm", ".m4v", ".avi", ".ts", ".mts", ".mp3", ".m4a", ".wav", ".flac", ".ogg")


def lengths_of(text: str) -> tuple[float, float]:
    """Shortest and longest in seconds, written 20-60, or 0:20-1:00; one length is the longest."""
    parts = text.split("-")
    try:
        values = [_seconds(p) for p in parts]
    except ValueError:
        values = []
    if len(values) == 1:
        values = [min(LENGTHS[0], values[0] / 2), values[0]]
    if len(values) != 2 or not 1 <= values[0] < values[1] <= 3600:
        raise argparse.ArgumentTypeError(tr("'{text}' is no range of lengths; write 20-60 or 0:20-1:00", text=text))
    return values[0], values[1]


def _seconds(text: str) -> float:
    total = 0.0
    for part in text.split(":"):
        total = total * 60 + float(part)
    return total


def shapes_of(text: str) -> tuple[str, ...]:
    """Shapes written 9:16,1:1."""
    from standtall.base.errors import ProjectError
    from standtall.model.output import size_of

    shapes = tuple(dict.fromkeys(p.strip() for p in text.split(",") if p.strip()))
    try:
        for shape in shapes:
            size_of(shape)
    except ProjectError as error:
        raise argparse.ArgumentTypeError(str(error)) from error
    if not shapes:
        raise argparse.ArgumentTypeError(tr("name at least one shape, such as 9:16"))
    return shapes


@dataclass(frozen=True, slots=True)
class Hands:
    """What the whole job is done with: who is told, what stops it, how footage is analysed and a request rendered, the brief."""

    reporter: Reporter
    progress: Progress
    analyse: Analyse
    brief: Brief
    render: Render


def make(chosen: argparse.Namespace, hands: Hands) -> int:
    """Plan, or carry a plan out; -> the exit code."""
    from standtall.session.best import plan_from, plan_text

    plan = plan_from(chosen.from_plan) if chosen.from_plan is not None else None
    paths = [Path(s.footage) for s in plan.shorts] if plan is not None else list(chosen.footage)
    footage, worst = _analysed(paths, hands)
    if plan is None:
        plan = _planned(chosen, footage, hands.progress)
    elif worst:
        plan = replace(plan, shorts=tuple(s for s in plan.shorts if s.footage in footage))
    if chosen.plan is not None:
        _say_plan(plan, hands.reporter)
        if chosen.plan != Path():
            write_whole(chosen.plan, plan_text(plan).encode())
        return worst
    return max(worst, _carried_out(plan, footage, chosen.out, hands))


def _analysed(paths: list[Path], hands: Hands) -> tuple[dict[str, tuple[Source, Analysis]], int]:
    """All footage that can be used, by its path, and the exit code of what cannot."""
    footage: dict[str, tuple[Source, Analysis]] = {}
    worst, last = 0, None
    for path in dict.fromkeys(paths):
        try:
            footage[str(path)] = hands.analyse(path)
        except Cancelled:
            raise
        except StandTallError as error:  # one bad file never stops the rest
            worst, last = error.exit_code, error
            hands.reporter.failure(error)
    if not footage and last is not None:
        raise NothingToDo(tr("None of the footage can be used."), tr("See what was said of each file."))
    return footage, worst


def _planned(chosen: argparse.Namespace, footage: dict[str, tuple[Source, Analysis]], progress: Progress) -> Plan:
    from standtall.library.cache import AnalysisCache
    from standtall.library.looks import LOOKS
    from standtall.model.look import look_named
    from standtall.session.best import Manner, planned

    look = look_named(LOOKS.load().values, chosen.look).name if chosen.look else ""
    languages = tuple(dict.fromkeys(p.strip() for p in chosen.captions_in.split(",") if p.strip())) or ("",)
    manner = Manner(look, chosen.shape, languages)
    return planned(footage, chosen.best, chosen.lengths, manner, AnalysisCache(), progress)


def _say_plan(plan: Plan, reporter: Reporter) -> None:
    for number, short in enumerate(plan.shorts, 1):
        times = ", ".join(f"{clock(ticks(a), tenths=True)}–{clock(ticks(b), tenths=True)}" for a, b in short.passages)
        lines = (
            f"{number}. {short.name}  "
            + tr("({seconds:g} s, rating {rating:.2f})", seconds=short.seconds, rating=short.rating),
            f"   {Path(short.footage).name} {times}", f"   “{short.says}”", f"   {'; '.join(short.reasons[:4])}",
            f"   → {', '.join(short.files)}",
        )  # fmt: skip
        reporter.result("\n".join(lines), short)


def _carried_out(plan: Plan, footage: dict[str, tuple[Source, Analysis]], out: Path, hands: Hands) -> int:
    from standtall.session.best import Record, requests_of

    _make_folder(out)
    worst = 0
    record = Record(out)
    for request in requests_of(plan, footage, hands.brief, out):
        if record.has(request):
            hands.reporter.note("note", tr("{out}: made before", out=request.out), said=f"{request.out} is there already")
            continue
        try:
            worst = max(worst, hands.render(request))
            record.add(request)
        except Cancelled:
            raise
        except StandTallError as error:  # a failed one never stops the rest
            hands.reporter.failure(error)
            worst = error.exit_code
    return worst


def _make_folder(out: Path) -> None:
    try:
        out.mkdir(parents=True, exist_ok=True)
    except OSError as error:
        raise OutputError(
            tr("The folder {out} cannot be made: {strerror}.", out=out, strerror=error.strerror), tr("Choose another with --out.")
        ) from error


def watch(chosen: argparse.Namespace, hands: Hands) -> int:
    """Make the best of each file that comes into a folder, once it does not grow any more, until stopped; `--once` stops when
    nothing is left to do."""
    from standtall.session.best import waiting_files

    if not chosen.folder.is_dir():
        raise NothingToDo(tr("{folder} is no folder.", folder=chosen.folder), tr("Name the folder that footage comes into."))
    _make_folder(chosen.out)
    sizes: dict[Path, tuple[int, int]] = {}
    done: dict[Path, tuple[int, int]] = {}
    worst = 0
    hands.reporter.note(
        "watching", tr("Watching {folder} (stop it with Ctrl+C)", folder=chosen.folder), folder=str(chosen.folder)
    )
    waiting_files(chosen.folder, ENDINGS, sizes)
    while True:
        _wait(chosen.every, hands.progress)
        ready = [p for p in waiting_files(chosen.folder, ENDINGS, sizes) if done.get(p) != sizes[p]]
        for path in ready:
            done[path] = sizes[path]
            try:
                footage = {str(path): hands.analyse(path)}
                plan = _planned(chosen, footage, hands.progress)
                worst = max(worst, _carried_out(plan, footage, chosen.out, hands))
            except Cancelled:
                raise
            except StandTallError as error:
                hands.reporter.failure(error)
                worst = max(worst, error.exit_code)
        if chosen.once and not ready and sizes.keys() <= done.keys():
            return worst


def _wait(seconds: float, progress: Progress) -> None:
    until = time.monotonic() + seconds
    while time.monotonic() < until:
        progress.check()
        time.sleep(min(0.1, seconds))

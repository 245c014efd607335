"""What each command does: it makes requests and carries them out here, in this process."""

from __future__ import annotations

import argparse
import csv
import dataclasses
import json
import sys
from collections.abc import Callable
from pathlib import Path
from typing import TYPE_CHECKING

from standtall.base.errors import Cancelled, NothingToDo, OutputError, ProjectError, StandTallError
from standtall.base.interface_language import count_of, tr, tr_n
from standtall.base.progress import Progress, Step
from standtall.base.time import TICKS_PER_SECOND, clock, ticks
from standtall.cli import install_command, machine_commands, post_commands, project_commands, trace_command
from standtall.cli.reporter import NOT_RIGHT, Reporter

if TYPE_CHECKING:  # the heavy parts are imported by the commands that use them, so that --help is quick
    from standtall.cli.whole_job import Hands
    from standtall.jobs.events import Event, Rendered
    from standtall.jobs.requests import AnalyseRequest, RenderRequest
    from standtall.model.analysis import Analysis
    from standtall.model.brief import Brief
    from standtall.model.source import Source

LARGEST_REQUEST = 100_000_000
Command = Callable[[argparse.Namespace, Reporter, Progress], int]


def _probe(chosen: argparse.Namespace, reporter: Reporter, _progress: Progress) -> int:
    from standtall.media.probe import probe

    s = probe(chosen.footage)
    picture = f"{s.width} x {s.height}, {float(s.rate):g} fps, {s.video_codec}" if s.has_picture else tr("no picture")
    sound = (
        tr("{channels} channels at {rate} Hz, {codec}", channels=s.audio_channels, rate=s.audio_rate, codec=s.audio_codec)
        if s.has_sound
        else tr("no sound")
    )
    reporter.result(f"{s.name}: {clock(s.length, tenths=True)}, {picture}; {sound}", s)
    return 0


def _brief(chosen: argparse.Namespace) -> Brief:
    from standtall.model.brief import Brief

    start, end = getattr(chosen, "part_from", 0), getattr(chosen, "part_to", 0)
    return Brief(language=chosen.language, start=start, end=end, content=chosen.kind)


def _analyse_request(source: Source, chosen: argparse.Namespace) -> AnalyseRequest:
    from standtall.jobs.requests import AnalyseRequest

    captions = str(chosen.captions) if chosen.captions is not None else ""
    return AnalyseRequest(source, _brief(chosen), tuple(chosen.term), captions)


def _source(path: Path, track: int) -> Source:
    from standtall.media.probe import probe

    return dataclasses.replace(probe(path), sound_track=track)


def _preview(chosen: argparse.Namespace, reporter: Reporter, progress: Progress) -> int:
    from standtall.jobs.events import Copied
    from standtall.jobs.requests import PreviewCopyRequest
    from standtall.session.run import run

    source = _source(chosen.footage, 0)

    def tell(event: Event) -> None:
        if isinstance(event, Copied):
            lines = event.lines
            text = (
                tr("{name}: a copy of {lines} lines", name=source.name, lines=lines)
                if lines
                else tr("{name}: the original is quick enough", name=source.name)
            )
            reporter.result(text, {"source": source.name, "key": source.key, "lines": lines})

    run(PreviewCopyRequest(source), tell, progress)
    return 0


def _analyse(chosen: argparse.Namespace, reporter: Reporter, progress: Progress) -> int:
    worst = 0
    for path in chosen.footage:
        try:
            source = _source(path, chosen.track)
            found = _analysed(_analyse_request(source, chosen), reporter, progress)
        except Cancelled:
            raise
        except StandTallError as error:  # one bad file never stops the rest
            reporter.failure(error)
            worst = error.exit_code
            continue
        if chosen.words:
            for w in found.words:
                line = f"{w.start / TICKS_PER_SECOND:9.3f} {w.end / TICKS_PER_SECOND:9.3f} {w.confidence:4.2f}  {w.text}"
                times = {"start": w.start / TICKS_PER_SECOND, "end": w.end / TICKS_PER_SECOND}
                reporter.note("word", line, word=w.text, confidence=w.confidence, **times)
    return worst


def _analysed(request: AnalyseRequest, reporter: Reporter, progress: Progress, said: bool = True) -> Analysis:
    """What is found in a source; told of as it comes where it is to be `said`."""
    from standtall.jobs.events import Analysed, Heard, Noted, StageDone
    from standtall.session.run import analysed

    source = request.source

    def tell(event: Event) -> None:
        if isinstance(event, StageDone) and said:
            reporter.note("stage", "", stage=event.stage, seconds=event.seconds)
        elif isinstance(event, Heard) and said:
            reporter.note("heard", "", words=event.words, until_s=event.until_s)
        elif isinstance(event, Noted):
            reporter.note("note", event.text, said=event.text)
        elif isinstance(event, Analysed) and said:
            people = tr_n(event.people, "{n} person", "{n} people")
            text = f"{source.name}: {count_of(event.words)}, {count_of(event.shots, 'shot')}, {people}"
            counts = {"words": event.words, "shots": event.shots, "people": event.people}
            reporter.result(text, {"source": source.name, "key": source.key, **counts})

    return analysed(request, tell, progress)


def _analyse_for(chosen: argparse.Namespace, reporter: Reporter, progress: Progress) -> Callable[[Path], tuple[Source, Analysis]]:
    """Analyses a file and takes its words as they were first found."""

    def analyse(path: Path) -> tuple[Source, Analysis]:
        from standtall.session.told import as_told, found_in

        source = _source(path, chosen.track)
        found = found_in(_analysed(_analyse_request(source, chosen), reporter, progress, said=False))
        return source, as_told(found.analysis, found.transcript)

    return analyse


def _hands(chosen: argparse.Namespace, reporter: Reporter, progress: Progress) -> Hands:
    from standtall.cli.whole_job import Hands

    def render(request: RenderRequest) -> int:
        return _rendered(request, reporter, progress)

    return Hands(reporter, progress, _analyse_for(chosen, reporter, progress), _brief(chosen), render)


def _watch(chosen: argparse.Namespace, reporter: Reporter, progress: Progress) -> int:
    from standtall.cli.whole_job import watch

    return watch(chosen, _hands(chosen, reporter, progress))


def _make(chosen: argparse.Namespace, reporter: Reporter, progress: Progress) -> int:
    if chosen.best or chosen.from_plan is not None:
        from standtall.cli.whole_job import make

        return make(chosen, _hands(chosen, reporter, progress))
    if len(chosen.footage) != 1 or chosen.plan is not None:
        raise NothingToDo(tr("One passage is made of one file."), tr("Say how many of the best with --best, such as --best 10."))
    return _make_one(chosen, reporter, progress)


def _make_one(chosen: argparse.Namespace, reporter: Reporter, progress: Progress) -> int:
    from standtall.session.begin import Choice, short_of
    from standtall.session.finish import file_name
    from standtall.session.render_request import render_request

    source = _source(chosen.footage[0], chosen.track)
    request = _analyse_request(source, chosen)
    analysis = _analysed(request, reporter, progress, said=False)
    longest = ticks(chosen.lengths[1])
    choice = Choice(chosen.start, chosen.end, chosen.first_words, chosen.last_words, longest)
    brief = dataclasses.replace(request.brief, look=_look(chosen.look)) if chosen.look else request.brief
    short = short_of(source, analysis, choice, brief)
    short = dataclasses.replace(short, captions=dataclasses.replace(short.captions, shown=not chosen.no_captions))
    request_made = render_request(short, {source.key: (source, analysis)}, chosen.out / file_name(short))
    return _rendered(request_made, reporter, progress)


def _framing(chosen: argparse.Namespace, reporter: Reporter, progress: Progress) -> int:
    from standtall.base.files import written_whole
    from standtall.session.framing_table import COLUMNS, framing_rows

    source = _source(chosen.footage, chosen.track)
    if not source.has_picture:
        raise NothingToDo(tr("{name} has no picture.", name=source.name), tr("Choose a video file."))
    analysis = _analysed(_analyse_request(source, chosen), reporter, progress, said=False)
    count = 0
    with written_whole(chosen.csv) as part, part.open("w", encoding="utf-8", newline="") as file:
        out = csv.writer(file)
        out.writerow(COLUMNS)
        for row in framing_rows(source, analysis, chosen.layout):
            out.writerow(row)
            count += 1
    reporter.result(f"{chosen.csv}: {count_of(count, 'row')}", {"csv": str(chosen.csv), "rows": count})
    return 0


def _look(name: str) -> str:
    """The name of a look that there is; raises `ProjectError` naming those there are."""
    from standtall.library.looks import LOOKS
    from standtall.model.look import look_named

    return look_named(LOOKS.load().values, name).name


def _rendered(request: RenderRequest, reporter: Reporter, progress: Progress) -> int:
    """Render a request; -> 0, or the exit code of a file that was made but is not right."""
    from standtall.jobs.events import Noted, Rendered
    from standtall.session.proof_told import wrong
    from standtall.session.run import run

    code = 0

    def hear(event: Event) -> None:
        nonlocal code
        if isinstance(event, Rendered):
            _say_finished(reporter, event)
            code = NOT_RIGHT if wrong(event.findings) else code
        elif isinstance(event, Noted):
            reporter.note("note", event.text, said=event.text)

    run(request, hear, progress)
    return code


def _say_finished(reporter: Reporter, made: Rendered) -> None:
    from standtall.session.proof_told import wrong

    loud = f", {made.loudness_lufs:.1f} LUFS" if made.loudness_lufs is not None else ""
    size = f"{made.width} x {made.height}, {made.size_bytes / 1e6:.1f} MB"
    length = clock(ticks(made.length_s), tenths=True)
    values = {k: v for k, v in dataclasses.asdict(made).items() if k != "kind"}
    off = wrong(made.findings)
    reporter.result(f"{made.file}: {length}, {size}{loud}" + ("; " + tr("NOT RIGHT: {what}", what=off) if off else ""), values)


def _render(chosen: argparse.Namespace, reporter: Reporter, progress: Progress) -> int:
    from standtall.jobs.requests import AnalyseRequest
    from standtall.library import wordlist
    from standtall.library.cache import AnalysisCache
    from standtall.library.project import Project
    from standtall.model.brief import Brief
    from standtall.session.analyse import Options, known
    from standtall.session.finish import file_name
    from standtall.session.render_request import render_request
    from standtall.session.told import as_told, found_in, transcript_of

    with Project.reading(chosen.project) as project:
        sources, briefs = {s.key: s for s in project.sources()}, project.briefs()
        terms = (*wordlist.load()[0], *project.terms())
        entries = [e for e in project.shorts() if chosen.short in (None, e.id) and set(e.short.sources) <= sources.keys()]
    if not entries:
        raise ProjectError(tr("There is no such short in this project."), tr("Leave --short out to render all."))
    worst = 0
    taken: set[Path] = set()
    for entry in entries:
        try:
            footage: dict[str, tuple[Source, Analysis]] = {}
            for key in entry.short.sources:
                source = sources[key]
                options = Options.of(briefs.get(key, Brief()), terms)
                if known(source, options, AnalysisCache()) is None:
                    text = tr(
                        "{name}: it is analysed again with the word list of the project, since nothing is kept here.",
                        name=source.name,
                    )
                    reporter.note("note", text, said=text)
                request = AnalyseRequest(source, options.brief, options.terms)
                found = found_in(_analysed(request, reporter, progress, said=False))
                with Project.reading(chosen.project) as project:
                    footage[key] = source, as_told(found.analysis, transcript_of(project, found))
            out = chosen.out / file_name(entry.short)
            if out in taken:
                out = out.with_stem(f"{out.stem} {entry.id}")
            taken.add(out)
            worst = max(worst, _rendered(render_request(entry.short, footage, out), reporter, progress))
        except Cancelled:
            raise
        except StandTallError as error:  # a failed one never stops the rest
            reporter.failure(error)
            worst = error.exit_code
    return worst


def _work(_chosen: argparse.Namespace, reporter: Reporter, progress: Progress) -> int:
    """One request from standard input, events to standard output: how the window has its work done."""
    from standtall.base.reading import Unreadable, json_of
    from standtall.jobs.events import Progressed
    from standtall.jobs.requests import Asked
    from standtall.model.codec import from_plain, to_plain
    from standtall.session.run import run

    try:
        asked = from_plain(Asked, json_of(sys.stdin.read(LARGEST_REQUEST), LARGEST_REQUEST))
    except Unreadable as error:
        raise ProjectError(tr("The request cannot be read: {error}.", error=error), tr("Ask for it again.")) from error

    def tell(event: Event) -> None:
        print(json.dumps(to_plain(event)), flush=True)

    def step(done: Step) -> None:
        tell(Progressed(done.stage, round(done.share, 4), done.left_s))

    work = Progress(step)
    reporter.tell_problems_to(tell)
    progress.also_cancels(work)
    run(asked.request, tell, work)
    return 0


def _fetch(_chosen: argparse.Namespace, reporter: Reporter, progress: Progress) -> int:
    from standtall.speech import models

    reporter.result(tr("The speech model is ready."), {"folder": str(models.fetch(progress))})
    return 0


def _get(chosen: argparse.Namespace, reporter: Reporter, progress: Progress) -> int:
    from standtall.base.folders import data_folder
    from standtall.jobs.events import Fetched, Received
    from standtall.jobs.requests import FetchRequest
    from standtall.session.run import run

    def tell(event: Event) -> None:
        if isinstance(event, Received):
            reporter.note("received", "", bytes=event.have, of=event.size, speed=round(event.speed))
        elif isinstance(event, Fetched):
            reporter.result(event.file, {"file": event.file})

    run(FetchRequest(chosen.link, str(chosen.out or data_folder() / "footage")), tell, progress)
    return 0


def _host(chosen: argparse.Namespace, reporter: Reporter, progress: Progress) -> int:
    from standtall.demo.host import serve
    from standtall.demo.programme import programme

    try:
        host = serve({"allotment-hour.mp4": programme()}, chosen.port)
    except OSError as error:
        raise OutputError(tr("Port {port} is taken.", port=chosen.port), tr("Choose another with --port.")) from error
    page, file = f"{host.address}/watch/allotment-hour.mp4", f"{host.address}/files/allotment-hour.mp4"
    reporter.note(
        "host", tr("The Greenhouse is open: {page} or {file}  (stop it with Ctrl+C)", page=page, file=file), page=page, file=file
    )
    host.timeout = 0.3
    try:
        while True:
            progress.check()
            host.handle_request()
    finally:
        host.server_close()


def _demo(chosen: argparse.Namespace, reporter: Reporter, _progress: Progress) -> int:
    from standtall.demo.programme import after, programme

    for path in (programme(chosen.out), after(chosen.out)):
        reporter.result(str(path), {"file": str(path)})
    return 0


COMMANDS: dict[str, Command] = {
    "get": _get, "host": _host, "probe": _probe, "analyse": _analyse, "preview": _preview, "make": _make, "watch": _watch,
    "render": _render, "cut": project_commands.cut, "bring": project_commands.bring, "pack": project_commands.pack_project,
    "unpack": project_commands.unpack_project, "merge": project_commands.merge_projects,
    "repair": project_commands.repair_project,
    "fetch": _fetch, "demo": _demo, "framing": _framing, "work": _work, "help-out": machine_commands.help_out,
    "new-key": machine_commands.new_key, "scheduler": machine_commands.scheduler, "workers": machine_commands.workers,
    "machines": machine_commands.machines,
    "trace": trace_command.trace_clips, "outbox": post_commands.outbox, "channels": post_commands.channels,
    "posts": post_commands.posts, "rule": post_commands.rule, "install": install_command.install,
}  # fmt: skip
"""What each command does; -> the exit code."""

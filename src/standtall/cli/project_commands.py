"""Commands of projects: cuts for other programs and from them, packing, merging, repair."""

from __future__ import annotations

import argparse
from collections.abc import Callable
from fractions import Fraction
from pathlib import Path

from standtall.base.interface_language import count_of, tr
from standtall.base.progress import Progress
from standtall.base.time import clock
from standtall.cli.reporter import NOT_RIGHT, Reporter

AddCommand = Callable[[str, str], argparse.ArgumentParser]


def fps_of(text: str) -> Fraction:
    """Frames a second as 25, 29.97 or 30000/1001."""
    try:
        fps = Fraction(text)
    except (ValueError, ZeroDivisionError):
        fps = Fraction(0)
    if not 1 <= fps <= 300:
        raise argparse.ArgumentTypeError(tr("'{text}' is no rate; write 25, 29.97 or 30000/1001", text=text))
    return fps


def add_commands(command: AddCommand) -> None:
    """What these commands take."""
    cut = command("cut", tr("Write the cut of shorts for other programs."))
    cut.add_argument("project", type=Path)
    cut.add_argument(
        "--out",
        type=Path,
        required=True,
        help=tr("file to write: .otio, .edl, .csv (markers), .html or .pdf (paper cut), .txt (chapters)"),
    )
    cut.add_argument("--short", type=int, action="append", help=tr("number of a short; may come several times (default: all)"))
    cut.add_argument("--kept", action="store_true", help=tr("all moments that were kept, instead of shorts"))

    bring = command("bring", tr("Make shorts of a cut, or of a list of markers, that another program wrote."))
    bring.add_argument("project", type=Path)
    bring.add_argument("file", type=Path, help=tr("an .otio, .edl or .csv file"))
    bring.add_argument(
        "--fps", type=fps_of, help=tr("what the timecode of an EDL or of markers counts at (default: as the footage)")
    )

    pack = command("pack", tr("Pack a project with its footage, analysis and looks, for another machine."))
    pack.add_argument("project", type=Path)
    pack.add_argument("--out", type=Path, required=True, help=tr("archive to write (.zip), or a new folder"))
    pack.add_argument("--only-used", action="store_true", help=tr("leave out footage that no short uses"))
    pack.add_argument(
        "--handles", type=float, metavar="SECONDS", help=tr("only the passages that shorts show, with so much around each")
    )

    unpack = command("unpack", tr("Open a packed project here: every file is checked."))
    unpack.add_argument("pack", type=Path, help=tr("the archive or folder"))
    unpack.add_argument("--into", type=Path, required=True, help=tr("new folder for the project and its footage"))

    merging = command("merge", tr("Bring footage, words and shorts of another project into one."))
    merging.add_argument("project", type=Path)
    merging.add_argument("other", type=Path, help=tr("the project to bring in; it is only read"))

    repair = command("repair", tr("Save what can be read of a damaged project, in a new file beside it."))
    repair.add_argument("project", type=Path)


def cut(chosen: argparse.Namespace, reporter: Reporter, progress: Progress) -> int:
    from standtall.library import wordlist
    from standtall.library.cache import AnalysisCache
    from standtall.library.project import Project
    from standtall.session.analyse import Options
    from standtall.session.cuts_out import cuts_of, kept_moments, write_cuts

    with Project.reading(chosen.project) as project:
        terms, cache = (*wordlist.load()[0], *project.terms()), AnalysisCache()
        sources = project.sources()
        if chosen.kept:
            cuts = kept_moments(project, sources, lambda _s, brief: Options.of(brief, terms), cache)()
        else:
            numbers = chosen.short or [e.id for e in project.shorts()]
            cuts = cuts_of(project, sources, lambda _s, brief: Options.of(brief, terms), cache, numbers)()
    write_cuts(chosen.out, chosen.project.stem, cuts, progress)
    clips = sum(len(c.clips) for c in cuts)
    reporter.result(
        f"{chosen.out}: {count_of(len(cuts), 'cut')}, {count_of(clips, 'clip')}",
        {"file": str(chosen.out), "cuts": len(cuts), "clips": clips},
    )
    return 0


def bring(chosen: argparse.Namespace, reporter: Reporter, _progress: Progress) -> int:
    from standtall.library.project import Project
    from standtall.session.begin import begun
    from standtall.session.cuts_in import brought_in, rate_of, read_cut

    with Project(chosen.project) as project:
        sources, briefs = project.sources(), project.briefs()
        made = brought_in(read_cut(chosen.file, chosen.fps or rate_of(sources)), sources)
        for short in made.shorts:
            brief = briefs.get(short.main_source)
            number = project.add_short(short if brief is None else begun(short, brief))
            length = clock(short.length, tenths=True)
            reporter.result(
                f"{number}: {short.name} ({length}, {count_of(len(short.segments), 'piece')})",
                {"short": number, "name": short.name},
            )
    for sentence in made.left_out:
        reporter.note("left out", tr("Left out: {sentence}", sentence=sentence), said=sentence)
    return 0


def pack_project(chosen: argparse.Namespace, reporter: Reporter, progress: Progress) -> int:
    from standtall.session.packing import Share, pack

    made = pack(chosen.project, chosen.out, progress, Share(chosen.only_used, chosen.handles))
    for sentence in made.left_out:
        reporter.note("left out", tr("Left out: {sentence}", sentence=sentence), said=sentence)
    size = tr("{size:.1f} MB", size=made.size / 1e6)
    reporter.result(f"{chosen.out}: {count_of(made.files, 'file')}, {size}", made)
    return 0


def unpack_project(chosen: argparse.Namespace, reporter: Reporter, progress: Progress) -> int:
    from standtall.session.unpacking import unpack

    made = unpack(chosen.pack, chosen.into, progress)
    for sentence in made.problems:
        reporter.note("problem", sentence, said=sentence)
    told = f"{made.project}: {count_of(made.files, 'file')}"
    reporter.result(told, {"project": str(made.project), "files": made.files})
    return NOT_RIGHT if made.problems else 0


def merge_projects(chosen: argparse.Namespace, reporter: Reporter, _progress: Progress) -> int:
    from standtall.library.project import Project
    from standtall.session.merging import merge

    with Project(chosen.project) as project:
        made = merge(project, chosen.other)
    for sentence in made.left_out:
        reporter.note("left out", tr("Left out: {sentence}", sentence=sentence), said=sentence)
    reporter.result(
        tr(
            "{project}: {files} of footage and {shorts} came in",
            project=chosen.project,
            files=count_of(made.sources, "file"),
            shorts=count_of(made.shorts, "short"),
        ),
        made,
    )
    return 0


def repair_project(chosen: argparse.Namespace, reporter: Reporter, _progress: Progress) -> int:
    from standtall.library.repair import repaired

    made = repaired(chosen.project)
    reporter.result(f"{made.path}: {made.told}", made)
    return 0

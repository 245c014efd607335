"""The command that finds where finished clips come from."""

from __future__ import annotations

import argparse
import csv
from collections.abc import Callable
from pathlib import Path
from typing import TYPE_CHECKING

from standtall.base.interface_language import tr
from standtall.base.progress import Progress

if TYPE_CHECKING:
    from standtall.cli.reporter import Reporter

COLUMNS = ("clip", "by", "clip start s", "clip end s", "footage", "start s", "end s", "confidence")


def trace_clips(chosen: argparse.Namespace, reporter: Reporter, progress: Progress) -> int:
    """One line a piece; a clip that is nowhere has one line without a place."""
    from standtall.base.files import written_whole
    from standtall.base.time import clock, seconds
    from standtall.media.probe import probe
    from standtall.session.clips import ClipFinder, trace

    sources = [probe(path) for path in chosen.footage]
    names = {s.key: s.name for s in sources}
    rows: list[tuple[object, ...]] = []
    for clip in trace(ClipFinder(sources, progress), chosen.clips, progress):
        name = Path(clip.path).name
        places = ", ".join(f"{names[p.source]} {clock(p.start, True)}" for p in clip.pieces)
        pieces = [
            {"footage": names[p.source], "start_s": seconds(p.start), "end_s": seconds(p.end), "confidence": p.confidence}
            for p in clip.pieces
        ]
        text = f"{name}: {places or clip.said or tr('not from this footage')}"
        reporter.result(text, {"clip": name, "by": clip.by, "pieces": pieces, "said": clip.said})
        rows += [
            (name, clip.by, seconds(p.clip_start), seconds(p.clip_end), names[p.source], seconds(p.start), seconds(p.end),
             p.confidence)
            for p in clip.pieces
        ] or [(name, "", "", "", "", "", "", 0)]  # fmt: skip
    if chosen.csv is not None:
        with written_whole(chosen.csv) as part, part.open("w", encoding="utf-8", newline="") as file:
            out = csv.writer(file)
            out.writerow(COLUMNS)
            out.writerows(rows)
    return 0


def add_command(command: Callable[[str, str], argparse.ArgumentParser]) -> None:
    made = command(
        "trace",
        tr("Find where finished clips come from in hours of footage, by their sound or by their captions."),
    )
    made.add_argument(
        "clips", type=Path, nargs="+", help=tr("finished clips; a caption file of the same name may lie beside each")
    )
    made.add_argument("--in", dest="footage", type=Path, nargs="+", required=True, help=tr("footage to look in"))
    made.add_argument("--csv", type=Path, help=tr("write what was found as a table"))

"""The sets of footage that seeing and framing are measured on, each analysed by the program as it is.

"demo" is the made-up programme; "tune" and "held" are the two halves of the second set: no constant is ever chosen on "held".
"""

from __future__ import annotations

import hashlib
import itertools
from collections.abc import Iterator
from dataclasses import dataclass
from pathlib import Path
from typing import Any

from bench.demo import demo, truth
from bench.scenes.film import scenes
from standtall.base.folders import cache_folder
from standtall.base.progress import Progress
from standtall.demo.programme import after
from standtall.demo.programme import truth as demo_truth
from standtall.library.cache import AnalysisCache
from standtall.media.probe import probe
from standtall.model.analysis import Analysis
from standtall.model.source import Source
from standtall.session.analyse import Options, analyse

SETS = ("demo", "tune", "held")


@dataclass(frozen=True, slots=True)
class Scene:
    """Footage with what the program found in it and what is true: `truth` as `bench.scenes.film.Film.truth` gives it."""

    name: str
    source: Source
    analysis: Analysis
    truth: dict[str, Any]


def scenes_of(name: str) -> Iterator[Scene]:
    """The scenes of one of `SETS`."""
    if name == "demo":
        source, analysis = demo()
        yield Scene("demo", source, analysis, _demo_truth())
        second = probe(after())
        yield Scene("after", second, analyse(second, Options(), Progress(), _kept()), _truth_after())
        return
    for film in scenes(tune=name == "tune"):
        source = probe(film.path)
        yield Scene(film.scene.name, source, analyse(source, Options(), Progress(), _kept()), film.truth)


def _kept() -> AnalysisCache:
    return AnalysisCache(cache_folder() / "bench-scenes" / "analyses" / _program_mark())


def _program_mark() -> str:
    """Changes with what the program sees or hears by, so that no older analysis is measured."""
    root = Path(__file__).parents[1] / "src" / "standtall"
    files = sorted(p for room in ("people", "media", "speech") for p in (root / room).glob("*.py"))
    files += [root / "session" / "analyse.py", *(root / "model" / f"{n}.py" for n in ("people", "words", "analysis", "source"))]
    return hashlib.sha256(b"".join(p.read_bytes() for p in files)).hexdigest()[:12]


def _truth_after() -> dict[str, Any]:
    """That of the demo's second piece in the form of the second set's."""
    true = demo_truth("after")
    edges = [0, *true["cuts"], true["frames"]]
    slow = dict(true["dissolves"])
    cuts = [{"at": at, "kind": "dissolve" if at in slow else "cut", "frames": slow.get(at, 0)} for at in true["cuts"]]
    return {
        "size": true["size"],
        "rate": true["rate"],
        "frames": true["frames"],
        "cuts": cuts,
        "shots": [[a, b] for a, b in itertools.pairwise(edges)],
        "layouts": [["follow", "stack"], ["screen"], ["follow"]],
        "texts": [[] for _ in true["screens"]],
        "screens": true["screens"],
        "said": [[line["speaker"], line["words"][0][1], line["words"][-1][2]] for line in true["lines"]],
        "speakers": [[] if who is None else [who] for who in true["speakers"]],
        "people": true["people"],
    }


def _demo_truth() -> dict[str, Any]:
    """The demo's truth in the form of the second set's."""
    true = truth()
    edges = [0, *true["cuts"], true["frames"]]
    boxes = [((x, y, w, h), n) for text in true["texts"] for x, y, w, h in [text["box"]] for n in [text["scene"]]]
    layouts = {"chart": ["whole"], "landscape": ["whole", "follow"], "screen": ["screen", "whole"], "three": ["follow", "stack", "grid"],
               "two": ["follow", "stack"]}  # fmt: skip
    return {
        "size": true["size"],
        "rate": true["rate"],
        "frames": true["frames"],
        "cuts": [{"at": at, "kind": "cut", "frames": 0} for at in true["cuts"]],
        "shots": [[a, b] for a, b in itertools.pairwise(edges)],
        "layouts": [layouts.get(camera, ["follow"]) for camera in true["cameras"]],
        "texts": [[list(box) for box, n in boxes if n == number] for number in range(len(edges) - 1)],
        "screens": [None] * (len(edges) - 1),
        "said": [[line["speaker"], line["words"][0][1], line["words"][-1][2]] for line in true["lines"]],
        "speakers": [[] if who is None else [who] for who in true["speakers"]],
        "people": true["people"],
    }

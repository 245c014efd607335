"""What is rendered for posts: each short in a shape that a channel takes."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from pathlib import Path

from standtall.jobs.requests import RenderRequest
from standtall.library.cache import AnalysisCache
from standtall.library.project import Project
from standtall.model.output import SHAPES
from standtall.model.source import Source
from standtall.session.analyse import Options
from standtall.session.render_many import Wanted, requests


def post_renders(
    project: Project, numbers: Sequence[int], shapes: tuple[str, ...], folder: Path, sources: Sequence[Source],
    options: Mapping[str, Options], cache: AnalysisCache, replaces: bool, waited_for: frozenset[str],
) -> list[RenderRequest]:  # fmt: skip
    """One for each short: in its own shape where the channel takes that, else in the channel's first. What is there is written
    over where this `replaces` it; `waited_for` are the files that are still to be rendered, in any case others than these."""
    sized = {e.id: e.short.output for e in project.shorts() if e.id in numbers}
    out: list[RenderRequest] = []
    for number, output in sized.items():
        own = any(abs(output.width / output.height / (w / h) - 1) < 0.02 for w, h in (SHAPES[s] for s in shapes))
        taken = waited_for | {r.out for r in out}
        wanted = Wanted((number,), folder, ("" if own else shapes[0],), replaces=replaces, waited_for=taken)
        out += requests(project, sources, lambda s, _brief: options[s.key], cache, wanted)
    return out


def shape_of(request: RenderRequest) -> str:
    """The shape of what a request renders, as a ratio."""
    return f"{request.short.output.width / request.short.output.height:.3f}"

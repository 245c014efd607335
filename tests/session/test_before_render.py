"""What the check list says of a cover's title."""

from __future__ import annotations

from dataclasses import replace

from standtall.base.progress import Progress
from standtall.model.analysis import Analysis
from standtall.model.channel import Channel
from standtall.model.cover import Cover
from standtall.model.source import Source
from standtall.session.before_render import checked
from standtall.session.render_request import render_request
from standtall.session.told import as_told, found_in
from tests.helpers import small_short

S = 48_000
CHANNEL = Channel("quillbarn", "Quillbarn", 60)


def test_a_title_that_is_cut_or_covered_is_told(demo_source: Source, demo_analysis: Analysis, tmp_path: object) -> None:
    found = found_in(demo_analysis)
    analysis = as_told(found.analysis, found.transcript)
    short = small_short("a", demo_source.key, (16 * S, 20 * S))
    told = []
    for down in (0.3, 0.0, 0.93):
        cover = Cover(demo_source.key, 17 * S, "Worms work", down)
        request = render_request(replace(short, cover=cover), {demo_source.key: (demo_source, analysis)}, tmp_path / "a.mp4")  # type: ignore[operator]
        (row,) = checked([request], (CHANNEL,), (), Progress())
        told.append([n.facts["how"] for n in row.notices if n.kind == "title cut"])
    assert told == [[], [], ["lies where the channel has its buttons"]], "a title at the edge is drawn inside the frame"

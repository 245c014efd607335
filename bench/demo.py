"""The demo with its shipped analysis and its truth."""

from __future__ import annotations

from standtall.demo.programme import SHIPPED, programme, truth
from standtall.library.cache import AnalysisCache
from standtall.media.probe import probe
from standtall.model.analysis import Analysis
from standtall.model.source import Source
from standtall.session.analyse import Options, known

__all__ = ["demo", "truth"]


def demo() -> tuple[Source, Analysis]:
    source = probe(programme())
    analysis = known(source, Options(), AnalysisCache(SHIPPED / "ready"))
    if analysis is None:
        raise SystemExit("The shipped analysis does not belong to the programme: run tools/ready_demo.py")
    return source, analysis

"""Opens the demo: its footage unpacked, the analyses (made by the same analysis, shipped) put in the cache."""

from __future__ import annotations

import shutil
from pathlib import Path

from standtall.base.files import written_whole
from standtall.demo.programme import SHIPPED, after, programme
from standtall.library.cache import AnalysisCache


def open_demo(cache: AnalysisCache) -> tuple[Path, Path]:
    """-> the files of the programme and of the second piece of footage, analysed and ready for the Bench."""
    paths = programme(), after()
    for ready in sorted((SHIPPED / "ready").glob("*/*.json.gz")):
        place = cache.folder / ready.parent.name / ready.name
        if not place.exists():
            with written_whole(place) as beside:
                shutil.copyfile(ready, beside)
    return paths

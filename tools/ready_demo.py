"""Analyses the shipped footage anew and puts the results beside it, so that the demo opens at once.

python tools/ready_demo.py
"""

from __future__ import annotations

import shutil
import tempfile
from pathlib import Path

from standtall.base.progress import Progress
from standtall.demo.programme import SHIPPED, after, programme
from standtall.library.cache import AnalysisCache
from standtall.media.probe import probe
from standtall.session.analyse import Options, analyse

with tempfile.TemporaryDirectory() as folder:
    cache = AnalysisCache(Path(folder) / "analysis")
    for path in (programme(), after()):
        found = analyse(probe(path), Options(), Progress(), cache, lambda s, t: print(f"{s}: {t:.1f} s"))
        print(f"{path.name}: {len(found.words)} words, {len(found.people.shots)} shots, {len(found.people.names)} people")
    shutil.rmtree(SHIPPED / "ready", ignore_errors=True)
    shutil.copytree(cache.folder, SHIPPED / "ready")

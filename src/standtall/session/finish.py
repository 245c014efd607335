"""Finished files of shorts: their names, and rendering them."""

from __future__ import annotations

import re
from pathlib import Path

from standtall.base.files import short_name
from standtall.base.progress import Progress
from standtall.model.analysis import Analysis
from standtall.model.short import Short
from standtall.model.source import Source
from standtall.render.check import Report
from standtall.render.render import Quality, render
from standtall.session.composing import footage_for, worked_out


def file_name(short: Short) -> str:
    """A safe file name for a finished short, no longer than file systems allow in any script."""
    plain = short_name(re.sub(r"[^\w\- ']+", "", short.name, flags=re.UNICODE).strip(" '.")[:80])
    return f"{plain or 'short'}.mp4"


def finish(
    short: Short, source: Source, analysis: Analysis, out: Path, progress: Progress, quality: Quality | None = None
) -> Report:
    """Render a short to the file `out`."""
    return render(worked_out(short, footage_for(short, source, analysis)), out, progress, quality)

"""A copy of footage to move about in quickly, where the original is slow; the render always reads the original."""

from __future__ import annotations

from standtall.base.progress import Progress
from standtall.library.cache import AnalysisCache
from standtall.media import proxy
from standtall.model.source import Source


def preview_copy(source: Source, cache: AnalysisCache, progress: Progress) -> proxy.Form | None:
    """Make the copy where moving about is slow and there is none; -> its form, or None where the original serves."""
    out = cache.proxy(source.key)
    if out.exists() or not proxy.needed(source):
        return None
    form = proxy.best_form(source, progress)
    proxy.make_proxy(source, out, progress, form)
    return form

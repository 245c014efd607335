"""Finished clips that are looked for in the footage: what was found so far, also when nobody looks at it."""

from __future__ import annotations

from collections.abc import Sequence
from pathlib import Path

from PySide6.QtCore import QObject, Signal

from standtall.jobs.events import ClipTraced, Ended, Event, Problem, Progressed
from standtall.jobs.requests import Request, TraceClipsRequest
from standtall.model.source import Source
from standtall.model.traced import TracedClip
from standtall.ui.state.jobs import Jobs


class Tracing(QObject):
    """`changed` tells of clips that were found and of how far it is; `problem` carries a sentence."""

    changed = Signal()
    problem = Signal(str)

    def __init__(self, jobs: Jobs, parent: QObject) -> None:
        super().__init__(parent)
        self._jobs = jobs
        self._number: int | None = None
        self.clips: list[TracedClip] = []
        self.sources: tuple[Source, ...] = ()
        self.stage, self.share, self.asked = "", 0.0, 0
        jobs.heard.connect(self._heard)

    @property
    def running(self) -> bool:
        return self._number is not None

    def look(self, sources: Sequence[Source], paths: Sequence[Path]) -> None:
        """Look for clips in the background, in place of what was found before."""
        self.stop()
        self.sources = tuple(sources)
        self.clips, self.stage, self.share, self.asked = [], "listen", 0.0, len(paths)
        self._number = self._jobs.ask(TraceClipsRequest(self.sources, tuple(str(p) for p in paths)))
        self.changed.emit()

    def stop(self) -> None:
        if self._number is not None:
            self._jobs.cancel(self._number)
            self._number = None
            self.changed.emit()

    def forget(self) -> None:
        """What was found belongs to another project."""
        self.stop()
        self.clips, self.sources, self.asked = [], (), 0
        self.changed.emit()

    def _heard(self, number: int, request: Request, event: Event) -> None:
        if not isinstance(request, TraceClipsRequest) or number != self._number:
            return
        if isinstance(event, Progressed):
            self.stage, self.share = event.stage, event.share
        elif isinstance(event, ClipTraced):
            self.clips.append(event.clip)
        elif isinstance(event, Problem):
            self.problem.emit(f"{event.message} {event.hint}".strip())
        elif isinstance(event, Ended):
            self._number = None
        self.changed.emit()

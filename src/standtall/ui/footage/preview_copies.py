"""Copies to move about in quickly, made one after another while nothing else is worked on."""

from __future__ import annotations

from PySide6.QtCore import QObject, Signal

from standtall.jobs.process import Event, Job
from standtall.model.source import Source
from standtall.ui.state.workspace import Workspace


class Previews(QObject):
    """`came` carries the source and the share done, or None when its copy is there or not needed."""

    came = Signal(object, object)

    def __init__(self, workspace: Workspace, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._ws = workspace
        self._queue: list[Source] = []
        self._asked: set[str] = set()
        self._job: Job | None = None
        self._held = False

    def want(self, source: Source) -> None:
        """See to the copy of a source when there is time; asked once for each."""
        if source.key not in self._asked and source.has_picture and not source.still:
            self._asked.add(source.key)
            self._queue.append(source)
            self._next()

    def hold(self, held: bool) -> None:
        """While an analysis runs no other copy is begun."""
        self._held = held
        self._next()

    def _next(self) -> None:
        if self._job is not None or self._held or not self._queue:
            return
        source = self._queue.pop(0)
        arguments = ["preview", "--", source.path]
        self._job = Job(arguments, lambda event: self._ws.dispatcher.send(lambda: self._heard(source, event), self))
        self._job.start()

    def _heard(self, source: Source, event: Event) -> None:
        if event.kind == "progress" and event.values.get("stage") == "preview":
            self.came.emit(source, float(event.values.get("share") or 0))
        elif event.kind == "result" and event.values.get("lines"):
            self._ws.refresh_found(source, last=False)
        elif event.kind == "end":
            self._job = None
            self.came.emit(source, None)
            self._next()

    def give_up(self) -> Job | None:
        """Begin no other copy; -> the one that is being made, to be ended."""
        self._queue = []
        return self._job

"""Copies of footage to move about in quickly, asked for when there is nothing else to do."""

from __future__ import annotations

from PySide6.QtCore import QObject, Signal

from standtall.jobs.events import Copied, Ended, Event, Progressed
from standtall.jobs.requests import PreviewCopyRequest, Request
from standtall.model.source import Source
from standtall.ui.state.workspace import Workspace


class PreviewCopies(QObject):
    """`came` carries the source and the share done, or None when its copy is there or not needed."""

    came = Signal(object, object)

    def __init__(self, workspace: Workspace, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._ws = workspace
        self._asked: set[str] = set()
        workspace.jobs.heard.connect(self._heard)

    def want(self, source: Source) -> None:
        """See to the copy of a source when there is time; asked once for each."""
        if source.key not in self._asked and source.has_picture and not source.still:
            self._asked.add(source.key)
            self._ws.jobs.ask(PreviewCopyRequest(source))

    def _heard(self, _number: int, request: Request, event: Event) -> None:
        if not isinstance(request, PreviewCopyRequest):
            return
        if isinstance(event, Progressed) and event.stage == "preview":
            self.came.emit(request.source, event.share)
        elif isinstance(event, Copied) and event.lines:
            self._ws.refresh_found(request.source, last=False)
        elif isinstance(event, Ended):
            self.came.emit(request.source, None)

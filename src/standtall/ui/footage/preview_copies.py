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
        self._waits = False
        self._waiting: list[Source] = []
        workspace.jobs.heard.connect(self._heard)
        workspace.playing_changed.connect(self._playing)

    def want(self, source: Source) -> None:
        """See to the copy of a source when there is time, and nothing is played; asked once for each."""
        if source.key in self._asked or not source.has_picture or source.still:
            return
        self._asked.add(source.key)
        if self._waits:
            self._waiting.append(source)
        else:
            self._ws.jobs.ask(PreviewCopyRequest(source))

    def _playing(self, playing: bool) -> None:
        self._waits = playing
        while self._waiting and not playing:
            self._ws.jobs.ask(PreviewCopyRequest(self._waiting.pop(0)))

    def _heard(self, _number: int, request: Request, event: Event) -> None:
        if not isinstance(request, PreviewCopyRequest):
            return
        if isinstance(event, Progressed) and event.stage == "preview":
            self.came.emit(request.source, event.share)
        elif isinstance(event, Copied) and event.lines:
            self._ws.refresh_found(request.source, last=False)
        elif isinstance(event, Ended):
            self.came.emit(request.source, None)

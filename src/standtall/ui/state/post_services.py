"""What works for posts beside the window: the outbox, and the simulated channels."""

from __future__ import annotations

from collections.abc import Sequence
from typing import Final

from PySide6.QtCore import QObject, QTimer, Signal

from standtall.jobs.events import Ended, Event, Noted
from standtall.jobs.requests import ChannelsRequest, OutboxRequest, Request
from standtall.model.post import Post
from standtall.ui.state.workspace import Workspace

AT_WORK: Final = ("waiting", "sending", "placed", "withdrawing")
"""States in which a post needs the outbox."""
AGAIN_MS: Final = 6000
"""An outbox that ended is begun again no sooner."""


class PostServices(QObject):
    """`changed` tells that something began or ended."""

    changed = Signal()

    def __init__(self, workspace: Workspace, parent: QObject) -> None:
        super().__init__(parent)
        self._ws = workspace
        self.outbox_runs = False
        self.outbox_installed = False
        self._outbox: int | None = None
        self._channels: int | None = None
        workspace.jobs.heard.connect(self._heard)

    def seen(self, runs: bool, installed: bool) -> None:
        """Whether an outbox runs, and whether it is started by itself, as just seen."""
        if (runs, installed) != (self.outbox_runs, self.outbox_installed):
            self.outbox_runs, self.outbox_installed = runs, installed
            self.changed.emit()

    @property
    def channels_run(self) -> bool:
        return self._channels is not None

    def run_channels(self, run: bool) -> None:
        """Start the simulated channels, or stop them."""
        if run and self._channels is None:
            self._channels = self._ws.jobs.ask(ChannelsRequest())
        elif not run and self._channels is not None:
            self._ws.jobs.cancel(self._channels)
        self.changed.emit()

    def serve(self, posts: Sequence[Post]) -> None:
        """Run the outbox beside the window, where a post needs it and none runs."""
        if self._outbox is None and not self.outbox_runs and any(p.state in AT_WORK for p in posts):
            self._outbox = self._ws.jobs.ask(OutboxRequest())

    def _heard(self, number: int, request: Request, event: Event) -> None:
        if isinstance(request, OutboxRequest) and number == self._outbox and isinstance(event, Ended):
            QTimer.singleShot(AGAIN_MS, self, self._again)
        elif isinstance(request, ChannelsRequest) and number == self._channels:
            if isinstance(event, Ended):
                self._channels = None
            if isinstance(event, Ended | Noted):
                self.changed.emit()

    def _again(self) -> None:
        self._outbox = None

    def unsent(self, posts: Sequence[Post]) -> int:
        """How many posts wait for an outbox that would end with the window."""
        return sum(p.state in AT_WORK for p in posts) if self._outbox is not None and not self.outbox_installed else 0

"""Keeps the machine awake, and its screen on if wished, while renders and analyses go on; tells when the renders are over."""

from __future__ import annotations

from collections.abc import Callable
from typing import Final

from PySide6.QtCore import QObject, Signal
from PySide6.QtWidgets import QWidget

from standtall.base.errors import StandTallError
from standtall.base.interface_language import tr, tr_n
from standtall.jobs.events import Ended, Event
from standtall.jobs.requests import AnalyseRequest, RenderRequest, Request
from standtall.ui.app.desktop import Desktop
from standtall.ui.state.jobs import Jobs
from standtall.ui.threads.queues import Queues

ACTIONS: Final = {"default": tr("Show Renders"), "show": tr("Show Renders"), "folder": tr("Open the folder")}
LONG: Final = (AnalyseRequest, RenderRequest)


class Tending(QObject):
    """`window` is not told of what it shows itself while somebody looks at it. `chosen` carries the name of what was pressed in a
    message of the desktop."""

    chosen = Signal(str)

    def __init__(self, jobs: Jobs, queues: Queues, window: QWidget, desktop: Desktop | None = None) -> None:
        super().__init__(window)
        self._jobs, self._queues, self._window = jobs, queues, window
        self.desktop = desktop or Desktop()
        self._done = self._failed = 0
        self._awake = self._screen = False
        jobs.heard.connect(self._heard)

    def _heard(self, _number: int, request: Request, event: Event) -> None:
        if isinstance(request, RenderRequest) and isinstance(event, Ended):
            self._done += event.state == "done"
            self._failed += event.state == "failed"
        awake = any(isinstance(e.request, LONG) for e in self._jobs.entries)
        if awake != self._awake:
            self._awake = awake
            self._keep()
        if (self._done or self._failed) and not self._jobs.of(RenderRequest):
            done, failed, self._done, self._failed = self._done, self._failed, 0, 0
            if not self._window.isActiveWindow():
                self._do(lambda: self.desktop.show(*told(done, failed), ACTIONS, self.chosen.emit))

    def keep_screen(self, on: bool) -> None:
        """Whether the screen shall stay on, too, while work goes on."""
        if on != self._screen:
            self._screen = on
            if self._awake:
                self._keep()

    def _keep(self) -> None:
        awake, screen = self._awake, self._screen
        self._do(lambda: self.desktop.keep_awake(awake, screen))

    def _do(self, work: Callable[[], None]) -> None:
        self._queues.do("desktop", work, None, lambda _error: None)

    def close(self) -> None:
        """Let the machine sleep again; called when the queues have ended."""
        try:
            self.desktop.close()
        except (OSError, StandTallError):
            return


def told(done: int, failed: int) -> tuple[str, str]:
    """The title and the text of the message at the end."""
    shorts = tr_n(done, "{n} finished file", "{n} finished files") if done else tr("No file was finished")
    text = (
        tr("{failed} could not be rendered; the Renders place says why.", failed=failed)
        if failed
        else tr("All are checked and ready.")
    )
    return shorts, text

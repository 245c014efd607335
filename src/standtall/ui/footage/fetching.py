"""The row that fetches a file from a link: how much came, how quickly, and a pause."""

from __future__ import annotations

from pathlib import Path

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QHBoxLayout, QLabel, QProgressBar, QWidget

from standtall.base.folders import data_folder
from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND, clock
from standtall.jobs.events import Ended, Event, Fetched, Problem, Progressed, Received
from standtall.jobs.requests import FetchRequest, Request
from standtall.ui.footage.card import size_of
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.fields import Field, button
from standtall.ui.widgets.tips import set_tip


class FetchRow(QWidget):
    """Seen while something is fetched; `link` is the line to paste a link into, which stands elsewhere."""

    came = Signal(Path)

    def __init__(self, workspace: Workspace) -> None:
        super().__init__()
        self._ws = workspace
        self._number: int | None = None
        self.link = Field(tr("Link to a video or sound file"), tr("Link to a video or sound file"))
        set_tip(self.link, tr("Paste a link and press Enter: the file is fetched, then analysed"))
        self.link.setFixedWidth(250)
        self.link.returnPressed.connect(lambda: self.fetch(self.link.text()))
        self._text = QLabel()
        self._bar = QProgressBar()
        self._bar.setRange(0, 1000)
        self._bar.setTextVisible(False)
        row = QHBoxLayout(self)
        row.setContentsMargins(0, 0, 0, 0)
        row.addWidget(self._text)
        row.addWidget(self._bar, 1)
        row.addWidget(
            button(tr("Pause"), tr("Stop for now; what came is kept, and the same link goes on from there"), self.pause)
        )
        self.hide()
        workspace.jobs.heard.connect(self._heard)

    @property
    def running(self) -> bool:
        return self._number is not None

    def fetch(self, link: str) -> None:
        """Fetch the file at a link in the background; `came` tells where it lies."""
        if not link.strip() or self.running:
            return
        self._text.setText(tr("Asking…"))
        self._bar.setValue(0)
        self.show()
        self._number = self._ws.jobs.ask(FetchRequest(link.strip(), str(data_folder() / "footage")))

    def pause(self) -> None:
        if self._number is not None:
            self._ws.jobs.cancel(self._number)

    def _heard(self, number: int, request: Request, event: Event) -> None:
        if not isinstance(request, FetchRequest):
            return
        if self._number is None:  # one that is gone on with after a kill
            self._number = number
            self.show()
        if isinstance(event, Progressed):
            self._bar.setValue(round(event.share * 1000))
        elif isinstance(event, Received):
            self._text.setText(_came(event))
        elif isinstance(event, Fetched):
            self.link.clear()
            self.came.emit(Path(event.file))
        elif isinstance(event, Problem):
            self._ws.said.emit(f"{event.message} {event.hint}", "error")
        elif isinstance(event, Ended):
            self._number = None
            self.hide()
            if event.state == "stopped":
                self._ws.said.emit(tr("Paused. What came is kept: press Enter on the link to go on."), "note")


def _came(event: Received) -> str:
    """How much came, how quickly, and how long the rest takes."""
    told = tr("{came} of {whole}", came=size_of(event.have), whole=size_of(event.size)) if event.size else size_of(event.have)
    told += tr("  ·  {came}/s", came=size_of(event.speed)) if event.speed else ""
    left = (event.size - event.have) / event.speed if event.size and event.speed else 0.0
    return told + (tr("  ·  about {left} left", left=clock(round(left * TICKS_PER_SECOND))) if left >= 1 else "")

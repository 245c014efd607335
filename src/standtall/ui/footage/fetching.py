"""The row that fetches a file from a link: how much came, how quickly, and a pause."""

from __future__ import annotations

from pathlib import Path

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QHBoxLayout, QLabel, QProgressBar, QWidget

from standtall.base.time import TICKS_PER_SECOND, clock
from standtall.jobs.process import Event, Job
from standtall.ui.footage.card import size_of
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.fields import Field, button


class FetchRow(QWidget):
    """Seen while something is fetched; `link` is the line to paste a link into, which stands elsewhere."""

    came = Signal(Path)

    def __init__(self, workspace: Workspace) -> None:
        super().__init__()
        self._ws = workspace
        self._job: Job | None = None
        self.link = Field("Link to a video or sound file", "Link to a video or sound file")
        self.link.setToolTip("Paste a link and press Enter: the file is fetched, then analysed")
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
        row.addWidget(button("Pause", "Stop for now; what came is kept, and the same link goes on from there", self.pause))
        self.hide()

    def job(self) -> Job | None:
        """The fetch that is running, if any."""
        return self._job

    def fetch(self, link: str) -> None:
        """Fetch the file at a link in the background; `came` tells where it lies."""
        if not link.strip() or self._job is not None:
            return
        self._text.setText("Asking…")
        self._bar.setValue(0)
        self.show()
        self._job = Job(["get", "--", link.strip()], lambda event: self._ws.dispatcher.send(lambda: self._heard(event), self))
        self._job.start()

    def pause(self) -> None:
        if self._job is not None:
            self._job.cancel()

    def _heard(self, event: Event) -> None:
        v = event.values
        if event.kind == "progress":
            self._bar.setValue(round(float(v.get("share") or 0) * 1000))
        elif event.kind == "fetched":
            have, whole, speed = (float(v.get(k) or 0) for k in ("bytes", "of", "speed"))
            told = f"{size_of(have)} of {size_of(whole)}" if whole else size_of(have)
            told += f"  ·  {size_of(speed)}/s" if speed else ""
            left = (whole - have) / speed if whole and speed else 0.0
            told += f"  ·  about {clock(round(left * TICKS_PER_SECOND))} left" if left >= 1 else ""
            self._text.setText(told)
        elif event.kind == "result":
            self.link.clear()
            self.came.emit(Path(str(v["file"])))
        elif event.kind == "error":
            self._ws.said.emit(f"{v.get('message')} {v.get('hint')}", "error")
        elif event.kind == "end":
            self._job = None
            self.hide()
            if v["state"] == "stopped":
                self._ws.said.emit("Paused. What came is kept: press Enter on the link to go on.", "note")

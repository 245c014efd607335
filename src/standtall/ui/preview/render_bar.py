"""Render; while it runs its progress and a cancel; afterwards the file."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path

from PySide6.QtCore import QUrl, Signal
from PySide6.QtGui import QDesktopServices
from PySide6.QtWidgets import QHBoxLayout, QLabel, QProgressBar, QPushButton, QStackedWidget, QVBoxLayout, QWidget

from standtall.base.interface_language import capital, tr
from standtall.base.time import TICKS_PER_SECOND, clock
from standtall.jobs.events import Ended, Event, Problem, Progressed, Rendered
from standtall.jobs.requests import RenderRequest, Request
from standtall.model.form import Form
from standtall.session.finish import ends_of, file_name, free_file
from standtall.session.render_request import render_request
from standtall.ui.state.opened import Opened
from standtall.ui.state.renders import STAGES, whole_share
from standtall.ui.state.workspace import Workspace

ASKING = -1
"""Stands for the number of a request that is just being made."""


class RenderBar(QStackedWidget):
    """One short at a time; what is rendered is the short as it was when that was asked for."""

    finished = Signal(str)

    def __init__(self, workspace: Workspace, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._ws = workspace
        self._number: int | None = None
        """Of the request that is being carried out."""
        self._file = ""
        self._error = ""
        self.folder: Path | None = None
        self._go = QPushButton(tr("Render"))
        self._go.setObjectName("main")
        self._go.setToolTip(tr("Make the finished file (Ctrl+R)"))
        self._go.clicked.connect(lambda: self.start())
        self.addWidget(self._go)
        busy = QWidget()
        column = QVBoxLayout(busy)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(5)
        row = QHBoxLayout()
        self._stage = QLabel()
        self._stage.setAccessibleName(tr("Render progress"))
        self._cancel = QPushButton(tr("Cancel"))
        self._cancel.setToolTip(tr("Stop the render; nothing is left behind"))
        self._cancel.clicked.connect(self.cancel)
        row.addWidget(self._stage, 1)
        row.addWidget(self._cancel)
        self._bar = QProgressBar()
        self._bar.setRange(0, 1000)
        self._bar.setTextVisible(False)
        column.addLayout(row)
        column.addWidget(self._bar)
        self.addWidget(busy)
        done = QWidget()
        column = QVBoxLayout(done)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(5)
        self._result = QLabel()
        self._result.setWordWrap(True)
        row = QHBoxLayout()
        self._show = QPushButton(tr("Show the file"))
        self._show.setToolTip(tr("Open the folder that holds the finished file"))
        self._show.clicked.connect(lambda: QDesktopServices.openUrl(QUrl.fromLocalFile(str(Path(self._file).parent))))
        self._again = QPushButton(tr("Render again"))
        self._again.clicked.connect(lambda: self.start())
        row.addWidget(self._show)
        row.addWidget(self._again)
        column.addWidget(self._result)
        column.addLayout(row)
        self.addWidget(done)
        self.setMaximumHeight(86)
        workspace.jobs.heard.connect(self._heard)
        workspace.composition_changed.connect(self._refresh)
        workspace.opened_changed.connect(self._refresh)
        workspace.notices_changed.connect(self._refresh)
        self._refresh()

    @property
    def running(self) -> bool:
        return self._number is not None

    def _refresh(self) -> None:
        opened = self._ws.opened
        self._go.setEnabled(opened is not None)
        count = len(opened.notices) if opened is not None else 0
        self._go.setText(tr("Render  ·  {count} to look at", count=count) if count else tr("Render"))
        look = tr("; things to look at are listed under Framing") if count else ""
        self._go.setToolTip(tr("Make the finished file (Ctrl+R){look}", look=look))
        if self.currentIndex() == 2:
            self.setCurrentIndex(0)

    def start(self) -> None:
        opened = self._ws.opened
        if opened is None or self.running:
            return
        folder = self.folder or self._ws.renders.folder
        self._file = self._error = ""
        self._show_busy(tr("Starting"))
        self._number = ASKING
        waited_for = None if self._ws.renders.replaces else self._ws.renders.waited_for()
        self._ws.queues.do("preview", lambda: _request(opened, folder, waited_for), self._ask, self._refused, self)

    def _ask(self, request: RenderRequest) -> None:
        if self._number == ASKING:
            self._number = self._ws.jobs.ask(request)

    def _refused(self, error: Exception) -> None:
        self._number = None
        self.setCurrentIndex(0)
        self._ws.said.emit(str(error), "error")

    def cancel(self) -> None:
        if self._number == ASKING:
            self._ended(Ended("stopped"))
        elif self._number is not None:
            self._stage.setText(tr("Stopping"))
            self._ws.jobs.cancel(self._number)

    def _show_busy(self, text: str) -> None:
        self._stage.setText(text)
        self._bar.setValue(0)
        self.setCurrentIndex(1)

    def _heard(self, number: int, request: Request, event: Event) -> None:
        if not isinstance(request, RenderRequest):
            return
        if self._number is None and number not in self._ws.renders.asked:  # one that is gone on with after a kill
            self._number = number
            self._show_busy(tr("Going on"))
        if number != self._number:
            return
        if isinstance(event, Progressed):
            text = STAGES.get(event.stage, capital(tr(event.stage)))
            if event.stage == "render" and event.left_s:
                text += tr(", {left_s} left", left_s=clock(round(event.left_s * TICKS_PER_SECOND)))
            self._stage.setText(text)
            self._bar.setValue(round(1000 * whole_share(event.stage, event.share)))
        elif isinstance(event, Rendered):
            self._file = event.file
            loud = tr(", {loudness_lufs:.1f} LUFS", loudness_lufs=event.loudness_lufs) if event.loudness_lufs is not None else ""
            size = tr(
                "{width} × {height}, {size_bytes:.1f} MB",
                width=event.width,
                height=event.height,
                size_bytes=event.size_bytes / 1000000.0,
            )
            self._result.setText(f"✓ {Path(self._file).name}\n{size}{loud}")
        elif isinstance(event, Problem):
            self._error = f"{event.message} {event.hint}"
        elif isinstance(event, Ended):
            self._ended(event)

    def _ended(self, event: Ended) -> None:
        self._number = None
        if event.state == "done" and self._file:
            self.setCurrentIndex(2)
            self.finished.emit(self._file)
            return
        self.setCurrentIndex(0)
        if event.state == "failed":
            self._ws.said.emit(self._error or tr("The render failed."), "error")
        else:
            self._ws.said.emit(tr("The render was stopped. Nothing was left behind."), "note")


def _request(opened: Opened, folder: Path, waited_for: frozenset[str] | None) -> RenderRequest:
    """A file of the same name is written over where it is not said what is `waited_for`."""
    short, form = opened.entry.short, Form()
    file = folder / file_name(short)
    file = file if waited_for is None else free_file(file, waited_for, ends_of(form))
    footage = {key: (f.source, f.analysis) for key, f in opened.composition.footage.items()}
    footage[opened.source.key] = opened.source, opened.analysis
    return replace(render_request(short, footage, file), form=form, number=opened.entry.id)

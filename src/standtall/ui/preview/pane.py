"""The tall pane at the right edge: the picture, the transport, the render."""

from __future__ import annotations

from pathlib import Path

from PySide6.QtCore import Qt, QUrl, Signal
from PySide6.QtGui import QDesktopServices, QResizeEvent
from PySide6.QtWidgets import QHBoxLayout, QLabel, QProgressBar, QPushButton, QStackedWidget, QToolButton, QVBoxLayout, QWidget

from standtall.base.time import TICKS_PER_SECOND, clock
from standtall.jobs.process import Event, Job
from standtall.ui.preview.views import PreviewView
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets import theme

BUTTONS = 130
"""Width of the buttons beside the time."""
NARROWEST, BESIDE = 214, 830
"""Width of the pane at least, and what everything beside it needs."""


class RenderBar(QStackedWidget):
    """Render; while it runs its progress and a cancel; afterwards the file."""

    finished = Signal(str)

    def __init__(self, workspace: Workspace, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._ws = workspace
        self._job: Job | None = None
        self._file = ""
        self._error = ""
        self.folder: Path | None = None
        self._go = QPushButton("Render")
        self._go.setObjectName("main")
        self._go.setToolTip("Make the finished file (Ctrl+R)")
        self._go.clicked.connect(lambda: self.start())
        self.addWidget(self._go)
        busy = QWidget()
        column = QVBoxLayout(busy)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(5)
        row = QHBoxLayout()
        self._stage = QLabel()
        self._stage.setAccessibleName("Render progress")
        self._cancel = QPushButton("Cancel")
        self._cancel.setToolTip("Stop the render; nothing is left behind")
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
        self._show = QPushButton("Show the file")
        self._show.setToolTip("Open the folder that holds the finished file")
        self._show.clicked.connect(lambda: QDesktopServices.openUrl(QUrl.fromLocalFile(str(Path(self._file).parent))))
        self._again = QPushButton("Render again")
        self._again.clicked.connect(lambda: self.start())
        row.addWidget(self._show)
        row.addWidget(self._again)
        column.addWidget(self._result)
        column.addLayout(row)
        self.addWidget(done)
        self.setMaximumHeight(86)
        workspace.composition_changed.connect(self._refresh)
        workspace.opened_changed.connect(self._refresh)
        self._refresh()

    @property
    def running(self) -> bool:
        return self._job is not None and self._job.state == "running"

    def _refresh(self) -> None:
        self._go.setEnabled(self._ws.opened is not None)
        if self.currentIndex() == 2:
            self.setCurrentIndex(0)

    def start(self) -> None:
        opened, project = self._ws.opened, self._ws.project_path
        if opened is None or project is None or self.running:
            return
        folder = self.folder or Path.home() / "Videos" / "Stand Tall"
        self._file = self._error = ""
        self._job = Job(
            ["render", f"--short={opened.entry.id}", f"--out={folder}", "--", str(project.absolute())],
            lambda event: self._ws.dispatcher.send(lambda: self._heard(event), self),
        )
        self._stage.setText("Starting")
        self._bar.setValue(0)
        self.setCurrentIndex(1)
        self._job.start()

    def cancel(self) -> None:
        if self._job is not None:
            self._stage.setText("Stopping")
            self._job.cancel()

    def job(self) -> Job | None:
        """The render that is running, if any."""
        return self._job if self.running else None

    def _heard(self, event: Event) -> None:
        if event.kind == "progress":
            stage, share = str(event.values.get("stage")), float(event.values.get("share") or 0)
            left = event.values.get("left_s")
            names = {"sound": "Levelling the sound", "render": "Rendering", "check": "Checking the file"}
            text = names.get(stage, stage.capitalize())
            if stage == "render" and left:
                text += f", {clock(round(float(left) * TICKS_PER_SECOND))} left"
            self._stage.setText(text)
            self._bar.setValue(round({"sound": 0.03, "render": 0.03 + 0.94 * share, "check": 0.98}.get(stage, 0) * 1000))
        elif event.kind == "result":
            v = event.values
            self._file = str(v.get("file"))
            loud = f", {v['loudness_lufs']:.1f} LUFS" if v.get("loudness_lufs") is not None else ""
            self._result.setText(f"✓ {Path(self._file).name}\n{v['width']} × {v['height']}, {v['size_bytes'] / 1e6:.1f} MB{loud}")
        elif event.kind == "error":
            self._error = f"{event.values.get('message')} {event.values.get('hint')}"
        elif event.kind == "end":
            if event.values["state"] == "done" and self._file:
                self.setCurrentIndex(2)
                self.finished.emit(self._file)
            else:
                self.setCurrentIndex(0)
                if event.values["state"] == "failed":
                    self._ws.said.emit(self._error or "The render failed.", "error")
                else:
                    self._ws.said.emit("The render was stopped. Nothing was left behind.", "note")


class PreviewPane(QWidget):
    """What people are making, always in view."""

    play = Signal()
    step = Signal(int)

    def __init__(self, workspace: Workspace, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._ws = workspace
        self.picture = PreviewView()
        self.rendering = RenderBar(workspace)
        self._time = QLabel("0:00.0")
        self._time.setAccessibleName("Time in the short")
        self._play = QToolButton()
        back, forward = QToolButton(), QToolButton()
        for button, name, tip in (
            (back, "back", "One frame back (Left)"),
            (self._play, "play", "Play or pause (Space)"),
            (forward, "forward", "One frame forward (Right)"),
        ):
            button.setObjectName("plain")
            theme.draw(button, name)
            button.setToolTip(tip)
            button.setAccessibleName(tip)
        self._play.clicked.connect(self.play)
        back.clicked.connect(lambda: self.step.emit(-1))
        forward.clicked.connect(lambda: self.step.emit(1))
        row = QHBoxLayout()
        row.addWidget(back)
        row.addWidget(self._play)
        row.addWidget(forward)
        row.addStretch(1)
        row.addWidget(self._time)
        column = QVBoxLayout(self)
        column.setContentsMargins(0, theme.PAD, theme.PAD, theme.PAD)
        column.setSpacing(8)
        column.addWidget(self.picture, 1)
        column.addLayout(row)
        column.addWidget(self.rendering)
        self.setFixedWidth(336)

    def resizeEvent(self, event: QResizeEvent) -> None:
        """As wide as the tall picture needs at this height, as long as the page beside it keeps its room."""
        room = max(NARROWEST, self.window().width() - BESIDE)
        self.setFixedWidth(max(NARROWEST, min(620, room, round((self.height() - 158) * 9 / 16) + theme.PAD)))

    def set_playing(self, playing: bool) -> None:
        theme.draw(self._play, "pause" if playing else "play")

    def set_time(self, tick: int | None, length: int) -> None:
        here = clock(tick, True) if tick is not None else "–"
        whole = f"{here} / {clock(length, True)}"
        fits = self._time.fontMetrics().horizontalAdvance(whole) <= self.width() - BUTTONS
        self._time.setText(whole if fits else here)
        self._time.setToolTip(whole)
        self._time.setAlignment(Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter)

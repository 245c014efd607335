"""The Footage place: sources, the analysis of each with its stages, progress and cancel."""

from __future__ import annotations

from pathlib import Path

from PySide6.QtCore import Qt, Signal
from PySide6.QtGui import QDragEnterEvent, QDropEvent, QImage, QPixmap
from PySide6.QtWidgets import (
    QFileDialog,
    QFrame,
    QHBoxLayout,
    QLabel,
    QProgressBar,
    QPushButton,
    QScrollArea,
    QVBoxLayout,
    QWidget,
)

from standtall.base.errors import StandTallError
from standtall.base.time import TICKS, clock
from standtall.desk import theme
from standtall.desk.door import Worker
from standtall.desk.player import wide_at
from standtall.desk.workspace import Workspace
from standtall.jobs.process import Event, Job
from standtall.media.probe import probe
from standtall.media.reader import PictureReader
from standtall.model.source import Source
from standtall.session.analyse import Options, known

STAGES = (("sound", "Sound"), ("words", "Words"), ("people", "People"), ("proxy", "Preview"))
BUSY = {"sound": "sound", "words": "words", "timing": "words", "people": "people", "proxy": "proxy"}


class SourceCard(QFrame):
    """One source: poster, facts, the stages of its analysis."""

    wanted = Signal(object)
    analyse = Signal(object)
    stop = Signal(object)

    def __init__(self, source: Source) -> None:
        super().__init__()
        self.source = source
        self.setObjectName("card")
        self.setAccessibleName(source.name)
        self._poster = QLabel()
        self._poster.setFixedSize(224, 126)
        self._poster.setAlignment(Qt.AlignmentFlag.AlignCenter)
        self._poster.setStyleSheet(f"background: {theme.WELL}; border-radius: 6px; color: #8d949c;")
        self._poster.setText("sound only" if not source.has_picture else "")
        name = QLabel(source.name)
        name.setObjectName("title")
        name.setTextFormat(Qt.TextFormat.PlainText)
        picture = "no picture"
        if source.has_picture:
            picture = f"{source.width} × {source.height}, {float(source.rate):g} pictures a second"
        sound = {0: "no sound", 1: "mono", 2: "stereo"}.get(source.audio_channels, f"{source.audio_channels} channels")
        facts = QLabel(f"{clock(source.length)}  ·  {picture}  ·  {sound}  ·  {source.size_bytes / 1e6:.0f} MB")
        facts.setObjectName("faint")
        self._stages = QLabel()
        self._stages.setTextFormat(Qt.TextFormat.RichText)
        self._bar = QProgressBar()
        self._bar.setRange(0, 1000)
        self._bar.setTextVisible(False)
        self._state = QLabel()
        self._state.setWordWrap(True)
        self._go = QPushButton("Analyse")
        self._open = QPushButton("Open on the Bench")
        self._open.setObjectName("main")
        self._stop = QPushButton("Cancel")
        self._go.clicked.connect(lambda: self.analyse.emit(self.source))
        self._open.clicked.connect(lambda: self.wanted.emit(self.source))
        self._stop.clicked.connect(lambda: self.stop.emit(self.source))
        middle = QVBoxLayout()
        middle.setSpacing(5)
        for widget in (name, facts, self._stages, self._bar, self._state):
            middle.addWidget(widget)
        middle.addStretch(1)
        right = QVBoxLayout()
        for button in (self._open, self._go, self._stop):
            right.addWidget(button)
        right.addStretch(1)
        row = QHBoxLayout(self)
        row.setContentsMargins(12, 12, 12, 12)
        row.setSpacing(14)
        row.addWidget(self._poster)
        row.addLayout(middle, 1)
        row.addLayout(right)
        self._done: set[str] = set()
        self.show_state("unknown")

    def set_poster(self, image: QImage) -> None:
        fit = image.scaled(224, 126, Qt.AspectRatioMode.KeepAspectRatio, Qt.TransformationMode.SmoothTransformation)
        self._poster.setPixmap(QPixmap.fromImage(fit))

    def show_state(self, state: str, text: str = "") -> None:
        """`state` is unknown, waiting, running, ready, stopped or failed."""
        self._open.setVisible(state == "ready")
        self._go.setVisible(state in ("unknown", "stopped", "failed"))
        self._stop.setVisible(state in ("waiting", "running"))
        self._bar.setVisible(state == "running")
        if state == "ready":
            self._done = {name for name, _ in STAGES}
        self._state.setObjectName("warn" if state == "failed" else "faint")
        self._state.style().unpolish(self._state)
        self._state.style().polish(self._state)
        plain = {"unknown": "Not analysed yet.", "waiting": "Waiting for the one before it.", "ready": "Ready.",
                 "stopped": "Stopped. What was finished is kept; analyse again to go on."}  # fmt: skip
        self._state.setText(text or plain.get(state, ""))
        self._paint_stages(None)

    def show_progress(self, stage: str, share: float, left_s: float | None) -> None:
        which = BUSY.get(stage, "words")
        self._bar.setValue(round(share * 1000))
        left = f", about {clock(round(left_s * TICKS))} left" if left_s else ""
        self._state.setText(f"{dict(STAGES)[which]}: {share:.0%}{left}")
        self._paint_stages(which)

    def finish_stage(self, stage: str) -> None:
        self._done.add(stage)
        self._paint_stages(None)

    def _paint_stages(self, busy: str | None) -> None:
        marks = []
        for key, name in STAGES:
            mark = "✓" if key in self._done else ("▸" if key == busy else "·")
            weight = "700" if key == busy else "400"
            marks.append(f'<span style="font-weight:{weight}">{mark} {name}</span>')
        self._stages.setText("&nbsp;&nbsp;&nbsp;".join(marks))


class FootagePlace(QWidget):
    """Add footage, watch it being analysed, open it on the Bench."""

    opened = Signal(object)

    def __init__(self, workspace: Workspace, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._ws = workspace
        self._looker = Worker("footage", workspace.door)
        self._cards: dict[str, SourceCard] = {}
        self._queue: list[Source] = []
        self._job: Job | None = None
        self._running: Source | None = None
        self._open_next = False
        self.setAcceptDrops(True)
        title = QLabel("Footage")
        title.setObjectName("title")
        add = QPushButton("Add footage…")
        theme.draw(add, "add")
        add.setToolTip("Choose video or sound files (Ctrl+A)")
        add.clicked.connect(self.choose)
        head = QHBoxLayout()
        head.addWidget(title)
        head.addStretch(1)
        head.addWidget(add)
        self._empty = QLabel(
            "Drop talk footage here, or add it with the button above.\n\n"
            "Its words, shots, people and talkers are found in the background;\nthen it opens on the Bench."
        )
        self._empty.setAlignment(Qt.AlignmentFlag.AlignCenter)
        self._empty.setMinimumHeight(260)
        self._list = QVBoxLayout()
        self._list.setSpacing(10)
        inner = QWidget()
        column = QVBoxLayout(inner)
        column.setContentsMargins(0, 0, 6, 0)
        column.addLayout(self._list)
        column.addWidget(self._empty)
        column.addStretch(1)
        scroll = QScrollArea()
        scroll.setWidgetResizable(True)
        scroll.setWidget(inner)
        whole = QVBoxLayout(self)
        whole.setContentsMargins(16, 14, 10, 10)
        whole.setSpacing(12)
        whole.addLayout(head)
        whole.addWidget(scroll, 1)
        workspace.project_changed.connect(lambda _p: self._refresh())

    def close_job(self) -> None:
        """Stop the running analysis and wait for it, when the window closes."""
        self._queue = []
        if self._job is not None:
            self._job.cancel()
            self._job.wait(10)
        self._looker.close()

    def choose(self) -> None:
        files, _kind = QFileDialog.getOpenFileNames(self, "Add footage")
        self.add([Path(f) for f in files])

    def add(self, paths: list[Path], open_when_ready: bool = False) -> None:
        """Look at files in the background, put them into the project and analyse them one after another."""
        self._open_next = self._open_next or open_when_ready

        for path in paths:
            self._looker.do(lambda p=path: probe(p), self._looked_at, self._refused)  # type: ignore[misc]

    def _refused(self, error: StandTallError) -> None:
        self._ws.said.emit(str(error), "error")

    def _looked_at(self, source: Source) -> None:
        self._ws.add_source(source)
        self._put(source)
        self.start(source)

    def dragEnterEvent(self, event: QDragEnterEvent) -> None:
        if event.mimeData().hasUrls():
            event.acceptProposedAction()

    def dropEvent(self, event: QDropEvent) -> None:
        self.add([Path(url.toLocalFile()) for url in event.mimeData().urls() if url.isLocalFile()])

    # cards

    def _refresh(self) -> None:
        keys = {s.key for s in self._ws.sources}
        for key in [k for k in self._cards if k not in keys and (self._running is None or k != self._running.key)]:
            self._cards.pop(key).deleteLater()
        for source in self._ws.sources:
            self._put(source)
        self._empty.setVisible(not self._cards)

    def _put(self, source: Source) -> None:
        if source.key in self._cards:
            return
        card = SourceCard(source)
        card.wanted.connect(self.opened)
        card.analyse.connect(self.start)
        card.stop.connect(self.stop)
        self._cards[source.key] = card
        self._list.addWidget(card)
        self._empty.setVisible(False)

        def look() -> tuple[bool, str, QImage | None]:
            found = known(source, Options(), self._ws.cache)
            image = None
            if source.has_picture:
                with PictureReader(source.path, source.rotation) as reader:
                    image = wide_at(reader, min(source.length // 8, 10 * TICKS), 448)
            if found is None:
                return False, "", image
            people = len(found.people.names)
            return True, f"Ready: {len(found.words)} words, {len(found.people.shots)} shots, {people} people.", image

        def arrived(found: tuple[bool, str, QImage | None]) -> None:
            ready, text, image = found
            if image is not None:
                card.set_poster(image)
            if ready:
                card.show_state("ready", text)

        self._looker.do(look, arrived, lambda error: card.show_state("failed", str(error)))

    # analysis, one after another

    def start(self, source: Source) -> None:
        if self._running is not None:
            if source != self._running and source not in self._queue:
                self._queue.append(source)
                self._cards[source.key].show_state("waiting")
            return
        self._running = source
        self._cards[source.key].show_state("running", "Starting")
        self._job = Job(["analyse", source.path], lambda event: self._ws.door.send(lambda: self._heard(source, event)))
        self._job.start()

    def stop(self, source: Source) -> None:
        if source in self._queue:
            self._queue.remove(source)
            self._cards[source.key].show_state("stopped")
        elif source == self._running and self._job is not None:
            self._job.cancel()

    def _heard(self, source: Source, event: Event) -> None:
        card = self._cards.get(source.key)
        if card is None:
            return
        v = event.values
        if event.kind == "progress":
            card.show_progress(str(v.get("stage")), float(v.get("share") or 0), v.get("left_s"))
        elif event.kind == "stage":
            card.finish_stage(str(v.get("stage")))
        elif event.kind == "result":
            card.show_state("ready", f"Ready: {v['words']} words, {v['shots']} shots, {v['people']} people.")
        elif event.kind == "error":
            card.show_state("failed", f"{v.get('message')} {v.get('hint')}")
        elif event.kind == "end":
            self._running = None
            if v["state"] == "stopped":
                card.show_state("stopped")
            elif v["state"] == "done":
                self._ws.said.emit(f"{source.name} is ready.", "note")
                if self._open_next or self._ws.opened is None:
                    self._open_next = False
                    self.opened.emit(source)
            if self._queue:
                self.start(self._queue.pop(0))

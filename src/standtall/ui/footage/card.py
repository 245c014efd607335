"""The row of one source in the Footage place."""

from __future__ import annotations

from pathlib import Path

from PySide6.QtCore import Qt, Signal
from PySide6.QtGui import QContextMenuEvent, QImage, QKeyEvent, QMouseEvent, QPixmap
from PySide6.QtWidgets import QFrame, QHBoxLayout, QLabel, QProgressBar, QPushButton, QToolButton, QVBoxLayout

from standtall.base.interface_language import count_of, tr, tr_n
from standtall.base.time import TICKS_PER_SECOND, clock
from standtall.media.reader import PictureReader
from standtall.model.source import Source
from standtall.session.usage import Usage, in_words
from standtall.ui.footage.used_bar import UsedBar
from standtall.ui.widgets import focus_ring, theme
from standtall.ui.widgets.context_menu import buttons_at
from standtall.ui.widgets.images import wide_at
from standtall.ui.widgets.tips import set_tip

STAGES = (
    ("sound", tr("Sound")),
    ("words", tr("Words")),
    ("voices", tr("Voices")),
    ("people", tr("People")),
    ("preview", tr("Preview")),
)
BUSY = {"sound": "sound", "words": "words", "timing": "words", "voices": "voices", "people": "people", "preview": "preview"}


def poster_of(source: Source) -> QImage | None:
    """A picture of a source, read from its file; None for sound alone. Raises `MediaError`."""
    if not source.has_picture:
        return None
    with PictureReader(source.path, source.rotation) as reader:
        return wide_at(reader, min(source.length // 8, 10 * TICKS_PER_SECOND), 448)


class SourceCard(QFrame):
    """One source: poster, facts, the stages of its analysis."""

    wanted = Signal(object)
    analyse = Signal(object)
    stop = Signal(object)
    chosen = Signal(object)
    sooner = Signal(object)
    sought = Signal(object)
    """The person wants to say where the file is."""
    left = Signal(object)
    """It is to leave the project."""

    def __init__(self, source: Source) -> None:
        super().__init__()
        self.source = source
        self.setObjectName("card")
        self.setAccessibleName(source.name)
        self._poster = QLabel()
        self._poster.setFixedSize(160, 90)
        self._poster.setAlignment(Qt.AlignmentFlag.AlignCenter)
        self._poster.setStyleSheet(f"background: {theme.WELL}; border-radius: 6px; color: #8d949c;")
        self._poster.setText(tr("sound only") if not source.has_picture else "")
        name = QLabel(source.name)
        name.setObjectName("title")
        name.setTextFormat(Qt.TextFormat.PlainText)
        name.setWordWrap(True)
        picture = tr("no picture")
        if source.has_picture:
            picture = tr("{width} × {height}, {rate:g} fps", width=source.width, height=source.height, rate=float(source.rate))
        sound = {0: tr("no sound"), 1: "mono", 2: "stereo"}.get(
            source.audio_channels, tr("{audio_channels} channels", audio_channels=source.audio_channels)
        )
        facts = QLabel(f"{clock(source.length)}  ·  {picture}  ·  {sound}  ·  {size_of(source.size_bytes)}")
        facts.setObjectName("faint")
        facts.setWordWrap(True)
        self._ready = ""
        self._busy: dict[str, tuple[float, float | None]] = {}
        self._stages = QLabel()
        self._stages.setTextFormat(Qt.TextFormat.RichText)
        self._stages.setWordWrap(True)
        self._bar = QProgressBar()
        self._bar.setRange(0, 1000)
        self._bar.setTextVisible(False)
        self._state = QLabel()
        self._state.setWordWrap(True)
        self._go = QPushButton(tr("Analyse"))
        set_tip(self._go, tr("Find out who is seen and what is said; the window can be used meanwhile"))
        self._open = QPushButton(tr("Open on the Bench"))
        self._open.setObjectName("main")
        set_tip(self._open, tr("Open it on the Bench, with a short of it"))
        self._stop = QPushButton(tr("Pause"))
        set_tip(self._stop, tr("Stop for now; what was found is kept, and it goes on from there"))
        self._find = QPushButton(tr("Find it…"))
        self._find.setToolTip(tr("Say where the file is now; it is known by its content"))
        self._find.clicked.connect(lambda: self.sought.emit(self.source))
        self._find.hide()
        self._sooner = QToolButton()
        self._sooner.setObjectName("plain")
        theme.draw(self._sooner, "up")
        self._sooner.setToolTip(tr("Analyse it sooner"))
        self._sooner.setAccessibleName(tr("Analyse it sooner"))
        self._sooner.clicked.connect(lambda: self.sooner.emit(self.source))
        self._go.clicked.connect(lambda: self.analyse.emit(self.source))
        self._open.clicked.connect(lambda: self.wanted.emit(self.source))
        self._stop.clicked.connect(lambda: self.stop.emit(self.source))
        middle = QVBoxLayout()
        middle.setSpacing(5)
        self._warn = QLabel("  ".join(warnings_of(source)))
        self._warn.setObjectName("warn")
        self._warn.setWordWrap(True)
        self._warn.setVisible(bool(self._warn.text()))
        self.used = UsedBar(source)
        self.used_text = QLabel()
        self.used_text.setObjectName("faint")
        self.used_text.setWordWrap(True)
        self.used_text.hide()
        for widget in (name, facts, self._stages, self._bar, self._state, self._warn, self.used, self.used_text):
            middle.addWidget(widget)
        buttons = QHBoxLayout()
        buttons.setSpacing(6)
        for button in (self._open, self._go, self._stop, self._sooner, self._find):
            buttons.addWidget(button)
        buttons.addStretch(1)
        gone = QToolButton()
        gone.setObjectName("plain")
        theme.draw(gone, "close")
        set_tip(gone, tr("Remove it from the project (Delete); the file stays, and its words and shorts come back with it"))
        gone.setAccessibleName(tr("Remove it from the project"))
        gone.clicked.connect(lambda: self.left.emit(self.source))
        buttons.addWidget(gone)
        middle.addLayout(buttons)
        middle.addStretch(1)
        row = QHBoxLayout(self)
        row.setContentsMargins(12, 12, 12, 12)
        row.setSpacing(14)
        row.addWidget(self._poster, 0, Qt.AlignmentFlag.AlignTop)
        row.addLayout(middle, 1)
        self._done: set[str] = set()
        self.state = "unknown"
        focus_ring.give(self, inside=4)  # within the edge that tells which one is open
        self.show_state("unknown")

    def contextMenuEvent(self, event: QContextMenuEvent) -> None:
        buttons_at(event.globalPos(), self)

    def set_poster(self, image: QImage) -> None:
        fit = image.scaled(160, 90, Qt.AspectRatioMode.KeepAspectRatio, Qt.TransformationMode.SmoothTransformation)
        self._poster.setPixmap(QPixmap.fromImage(fit))

    def show_state(self, state: str, text: str = "") -> None:
        """`state` is unknown, waiting, running, early (running, and its first words can be opened), ready, stopped or failed."""
        self.state = state
        self._open.setVisible(state in ("ready", "early"))
        self._go.setVisible(state in ("unknown", "stopped", "failed"))
        self._stop.setVisible(state in ("waiting", "running", "early"))
        self._sooner.setVisible(state == "waiting")
        self._bar.setVisible(state in ("running", "early"))
        self._stop.setText(tr("Not now") if state == "waiting" else tr("Pause"))
        self._go.setText(tr("Go on") if state == "stopped" else tr("Analyse"))
        if state == "ready":
            self._done |= {name for name, _ in STAGES[:-1]}
        if state not in ("running", "early"):
            self._busy = {}
        if state in ("unknown", "running"):  # what is begun tells of each stage anew, kept ones at once
            self._done = set()
        self._state.setObjectName("warn" if state == "failed" else "faint")
        self._state.style().unpolish(self._state)
        self._state.style().polish(self._state)
        plain = {"unknown": tr("Not analysed with these choices yet."), "waiting": tr("Waiting for the one before it."),
                 "ready": tr("Ready."), "stopped": tr("Paused. What was found is kept.")}  # fmt: skip
        self._ready = text or plain.get(state, "")
        self._state.setText(self._ready)
        self._paint_stages()

    def show_lost(self, state: str) -> None:
        """Where the file is "missing" or "changed" it can be looked for."""
        lost = {
            "missing": tr("Its file is gone from {parent}.", parent=Path(self.source.path).parent),
            "changed": tr("Another file lies in its place now."),
        }.get(state, "")
        self._find.setVisible(bool(lost))
        told = [lost, *warnings_of(self.source)] if lost else warnings_of(self.source)
        self._warn.setText("  ".join(told))
        self._warn.setVisible(bool(told))

    def show_used(self, used: Usage) -> None:
        """Which parts of it shorts show."""
        self.used.show_used(used)
        self.used_text.setText(in_words(used, self.source))
        self.used_text.show()

    def show_preview(self, share: float | None) -> None:
        """How far the copy to move about in is made; None when it is there, or not needed."""
        if share is None:
            self._done.add("preview")
            self._busy.pop("preview", None)
        else:
            self._busy["preview"] = share, None
        if self.state == "ready":
            self._state.setText(
                self._ready
                if share is None
                else tr("{ready} A copy for quick moving about: {share:.0%}.", ready=self._ready, share=share)
            )
        self._paint_stages()

    def show_chosen(self, chosen: bool) -> None:
        self.setProperty("chosen", chosen)
        self.style().unpolish(self)
        self.style().polish(self)

    def show_progress(self, stage: str, share: float, left_s: float | None) -> None:
        """Stages may run beside each other: the bar shows the one that is furthest behind."""
        self._busy[BUSY.get(stage, "words")] = share, left_s
        self._busy = {k: v for k, v in self._busy.items() if k not in self._done}
        if not self._busy:
            return
        self._bar.setValue(round(min(v[0] for v in self._busy.values()) * 1000))
        told = []
        for key, (done, left) in self._busy.items():
            told.append(
                f"{dict(STAGES)[key]} {done:.0%}"
                + (tr(", about {left} left", left=clock(round(left * TICKS_PER_SECOND))) if left else "")
            )
        self._state.setText("  ·  ".join(told))
        self._paint_stages()

    def finish_stage(self, stage: str) -> None:
        self._done.add(stage)
        self._busy.pop(stage, None)
        self._paint_stages()

    def _paint_stages(self) -> None:
        marks = []
        for key, name in STAGES:
            mark = "✓" if key in self._done else ("▸" if key in self._busy else "·")
            weight = "700" if key in self._busy else "400"
            marks.append(f'<span style="font-weight:{weight}">{mark}&nbsp;{name}</span>')
        self._stages.setText("&nbsp;&nbsp; ".join(marks))

    def mousePressEvent(self, event: QMouseEvent) -> None:
        self.chosen.emit(self.source)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() in (Qt.Key.Key_Return, Qt.Key.Key_Space):
            self.chosen.emit(self.source)
        elif event.key() in (Qt.Key.Key_Delete, Qt.Key.Key_Backspace):
            self.left.emit(self.source)
        else:
            super().keyPressEvent(event)


def warnings_of(source: Source) -> list[str]:
    """What the editor should know of a source, in plain sentences."""
    out = []
    if not source.has_sound and not source.still:
        out.append(tr("It has no sound: words can only come from a caption file."))
    if source.has_picture and min(source.width, source.height) < 700:
        out.append(
            tr(
                "Its picture is small ({width} × {height}): a tall crop of it looks soft.",
                width=source.width,
                height=source.height,
            )
        )
    if len(source.sound_tracks) > 1:
        out.append(tr("It has {sound_tracks} sound tracks: choose one in its brief.", sound_tracks=len(source.sound_tracks)))
    return out


def told_of(words: int, shots: int, people: int) -> str:
    """What was found, in a sentence."""
    return tr(
        "Ready: {words}, {shots}, {people}.",
        words=count_of(words),
        shots=count_of(shots, "shot"),
        people=tr_n(people, "{n} person", "{n} people"),
    )


def size_of(count: float) -> str:
    return (
        tr("{count:.1f} GB", count=count / 1000000000.0)
        if count >= 1e9
        else tr("{count:.0f} MB", count=count / 1000000.0)
        if count >= 1e7
        else tr("{count:.1f} MB", count=count / 1000000.0)
    )

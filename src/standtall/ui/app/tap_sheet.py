"""Finds by how much sound is late on this machine: tap along with flashes, then with clicks."""

from __future__ import annotations

import time
from collections.abc import Callable
from typing import Any, Final, Literal

import numpy as np
from PySide6.QtCore import QRectF, Qt, QTimer, Signal
from PySide6.QtGui import QColor, QKeyEvent, QPainter, QPaintEvent
from PySide6.QtWidgets import QDialog, QHBoxLayout, QLabel, QVBoxLayout, QWidget

from standtall.base.errors import NothingToDo
from standtall.base.interface_language import tr
from standtall.media.sound_reader import MIX_RATE, Samples
from standtall.sound.tap_delay import PERIOD_S, delay_of
from standtall.ui.preview.clocks import SoundClock, sound_device
from standtall.ui.widgets import theme
from standtall.ui.widgets.fields import button

BEATS: Final = 12
LIT_S: Final = 0.12
BEFORE_S: Final = 1.0
"""Until the first beat."""
Round = Literal["", "flashes", "clicks"]
TOLD: Final[dict[Round, str]] = {
    "": tr("Tap Space with every flash, then with every click: twelve of each. Tap with the beat, as you would with music."),
    "flashes": tr("Tap Space with every flash."),
    "clicks": tr("Now with every click. Look away from the picture, and listen."),
}


def click_track(beats: int, period: float) -> Samples:
    """Short tones of 1 kHz at each beat, float32 (2, samples)."""
    length = round((BEFORE_S + beats * period) * MIX_RATE)
    track = np.zeros((2, length), np.float32)
    n = round(0.03 * MIX_RATE)
    tone = 0.5 * np.sin(2 * np.pi * 1000 * np.arange(n) / MIX_RATE) * np.exp(-np.arange(n) / (0.008 * MIX_RATE))
    for beat in range(beats):
        at = round((BEFORE_S + beat * period) * MIX_RATE)
        part = tone[: length - at]
        track[:, at : at + len(part)] += part.astype(np.float32)
    return track


class Flash(QWidget):
    """A disc that is lit on each beat."""

    def __init__(self) -> None:
        super().__init__()
        self.lit = False
        self.setFixedSize(120, 120)
        self.setAccessibleName(tr("Flash"))

    def show_lit(self, lit: bool) -> None:
        if lit != self.lit:
            self.lit = lit
            self.repaint()

    def paintEvent(self, _event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setPen(QColor(theme.current().faint))
        painter.setBrush(QColor(theme.NOW) if self.lit else QColor(theme.current().raised))
        painter.drawEllipse(QRectF(8, 8, 104, 104))


class TapSheet(QDialog):
    """`found` carries the delay in milliseconds. The times of taps with clicks are those of the player's own clock; those with
    flashes are told by `seconds`, which runs on and begins anywhere."""

    found = Signal(int)

    def __init__(
        self,
        parent: QWidget,
        device: Any | None = None,
        period: float = PERIOD_S,
        seconds: Callable[[], float] = time.monotonic,
    ) -> None:
        super().__init__(parent)
        self._device = device if device is not None else sound_device()
        self._period, self._seconds = period, seconds
        self.setWindowTitle(tr("How late is sound here?"))
        self.round: Round = ""
        self._began = 0.0
        self._clock: SoundClock | None = None
        self.taps: dict[Round, list[float]] = {"flashes": [], "clicks": []}
        self.beats = [BEFORE_S + n * period for n in range(BEATS)]
        self.flash = Flash()
        self.told = QLabel()
        self.told.setWordWrap(True)
        self.told.setMinimumWidth(380)
        self.begin = button(tr("Begin"), tr("Flashes first, then clicks"), self.start, "main")
        self.leave = button(tr("Close"), tr("Leave everything as it is (Escape)"), self.reject)
        row = QHBoxLayout()
        row.addStretch(1)
        row.addWidget(self.leave)
        row.addWidget(self.begin)
        column = QVBoxLayout(self)
        column.setContentsMargins(22, 18, 22, 18)
        column.setSpacing(12)
        column.addWidget(self.told)
        column.addWidget(self.flash, 0, Qt.AlignmentFlag.AlignHCenter)
        column.addLayout(row)
        self._timer = QTimer(self)
        self._timer.setTimerType(Qt.TimerType.PreciseTimer)
        self._timer.setInterval(4)
        self._timer.timeout.connect(self.tick)
        self._tell(TOLD[""])
        if self._device is None:
            self._tell(tr("There is no sound device on this machine, so nothing is late."))
            self.begin.setEnabled(False)

    def _tell(self, text: str) -> None:
        self.told.setText(text)

    def start(self) -> None:
        """Begin with the flashes."""
        self.taps = {"flashes": [], "clicks": []}
        self._next("flashes")
        self._timer.start()
        self.begin.setEnabled(False)
        self.setFocus()

    def _next(self, which: Round) -> None:
        self.round = which
        self._tell(TOLD[which])
        self._began = self._seconds()
        if which == "clicks":
            self._clock = SoundClock(click_track(BEATS, self._period), self._device)
            self._clock.start(0.0, 1.0)

    def now(self) -> float:
        """Seconds in the round that runs."""
        return self._clock.now() if self._clock is not None else self._seconds() - self._began

    def tick(self) -> None:
        """Show what is due now, and go on when the round is over."""
        now = self.now()
        if self.round == "flashes":
            self.flash.show_lit(any(0 <= now - b < LIT_S for b in self.beats))
        if now < self.beats[-1] + 0.6 * self._period and not (
            self._clock is not None and now > BEFORE_S + BEATS * self._period - 0.02
        ):
            return
        self.flash.show_lit(False)
        if self.round == "flashes":
            self._next("clicks")
        else:
            self._end()

    def _stop(self) -> None:
        self._timer.stop()
        if self._clock is not None:
            self._clock.stop()
            self._clock = None
        self.round = ""

    def _end(self) -> None:
        self._stop()
        self.begin.setEnabled(True)
        self.begin.setText(tr("Try again"))
        try:
            made = delay_of(self.beats, self.taps["flashes"], self.beats, self.taps["clicks"])
        except NothingToDo as error:
            self._tell(f"{error.message} {error.hint}")
            return
        late = round(1000 * made.seconds)
        self._tell(
            tr(
                "Sound is {late} ms late here, give or take {sure} ms. The picture waits for it now.",
                late=late,
                sure=max(1, round(2000 * made.within)),
            )
        )
        self.found.emit(late)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() == Qt.Key.Key_Space and self.round and not event.isAutoRepeat():
            self.taps[self.round].append(self.now())
        else:
            super().keyPressEvent(event)

    def done(self, result: int) -> None:
        self._stop()
        super().done(result)

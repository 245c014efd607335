"""Shows and plays a short: decoding and painting in a thread of their own, the clock from the sound where it can."""

from __future__ import annotations

import contextlib
import threading
import time
from collections.abc import Mapping
from dataclasses import dataclass

import numpy as np
from PySide6.QtCore import QObject, Signal
from PySide6.QtGui import QImage

from standtall.base.errors import MediaError, StandTallError
from standtall.base.interface_language import tr
from standtall.base.log import told
from standtall.base.priority import PLAYING, thread_behind
from standtall.compose.composition import Composition
from standtall.compose.footage import asset_of
from standtall.compose.layers.frame import Frame
from standtall.compose.layers.picture import Asset
from standtall.compose.painters.assets import Assets
from standtall.compose.painters.frames import FramePainter
from standtall.media.planes import Planes
from standtall.media.sound_reader import Samples
from standtall.model.timemap import SourceTime
from standtall.ui.preview.clocks import Clock, SoundClock, WallClock, sound_device
from standtall.ui.widgets.images import image_of, smaller

WIDE = 640


@dataclass(frozen=True, slots=True)
class Shown:
    """One painted moment: the tall and the wide picture, the number of the frame, and the moment of a source they belong to."""

    tall: QImage
    wide: QImage
    frame: int
    heard: SourceTime


_NO_PICTURE = Planes(np.full((360, 640), 30, np.uint8), np.full((180, 320), 126, np.uint8), np.full((180, 320), 130, np.uint8))
"""What stands for the wide picture of footage without any."""


class Player(QObject):
    """Paints the frame that is wanted, or plays on from it. All slow work happens in its thread."""

    shown = Signal(object)
    playing_changed = Signal(bool)
    failed = Signal(str)

    def __init__(self, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._lock = threading.Condition()
        self._composition: Composition | None = None
        self._copies: Mapping[str, str] = {}
        self._outside: Frame | None = None
        self._frame = 0
        self._speed = 0.0
        self._size = (360, 640)
        self._changed = False
        self._expected: tuple[Asset, int, Mapping[str, str]] | None = None
        self._closing = False
        self._track: Samples | None = None
        self.late_s = 0.0
        self.most_fps = 0
        """Most frames a second that are shown while it plays, 0 for all."""
        """Seconds by which sound is heard later than its device says."""
        self._thread = threading.Thread(target=self._run, name="player", daemon=True)
        self._thread.start()

    # wishes, from the interface thread

    def expect(self, asset: Asset, tick: int, copies: Mapping[str, str]) -> None:
        """Open a file at a place beforehand: a composition that begins there is just being worked out."""
        with self._lock:
            self._expected = asset, tick, copies
            self._lock.notify_all()

    def set_composition(self, composition: Composition, copies: Mapping[str, str] | None = None) -> None:
        """What is shown from now on; `copies` are quicker copies of its footage by content key."""
        with self._lock:
            self._composition = composition
            self._copies = copies or {}
            self._track = None
            self._frame = min(self._frame, composition.frames - 1)
            self._wish()

    def set_track(self, composition: Composition, track: Samples | None) -> None:
        """The sound of a composition, once it is worked out."""
        with self._lock:
            if composition is self._composition:
                self._track = track

    def set_size(self, width: int, height: int) -> None:
        with self._lock:
            size = (max(2, width // 2 * 2), max(2, height // 2 * 2))
            if size != self._size:
                self._size = size
                self._wish()

    def show_frame(self, frame: int) -> None:
        """Stop and show one frame of the short."""
        with self._lock:
            self._outside, self._frame = None, frame
            self._set_speed(0.0)
            self._wish()

    def show_outside(self, frame: Frame) -> None:
        """Stop and show a moment outside the short."""
        with self._lock:
            self._outside = frame
            self._set_speed(0.0)
            self._wish()

    def play(self, speed: float = 1.0) -> None:
        with self._lock:
            if self._composition is None:
                return
            if self._frame >= self._composition.frames - 1 and speed > 0:
                self._frame = 0
            self._outside = None
            self._set_speed(speed)
            self._wish()

    def pause(self) -> None:
        with self._lock:
            self._set_speed(0.0)
            self._wish()

    @property
    def speed(self) -> float:
        return self._speed

    @property
    def frame(self) -> int:
        return self._frame

    def end(self) -> None:
        """Stop playing and painting; `close` waits for it."""
        with self._lock:
            self._closing = True
            self._wish()

    def close(self) -> None:
        self.end()
        self._thread.join(2.0)

    def _wish(self) -> None:
        self._changed = True
        self._lock.notify_all()

    def _set_speed(self, speed: float) -> None:
        was, self._speed = self._speed, speed
        if (was != 0) != (speed != 0):
            self.playing_changed.emit(speed != 0)

    # the thread

    def _run(self) -> None:
        thread_behind(PLAYING)
        assets = Assets()
        painter: FramePainter | None = None
        while True:
            with self._lock:
                while not self._changed and self._expected is None and not self._closing:
                    self._lock.wait()
                if self._closing:
                    break
                changed, self._changed = self._changed, False
                composition, speed, size, copies = self._composition, self._speed, self._size, self._copies
                expected, self._expected = self._expected, None
            if expected is not None and not speed:
                assets.use_copies(expected[2])
                with contextlib.suppress(MediaError):  # told when it is to be shown
                    assets.picture(*expected[:2])
            if composition is None or not changed:
                continue
            try:
                assets.use_copies(copies)
                assets.rate = None if speed else composition.short.output.fps  # pictures between take too long while it plays
                if painter is None or (painter.width, painter.height) != size:
                    painter = FramePainter(assets, *size)
                if speed:
                    self._play(composition, assets, painter, speed)
                else:
                    frame = self._outside or composition.frame(min(self._frame, composition.frames - 1))
                    self._emit(composition, frame, assets, painter)
            except BaseException as error:  # noqa: BLE001 - logged and told: the thread goes on with the next wish
                with self._lock:
                    self._set_speed(0.0)
                if not isinstance(error, StandTallError):  # the open files may be in no fit state any more
                    with contextlib.suppress(Exception):
                        assets.close()
                    assets, painter = Assets(), None
                with contextlib.suppress(RuntimeError):  # the window may be gone
                    self.failed.emit(str(told(error, tr("The picture is not shown"))))
        assets.close()

    def _play(self, composition: Composition, assets: Assets, painter: FramePainter, speed: float) -> None:
        with self._lock:
            track, at = self._track, self._frame
        clock: Clock = WallClock()
        device = sound_device() if track is not None and speed == 1.0 else None
        if track is not None and device is not None:
            clock = SoundClock(track, device, self.late_s)
        rate = float(composition.fps)
        step = max(1, round(rate / self.most_fps)) if self.most_fps else 1
        clock.start(at / rate, speed)
        last = -1
        try:
            while True:
                number = int(clock.now() * rate) // step * step
                end = number >= composition.frames or number < 0
                with self._lock:
                    if self._changed or self._closing:
                        return
                    self._frame = max(0, min(composition.frames - 1, number))
                    if end:
                        self._set_speed(0.0)
                if end:
                    return
                if number == last:
                    time.sleep(max(0.001, min(0.02, 0.3 / rate)))
                    continue
                last = number
                self._emit(composition, composition.frame(number), assets, painter)
        finally:
            clock.stop()

    def _emit(self, composition: Composition, frame: Frame, assets: Assets, painter: FramePainter) -> None:
        tall = painter.paint(frame)
        source = composition.footage[frame.heard.source].source
        wide = assets.picture(asset_of(source), frame.heard.tick) if source.has_picture else _NO_PICTURE
        self.shown.emit(Shown(image_of(tall), image_of(smaller(wide, WIDE)), frame.number, frame.heard))

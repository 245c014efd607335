"""Shows and plays a short: decoding and painting in a thread of their own, the clock from the sound where it can."""

from __future__ import annotations

import contextlib
import threading
import time
from dataclasses import dataclass
from typing import Any, Protocol

from PySide6.QtCore import QObject, Signal
from PySide6.QtGui import QImage

from standtall.base.errors import StandTallError
from standtall.base.log import told
from standtall.base.priority import PLAYING, thread_behind
from standtall.compose.paint import nothing
from standtall.compose.pictures import Pictures
from standtall.compose.scene import Edition, Scene
from standtall.ink.caption import CaptionInk
from standtall.media.planes import Planes, scaled, to_bgrx
from standtall.media.reader import PictureReader
from standtall.media.sound import MIX_RATE, Samples

WIDE = 640


class Clock(Protocol):
    """Tells how many seconds have played since it was started."""

    def start(self, at_s: float, speed: float) -> None: ...
    def now(self) -> float: ...
    def stop(self) -> None: ...


class WallClock:
    """For machines without a sound device."""

    def __init__(self) -> None:
        self._began, self._at, self._speed = 0.0, 0.0, 1.0

    def start(self, at_s: float, speed: float) -> None:
        self._began, self._at, self._speed = time.monotonic(), at_s, speed

    def now(self) -> float:
        return self._at + (time.monotonic() - self._began) * self._speed

    def stop(self) -> None:
        return


class SoundClock:
    """Plays samples and tells the time by those played."""

    def __init__(self, samples: Samples, device: Any) -> None:
        self._samples, self._device = samples, device
        self._at = 0
        self._stream: Any = None
        self._latency = 0.0

    def start(self, at_s: float, speed: float) -> None:
        self._at = round(at_s * MIX_RATE)
        self._stream = self._device.OutputStream(
            samplerate=MIX_RATE, channels=2, dtype="float32", callback=self._fill, blocksize=1024
        )
        self._stream.start()
        self._latency = float(self._stream.latency)

    def _fill(self, out: Any, frames: int, _when: Any, _status: Any) -> None:
        part = self._samples[:, self._at : self._at + frames].T
        out[: len(part)] = part
        out[len(part) :] = 0
        self._at += frames

    def now(self) -> float:
        return max(0.0, self._at / MIX_RATE - self._latency)

    def stop(self) -> None:
        if self._stream is not None:
            self._stream.stop()
            self._stream.close()
            self._stream = None


def sound_device() -> Any | None:
    """The sound library when this machine has a device to play on, else None."""
    try:
        import sounddevice

        sounddevice.query_devices(kind="output")
    except Exception:  # noqa: BLE001 - the library raises its own kinds, and OSError where it is not installed
        return None
    return sounddevice


@dataclass(frozen=True, slots=True)
class Shown:
    """One painted moment: the tall and the wide picture, the frame and the source tick they belong to."""

    tall: QImage
    wide: QImage
    frame: int
    source_tick: int


def image_of(planes: Planes) -> QImage:
    """Planes as a picture for the screen."""
    data = to_bgrx(planes)
    return QImage(data.data, planes.width, planes.height, data.strides[0], QImage.Format.Format_RGB32).copy()


def smaller(planes: Planes, width: int) -> Planes:
    """Planes scaled down to an even width."""
    width = width // 2 * 2
    if width >= planes.width:
        return planes
    height = max(2, round(planes.height * width / planes.width / 2) * 2)
    sizes = ((width, height), (width // 2, height // 2), (width // 2, height // 2))
    parts = (planes.y, planes.u, planes.v)
    return Planes(*(scaled(p, size) for p, size in zip(parts, sizes, strict=True)))


class Player(QObject):
    """Paints the frame that is wanted, or plays on from it. All slow work happens in its thread."""

    shown = Signal(object)
    playing_changed = Signal(bool)
    failed = Signal(str)

    def __init__(self, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._lock = threading.Condition()
        self._edition: Edition | None = None
        self._path = ""
        self._scene: Scene | None = None
        self._frame = 0
        self._speed = 0.0
        self._size = (360, 640)
        self._changed = False
        self._closing = False
        self._track: Samples | None = None
        self._device = sound_device()
        self._thread = threading.Thread(target=self._run, name="player", daemon=True)
        self._thread.start()

    # wishes, from the interface thread

    def set_edition(self, edition: Edition, proxy: str | None = None) -> None:
        with self._lock:
            self._edition = edition
            self._path = proxy or edition.source.path
            self._track = None
            self._frame = min(self._frame, edition.frames - 1)
            self._wish()

    def set_track(self, edition: Edition, track: Samples | None) -> None:
        """The sound of an edition, once it is worked out."""
        with self._lock:
            if edition is self._edition:
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
            self._scene, self._frame = None, frame
            self._set_speed(0.0)
            self._wish()

    def show_scene(self, scene: Scene) -> None:
        """Stop and show a moment outside the short."""
        with self._lock:
            self._scene = scene
            self._set_speed(0.0)
            self._wish()

    def play(self, speed: float = 1.0) -> None:
        with self._lock:
            if self._edition is None:
                return
            if self._frame >= self._edition.frames - 1 and speed > 0:
                self._frame = 0
            self._scene = None
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
        reader: Pictures | None = None
        path = ""
        ink: CaptionInk | None = None
        while True:
            with self._lock:
                while not self._changed and not self._closing:
                    self._lock.wait()
                if self._closing:
                    break
                self._changed = False
                edition, speed, size = self._edition, self._speed, self._size
                wanted = self._path
            if edition is None:
                continue
            try:
                if wanted != path:
                    if reader is not None:
                        reader.close()
                    rotation = 0 if wanted != edition.source.path else edition.source.rotation
                    reader, path = Pictures(wanted if edition.source.has_picture else None, rotation), wanted
                if ink is None or (ink.look, ink.width, ink.height) != (edition.look, *size):
                    ink = CaptionInk(edition.look, *size)
                if speed:
                    self._play(edition, reader, ink, speed)
                else:
                    scene = self._scene or edition.scene(min(self._frame, edition.frames - 1))
                    self._emit(edition, scene, reader, ink)
            except BaseException as error:  # noqa: BLE001 - logged and told: the thread goes on with the next wish
                with self._lock:
                    self._set_speed(0.0)
                if not isinstance(error, StandTallError) and reader is not None:  # it may be in no fit state any more
                    with contextlib.suppress(Exception):
                        reader.close()
                    reader, path, ink = None, "", None
                with contextlib.suppress(RuntimeError):  # the window may be gone
                    self.failed.emit(str(told(error, "The picture is not shown")))
        if reader is not None:
            reader.close()

    def _play(self, edition: Edition, reader: Pictures | None, ink: CaptionInk, speed: float) -> None:
        with self._lock:
            track, at = self._track, self._frame
        clock: Clock = WallClock()
        if track is not None and self._device is not None and speed == 1.0:
            clock = SoundClock(track, self._device)
        rate = float(edition.rate)
        clock.start(at / rate, speed)
        last = -1
        try:
            while True:
                number = int(clock.now() * rate)
                end = number >= edition.frames or number < 0
                with self._lock:
                    if self._changed or self._closing:
                        return
                    self._frame = max(0, min(edition.frames - 1, number))
                    if end:
                        self._set_speed(0.0)
                if end:
                    return
                if number == last:
                    time.sleep(max(0.001, min(0.02, 0.3 / rate)))
                    continue
                last = number
                self._emit(edition, edition.scene(number), reader, ink)
        finally:
            clock.stop()

    def _emit(self, edition: Edition, scene: Scene, reader: Pictures | None, ink: CaptionInk) -> None:
        assert reader is not None
        picture = reader.at(scene.source_tick) or nothing(640, 360)
        tall = reader.painted(scene, ink.width, ink.height, ink)
        self.shown.emit(Shown(image_of(tall), image_of(smaller(picture, WIDE)), scene.number, scene.source_tick))


def wide_at(reader: PictureReader, tick: int, width: int) -> QImage:
    """A small picture of the source, for lanes and posters."""
    return image_of(smaller(reader.at(tick), width))

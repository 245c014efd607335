"""What time it is while a short plays: by the sound that was played, or by the wall clock."""

from __future__ import annotations

import time
from typing import Any, Protocol

from standtall.media.sound_reader import MIX_RATE, Samples


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
    """Plays samples and tells the time by those heard: played, less what the device says of its delay, and `late_s` more that it
    does not say."""

    def __init__(self, samples: Samples, device: Any, late_s: float = 0.0) -> None:
        self._samples, self._device, self._late = samples, device, late_s
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
        return max(0.0, self._at / MIX_RATE - self._latency - self._late)

    def stop(self) -> None:
        if self._stream is not None:
            self._stream.stop()
            self._stream.close()
            self._stream = None


_chosen = [""]


def choose_device(name: str) -> None:
    """Play on a device by its name from now on; "" is the one that the system has."""
    _chosen[0] = name


def output_devices() -> tuple[str, ...]:
    """Names of the devices that can be played on."""
    try:
        import sounddevice

        return tuple(dict.fromkeys(str(d["name"]) for d in sounddevice.query_devices() if d["max_output_channels"] >= 2))
    except Exception:  # noqa: BLE001 - as below
        return ()


def sound_device() -> Any | None:
    """The sound library when this machine has a device to play on, else None. A chosen device that is gone is not missed: the
    one of the system is played on."""
    try:
        import sounddevice

        if _chosen[0] in output_devices():
            sounddevice.default.device = (None, _chosen[0])
        sounddevice.query_devices(kind="output")
    except Exception:  # noqa: BLE001 - the library raises its own kinds, and OSError where it is not installed
        return None
    return sounddevice

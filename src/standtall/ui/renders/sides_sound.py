"""What is heard while two pictures are compared: one of their sounds, whose clock both follow."""

from __future__ import annotations

from collections.abc import Callable

from PySide6.QtWidgets import QWidget

from standtall.library import settings
from standtall.media.sound_reader import Samples
from standtall.ui.preview.clocks import Clock, SoundClock, WallClock, sound_device
from standtall.ui.state.workspace import Workspace


class SidesSound:
    """Reads, starts and stops a sound beside the interface. Without a sound or a device the wall clock goes on alone."""

    def __init__(self, workspace: Workspace, owner: QWidget) -> None:
        self._ws, self._owner = workspace, owner
        self._clock: Clock | None = None
        self._wish = 0
        """Counts what was asked for, so that what comes too late is stopped."""

    def start(
        self, read: Callable[[], Samples | None], at_s: float, begun: Callable[[bool], None], failed: Callable[[], None]
    ) -> None:
        """Play what `read` gives, from a time on; `begun` is told whether anything is heard, `failed` hears of what cannot be
        read or played. A new start stops the one before."""
        self.stop()
        wish = self._wish

        def work() -> tuple[Clock, bool]:
            samples = read()
            device = None if samples is None else sound_device()
            clock: Clock = WallClock()
            if samples is not None and device is not None:
                clock = SoundClock(samples, device, settings.load()[0].sound_late_ms / 1000)
            clock.start(at_s, 1.0)
            return clock, device is not None

        def arrived(made: tuple[Clock, bool]) -> None:
            clock, heard = made
            if wish != self._wish:
                self._end(clock)
                return
            self._clock = clock
            begun(heard)

        self._ws.in_background_or("trial", work, arrived, failed, self._owner)

    def now(self) -> float | None:
        """Seconds that have played, None where nothing plays."""
        return None if self._clock is None else self._clock.now()

    def stop(self) -> None:
        self._wish += 1
        clock, self._clock = self._clock, None
        if clock is not None:
            self._end(clock)

    def _end(self, clock: Clock) -> None:
        """A device takes its time to stop."""
        self._ws.in_background("trial", clock.stop, lambda _none: None)

"""The finished sound of what is on the Bench, worked out after each change of it."""

from __future__ import annotations

from collections.abc import Callable
from typing import Final

from PySide6.QtCore import QObject, QTimer, Signal

from standtall.base.errors import Cancelled
from standtall.base.progress import Progress
from standtall.compose.composition import Composition
from standtall.session.hearing import Heard, Hearing, Mixed
from standtall.ui.threads.dispatcher import Failed
from standtall.ui.threads.queues import Queues

MEASURED_MS: Final = 500
"""The sound of a short is measured so long after it was worked out, unless it was edited again."""


class _Wanted(Progress):
    """Stops work whose result nobody waits for any more, and all of it as the window closes."""

    def __init__(self, is_wanted: Callable[[], bool], closing: Progress) -> None:
        super().__init__()
        self._is_wanted, self._closing = is_wanted, closing

    def check(self) -> None:
        self._closing.check()
        if not self._is_wanted():
            raise Cancelled


class Sounding(QObject):
    """Holds the sound of one composition; `changed` tells of another, `track_ready` of its samples (None where there are none),
    which are there before they are measured. `is_open` says whether a composition is what is on the Bench."""

    changed = Signal()
    track_ready = Signal(object, object)

    def __init__(
        self, queues: Queues, is_open: Callable[[Composition], bool], closing: Progress, failed: Failed, parent: QObject
    ) -> None:
        super().__init__(parent)
        self._queues, self._is_open, self._closing, self._failed = queues, is_open, closing, failed
        self._hearing = Hearing()
        """Used in the thread of the sound alone."""
        self._of: Composition | None = None
        self._heard: Heard | None = None

    def of(self, composition: Composition) -> Heard | None:
        """That of a composition; None while it is still being worked out."""
        return self._heard if self._of is composition else None

    def make(self, composition: Composition) -> None:
        """Work out and measure the sound of what is on the Bench now."""
        progress = _Wanted(lambda: self._is_open(composition), self._closing)

        def work() -> Mixed | None:
            try:
                progress.check()
                return self._hearing.mixed(composition, progress)
            except Cancelled:
                return None

        def arrived(found: Mixed | None) -> None:
            self.track_ready.emit(composition, None if found is None else found.track)
            if found is not None:
                # it is measured when no other edit follows at once, which costs nothing where it was measured before
                QTimer.singleShot(0 if isinstance(found.known, Heard) else MEASURED_MS, self, lambda: measure(found))

        def measure(found: Mixed) -> None:
            if self._is_open(composition):
                self._queues.do("sound", lambda: self._measured(found, progress), heard, self._failed)

        def heard(found: Heard | None) -> None:
            if found is not None and self._is_open(composition):
                self._of, self._heard = composition, found
                self.changed.emit()

        self._queues.do("sound", work, arrived, self._failed)

    def _measured(self, found: Mixed, progress: Progress) -> Heard | None:
        try:
            progress.check()
            return self._hearing.measured(found, progress)
        except Cancelled:
            return None

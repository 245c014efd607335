"""What the short would look like while something is dragged: worked out beside the interface, the newest wish only."""

from __future__ import annotations

from collections.abc import Callable

from PySide6.QtCore import QObject, Signal

from standtall.base.errors import StandTallError
from standtall.compose.composition import Composition, reframed
from standtall.framing.camera import Camera, tried
from standtall.model.edits import Edit
from standtall.model.short import Short
from standtall.session.composing import worked_out
from standtall.ui.state.opened import Opened
from standtall.ui.threads.queues import Queues


class Trial(QObject):
    """`changed` carries the composition as it would be. Nothing is kept but by `kept`: what was on the Bench, and the edit that
    is made in the end."""

    changed, kept = Signal(object), Signal(object, object)

    def __init__(self, queues: Queues, parent: QObject) -> None:
        super().__init__(parent)
        self._queues = queues
        self._wanted: tuple[Opened, Callable[[Short], Edit], int | None] | None = None
        self._busy, self._drags = False, 0
        self.camera: Camera | None = None
        """That of what is tried, while there is something."""

    def show(self, opened: Opened, make: Callable[[Short], Edit], tick: int | None = None) -> None:
        """Show what an edit of the short's framing would make of the shot at a tick of the source on the Bench; without a tick,
        what one of its captions would make of them."""
        self._wanted = opened, make, tick
        self._next()

    def end(self) -> None:
        """Nothing is dragged any more; what is shown stays until the edit comes."""
        self._wanted, self.camera = None, None
        self._drags += 1  # what is still being worked out is too late

    def finish(self, opened: Opened, make: Callable[[Short], Edit] | None) -> None:
        """What was dragged is let go: `make` is the edit that counts, None where nothing was changed."""
        self.end()
        if make is not None:
            self.kept.emit(opened, make)
        else:
            self.changed.emit(opened.composition)

    def _next(self) -> None:
        if self._busy or self._wanted is None:
            return
        (opened, make, tick), self._wanted, self._busy = self._wanted, None, True

        def work() -> tuple[Composition, Camera | None]:
            short = make(opened.entry.short).short
            if tick is None:
                return worked_out(short, opened.composition.footage), None
            camera = tried(opened.camera, short, opened.source, tick)
            return reframed(opened.composition, short, opened.source.key, camera), camera

        drag = self._drags
        self._queues.do("trial", work, lambda made: self._came(drag, *made), self._failed, self)

    def _came(self, drag: int, composition: Composition, camera: Camera | None) -> None:
        self._busy = False
        if drag == self._drags:
            self.camera = camera
            self.changed.emit(composition)
        self._next()

    def _failed(self, _error: StandTallError) -> None:
        self._busy = False  # an edit that changes nothing has nothing to show
        self._next()

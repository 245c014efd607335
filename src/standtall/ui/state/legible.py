"""Whether the captions of the short on the Bench can be read over their picture: looked at by itself once nobody has edited for a
while, in a queue of its own; what is found joins the notices."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from typing import Final

from PySide6.QtCore import QObject, QTimer, Signal

from standtall.base import log
from standtall.base.errors import StandTallError
from standtall.base.progress import Progress, Step
from standtall.compose.composition import Composition
from standtall.model import caption_edits
from standtall.model.style import Changes
from standtall.session.look_behind import Legibility, hard_to_read, legibility, legible_change
from standtall.ui.state.editor import Editor
from standtall.ui.threads.queues import Queues

CALM_MS: Final = 4000
"""A short is looked at when it has not been edited for so long."""


class Legible(QObject):
    """`found` is what was found in `seen`; `changed` tells of both, `stepped` how far the looking is, 0..100."""

    changed = Signal()
    stepped = Signal(int)
    made_legible = Signal(str)
    """Which change made all captions legible."""

    def __init__(self, workspace: Editor, queues: Queues, fail: Callable[[StandTallError], None]) -> None:
        super().__init__(workspace)
        self._ws, self._queues, self._fail = workspace, queues, fail
        self.found: Legibility | None = None
        self.seen: Composition | None = None
        self._progress: Progress | None = None
        self._waits = False
        self._calm = QTimer(self)
        self._calm.setSingleShot(True)
        self._calm.setInterval(CALM_MS)
        self._calm.timeout.connect(self._look_by_itself)
        for signal in (workspace.opened_changed, workspace.composition_changed):
            signal.connect(self._edited)

    @property
    def busy(self) -> bool:
        return self._progress is not None

    def look(self) -> None:
        """Look at all captions of the short now, as somebody asks."""
        self._begin(self._fail)

    def _begin(self, fail: Callable[[StandTallError], None]) -> None:
        opened = self._ws.opened
        if opened is None or self.busy:
            return
        self._calm.stop()
        progress = Progress(self._step)
        self._progress = progress
        self._ws.closing.also_cancels(progress)
        composition, copies = opened.composition, opened.copies
        self._queues.do(
            "legible",
            lambda: legibility(composition, copies, progress),
            lambda found: self._came(progress, composition, found),
            lambda error: self._failed(progress, error, fail),
            self,
        )
        self.changed.emit()

    def stop(self) -> None:
        """Look at no more captions."""
        if self._progress is not None:
            self._progress.cancel()

    def wait(self, waits: bool) -> None:
        """Begin nothing by itself for a while: pictures that are played come first."""
        self._waits = waits

    def make_legible(self) -> None:
        """Take the slightest change with which every word has enough contrast."""
        opened, found = self._ws.opened, self.found
        if opened is None or found is None:
            return
        names: list[str] = []

        def arrived(changes: Changes) -> None:
            self._ws.edit(lambda s, _a: caption_edits.set_style(s, changes), opened)
            self.made_legible.emit(names[-1])

        self._queues.do("legible", lambda: legible_change(found, names.append), arrived, self._fail, self)

    # what happens

    def _edited(self) -> None:
        opened = self._ws.opened
        if opened is not None and self.seen is not None and _looks_alike(opened.composition, self.seen):
            self.seen = opened.composition
            self._join()
            return
        self.stop()
        self.found = self.seen = None
        self._calm.stop()
        if opened is not None and opened.entry.short.captions.shown and opened.composition.cards:
            self._calm.start()
        self.changed.emit()

    def _look_by_itself(self) -> None:
        if self.busy or self._waits:  # busy with the state before, which is being given up
            self._calm.start()
            return
        self._begin(lambda error: log.note(f"captions were not looked at: {error}"))

    def _step(self, step: Step) -> None:
        """From the thread that looks."""
        self._ws.dispatcher.send(lambda: self.stepped.emit(round(100 * step.share)), self)

    def _came(self, progress: Progress, composition: Composition, found: Legibility) -> None:
        if self._progress is progress:
            self._progress = None
        opened = self._ws.opened
        if opened is not None and opened.composition is composition:
            self.found, self.seen = found, composition
            self._join()
        self.changed.emit()

    def _failed(self, progress: Progress, error: StandTallError, fail: Callable[[StandTallError], None]) -> None:
        if self._progress is progress:
            self._progress = None
        fail(error)
        self.changed.emit()

    def _join(self) -> None:
        """Put what was found among the notices of the short."""
        opened, found = self._ws.opened, self.found
        if opened is None or found is None:
            return
        others = tuple(n for n in opened.notices if n.kind != "hard to read")
        notices = (*others, *hard_to_read(opened.composition, found))
        if notices != opened.notices:
            self._ws.opened = replace(opened, notices=notices)
            self._ws.notices_changed.emit()


def _looks_alike(one: Composition, other: Composition) -> bool:
    """Whether captions and picture of two states are the same, whatever else was edited."""
    if one is other:
        return True
    a, b = one.short, other.short
    if (a.captions, a.cut, a.framing, a.extras, a.output) != (b.captions, b.cut, b.framing, b.extras, b.output):
        return False
    same_cameras = one.footage.keys() == other.footage.keys() and all(
        footage.camera is other.footage[key].camera for key, footage in one.footage.items()
    )
    return same_cameras and one.cards == other.cards

"""Ways to drive the real window in tests."""

from __future__ import annotations

from collections.abc import Callable

from PySide6.QtCore import QPoint
from pytestqt.qtbot import QtBot

from standtall.jobs.events import Ended, Event
from standtall.jobs.requests import Request
from standtall.model.short import Short
from standtall.ui.app.window import MainWindow
from standtall.ui.preview.player import Player
from standtall.ui.preview.player import Shown as Picture

WAIT = 300_000
"""Milliseconds after which a test gives up: a machine that gives it a tenth of a core is no fault of the code."""


class Still:
    """Stands in for the work of a request: it is begun and says nothing by itself."""

    def __init__(self, request: Request, listener: Callable[[Event], None], begun: list[Still]) -> None:
        self.request, self.listener, self._begun = request, listener, begun

    def start(self) -> None:
        """Only now it may speak: the queue has told that it runs."""
        self._begun.append(self)

    def cancel(self) -> None:
        self.listener(Ended("stopped"))


class Work:
    """All work that was begun, each with its request; `tell` lets it say something."""

    def __init__(self, window: MainWindow) -> None:
        self.window = window
        self.begun: list[Still] = []
        window.workspace.jobs.queue.backend = self._begin

    def _begin(self, request: Request, listener: Callable[[Event], None]) -> Still:
        return Still(request, listener, self.begun)

    def tell(self, qtbot: QtBot, number: int, *events: Event) -> None:
        """Let the work with a number (-1 for the newest) say things, and wait until the window has heard them."""
        for event in events:
            with qtbot.waitSignal(
                self.window.workspace.jobs.heard, timeout=WAIT, check_params_cb=lambda _n, _r, e, x=event: e == x
            ):
                self.begun[number].listener(event)


class Shown:
    """The pictures that a player has shown since. It stays connected: the player tells of them from its own thread, and what is
    still on its way when a listener leaves would reach it after its end."""

    def __init__(self, player: Player) -> None:
        self.pictures: list[Picture] = []
        player.shown.connect(lambda picture: self.pictures.append(picture))

    def wait(self, qtbot: QtBot, frame: int | None = None) -> Picture:
        """Until one is shown (of a frame, if given)."""

        def found() -> list[Picture]:
            return [p for p in self.pictures if frame is None or p.frame == frame]

        qtbot.waitUntil(lambda: bool(found()), timeout=WAIT)
        return found()[-1]


def edited(qtbot: QtBot, window: MainWindow, does: Callable[[], object]) -> None:
    with qtbot.waitSignal(window.workspace.composition_changed, timeout=WAIT):
        does()


def short_of(window: MainWindow) -> Short:
    assert window.workspace.opened is not None
    return window.workspace.opened.entry.short


def word_point(window: MainWindow, index: int) -> QPoint:
    script = window.bench.page
    page = script.page
    assert page is not None
    script.verticalScrollBar().setValue(int(page.rows[page.row_of(index)].top) - 200)
    box = dict(script.words.places(page.row_of(index)))[index]
    return QPoint(int(box.center().x()), int(box.center().y()) - script.verticalScrollBar().value())

"""Runs the outbox: alone, until it is stopped; whatever goes wrong in one step is logged, and it goes on."""

from __future__ import annotations

import threading
from collections.abc import Callable
from typing import Final

from standtall.base.errors import Cancelled, NothingToDo, StandTallError
from standtall.base.interface_language import tr
from standtall.base.log import note, unforeseen
from standtall.base.progress import Progress
from standtall.library.channels import channels
from standtall.posts.alone import Alone
from standtall.posts.clients import Clients
from standtall.posts.credentials import Credentials
from standtall.posts.outbox import Outbox
from standtall.posts.post_store import PostStore

LOOK_S: Final = 2.0
"""How soon a change of the calendar is seen."""
AFTER_FAULT_S: Final = 30.0
STOP_S: Final = 15.0
"""How long is waited for a channel that is being talked to when the outbox is stopped."""


def run_outbox(
    progress: Progress, once: bool = False, quiet: bool = False, told: Callable[[str], None] = note, bus: str = "SESSION"
) -> None:
    """Raises `NothingToDo` where another outbox runs (unless it is to be `quiet`); ends when the work is cancelled."""
    alone = Alone()
    if not alone.take():
        if quiet:
            return
        raise NothingToDo(tr("An outbox runs already."), tr("Nothing needs to be done: it brings all posts out."))
    lanes = _Lanes(progress, once, bus)
    try:
        lanes.start()
        told(tr("The outbox runs."))
        lanes.watch()
    except Cancelled:
        return
    finally:
        lanes.end()
        alone.release()


class _Lanes:
    """A thread for each channel, so that a slow one holds up no other, and one for posts whose channel is not there any more."""

    def __init__(self, progress: Progress, once: bool, bus: str) -> None:
        self._progress, self._once, self._bus = progress, once, bus
        self._stopped = threading.Event()
        self._threads: dict[str, threading.Thread] = {}

    def start(self) -> None:
        """Begin with each channel that has none yet. Raises `ProjectError` where the posts cannot be read."""
        PostStore().close()
        for name in ("", *(c.name for c in channels())):
            if name not in self._threads:
                self._threads[name] = threading.Thread(
                    target=self._lane, args=(name,), name=f"outbox {name}".strip(), daemon=True
                )
                self._threads[name].start()

    def watch(self) -> None:
        """Until the work is cancelled, or where it is done `once`, until all are done; channels that are new get a thread,
        too."""
        while not self._once or any(t.is_alive() for t in list(self._threads.values())):
            self._progress.check()
            self._stopped.wait(0.1 if self._once else LOOK_S)
            if not self._once:
                try:
                    self.start()
                except StandTallError as error:
                    note(f"Outbox: {error}")

    def end(self) -> None:
        self._stopped.set()
        for thread in list(self._threads.values()):
            thread.join(STOP_S)

    def _lane(self, name: str) -> None:
        try:
            store = PostStore()
            try:
                clients = Clients(Credentials(self._bus), self._progress)
                outbox = Outbox(store, channels, clients.client_for, progress=self._progress, only=name)
                _work(outbox, store, self._progress, self._once, self._stopped)
            finally:
                store.close()
        except Cancelled:
            return
        except Exception as error:  # noqa: BLE001 - logged: the watch begins with this channel again
            unforeseen(error, tr("The outbox stopped working for {name}", name=name or tr("channels that are gone")))
            self._stopped.wait(AFTER_FAULT_S)
            self._threads.pop(name, None)


def _work(outbox: Outbox, store: PostStore, progress: Progress, once: bool, stopped: threading.Event) -> None:
    state = store.state()
    while True:
        progress.check()
        try:
            wait = outbox.step()
        except Cancelled:
            raise
        except StandTallError as error:
            note(f"Outbox: {error}")
            wait = AFTER_FAULT_S
        except Exception as error:  # noqa: BLE001 - logged: one post must not keep the others from going out
            unforeseen(error, tr("The outbox did not finish a step"))
            wait = AFTER_FAULT_S
        if once and wait > LOOK_S:
            return
        if stopped.is_set():
            return
        while wait > 0 and not stopped.wait(min(LOOK_S, wait)):
            progress.check()
            wait -= LOOK_S
            now = store.state()
            if now != state:  # somebody has changed the calendar
                state = now
                break

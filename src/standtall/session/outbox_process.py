"""Runs the outbox: alone, until it is stopped; whatever goes wrong in one step is logged, and it goes on."""

from __future__ import annotations

import threading
from collections.abc import Callable
from typing import Final

from standtall.base.errors import Cancelled, NothingToDo, StandTallError
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


def run_outbox(
    progress: Progress, once: bool = False, quiet: bool = False, told: Callable[[str], None] = note, bus: str = "SESSION"
) -> None:
    """Raises `NothingToDo` where another outbox runs (unless it is to be `quiet`); ends when the work is cancelled."""
    alone = Alone()
    if not alone.take():
        if quiet:
            return
        raise NothingToDo("An outbox runs already.", "Nothing needs to be done: it brings all posts out.")
    stopped = threading.Event()
    store = PostStore()
    try:
        clients = Clients(Credentials(bus), progress)
        outbox = Outbox(store, channels, clients.client_for, progress=progress)
        told("The outbox runs.")
        _work(outbox, store, progress, once, stopped)
    except Cancelled:
        return
    finally:
        store.close()
        alone.release()


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
            unforeseen(error, "The outbox did not finish a step")
            wait = AFTER_FAULT_S
        if once and wait > LOOK_S:
            return
        while wait > 0 and not stopped.wait(min(LOOK_S, wait)):
            progress.check()
            wait -= LOOK_S
            now = store.state()
            if now != state:  # somebody has changed the calendar
                state = now
                break

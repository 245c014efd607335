"""What is slow to import and not needed for the first screen, imported beside the window once that is there."""

from __future__ import annotations

import importlib
import sys
import threading
from typing import Any, Final

from standtall.base.priority import give_way, stand_behind
from standtall.posts.zones import zone_names
from standtall.ui.threads.dispatcher import Dispatcher

LATE: Final = (
    "scipy.ndimage",
    "scipy.sparse",
    "scipy.fft",
    "rapidfuzz",
    "snowballstemmer",
    "standtall.ui.app.preferences.preferences_sheet",
    "standtall.ui.app.about_sheet",
    "standtall.ui.app.keys_sheet",
    "standtall.ui.app.machines_sheet",
    "standtall.ui.app.pack_sheet",
    "standtall.ui.bench.cuts",
    "standtall.posts.server_client",
)
"""Each is imported by whoever needs it, where it is needed: a sheet as it is opened, a library in the function that calls it."""


class _Between:
    """Asked for each module before it is imported: a library has hundreds, and the interface goes before each of them."""

    def find_spec(self, *_names: object) -> None:
        give_way()


def load_late(dispatcher: Dispatcher) -> None:
    """Import all of it in a thread of its own, so that nobody waits for it later; and gather the time zones that there are."""

    def load() -> None:
        stand_behind(dispatcher.turns.for_thread())
        sys.meta_path.insert(0, between)
        try:
            load_each()
        finally:
            sys.meta_path.remove(between)

    def load_each() -> None:
        for name in LATE:
            if not threading.main_thread().is_alive():
                return
            importlib.import_module(name)
        zone_names()

    between: Any = _Between()
    # the end of the program waits for the module that is being imported: a thread that is cut off inside a library aborts it all
    threading.Thread(target=load, name="late imports", daemon=False).start()

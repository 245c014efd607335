"""What is slow to import and not needed for the first screen, imported beside the window once that is there."""

from __future__ import annotations

import importlib
import threading
from collections.abc import Callable, Sequence
from typing import Final

from standtall.posts.zones import zone_names

LATE: Final = (
    "scipy.linalg",
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


def load_for_bench() -> None:
    """Import what plans cameras, while a project is being opened."""
    _beside(("scipy.linalg",), lambda: None)


def load_late() -> None:
    """Import all of it in a thread of its own, so that nobody waits for it later; and gather the time zones that there are."""
    _beside(LATE, zone_names)


def _beside(names: Sequence[str], then: Callable[[], object]) -> None:
    def load() -> None:
        for name in names:
            if not threading.main_thread().is_alive():
                return
            importlib.import_module(name)
        then()

    # the end of the program waits for the module that is being imported: a thread that is cut off inside a library aborts it all
    threading.Thread(target=load, name="late imports", daemon=False).start()

"""What is slow to import and not needed for the first screen, imported beside the window once that is there."""

from __future__ import annotations

import importlib
import threading
from typing import Final

from standtall.posts.zones import zone_names

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


def load_late() -> None:
    """Import all of it in a thread of its own, so that nobody waits for it later; and gather the time zones that there are."""

    def load() -> None:
        for name in LATE:
            if not threading.main_thread().is_alive():
                return
            importlib.import_module(name)
        zone_names()

    # the end of the program waits for the module that is being imported: a thread that is cut off inside a library aborts it all
    threading.Thread(target=load, name="late imports", daemon=False).start()

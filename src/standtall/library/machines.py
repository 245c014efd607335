"""Where the scheduler is that other machines are reached by, as the user has set it."""

from __future__ import annotations

import os
from dataclasses import dataclass
from pathlib import Path
from typing import Final

from standtall.base.folders import settings_folder
from standtall.base.interface_language import tr
from standtall.library.own import read_own, write_own

SCHEDULER, KEY = "STAND_TALL_SCHEDULER", "STAND_TALL_SCHEDULER_KEY"
"""What a command says for itself alone goes before what is kept."""
NOWHERE: Final = ""


@dataclass(frozen=True, slots=True)
class Machines:
    """A scheduler at HOST:PORT, empty where this machine works alone, and the file of the key that all machines share, empty for
    the one of this machine's own."""

    scheduler: str = NOWHERE
    key: str = ""

    @property
    def used(self) -> bool:
        return bool(self.scheduler)


def _file() -> Path:
    return settings_folder() / "machines.json"


def load() -> tuple[Machines, str]:
    """-> (the setting, what was left out of it in a sentence or nothing)."""
    if SCHEDULER in os.environ:
        return Machines(os.environ[SCHEDULER], os.environ.get(KEY, "")), ""
    return read_own(_file(), Machines, Machines(), tr("Your machines"))


def save(machines: Machines) -> None:
    write_own(_file(), machines)

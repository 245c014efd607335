"""When the program was last begun, by the clock of the machine: one that was set back would send posts late and keep copies of
days that were."""

from __future__ import annotations

import contextlib
from datetime import datetime, timedelta
from typing import Final

from standtall.base.errors import StandTallError
from standtall.base.files import written_whole
from standtall.base.folders import state_folder

LEAST: Final = timedelta(hours=1)
"""Less is how clocks are set right."""
LONGEST: Final = 64
"""Bytes of the file at most."""


def clock_behind(now: datetime) -> timedelta:
    """How far the clock (`now`, with its time zone) is behind where it was at the last start, 0 where it is not by an hour. The
    start is kept as the last one; where that cannot be, work goes on without."""
    path = state_folder() / "last-start"
    behind = timedelta()
    with contextlib.suppress(OSError, ValueError, TypeError, OverflowError), path.open(encoding="ascii") as file:
        behind = datetime.fromisoformat(file.read(LONGEST).strip()) - now
    with contextlib.suppress(OSError, StandTallError), written_whole(path) as beside:
        beside.write_text(now.isoformat(timespec="seconds"), "ascii")
    return behind if behind >= LEAST else timedelta()

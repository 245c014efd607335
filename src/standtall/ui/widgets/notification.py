"""Tells the desktop that long work is done, where there is a desktop that listens (by `notify-send` of libnotify)."""

from __future__ import annotations

import shutil
import subprocess
from typing import Final

PROGRAM: Final = "notify-send"
PATIENCE_S: Final = 5


def notify(title: str, text: str) -> bool:
    """Show a notification; -> whether the desktop took it. Waits a few seconds at most: never call it in the interface thread."""
    program = shutil.which(PROGRAM)
    if program is None:
        return False
    try:
        command = [program, "--app-name=Stand Tall", "--", title, text]
        done = subprocess.run(command, timeout=PATIENCE_S, check=False, capture_output=True)
    except (OSError, subprocess.TimeoutExpired):
        return False
    return done.returncode == 0

"""A process ends with its code while threads are inside libraries."""

from __future__ import annotations

import subprocess
import sys

BUSY = """
import sys, threading, time, logging
from standtall.base.ending import leave
def work():
    while True:
        time.sleep(0.001)
for _ in range(4):
    threading.Thread(target=work).start()
print("said before")
leave({code})
"""


def test_threads_that_are_at_work_hold_nothing_up_and_what_was_said_arrives() -> None:
    for code in (0, 7):
        told = subprocess.run(
            [sys.executable, "-c", BUSY.format(code=code)], capture_output=True, text=True, timeout=60, check=False
        )
        assert (told.returncode, told.stdout, told.stderr) == (code, "said before\n", "")

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
            [sys.executable, "-c", BUSY.format(code=code)], capture_output=True, text=True, timeout=600, check=False
        )
        assert (told.returncode, told.stdout, told.stderr) == (code, "said before\n", "")


def test_the_program_begins_anew_in_the_same_process_with_other_arguments() -> None:
    code = "import os\nfrom standtall.base.ending import begin_anew\nprint(os.getpid())\nbegin_anew(['--version'])"
    process = subprocess.Popen([sys.executable, "-c", code], stdout=subprocess.PIPE, text=True)
    told, _ = process.communicate(timeout=600)
    assert told.splitlines()[0] == str(process.pid)
    assert told.splitlines()[1].startswith("stand-tall "), "what the command line says of itself"

"""The window opens without what is slow to import, which comes beside it afterwards."""

from __future__ import annotations

import importlib
import subprocess
import sys

import pytest

from standtall.ui.app.late import LATE

LISTED = """
import sys
from standtall.ui.app import application
first = set(sys.modules)
from standtall.ui.app import whole_window
print(len(first), " ".join(first), " ".join(sys.modules))
"""


def test_the_window_is_imported_without_what_comes_late_and_the_first_screen_without_the_other_places() -> None:
    told = subprocess.run([sys.executable, "-c", LISTED], capture_output=True, text=True, check=True, timeout=600)
    count, *names = told.stdout.split()
    first, there = set(names[: int(count)]), set(names[int(count) :])
    assert "standtall.ui.footage.place" in first
    assert not {n for n in first if n.startswith(("standtall.ui.bench", "standtall.ui.calendar", "standtall.ui.renders"))}
    assert "standtall.ui.bench.place" in there
    assert there.isdisjoint(LATE)
    assert "scipy" not in there


@pytest.mark.parametrize("name", LATE)
def test_all_that_comes_late_is_there(name: str) -> None:
    assert importlib.import_module(name).__name__ == name


def test_no_import_reads_the_source_of_what_it_imports() -> None:
    """Qt's binding does, unless it is asked not to."""
    code = "import builtins, PySide6.QtCore as _\nprint(builtins.__import__.__name__)\n"
    code += "import standtall.ui\nprint(builtins.__import__.__name__)"
    told = subprocess.run([sys.executable, "-c", code], capture_output=True, text=True, check=True, timeout=600)
    before, after = told.stdout.split()
    assert before == "__feature_import__" and after != before

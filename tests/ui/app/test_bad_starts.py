"""With something wrong on the machine the program opens, and says so."""

from __future__ import annotations

import json
import os
import subprocess
import sys
from datetime import UTC, datetime, timedelta

import pytest

from standtall.base.folders import settings_folder, state_folder
from standtall.base.log import log_file

FOLDERS = ("XDG_DATA_HOME", "XDG_CACHE_HOME", "XDG_CONFIG_HOME", "XDG_STATE_HOME")


def start(what: str, **environment: str) -> str:
    ran = subprocess.run(
        [sys.executable, "-m", "tests.ui.start_run", what], env={**os.environ, **environment},
        capture_output=True, text=True, timeout=600, check=True,
    )  # fmt: skip
    assert "open: True, in footage" in ran.stdout, ran.stdout + ran.stderr
    assert "Traceback" not in ran.stderr
    return ran.stdout


def test_no_folder_of_ones_own_to_write_in() -> None:
    said = start("", **{name: f"/dev/null/{name}" for name in FOLDERS})
    assert "Your settings cannot be read (Not a directory)" in said
    assert "Project.standtall could not be made. Check that the folder's name is right and that it exists." in said


@pytest.mark.fault
def test_a_disk_that_takes_nothing_more() -> None:
    """That the posts could not be saved was told as a damaged file, to be moved away."""
    said = start("full disk")
    assert "Project.standtall could not be written" in said
    assert "The posts could not be saved" in said and "damaged" not in said


@pytest.mark.fault
def test_letters_that_are_missing_are_told_of() -> None:
    assert "The letters that come with the program are missing" in start("no letters")


@pytest.mark.parametrize("broken", ['{"recent": [1,', '{"window": {"x": 1e99, "y": 0, "width": -1, "height": 0}}'])
def test_settings_that_are_broken(broken: str) -> None:
    settings_folder().mkdir(parents=True)
    (settings_folder() / "settings.json").write_text(broken, encoding="utf-8")
    assert "error: Your settings cannot be" in start("")


@pytest.mark.fault
def test_what_is_wrong_with_the_last_start_is_told_of_once() -> None:
    """A clock that was set back, a screen that is gone, a crash; and a dark window has light drawings on its buttons."""
    for folder in (settings_folder(), state_folder(), log_file().parent):
        folder.mkdir(parents=True, exist_ok=True)
    there = {"x": 90_000, "y": 200, "width": 1280, "height": 800, "whole": False}
    (settings_folder() / "settings.json").write_text(json.dumps({"window": there, "theme": "dark"}), encoding="utf-8")
    (state_folder() / "last-start").write_text((datetime.now(UTC) + timedelta(hours=49, minutes=5)).isoformat(), "ascii")
    (log_file().parent / "crash-4711.txt").write_text("Fatal Python error: Segmentation fault\n", "utf-8")
    said = start("")
    assert "note: The screen that the window was on is gone, so it is on this one now." in said
    assert "error: The clock of this machine is 49 hours behind the last start." in said
    assert "error: The program broke off the last time. What you had changed is on disk" in said
    assert "Segmentation fault" in log_file().read_text("utf-8")
    assert int(next(line for line in said.splitlines() if line.startswith("play button: ")).split()[-1]) > 150
    assert "error" not in start(""), "without sound, and with nothing wrong"

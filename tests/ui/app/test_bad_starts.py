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


def test_a_machine_without_sound_and_with_nothing_wrong_says_nothing() -> None:
    assert "error" not in start("")


@pytest.mark.fault
def test_a_window_that_begins_dark_has_light_drawings_on_its_buttons() -> None:
    settings_folder().mkdir(parents=True)
    (settings_folder() / "settings.json").write_text('{"theme": "dark"}', encoding="utf-8")
    light = next(line for line in start("").splitlines() if line.startswith("play button: "))
    assert int(light.split()[-1]) > 150


def test_a_clock_that_was_set_back_is_told_of_once() -> None:
    state_folder().mkdir(parents=True)
    (state_folder() / "last-start").write_text((datetime.now(UTC) + timedelta(hours=49, minutes=5)).isoformat(), "ascii")
    assert "error: The clock of this machine is 49 hours behind the last start." in start("")
    assert "clock" not in start("")


def test_a_screen_that_is_gone_at_the_start_is_told_of() -> None:
    settings_folder().mkdir(parents=True)
    there = {"x": 90_000, "y": 200, "width": 1280, "height": 800, "whole": False}
    (settings_folder() / "settings.json").write_text(json.dumps({"window": there}), encoding="utf-8")
    assert "note: The screen that the window was on is gone, so it is on this one now." in start("")


@pytest.mark.fault
def test_a_crash_of_the_last_start_is_told_of_once_and_kept_in_the_log() -> None:
    log_file().parent.mkdir(parents=True)
    (log_file().parent / "crash-4711.txt").write_text("Fatal Python error: Segmentation fault\n", "utf-8")
    assert "error: The program broke off the last time. What you had changed is on disk" in start("")
    assert "Segmentation fault" in log_file().read_text("utf-8")
    assert "broke off" not in start("")

"""A clock that was set back is told from one that is set right."""

from __future__ import annotations

from datetime import UTC, datetime, timedelta, timezone
from pathlib import Path

import pytest

from standtall.base.folders import state_folder
from standtall.library.last_start import clock_behind

NOON = datetime(2031, 5, 4, 12, 0, tzinfo=UTC)


def test_only_an_hour_and_more_counts_and_only_once() -> None:
    assert clock_behind(NOON) == timedelta(), "there was no start before"
    assert clock_behind(NOON + timedelta(days=300)) == timedelta()
    assert clock_behind(NOON) == timedelta(days=300)
    assert clock_behind(NOON) == timedelta()
    assert clock_behind(NOON - timedelta(minutes=59)) == timedelta()


def test_summer_time_and_travel_are_no_change_of_the_clock() -> None:
    clock_behind(NOON)
    assert clock_behind(NOON.astimezone(timezone(timedelta(hours=-9))) + timedelta(seconds=1)) == timedelta()


@pytest.mark.parametrize("kept", ["", "soon", "2031-05-04T12:00:00", "9" * 400, "\N{SNOWMAN}"])
def test_what_was_kept_may_be_anything(kept: str) -> None:
    state_folder().mkdir(parents=True)
    (state_folder() / "last-start").write_text(kept, "utf-8")
    assert clock_behind(NOON) == timedelta()
    assert clock_behind(NOON - timedelta(hours=2)) == timedelta(hours=2), "it is kept anew"


def test_a_folder_that_cannot_be_written_is_no_error(monkeypatch: pytest.MonkeyPatch, tmp_path: Path) -> None:
    monkeypatch.setenv("XDG_STATE_HOME", "/dev/null/none")
    assert clock_behind(NOON) == timedelta()

"""Times of the day in zones. The changes of clocks are those of the IANA Time Zone Database, as `zdump -v` prints them."""

from __future__ import annotations

import re
import shutil
import subprocess
from datetime import UTC, date, datetime

import pytest

from standtall.base.errors import NothingToDo
from standtall.posts.zones import DayTime, at_day_time, day_of, local, minute_of, moved, own_zone, zone_named, zone_names


def utc(text: str) -> int:
    return round(datetime.fromisoformat(f"{text}+00:00").timestamp())


@pytest.mark.parametrize(
    ("day", "minute", "zone", "found"),
    [
        (date(2027, 3, 28), 150, "Europe/Berlin", DayTime(utc("2027-03-28 01:30"), "not there", utc("2027-03-28 00:30"))),
        (date(2027, 10, 31), 150, "Europe/Berlin", DayTime(utc("2027-10-31 00:30"), "twice", utc("2027-10-31 01:30"))),
        (date(2027, 7, 1), 720, "Europe/Berlin", DayTime(utc("2027-07-01 10:00"))),
        (date(2027, 4, 4), 105, "Australia/Lord_Howe", DayTime(utc("2027-04-03 14:45"), "twice", utc("2027-04-03 15:15"))),
        (date(2027, 1, 1), 0, "Asia/Kathmandu", DayTime(utc("2026-12-31 18:15"))),
    ],
)
def test_a_time_of_a_day_is_a_moment_or_is_said_to_be_none(day: date, minute: int, zone: str, found: DayTime) -> None:
    assert at_day_time(day, minute, zone) == found


def test_a_post_that_is_moved_keeps_its_time_of_the_day_over_a_change_of_clocks() -> None:
    before = at_day_time(date(2027, 3, 27), 17 * 60, "Europe/Berlin").at
    after = moved(before, "Europe/Berlin", days=1).at
    assert after - before == 23 * 3600
    assert (day_of(after, "Europe/Berlin"), minute_of(after, "Europe/Berlin")) == (date(2027, 3, 28), 17 * 60)


def test_zones_have_names_and_others_are_refused() -> None:
    assert {"UTC", "Europe/Berlin", "Asia/Kathmandu"} <= set(zone_names())
    assert own_zone() == "UTC" or "/" in own_zone()
    with pytest.raises(NothingToDo, match="not known"):
        zone_named("Nowhere/At-All")
    with pytest.raises(NothingToDo, match="not known"):
        zone_named("../../etc/passwd")


@pytest.mark.parametrize("zone", ["Europe/Berlin", "America/New_York", "Australia/Lord_Howe"])
def test_offsets_agree_with_the_systems_own_tables(zone: str) -> None:
    """Against `zdump -v`, where the system has it: the offset on both sides of every change of five years."""
    program = shutil.which("zdump")
    if program is None:
        pytest.skip("zdump is not installed")
    told = subprocess.run([program, "-v", "-c", "2026,2031", zone], capture_output=True, text=True, check=True).stdout
    found = re.findall(r"\w{3} (\w{3} +\d+ [\d:]{8} \d{4}) UT = .* gmtoff=(-?\d+)", told)
    assert len(found) >= 20
    for when, offset in found:
        at = round(datetime.strptime(when, "%b %d %H:%M:%S %Y").replace(tzinfo=UTC).timestamp())
        assert local(at, zone).utcoffset().total_seconds() == int(offset)  # type: ignore[union-attr]

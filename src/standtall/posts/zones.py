"""Times of the day in time zones, by the tables of the system or of the package `tzdata` (both: IANA Time Zone Database).

When clocks are put forward some times do not exist, when they are put back some come twice (PEP 495 for how Python tells the
two apart).
"""

from __future__ import annotations

import functools
from dataclasses import dataclass
from datetime import UTC, date, datetime, time, timedelta
from pathlib import Path
from typing import Literal
from zoneinfo import ZoneInfo, ZoneInfoNotFoundError, available_timezones

from standtall.base.errors import NothingToDo
from standtall.base.interface_language import tr

Kind = Literal["plain", "not there", "twice"]


@dataclass(frozen=True, slots=True)
class DayTime:
    """A time of a day in a zone: seconds since 1970 (UTC), and whether that time exists once. Of a time that is `not there`, `at`
    is as much later as the clocks are put forward, and `other` as much earlier; of one that comes `twice`, `at` is the first
    and `other` the second."""

    at: int
    kind: Kind = "plain"
    other: int | None = None


def zone_named(name: str) -> ZoneInfo:
    """Raises `NothingToDo` for a zone that is not known."""
    try:
        return ZoneInfo(name)
    except (ZoneInfoNotFoundError, ValueError, OSError) as error:
        told = f"The time zone “{name[:60]}” is not known here."
        raise NothingToDo(told, tr("Choose another one, such as Europe/Berlin.")) from error


@functools.cache
def zone_names() -> tuple[str, ...]:
    """Of all zones, by places; those without a place are left out but for UTC."""
    return (
        "UTC",
        *sorted(z for z in available_timezones() if "/" in z and not z.startswith(("Etc/", "SystemV/", "posix/", "right/"))),
    )


def own_zone() -> str:
    """The time zone of this machine; UTC where it does not say."""
    for name in (_linked(Path("/etc/localtime")), _written(Path("/etc/timezone"))):
        if _known(name):
            return "UTC" if name in ("Etc/UTC", "Etc/UCT", "Universal", "Zulu", "Etc/Universal", "Etc/Zulu") else name
    return "UTC"


def _known(name: str) -> bool:
    """Whether a zone is there; asking for all of them takes long."""
    try:
        zone_named(name)
    except NothingToDo:
        return False
    return True


def _linked(path: Path) -> str:
    try:
        return str(path.resolve()).partition("zoneinfo/")[2]
    except OSError:
        return ""


def _written(path: Path) -> str:
    try:
        return path.read_text("utf-8")[:100].strip()
    except (OSError, UnicodeDecodeError):
        return ""


def at_day_time(day: date, minute: int, zone: str) -> DayTime:
    """The moment at which clocks in a zone show a minute (0..1439) of a day."""
    place = zone_named(zone)
    wall = datetime.combine(day, time(minute // 60, minute % 60))
    first, second = (wall.replace(tzinfo=place, fold=fold) for fold in (0, 1))
    early, late = (round(t.timestamp()) for t in (first, second))
    if early == late:
        return DayTime(early)
    if early < late:
        return DayTime(early, "twice", late)
    return DayTime(early, "not there", late)


def local(at: int, zone: str) -> datetime:
    """The moment as clocks in a zone show it."""
    return datetime.fromtimestamp(at, UTC).astimezone(zone_named(zone))


def day_of(at: int, zone: str) -> date:
    return local(at, zone).date()


def minute_of(at: int, zone: str) -> int:
    """Minutes after midnight as clocks in a zone show it."""
    shown = local(at, zone)
    return shown.hour * 60 + shown.minute


def moved(at: int, zone: str, days: int = 0, minute: int | None = None) -> DayTime:
    """A moment some days on, at the same time of the day or at another `minute` of it."""
    return at_day_time(day_of(at, zone) + timedelta(days), minute_of(at, zone) if minute is None else minute, zone)

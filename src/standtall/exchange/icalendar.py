"""Posts as a calendar for other programs: iCalendar (RFC 5545), one event a post, in UTC."""

from __future__ import annotations

from collections.abc import Iterable, Iterator
from dataclasses import dataclass
from datetime import UTC, datetime
from typing import Final

LINE: Final = 75
"""Most bytes of a line, without its end (RFC 5545, 3.1)."""
LASTS: Final = "PT15M"


@dataclass(frozen=True, slots=True)
class CalendarEvent:
    """What stands in a calendar at a time (seconds since 1970); `uid` names it for good, `sure` says that it will be so."""

    uid: str
    at: int
    title: str
    text: str = ""
    link: str = ""
    category: str = ""
    sure: bool = True


def icalendar(events: Iterable[CalendarEvent], name: str, made_at: int) -> bytes:
    """A calendar as a file; lines are folded so that no letter is split."""
    lines = [
        "BEGIN:VCALENDAR",
        "VERSION:2.0",
        "PRODID:-//Stand Tall//Posts//EN",
        "CALSCALE:GREGORIAN",
        f"X-WR-CALNAME:{_text(name)}",
    ]
    for event in events:
        lines += _event(event, made_at)
    return "".join(f"{part}\r\n" for line in [*lines, "END:VCALENDAR"] for part in _folded(line)).encode("utf-8", "replace")


def _event(event: CalendarEvent, made_at: int) -> Iterator[str]:
    yield "BEGIN:VEVENT"
    yield f"UID:{_text(event.uid)}"
    yield f"DTSTAMP:{_time(made_at)}"
    yield f"DTSTART:{_time(event.at)}"
    yield f"DURATION:{LASTS}"
    yield f"SUMMARY:{_text(event.title)}"
    if event.text:
        yield f"DESCRIPTION:{_text(event.text)}"
    if event.link.isascii() and event.link.isprintable() and event.link:
        yield f"URL:{event.link}"
    if event.category:
        yield f"CATEGORIES:{_text(event.category)}"
    yield f"STATUS:{'CONFIRMED' if event.sure else 'TENTATIVE'}"
    yield "TRANSP:TRANSPARENT"
    yield "END:VEVENT"


def _time(at: int) -> str:
    return datetime.fromtimestamp(at, UTC).strftime("%Y%m%dT%H%M%SZ")


def _text(value: str) -> str:
    """A text with its special letters escaped (RFC 5545, 3.3.11); control letters, which no text may hold, are left out."""
    plain = "".join(c for c in value.replace("\r\n", "\n") if c in "\n\t" or (ord(c) >= 32 and ord(c) != 127))
    return plain.replace("\\", "\\\\").replace(";", "\\;").replace(",", "\\,").replace("\n", "\\n")


def _folded(line: str) -> Iterator[str]:
    part, size = "", 0
    for letter in line:
        width = len(letter.encode("utf-8", "replace"))
        if size + width > LINE:
            yield part
            part, size = " ", 1
        part, size = part + letter, size + width
    yield part

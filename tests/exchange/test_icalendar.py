"""Calendars read by an independent reader of RFC 5545 (the package `icalendar`)."""

from __future__ import annotations

from datetime import UTC, datetime

import icalendar as reader

from standtall.exchange.icalendar import CalendarEvent, icalendar

AT = 1_800_000_000


def test_events_come_back_as_they_were() -> None:
    text = "One; two, three\\four\nשלום 😀 " + "längere Zeile " * 20
    events = [
        CalendarEvent("a@stand-tall", AT, "Oddmarrow: Tide, mill; now", text, "https://example.org/1", "Oddmarrow"),
        CalendarEvent("b@stand-tall", AT + 60, "😀" * 60, sure=False),
    ]
    data = icalendar(events, "Posts", AT - 5)
    assert all(len(line) <= 75 for line in data.split(b"\r\n"))
    data.decode()
    found = list(reader.Calendar.from_ical(data).walk("VEVENT"))
    assert [str(e["SUMMARY"]) for e in found] == ["Oddmarrow: Tide, mill; now", "😀" * 60]
    assert str(found[0]["DESCRIPTION"]) == text and str(found[0]["URL"]) == "https://example.org/1"
    assert [e["DTSTART"].dt for e in found] == [datetime.fromtimestamp(AT + n, UTC) for n in (0, 60)]
    assert [str(e["STATUS"]) for e in found] == ["CONFIRMED", "TENTATIVE"]
    assert [str(e["UID"]) for e in found] == ["a@stand-tall", "b@stand-tall"]


def test_control_letters_and_links_that_are_none_are_left_out() -> None:
    data = icalendar([CalendarEvent("a", AT, "x\x00\x1by\tz", link="ja\nva")], "P", AT)
    (event,) = reader.Calendar.from_ical(data).walk("VEVENT")
    assert str(event["SUMMARY"]) == "xy\tz" and "URL" not in event

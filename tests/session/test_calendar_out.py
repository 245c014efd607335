from __future__ import annotations

import csv
from dataclasses import replace
from pathlib import Path

import icalendar as reader
import pytest

from standtall.base.errors import NothingToDo
from standtall.model.post import Post, PostText
from standtall.posts import post_edits
from standtall.session.calendar_out import COLUMNS, write_calendar
from tests.posts.made_posts import made_channel, made_post

CHANNEL = made_channel("one")


def post(number: int, when: int, title: str = "T") -> Post:
    made = made_post(number, "one", None, PostText(title, "=1+1", ("a", "b")))
    return replace(post_edits.scheduled(made, when, "Europe/Berlin", True), id=number)


def test_posts_are_rows_in_the_order_of_their_times_and_no_formulas(tmp_path: Path) -> None:
    posts = [post(1, 1_806_195_600), post(2, 1_800_000_000), made_post(3, "one", None)]
    write_calendar(tmp_path / "a.csv", posts, [CHANNEL])
    with (tmp_path / "a.csv").open(encoding="utf-8-sig", newline="") as file:
        rows = list(csv.DictReader(file))
    assert tuple(rows[0]) == COLUMNS and len(rows) == 2
    assert [(r["date"], r["time"], r["utc"]) for r in rows] == [
        ("2027-01-15", "09:00", "2027-01-15T08:00:00Z"), ("2027-03-28", "03:00", "2027-03-28T01:00:00Z"),
    ]  # fmt: skip
    assert rows[0]["description"] == "'=1+1" and rows[0]["hashtags"] == "#a #b" and rows[0]["shelf"] == ""


def test_the_same_as_icalendar_and_nothing_else(tmp_path: Path) -> None:
    write_calendar(tmp_path / "a.ics", [post(1, 1_800_000_000)], [CHANNEL])
    (event,) = reader.Calendar.from_ical((tmp_path / "a.ics").read_bytes()).walk("VEVENT")
    assert str(event["SUMMARY"]) == "One: T" and str(event["STATUS"]) == "TENTATIVE"
    with pytest.raises(NothingToDo, match=r"\.ics or \.csv"):
        write_calendar(tmp_path / "a.pdf", [], [])

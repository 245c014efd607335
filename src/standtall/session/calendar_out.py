"""The calendar for other programs: iCalendar or CSV."""

from __future__ import annotations

import csv
import io
import time
from collections.abc import Sequence
from pathlib import Path

from standtall.base.errors import NothingToDo
from standtall.base.files import write_whole
from standtall.base.interface_language import tr
from standtall.exchange.icalendar import CalendarEvent, icalendar
from standtall.model.channel import Channel
from standtall.model.post import Post
from standtall.posts.zones import local

COLUMNS = ("date", "time", "zone", "utc", "channel", "state", "short", "title", "description", "hashtags", "search words",
           "shelf", "audience", "link", "file", "views")  # fmt: skip


def write_calendar(path: Path, posts: Sequence[Post], channels: Sequence[Channel]) -> None:
    """All posts that have a time, the earliest first. Raises `NothingToDo` for an ending that is none of the two,
    `OutputError`."""
    titles = {c.name: c.title for c in channels}
    timed = sorted((p for p in posts if p.when is not None and p.state != "withdrawn"), key=lambda p: (p.when, p.channel))
    if path.suffix.lower() == ".ics":
        write_whole(path, icalendar([_event(p, titles) for p in timed], "Stand Tall posts", int(time.time())))
    elif path.suffix.lower() == ".csv":
        write_whole(path, _table(timed, titles).encode("utf-8-sig", "replace"))
    else:
        raise NothingToDo(
            tr("A calendar is not written as “{suffix}”.", suffix=path.suffix or path.name),
            tr("Give it the ending .ics or .csv."),
        )


def _event(post: Post, titles: dict[str, str]) -> CalendarEvent:
    channel = titles.get(post.channel, post.channel)
    title = post.text.title or post.short.name
    sure = post.state in ("waiting", "sending", "placed", "out", "draft")
    text = f"{post.text.description}\n\n{post.told}".strip()
    return CalendarEvent(f"{post.mark}@stand-tall", post.when or 0, f"{channel}: {title}", text, post.link, channel, sure)


def _table(posts: Sequence[Post], titles: dict[str, str]) -> str:
    out = io.StringIO()
    table = csv.writer(out, lineterminator="\r\n")  # RFC 4180
    table.writerow(COLUMNS)
    for post in posts:
        here, utc = local(post.when or 0, post.zone), local(post.when or 0, "UTC")
        text = post.text
        row = {
            "date": f"{here:%Y-%m-%d}", "time": f"{here:%H:%M}", "zone": post.zone, "utc": f"{utc:%Y-%m-%dT%H:%M:%SZ}",
            "channel": titles.get(post.channel, post.channel), "state": post.state, "short": post.short.name, "title": text.title,
            "description": text.description, "hashtags": " ".join(f"#{t}" for t in text.hashtags),
            "search words": ", ".join(text.search_words), "shelf": text.shelf, "audience": text.audience,
            "link": post.link or text.link, "file": post.file.path if post.file else "",
            "views": str(post.views) if post.views >= 0 else "",
        }  # fmt: skip
        table.writerow([_cell(row[name]) for name in COLUMNS])
    return out.getvalue()


def _cell(text: str) -> str:
    """What a table program would take for a formula is led by an apostrophe."""
    return f"'{text}" if text.startswith(("=", "+", "-", "@", "\t", "\r")) else text

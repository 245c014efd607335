"""Commands of posts: the outbox, the simulated channels, the list of posts, and the way from footage to the calendar by rule."""

from __future__ import annotations

import argparse
from collections.abc import Callable
from datetime import UTC, datetime
from pathlib import Path
from typing import TYPE_CHECKING

from standtall.base.errors import NothingToDo
from standtall.base.progress import Progress

if TYPE_CHECKING:
    from standtall.cli.reporter import Reporter

AddCommand = Callable[[str, str], argparse.ArgumentParser]


def add_commands(command: AddCommand) -> None:
    outbox = command("outbox", "Bring posts to their channels when they are due, until it is stopped.")
    outbox.add_argument("--once", action="store_true", help="stop when nothing is due any more")
    outbox.add_argument("--quiet-if-running", action="store_true", help="end well where another outbox runs")
    outbox.add_argument("--install", action="store_true", help="start it with the session from now on")
    outbox.add_argument("--uninstall", action="store_true", help="start it by itself no more")
    channels = command("channels", "Run the simulated channels on this machine, to try posting on.")
    channels.add_argument("--channel", action="append", default=[], help="only this one; may be given again")
    posts = command("posts", "List posts, or write the calendar for other programs.")
    posts.add_argument("--out", type=Path, help="file to write: .ics (iCalendar) or .csv")
    posts.add_argument("--channel", default="", help="only those for this channel")


def outbox(chosen: argparse.Namespace, reporter: Reporter, progress: Progress) -> int:
    """Work until it is stopped, or until nothing is due."""
    from standtall.posts.background import install, uninstall
    from standtall.session.outbox import run_outbox

    if chosen.install or chosen.uninstall:
        reporter.note("outbox", install() if chosen.install else uninstall())
        return 0
    run_outbox(
        progress, once=chosen.once, quiet=chosen.quiet_if_running, told=lambda text: reporter.note("outbox", text, told=text)
    )
    return 0


def channels(chosen: argparse.Namespace, reporter: Reporter, progress: Progress) -> int:
    from standtall.session.simulated import run_channels

    run_channels(tuple(chosen.channel), progress, lambda text: reporter.note("channel", text, told=text))
    return 0


def posts(chosen: argparse.Namespace, reporter: Reporter, _progress: Progress) -> int:
    from standtall.library.channels import channels as all_channels
    from standtall.posts.store import PostStore
    from standtall.session.calendar_out import write_calendar

    store = PostStore()
    try:
        found = [p for p in store.posts() if chosen.channel in ("", p.channel)]
    finally:
        store.close()
    if chosen.out is not None:
        write_calendar(chosen.out, found, all_channels())
        reporter.note("calendar", f"{chosen.out}: {len(found)} posts", file=str(chosen.out), posts=len(found))
        return 0
    if not found:
        raise NothingToDo("There are no posts.", "Make some in the calendar of the window.")
    for post in sorted(found, key=lambda p: (p.when is None, p.when or 0)):
        when = "no time yet" if post.when is None else f"{datetime.fromtimestamp(post.when, UTC):%Y-%m-%d %H:%M} UTC"
        reporter.result(f"{when}  {post.channel}  {post.state}  {post.short.name}", post)
    return 0

"""Commands of posts: the outbox, the simulated channels, the list of posts, and the way from footage to the calendar by rule."""

from __future__ import annotations

import argparse
from collections.abc import Callable
from datetime import UTC, datetime
from pathlib import Path
from typing import TYPE_CHECKING

from standtall.base.errors import NothingToDo
from standtall.base.interface_language import count_of, tr
from standtall.base.progress import Progress
from standtall.cli.reporter import NOT_RIGHT
from standtall.cli.whole_job import lengths_of

if TYPE_CHECKING:
    from standtall.cli.reporter import Reporter

AddCommand = Callable[[str, str], argparse.ArgumentParser]


def add_commands(command: AddCommand) -> None:
    outbox = command("outbox", tr("Bring posts to their channels when they are due, until it is stopped."))
    outbox.add_argument("--once", action="store_true", help=tr("stop when nothing is due any more"))
    outbox.add_argument("--quiet-if-running", action="store_true", help=tr("end well where another outbox runs"))
    outbox.add_argument("--install", action="store_true", help=tr("start it with the session from now on"))
    outbox.add_argument("--uninstall", action="store_true", help=tr("start it by itself no more"))
    channels = command("channels", tr("Run the simulated channels on this machine, to try posting on."))
    channels.add_argument("--channel", action="append", default=[], help=tr("only this one; may be given again"))
    rule = command("rule", tr("Bring footage into the calendar by rule: best moments, rendered, checked, planned."))
    rule.add_argument("footage", nargs="+", help=tr("files, links, or folders"))
    rule.add_argument("--out", type=Path, required=True, help=tr("folder for the finished files"))
    rule.add_argument("--project", type=Path, help=tr("project for the shorts (default: one of the program's own)"))
    rule.add_argument("--best", type=int, default=3, help=tr("so many moments of each (default: 3)"))
    rule.add_argument("--length", type=lengths_of, default=(15.0, 44.0), help=tr("shortest and longest, such as 15-44"))
    rule.add_argument("--look", default="", help=tr("name of the caption look"))
    rule.add_argument("--watch", action="store_true", help=tr("go on with files that come into the folders, until stopped"))
    rule.add_argument("--approve", action="store_true", help=tr("let what is ready go out; without this it waits for approval"))
    posts = command("posts", tr("List posts, or write the calendar for other programs."))
    posts.add_argument("--out", type=Path, help=tr("file to write: .ics (iCalendar) or .csv"))
    posts.add_argument("--channel", default="", help=tr("only those for this channel"))


def outbox(chosen: argparse.Namespace, reporter: Reporter, progress: Progress) -> int:
    """Work until it is stopped, or until nothing is due."""
    from standtall.posts.background import install, uninstall
    from standtall.session.outbox_process import run_outbox

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


def rule(chosen: argparse.Namespace, reporter: Reporter, progress: Progress) -> int:
    """Footage into the calendar; -> 8 where a step failed."""
    from standtall.jobs.events import Event, RuleStepped
    from standtall.jobs.requests import RoutineRequest
    from standtall.model.routine import Routine
    from standtall.session.by_rule import usual_project
    from standtall.session.run import run

    failed = False

    def tell(event: Event) -> None:
        nonlocal failed
        if isinstance(event, RuleStepped):
            step = event.step
            failed |= step.state == "failed"
            line = f"{step.footage}: {step.step} {step.state} {step.told}".rstrip()
            reporter.note("step", line, footage=step.footage, step=step.step, state=step.state, told=step.told)

    footage = tuple(f if "://" in f else str(Path(f).absolute()) for f in chosen.footage)
    project = str((chosen.project or usual_project()).absolute())
    least, most = chosen.length
    out = str(chosen.out.absolute())
    routine = Routine(footage, project, out, chosen.best, least, most, chosen.look, chosen.watch, chosen.approve)
    run(RoutineRequest(routine), tell, progress)
    return NOT_RIGHT if failed else 0


def posts(chosen: argparse.Namespace, reporter: Reporter, _progress: Progress) -> int:
    from standtall.library.channels import channels as all_channels
    from standtall.posts.post_store import PostStore
    from standtall.session.calendar_out import write_calendar

    store = PostStore()
    try:
        found = [p for p in store.posts() if chosen.channel in ("", p.channel)]
    finally:
        store.close()
    if chosen.out is not None:
        write_calendar(chosen.out, found, all_channels())
        reporter.note("calendar", f"{chosen.out}: {count_of(len(found), 'post')}", file=str(chosen.out), posts=len(found))
        return 0
    if not found:
        raise NothingToDo(tr("There are no posts."), tr("Make some in the calendar of the window."))
    for post in sorted(found, key=lambda p: (p.when is None, p.when or 0)):
        when = tr("no time yet") if post.when is None else f"{datetime.fromtimestamp(post.when, UTC):%Y-%m-%d %H:%M} UTC"
        told = f"{when}  {post.channel}  {post.state}  {post.short.name}"
        reporter.note("post", told, when=post.when, channel=post.channel, state=post.state, short=post.short.name, link=post.link,
                      views=post.views, told=post.told)  # fmt: skip
    return 0

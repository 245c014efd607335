"""Commands of processes and machines that help with tasks."""

from __future__ import annotations

import argparse
import json
import os
import queue
import sys
import threading
from collections.abc import Callable
from pathlib import Path
from typing import TYPE_CHECKING, Final

from standtall.base.errors import ProjectError
from standtall.base.interface_language import tr
from standtall.base.progress import Progress

if TYPE_CHECKING:
    from standtall.cli.reporter import Reporter
    from standtall.jobs.events import Event

LONGEST_LINE: Final = 64_000_000
LISTEN: Final = "127.0.0.1:8790"


def help_out(_chosen: argparse.Namespace, reporter: Reporter, progress: Progress) -> int:
    """Tasks from standard input, a line each, events to standard output, until the input ends: with it whoever asked is gone, and
    so is this process, whatever it is doing."""
    import cv2

    from standtall.base.reading import Unreadable, json_of
    from standtall.jobs.events import Answered, Progressed
    from standtall.jobs.tasks import Task
    from standtall.model.codec import to_plain
    from standtall.session.analysis_tasks import carried_out

    cv2.setNumThreads(1)  # the other cores have helpers of their own
    lines: queue.Queue[str] = queue.Queue()

    def read() -> None:
        while line := sys.stdin.readline(LONGEST_LINE):
            lines.put(line)
        os._exit(0)

    def tell(event: Event) -> None:
        print(json.dumps(to_plain(event)), flush=True)

    def told(stage: str, share: float) -> None:
        work.report(stage, share)

    work = Progress(lambda step: tell(Progressed(step.stage, round(step.share, 4))))
    progress.also_cancels(work)
    reporter.tell_problems_to(tell)
    threading.Thread(target=read, name="tasks", daemon=True).start()
    while True:
        line = lines.get()
        try:
            text = str(json_of(line, LONGEST_LINE))
        except Unreadable as error:
            raise ProjectError(tr("The task cannot be read: {error}.", error=error), tr("Ask for it again.")) from error
        tell(Answered(carried_out(Task("", text), told).text))


def use_scheduler(chosen: argparse.Namespace) -> None:
    """Let what a command says of a scheduler hold for all that it does."""
    from standtall.library.machines import KEY, SCHEDULER

    if getattr(chosen, "scheduler", None) is not None:
        os.environ[SCHEDULER] = chosen.scheduler
        os.environ[KEY] = str(chosen.key or "")


def new_key(chosen: argparse.Namespace, reporter: Reporter, _progress: Progress) -> int:
    from standtall.jobs.machines.shared_key import make_key

    make_key(chosen.file)
    text = tr("{file}: copy it to each machine that helps, by a way that nobody else can read.", file=chosen.file)
    reporter.result(text, {"file": str(chosen.file)})
    return 0


def scheduler(chosen: argparse.Namespace, reporter: Reporter, progress: Progress) -> int:
    """Beyond this machine it listens only where a key is named, since that of this machine alone is nowhere else."""
    from standtall.jobs.machines.client import host_and_port
    from standtall.jobs.machines.serving import serve
    from standtall.jobs.machines.shared_key import checked_key, own_key

    host = host_and_port(chosen.listen)[0]
    if chosen.key is None and host not in ("127.0.0.1", "localhost", "::1"):
        raise ProjectError(
            tr("Without a key it listens to this machine alone."),
            tr("Make one with: stand-tall new-key FILE, name it with --key."),
        )
    key = own_key() if chosen.key is None else checked_key(chosen.key)
    serve(
        chosen.listen, key, progress,
        lambda at: reporter.note("scheduler", tr("Scheduler at {at}  (stop it with Ctrl+C)", at=at), address=at),
    )  # fmt: skip
    return 0


def workers(chosen: argparse.Namespace, reporter: Reporter, progress: Progress) -> int:
    from standtall.jobs.helpers import usual_count
    from standtall.jobs.machines.serving import work
    from standtall.library.machines import Machines
    from standtall.session.helping import key_of

    key = key_of(Machines(chosen.scheduler, str(chosen.key or "")))
    begun: Callable[[int], None] = lambda count: reporter.note(  # noqa: E731 - one line, said once
        "workers",
        tr("{count} at work for {scheduler}  (stop them with Ctrl+C)", count=count, scheduler=chosen.scheduler),
        count=count,
    )
    work(chosen.scheduler, key, chosen.processes or usual_count(), chosen.shared, chosen.keep, progress, begun)
    return 0


def machines(chosen: argparse.Namespace, reporter: Reporter, _progress: Progress) -> int:
    from standtall.jobs.machines.client import connected, machines_seen
    from standtall.library.machines import Machines, load
    from standtall.session.helping import key_of

    there = Machines(chosen.scheduler, str(chosen.key or "")) if chosen.scheduler else load()[0]
    if not there.used:
        raise ProjectError(tr("This machine works alone."), tr("Name a scheduler with --scheduler HOST:PORT."))
    with connected(there.scheduler, key_of(there)) as client:
        for seen in machines_seen(client):
            doing = ", ".join(seen.doing) or tr("nothing")
            text = f"{seen.name} ({seen.host}): {doing}" + ("" if seen.fits else "  " + tr("OTHER VERSION: is given nothing"))
            reporter.note("machine", text, name=seen.name, host=seen.host, fits=seen.fits, doing=list(seen.doing))
    return 0


def add_commands(command: Callable[[str, str], argparse.ArgumentParser]) -> None:
    """What these commands take."""

    def ends(of: argparse.ArgumentParser, needed: bool = False) -> None:
        of.add_argument("--scheduler", required=needed, metavar="HOST:PORT", help=tr("where the scheduler is"))
        of.add_argument("--key", type=Path, help=tr("file of the key that all machines share (default: this machine's own)"))

    made = command("new-key", tr("Make the key that machines which work together share."))
    made.add_argument("file", type=Path)
    serving = command("scheduler", tr("Hand tasks out to workers on many machines."))
    serving.add_argument("--listen", default=LISTEN, metavar="HOST:PORT", help=tr("default: {address}", address=LISTEN))
    serving.add_argument("--key", type=Path, help=tr("file of the key that all machines share"))
    helping = command("workers", tr("Let this machine help a scheduler."))
    ends(helping, needed=True)
    helping.add_argument("--processes", type=int, default=0, help=tr("so many at once (default: as many as there are cores)"))
    helping.add_argument(
        "--shared", type=Path, action="append", default=[], help=tr("folder with footage; may come several times")
    )
    helping.add_argument(
        "--keep", type=float, default=50.0, metavar="GB", help=tr("so much fetched footage is kept (default: 50)")
    )
    ends(command("machines", tr("Say which machines help, and what each does.")))

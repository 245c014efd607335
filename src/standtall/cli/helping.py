"""Commands of processes and machines that help with tasks."""

from __future__ import annotations

import argparse
import json
import os
import queue
import sys
import threading
from typing import TYPE_CHECKING, Final

from standtall.base.errors import ProjectError
from standtall.base.progress import Progress

if TYPE_CHECKING:
    from standtall.cli.reporter import Reporter
    from standtall.jobs.events import Event

LONGEST_LINE: Final = 64_000_000


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
            raise ProjectError(f"The task cannot be read: {error}.", "Ask for it again.") from error
        tell(Answered(carried_out(Task("", text), told).text))

"""Tasks that other machines carry out: those of an analysis, and whole renders, with the files that they need."""

from __future__ import annotations

import json
import os
import tempfile
from collections.abc import Callable
from dataclasses import dataclass, replace
from pathlib import Path
from typing import Final

from standtall.base.errors import Cancelled, OutputError, StandTallError
from standtall.base.files import content_key, write_whole
from standtall.base.interface_language import tr
from standtall.base.progress import Progress
from standtall.base.reading import Unreadable, json_of
from standtall.jobs.events import Ended, Event, Problem, Progressed, Rendered, Told
from standtall.jobs.machines.asker import Link
from standtall.jobs.machines.media_here import media_here
from standtall.jobs.machines.serving import KEY
from standtall.jobs.process import Job
from standtall.jobs.requests import RenderFootage, RenderRequest
from standtall.jobs.tasks import Answer, MediaFile, Task
from standtall.library.machines import SCHEDULER
from standtall.library.own_fonts import own_fonts
from standtall.media.probe import probe
from standtall.model.codec import from_plain, to_plain
from standtall.model.form import BESIDE
from standtall.session.analysis_tasks import LONGEST, AnalysisTask, answer_to, with_path
from standtall.session.unpacking import relinked

SHIPS: Final = ("sticker:", "music:", "effect:")
COVERS: Final = (".png", ".jpg")
FONT: Final = "font:"
"""Before the name of a font, in place of where it lies."""


@dataclass(frozen=True, slots=True)
class Given:
    """A task as it is written down."""

    task: AnalysisTask | RenderRequest


def carry_on_machine(task: Task, asker: str, number: str) -> Answer:
    """Carry a task out on this machine for whoever asks; called by the engine in a worker."""
    import cv2

    cv2.setNumThreads(1)
    with Link(asker, number, Path(os.environ[KEY])) as link:
        given = from_plain(Given, json_of(task.text, LONGEST)).task
        there = media_here(task.media, link)
        if isinstance(given, RenderRequest):
            return _rendered(given, there, set(task.makes), link)
        path = there.get(given.source.path) if given.kind == "look" else None
        return answer_to(given if path is None else with_path(given, path), link.told)


def _rendered(request: RenderRequest, there: dict[str, str], makes: set[str], link: Link) -> Answer:
    """Render in a process of its own, in a folder that goes afterwards; its data folder holds the fonts that were sent."""
    with tempfile.TemporaryDirectory(prefix="stand-tall-") as folder:
        out = Path(folder) / "out" / Path(request.out).name
        out.parent.mkdir()
        fonts = Path(folder) / "stand-tall" / "fonts"
        fonts.mkdir(parents=True)
        for path, here in there.items():
            if path.startswith(FONT):
                (fonts / Path(path).name).symlink_to(here)
        footage = tuple(
            RenderFootage(replace(f.source, path=there.get(f.source.path, f.source.path)), f.analysis) for f in request.footage
        )
        asked = replace(request, short=relinked(request.short, there), footage=footage, out=str(out))
        events: list[Event] = []

        def hear(event: Event) -> None:
            events.append(event)
            if isinstance(event, Progressed):
                link.tell_so_far(event.stage, event.share)

        job = Job(asked, hear, {"XDG_DATA_HOME": folder, SCHEDULER: ""})  # here, and not on a machine that this one knows of
        job.start()
        while not job.wait(0.3):
            if link.progress.stopped:
                job.cancel()
        problem = next((e for e in events if isinstance(e, Problem)), None)
        if problem is not None:
            raise StandTallError(problem.message, problem.hint)
        if events[-1:] != [Ended("done")]:
            raise Cancelled
        said = [to_plain(Told(e)) for e in events if isinstance(e, Rendered)]
        files = {p.name: p.read_bytes() for p in out.parent.iterdir() if p.name in makes}
        return Answer(json.dumps(said), files)


def _media(request: RenderRequest) -> list[MediaFile]:
    """All files that a render reads and that do not ship."""
    short = request.short
    used = [(f.source.path, f.source.key) for f in request.footage]
    used += [(f.path, f.key) for f in (*short.files, *short.pictures, *short.sounds)]
    return [MediaFile(key, path) for path, key in dict.fromkeys(used) if not path.startswith(SHIPS)]


def _fonts() -> list[MediaFile]:
    """All of the user's own fonts: which a render uses is told by their families, which the text engine alone knows."""
    return [MediaFile(content_key(path), FONT + path.name) for path in own_fonts()]


class RenderSupply:
    """A render as the one task that it is: what comes back is written under its final names, and told."""

    def __init__(self, request: RenderRequest, tell: Callable[[Event], None], progress: Progress) -> None:
        self._request, self._tell, self._progress = request, tell, progress
        out = Path(request.out)
        beside = [out.with_suffix(ending).name for ending in BESIDE] + [f"{out.stem} cover{ending}" for ending in COVERS]
        text = json.dumps(to_plain(Given(request)))
        self._task: Task | None = Task(out.stem, text, (*_media(request), *_fonts()), (out.name, *beside))
        self._over = False

    @property
    def over(self) -> bool:
        return self._over

    def take(self) -> Task | None:
        task, self._task = self._task, None
        return task

    def told(self, task: Task, stage: str, share: float) -> None:
        self._progress.report(stage, share)

    def took(self, task: Task, answer: Answer) -> None:
        out = Path(self._request.out)
        made = _made(answer)
        if out.name not in answer.files or not set(answer.files) <= set(task.makes):
            raise StandTallError(tr("A machine sent other files than it was asked for."), tr("Render it on this machine alone."))
        if made.size_bytes != len(answer.files[out.name]):
            raise StandTallError(
                tr("A machine sent a file that is not the one it told of."), tr("Render it on this machine alone.")
            )
        for name in sorted(answer.files, key=lambda n: n == out.name):  # the short itself last: with it all is there
            write_whole(out.with_name(name), answer.files[name])
        try:
            _check(out, made)
        except StandTallError:
            out.unlink(missing_ok=True)
            raise
        self._over = True
        self._tell(replace(made, file=self._request.out))


def _made(answer: Answer) -> Rendered:
    try:
        events = [from_plain(Told, e).event for e in json_of(answer.text, LONGEST)]
    except (Unreadable, TypeError) as error:
        raise StandTallError(
            tr("The answer of a machine cannot be read: {error}.", error=error), tr("Render it on this machine alone.")
        ) from error
    made = next((e for e in events if isinstance(e, Rendered)), None)
    if made is None:
        raise StandTallError(tr("A machine did not say what it made."), tr("Render it on this machine alone."))
    return made


def _check(out: Path, made: Rendered) -> None:
    """Whether a file is what a machine says of it: read here, not believed."""
    if not made.width:
        return  # sound alone
    source = probe(out)
    if (source.width, source.height) != (made.width, made.height) or abs(source.length / 48_000 - made.length_s) > 0.5:
        raise OutputError(tr("A machine sent a file that is not what it told of."), tr("Render it on this machine alone."))

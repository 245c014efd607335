"""The renders of the window: those in the queue and those that are over, kept on disk."""

from __future__ import annotations

import os
from dataclasses import dataclass, field, replace
from datetime import datetime
from pathlib import Path
from typing import Final, Literal

from PySide6.QtCore import QObject, QStandardPaths, Signal

from standtall.base.folders import state_folder
from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND
from standtall.jobs.events import Ended, Event, Problem, Progressed, Rendered, Started
from standtall.jobs.requests import RenderRequest, Request
from standtall.library import settings
from standtall.library.own import read_own, write_own
from standtall.model.proof import Finding
from standtall.ui.state.jobs import Jobs
from standtall.ui.threads.dispatcher import Failed, Worker

MOST: Final = 300
STAGES: Final = {
    "sound": tr("Levelling the sound"), "render": tr("Rendering"), "check": tr("Checking the file"),
    "proof": tr("Looking at every frame"),
    "shakes": tr("Measuring shake"),
}  # fmt: skip
SHARES: Final = {"shakes": (0.0, 0.0), "sound": (0.0, 0.03), "render": (0.03, 0.87), "check": (0.87, 0.88), "proof": (0.88, 1.0)}
"""From where to where each stage fills the bar."""
RowState = Literal["waiting", "running", "done", "failed", "stopped"]


@dataclass(frozen=True, slots=True)
class Poster:
    """Where the picture of a row is: a moment of a source."""

    path: str
    rotation: int
    tick: int


@dataclass(frozen=True, slots=True)
class Row:
    """A render as it is shown: the name of the short, the form in words, the file, and how it stands. `told` is what was
    measured, or why it failed."""

    name: str
    form: str
    file: str
    state: RowState
    told: str = ""
    when: str = ""
    findings: tuple[Finding, ...] = ()
    number: int = 0
    """Of its short in its project."""
    project: str = ""
    """The project's file."""
    poster: Poster | None = None


@dataclass(frozen=True, slots=True)
class Over:
    """Rows that are over, newest first, as they are kept."""

    rows: tuple[Row, ...] = ()


@dataclass(slots=True)
class Live:
    """A render in the queue."""

    number: int
    request: RenderRequest
    row: Row
    stage: str = ""
    share: float = 0.0
    left_s: float | None = None
    problem: str = field(default="")


def whole_share(stage: str, share: float) -> float:
    """How much of a render is done, 0..1."""
    first, last = SHARES.get(stage, (0.0, 0.0))
    return first + (last - first) * share


def form_told(request: RenderRequest) -> str:
    """The form of a render in words."""
    form, output = request.form, request.short.output
    if form.sound_alone:
        return tr("sound alone, {format}", format=form.sound_alone.upper())
    codec = {"h264": "H.264", "hevc": "HEVC", "av1": "AV1", "vp9": "VP9"}[form.codec]
    language = request.short.captions.language
    return f"{output.width} × {output.height}, {codec}" + (tr(", captions in {language}", language=language) if language else "")


class Renders(QObject):
    """`changed` tells of another set of rows, `moved` that one has come further."""

    changed, moved = Signal(), Signal()

    def __init__(self, jobs: Jobs, thread: Worker, failed: Failed, parent: QObject) -> None:
        super().__init__(parent)
        self._jobs, self._thread, self._failed = jobs, thread, failed
        self.live: list[Live] = []
        self.over: tuple[Row, ...] = ()
        self._requests: dict[str, RenderRequest] = {}
        """By file, of those that are over and were asked for in this window: they can be asked for again."""
        self.paused = False
        self.at_once = usual_at_once()
        self._helping = 0
        jobs.queue.at_once("render", self.at_once)
        jobs.queue.kept_elsewhere = frozenset({"render"})
        self.project: Path | None = None
        """The project that is open."""
        self.asked: set[int] = set()
        """Numbers of those that were asked for here."""
        self.folder = video_folder()
        """Where finished files go: the one that was chosen last, at first the desktop's own for videos."""
        self.replaces = False
        """Whether finished files are written over those of the same name."""
        thread.do(lambda: settings.load()[0], self._remembered, failed)
        jobs.heard.connect(self._heard)
        path = state_folder() / "renders.json"
        thread.do(lambda: read_own(path, Over, Over(), tr("Finished renders"))[0], self._read, failed)

    def _remembered(self, found: settings.Settings) -> None:
        self.replaces = found.replace_files
        self.folder = Path(found.render_folder) if found.render_folder else self.folder
        self.changed.emit()

    def know_project(self, path: Path | None) -> None:
        self.project = path

    def set_folder(self, folder: Path) -> None:
        """Write finished files into a folder from now on."""
        self.folder = folder
        self._thread.do(lambda: settings.save(settings.load()[0].with_render_folder(str(folder))), None, self._failed)
        self.changed.emit()

    def set_replaces(self, replaces: bool) -> None:
        """Write finished files over those of the same name from now on, or give them numbers."""
        self.replaces = replaces
        self._thread.do(lambda: settings.save(replace(settings.load()[0], replace_files=replaces)), None, self._failed)

    def waited_for(self) -> frozenset[str]:
        """The files of those in the queue."""
        return frozenset(live.request.out for live in self.live)

    def _read(self, found: Over) -> None:
        self.over = (*self.over, *found.rows)[:MOST]
        self.changed.emit()

    def ask(self, requests: list[RenderRequest]) -> None:
        """Put renders at the end of the queue."""
        for request in requests:
            number = self._jobs.ask(request)
            self.asked.add(number)
            self._add(number, request)
        self.changed.emit()

    def _add(self, number: int, request: RenderRequest) -> Live:
        project = str(self.project or "")
        row = Row(request.short.name, form_told(request), request.out, "waiting", number=request.number, project=project,
                  poster=poster_of(request))  # fmt: skip
        made = Live(number, request, row)
        self.live.append(made)
        return made

    def again(self, row: Row) -> bool:
        """Ask for one that is over once more, as it was asked for; -> whether that is still known."""
        request = self._requests.get(row.file)
        if request is not None:
            self.ask([request])
        return request is not None

    def can_again(self, row: Row) -> bool:
        return row.file in self._requests

    def cancel(self, number: int) -> None:
        self._jobs.cancel(number)

    def sooner(self, number: int) -> None:
        """Let one that waits go before the one in front of it."""
        waiting = [n for n, live in enumerate(self.live) if live.row.state == "waiting"]
        at = next((n for n in waiting if self.live[n].number == number), None)
        if at is not None and waiting.index(at) > 0:
            self.live.insert(waiting[waiting.index(at) - 1], self.live.pop(at))
            self._jobs.sooner(number)
            self.changed.emit()

    def before(self, number: int, other: int) -> None:
        """Let one that waits go right before another that waits, or last where `other` is none."""
        moved = next((k for k in self.live if k.number == number and k.row.state == "waiting"), None)
        if moved is None or number == other:
            return
        self.live.remove(moved)
        at = next((n for n, k in enumerate(self.live) if k.number == other), len(self.live))
        self.live.insert(at, moved)
        self._jobs.before(number, other)
        self.changed.emit()

    def set_helping(self, workers: int) -> None:
        """So many workers of other machines help: each is given a render, where that is more than are rendered at once here."""
        self._helping = workers
        self._jobs.queue.at_once("render", max(self.at_once, workers))

    def set_at_once(self, most: int) -> None:
        """Render so many at the same time."""
        self.at_once = most
        self.set_helping(self._helping)
        self.changed.emit()

    def set_paused(self, paused: bool) -> None:
        """Begin no other render, or go on."""
        self.paused = paused
        (self._jobs.queue.pause if paused else self._jobs.queue.go_on)("render")
        self.changed.emit()

    def clear_over(self) -> None:
        """Forget those that are over; their files stay."""
        self.over, self._requests = (), {}
        self._keep()
        self.changed.emit()

    def _heard(self, number: int, request: Request, event: Event) -> None:
        if not isinstance(request, RenderRequest):
            return
        live = next((k for k in self.live if k.number == number), None)
        if live is None:
            live = self._add(number, request)
            self.changed.emit()
        if isinstance(event, Started):
            live.row = replace(live.row, state="running")
            self.changed.emit()
        elif isinstance(event, Progressed):
            live.stage, live.share, live.left_s = event.stage, event.share, event.left_s
            self.moved.emit()
        elif isinstance(event, Rendered):
            live.row = replace(live.row, told=_measured(event), findings=event.findings)
        elif isinstance(event, Problem):
            live.problem = f"{event.message} {event.hint}".strip()
        elif isinstance(event, Ended):
            self._end(live, event)

    def _end(self, live: Live, event: Ended) -> None:
        self.live.remove(live)
        told = live.row.told if event.state == "done" else (live.problem or tr("It was stopped. Nothing was left behind."))
        when = datetime.now().astimezone().strftime("%Y-%m-%d %H:%M")
        state: RowState = event.state if event.state in ("done", "failed") else "stopped"
        row = replace(live.row, state=state, told=told, when=when)
        self._requests[row.file] = live.request
        self.over = (row, *(r for r in self.over if r.file != row.file))[:MOST]
        self._keep(live.number)
        self.changed.emit()

    def _keep(self, ended: int | None = None) -> None:
        """Write the rows down; then the queue may forget the one that `ended`."""
        rows, path, jobs = Over(self.over), state_folder() / "renders.json", self._jobs

        def kept(_none: None) -> None:
            if ended is not None:
                jobs.queue.end_kept(ended)

        self._thread.do(lambda: write_own(path, rows), kept, self._failed)


def _measured(event: Rendered) -> str:
    """What was measured in a finished file, in one line."""
    parts = [tr("{size_bytes:.1f} MB", size_bytes=event.size_bytes / 1000000.0), tr("{length_s:.1f} s", length_s=event.length_s)]
    if event.width:
        parts.append(tr("{fps:g} fps", fps=event.fps))
    if event.loudness_lufs is not None and event.true_peak_dbtp is not None:
        parts += [
            tr("{loudness_lufs:.1f} LUFS", loudness_lufs=event.loudness_lufs),
            tr("true peak {true_peak_dbtp:.1f} dBTP", true_peak_dbtp=event.true_peak_dbtp),
        ]
    return ", ".join(parts) + (tr(", {captions} captions", captions=event.captions) if event.captions else "")


def usual_at_once() -> int:
    """How many renders use all cores: each keeps about two busy."""
    return max(1, (os.cpu_count() or 1) // 2)


def poster_of(request: RenderRequest) -> Poster | None:
    """The moment in which its first words are said."""
    first = request.short.segments[0] if request.short.segments else None
    source = next((f.source for f in request.footage if first is not None and f.source.key == first.source), None)
    if first is None or source is None or not source.has_picture:
        return None
    return Poster(source.path, source.rotation, min(first.start + TICKS_PER_SECOND, (first.start + first.end) // 2))


def video_folder() -> Path:
    """The desktop's own folder for videos, or "Videos" in the home folder."""
    known = QStandardPaths.writableLocation(QStandardPaths.StandardLocation.MoviesLocation)
    return (Path(known) if known else Path.home() / tr("Videos")) / "Stand Tall"


def folder_of(row: Row) -> Path:
    return Path(row.file).parent

"""Footage by rule into the calendar: fetched, analysed, its best moments made shorts, rendered, checked, and planned.

Each step can be stopped and is gone on with where it was broken off: analyses are kept, shorts are known by their passages,
renders by what they were made of, posts by their short and channel. Nothing is approved that has a red check.
"""

from __future__ import annotations

import time
from collections.abc import Callable, Sequence
from dataclasses import dataclass, replace
from pathlib import Path
from typing import Final

from standtall.base.errors import Cancelled, NothingToDo, StandTallError
from standtall.base.folders import data_folder
from standtall.base.interface_language import tr
from standtall.base.log import unforeseen
from standtall.base.progress import Progress
from standtall.cutting import by_words
from standtall.jobs.events import Event, Rendered, RuleStepped
from standtall.jobs.requests import AnalyseRequest, RenderRequest
from standtall.library.cache import AnalysisCache
from standtall.library.channels import channels
from standtall.library.project import Project
from standtall.media.link import ENDINGS, fetch
from standtall.media.probe import probe
from standtall.model.analysis import Analysis
from standtall.model.brief import Brief
from standtall.model.channel import Channel
from standtall.model.moment import Moment
from standtall.model.post import PostFile
from standtall.model.proof import Finding
from standtall.model.routine import Routine, RuleState, RuleStep
from standtall.model.short import Short
from standtall.model.source import Source
from standtall.moments.finder import Wish
from standtall.posts import post_edits
from standtall.posts.filling import filled
from standtall.posts.post_store import PostStore
from standtall.session.analyse import Options
from standtall.session.begin import begun
from standtall.session.best import Record, waiting_files
from standtall.session.find_moments import finder_for
from standtall.session.post_shorts import PostShort, cover_of, first_text, fits, post_file, post_shorts
from standtall.session.render_many import Wanted, requests

LOOK_S: Final = 2.0
Tell = Callable[[Event], None]
Analyse = Callable[[AnalyseRequest], Analysis]
Render = Callable[[RenderRequest], Rendered]
Files = dict[int, list[tuple[Path, tuple[Finding, ...]]]]
"""Finished files by the number of their short, with what their check said."""


@dataclass(frozen=True, slots=True)
class Hands:
    """What a routine is done with: who analyses, renders, hears of steps, and stops it."""

    analyse: Analyse
    render: Render
    tell: Tell
    progress: Progress


def usual_project() -> Path:
    """Where the shorts of routines are, unless another project is named."""
    return data_folder() / "projects" / "by-rule.standtall"


def run_routine(routine: Routine, hands: Hands) -> None:
    """Do all of it; a folder is watched until the work is stopped. One piece of footage that fails never stops the rest. Raises
    `NothingToDo` where nothing is named or a folder is none, `ProjectBusy` where the project is open elsewhere."""
    if not routine.footage:
        raise NothingToDo(tr("No footage is named."), tr("Name a file, a link, or a folder that footage comes into."))
    folders = [Path(f) for f in routine.footage if Path(f).is_dir()]
    others = [f for f in routine.footage if not Path(f).is_dir()]
    if routine.watch and not folders:
        raise NothingToDo(tr("There is no folder to watch."), tr("Name one that footage comes into."))
    work = _Work(routine, hands)
    for one in others:
        work.do(one)
    sizes: dict[Path, tuple[int, int]] = {}
    done: dict[Path, tuple[int, int]] = {}
    for folder in folders:
        waiting_files(folder, sorted(ENDINGS), sizes)
    while folders:
        _wait(hands.progress)
        ready = [p for folder in folders for p in waiting_files(folder, sorted(ENDINGS), sizes) if done.get(p) != sizes[p]]
        for path in ready:
            done[path] = sizes[path]
            work.do(str(path))
        if not routine.watch and not ready and sizes.keys() <= done.keys():
            return


def _wait(progress: Progress) -> None:
    until = time.monotonic() + LOOK_S
    while time.monotonic() < until:
        progress.check()
        time.sleep(0.1)


class _Work:
    """One piece of footage after the other."""

    def __init__(self, routine: Routine, hands: Hands) -> None:
        self._routine, self._hands = routine, hands
        self._cache = AnalysisCache()
        self._name = ""

    def do(self, footage: str) -> None:
        self._name = Path(footage).name or footage
        try:
            self._all(footage)
        except Cancelled:
            raise
        except StandTallError as error:
            self._tell("stopped", "failed", f"{error.message} {error.hint}".strip())
        except Exception as error:  # noqa: BLE001 - logged: one piece of footage never stops the rest
            self._tell("stopped", "failed", str(unforeseen(error, tr("{name} was not finished", name=self._name))))

    def _tell(self, step: str, state: RuleState, told: str = "") -> None:
        self._hands.progress.check()
        self._hands.tell(RuleStepped(RuleStep(self._name, step, state, told)))

    def _all(self, footage: str) -> None:
        path = self._fetched(footage)
        source = probe(path)
        self._tell("analyse", "begun")
        brief = Brief(look=self._routine.look, most_s=round(self._routine.most_s))
        analysis = self._hands.analyse(AnalyseRequest(source, brief))
        self._tell("analyse", "done", tr("{words} words", words=len(analysis.words)))
        self._tell("choose", "begun")
        moments = self._moments(source, analysis)
        if not moments:
            self._tell("choose", "skipped", tr("No moment reaches the bars: nothing is made of it."))
            return
        self._tell("choose", "done", tr("{moments} moments", moments=len(moments)))
        project = Project(Path(self._routine.project))
        try:
            numbers = self._shorts(project, source, analysis, brief, moments)
            files = self._rendered(project, brief, numbers)
            found = post_shorts(
                project, project.sources(), lambda _s, b: Options.of(b, ()), self._cache, self._hands.progress.check
            )
        finally:
            project.close()
        self._planned([s for s in found if s.ref.number in numbers], files)

    def _fetched(self, footage: str) -> Path:
        """A file, or what is fetched from a link."""
        if not footage.startswith(("http://", "https://")):
            return Path(footage)
        self._tell("fetch", "begun")
        path = fetch(footage, data_folder() / "fetched", self._hands.progress, lambda *_: None)
        self._tell("fetch", "done", path.name)
        self._name = path.name
        return path

    def _moments(self, source: Source, analysis: Analysis) -> list[Moment]:
        """The best moments that reach the bars of the calendar."""
        store = PostStore()
        try:
            settings = store.settings()
        finally:
            store.close()
        r = self._routine
        found = finder_for(source, analysis, self._cache, self._hands.progress).find(
            Wish(r.least_s, r.most_s, r.best), self._hands.progress.check
        )
        bars = {b.part: b.least for b in settings.bars}
        return [
            m for m in found
            if m.rating >= settings.least_rating and all(p.value >= bars.get(p.name, 0.0) for p in m.parts)
        ]  # fmt: skip

    def _shorts(self, project: Project, source: Source, analysis: Analysis, brief: Brief, moments: Sequence[Moment]) -> list[int]:
        """A short for each moment; one that is there with the same passages is taken as it stands."""
        self._tell("make shorts", "begun")
        project.add_source(source)
        project.set_brief(source.key, brief)
        there = {e.short.segments: e.id for e in project.shorts() if e.short.main_source == source.key}
        numbers = []
        for moment in moments:
            segments = by_words.pieces_for(analysis, moment.words)
            name = moment.titles[0].text if moment.titles else source.name
            made = begun(Short.of(name, segments), brief)
            numbers.append(there.get(made.segments) or project.add_short(made))
        self._tell("make shorts", "done", f"{len(numbers)} shorts")
        return numbers

    def _rendered(self, project: Project, brief: Brief, numbers: Sequence[int]) -> Files:
        """The finished files of each short, in every shape that a channel asks for."""
        shapes = dict.fromkeys(c.posts.file.shapes[0] for c in self._channels())
        folder = Path(self._routine.folder)
        wanted = Wanted(tuple(numbers), folder, tuple(shapes) or ("9:16",), pattern="{name}{shape}")
        options = Options.of(brief, ())
        out: Files = {}
        folder.mkdir(parents=True, exist_ok=True)
        record = Record(folder)
        for request in requests(project, project.sources(), lambda _s, _b: options, self._cache, wanted):
            name = Path(request.out).name
            if record.has(request):
                self._tell("render", "skipped", tr("{name} is there already", name=name))
                out.setdefault(request.number, []).append((Path(request.out), ()))
                continue
            self._tell("render", "begun", name)
            try:
                made = self._hands.render(request)
            except Cancelled:
                raise
            except StandTallError as error:
                self._tell("render", "failed", f"{name}: {error.message} {error.hint}".strip())
                continue
            wrong = [f for f in made.findings if not f.right]
            if not wrong:
                record.add(request)
            self._tell(
                "check",
                "failed" if wrong else "done",
                tr("{name}: {wrong} points are wrong", name=name, wrong=len(wrong))
                if wrong
                else tr("{name}: no points are wrong", name=name),
            )
            out.setdefault(request.number, []).append((Path(request.out), made.findings))
        return out

    def _channels(self) -> list[Channel]:
        """Those that the calendar fills."""
        store = PostStore()
        try:
            used = {r.channel for r in store.settings().rhythms if r.used}
        finally:
            store.close()
        return [c for c in channels() if c.name in used]

    def _planned(self, shorts: Sequence[PostShort], files: Files) -> None:
        """Put each short into the calendar of each channel that is filled, with its file and its texts."""
        self._tell("plan", "begun")
        wanted = self._channels()
        if not wanted:
            self._tell("plan", "skipped", tr("No channel is filled: say how often under Fill in the calendar."))
            return
        store = PostStore()
        try:
            settings = store.settings()
            plan = filled([s.ref for s in shorts], wanted, settings, store.posts(), int(time.time()))
            by_ref = {s.ref.same: s for s in shorts}
            by_name = {c.name: c for c in wanted}
            made, held = [], 0
            for slot in plan.slots:
                short, channel = by_ref[slot.short.same], by_name[slot.channel]
                post = post_edits.new_post(slot.short, channel.name, first_text(short, channel, settings))
                post = post_edits.with_file(post, _suited(files.get(slot.short.number, ()), channel))
                post = post_edits.filled_in(post, slot, True)
                if self._routine.approve:
                    try:
                        post = post_edits.approved(post, channel)
                    except NothingToDo as error:
                        post = replace(post, told=tr("Held: {message}", message=error.message))
                held += post.state == "held"
                made.append(post)
            if made:
                store.change(tr("Plan {name} by rule", name=self._name), [(None, p) for p in made])
        finally:
            store.close()
        waits = tr(", {held} of them wait for you", held=held) if held else ""
        self._tell(
            "plan",
            "done" if made else "skipped",
            tr("{made} posts{waits}", made=len(made), waits=waits) if made else tr("They are planned already."),
        )


def _suited(files: Sequence[tuple[Path, tuple[Finding, ...]]], channel: Channel) -> PostFile | None:
    """The first file that suits a channel."""
    for path, findings in files:
        file = post_file(path, findings, cover_of(path, channel))
        if fits(file, channel):
            return file
    return None

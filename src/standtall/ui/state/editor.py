"""Every edit goes through here: made on what the person saw, carried over exactly to what stands now, or refused with a sentence.

The project is touched in one thread only, in the order of the key presses; saved first, then shown.
"""

from __future__ import annotations

import contextlib
from collections.abc import Callable, Iterable
from dataclasses import dataclass
from pathlib import Path
from typing import TypeVar

from PySide6.QtCore import QObject, Signal

from standtall.base.errors import Cancelled, NothingToDo, ProjectError, StandTallError
from standtall.base.interface_language import tr
from standtall.base.progress import Progress
from standtall.library.cache import AnalysisCache
from standtall.library.database import ProjectLost
from standtall.library.project import Entry, Project
from standtall.model.analysis import Analysis
from standtall.model.brief import Brief
from standtall.model.carry import carried_piece, carried_speaker
from standtall.model.cut import Segment
from standtall.model.edits import Edit
from standtall.model.short import Short
from standtall.model.source import Source
from standtall.model.transcript import Revision, Transcript
from standtall.session.analyse import Options
from standtall.session.begin import begun
from standtall.session.told import Found, as_told, transcript_of
from standtall.ui.state.opened import Opened, work_out
from standtall.ui.state.other_footage import OtherFootage
from standtall.ui.threads.dispatcher import Dispatcher, Worker

T = TypeVar("T")


@dataclass(frozen=True, slots=True)
class Present:
    """How that which a person saw stands now, in the project thread."""

    seen: Opened
    project: Project
    entry: Entry
    found: Found
    transcript: Transcript
    analysis: Analysis

    @property
    def source(self) -> Source:
        return self.seen.source

    @property
    def short(self) -> Short:
        return self.entry.short

    @property
    def basket(self) -> tuple[Segment, ...]:
        return self.project.basket(self.source.key)

    def words(self, chosen: range) -> range:
        """Where chosen words stand now; raises `NothingToDo` where they are not the same ones any more."""
        steps = self.project.transcripts
        now = steps.carried(self.source.key, self.seen.steps, chosen)
        if now is not None and now.stop <= len(self.transcript.words) and steps.steps(self.source.key) == self.seen.steps:
            was, here = (self.seen.transcript.words[i] for i in chosen), (self.transcript.words[i] for i in now)
            if any((a.start, a.text) != (b.start, b.text) for a, b in zip(was, here, strict=True)):
                now = None  # what was found since is not what was shown
        if now is None or now.stop > len(self.transcript.words):
            raise NothingToDo(tr("Those words were changed meanwhile, so nothing was done."), tr("Choose them again."))
        return now

    def each(self, chosen: Iterable[int]) -> tuple[int, ...]:
        """The same for words that stand apart."""
        return tuple(i for c in chosen for i in self.words(range(c, c + 1)))

    def piece(self, number: int) -> int:
        """The number that a piece of the short has now."""
        now = carried_piece(self.seen.entry.short, self.short, number)
        if now is None:
            raise NothingToDo(tr("That piece was changed meanwhile, so nothing was done."), tr("Choose it again."))
        return now

    def speaker(self, number: int) -> int:
        """The number that a speaker has now."""
        now = carried_speaker(self.seen.transcript, self.transcript, number)
        if now is None:
            raise NothingToDo(tr("The speakers were changed meanwhile, so nothing was done."), tr("Choose again."))
        return now


class Coming:
    """A short on its way to the Bench. A copy is what it is copied of, so that edits may be meant for it before it is there."""

    def __init__(self, name: str, copy_of: int | None = None) -> None:
        self.name, self.copy_of = name, copy_of
        self.number: int | None = None
        """Its number in the project, once the project thread has made it."""


class Editor(QObject):
    """Holds what is on the Bench; `said` carries sentences for the person and their kind (note, error)."""

    opened_changed = Signal()
    """Another source is on the Bench now, or none: all that is shown of it, and nothing is chosen."""
    composition_changed = Signal()
    """The short on the Bench was edited, or is another one of the same source."""
    transcript_changed = Signal()
    notices_changed = Signal()
    """More was found in what is on the Bench, which itself is as it was."""
    said = Signal(str, str)
    rehoused = Signal(object)
    """The project is kept in another file now, whose path this is: the old one was lost."""

    def __init__(self, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self.dispatcher = Dispatcher(self)
        self.dispatcher.failed.connect(self._fail)
        self.project_thread = Worker("project", self.dispatcher, behind=0)
        self.cache = AnalysisCache(left_out=lambda text: self.dispatcher.send(lambda: self.said.emit(text, "error")))
        self._others = OtherFootage(self.cache)
        self.closing = Progress()
        self.opened: Opened | None = None
        self.briefs: dict[str, Brief] = {}
        self.usual_brief = Brief()
        """What new footage begins with."""
        self.generation = 0
        """Counts the projects that were opened."""
        self._coming: Coming | None = None
        self._project: Project | None = None
        self._standing: Opened | None = None
        """The newest state of the Bench; like the project, only the project thread touches it."""

    def _fail(self, error: StandTallError) -> None:
        if isinstance(error, Cancelled):
            return
        self.said.emit(str(error), "note" if isinstance(error, NothingToDo) else "error")

    def brief_of(self, source: Source) -> Brief:
        return self.briefs.get(source.key, Brief())

    def set_brief(self, source: Source, brief: Brief) -> None:
        """Remember what the editor says of a source."""
        self.briefs = {**self.briefs, source.key: brief}
        self.with_project(lambda project: project.set_brief(source.key, brief))

    def options_of(self, source: Source) -> Options:
        """What is set for the analysis of a source."""
        return Options.of(self.brief_of(source), ())

    # the project thread

    def with_project(self, work: Callable[[Project], T], then: Callable[[T], None] | None = None) -> None:
        """Do something with the open project file in the project thread, and then here as long as it is still open."""
        generation = self.generation

        def arrived(result: T) -> None:
            if then is not None and generation == self.generation:
                then(result)

        self.project_thread.do(
            lambda: self._in_project(generation, work), arrived, self._fail, must=True, undone=tr("It was not saved")
        )

    def _in_project(self, generation: int, work: Callable[[Project], T]) -> T:
        """Runs in the project thread. Where the file was lost, everything is kept elsewhere first and the work done there."""
        project = self._project
        if project is None:
            raise NothingToDo(tr("No project is open."), tr("Open one with Ctrl+O, or add footage."))
        if generation != self._in_thread:
            raise NothingToDo(
                tr("Another project has been opened meanwhile, so this was not done."), tr("Open the first one for it.")
            )
        try:
            return work(project)
        except ProjectLost:
            return work(self._rescued(project))

    _in_thread = 0
    """The generation of the project that the project thread has open."""

    def _rescued(self, lost: Project) -> Project:
        path = lost.kept_elsewhere()
        fresh = Project(path)
        self._project = fresh
        self._standing = None
        lost.close()
        said = tr(
            "{name} was moved, deleted or replaced. Nothing is lost: it is kept in {path}, which is open now.",
            name=lost.path.name,
            path=path,
        )

        def arrived() -> None:
            self.rehoused.emit(path)
            self.said.emit(said, "error")

        self.dispatcher.send(arrived)
        return fresh

    def watch(self) -> None:
        """Look whether the project's file is still where it was, and keep everything elsewhere where it is not."""

        def look() -> None:
            if self._project is not None and self._project.writable and self._project.lost():
                self._rescued(self._project)

        if self.project_thread.idle():
            self.project_thread.do(look)

    def _present(self, project: Project, seen: Opened, number: int) -> Present:
        standing, key = self._standing, seen.source.key
        found = standing.found if standing is not None and standing.source.key == key else seen.found
        transcript = transcript_of(project, found)
        same = standing is not None and standing.found is found and standing.transcript is transcript
        analysis = standing.analysis if standing is not None and same else as_told(found.analysis, transcript)
        return Present(seen, project, project.entry(number), found, transcript, analysis)

    def _shown(self, project: Project, source: Source, found: Found, entry: Entry) -> Opened:
        """What the Bench shows of an entry now. Nothing is worked out when the window closes: it is on disk."""
        self.closing.check()
        steps = project.transcripts.steps(source.key)
        transcript = transcript_of(project, found)
        others = self._others.of(project, entry.short, source.key, project.sources(), self.options_of)
        basket = project.basket(source.key)
        keys = {p.source for p in basket} - {source.key}
        picked_from = self._others.spoken(project, keys, project.sources(), self.options_of)
        self._standing = work_out(
            source, found, transcript, entry, others, self.cache, self._in_thread, steps, basket, picked_from, self._standing,
        )  # fmt: skip
        return self._standing

    # edits

    def edit(self, make: Callable[[Short, Analysis], Edit], seen: Opened | None = None) -> None:
        """Apply an edit of the short."""
        self.edit_as(lambda p: make(p.short, p.analysis), seen)

    def edit_as(self, make: Callable[[Present], Edit], seen: Opened | None = None) -> None:
        """Apply an edit of the short that carries over by itself what it is about."""
        self._change(lambda p: p.project.apply(p.entry.id, make(p)), seen)

    def edit_words(self, chosen: range, make: Callable[[Short, Analysis, range], Edit]) -> None:
        """Apply an edit of the short that is about words, as numbers of the transcript on show."""
        self.edit_as(lambda p: make(p.short, p.analysis, p.words(chosen)))

    def edit_piece(self, number: int, make: Callable[[Short, Analysis, int], Edit]) -> None:
        """Apply an edit of the short that is about a piece of it, as its number on show."""
        self.edit_as(lambda p: make(p.short, p.analysis, p.piece(number)))

    def revise(self, make: Callable[[Transcript], Revision], seen: Opened | None = None) -> None:
        """Correct the transcript."""
        self.revise_as(lambda p: make(p.transcript), seen)

    def revise_words(self, chosen: range, make: Callable[[Transcript, range], Revision], seen: Opened | None = None) -> None:
        """Correct words, given as numbers of the transcript on show (or of the one that was `seen`)."""
        self.revise_as(lambda p: make(p.transcript, p.words(chosen)), seen)

    def revise_as(self, make: Callable[[Present], Revision], seen: Opened | None = None) -> None:
        """Correct the transcript in a way that carries over by itself what it is about."""
        self._change(lambda p: p.project.revise(p.entry.id, p.transcript, make(p)), seen)

    def change_basket(self, label: str, make: Callable[[Present], tuple[Segment, ...]], seen: Opened | None = None) -> None:
        """Put other passages into the basket of the source."""

        def step(p: Present) -> Entry:
            passages = make(p)
            return p.entry if passages == p.basket else p.project.set_basket(p.entry.id, passages, label)

        self._change(step, seen)

    def undo(self) -> None:
        self._change(lambda p: self._step(p, lambda: p.project.undo(p.entry.id), back=True))

    def redo(self) -> None:
        self._change(lambda p: self._step(p, lambda: p.project.redo(p.entry.id), back=False))

    def _step(self, now: Present, take: Callable[[], Entry], back: bool) -> Entry:
        """Take a step; what removes or brings back footage or another short is told, since nothing of it is on the Bench."""

        def there() -> tuple[object, ...]:
            return now.project.removed_shorts(), [s.key for s in now.project.sources()]

        before, entry = there(), take()
        if there() != before:
            said = tr("Undone: {label}", label=entry.redo) if back else tr("Done again: {label}", label=entry.undo)
            self.dispatcher.send(lambda: self.said.emit(said, "note"))
        return entry

    def _change(self, step: Callable[[Present], Entry], seen: Opened | None = None) -> None:
        now, coming = seen or self.opened, self._coming
        if now is None:
            self.said.emit(tr("There is no short on the Bench yet."), "note")
            return
        if seen is None and coming is not None and coming.copy_of != now.entry.id:
            self.said.emit(
                tr("{name} is just being opened, so nothing was changed. Do it again when it is there.", name=coming.name), "note"
            )
            return
        copy = coming if seen is None else None

        def work(project: Project) -> Opened:
            number = now.entry.id if copy is None else copy.number
            if number is None:
                raise NothingToDo(tr("The copy was not made, so nothing was changed."))
            present = self._present(project, now, number)
            return self._shown(project, now.source, present.found, step(present))

        self.project_thread.do(
            lambda: self._in_project(now.project, work),
            self._arrived,
            self._fail,
            must=True,
            undone=tr("The change was not made"),
        )

    def _arrived(self, opened: Opened) -> None:
        """An edit is on disk: show it, if it is about what is on the Bench now."""
        here = self.opened
        if opened.project != self.generation:
            return
        if here is None or (here.source.key, here.entry.id) != (opened.source.key, opened.entry.id):
            self.said.emit(tr("Done in “{name}”, which is not on the Bench now.", name=opened.entry.short.name), "note")
            return
        self._take(opened)

    def _take(self, opened: Opened) -> None:
        raise NotImplementedError

    # shorts

    def make_short(
        self, make: Callable[[Present], Short], then: Callable[[bool], None] | None = None, seen: Opened | None = None,
        copy: bool = False,
    ) -> None:  # fmt: skip
        """Add a short to the project, begun as the brief of its footage says (a `copy` stays as it is), and bring it to the
        Bench; `then` hears, once it is saved, whether it is there."""
        now = seen or self.opened
        if now is None:
            self.said.emit(tr("Open footage on the Bench first."), "note")
            return
        coming = self._comes(Coming(tr("The copy") if copy else tr("The new short"), now.entry.id if copy else None))

        def work(project: Project) -> Opened:
            present = self._present(project, now, now.entry.id)
            made = make(present)
            coming.number = project.add_short(made if copy else begun(made, self.brief_of(now.source)))
            return self._shown(project, now.source, present.found, project.entry(coming.number))

        def arrived(opened: Opened) -> None:
            shown = self._came(coming) and opened.project == self.generation
            if shown:
                self._show_short(opened)
            if then is not None:
                then(shown)

        self.project_thread.do(
            lambda: self._in_project(now.project, work),
            arrived,
            self._came_not(coming),
            must=True,
            undone=tr("The short was not made"),
        )

    def open_short(self, number: int) -> None:
        """Bring another short of the project to the Bench, with the source it is from."""
        now, sources, generation = self.opened, self.sources_here(), self.generation
        coming = self._comes(Coming(tr("Another short")))

        def work(project: Project) -> Opened | Source:
            entry = project.entry(number)
            project.mark_opened(number)
            if now is not None and entry.short.main_source == now.source.key:
                return self._shown(project, now.source, self._present(project, now, number).found, entry)
            source = next((s for s in sources if s.key == entry.short.main_source), None)
            if source is None:
                raise ProjectError(
                    tr("The footage of “{name}” is not in this project.", name=entry.short.name),
                    tr("Add it again in the Footage place."),
                )
            return source

        def arrived(found: Opened | Source) -> None:
            if not self._came(coming):
                return
            if isinstance(found, Source):
                self.open_source(found)
            elif found.project == self.generation:
                self._show_short(found)

        self.project_thread.do(
            lambda: self._in_project(generation, work), arrived, self._came_not(coming), undone=tr("The short was not opened")
        )

    def _comes(self, coming: Coming) -> Coming:
        self._coming = coming
        return coming

    def _came(self, coming: Coming) -> bool:
        """What was to come is there; -> whether it is still what the person asked for last."""
        last = self._coming is coming
        if last:
            self._coming = None
        return last

    def _came_not(self, coming: Coming) -> Callable[[StandTallError], None]:
        def failed(error: StandTallError) -> None:
            self._came(coming)
            self._fail(error)

        return failed

    def sources_here(self) -> tuple[Source, ...]:
        raise NotImplementedError

    def open_source(self, source: Source, then: Callable[[bool], None] | None = None) -> None:
        raise NotImplementedError

    def _show_short(self, opened: Opened) -> None:
        raise NotImplementedError

    def _ended(self) -> None:
        """Runs last in the project thread."""
        with contextlib.suppress(ProjectError):
            if self._project is not None:
                self._project.close()


def project_beside(path: Path, other: Project | None) -> bool:
    """Whether a path is the file of a project that is open already."""
    try:
        return other is not None and not other.lost() and path.samefile(other.path)
    except OSError:
        return False

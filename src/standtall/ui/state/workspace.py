"""What is open: the project, its footage, the source and the short on the Bench, and what belongs to them.

The window's widgets read it and its parts, and listen to them. Files are touched only in other threads.
"""

from __future__ import annotations

import contextlib
from collections.abc import Callable
from dataclasses import dataclass
from pathlib import Path
from typing import Any

from PySide6.QtCore import QObject, QTimer, Signal

from standtall.base.errors import NothingToDo, OutputError, StandTallError
from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND
from standtall.compose.composition import Composition
from standtall.compose.layers.frame import Frame
from standtall.library.lock import ProjectBusy
from standtall.library.project import Project
from standtall.model import corrections
from standtall.model.brief import Brief
from standtall.model.source import Source
from standtall.session.analyse import Options, known, so_far
from standtall.session.begin import Choice, short_of
from standtall.session.told import as_told, found_in, transcript_of
from standtall.ui.state.acquaintances import Acquaintances
from standtall.ui.state.data import Data
from standtall.ui.state.editor import Coming, Editor, project_beside
from standtall.ui.state.heard import Sounding
from standtall.ui.state.jobs import Jobs
from standtall.ui.state.legible import Legible
from standtall.ui.state.lost_files import LostFiles
from standtall.ui.state.opened import Opened, beginning_of
from standtall.ui.state.renders import Renders
from standtall.ui.state.search import WordSearch
from standtall.ui.state.selection import Selection
from standtall.ui.state.thumbnails import Thumbs
from standtall.ui.state.trial import Trial
from standtall.ui.state.word_lists import Lists, WordLists
from standtall.ui.state.word_lists import read as read_lists
from standtall.ui.threads.queues import Queue, Queues

WATCH_MS = 2000
"""How often it is looked whether the project's file is still where it was."""


@dataclass(frozen=True, slots=True)
class _Project:
    """A project as it was read."""

    project: Project
    sources: tuple[Source, ...]
    last_source: str | None
    lists: Lists
    briefs: dict[str, Brief]
    said: str


class Workspace(Editor):
    """`selection`, `search`, `word_lists`, `data`, `lost`, `jobs`, `trial` and `acquaintances` are its
    parts; slow work is done in `queues`."""

    project_changed = Signal(object)
    thumbs_changed = Signal()
    expected = Signal(object, int, object)
    """A short is just being worked out that begins there (see `beginning_of`)."""
    playing_changed = Signal(bool)
    """Pictures are played from now on, or not any more: what can wait begins nothing meanwhile."""

    def __init__(self, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self.queues = Queues(self.dispatcher)
        self.jobs = Jobs(self.dispatcher, self)
        self.trial = Trial(self.queues, self)
        self.renders = Renders(self.jobs, self.queues.worker("files"), self._fail, self)
        self.project_changed.connect(self.renders.know_project)
        self.sounding = Sounding(self.queues, self._is_on_the_bench, self.closing, self._fail, self)
        self.legible = Legible(self, self.queues, self._fail)
        self.playing_changed.connect(self.legible.wait)
        self.acquaintances = Acquaintances(self)
        self.trial.kept.connect(lambda opened, make: self.edit(lambda short, _a: make(short), opened))
        self.selection = Selection(lambda: self.opened, self)
        self.search = WordSearch(lambda: self.opened, self.selection, self)
        self.word_lists = WordLists(self)
        self.data = Data(self.project_thread, self._fail, self)
        self.data.problem.connect(lambda text: self.said.emit(text, "error"))
        self.lost = LostFiles(self.queues, self._fail, self)
        self.lost.moved.connect(self._moved_to)
        self.lost.refused.connect(lambda text: self.said.emit(text, "error"))
        self.project_path: Path | None = None
        self.writable = True
        self.sources: tuple[Source, ...] = ()
        self.thumbs: Thumbs | None = None
        self._last_generation = self._shown_generation = 0
        """Of the project asked for last, and of the one on show."""
        self.rehoused.connect(self._rehoused)
        self._watch = QTimer(self)
        self._watch.setInterval(WATCH_MS)
        self._watch.timeout.connect(self.watch)
        self._watch.start()

    def end(self) -> None:
        """Give up what need not be done; `close` waits for what must be saved."""
        self._watch.stop()
        self.closing.cancel()
        self.dispatcher.shut()
        self.queues.end()
        self.project_thread.do(self._ended, must=True)
        self.project_thread.end()

    def close(self) -> None:
        self.end()
        self.jobs.close()
        self.queues.close(1.0)
        self.project_thread.close()

    # project

    def open_project(self, path: Path, then: Callable[[], None] | None = None) -> None:
        """Open a project file or begin a new one there. One that somebody else works on is opened to be read."""
        self._last_generation += 1
        generation = self.generation = self._last_generation
        coming = self._comes(Coming(path.stem))

        def work() -> _Project:
            old, said = self._project, ""
            if old is not None and project_beside(path, old):
                fresh = old
            else:
                try:
                    fresh = Project(path)
                except (ProjectBusy, OutputError) as error:
                    if not path.is_file():
                        raise
                    fresh = Project.reading(path)
                    said = tr("{message} It is open here to be read: nothing can be changed.", message=error.message)
            try:
                key, problems = self._last_source(fresh)
                found = _Project(fresh, fresh.sources(), key, read_lists(fresh), fresh.briefs(), said or problems)
            except BaseException:
                if fresh is not old:
                    fresh.close()
                raise
            if old is not None and fresh is not old:
                old.close()
            self._project, self._standing, self._in_thread = fresh, None, generation
            return found

        def arrived(found: _Project) -> None:
            self._came(coming)
            self._shown_generation = generation
            self.sources, self.briefs = found.sources, found.briefs
            self.project_path, self.writable = found.project.path, found.project.writable
            self.word_lists.arrived(found.lists)
            self._empty_bench()
            self.project_changed.emit(self.project_path)
            self.opened_changed.emit()
            if generation != self.generation:
                return  # another one was asked for meanwhile: this one is only shown in case that cannot be opened
            for source in self.sources:
                if source.key == found.last_source:
                    self.open_source(source)
            self.look_for_files()
            if found.said:
                self.said.emit(found.said, "error")
            if then is not None:
                then()

        def failed(error: StandTallError) -> None:
            self._came(coming)
            if generation == self.generation:  # what was open stays so
                self.generation = self._shown_generation
            self._fail(error)

        self.project_thread.do(work, arrived, failed, undone=tr("The project was not opened"))

    def _empty_bench(self) -> None:
        """Nothing is open: nothing is chosen or found in it either."""
        self.opened, self.thumbs = None, None
        self.selection.clear()
        self.search.clear()

    @staticmethod
    def _last_source(project: Project) -> tuple[str | None, str]:
        """-> (the key of the source that was on the Bench last, what is damaged in a sentence or nothing)."""
        problems: list[str] = []
        entries = project.shorts(lambda error: problems.append(str(error)))
        last = project.opened()
        entry = next((e for e in entries if e.id == last), entries[-1] if entries else None)
        return (entry.short.main_source if entry is not None else None), problems[0] if problems else ""

    def _rehoused(self, path: Path) -> None:
        self.project_path, self.writable = path, True
        self.project_changed.emit(path)

    # files that are not where they were

    def look_for_files(self, elsewhere: Source | None = None) -> None:
        """See whether the files of the project are where they were; the new place of `elsewhere` is only now being stored."""
        generation = self.generation
        beside = self.project_path.parent if self.project_path is not None else None
        sources = tuple(elsewhere if elsewhere is not None and elsewhere.key == s.key else s for s in self.sources)
        self.lost.look(sources, beside, lambda: generation == self.generation)

    def found_at(self, source: Source, path: Path) -> None:
        """The person says where a file is."""
        self.lost.found_at(source, path, self.look_for_files)

    def _moved_to(self, moved: Source) -> None:
        self.said.emit(tr("{name} was found again in {parent}.", name=moved.name, parent=Path(moved.path).parent), "note")
        self.add_source(moved)
        if self.opened is not None and self.opened.source.key == moved.key:
            self.open_source(moved)

    def sources_here(self) -> tuple[Source, ...]:
        return self.sources

    def add_source(self, source: Source) -> None:
        """Put a source into the project, a new one with the usual brief, or renew what is known of it."""
        if self.usual_brief != Brief() and source.key not in self.briefs and source not in self.sources:
            self.set_brief(source, self.usual_brief)

        def work(project: Project) -> tuple[Source, ...]:
            project.add_source(source)
            return project.sources()

        def arrived(sources: tuple[Source, ...]) -> None:
            self.sources = sources
            self.project_changed.emit(self.project_path)

        self.with_project(work, arrived)

    def remove_source(self, source: Source) -> None:
        """Remove a source from the project: what was made of it stays in the file, and comes back with it."""
        if source.key not in [s.key for s in self.sources]:
            return

        def work(project: Project) -> tuple[Source, ...]:
            project.remove_source(source.key)
            return project.sources()

        def arrived(sources: tuple[Source, ...]) -> None:
            self._show_sources(sources)
            self.said.emit(tr("{name} is removed from the project. Ctrl+Z brings it back.", name=source.name), "note")
            if self.opened is not None:
                self._change(lambda now: now.entry)  # what undo undoes is another step now

        self.with_project(work, arrived)

    def _show_sources(self, sources: tuple[Source, ...]) -> None:
        """These are in the project now, after a removal was made, undone or redone."""
        if sources == self.sources:
            return
        self.sources = sources
        if self.opened is not None and self.opened.source.key not in [s.key for s in sources]:
            self._empty_bench()
            self.opened_changed.emit()
        self.project_changed.emit(self.project_path)

    def undo(self) -> None:
        """Undo what was done last: an edit of the short, a correction, a change of the basket, a removal of footage."""
        if self.opened is None:
            self.with_project(Project.undo_removal, self._undone_alone)
        else:
            super().undo()
        self.with_project(lambda project: project.sources(), self._show_sources)

    def _undone_alone(self, there: bool) -> None:
        if not there:
            self.said.emit(tr("There is nothing to undo."), "note")

    def redo(self) -> None:
        super().redo()
        self.with_project(lambda project: project.sources(), self._show_sources)

    def options_of(self, source: Source) -> Options:
        """What is set for the analysis of a source."""
        return Options.of(self.brief_of(source), self.word_lists.all)

    # what is on the Bench

    def open_source(self, source: Source, then: Callable[[bool], None] | None = None) -> None:
        """Bring an analysed source to the Bench with its newest short, or a first one; `then` hears whether it could."""
        coming, generation = self._comes(Coming(source.name)), self.generation
        options, brief = self.options_of(source), self.brief_of(source)

        def work(project: Project) -> tuple[Opened | None, str]:
            measured = known(source, options, self.cache) or so_far(source, options, self.cache)
            if measured is None:
                return None, ""
            found = found_in(measured)
            problems: list[str] = []
            entries = project.shorts(lambda error: problems.append(str(error)))
            mine = [e for e in entries if e.short.main_source == source.key]
            last = project.opened()
            entry = next((e for e in mine if e.id == last), mine[-1] if mine else None)
            if entry is None:
                analysis = as_told(measured, transcript_of(project, found))
                made = short_of(source, analysis, Choice(length=brief.most_s * TICKS_PER_SECOND), brief)
                entry = project.entry(project.add_short(made))
            project.mark_opened(entry.id)
            if (begins := beginning_of(source, entry.short, self.cache)) is not None:
                self.dispatcher.send(lambda: self.expected.emit(*begins))
            return self._shown(project, source, found, entry), problems[0] if problems else ""

        def arrived(found: tuple[Opened | None, str]) -> None:
            opened, said = found
            if not self._came(coming) or generation != self.generation:
                return
            if opened is not None:
                self._empty_bench()
                self.opened = opened
                self.selection.playhead = opened.segments[0].start
                self.opened_changed.emit()
                self._make_thumbs(opened)
                self.sounding.make(opened.composition)
            if said:
                self.said.emit(said, "error")
            if then is not None:
                then(opened is not None)

        undone = tr("{name} was not opened", name=source.name)
        self.project_thread.do(lambda: self._in_project(generation, work), arrived, self._came_not(coming), undone=undone)

    def refresh_found(self, source: Source, last: bool) -> None:
        """More of the opened source was found: show it behind what is there, corrected or not. Who says what is known at the
        end; where words were corrected by then that is a step of its own."""
        now = self.opened
        if now is None or now.source.key != source.key:
            return
        options = self.options_of(source)

        def work(project: Project) -> Opened | None:
            measured = known(source, options, self.cache) or so_far(source, options, self.cache)
            if measured is None:
                return None
            found = found_in(measured)
            entry = project.entry(now.entry.id)
            told = transcript_of(project, found)
            if last and told is not found.transcript:
                with contextlib.suppress(NothingToDo):
                    entry = project.revise(entry.id, told, corrections.rest_heard(told, found.transcript))
            return self._shown(project, source, found, entry)

        def arrived(opened: Opened | None) -> None:
            here = self.opened
            if opened is not None and here is not None and here.entry.id == opened.entry.id:
                self._arrived(opened)

        undone = tr("What was found is not shown")
        self.project_thread.do(lambda: self._in_project(now.project, work), arrived, self._fail, undone=undone)

    def _take(self, opened: Opened) -> None:
        told_otherwise = self.opened is None or opened.transcript != self.opened.transcript
        self.opened = opened
        if told_otherwise:
            self.search.clear()
            self.selection.follow()
            self.transcript_changed.emit()
        self.composition_changed.emit()
        self.sounding.make(opened.composition)

    def _show_short(self, opened: Opened) -> None:
        self.opened = opened
        self.selection.select(None)
        self.composition_changed.emit()
        self.sounding.make(opened.composition)
        self.selection.seek(opened.segments[0].start)

    def in_background(
        self, queue: Queue, work: Callable[[], Any], then: Callable[[Any], None], owner: QObject | None = None
    ) -> None:
        """Do slow work that a person asked for, after what waits in its queue; errors are told. Nothing comes back where its
        `owner` has gone meanwhile."""
        self.queues.do(queue, work, then, self._fail, owner)

    def in_background_or(
        self, queue: Queue, work: Callable[[], Any], then: Callable[[Any], None], failed: Callable[[], None], owner: QObject
    ) -> None:
        """Do slow work for a sheet (its `owner`) that is told, too, when it fails or is stopped."""

        def fail(error: StandTallError) -> None:
            self._fail(error)
            failed()

        self.queues.do(queue, work, then, fail, owner)

    # what is shown

    def frame_at(self, tick: int) -> Frame:
        """What is to be shown for a tick of the source: the frame of the short, or the place outside it without captions."""
        assert self.opened is not None
        composition, number = self.opened.composition, self.opened.frame_for(tick)
        return composition.outside(self.opened.at(tick)) if number is None else composition.frame(number)

    def colour_number(self, speaker: int) -> int:
        """The number of the colour and pattern of a speaker: that of their face where it is known."""
        assert self.opened is not None
        person = self.opened.transcript.speakers[speaker].person
        return person if person >= 0 else len(self.opened.analysis.people.names) + speaker

    # slow extras

    def _is_on_the_bench(self, composition: Composition) -> bool:
        return self.opened is not None and self.opened.composition is composition

    def _make_thumbs(self, opened: Opened) -> None:
        if not opened.source.has_picture:
            return
        thumbs = Thumbs(opened.source, opened.proxy, opened.analysis.people.shots, self.cache)
        self.thumbs = thumbs

        def came() -> None:
            if self.thumbs is thumbs:
                self.thumbs_changed.emit()

        thumbs.make(self.queues.worker("pictures"), self.closing, came)

"""What is open: the project, its footage, the short on the Bench, what is chosen, and where the playhead stands.

The window's widgets read it and listen to it. Files are touched only in other threads.
"""

from __future__ import annotations

import contextlib
import re
from collections.abc import Callable
from dataclasses import replace
from pathlib import Path
from typing import Any

from PySide6.QtCore import QObject, QTimer, Signal

from standtall.base.errors import NothingToDo, OutputError, StandTallError
from standtall.base.files import content_key, short_name
from standtall.base.folders import data_folder
from standtall.base.time import TICKS
from standtall.compose.scene import Edition, Scene
from standtall.library import wordlist
from standtall.library.finding import State, Whereabouts, whereabouts
from standtall.library.lock import ProjectBusy
from standtall.library.project import Project
from standtall.media.sound import Samples
from standtall.model import corrections
from standtall.model.brief import Brief
from standtall.model.corrections import Term
from standtall.model.source import Source
from standtall.model.words import word_at
from standtall.render.render import soundtrack
from standtall.session.analyse import Options, known, so_far
from standtall.session.make import Choice, short_of
from standtall.session.told import as_told, found_in, transcript_of
from standtall.ui.bench.transcript.rows import Page
from standtall.ui.preview.thumbnails import Thumbs
from standtall.ui.state.editor import Coming, Editor, project_beside
from standtall.ui.state.opened import Opened
from standtall.ui.threads.dispatcher import Worker

Lists = tuple[tuple[Term, ...], tuple[Term, ...]]
WATCH_MS = 2000
"""How often it is looked whether the project's file is still where it was."""


class Workspace(Editor):
    """Signals carry what changed; times are ticks of the source."""

    project_changed = Signal(object)
    selection_changed = Signal()
    playhead_changed = Signal(int)
    thumbs_changed = Signal()
    search_changed = Signal()
    terms_changed = Signal()
    lost_changed = Signal()
    track_ready = Signal(object, object)

    def __init__(self, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._slow = Worker("lanes", self.door)
        self.project_path: Path | None = None
        self.writable = True
        self.sources: tuple[Source, ...] = ()
        self.selection: range | None = None
        self.playhead = 0
        self.thumbs: Thumbs | None = None
        self.hits: tuple[range, ...] = ()
        self.hit = -1
        self.terms: tuple[Term, ...] = ()
        self.own_terms: tuple[Term, ...] = ()
        """The word list of this project, and the user's own that holds in every project."""
        self.lost: dict[str, State] = {}
        self._taken_out: list[Source] = []
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
        self.door.shut()
        self._slow.end()
        self.keeper.do(self._ended, must=True)
        self.keeper.end()

    def close(self) -> None:
        self.end()
        self._slow.close(1.0)
        self.keeper.close()

    # project

    def open_project(self, path: Path, then: Callable[[], None] | None = None) -> None:
        """Open a project file or begin a new one there. One that somebody else works on is opened to be read."""
        self._last_generation += 1
        generation = self.generation = self._last_generation
        coming = self._comes(Coming(path.stem))

        def work() -> tuple[Project, tuple[Source, ...], str | None, Lists, dict[str, Brief], str]:
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
                    said = f"{error.message} It is open here to be read: nothing can be changed."
            try:
                key, problems = self._last_source(fresh)
                own, left_out = wordlist.load()
                found = (fresh, fresh.sources(), key, (fresh.terms(), own), fresh.briefs(), said or left_out or problems)
            except BaseException:
                if fresh is not old:
                    fresh.close()
                raise
            if old is not None and fresh is not old:
                old.close()
            self._project, self._standing, self._in_thread = fresh, None, generation
            return found

        def arrived(found: tuple[Project, tuple[Source, ...], str | None, Lists, dict[str, Brief], str]) -> None:
            self._came(coming)
            self._shown_generation = generation
            project, self.sources, key, terms, self.briefs, said = found
            self.project_path, self.writable = project.path, project.writable
            self._arrived_terms((terms, ""))
            self._empty_bench()
            self._taken_out = []
            self.project_changed.emit(self.project_path)
            self.opened_changed.emit()
            if generation != self.generation:
                return  # another one was asked for meanwhile: this one is only shown in case that cannot be opened
            for source in self.sources:
                if source.key == key:
                    self.open_source(source)
            self.look_for_files()
            if said:
                self.said.emit(said, "error")
            if then is not None:
                then()

        def failed(error: StandTallError) -> None:
            self._came(coming)
            if generation == self.generation:  # what was open stays so
                self.generation = self._shown_generation
            self._fail(error)

        self.keeper.do(work, arrived, failed, undone="The project was not opened")

    def _empty_bench(self) -> None:
        """Nothing is open: nothing is chosen or found in it either."""
        self.opened, self.selection, self.thumbs = None, None, None
        self.hits, self.hit = (), -1

    @staticmethod
    def _last_source(project: Project) -> tuple[str | None, str]:
        """-> (the key of the source that was on the Bench last, what is damaged in a sentence or nothing)."""
        problems: list[str] = []
        entries = project.shorts(lambda error: problems.append(str(error)))
        last = project.opened()
        entry = next((e for e in entries if e.id == last), entries[-1] if entries else None)
        return (entry.short.source_key if entry is not None else None), problems[0] if problems else ""

    def _rehoused(self, path: Path) -> None:
        self.project_path, self.writable = path, True
        self.project_changed.emit(path)

    # files that are not where they were

    def look_for_files(self) -> None:
        """See whether the files of the project are where they were; those that moved are found by their content."""
        sources = self.sources
        near = [self.project_path.parent] if self.project_path is not None else []

        def work() -> list[tuple[Source, Whereabouts]]:
            found = []
            for source in sources:
                place = whereabouts(source, near)
                found.append((source, place))
                if place.state == "moved":  # what was beside it has likely gone with it
                    near.append(Path(place.path).parent)
            return found

        def arrived(found: list[tuple[Source, Whereabouts]]) -> None:
            self.lost = {source.key: place.state for source, place in found if place.state in ("missing", "changed")}
            for source, place in found:
                if place.state == "moved":
                    self._moved_to(source, Path(place.path))
            self.lost_changed.emit()

        self.in_background(work, arrived)

    def found_at(self, source: Source, path: Path) -> None:
        """The person says where a file is: taken if its content is the same, and never otherwise."""

        def arrived(key: str) -> None:
            if key == source.key:
                self.lost = {k: v for k, v in self.lost.items() if k != key}
                self._moved_to(source, path)
                self.lost_changed.emit()
                self.look_for_files()
            else:
                text = f"{path.name} has other content than {source.name}. To use it all the same, add it as new footage."
                self.said.emit(text, "error")

        self.in_background(lambda: content_key(path), arrived)

    def _moved_to(self, source: Source, path: Path) -> None:
        moved = replace(source, path=str(path))
        self.said.emit(f"{source.name} was found again in {path.parent}.", "note")
        self.add_source(moved)
        if self.opened is not None and self.opened.source.key == source.key:
            self.open_source(moved)

    def sources_here(self) -> tuple[Source, ...]:
        return self.sources

    def add_source(self, source: Source) -> None:
        """Put a source into the project, or renew what is known of it."""

        def work(project: Project) -> tuple[Source, ...]:
            project.add_source(source)
            return project.sources()

        def arrived(sources: tuple[Source, ...]) -> None:
            self.sources = sources
            self.project_changed.emit(self.project_path)

        self.with_project(work, arrived)

    def take_out(self, source: Source) -> None:
        """Take a source out of the project: what was made of it stays in the file, and comes back with it."""
        if source.key not in [s.key for s in self.sources]:
            return

        def work(project: Project) -> tuple[Source, ...]:
            project.remove_source(source.key)
            return project.sources()

        def arrived(sources: tuple[Source, ...]) -> None:
            self.sources = sources
            self._taken_out.append(source)
            if self.opened is not None and self.opened.source.key == source.key:
                self._empty_bench()
                self.opened_changed.emit()
            self.project_changed.emit(self.project_path)
            self.said.emit(f"{source.name} is out of the project. Ctrl+Z brings it back.", "note")

        self.with_project(work, arrived)

    def put_back(self) -> bool:
        """Bring the source back that was taken out last; False where there is none."""
        if not self._taken_out:
            return False
        self.add_source(self._taken_out.pop())
        return True

    def options_of(self, source: Source) -> Options:
        """What is set for the analysis of a source."""
        return Options.of(self.brief_of(source), self.all_terms)

    def set_brief(self, source: Source, brief: Brief) -> None:
        """Remember what the editor says of a source."""
        self.briefs = {**self.briefs, source.key: brief}
        self.with_project(lambda project: project.set_brief(source.key, brief))

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
            mine = [e for e in entries if e.short.source_key == source.key]
            last = project.opened()
            entry = next((e for e in mine if e.id == last), mine[-1] if mine else None)
            if entry is None:
                analysis = as_told(measured, transcript_of(project, found))
                made = short_of(source, analysis, Choice(length=brief.most_s * TICKS), brief)
                entry = project.entry(project.add_short(made))
            project.mark_opened(entry.id)
            return self._shown(project, source, found, entry), problems[0] if problems else ""

        def arrived(found: tuple[Opened | None, str]) -> None:
            opened, said = found
            if not self._came(coming) or generation != self.generation:
                return
            if opened is not None:
                self.opened, self.selection = opened, None
                self.thumbs = None
                self.hits, self.hit = (), -1
                self.playhead = opened.entry.short.excerpts[0].start
                self.opened_changed.emit()
                self.edition_changed.emit()
                self.selection_changed.emit()
                self._make_thumbs(opened)
                self._make_track(opened.edition)
            if said:
                self.said.emit(said, "error")
            if then is not None:
                then(opened is not None)

        self.keeper.do(
            lambda: self._in_project(generation, work), arrived, self._came_not(coming), undone=f"{source.name} was not opened"
        )

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

        self.keeper.do(lambda: self._in_project(now.project, work), arrived, self._fail, undone="What was found is not shown")

    def _take(self, opened: Opened) -> None:
        told_otherwise = self.opened is None or opened.transcript != self.opened.transcript
        self.opened = opened
        if told_otherwise:
            self.hits, self.hit = (), -1
            self.selection = _within(self.selection, len(opened.transcript.words))
            self.transcript_changed.emit()
        self.edition_changed.emit()
        self._make_track(opened.edition)

    def _show_short(self, opened: Opened) -> None:
        self.opened = opened
        self.select(None)
        self.edition_changed.emit()
        self._make_track(opened.edition)
        self.seek(opened.entry.short.excerpts[0].start)

    def set_even(self, even: bool) -> None:
        self.even = even
        opened = self.opened
        if opened is None:
            return

        def work() -> Page:
            return Page(opened.analysis.words, opened.source.length, even)

        def arrived(page: Page) -> None:
            if self.opened is not None and self.opened.transcript is opened.transcript and self.even == even:
                self.opened = replace(self.opened, page=page)
                self.opened_changed.emit()

        self.keeper.do(work, arrived)

    # the word list and searching

    @property
    def all_terms(self) -> tuple[Term, ...]:
        """Both word lists together; what the project says of a word comes after what the user says in general."""
        return (*self.own_terms, *self.terms)

    def set_terms(self, terms: tuple[Term, ...], own: tuple[Term, ...]) -> None:
        """Keep other word lists: of the project, and the user's own."""
        own_changed = own != self.own_terms

        def work(project: Project) -> tuple[Lists, str]:
            project.set_terms(terms)
            if own_changed:
                wordlist.save(own)
            mine, left_out = wordlist.load()
            return (project.terms(), mine), left_out

        self.with_project(work, self._arrived_terms)

    def _arrived_terms(self, found: tuple[Lists, str]) -> None:
        (self.terms, self.own_terms), left_out = found
        self.terms_changed.emit()
        if left_out:
            self.said.emit(left_out, "error")

    def search(self, query: str, loose: bool = False, talker: int | None = None) -> None:
        """Mark every hit, and go to the first one at or after the playhead."""
        opened = self.opened
        self.hits = opened.index.search(query, loose, talker) if opened is not None else ()
        self.hit = -1
        if opened is not None and self.hits:
            words = opened.analysis.words
            ahead = [n for n, h in enumerate(self.hits) if words[h.start].start >= self.playhead]
            self._go_to_hit(ahead[0] if ahead else 0)
        self.search_changed.emit()

    def next_hit(self, way: int) -> None:
        if self.hits:
            self._go_to_hit((self.hit + way) % len(self.hits))
            self.search_changed.emit()

    def _go_to_hit(self, number: int) -> None:
        assert self.opened is not None
        self.hit = number
        self.seek(self.opened.analysis.words[self.hits[number].start].start)

    def in_background(self, work: Callable[[], Any], then: Callable[[Any], None], owner: QObject | None = None) -> None:
        """Do slow work that a person asked for; errors are told. Nothing comes back where its `owner` has gone meanwhile."""
        self._slow.do(work, then, self._fail, owner)

    def in_background_or(
        self, work: Callable[[], Any], then: Callable[[Any], None], failed: Callable[[], None], owner: QObject
    ) -> None:
        """Do slow work for a sheet (its `owner`) that is told, too, when it fails or is stopped."""

        def fail(error: StandTallError) -> None:
            self._fail(error)
            failed()

        self._slow.do(work, then, fail, owner)

    # selection and playhead

    def select(self, words: range | None) -> None:
        if words != self.selection:
            self.selection = words
            self.selection_changed.emit()

    def seek(self, tick: int) -> None:
        """Move the playhead (source ticks)."""
        if self.opened is not None:
            self.playhead = max(0, min(self.opened.source.length - 1, tick))
            self.playhead_changed.emit(self.playhead)

    def scene_at(self, tick: int) -> Scene:
        """What is to be shown for a source tick: the frame of the short, or the place outside it without captions."""
        assert self.opened is not None
        short_tick = self.opened.edition.time_map.to_short(tick)
        if short_tick is not None:
            return self.opened.edition.scene(self.opened.edition.frame_at(short_tick))
        return Scene(-1, tick, self.opened.camera.at(tick), None)

    def colour_number(self, talker: int) -> int:
        """The number of the colour and pattern of a talker: that of their face where it is known."""
        assert self.opened is not None
        person = self.opened.transcript.talkers[talker].person
        return person if person >= 0 else len(self.opened.analysis.people.names) + talker

    def chosen_or_said(self) -> range | None:
        """The chosen words, or the one at the playhead."""
        if self.selection:
            return self.selection
        if self.opened is None:
            return None
        i = word_at(self.opened.analysis.words, self.playhead)
        return range(i, i + 1) if i is not None else None

    # slow extras

    def _make_track(self, edition: Edition) -> None:
        def work() -> tuple[Edition, Samples | None]:
            if self.opened is None or self.opened.edition is not edition:
                return edition, None  # a newer edit has come meanwhile
            return edition, soundtrack(edition, self.closing)

        self._slow.do(work, lambda pair: self.track_ready.emit(*pair), self._fail)

    def _make_thumbs(self, opened: Opened) -> None:
        if not opened.source.has_picture:
            return
        thumbs = Thumbs(opened.source, opened.proxy, opened.analysis.people.shots, self.cache)
        self.thumbs = thumbs

        def came() -> None:
            if self.thumbs is thumbs:
                self.thumbs_changed.emit()

        thumbs.make(self._slow, self.closing, came)


def _within(chosen: range | None, count: int) -> range | None:
    """A selection that still lies inside the words."""
    if chosen is None or chosen.start >= count:
        return None
    return range(chosen.start, min(chosen.stop, count)) or None


def project_for(name: str) -> Path:
    """The file of a new project called `name`, not used yet."""
    folder = data_folder() / "projects"
    plain = short_name(re.sub(r"[^\w\- ']+", "", name).strip()) or "Project"
    path, number = folder / f"{plain}.standtall", 2
    while path.exists():
        path, number = folder / f"{plain} {number}.standtall", number + 1
    return path

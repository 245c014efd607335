"""What is open: the project, its source and the short on the Bench; every edit goes through here.

The window's widgets read it and listen to it. Files are touched only in the keeper's thread.
"""

from __future__ import annotations

import contextlib
import re
from collections.abc import Callable
from dataclasses import dataclass, replace
from pathlib import Path
from typing import Any, TypeVar

from PySide6.QtCore import QObject, Signal

from standtall.base.errors import Cancelled, NothingToDo, StandTallError
from standtall.base.files import content_key
from standtall.base.folders import data_folder
from standtall.base.progress import Progress
from standtall.base.time import TICKS
from standtall.compose.scene import Edition, Scene
from standtall.desk.door import Door, Worker
from standtall.desk.rows import Page
from standtall.desk.thumbs import Thumbs
from standtall.framing.camera import Camera, plan
from standtall.library import wordlist
from standtall.library.cache import AnalysisCache
from standtall.library.finding import State, Whereabouts, whereabouts
from standtall.library.project import Entry, Project
from standtall.media.sound import Samples
from standtall.model import corrections, edits
from standtall.model.analysis import Analysis
from standtall.model.brief import Brief
from standtall.model.corrections import Term
from standtall.model.short import Short
from standtall.model.source import Source
from standtall.model.transcript import Revision, Transcript
from standtall.model.words import word_at
from standtall.render.render import soundtrack
from standtall.session.analyse import Options, known, so_far
from standtall.session.make import Choice, short_of, worked_out
from standtall.session.told import Found, as_told, found_in, transcript_of
from standtall.speech.search import WordIndex

MakeEdit = Callable[[Short, Analysis], edits.Edit]
MakeRevision = Callable[[Transcript], Revision]
T = TypeVar("T")
Lists = tuple[tuple[Term, ...], tuple[Term, ...]]


@dataclass(frozen=True, slots=True)
class Opened:
    """A source ready for the Bench; `analysis` is what was found, as the transcript tells it."""

    source: Source
    found: Found
    transcript: Transcript
    analysis: Analysis
    entry: Entry
    edition: Edition
    camera: Camera
    page: Page
    index: WordIndex
    proxy: str | None


class Workspace(QObject):
    """Signals carry what changed; times are ticks of the source."""

    project_changed = Signal(object)
    opened_changed = Signal()
    edition_changed = Signal()
    transcript_changed = Signal()
    selection_changed = Signal()
    playhead_changed = Signal(int)
    thumbs_changed = Signal()
    search_changed = Signal()
    terms_changed = Signal()
    lost_changed = Signal()
    track_ready = Signal(object, object)
    said = Signal(str, str)

    def __init__(self, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self.door = Door(self)
        self.keeper = Worker("keeper", self.door, behind=0)
        self._slow = Worker("lanes", self.door)
        self.cache = AnalysisCache()
        self.project_path: Path | None = None
        self.sources: tuple[Source, ...] = ()
        self.opened: Opened | None = None
        self.selection: range | None = None
        self.playhead = 0
        self.even = False
        self.thumbs: Thumbs | None = None
        self.hits: tuple[range, ...] = ()
        self.hit = -1
        self.terms: tuple[Term, ...] = ()
        self.own_terms: tuple[Term, ...] = ()
        """The word list of this project, and the user's own that holds in every project."""
        self.briefs: dict[str, Brief] = {}
        self.lost: dict[str, State] = {}
        self._taken_out: list[Source] = []
        self._project: Project | None = None
        self.closing = Progress()

    def close(self) -> None:
        self.closing.cancel()
        self.door.shut()
        self._slow.close()
        self.keeper.do(lambda: self._project.close() if self._project else None)
        self.keeper.close()

    def with_project(self, work: Callable[[Project], T], then: Callable[[T], None] | None = None) -> None:
        """Do something with the open project file in the keeper's thread; nothing happens where none is open."""

        def step() -> None:
            if self._project is not None:
                result = work(self._project)
                if then is not None:
                    self.door.send(lambda: then(result))

        self.keeper.do(step, None, self._fail)

    def _fail(self, error: StandTallError) -> None:
        if isinstance(error, Cancelled):
            return
        self.said.emit(str(error), "note" if isinstance(error, NothingToDo) else "error")

    # project

    def open_project(self, path: Path, then: Callable[[], None] | None = None) -> None:
        """Open a project file or begin a new one there."""

        def work() -> tuple[tuple[Source, ...], str | None, Lists, dict[str, Brief]]:
            fresh = Project(path)
            if self._project is not None:
                self._project.close()
            self._project = fresh
            last = fresh.opened()
            key = fresh.entry(last).short.source_key if last is not None else None
            return fresh.sources(), key, (fresh.terms(), wordlist.load()), fresh.briefs()

        def arrived(found: tuple[tuple[Source, ...], str | None, Lists, dict[str, Brief]]) -> None:
            self.project_path, (self.sources, key, terms, self.briefs) = path, found
            self._arrived_terms(terms)
            self.opened, self.selection = None, None
            self._taken_out = []
            self.project_changed.emit(path)
            self.opened_changed.emit()
            for source in self.sources:
                if source.key == key:
                    self.open_source(source)
            self.look_for_files()
            if then is not None:
                then()

        self.keeper.do(work, arrived, self._fail)

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

    def add_source(self, source: Source) -> None:
        def work() -> tuple[Source, ...]:
            assert self._project is not None
            self._project.add_source(source)
            return self._project.sources()

        def arrived(sources: tuple[Source, ...]) -> None:
            self.sources = sources
            self.project_changed.emit(self.project_path)

        self.keeper.do(work, arrived, self._fail)

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
                self.opened, self.selection = None, None
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

    def brief_of(self, source: Source) -> Brief:
        return self.briefs.get(source.key, Brief())

    def options_of(self, source: Source) -> Options:
        """What is set for the analysis of a source."""
        return Options(self.brief_of(source), terms=(*(t.text for t in self.all_terms), *self.brief_of(source).topics))

    def set_brief(self, source: Source, brief: Brief) -> None:
        """Remember what the editor says of a source."""
        self.briefs = {**self.briefs, source.key: brief}

        def work() -> None:
            assert self._project is not None
            self._project.set_brief(source.key, brief)

        self.keeper.do(work, None, self._fail)

    def open_source(self, source: Source, then: Callable[[bool], None] | None = None) -> None:
        """Bring an analysed source to the Bench with its newest short, or a first one; `then` hears whether it could."""

        def work() -> Opened | None:
            options = self.options_of(source)
            measured = known(source, options, self.cache) or so_far(source, options, self.cache)
            if measured is None or self._project is None:
                return None
            found = found_in(measured)
            transcript = transcript_of(self._project, found)
            analysis = as_told(measured, transcript)
            mine = [e for e in self._project.shorts() if e.short.source_key == source.key]
            last = self._project.opened()
            entry = next((e for e in mine if e.id == last), mine[-1] if mine else None)
            if entry is None:
                brief = self.brief_of(source)
                made = short_of(source, analysis, Choice(length=brief.most_s * TICKS), brief.look, brief.content)
                entry = self._project.entry(self._project.add_short(made))
            self._project.mark_opened(entry.id)
            return self._work_out(source, found, transcript, entry)

        def arrived(opened: Opened | None) -> None:
            if opened is not None:
                self.opened, self.selection = opened, None
                self.thumbs = None
                self.playhead = opened.entry.short.excerpts[0].start
                self.opened_changed.emit()
                self.edition_changed.emit()
                self._make_thumbs(opened)
                self._make_track(opened.edition)
            if then is not None:
                then(opened is not None)

        self.keeper.do(work, arrived, self._fail)

    def refresh_found(self, source: Source, last: bool) -> None:
        """More of the opened source was found: show it behind what is there, corrected or not. Who says what is known at the
        end; where words were corrected by then that is a step of its own."""
        now = self.opened
        if now is None or now.source.key != source.key:
            return

        def work() -> Opened | None:
            options = self.options_of(source)
            measured = known(source, options, self.cache) or so_far(source, options, self.cache)
            if measured is None or self._project is None:
                return None
            found = found_in(measured)
            entry = self._project.entry(now.entry.id)
            told = transcript_of(self._project, found)
            if last and told is not found.transcript:
                with contextlib.suppress(NothingToDo):
                    entry = self._project.revise(entry.id, told, corrections.rest_heard(told, found.transcript))
            return self._work_out(source, found, transcript_of(self._project, found), entry)

        self.keeper.do(work, self._arrived, self._fail)

    def _work_out(
        self, source: Source, found: Found, transcript: Transcript, entry: Entry, before: Opened | None = None
    ) -> Opened:
        analysis = as_told(found.analysis, transcript)
        if before is None or transcript.words is not before.transcript.words:
            page, index = Page(analysis.words, source.length, self.even), WordIndex(analysis.words)
        else:
            page, index = before.page, before.index
        proxy = self.cache.proxy(source.key)
        camera = before.camera if before is not None and _same_view(before, entry.short, analysis) else None
        if camera is None:
            camera = plan(entry.short, source, analysis.people, everywhere=True)
        edition = worked_out(entry.short, source, analysis, camera)
        return Opened(
            source, found, transcript, analysis, entry, edition, camera, page, index,
            str(proxy) if proxy.exists() else None,
        )  # fmt: skip

    def set_even(self, even: bool) -> None:
        self.even = even
        opened = self.opened
        if opened is not None:
            self.keeper.do(
                lambda: self._work_out(opened.source, opened.found, opened.transcript, opened.entry),
                self._arrived_page,
                self._fail,
            )

    def _arrived_page(self, opened: Opened) -> None:
        self.opened = opened
        self.opened_changed.emit()

    # the word list and searching

    @property
    def all_terms(self) -> tuple[Term, ...]:
        """Both word lists together; what the project says of a word comes after what the user says in general."""
        return (*self.own_terms, *self.terms)

    def set_terms(self, terms: tuple[Term, ...], own: tuple[Term, ...]) -> None:
        """Keep other word lists: of the project, and the user's own."""
        own_changed = own != self.own_terms

        def work() -> Lists:
            assert self._project is not None
            self._project.set_terms(terms)
            if own_changed:
                wordlist.save(own)
            return self._project.terms(), wordlist.load()

        self.keeper.do(work, self._arrived_terms, self._fail)

    def _arrived_terms(self, lists: Lists) -> None:
        self.terms, self.own_terms = lists
        self.terms_changed.emit()

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

    def in_background(self, work: Callable[[], Any], then: Callable[[Any], None]) -> None:
        """Do slow work that a person asked for; errors are told."""
        self._slow.do(work, then, self._fail)

    def in_background_or(self, work: Callable[[], Any], then: Callable[[Any], None], failed: Callable[[], None]) -> None:
        """Do slow work for a sheet that is told, too, when it fails or is stopped."""

        def fail(error: StandTallError) -> None:
            self._fail(error)
            failed()

        self._slow.do(work, then, fail)

    # edits

    def edit(self, make: MakeEdit) -> None:
        """Apply an edit: saved first, then shown."""

        def step(project: Project, entry: Entry, analysis: Analysis) -> Entry:
            return project.apply(entry.id, make(entry.short, analysis))

        self._change(step)

    def revise(self, make: MakeRevision) -> None:
        """Correct the words: saved first, then shown."""

        def step(project: Project, entry: Entry, _analysis: Analysis) -> Entry:
            assert self.opened is not None
            base = transcript_of(project, self.opened.found)
            return project.revise(entry.id, base, make(base))

        self._change(step)

    def undo(self) -> None:
        self._change(lambda project, entry, _a: project.undo(entry.id))

    def redo(self) -> None:
        self._change(lambda project, entry, _a: project.redo(entry.id))

    def _change(self, step: Callable[[Project, Entry, Analysis], Entry]) -> None:
        def work() -> Opened | None:
            now = self.opened
            if now is None or self._project is None:
                return None
            entry = step(self._project, self._project.entry(now.entry.id), now.analysis)
            transcript = transcript_of(self._project, now.found)
            return self._work_out(now.source, now.found, transcript, entry, now)

        self.keeper.do(work, self._arrived, self._fail)

    def _arrived(self, opened: Opened | None) -> None:
        if opened is None:
            return
        told_otherwise = self.opened is None or opened.transcript != self.opened.transcript
        self.opened = opened
        if told_otherwise:
            self.hits, self.hit = (), -1
            self.selection = _within(self.selection, len(opened.transcript.words))
            self.transcript_changed.emit()
        self.edition_changed.emit()
        self._make_track(opened.edition)

    def make_short(self, make: Callable[[Opened], Short], then: Callable[[], None] | None = None) -> None:
        """Add a short to the project and bring it to the Bench."""
        now = self.opened
        if now is None:
            return

        def work() -> Opened:
            assert self._project is not None
            entry = self._project.entry(self._project.add_short(make(now)))
            return self._work_out(now.source, now.found, now.transcript, entry, now)

        def arrived(opened: Opened) -> None:
            self._arrived_short(opened)
            if then is not None:
                then()

        self.keeper.do(work, arrived, self._fail)

    def open_short(self, number: int) -> None:
        """Bring another short of the project to the Bench, with the source it is from."""

        def work() -> Opened | Source | None:
            assert self._project is not None
            entry, now = self._project.entry(number), self.opened
            self._project.mark_opened(number)
            if now is not None and entry.short.source_key == now.source.key:
                return self._work_out(now.source, now.found, now.transcript, entry, now)
            return next((s for s in self.sources if s.key == entry.short.source_key), None)

        def arrived(found: Opened | Source | None) -> None:
            if isinstance(found, Source):
                self.open_source(found)
            elif found is not None:
                self._arrived_short(found)

        self.keeper.do(work, arrived, self._fail)

    def _arrived_short(self, opened: Opened) -> None:
        self.opened = opened
        self.edition_changed.emit()
        self._make_track(opened.edition)
        self.seek(opened.entry.short.excerpts[0].start)

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


def _same_view(before: Opened, short: Short, analysis: Analysis) -> bool:
    """Whether the camera has nothing new to look at."""
    was = before.entry.short
    same = (was.framing, was.width, was.height) == (short.framing, short.width, short.height)
    return same and before.analysis.people == analysis.people


def _within(chosen: range | None, count: int) -> range | None:
    """A selection that still lies inside the words."""
    if chosen is None or chosen.start >= count:
        return None
    return range(chosen.start, min(chosen.stop, count)) or None


def project_for(name: str) -> Path:
    """The file of a new project called `name`, not used yet."""
    folder = data_folder() / "projects"
    plain = re.sub(r"[^\w\- ']+", "", name).strip() or "Project"
    path, number = folder / f"{plain}.standtall", 2
    while path.exists():
        path, number = folder / f"{plain} {number}.standtall", number + 1
    return path

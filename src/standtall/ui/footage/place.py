"""The Footage place: sources, the analysis of each with its stages, progress and cancel."""

from __future__ import annotations

from pathlib import Path

from PySide6.QtCore import Qt, QTimer, Signal
from PySide6.QtGui import QDragEnterEvent, QDropEvent, QImage, QShowEvent
from PySide6.QtWidgets import (
    QFileDialog,
    QHBoxLayout,
    QLabel,
    QPushButton,
    QScrollArea,
    QVBoxLayout,
    QWidget,
)

from standtall.base.errors import StandTallError
from standtall.base.interface_language import count_of, tr
from standtall.jobs.events import Analysed, Ended, Event, Heard, Problem, Progressed, StageDone, Started, State
from standtall.jobs.queue import Entry
from standtall.jobs.requests import AnalyseRequest, Request
from standtall.library.project import Project
from standtall.media.probe import probe
from standtall.model.source import Source
from standtall.session.analyse import known
from standtall.session.usage import Usage, usage
from standtall.ui.footage.brief_sheet import BriefSheet
from standtall.ui.footage.card import SourceCard, poster_of, told_of
from standtall.ui.footage.fetching import FetchRow
from standtall.ui.footage.first_steps import FirstSteps
from standtall.ui.footage.preview_copies import PreviewCopies
from standtall.ui.footage.said_archive import SaidArchive
from standtall.ui.footage.said_sheet import SaidSheet
from standtall.ui.state.workspace import Workspace
from standtall.ui.threads.dispatcher import Worker
from standtall.ui.widgets import dressing, theme
from standtall.ui.widgets.actions import Action, button_of
from standtall.ui.widgets.in_turn import InTurn
from standtall.ui.widgets.machine_strip import MachineStrip
from standtall.ui.widgets.notification import notify
from standtall.ui.widgets.place import Place

IN_SIGHT, EACH = 8, 1
"""Cards that are made at once, and in each further turn of the event loop."""
USED_MS = 400
"""After the last edit it is seen so much later which parts of the footage are used."""


class FootagePlace(QWidget):
    """Add footage, watch it being analysed, open it on the Bench."""

    opened = Signal(object)
    opened_at = Signal(object, int)
    previewed = Signal(object, int)
    heard_wanted = Signal(object, int, int)
    """A file, and the passage of it that is to be heard (ticks)."""
    demo_wanted = Signal()

    def __init__(self, workspace: Workspace, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        dressing.by_parts(self)
        self._ws = workspace
        self._looker = Worker("footage", workspace.dispatcher)
        self.brief = BriefSheet(workspace, self._looker)
        self.brief.changed.connect(self._brief_changed)
        self.brief.wants_to_see.connect(self.previewed)
        self.brief.hide()
        self._previews = PreviewCopies(workspace, self)
        self._previews.came.connect(self._preview_came)
        self._cards: dict[str, SourceCard] = {}
        self._in_turn = InTurn(self._put, IN_SIGHT, EACH, self._all_there, self)
        self._open_next = False
        self.setAcceptDrops(True)
        title = QLabel(tr("Footage"))
        title.setObjectName("title")
        add = QPushButton(tr("Add footage…"))
        theme.draw(add, "add")
        add.setToolTip(tr("Choose video or sound files (Ctrl+I)"))
        add.clicked.connect(self.choose)
        self.fetching = FetchRow(workspace)
        self.fetching.came.connect(lambda path: self.add([path], open_when_ready=workspace.opened is None))
        head = QHBoxLayout()
        head.addWidget(title)
        head.addStretch(1)
        self.archive = SaidArchive(workspace)
        self.said: SaidSheet | None = None
        self.search_said = Action(
            "search-said",
            tr("Search everything ever said"),
            self.look_through,
            ("Ctrl+Shift+F",),
            "anywhere",
            tr("Search everything said…"),
        )
        head.addWidget(button_of(self.search_said))
        head.addWidget(self.fetching.link)
        head.addWidget(add)
        self.first = FirstSteps(self.choose)
        self.first.demo_wanted.connect(self.demo_wanted)
        workspace.said.connect(lambda _text, tone: self.first.tell_opening("") if tone == "error" else None)
        self._list = QVBoxLayout()
        self._list.setSpacing(10)
        inner = QWidget()
        column = QVBoxLayout(inner)
        column.setContentsMargins(0, 0, 6, 0)
        column.addLayout(self._list)
        column.addWidget(self.first)
        column.addStretch(1)
        scroll = QScrollArea()
        scroll.setWidgetResizable(True)
        scroll.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        scroll.setWidget(inner)
        whole = QVBoxLayout(self)
        whole.setContentsMargins(16, 14, 10, 10)
        whole.setSpacing(12)
        whole.addLayout(head)
        whole.addWidget(self.fetching)
        self.machines = MachineStrip()
        whole.addWidget(self.machines)
        row = QHBoxLayout()
        row.addWidget(scroll, 1)
        row.addWidget(self.brief)
        whole.addLayout(row, 1)
        self._generation = workspace.generation
        workspace.project_changed.connect(lambda _p: self._project_changed())
        workspace.lost.changed.connect(self._show_lost)
        workspace.jobs.heard.connect(self._heard)
        self.posted: frozenset[int] = frozenset()
        """Numbers of shorts of the open project that are out on some channel."""
        self._used_soon = QTimer(self)
        self._used_soon.setSingleShot(True)
        self._used_soon.setInterval(USED_MS)
        self._used_soon.timeout.connect(self._ask_used)
        workspace.opened_changed.connect(self.look_at_use)
        workspace.composition_changed.connect(self.look_at_use)

    def look_at_use(self) -> None:
        """See soon which parts of the footage shorts show."""
        self._used_soon.start()

    def _ask_used(self) -> None:
        """See which parts of the footage shorts show by now."""
        if not self._cards or not self.isVisible():
            return
        sources, posted = tuple(card.source for card in self._cards.values()), self.posted

        def look(project: Project) -> dict[str, Usage]:
            shorts = {entry.id: entry.short for entry in project.shorts()}
            return {source.key: usage(source, shorts, posted) for source in sources}

        def arrived(found: dict[str, Usage]) -> None:
            for key, used in found.items():
                if key in self._cards:
                    self._cards[key].show_used(used)

        self._ws.with_project(look, arrived)

    def showEvent(self, event: QShowEvent) -> None:
        super().showEvent(event)
        self.look_at_use()

    def place(self) -> Place:
        return Place("footage", self, (self.search_said,))

    def look_through(self) -> None:
        """Look through everything ever said on this machine."""
        if self.said is None:
            self.said = SaidSheet(self._ws, self.archive, self.window())
            self.said.open_wanted.connect(self.opened_at)
            self.said.heard_wanted.connect(self.heard_wanted)
        self.said.show()
        self.said.raise_()
        self.said.query.setFocus()

    def unfinished(self) -> list[str]:
        """What would stop if the window closed now, in sentences."""
        out = []
        running, waiting = self._jobs("running"), len(self._jobs("waiting"))
        for entry in running:
            more = tr(" {waiting} more would wait.", waiting=count_of(waiting, "file")) if waiting else ""
            name = _source_of(entry).name
            out.append(tr("{name} is being analysed: what was found is kept, and it goes on from there.", name=name) + more)
        if self.fetching.running:
            out.append(tr("A file is being fetched: what came is kept, and the same link goes on from there."))
        return out

    def _jobs(self, state: State | None = None) -> list[Entry]:
        return self._ws.jobs.of(AnalyseRequest, state)

    def _job_of(self, source: Source) -> Entry | None:
        return next((e for e in self._jobs() if _source_of(e).key == source.key), None)

    def give_up(self) -> None:
        """Begin nothing more."""
        self._looker.end()

    def end(self) -> None:
        """Wait for the thread that looks at files."""
        self._looker.close(0.5)

    def choose(self) -> None:
        files, _kind = QFileDialog.getOpenFileNames(self, tr("Add footage"))
        self.add([Path(f) for f in files])

    def add(self, paths: list[Path], open_when_ready: bool = False) -> None:
        """Look at files in the background, put them into the project and analyse them one after another."""
        self._open_next = self._open_next or open_when_ready
        generation = self._ws.generation

        def looked_at(source: Source) -> None:
            if generation == self._ws.generation:
                self._looked_at(source)
            else:
                told = tr(
                    "{name} was not added: another project has been opened. Add it again if it is for this one.", name=source.name
                )
                self._ws.said.emit(told, "note")

        for path in paths:
            self._looker.do(lambda p=path: probe(p), looked_at, self._refused, self)  # type: ignore[misc]

    def _refused(self, error: StandTallError) -> None:
        self._ws.said.emit(str(error), "error")

    def _looked_at(self, source: Source) -> None:
        self._ws.add_source(source)
        self._put(source)
        self.start(source)

    def dragEnterEvent(self, event: QDragEnterEvent) -> None:
        if event.mimeData().hasUrls():
            event.acceptProposedAction()

    def dropEvent(self, event: QDropEvent) -> None:
        self.add([Path(url.toLocalFile()) for url in event.mimeData().urls() if url.isLocalFile()])

    def _project_changed(self) -> None:
        """Those that wait belong to the project that was open: they are given up where it is another one now."""
        if self._generation != self._ws.generation:
            self._generation, self._open_next = self._ws.generation, False
            keys = {s.key for s in self._ws.sources}
            gone = [e for e in self._jobs("waiting") if _source_of(e).key not in keys]
            for entry in gone:
                self._ws.jobs.cancel(entry.number)
            if gone:
                names = ", ".join(_source_of(e).name for e in gone[:3])
                self._ws.said.emit(tr("Not analysed yet: {names}. Open their project again to go on.", names=names), "note")
        self._refresh()

    # cards

    def _refresh(self) -> None:
        keys = {s.key for s in self._ws.sources}
        for key in [k for k in self._cards if k not in keys]:
            self._cards.pop(key).deleteLater()
        self._in_turn.take(self._ws.sources)
        self.first.show_steps(not self._cards)
        if self.brief.source is not None and self.brief.source.key not in keys:
            if self._ws.sources:
                self._show_brief(self._ws.sources[0])
            else:
                self.brief.hide()
                self.brief.source = None

    def _all_there(self) -> None:
        self._show_lost()
        self.look_at_use()

    def _put(self, source: Source) -> bool:
        """The card of a source; -> whether it was made."""
        if source.key in self._cards:
            self._cards[source.key].source = source
            return False
        card = SourceCard(source)
        job = self._job_of(source)
        if job is not None:
            card.show_state(job.state, tr("Going on") if job.state == "running" else "")
        card.wanted.connect(self.opened)
        card.analyse.connect(self.start)
        card.stop.connect(self.stop)
        card.chosen.connect(self.choose_source)
        card.sooner.connect(self.sooner)
        card.sought.connect(self.seek_file)
        card.left.connect(self.remove)
        self._cards[source.key] = card
        self._list.addWidget(card)
        self.first.setVisible(False)

        def arrived(image: QImage | None) -> None:
            if image is not None and self._cards.get(source.key) is card:
                card.set_poster(image)

        def failed(error: StandTallError) -> None:
            if self._cards.get(source.key) is card:  # it may have left the list meanwhile
                card.show_state("failed", str(error))

        self._looker.do(lambda: poster_of(source), arrived, failed)
        self._look(source)
        if self.brief.source is None:
            self._show_brief(source)
        return True

    def _look(self, source: Source) -> None:
        """Say of a source that nobody works on whether it is analysed, as its brief stands."""
        options = self._ws.options_of(source)

        def look() -> str | None:
            found = known(source, options, self._ws.cache)
            if found is None:
                return None
            return told_of(len(found.words), len(found.people.shots), len(found.people.names))

        def arrived(text: str | None) -> None:
            card = self._cards.get(source.key)
            if card is not None and card.state not in ("running", "early", "waiting", "failed"):
                card.show_state("ready" if text else "unknown", text or "")
                if text:
                    self._previews.want(source)

        self._looker.do(look, arrived, lambda _error: None)  # what is not known is shown as not analysed

    def choose_source(self, source: Source) -> None:
        """Show the brief of a source beside the list, and its picture."""
        now = self._show_brief(source)
        self.previewed.emit(now, self._ws.brief_of(now).start)

    def _show_brief(self, source: Source) -> Source:
        now = next((s for s in self._ws.sources if s.key == source.key), source)
        for key, card in self._cards.items():
            card.show_chosen(key == source.key)
        self.brief.show_source(now)
        self.brief.show()
        return now

    def _brief_changed(self, source: Source, measured: bool) -> None:
        card = self._cards.get(source.key)
        if card is not None:
            card.source = source
            if measured and card.state not in ("running", "early", "waiting"):
                self._look(source)

    # analysis, one after another

    def start(self, source: Source) -> None:
        if self._job_of(source) is None:
            options = self._ws.options_of(source)
            captions = str(options.captions) if options.captions is not None else ""
            self._ws.jobs.ask(AnalyseRequest(source, self._ws.brief_of(source), options.terms, captions))
            alone = len(self._jobs()) == 1
            self._show_state(source, "running" if alone else "waiting", tr("Starting") if alone else "")

    def _show_state(self, source: Source, state: str, text: str = "") -> None:
        card = self._cards.get(source.key)
        if card is not None:  # the project may be another one now
            card.show_state(state, text)

    def sooner(self, source: Source) -> None:
        """Let one that waits go before the one in front of it."""
        job = self._job_of(source)
        if job is not None and job.state == "waiting":
            self._ws.jobs.sooner(job.number)
            for place, waiting in enumerate(self._jobs("waiting")):
                text = tr("Next.") if place == 0 else tr("Waiting for {place} before it.", place=place + 1)
                self._show_state(_source_of(waiting), "waiting", text)

    def _preview_came(self, source: Source, share: float | None) -> None:
        card = self._cards.get(source.key)
        if card is not None:
            card.show_preview(share)

    # removing

    def remove(self, source: Source) -> None:
        """Remove a source from the project; its file, and all that was made of it, stay for when it comes back."""
        self.stop(source)
        self._ws.remove_source(source)

    # files that are not where they were

    def _show_lost(self) -> None:
        for key, card in self._cards.items():
            card.show_lost(self._ws.lost.states.get(key, "here"))

    def seek_file(self, source: Source) -> None:
        """Ask where a file is."""
        name, _kind = QFileDialog.getOpenFileName(self, tr("Where is {name}?", name=source.name), str(Path(source.path).parent))
        if name:
            self._ws.found_at(source, Path(name))

    def stop(self, source: Source) -> None:
        job = self._job_of(source)
        if job is not None:
            self._ws.jobs.cancel(job.number)

    def _heard(self, _number: int, request: Request, event: Event) -> None:
        if not isinstance(request, AnalyseRequest):
            return
        source = request.source
        if isinstance(event, Ended):
            self._ended(source, event.state)
            return
        card = self._cards.get(source.key)
        if card is None:
            return
        if isinstance(event, Started):
            card.show_state("running", tr("Starting"))
        elif isinstance(event, Progressed):
            card.show_progress(event.stage, event.share, event.left_s)
        elif isinstance(event, StageDone):
            card.finish_stage(event.stage)
        elif isinstance(event, Heard):
            if card.state == "running":
                card.show_state("early")
            if self._open_next or self._straight_on(source):
                self._open_next = False
                self.opened.emit(source)
            else:
                self._ws.refresh_found(source, last=False)
        elif isinstance(event, Analysed):
            card.show_state("ready", told_of(event.words, event.shots, event.people))
        elif isinstance(event, Problem):
            card.show_state("failed", f"{event.message} {event.hint}")

    def _straight_on(self, source: Source) -> bool:
        """Whether a finished clip goes to the Bench by itself: nobody who works in another place is disturbed."""
        return self._ws.brief_of(source).content == "clip" and self.isVisible()

    def _ended(self, source: Source, state: State) -> None:
        self._refresh()
        if source.key not in self._cards:  # it was removed meanwhile, or its project closed: it is not to be opened
            self._open_next = False
        elif state == "stopped":
            self._show_state(source, "stopped")
        elif state == "done":
            self._ws.said.emit(tr("{name} is ready.", name=source.name), "note")
            self._looker.do(lambda: notify(tr("Ready for the Bench"), tr("{name} is analysed.", name=source.name)))
            self._ws.refresh_found(source, last=True)
            if self._open_next or self._ws.opened is None or self._straight_on(source):
                self._open_next = False
                self.opened.emit(source)
            self._previews.want(source)


def _source_of(entry: Entry) -> Source:
    assert isinstance(entry.request, AnalyseRequest)
    return entry.request.source

"""Everything ever said on this machine, as the window keeps and asks it: what is opened and corrected goes in by itself."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path
from typing import Any, Final

from PySide6.QtCore import QObject, QTimer, Signal

from standtall.jobs.events import Analysed, Event
from standtall.jobs.requests import AnalyseRequest, Request
from standtall.library.project import Project
from standtall.model.source import Source
from standtall.model.transcript import Transcript
from standtall.session.analyse import known
from standtall.session.archive import Archive, ArchivedSource, day_of
from standtall.session.told import found_in, transcript_of
from standtall.ui.state.workspace import Workspace

SETTLED_MS: Final = 2_500
"""How long nothing is corrected before it is taken in."""


class SaidArchive(QObject):
    """`changed` tells that more is known. The index is opened when it is first needed, in a queue of its own."""

    changed = Signal()

    def __init__(self, workspace: Workspace) -> None:
        super().__init__(workspace)
        self._ws = workspace
        self._index: Archive | None = None
        self._settle = QTimer(self)
        self._settle.setSingleShot(True)
        self._settle.setInterval(SETTLED_MS)
        self._settle.timeout.connect(self._take_opened)
        for signal in (workspace.opened_changed, workspace.transcript_changed):
            signal.connect(self._settle.start)
        workspace.jobs.heard.connect(self._heard)
        self._later = QTimer(self)
        self._later.setSingleShot(True)
        self._later.setInterval(SETTLED_MS)
        self._later.timeout.connect(self._take_all)
        workspace.project_changed.connect(lambda _path: self._later.start())  # what is to be shown comes first
        self._taken: set[tuple[int, str]] = set()
        """Sources of which it was looked whether they are in it, by the project that was open then."""

    def ask(self, question: Callable[[Archive], Any], then: Callable[[Any], None], owner: QObject | None = None) -> None:
        """Ask the archive, beside the interface; faults are told."""
        self._ws.in_background("archive", lambda: question(self._opened()), then, owner)

    def _opened(self) -> Archive:
        if self._index is None:
            self._index = Archive()
        return self._index

    def _take_opened(self) -> None:
        opened = self._ws.opened
        if opened is not None and not self._settle.isActive():
            self._take(opened.source, opened.transcript)

    def _heard(self, _number: int, request: Request, event: Event) -> None:
        """Footage is analysed: what is said in it goes in, also where nobody opens it."""
        if not isinstance(request, AnalyseRequest) or not isinstance(event, Analysed):
            return
        if request.source.key in [s.key for s in self._ws.sources_here()]:
            self._look_at(request.source)

    def _take_all(self) -> None:
        """All footage of a project that was opened, one after another, so that nothing else waits long."""
        for source in self._ws.sources_here():
            mark = self._ws.generation, source.key
            if mark not in self._taken:
                self._taken.add(mark)
                self._look_at(source)

    def _look_at(self, source: Source) -> None:
        """Take in what is said in footage that is analysed, as it is corrected in this project."""
        ws = self._ws
        options, cache = ws.options_of(source), ws.cache

        def work(project: Project) -> Transcript | None:
            measured = known(source, options, cache)
            return None if measured is None else transcript_of(project, found_in(measured))

        ws.with_project(work, lambda found: None if found is None else self._take(source, found))

    def _take(self, source: Source, transcript: Transcript) -> None:
        project = self._ws.project_path
        programme, place = (project.stem, str(project)) if project is not None else ("", "")

        def work(archive: Archive) -> bool:
            there = ArchivedSource(source.key, source.name, source.path, programme, day_of(Path(source.path)), place)
            return archive.add(there, transcript)

        self.ask(work, lambda new: self.changed.emit() if new else None)

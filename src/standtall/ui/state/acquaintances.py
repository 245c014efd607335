"""People of the opened footage who are known by name from other footage of the project."""

from __future__ import annotations

from typing import TYPE_CHECKING

from PySide6.QtCore import QObject, Signal

from standtall.base.errors import StandTallError
from standtall.library.project import Project
from standtall.model.people import UNNAMED
from standtall.model.source import Source
from standtall.model.transcript import Transcript
from standtall.session.analyse import known
from standtall.session.same_people import Known, Likeness, likenesses, named_in

if TYPE_CHECKING:
    from standtall.ui.state.workspace import Workspace


class Acquaintances(QObject):
    """`found` are the likenesses; `changed` tells that they are others. Looked for once for each opening, beside all else."""

    changed = Signal()

    def __init__(self, workspace: Workspace) -> None:
        super().__init__(workspace)
        self._ws = workspace
        self._known: list[Known] = []
        self._asked = ""
        """The key of the source for which others were looked at."""
        self.found: list[Likeness] = []
        workspace.opened_changed.connect(self._opened)
        workspace.transcript_changed.connect(self._compare)

    def _opened(self) -> None:
        opened = self._ws.opened
        key = opened.source.key if opened is not None else ""
        if key == self._asked:
            self._compare()
            return
        self._asked, self._known = key, []
        self._compare()
        others = [s for s in self._ws.sources if s.key != key]
        if opened is None or not others:
            return

        def told(project: Project) -> list[tuple[Source, Transcript]]:
            found = ((s, project.transcripts.find(s.key)) for s in others)
            return [(s, t) for s, t in found if t is not None and any(not UNNAMED.fullmatch(p.name) for p in t.speakers)]

        self._ws.with_project(told, lambda named: self._look(key, named))

    def _look(self, key: str, named: list[tuple[Source, Transcript]]) -> None:
        if not named:
            return
        options = {source.key: self._ws.options_of(source) for source, _ in named}

        def work() -> list[Known]:
            out: list[Known] = []
            for source, transcript in named:
                analysis = known(source, options[source.key], self._ws.cache)
                if analysis is not None:
                    out += named_in(source.name, analysis.people, transcript)
            return out

        def arrived(found: list[Known]) -> None:
            if key == self._asked:
                self._known = found
                self._compare()

        def failed(_error: StandTallError) -> None:
            return  # a likeness is a convenience: what cannot be read is told where it is opened

        self._ws.queues.do("words", work, arrived, failed, self)

    def _compare(self) -> None:
        opened = self._ws.opened
        found = likenesses(opened.found.analysis.people, opened.transcript, self._known) if opened is not None else []
        if found != self.found:
            self.found = found
            self.changed.emit()

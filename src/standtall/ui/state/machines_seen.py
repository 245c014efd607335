"""The machines that help this one: where their scheduler is, who is there just now, and what each does."""

from __future__ import annotations

from PySide6.QtCore import QObject, Signal

from standtall.base.interface_language import tr
from standtall.jobs.events import Ended, Event, MachinesSeen, Problem
from standtall.jobs.requests import Request, WatchMachinesRequest
from standtall.library import machines
from standtall.library.machines import Machines as Setting
from standtall.ui.state.workspace import Workspace


class Machines(QObject):
    """`changed` tells that the setting, or what is seen of the machines, is another."""

    changed = Signal()

    def __init__(self, workspace: Workspace, parent: QObject) -> None:
        super().__init__(parent)
        self._ws = workspace
        self.setting = Setting()
        self.seen: MachinesSeen | None = None
        self._watch: int | None = None
        workspace.jobs.heard.connect(self._heard)
        workspace.in_background_or("files", machines.load, self._loaded, lambda: None, self)

    @property
    def helping(self) -> int:
        """How many workers of this version are there."""
        return sum(m.fits for m in self.seen.machines) if self.seen is not None else 0

    def use(self, setting: Setting) -> None:
        """Let the machines of a scheduler help from now on, or none; what runs goes on as it began."""
        self._ws.in_background_or("files", lambda: machines.save(setting), lambda _n: self._take(setting), lambda: None, self)

    def _loaded(self, found: tuple[Setting, str]) -> None:
        setting, said = found
        if said:
            self._ws.said.emit(said, "error")
        self._take(setting)

    def _take(self, setting: Setting) -> None:
        self.setting, self.seen = setting, None
        if self._watch is not None:
            self._ws.jobs.cancel(self._watch)
            self._watch = None
        if setting.used:
            self._watch = self._ws.jobs.ask(WatchMachinesRequest(setting.scheduler, setting.key))
        self._ws.renders.set_helping(0)
        self.changed.emit()

    def _heard(self, number: int, request: Request, event: Event) -> None:
        if not isinstance(request, WatchMachinesRequest) or number != self._watch:
            return
        if isinstance(event, MachinesSeen) and event != self.seen:
            self.seen = event
            self._ws.renders.set_helping(self.helping)
            self.changed.emit()
        elif isinstance(event, Problem):
            self.seen = MachinesSeen((), f"{event.message} {event.hint}".strip())
            self._ws.said.emit(self.seen.said, "error")
        elif isinstance(event, Ended):
            self._watch = None
            if self.seen is None or not self.seen.said:
                self.seen = MachinesSeen((), tr("It cannot be seen which machines there are."))
            self.changed.emit()

"""Who carries tasks out: this very process for little, helpers on all cores of this machine for more, other machines where there
are some."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path
from typing import Final

from standtall.base.errors import ProjectError
from standtall.base.interface_language import tr
from standtall.base.progress import Progress
from standtall.base.time import TICKS_PER_SECOND
from standtall.jobs.events import Event, MachinesSeen, Noted
from standtall.jobs.helpers import LocalHelpers, usual_count
from standtall.jobs.machines.shared_key import NotSetUp
from standtall.jobs.requests import RenderRequest, WatchMachinesRequest
from standtall.jobs.tasks import Helpers, Here, Supply, Task
from standtall.library import machines
from standtall.library.machines import Machines
from standtall.model.source import Source

LITTLE: Final = 20 * TICKS_PER_SECOND
"""Footage up to this length is analysed sooner than helpers have begun."""
EVERY_S: Final = 2.0
Tell = Callable[[Event], None]


def helpers_for(source: Source, tell: Tell) -> Helpers:
    """Who analyses a source."""
    from standtall.session.analysis_tasks import carried_out  # a render needs nothing of it

    count = usual_count()
    if source.length <= LITTLE:
        return Here(carried_out)
    alone = LocalHelpers(count) if count > 1 else Here(carried_out)
    there = machines.load()[0]
    return _WithMachines(there, source.name, alone, tell) if there.used else alone


def render_elsewhere(request: RenderRequest, tell: Tell, progress: Progress) -> bool:
    """Let another machine render; -> whether one did. Where none is set, or none is there (which is told of), nothing is done."""
    there = machines.load()[0]
    if not there.used:
        return False
    from standtall.jobs.machines.client import MachineHelpers, MachinesGone
    from standtall.session.machine_tasks import RenderSupply, carry_on_machine

    supply = RenderSupply(request, tell, progress)
    try:
        MachineHelpers(there.scheduler, key_of(there), carry_on_machine, "Render").run(supply, progress)
    except MachinesGone as gone:
        tell(Noted(tr("{message} It is rendered on this machine.", message=gone.message)))
    except NotSetUp as error:  # before anything was given
        tell(Noted(tr("{error} It is rendered on this machine.", error=error)))
    return supply.over


def watch_machines(request: WatchMachinesRequest, tell: Tell, progress: Progress) -> None:
    """Tell of the machines of a scheduler until it is stopped."""
    from standtall.jobs.machines.client import MachinesGone, connected, machines_seen

    key = key_of(Machines(request.scheduler, request.key))
    while True:
        try:
            with connected(request.scheduler, key) as client:
                while client.status == "running":
                    tell(MachinesSeen(machines_seen(client)))
                    progress.wait(EVERY_S)
                    progress.check()
        except (MachinesGone, OSError, TimeoutError, KeyError) as gone:
            tell(MachinesSeen((), str(gone) or tr("The scheduler does not answer.")))
        progress.wait(EVERY_S)
        progress.check()


def key_of(there: Machines) -> Path:
    """The key of the machines, or that of this machine alone."""
    from standtall.jobs.machines.shared_key import checked_key, own_key

    if there.key and not Path(there.key).is_file():
        raise ProjectError(tr("The key {key} is not there.", key=there.key), tr("Choose the key file that the machines share."))
    return checked_key(Path(there.key)) if there.key else own_key()


class _WithMachines:
    """Machines, and where they are gone, this one alone: what they were at is done again, and nothing else."""

    def __init__(self, there: Machines, what: str, alone: Helpers, tell: Tell) -> None:
        self._there, self._what, self._alone, self._tell = there, what, alone, tell

    def run(self, supply: Supply, progress: Progress) -> None:
        from standtall.jobs.machines.client import MachineHelpers, MachinesGone
        from standtall.session.machine_tasks import carry_on_machine

        try:
            MachineHelpers(self._there.scheduler, key_of(self._there), carry_on_machine, self._what).run(supply, progress)
        except MachinesGone as gone:
            self._tell(Noted(tr("{message} This machine goes on alone.", message=gone.message)))
            self._alone.run(_WithLeft(supply, list(gone.given)), progress)
        except NotSetUp as error:  # before anything was given
            self._tell(Noted(tr("{error} This machine goes on alone.", error=error)))
            self._alone.run(supply, progress)


class _WithLeft:
    """A supply with tasks that were given out already and are to be given out again."""

    def __init__(self, supply: Supply, left: list[Task]) -> None:
        self._supply, self._left = supply, left
        self.took, self.told = supply.took, supply.told

    def take(self) -> Task | None:
        return self._left.pop(0) if self._left else self._supply.take()

    @property
    def over(self) -> bool:
        return self._supply.over

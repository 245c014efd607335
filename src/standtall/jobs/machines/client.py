"""Gives tasks to other machines, and says which there are."""

from __future__ import annotations

import contextlib
import hashlib
import queue
import socket
import time
from collections.abc import Callable, Iterator, Sequence
from dataclasses import dataclass
from pathlib import Path
from typing import TYPE_CHECKING, Any, Final
from urllib.parse import urlsplit

from standtall.base.build import build_mark
from standtall.base.errors import StandTallError
from standtall.base.interface_language import tr
from standtall.base.progress import Progress
from standtall.jobs.events import MachineSeen
from standtall.jobs.machines.asker import Asker
from standtall.jobs.machines.shared_key import MISSING, NotSetUp, security
from standtall.jobs.tasks import Answer, Supply, Task

if TYPE_CHECKING:
    from distributed.client import Client, Future

ANSWER_S: Final = 10
"""How long a scheduler is waited for at first."""
GONE_S: Final = 15.0
"""After so long without scheduler or machines the work goes on without them."""
LOOK_S: Final = 2.0

Carry = Callable[[Task, str, str], Answer]
"""Carries a task out on the machine where it is called, for whoever asks at an address, under a number."""


class MachinesGone(StandTallError):
    """Nobody is there to help, or not any more; `given` is what they were doing."""

    def __init__(self, message: str, hint: str = "", given: Sequence[Task] = ()) -> None:
        super().__init__(message, hint)
        self.given = tuple(given)


def resource() -> str:
    """What a worker must have to be given tasks of this program."""
    return f"stand-tall {build_mark()}"


@contextlib.contextmanager
def connected(scheduler: str, key: Path) -> Iterator[Client]:
    """A connection to a scheduler at HOST:PORT; raises `MachinesGone` where it does not answer."""
    try:
        from distributed.client import Client
    except ImportError as error:
        raise NotSetUp(tr("Work on many machines is not set up here."), MISSING) from error
    ends = security(key)
    host_and_port(scheduler)
    try:
        client = Client(f"tls://{scheduler}", security=ends, timeout=ANSWER_S, set_as_default=False, name="stand-tall")
    except (OSError, TimeoutError) as error:
        raise MachinesGone(
            tr("The scheduler at {scheduler} does not answer.", scheduler=scheduler),
            tr("Start it, or see whether address and key are right."),
        ) from error
    try:
        yield client
    finally:
        with contextlib.suppress(Exception):  # whatever a closing connection complains of, the work is over
            client.close(timeout=3)


def host_and_port(address: str) -> tuple[str, int]:
    """The parts of HOST:PORT; raises `StandTallError` for anything else."""
    try:
        where = urlsplit(f"//{address}")  # complains of a bracket that is not closed
        if where.hostname and where.port and where.path == "" and where.username is None:
            return where.hostname, where.port
    except ValueError:
        pass
    raise StandTallError(
        tr("{address} is no address of a scheduler.", address=address or tr("Nothing")),
        tr("Write it as HOST:PORT, such as 10.0.0.5:8790."),
    )


def towards(scheduler: str) -> str:
    """The address of this machine that a scheduler's machine sees it under."""
    host, port = host_and_port(scheduler)
    try:
        with socket.create_connection((host, port), timeout=ANSWER_S) as probe:
            return str(probe.getsockname()[0])
    except OSError as error:
        raise MachinesGone(
            tr("The scheduler at {scheduler} does not answer.", scheduler=scheduler),
            tr("Start it, or see whether the address is right."),
        ) from error


def _info(client: Client) -> dict[str, Any]:
    return dict(client.scheduler_info(n_workers=-1)["workers"])


def machines_seen(client: Client) -> tuple[MachineSeen, ...]:
    """All workers of a scheduler, and what each does."""
    busy = client.processing()
    wanted = resource()
    seen = []
    for address, worker in _info(client).items():
        doing = [str(k).rsplit("|", 1)[0] for k in busy.get(address, ())]
        host = str(worker.get("host") or urlsplit(address).hostname or address)
        seen.append(MachineSeen(str(worker.get("name") or host), host, wanted in worker.get("resources", {}), tuple(doing[:3])))
    return tuple(sorted(seen, key=lambda m: m.name))


@dataclass(slots=True)
class _Given:
    task: Task
    number: str
    worker: str
    future: Future


class MachineHelpers:
    """Carries tasks out on the machines of a scheduler; `what` names the work for people who look at them."""

    def __init__(self, scheduler: str, key: Path, carry: Carry, what: str) -> None:
        self._scheduler, self._key, self._carry, self._what = scheduler, key, carry, what

    def run(self, supply: Supply, progress: Progress) -> None:
        given: dict[str, _Given] = {}
        told: queue.Queue[tuple[str, str, float]] = queue.Queue()
        host = towards(self._scheduler)
        with (
            connected(self._scheduler, self._key) as client,
            Asker(host, self._key, lambda number: number in given, lambda *values: told.put(values)) as asker,
        ):
            try:
                _Round(self, client, asker, supply, given, told).run(progress)
            except MachinesGone as gone:
                raise MachinesGone(gone.message, gone.hint, [g.task for g in given.values()]) from gone
            finally:
                left = [g.future for g in given.values()]
                given.clear()  # whoever is at it hears that it is not wanted any more
                with contextlib.suppress(Exception):
                    client.cancel(left)

    def submit(self, client: Client, task: Task, asker: Asker, order: int, worker: str) -> tuple[str, Future]:
        """Give a task to a worker that has nothing to do, or to another one where it is gone: the engine's own guess of who will
        be free first is wrong where tasks differ so much in length."""
        for file in task.media:
            asker.serve(file.key, file.path)
        number = hashlib.sha256(f"{asker.address} {order} {task.name} {time.time_ns()}".encode()).hexdigest()[:32]
        future = client.submit(
            self._carry, task, asker.address, number, key=f"{self._what}: {task.name}|{number}", pure=False, retries=0,
            resources={resource(): 1}, priority=-order, workers=[worker], allow_other_workers=True,
        )  # fmt: skip
        return number, future


class _Round:
    """One supply given out to the end."""

    def __init__(
        self, helpers: MachineHelpers, client: Client, asker: Asker, supply: Supply,
        given: dict[str, _Given], told: queue.Queue[tuple[str, str, float]],
    ) -> None:  # fmt: skip
        self._helpers, self._client, self._asker, self._supply = helpers, client, asker, supply
        self._given, self._told = given, told
        self._ended: queue.Queue[str] = queue.Queue()
        self._order = 0
        self._well = time.monotonic()
        self._looked = -LOOK_S
        self._workers: list[str] = []

    def run(self, progress: Progress) -> None:
        while not self._supply.over:
            self._look()
            self._give()
            with contextlib.suppress(queue.Empty):
                self._take(self._ended.get(timeout=0.2))
            while not self._told.empty():
                number, stage, share = self._told.get()
                if number in self._given:
                    self._supply.told(self._given[number].task, stage, share)
            progress.check()

    def _look(self) -> None:
        """See who is there; raises `MachinesGone` where for long nobody is."""
        now = time.monotonic()
        if now - self._looked < LOOK_S:
            return
        self._looked = now
        try:
            there = _info(self._client) if self._client.status == "running" else None
        except (OSError, TimeoutError, KeyError, ValueError):
            there = None
        self._workers = [a for a, w in there.items() if resource() in w.get("resources", {})] if there else []
        if self._workers:
            self._well = now
        elif now - self._well > GONE_S:
            if there is None:
                raise MachinesGone(tr("The scheduler is gone."))
            others = tr(", but {there} of another version", there=len(there)) if there else ""
            raise MachinesGone(tr("No machine of this version helps{others}.", others=others))

    def _give(self) -> None:
        while len(self._given) < len(self._workers):
            mine = {g.worker for g in self._given.values()}
            free = [w for w in self._workers if w not in mine]
            task = self._supply.take() if free else None
            if task is None:
                return
            busy = self._busy()
            worker = next((w for w in free if w not in busy), free[0])
            number, future = self._helpers.submit(self._client, task, self._asker, self._order, worker)
            self._order += 1
            self._given[number] = _Given(task, number, worker, future)
            future.add_done_callback(lambda _future, n=number: self._ended.put(n))

    def _busy(self) -> set[str]:
        """Workers that do something, whoever asked for it: several renders are asked for side by side, each by itself."""
        try:
            return {address for address, tasks in self._client.processing().items() if tasks}
        except (OSError, TimeoutError, KeyError, ValueError):  # it is seen soon whether the scheduler is gone
            return set()

    def _take(self, number: str) -> None:
        given = self._given.get(number)
        if given is None:
            return
        if given.future.status == "finished":
            answer = given.future.result(timeout=60)
            if not isinstance(answer, Answer):
                raise StandTallError(tr("A machine gave an answer of another kind."), tr("Start its worker anew."))
            del self._given[number]
            self._supply.took(given.task, answer)
        elif given.future.status == "error":
            _raise(given.future.exception(timeout=60), given.task)
        else:  # lost with the scheduler: it is given out again, or done here
            raise MachinesGone(tr("The scheduler lost what it was given."))


def _raise(error: BaseException | None, task: Task) -> None:
    from distributed.scheduler import KilledWorker

    if isinstance(error, StandTallError):
        raise error
    if isinstance(error, KilledWorker):
        raise StandTallError(
            tr("Several machines died at {name}.", name=task.name), tr("Do it on this machine alone.")
        ) from error
    raise StandTallError(
        tr("A machine failed at {name}: {error}.", name=task.name, error=error), tr("Its own log says more.")
    ) from error

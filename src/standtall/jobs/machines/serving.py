"""The two ends of the engine: a scheduler, and the workers of a machine."""

from __future__ import annotations

import asyncio
import logging
import os
import platform
from collections.abc import Callable, Sequence
from pathlib import Path
from typing import Any, Final

from standtall.base.errors import OutputError
from standtall.base.folders import cache_folder
from standtall.base.interface_language import tr
from standtall.base.progress import Progress
from standtall.jobs.machines.client import MachinesGone, host_and_port, resource, towards
from standtall.jobs.machines.media_here import KEEP, SHARED
from standtall.jobs.machines.shared_key import MISSING, NotSetUp, security

KEY: Final = "STAND_TALL_KEY"
"""Name of what a worker's process is told: where the key is."""
FAILURES: Final = 20
"""A task is given to so many workers in turn that die of whatever reason."""
SETTINGS: Final = {
    "distributed.scheduler.allowed-failures": FAILURES,
    "distributed.scheduler.worker-ttl": "120s",  # a machine whose power is cut is noticed
    "distributed.scheduler.http.routes": ["distributed.http.health"],
    "distributed.worker.http.routes": ["distributed.http.health"],
    "distributed.worker.daemon": False,
    "distributed.worker.profile.enabled": False,
    # its own lets the allocator give back every 64 kB at once, which costs half of the time where pictures come and go
    "distributed.nanny.pre-spawn-environ": {"OMP_NUM_THREADS": 1},
    "distributed.admin.log-length": 0,
}
LOGGING: Final = {"distributed.logging": {"distributed": "error", "distributed.client": "error", "bokeh": "error"}}
HERE: Final = "127.0.0.1:0"
"""The engine's page about itself is for nobody else."""


def _set_up() -> None:
    try:
        import dask

        dask.config.set(LOGGING)  # read when it is imported
        import distributed  # noqa: F401 - its own settings come first
    except ImportError as error:
        raise NotSetUp(tr("Work on many machines is not set up here."), MISSING) from error
    dask.config.set(SETTINGS)


def serve(listen: str, key: Path, progress: Progress, begun: Callable[[str], None]) -> None:
    """Run a scheduler at HOST:PORT until it is stopped; `begun` hears of its address. Raises `OutputError` where the address is
    taken."""
    host, port = host_and_port(listen)
    _set_up()
    from distributed.scheduler import Scheduler

    async def run() -> None:
        try:
            scheduler = Scheduler(
                host=host, port=port, protocol="tls", security=security(key), dashboard=False, dashboard_address=HERE
            )
            async with scheduler:
                begun(listen)
                await _stopped(progress)
        except OSError as error:
            raise OutputError(
                tr("{listen} cannot be listened to: {error}.", listen=listen, error=error.strerror or error),
                tr("Choose another port."),
            ) from error

    asyncio.run(run())


def work(
    scheduler: str, key: Path, count: int, shared: Sequence[Path], keep_gb: float, progress: Progress,
    begun: Callable[[int], None],
) -> None:  # fmt: skip
    """Help a scheduler with `count` processes of one thread each until it is stopped. Raises `MachinesGone` where it does not
    answer, or is gone."""
    host = towards(scheduler)
    _set_up()
    from distributed.nanny import Nanny

    environment = {
        KEY: str(key.absolute()), SHARED: os.pathsep.join(str(p.absolute()) for p in shared), KEEP: str(keep_gb),
        "DASK_DISTRIBUTED__LOGGING__DISTRIBUTED": "error", "OMP_NUM_THREADS": "1", "QT_QPA_PLATFORM": "offscreen",
    }  # fmt: skip
    folder = cache_folder() / "workers"
    folder.mkdir(parents=True, exist_ok=True)

    def nanny(number: int) -> Any:
        return Nanny(
            f"tls://{scheduler}", nthreads=1, name=f"{platform.node()} {os.getpid()}-{number + 1}", security=security(key),
            resources={resource(): 1}, host=host, dashboard_address=HERE, memory_limit=0, env=environment,
            local_directory=str(folder), death_timeout=20, silence_logs=logging.ERROR,
        )  # fmt: skip

    async def run() -> None:
        nannies = [nanny(n) for n in range(count)]
        try:
            await asyncio.gather(*nannies)
            begun(count)
            while not progress.stopped:
                await asyncio.sleep(0.3)
                if any(n.status.name in ("closed", "failed") for n in nannies):
                    raise MachinesGone(
                        tr("The scheduler at {scheduler} is gone.", scheduler=scheduler),
                        tr("Start it, then these workers, again."),
                    )
        finally:
            await asyncio.gather(*(n.close(timeout=3) for n in nannies), return_exceptions=True)

    asyncio.run(run())


async def _stopped(progress: Progress) -> None:
    while not progress.stopped:
        await asyncio.sleep(0.3)

"""Workers that stand for many machines, all in one process: `python -m bench.machine_farm HOST:PORT KEY COUNT`."""

from __future__ import annotations

import asyncio
import sys
from pathlib import Path

from standtall.jobs.machines.client import resource
from standtall.jobs.machines.serving import HERE, _set_up
from standtall.jobs.machines.shared_key import security


async def run(at: str, key: Path, count: int) -> None:
    _set_up()
    from distributed.worker import Worker

    workers = [
        Worker(
            f"tls://{at}", nthreads=1, name=f"machine {n}", security=security(key), resources={resource(): 1}, host="127.0.0.1",
            dashboard_address=HERE, memory_limit=0,
        )
        for n in range(count)
    ]  # fmt: skip
    await asyncio.gather(*workers)
    print("ready", flush=True)
    await asyncio.Event().wait()


asyncio.run(run(sys.argv[1], Path(sys.argv[2]), int(sys.argv[3])))

"""Runs the simulated channels of this machine, each as a server in threads of its own, until they are stopped."""

from __future__ import annotations

import threading
from collections.abc import Callable, Sequence
from typing import Final

from standtall.base.errors import NothingToDo
from standtall.base.interface_language import tr
from standtall.base.progress import Progress
from standtall.library.channels import channels
from standtall.model.channel import Channel
from standtall.posts.simulated.server import SimulatedChannel

SHIPPED: Final = ("oddmarrow", "quillbarn", "thistlewray")
LOOK_S: Final = 0.3


def simulated_channels(names: Sequence[str] = ()) -> tuple[Channel, ...]:
    """The shipped ones that have a server on this machine. Raises `NothingToDo` for a name that none has."""
    there = [c for c in channels() if c.name in SHIPPED and c.posts.delivery.address.startswith("http://127.0.0.1:")]
    unknown = set(names) - {c.name for c in there}
    if unknown:
        told = f"There is no simulated channel “{min(unknown)[:30]}”."
        raise NothingToDo(told, tr("There are: {these}.", these=", ".join(c.name for c in there)))
    return tuple(c for c in there if not names or c.name in names)


def run_channels(names: Sequence[str], progress: Progress, told: Callable[[str], None]) -> None:
    """Serve until the work is cancelled. Raises `NothingToDo` where a port is taken."""
    servers: list[SimulatedChannel] = []
    threads: list[threading.Thread] = []
    waiting = threading.Event()
    try:
        for channel in simulated_channels(names):
            try:
                servers.append(SimulatedChannel(channel))
            except OSError as error:
                address = channel.posts.delivery.address
                hint = "It may run already: look at its page."
                raise NothingToDo(
                    tr(
                        "{title} cannot be started at {address}: {error}.",
                        title=channel.title,
                        address=address,
                        error=error.strerror,
                    ),
                    hint,
                ) from error
            threads.append(threading.Thread(target=servers[-1].serve_forever, name=channel.name, daemon=True))
            threads[-1].start()
            told(f"{channel.title}: {servers[-1].address}, trials at {servers[-1].address}/trial")
        while not waiting.wait(LOOK_S):
            progress.check()
    finally:
        for server in servers:
            server.end()
        for thread in threads:
            thread.join(5)

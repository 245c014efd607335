"""A private message bus for tests, and what stand-ins on it share."""

from __future__ import annotations

import os
import shutil
import subprocess
import threading
from collections.abc import Iterator
from typing import Any

import pytest
from jeepney import HeaderFields, MessageType, message_bus
from jeepney.io.blocking import DBusConnection, Proxy, open_dbus_connection

SIGNATURE = HeaderFields.signature


@pytest.fixture
def bus() -> Iterator[str]:
    """The address of a bus of the test's own."""
    program = shutil.which("dbus-daemon")
    if program is None:
        pytest.skip("dbus-daemon is not installed")
    daemon = subprocess.Popen([program, "--session", "--nofork", "--print-address"], stdout=subprocess.PIPE, text=True)
    assert daemon.stdout is not None
    yield daemon.stdout.readline().strip()
    daemon.terminate()
    daemon.wait(5)
    daemon.stdout.close()


class BusStandIn:
    """Answers on the bus at an address, under the names of services, until it is closed."""

    def __init__(self, bus: str, services: tuple[str, ...]) -> None:
        self._connection: DBusConnection = open_dbus_connection(bus=bus, enable_fds=True)
        bus_itself = Proxy(message_bus, self._connection)
        for service in services:
            bus_itself.RequestName(service)
        self._ended = threading.Event()
        self._thread = threading.Thread(target=self._run, name=type(self).__name__, daemon=True)
        self._thread.start()

    def close(self) -> None:
        self._ended.set()
        self._thread.join(2)
        self._connection.close()

    def _run(self) -> None:
        while not self._ended.is_set():
            try:
                message = self._connection.receive(timeout=0.1)
            except TimeoutError:
                continue
            except OSError:
                return
            if message.header.message_type == MessageType.method_call:
                answer = self._answer(message)
                self._connection.send(answer)
                for given in (v for v in answer.body if isinstance(v, int) and answer.header.fields.get(SIGNATURE) == "h"):
                    os.close(given)  # whoever asked has a file of its own now

    def _answer(self, message: Any) -> Any:
        raise NotImplementedError

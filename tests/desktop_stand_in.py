"""A stand-in for a desktop on a message bus: it takes messages and keeps the machine awake, in name only."""

from __future__ import annotations

import threading
from typing import Any, Final

from jeepney import HeaderFields, MessageType, message_bus, new_error, new_method_return
from jeepney.io.blocking import DBusConnection, Proxy, open_dbus_connection

SERVICES: Final = ("org.freedesktop.Notifications", "org.freedesktop.PowerManagement")


class DesktopStandIn:
    """Answers on the bus at an address until it is closed. `shown` holds title and text of each message, `awake` why the machine
    is kept awake, by number."""

    def __init__(self, bus: str, services: tuple[str, ...] = SERVICES) -> None:
        self.shown: list[tuple[str, str]] = []
        self.awake: dict[int, str] = {}
        self.kept = 0
        """How often it was asked to stay awake."""
        self._connection: DBusConnection = open_dbus_connection(bus=bus)
        bus_itself = Proxy(message_bus, self._connection)
        for service in services:
            bus_itself.RequestName(service)
        self._ended = threading.Event()
        self._thread = threading.Thread(target=self._run, name="desktop-stand-in", daemon=True)
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
                self._connection.send(self._answer(message))

    def _answer(self, message: Any) -> Any:
        method = message.header.fields.get(HeaderFields.member)
        if method == "Notify":
            self.shown.append((message.body[3], message.body[4]))
            return new_method_return(message, "u", (len(self.shown),))
        if method == "Inhibit":
            self.kept += 1
            self.awake[self.kept] = message.body[1]
            return new_method_return(message, "u", (self.kept,))
        if method == "UnInhibit":
            self.awake.pop(message.body[0], None)
            return new_method_return(message)
        return new_error(message, "org.freedesktop.DBus.Error.UnknownMethod")

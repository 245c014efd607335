"""A stand-in for a desktop on a message bus: it takes messages and keeps the machine awake, in name only."""

from __future__ import annotations

import os
import time
from typing import Any, Final

from jeepney import DBusAddress, HeaderFields, new_error, new_method_return, new_signal

from tests.message_bus import BusStandIn

SERVICES: Final = ("org.freedesktop.Notifications", "org.freedesktop.PowerManagement")


class DesktopStandIn(BusStandIn):
    """Answers on the bus at an address until it is closed. `shown` holds title and text of each message, `awake` why the machine
    is kept awake, by number."""

    def __init__(self, bus: str, services: tuple[str, ...] = SERVICES) -> None:
        self.shown: list[tuple[str, str]] = []
        self.buttons: list[list[str]] = []
        """Names and texts of the buttons of each message, by turns."""
        self.awake: dict[int, str] = {}
        self.kept = 0
        """How often it was asked to stay awake."""
        self.locks: list[tuple[str, int]] = []
        """Locks that were given: against what, and an end of a pipe that tells when the other is closed."""
        super().__init__(bus, services)

    def locked(self, number: int) -> bool:
        """Whether a lock is still held."""
        os.set_blocking(self.locks[number][1], False)
        try:
            return os.read(self.locks[number][1], 1) != b""
        except BlockingIOError:
            return True

    def let_go(self, number: int) -> bool:
        """Whether a lock is held no longer; the thread that answers closes its own end of it a moment after it has answered."""
        end = time.monotonic() + 10
        while self.locked(number) and time.monotonic() < end:
            time.sleep(0.01)
        return not self.locked(number)

    def _answer(self, message: Any) -> Any:
        method = message.header.fields.get(HeaderFields.member)
        if method == "Notify":
            self.shown.append((message.body[3], message.body[4]))
            self.buttons.append(list(message.body[5]))
            return new_method_return(message, "u", (len(self.shown),))
        if method == "Inhibit" and len(message.body) == 4:
            mine, theirs = os.pipe()
            self.locks.append((message.body[0], mine))
            return new_method_return(message, "h", (theirs,))
        if method == "Inhibit":
            self.kept += 1
            self.awake[self.kept] = message.body[1]
            return new_method_return(message, "u", (self.kept,))
        if method == "UnInhibit":
            self.awake.pop(message.body[0], None)
            return new_method_return(message)
        return new_error(message, "org.freedesktop.DBus.Error.UnknownMethod")

    def press(self, number: int, name: str) -> None:
        """Somebody presses a button of a message."""
        where = DBusAddress("/org/freedesktop/Notifications", interface="org.freedesktop.Notifications")
        self._connection.send(new_signal(where, "ActionInvoked", "us", (number, name)))

"""What the desktop does for the program over the session's message bus: it stays awake while work goes on, and shows a message at
the end. Where there is no bus, or nobody answers on it, nothing is missed but that.

The desktop's interfaces are `org.freedesktop.Notifications` (Desktop Notifications Specification 1.2) and
`org.freedesktop.PowerManagement.Inhibit`, in its place `org.freedesktop.ScreenSaver`.
"""

from __future__ import annotations

from typing import Final

from jeepney import DBusAddress, MessageType, new_method_call
from jeepney.io.blocking import DBusConnection, open_dbus_connection

from standtall.base import log

NAME: Final = "Stand Tall"
ANSWER_S: Final = 2.0
NOTICES: Final = DBusAddress("/org/freedesktop/Notifications", "org.freedesktop.Notifications", "org.freedesktop.Notifications")
KEEPERS: Final = (
    DBusAddress(
        "/org/freedesktop/PowerManagement/Inhibit", "org.freedesktop.PowerManagement", "org.freedesktop.PowerManagement.Inhibit"
    ),
    DBusAddress("/org/freedesktop/ScreenSaver", "org.freedesktop.ScreenSaver", "org.freedesktop.ScreenSaver"),
)
"""Who keeps a machine from sleeping, in the order in which they are asked."""


class Desktop:
    """Talks to the desktop from one thread; `bus` is an address, or "SESSION"."""

    def __init__(self, bus: str = "SESSION") -> None:
        self._bus = bus
        self._connection: DBusConnection | None = None
        self._cookie: tuple[DBusAddress, int] | None = None

    def keep_awake(self, awake: bool, why: str = "Rendering") -> None:
        """Keep the machine from sleeping, or let it sleep again."""
        if self._cookie is not None:
            if not awake:
                keeper, cookie = self._cookie
                self._cookie = None
                self._ask(keeper, "UnInhibit", "u", (cookie,))
            return
        if not awake:
            return
        for keeper in KEEPERS:
            answer = self._ask(keeper, "Inhibit", "ss", (NAME, why))
            if answer and isinstance(answer[0], int):
                self._cookie = keeper, answer[0]
                return

    def show(self, title: str, text: str) -> None:
        """Show a message of the desktop's own."""
        hints = {"desktop-entry": ("s", "stand-tall")}
        self._ask(NOTICES, "Notify", "susssasa{sv}i", (NAME, 0, "stand-tall", title, text, [], hints, -1))

    def close(self) -> None:
        """Let the machine sleep, and hang up."""
        self.keep_awake(False)
        if self._connection is not None:
            self._connection.close()
            self._connection = None

    def _ask(self, whom: DBusAddress, method: str, signature: str, body: tuple[object, ...]) -> tuple[object, ...]:
        """What is answered; nothing where nobody does."""
        try:
            if self._connection is None:
                self._connection = open_dbus_connection(bus=self._bus)
            answer = self._connection.send_and_get_reply(new_method_call(whom, method, signature, body), timeout=ANSWER_S)
        except (OSError, KeyError, ValueError, TimeoutError) as error:
            log.note(f"The desktop does not answer to {method}: {error}")
            self._connection = None
            return ()
        if answer.header.message_type == MessageType.error:
            return ()
        return tuple(answer.body)

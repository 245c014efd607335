"""What the desktop does for the program over the session's message bus: it stays awake while work goes on, and shows a message at
the end. Where there is no bus, or nobody answers on it, nothing is missed but that.

The desktop's interfaces are `org.freedesktop.Notifications` (Desktop Notifications Specification 1.2) and
`org.freedesktop.PowerManagement.Inhibit`, in its place `org.freedesktop.ScreenSaver`.
"""

from __future__ import annotations

import threading
import time
from collections.abc import Callable, Mapping
from typing import Final

from jeepney import DBusAddress, HeaderFields, MatchRule, MessageType, message_bus, new_method_call
from jeepney.io.blocking import DBusConnection, open_dbus_connection

from standtall.base import log
from standtall.base.interface_language import tr

NAME: Final = "Stand Tall"
ANSWER_S: Final = 2.0
LISTEN_S: Final = 3600.0
"""How long a message is listened to."""
NOTIFY: Final = "susssasa{sv}i"
SIGNALS: Final = ("ActionInvoked", "NotificationClosed")
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
        self._over = threading.Event()

    def keep_awake(self, awake: bool, why: str = tr("Rendering")) -> None:
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

    def show(
        self, title: str, text: str, actions: Mapping[str, str] | None = None, chosen: Callable[[str], None] = lambda _name: None
    ) -> None:
        """Show a message of the desktop's own, with buttons for `actions` (what each says, by its name; "default" is a click on
        the message itself). `chosen` hears which was pressed, in a thread of its own."""
        buttons = [part for name, says in (actions or {}).items() for part in (name, says)]
        body = (NAME, 0, "stand-tall", title, text, buttons, {"desktop-entry": ("s", "stand-tall")}, -1)
        if not buttons:
            self._ask(NOTICES, "Notify", NOTIFY, body)
            return
        threading.Thread(target=self._listen, args=(body, chosen), name="notice", daemon=True).start()

    def _listen(self, body: tuple[object, ...], chosen: Callable[[str], None]) -> None:
        """Show a message and wait for one of its buttons, until it is closed."""
        until = time.monotonic() + LISTEN_S
        try:
            with open_dbus_connection(bus=self._bus) as connection:
                for signal in SIGNALS:
                    rule = MatchRule(type="signal", interface=NOTICES.interface, member=signal, path=NOTICES.object_path)
                    connection.send_and_get_reply(message_bus.AddMatch(rule), timeout=ANSWER_S)
                answer = connection.send_and_get_reply(new_method_call(NOTICES, "Notify", NOTIFY, body), timeout=ANSWER_S)
                number = answer.body[0] if answer.header.message_type != MessageType.error and answer.body else None
                while number is not None and not self._over.is_set() and time.monotonic() < until:
                    try:
                        heard = connection.receive(timeout=0.5)
                    except TimeoutError:
                        continue
                    if heard.header.message_type != MessageType.signal or not heard.body or heard.body[0] != number:
                        continue
                    if heard.header.fields.get(HeaderFields.member) == "ActionInvoked":
                        chosen(str(heard.body[1]))
                    return
        except (OSError, KeyError, ValueError, TimeoutError, IndexError) as error:
            log.note(f"The desktop shows no message: {error}")

    def close(self) -> None:
        """Let the machine sleep, listen to no message any more, and hang up."""
        self._over.set()
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

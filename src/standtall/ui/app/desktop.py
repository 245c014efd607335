"""What the desktop does for the program over the session's message bus: it stays awake while work goes on, and shows a message at
the end. Where there is no bus, or nobody answers on it, nothing is missed but that.

The desktop's interfaces are `org.freedesktop.Notifications` (Desktop Notifications Specification 1.2); for sleep
`org.freedesktop.login1.Manager` on the system's bus ("Inhibitor Locks" in its documentation: the machine sleeps again when the
file that it answers with is closed), in its place `org.freedesktop.PowerManagement.Inhibit`; for the screen
`org.freedesktop.ScreenSaver`.
"""

from __future__ import annotations

import os
import threading
import time
from collections.abc import Callable, Mapping
from typing import Final

from jeepney import DBusAddress, HeaderFields, MatchRule, MessageType, message_bus, new_method_call
from jeepney.fds import FileDescriptor
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
SLEEP: Final = DBusAddress("/org/freedesktop/login1", "org.freedesktop.login1", "org.freedesktop.login1.Manager")
POWER: Final = DBusAddress(
    "/org/freedesktop/PowerManagement/Inhibit", "org.freedesktop.PowerManagement", "org.freedesktop.PowerManagement.Inhibit"
)
SCREEN: Final = DBusAddress("/org/freedesktop/ScreenSaver", "org.freedesktop.ScreenSaver", "org.freedesktop.ScreenSaver")


class Desktop:
    """Talks to the desktop from one thread; `bus` and `system` are addresses, or "SESSION" and "SYSTEM"."""

    def __init__(self, bus: str = "SESSION", system: str = "SYSTEM") -> None:
        self._bus, self._system = bus, system
        self._connection: DBusConnection | None = None
        self._lock: int | None = None
        """An open file: while it is, the machine does not sleep."""
        self._cookies: dict[DBusAddress, int] = {}
        """What was answered by those who keep the machine awake or its screen on."""
        self._over = threading.Event()

    def keep_awake(self, awake: bool, screen: bool = False, why: str = tr("Rendering")) -> None:
        """Keep the machine from sleeping, and its `screen` on where that is wished; or let them."""
        if not awake and self._lock is not None:
            os.close(self._lock)
            self._lock = None
        if awake and self._lock is None and POWER not in self._cookies:
            self._lock = self._locked(why)
        self._hold(POWER, awake and self._lock is None, why)
        self._hold(SCREEN, awake and screen, why)

    def _hold(self, keeper: DBusAddress, hold: bool, why: str) -> None:
        if hold and keeper not in self._cookies:
            answer = self._ask(keeper, "Inhibit", "ss", (NAME, why))
            if answer and isinstance(answer[0], int):
                self._cookies[keeper] = answer[0]
        elif not hold and keeper in self._cookies:
            self._ask(keeper, "UnInhibit", "u", (self._cookies.pop(keeper),))

    def _locked(self, why: str) -> int | None:
        """The file that keeps the machine from sleeping, or nothing where nobody gives one."""
        call = new_method_call(SLEEP, "Inhibit", "ssss", ("sleep:idle", NAME, why, "block"))
        try:
            with open_dbus_connection(bus=self._system, enable_fds=True) as connection:
                answer = connection.send_and_get_reply(call, timeout=ANSWER_S)
            if answer.header.message_type == MessageType.error or not isinstance(answer.body[0], FileDescriptor):
                return None
            lock: int = answer.body[0].to_raw_fd()
        except (OSError, KeyError, ValueError, TimeoutError, IndexError) as error:
            log.note(f"The system gives no lock against sleep: {error}")
            return None
        return lock

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

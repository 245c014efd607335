"""How large the person has texts on this desktop, and whether things shall move less, as the desktop's portal tells it.

The interface is `org.freedesktop.portal.Settings`; the keys are those of `org.gnome.desktop.interface` and, where it is there,
`org.freedesktop.appearance`, which portals of other desktops answer too (their names are from memory). Where nobody
answers, all is as usual.
"""

from __future__ import annotations

from dataclasses import dataclass
from typing import Final

from jeepney import DBusAddress, MessageType, new_method_call
from jeepney.io.blocking import DBusConnection, open_dbus_connection

ANSWER_S: Final = 0.4
"""How long the start waits for an answer; a desktop that gives none is not asked again."""
PORTAL: Final = DBusAddress(
    "/org/freedesktop/portal/desktop", "org.freedesktop.portal.Desktop", "org.freedesktop.portal.Settings"
)
LEAST, MOST = 0.5, 4.0


@dataclass(frozen=True, slots=True)
class Wishes:
    """`text` is how large texts are against the usual, 1 for as usual."""

    text: float = 1.0
    less_motion: bool = False


def _read(connection: DBusConnection, space: str, key: str) -> object:
    """What the desktop has set, or None where it has no such key. Raises `TimeoutError` where it does not answer."""
    answer = connection.send_and_get_reply(new_method_call(PORTAL, "Read", "ss", (space, key)), timeout=ANSWER_S)
    if answer.header.message_type != MessageType.method_return or not answer.body:
        return None
    value = answer.body[0]
    while isinstance(value, tuple) and len(value) == 2 and isinstance(value[0], str):  # (signature, value), often twice
        value = value[1]
    return value


def desktop_wishes(bus: str = "SESSION") -> Wishes:
    """What the desktop on a bus ("SESSION", or an address) tells."""
    try:
        with open_dbus_connection(bus=bus) as connection:
            factor = _read(connection, "org.gnome.desktop.interface", "text-scaling-factor")
            moves = _read(connection, "org.gnome.desktop.interface", "enable-animations")
            less = _read(connection, "org.freedesktop.appearance", "reduced-motion")
    except (OSError, KeyError, ValueError, TimeoutError):
        return Wishes()
    text = float(factor) if isinstance(factor, int | float) and LEAST <= factor <= MOST else 1.0
    return Wishes(text, moves is False or less == 1)

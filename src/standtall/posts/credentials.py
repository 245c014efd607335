"""Who posts at a channel, and what proves it: in the desktop's secret store where there is one, else in a file that only the
user can read. Never a password: what is kept only renews what a password was given for once.

The store is `org.freedesktop.secrets` (Secret Service API, freedesktop.org draft 0.2), spoken to over the session's message
bus; secrets go over that bus as they are (algorithm "plain"), which no other user can read.
"""

from __future__ import annotations

import contextlib
import json
import os
import stat
from dataclasses import dataclass
from pathlib import Path
from typing import Any, Final

from jeepney import DBusAddress, MessageType, new_method_call
from jeepney.io.blocking import DBusConnection, open_dbus_connection

from standtall.base import log
from standtall.base.files import written_whole
from standtall.base.folders import data_folder
from standtall.base.interface_language import tr
from standtall.base.reading import Unreadable, file_bytes, json_of
from standtall.model.codec import from_plain, to_plain

SERVICE: Final = DBusAddress("/org/freedesktop/secrets", "org.freedesktop.secrets", "org.freedesktop.Secret.Service")
COLLECTION: Final = "/org/freedesktop/secrets/aliases/default"
ANSWER_S: Final = 5.0
LARGEST: Final = 200_000


@dataclass(frozen=True, slots=True)
class Account:
    """An account at a channel; `secret` renews the right to post."""

    channel: str
    name: str
    secret: str


@dataclass(frozen=True, slots=True)
class _Accounts:
    accounts: tuple[Account, ...] = ()


class Credentials:
    """Accounts by channel; `bus` is an address, or "SESSION"."""

    def __init__(self, bus: str = "SESSION", path: Path | None = None) -> None:
        self._bus = bus
        self._path = path or data_folder() / "accounts.json"

    def account(self, channel: str) -> Account | None:
        found = self._in_store(channel)
        return found or next((a for a in self._in_file() if a.channel == channel), None)

    def keep(self, account: Account) -> str:
        """Keep an account in place of the channel's former one; -> where it is kept, for people. Raises `OutputError`."""
        if self._to_store(account):
            self._write(tuple(a for a in self._in_file() if a.channel != account.channel))
            return tr("It is kept in the desktop's secret store.")
        self._write((*(a for a in self._in_file() if a.channel != account.channel), account))
        return tr("There is no secret store here, so it is kept in {path}, which only you can read.", path=self._path)

    def forget(self, channel: str) -> None:
        """Sign out here."""
        with _Bus(self._bus) as bus:
            for item in bus.items(channel):
                bus.ask(DBusAddress(item, SERVICE.bus_name, "org.freedesktop.Secret.Item"), "Delete")
        self._write(tuple(a for a in self._in_file() if a.channel != channel))

    # the desktop's store

    def _in_store(self, channel: str) -> Account | None:
        with _Bus(self._bus) as bus:
            session = bus.session()
            for item in bus.items(channel) if session else ():
                found = bus.ask(SERVICE, "GetSecrets", "aoo", ([item], session))
                secret = found[0].get(item) if found and isinstance(found[0], dict) else None
                if not secret:
                    continue
                with contextlib.suppress(Unreadable, KeyError, TypeError):
                    told = json_of(bytes(secret[2]), LARGEST)
                    return Account(channel, str(told["account"]), str(told["renewal"]))
        return None

    def _to_store(self, account: Account) -> bool:
        with _Bus(self._bus) as bus:
            session = bus.session()
            if not session:
                return False
            value = json.dumps({"account": account.name, "renewal": account.secret}).encode()
            fields = {
                "org.freedesktop.Secret.Item.Label": ("s", f"Stand Tall: {account.channel}"),
                "org.freedesktop.Secret.Item.Attributes": ("a{ss}", _attributes(account.channel)),
            }
            secret = (session, b"", value, "application/json")
            whom = DBusAddress(COLLECTION, SERVICE.bus_name, "org.freedesktop.Secret.Collection")
            made = bus.ask(whom, "CreateItem", "a{sv}(oayays)b", (fields, secret, True))
            return bool(made) and made[0] != "/"  # "/": the store is locked and asks its user first

    # the file

    def _in_file(self) -> tuple[Account, ...]:
        try:
            if stat.S_IMODE(self._path.stat().st_mode) & 0o077:
                self._path.chmod(0o600)
                log.note(f"{self._path} could be read by others; only you can now.")
            return from_plain(_Accounts, json_of(file_bytes(self._path, LARGEST), LARGEST)).accounts
        except FileNotFoundError:
            return ()
        except Exception as error:  # noqa: BLE001 - whatever is wrong with it, nobody is signed in
            log.note(f"The accounts in {self._path} are left out: {error}")
            return ()

    def _write(self, accounts: tuple[Account, ...]) -> None:
        if not accounts and not self._path.exists():
            return
        with written_whole(self._path) as beside:
            file = os.open(beside, os.O_WRONLY | os.O_CREAT | os.O_TRUNC | os.O_NOFOLLOW, 0o600)
            with os.fdopen(file, "wb") as out:
                out.write(json.dumps(to_plain(_Accounts(accounts)), indent=1).encode())


def _attributes(channel: str) -> dict[str, str]:
    return {"application": "stand-tall", "channel": channel}


class _Bus:
    """The secret store for one talk; without a bus or a store everything is answered with nothing."""

    def __init__(self, bus: str) -> None:
        self._connection: DBusConnection | None = None
        with contextlib.suppress(OSError, KeyError, ValueError):
            self._connection = open_dbus_connection(bus=bus)

    def __enter__(self) -> _Bus:
        return self

    def __exit__(self, *_: object) -> None:
        if self._connection is not None:
            self._connection.close()

    def ask(self, whom: DBusAddress, method: str, signature: str | None = None, body: tuple[Any, ...] = ()) -> tuple[Any, ...]:
        if self._connection is None:
            return ()
        try:
            answer = self._connection.send_and_get_reply(new_method_call(whom, method, signature, body), timeout=ANSWER_S)
        except (OSError, ValueError, TimeoutError) as error:
            log.note(f"The secret store does not answer to {method}: {error}")
            return ()
        return () if answer.header.message_type == MessageType.error else tuple(answer.body)

    def session(self) -> str:
        found = self.ask(SERVICE, "OpenSession", "sv", ("plain", ("s", "")))
        return str(found[1]) if len(found) == 2 else ""

    def items(self, channel: str) -> tuple[str, ...]:
        """Those that are not locked."""
        found = self.ask(SERVICE, "SearchItems", "a{ss}", (_attributes(channel),))
        return tuple(map(str, found[0])) if found else ()

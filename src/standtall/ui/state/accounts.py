"""Who is signed in at which channel."""

from __future__ import annotations

from collections.abc import Callable

from PySide6.QtCore import QObject, Signal

from standtall.base.errors import StandTallError
from standtall.base.interface_language import tr
from standtall.model.channel import Channel
from standtall.posts.credentials import Credentials
from standtall.ui.state.workspace import Workspace


class Accounts(QObject):
    """`changed` tells of another account; `names` are those by channel."""

    changed = Signal()

    def __init__(self, workspace: Workspace, parent: QObject, credentials: Credentials | None = None) -> None:
        super().__init__(parent)
        self._ws = workspace
        self._credentials = credentials or Credentials()
        self.names: dict[str, str] = {}

    def look(self) -> None:
        """See who is signed in."""
        channels = [c.name for c in self._ws.data.channels if c.posts.delivery.way == "server"]

        def work() -> dict[str, str]:
            found = {name: self._credentials.account(name) for name in channels}
            return {name: account.name for name, account in found.items() if account is not None}

        self._ws.queues.do("post files", work, self._arrived, self._failed, self)

    def _arrived(self, names: dict[str, str]) -> None:
        if names != self.names:
            self.names = names
            self.changed.emit()

    def sign_in(self, channel: Channel, name: str, password: str, done: Callable[[str], None]) -> None:
        """Sign in at a channel; `done` gets what went wrong in a sentence, or nothing."""

        def work() -> str:
            from standtall.posts.server_client import ServerClient  # slow to import: the window opens without it

            return self._credentials.keep(ServerClient(channel, None).sign_in(name, password))

        def arrived(told: str) -> None:
            self._ws.said.emit(tr("Signed in at {title} as {name}. {told}", title=channel.title, name=name, told=told), "note")
            done("")
            self.look()

        def failed(error: StandTallError) -> None:
            done(f"{error.message} {error.hint}".strip())

        self._ws.queues.do("post files", work, arrived, failed, self)

    def sign_out(self, channel: Channel) -> None:
        self._ws.queues.do(
            "post files", lambda: self._credentials.forget(channel.name), lambda _n: self.look(), self._failed, self
        )

    def _failed(self, error: StandTallError) -> None:
        self._ws.said.emit(f"{error.message} {error.hint}".strip(), "error")

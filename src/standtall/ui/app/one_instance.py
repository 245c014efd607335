"""One window for a user: a second start hands its files over to the first, and ends."""

from __future__ import annotations

import hashlib
import json
import os
from collections.abc import Sequence
from pathlib import Path
from typing import Final

from PySide6.QtCore import QObject, Signal
from PySide6.QtNetwork import QLocalServer, QLocalSocket

from standtall.base.folders import state_folder
from standtall.base.reading import Unreadable, json_of

WAIT_MS: Final = 1500
LARGEST: Final = 1_000_000
MOST: Final = 500


def _name() -> str:
    """Of this user's window, for these folders."""
    mark = hashlib.sha256(str(state_folder()).encode("utf-8", "surrogateescape")).hexdigest()[:12]
    return f"stand-tall-{os.getuid()}-{mark}"


def hand_over(files: Sequence[Path], demo: bool) -> bool:
    """Give files to the window that is open already; -> whether there is one, and it took them."""
    socket = QLocalSocket()
    socket.connectToServer(_name())
    if not socket.waitForConnected(WAIT_MS):
        return False
    told = {"files": [str(f.absolute()) for f in files][:MOST], "demo": demo}
    socket.write(json.dumps(told).encode() + b"\n")
    socket.waitForBytesWritten(WAIT_MS)
    taken = socket.waitForReadyRead(WAIT_MS) and bytes(socket.readLine().data()).strip() == b"taken"
    socket.disconnectFromServer()
    return taken


class OneInstance(QObject):
    """`wanted` carries the files (paths), and whether the demo is asked for, of another start."""

    wanted = Signal(object, bool)

    def __init__(self, parent: QObject) -> None:
        super().__init__(parent)
        self._server = QLocalServer(self)
        self._server.setSocketOptions(QLocalServer.SocketOption.UserAccessOption)
        self._server.newConnection.connect(self._connected)
        if not self._server.listen(_name()):
            QLocalServer.removeServer(_name())  # left behind by one that was killed: nobody answered there
            self._server.listen(_name())

    def close(self) -> None:
        self._server.close()

    def _connected(self) -> None:
        socket = self._server.nextPendingConnection()
        if socket is not None:
            socket.readyRead.connect(lambda: self._read(socket))
            socket.disconnected.connect(socket.deleteLater)

    def _read(self, socket: QLocalSocket) -> None:
        if not socket.canReadLine():
            if socket.bytesAvailable() > LARGEST:
                socket.abort()
            return
        try:
            told = json_of(bytes(socket.readLine(LARGEST).data()), LARGEST)
            names = told["files"]
            files = [Path(str(n)) for n in names if isinstance(n, str)][:MOST]
            demo = told["demo"] is True
        except (Unreadable, KeyError, TypeError):
            socket.abort()
            return
        socket.write(b"taken\n")
        socket.flush()
        self.wanted.emit(files, demo)

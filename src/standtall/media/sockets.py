"""Connections to servers that cannot keep the program waiting: every wait is short, counted, and broken off by a cancel."""

from __future__ import annotations

import http.client
import io
import queue
import select
import socket
import ssl
import threading
import time
import urllib.request
from collections.abc import Callable
from typing import Any, Final

from standtall.base.progress import Progress

LOOK_S: Final = 0.2
"""How long one wait lasts before it is seen whether the person has cancelled."""
CONNECT_S: Final = 10.0
HEADERS_S: Final = 12.0
"""Most time for a whole answer up to its content: a server that drips its headers is broken off."""
SILENCE_S: Final = 12.0
LEAST_BYTES: Final = 2_000
"""Fewer bytes than this in `SILENCE_S` count as silence."""


class Patience:
    """How long a server is waited for. `answered` is called when the content begins."""

    def __init__(self, progress: Progress, clock: Callable[[], float] = time.monotonic) -> None:
        self._progress, self._clock = progress, clock
        self._until = clock() + HEADERS_S
        self._content = False
        self._since, self._bytes = clock(), 0

    def answered(self) -> None:
        self._content = True
        self._since, self._bytes = self._clock(), 0

    def got(self, count: int) -> None:
        """Count bytes that came."""
        self._bytes += count
        if self._bytes >= LEAST_BYTES:
            self._since, self._bytes = self._clock(), 0

    def check(self) -> None:
        """Raises `Cancelled` when the person has stopped the work, `TimeoutError` when the server is too slow."""
        self._progress.check()
        if not self._content and self._clock() > self._until:
            raise TimeoutError("the server does not finish its answer")
        if self._content and self._clock() - self._since > SILENCE_S:
            raise TimeoutError("the server has fallen silent")

    def wait(self, sock: socket.socket, for_writing: bool = False) -> None:
        """Until the socket can be read (or written)."""
        while True:
            self.check()
            ready = select.select([] if for_writing else [sock], [sock] if for_writing else [], [], LOOK_S)
            if ready[0] or ready[1]:
                return


class _Raw(io.RawIOBase):
    """What `http.client` reads an answer from."""

    def __init__(self, sock: socket.socket, patience: Patience, lent: bool) -> None:
        self._sock, self._patience, self._lent = sock, patience, lent

    def readable(self) -> bool:
        return True

    def readinto(self, room: Any) -> int:
        while True:
            pending = isinstance(self._sock, ssl.SSLSocket) and self._sock.pending()
            if not pending:
                self._patience.wait(self._sock)
            try:
                count = self._sock.recv_into(room)
            except (ssl.SSLWantReadError, BlockingIOError, InterruptedError):
                self._patience.check()
                continue
            self._patience.got(count)
            return count

    def close(self) -> None:
        if not self.closed and not self._lent:
            self._sock.close()
        super().close()


class _Watched:
    """Stands in for a socket in `http.client`: the same few calls, each of them patient. It is closed with the answer that is
    read from it, except while it is only `lent` for the talk with a proxy."""

    def __init__(self, sock: socket.socket, patience: Patience, lent: bool = False) -> None:
        self._sock, self._patience, self._lent = sock, patience, lent
        self._read = False

    def makefile(self, _mode: str, *_more: object, **_named: object) -> io.BufferedReader:
        self._read = not self._lent
        return io.BufferedReader(_Raw(self._sock, self._patience, self._lent), 1 if self._lent else 1 << 16)

    def sendall(self, data: Any) -> None:
        view = memoryview(data).cast("B")
        while view:
            self._patience.wait(self._sock, for_writing=True)
            try:
                view = view[self._sock.send(view) :]
            except (ssl.SSLWantWriteError, ssl.SSLWantReadError, BlockingIOError):
                self._patience.check()

    def setsockopt(self, *_given: Any) -> None:
        return

    def close(self) -> None:
        if not self._read:  # otherwise the answer is still being read, and closes it
            self._sock.close()


def _addresses(host: str, port: int, patience: Patience) -> list[Any]:
    """The addresses of a host. The system's look-up cannot be broken off, so it is waited for from beside."""
    found: queue.Queue[list[Any] | OSError] = queue.Queue()

    def look_up() -> None:
        try:
            found.put(list(socket.getaddrinfo(host, port, type=socket.SOCK_STREAM)))
        except (OSError, UnicodeError) as error:
            found.put(error if isinstance(error, OSError) else OSError(str(error)))

    threading.Thread(target=look_up, name="look-up", daemon=True).start()
    while True:
        patience.check()
        try:
            result = found.get(timeout=LOOK_S)
        except queue.Empty:
            continue
        if isinstance(result, OSError):
            raise result
        return result


def connected(host: str, port: int, patience: Patience) -> socket.socket:
    """A connection to a host; raises `OSError` as the system does, `TimeoutError` after `CONNECT_S`, `Cancelled`."""
    problem: OSError = TimeoutError("the server does not answer")
    for family, kind, protocol, _name, address in _addresses(host, port, patience):
        sock = socket.socket(family, kind, protocol)
        try:
            sock.setblocking(False)
            sock.connect_ex(address)
            until = time.monotonic() + CONNECT_S
            while not select.select([], [sock], [], LOOK_S)[1]:
                patience.check()
                if time.monotonic() > until:
                    raise TimeoutError("the server does not answer")
            code = sock.getsockopt(socket.SOL_SOCKET, socket.SO_ERROR)
            if code:
                raise OSError(code, "the server refuses the connection")
            return sock
        except OSError as error:
            sock.close()
            problem = error
        except BaseException:
            sock.close()
            raise
    raise problem


def _shaken(sock: socket.socket, host: str, patience: Patience) -> ssl.SSLSocket:
    """The encrypted connection over one that is there."""
    safe = ssl.create_default_context().wrap_socket(sock, server_hostname=host, do_handshake_on_connect=False)
    while True:
        try:
            safe.do_handshake()
            return safe
        except ssl.SSLWantReadError:
            patience.wait(safe)
        except ssl.SSLWantWriteError:
            patience.wait(safe, for_writing=True)


def handlers(patience: Patience) -> tuple[urllib.request.BaseHandler, ...]:
    """Handlers of http and https for `urllib.request` that wait by `patience`."""

    class Plain(http.client.HTTPConnection):
        def connect(self) -> None:
            self.sock = _Watched(connected(self.host, self.port, patience), patience)

    class Safe(http.client.HTTPSConnection):
        def connect(self) -> None:
            sock = connected(self.host, self.port, patience)
            try:
                proxied: str | None = getattr(self, "_tunnel_host", None)
                if proxied:
                    self.sock = _Watched(sock, patience, lent=True)
                    self._tunnel()  # type: ignore[attr-defined]
                self.sock = _Watched(_shaken(sock, proxied or self.host, patience), patience)
            except BaseException:
                sock.close()
                raise

    class PlainHandler(urllib.request.HTTPHandler):
        def http_open(self, req: urllib.request.Request) -> http.client.HTTPResponse:
            return self.do_open(Plain, req)

    class SafeHandler(urllib.request.HTTPSHandler):
        def https_open(self, req: urllib.request.Request) -> http.client.HTTPResponse:
            return self.do_open(Safe, req)

    return PlainHandler(), SafeHandler()

"""What whoever asks other machines serves to them meanwhile: the files that tasks read, and an ear for how far they are.

HTTPS on one address, for holders of the key alone. `GET /media/KEY` gives a file, from a byte on where a range asks for it;
`POST /told/NUMBER` tells of a stage and a share, and is answered with 410 where the task is not wanted any more.
"""

from __future__ import annotations

import http.client
import json
import re
import shutil
import ssl
import threading
import time
from collections.abc import Callable
from http.server import BaseHTTPRequestHandler, ThreadingHTTPServer
from pathlib import Path
from typing import Final
from urllib.parse import urlsplit

from standtall.base.errors import StandTallError
from standtall.base.interface_language import tr
from standtall.base.progress import Progress
from standtall.base.reading import Unreadable, json_of
from standtall.jobs.machines.shared_key import context

PART: Final = 1 << 20
LARGEST_NOTE: Final = 4_000
WAIT_S: Final = 30.0
EVERY_S: Final = 2.0
LOST_S: Final = 30.0
"""After so long without an answer whoever asked is gone; where its machine says that nobody listens any more, after `REFUSED`
tries."""
REFUSED: Final = 2
RANGE: Final = re.compile(r"bytes=(\d{1,15})-")
TOLD: Final = re.compile(r"/told/([0-9a-f]{1,40})")
MEDIA: Final = re.compile(r"/media/([0-9a-f]{8,64})")


class Asker:
    """Serves files by their keys while the block runs; `wanted` says whether a task still is, `told` hears of it."""

    def __init__(self, host: str, key: Path, wanted: Callable[[str], bool], told: Callable[[str, str, float], None]) -> None:
        self._files: dict[str, Path] = {}
        asker = self

        class Handler(BaseHTTPRequestHandler):
            protocol_version = "HTTP/1.1"
            timeout = WAIT_S

            def log_message(self, *args: object) -> None: ...

            def do_GET(self) -> None:
                found = MEDIA.fullmatch(self.path)
                path = asker._files.get(found[1]) if found else None
                if path is None:
                    self.send_error(404)
                    return
                _send_file(self, path)

            def do_POST(self) -> None:
                found, length = TOLD.fullmatch(self.path), self.headers.get("Content-Length", "")
                if found is None or not length.isdecimal() or int(length) > LARGEST_NOTE:
                    self.send_error(400)
                    return
                try:
                    note = json_of(self.rfile.read(int(length)), LARGEST_NOTE)
                    stage, share = str(note["stage"])[:60], float(note["share"])
                except (Unreadable, KeyError, TypeError, ValueError):
                    self.send_error(400)
                    return
                still = wanted(found[1])
                if still and stage and 0 <= share <= 1:
                    told(found[1], stage, share)
                self.send_response(200 if still else 410)
                self.send_header("Content-Length", "0")
                self.end_headers()

        self._server = _Server((host, 0), Handler)
        self._server.tls = context(key, ssl.Purpose.CLIENT_AUTH)
        self._thread = threading.Thread(target=self._server.serve_forever, args=(0.2,), name="asker", daemon=True)

    @property
    def address(self) -> str:
        host, port = self._server.server_address[:2]
        return f"https://{host!s}:{port}" if ":" not in str(host) else f"https://[{host!s}]:{port}"

    def serve(self, key: str, path: str) -> None:
        self._files[key] = Path(path)

    def __enter__(self) -> Asker:
        self._thread.start()
        return self

    def __exit__(self, *_: object) -> None:
        self._server.shutdown()
        self._server.server_close()
        self._thread.join()


class _Server(ThreadingHTTPServer):
    daemon_threads = True
    tls: ssl.SSLContext

    def process_request_thread(self, request: object, client_address: object) -> None:
        """In the connection's own thread: one that never ends its greeting keeps nobody else waiting."""
        try:
            request.settimeout(WAIT_S)  # type: ignore[attr-defined]
            secured = self.tls.wrap_socket(request, server_side=True)  # type: ignore[arg-type]
        except (OSError, ValueError):  # somebody without the key
            self.shutdown_request(request)  # type: ignore[arg-type]
            return
        super().process_request_thread(secured, client_address)

    def handle_error(self, request: object, client_address: object) -> None: ...


def _send_file(handler: BaseHTTPRequestHandler, path: Path) -> None:
    wanted = RANGE.fullmatch(handler.headers.get("Range", ""))
    start = int(wanted[1]) if wanted else 0
    try:
        with path.open("rb") as file:
            size = path.stat().st_size
            if start > size:
                handler.send_error(416)
                return
            file.seek(start)
            handler.send_response(206 if wanted else 200)
            handler.send_header("Content-Length", str(size - start))
            handler.end_headers()
            shutil.copyfileobj(file, handler.wfile, PART)
    except OSError:
        handler.close_connection = True


class Link:
    """A task's way back to whoever asked for it: tells how far it is every other second, and stops the task when it is not
    wanted any more or whoever asked is gone."""

    def __init__(self, address: str, number: str, key: Path) -> None:
        self.address, self.key = address, key
        self.progress = Progress()
        self._number = number
        self._now = ("", 0.0)
        self._done = threading.Event()
        self._thread = threading.Thread(target=self._tell, name="link", daemon=True)

    def told(self, stage: str, share: float) -> None:
        """Say how far the task is; raises `Cancelled` where it is not wanted any more."""
        self.progress.check()
        self.tell_so_far(stage, share)

    def tell_so_far(self, stage: str, share: float) -> None:
        """The same for whoever is stopped in another way."""
        self._now = (stage, share)

    def connection(self) -> http.client.HTTPSConnection:
        try:
            where = urlsplit(self.address)
            host, port = where.hostname, where.port
        except ValueError:
            host, port = None, None
        if host is None:
            raise StandTallError(tr("Whoever asked for the task gave no address."))
        return http.client.HTTPSConnection(host, port, timeout=WAIT_S, context=context(self.key, ssl.Purpose.SERVER_AUTH))

    def __enter__(self) -> Link:
        self._thread.start()
        return self

    def __exit__(self, *_: object) -> None:
        self._done.set()
        self._thread.join()

    def _tell(self) -> None:
        heard, refused = time.monotonic(), 0
        while not self._done.wait(EVERY_S):
            stage, share = self._now
            try:
                connection = self.connection()
                try:
                    connection.request("POST", f"/told/{self._number}", json.dumps({"stage": stage, "share": share}))
                    status = connection.getresponse().status
                finally:
                    connection.close()
            except (OSError, http.client.HTTPException, StandTallError) as error:
                status = 0
                refused += isinstance(error, ConnectionRefusedError)
            if status == 200:
                heard, refused = time.monotonic(), 0
            if status == 410 or refused >= REFUSED or time.monotonic() - heard > LOST_S:
                self.progress.cancel()
                return

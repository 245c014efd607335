"""A simulated channel as a server of this machine: the protocol of docs/channel-protocol.md, a page for viewers and one for
trials."""

from __future__ import annotations

import json
import re
import threading
import urllib.parse
from email.utils import formatdate
from http.server import BaseHTTPRequestHandler
from pathlib import Path
from typing import Any, Final

from standtall.base.folders import data_folder
from standtall.base.local_server import LocalServer
from standtall.base.reading import Unreadable, json_of
from standtall.model.channel import Channel
from standtall.posts.simulated.answer import Answer
from standtall.posts.simulated.channel_memory import Manners, Memory
from standtall.posts.simulated.pages import trial_page, viewer_page

LARGEST_BODY: Final = 2_000_000
SLOW_S: Final = 20
QUIET_S: Final = 15
BLOCK: Final = 1 << 16


class SimulatedChannel(LocalServer):
    """Ready to `serve_forever`; `folder` keeps what it remembers."""

    def __init__(
        self, channel: Channel, folder: Path | None = None, manners: Manners | None = None, port: int | None = None
    ) -> None:
        wanted = urllib.parse.urlsplit(channel.posts.delivery.address).port
        super().__init__(wanted or 0 if port is None else port, _Handler)
        self.memory = Memory(channel, folder or data_folder() / "simulated-channels" / channel.name, manners)
        self.ending = threading.Event()

    def end(self) -> None:
        """Hang up and put the memory away; what runs is let go."""
        self.ending.set()
        self.shutdown()
        self.server_close()
        self.memory.close()


class _HangUp(Exception):
    """The connection ends without an answer."""


class _Handler(BaseHTTPRequestHandler):
    server: SimulatedChannel
    protocol_version = "HTTP/1.0"  # one request a connection: an answer given twice confuses no other
    timeout = QUIET_S

    def log_message(self, format: str, *args: Any) -> None:
        return

    def date_time_string(self, timestamp: float | None = None) -> str:
        return formatdate(self.server.memory.now() if timestamp is None else timestamp, usegmt=True)

    def do_GET(self) -> None:
        self._handle("GET")

    def do_POST(self) -> None:
        self._handle("POST")

    def do_PUT(self) -> None:
        self._handle("PUT")

    def do_PATCH(self) -> None:
        self._handle("PATCH")

    def do_DELETE(self) -> None:
        self._handle("DELETE")

    def _handle(self, method: str) -> None:
        path = urllib.parse.urlsplit(self.path).path
        try:
            if path.startswith("/v1/"):
                self._api(method, path)
            elif path == "/trial" and method == "POST":
                self._trial()
            elif method == "GET":
                self._page(path)
            else:
                self._json(404, {"reason": "There is nothing here."})
        except _HangUp:
            self.close_connection = True
        except Answer as answer:
            self._json(answer.code, {"reason": answer.reason}, answer.wait_s)
        except OSError:
            self.close_connection = True  # the other side has gone

    # the protocol

    def _api(self, method: str, path: str) -> None:
        memory = self.server.memory
        if memory.strikes("offline") is not None:
            raise _HangUp
        body = self._body(method, path)
        wait = memory.strikes("busy")
        if wait is not None:
            raise Answer(503, "Everything is busy here", wait or 5)
        slow = memory.strikes("slow")
        if slow is not None:
            self.server.ending.wait(slow or SLOW_S)
        twice = memory.strikes("twice") is not None
        told = self._answered(method, path, body)
        if twice:
            told = self._answered(method, path, body)
        memory.tell(f"{method} {path}: {told.get('state', 'done')}")
        if path == "/v1/posts" and memory.strikes("lost") is not None:
            raise _HangUp
        self._json(200, told, again=twice)

    def _answered(self, method: str, path: str, body: bytes) -> dict[str, Any]:
        memory = self.server.memory
        told = {} if method in ("GET", "DELETE", "PUT") else _object(body)
        if (method, path) == ("POST", "/v1/sign-in"):
            return memory.sign_in(str(told.get("account", ""))[:200], str(told.get("password", ""))[:200])
        if (method, path) == ("POST", "/v1/renew"):
            return memory.renew(str(told.get("account", ""))[:200], str(told.get("renewal", ""))[:200])
        kind, _space, token = self.headers.get("Authorization", "").partition(" ")
        account = memory.account_of(token if kind == "Bearer" else "")
        if (method, path) == ("POST", "/v1/uploads"):
            return memory.begin_upload(account, told)
        if (method, path) == ("POST", "/v1/posts"):
            return self._linked(memory.make(account, told))
        what, _slash, name = path.removeprefix("/v1/").partition("/")
        if method == "PUT" and what == "uploads":
            return memory.add_part(account, name, _count(self.headers.get("Upload-Offset", "")), body)
        if method == "GET" and what == "marks":
            return self._linked(memory.by_mark(account, name))
        if what == "posts" and method in ("GET", "PATCH", "DELETE"):
            number = _count(name)
            if method == "DELETE":
                return memory.delete(account, number)
            return self._linked(memory.change(account, number, told) if method == "PATCH" else memory.post(account, number))
        raise Answer(404, "There is nothing here.")

    def _linked(self, told: dict[str, Any]) -> dict[str, Any]:
        return {**told, "link": self.server.address + str(told["link"])}

    def _body(self, method: str, path: str) -> bytes:
        length = _count(self.headers.get("Content-Length", "0") or "0")
        if length > LARGEST_BODY:
            raise Answer(413, "That is too much at once.")
        if method == "PUT" and self.server.memory.strikes("dropped") is not None:
            half = self.rfile.read(length // 2)
            self._answered(method, path, half)
            raise _HangUp
        return self.rfile.read(length)

    # pages

    def _page(self, path: str) -> None:
        memory = self.server.memory
        if path in ("/", "/index.html"):
            self._send(200, viewer_page(memory.channel, memory.shown(), memory.now()))
        elif found := re.fullmatch(r"/post/(\d{1,9})", path):
            shown = [p for p in memory.shown() if p["id"] == int(found[1])]
            self._send(200 if shown else 404, viewer_page(memory.channel, shown, memory.now()))
        elif path == "/trial":
            self._send(200, trial_page(memory.channel, memory.faults(), memory.told()))
        elif (found := re.fullmatch(r"/media/(\d{1,9})", path)) and (file := memory.media(int(found[1]))) is not None:
            self._media(file)
        elif (found := re.fullmatch(r"/cover/(\d{1,9})", path)) and (file := memory.cover(int(found[1]))) is not None:
            self._media(file, "image/jpeg")
        else:
            self._send(404, "<!doctype html><title>Nothing here</title><p>There is nothing here.</p>")

    def _trial(self) -> None:
        """A fault is set: by the form of the trial page, or as JSON. Pages of others may not do that."""
        origin = self.headers.get("Origin", self.server.address)
        if origin not in (self.server.address, "null"):
            raise Answer(403, "Only this channel's own page sets faults.")
        body = self.rfile.read(min(LARGEST_BODY, _count(self.headers.get("Content-Length", "0"))))
        form = self.headers.get("Content-Type", "").startswith("application/x-www-form-urlencoded")
        told: dict[str, Any] = dict(urllib.parse.parse_qsl(body.decode("utf-8", "replace"))) if form else _object(body)
        times = int(told["times"]) if re.fullmatch(r"-?\d{1,6}", str(told.get("times", "1"))) else 1
        value = int(told["value"]) if re.fullmatch(r"-?\d{1,9}", str(told.get("value", ""))) else 0
        self.server.memory.set_fault(str(told.get("kind", "")), times, value)
        if form:
            self.send_response(303)
            self.send_header("Location", "/trial")
            self.send_header("Content-Length", "0")
            self.end_headers()
        else:
            self._json(200, {"faults": {k: list(v) for k, v in self.server.memory.faults().items()}})

    def _media(self, file: Path, kind: str = "video/mp4") -> None:
        """A file, or the part of it that is asked for (RFC 9110, 14.2)."""
        size = file.stat().st_size
        span = re.fullmatch(r"bytes=(\d{1,15})-(\d{0,15})", self.headers.get("Range", ""))
        first, last = (int(span[1]), min(size - 1, int(span[2] or size - 1))) if span else (0, size - 1)
        if not first <= last < size:
            raise Answer(416, "There is nothing there.")
        self.send_response(206 if span else 200)
        if span:
            self.send_header("Content-Range", f"bytes {first}-{last}/{size}")
        self.send_header("Content-Type", kind)
        self.send_header("Accept-Ranges", "bytes")
        self.send_header("Content-Length", str(last - first + 1))
        self.end_headers()
        with file.open("rb") as data:
            data.seek(first)
            left = last - first + 1
            while left and (block := data.read(min(left, BLOCK))):
                self.wfile.write(block)
                left -= len(block)

    def _json(self, code: int, told: dict[str, Any], wait_s: int = 0, again: bool = False) -> None:
        data = json.dumps(told, ensure_ascii=False).encode("utf-8", "replace")
        for _ in range(2 if again else 1):
            self.send_response(code)
            self.send_header("Content-Type", "application/json")
            self.send_header("Content-Length", str(len(data)))
            if wait_s:
                self.send_header("Retry-After", str(wait_s))
            self.end_headers()
            self.wfile.write(data)

    def _send(self, code: int, page: str) -> None:
        data = page.encode("utf-8", "replace")
        self.send_response(code)
        self.send_header("Content-Type", "text/html; charset=utf-8")
        self.send_header(
            "Content-Security-Policy",
            "default-src 'none'; style-src 'unsafe-inline'; media-src 'self'; img-src 'self'; form-action 'self'",
        )
        self.send_header("Content-Length", str(len(data)))
        self.end_headers()
        self.wfile.write(data)


def _count(text: str) -> int:
    return int(text) if text.isascii() and text.isdigit() and len(text) < 16 else 0


def _object(body: bytes) -> dict[str, Any]:
    try:
        told = json_of(body, LARGEST_BODY)
    except Unreadable as error:
        raise Answer(400, f"That is no JSON: {error}.") from error
    if not isinstance(told, dict):
        raise Answer(400, "An object is wanted.")
    return told

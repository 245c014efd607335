"""The Greenhouse: a small made-up video host on this machine, so that links can be tried without the web.

    stand-tall host            serves the demo programme at http://127.0.0.1:8765/watch/allotment-hour.mp4

It can be told to behave badly by the link: `?slow=50` (KiB a second), `?drop=100000` (breaks off after so many bytes),
`?refuse=403`, `?lie=size` (promises another size), `?lie=more` (sends more than promised), `?noranges=1`, `?turns=9` (redirects).
"""

from __future__ import annotations

import html
import re
import time
import urllib.parse
from http.server import BaseHTTPRequestHandler
from pathlib import Path
from typing import Any

from standtall.base.local_server import LocalServer

PORT = 8765
PATIENCE_S = 10
"""Seconds after which somebody who says nothing is let go."""
PAGE = """<!doctype html><title>The Greenhouse – {name}</title><meta property="og:video" content="/files/{file}">
<h1>{name}</h1><video controls src="/files/{file}{query}"></video>"""


def _count(text: str | None, most: int) -> int:
    """A whole number from a link, 0 for anything else."""
    return min(most, int(text)) if text and text.isascii() and text.isdigit() and len(text) < 16 else 0


class Host(LocalServer):
    """Serves `files` (name in the link to path) until it is shut down."""

    def __init__(self, files: dict[str, Path], port: int = PORT) -> None:
        super().__init__(port, _Handler)
        self.files = files
        self.asked: list[tuple[str, str]] = []
        """Each request: its path, and the range that was asked for."""


class _Handler(BaseHTTPRequestHandler):
    server: Host
    protocol_version = "HTTP/1.1"
    timeout = PATIENCE_S

    def log_message(self, format: str, *args: Any) -> None:
        return

    def do_GET(self) -> None:
        try:
            parts = urllib.parse.urlsplit(self.path)
        except ValueError:
            self._plain(400, "That is no address here.")
            return
        asked = {k: v[0] for k, v in urllib.parse.parse_qs(parts.query).items()}
        self.server.asked.append((parts.path, self.headers.get("Range", "")))
        turns = _count(asked.get("turns"), 100)
        if "refuse" in asked:
            self._plain(max(400, _count(asked["refuse"], 599)), "The Greenhouse is closed to you.")
        elif turns > 0:
            self.send_response(302)
            place = asked.get("to") or f"{parts.path}?turns={turns - 1}"
            self.send_header("Location", urllib.parse.quote(place, safe=":/?#[]@!$&'()*+,;=%-._~"))
            self.send_header("Content-Length", "0")
            self.end_headers()
        elif parts.path.startswith("/watch/") and (file := self._named(parts.path[7:])) is not None:
            query = f"?{parts.query}" if parts.query else ""
            page = PAGE.format(name=html.escape(file.stem), file=urllib.parse.quote(parts.path[7:]), query=html.escape(query))
            self._plain(200, page, "text/html; charset=utf-8")
        elif parts.path.startswith("/files/") and (file := self._named(parts.path[7:])) is not None:
            self._file(file, asked)
        else:
            self._plain(404, "Nothing grows here.")

    def _named(self, name: str) -> Path | None:
        return self.server.files.get(urllib.parse.unquote(name))

    def _plain(self, code: int, text: str, kind: str = "text/plain", more: dict[str, str] | None = None) -> None:
        data = text.encode()
        self.send_response(code)
        self.send_header("Content-Type", kind)
        for name, value in (more or {}).items():
            self.send_header(name, value)
        self.send_header("Content-Length", str(len(data)))
        self.end_headers()
        self.wfile.write(data)

    def _file(self, path: Path, asked: dict[str, str]) -> None:
        size = path.stat().st_size
        span = re.fullmatch(r"bytes=(\d{1,15})-(\d{0,15})", self.headers.get("Range", ""))
        mark = f'"{size}-{path.stat().st_mtime_ns}"'
        fresh = self.headers.get("If-Range", mark) == mark
        first, last = 0, size - 1
        if span and fresh and "noranges" not in asked:
            first, last = int(span[1]), min(size - 1, int(span[2] or size - 1))
            if not first <= last < size:
                self._plain(416, "There is nothing there.", more={"Content-Range": f"bytes */{size}"})
                return
            self.send_response(206)
            self.send_header("Content-Range", f"bytes {first}-{last}/{size + (7 if asked.get('lie') == 'size' else 0)}")
        else:
            self.send_response(200)
        length = last - first + 1
        self.send_header("Content-Type", "video/mp4")
        if asked.get("lie") == "more":
            self.send_header("Connection", "close")
            self.close_connection = True
        else:
            self.send_header("Content-Length", str(length))
        self.send_header("ETag", mark)
        named = re.sub(r'[^ -~]|["\\]', "_", path.name)
        self.send_header("Content-Disposition", f'attachment; filename="{named}"')
        self.end_headers()
        self._send(path, first, length, asked)

    def _send(self, path: Path, first: int, length: int, asked: dict[str, str]) -> None:
        rate = _count(asked.get("slow"), 1_000_000) * 1024
        drop = _count(asked["drop"], 1 << 40) if "drop" in asked else None
        sent = 0
        try:
            with path.open("rb") as file:
                file.seek(first)
                while length and (block := file.read(min(length, 16_384))):
                    if drop is not None and sent + len(block) > drop:
                        self.close_connection = True
                        self.wfile.flush()
                        self.connection.close()
                        return
                    self.wfile.write(block)
                    sent, length = sent + len(block), length - len(block)
                    if rate:
                        time.sleep(len(block) / rate)
            if asked.get("lie") == "more" and first == 0:
                self.wfile.write(b"\0" * 65_536)
        except OSError:
            self.close_connection = True  # the other side has gone


def serve(files: dict[str, Path], port: int = PORT) -> Host:
    """A host that is ready to `serve_forever`; raises `OSError` when the port is taken."""
    return Host(files, port)

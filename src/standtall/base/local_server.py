"""A server for this machine alone: a few requests at once, each in a thread of its own; one that goes wrong is nobody else's
matter."""

from __future__ import annotations

import sys
import threading
from http.server import BaseHTTPRequestHandler, ThreadingHTTPServer
from typing import Any, Final

from standtall.base.log import unforeseen

MOST_AT_ONCE: Final = 32


class LocalServer(ThreadingHTTPServer):
    """Listens on 127.0.0.1; `port` 0 takes one that is free. Raises `OSError` when the port is taken."""

    daemon_threads = True

    def __init__(self, port: int, handler: type[BaseHTTPRequestHandler]) -> None:
        super().__init__(("127.0.0.1", port), handler)
        self._free = threading.BoundedSemaphore(MOST_AT_ONCE)

    def process_request(self, request: Any, client_address: Any) -> None:
        """A few at once; the rest are sent away."""
        if self._free.acquire(blocking=False):
            super().process_request(request, client_address)
        else:
            self.shutdown_request(request)

    def process_request_thread(self, request: Any, client_address: Any) -> None:
        try:
            super().process_request_thread(request, client_address)
        finally:
            self._free.release()

    def handle_error(self, request: Any, client_address: Any) -> None:
        unforeseen(sys.exc_info()[1] or RuntimeError("unknown"), f"{type(self).__name__} did not answer a request")

    @property
    def address(self) -> str:
        return f"http://127.0.0.1:{self.server_address[1]}"

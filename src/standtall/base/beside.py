"""Work beside other work of the same process."""

from __future__ import annotations

import threading
from collections.abc import Callable
from typing import Generic, TypeVar

T = TypeVar("T")


class Beside(Generic[T]):
    """Work in a thread of its own while the block runs; when the block fails the work is told to stop and waited for."""

    def __init__(self, work: Callable[[], T], stop: Callable[[], None]) -> None:
        self._work, self._stop = work, stop
        self._value: T | None = None
        self._error: BaseException | None = None
        self._thread = threading.Thread(target=self._run, name="beside", daemon=True)

    def _run(self) -> None:
        try:
            self._value = self._work()
        except BaseException as error:  # noqa: BLE001 - raised where the result is asked for
            self._error = error

    def busy(self) -> bool:
        """Whether the work still goes on."""
        return self._thread.is_alive()

    def result(self) -> T:
        self._thread.join()
        if self._error is not None:
            raise self._error
        return self._value  # type: ignore[return-value]

    def __enter__(self) -> Beside[T]:
        self._thread.start()
        return self

    def __exit__(self, kind: type[BaseException] | None, *_: object) -> None:
        if kind is not None:
            self._stop()
        self._thread.join()

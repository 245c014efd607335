"""The log of faults: one rotating file in the state folder, shared by the window and the commands."""

from __future__ import annotations

import contextlib
import fcntl
import logging
import platform
import sys
import threading
from collections.abc import Callable
from pathlib import Path
from types import TracebackType
from typing import Final

from standtall import __version__
from standtall.base.errors import StandTallError, Unforeseen
from standtall.base.folders import state_folder
from standtall.base.interface_language import tr

LARGEST: Final = 1_000_000
"""Bytes of one log file; the older ones are `.1` and `.2`."""
OLDER: Final = 2

_log: Final = logging.getLogger("standtall")
_log.propagate = False
_FORM: Final = f"%(asctime)s {__version__} python {platform.python_version()} pid %(process)d %(threadName)s: %(message)s"


def log_file() -> Path:
    return state_folder() / "log" / "stand-tall.log"


class StateLog(logging.Handler):
    """Appends each record under a lock between processes and closes the file again; turns the files over by size.

    A log that cannot be written is no reason to stop the work that it tells of.
    """

    def emit(self, record: logging.LogRecord) -> None:
        with contextlib.suppress(OSError, ValueError):
            path = log_file()
            path.parent.mkdir(parents=True, exist_ok=True)
            with (path.parent / ".lock").open("w") as lock:
                fcntl.flock(lock, fcntl.LOCK_EX)
                if path.exists() and path.stat().st_size > LARGEST:
                    for number in range(OLDER, 0, -1):
                        older = path.with_name(f"{path.name}.{number - 1}") if number > 1 else path
                        if older.exists():
                            older.replace(path.with_name(f"{path.name}.{number}"))
                with path.open("a", encoding="utf-8", errors="backslashreplace") as file:
                    file.write(self.format(record) + "\n")


_handler = StateLog()
_handler.setFormatter(logging.Formatter(_FORM))
_log.addHandler(_handler)


def note(text: str) -> None:
    """Write a line that helps to understand a fault that comes later."""
    _log.warning(text)


def unforeseen(error: BaseException, undone: str) -> Unforeseen:
    """Log an error that nobody foresaw with its traceback; -> what to tell the person. `undone` begins the sentence: what was
    not done, such as "The change was not made"."""
    _log.error("%s", undone, exc_info=(type(error), error, error.__traceback__))
    hint = tr("The program goes on; what happened is written in {file}.", file=log_file())
    return Unforeseen(tr("{undone}, because of a fault in the program ({name}).", undone=undone, name=type(error).__name__), hint)


def told(error: BaseException, undone: str) -> StandTallError:
    """An error as one that a person reads: as it is where it is one of ours, logged otherwise."""
    return error if isinstance(error, StandTallError) else unforeseen(error, undone)


def hear_all(say: Callable[[str], None]) -> None:
    """Let what escapes everywhere else be logged and said in a sentence: in any thread, and where objects are cleared away."""

    def escaped(kind: type[BaseException], error: BaseException, trace: TracebackType | None, undone: str) -> None:
        if issubclass(kind, KeyboardInterrupt):
            sys.__excepthook__(kind, error, trace)
            return
        say(str(told(error if trace is None else error.with_traceback(trace), undone)))

    def in_thread(args: threading.ExceptHookArgs) -> None:
        if args.exc_value is not None and not issubclass(args.exc_type, SystemExit):
            name = args.thread.name if args.thread is not None else "a thread"
            escaped(args.exc_type, args.exc_value, args.exc_traceback, tr("The work of “{name}” stopped", name=name))

    def when_cleared(args: sys.UnraisableHookArgs) -> None:
        if args.exc_value is not None:
            unforeseen(args.exc_value, tr("Something was not cleared away"))

    sys.excepthook = lambda kind, error, trace: escaped(kind, error, trace, tr("The last step was not done"))
    threading.excepthook = in_thread
    sys.unraisablehook = when_cleared

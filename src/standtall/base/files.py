"""Files that are either whole or not there, and media known by content."""

from __future__ import annotations

import contextlib
import hashlib
import os
import re
import secrets
import time
from collections.abc import Iterator
from pathlib import Path
from typing import Final

from standtall.base.errors import MediaError, disk_error
from standtall.base.folders import state_folder
from standtall.base.interface_language import tr

_PART: Final = 1 << 20
LONGEST_NAME: Final = 180
"""Bytes of a file name that we make: file systems allow 255, and parts and numbered copies need room for more."""
LONGEST_PART: Final = 200
PART: Final = re.compile(r"\..*\.[0-9a-f]{8}\.part(\.[^.]*)?")
SPENT_S: Final = 14 * 86_400
"""A note that no process of this machine owns any more is forgotten after two weeks, found or not."""


def short_name(text: str, most: int = LONGEST_NAME) -> str:
    """The start of a text that fits into `most` bytes of UTF-8, without half a letter at the end."""
    return text.encode("utf-8", "replace")[:most].decode("utf-8", "ignore").strip(" .")


def _owner() -> str:
    """This process: its number and when it started, since numbers come again."""
    return f"{os.getpid()} {_started(os.getpid())}"


def _started(pid: int) -> str:
    """When a process started, in ticks since the machine did; empty where there is none."""
    try:
        return Path(f"/proc/{pid}/stat").read_text("ascii", "replace").rpartition(")")[2].split()[19]
    except (OSError, IndexError):
        return ""


def _notes() -> Path:
    return state_folder() / "parts"


@contextlib.contextmanager
def written_whole(path: Path) -> Iterator[Path]:
    """Give a name beside `path` to write to; it is moved to `path` when the block ends well, removed otherwise.

    A note in the state folder says whose it is, so that `clear_parts` finds what a killed process left.
    Raises `OutputError` for a full disk or a folder that may not be written.
    """
    mark = secrets.token_hex(4)
    beside = path.with_name(f".{short_name(path.name, LONGEST_PART)}.{mark}.part{path.suffix if len(path.suffix) < 8 else ''}")
    note = _notes() / mark
    try:
        path.parent.mkdir(parents=True, exist_ok=True)
        with contextlib.suppress(OSError):  # the state folder may not be writable: then a killed write leaves its part
            note.parent.mkdir(parents=True, exist_ok=True)
            note.write_text(f"{_owner()}\n{beside.absolute()}", "utf-8", "surrogateescape")
        yield beside
        with beside.open("rb+") as file:
            os.fsync(file.fileno())
        beside.replace(path)
    except OSError as error:
        raise disk_error(error, path) from error
    finally:
        with contextlib.suppress(OSError):  # the folder may be gone; the first error is the one to tell
            beside.unlink(missing_ok=True)
        with contextlib.suppress(OSError):
            note.unlink(missing_ok=True)


def clear_parts() -> list[Path]:
    """Remove what killed processes of this machine were writing; -> the files that are gone now."""
    gone: list[Path] = []
    for note in sorted(_notes().glob("*")) if _notes().is_dir() else ():
        with contextlib.suppress(OSError, ValueError):
            owner, _, name = note.read_bytes()[:8192].decode("utf-8", "surrogateescape").partition("\n")
            pid, _, started = owner.partition(" ")
            if started and _started(int(pid)) == started:
                continue  # still at it
            part = Path(name)
            if PART.fullmatch(part.name) and part.is_file() and not part.is_symlink():
                part.unlink()
                gone.append(part)
                note.unlink()
            elif part.parent.is_dir() or time.time() - note.stat().st_mtime > SPENT_S:  # a drive may come back
                note.unlink()
    return gone


def write_whole(path: Path, data: bytes) -> None:
    """Write a small file so that a reader sees the old or the new content, never a part."""
    with written_whole(path) as beside:
        beside.write_bytes(data)


def content_key(path: Path) -> str:
    """A name for the content of a file: SHA-256 of its size and of 1 MiB at head, middle and tail, 24 hex digits.

    Raises `MediaError` when the file cannot be read.
    """
    try:
        size = path.stat().st_size
        digest = hashlib.sha256(str(size).encode())
        with path.open("rb") as file:
            for at in (0, max(0, size // 2 - _PART // 2), max(0, size - _PART)):
                file.seek(at)
                digest.update(file.read(_PART))
    except FileNotFoundError as error:
        raise MediaError(tr("There is no file {path}.", path=path), tr("Check the name, or choose the file again.")) from error
    except IsADirectoryError as error:
        raise MediaError(tr("{path} is a folder.", path=path), tr("Choose the media files in it.")) from error
    except OSError as error:
        raise MediaError(
            tr("{path} cannot be read: {error}.", path=path, error=error.strerror), tr("Check the file's permissions.")
        ) from error
    return digest.hexdigest()[:24]

"""Files that are either whole or not there, and media known by content."""

from __future__ import annotations

import contextlib
import hashlib
import os
import secrets
from collections.abc import Iterator
from pathlib import Path
from typing import Final

from standtall.base.errors import MediaError, disk_error

_PART: Final = 1 << 20


@contextlib.contextmanager
def written_whole(path: Path) -> Iterator[Path]:
    """Give a name beside `path` to write to; it is moved to `path` when the block ends well, removed otherwise.

    Raises `OutputError` for a full disk or a folder that may not be written.
    """
    beside = path.with_name(f".{path.name}.{secrets.token_hex(4)}.part{path.suffix}")
    try:
        path.parent.mkdir(parents=True, exist_ok=True)
        yield beside
        with beside.open("rb+") as file:
            os.fsync(file.fileno())
        beside.replace(path)
    except OSError as error:
        raise disk_error(error, path) from error
    finally:
        with contextlib.suppress(OSError):  # the folder may be gone; the first error is the one to tell
            beside.unlink(missing_ok=True)


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
        raise MediaError(f"There is no file {path}.", "Check the name, or choose the file again.") from error
    except IsADirectoryError as error:
        raise MediaError(f"{path} is a folder.", "Choose the media files in it.") from error
    except OSError as error:
        raise MediaError(f"{path} cannot be read: {error.strerror}.", "Check the file's permissions.") from error
    return digest.hexdigest()[:24]

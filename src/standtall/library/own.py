"""Small files of the user's own, read with distrust: a broken one is left out, said, and kept beside."""

from __future__ import annotations

import json
import threading
from pathlib import Path
from typing import Final, TypeVar

from standtall.base import log
from standtall.base.errors import ProjectError
from standtall.base.files import write_whole
from standtall.base.interface_language import tr
from standtall.base.priority import going_on
from standtall.base.reading import Unreadable, file_bytes, json_of
from standtall.model.codec import from_plain, to_plain

T = TypeVar("T")
LARGEST: Final = 4_000_000
_reading = threading.Lock()


def read_own(path: Path, kind: type[T], default: T, what: str) -> tuple[T, str]:
    """The value in a file, or `default` where there is none; -> (value, sentence), the sentence empty where all is well.

    A file that cannot be understood is moved to `NAME.broken` (an older one there is replaced); `what` names it for people.
    """
    with going_on(), _reading:  # two readers of a broken file would each put it aside
        return _read(path, kind, default, what)


def _read(path: Path, kind: type[T], default: T, what: str) -> tuple[T, str]:
    try:
        return from_plain(kind, json_of(file_bytes(path, LARGEST), LARGEST)), ""
    except FileNotFoundError:
        return default, ""
    except OSError as error:
        return default, _said(
            path,
            tr(
                "{what} cannot be read ({error}), so they are left out. Check the file {path}.",
                what=what,
                error=error.strerror,
                path=path,
            ),
        )
    except (Unreadable, ProjectError) as error:
        beside = path.with_name(f"{path.name}.broken")
        try:
            path.replace(beside)
        except OSError:
            beside = path
        return default, _said(
            path,
            tr(
                "{what} cannot be understood ({error}), so they are left out; the file is kept as {beside}.",
                what=what,
                error=error,
                beside=beside,
            ),
        )


def _said(path: Path, sentence: str) -> str:
    log.note(f"{path}: {sentence}")
    return sentence


def write_own(path: Path, value: object) -> None:
    """Keep a value; a reader sees the old or the new one. Raises `OutputError` as `write_whole` does."""
    write_whole(path, (json.dumps(to_plain(value), indent=1, ensure_ascii=False) + "\n").encode("utf-8", "replace"))

"""Values as they are stored in a project: with their version, checked and brought up to date as they are read."""

from __future__ import annotations

import json
import zlib
from collections.abc import Callable
from typing import Any, Final, TypeVar

from standtall.base import reading
from standtall.base.errors import ProjectError
from standtall.base.interface_language import tr
from standtall.base.reading import Unreadable, json_of
from standtall.library.upgrades.shorts import brief_2, short_2, short_3, short_4
from standtall.model.brief import Brief
from standtall.model.codec import from_plain, to_plain
from standtall.model.short import Short

T = TypeVar("T")

VERSION: Final = 5
LONGEST: Final = 5_000_000
"""Most characters of one value that is stored as text."""
LARGEST: Final = 100_000_000
"""Most bytes that a packed value may unpack to: far more than the words of a day."""
UPGRADES: Final[dict[tuple[type, int], Callable[[object], object]]] = {
    (Short, 2): short_2,
    (Short, 3): short_3,
    (Short, 4): short_4,
    (Brief, 2): brief_2,
}
"""What brings a kind of value to a version from the one before, where that is more than nothing (version 5 only adds extras,
sound and transitions). Transcripts and their revisions are brought to version 2 together (`library.upgrades.project_5`), since
words are named by what happened to them."""


def as_text(value: object) -> str:
    return json.dumps({"version": VERSION, "value": to_plain(value)}, separators=(",", ":"))


def packed(value: object) -> bytes:
    return zlib.compress(as_text(value).encode(), 5)


def from_text(kind: type[T], text: object) -> T:
    """The inverse of `as_text`, for values of all versions; raises `ProjectError` for anything else."""
    return _value(kind, plain_of(text))


def unpacked(kind: type[T], data: object) -> T:
    """The inverse of `packed`; raises `ProjectError` for anything else."""
    return _value(kind, plain_of_packed(data))


def plain_of(text: object) -> Any:
    """The data that is stored as text; raises `ProjectError` where it is none."""
    try:
        if not isinstance(text, str):
            raise Unreadable("it is no text")
        return json_of(text, LONGEST)
    except Unreadable as error:
        raise _unreadable("A value", error) from error


def plain_of_packed(data: object) -> Any:
    try:
        if not isinstance(data, bytes):
            raise Unreadable("it is no packed data")
        return json_of(reading.unpacked(data, LARGEST), LARGEST)
    except Unreadable as error:
        raise _unreadable("A transcript", error) from error


def _unreadable(what: str, error: Unreadable) -> ProjectError:
    return ProjectError(
        tr("{what} in the project cannot be read: {error}.", what=what, error=error),
        tr("The file is damaged: open a backup of it."),
    )


def _value(kind: type[T], data: Any) -> T:
    version, plain = versioned(data)
    if version > VERSION:
        raise ProjectError(
            tr("A value in the project was made by a newer version of Stand Tall."), tr("Update the program to open it.")
        )
    for number in range(version + 1, VERSION + 1):
        upgrade = UPGRADES.get((kind, number))
        plain = upgrade(plain) if upgrade is not None else plain
    return from_plain(kind, plain)


def versioned(data: Any) -> tuple[int, Any]:
    """-> (the version of stored data, the value in it). Values of version 1 had no version, apart from shorts."""
    if not isinstance(data, dict) or type(data.get("version")) is not int:
        return 1, data
    rest = data.keys() - {"version"}
    if rest == {"value"}:
        return data["version"], data["value"]
    if rest == {"short"} and data["version"] == 1:
        return 1, data["short"]
    raise ProjectError(
        tr("A value in the project is of no version that there is."), tr("The file is damaged: open a backup of it.")
    )

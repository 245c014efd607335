"""Readable data that ships with the program, and the user's own beside it in the data folder: looks, channels."""

from __future__ import annotations

import functools
from collections.abc import Callable
from dataclasses import dataclass
from pathlib import Path
from typing import Final, Generic, Protocol, TypeVar

from standtall.base import log
from standtall.base.errors import ProjectError
from standtall.base.folders import data_folder
from standtall.base.interface_language import tr
from standtall.base.reading import Unreadable, file_bytes, json_of
from standtall.library.own import write_own
from standtall.model.channel import check_name
from standtall.model.codec import from_plain, to_plain

LARGEST: Final = 64_000
"""Most bytes of one file."""
MOST: Final = 500
"""Most files of the user's own of one kind."""


class Named(Protocol):
    """What is kept under a name that is also that of its file."""

    @property
    def name(self) -> str: ...


T = TypeVar("T", bound=Named)


@dataclass(frozen=True, slots=True)
class Loaded(Generic[T]):
    """All values of one kind, the shipped ones first, and in a sentence each what was left out."""

    values: tuple[T, ...]
    problems: tuple[str, ...] = ()


class DataFiles(Generic[T]):
    """Values of one kind, one JSON file each. A file of the user's own with the name of a shipped one stands for it.

    Files are read again only where they have changed, and equal files give the same value.
    """

    def __init__(
        self, kind: type[T], folder: str, what: str, read: Callable[[object], T] | None = None,
        plain: Callable[[T], object] = to_plain,
    ) -> None:  # fmt: skip
        self._kind, self._folder, self._what = kind, folder, what
        self._from_plain = read or functools.partial(from_plain, kind)
        self._to_plain = plain
        self._kept: dict[bytes, T] = {}
        """Values by the content of their file."""

    @property
    def own_folder(self) -> Path:
        """Where the user's own files are."""
        return data_folder() / self._folder

    def load(self) -> Loaded[T]:
        """Everything there is now; a file that cannot be used is left where it is and told of."""
        values: dict[str, T] = {}
        problems: list[str] = []
        for path in sorted((Path(__file__).parent / self._folder).glob("*.json")):
            values[path.stem] = self._read(path)
        for path in sorted(self.own_folder.glob("*.json"))[:MOST]:
            try:
                values[path.stem] = self._read(path)
            except (OSError, Unreadable, ProjectError) as error:
                problems.append(
                    tr(
                        "{what} {name} is left out: {error} The file is {path}.",
                        what=self._what,
                        name=path.name,
                        error=error,
                        path=path,
                    )
                )
                log.note(problems[-1])
        return Loaded(tuple(values.values()), tuple(problems))

    def save(self, value: T) -> Path:
        """Keep a value among the user's own; -> its file. Raises `OutputError` where it cannot be written."""
        check_name(self._what, value.name)
        path = self.own_folder / f"{value.name}.json"
        write_own(path, self._to_plain(value))
        return path

    def _read(self, path: Path) -> T:
        """Raises `OSError`, `Unreadable` or `ProjectError`."""
        data = file_bytes(path, LARGEST)
        if data not in self._kept:
            value = self._from_plain(json_of(data, LARGEST))
            if value.name != path.stem:
                raise ProjectError(
                    tr(
                        "it is called “{name}”, but the name of its file says “{stem}”.",
                        name=value.name[:40],
                        stem=path.stem[:40],
                    )
                )
            self._kept[data] = value
        return self._kept[data]

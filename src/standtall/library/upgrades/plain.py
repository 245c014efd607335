"""Reading plain data of older versions, which may be damaged or made by somebody else."""

from __future__ import annotations

from typing import Any

from standtall.base.errors import ProjectError
from standtall.base.interface_language import tr


def damaged(what: str) -> ProjectError:
    return ProjectError(
        tr("{what} of an older version cannot be read.", what=what), tr("The file is damaged: open a backup of it.")
    )


def fields(data: object, names: tuple[str, ...], what: str) -> dict[str, Any]:
    """The fields of an object that may have these and no others; raises `ProjectError` for anything else."""
    if not isinstance(data, dict) or not data.keys() <= set(names):
        raise damaged(what)
    return data


def rows(data: object, what: str) -> list[Any]:
    """A list; raises `ProjectError` for anything else."""
    if not isinstance(data, list):
        raise damaged(what)
    return data


def renamed(data: dict[str, Any], names: dict[str, str]) -> dict[str, Any]:
    """The same fields, some of them under other names."""
    return {names.get(key, key): value for key, value in data.items()}

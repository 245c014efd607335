"""Model values to plain JSON data and back, trusting nothing.

Every value is checked against the type its field declares, so that a project file from somebody else can only make
values that the model allows. Fractions are written "30000/1001".
"""

from __future__ import annotations

import dataclasses
import types
import typing
from fractions import Fraction
from typing import Any, TypeVar

from standtall.base.errors import ProjectError

T = TypeVar("T")


def to_plain(value: object) -> Any:
    """A frozen dataclass (or a tuple of them) as dicts, lists, strings and numbers."""
    if dataclasses.is_dataclass(value) and not isinstance(value, type):
        return {f.name: to_plain(getattr(value, f.name)) for f in dataclasses.fields(value)}
    if isinstance(value, tuple | list):
        return [to_plain(v) for v in value]
    if isinstance(value, Fraction):
        return f"{value.numerator}/{value.denominator}"
    return value


def from_plain(kind: type[T], data: object) -> T:
    """The inverse of `to_plain`; raises `ProjectError` for anything that does not fit `kind`."""
    return typing.cast(T, _read(kind, data, kind.__name__))


def _wrong(place: str, wanted: str, given: object) -> ProjectError:
    return ProjectError(
        f"{place} must be {wanted}, not {type(given).__name__}.", "The file is damaged or was made by another program."
    )


_HINTS: dict[type, dict[str, Any]] = {}


def _read(kind: Any, data: object, place: str) -> Any:
    origin = typing.get_origin(kind)
    if origin in (typing.Union, types.UnionType):
        options = typing.get_args(kind)
        if data is None and type(None) in options:
            return None
        return _read(next(o for o in options if o is not type(None)), data, place)
    if origin is typing.Literal:
        if data not in typing.get_args(kind):
            raise ProjectError(f"{place} must be one of {', '.join(map(str, typing.get_args(kind)))}.")
        return data
    if origin is tuple:
        if not isinstance(data, list):
            raise _wrong(place, "a list", data)
        item = typing.get_args(kind)[0]
        return tuple(_read(item, v, f"{place}[{i}]") for i, v in enumerate(data))
    if dataclasses.is_dataclass(kind):
        return _read_fields(typing.cast(type, kind), data, place)
    return _read_scalar(kind, data, place)


def _read_fields(kind: type, data: object, place: str) -> Any:
    if not isinstance(data, dict):
        raise _wrong(place, "an object", data)
    hints = _HINTS.setdefault(kind, typing.get_type_hints(kind))
    unknown = set(data) - set(hints)
    if unknown:
        raise ProjectError(f"{place} has a field that is not known: {sorted(map(str, unknown))[0][:40]}.")
    try:
        return kind(**{name: _read(hints[name], value, f"{place}.{name}") for name, value in data.items()})
    except TypeError as error:
        raise ProjectError(f"{place} is not complete.", "The file is damaged.", reason=str(error)) from error


def _read_scalar(kind: Any, data: object, place: str) -> Any:
    if kind is Fraction:
        if not isinstance(data, str) or len(data) > 40:
            raise _wrong(place, "a fraction", data)
        try:
            return Fraction(data)
        except (ValueError, ZeroDivisionError) as error:
            raise _wrong(place, "a fraction", data) from error
    if kind is float and isinstance(data, int) and not isinstance(data, bool):
        return float(data)
    if kind in (int, float, str, bool):
        if type(data) is not kind:
            raise _wrong(place, {int: "a whole number", float: "a number", str: "text", bool: "true or false"}[kind], data)
        if kind is float and (data != data or data in (float("inf"), float("-inf"))):
            raise _wrong(place, "a finite number", data)
        return data
    raise ProjectError(f"{place} is of a kind that is not stored.")

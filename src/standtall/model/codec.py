"""Model values to plain JSON data and back, trusting nothing.

Every value is checked against the type its field declares, so that a project file from somebody else can only make
values that the model allows. Fractions are written "30000/1001". Where a field may hold one of several classes, each has a
field `kind` of one literal, which says in the data which it is. Mappings have text for keys.
"""

from __future__ import annotations

import collections.abc
import dataclasses
import functools
import math
import types
import typing
from collections.abc import Callable, Mapping
from fractions import Fraction
from typing import Any, TypeVar

from standtall.base.errors import ProjectError
from standtall.base.interface_language import tr
from standtall.base.priority import give_way

T = TypeVar("T")


def to_plain(value: object) -> Any:
    """A frozen dataclass (or a tuple of them) as dicts, lists, strings and numbers."""
    if type(value) in _SCALARS:
        return value
    kind: type = type(value)
    names = _field_names(kind)
    if names is not None:
        return {name: to_plain(getattr(value, name)) for name in names}
    if isinstance(value, tuple | list):
        return [to_plain(v) for v in value]
    if isinstance(value, Mapping):
        return {str(k): to_plain(v) for k, v in value.items()}
    if isinstance(value, Fraction):
        return f"{value.numerator}/{value.denominator}"
    return value


_SCALARS = frozenset((str, int, float, bool, type(None)))


@functools.cache
def _field_names(kind: type) -> tuple[str, ...] | None:
    """Those of a dataclass; kept, since the words of hours are written at a time."""
    return tuple(f.name for f in dataclasses.fields(kind)) if dataclasses.is_dataclass(kind) else None


def from_plain(kind: type[T], data: object) -> T:
    """The inverse of `to_plain`; raises `ProjectError` for anything that does not fit `kind`."""
    return typing.cast(T, _reader(typing.cast(Any, kind), kind.__name__)(data))


Reader = Callable[[object], Any]


def _wrong(place: str, wanted: str, given: object) -> ProjectError:
    return ProjectError(
        f"{place} must be {wanted}, not {type(given).__name__}.", tr("The file is damaged or was made by another program.")
    )


@functools.cache
def _reader(kind: Any, place: str) -> Reader:
    """A function that reads one kind of value; made once for each kind, since hours of faces are read at a time."""
    origin = typing.get_origin(kind)
    if origin in (typing.Union, types.UnionType):
        return _union_reader(typing.get_args(kind), place)
    if origin is collections.abc.Mapping:
        return functools.partial(_read_mapping, _reader(typing.get_args(kind)[1], f"Each of {place}"), place)
    if origin is typing.Literal:
        return functools.partial(_read_choice, typing.get_args(kind), place)
    if origin is tuple:
        item = typing.get_args(kind)[0]
        each = functools.partial(_read_list, _reader(item, f"Each of {place}"), place)
        return functools.partial(_read_floats, each) if item is float else each
    if dataclasses.is_dataclass(kind):
        hints = typing.get_type_hints(kind)
        plain = {n: _plain(h) for n, h in hints.items()}
        return functools.partial(_read_fields, kind, {n: _reader(h, f"{place}.{n}") for n, h in hints.items()}, plain, place)
    return functools.partial(_read_scalar, kind, place)


def _union_reader(options: tuple[Any, ...], place: str) -> Reader:
    """Nothing or one kind; one of several classes, told apart by their `kind`; or one of several scalars."""
    inner = tuple(o for o in options if o is not type(None))
    optional = len(inner) < len(options)
    if len(inner) == 1:
        read = _reader(inner[0], place)
    elif all(dataclasses.is_dataclass(o) for o in inner):
        read = functools.partial(_read_tagged, {tag_of(o): _reader(o, place) for o in inner}, place)
    else:
        read = functools.partial(_read_any, inner, place)
    return (lambda data: None if data is None else read(data)) if optional else read


def tag_of(kind: Any) -> str:
    """What a class of a union is called in the data: the one literal of its field `kind`."""
    return str(typing.get_args(typing.get_type_hints(kind)["kind"])[0])


def _read_tagged(readers: dict[str, Reader], place: str, data: object) -> Any:
    tag = data.get("kind") if isinstance(data, dict) else None
    if not isinstance(tag, str) or tag not in readers:
        raise ProjectError(f"{place} must be an object whose kind is one of {', '.join(sorted(readers))}.")
    return readers[tag](data)


def _read_any(kinds: tuple[Any, ...], place: str, data: object) -> Any:
    if type(data) not in kinds or (isinstance(data, float) and not math.isfinite(data)):
        raise _wrong(place, " or ".join(_NAMES[k] for k in kinds), data)
    return data


def _read_mapping(item: Reader, place: str, data: object) -> Any:
    if not isinstance(data, dict):
        raise _wrong(place, "an object", data)
    return {key: item(value) for key, value in data.items()}


def _read_choice(choices: tuple[Any, ...], place: str, data: object) -> Any:
    if not isinstance(data, str | int) or data not in choices:
        raise ProjectError(f"{place} must be one of {', '.join(map(str, choices))}.")
    return data


def _read_list(item: Reader, place: str, data: object) -> Any:
    if not isinstance(data, list):
        raise _wrong(place, "a list", data)
    return tuple(map(item, data))


def _read_floats(each: Reader, data: object) -> Any:
    """Numbers are looked at together where nothing is wrong with them: there are hundred thousands."""
    if isinstance(data, list) and set(map(type, data)) <= {float} and math.isfinite(sum(data)):
        return tuple(data)
    return each(data)


def _plain(hint: Any) -> type | None:
    """The scalar that a field mostly holds, where that is right as it is."""
    options = typing.get_args(hint) if typing.get_origin(hint) in (typing.Union, types.UnionType) else (hint,)
    kinds = [k for k in options if k is not type(None)]
    return kinds[0] if len(kinds) == 1 and kinds[0] in _NAMES else None


def _read_fields(kind: Any, readers: dict[str, Reader], plain: dict[str, type | None], place: str, data: object) -> Any:
    give_way()
    if not isinstance(data, dict):
        raise _wrong(place, "an object", data)
    if not data.keys() <= readers.keys():
        unknown = sorted(map(str, data.keys() - readers.keys()))[0]
        raise ProjectError(f"{place} has a field that is not known: {unknown[:40]}.")
    values = {}
    for name, value in data.items():  # most are scalars that are right, and each call is seen where hours of faces are read
        right = type(value) is plain[name] and (type(value) is not float or math.isfinite(value))
        values[name] = value if right else readers[name](value)
    try:
        return kind(**values)
    except TypeError as error:
        raise ProjectError(f"{place} is not complete.", tr("The file is damaged."), reason=str(error)) from error


_NAMES = {int: "a whole number", float: "a number", str: "text", bool: "true or false"}


def _read_scalar(kind: Any, place: str, data: object) -> Any:
    if type(data) is kind and kind in _NAMES:
        if kind is float and not math.isfinite(typing.cast(float, data)):
            raise _wrong(place, "a finite number", data)
        return data
    if kind is float and type(data) is int and abs(data) < 2**53:
        return float(data)
    if kind is Fraction and isinstance(data, str) and len(data) <= 40:
        try:
            return Fraction(data)
        except (ValueError, ZeroDivisionError) as error:
            raise _wrong(place, "a fraction", data) from error
    raise _wrong(place, _NAMES.get(kind, "a fraction"), data)

"""Reading what comes from outside: every size is known before anything is made of it."""

from __future__ import annotations

import io
import json
import re
import zlib
from pathlib import Path
from typing import Any, Final, NoReturn

from standtall.base.priority import give_way

DEEPEST: Final = 60
"""No data of ours is nested deeper."""
MOST_DIGITS: Final = 24
LONG: Final = re.compile(rf"[0-9]{{{MOST_DIGITS + 1}}}")
LITTLE: Final = 20_000
"""Characters up to which a text is looked at value by value."""
BLOCK: Final = 1 << 18
ESCAPED: Final = re.compile(rb"\\.", re.DOTALL)
MOST_PARTS, MOST_ITEMS = 2_500_000, 20_000_000
"""Most objects and lists, and most values in them, in one text: a day of faces has fewer, and each costs memory."""


class Unreadable(ValueError):
    """Data that is damaged or beyond what can be meant; the text says why."""


def _whole_number(digits: str) -> int:
    if len(digits) > MOST_DIGITS:
        raise Unreadable("a number has too many digits")
    return int(digits)


def _no_number(name: str) -> NoReturn:
    raise Unreadable(f"{name} is no number")


def json_of(data: bytes | str, largest: int) -> Any:
    """The value of a JSON text of at most `largest` bytes (or characters); raises `Unreadable` for anything else.

    Numbers are finite and short, nesting is at most `DEEPEST`, and there are no more parts than memory has room for.
    """
    if len(data) > largest:
        raise Unreadable(f"it is larger than {largest} bytes")
    try:
        text = data.decode("utf-8") if isinstance(data, bytes) else data
    except UnicodeDecodeError as error:
        raise Unreadable("it is not written in UTF-8") from error
    if text.count("[") + text.count("{") > MOST_PARTS or text.count(",") > MOST_ITEMS:
        raise Unreadable("it holds too many parts")
    little = len(text) < LITTLE
    depth, digits = (0, MOST_DIGITS + 1 if LONG.search(text) else 0) if little else _looked_over(text)
    try:
        whole = _whole_number if digits > MOST_DIGITS else None  # a look at each number takes five times as long
        value = json.loads(text, parse_int=whole, parse_constant=_no_number)
    except Unreadable:
        raise
    except (ValueError, RecursionError) as error:
        raise Unreadable("it is no JSON" if isinstance(error, ValueError) else "it is nested too deeply") from error
    if _deeper(value, DEEPEST) if little else depth > DEEPEST:
        raise Unreadable("it is nested too deeply")
    return value


def _deeper(value: Any, most: int) -> bool:
    """Whether lists and objects are nested deeper than `most`, looked at level by level."""
    level = [value] if isinstance(value, list | dict) else []
    for _ in range(most):
        give_way()
        inside = (inner for v in level for inner in (v.values() if isinstance(v, dict) else v))
        level = [v for v in inside if isinstance(v, list | dict)]
        if not level:
            return False
    return True


def _looked_over(text: str) -> tuple[int, int]:
    """-> (how deep lists and objects are nested in a text that is JSON, where what is between quotes does not count; most digits
    in a row, or more where escaped signs stood between them)."""
    import numpy as np  # not for the small files of a start

    codes = np.frombuffer(ESCAPED.sub(b"", text.encode("utf-8", "surrogatepass")) or b" ", np.uint8)
    steps = np.zeros(256, np.int8)
    steps[list(b"[{")], steps[list(b"]}")] = 1, -1
    deepest = level = longest = 0
    quoted, other = False, -1
    for start in range(0, len(codes), BLOCK):
        give_way()
        block = codes[start : start + BLOCK]
        within = np.logical_xor.accumulate(block == ord('"')) ^ quoted
        levels = level + np.cumsum(np.where(within, 0, steps[block]), dtype=np.int32)
        deepest, level, quoted = max(deepest, int(levels.max())), int(levels[-1]), bool(within[-1])
        others = np.flatnonzero(block - np.uint8(ord("0")) > 9) + start
        ends = np.concatenate(([other], others, [start + len(block)]))
        longest, other = max(longest, int(np.diff(ends).max()) - 1), int(ends[-2])
    return deepest, longest


def file_bytes(path: Path, largest: int) -> bytes:
    """The content of a file of at most `largest` bytes; raises `Unreadable` for a larger one, `OSError` as the system does."""
    with path.open("rb") as file:
        data = file.read(largest + 1)
    if len(data) > largest:
        raise Unreadable(f"it is larger than {largest} bytes")
    return data


def unpacked(data: bytes, largest: int, gzip: bool = False) -> bytes:
    """What zlib or gzip data unpacks to, at most `largest` bytes; raises `Unreadable` for more, and for damaged data."""
    opener = zlib.decompressobj(wbits=31 if gzip else 15)
    out = io.BytesIO()
    try:
        out.write(opener.decompress(data, largest + 1))
    except zlib.error as error:
        raise Unreadable("its packing is damaged") from error
    if out.tell() > largest or opener.unconsumed_tail:
        raise Unreadable(f"it unpacks to more than {largest} bytes")
    if not opener.eof:
        raise Unreadable("it is cut short")
    return out.getvalue()

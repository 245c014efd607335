"""Methods of dataclasses, compiled beforehand.

Python 3.11 writes the methods of each dataclass as text and compiles them whenever it is loaded: some two thousand at a start of
the window, which take an eighth of it. `keep` compiles them once, at set-up, and puts them beside the compiled modules of the
package; `take_kept` lets `dataclasses` take a method from there where its text is the same. Without the file, with another
Python's or with classes that were changed since, they are compiled as usual.
"""

from __future__ import annotations

import dataclasses
import importlib
import importlib.util
import marshal
import sys
from collections.abc import Iterable
from pathlib import Path
from types import CodeType
from typing import Any, Final

FILE: Final = Path(__file__).parents[1] / "__pycache__" / f"methods.{sys.implementation.cache_tag}.bin"
"""Trusted as the compiled modules beside it are: whoever can write there can change the program."""


def _compiled(text: str) -> CodeType:
    return compile(text, "<string>", "exec", dont_inherit=True)  # the switches of this module are none of theirs


def take_kept(file: Path = FILE) -> int:
    """Let dataclasses that are loaded from now on take their methods from a file; -> how many it holds."""
    try:
        data = file.read_bytes()
    except OSError:
        return 0
    if not data.startswith(importlib.util.MAGIC_NUMBER):
        return 0
    try:
        kept = marshal.loads(data[len(importlib.util.MAGIC_NUMBER) :])  # noqa: S302 - as Python loads the modules beside it
    except (ValueError, EOFError, TypeError):
        return 0  # it was cut short
    if not isinstance(kept, dict):
        return 0

    def run(text: str, names: dict[str, Any], local: dict[str, Any]) -> None:
        exec(kept.get(text) or _compiled(text), names, local)  # noqa: S102 - as `dataclasses` does with the text

    vars(dataclasses)["exec"] = run  # found before the built-in one
    return len(kept)


def keep(modules: Iterable[str], file: Path = FILE) -> int:
    """Load modules with all that they need, and keep the methods of their dataclasses; -> how many there are. Nothing of them may
    be loaded yet. Raises `OSError` where the file cannot be written."""
    kept: dict[str, CodeType] = {}

    def run(text: str, names: dict[str, Any], local: dict[str, Any]) -> None:
        kept[text] = _compiled(text)
        exec(kept[text], names, local)  # noqa: S102 - as above

    vars(dataclasses)["exec"] = run
    for module in modules:
        importlib.import_module(module)
    from standtall.base.files import write_whole  # after its own dataclasses were seen

    write_whole(file, importlib.util.MAGIC_NUMBER + marshal.dumps(kept))
    return len(kept)

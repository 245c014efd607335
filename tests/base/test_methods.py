"""Methods of dataclasses that were compiled beforehand are those that would be compiled now."""

from __future__ import annotations

import dataclasses
import importlib.util
import inspect
import marshal
import subprocess
import sys
from collections.abc import Callable, Iterator
from pathlib import Path
from types import ModuleType

import pytest

from standtall.base import methods

SOURCE = """
from dataclasses import dataclass, field
@dataclass(frozen=True, slots=True, order=True)
class Pair:
    first: int
    second: tuple[str, ...] = field(default=("a",))
"""


@pytest.fixture(autouse=True)
def compiled_as_usual(monkeypatch: pytest.MonkeyPatch) -> Iterator[list[str]]:
    """-> the texts that were compiled since."""
    compiled: list[str] = []
    usual = methods._compiled
    monkeypatch.setattr(methods, "_compiled", lambda text: compiled.append(text) or usual(text))
    monkeypatch.setitem(vars(dataclasses), "exec", exec)
    yield compiled


@pytest.fixture
def loaded(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> Callable[[str], ModuleType]:
    """Loads a module of a source."""
    monkeypatch.syspath_prepend(tmp_path)

    def load(source: str) -> ModuleType:
        (tmp_path / "some_pairs.py").write_text(source)
        sys.modules.pop("some_pairs", None)
        importlib.invalidate_caches()
        spec = importlib.util.spec_from_file_location("some_pairs", tmp_path / "some_pairs.py")
        assert spec is not None and spec.loader is not None
        made = importlib.util.module_from_spec(spec)
        monkeypatch.setitem(sys.modules, "some_pairs", made)
        spec.loader.exec_module(made)
        return made

    return load


def test_kept_methods_are_taken_and_do_the_same(
    tmp_path: Path, loaded: Callable[[str], ModuleType], compiled_as_usual: list[str]
) -> None:
    usual = loaded(SOURCE).Pair
    sys.modules.pop("some_pairs")
    file = tmp_path / "methods.bin"
    count = methods.keep(["some_pairs"], file)
    assert count == len(compiled_as_usual) >= 10
    compiled_as_usual.clear()
    assert methods.take_kept(file) == count
    kept = loaded(SOURCE).Pair
    assert compiled_as_usual == []
    for pair in (usual, kept):
        one = pair(1)
        assert repr(one) == "Pair(first=1, second=('a',))"
        assert one == pair(1) < pair(2) and hash(one) == hash(pair(1))
        with pytest.raises(dataclasses.FrozenInstanceError):
            one.first = 2
    assert inspect.signature(kept) == inspect.signature(usual)
    assert kept.__init__.__annotations__ == usual.__init__.__annotations__
    other = loaded(SOURCE.replace("first", "one")).Pair
    assert repr(other(3, ())) == "Pair(one=3, second=())"
    assert compiled_as_usual, "a class that was changed since is compiled"


@pytest.mark.parametrize(
    "data", [b"", b"other" * 9, importlib.util.MAGIC_NUMBER, importlib.util.MAGIC_NUMBER + b"{cut",
             importlib.util.MAGIC_NUMBER + marshal.dumps([1])],
)  # fmt: skip
def test_a_file_that_is_broken_or_of_another_python_is_left(tmp_path: Path, data: bytes) -> None:
    file = tmp_path / "methods.bin"
    assert methods.take_kept(file) == 0
    file.write_bytes(data)
    assert methods.take_kept(file) == 0
    assert vars(dataclasses)["exec"] is exec


def test_the_set_up_keeps_what_the_window_loads(tmp_path: Path) -> None:
    """In a process of its own, which has loaded nothing."""
    code = f"""
import dataclasses
from pathlib import Path
from standtall.base import methods
from standtall.cli.keep_methods import STARTS
file = Path({str(tmp_path / "methods.bin")!r})
print(methods.keep(STARTS, file), methods.take_kept(file))
"""
    told = subprocess.run([sys.executable, "-c", code], capture_output=True, text=True, check=True, timeout=600)
    kept, taken = map(int, told.stdout.split())
    assert kept == taken > 1_000

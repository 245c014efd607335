"""Bounded reading: size, depth, digits, unpacked size."""

from __future__ import annotations

import gzip
import json
import re
import tracemalloc
import zlib
from pathlib import Path

import pytest
from hypothesis import given
from hypothesis import strategies as st

from standtall.base import reading
from standtall.base.reading import DEEPEST, Unreadable, file_bytes, json_of, unpacked

pytestmark = pytest.mark.fault

plain = st.recursive(
    st.none() | st.booleans() | st.integers(-(10**20), 10**20) | st.floats(allow_nan=False, allow_infinity=False) | st.text(),
    lambda inner: st.lists(inner) | st.dictionaries(st.text(), inner),
    max_leaves=20,
)


@given(plain)
def test_what_json_can_say_comes_back(value: object) -> None:
    assert json_of(json.dumps(value), 1 << 20) == value


def depth(value: object) -> int:
    inside = value.values() if isinstance(value, dict) else value if isinstance(value, list) else None
    return 0 if inside is None else 1 + max(map(depth, inside), default=0)


@given(plain, st.booleans(), st.integers(1, 9))
def test_a_long_text_is_looked_over_as_its_values_are(value: object, ascii_only: bool, block: int) -> None:
    text = json.dumps(value, ensure_ascii=ascii_only)
    digits = max(map(len, re.findall("[0-9]+", text)), default=0)
    with pytest.MonkeyPatch.context() as patch:
        patch.setattr(reading, "BLOCK", block)
        found, most = reading._looked_over(text)
    assert found == depth(value)
    assert most >= digits if "\\" in text else most == digits


@pytest.mark.parametrize("little", [0, reading.LITTLE])
@pytest.mark.parametrize(
    ("text", "why"),
    [("[" * 100_000 + "]" * 100_000, "nested"), ("[" * (DEEPEST + 1) + "]" * (DEEPEST + 1), "nested"), ("9" * 400, "digits"),
     ("\\" * 30_000, "no JSON"), ("NaN", "no number"), ("[Infinity]", "no number"), ("{", "no JSON"),
     ('"' + "x" * 3000 + '"', "larger"), (b"\xff\xfe", "UTF-8")],
)  # fmt: skip
def test_what_cannot_be_meant_is_refused(text: str | bytes, why: str, little: int, monkeypatch: pytest.MonkeyPatch) -> None:
    monkeypatch.setattr(reading, "LITTLE", little)
    with pytest.raises(Unreadable, match=why):
        json_of(text, 2000 if "x" * 3000 in str(text) else 1 << 20)


def test_as_deep_as_allowed_is_read() -> None:
    assert json_of("[" * DEEPEST + "]" * DEEPEST, 1000) is not None


def test_more_parts_than_memory_has_room_for_are_refused(monkeypatch: pytest.MonkeyPatch) -> None:
    monkeypatch.setattr(reading, "MOST_PARTS", 10)
    with pytest.raises(Unreadable, match="too many"):
        json_of("[" + "[]," * 20 + "1]", 1000)


def test_a_file_is_read_up_to_its_limit(tmp_path: Path) -> None:
    path = tmp_path / "a"
    path.write_bytes(b"12345")
    assert file_bytes(path, 5) == b"12345"
    with pytest.raises(Unreadable, match="larger"):
        file_bytes(path, 4)


@pytest.mark.parametrize("packing", ["zlib", "gzip"])
def test_of_a_small_file_that_unpacks_to_a_lot_no_more_than_is_allowed_is_unpacked(packing: str) -> None:
    packer = zlib.compressobj(9, zlib.DEFLATED, 31 if packing == "gzip" else 15)
    block = b"\0" * (1 << 20)
    bomb = b"".join(packer.compress(block) for _ in range(100)) + packer.flush()
    assert len(bomb) < 400_000
    tracemalloc.start()
    try:
        with pytest.raises(Unreadable, match="unpacks to more"):
            unpacked(bomb, 1 << 20, packing == "gzip")
        assert tracemalloc.get_traced_memory()[1] < 8 << 20, "the peak of its memory"
    finally:
        tracemalloc.stop()
    whole = gzip.compress(b"abc") if packing == "gzip" else zlib.compress(b"abc")
    assert unpacked(whole, 3, packing == "gzip") == b"abc"
    for broken in (whole[:-3], b"", b"none"):
        with pytest.raises(Unreadable):
            unpacked(broken, 3, packing == "gzip")

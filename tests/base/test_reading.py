"""Bounded reading: size, depth, digits, unpacked size."""

from __future__ import annotations

import gzip
import json
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


@pytest.mark.parametrize(
    ("text", "why"),
    [("[" * 100_000 + "]" * 100_000, "nested"), ("[" * (DEEPEST + 1) + "]" * (DEEPEST + 1), "nested"), ("9" * 400, "digits"),
     ("NaN", "no number"), ("[Infinity]", "no number"), ("{", "no JSON"), ('"' + "x" * 3000 + '"', "larger"), (b"\xff\xfe", "UTF-8")],
)  # fmt: skip
def test_what_cannot_be_meant_is_refused(text: str | bytes, why: str) -> None:
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

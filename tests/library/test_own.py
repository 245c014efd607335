"""The user's own small files and the cache: what is broken is left out, said, and kept beside."""

from __future__ import annotations

import gzip
import zlib
from pathlib import Path

import pytest

from standtall.base.errors import ProjectError
from standtall.base.folders import settings_folder
from standtall.library import settings, wordlist
from standtall.library.cache import AnalysisCache
from standtall.model.corrections import Term
from standtall.model.people import People, Shot

pytestmark = pytest.mark.fault
KEY = "0123456789abcdef01234567"
BROKEN = ["[" * 100_000, "{", "[]", '{"recent": [1]}', '{"recent": "x", "theme": 4}', "\x00", '{"more": 1}', "9" * 500, "nul"]


@pytest.mark.parametrize("text", BROKEN)
def test_broken_settings_are_left_out_said_and_kept(text: str) -> None:
    file = settings_folder() / "settings.json"
    file.parent.mkdir(parents=True)
    file.write_text(text)
    found, said = settings.load()
    assert found == settings.Settings()
    assert "Your settings cannot be understood" in said
    assert file.with_name("settings.json.broken").read_text() == text
    settings.save(settings.Settings(theme="dark"))
    assert settings.load() == (settings.Settings(theme="dark"), "")


@pytest.mark.parametrize("text", [b"\xff\xfe", b"[" * 90_000, b'[{"text": 5}]', b'{"text": "a"}'])
def test_a_broken_word_list_is_left_out_said_and_kept(text: bytes) -> None:
    file = settings_folder() / "words.json"
    file.parent.mkdir(parents=True)
    file.write_bytes(text)
    found, said = wordlist.load()
    assert found == ()
    assert "word list cannot be understood" in said
    assert file.with_name("words.json.broken").read_bytes() == text


def test_a_folder_in_place_of_the_settings_is_said_and_stays() -> None:
    (settings_folder() / "settings.json").mkdir(parents=True)
    found, said = settings.load()
    assert found == settings.Settings()
    assert "cannot be read" in said


def test_a_word_list_comes_back() -> None:
    wordlist.save((Term("Wren"), Term("odile", ("Odeal",))))
    assert wordlist.load() == ((Term("odile", ("Odeal",)), Term("Wren")), "")


def bomb() -> bytes:
    packer = zlib.compressobj(9, zlib.DEFLATED, 31)
    block = b"[" + b"[]," * 350_000
    return b"".join(packer.compress(block) for _ in range(260)) + packer.flush()


@pytest.mark.parametrize("kind", ["bomb", "deep", "cut", "other"])
def test_a_broken_cache_file_is_put_aside_and_said(tmp_path: Path, kind: str) -> None:
    said: list[str] = []
    cache = AnalysisCache(tmp_path, said.append)
    cache.keep(KEY, "people", People((Shot(0, 5),)))
    path = cache.path(KEY, "people")
    whole = path.read_bytes()
    path.write_bytes(
        {"bomb": bomb(), "deep": gzip.compress(b"[" * 99_000), "cut": whole[:-5], "other": gzip.compress(b'{"x": 1}')}[kind]
    )
    assert cache.find(KEY, "people", People) is None
    assert len(said) == 1
    assert "analyse the footage again" in said[0]
    assert path.with_name(f"{path.name}.broken").exists()
    assert cache.find(KEY, "people", People) is None
    assert len(said) == 1, "it is said once"


@pytest.mark.parametrize("key", ["../../home", "", "k", "0" * 23, "0" * 25, "A" * 24, "0123456789abcdef0123456/"])
def test_a_key_that_is_none_is_no_folder(tmp_path: Path, key: str) -> None:
    cache = AnalysisCache(tmp_path / "cache")
    for does in (lambda: cache.keep(key, "a", People()), lambda: cache.find(key, "a", People), lambda: cache.proxy(key),
                 lambda: cache.forget(key, "a")):  # fmt: skip
        with pytest.raises(ProjectError, match="24 hexadecimal"):
            does()
    assert list(tmp_path.rglob("*")) == []


def test_whoever_reads_broken_settings_second_hears_of_it_too() -> None:
    file = settings_folder() / "settings.json"
    file.parent.mkdir(parents=True)
    file.write_text("{")
    _none, first = settings.load()
    _none, second = settings.load()
    assert "cannot be understood" in first
    assert first == second

"""What is known of footage is read once for as long as somebody has it, and anew when a file of it is another one."""

from __future__ import annotations

import gc
import shutil
import threading
import time
import weakref
from concurrent.futures import ThreadPoolExecutor
from dataclasses import replace
from pathlib import Path
from typing import Any

import pytest

from standtall.demo.programme import SHIPPED
from standtall.library.cache import AnalysisCache
from standtall.model.people import Shake
from standtall.model.source import Source
from standtall.session.analyse import Options, known


@pytest.fixture
def cache(tmp_path: Path) -> AnalysisCache:
    shutil.copytree(SHIPPED / "ready", tmp_path / "analysis")
    return AnalysisCache(tmp_path / "analysis")


def test_it_is_read_once_while_somebody_has_it(demo_source: Source, cache: AnalysisCache, monkeypatch: pytest.MonkeyPatch) -> None:
    reads: list[str] = []
    find = AnalysisCache.find
    monkeypatch.setattr(AnalysisCache, "find", lambda self, key, stage, *more: reads.append(stage) or find(self, key, stage, *more))
    first = known(demo_source, Options(), cache)
    assert first is not None and sorted(reads) == ["people", "sound", "words"]
    assert known(demo_source, Options(), cache) is first
    assert known(demo_source, Options(), AnalysisCache(cache.folder)) is first, "by whoever asks"
    assert len(reads) == 3
    kept = weakref.ref(first)
    del first
    gc.collect()
    assert kept() is None, "nobody has it any more"
    assert known(demo_source, Options(), cache) is not None and len(reads) == 6


def test_two_that_ask_at_once_read_it_once(demo_source: Source, cache: AnalysisCache, monkeypatch: pytest.MonkeyPatch) -> None:
    reads: list[str] = []
    find, both = AnalysisCache.find, threading.Barrier(2)

    def slowly(self: AnalysisCache, key: str, stage: str, *more: Any) -> Any:
        reads.append(stage)
        time.sleep(0.1)
        return find(self, key, stage, *more)

    def asked() -> object:
        both.wait(60)
        return known(demo_source, Options(), cache)

    monkeypatch.setattr(AnalysisCache, "find", slowly)
    with ThreadPoolExecutor(2) as pool:
        first, second = (asking.result(60) for asking in [pool.submit(asked), pool.submit(asked)])
    assert first is second is not None
    assert sorted(reads) == ["people", "sound", "words"]


def test_another_file_of_it_is_read(demo_source: Source, cache: AnalysisCache) -> None:
    first = known(demo_source, Options(), cache)
    assert first is not None
    cache.keep(demo_source.key, "shake", Shake(first.people.shots[0].start, first.people.shots[0].end, (0,), (0.0,), (0.0,)), "one more")
    second = known(demo_source, Options(), cache)
    assert second is not None and len(second.people.shakes) == len(first.people.shakes) + 1
    assert replace(second, people=first.people) == first
    cache.forget(demo_source.key, "words")
    assert known(demo_source, Options(), cache) is None, "not all of it is there"


def test_a_file_that_was_broken_since_is_put_aside(demo_source: Source, cache: AnalysisCache) -> None:
    first = known(demo_source, Options(), cache)
    assert first is not None
    for file in cache.folder_of(demo_source.key).glob("words-*.json.gz"):
        file.write_bytes(b"broken")
    assert known(demo_source, Options(), cache) is None
    assert list(cache.folder_of(demo_source.key).glob("words-*.broken"))

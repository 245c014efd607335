"""Small pictures along the time of a source: coarse before fine, made once, and nothing of ours is trusted blindly."""

from __future__ import annotations

from pathlib import Path

from PySide6.QtGui import QImage
from pytestqt.qtbot import QtBot

from standtall.base.progress import Progress
from standtall.base.time import TICKS_PER_SECOND
from standtall.library.cache import AnalysisCache
from standtall.media.probe import probe
from standtall.model.people import Shot
from standtall.ui.state import thumbnails as module
from standtall.ui.state.thumbnails import OVERVIEW, Thumbs, wanted
from standtall.ui.threads.dispatcher import Dispatcher, Worker
from tests.conftest import make_clip
from tests.ui.driving import WAIT


def test_the_whole_comes_first_then_shots_then_what_is_inside_long_ones() -> None:
    shots = (
        Shot(0, 30 * TICKS_PER_SECOND),
        Shot(30 * TICKS_PER_SECOND, 200 * TICKS_PER_SECOND),
        Shot(200 * TICKS_PER_SECOND, 14_400 * TICKS_PER_SECOND),
    )
    whole, first, inside = wanted(shots, 14_400 * TICKS_PER_SECOND)
    assert len(whole) == OVERVIEW
    assert [at for at, _ in first] == [0, 30 * TICKS_PER_SECOND, 200 * TICKS_PER_SECOND]
    assert all(at < tick for at, tick in first), "a shot shows a picture of its own, not one of a dissolve into it"
    assert [at // TICKS_PER_SECOND for at, _ in inside if at < 200 * TICKS_PER_SECOND] == [70, 110, 150]
    assert len(wanted((), 10)[0]) == 10


def made(qtbot: QtBot, path: Path, cache: AnalysisCache) -> Thumbs:
    source = probe(path)
    dispatcher = Dispatcher()
    worker = Worker("test", dispatcher)
    out = Thumbs(source, None, (Shot(0, TICKS_PER_SECOND), Shot(TICKS_PER_SECOND, source.length)), cache)
    expected = {at for level in out._levels for at, _ in level}
    try:
        out.make(worker, Progress(), lambda: None)
        qtbot.waitUntil(lambda: set(out.images) >= expected, timeout=WAIT)
        qtbot.waitUntil(lambda: out._file.is_file(), timeout=WAIT)
    finally:
        worker.close()
    return out


def test_they_are_made_once_and_kept(qtbot: QtBot, tmp_path: Path, monkeypatch) -> None:  # type: ignore[no-untyped-def]
    clip = make_clip(tmp_path / "a.mp4", frames=90)
    cache = AnalysisCache()
    first = made(qtbot, clip, cache)
    assert all(not i.isNull() and i.width() == 224 for i in first.images.values())
    assert [t for t, _ in first.between(TICKS_PER_SECOND, 2 * TICKS_PER_SECOND)] == [TICKS_PER_SECOND], (
        "the shot has a picture of its own"
    )
    del first.images[TICKS_PER_SECOND]
    assert len(first.between(TICKS_PER_SECOND, 2 * TICKS_PER_SECOND)) == OVERVIEW // 3
    monkeypatch.setattr(module, "wide_at", lambda *_: 1 / 0)  # the media is not touched again
    again = made(qtbot, clip, cache)
    assert set(again.images) == {*first.images, TICKS_PER_SECOND}


def test_a_damaged_or_foreign_file_counts_as_none(tmp_path: Path) -> None:
    bad = tmp_path / "thumbs.zip"
    assert module._kept(bad) == {}
    bad.write_bytes(b"PK\x03\x04 not really")
    assert module._kept(bad) == {}
    image = QImage(8, 8, QImage.Format.Format_RGB32)
    image.fill(0)
    module._keep(bad, {5: image})
    assert list(module._kept(bad)) == [5]

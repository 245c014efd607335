"""Finished clips in several pieces of footage: by sound and by words, listened to once, told as a table."""

from __future__ import annotations

import csv
import json
from collections.abc import Sequence
from dataclasses import replace
from fractions import Fraction
from pathlib import Path

import cv2
import numpy as np
import pytest

from standtall.base.progress import Progress
from standtall.base.time import TICKS_PER_SECOND
from standtall.cli.main import main
from standtall.jobs.events import ClipTraced, Event
from standtall.jobs.requests import TraceClipsRequest
from standtall.library.cache import AnalysisCache
from standtall.media.planes import from_rgb
from standtall.media.probe import probe
from standtall.media.sound_reader import read_sound
from standtall.media.writer import MovieWriter
from standtall.model.analysis import Analysis
from standtall.model.source import Source
from standtall.model.words import Word
from standtall.session import listened as listening
from standtall.session.analysis_tasks import HeardWords
from standtall.session.clip_words import WordIndex, words_beside
from standtall.session.clips import ClipFinder, rebuilt, trace
from standtall.session.run import run
from tests.conftest import write_sound

RATE = 16_000


@pytest.fixture(scope="module")
def voice(demo_file: Path) -> np.ndarray:
    return read_sound(demo_file, RATE, 1).reshape(-1)


@pytest.fixture
def halves(voice: np.ndarray, tmp_path: Path) -> list[Source]:
    """Two pieces of footage of a minute each."""
    return [
        probe(write_sound(tmp_path / f"{name}.m4a", voice[a * RATE : (a + 60) * RATE], RATE))
        for name, a in (("first", 0), ("second", 80))
    ]


def clip_of(voice: np.ndarray, path: Path) -> Path:
    """Ten seconds of the second half, then eight of the first."""
    return write_sound(path, np.concatenate([voice[95 * RATE : 105 * RATE], voice[20 * RATE : 28 * RATE]]), RATE)


def test_a_clip_of_two_pieces_of_footage_is_found_and_rebuilt(voice: np.ndarray, halves: list[Source], tmp_path: Path) -> None:
    found = ClipFinder(halves, Progress()).locate(clip_of(voice, tmp_path / "both.m4a"))
    first, second = halves
    assert [p.source for p in found.pieces] == [second.key, first.key]
    starts = [(p.start - p.clip_start) / TICKS_PER_SECOND for p in found.pieces]
    assert starts == pytest.approx([15.0, 10.0], abs=0.04)
    assert all(p.end <= 60.1 * TICKS_PER_SECOND for p in found.pieces)
    short = rebuilt(found, halves)
    assert [s.source for s in short.segments] == [second.key, first.key]
    assert [s.source for s in rebuilt(found, halves[:1]).segments] == [first.key], "what is not here is left out"


def test_footage_is_listened_to_once(
    voice: np.ndarray, halves: list[Source], tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    cache, clip = AnalysisCache(), clip_of(voice, tmp_path / "both.m4a")
    before = ClipFinder(halves, Progress(), cache).locate(clip)

    def never(*_: object) -> None:
        raise AssertionError("it was listened to again")

    with monkeypatch.context() as patched:
        patched.setattr(listening, "_listen", never)
        assert ClipFinder(halves, Progress(), cache).locate(clip) == before
    for damage in (b"", b"nothing", b"\x93NUMPY\x01\x00v\x00{'descr': '|O', 'fortran_order': False, 'shape': (3,), }"):
        for path in cache.folder_of(halves[0].key).glob("heard*.npy"):
            path.write_bytes(damage)
        assert ClipFinder(halves, Progress(), cache).locate(clip) == before, "what is damaged is listened to again"


def captions(analysis: Analysis, path: Path, first: int, last: int, at_s: float = 0.0, odd: str = "") -> Path:
    """Words of the demo as a caption file that begins at `at_s`; every fifth word is another one where that is asked for."""
    words = analysis.words[first:last]
    lines = [
        {"text": odd if odd and n % 5 == 4 else w.text, "start": (w.start - words[0].start) / 48_000 + at_s,
         "end": (w.end - words[0].start) / 48_000 + at_s, "confidence": 1.0}
        for n, w in enumerate(words)
    ]  # fmt: skip
    path.write_text(json.dumps({"words": lines}))
    return path


@pytest.mark.parametrize("odd", ["", "otherwise"])
def test_a_clip_with_other_sound_is_found_by_its_captions(
    demo_source: Source, demo_analysis: Analysis, tmp_path: Path, odd: str
) -> None:
    cache = AnalysisCache()
    cache.keep(demo_source.key, "words", HeardWords(demo_analysis.words, "en"), "x")
    clip = write_sound(tmp_path / "music.m4a", np.sin(np.arange(12 * RATE) / 9).astype(np.float32) * 0.2, RATE)
    captions(demo_analysis, tmp_path / "music.json", 100, 140, odd=odd)
    found = ClipFinder([demo_source], Progress(), cache).locate(clip)
    assert found.by == "words"
    assert found.pieces[0].start == demo_analysis.words[100].start
    assert abs(found.pieces[-1].end - demo_analysis.words[139].end) <= 3 * TICKS_PER_SECOND
    assert sum(p.end - p.start for p in found.pieces) == pytest.approx(
        demo_analysis.words[139].end - demo_analysis.words[100].start, rel=0.2
    )


def test_words_that_everybody_says_are_no_place(demo_source: Source, demo_analysis: Analysis, tmp_path: Path) -> None:
    cache = AnalysisCache()
    cache.keep(demo_source.key, "words", HeardWords(demo_analysis.words, "en"), "x")
    index = WordIndex([demo_source], cache)
    mine = list(words_beside(captions(demo_analysis, tmp_path / "a.json", 100, 105)))
    assert index.pieces(mine), "five words alone are found"
    others = [replace(w, text=f"word{n}") for n, w in enumerate(words_beside(captions(demo_analysis, tmp_path / "b.json", 0, 40)))]
    assert index.pieces([*mine, *others]) == (), "among forty that were never said they tell nothing"
    assert words_beside(tmp_path / "none.mp4") == ()
    (tmp_path / "c.srt").write_bytes(b"\xff\x00 no captions")
    assert words_beside(tmp_path / "c.mp4") == ()


@pytest.fixture
def known(demo_source: Source, demo_analysis: Analysis) -> AnalysisCache:
    """The words of the demo, and nothing else."""
    cache = AnalysisCache()
    cache.keep(demo_source.key, "words", HeardWords(demo_analysis.words, "en"), "x")
    return cache


def filmed(path: Path, lines: list[tuple[float, float, str]], by_one: bool = False) -> Path:
    """A silent clip with lines of writing from second to second, their words one by one where asked for, and a headline that
    stands all the time."""
    with MovieWriter(path, 360, 640, Fraction(10), {"preset": "ultrafast", "crf": "20"}, sound=False) as writer:
        for n in range(round(10 * lines[-1][1]) + 5):
            picture = np.full((640, 360, 3), 60 + n % 30, np.uint8)
            shown = [(90, "A plot of land for nobody")]
            for start, end, text in lines:
                if start <= n / 10 < end:
                    words = text.split()
                    until = max(1, round(len(words) * (n / 10 - start) / (0.7 * (end - start)))) if by_one else len(words)
                    shown.append((460, " ".join(words[:until])))
            for down, text in shown:
                cv2.putText(picture, text, (8, down), cv2.FONT_HERSHEY_DUPLEX, 0.7, (255, 255, 255), 1, cv2.LINE_AA)
            writer.picture(from_rgb(picture))
    return path


def spread(words: Sequence[Word], each: int = 4) -> list[tuple[float, float, str]]:
    """Words as lines of a few, at the times at which they are said, from 0 on."""
    out = []
    for n in range(0, len(words), each):
        line = words[n : n + each]
        start, end = ((t - words[0].start) / TICKS_PER_SECOND for t in (line[0].start, line[-1].end))
        out.append((start, end, " ".join(w.text for w in line)))
    return out


@pytest.mark.parametrize("by_one", [False, True])
def test_a_silent_clip_is_found_by_the_captions_in_its_picture(
    demo_source: Source, demo_analysis: Analysis, known: AnalysisCache, tmp_path: Path, by_one: bool
) -> None:
    said = [w for w in demo_analysis.words if w.kind == "word"][60:76]
    clip = filmed(tmp_path / "silent.mp4", spread(said), by_one)
    found = ClipFinder([demo_source], Progress(), known).locate(clip)
    assert found.by == "picture"
    assert [(p.start - p.clip_start) / TICKS_PER_SECOND for p in found.pieces] == pytest.approx(
        [said[0].start / TICKS_PER_SECOND] * len(found.pieces), abs=0.6
    )
    assert found.covered >= 0.7 * (said[-1].end - said[0].start)


def test_captions_of_what_nobody_said_are_not_found(demo_source: Source, known: AnalysisCache, tmp_path: Path) -> None:
    lines = [(0.0, 1.2, "the harbour wall broke"), (1.2, 2.4, "nine boats went under"), (2.4, 3.6, "and one came back")]
    told: list[float] = []
    finder, other = ClipFinder([demo_source], Progress(), known), filmed(tmp_path / "other.mp4", lines)
    found, _again = trace(finder, [other, other], Progress(lambda step: told.append(step.share)))
    assert not found.pieces and not found.said
    assert told == sorted(told) and sum(0 < share < 0.5 for share in told) >= 1, "how far the first of two is read"
    empty = AnalysisCache(tmp_path / "empty")
    untold = ClipFinder([demo_source], Progress(), empty).locate(filmed(tmp_path / "untold.mp4", lines))
    assert "has to be analysed first" in untold.said


def test_what_is_read_is_spelled_as_it_was_said(demo_source: Source, tmp_path: Path) -> None:
    cache = AnalysisCache(tmp_path / "own")
    said = tuple(Word(t, n * 100, n * 100 + 90) for n, t in enumerate(["Für", "die", "Häuser,", "allotment", "plot", "I", "wrote", "the", "letter."]))
    cache.keep(demo_source.key, "words", HeardWords(said, "de"), "x")
    index = WordIndex([demo_source], cache)
    read = tuple(Word(t, n * 100, n * 100 + 90) for n, t in enumerate(["FUR", "Hauser", "allotmentplot", "letter", "aIlotment", "xy", "Quinces"]))
    assert [w.text for w in index.spelled(read)] == ["für", "häuser", "allotment", "plot", "letter", "allotment", "xy", "quinces"]
    assert not WordIndex([demo_source], AnalysisCache(tmp_path / "none")).knows


def test_a_request_and_a_command_tell_the_same(
    voice: np.ndarray, halves: list[Source], tmp_path: Path, capsys: pytest.CaptureFixture[str]
) -> None:
    clip, broken = clip_of(voice, tmp_path / "both.m4a"), tmp_path / "broken.mp4"
    broken.write_bytes(b"nothing")
    told: list[Event] = []
    run(TraceClipsRequest(tuple(halves), (str(clip), str(broken))), told.append, Progress())
    found = [e.clip for e in told if isinstance(e, ClipTraced)]
    assert [len(c.pieces) for c in found] == [2, 0]
    assert "not a video or sound file" in found[1].said
    table = tmp_path / "found.csv"
    paths = [h.path for h in halves]
    assert main(["trace", str(clip), str(broken), "--in", *paths, "--csv", str(table), "--json"]) == 0
    lines = [json.loads(line) for line in capsys.readouterr().out.splitlines()]
    results = [line for line in lines if line["kind"] == "result"]
    assert [p["footage"] for p in results[0]["pieces"]] == ["second", "first"]
    with table.open(newline="") as file:
        rows = list(csv.reader(file))
    assert [r[0] for r in rows[1:]] == ["both.m4a", "both.m4a", "broken.mp4"]
    assert float(rows[1][5]) == found[0].pieces[0].start / TICKS_PER_SECOND

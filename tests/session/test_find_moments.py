"""Laughter and applause of a source are looked for once, between its words."""

from __future__ import annotations

from pathlib import Path

import numpy as np
import pytest

from standtall.base.errors import Cancelled
from standtall.base.progress import Progress
from standtall.base.time import TICKS_PER_SECOND
from standtall.library.cache import AnalysisCache
from standtall.media.probe import probe
from standtall.media.sound_reader import SPEECH_RATE, level_db
from standtall.model.analysis import Analysis
from standtall.model.source import Source
from standtall.model.words import Word
from standtall.session.find_moments import finder_for, soundings_of
from tests.conftest import write_sound
from tests.sound.test_matching import applause, laughter


@pytest.fixture
def talk(tmp_path: Path) -> tuple[Source, Analysis]:
    """A voice for 3 s, laughter for 2 s, a voice for 3 s, applause for 2 s, a pause."""
    rng = np.random.default_rng(1)
    t = np.arange(3 * SPEECH_RATE) / SPEECH_RATE
    voice = (0.2 * np.sin(2 * np.pi * 140 * t) * (np.sin(2 * np.pi * 3 * t) > -0.6)).astype(np.float32)
    still = rng.normal(0, 0.0005, SPEECH_RATE).astype(np.float32)
    clap = applause()
    sound = np.concatenate([voice, laughter(), voice, clap / np.abs(clap).max() * 0.3, still, still])
    source = probe(write_sound(tmp_path / "talk.m4a", sound, SPEECH_RATE, 96_000))
    said = [(0.0, 3.0), (5.0, 8.0)]
    words = tuple(
        Word(
            f"w{n}{'.' if k == 9 else ''}", round((a + 0.3 * k) * TICKS_PER_SECOND), round((a + 0.3 * k + 0.3) * TICKS_PER_SECOND)
        )
        for n, (a, _b) in enumerate(said)
        for k in range(10)
    )
    return source, Analysis(source.key, words, level_db=tuple(float(v) for v in level_db(sound)), language="en")


def test_laughter_and_applause_are_found_and_kept(talk: tuple[Source, Analysis], tmp_path: Path) -> None:
    source, analysis = talk
    cache = AnalysisCache(tmp_path / "cache")
    found = soundings_of(source, analysis, cache, Progress())
    assert [s.kind for s in found] == ["laughter", "applause"]
    assert found[0].start / TICKS_PER_SECOND == pytest.approx(3.0, abs=0.3)
    assert found[1].end / TICKS_PER_SECOND == pytest.approx(10.0, abs=0.3)
    Path(source.path).unlink()
    assert soundings_of(source, analysis, cache, Progress()) == found, "kept: the file is not read again"
    finder = finder_for(source, analysis, cache, Progress())
    assert finder.talk.analysis.soundings == found


def test_listening_can_be_stopped(talk: tuple[Source, Analysis], tmp_path: Path) -> None:
    progress = Progress()
    progress.cancel()
    with pytest.raises(Cancelled):
        soundings_of(*talk, AnalysisCache(tmp_path / "cache"), progress)


def test_without_sound_or_level_there_is_nothing_to_hear(talk: tuple[Source, Analysis], tmp_path: Path) -> None:
    source, analysis = talk
    silent = Analysis(source.key, analysis.words)
    assert soundings_of(source, silent, AnalysisCache(tmp_path / "cache"), Progress()) == ()

"""The sound of a short: each segment from its source, each speaker at their level."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path

import numpy as np
import pytest

from standtall.compose.footage import Footage
from standtall.compose.soundtrack.whole import soundtrack
from standtall.framing.camera import plan
from standtall.media.probe import probe
from standtall.media.sound_reader import sound_of
from standtall.model.analysis import Analysis
from standtall.model.cut import Segment
from standtall.model.short import Short
from standtall.model.sound import SoundMix, SpeakerGain
from standtall.model.words import Word
from standtall.session.composing import worked_out
from standtall.sound.loudness import loudness_lufs
from tests.conftest import make_clip, tone

S = 48_000


def footage(path: Path, words: tuple[Word, ...] = ()) -> Footage:
    source = probe(path)
    analysis = Analysis(source.key, words)
    return Footage(source, analysis, plan(Short.of("a", (Segment(source.key, 0, S),)), source, analysis.people))


def power_db(part: np.ndarray) -> float:
    return float(10 * np.log10(np.square(part.astype(np.float64)).mean()))


def pitch(part: np.ndarray) -> float:
    return float(np.abs(np.fft.rfft(part[0])).argmax() * S / part.shape[1])


def test_segments_of_several_sources_are_heard_one_after_the_other(tmp_path: Path) -> None:
    low, high = (
        footage(make_clip(tmp_path / f"{hertz}.mp4", 60 + n, sound=tone((60 + n) / 30, hertz)))
        for n, hertz in enumerate((440.0, 880.0))
    )
    a, b = low.source.key, high.source.key
    short = Short.of("two", (Segment(b, 0, S), Segment(a, S // 2, 3 * S // 2)))
    made = soundtrack(worked_out(short, {a: low, b: high}))
    assert made is not None and made.shape == (2, 2 * S)
    assert pitch(made[:, 5_000 : S - 5_000]) == pytest.approx(880, abs=5)
    assert pitch(made[:, S + 5_000 : 2 * S - 5_000]) == pytest.approx(440, abs=5)


def test_the_picture_and_words_of_each_source_are_shown_in_their_place(tmp_path: Path) -> None:
    one = footage(make_clip(tmp_path / "one.mp4", 60), (Word("first", 9_000, 20_000),))
    two = footage(make_clip(tmp_path / "two.mp4", 61), (Word("second", 9_000, 20_000),))
    keys = one.source.key, two.source.key
    short = Short.of("two", (Segment(keys[1], 0, S), Segment(keys[0], 0, S)))
    composition = worked_out(short, {keys[0]: one, keys[1]: two})
    assert [(w.source, w.text) for card in composition.cards for w in card.words] == [(keys[1], "second"), (keys[0], "first")]
    assert composition.heard_in(2).source == composition.frame(2).heard.source == keys[1]
    assert composition.heard_in(40).source == keys[0]
    assert soundtrack(composition) is None, "neither has any sound"


def test_a_speaker_is_made_louder_in_what_they_say_alone(tmp_path: Path) -> None:
    words = (Word("mine", 0, S // 2, speaker=0), Word("yours", S, 3 * S // 2, speaker=1))
    source = footage(make_clip(tmp_path / "a.mp4", 60, sound=tone(2.0)), words)
    key = source.source.key
    plain = Short.of("a", (Segment(key, 0, 2 * S),))
    gained = replace(plain, sound=SoundMix(speaker_gains=(SpeakerGain(key, 1, -12.0), SpeakerGain("other", 0, 20.0))))
    made = soundtrack(worked_out(gained, {key: source}))
    assert made is not None
    first, second = made[:, 4_800 : S // 2], made[:, S : 3 * S // 2]
    assert power_db(first) - power_db(second) == pytest.approx(12.0, abs=0.1)
    turn = made[0, S // 2 : S]
    steps = np.abs(np.diff(turn)).max()
    assert steps <= 1.05 * np.abs(np.diff(made[0, 4_800 : S // 2])).max(), "the level changes without a click"


def test_the_loudness_that_was_asked_for(tmp_path: Path) -> None:
    source = footage(make_clip(tmp_path / "a.mp4", 120, sound=tone(4.0)))
    key = source.source.key
    for target in (-14.0, -23.0):
        short = replace(Short.of("a", (Segment(key, 0, 4 * S),)), sound=SoundMix(target))
        made = soundtrack(worked_out(short, {key: source}))
        assert made is not None
        assert loudness_lufs(made) == pytest.approx(target, abs=0.2)
        assert made.shape[1] == sound_of(source.source, S, 2, 0, 4 * S).shape[1]

"""The sound of a short is worked out anew when something is heard that was not, and only then."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from pathlib import Path

import numpy as np
import pytest

from standtall.base.errors import Cancelled
from standtall.base.progress import Progress
from standtall.compose.composition import Composition
from standtall.compose.footage import Footage
from standtall.compose.soundtrack.mixdown import Parts, soundtrack
from standtall.framing.camera import plan
from standtall.media.probe import probe
from standtall.model.analysis import Analysis
from standtall.model.cut import Segment
from standtall.model.extents import PassageExtent
from standtall.model.extra_edits import put_cutaway, put_in, set_clip
from standtall.model.extras import BarExtra, Clip, Cutaway, SoundExtra
from standtall.model.short import Short
from standtall.model.sound import Cleaning, Music, SoundMix, SpeakerGain
from standtall.model.words import Word
from standtall.session.composing import worked_out
from standtall.session.hearing import Hearing
from tests.conftest import make_clip, tone

S = 48_000
Change = Callable[[Short], Short]


@pytest.fixture
def talk(tmp_path: Path) -> Footage:
    sound = tone(4.0, 440.0, 0.2)
    sound[:, S : 3 * S] = 0
    sound = (sound + np.random.default_rng(1).normal(0, 0.003, sound.shape)).astype(np.float32)
    source = probe(make_clip(tmp_path / "talk.mp4", 120, sound=sound))
    analysis = Analysis(source.key, (Word("a", 0, S, speaker=0, id=1), Word("b", 3 * S, 4 * S, speaker=1, id=2)))
    return Footage(source, analysis, plan(short_of(source.key), source, analysis.people))


def short_of(key: str) -> Short:
    return replace(Short.of("a", (Segment(key, 0, 4 * S),)), sound=SoundMix(music=Music("music:market-day")))


def made(talk: Footage, change: Change = lambda short: short) -> Composition:
    return worked_out(change(short_of(talk.source.key)), {talk.source.key: talk})


def mix(**changed: object) -> Change:
    return lambda s: replace(s, sound=replace(s.sound, **changed))  # type: ignore[arg-type]


SILENT: dict[str, Change] = {
    "name": lambda s: replace(s, name="another"),
    "captions": lambda s: replace(s, captions=replace(s.captions, shown=False)),
    "bar": lambda s: put_in(s, BarExtra(0)).short,
    "channel": lambda s: replace(s, channel="other"),
}
HEARD: dict[str, Change] = {
    "cut": lambda s: s.with_segments((Segment(s.main_source, 0, 3 * S),)),
    "loudness": mix(loudness=-20.0),
    "gain": lambda s: mix(speaker_gains=(SpeakerGain(s.main_source, 0, -12.0),))(s),
    "noise": mix(cleaning=Cleaning(noise="strong")),
    "no music": mix(music=None),
    "effect": lambda s: put_in(s, SoundExtra(0, "click", PassageExtent(s.main_source, S, 2 * S), 0.0)).short,
}


@pytest.mark.parametrize("change", SILENT.values(), ids=SILENT)
def test_a_change_that_is_not_heard_takes_what_is_there(talk: Footage, change: Change) -> None:
    hearing, after = Hearing(), made(talk, change)
    before = hearing.mixed(made(talk))
    heard = hearing.measured(before, Progress())
    again = hearing.mixed(after)
    assert again.track is before.track and again.composition is after
    assert hearing.measured(again, Progress()) is heard
    alone = soundtrack(after)
    assert alone is not None and again.track is not None
    assert np.array_equal(alone, again.track), "worked out anew it is the same"


@pytest.mark.parametrize("change", HEARD.values(), ids=HEARD)
def test_a_change_that_is_heard_is_worked_out_and_measured_anew(talk: Footage, change: Change) -> None:
    hearing = Hearing()
    before = hearing.mixed(made(talk))
    first = hearing.measured(before, Progress())
    after = hearing.mixed(made(talk, change))
    alone = soundtrack(made(talk, change))
    assert before.track is not None and after.track is not None and alone is not None
    assert np.array_equal(after.track, alone)
    assert not np.array_equal(after.track, before.track), "the change can be heard"
    second = hearing.measured(after, Progress())
    assert second is not first and second.track is after.track
    back = hearing.mixed(made(talk))
    assert back.track is not None and np.array_equal(back.track, before.track), "only the last one is kept"


def test_files_that_are_mixed_with_the_talk_are_heard(talk: Footage, tmp_path: Path) -> None:
    file = make_clip(tmp_path / "other.mp4", 90, sound=tone(3.0, 1760.0, 0.2))
    key, source = probe(file).key, talk.source.key
    hearing, last = Hearing(), np.zeros((2, 0))
    for change in (
        lambda s: s,
        lambda s: put_cutaway(s, Cutaway(str(file), key, Segment(source, 0, S), sound="instead")).short,
        lambda s: put_cutaway(s, Cutaway(str(file), key, Segment(source, 0, S), sound="instead", at=S // 2)).short,
        lambda s: set_clip(s, "opening", Clip(str(file), key, S)).short,
    ):
        track = hearing.mixed(made(talk, change)).track
        assert track is not None and not np.array_equal(track, last)
        last = track


def test_what_was_stopped_is_worked_out_when_it_is_asked_for_again(talk: Footage) -> None:
    hearing, stopped = Hearing(), Progress()
    before = hearing.mixed(made(talk))
    stopped.cancel()
    louder = made(talk, HEARD["loudness"])
    with pytest.raises(Cancelled):
        hearing.mixed(louder, stopped)
    with pytest.raises(Cancelled):
        hearing.measured(before, stopped)
    after = hearing.mixed(louder)
    assert isinstance(after.known, Parts)
    first = hearing.mixed(louder)
    heard = hearing.measured(after, Progress())
    assert heard.track is after.track
    assert hearing.mixed(louder).known is heard, "what was measured needs no parts any more"
    hearing.mixed(made(talk))
    assert hearing.measured(first, Progress()).speakers == heard.speakers, "an older one can still be measured"

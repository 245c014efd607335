"""The sound of a short: each segment from its source, each speaker at their level."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path

import numpy as np
import pytest
from scipy import signal

from standtall.base.errors import Cancelled
from standtall.base.files import content_key
from standtall.base.progress import Progress
from standtall.compose.footage import Footage
from standtall.compose.soundtrack.mixdown import parts_of, soundtrack
from standtall.framing.camera import plan
from standtall.media.probe import probe
from standtall.media.sound_reader import sound_of
from standtall.model.analysis import Analysis
from standtall.model.cut import Segment
from standtall.model.extents import PassageExtent
from standtall.model.extra_edits import put_cutaway, put_in, set_clip
from standtall.model.extras import Clip, Cutaway, SoundExtra
from standtall.model.short import Short
from standtall.model.sound import Music, Recorder, SoundMix, SpeakerGain
from standtall.model.words import Word
from standtall.session.composing import worked_out
from standtall.sound.loudness import loudness_lufs
from standtall.sound.recorder import resampled
from tests.conftest import make_clip, tone, write_sound

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
    stopped = Progress()
    stopped.cancel()
    with pytest.raises(Cancelled):
        parts_of(worked_out(short, {a: low, b: high}), stopped)


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


# what is mixed with the talk


def talk_short(footage_: Footage, **mix: object) -> Short:
    made = Short.of("a", (Segment(footage_.source.key, 0, 4 * S),))
    return replace(made, sound=SoundMix(**mix))  # type: ignore[arg-type]


@pytest.fixture
def spoken(tmp_path: Path) -> Footage:
    """Four seconds: a voice (a tone) in the first and the last, silence between."""
    sound = tone(4.0, 440.0, 0.2)
    sound[:, S : 3 * S] = 0
    return footage(make_clip(tmp_path / "talk.mp4", 120, sound=sound), (Word("a", 0, S, id=1), Word("b", 3 * S, 4 * S, id=2)))


def test_music_is_heard_in_the_pause_and_under_the_words(spoken: Footage) -> None:
    short = talk_short(spoken, music=Music("music:market-day"))
    parts = parts_of(worked_out(short, {spoken.source.key: spoken}))
    assert parts.music is not None
    said, pause = parts.music[:, S // 4 : S * 3 // 4], parts.music[:, 2 * S - S // 4 : 2 * S + S // 4]
    assert power_db(pause) - power_db(said) > 4
    assert power_db(parts.talk[:, : S // 2]) - power_db(said) >= 15
    track = soundtrack(worked_out(short, {spoken.source.key: spoken}))
    assert track is not None
    assert loudness_lufs(track) == pytest.approx(-14, abs=0.3)


def test_music_that_is_gone_is_told_and_the_talk_is_heard(spoken: Footage) -> None:
    made = worked_out(talk_short(spoken, music=Music("/gone.mp3", "k")), {spoken.source.key: spoken})
    assert made.missing == ("/gone.mp3",)
    assert parts_of(made).music is None
    assert soundtrack(made) is not None


def test_an_effect_begins_where_its_extent_does(spoken: Footage) -> None:
    extent = PassageExtent(spoken.source.key, 2 * S, 3 * S)
    short = put_in(talk_short(spoken), SoundExtra(0, "click", extent, 0.0)).short
    plain = soundtrack(worked_out(talk_short(spoken), {spoken.source.key: spoken}))
    made = soundtrack(worked_out(short, {spoken.source.key: spoken}))
    assert plain is not None
    assert made is not None
    heard = np.flatnonzero(np.abs(made[0, S + 5_000 : 3 * S - 5_000]) > 0.02) + S + 5_000
    assert abs(int(heard[0]) - 2 * S) < 100


def test_the_sound_of_a_cutaway_is_off_under_or_instead(spoken: Footage, tmp_path: Path) -> None:
    file = make_clip(tmp_path / "other.mp4", 90, sound=tone(3.0, 1760.0, 0.2))
    key = probe(file).key
    pitches = {}
    for how in ("off", "under", "instead"):
        cutaway = Cutaway(str(file), key, Segment(spoken.source.key, 0, S), sound=how, db=0.0)  # type: ignore[arg-type]
        made = soundtrack(worked_out(put_cutaway(talk_short(spoken), cutaway).short, {spoken.source.key: spoken}))
        assert made is not None
        part = np.abs(np.fft.rfft(made[0, 5_000:40_000]))
        hertz = np.fft.rfftfreq(35_000, 1 / S)
        pitches[how] = tuple(bool(part[np.abs(hertz - h) < 5].max() > 300) for h in (440, 1760))
    assert pitches == {"off": (True, False), "under": (True, True), "instead": (False, True)}


def test_clips_before_and_after_are_heard_and_the_talk_moves_by_their_length(spoken: Footage, tmp_path: Path) -> None:
    file = make_clip(tmp_path / "title.mp4", 60, sound=tone(2.0, 1760.0, 0.2))
    clip = Clip(str(file), probe(file).key, S)
    short = set_clip(set_clip(talk_short(spoken), "opening", clip).short, "closing", clip).short
    made = worked_out(short, {spoken.source.key: spoken})
    track = soundtrack(made)
    assert track is not None
    assert track.shape[1] == 6 * S == made.length
    assert pitch(track[:, 5_000 : S - 5_000]) == pytest.approx(1760, abs=8)
    assert pitch(track[:, S + 5_000 : 2 * S - 5_000]) == pytest.approx(440, abs=8)
    assert pitch(track[:, 5 * S + 5_000 : 6 * S - 5_000]) == pytest.approx(1760, abs=8)


def test_another_recorder_is_heard_instead_in_step(tmp_path: Path) -> None:
    rng = np.random.default_rng(1)
    own = rng.standard_normal((1, 4 * S)).astype(np.float32).repeat(2, axis=0) * 0.1
    one = footage(make_clip(tmp_path / "talk.mp4", 120, sound=own))
    other = resampled(own, -7_000.0, 1.0, 5 * S)
    path = write_sound(tmp_path / "recorder.flac", other[0], S)
    recorder = Recorder(one.source.key, str(path), content_key(path), 7_000.0)
    made = worked_out(talk_short(one, recorders=(recorder,)), {one.source.key: one})
    talk = parts_of(made).talk
    wanted = parts_of(worked_out(talk_short(one), {one.source.key: one})).talk
    both = signal.correlate(talk[0, S : 2 * S], wanted[0, S : 2 * S], "full", method="fft")
    assert abs(int(np.argmax(both)) - (S - 1)) <= 1


def test_speakers_are_brought_to_one_level_where_it_is_asked_for(tmp_path: Path) -> None:
    sound = tone(8.0, 440.0, 0.2)
    sound[:, 4 * S :] *= 10 ** (-8 / 20)
    words = tuple(Word("w", n * S + 2_000, (n + 1) * S - 2_000, speaker=n // 4, id=n) for n in range(8))
    one = footage(make_clip(tmp_path / "two.mp4", 240, sound=sound), words)
    short = Short.of("a", (Segment(one.source.key, 0, 8 * S),))
    plain = parts_of(worked_out(short, {one.source.key: one}))
    (first, second) = (plain.speakers[one.source.key, n][0] for n in (0, 1))
    assert first - second == pytest.approx(8, abs=0.3)
    made = parts_of(worked_out(replace(short, sound=SoundMix(even=True)), {one.source.key: one}))
    assert made.speakers[one.source.key, 1][1] == pytest.approx(8, abs=0.3)
    assert power_db(made.talk[:, S : 3 * S]) == pytest.approx(power_db(made.talk[:, 5 * S : 7 * S]), abs=0.5)

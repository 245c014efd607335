"""Music under a talk: put together to any length, turned down by the words; sound effects; meters."""

from __future__ import annotations

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from standtall.base.errors import MediaError
from standtall.library.music import piece_of, pieces
from standtall.media.sound_reader import MIX_RATE, Samples, read_sound
from standtall.model.sound import Music
from standtall.sound.assembly import assembled, beats_of, faded, repeated, unit_order
from standtall.sound.ducking import curve_of, duck_db, talking
from standtall.sound.effects import effect, effects
from standtall.sound.meters import metered, range_of
from tests.conftest import tone

S = MIX_RATE


def test_ten_pieces_ship_whole_and_no_two_alike() -> None:
    found = pieces()
    assert len(found) >= 10
    assert len({p.about for p in found}) == len(found)
    for piece in found:
        assert read_sound(piece.file).shape[1] == piece.units * (piece.unit + piece.tail), piece.name
        assert piece_of(piece.path) == piece
    assert piece_of("/a.wav") is None
    with pytest.raises(MediaError):
        piece_of("music:../../etc/passwd")


@pytest.mark.parametrize("name", ["ledger", "paper-boats"])
@pytest.mark.parametrize("seconds", [2.0, 7.3, 31.9, 300.0])
def test_a_piece_ends_with_its_cadence_at_any_length(name: str, seconds: float) -> None:
    piece = piece_of(f"music:{name}")
    assert piece is not None
    sound, length = read_sound(piece.file), round(seconds * S)
    made = assembled(piece, sound, length)
    assert made.shape == (2, length)
    order, _left = unit_order(piece, length)
    assert order[-1] == piece.units - 1
    long = piece.unit + piece.tail
    last = sound[:, (piece.units - 1) * long : (piece.units - 1) * long + piece.unit]
    part = made[:, -min(length, piece.unit) :][:, -S:]
    assert np.corrcoef(part[0], last[0, -S:])[0, 1] > 0.8, "the cadence ends with the short"
    heard = np.flatnonzero(np.abs(made).max(axis=0) > 1e-3)
    assert heard[0] < piece.beat + 0.4 * S, "it begins within a beat"


@given(length=st.integers(1, 40 * S), start=st.integers(0, 60 * S))
@settings(max_examples=25, deadline=None)
def test_no_unit_is_left_out_and_the_first_sound_lies_on_a_beat(length: int, start: int) -> None:
    piece = piece_of("music:first-light")
    assert piece is not None
    order, left_out = unit_order(piece, length, start)
    assert len(order) * piece.unit - left_out == length, "it ends exactly with the short"
    assert all(0 <= n < piece.units for n in order)
    assert 0 <= left_out <= piece.unit
    assert all((length - b) % piece.beat == 0 for b in beats_of(piece, length))


def test_a_file_is_repeated_without_a_seam_and_faded() -> None:
    sound = tone(3.0, 220.0, 0.3)
    made = repeated(sound, 10 * S)
    assert made.shape == (2, 10 * S)
    level = np.sqrt(np.square(made[0][: 9 * S]).reshape(-1, S // 10).mean(axis=1))
    assert level.min() > 0.1
    assert np.abs(np.diff(made[0])).max() < 0.02
    assert repeated(sound, S).shape == (2, S)
    assert not repeated(np.zeros((2, 0), np.float32), S).any()
    soft = faded(np.ones((2, S), np.float32), 1000, 2000)
    assert soft[0, 0] == 0
    assert soft[0, -1] < 1e-5
    assert soft[0, 5000] == 1


WORDS = [(S, 2 * S), (2 * S + S // 4, 3 * S), (5 * S, 6 * S)]
MUSIC = Music("music:ledger")


def test_words_with_short_pauses_are_one_stretch() -> None:
    assert talking(WORDS) == [(S, 3 * S), (5 * S, 6 * S)]
    assert talking([]) == []


def test_music_is_down_while_anybody_speaks_and_up_in_pauses() -> None:
    db = duck_db(WORDS, 8 * S, MUSIC)
    for start, end in talking(WORDS):
        assert db[start // 48 : end // 48] == pytest.approx(-MUSIC.under_db), "never moves inside a sentence"
    pause = db[3 * 1000 : 5 * 1000]
    assert pause.max() == pytest.approx(-MUSIC.pause_db)
    back = np.flatnonzero(pause >= -MUSIC.pause_db - 0.01)
    assert back[0] <= MUSIC.release_s * 1000 + 1
    assert back[-1] >= len(pause) - MUSIC.lead_s * 1000 - 1
    assert np.abs(np.diff(db)).max() < 0.2, "no step"


def test_without_words_music_stays_up() -> None:
    db = duck_db([], 2 * S, MUSIC)
    assert db == pytest.approx(-MUSIC.pause_db)
    assert curve_of(db, 2 * S) == pytest.approx(10 ** (-MUSIC.pause_db / 20))


def test_effects_are_many_differ_and_are_the_same_each_time() -> None:
    made = {name: effect(name) for name in effects()}
    assert len(made) >= 24
    shapes = {(round(float(np.abs(v).sum()), 2), v.shape[1]) for v in made.values() if v is not None}
    assert len(shapes) == len(made)
    for name, sound in made.items():
        assert sound is not None
        assert 0.5 < float(np.abs(sound).max()) <= 0.71, name
        assert abs(float(sound[0, -1])) < 1e-3, f"{name} ends softly"
    first = effect("coin")
    effect.cache_clear()
    again = effect("coin")
    assert first is not None
    assert again is not None
    assert np.array_equal(first, again)
    assert effect("nonsense") is None


def sines(*parts: tuple[float, float]) -> Samples:
    return np.concatenate([tone(seconds, 1000.0, 10 ** (db / 20)) for seconds, db in parts], axis=1)


def test_ebu_tech_3341_cases_9_and_12() -> None:
    """EBU Tech 3341 table 1 (values from memory): short-term (momentary) loudness is -23.0 LUFS, +-0.1, throughout."""
    assert metered(sines(*[(1.34, -20), (1.66, -30)] * 3)).short[30:] == pytest.approx(-23, abs=0.1)
    assert metered(sines(*[(0.18, -20), (0.22, -30)] * 12)).momentary[10:] == pytest.approx(-23, abs=0.1)


@pytest.mark.parametrize(("parts", "wanted"), [
    ([(20, -20), (20, -30)], 10), ([(20, -20), (20, -15)], 5), ([(20, -40), (20, -20)], 20),
    ([(20, v) for v in (-50, -35, -20, -35, -50)], 15),
])  # fmt: skip
def test_ebu_tech_3342_cases_1_to_4(parts: list[tuple[float, float]], wanted: float) -> None:
    """EBU Tech 3342 table 1 (values from memory): loudness range, +-1 LU."""
    assert metered(sines(*parts)).loudness_range == pytest.approx(wanted, abs=1)


def test_meters_of_silence_and_of_very_little() -> None:
    silent = metered(np.zeros((2, S), np.float32))
    assert silent.momentary.max() == -70
    assert silent.integrated == float("-inf")
    assert len(metered(np.zeros((2, 100), np.float32)).momentary) <= 1
    assert range_of(np.zeros(100)) == 0

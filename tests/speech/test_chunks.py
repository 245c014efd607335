"""Sound in pieces, words by letters, fillers, and what is kept of a stopped analysis."""

from __future__ import annotations

import itertools
from fractions import Fraction
from pathlib import Path

import numpy as np
import pytest

from standtall.base.errors import Cancelled
from standtall.base.progress import Progress
from standtall.library.cache import AnalysisCache
from standtall.media.probe import probe
from standtall.media.sound_reader import SPEECH_RATE, read_sound, sound_blocks
from standtall.model.brief import Brief
from standtall.model.source import Source
from standtall.model.words import Word
from standtall.session import analysis_tasks as tasks
from standtall.session.analyse import Options, analyse, known, so_far
from standtall.speech import models
from standtall.speech.align import PhoneAligner, Timed
from standtall.speech.chunks import LEAST_S, MOST_S, pieces
from standtall.speech.edge_refinement import on_edges
from standtall.speech.fillers import is_filler, prompt
from standtall.speech.recognise import otherwise
from standtall.speech.spelling import guessed_sounds, in_latin, spoken_forms
from tests.conftest import make_clip, tone
from tests.speech.test_speech import hand_marked, load_16k, marked_words


def talk(seconds: float, pauses: tuple[float, ...]) -> np.ndarray:
    rng = np.random.default_rng(3)
    sound = rng.normal(0, 0.1, round(seconds * SPEECH_RATE)).astype(np.float32)
    for at in pauses:
        sound[round((at - 0.3) * SPEECH_RATE) : round((at + 0.3) * SPEECH_RATE)] *= 0.001
    return sound


def test_pieces_are_cut_in_pauses_and_lose_nothing() -> None:
    sound = talk(100, (10, 22, 27, 47, 70, 92))
    blocks = [sound[a : a + 7 * SPEECH_RATE] for a in range(0, len(sound), 7 * SPEECH_RATE)]
    made = list(pieces(blocks))
    np.testing.assert_array_equal(np.concatenate([p.samples for p in made]), sound)
    for piece in made[:-1]:
        assert LEAST_S <= piece.end - piece.start <= MOST_S
        assert min(abs(piece.end - pause) for pause in (22, 27, 47, 70, 92)) < 0.35
    assert [p.number for p in made] == list(range(len(made)))
    assert all(a.end == pytest.approx(b.start) for a, b in itertools.pairwise(made))


def test_a_part_is_cut_exactly() -> None:
    sound = talk(70, (30,))
    made = list(pieces([sound[:500_000], sound[500_000:]], 12.5, 40.25))
    np.testing.assert_array_equal(np.concatenate([p.samples for p in made]), sound[200_000:644_000])
    assert made[0].start == 12.5


@pytest.mark.parametrize("length_s", [0.7, 3.0, 90.0])
def test_blocks_hold_what_reading_at_once_holds(demo_source: Source, length_s: float) -> None:
    whole = read_sound(demo_source.path, SPEECH_RATE, 1, 0, 48_000 * 12)[0]
    blocks = list(itertools.islice(sound_blocks(demo_source, SPEECH_RATE, length_s), 1 + int(12 / length_s)))
    joined = np.concatenate(blocks)[: len(whole)]
    assert np.abs(joined - whole).max() < 1e-4


def test_other_alphabets_are_spelt_in_latin() -> None:
    assert in_latin("Größe") == "grosse"
    assert in_latin("Ñandú") == "nandu"
    assert in_latin("Борщ") == "borsh"
    assert in_latin("φως") == "fos"
    assert guessed_sounds("чай") == guessed_sounds("chay")
    assert spoken_forms("31", "de") == ["einunddreißig"]
    assert spoken_forms("31", "xx") == ["three", "one"]


def test_letters_alone_place_words_better_than_the_recogniser_does() -> None:
    """Hand-marked English recordings, aligned as if no dictionary knew their language."""
    errors = []
    for _name, path, marks, hint in hand_marked():
        true = marked_words(marks, hint)
        rough = [Timed(w, max(0.0, a - 0.1), max(0.05, b - 0.1)) for w, a, b in true]
        placed = PhoneAligner("xx").align(load_16k(path), rough)
        errors += [abs(p.start - t[1]) for p, t in zip(placed, true, strict=True)]
    assert np.median(errors) <= 0.03
    assert np.mean(np.array(errors) <= 0.1) >= 0.8


def test_edges_follow_the_rise_of_the_sound() -> None:
    sound = np.random.default_rng(0).normal(0, 1e-4, 2 * SPEECH_RATE).astype(np.float32)
    sound[16_000:24_000] += 0.2 * np.sin(np.arange(8_000) / 9)
    (word,) = on_edges(sound, [Timed("a", 0.88, 1.3)])
    assert word.start == pytest.approx(1.0, abs=0.02)
    assert word.end == pytest.approx(1.5, abs=0.02)


def test_fillers_by_language() -> None:
    assert is_filler("Um,", "en")
    assert is_filler("Ähm", "de")
    assert not is_filler("hum", "en")
    assert not is_filler("umbrella", None)
    assert "Brambledown" in prompt("en", ("Brambledown",))
    assert prompt("xx") == ""


def test_other_hearings_replace_just_the_chosen_words() -> None:
    now = ["here", "is", "Odiel", "Bracken,", "who"]
    heard = [
        "Here is Odile Bracken, who",
        "here is Odiel Bracken who",
        "here is oh deal Bracken, who",
        "here is Odile Bracken who",
        "x",
    ]
    assert otherwise(now, range(2, 3), heard) == ("Odile", "oh deal")
    assert otherwise(now, range(2, 4), heard[:1]) == ("Odile Bracken",)


class Listener:
    """Stands in for the recogniser: one word a piece, and a stop after so many."""

    def __init__(self, most: int = 99) -> None:
        self.pieces: list[int] = []
        self._most = most

    def hear(self, task: tasks.HearTask, _told: object) -> tasks.HeardWords:
        if len(self.pieces) == self._most:
            raise Cancelled
        self.pieces.append(task.number)
        start = round(task.start_s * 48_000)
        return tasks.HeardWords((Word(f"w{task.number}", start + 4_800, start + 9_600),), "de")


def test_a_stopped_recognition_goes_on_from_its_last_piece(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    clip = make_clip(tmp_path / "long.mp4", frames=5 * 70, rate=Fraction(5), sound=tone(70.0), size=(64, 36))
    source, cache, options = probe(clip), AnalysisCache(), Options(Brief(content="nobody"))
    first, told = Listener(2), []
    monkeypatch.setattr(tasks, "hear", first.hear)
    with pytest.raises(Cancelled):
        analyse(source, options, Progress(), cache, heard=lambda words, s: told.append((len(words), s)))
    assert first.pieces == [0, 1]
    assert [n for n, _ in told] == [1, 2]
    assert known(source, options, cache) is None
    early = so_far(source, options, cache)
    assert early is not None
    assert [w.text for w in early.words] == ["w0", "w1"], "the first words can be worked with already"
    second = Listener()
    monkeypatch.setattr(tasks, "hear", second.hear)
    found = analyse(source, options, Progress(), cache)
    assert second.pieces[0] == 2
    assert [w.text for w in found.words] == [f"w{i}" for i in range(len(found.words))]
    assert known(source, options, cache) == found
    assert found.language == "de", "the language that was heard is kept"
    assert so_far(source, options, cache) is None


def test_only_what_depends_on_a_choice_is_done_again(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    clip = make_clip(tmp_path / "c.mp4", frames=90, sound=tone(3.0))
    source, cache = probe(clip), AnalysisCache()
    ears = Listener()
    monkeypatch.setattr(tasks, "hear", ears.hear)
    analyse(source, Options(Brief(content="nobody")), Progress(), cache)
    faces = {p: p.stat().st_mtime_ns for p in cache.folder.rglob("faces*")}
    analyse(source, Options(Brief(content="nobody", language="de", topics=("soil",), most_s=90)), Progress(), cache)
    assert ears.pieces == [0, 0], "another language is heard again"
    assert {p: p.stat().st_mtime_ns for p in cache.folder.rglob("faces*")} == faces, "but nobody is looked for again"
    analyse(source, Options(Brief(content="nobody", topics=("worms",), look="marker")), Progress(), cache)
    assert ears.pieces == [0, 0], "wishes change nothing that is measured"


def test_a_failure_of_one_stage_stops_the_other_and_is_told(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    clip = make_clip(tmp_path / "c.mp4", frames=90, sound=tone(3.0))

    def broken(*_: object) -> tasks.HeardWords:
        raise MemoryError("no room")

    monkeypatch.setattr(tasks, "hear", broken)
    with pytest.raises(MemoryError):
        analyse(probe(clip), Options(), Progress(), AnalysisCache())


MODEL, INSTALLED = models.model_folder(), models.installed()  # before a test moves the data folder


@pytest.mark.real
@pytest.mark.skipif(not INSTALLED, reason="needs the speech model")
def test_the_language_is_detected(demo_source: Source) -> None:
    from standtall.speech.recognise import WhisperRecogniser

    part = read_sound(demo_source.path, SPEECH_RATE, 1, 48_000 * 20, 48_000 * 45)
    assert WhisperRecogniser(MODEL).detect(part) == "en"


@pytest.mark.fault
def test_footage_without_sound_is_known_once_it_was_looked_at(tmp_path: Path) -> None:
    source, cache, options = probe(make_clip(tmp_path / "mute.mp4", frames=45)), AnalysisCache(), Options()
    found = analyse(source, options, Progress(), cache)
    assert found.level_db == ()
    assert known(source, options, cache) == found

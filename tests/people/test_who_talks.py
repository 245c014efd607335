"""Who talks, told from lips and voices, on made-up values."""

from __future__ import annotations

from dataclasses import replace

import numpy as np

from standtall.base.time import TICKS_PER_SECOND
from standtall.model.people import FaceSample, Talk, Track
from standtall.model.words import Word
from standtall.people.talking import Mouths, stretches
from standtall.people.voices import SILENT, Voices, two_voices
from standtall.people.who_talks import who_talks

STEP = TICKS_PER_SECOND // 15


def mouth_track(
    person: int, x: float, moving: tuple[float, float], seconds: float, size: float = 0.03, beats: float = 4.0
) -> Track:
    """A face whose mouth opens four times a second inside `moving`, as the voice does, and trembles a little outside."""
    samples = []
    for i in range(int(seconds * 15)):
        t = i / 15
        talks = moving[0] <= t < moving[1]
        mouth = (size * (0.5 + 0.5 * np.sin(2 * np.pi * beats * t)) if talks else 0.0) + 0.001 * ((i * 7919) % 5)
        samples.append(FaceSample(i * STEP, x, 0.2, 0.1, 0.2, float(mouth)))
    return Track(0, person, tuple(samples))


def voice(seconds: float) -> np.ndarray:
    """Loudness that beats four times a second, as dBFS each 10 ms."""
    t = np.arange(int(seconds * 100)) / 100
    return (-45 + 30 * (0.5 + 0.5 * np.sin(2 * np.pi * 4 * t))).astype(np.float32)


def talk_words(*spans: tuple[float, float]) -> tuple[Word, ...]:
    return tuple(Word(f"w{i}.", round(a * TICKS_PER_SECOND), round(b * TICKS_PER_SECOND)) for i, (a, b) in enumerate(spans))


def by_lips(words: tuple[Word, ...], tracks: tuple[Track, ...], level: np.ndarray) -> tuple[Talk, ...]:
    people = 1 + max(t.person for t in tracks)
    return who_talks(words, Mouths(tracks, level, people), (), SILENT).talk


def nobody_in_view(seconds: float) -> Mouths:
    return Mouths((), voice(seconds), 0)


def sounding(*spans: tuple[float, float, int]) -> Voices:
    """Made-up prints, two a second: voice k points along axis k, with a little noise."""
    rng = np.random.default_rng(5)
    middles, prints = [], []
    for start, end, who in spans:
        for at in np.arange(start + 0.25, end, 0.5):
            row = rng.normal(0, 0.05, 8)
            row[who] += 1
            middles.append(round(at * TICKS_PER_SECOND))
            prints.append(row / np.linalg.norm(row))
    return Voices(np.array(middles, np.int64), np.array(prints, np.float32))


def said_in(*spans: tuple[float, float]) -> tuple[Word, ...]:
    """Words of 0.3 s that fill the spans, each span a sentence."""
    out = []
    for start, end in spans:
        count = round((end - start) / 0.3)
        for i in range(count):
            text = f"w{i}" + ("." if i + 1 == count else "")
            out.append(Word(text, round((start + 0.3 * i) * TICKS_PER_SECOND), round((start + 0.3 * (i + 1)) * TICKS_PER_SECOND)))
    return tuple(out)


def test_a_voice_without_a_face_is_somebody_of_their_own() -> None:
    words = said_in((0.0, 3.6), (4.2, 7.8), (8.4, 12.0))
    tracks = (mouth_track(0, 0.2, (0, 4), 12),)
    heard = sounding((0, 3.6, 0), (4.2, 7.8, 1), (8.4, 12, 0))
    said = who_talks(words, Mouths(tracks, voice(12), 1), (), heard)
    assert said.strangers == 1
    assert [(t.person, round(t.start / TICKS_PER_SECOND, 1)) for t in said.talk] == [(0, 0.0), (1, 4.2), (0, 8.4)]


def test_a_turn_inside_a_sentence_is_heard_by_the_voice() -> None:
    words = said_in((0.0, 9.0))
    talk, _, strangers, _ = who_talks(words, nobody_in_view(9), (), sounding((0, 4.5, 0), (4.5, 9, 1)))
    assert strangers == 2
    assert [t.person for t in talk] == [0, 1]
    assert abs(talk[0].end / TICKS_PER_SECOND - 4.5) <= 0.9


def test_a_few_odd_seconds_in_hours_are_nobody() -> None:
    """The same two odd seconds: somebody of their own in half a minute, a cough in an hour."""
    for minutes, strangers in ((0.5, 1), (60, 0)):
        turns = [(t, t + 9.0, 0) for t in np.arange(5.0, minutes * 60, 10.0)]
        words = talk_words((0.5, 2.9), *((a, b) for a, b, _ in turns))
        heard = sounding((0.5, 2.9, 3), *turns)
        assert who_talks(words, nobody_in_view(minutes * 60 + 10), (), heard).strangers == 1 + strangers


def test_two_who_sound_alike_are_parted_where_the_person_says_there_are_two() -> None:
    words = said_in((0.0, 3.6), (4.2, 7.8))
    near = sounding((0, 3.6, 0), (4.2, 7.8, 0))
    near.prints[7:, 1] += 0.3
    near.prints[:] /= np.linalg.norm(near.prints, axis=1, keepdims=True)
    assert who_talks(words, nobody_in_view(8), (), near).strangers == 1
    talk, _, strangers, _ = who_talks(words, nobody_in_view(8), (), near, least=2)
    assert strangers == 2
    assert [t.person for t in talk] in ([0, 1], [1, 0])


def test_voices_overrule_lips_that_chew() -> None:
    """Person 1 chews while person 0, whose mouth is hidden then, goes on talking."""
    words = said_in((0.0, 3.6), (4.2, 7.8), (8.4, 12.0))
    tracks = (mouth_track(0, 0.2, (0, 8), 12), mouth_track(1, 0.7, (8, 12), 12, beats=1.3))
    talk = who_talks(words, Mouths(tracks, voice(12), 2), (), sounding((0, 12, 0))).talk
    assert {t.person for t in talk} == {0}


def test_two_voices_are_parted_and_one_voice_is_split_by_its_extremes() -> None:
    both = sounding((0, 5, 2), (5, 8, 4)).prints
    sides = two_voices(both)
    assert sides is not None
    assert sides.tolist() == [0] * 10 + [1] * 6
    assert two_voices(both[:1]) is None


def test_the_moving_mouth_talks() -> None:
    tracks = (mouth_track(0, 0.2, (0, 4), 8), mouth_track(1, 0.7, (4, 8), 8))
    talk = by_lips(talk_words((0.2, 3.6), (4.3, 7.6)), tracks, voice(8))
    assert [t.person for t in talk] == [0, 1]


def test_a_beard_that_hides_half_the_movement_still_talks() -> None:
    tracks = (mouth_track(0, 0.2, (0, 4), 8, size=0.006), mouth_track(1, 0.7, (4, 8), 8, size=0.05))
    talk = by_lips(talk_words((0.2, 3.6), (4.3, 7.6)), tracks, voice(8))
    assert [t.person for t in talk] == [0, 1]


def test_lips_of_hours_are_those_of_their_pieces() -> None:
    """What is sought among the faces of a whole source is found among those near a stretch."""
    tracks = tuple(
        Track(n, n % 3, tuple(FaceSample(at + i * STEP, 0.4, 0.2, 0.1, 0.2, 0.02 * (i % 4)) for i in range(30 + 40 * (n % 2))))
        for n, at in enumerate(range(0, 90 * TICKS_PER_SECOND, 2 * TICKS_PER_SECOND))
    )
    starts = np.round(np.arange(0.3, 88, 1.1) * TICKS_PER_SECOND).astype(np.int64)
    ends = starts + round(0.8 * TICKS_PER_SECOND)
    told = Mouths(tracks, voice(95), 3).tell(starts, ends)
    for start, end, row in zip(starts, ends, told, strict=True):
        well_inside = {
            t.person for t in tracks if t.start <= end - 0.3 * TICKS_PER_SECOND and t.end >= start + 0.3 * TICKS_PER_SECOND
        }
        near = {t.person for t in tracks if t.start <= end + 0.3 * TICKS_PER_SECOND and t.end >= start - 0.3 * TICKS_PER_SECOND}
        assert well_inside <= {person for person in range(3) if not np.isnan(row[person])} <= near


def test_stretches_end_at_pauses_sentences_and_cuts() -> None:
    words = (*(Word(w, i * 9_600, i * 9_600 + 9_600) for i, w in enumerate(["a", "b.", "c", "d"])), Word("e", 90_000, 99_000))
    assert stretches(words, ()) == [(0, 19_200), (19_200, 38_400), (90_000, 99_000)]
    assert len(stretches(words, (28_800,))) == 4


def test_somebody_in_view_whose_voice_is_not_known_is_the_one_who_sounds_strange() -> None:
    """Ann's voice is known; Bo holds a hand before his mouth while he talks: a voice that is nobody's yet is his."""
    words = said_in((0.0, 3.6), (4.2, 6.6), (7.2, 10.8))
    ann = mouth_track(0, 0.2, (0, 4), 7).samples
    again = tuple(replace(sample, at=sample.at + 7 * TICKS_PER_SECOND) for sample in ann)
    tracks = (Track(0, 0, (*ann, *again)), mouth_track(1, 0.7, (0, 0), 12))
    heard = sounding((0, 3.6, 0), (4.2, 6.6, 1), (7.2, 10.8, 0))
    said = who_talks(words, Mouths(tracks, voice(12), 2), (), heard)
    assert [t.person for t in said.talk] == [0, 1, 0]
    assert said.strangers == 0


def test_a_still_face_beside_a_long_voice_is_not_its_speaker() -> None:
    """Forty seconds in which a face in view never moves its lips are those of somebody unseen."""
    words = said_in(*((t, t + 3.6) for t in np.arange(0.0, 40.0, 4.2)))
    said = who_talks(words, Mouths((mouth_track(0, 0.4, (0, 0), 42),), voice(42), 1), (), sounding((0, 42, 2)))
    assert said.strangers == 1
    assert {t.person for t in said.talk} == {1}


def test_what_was_not_understood_is_said_by_the_moving_mouth() -> None:
    words = said_in((0.0, 3.6))
    tracks = (mouth_track(0, 0.2, (0, 4), 8), mouth_track(1, 0.7, (4, 8), 8))
    talk = by_lips(words, tracks, voice(8))
    assert [t.person for t in talk] == [0, 1]
    assert 3.6 <= talk[1].start / TICKS_PER_SECOND < 4.5
    assert talk[1].end <= 8 * TICKS_PER_SECOND


def test_two_at_once_are_told() -> None:
    """Person 1 joins in for two seconds of what person 0 says; a third listens."""
    words = said_in((0.0, 7.8))
    tracks = (mouth_track(0, 0.2, (0, 8), 8), mouth_track(1, 0.6, (3, 5), 8), mouth_track(2, 0.9, (0, 0), 8))
    said = who_talks(words, Mouths(tracks, voice(8), 3), (), sounding((0, 7.8, 0)))
    assert [t.person for t in said.talk] == [0]
    assert [t.person for t in said.overlaps] == [1]
    over = said.overlaps[0]
    assert 1.8 < over.start / TICKS_PER_SECOND < 3.9
    assert 4.2 < over.end / TICKS_PER_SECOND < 6.2


def test_a_quiet_recording_is_told_as_a_loud_one_is() -> None:
    words = talk_words((0.2, 3.6), (4.3, 7.6))
    tracks = (mouth_track(0, 0.2, (0, 4), 8), mouth_track(1, 0.7, (4, 8), 8))
    assert [t.person for t in by_lips(words, tracks, voice(8) - 24)] == [0, 1]


def test_it_says_how_sure_it_is() -> None:
    """Two mouths that move alike leave it open; one that is still does not."""
    words = talk_words((0.2, 3.6))
    clear = by_lips(words, (mouth_track(0, 0.2, (0, 4), 4), mouth_track(1, 0.7, (0, 0), 4)), voice(4))
    open_ = by_lips(words, (mouth_track(0, 0.2, (0, 4), 4), mouth_track(1, 0.7, (0, 4), 4)), voice(4))
    assert clear[0].confidence > 0.95
    assert 0.4 < open_[0].confidence < 0.6


def test_two_voices_of_passages_that_are_alike_in_nothing_are_parted_all_the_same() -> None:
    """The person says that two speak; no passage is much like the mean of its side."""
    spans = [(4.2 * n, 4.2 * n + 0.9) for n in range(8)]
    words = said_in(*spans)
    heard = sounding(*((a, b, n) for n, (a, b) in enumerate(spans)))
    said = who_talks(words, nobody_in_view(36), (), heard, least=2)
    assert said.strangers == 2

"""Corrections: words keep their times and order, and every revision has an exact inverse."""

from __future__ import annotations

import itertools
from dataclasses import replace

import pytest
from hypothesis import given
from hypothesis import strategies as st

from standtall.base.errors import NothingToDo, ProjectError
from standtall.model import corrections
from standtall.model.corrections import Term
from standtall.model.people import People, Talk
from standtall.model.transcript import Revision, Speaker, Transcript, first_transcript, people_as_told, revised, unrevised
from standtall.model.words import Word

TICK = 48_000


def said(text: str, speaker: int = 0) -> Transcript:
    """Words of 0.3 s with gaps of 0.2 s; every third is low_confidence."""
    words = tuple(
        Word(t, i * TICK // 2, i * TICK // 2 + 14_400, 0.3 if i % 3 == 0 else 0.9, speaker) for i, t in enumerate(text.split())
    )
    return Transcript(words, (Speaker("Ada", 0), Speaker("Ben", 1), Speaker("Cleo")))


TALK = said("so the brambel down allotment is a, um, lovely plot in bramble Down, I think")


def texts(transcript: Transcript) -> list[str]:
    return [w.text for w in transcript.words]


def check(transcript: Transcript, revision: Revision) -> Transcript:
    """Apply a revision, holding it to what is promised of every one."""
    after = revised(transcript, revision)
    assert unrevised(after, revision) == transcript
    for a, b in itertools.pairwise(after.words):
        assert a.start < a.end <= b.start < b.end
    return after


def test_retyping_keeps_the_times_of_words_that_stay() -> None:
    after = check(TALK, corrections.retype(TALK, range(2, 6), "Brambledown allotment is"))
    assert texts(after)[:6] == ["so", "the", "Brambledown", "allotment", "is", "a,"]
    assert (after.words[2].start, after.words[2].end) == (TALK.words[2].start, TALK.words[3].end)
    assert after.words[3] == replace(TALK.words[4], confidence=1.0)
    assert after.words[5:] == TALK.words[6:]


@given(st.lists(st.text("abc", min_size=1, max_size=30), min_size=1, max_size=6), st.integers(1, 40))
def test_words_that_share_a_time_stay_inside_it(typed: list[str], length: int) -> None:
    like = Word("like", 100, 100 + length)
    if length < len(typed):
        with pytest.raises(NothingToDo, match="no room"):
            corrections.shared_out(typed, like.start, like.end, like)
        return
    made = corrections.shared_out(typed, like.start, like.end, like)
    assert (made[0].start, made[-1].end) == (like.start, like.end)
    assert all(a.start < a.end == b.start < b.end for a, b in itertools.pairwise(made))


def test_a_word_typed_into_a_gap_goes_there() -> None:
    after = check(TALK, corrections.retype(TALK, range(1, 3), "the old brambel"))
    assert texts(after)[1:4] == ["the", "old", "brambel"]
    assert TALK.words[1].end <= after.words[2].start < after.words[2].end <= TALK.words[2].start
    added = check(TALK, corrections.add(TALK, 4, "big green"))
    assert texts(added)[3:7] == ["down", "big", "green", "allotment"]


def test_no_room_is_told() -> None:
    close = Transcript((Word("a", 0, 480), Word("b", 480, 960)))
    with pytest.raises(NothingToDo, match="no room"):
        corrections.add(close, 1, "word")


def test_merge_and_split_are_each_others_inverse() -> None:
    merged = check(TALK, corrections.merge(TALK, range(11, 13)))
    assert merged.words[11].text == "brambleDown,"
    again = check(merged, corrections.split(merged, 11, 7))
    assert texts(again)[11:13] == ["bramble", "Down,"]
    assert (again.words[11].start, again.words[12].end) == (TALK.words[11].start, TALK.words[12].end)


@pytest.mark.parametrize("letters", [0, 2, 99])
def test_a_word_is_not_split_outside_itself(letters: int) -> None:
    with pytest.raises(NothingToDo):
        corrections.split(TALK, 0, letters)


@given(st.integers(0, 14), st.integers(-90_000, 900_000), st.integers(-90_000, 900_000))
def test_a_word_moves_only_between_its_neighbours(index: int, start: int, end: int) -> None:
    try:
        after = check(TALK, corrections.retime(TALK, index, start, end))
    except NothingToDo:
        return
    assert after.words[:index] + after.words[index + 1 :] == TALK.words[:index] + TALK.words[index + 1 :]


@given(st.data())
def test_any_chain_of_corrections_can_be_taken_back(data: st.DataObject) -> None:
    now, done = TALK, []
    for _ in range(data.draw(st.integers(1, 6))):
        n = len(now.words)
        if n < 3:
            break
        first = data.draw(st.integers(0, n - 1))
        chosen = range(first, min(n, first + data.draw(st.integers(1, 4))))
        kind = data.draw(st.sampled_from(["retype", "remove", "merge", "split", "accept", "unspoken", "assign", "times"]))
        try:
            if kind == "retype":
                typed = data.draw(st.lists(st.sampled_from(["so", "the", "plot", "Brambledown", "is"]), max_size=5))
                revision = corrections.retype(now, chosen, " ".join(typed))
            elif kind == "times":
                times = [data.draw(st.tuples(st.integers(0, 800_000), st.integers(0, 800_000))) for _ in chosen]
                revision = corrections.aligned(now, chosen, times)
            else:
                revision = {
                    "remove": lambda t, c: corrections.remove(t, c),
                    "merge": lambda t, c: corrections.merge(t, c),
                    "split": lambda t, c: corrections.split(t, c[0]),
                    "accept": lambda t, c: corrections.accept(t, c),
                    "unspoken": lambda t, c: corrections.mark_unspoken(t, c),
                    "assign": lambda t, c: corrections.assign(t, c, len(t.speakers)),
                }[kind](now, chosen)
        except NothingToDo:
            continue
        now = check(now, revision)
        done.append(revision)
    for revision in reversed(done):
        now = unrevised(now, revision)
    assert now == TALK


def test_replacing_everywhere_is_one_step_and_keeps_punctuation() -> None:
    revision = corrections.replace_all(TALK, "bramble down", "Brambledown")
    after = check(TALK, revision)
    assert texts(after)[11:] == ["Brambledown,", "I", "think"]
    assert "1 time" in revision.label
    with pytest.raises(NothingToDo, match="not in the transcript"):
        corrections.replace_all(TALK, "potato", "x")


def test_the_word_list_mends_everything_heard_wrongly() -> None:
    terms = [Term("Brambledown", ("brambel down", "bramble down")), Term("Um")]
    after = check(TALK, corrections.apply_terms(TALK, terms))
    assert texts(after) == "so the Brambledown allotment is a, Um, lovely plot in Brambledown, I think".split()  # noqa: SIM905
    with pytest.raises(NothingToDo):
        corrections.apply_terms(after, terms)


def test_capitals_at_the_start_are_kept() -> None:
    after = check(said("Bramble down. it"), corrections.replace_all(said("Bramble down. it"), "bramble down", "the plot"))
    assert texts(after) == ["The", "plot.", "it"]


def test_speakers_are_joined_and_the_numbers_close_up() -> None:
    first = Transcript(tuple(replace(w, speaker=i % 3) for i, w in enumerate(TALK.words)), TALK.speakers)
    after = check(first, corrections.join_speakers(first, 2, 0))
    assert [t.name for t in after.speakers] == ["Ben", "Cleo"]
    assert after.speakers[1].person == 0, "the face goes with the voice"
    assert [w.speaker for w in after.words[:6]] == [1, 0, 1, 1, 0, 1]


def test_a_speaker_who_is_two_people_is_split() -> None:
    after = check(TALK, corrections.split_speaker(TALK, 0, [2, 3, 7]))
    assert [t.name for t in after.speakers] == ["Ada", "Ben", "Cleo", "Speaker 4"]
    assert [i for i, w in enumerate(after.words) if w.speaker == 3] == [2, 3, 7]
    assert after.by_hand
    with pytest.raises(NothingToDo):
        corrections.split_speaker(TALK, 1, [2, 3])


def test_the_camera_hears_who_talks_by_hand() -> None:
    people = People(names=("Speaker 1", "Speaker 2"), talk=(Talk(0, 10 * TICK, 0, 0.4),))
    named = check(TALK, corrections.name_speaker(TALK, 1, " Ben  Okafor "))
    assert people_as_told(people, named).names == ("Ada", "Ben Okafor")
    assert people_as_told(people, named).talk == people.talk
    moved = check(named, corrections.assign(named, range(4, 8), 1))
    talk = people_as_told(people, moved).talk
    assert [t.person for t in talk] == [0, 1, 0]
    assert (talk[1].start, talk[1].end) == (TALK.words[4].start, TALK.words[7].end)


def test_a_revision_of_other_words_is_refused() -> None:
    revision = corrections.accept(TALK, [0])
    with pytest.raises(ProjectError, match="does not belong"):
        revised(said("quite other words"), revision)


def test_the_first_transcript_takes_speakers_from_the_lips() -> None:
    people = People(names=("Speaker 1", "Speaker 2"), talk=(Talk(0, TICK, 1, 0.9),))
    made = first_transcript(tuple(replace(w, speaker=-1) for w in TALK.words), people)
    assert [w.speaker for w in made.words[:4]] == [1, 1, -1, -1]
    assert [t.person for t in made.speakers] == [0, 1]


def test_an_offset_is_kept_in_bounds() -> None:
    assert check(TALK, corrections.set_caption_offset(TALK, 4_800)).caption_offset == 4_800
    assert check(TALK, corrections.set_caption_offset(TALK, 99 * TICK)).caption_offset == 2 * TICK

"""Words are who they were: through every correction, and when a transcript is replaced."""

from __future__ import annotations

from hypothesis import given
from hypothesis import strategies as st

from standtall.base.errors import NothingToDo
from standtall.model import corrections
from standtall.model.identity import distinct, identified
from standtall.model.people import People
from standtall.model.transcript import Revision, Transcript, first_transcript, revised, unrevised
from standtall.model.words import Word

S = 48_000


def said(count: int = 8) -> Transcript:
    return Transcript(tuple(Word(f"word{i}", i * S, i * S + 40_000) for i in range(count)))


def ids(transcript: Transcript) -> list[int]:
    return [w.id for w in transcript.words]


def after(transcript: Transcript, revision: Revision) -> Transcript:
    return revised(transcript, revision)


def test_a_word_is_named_after_where_it_starts_and_stays_so() -> None:
    before = said()
    assert ids(before) == [i * S for i in range(8)]
    assert ids(after(before, corrections.retype(before, range(2, 4), "other ones"))) == ids(before)
    assert ids(after(before, corrections.retime(before, 3, 3 * S + 4_000, 3 * S + 30_000))) == ids(before)
    assert ids(after(before, corrections.aligned(before, range(1, 2), [(S + 900, S + 9_000)]))) == ids(before)


def test_a_merge_keeps_the_first_and_a_split_the_first_and_a_new_one() -> None:
    before = said()
    merged = after(before, corrections.merge(before, range(2, 5)))
    assert ids(merged) == [0, S, 2 * S, 5 * S, 6 * S, 7 * S]
    split = after(before, corrections.split(before, 2))
    assert ids(split)[:3] == [0, S, 2 * S]
    assert ids(split)[3] not in ids(before)
    more = after(before, corrections.retype(before, range(2, 3), "word2 and more"))
    assert ids(more)[2] == 2 * S
    assert len(set(ids(more))) == len(more.words)


def test_a_new_word_never_has_the_name_of_another() -> None:
    """One was moved away from where it began, and another one is put there."""
    before = said()
    moved = after(before, corrections.retime(before, 3, 3 * S + 20_000, 3 * S + 40_000))
    put = after(moved, corrections.add(moved, 3, "there"))
    assert len(set(ids(put))) == len(put.words)
    assert put.words[4].id == 3 * S


steps = st.lists(
    st.tuples(st.sampled_from(["retype", "merge", "split", "remove", "add", "retime"]), st.integers(0, 9), st.integers(1, 3)),
    max_size=12,
)


def corrected(transcript: Transcript, what: str, chosen: range) -> Revision:
    at = chosen.start
    if what == "retype":
        return corrections.retype(transcript, chosen, "a b")
    if what == "merge":
        return corrections.merge(transcript, chosen)
    if what == "split":
        return corrections.split(transcript, at)
    if what == "remove":
        return corrections.remove(transcript, chosen)
    if what == "add":
        return corrections.add(transcript, at, "x y")
    return corrections.retime(transcript, at, at * S + 3_000, at * S + 30_000)


@given(steps)
def test_ids_stay_distinct_through_anything_and_undo_brings_them_back(made: list[tuple[str, int, int]]) -> None:
    transcript = said()
    for what, at, count in made:
        chosen = range(min(at, len(transcript.words)), min(at + count, len(transcript.words)))
        if not chosen:
            continue
        try:
            revision = corrected(transcript, what, chosen)
        except NothingToDo:
            continue
        now = revised(transcript, revision)
        assert len(set(ids(now))) == len(now.words)
        assert unrevised(now, revision) == transcript
        transcript = now


def test_a_transcript_that_is_replaced_keeps_who_its_words_are() -> None:
    before = said()
    late = tuple(Word(f"other{i}", i * S + 3_000, i * S + 43_000) for i in (0, 1, 2, 4, 5))
    assert [w.id for w in identified(before.words, late)] == [0, S, 2 * S, 4 * S, 5 * S]
    more = (*late[:2], Word("between", S + 43_500, 2 * S), *late[2:])
    found = [w.id for w in identified(before.words, more)]
    assert found[:2] == [0, S] and found[3:] == [2 * S, 4 * S, 5 * S]
    assert found[2] not in ids(before)


def test_words_that_were_found_at_the_same_place_differ() -> None:
    words = (Word("a", 5, 9), Word("b", 5, 9), Word("c", 6, 9))
    assert [w.id for w in distinct(words, set())] == [5, 6, 7]
    assert len({w.id for w in first_transcript(words, People()).words}) == 3

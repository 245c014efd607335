"""Choices carried over: checked against words and pieces that carry names of their own."""

from __future__ import annotations

import pytest
from hypothesis import given
from hypothesis import strategies as st

from standtall.base.time import TICKS_PER_SECOND
from standtall.cutting import order, trim
from standtall.model import corrections
from standtall.model.carry import Moved, carried_piece, carried_speaker, carried_words, inverse_of, moves_of
from standtall.model.cut import Segment
from standtall.model.short import Short
from standtall.model.transcript import Speaker, Transcript, revised, unrevised
from standtall.model.words import Word

pytestmark = pytest.mark.fault


@st.composite
def steps(draw: st.DrawFn) -> tuple[list[tuple[str, ...]], list[Moved]]:
    """Names of words at each state: a word that is one of as many keeps its name, others get new ones."""
    states = [tuple(f"w{i}" for i in range(draw(st.integers(1, 12))))]
    moves = []
    for number in range(draw(st.integers(0, 6))):
        now = states[-1]
        at = draw(st.integers(0, len(now)))
        old = draw(st.integers(0, min(4, len(now) - at)))
        new = draw(st.integers(0, 4))
        put = now[at : at + old] if old == new else tuple(f"s{number}.{i}" for i in range(new))
        states.append((*now[:at], *put, *now[at + old :]))
        moves.append(Moved(at, old, new))
    return states, moves


@given(steps(), st.data())
def test_single_words_are_followed_exactly(made: tuple[list[tuple[str, ...]], list[Moved]], data: st.DataObject) -> None:
    states, moves = made
    i = data.draw(st.integers(0, len(states[0]) - 1))
    now = carried_words(range(i, i + 1), moves)
    name, last = states[0][i], states[-1]
    if now is not None and len(now) == 1 and name in last:
        assert last[now.start] == name
    if name in last and not any(m.old != m.new and m.at <= _at(states, n, name) < m.at + m.old for n, m in enumerate(moves)):
        assert now == range(last.index(name), last.index(name) + 1), "it was never touched, so it is known where it is"


def _at(states: list[tuple[str, ...]], number: int, name: str) -> int:
    return states[number].index(name) if name in states[number] else -1


@pytest.mark.parametrize(
    ("move", "chosen", "stands"),
    [
        (Moved(5, 2, 1), range(5, 7), range(5, 6)),  # merged: the one that they became
        (Moved(5, 2, 1), range(6, 8), None),  # half of what was merged
        (Moved(5, 1, 2), range(5, 6), range(5, 7)),  # split: both halves
        (Moved(5, 2, 2), range(4, 9), range(4, 9)),  # retyped one for one
        (Moved(5, 1, 0), range(5, 6), None),  # gone
        (Moved(5, 1, 0), range(4, 7), range(4, 6)),
        (Moved(2, 3, 1), range(6, 8), range(4, 6)),
        (Moved(8, 3, 1), range(6, 8), range(6, 8)),
        (Moved(6, 0, 2), range(5, 8), None),  # others were put between them
        (Moved(5, 0, 2), range(5, 8), range(7, 10)),
    ],
)
def test_what_becomes_of_a_choice(move: Moved, chosen: range, stands: range | None) -> None:
    assert carried_words(chosen, [move]) == stands


def test_a_revision_and_its_inverse_lead_back() -> None:
    words = tuple(Word(f"w{i}", i * 48_000, i * 48_000 + 40_000) for i in range(9))
    before = Transcript(words)
    revision = corrections.merge(before, range(3, 6))
    moves = moves_of(revision)
    assert carried_words(range(7, 8), moves) == range(5, 6)
    assert carried_words(range(5, 6), inverse_of(moves)) == range(7, 8)
    assert unrevised(revised(before, revision), revision) == before


SHORT = Short.of(
    "a",
    (
        Segment("k", 0, 10 * TICKS_PER_SECOND),
        Segment("k", 20 * TICKS_PER_SECOND, 30 * TICKS_PER_SECOND),
        Segment("k", 40 * TICKS_PER_SECOND, 50 * TICKS_PER_SECOND),
    ),
)


def test_a_piece_is_known_again_where_it_is_one_still() -> None:
    assert carried_piece(SHORT, SHORT, 1) == 1
    moved = order.move(SHORT, 0, 2).short
    assert [carried_piece(SHORT, moved, n) for n in range(3)] == [2, 0, 1]
    trimmed = trim.trim(SHORT, 1, "start", 22 * TICKS_PER_SECOND).short
    assert carried_piece(SHORT, trimmed, 1) == 1
    split = SHORT.with_segments(
        (
            Segment("k", 0, 10 * TICKS_PER_SECOND),
            Segment("k", 20 * TICKS_PER_SECOND, 25 * TICKS_PER_SECOND),
            Segment("k", 25 * TICKS_PER_SECOND, 30 * TICKS_PER_SECOND),
            Segment("k", 40 * TICKS_PER_SECOND, 50 * TICKS_PER_SECOND),
        ),
    )
    assert carried_piece(SHORT, split, 1) is None, "which half is meant cannot be told"
    assert carried_piece(SHORT, split, 2) == 3
    assert carried_piece(SHORT, SHORT.with_segments(SHORT.segments[1:]), 0) is None
    joined = SHORT.with_segments(
        (Segment("k", 0, 30 * TICKS_PER_SECOND), Segment("k", 40 * TICKS_PER_SECOND, 50 * TICKS_PER_SECOND))
    )
    assert carried_piece(SHORT, joined, 0) is None
    assert carried_piece(SHORT, SHORT, 7) is None


def test_a_speaker_is_known_again_by_place_and_face() -> None:
    def said_by(*names: str) -> Transcript:
        return Transcript((), tuple(Speaker(n, i) for i, n in enumerate(names)))

    three = said_by("A", "B", "C")
    assert carried_speaker(three, said_by("A", "Odile", "C"), 1) == 1
    assert carried_speaker(three, said_by("A", "B", "C", "D"), 2) == 2
    assert carried_speaker(three, Transcript((), (Speaker("A", 0), Speaker("C", 2))), 2) is None
    assert carried_speaker(three, Transcript((), (Speaker("A", 0), Speaker("C", 2))), 0) == 0
    assert carried_speaker(three, three, 3) == 3, "one more than there are"
    assert carried_speaker(three, said_by("A", "B", "C", "D"), 3) is None

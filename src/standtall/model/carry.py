"""Carries a choice that was made on an older state over to the newer one: exactly, or not at all."""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import dataclass

from standtall.model.short import Short
from standtall.model.transcript import Revision, Transcript


@dataclass(frozen=True, slots=True)
class Moved:
    """From word `at` on, `old` words were replaced by `new` ones."""

    at: int
    old: int
    new: int


def moves_of(revision: Revision) -> tuple[Moved, ...]:
    """What a revision does to the places of words, in the order in which it does it."""
    return tuple(Moved(c.at, len(c.old), len(c.new)) for c in revision.changes)


def inverse_of(moves: tuple[Moved, ...]) -> tuple[Moved, ...]:
    return tuple(Moved(m.at, m.new, m.old) for m in reversed(moves))


def carried_words(chosen: range, moves: Iterable[Moved]) -> range | None:
    """Where the words of a choice stand after `moves`; None where they are gone, or where some of them became one with others.

    As many new words as old ones stand for them one by one; a changed number stands for the choice only where the choice holds
    all of the old ones (two words merged are chosen as the one they became).
    """
    start, stop = chosen.start, chosen.stop
    for move in moves:
        end, shift = move.at + move.old, move.new - move.old
        if move.at >= stop or shift == 0:
            continue
        if end <= start:
            start, stop = start + shift, stop + shift
        elif move.old and start <= move.at and end <= stop and stop + shift > start:
            stop += shift
        else:
            return None
    return range(start, stop)


def carried_piece(before: Short, now: Short, number: int) -> int | None:
    """Which piece of a changed short is the piece `number` of the older one; None where it is gone or was split.

    It is the only one that shares footage with it, and no other piece of the older short shares footage with that one.
    """
    if not 0 <= number < len(before.segments):
        return None
    was = before.segments[number]
    shares = [n for n, e in enumerate(now.segments) if e.overlaps(was)]
    if len(shares) != 1:
        return None
    here = now.segments[shares[0]]
    back = [e for e in before.segments if e.overlaps(here)]
    return shares[0] if len(back) == 1 else None


def carried_speaker(before: Transcript, now: Transcript, number: int) -> int | None:
    """Which speaker of a changed transcript is the speaker `number` of the older one; None where that cannot be told."""
    was, here = before.speakers, now.speakers
    if number == len(was) == len(here):
        return number  # one more than there are
    if not 0 <= number < len(was):
        return None
    same = number < len(here) and here[:number] == was[:number] and here[number].person == was[number].person
    renamed = len(here) == len(was) and here[number + 1 :] == was[number + 1 :]
    return number if same and (renamed or here[number] == was[number]) else None

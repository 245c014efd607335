"""What shorts show of footage, and what never was shown."""

from __future__ import annotations

from hypothesis import given
from hypothesis import strategies as st

from standtall.model.cut import Segment
from standtall.model.short import Short
from standtall.model.source import Source
from standtall.session.usage import Usage, in_words, usage

S = 48_000
SOURCE = Source("a" * 24, "a.mp4", "Allotments", 600 * S)


def short(name: str, *spans: tuple[int, int], key: str = SOURCE.key) -> Short:
    return Short.of(name, [Segment(key, a * S, b * S) for a, b in spans])


def test_passages_of_several_shorts_are_joined() -> None:
    found = usage(SOURCE, dict(enumerate([short("One", (10, 30), (100, 120)), short("Two", (20, 40)), short("Other", (0, 9), key="b" * 24)])))
    assert found == Usage(("One", "Two"), ((10 * S, 40 * S), (100 * S, 120 * S)))
    assert found.never(SOURCE.length) == ((0, 10 * S), (40 * S, 100 * S), (120 * S, 600 * S))
    assert in_words(found, SOURCE) == "2 shorts show 0:50 of it. Never shown: 9:10, most in a row from 2:00 to 10:00."


def test_none_and_all() -> None:
    assert in_words(usage(SOURCE, dict(enumerate([]))), SOURCE) == "No short uses it yet."
    assert in_words(usage(SOURCE, dict(enumerate([short("All", (0, 600))]))), SOURCE) == "1 short shows 10:00 of it."


@given(st.lists(st.tuples(st.integers(0, 590), st.integers(1, 60)), min_size=1, max_size=12))
def test_shown_and_never_shown_make_the_whole(spans: list[tuple[int, int]]) -> None:
    shorts = [short(f"s{n}", (a, a + length)) for n, (a, length) in enumerate(spans)]
    found = usage(SOURCE, dict(enumerate(shorts)))
    never = found.never(SOURCE.length)
    assert found.shown + sum(b - a for a, b in never) == SOURCE.length
    seconds = {t for a, length in spans for t in range(a, min(600, a + length))}
    assert found.shown == len(seconds) * S
    assert all(a // S not in seconds for a, _b in never)

from __future__ import annotations

from dataclasses import replace
from datetime import date

import pytest
from hypothesis import given
from hypothesis import strategies as st

from standtall.base.errors import ProjectError
from standtall.model.rhythm import Bar, ChannelRhythm, PostSettings, Rhythm
from standtall.posts import post_edits
from standtall.posts.filling import Odd, clashes, filled, gaps, mixed, settled
from standtall.posts.zones import at_day_time, day_of, local
from tests.posts.made_posts import made_channel, made_post, made_ref

NOW = at_day_time(date(2026, 11, 27), 12 * 60, "Europe/Berlin").at
CHANNEL = made_channel("one")
EITHER: tuple[Odd, Odd] = "earlier", "later"


def settings(**rhythm: object) -> PostSettings:
    made = Rhythm("Europe/Berlin", **rhythm)  # type: ignore[arg-type]
    return PostSettings((ChannelRhythm("one", made),))


def test_the_best_go_first_one_a_day_at_the_wished_time() -> None:
    refs = [made_ref(n, rating=n / 10) for n in range(1, 5)]
    plan = filled(refs, [CHANNEL], settings(first_minute=9 * 60), [], NOW)
    assert [s.short.number for s in plan.slots] == [4, 3, 2, 1]
    assert [s.day for s in plan.slots] == [date(2026, 11, 28), date(2026, 11, 29), date(2026, 11, 30), date(2026, 12, 1)]
    assert all(s.minute == 9 * 60 for s in plan.slots)
    assert plan.left_out == ()


def test_days_left_out_a_start_and_an_end_hold() -> None:
    wished = settings(weekdays_out=(5, 6), without=("2026-12-01",), start="2026-11-30", until="2026-12-03")
    plan = filled([made_ref(n) for n in range(9)], [CHANNEL], wished, [], NOW)
    assert [s.day for s in plan.slots] == [date(2026, 11, 30), date(2026, 12, 2), date(2026, 12, 3)]
    assert [x.why for x in plan.left_out] == ["No day is left for it."] * 6


def test_several_a_day_are_shared_out_over_its_hours() -> None:
    plan = filled([made_ref(n) for n in range(3)], [CHANNEL], settings(a_day=3, first_minute=600, last_minute=1200), [],
                  NOW - 86_400)  # fmt: skip
    assert [(s.day.day, s.minute) for s in plan.slots] == [(26, 900), (26, 1200), (27, 600)]


def test_only_shorts_that_reach_the_bars_and_the_limits_of_the_channel() -> None:
    refs = [made_ref(1, rating=0.9), made_ref(2, rating=0.2), made_ref(3, rating=0.9, seconds=100)]
    wished = replace(settings(), least_rating=0.5, bars=(Bar("ending", 0.2),))
    plan = filled(refs, [CHANNEL], wished, [], NOW)
    assert [x.why.split(",")[0] for x in plan.left_out] == ["Its ending is rated 10", "It is rated 20", "It lasts 100 s; One takes 60."]
    assert plan.slots == ()


def test_what_is_planned_or_out_already_is_not_planned_again() -> None:
    post = post_edits.scheduled(made_post(1, "one", None), NOW + 90_000, "UTC", True)
    plan = filled([made_ref(1), made_ref(2)], [CHANNEL], settings(), [post], NOW)
    assert [s.short.number for s in plan.slots] == [2]
    assert plan.left_out[0].why == "It is in the calendar there already."
    assert day_of(post.when or 0, "Europe/Berlin") not in [s.day for s in plan.slots]


def test_a_time_that_does_not_exist_is_asked_about() -> None:
    wished = settings(first_minute=150, last_minute=150, start="2027-03-28", until="2027-03-28")
    plan = filled([made_ref(1)], [CHANNEL], wished, [], NOW)
    assert [s.time.kind for s in plan.asked] == ["not there"]
    clock = {odd: local(settled(plan, odd).slots[0].time.at, "Europe/Berlin") for odd in EITHER}
    assert [f"{c:%H:%M}" for c in clock.values()] == ["01:30", "03:30"]
    left = settled(plan, "leave out")
    assert left.slots == () and "Clocks change on 28 Mar 2027" in left.left_out[-1].why


def test_of_a_time_that_comes_twice_the_first_or_the_second_is_taken() -> None:
    wished = settings(first_minute=150, last_minute=150, start="2027-10-31", until="2027-11-01")
    plan = filled([made_ref(1), made_ref(2)], [CHANNEL], wished, [], NOW)
    (asked,) = plan.asked
    first, second = (settled(plan, odd).slots[0].time.at for odd in EITHER)
    assert (asked.time.kind, second - first) == ("twice", 3600)
    assert settled(plan, "later").slots[1] == plan.slots[1] and not settled(plan, "later").asked


def test_neighbours_of_a_mix_differ_in_source_and_topic() -> None:
    refs = [made_ref(n, source="abc"[n % 3], rating=0.9 - n / 100, topics=("mill" if n % 2 else "ferry",)) for n in range(12)]
    order = mixed(refs)
    assert sorted(r.number for r in order) == list(range(12))
    assert all(a.source != b.source for a, b in zip(order, order[1:], strict=False))
    assert sum(bool(set(a.topics) & set(b.topics)) for a, b in zip(order, order[1:], strict=False)) <= 1


@given(st.lists(st.tuples(st.sampled_from("abcd"), st.floats(0, 1)), max_size=24))
def test_a_mix_keeps_sources_apart_wherever_that_can_be(given_: list[tuple[str, float]]) -> None:
    refs = [made_ref(n, source=s, rating=r) for n, (s, r) in enumerate(given_)]
    order = mixed(refs)
    assert sorted(r.number for r in order) == list(range(len(refs)))
    most = max((sum(r.source == s for r in refs) for s in "abcd"), default=0)
    if most <= (len(refs) + 1) // 2:
        assert all(a.source != b.source for a, b in zip(order, order[1:], strict=False))


def test_gaps_and_clashes_are_told() -> None:
    a = replace(post_edits.scheduled(made_post(1, "one", None), NOW + 3600, "UTC", True), id=1)
    b = replace(post_edits.scheduled(made_post(2, "one", None), NOW + 3600 + 600, "UTC", True), id=2)
    c = replace(post_edits.scheduled(made_post(3, "one", None), NOW + 3 * 86_400, "UTC", True), id=3)
    assert clashes([a, b, c]) == {1, 2}
    assert gaps([a, c], settings(), NOW)["one"] == (date(2026, 11, 28), date(2026, 11, 29))


@pytest.mark.parametrize("wrong", [{"a_day": 0}, {"weekdays_out": tuple(range(7))}, {"without": ("soon",)}, {"first_minute": 2000}])
def test_a_rhythm_that_cannot_be_is_refused(wrong: dict[str, object]) -> None:
    with pytest.raises(ProjectError):
        Rhythm(**wrong)  # type: ignore[arg-type]

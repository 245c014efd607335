from __future__ import annotations

from collections.abc import Iterator
from dataclasses import replace
from pathlib import Path

import pytest
from hypothesis import HealthCheck, settings
from hypothesis import strategies as st
from hypothesis.stateful import RuleBasedStateMachine, initialize, invariant, rule

from standtall.base.errors import NothingToDo
from standtall.model.channel import Channel
from standtall.model.post import Post
from standtall.model.rhythm import PostSettings
from standtall.posts import post_edits
from standtall.posts.machine_clock import Clock, ClockWatch
from standtall.posts.outbox import GIVE_UP_S, Outbox
from standtall.posts.post_store import PostStore
from tests.posts.made_posts import made_channel, made_file, made_post
from tests.posts.made_up_client import Fault, Killed, MadeUpChannel, SetClock

CHANNEL = made_channel("one")
KEEPS = replace(CHANNEL, posts=replace(CHANNEL.posts, delivery=replace(CHANNEL.posts.delivery, keeps_times=True)))


class Bench:
    """A store, a clock, a channel, and an outbox on them."""

    def __init__(self, folder: Path, channel: Channel = CHANNEL) -> None:
        self.folder, self.channel = folder, channel
        self.store = PostStore(folder / "posts.sqlite")
        self.clock = SetClock()
        self.there = MadeUpChannel(self.clock)
        self.begin()

    def begin(self) -> None:
        """Another outbox, as after a restart."""
        self.outbox = Outbox(self.store, lambda: (self.channel,), lambda _c: self.there, self.clock)

    def post(self, number: int = 1, in_s: int = 60) -> Post:
        file = made_file(self.folder / f"{number}.mp4")
        made = post_edits.scheduled(made_post(number, "one", file), self.clock.now() + in_s, "UTC", False)
        return self.store.change("Plan", [(None, made)])[0]

    def run(self, seconds: int = 0) -> None:
        """Let time pass as an outbox that is awake sees it, and do what is due."""
        until = self.clock.now() + seconds
        while True:
            while self.outbox.step() == 0:
                pass
            if self.clock.now() >= until:
                return
            self.clock.pass_by(min(30, until - self.clock.now()))


@pytest.fixture
def bench(tmp_path: Path) -> Iterator[Bench]:
    made = Bench(tmp_path)
    yield made
    made.store.close()


def test_a_post_goes_out_when_it_is_due_and_not_before(bench: Bench) -> None:
    post = bench.post(in_s=100)
    bench.run(90)
    assert bench.there.made == [] and bench.store.post(post.id).state == "waiting"
    bench.run(40)
    now = bench.store.post(post.id)
    assert bench.there.made == [post.mark] and (now.state, now.link) == ("out", "http://there/1")
    assert [a.what for a in bench.store.attempts(post.id)][:2] == ["began", "asked the channel"]


@pytest.mark.parametrize("fault", ["offline", "lost", "busy"])
def test_what_does_not_work_is_tried_again_and_is_there_once(bench: Bench, fault: Fault) -> None:
    post = bench.post(in_s=0)
    bench.there.faults, bench.there.wait_s = [fault, fault], 300
    bench.run()
    assert bench.store.post(post.id).state == "sending" and "It is tried again in" in bench.store.post(post.id).told
    bench.run(700)
    assert bench.there.made == [post.mark] and bench.store.post(post.id).state == "out"


def test_the_wait_that_a_channel_asks_for_is_kept(bench: Bench) -> None:
    bench.post(in_s=0)
    bench.there.faults, bench.there.wait_s = ["busy"], 900
    bench.run(600)
    assert bench.there.made == []
    bench.run(330)
    assert len(bench.there.made) == 1


@pytest.mark.parametrize("fault", ["killed before", "killed after"])
def test_an_outbox_that_is_killed_leaves_nothing_lost_and_nothing_twice(bench: Bench, fault: Fault) -> None:
    post = bench.post(in_s=0)
    bench.there.faults = [fault]
    with pytest.raises(Killed):
        bench.run()
    assert bench.store.post(post.id).state == "sending"
    bench.begin()
    bench.run(60)
    assert bench.there.made == [post.mark] and bench.store.post(post.id).state == "out"


@pytest.mark.parametrize(("fault", "told"), [("refused", "house rules"), ("signed out", "does not know this account")])
def test_what_the_person_must_do_is_said(bench: Bench, fault: Fault, told: str) -> None:
    post = bench.post(in_s=0)
    bench.there.faults = [fault]
    bench.run()
    now = bench.store.post(post.id)
    assert now.state == "failed" and told in now.told
    bench.store.change("Approve", [(now, post_edits.approved(now, CHANNEL))])
    bench.run()
    assert bench.store.post(post.id).state == "out"


def test_a_channel_that_is_gone_for_days_is_told_of_at_last(bench: Bench) -> None:
    post = bench.post(in_s=0)
    bench.there.faults = ["offline"] * 500
    bench.run(GIVE_UP_S + 8000)
    now = bench.store.post(post.id)
    assert now.state == "failed" and "over two days" in now.told
    bench.store.change("Approve", [(now, post_edits.approved(now, CHANNEL))])
    bench.run(GIVE_UP_S - 8000)
    assert bench.store.post(post.id).state == "sending", "the two days begin anew when it is approved anew"


def test_a_file_that_is_gone_or_changed_is_not_sent(bench: Bench) -> None:
    a, b = bench.post(1, 0), bench.post(2, 0)
    (bench.folder / "1.mp4").unlink()
    (bench.folder / "2.mp4").write_bytes(b"something else")
    bench.run()
    assert "any more" in bench.store.post(a.id).told and "another file" in bench.store.post(b.id).told
    assert bench.there.made == []


def test_a_file_that_goes_after_it_has_arrived_fails_nothing(bench: Bench) -> None:
    post = bench.post(in_s=0)
    bench.there.faults = ["lost"]
    bench.run()
    (bench.folder / "1.mp4").unlink()
    bench.run(60)
    assert bench.store.post(post.id).state == "out" and bench.there.made == [post.mark]


def test_a_channel_whose_file_is_gone_or_changed_under_a_schedule_is_said(bench: Bench) -> None:
    post, other = bench.post(1, 10), bench.post(2, 4000)
    bench.outbox = Outbox(bench.store, lambda: (), lambda _c: bench.there, bench.clock)
    bench.run(60)
    assert "is not there any more" in bench.store.post(post.id).told
    strict = replace(CHANNEL, posts=replace(CHANNEL.posts, text=replace(CHANNEL.posts.text, title_most=3)))
    bench.channel = strict
    bench.begin()
    bench.run(4000)
    assert "takes 3" in bench.store.post(other.id).told and bench.there.made == []


@pytest.mark.parametrize(("late", "state"), [("post", "out"), ("skip", "skipped"), ("ask", "missed")])
def test_what_fell_due_while_nobody_was_there_is_done_by_the_rule(bench: Bench, late: str, state: str) -> None:
    bench.store.set_settings(PostSettings(late=late))  # type: ignore[arg-type]
    post = bench.post(in_s=60)
    bench.run(30)
    bench.clock.pass_by(5 * 3600)  # the machine sleeps
    bench.run()
    assert bench.store.post(post.id).state == state


def test_a_missed_post_that_is_approved_goes_out_and_is_not_missed_again(bench: Bench) -> None:
    post = bench.post(in_s=60)
    bench.run(30)
    bench.clock.pass_by(5 * 3600)
    bench.run()
    now = bench.store.post(post.id)
    assert now.state == "missed"
    bench.store.change("Approve", [(now, post_edits.approved(now, CHANNEL, bench.clock.now()))])
    bench.run()
    assert bench.store.post(post.id).state == "out" and bench.there.made == [post.mark]


def test_one_that_is_only_a_little_late_is_posted(bench: Bench) -> None:
    post = bench.post(in_s=60)
    bench.clock.pass_by(600)
    bench.begin()
    bench.run()
    assert bench.store.post(post.id).state == "out"


def test_a_clock_that_is_set_forward_sends_nothing_unasked(bench: Bench) -> None:
    bench.store.set_settings(PostSettings(late="post"))
    post, later = bench.post(1, 3600), bench.post(2, 2 * 86_400)
    bench.run(30)
    bench.clock.wall += 86_400
    bench.run()
    assert bench.store.post(post.id).state == "missed" and "set forward" in bench.store.post(post.id).told
    assert bench.store.post(later.id).state == "waiting" and bench.there.made == []


def test_a_clock_that_is_set_back_sends_nothing_twice(bench: Bench) -> None:
    post = bench.post(in_s=0)
    bench.run()
    bench.clock.wall -= 86_400
    bench.run(90_000)
    assert bench.there.made == [post.mark]


def test_a_channel_that_keeps_times_gets_it_at_once_is_told_of_moves_and_gives_it_back(tmp_path: Path) -> None:
    bench = Bench(tmp_path, KEEPS)
    post = bench.post(in_s=7200)
    bench.run()
    now = bench.store.post(post.id)
    assert now.state == "placed" and now.placed == post.when
    bench.store.change("Move", [(now, post_edits.scheduled(now, post.when + 600, "UTC", False))])  # type: ignore[operator]
    bench.run()
    assert bench.there.posts[post.mark].when == post.when + 600  # type: ignore[operator]
    now = bench.store.post(post.id)
    bench.store.change("Take out", [(now, post_edits.unscheduled(now))])
    bench.run()
    now = bench.store.post(post.id)
    assert now.state == "idea" and bench.there.posts == {}
    bench.store.change("Plan", [(now, post_edits.scheduled(now, bench.clock.now() + 300, "UTC", False))])
    bench.run(400)
    assert bench.store.post(post.id).state == "out"


def test_drafts_and_what_is_being_worked_on(bench: Bench) -> None:
    file = made_file(bench.folder / "d.mp4")
    draft = post_edits.drafted(made_post(5, "one", file), CHANNEL, bench.clock.now() + 999)
    (kept,) = bench.store.change("Draft", [(None, draft)])
    bench.there.processing = True
    post = bench.post(in_s=0)
    bench.run()
    assert bench.store.post(kept.id).state == "draft"
    assert "working on it" in bench.store.post(post.id).told
    bench.run(30)
    assert bench.store.post(post.id).state == "out"


def test_a_post_that_is_changed_while_it_is_sent_is_not_lost(bench: Bench) -> None:
    post = bench.post(in_s=0)
    bench.outbox.step()
    with pytest.raises(NothingToDo, match="changed meanwhile"):
        bench.store.change("Move", [(post, post_edits.scheduled(post, 5, "UTC", True))])


def test_how_often_it_was_seen_is_asked_now_and_then(bench: Bench) -> None:
    post = bench.post(in_s=0)
    bench.there.processing = True
    bench.run(60)
    assert bench.store.post(post.id).views == 3


def test_a_real_clock_does_not_seem_to_be_set() -> None:
    watch = ClockWatch(Clock())
    set_by, gone = watch.look()
    assert set_by == 0 and 0 <= gone < 60


class OutboxMachine(RuleBasedStateMachine):
    """Posts, faults, kills, sleeps, restarts and edits in any order: each post is there once, or told of, or still to come."""

    @initialize()
    def start(self) -> None:
        import tempfile

        self.folder = tempfile.TemporaryDirectory()
        self.bench = Bench(Path(self.folder.name))
        self.bench.store.set_settings(PostSettings(late="post"))
        self.number = 0
        self.planned: list[int] = []

    @rule(in_s=st.integers(0, 4000))
    def plan(self, in_s: int) -> None:
        self.number += 1
        self.planned.append(self.bench.post(self.number, in_s).id)

    @rule(fault=st.sampled_from(["", "offline", "lost", "busy", "refused", "signed out", "killed before", "killed after"]))
    def will_fail(self, fault: Fault) -> None:
        self.bench.there.faults.append(fault)

    @rule(seconds=st.integers(0, 2000))
    def work(self, seconds: int) -> None:
        try:
            self.bench.run(seconds)
        except Killed:
            self.bench.begin()

    @rule(seconds=st.integers(100, 20_000))
    def sleep(self, seconds: int) -> None:
        self.bench.clock.pass_by(seconds)

    @rule(back=st.integers(0, 5000))
    def set_clock_back(self, back: int) -> None:
        self.bench.clock.wall -= back

    @rule(which=st.integers(0, 20), what=st.sampled_from(["hold", "approve", "skip", "move", "undo"]))
    def edit(self, which: int, what: str) -> None:
        if not self.planned:
            return
        store, now = self.bench.store, self.bench.clock.now()
        try:
            if what == "undo":
                store.undo()
                return
            post = store.post(self.planned[which % len(self.planned)])
            made = {
                "hold": post_edits.held, "approve": lambda p: post_edits.approved(p, CHANNEL), "skip": post_edits.skipped,
                "move": lambda p: post_edits.scheduled(p, now + 500, "UTC", False),
            }[what](post)  # fmt: skip
            store.change(what, [(post, made)])
        except NothingToDo:
            return

    @invariant()
    def nothing_is_there_twice(self) -> None:
        if hasattr(self, "bench"):
            assert len(self.bench.there.made) == len(set(self.bench.there.made))

    def teardown(self) -> None:
        bench = self.bench
        bench.there.faults = []
        bench.run(9000)
        for post in bench.store.posts():
            there = post.mark in bench.there.posts
            assert (post.state == "out") == there
            assert there or post.state in ("held", "skipped") or (post.state in ("failed", "missed") and post.told)
        bench.store.close()
        self.folder.cleanup()


TestOutboxMachine = OutboxMachine.TestCase
TestOutboxMachine.settings = settings(
    max_examples=25, stateful_step_count=14, deadline=None, suppress_health_check=[HealthCheck.too_slow]
)

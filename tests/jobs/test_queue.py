"""The queue: in order, one of a kind at a time, kept on disk, and never lost by a kill."""

from __future__ import annotations

import json
import signal
import subprocess
import sys
import threading
from collections.abc import Callable, Iterator
from dataclasses import replace
from pathlib import Path

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from standtall.jobs.events import Copied, Ended, Event, Started
from standtall.jobs.queue import JobQueue
from standtall.jobs.requests import AnalyseRequest, FetchRequest, PreviewCopyRequest, Request
from standtall.jobs.store import Store
from standtall.model.brief import Brief
from standtall.model.source import Source

SOURCE = Source("0123456789abcdef01234567", "/a.mp4", "a", 96_000, 320, 180)


def analyse(name: str) -> AnalyseRequest:
    return AnalyseRequest(replace(SOURCE, name=name), Brief())


def fetch(name: str) -> FetchRequest:
    return FetchRequest(name, "/tmp")


class Bench:
    """A queue whose work is done by the test; `log` is what was told of, in order."""

    def __init__(self, store: Store | None = None) -> None:
        self.log: list[tuple[int, str]] = []
        self.begun: list[tuple[Request, Callable[[Event], None]]] = []
        self.queue = JobQueue(lambda n, _r, event: self.log.append((n, _name(event))), store, self._backend)

    def _backend(self, request: Request, listener: Callable[[Event], None]) -> Bench.Work:
        return Bench.Work(self, request, listener)

    class Work:
        def __init__(self, bench: Bench, request: Request, listener: Callable[[Event], None]) -> None:
            self.bench, self.request, self.listener = bench, request, listener

        def start(self) -> None:
            self.bench.begun.append((self.request, self.listener))

        def cancel(self) -> None:
            self.listener(Ended("stopped"))

    def end(self, number: int, state: str = "done") -> None:
        self.begun[number][1](Ended(state))  # type: ignore[arg-type]
        self.settled()

    def settled(self) -> None:
        assert self.queue.idle(5)
        assert self.queue.idle(5)  # what the first round asked for


def _name(event: Event) -> str:
    return event.state if isinstance(event, Ended) else event.kind


@pytest.fixture
def bench() -> Iterator[Bench]:
    made = Bench()
    yield made
    made.queue.close()


def test_one_of_a_kind_at_a_time_and_kinds_beside_each_other(bench: Bench) -> None:
    for request in (analyse("a"), analyse("b"), fetch("x"), fetch("y")):
        bench.queue.ask(request)
    bench.settled()
    assert [r for r, _l in bench.begun] == [analyse("a"), fetch("x")]
    bench.end(0)
    assert [r for r, _l in bench.begun][2:] == [analyse("b")]
    bench.end(1, "failed")
    assert [r for r, _l in bench.begun][3:] == [fetch("y")], "one that failed never stops the rest"
    assert bench.log[:2] == [(1, "started"), (3, "started")]


def test_the_order_is_changed_and_what_waits_is_given_up(bench: Bench) -> None:
    numbers = [bench.queue.ask(fetch(name)) for name in "abcd"]
    bench.queue.sooner(numbers[3])
    bench.queue.sooner(numbers[3])
    bench.queue.sooner(numbers[3])  # it is the first of those that wait already
    bench.queue.sooner(numbers[0])  # it runs
    bench.queue.cancel(numbers[1])
    bench.queue.cancel(99)
    bench.settled()
    assert (numbers[1], "stopped") in bench.log
    for n in range(3):
        bench.end(n)
    assert [r.link for r, _l in bench.begun] == ["a", "d", "c"]  # type: ignore[union-attr]


def test_a_kind_is_paused_and_gone_on_with(bench: Bench) -> None:
    bench.queue.pause("fetch")
    bench.queue.ask(fetch("a"))
    bench.queue.ask(analyse("b"))
    bench.settled()
    assert [r.kind for r, _l in bench.begun] == ["analyse"]
    bench.queue.go_on("fetch")
    bench.settled()
    assert [r.kind for r, _l in bench.begun] == ["analyse", "fetch"]


def test_what_runs_is_cancelled(bench: Bench) -> None:
    number = bench.queue.ask(fetch("a"))
    bench.settled()
    bench.queue.cancel(number)
    bench.settled()
    assert bench.log == [(number, "started"), (number, "stopped")]


def test_copies_wait_while_anything_is_analysed(bench: Bench) -> None:
    bench.queue.ask(PreviewCopyRequest(SOURCE))
    bench.queue.ask(analyse("a"))
    bench.queue.ask(PreviewCopyRequest(replace(SOURCE, name="b")))
    bench.settled()
    assert [r.kind for r, _l in bench.begun] == ["preview copy", "analyse"], "one that was begun goes on"
    bench.end(0)
    assert len(bench.begun) == 2
    bench.end(1)
    assert [r.kind for r, _l in bench.begun][2:] == ["preview copy"]


def test_a_listener_that_fails_ends_no_queue() -> None:
    def broken(_number: int, _request: Request, event: Event) -> None:
        if isinstance(event, Started):
            raise KeyError("planted")

    begun: list[Request] = []

    class Work:
        def __init__(self, request: Request, _listener: object) -> None:
            self.request = request

        def start(self) -> None:
            begun.append(self.request)

        def cancel(self) -> None:
            return

    queue = JobQueue(broken, None, Work)
    queue.ask(fetch("a"))
    queue.ask(analyse("b"))
    assert queue.idle(5)
    queue.close()


def test_events_of_the_work_come_through(bench: Bench) -> None:
    number = bench.queue.ask(PreviewCopyRequest(SOURCE))
    bench.settled()
    bench.begun[0][1](Copied(540))
    bench.end(0)
    assert bench.log == [(number, "started"), (number, "copied"), (number, "done")]


# on disk


def test_requests_are_on_disk_until_they_are_done(tmp_path: Path) -> None:
    bench = Bench(Store(tmp_path))
    for request in (fetch("a"), fetch("b"), PreviewCopyRequest(SOURCE)):
        bench.queue.ask(request)
    bench.settled()
    assert {json.loads(p.read_text())["request"]["link"] for p in tmp_path.glob("*.json")} == {"a", "b"}
    bench.end(0)
    assert {json.loads(p.read_text())["request"]["link"] for p in tmp_path.glob("*.json")} == {"b"}
    bench.queue.close()
    assert list(tmp_path.glob("*.json")) == [], "what the person gave up is not gone on with"


KILLED = """
import os, sys, pathlib, signal, threading
from standtall.jobs.queue import JobQueue
from standtall.jobs.requests import FetchRequest
from standtall.jobs.store import Store
class Work:
    def __init__(self, *_given): pass
    def start(self): pass
    cancel = start
queue = JobQueue(lambda *_given: None, Store(pathlib.Path(sys.argv[1])), Work)
for name in "abcd":
    number = queue.ask(FetchRequest(name, "/tmp"))
queue.sooner(number)
assert queue.idle(10)
os.kill(os.getpid(), signal.SIGKILL)
"""


def test_a_kill_loses_nothing_and_the_order_stays(tmp_path: Path) -> None:
    run = subprocess.run([sys.executable, "-c", KILLED, str(tmp_path)], check=False)
    assert run.returncode == -signal.SIGKILL
    bench = Bench(Store(tmp_path))
    bench.queue.resume()
    bench.settled()
    links = sorted(json.loads(p.read_text())["request"]["link"] for p in tmp_path.glob("*.json"))
    assert links == ["a", "b", "c", "d"], "another kill loses nothing either"
    for n in range(4):
        bench.end(n)
    assert [r.link for r, _l in bench.begun] == ["a", "b", "d", "c"]  # type: ignore[union-attr]
    bench.queue.close()


def test_a_request_that_a_kill_left_twice_is_done_once(tmp_path: Path) -> None:
    for number in (3, 4):
        data = {"version": 1, "place": number, "request": {"kind": "fetch", "link": "x", "folder": "/tmp"}}
        (tmp_path / f"{number}.json").write_text(json.dumps(data))
    bench = Bench(Store(tmp_path))
    bench.queue.resume()
    bench.settled()
    assert len(bench.begun) == len(list(tmp_path.glob("*.json"))) == 1
    bench.end(0)
    assert list(tmp_path.glob("*.json")) == []
    bench.queue.close()


def test_a_request_stays_until_how_it_ended_is_written_down(tmp_path: Path) -> None:
    bench = Bench(Store(tmp_path))
    bench.queue.kept_elsewhere = frozenset({"fetch"})
    number = bench.queue.ask(fetch("a"))
    bench.settled()
    bench.end(0)
    assert bench.log[-1] == (number, "done")
    assert len(list(tmp_path.glob("*.json"))) == 1
    bench.queue.end_kept(number)
    bench.settled()
    assert list(tmp_path.glob("*.json")) == []
    bench.queue.close()


def test_what_is_on_disk_already_is_not_written_again(tmp_path: Path) -> None:
    """Renders hold the words and faces of hours: a long queue of them must not be written anew with each that joins it."""
    bench = Bench(Store(tmp_path))
    numbers = [bench.queue.ask(fetch(name)) for name in "abc"]
    bench.settled()
    before = {p.name: p.stat().st_ino for p in tmp_path.glob("*.json")}
    numbers.append(bench.queue.ask(fetch("d")))
    bench.end(0)
    bench.queue.sooner(numbers[3])
    bench.settled()
    after = {p.name: p.stat().st_ino for p in tmp_path.glob("*.json")}
    assert {n for n in before if after.get(n) not in (None, before[n])} == {f"{numbers[2]}.json"}, (
        "only the one that changed places"
    )
    bench.queue.close()


def test_two_programs_never_do_the_same_work(tmp_path: Path) -> None:
    first, second = Bench(Store(tmp_path)), Bench(Store(tmp_path))
    first.queue.ask(fetch("a"))
    first.settled()
    second.queue.resume()
    second.queue.ask(fetch("b"))
    second.settled()
    assert [r.link for r, _l in second.begun] == ["b"]  # type: ignore[union-attr]
    assert len(list(tmp_path.glob("*.json"))) == 1, "the second keeps its own in memory"
    second.queue.close()
    assert len(list(tmp_path.glob("*.json"))) == 1
    first.queue.close()


@pytest.mark.parametrize(
    "text",
    ["", "[]", "{}", "[" * 50_000, '{"version": 1, "place": 0, "request": {"kind": "launch"}}',
     '{"version": 1, "place": "first", "request": {"kind": "fetch", "link": "x", "folder": "/tmp"}}',
     '{"version": 9, "place": 0, "request": {"kind": "fetch", "link": "x", "folder": "/tmp"}}',
     '{"version": 1, "place": 0, "request": {"kind": "fetch", "link": 7, "folder": "/tmp"}}'],
)  # fmt: skip
def test_a_request_that_nobody_can_mean_is_put_aside(tmp_path: Path, text: str) -> None:
    (tmp_path / "3.json").write_text(text)
    (tmp_path / "7.json").write_text('{"version": 1, "place": 1, "request": {"kind": "fetch", "link": "x", "folder": "/tmp"}}')
    bench = Bench(Store(tmp_path))
    bench.queue.resume()
    bench.settled()
    assert [r.link for r, _l in bench.begun] == ["x"]  # type: ignore[union-attr]
    assert (tmp_path / "3.json.broken").read_text() == text
    number = bench.queue.ask(fetch("y"))
    assert number > 7, "numbers are never used twice"
    bench.queue.close()


def test_a_folder_that_cannot_be_written_to_keeps_the_work_going(tmp_path: Path) -> None:
    (tmp_path / "file").write_text("no folder")
    bench = Bench(Store(tmp_path / "file" / "queue"))
    bench.queue.ask(fetch("a"))
    bench.settled()
    assert len(bench.begun) == 1
    bench.queue.close()


@settings(max_examples=25)
@given(st.lists(st.tuples(st.sampled_from(["ask", "cancel", "sooner", "end"]), st.integers(1, 12)), max_size=40))
def test_whatever_is_done_everything_ends_once(steps: list[tuple[str, int]]) -> None:
    bench = Bench()
    asked = 0
    for what, number in steps:
        if what == "ask":
            asked += 1
            bench.queue.ask(fetch(str(asked)))
        elif what == "cancel":
            bench.queue.cancel(number)
        elif what == "sooner":
            bench.queue.sooner(number)
        elif bench.begun:
            bench.begun[number % len(bench.begun)][1](Ended("done"))
        bench.settled()
    running: set[int] = set()
    for number, told in bench.log:
        if told == "started":
            running.add(number)
            assert len(running) == 1, "two of a kind at once"
        else:
            running.discard(number)
    bench.queue.close()
    assert threading.active_count() < 40


def test_a_closed_queue_has_ended_its_work() -> None:
    queue = JobQueue(lambda *_given: None)
    queue.ask(FetchRequest("http://127.0.0.1:9/never", "/tmp"))
    queue.idle(5)
    queue.close()
    queue._thread.join(60)
    assert not queue._thread.is_alive()


def test_more_of_a_kind_are_worked_on_at_once_where_that_is_said() -> None:
    bench = Bench()
    bench.queue.at_once("fetch", 2)
    for name in "abc":
        bench.queue.ask(fetch(name))
    bench.settled()
    assert [r.link for r, _l in bench.begun] == ["a", "b"]  # type: ignore[union-attr]
    bench.end(0)
    assert [r.link for r, _l in bench.begun] == ["a", "b", "c"]  # type: ignore[union-attr]
    bench.queue.close()


@given(st.lists(st.tuples(st.integers(0, 5), st.integers(0, 6)), max_size=8))
@settings(max_examples=30, deadline=None)
def test_what_waits_is_put_before_another_and_nothing_is_lost(moves: list[tuple[int, int]]) -> None:
    bench = Bench()
    bench.queue.ask(fetch("first"))
    names = [f"n{k}" for k in range(6)]
    numbers = [bench.queue.ask(fetch(name)) for name in names]
    order = list(range(6))
    for moved, before in moves:
        if moved == before:
            continue
        bench.queue.before(numbers[moved], numbers[before] if before < 6 else 0)
        order.remove(moved)
        order.insert(order.index(before) if before < 6 else len(order), moved)
    bench.settled()
    for n in range(7):
        bench.end(n)
    assert [r.link for r, _l in bench.begun] == ["first", *(names[k] for k in order)]  # type: ignore[union-attr]
    bench.queue.close()

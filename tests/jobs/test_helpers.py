"""Tasks are carried out by processes of their own, which may die, lie, or be stopped."""

from __future__ import annotations

import json
import os
import threading
import time
from pathlib import Path

import pytest

from standtall.base.errors import Cancelled, StandTallError
from standtall.base.progress import Progress
from standtall.jobs.helpers import LocalHelpers, usual_count
from standtall.jobs.tasks import Answer, Here, Task

SCRIPT = """
import json, os, sys, time
for line in sys.stdin:
    task = json.loads(json.loads(line))
    def tell(**values):
        print(json.dumps(values), flush=True)
    print("a line of some library")
    tell(kind="progress", stage="half", share=0.5, left_s=None)
    if task.get("dies") and not os.path.exists(task["dies"]):
        open(task["dies"], "w").close()
        os._exit(3)
    if task.get("always dies"):
        os._exit(4)
    if task.get("fails"):
        tell(kind="problem", message="It is no footage.", hint="Choose another.", code=3)
    time.sleep(task.get("sleeps", 0))
    tell(kind="answered", text=json.dumps({"pid": os.getpid(), "number": task["number"]}))
"""


class Numbers:
    """Gives out so many tasks, the first alone where that is said."""

    def __init__(self, *tasks: dict[str, object], first_alone: bool = False) -> None:
        self._left = [Task(f"number {n}", json.dumps({"number": n, **task})) for n, task in enumerate(tasks)]
        self._count, self._first_alone = len(tasks), first_alone
        self.answers: list[dict[str, int]] = []
        self.shares: list[tuple[str, str, float]] = []
        self.threads: set[int] = set()

    def take(self) -> Task | None:
        self.threads.add(threading.get_ident())
        given = self._count - len(self._left)
        if not self._left or (self._first_alone and given == 1 and not self.answers):
            return None
        return self._left.pop(0)

    def took(self, task: Task, answer: Answer) -> None:
        self.threads.add(threading.get_ident())
        self.answers.append(json.loads(answer.text))
        assert task.name == f"number {self.answers[-1]['number']}"

    def told(self, task: Task, stage: str, share: float) -> None:
        self.shares.append((task.name, stage, share))

    @property
    def over(self) -> bool:
        return len(self.answers) == self._count


def helpers(count: int) -> LocalHelpers:
    return LocalHelpers(count, ("-c", SCRIPT))


def test_all_helpers_work_and_the_supply_is_asked_from_one_thread() -> None:
    supply = Numbers(*[{"sleeps": 0.3}] * 6)
    helpers(3).run(supply, Progress())
    assert sorted(a["number"] for a in supply.answers) == list(range(6))
    assert len({a["pid"] for a in supply.answers}) == 3
    assert supply.threads == {threading.get_ident()}
    assert ("number 0", "half", 0.5) in supply.shares


def test_what_waits_for_an_answer_is_given_when_it_came() -> None:
    supply = Numbers({}, {}, {}, first_alone=True)
    helpers(2).run(supply, Progress())
    assert supply.answers[0]["number"] == 0
    assert sorted(a["number"] for a in supply.answers) == [0, 1, 2]


def test_a_task_whose_helper_dies_is_done_by_another(tmp_path: Path) -> None:
    supply = Numbers({}, {"dies": str(tmp_path / "died")}, {})
    helpers(2).run(supply, Progress())
    assert (tmp_path / "died").exists()
    assert sorted(a["number"] for a in supply.answers) == [0, 1, 2]


def test_a_task_that_kills_whoever_does_it_is_told_of() -> None:
    with pytest.raises(StandTallError, match=r"ended unexpectedly at number 1 \(code 4\)"):
        helpers(2).run(Numbers({}, {"always dies": True}), Progress())


def test_a_problem_is_told_as_it_was_told_to_the_helper() -> None:
    with pytest.raises(StandTallError, match="no footage") as found:
        helpers(2).run(Numbers({}, {"fails": True}), Progress())
    assert (found.value.hint, found.value.exit_code) == ("Choose another.", 3)


def test_a_cancel_ends_the_helpers_at_once() -> None:
    progress, supply = Progress(), Numbers({"sleeps": 60}, {"sleeps": 60})
    threading.Timer(0.6, progress.cancel).start()
    began = time.monotonic()
    with pytest.raises(Cancelled):
        helpers(2).run(supply, progress)
    assert time.monotonic() - began < 40
    assert not supply.answers


def test_here_does_one_after_the_other() -> None:
    supply = Numbers({}, {}, {})

    def carry(task: Task, told: object) -> Answer:
        return Answer(json.dumps({"number": json.loads(task.text)["number"], "pid": 0}))

    Here(carry).run(supply, Progress())
    assert [a["number"] for a in supply.answers] == [0, 1, 2]


@pytest.mark.parametrize(
    ("told", "count"), [("MemAvailable: 4000000 kB", 4), ("MemAvailable: 1900000 kB", 2), ("MemAvailable: 9 kB", 1), ("", 4), ("MemAvailable:", 4)]
)
def test_there_are_as_many_as_cores_and_memory_allow(monkeypatch: pytest.MonkeyPatch, told: str, count: int) -> None:
    monkeypatch.setattr(os, "sched_getaffinity", lambda _pid: set(range(4)))
    monkeypatch.setattr(Path, "read_text", lambda _path: f"MemTotal: 1 kB\n{told}\n")
    assert usual_count() == count

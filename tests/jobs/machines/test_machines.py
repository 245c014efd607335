"""Tasks on workers of other processes, which come, go, die, are of another version, or do not hold the key."""

from __future__ import annotations

import json
import os
import queue
import ssl
import threading
import time
from collections.abc import Iterator
from concurrent.futures import Future
from pathlib import Path

import pytest

from standtall.base.errors import Cancelled, StandTallError
from standtall.base.progress import Progress
from standtall.jobs.machines import client as ends
from standtall.jobs.machines.asker import Link
from standtall.jobs.machines.client import MachineHelpers, MachinesGone, _Round, connected, host_and_port, machines_seen
from standtall.jobs.machines.shared_key import make_key
from standtall.jobs.tasks import Answer, MediaFile, Task
from tests.jobs.machines.running import carry, command, free_port

pytestmark = pytest.mark.filterwarnings("ignore")  # those of the engine are not ours


@pytest.fixture(scope="module")
def key(tmp_path_factory: pytest.TempPathFactory) -> Path:
    path = tmp_path_factory.mktemp("key") / "machines.pem"
    make_key(path)
    return path


@pytest.fixture(scope="module")
def home(tmp_path_factory: pytest.TempPathFactory) -> Path:
    return tmp_path_factory.mktemp("workers")


@pytest.fixture(scope="module")
def scheduler(key: Path, home: Path) -> Iterator[str]:
    """A scheduler with two workers."""
    at = f"127.0.0.1:{free_port()}"
    serving = command("scheduler", "--listen", at, "--key", str(key), home=home, until="scheduler")
    with serving, command("workers", "--scheduler", at, "--key", str(key), "--processes", "2", home=home, until="workers"):
        yield at


class Wishes:
    """Gives out what each task shall do."""

    def __init__(self, *wishes: dict[str, object], media: tuple[MediaFile, ...] = ()) -> None:
        self.left = [Task(f"wish {n}", json.dumps({"number": n, **w}), media) for n, w in enumerate(wishes)]
        self._count = len(wishes)
        self.answers: list[dict[str, object]] = []
        self.stages: set[str] = set()
        self.first_told = threading.Event()

    def take(self) -> Task | None:
        return self.left.pop(0) if self.left else None

    def took(self, task: Task, answer: Answer) -> None:
        self.answers.append(json.loads(answer.text))

    def told(self, task: Task, stage: str, share: float) -> None:
        self.stages.add(stage)
        self.first_told.set()

    @property
    def over(self) -> bool:
        return len(self.answers) == self._count


def test_two_workers_share_the_tasks_and_tell_of_them(scheduler: str, key: Path) -> None:
    wishes = Wishes(*[{"sleeps": 2.2}] * 2, {}, {})
    MachineHelpers(scheduler, key, carry, "test").run(wishes, Progress())
    assert sorted(a["number"] for a in wishes.answers) == [0, 1, 2, 3]  # type: ignore[type-var]
    assert len({a["pid"] for a in wishes.answers}) == 2
    assert wishes.stages == {"sleeping"}


def test_what_each_machine_does_is_seen(scheduler: str, key: Path) -> None:
    wishes, progress = Wishes({"sleeps": 30}), Progress()
    failed: list[BaseException] = []

    def run() -> None:
        try:
            MachineHelpers(scheduler, key, carry, "Allotments").run(wishes, progress)
        except Cancelled as error:
            failed.append(error)

    working = threading.Thread(target=run)
    working.start()
    assert wishes.first_told.wait(30)
    with connected(scheduler, key) as client:
        until = time.monotonic() + 60
        while len(seen := machines_seen(client)) < 2 and time.monotonic() < until:
            time.sleep(0.1)  # the second may still be on its way
        assert [m.fits for m in seen] == [True, True]
        assert sorted(m.doing for m in seen) == [(), ("Allotments: wish 0",)]
        progress.cancel()
        working.join(30)
        assert failed, "a cancel ends it here"
        until = time.monotonic() + 20
        while any(m.doing for m in machines_seen(client)) and time.monotonic() < until:
            time.sleep(0.3)
        assert not any(m.doing for m in machines_seen(client)), "and there"


def test_a_worker_that_does_nothing_is_asked_before_one_that_works_for_somebody_else() -> None:
    asked: list[str] = []

    class Engine:
        def processing(self) -> dict[str, tuple[str, ...]]:
            return {"first": ("another's render",), "second": (), "third": ()}

    class Noting:
        def submit(self, client, task, asker, order, worker):  # type: ignore[no-untyped-def]
            asked.append(worker)
            return f"{order}", Future()

    given: dict[str, object] = {}
    giving = _Round(Noting(), Engine(), None, Wishes(*[{}] * 4), given, queue.Queue())  # type: ignore[arg-type]
    giving._workers = ["first", "second", "third"]
    giving._give()
    assert asked == ["second", "third", "first"], "and none twice"


def test_a_file_is_fetched_once_kept_and_checked(scheduler: str, key: Path, home: Path, tmp_path: Path) -> None:
    from standtall.base.files import content_key

    path = tmp_path / "footage.txt"
    path.write_text("beans and worms " * 50_000)
    media = MediaFile(content_key(path), str(path))
    moved = path.rename(tmp_path / "elsewhere.txt")  # where the workers do not find it by its path

    class Serving(MachineHelpers):
        def submit(self, client, task, asker, order, worker):  # type: ignore[no-untyped-def]
            made = super().submit(client, task, asker, order, worker)
            asker.serve(media.key, str(moved))
            return made

    wishes = Wishes({"sleeps": 0.5}, {"sleeps": 0.5}, media=(media,))
    Serving(scheduler, key, carry, "test").run(wishes, Progress())
    kept = home / "XDG_CACHE_HOME" / "stand-tall" / "fetched" / f"{media.key}.txt"
    assert [a["at"] for a in wishes.answers] == [[str(kept)]] * 2
    assert all(a["read"] == {str(path): moved.read_text()} for a in wishes.answers)
    moved.write_text("something else")
    other = MediaFile("0123456789abcdef01234567", str(tmp_path / "no.txt"))

    class Lying(MachineHelpers):
        def submit(self, client, task, asker, order, worker):  # type: ignore[no-untyped-def]
            made = super().submit(client, task, asker, order, worker)
            asker.serve(other.key, str(moved))
            return made

    with pytest.raises(StandTallError, match=r"What came is not no\.txt"):
        Lying(scheduler, key, carry, "test").run(Wishes({}, media=(other,)), Progress())


def test_a_task_whose_worker_is_killed_is_done_once_by_another(scheduler: str, key: Path, tmp_path: Path) -> None:
    wishes = Wishes({"dies": str(tmp_path / "died")}, {}, {"sleeps": 0.5}, {})
    MachineHelpers(scheduler, key, carry, "test").run(wishes, Progress())
    assert (tmp_path / "died").exists()
    assert sorted(a["number"] for a in wishes.answers) == [0, 1, 2, 3]  # type: ignore[type-var]


def test_a_fault_on_a_machine_is_a_sentence(scheduler: str, key: Path) -> None:
    with pytest.raises(StandTallError, match="A machine failed at wish 0: broken"):
        MachineHelpers(scheduler, key, carry, "test").run(Wishes({"fails": True}), Progress())


def test_another_version_is_given_nothing(scheduler: str, key: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    monkeypatch.setattr(ends, "resource", lambda: "stand-tall of tomorrow")
    monkeypatch.setattr(ends, "GONE_S", 2.5)
    with connected(scheduler, key) as client:
        until = time.monotonic() + 30
        while len(machines_seen(client)) < 2 and time.monotonic() < until:
            time.sleep(0.2)  # one that was killed by an earlier test is on its way back
        assert [m.fits for m in machines_seen(client)] == [False, False]
    wishes = Wishes({}, {})
    with pytest.raises(MachinesGone, match="No machine of this version helps, but 2 of another version") as gone:
        MachineHelpers(scheduler, key, carry, "test").run(wishes, Progress())
    assert not wishes.answers
    assert len(wishes.left) + len(gone.value.given) == 2, "nothing is lost"


def test_without_the_key_nobody_is_heard(scheduler: str, tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    monkeypatch.setattr(ends, "ANSWER_S", 3)
    stranger = tmp_path / "other.pem"
    make_key(stranger)
    with pytest.raises(MachinesGone, match="does not answer"), connected(scheduler, stranger):
        pass


def test_a_scheduler_that_goes_gives_back_what_was_begun(key: Path, tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    monkeypatch.setattr(ends, "GONE_S", 2.5)
    at = f"127.0.0.1:{free_port()}"
    wishes = Wishes({"sleeps": 60}, {}, {})
    with (
        command("scheduler", "--listen", at, "--key", str(key), home=tmp_path, until="scheduler") as serving,
        command("workers", "--scheduler", at, "--key", str(key), "--processes", "1", home=tmp_path, until="workers"),
    ):
        killing = threading.Thread(target=lambda: (wishes.first_told.wait(60), serving.kill()))
        killing.start()
        with pytest.raises(MachinesGone) as gone:
            MachineHelpers(at, key, carry, "test").run(wishes, Progress())
        killing.join()
    assert [t.name for t in gone.value.given] == ["wish 0"]
    assert len(wishes.left) == 2


@pytest.mark.parametrize("address", ["", "nowhere", "host:", "host:99999", "host:80/path", "user@host:80", ":80", "[", "[::1", "a]b:80", "host:[80"])
def test_an_address_that_is_none_is_a_sentence(address: str) -> None:
    with pytest.raises(StandTallError, match="no address of a scheduler"):
        host_and_port(address)


def test_addresses() -> None:
    assert host_and_port("10.0.0.5:8790") == ("10.0.0.5", 8790)
    assert host_and_port("[::1]:8790") == ("::1", 8790)


def test_a_key_is_for_its_owner_alone_and_never_replaced(key: Path, tmp_path: Path) -> None:
    from standtall.jobs.machines.shared_key import context, own_key

    assert key.stat().st_mode & 0o077 == 0
    assert own_key().stat().st_mode & 0o077 == 0
    before = key.read_bytes()
    with pytest.raises(StandTallError, match="there already"):
        make_key(key)
    assert key.read_bytes() == before
    for text in ("", "hello", "PRIVATE KEY CERTIFICATE"):
        (tmp_path / "no.pem").write_text(text)
        with pytest.raises(StandTallError, match="no key"):
            context(tmp_path / "no.pem", ssl.Purpose.CLIENT_AUTH)
    assert context(key, ssl.Purpose.CLIENT_AUTH).verify_mode is ssl.CERT_REQUIRED
    assert os.environ.get("STAND_TALL_KEY") is None


def test_a_file_is_taken_from_a_shared_folder_and_only_where_it_is_the_same(
    key: Path, tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    from standtall.base.files import content_key
    from standtall.jobs.machines.asker import Link
    from standtall.jobs.machines.media_here import SHARED, media_here

    wrong, right = tmp_path / "shared" / "a", tmp_path / "shared" / "b"
    for folder, text in ((wrong, "another"), (right, "beans")):
        folder.mkdir(parents=True)
        (folder / "talk.mp4").write_text(text)
    monkeypatch.setenv(SHARED, str(tmp_path / "shared"))
    link = Link("https://127.0.0.1:9", "ab", key)  # nobody is asked
    wanted = MediaFile(content_key(right / "talk.mp4"), "/elsewhere/talk.mp4")
    assert media_here([wanted], link) == {"/elsewhere/talk.mp4": str(right / "talk.mp4")}
    with pytest.raises(StandTallError, match="without a key"):
        media_here([MediaFile("../x", "/elsewhere/talk.mp4")], link)


@pytest.mark.parametrize("address", ["", "https://[", "https://host:port"])
def test_a_task_of_somebody_without_an_address_is_refused_in_a_sentence(address: str, key: Path) -> None:
    with pytest.raises(StandTallError, match="gave no address"):
        Link(address, "1", key).connection()

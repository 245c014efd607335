"""Many machines: two workers beside one, workers killed at random, an hour on the cores of this machine, and a plan for more."""

from __future__ import annotations

import contextlib
import hashlib
import heapq
import json
import os
import random
import signal
import subprocess
import sys
import tempfile
import time
from collections.abc import Generator, Iterator, Sequence
from concurrent.futures import ThreadPoolExecutor
from dataclasses import dataclass, field
from pathlib import Path

import imageio_ffmpeg
import psutil
from tests.jobs.machines.running import command, free_port

from bench.demo import demo
from bench.row import Row
from standtall.base.progress import Progress
from standtall.base.time import TICKS_PER_SECOND
from standtall.cutting.by_words import from_words
from standtall.demo.programme import programme
from standtall.jobs.helpers import LocalHelpers
from standtall.jobs.machines.client import MachineHelpers
from standtall.jobs.machines.shared_key import make_key
from standtall.jobs.process import Job
from standtall.jobs.requests import RenderRequest
from standtall.jobs.tasks import Answer, Helpers, Supply, Task
from standtall.library.cache import AnalysisCache
from standtall.library.machines import KEY, SCHEDULER
from standtall.media.probe import probe
from standtall.model.analysis import Analysis
from standtall.model.source import Source
from standtall.session.analyse import Options, analyse
from standtall.session.machine_tasks import carry_on_machine
from standtall.session.render_request import render_request
from standtall.session.run import run as carry_out

KILLS = 50
HOUR_S = 3_600
SCALE = 10
"""The simulation runs so many times as fast as the work it stands for; what the engine itself costs is not made less."""
SIZES = ((4, 1), (16, 4), (64, 16))
"""Machines of one core, and hours of footage."""


def hour() -> Iterator[Row]:
    """An hour of footage, and what its tasks cost."""
    with tempfile.TemporaryDirectory() as folder:
        yield from _analysed(Path(folder), 20, "an hour")


def run() -> Iterator[Row]:
    with tempfile.TemporaryDirectory() as folder:
        place = Path(folder)
        key = place / "machines.pem"
        make_key(key)
        costs = yield from _analysed(place, 5, "a quarter of an hour, for the costs of its tasks,")
        yield from _pair(place, key)
        yield from _kills(place, key)
        yield from _plan(place, key, costs)


# an hour on this machine, and what its tasks cost


@dataclass
class Costs:
    """Seconds that tasks took here, by kind in the order in which they were given, and what was not given out, for so much footage."""

    tasks: list[tuple[str, float]] = field(default_factory=list)
    wall: float = 0.0
    footage_s: float = 0.0
    alone: float = 0.0


class _Watched:
    """A supply whose tasks are timed."""

    def __init__(self, supply: Supply, costs: Costs) -> None:
        self._supply, self._costs, self._since = supply, costs, dict[str, float]()
        self.told = supply.told

    def take(self) -> Task | None:
        task = self._supply.take()
        if task is not None:
            self._since[task.name] = time.monotonic()
        return task

    def took(self, task: Task, answer: Answer) -> None:
        self._costs.tasks.append((task.name.split()[0], time.monotonic() - self._since[task.name]))
        self._supply.took(task, answer)

    @property
    def over(self) -> bool:
        return self._supply.over


class _Watching:
    def __init__(self, helpers: Helpers, costs: Costs) -> None:
        self._helpers, self._costs = helpers, costs

    def run(self, supply: Supply, progress: Progress) -> None:
        self._helpers.run(_Watched(supply, self._costs), progress)


def repeated(out: Path, times: int) -> Path:
    """The demo programme so many times in a row, its packets as they are."""
    listing = out.with_suffix(".txt")
    listing.write_text(f"file '{programme()}'\n" * times)
    joined = ("-v", "error", "-y", "-f", "concat", "-safe", "0", "-i", str(listing), "-c", "copy", str(out))
    subprocess.run([imageio_ffmpeg.get_ffmpeg_exe(), *joined], check=True)
    return out


def _peak(done: list[bool]) -> float:
    """Most memory of this process and all it began, in MB, until it is done."""
    most, me = 0.0, psutil.Process()
    while not done:
        total = 0
        for process in [me, *me.children(recursive=True)]:
            with contextlib.suppress(psutil.Error):
                total += process.memory_full_info().pss  # what processes share counts once
        most = max(most, total / 1e6)
        time.sleep(1.0)
    return most


def _analysed(place: Path, times: int, name: str) -> Generator[Row, None, Costs]:
    source = probe(repeated(place / "long.mp4", times))
    costs, done = Costs(footage_s=source.length / TICKS_PER_SECOND), list[bool]()
    cores = len(os.sched_getaffinity(0))
    with ThreadPoolExecutor(1) as pool:
        memory = pool.submit(_peak, done)
        began, before = time.monotonic(), time.process_time()
        try:
            analyse(source, Options(), Progress(), AnalysisCache(place / "long"), helpers=_Watching(LocalHelpers(cores), costs))
        finally:
            done.append(True)
        costs.wall = time.monotonic() - began
        costs.alone = time.process_time() - before
    hour = HOUR_S / costs.footage_s
    said = f"{name} of {source.width}x{source.height} analysed on {cores} cores"
    yield Row(said, costs.wall * hour / 60, "min an hour", "<= 18.5")
    yield Row("  memory of all its processes together", memory.result(), "MB")
    shares = {k: sum(s for kind, s in costs.tasks if kind == k) * hour / 60 for k in ("words", "pictures", "voices")}
    for kind, minutes in shares.items():
        yield Row(f"  of it in tasks of {kind}", minutes, "core min")
    yield Row("  in the process that gives them out", costs.alone * hour / 60, "core min")
    on_four = listed([s for _, s in costs.tasks], 4) + _tail(costs, cores)
    yield Row("the same on four cores, by these costs", on_four * hour / 60, "min an hour", "<= 9.5")
    return costs


def listed(tasks: Sequence[float], workers: int) -> float:
    """How long tasks take that are given, in their order, to whoever is free."""
    free = [0.0] * workers
    for seconds in tasks:
        heapq.heapreplace(free, free[0] + seconds)
    return max(free)


def _tail(costs: Costs, cores: int) -> float:
    """What no helper could take over: the wall time above that of the tasks."""
    return max(0.0, costs.wall - listed([s for _, s in costs.tasks], cores))


# one worker, two workers


@contextlib.contextmanager
def working(place: Path, key: Path, cores: Sequence[int]) -> Iterator[tuple[str, list[subprocess.Popen[str]]]]:
    """A scheduler, and a worker on each of these cores."""
    at = f"127.0.0.1:{free_port()}"
    with contextlib.ExitStack() as stack:
        stack.enter_context(command("scheduler", "--listen", at, "--key", str(key), home=place, until="scheduler"))
        mine, workers = os.sched_getaffinity(0), []
        for core in cores:
            os.sched_setaffinity(0, {core})  # whoever is begun has it, too
            try:
                arguments = ("workers", "--scheduler", at, "--key", str(key), "--processes", "1")
                workers.append(stack.enter_context(command(*arguments, home=place, until="workers")))
            finally:
                os.sched_setaffinity(0, mine)
        os.environ[SCHEDULER], os.environ[KEY] = at, str(key)
        try:
            yield at, workers
        finally:
            del os.environ[SCHEDULER], os.environ[KEY]


def _pair(place: Path, key: Path) -> Iterator[Row]:
    source = probe(repeated(place / "twice.mp4", 3))
    times = {}
    for count in (1, 2):
        with working(place, key, range(count)) as (at, _workers):
            helpers = MachineHelpers(at, key, carry_on_machine, "bench")
            began = time.monotonic()
            analyse(source, Options(), Progress(), AnalysisCache(place / f"by {count}"), helpers=helpers)
            analysed = time.monotonic() - began
            began = time.monotonic()
            _render_all(requests(place / f"out {count}", 8), count)
            times[count] = analysed, time.monotonic() - began
    yield Row("two workers of one core beside one: analysis", times[1][0] / times[2][0], "x as fast", ">= 1.8")
    yield Row("two workers of one core beside one: eight renders", times[1][1] / times[2][1], "x as fast", ">= 1.8")
    alone = {count: _without_engine(requests(place / f"bare {count}", 8), count) for count in (1, 2)}
    yield Row("  the same as processes of this machine, each on its core, with no engine", alone[1] / alone[2], "x as fast")


def _without_engine(asked: Sequence[RenderRequest], count: int) -> float:
    """Seconds that renders take as so many jobs at once, each on a core of its own."""

    def work(core: int) -> None:
        os.sched_setaffinity(0, {core})  # of this thread, and of what it begins
        for request in asked[core::count]:
            job = Job(request, lambda _event: None)
            job.start()
            job.wait()

    began = time.monotonic()
    with ThreadPoolExecutor(count) as pool:
        list(pool.map(work, range(count)))
    return time.monotonic() - began


def requests(folder: Path, count: int) -> list[RenderRequest]:
    source, analysis = demo()
    folder.mkdir(exist_ok=True)
    made = [from_words(f"s{n}", analysis, range(20 + 40 * n, 50 + 40 * n)) for n in range(count)]
    return [render_request(s, {source.key: (source, analysis)}, folder / f"{s.name}.mp4") for s in made]


def _render_all(asked: Sequence[RenderRequest], at_once: int) -> None:
    with ThreadPoolExecutor(at_once) as pool:
        list(pool.map(lambda request: carry_out(request, lambda _e: None, Progress()), asked))


# kills


def _kills(place: Path, key: Path) -> Iterator[Row]:
    source, rng = probe(programme()), random.Random(4)
    here: Analysis = analyse(source, Options(), Progress(), AnalysisCache(place / "here"), helpers=LocalHelpers(2))
    mine = os.sched_getaffinity(0)
    os.sched_setaffinity(0, {0})  # an encoder parts its work by the cores there are, which tells in its bytes
    _render_all(requests(place / "right", 4), 1)
    os.sched_setaffinity(0, mine)
    right = _hashes(place / "right")
    killed = wrong = rounds = 0
    with working(place, key, (0, 1)) as (at, workers), ThreadPoolExecutor(1) as pool:
        while killed < KILLS:
            rounds += 1
            work = pool.submit(_once, source, at, key, place / f"round {rounds}")
            while not work.done() and killed < KILLS:
                time.sleep(rng.uniform(4, 16))
                killed += _kill_one(workers, rng)
            found, out = work.result()
            other = (found != here), _hashes(out) != right
            if any(other):
                print(f"round {rounds}: analysis other {other[0]}, renders other {other[1]}", file=sys.stderr)
            wrong += sum(other)
    yield Row("workers killed at random while they analysed and rendered", killed, "kills", ">= 50")
    yield Row("  analyses and folders of renders among them", 2 * rounds, "")
    yield Row("  of these not the same as of one machine, to the byte", wrong, "", "<= 0")


def _once(source: Source, at: str, key: Path, place: Path) -> tuple[Analysis, Path]:
    helpers = MachineHelpers(at, key, carry_on_machine, "bench")
    found = analyse(source, Options(), Progress(), AnalysisCache(place), helpers=helpers)
    out = place.with_name(f"{place.name} out")
    _render_all(requests(out, 4), 2)
    return found, out


def _hashes(folder: Path) -> dict[str, str]:
    return {p.name: hashlib.sha256(p.read_bytes()).hexdigest() for p in folder.iterdir()}


def _kill_one(workers: Sequence[subprocess.Popen[str]], rng: random.Random) -> int:
    """Kill a process that carries tasks out: a child of a command, that its command then begins anew."""
    with contextlib.suppress(psutil.Error, ProcessLookupError):
        children = [c for c in psutil.Process(rng.choice(workers).pid).children() if "spawn_main" in " ".join(c.cmdline())]
        if children:
            os.kill(children[0].pid, signal.SIGKILL)
            return 1
    return 0


# a plan


class _Made:
    """Tasks of made-up footage with measured costs, scaled down; the asker's own share is waited for when one is taken."""

    def __init__(self, costs: Costs, hours: float) -> None:
        repeat = hours * HOUR_S / costs.footage_s
        self._left = [costs.tasks[n % len(costs.tasks)] for n in range(round(len(costs.tasks) * repeat))]
        self._pause = costs.alone / len(costs.tasks) / SCALE
        self._count, self._done = len(self._left), 0
        self.bytes = 0

    def take(self) -> Task | None:
        if not self._left:
            return None
        time.sleep(self._pause)
        kind, seconds = self._left.pop(0)
        load = {"words": 2_400_000, "pictures": 2_000, "voices": 5_100_000}[kind]  # letters of such a task, as measured
        self.bytes += load
        return Task(f"{kind} {len(self._left)}", json.dumps({"seconds": seconds / SCALE, "load": "x" * load}))

    def took(self, task: Task, answer: Answer) -> None:
        self._done += 1

    def told(self, task: Task, stage: str, share: float) -> None: ...

    @property
    def over(self) -> bool:
        return self._done == self._count


def sleep(task: Task, _asker: str, _number: str) -> Answer:
    time.sleep(json.loads(task.text)["seconds"])
    return Answer("{}")


def _plan(place: Path, key: Path, costs: Costs) -> Iterator[Row]:
    for machines, hours in SIZES:
        work = sum(s for _, s in costs.tasks) * hours * HOUR_S / costs.footage_s
        alone = costs.alone * hours * HOUR_S / costs.footage_s
        at = f"127.0.0.1:{free_port()}"
        farm = (sys.executable, "-m", "bench.machine_farm", at, str(key), str(machines))
        with command("scheduler", "--listen", at, "--key", str(key), home=place, until="scheduler"):
            process = subprocess.Popen(farm, stdout=subprocess.PIPE, text=True)
            try:
                assert process.stdout is not None and process.stdout.readline() == "ready\n"
                supply = _Made(costs, hours)
                began = time.monotonic()
                MachineHelpers(at, key, sleep, "plan").run(supply, Progress())
                took = (time.monotonic() - began) * SCALE
            finally:
                process.kill()
                process.wait()
        name = f"{machines} machines of one core, {hours} h of footage"
        yield Row(f"{name}: by costs alone", max(work / machines, alone) / 60 / hours, "min an hour")
        yield Row(f"{name}: simulated with the engine", took / 60 / hours, "min an hour")
        yield Row(f"{name}: sent in tasks", supply.bytes / 1e6 / hours, "MB an hour")

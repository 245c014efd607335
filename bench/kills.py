"""Kills at any moment: of the window while it is edited, of analyses and of renders; what was acknowledged is there afterwards."""

from __future__ import annotations

import contextlib
import hashlib
import json
import random
import subprocess
import sys
import tempfile
import time
from collections.abc import Iterator
from dataclasses import replace
from pathlib import Path
from typing import TYPE_CHECKING

from bench import homes
from bench.row import Row

if TYPE_CHECKING:
    from standtall.jobs.requests import RenderRequest

COUNT = 100
EDITING = """
import sys
from PySide6.QtCore import QTimer
from standtall.ui.widgets import dressing, theme
from standtall.ui.app.application import dressed, open_files
from standtall.ui.app.window import MainWindow
from standtall.model import corrections, edits
from standtall.base.files import clear_parts
class Idle:
    def __init__(self, *_a): pass
    def start(self): pass
    cancel = start
application = dressed(["bench"]); clear_parts(); window = MainWindow(); window.workspace.jobs.queue.backend = Idle; dressing.apply(application, theme.LIGHT); window.show()
open_files(window, [], True)
ws, n = window.workspace, [int(sys.argv[1])]
def said():
    o = ws.opened
    if o is not None:
        print(o.entry.id, o.entry.short.name, sum(w.text == "Kept" for w in o.transcript.words), flush=True)
ws.composition_changed.connect(said)
ws.opened_changed.connect(said)
def turn():
    if ws.opened is None: return
    n[0] += 1
    name, at = f"name {n[0]}", n[0] % 300
    ws.edit(lambda s, _a: edits.rename(s, name))
    if n[0] % 3 == 0:
        ws.revise(lambda t: corrections.retype(t, range(at, at + 1), "Kept"))
timer = QTimer(); timer.timeout.connect(turn); timer.start(15)
application.exec()
"""


def parts_in(*folders: Path) -> list[Path]:
    return [p for folder in folders for p in folder.rglob("*.part*")]


def cleared(environment: dict[str, str]) -> None:
    """What the next start does."""
    code = "from standtall.base.files import clear_parts; clear_parts()"
    subprocess.run([sys.executable, "-c", code], env=environment, check=True)


def windows(dice: random.Random) -> tuple[int, int]:
    """-> (edits acknowledged, of them lost)."""
    from standtall.library.project import Project

    acknowledged = lost = 0
    with tempfile.TemporaryDirectory() as folder:
        home = Path(folder)
        environment = homes.home(home)
        for turn in range(
            COUNT
        ):  # names count on from one start to the next, so that a later one is never taken for an older one
            command = [sys.executable, "-c", EDITING, str(turn * 100_000)]
            child = subprocess.Popen(command, stdout=subprocess.PIPE, text=True, env=environment)
            assert child.stdout is not None
            first = child.stdout.readline()
            time.sleep(dice.uniform(0.0, 0.8) if first else 0)
            child.kill()
            lines = [first, *child.stdout.readlines()]
            child.wait()
            child.stdout.close()
            told = [line.rstrip("\n") for line in lines if line.endswith("\n") and line.split()]
            acknowledged += len(told)
            number, _, rest = told[-1].partition(" ")
            name, _, words = rest.rpartition(" ")
            cleared(environment)
            with Project(next(p for p in home.rglob("*.standtall") if "backups" not in p.parts)) as project:
                entry = project.entry(int(number))
                step = int(entry.short.name.split()[-1]) if entry.short.name.startswith("name ") else 0
                said = int(name.split()[-1]) if name.startswith("name ") else 0
                kept = project.transcripts.find(entry.short.main_source)
                found = sum(w.text == "Kept" for w in kept.words) if kept is not None else 0
                lost += int(step < said) + int(found < int(words))
        lost += len(parts_in(home))
    return acknowledged, lost


def killed(command: list[str], environment: dict[str, str], after_s: float) -> bool:
    """Run a command and kill it after a while; -> whether it was killed before it ended."""
    child = subprocess.Popen(command, stdout=subprocess.DEVNULL, stderr=subprocess.DEVNULL, env=environment)
    with contextlib.suppress(subprocess.TimeoutExpired):
        child.wait(after_s)
        return False
    child.kill()
    child.wait()
    return True


def analyses(dice: random.Random) -> tuple[int, int, int]:
    """-> (kills, results that differ from that of an analysis never killed, parts left)."""
    with tempfile.TemporaryDirectory() as folder:
        home = Path(folder)
        film, kills = _clip(home), 0

        def result(environment: dict[str, str]) -> str:
            command = [sys.executable, "-m", "standtall", "analyse", "--json", "--words", "--", str(film)]
            run = subprocess.run(command, capture_output=True, text=True, env=environment, check=True)
            kept = [line for line in run.stdout.splitlines() if '"kind": "word"' in line or '"kind": "result"' in line]
            return hashlib.sha256("\n".join(kept).encode()).hexdigest()

        whole = result(homes.home(home / "whole"))
        differ = left = turn = 0
        while kills < COUNT:
            turn += 1
            environment = homes.home(home / f"killed {turn}")
            for _ in range(6):
                kills += killed([sys.executable, "-m", "standtall", "analyse", str(film)], environment, dice.uniform(0.5, 5.0))
            differ += result(environment) != whole
            left += len(parts_in(home / f"killed {turn}"))
    return kills, differ, left


def _clip(home: Path) -> Path:
    """Twenty seconds of the demo, so that an analysis takes no longer than a kill is worth."""
    from standtall.demo.programme import programme
    from standtall.media.probe import probe
    from standtall.media.reader import PictureReader
    from standtall.media.sound_reader import read_sound
    from standtall.media.writer import MovieWriter

    source, out = programme(home / "demo"), home / "clip.mp4"
    rate, seconds = probe(source).rate, 20
    sound = read_sound(source, end=seconds * 48_000)
    with PictureReader(source, height=360) as reader, MovieWriter(out, 640, 360, rate, {"crf": "20"}, sound=True) as writer:
        for n in range(round(seconds * rate)):
            writer.picture(reader.at(round(n / rate * 48_000)))
            writer.sound(sound[:, round(n / rate * 48_000) : round((n + 1) / rate * 48_000)])
    return out


def renders(dice: random.Random) -> tuple[int, int]:
    """-> (kills, files that were half there under their final name, or parts left after the next start)."""
    with tempfile.TemporaryDirectory() as folder:
        home = Path(folder)
        environment, out, bad, kills = homes.home(home), home / "out", 0, 0
        film = _clip(home)
        command = [sys.executable, "-m", "standtall", "make", "--to=6", f"--out={out}", "--", str(film)]
        subprocess.run(command, env=environment, check=True, capture_output=True)
        while kills < COUNT:
            kills += killed(command, environment, dice.uniform(0.3, 5.0))
            for file in out.glob("*.mp4"):
                bad += not file.name.startswith(".") and not _whole(file)
                file.unlink()
        cleared(environment)
        bad += len(parts_in(home))
    return kills, bad


QUEUED = 20
QUEUE = """
import sys, threading
from pathlib import Path
from PySide6.QtCore import QTimer
from standtall.ui.widgets import dressing, theme
from standtall.ui.app.application import dressed
from standtall.base.files import clear_parts
from standtall.base.folders import state_folder
from standtall.jobs.queue import JobQueue
from standtall.jobs.requests import Asked
from standtall.jobs.store import Store
from standtall.model.codec import from_plain
from standtall.ui.app.window import MainWindow
import json
application = dressed(["bench"]); clear_parts(); window = MainWindow()
renders = window.workspace.renders
if len(sys.argv) > 1:
    renders.ask([from_plain(Asked, r).request for r in json.loads(Path(sys.argv[1]).read_text())])
window.workspace.jobs.resume()
def look():
    done = sum(r.state == "done" for r in renders.over)
    print(done, len(renders.live), flush=True)
    if done and not renders.live and window.workspace.jobs.queue.idle(1) and not list((state_folder() / "queue").glob("*.json")):
        application.quit()
timer = QTimer(); timer.timeout.connect(look); timer.start(200)
application.exec()
"""


def queues(dice: random.Random) -> tuple[int, int, int]:
    """Kills of the window with a queue of 20 renders, until 200 are counted; -> (kills, rows that did not end whole, or that ended
    twice, and files that nobody asked for, parts left)."""
    from standtall.jobs.requests import Asked
    from standtall.model.codec import to_plain

    kills = wrong = left = 0
    with tempfile.TemporaryDirectory() as folder:
        home = Path(folder)
        asked = home / "asked.json"
        while kills < 2 * COUNT:
            environment, out = homes.home(home / f"after {kills}"), home / f"out {kills}"
            requests = _small_renders(out)
            asked.write_text(json.dumps([to_plain(Asked(r)) for r in requests]))
            state = Path(environment["XDG_STATE_HOME"]) / "stand-tall"
            begun = False
            for _ in range(400):
                command = [sys.executable, "-c", QUEUE, *([] if begun else [str(asked)])]
                was_killed = killed(command, environment, dice.uniform(1.5, 11.0))
                waiting = list((state / "queue").glob("*.json"))
                if not begun and len(waiting) < QUEUED and not (state / "renders.json").exists():
                    for path in waiting:  # killed while it was asked: nobody was told that it is in the queue
                        path.unlink()
                    continue
                begun = True
                kills += was_killed
                if not was_killed:
                    break
            cleared(environment)
            rows = json.loads((state / "renders.json").read_text())["rows"]
            names = [Path(r["file"]).name for r in rows if r["state"] == "done"]
            whole = {f.name for f in out.iterdir() if f.suffix == ".mp4" and _whole(f, 0.5)}
            expected = {Path(r.out).name for r in requests}
            wrong += len(expected ^ whole) + len(names) - len(set(names)) + len(expected - set(names))
            left += len(parts_in(home)) + len([f for f in out.iterdir() if f.name not in expected])
            print(f"  {kills} kills: {len(names)} rows done, {len(whole)} files whole", flush=True)
    return kills, wrong, left


def _small_renders(out: Path) -> list[RenderRequest]:
    """Twenty small renders of short passages of the demo."""
    from bench.demo import demo
    from standtall.model.cut import Segment
    from standtall.model.short import Short
    from standtall.session.render_request import render_request

    out.mkdir()
    source, analysis = demo()
    made = []
    for n in range(QUEUED):
        short = Short.of(f"row {n}", (Segment(source.key, (5 + 6 * n) * 48_000, (6 + 6 * n) * 48_000),))
        short = replace(short, output=replace(short.output, width=180, height=320))
        made.append(render_request(short, {source.key: (source, analysis)}, out / f"row {n}.mp4"))
    return made


def _whole(file: Path, least_s: float = 4.0) -> bool:
    from standtall.base.errors import MediaError
    from standtall.media.probe import probe
    from standtall.render.check import index_first

    with contextlib.suppress(MediaError):
        return index_first(file) and probe(file).length > least_s * 48_000
    return False


def run() -> Iterator[Row]:
    dice = random.Random(11)
    acknowledged, lost = windows(dice)
    yield Row("kills of the window while it is edited", COUNT, "count", ">= 100")
    yield Row("edits that were acknowledged before them", acknowledged, "count")
    yield Row("of them lost, or parts left", lost, "count", "<= 0")
    kills, differ, left = analyses(dice)
    yield Row("kills of analyses", kills, "count", ">= 100")
    yield Row("results that are not those of an analysis never killed", differ, "count", "<= 0")
    yield Row("parts left after the next start", left, "count", "<= 0")
    kills, bad = renders(dice)
    yield Row("kills of renders", kills, "count", ">= 100")
    yield Row("files half there under their final name, or parts left", bad, "count", "<= 0")
    yield from queue_rows()


def queue_rows() -> Iterator[Row]:
    """Kills of the window with a queue of 20 renders."""
    kills, wrong, left = queues(random.Random(12))
    yield Row("kills in a queue of 20 renders", kills, "count", ">= 200")
    yield Row("rows that did not end whole, or twice", wrong, "count", "<= 0")
    yield Row("parts left, or files that nobody asked for", left, "count", "<= 0")

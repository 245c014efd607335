"""The preview in the real window: frames in time alone and beside an analysis, and how soon the exact frame is there after a jump."""

from __future__ import annotations

import subprocess
import sys
import tempfile
import time
from collections.abc import Iterator
from pathlib import Path

from bench import homes
from bench.row import Row

PLAYED_S, JUMPS = 10, 100
SCRIPT = """
import random, sys, time
from dataclasses import replace
from PySide6.QtCore import QEventLoop
from standtall.base.time import TICKS_PER_SECOND as S
from standtall.model.cut import Segment
from standtall.model.edits import Edit
from standtall.ui.app.application import dressed, open_files
from standtall.ui.app.window import MainWindow
from standtall.ui.widgets import dressing, theme
app = dressed(["bench"]); dressing.apply(app, theme.LIGHT)
w = MainWindow(); w.resize(1280, 800); w.show(); w._may_end = lambda: True
def turn(seconds):
    until = time.perf_counter() + seconds
    while time.perf_counter() < until:
        app.processEvents(QEventLoop.ProcessEventsFlag.AllEvents, 5); time.sleep(0.001)
def until(true, most=60):
    last = time.perf_counter() + most
    while not true() and time.perf_counter() < last: turn(0.002)
open_files(w, [], True)
until(lambda: w.place == "bench" and w.workspace.opened is not None)
turn(3)
ws, shown = w.workspace, []
until(lambda: not ws.jobs.entries or all(e.state not in ("waiting", "running") for e in ws.jobs.entries), 300)
print("copy", 0 if ws.opened.proxy is None else 1, flush=True)
turn(2)
w.player.shown.connect(lambda p: shown.append((time.perf_counter(), p.frame)))
before = ws.opened
ws.edit(lambda s, _a: Edit("cut", s.with_segments([Segment(s.main_source, 5 * S, 175 * S)])))
until(lambda: ws.opened is not before)
turn(2)
def play(name):
    ws.selection.seek(20 * S); turn(1.5); shown.clear()
    began = time.perf_counter(); w.player.play(); turn(int(sys.argv[1])); w.player.pause()
    played = {f for t, f in shown if t <= began + int(sys.argv[1]) + 0.05}
    print(name, min(1.0, len(played) / ((int(sys.argv[1]) - 0.2) * float(ws.opened.composition.fps))), flush=True)
    turn(0.5)
if sys.argv[3] == "alone":
    play("alone")
    dice, waits, wrong = random.Random(4), [], 0
    for _ in range(int(sys.argv[2])):
        tick = dice.randrange(6 * S, 174 * S)
        turn(0.05); shown.clear()
        wanted = ws.opened.frame_for(tick)
        began = time.perf_counter(); ws.selection.seek(tick)
        until(lambda: any(f == wanted for _t, f in shown), 2)
        hit = [t for t, f in shown if f == wanted]
        wrong += not hit
        waits.append(hit[0] - began if hit else 2.0)
    waits.sort()
    print("jump", waits[len(waits) // 2], waits[int(0.95 * len(waits))], wrong, flush=True)
else:
    print("ready", flush=True); sys.stdin.readline()
    play("beside")
import os
os._exit(0)
"""


def run() -> Iterator[Row]:
    with tempfile.TemporaryDirectory() as home:
        environment = {**homes.home(Path(home)), "QT_QPA_PLATFORM": "offscreen"}
        for line in _told(environment, "alone"):
            kind, *rest = line.split()
            if kind == "copy":
                yield Row("preview: the footage has its quicker copy", float(rest[0]), "count")
            if kind == "alone":
                yield Row("preview: frames in time, nothing else running", float(rest[0]), "share", ">= 0.95")
            elif kind == "jump":
                yield Row("preview: exact frame after a jump, median", 1000 * float(rest[0]), "ms", "<= 40")
                yield Row("preview: the same, 95 of 100", 1000 * float(rest[1]), "ms", "<= 80")
                yield Row("preview: jumps whose frame never came", float(rest[2]), "count", "<= 0")
        yield Row("preview: frames in time beside an analysis", _beside(environment, Path(home)), "share", ">= 0.85")


def _told(environment: dict[str, str], how: str) -> list[str]:
    command = [sys.executable, "-c", SCRIPT, str(PLAYED_S), str(JUMPS), how]
    return subprocess.run(command, capture_output=True, text=True, check=True, env=environment, stdin=subprocess.DEVNULL).stdout.splitlines()


def _beside(environment: dict[str, str], home: Path) -> float:
    """Played while another process analyses a copy of the programme that nothing is known of."""
    from standtall.demo.programme import programme

    window = subprocess.Popen([sys.executable, "-c", SCRIPT, str(PLAYED_S), str(JUMPS), "beside"], stdin=subprocess.PIPE,
                              stdout=subprocess.PIPE, text=True, env=environment)  # fmt: skip
    assert window.stdin is not None and window.stdout is not None
    while window.stdout.readline().strip() != "ready":
        pass  # it tells first whether there is a quicker copy
    film = programme(home / "film")
    with film.open("ab") as file:
        file.write(b"\0\0\0\x08free")  # another content, so that nothing of it is kept
    analysis = subprocess.Popen([sys.executable, "-m", "standtall", "analyse", str(film)], stdout=subprocess.DEVNULL,
                                stderr=subprocess.DEVNULL, env=environment)  # fmt: skip
    time.sleep(6)
    window.stdin.write("\n")
    window.stdin.flush()
    told = window.stdout.readline().split()
    running = analysis.poll() is None
    analysis.kill()
    analysis.wait()
    window.wait()
    if not running:
        raise SystemExit("The analysis ended before the window had played.")
    return float(told[1])

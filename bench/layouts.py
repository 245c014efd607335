"""Each layout played in the real window, drags of the crop until they are seen, and what each costs to render against a crop."""

from __future__ import annotations

import subprocess
import sys
import tempfile
import time
from collections.abc import Iterator, Sequence
from dataclasses import replace
from pathlib import Path

from bench import homes
from bench.demo import demo
from bench.row import Row
from standtall.base.progress import Progress
from standtall.base.time import TICKS_PER_SECOND
from standtall.model import framing_edits
from standtall.model.cut import Segment
from standtall.model.framing import LAYOUT_TITLES, Bar, Layout
from standtall.model.short import Short
from standtall.render.render import render
from standtall.session.composing import footage_for, worked_out

PLAYED_S = 8
SCREEN_AT_S, TALK_AT_S = 108, 15
"""Where the demo shows a screen with a face, and where people talk, for long enough."""
ROUNDS = 3

PLAY = """
import sys, time
from dataclasses import replace
from PySide6.QtCore import QEventLoop
from standtall.base.time import TICKS_PER_SECOND as S
from standtall.model import framing_edits, keyframe_edits
from standtall.model.cut import Segment
from standtall.model.edits import Edit
from standtall.ui.app.application import dressed, open_files
from standtall.ui.app.window import MainWindow
from standtall.ui.widgets import dressing, theme
app = dressed(["bench"])
dressing.apply(app, theme.LIGHT)
w = MainWindow()
w.resize(1280, 800)
w.show()
w._may_end = lambda: True
def turn(seconds):
    until = time.perf_counter() + seconds
    while time.perf_counter() < until:
        app.processEvents(QEventLoop.ProcessEventsFlag.AllEvents, 5)
        time.sleep(0.001)
def until(true, most=60):
    last = time.perf_counter() + most
    while not true() and time.perf_counter() < last:
        turn(0.01)
open_files(w, [], True)
until(lambda: w.place == "bench" and w.workspace.opened is not None)
turn(3)
ws, shown = w.workspace, []
w.player.shown.connect(lambda p: shown.append((time.perf_counter(), p.frame)))
def edit(make):
    before = ws.opened
    ws.edit(make)
    until(lambda: ws.opened is not before)
for layout, at, *look in eval(sys.argv[1]):
    key = ws.opened.source.key
    edit(lambda s, _a: Edit("cut", replace(framing_edits.set_layout_of_all(s, layout).short,
                                           cut=replace(s.cut, segments=(Segment(key, at * S, (at + 12) * S),)),
                                           captions=replace(s.captions, look=look[0] if look else s.captions.look))))
    if "extras" in look:
        from pathlib import Path
        from bench.every_extra import with_every_extra
        import tempfile
        source, kept = ws.opened.source, tempfile.mkdtemp()
        edit(lambda s, _a: Edit("all", with_every_extra(s, source, Path(kept))))
        until(lambda: ws.sounding.of(ws.opened.composition) is not None)
    ws.selection.seek(at * S)
    turn(1.5)
    shown.clear()
    began = time.perf_counter()
    w.player.play()
    turn(int(sys.argv[2]))
    w.player.pause()
    played = {f for t, f in shown if t <= began + int(sys.argv[2]) + 0.05}
    due = (int(sys.argv[2]) - 0.2) * float(ws.opened.composition.fps)  # it takes a moment to begin
    print("played", look[0] if look else layout, min(1.0, len(played) / due), flush=True)
    turn(0.5)
edit(lambda s, _a: framing_edits.set_layout_of_all(s, "follow"))
ws.selection.seek(16 * S)
turn(1)
opened, shot, waits = ws.opened, ws.opened.shot_at(16 * S), []
for n in range(60):
    shown.clear()
    began = time.perf_counter()
    ws.trial.show(opened, lambda s: keyframe_edits.set_crop(s, shot, 0.35 + 0.005 * n, 0.5, 0.9), 16 * S)
    until(lambda: bool(shown), 2)
    waits.append(shown[0][0] - began if shown else 2.0)
    turn(0.01)
waits.sort()
print("drag", waits[len(waits) // 2], waits[int(0.95 * len(waits))], flush=True)
w.end()
turn(0.3)
import os
os._exit(0)
"""


def played(plan: Sequence[tuple[object, ...]]) -> list[str]:
    """What the real window tells of playing a layout from a second of the demo on, in a look if one is named."""
    with tempfile.TemporaryDirectory() as home:
        return subprocess.run(
            [sys.executable, "-c", PLAY, repr(plan), str(PLAYED_S)],
            capture_output=True, text=True, check=True, env={**homes.home(Path(home)), "QT_QPA_PLATFORM": "offscreen"},
        ).stdout.splitlines()  # fmt: skip


def run() -> Iterator[Row]:
    for line in played([(layout, SCREEN_AT_S if layout in ("screen", "corner") else TALK_AT_S) for layout in LAYOUT_TITLES]):
        kind, *rest = line.split()
        if kind == "played":
            yield Row(f"frames shown in time in the window, {rest[0]}", float(rest[1]), "share", ">= 0.95")
        elif kind == "drag":
            yield Row("drag of the crop to its picture, median", 1000 * float(rest[0]), "ms", "<= 50")
            yield Row("drag of the crop to its picture, 19 of 20", 1000 * float(rest[1]), "ms")
    yield from _rendered()


def _rendered() -> Iterator[Row]:
    """Each layout rendered in turns with a crop of the same ten seconds, the middle of three ratios."""
    ratios: dict[Layout, list[float]] = {layout: [] for layout in LAYOUT_TITLES if layout != "follow"}
    with tempfile.TemporaryDirectory() as folder:
        for _ in range(ROUNDS):
            for layout, found in ratios.items():
                at = SCREEN_AT_S if layout in ("screen", "corner") else TALK_AT_S
                found.append(_seconds(layout, at, folder) / _seconds("follow", at, folder))
    for layout, found in ratios.items():
        goal = "<= 1.25" if layout == "whole" else ""
        yield Row(f"render of {LAYOUT_TITLES[layout]}, of a crop", sorted(found)[len(found) // 2], "ratio", goal)


def _seconds(layout: Layout, at: int, folder: str) -> float:
    source, analysis = demo()
    short = Short.of("a", (Segment(source.key, at * TICKS_PER_SECOND, (at + 10) * TICKS_PER_SECOND),))
    short = framing_edits.set_layout_of_all(short, layout).short
    short = framing_edits.set_bar(short, replace(Bar(), width=0.01)).short
    made = worked_out(short, footage_for(short, source, analysis))
    began = time.perf_counter()
    render(made, Path(folder) / "out.mp4", Progress())
    return time.perf_counter() - began

"""A newcomer who has read nothing: from the first screen to a finished, proved file of the demo's best moment, by clicks alone."""

from __future__ import annotations

import json
import subprocess
import sys
import tempfile
from collections.abc import Iterator
from pathlib import Path

from bench import homes
from bench.row import Row

CLICKS = """
import json, sys, time
from pathlib import Path
from PySide6.QtCore import QEventLoop, Qt
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QAbstractButton
from standtall.ui.app.application import dressed, open_files
from standtall.ui.app.window import MainWindow
from standtall.ui.widgets import dressing, theme
app = dressed(["bench"])
began = time.perf_counter()
w = MainWindow()
dressing.apply(app, theme.LIGHT)
w.resize(1280, 800)
w.show()
w._may_end = lambda: True
open_files(w, [], False)
clicks = []
def until(true, most=300):
    last = time.perf_counter() + most
    while not true():
        app.processEvents(QEventLoop.ProcessEventsFlag.AllEvents, 10)
        time.sleep(0.005)
        if time.perf_counter() > last:
            raise SystemExit(f"after {clicks}: it never came")
def button(text, inside):
    found = [b for b in inside.findChildren(QAbstractButton) if b.isVisible() and b.isEnabled() and b.text().startswith(text)]
    return found[0] if found else None
def click(text, inside=w):
    until(lambda: button(text, inside) is not None)
    clicks.append(text)
    QTest.mouseClick(button(text, inside), Qt.MouseButton.LeftButton)
click("Try it on the demo")
until(lambda: w.place == "bench" and w.workspace.opened is not None)
click("Leave")
click("Moments")
click("Find moments")
until(lambda: bool(w.moments.cards) and w.moments.cards[0].isVisible())
best = w.moments.cards[0].moment
before = w.workspace.opened.entry.id
click("Make a short", w.moments.cards[0])
until(lambda: w.place == "bench" and w.workspace.opened is not None and w.workspace.opened.entry.id != before)
made = w.workspace.opened.entry.short
click("Render", w.preview_pane.rendering)
until(lambda: any(r.state in ("done", "failed") for r in w.workspace.renders.over), 900)
row = w.workspace.renders.over[0]
wrong = [f.point for f in row.findings if not f.right]
print(json.dumps({"clicks": len(clicks), "seconds": time.perf_counter() - began, "state": row.state, "file": Path(row.file).is_file(),
                  "points": len(row.findings), "wrong": wrong, "same": best.lead is not None or abs(made.segments[0].start - best.start) < 48000,
                  "length": made.length / 48000}), flush=True)
w.end()
"""


def run() -> Iterator[Row]:
    with tempfile.TemporaryDirectory() as home:
        done = subprocess.run(
            [sys.executable, "-c", CLICKS], capture_output=True, text=True, env=homes.home(Path(home)), timeout=1800
        )
        if done.returncode or not done.stdout.strip():
            raise RuntimeError(done.stderr[-2000:])
        told = json.loads(done.stdout.splitlines()[-1])
    right = told["state"] == "done" and told["file"] and told["points"] > 0 and not told["wrong"] and told["same"]
    yield Row("first use: clicks to a finished, proved file of the best moment", told["clicks"] if right else 999, "count", "<= 10")
    yield Row("first use: that took, rendering and all", told["seconds"], "s")
    yield Row("first use: of which the file lasts", told["length"], "s")

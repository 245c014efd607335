"""Cold start to the first painted Bench on the analysed demo, and stalls of the event loop under load."""

from __future__ import annotations

import compileall
import statistics
import subprocess
import sys
import tempfile
from collections.abc import Iterator
from pathlib import Path

import standtall
from bench import homes
from bench.row import Row

START = """
import time
began = time.perf_counter()
from standtall.base.memory import begin_to_load
begin_to_load()
import standtall.ui
from PySide6.QtCore import QEvent, QObject, QTimer
from standtall.ui.widgets import theme
from standtall.ui.app.application import dressed, show_first
application = dressed(["bench"])
class First(QObject):
    def eventFilter(self, of, event):
        if event.type() == QEvent.Type.Paint and of is window and not hasattr(self, "seen"):
            self.seen = True
            QTimer.singleShot(0, lambda: print(time.perf_counter() - began, flush=True))
        return False
window = show_first(application, theme.LIGHT, [], True)
first = First()
window.installEventFilter(first)
def painted(shown):
    window.repaint()
    print(time.perf_counter() - began, flush=True)
    QTimer.singleShot(0, window.close)
window.player.shown.connect(painted)
application.exec()
"""

STALLS = """
import sys
from pathlib import Path
from PySide6.QtCore import QTimer
from standtall.ui.widgets import theme
from standtall.ui.app.application import dressed, dressed_window, open_files
from standtall.jobs.process import Job
from standtall.jobs.requests import AnalyseRequest
from standtall.media.probe import probe
from standtall.model.brief import Brief
from bench.stalls import Stalls
application = dressed(["bench"])
window = dressed_window(application, theme.LIGHT)
window.show()
open_files(window, [], True)
watch = []
job = Job(AnalyseRequest(probe(Path(sys.argv[1])), Brief()), lambda event: None)
def begin():
    window.preview_pane.rendering.folder = Path(sys.argv[2])
    window.preview_pane.rendering.start()
    job.start()
    if "also" in sys.argv:
        window.player.play()
    watch.append(Stalls(0.02))
def cut():
    window.workspace.selection.select(range(20, 24))
    window.bench.inspector.chosen.cut()
def end():
    found = watch[0].lengths()
    job.cancel()
    job.wait(20)
    print(max(found, default=0.02) * 1000, sum(g > 0.05 for g in found), flush=True)
    window.end()
QTimer.singleShot(4000, begin)
if "also" in sys.argv:
    QTimer.singleShot(9000, cut)
QTimer.singleShot(24000, end)
application.exec()
"""


def child(code: str, *arguments: str, home: str) -> list[float]:
    run = subprocess.run([sys.executable, "-c", code, *arguments], capture_output=True, text=True, check=True, env=homes.home(Path(home)))
    return [float(v) for v in run.stdout.split()]


def run() -> Iterator[Row]:
    from standtall.demo.programme import programme

    with tempfile.TemporaryDirectory() as home:
        compileall.compile_dir(Path(standtall.__file__).parent, quiet=2)  # as the set-up does, as well as:
        subprocess.run([sys.executable, "-m", "standtall.cli.keep_methods"], check=True)
        starts = [child(START, home=home)[:2] for _ in range(4)]
        first, bench = (statistics.median(times) for times in zip(*starts, strict=True))
        yield Row("cold start to the first painted window", first, "s", "<= 1")
        yield Row("cold start to the first painted Bench", bench, "s", "<= 2")
        copy = Path(home) / "other.mp4"
        copy.write_bytes(programme().read_bytes() + b"\0" * 64)  # other content, so that it is analysed anew
        longest, _over = child(STALLS, str(copy), f"{home}/out", home=home)
        yield Row("longest stall while analysing and rendering, less what a sleeping process saw", longest, "ms", "<= 50")
        copy.write_bytes(copy.read_bytes() + b"\0" * 64)
        longest, over = child(STALLS, str(copy), f"{home}/out2", "also", home=home)
        yield Row("longest stall while also playing and editing, less what a sleeping process saw", longest, "ms", "<= 50")
        yield Row("stalls over 50 ms then, in 20 s", over, "count")

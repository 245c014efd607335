"""How long the interface thread itself works in one turn of its event loop when somebody goes everywhere, with nothing beside it.

python -m bench.turns, in a home of its own, prints the figures of one window as JSON.
"""

from __future__ import annotations

import json
import os
import subprocess
import sys
import tempfile
import time
from collections.abc import Callable, Iterator
from pathlib import Path

os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")

from PySide6.QtCore import QEventLoop, QTimer
from PySide6.QtWidgets import QApplication, QDialog

from bench import homes
from bench.row import Row
from standtall.ui.app.application import dressed, dressed_window, open_files
from standtall.ui.app.window import MainWindow
from standtall.ui.footage.preview_copies import PreviewCopies
from standtall.ui.widgets import theme

ROUNDS = 4
AFTER_S = 0.7
"""So long it is looked at after each step."""
WINDOWS = 3


def run() -> Iterator[Row]:
    """The least of several: the clock of a thread runs on while its core is taken."""
    told: dict[str, list[float]] = {}
    for _ in range(WINDOWS):
        with tempfile.TemporaryDirectory() as home:
            one = subprocess.run([sys.executable, "-m", "bench.turns"], capture_output=True, text=True, check=True, env=homes.home(Path(home)))
        for step, ms in json.loads(one.stdout.splitlines()[-1]).items():
            told.setdefault(step, []).append(ms)
    least = {step: min(found) for step, found in told.items()}
    for name, kind in (("for the first time", "first"), ("again", "again"), ("light to dark and back", "theme"), ("sheets", "sheet")):
        longest = max((ms, step) for step, ms in least.items() if step.startswith(kind))
        yield Row(f"longest turn, own time: {name} ({longest[1].removeprefix(kind).strip() or name})", longest[0], "ms", "<= 50")


def steps(window: MainWindow) -> Iterator[tuple[str, Callable[[], object]]]:
    """Every place, panel and tab."""
    inspector = window.bench.inspector
    for place in window.all_places:
        yield place.name, lambda p=place.name: window.go(p)  # type: ignore[misc]
    window.go("bench")
    for panel in ("framing", "captions", "extras", "sound", "translation", "words"):
        yield panel, lambda p=panel: inspector.show_panel(p)  # type: ignore[misc]
    for tab in ("pieces", "tighten", "transcript", "chosen"):
        yield tab, lambda t=tab: inspector.show_side(t)  # type: ignore[misc]
    for name, side in (("renders", window.renders.side), ("calendar", window.calendar.side)):
        yield name, lambda n=name: window.go(n)  # type: ignore[misc]
        for tab in side.keys:
            yield f"{name} {tab}", lambda s=side, t=tab: s.show_tab(t)  # type: ignore[misc]


def longest_ms(application: QApplication, does: Callable[[], object]) -> float:
    """The longest turn of the event loop from a step on, in the thread's own time."""
    began = time.thread_time()
    does()
    application.processEvents()
    found = time.thread_time() - began
    until = time.monotonic() + AFTER_S
    while time.monotonic() < until:
        began = time.thread_time()
        application.processEvents(QEventLoop.ProcessEventsFlag.WaitForMoreEvents)
        found = max(found, time.thread_time() - began)
    return 1000 * found


def main() -> None:
    application = dressed(["bench"])
    PreviewCopies.want = lambda _self, _source: None  # type: ignore[method-assign]
    window = dressed_window(application, theme.LIGHT)
    window.resize(1280, 800)
    window.show()
    open_files(window, [], True)
    alive = QTimer()
    alive.start(20)
    while window.workspace.opened is None:
        application.processEvents(QEventLoop.ProcessEventsFlag.WaitForMoreEvents)
    longest_ms(application, window.player.pause)
    if window.walking is not None:
        window.walking.end()
    told: dict[str, float] = {}
    for number in range(ROUNDS):
        for name, does in steps(window):
            step = f"{'again' if number else 'first'} {name}"
            told[step] = min(told.get(step, 1e9), longest_ms(application, does))
        window.go("bench")
        for _ in range(2):
            told["theme"] = min(told.get("theme", 1e9), longest_ms(application, window.change_theme))
        for name, opens in (("preferences", window.show_preferences), ("help", window.show_help), ("shortcuts", window._show_shortcuts)):
            told[f"sheet {name}"] = min(told.get(f"sheet {name}", 1e9), longest_ms(application, opens))
            for sheet in window.findChildren(QDialog):
                sheet.close()
    print(json.dumps(told), flush=True)
    os._exit(0)


if __name__ == "__main__":
    main()

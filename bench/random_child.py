"""A real window under random keys, clicks, drags and drops; prints what went wrong as JSON.

python -m bench.random_child inputs SEED COUNT
python -m bench.random_child memory SECONDS
python -m bench.random_child use SECONDS [SEED]
"""

from __future__ import annotations

import gc
import json
import os
import random
import shutil
import sys
import threading
import time
from collections.abc import Callable
from pathlib import Path

os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")

from PySide6.QtCore import QMimeData, QPoint, QPointF, Qt, QTimer, QUrl, qInstallMessageHandler
from PySide6.QtGui import QContextMenuEvent, QDesktopServices, QDrag, QDragEnterEvent, QDropEvent, QWheelEvent
from PySide6.QtTest import QTest
from PySide6.QtWidgets import (
    QAbstractButton,
    QApplication,
    QDialog,
    QFileDialog,
    QInputDialog,
    QLabel,
    QMainWindow,
    QMenu,
    QMessageBox,
    QWidget,
)

from bench.stalls import Stalls
from standtall.base.log import hear_all, log_file
from standtall.demo.programme import programme
from standtall.jobs.events import Ended, Event, Problem, Progressed
from standtall.jobs.process import Job
from standtall.jobs.requests import AnalyseRequest, Request
from standtall.media.probe import probe
from standtall.model.brief import Brief
from standtall.session.render_request import render_request
from standtall.ui.app.application import dressed, dressed_window, open_files
from standtall.ui.app.window import MainWindow
from standtall.ui.state.opened import Opened
from standtall.ui.widgets import theme

THREADS = {"MainThread", "project", "footage", "player", "posts", "queue"}
KEYS = [Qt.Key(k) for k in (*range(0x41, 0x5B), *range(0x30, 0x3A), 0x20, 0x2C, 0x2E, 0x3C, 0x3E, 0x5B, 0x5D)] + [
    Qt.Key.Key_Return, Qt.Key.Key_Escape, Qt.Key.Key_Tab, Qt.Key.Key_Backtab, Qt.Key.Key_Delete, Qt.Key.Key_Backspace, Qt.Key.Key_Up,
    Qt.Key.Key_Down, Qt.Key.Key_Left, Qt.Key.Key_Right, Qt.Key.Key_Home, Qt.Key.Key_End, Qt.Key.Key_PageUp, Qt.Key.Key_PageDown,
    *(Qt.Key(0x01000030 + n) for n in range(12)),
]  # fmt: skip
MODIFIERS = [Qt.KeyboardModifier.NoModifier] * 6 + [
    Qt.KeyboardModifier.ControlModifier, Qt.KeyboardModifier.ShiftModifier, Qt.KeyboardModifier.AltModifier,
    Qt.KeyboardModifier.ControlModifier | Qt.KeyboardModifier.ShiftModifier,
]  # fmt: skip


class Played:
    """Stands in for a job: a few reports and an end, from a thread of its own (real ones are killed in `bench kills`)."""

    def __init__(self, _request: Request, listener: Callable[[Event], None]) -> None:
        self._listener, self._stop = listener, threading.Event()

    def start(self) -> None:
        threading.Thread(target=self._run, name="played", daemon=True).start()

    def _run(self) -> None:
        for share in (0.0, 0.5, 1.0):
            self._listener(Progressed("words", share))
            if self._stop.wait(0.05):
                self._listener(Ended("stopped"))
                return
        self._listener(Problem("Planted.", "Nothing to do."))
        self._listener(Ended("failed"))

    def cancel(self) -> None:
        self._stop.set()


class Hand:
    """Does something random, one thing at each turn of the event loop."""

    def __init__(self, window: MainWindow, seed: int, footage_files: list[Path]) -> None:
        self.window, self.dice, self.files = window, random.Random(seed), footage_files
        self.count = 0
        self.own: list[tuple[float, float]] = []
        """When this looked for a widget, which is no work of the window."""
        self.last = ""
        for kind, name in ((QFileDialog, "getOpenFileName"), (QFileDialog, "getSaveFileName")):
            setattr(kind, name, lambda *_a, **_k: (self._name(), ""))
        QFileDialog.getOpenFileNames = lambda *_a, **_k: ([str(self.dice.choice(self.files))], "")  # type: ignore[assignment, method-assign]
        QInputDialog.getItem = lambda *_a, **_k: ("", False)  # type: ignore[assignment, method-assign]
        QDrag.exec = lambda drag, *_a: self._let_go(drag)  # type: ignore[assignment, method-assign]
        QDesktopServices.openUrl = lambda _url: True  # type: ignore[assignment, method-assign]
        QMessageBox.exec = lambda _box: 0  # type: ignore[assignment, method-assign]

    def _name(self) -> str:
        if self.dice.random() < 0.5:
            return ""
        return str(
            self.files[0].parent / self.dice.choice(["a.standtall", "b.standtall", "words.json", "x.xlf", "words.srt", "c.txt"])
        )

    def do(self) -> None:
        popup = QApplication.activePopupWidget()
        if popup is not None:
            self._in_popup(popup)
            return
        modal = QApplication.activeModalWidget()
        if isinstance(modal, QDialog) and self.dice.random() < 0.2:
            modal.close()
            return
        top = modal or self.window
        r = self.dice.random()
        if r < 0.45:
            target = QApplication.focusWidget() if self.dice.random() < 0.7 else top
            QTest.keyClick(target or top, self.dice.choice(KEYS), self.dice.choice(MODIFIERS))
        elif r < 0.75:
            self._click(top)
        elif r < 0.85:
            self._drag(top)
        elif r < 0.9:
            self._wheel(top)
        elif r < 0.92:
            self._drop()
        elif r < 0.94:
            self._menu(top)
        else:
            self._meanwhile()

    def _in_popup(self, popup: QWidget) -> None:
        actions = [a for a in popup.actions() if a.isEnabled()] if isinstance(popup, QMenu) else []
        if actions and self.dice.random() < 0.5:
            actions[self.dice.randrange(len(actions))].trigger()
        popup.close()

    def _widget(self, top: QWidget) -> QWidget:
        began = time.monotonic()
        seen = [w for w in top.findChildren(QWidget) if w.isVisible() and w.width() > 2 and w.height() > 2]
        chosen = self.dice.choice(seen) if seen else top
        self.own.append((began, time.monotonic()))
        says = chosen.text() if isinstance(chosen, QAbstractButton | QLabel) else ""
        self.last = f"{type(chosen).__name__} {chosen.accessibleName() or says}"[:80]
        return chosen

    def _spot(self, widget: QWidget) -> QPoint:
        return QPoint(self.dice.randrange(widget.width()), self.dice.randrange(widget.height()))

    def _click(self, top: QWidget) -> None:
        widget = self._widget(top)
        button = Qt.MouseButton.LeftButton if self.dice.random() < 0.9 else Qt.MouseButton.RightButton
        how = QTest.mouseDClick if self.dice.random() < 0.15 else QTest.mouseClick
        how(widget, button, self.dice.choice(MODIFIERS), self._spot(widget))

    def _drag(self, top: QWidget) -> None:
        widget = self._widget(top)
        QTest.mousePress(widget, Qt.MouseButton.LeftButton, self.dice.choice(MODIFIERS), self._spot(widget))
        for _ in range(self.dice.randrange(4)):
            QTest.mouseMove(widget, self._spot(widget))
        if self.dice.random() < 0.2:
            QTest.keyClick(widget, Qt.Key.Key_Escape)
        QTest.mouseRelease(widget, Qt.MouseButton.LeftButton, Qt.KeyboardModifier.NoModifier, self._spot(widget))

    def _wheel(self, top: QWidget) -> None:
        widget = self._widget(top)
        at = QPointF(self._spot(widget))
        turn = QPoint(0, self.dice.choice([-240, -120, 120, 240]))
        event = QWheelEvent(
            at, QPointF(widget.mapToGlobal(at.toPoint())), QPoint(), turn, Qt.MouseButton.NoButton, self.dice.choice(MODIFIERS),
            Qt.ScrollPhase.NoScrollPhase, False,
        )  # fmt: skip
        QApplication.sendEvent(widget, event)

    def _menu(self, top: QWidget) -> None:
        widget = self._widget(top)
        at = self._spot(widget)
        reason = self.dice.choice([QContextMenuEvent.Reason.Mouse, QContextMenuEvent.Reason.Keyboard])
        event = QContextMenuEvent(reason, at, widget.mapToGlobal(at), Qt.KeyboardModifier.NoModifier)
        QApplication.sendEvent(widget, event)

    def _let_go(self, drag: QDrag) -> Qt.DropAction:
        """What is dragged is let go over anything."""
        self._drop_on(self._widget(self.window), drag.mimeData())
        return Qt.DropAction.CopyAction

    def _drop(self) -> None:
        data = QMimeData()
        data.setUrls([QUrl.fromLocalFile(str(self.dice.choice(self.files)))])
        self._drop_on(self.dice.choice([self.window.footage, self.window, self._widget(self.window)]), data)

    def _drop_on(self, widget: QWidget, data: QMimeData) -> None:
        at, copy, button = self._spot(widget), Qt.DropAction.CopyAction, Qt.MouseButton.LeftButton
        enter = QDragEnterEvent(at, copy, data, button, Qt.KeyboardModifier.NoModifier)
        QApplication.sendEvent(widget, enter)
        if enter.isAccepted():
            QApplication.sendEvent(widget, QDropEvent(QPointF(at), copy, data, button, Qt.KeyboardModifier.NoModifier))

    def _meanwhile(self) -> None:
        """What comes from elsewhere: another project or source is opened, or the place changes."""
        ws, r = self.window.workspace, self.dice.random()
        if r < 0.12:
            ws.open_project(self.files[0].parent / f"{self.dice.choice('abc')}.standtall")
        elif r < 0.35 and ws.sources:
            ws.open_source(self.dice.choice(ws.sources))
        elif r < 0.5 and ws.sources:
            ws.refresh_found(self.dice.choice(ws.sources), self.dice.random() < 0.5)
        elif r < 0.55:
            open_files(self.window, [], True)
        else:
            self.window.go(self.dice.choice(["footage", "moments", "bench", "bench", "renders", "calendar"]))


def shown() -> tuple[QApplication, MainWindow]:
    application = dressed(["bench"])
    MainWindow._may_end = lambda _self: True  # type: ignore[method-assign]
    window = dressed_window(application, theme.LIGHT)
    window.workspace.jobs.queue.backend = Played
    window.resize(1280, 800)
    window.show()
    open_files(window, [], True)
    return application, window


def inputs(seed: int, count: int) -> None:
    faults: list[str] = []
    qt: list[str] = []
    hear_all(faults.append)
    application, window = shown()
    qInstallMessageHandler(lambda _kind, _where, text: qt.append(text) if "This plugin does not support" not in text else None)
    home = Path(os.environ["XDG_DATA_HOME"])
    films = []
    for n in range(2):
        films.append(home / f"film {n}.mp4")
        shutil.copyfile(next(home.rglob("*.mp4")) if n == 0 and list(home.rglob("*.mp4")) else __file__, films[-1])
    (home / "words.srt").write_text("1\n00:00:01,000 --> 00:00:02,000\nWelcome to the allotment\n")
    hand, stalls = Hand(window, seed, films), Stalls()

    def turn() -> None:
        if hand.count >= count or not window.isVisible():
            application.exit(0)
            return
        hand.count += 1
        again.start(0)
        hand.do()

    again = QTimer()
    again.setSingleShot(True)
    again.timeout.connect(turn)
    settle = QTimer()
    settle.setSingleShot(True)
    settle.timeout.connect(turn)
    settle.start(6000)
    application.exec()
    answered: list[int] = []
    window.workspace.project_thread.do(lambda: 1, answered.append)
    window.workspace.in_background("words", lambda: 1, answered.append)
    until = time.monotonic() + 60
    while len(answered) < 2 and time.monotonic() < until:
        application.processEvents()
        time.sleep(0.01)
    alive = {t.name for t in threading.enumerate()}
    logged = log_file().read_text("utf-8") if log_file().exists() else ""
    told = {
        "inputs": hand.count, "faults": faults + [line for line in logged.splitlines() if "Traceback" in line], "qt": qt,
        "dead": sorted(THREADS - alive) + ["does not answer"] * (2 - len(answered)), "stall_s": stalls.longest(), "log": logged[-12000:],
    }  # fmt: skip
    print(json.dumps(told), flush=True)
    window.end()
    os._exit(0)


def use(seconds: float, seed: int) -> None:
    """Random use at a person's pace while footage is analysed and a short rendered; -> the gaps of the event loop."""
    application, window = shown()
    qInstallMessageHandler(lambda _kind, _where, _text: None)
    home = Path(os.environ["XDG_DATA_HOME"])
    film = home / "film.mp4"
    hand = Hand(window, seed, [film])
    stalls: list[Stalls] = []
    told: list[tuple[float, str]] = []
    load = Load(home)

    def turn() -> None:
        timer.start(PACE_MS)  # before anything is done that may open a menu with a loop of its own
        if not stalls:
            if window.workspace.opened is None:
                return
            film.write_bytes(programme().read_bytes() + b"\0")
            load.begin(window.workspace.opened)
            stalls.append(Stalls(0.05))
            hand.own.clear()
            until.append(time.monotonic() + seconds)
            return
        if time.monotonic() > until[0] or not window.isVisible():
            application.exit(0)
            return
        hand.last = ""
        hand.count += 1
        hand.do()
        told.append((time.monotonic(), hand.last))

    until: list[float] = []
    timer = QTimer()
    timer.setSingleShot(True)
    timer.timeout.connect(turn)
    timer.start(PACE_MS)
    application.exec()
    load.end()
    lengths = stalls[0].lengths(hand.own)
    over = sorted(((s, g) for s, g in zip(lengths, stalls[0].gaps, strict=True) if s > 0.05), key=lambda f: f[0], reverse=True)
    said = [(round(1000 * s), next((text for at, text in reversed(told) if at <= g.end + 0.01), "")) for s, g in over]
    worked = sorted((round(1000 * own) for own in stalls[0].own(hand.own) if own > 0.05), reverse=True)
    print(
        json.dumps(
            {"inputs": hand.count, "jobs": load.done, "longest_ms": said[0][0] if said else 0, "count": len(said), "worked": worked, "over": said}
        ),
        flush=True,
    )
    os._exit(0)


PACE_MS = 250


class Load:
    """An analysis and a render, each begun anew as it ends, in processes as the program begins them."""

    def __init__(self, home: Path) -> None:
        self._home, self.done, self._on = home, 0, True
        self._jobs: dict[str, Job] = {}

    def begin(self, opened: Opened) -> None:
        self._short = opened.entry.short
        self._footage = {key: (f.source, f.analysis) for key, f in opened.composition.footage.items()}
        self._next("analysis")
        self._next("render")

    def _next(self, what: str) -> None:
        if not self._on:
            return
        self.done += 1
        if what == "analysis":
            film = self._home / f"other {self.done}.mp4"
            film.write_bytes(programme().read_bytes() + bytes(self.done))
            request: Request = AnalyseRequest(probe(film), Brief())
        else:
            request = render_request(self._short, self._footage, self._home / f"{self.done}.mp4")
        began = time.monotonic()

        def hear(event: Event) -> None:
            if isinstance(event, Problem):
                print(f"{what}: {event}", file=sys.stderr)
            if isinstance(event, Ended) and time.monotonic() - began > 5:  # else something is wrong with it
                self._next(what)

        self._jobs[what] = Job(request, hear)
        self._jobs[what].start()

    def end(self) -> None:
        self._on = False
        for job in self._jobs.values():
            job.cancel()


def memory(seconds: float) -> None:
    """Play and edit for a while; -> the memory after the first tenth and at the end, in MB."""
    application, window = shown()
    dice, ws = random.Random(5), window.workspace
    began: list[float] = []
    marks: list[float] = []
    early: list[float] = []

    def resident() -> float:
        gc.collect()
        return int(Path("/proc/self/statm").read_text().split()[1]) * os.sysconf("SC_PAGESIZE") / 1e6

    def turn() -> None:
        if ws.opened is None:
            return
        began.append(time.monotonic()) if not began else None
        done = (time.monotonic() - began[0]) / seconds
        at = dice.randrange(5, len(ws.opened.analysis.words) - 5)
        ws.selection.select(range(at, at + 3))
        inspector = window.bench.inspector.chosen
        dice.choice(
            [
                inspector.cut,
                inspector.bring_back,
                ws.undo,
                ws.redo,
                window.bench.inspector.captions.toggle,
                window.bench.work.not_spoken,
            ]
        )()
        window.bench.inspector.show_side(dice.choice(["chosen", "pieces", "tighten", "transcript"]))
        if dice.random() < 0.3:
            ws.selection.seek(dice.randrange(ws.opened.source.length))
        if window.player.speed == 0:
            window.player.play()
        if 0.1 <= done < 0.2:
            early.append(resident())
        if done >= 0.9:
            marks.append(resident())
        if done >= 1.0:
            application.exit(0)

    timer = QTimer()
    timer.timeout.connect(turn)
    timer.start(300)
    application.exec()
    print(json.dumps({"early": sum(early) / len(early), "end": sum(marks) / len(marks)}), flush=True)
    window.end()
    os._exit(0)


if __name__ == "__main__":
    assert issubclass(MainWindow, QMainWindow)
    if sys.argv[1] == "inputs":
        inputs(int(sys.argv[2]), int(sys.argv[3]))
    elif sys.argv[1] == "use":
        use(float(sys.argv[2]), int(sys.argv[3]) if len(sys.argv) > 3 else 1)
    else:
        memory(float(sys.argv[2]))

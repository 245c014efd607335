"""Starts the window."""

from __future__ import annotations

import os
import signal
import sys
from collections.abc import Callable, Sequence
from datetime import UTC, datetime, timedelta
from pathlib import Path
from typing import NoReturn

import cv2
from PySide6.QtCore import (
    QElapsedTimer,
    QEvent,
    QLibraryInfo,
    QLocale,
    QMessageLogContext,
    QObject,
    Qt,
    QTimer,
    QtMsgType,
    QTranslator,
    qInstallMessageHandler,
    qVersion,
)
from PySide6.QtGui import QIcon
from PySide6.QtWidgets import QApplication

from standtall.base.crashes import watch_for_crashes
from standtall.base.ending import begin_anew, leave
from standtall.base.files import clear_parts
from standtall.base.interface_language import right_to_left, tr, tr_n, used
from standtall.base.log import hear_all, log_file, note
from standtall.base.memory import give_back_large, settle
from standtall.ink.fonts import load_fonts
from standtall.library import settings
from standtall.library.last_start import clock_behind
from standtall.ui.app.desktop_wishes import Wishes, desktop_wishes
from standtall.ui.app.late import load_late
from standtall.ui.app.one_instance import OneInstance, hand_over
from standtall.ui.app.preferences.taking_effect import set_motion
from standtall.ui.app.window import MainWindow
from standtall.ui.state.new_project import project_for
from standtall.ui.widgets import dressing, theme

SCALE = "QT_SCALE_FACTOR"
LETTERS = "Inter"
"""The family of the window's own letters."""
THOROUGH_MS = 600_000
"""How often at most all of memory is looked through for what is gone, when the person turns to another program."""
AWAY_MS = 5_000
"""Not before the person has been there for so long: a menu or a sheet that closes takes the window from the front briefly."""
IDLE_MS = 5_000
UNSEEN_MS = 600
"""After so long a window that nobody sees goes on without having been painted."""
SETTLED_MS = 3_000
"""After so long without another short on the Bench, what it is made of stays."""
SWITCH_S = 0.00005
"""How long another thread may keep the interpreter while the interface waits for it; Python's own 5 ms are felt, since every
call into Qt asks for it anew."""


def dressed(arguments: Sequence[str]) -> QApplication:
    """The application with our fonts and theme."""
    give_back_large()
    application = QApplication.instance() or QApplication(list(arguments))
    assert isinstance(application, QApplication)
    cv2.setNumThreads(1)  # its own threads would push before the interface
    sys.setswitchinterval(SWITCH_S)
    application.setApplicationName("Stand Tall")
    application.setDesktopFileName("stand-tall")
    application.setWindowIcon(QIcon(str(Path(__file__).with_name("stand-tall.svg"))))
    load_fonts()
    _speak(application)
    return application


def _speak(application: QApplication) -> None:
    """Let Qt's own texts, numbers, dates and the direction of the layout be those of the program's language."""
    code = used().code
    if code != "en" or QLocale().language() not in (QLocale.Language.C, QLocale.Language.English):
        QLocale.setDefault(QLocale(code))
    texts = QTranslator(application)
    if texts.load(f"qtbase_{code}", QLibraryInfo.path(QLibraryInfo.LibraryPath.TranslationsPath)):
        application.installTranslator(texts)
    application.setLayoutDirection(Qt.LayoutDirection.RightToLeft if right_to_left() else Qt.LayoutDirection.LeftToRight)


def dressed_window(application: QApplication, look: theme.Theme, opening: str = "", whole: bool = True) -> MainWindow:
    """The window, not yet shown. What was loaded up to the first time that something is on the Bench stays for good."""
    dressing.begin(application, look)  # also the drawings on its buttons are in its colours
    window = MainWindow(opening, whole)
    dressing.apply(application, look)
    settling = QTimer(window)
    settling.setSingleShot(True)
    settling.setInterval(SETTLED_MS)
    settling.timeout.connect(lambda: settle())
    settling.timeout.connect(dressing.dress_the_rest, Qt.ConnectionType.SingleShotConnection)
    settling.timeout.connect(lambda: _load_late_when_idle(window), Qt.ConnectionType.SingleShotConnection)
    settling.start()
    window.workspace.opened_changed.connect(settling.start)
    application.applicationStateChanged.connect(_Away(window).turned)
    return window


def _load_late_when_idle(window: MainWindow) -> None:
    """Importing takes the interpreter from the window for moments: not while it has work to follow or plays."""
    if window.workspace.jobs.entries or window.player.speed:
        QTimer.singleShot(IDLE_MS, window, lambda: _load_late_when_idle(window))
    else:
        load_late(window.workspace.dispatcher)


class _Away(QTimer):
    """Looks through all of memory for what is gone while the person is at another program and nothing plays."""

    def __init__(self, window: MainWindow) -> None:
        super().__init__(window)
        self._player, self._since = window.player, QElapsedTimer()
        self._since.start()
        self.setSingleShot(True)
        self.setInterval(AWAY_MS)
        self.timeout.connect(self._look_through)

    def turned(self, state: Qt.ApplicationState) -> None:
        """To the program, or away from it."""
        if state == Qt.ApplicationState.ApplicationActive:
            self.stop()
        else:
            self.start()

    def _look_through(self) -> None:
        if self._since.elapsed() > THOROUGH_MS and not self._player.speed:
            self._since.restart()
            settle(thoroughly=True)


class _Painted(QObject):
    """Waits for the first time that a window is painted, or for so long as that should take, and calls `then` once."""

    def __init__(self, window: MainWindow, then: Callable[[], object]) -> None:
        super().__init__(window)
        self._window, self._then = window, then
        window.installEventFilter(self)
        self._late = QTimer(self)
        self._late.setSingleShot(True)
        self._late.timeout.connect(self._now)
        self._late.start(UNSEEN_MS)

    def eventFilter(self, of: QObject, event: QEvent) -> bool:
        if event.type() == QEvent.Type.Paint and of is self._window:
            self._window.removeEventFilter(self)
            self._late.start(0)
        return False

    def _now(self) -> None:
        self._window.removeEventFilter(self)
        self._then()


def show_first(
    application: QApplication,
    look: theme.Theme,
    files: Sequence[Path],
    demo: bool,
    then: Callable[[MainWindow], object] = lambda _window: None,
) -> MainWindow:
    """Show the first screen; when it is there make the rest of the window, open what was asked for, and do what comes `then`."""
    window = dressed_window(application, look, _opening(files, demo), whole=False)

    def go_on() -> None:
        try:
            window.make_whole()
        except Exception:
            window.footage.first.tell_fault()
            raise
        if not window.is_whole:  # it was closed meanwhile
            return
        open_files(window, files, demo)
        then(window)

    window.show()
    _Painted(window, go_on)
    return window


def _opening(files: Sequence[Path], demo: bool) -> str:
    """The name of what will be opened; nothing where nobody has opened anything yet."""
    if demo:
        return tr("the demo")
    recent = [Path(p) for p in settings.load()[0].recent]
    first = next((f for f in (*files, *recent) if f.is_file()), None)
    return "" if first is None else first.stem


def open_files(window: MainWindow, files: Sequence[Path], demo: bool) -> None:
    """Open what was asked for: the demo, a project, footage, or what was open last."""
    ws = window.workspace
    project = next((f for f in files if f.suffix == ".standtall"), None)
    footage = [f.absolute() for f in files if f.suffix != ".standtall"]

    def with_footage() -> None:
        if footage:
            window.footage.add(footage, open_when_ready=True)
        elif ws.opened is None and not ws.sources:
            window.go("footage")

    if demo:
        from standtall.ui.app.demo_opening import open_demo_in  # the first screen comes without it

        open_demo_in(ws, window.go, window.walk)
    elif project is not None:
        ws.open_project(project, with_footage)
        window.go("bench")
    elif footage:
        ws.open_project(project_for(footage[0].stem), with_footage)
    else:
        last = next((Path(p) for p in window.projects.settings.recent if Path(p).is_file()), None)
        ws.open_project(last or project_for(tr("Project")), with_footage)
        if last is not None:
            window.go("bench")


def _at_work(window: MainWindow, crashes: int) -> None:
    """What comes once, when what was asked for is being opened; `crashes` were left by earlier starts."""
    if crashes:
        window.say(
            tr(
                "The program broke off the last time. What you had changed is on disk; where it broke off is in {file}.",
                file=log_file(),
            ),
            "error",
        )
    if LETTERS not in load_fonts():
        window.say(
            tr("The letters that come with the program are missing, so others stand in for them. Install it anew."), "error"
        )
    window.workspace.in_background(
        "files", lambda: clock_behind(datetime.now(UTC)), lambda behind: _told_of_clock(window, behind)
    )
    window.workspace.jobs.resume()


def _more(window: MainWindow, files: Sequence[Path], demo: bool) -> None:
    """Another start asks for files: they come into this window."""
    window.make_whole()
    window.raise_()
    window.activateWindow()
    footage = [f for f in files if f.suffix != ".standtall"]
    if demo or len(footage) < len(files):
        open_files(window, files, demo)
    elif footage:
        window.footage.add(footage, open_when_ready=True)


def _told_of_clock(window: MainWindow, behind: timedelta) -> None:
    hours = round(behind / timedelta(hours=1))
    if hours:
        window.say(
            tr(
                "The clock of this machine is {hours} behind the last start. Posts are sent by it: look whether it is right.",
                hours=tr_n(hours, "{n} hour", "{n} hours"),
            ),
            "error",
        )


def _qt_said(kind: QtMsgType, _context: QMessageLogContext, text: str) -> None:
    """What Qt warns of is kept in the log; it is never for the person."""
    if kind not in (QtMsgType.QtDebugMsg, QtMsgType.QtInfoMsg):
        note(f"Qt {qVersion()}: {text}")


def end_by_signals(window: MainWindow) -> None:
    """Let the window end when the desktop or a terminal asks the process to."""

    def heard(*_: object) -> None:
        # Python comes here between any two steps, also in the middle of painting, when the window must not be taken away
        QTimer.singleShot(0, window, window.end)

    for number in (signal.SIGINT, signal.SIGTERM):
        signal.signal(number, heard)
    alive = QTimer(window)  # lets Python hear signals while Qt waits
    alive.timeout.connect(lambda: None)
    alive.start(300)


def run(files: Sequence[Path], demo: bool) -> NoReturn:
    """Show the window until it is closed, and end the process."""
    chosen = settings.load()[0]
    wishes = desktop_wishes() if chosen.scale == 0 or chosen.motion == "system" else Wishes()
    given = {SCALE: os.environ[SCALE]} if SCALE in os.environ else {}
    scale = chosen.scale or round(100 * wishes.text)
    if scale in range(50, 401) and scale != 100:  # Qt reads it when the application is made
        os.environ[SCALE] = str(scale / 100)
    application = dressed(sys.argv[:1])
    if hand_over(files, demo):
        leave(0)
    clear_parts()
    crashes = watch_for_crashes()
    set_motion(application, chosen.motion == "less" or (chosen.motion == "system" and wishes.less_motion))
    window = show_first(application, theme.named(chosen.theme), files, demo, lambda whole: _at_work(whole, crashes))
    hear_all(lambda text: window.workspace.dispatcher.send(lambda: window.say(text, "error")))
    qInstallMessageHandler(_qt_said)
    application.styleHints().colorSchemeChanged.connect(lambda _s: window.follow_desktop())
    one = OneInstance(window)
    one.wanted.connect(lambda more, with_demo: _more(window, more, with_demo))
    end_by_signals(window)
    code = application.exec()
    if window.anew:
        os.environ.pop(SCALE, None)
        os.environ.update(given)
        begin_anew(("window",))  # what was open last is opened
    leave(code)

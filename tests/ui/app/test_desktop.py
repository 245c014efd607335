"""The desktop on a private message bus, with stand-ins for its services."""

from __future__ import annotations

import time

from PySide6.QtWidgets import QWidget
from pytestqt.qtbot import QtBot

from standtall.jobs.events import Ended
from standtall.ui.app.desktop import Desktop
from standtall.ui.app.tending import Tending, told
from standtall.ui.app.window import MainWindow
from tests.desktop_stand_in import DesktopStandIn
from tests.message_bus import bus
from tests.ui.driving import WAIT
from tests.ui.renders.test_place import Still

__all__ = ["bus"]


NONE = "unix:path=/nowhere/system"


def test_the_machine_is_kept_awake_once_and_let_go(bus: str) -> None:
    stand_in, desktop = DesktopStandIn(bus), Desktop(bus, NONE)
    desktop.keep_awake(True, why="Rendering")
    desktop.keep_awake(True, why="Rendering")
    assert stand_in.awake == {1: "Rendering"}
    desktop.keep_awake(False)
    desktop.keep_awake(False)
    assert stand_in.awake == {}
    desktop.keep_awake(True)
    desktop.close()
    assert stand_in.awake == {} and stand_in.kept == 2
    stand_in.close()


def test_the_system_is_asked_for_a_lock_against_sleep_first(bus: str) -> None:
    services = ("org.freedesktop.login1", "org.freedesktop.PowerManagement", "org.freedesktop.ScreenSaver")
    stand_in, desktop = DesktopStandIn(bus, services), Desktop(bus, bus)
    desktop.keep_awake(True)
    desktop.keep_awake(True)
    assert [what for what, _end in stand_in.locks] == ["sleep:idle"] and stand_in.locked(0)
    assert stand_in.awake == {}, "nobody else needs to be asked"
    desktop.keep_awake(False)
    assert stand_in.let_go(0)
    desktop.keep_awake(True)
    desktop.close()
    assert len(stand_in.locks) == 2 and stand_in.let_go(1)
    stand_in.close()


def test_the_screen_stays_on_only_if_that_is_wished(bus: str) -> None:
    stand_in, desktop = DesktopStandIn(bus, ("org.freedesktop.ScreenSaver",)), Desktop(bus, NONE)
    desktop.keep_awake(True, why="Analysing")
    assert stand_in.awake == {}
    desktop.keep_awake(True, screen=True, why="Analysing")
    assert stand_in.awake == {1: "Analysing"}
    desktop.keep_awake(True, screen=False)
    assert stand_in.awake == {}
    desktop.keep_awake(True, screen=True)
    desktop.close()
    assert stand_in.awake == {}
    stand_in.close()


def test_messages_are_shown(bus: str) -> None:
    stand_in, desktop = DesktopStandIn(bus), Desktop(bus)
    desktop.show("2 finished files", "All are checked and ready.")
    assert stand_in.shown == [("2 finished files", "All are checked and ready.")]
    desktop.close()
    stand_in.close()


def test_what_is_pressed_in_a_message_is_heard(bus: str) -> None:
    stand_in, desktop = DesktopStandIn(bus), Desktop(bus)
    pressed: list[str] = []
    desktop.show("1 finished file", "It is ready.", {"default": "Show it", "folder": "Open the folder"}, pressed.append)
    until = time.monotonic() + 20
    while not stand_in.buttons and time.monotonic() < until:
        time.sleep(0.02)
    assert stand_in.buttons == [["default", "Show it", "folder", "Open the folder"]]
    stand_in.press(99, "default")
    stand_in.press(1, "folder")
    while not pressed and time.monotonic() < until:
        time.sleep(0.02)
    assert pressed == ["folder"], "that of another message is not ours"
    desktop.close()
    stand_in.close()


def test_a_press_brings_renders_to_the_front(window: MainWindow) -> None:
    window.go("bench")
    window.tending.chosen.emit("show")
    assert window.place == "renders"


def test_where_nobody_answers_nothing_happens(bus: str) -> None:
    for desktop in (Desktop(bus, NONE), Desktop("unix:path=/nowhere/bus", NONE)):
        desktop.keep_awake(True)
        desktop.show("a", "b")
        desktop.close()


def test_a_render_keeps_the_machine_awake_and_is_told_of_at_its_end(qtbot: QtBot, window: MainWindow, bus: str) -> None:
    ws = window.workspace
    stand_in = DesktopStandIn(bus)
    made: list[Still] = []

    class Mine(Still):
        def start(self) -> None:
            made.append(self)

    ws.jobs.queue.backend = Mine
    elsewhere = QWidget()
    qtbot.addWidget(elsewhere)
    tending = Tending(ws.jobs, ws.queues, elsewhere, Desktop(bus, NONE))
    window.go("renders")
    window.renders.asking.ask()
    qtbot.waitUntil(lambda: bool(made) and bool(stand_in.awake), timeout=WAIT)
    made[0].listener(Ended("done"))  # type: ignore[operator]
    qtbot.waitUntil(lambda: bool(stand_in.shown) and not stand_in.awake, timeout=WAIT)
    assert stand_in.shown == [told(1, 0)]
    tending.close()
    stand_in.close()


def test_the_words_of_the_message() -> None:
    assert told(1, 0) == ("1 finished file", "All are checked and ready.")
    assert told(0, 2)[0] == "No file was finished"
    assert told(3, 1) == ("3 finished files", "1 could not be rendered; the Renders place says why.")

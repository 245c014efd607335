from __future__ import annotations

import subprocess
import sys
from pathlib import Path

from PySide6.QtCore import QObject
from PySide6.QtNetwork import QLocalSocket
from pytestqt.qtbot import QtBot

from standtall.ui.app.one_instance import OneInstance, _name, hand_over
from tests.ui.driving import WAIT

SECOND = (
    "from pathlib import Path; from PySide6.QtCore import QCoreApplication; from standtall.ui.app.one_instance import hand_over; "
    "application = QCoreApplication([]); print(hand_over([Path('/x/a.mp4'), Path('b.standtall')], False))"
)


def test_a_second_start_hands_its_files_over(qtbot: QtBot, tmp_path: Path) -> None:
    parent = QObject()
    first = OneInstance(parent)
    work = subprocess.Popen([sys.executable, "-c", SECOND], stdout=subprocess.PIPE, text=True, cwd=tmp_path)
    with qtbot.waitSignal(first.wanted, timeout=WAIT) as told:
        pass
    assert told.args == [[Path("/x/a.mp4"), tmp_path / "b.standtall"], False]
    assert work.communicate(timeout=300)[0].strip() == "True"
    first.close()


def test_without_a_first_one_it_goes_on_and_rubbish_is_let_go(qtbot: QtBot) -> None:
    assert not hand_over([], True)
    parent = QObject()
    first = OneInstance(parent)
    heard: list[object] = []
    first.wanted.connect(lambda *a: heard.append(a))
    socket = QLocalSocket()
    socket.connectToServer(_name())
    assert socket.waitForConnected(2000)
    socket.write(b"[1, 2]\n")
    socket.flush()
    qtbot.waitUntil(lambda: socket.state() == QLocalSocket.LocalSocketState.UnconnectedState, timeout=WAIT)
    assert heard == []
    first.close()

"""Every text fits: the real window on the demo, in three languages, at two sizes, at 100 and 150 %."""

from __future__ import annotations

import os
import subprocess
import sys
from pathlib import Path

import pytest
from PySide6.QtCore import Qt
from PySide6.QtWidgets import QApplication, QCheckBox, QComboBox, QHBoxLayout, QLabel, QPushButton, QWidget
from pytestqt.qtbot import QtBot

from standtall.base.folders import data_folder
from standtall.ui.widgets import dressing, theme
from standtall.ui.widgets.one_line import OneLine
from tests.ui.driving import WAIT
from tests.ui.fits import cut_off

LANGUAGES = ("en", "de", "es")


def run(language: str, scale: str, *sizes: str) -> list[str]:
    told = subprocess.run(
        [sys.executable, "-m", "tests.ui.fit_run", *sizes],
        env={**os.environ, "STAND_TALL_LANGUAGE": language, "QT_SCALE_FACTOR": scale},
        capture_output=True, text=True, timeout=800, check=True,
    )  # fmt: skip
    return told.stdout.splitlines()


@pytest.mark.parametrize(("scale", "language"), [(s, one) for one in LANGUAGES for s in ("1", "1.5")])
def test_every_text_has_the_room_that_it_needs(open_demo_here: Path, scale: str, language: str) -> None:
    larger = ("1280x800",) if (scale, language) == ("1", "de") else ()  # the longest words
    *cut, looked = run(language, scale, "1024x700", *larger)
    assert cut == []
    assert int(looked.split()[2]) > 1_000
    assert int(looked.split()[5]) == 17, "every sheet was open"


def test_a_language_from_right_to_left_turns_the_window_round(open_demo_here: Path) -> None:
    (data_folder() / "languages").mkdir(parents=True, exist_ok=True)
    (data_folder() / "languages" / "he.ts").write_text(
        '<TS version="2.1" language="he"><context><message><source>Footage</source><translation>חומר</translation></message></context></TS>',
        encoding="utf-8",
    )
    *cut, _looked = run("he", "1", "1280x800")
    assert cut == []


def test_what_does_not_fit_is_found(qtbot: QtBot) -> None:
    over = QWidget()
    row = QHBoxLayout(over)
    qtbot.addWidget(over)
    choice = QComboBox()
    choice.addItem("a rather long choice")
    wrapped = QLabel("words that stand under each other in a label that is too low for them")
    wrapped.setWordWrap(True)
    wrapped.setFixedSize(90, 20)
    told = QPushButton("this text is in its tooltip")
    told.setToolTip("this text is in its tooltip, whole")
    made = (QLabel("one line of text"), QPushButton("a button with a text"), QCheckBox("something to be ticked"), choice, told,
            QLabel("<b>bold words</b>"), QLabel("fits"), QPushButton("ok"))  # fmt: skip
    for widget in made:
        widget.setFixedWidth(60)
        row.addWidget(widget)
    row.addWidget(wrapped)
    over.show()
    assert {text for _w, text in cut_off(over)} == {
        "one line of text", "a button with a text", "something to be ticked", "a rather long choice", "<b>bold words</b>", wrapped.text(),
    }  # fmt: skip
    for widget in (*made, wrapped):
        widget.setFixedSize(500, 60)
    qtbot.waitUntil(lambda: wrapped.width() == 500, timeout=WAIT)
    assert list(cut_off(over)) == []
    assert over.layoutDirection() == Qt.LayoutDirection.LeftToRight


def test_a_long_line_ends_in_an_ellipsis_and_is_whole_in_its_tooltip(qtbot: QtBot, qapp: QApplication) -> None:
    dressing.apply(qapp, theme.LIGHT)  # a test before this one may have gone dark
    long, short = OneLine("a long name of a short", more="/where/it/is.mp4"), OneLine("a long name of a short")
    for label, wide in ((long, 60), (short, 400)):
        qtbot.addWidget(label)
        label.resize(wide, 20)
    assert long.toolTip() == "a long name of a short\n/where/it/is.mp4"

    def inked(label: OneLine) -> int:
        image = label.grab().toImage()
        return max((x for x in range(image.width()) for y in range(image.height()) if image.pixelColor(x, y).lightness() < 120), default=0)

    assert inked(long) < 60 and 60 < inked(short) < 250
    long.resize(400, 20)
    assert inked(long) == inked(short)

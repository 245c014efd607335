"""Tooltips are broken into lines; nothing of them is lost."""

from __future__ import annotations

import pytest
from PySide6.QtWidgets import QLabel
from pytestqt.qtbot import QtBot

from standtall.ui.widgets.tips import LONGEST, set_tip


@pytest.mark.parametrize(
    "text",
    [
        "short",
        "many words that stand in one line of a tooltip and " * 6,
        "a first line\nthen one that is much longer than any line of a tooltip may be, since nobody has a screen that wide",
        "x" * 200,
        "",
    ],
)
def test_a_tip_is_no_wider_than_a_line_may_be(qtbot: QtBot, text: str) -> None:
    label = QLabel()
    qtbot.addWidget(label)
    set_tip(label, text)
    assert label.toolTip().split() == text.split()
    lines = label.toolTip().split("\n")
    assert all(len(line) <= LONGEST or " " not in line for line in lines)
    assert len(lines) >= len(text.split("\n")), "lines that are broken already stay so"

"""The cells of the list of removals, as they are painted: what is ticked, out or chosen is told apart, also from right to left."""

from __future__ import annotations

import numpy as np
import pytest
from numpy.typing import NDArray
from PySide6.QtCore import QItemSelectionModel, Qt
from PySide6.QtGui import QImage
from PySide6.QtWidgets import QApplication
from pytestqt.qtbot import QtBot

from standtall.cutting.removals import Removal
from standtall.model.analysis import Analysis
from standtall.model.words import Word
from standtall.ui.app.application import dressed
from standtall.ui.bench.panels.tighten import Cell, Rows, Table
from standtall.ui.widgets import dressing, theme

S = 48_000
WORDS = tuple(Word(text, n * S, n * S + S // 2) for n, text in enumerate(["Um,", "it", "it", "is"]))


@pytest.fixture
def table(qtbot: QtBot, qapp: QApplication) -> Table:
    """Three rows: the second is refused, the third is out."""
    dressed(["test"])
    dressing.apply(qapp, theme.LIGHT)
    rows = Rows()
    made = (Removal("filler", "k", 0, S, range(1)), Removal("silence", "k", S, 2 * S, range(1, 1)), Removal("repeat", "k", 2 * S, 3 * S, range(2, 3)))
    rows.show(made, frozenset(made[2:]), Analysis("k", WORDS))
    shown = Table()
    rows.setParent(shown)
    shown.setModel(rows)
    shown.setItemDelegate(Cell(shown))
    shown.resize(680, 160)
    for column in range(3):
        shown.setColumnWidth(column, 200)
    qtbot.addWidget(shown)
    shown.show()
    rows.toggle(1)
    return shown


def cell(table: Table, row: int, column: int) -> NDArray[np.int64]:
    """Its pixels (height, width), grey."""
    index = table.model().index(row, column)
    picture = table.viewport().grab(table.visualRect(index)).toImage().convertToFormat(QImage.Format.Format_Grayscale8)
    return np.frombuffer(picture.constBits(), np.uint8).reshape(picture.height(), -1)[:, : picture.width()].astype(np.int64)


def ground(table: Table) -> str:
    """What the text of the first row lies on."""
    return table.viewport().grab(table.visualRect(table.model().index(0, 1))).toImage().pixelColor(150, 4).name()


def ink(pixels: NDArray[np.int64]) -> NDArray[np.int64]:
    """How far each column of pixels is from the ground."""
    return np.abs(pixels[2:-2] - np.median(pixels)).sum(axis=0)


def test_what_is_ticked_refused_and_out_is_told_apart(table: Table) -> None:
    rows = table.model()
    assert isinstance(rows, Rows)
    assert [rows.ticked(n) for n in range(3)] == [True, False, None]
    box = slice(8, 8 + 14)
    ticked, refused, out = (cell(table, n, 0) for n in range(3))
    assert ink(ticked)[box].sum() > ink(refused)[box].sum() > 0, "a box with a tick in it, and one without"
    assert (np.abs(out - np.median(out))[:, 4:].sum(axis=0) > 0).argmax() < 6, "no box: the time begins where it would be"
    said, struck = cell(table, 0, 1), cell(table, 2, 1)
    middle = slice(len(said) // 2 - 3, len(said) // 2 + 5)
    longest = max(np.diff(np.flatnonzero(np.diff((np.abs(line - np.median(struck)) > 40).astype(int)))).max(initial=0) for line in struck[middle])
    assert longest > 30, "a line through what is out"


def test_texts_are_those_of_the_rows(table: Table) -> None:
    rows = table.model()
    assert [rows.index(n, 1).data() for n in range(3)] == ["“Um,”", "silence", "repeat: “it”"]
    assert [rows.index(n, 2).data() for n in range(3)] == ["1.0 s"] * 3
    assert rows.index(0, 0).data(Qt.ItemDataRole.CheckStateRole) == Qt.CheckState.Checked
    assert rows.index(2, 0).data(Qt.ItemDataRole.CheckStateRole) is None
    assert isinstance(rows, Rows)
    rows.show(rows.rows[1:], frozenset(), Analysis("k", WORDS))
    assert rows.index(0, 1).data() == "silence", "nothing of the rows before"


def test_a_chosen_row_lies_on_its_colour(table: Table) -> None:
    assert ground(table) == theme.LIGHT.raised
    table.selectionModel().select(table.model().index(0, 1), QItemSelectionModel.SelectionFlag.Select | QItemSelectionModel.SelectionFlag.Rows)
    assert ground(table) == theme.LIGHT.chosen


def test_from_right_to_left_the_box_and_the_texts_begin_at_the_right(table: Table) -> None:
    table.setLayoutDirection(Qt.LayoutDirection.RightToLeft)
    for column in (0, 1):
        amount = ink(cell(table, 0, column))
        assert amount[len(amount) // 2 :].sum() > 3 * amount[: len(amount) // 2].sum()

"""All shortcuts by place: searched, changed, shared as a file, and put back."""

from __future__ import annotations

import json
from collections.abc import Sequence
from dataclasses import dataclass
from pathlib import Path
from typing import Final

from PySide6.QtCore import Qt, Signal
from PySide6.QtGui import QKeySequence
from PySide6.QtWidgets import (
    QAbstractItemView,
    QDialog,
    QFileDialog,
    QHBoxLayout,
    QHeaderView,
    QKeySequenceEdit,
    QLabel,
    QTableWidget,
    QTableWidgetItem,
    QVBoxLayout,
    QWidget,
)

from standtall.base.errors import OutputError, ProjectError
from standtall.base.files import write_whole
from standtall.base.interface_language import tr
from standtall.base.reading import Unreadable, file_bytes, json_of
from standtall.library.settings import ChosenKeys
from standtall.model.codec import from_plain, to_plain
from standtall.ui.widgets.actions import Action, key_text
from standtall.ui.widgets.fields import Field, button
from standtall.ui.widgets.tips import set_tip

COLUMNS: Final = (tr("Place"), tr("What it does"), tr("Keys"))
FILES: Final = tr("Keys (*.json)")
LARGEST: Final = 400_000
ALWAYS: Final = (
    (tr("Bench"), tr("Row up or down"), ("Up", "Down")), (tr("Bench"), tr("Word by word; with Shift, choose"), ("Ctrl+Left",
    "Ctrl+Right")),
    (tr("Calendar"), tr("Another day"), ("Left", "Right", "Up", "Down")),
)  # fmt: skip
"""Keys that widgets have by themselves: they cannot be changed."""


@dataclass(frozen=True, slots=True)
class _Keys:
    """A table of keys as a file."""

    keys: tuple[ChosenKeys, ...]


class KeysSheet(QDialog):
    """`chosen` carries all keys that differ from the usual ones, by action; `groups` are actions by the title of their place."""

    chosen = Signal(object)

    def __init__(self, groups: Sequence[tuple[str, Sequence[Action]]], now: dict[str, tuple[str, ...]], parent: QWidget) -> None:
        super().__init__(parent)
        self.setWindowTitle(tr("Shortcuts"))
        self.resize(min(760, parent.width() - 40), min(640, parent.height() - 60))
        self._actions = {a.name: (title, a) for title, actions in groups for a in actions}
        self.keys = {name: now.get(name, a.usual) for name, (_title, a) in self._actions.items()}
        self.search = Field(
            tr("Search the shortcuts"),
            tr("what it does, place or key"),
            tip=tr("Lists the shortcuts whose text, place or key has this"),
        )
        self.search.textChanged.connect(self.refresh)
        self.table = QTableWidget(0, len(COLUMNS))
        self.table.setHorizontalHeaderLabels(COLUMNS)
        self.table.setAccessibleName(tr("Shortcuts"))
        set_tip(self.table, tr("Every action with its keys; the chosen one gets others below"))
        self.table.verticalHeader().hide()
        self.table.setEditTriggers(QAbstractItemView.EditTrigger.NoEditTriggers)
        self.table.setSelectionBehavior(QAbstractItemView.SelectionBehavior.SelectRows)
        self.table.setSelectionMode(QAbstractItemView.SelectionMode.SingleSelection)
        head = self.table.horizontalHeader()
        head.setDefaultAlignment(Qt.AlignmentFlag.AlignLeft | Qt.AlignmentFlag.AlignVCenter)
        head.setSectionResizeMode(0, QHeaderView.ResizeMode.ResizeToContents)
        head.setSectionResizeMode(1, QHeaderView.ResizeMode.Stretch)
        self.table.itemSelectionChanged.connect(self._show_chosen)
        self.edit = QKeySequenceEdit()
        self.edit.setAccessibleName(tr("New keys of what is chosen"))
        self.edit.setMaximumSequenceLength(1)
        self.edit.keySequenceChanged.connect(lambda _s: self._show_clash())
        self.clash = QLabel()
        self.clash.setObjectName("warn")
        self.clash.setWordWrap(True)
        self.set_key = button(tr("Set"), tr("Let this key do it"), self._set)
        self.none = button(tr("No key"), tr("Let no key do it"), self._no_key)
        self.usual = button(tr("Usual keys"), tr("Put the keys of what is chosen back"), self._put_back)
        row = QHBoxLayout()
        for widget in (self.edit, self.set_key, self.none, self.usual):
            row.addWidget(widget)
        files = QHBoxLayout()
        files.addWidget(button(tr("All usual"), tr("Put all keys back"), self.put_all_back))
        files.addWidget(button(tr("Save as…"), tr("Write the keys to a file"), self.save))
        files.addWidget(button(tr("Load…"), tr("Take the keys from a file"), self.load))
        files.addStretch(1)
        close = button(tr("Close"), tr("Back to the window (Escape)"), self.accept, "main")
        files.addWidget(close)
        column = QVBoxLayout(self)
        column.setContentsMargins(18, 16, 18, 14)
        for part in (self.search, self.table):
            column.addWidget(part)
        column.addLayout(row)
        column.addWidget(self.clash)
        column.addLayout(files)
        self.refresh()

    def refresh(self) -> None:
        """All rows that hold what is searched for."""
        kept, wanted = self.name(), self.search.text().casefold().split()
        rows: list[tuple[str, str, str, str]] = [
            (title, a.text, tr(" or ").join(map(key_text, self.keys[name])), name) for name, (title, a) in self._actions.items()
        ]
        rows += [(title, text, tr(" or ").join(map(key_text, keys)), "") for title, text, keys in ALWAYS]
        rows = [r for r in rows if all(w in " ".join(r[:3]).casefold() for w in wanted)]
        self.table.setRowCount(len(rows))
        for n, row in enumerate(rows):
            for column, text in enumerate(row[:3]):
                item = QTableWidgetItem(text)
                item.setData(Qt.ItemDataRole.UserRole, row[3])
                item.setToolTip(text)
                self.table.setItem(n, column, item)
            if row[3] and row[3] == kept:
                self.table.selectRow(n)
        self.table.setColumnWidth(2, 190)
        self._show_chosen()

    def name(self) -> str:
        """Of the action that is chosen, or nothing."""
        items = self.table.selectedItems()
        return str(items[0].data(Qt.ItemDataRole.UserRole)) if items else ""

    def _show_chosen(self) -> None:
        name = self.name()
        for widget in (self.edit, self.set_key, self.none, self.usual):
            widget.setEnabled(bool(name))
        self.edit.setKeySequence(QKeySequence(self.keys[name][0]) if name and self.keys[name] else QKeySequence())
        self._show_clash()

    def clashes(self, name: str, key: str) -> list[str]:
        """What else a key does where an action holds."""
        return [f"{there}: {one.text}" for there, one in (self._actions[other] for other in self._clashing(name, key))]

    def _clashing(self, name: str, key: str) -> list[str]:
        """The names of those actions."""
        title, action = self._actions[name]
        wanted = QKeySequence(key)
        out = []
        for other, (there, one) in self._actions.items():
            both = there == title or "anywhere" in (action.where, one.where) or "ground" in (action.where, one.where)
            if other != name and both and wanted in [QKeySequence(k) for k in self.keys[other]]:
                out.append(other)
        return out

    def _show_clash(self) -> None:
        name, key = self.name(), self.edit.keySequence().toString()
        found = self.clashes(name, key) if name and key else []
        self.clash.setText(
            tr("This key already does: {these}. It would do that no more.", these="; ".join(found)) if found else ""
        )

    def _set(self) -> None:
        """Let the key that is typed do what is chosen, and nothing else where that holds."""
        name, key = self.name(), self.edit.keySequence().toString()
        if not name or not key:
            return
        for other in self._clashing(name, key):
            self.keys[other] = tuple(k for k in self.keys[other] if QKeySequence(k) != QKeySequence(key))
        self.keys[name] = (key,)
        self._changed()

    def _no_key(self) -> None:
        if self.name():
            self.keys[self.name()] = ()
            self._changed()

    def _put_back(self) -> None:
        if self.name():
            self.keys[self.name()] = self._actions[self.name()][1].usual
            self._changed()

    def put_all_back(self) -> None:
        """The usual keys of everything."""
        self.keys = {name: a.usual for name, (_title, a) in self._actions.items()}
        self._changed()

    def different(self) -> tuple[ChosenKeys, ...]:
        """Keys that are not the usual ones."""
        return tuple(ChosenKeys(name, keys) for name, keys in self.keys.items() if keys != self._actions[name][1].usual)

    def _changed(self) -> None:
        self.refresh()
        self.chosen.emit(self.different())

    def save(self) -> None:
        name, _kind = QFileDialog.getSaveFileName(self, tr("Save the keys"), str(Path.home() / "keys.json"), FILES)
        if name:
            try:
                write_whole(Path(name), json.dumps(to_plain(_Keys(self.different())), indent=1).encode())
            except OutputError as error:
                self.clash.setText(str(error))

    def load(self) -> None:
        name, _kind = QFileDialog.getOpenFileName(self, tr("Load keys"), str(Path.home()), FILES)
        if not name:
            return
        try:
            found = from_plain(_Keys, json_of(file_bytes(Path(name), LARGEST), LARGEST))
        except (OSError, Unreadable, ProjectError) as error:
            self.clash.setText(tr("{name} holds no keys: {error}", name=Path(name).name, error=error))
            return
        self.keys = {n: a.usual for n, (_t, a) in self._actions.items()}
        self.keys |= {k.action: k.keys for k in found.keys if k.action in self.keys}
        self._changed()

"""Renders: what is being rendered, what waits, what is finished, and what is put into the queue."""

from __future__ import annotations

from collections.abc import Callable
from functools import partial
from pathlib import Path

from PySide6.QtCore import Qt, QUrl, Signal
from PySide6.QtGui import QDesktopServices, QGuiApplication
from PySide6.QtWidgets import QHBoxLayout, QLabel, QScrollArea, QVBoxLayout, QWidget

from standtall.ui.renders.actions import actions_of
from standtall.ui.renders.asking import AskingPanel
from standtall.ui.renders.row import RenderRow
from standtall.ui.state.renders import Row, folder_of
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.fields import button
from standtall.ui.widgets.layouts import empty
from standtall.ui.widgets.place import Place

SHOWN = 60
"""Rows that are over and shown; older ones are kept."""


class RendersPlace(QWidget):
    """`looked_at` carries the file of a finished render that is to be played."""

    looked_at = Signal(object)

    def __init__(self, workspace: Workspace) -> None:
        super().__init__()
        self._ws = workspace
        self._renders = workspace.renders
        self.asking = AskingPanel(workspace)
        self.asking.setFixedWidth(330)
        title = QLabel("Renders")
        title.setObjectName("title")
        self.told = QLabel()
        self.told.setObjectName("faint")
        self.pause = button("Pause", "Begin no other render; the one that runs goes on", self.toggle_pause, "small")
        self.clear = button(
            "Clear the finished", "Forget those that are over; their files stay", self._renders.clear_over, "small"
        )
        head = QHBoxLayout()
        head.addWidget(title)
        head.addWidget(self.told, 1)
        head.addWidget(self.pause)
        head.addWidget(self.clear)
        self._rows = QVBoxLayout()
        self._rows.setSpacing(8)
        self.empty = QLabel("Nothing has been rendered yet.\n\nChoose shorts and a form at the right, then render them.")
        self.empty.setAlignment(Qt.AlignmentFlag.AlignCenter)
        self.empty.setMinimumHeight(220)
        inner = QWidget()
        column = QVBoxLayout(inner)
        column.setContentsMargins(0, 0, 6, 0)
        column.addLayout(self._rows)
        column.addWidget(self.empty)
        column.addStretch(1)
        scroll = QScrollArea()
        scroll.setWidgetResizable(True)
        scroll.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        scroll.setWidget(inner)
        left = QVBoxLayout()
        left.setSpacing(10)
        left.addLayout(head)
        left.addWidget(scroll, 1)
        whole = QHBoxLayout(self)
        whole.setContentsMargins(16, 14, 10, 10)
        whole.setSpacing(12)
        whole.addLayout(left, 1)
        whole.addWidget(self.asking)
        self.rows: list[RenderRow] = []
        self._renders.changed.connect(self.refresh)
        self._renders.moved.connect(self._move)
        self.refresh()

    def place(self) -> Place:
        return Place("renders", "Renders", "F10", self, actions_of(self))

    def toggle_pause(self) -> None:
        """Begin no other render, or go on."""
        self._renders.set_paused(not self._renders.paused)

    def refresh(self) -> None:
        """All rows anew: those in the queue in their order, then those that are over, the newest first."""
        empty(self._rows)
        self.rows = []
        for live in self._renders.live:
            buttons: list[tuple[str, str, Callable[[], object]]] = [
                ("Cancel", "Stop it; nothing is left behind", partial(self._renders.cancel, live.number))
            ]
            if live.row.state == "waiting":
                buttons.insert(0, ("Sooner", "Before the one in front of it", partial(self._renders.sooner, live.number)))
            made = RenderRow(live.row, buttons)
            if live.row.state == "running":
                made.show_progress(live)
            self._add(made)
        for row in self._renders.over[:SHOWN]:
            self._add(RenderRow(row, self._over_buttons(row)))
        self.empty.setVisible(not self.rows)
        waiting = sum(k.row.state == "waiting" for k in self._renders.live)
        running = len(self._renders.live) - waiting
        paused = ", paused" if self._renders.paused else ""
        self.told.setText(f"{running} running, {waiting} waiting, {len(self._renders.over)} over{paused}")
        self.pause.setText("Go on" if self._renders.paused else "Pause")
        self.clear.setEnabled(bool(self._renders.over))

    def _over_buttons(self, row: Row) -> list[tuple[str, str, Callable[[], object]]]:
        buttons: list[tuple[str, str, Callable[[], object]]] = []
        if row.state == "done":
            buttons += [
                ("Play", "Play the finished file in the tall picture", partial(self.looked_at.emit, Path(row.file))),
                ("Folder", "Open the folder that holds it", partial(self._open_folder, row)),
                ("Copy path", "Copy where the file is", partial(self._copy, row)),
            ]
        if self._renders.can_again(row):
            buttons.append(("Again", "Render it once more as it was asked for", partial(self._renders.again, row)))
        return buttons

    def _add(self, made: RenderRow) -> None:
        self.rows.append(made)
        self._rows.addWidget(made)

    def _move(self) -> None:
        for live, made in zip(self._renders.live, self.rows, strict=False):
            if live.row.state == "running":
                made.show_progress(live)

    def _open_folder(self, row: Row) -> None:
        QDesktopServices.openUrl(QUrl.fromLocalFile(str(folder_of(row))))

    def _copy(self, row: Row) -> None:
        QGuiApplication.clipboard().setText(row.file)
        self._ws.said.emit("Its path is on the clipboard.", "note")

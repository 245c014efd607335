"""Finished clips found again in the footage: their places, how sure they are, and shorts made of them."""

from __future__ import annotations

from pathlib import Path

from PySide6.QtCore import Qt, Signal
from PySide6.QtWidgets import (
    QAbstractItemView,
    QDialog,
    QFileDialog,
    QHBoxLayout,
    QHeaderView,
    QLabel,
    QTableWidget,
    QTableWidgetItem,
    QVBoxLayout,
    QWidget,
)

from standtall.base.errors import StandTallError
from standtall.base.progress import Progress
from standtall.base.time import clock
from standtall.model.edits import count_of
from standtall.model.source import Source
from standtall.session.clips import ClipFinder, Located, rebuilt
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.fields import button

KINDS = "Clips (*.mp4 *.mov *.mkv *.webm *.m4a *.mp3 *.wav *.ts *.avi);;All files (*)"


class ClipsSheet(QDialog):
    """Give clips, see where they come from, tick those that shorts are to be made of."""

    found = Signal(object)
    """The clips located so far."""

    def __init__(self, workspace: Workspace, source: Source, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._ws, self._source = workspace, source
        self._progress = Progress()
        self.located: list[Located] = []
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self.setWindowTitle(f"Clips from {source.name}")
        self.resize(720, 440)
        column = QVBoxLayout(self)
        column.setContentsMargins(20, 18, 20, 18)
        column.setSpacing(10)
        self._told = QLabel(
            "Give finished clips that were cut from this footage: coded again, trimmed, in several pieces, with music added. "
            "They are found by their sound and rebuilt from the original."
        )
        self._told.setWordWrap(True)
        column.addWidget(self._told)
        self.table = QTableWidget(0, 4)
        self.table.setHorizontalHeaderLabels(["clip", "found", "sure", "pieces, from"])
        self.table.setAccessibleName("Clips and where they come from")
        self.table.verticalHeader().hide()
        self.table.setShowGrid(False)
        self.table.setSelectionBehavior(QAbstractItemView.SelectionBehavior.SelectRows)
        self.table.setEditTriggers(QAbstractItemView.EditTrigger.NoEditTriggers)
        self.table.setWordWrap(True)
        head = self.table.horizontalHeader()
        head.setSectionResizeMode(0, QHeaderView.ResizeMode.Interactive)
        head.setSectionResizeMode(3, QHeaderView.ResizeMode.Stretch)
        for n, wide in ((0, 190), (1, 96), (2, 64)):
            self.table.setColumnWidth(n, wide)
        self.table.cellClicked.connect(self._go_to)
        column.addWidget(self.table, 1)
        row = QHBoxLayout()
        self._choose = button("Choose clips…", "One clip or many", self.choose)
        self._stop = button("Stop", "Stop looking", self._cancel)
        self._stop.setEnabled(False)
        self._make = button("Make shorts of the ticked", "Each as an editable short from the original", self.make)
        self._make.setObjectName("main")
        self._make.setEnabled(False)
        row.addWidget(self._choose)
        row.addWidget(self._stop)
        row.addStretch(1)
        row.addWidget(self._make)
        column.addLayout(row)

    def choose(self) -> None:
        names, _kind = QFileDialog.getOpenFileNames(self, "Choose finished clips", "", KINDS)
        if names:
            self.look([Path(n) for n in names])

    def look(self, paths: list[Path]) -> None:
        """Find clips in the background; each shows as soon as it is known."""
        source, ws = self._source, self._ws
        progress = self._progress = Progress()
        self._choose.setEnabled(False)
        self._stop.setEnabled(True)
        self._told.setText("Listening to the footage…")

        def work() -> list[tuple[Path, Located | StandTallError]]:
            finder = ClipFinder(source, progress)
            out: list[tuple[Path, Located | StandTallError]] = []
            for path in paths:
                progress.check()
                try:
                    out.append((path, finder.locate(path)))
                except StandTallError as error:
                    progress.check()
                    out.append((path, error))
            return out

        ws.in_background_or("moments", work, self._arrived, self._done, self)

    def _arrived(self, found: list[tuple[Path, Located | StandTallError]]) -> None:
        self._done()
        known = 0
        for path, result in found:
            row = self.table.rowCount()
            self.table.insertRow(row)
            name = QTableWidgetItem(path.stem)
            name.setToolTip(str(path))
            self.table.setItem(row, 0, name)
            if isinstance(result, Located) and result.pieces:
                known += 1
                name.setData(Qt.ItemDataRole.UserRole, len(self.located))
                name.setCheckState(Qt.CheckState.Checked)
                self.located.append(result)
                covered = sum(p.clip_end - p.clip_start for p in result.pieces)
                sure = sum(p.confidence * (p.clip_end - p.clip_start) for p in result.pieces) / covered
                places = ", ".join(clock(p.start, True) for p in result.pieces)
                cells = [f"{clock(covered)} of {clock(result.length)}", f"{sure:.0%}", places]
            else:
                cells = ["not here", "–", str(result) if isinstance(result, StandTallError) else "not from this footage"]
            for n, text in enumerate(cells):
                item = QTableWidgetItem(text)
                item.setToolTip(text)
                self.table.setItem(row, n + 1, item)
        self._told.setText(f"{known} of {count_of(len(found), 'clip')} found. Click one to go to its first piece.")
        self._make.setEnabled(bool(self.located))
        self.found.emit(tuple(self.located))

    def _done(self) -> None:
        self._choose.setEnabled(True)
        self._stop.setEnabled(False)
        self._told.setText("Choose finished clips to look for.")

    def _cancel(self) -> None:
        self._progress.cancel()

    def _go_to(self, row: int, _column: int) -> None:
        number = self._number(row)
        if number is not None:
            self._ws.selection.seek(self.located[number].pieces[0].start)

    def _number(self, row: int) -> int | None:
        """Which of the located clips a row is; None where it was not found."""
        item = self.table.item(row, 0)
        return None if item is None else item.data(Qt.ItemDataRole.UserRole)

    def _ticked(self, row: int) -> bool:
        item = self.table.item(row, 0)
        return item is not None and item.checkState() == Qt.CheckState.Checked

    def make(self) -> None:
        """Shorts of the ticked clips."""
        numbers = [self._number(row) for row in range(self.table.rowCount()) if self._ticked(row)]
        ticked = [self.located[n] for n in numbers if n is not None]
        source = self._source
        for located in ticked:
            self._ws.make_short(lambda _now, one=located: rebuilt(one, source))  # type: ignore[misc]
        if ticked:
            made = count_of(len(ticked), "short")
            self._ws.said.emit(f"{made} rebuilt from the original; they are in the list on the Bench.", "note")
            self.accept()

    def done(self, result: int) -> None:
        self._progress.cancel()
        super().done(result)

"""Finished clips found again in the footage: their places, how sure they are, and shorts made of them."""

from __future__ import annotations

import csv
import io
from pathlib import Path

from PySide6.QtCore import Qt
from PySide6.QtWidgets import (
    QAbstractItemView,
    QComboBox,
    QDialog,
    QFileDialog,
    QHBoxLayout,
    QHeaderView,
    QLabel,
    QProgressBar,
    QTableWidget,
    QTableWidgetItem,
    QVBoxLayout,
    QWidget,
)
from shiboken6 import isValid

from standtall.base.files import write_whole
from standtall.base.interface_language import count_of, tr
from standtall.base.time import clock, seconds
from standtall.library.project import Project
from standtall.model.source import Source
from standtall.model.traced import TracedClip
from standtall.session.begin import begun
from standtall.session.clips import rebuilt
from standtall.ui.state.tracing import Tracing
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.fields import button
from standtall.ui.widgets.tips import set_tip

KINDS = tr("Clips (*.mp4 *.mov *.mkv *.webm *.m4a *.mp3 *.wav *.ts *.avi);;All files (*)")
COLUMNS = (tr("clip"), tr("found"), tr("sure"), tr("by"), tr("from"))
ABOUT = tr(
    "Give finished clips that were cut from your footage: coded again, trimmed, in several pieces, with music added. "
    "They are found by their sound, or, where that was replaced, by the words of a caption file of the same name beside them or "
    "of the captions in their picture, and rebuilt from the originals. It goes on in the background when this is closed."
)
BY = {"sound": tr("sound"), "words": tr("captions beside it"), "picture": tr("captions in the picture")}


class ClipsSheet(QDialog):
    """Give clips, see where they come from, tick those that shorts are to be made of."""

    def __init__(self, workspace: Workspace, tracing: Tracing, source: Source, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._ws, self.tracing, self._source = workspace, tracing, source
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self.setWindowTitle(tr("Finished clips in the footage"))
        self.resize(860, 480)
        column = QVBoxLayout(self)
        column.setContentsMargins(20, 18, 20, 18)
        column.setSpacing(10)
        about = QLabel(ABOUT)
        about.setWordWrap(True)
        column.addWidget(about)
        self.where = QComboBox()
        self.where.setAccessibleName(tr("Footage to look in"))
        set_tip(self.where, tr("Where finished clips are looked for: in one footage, or in all of the project"))
        self.where.addItem(tr("In all footage of the project ({sources})", sources=len(workspace.sources)), True)
        self.where.addItem(tr("In {name} alone", name=source.name), False)
        column.addWidget(self.where)
        self.bar = QProgressBar()
        self.bar.setRange(0, 1000)
        self.bar.setTextVisible(False)
        self.bar.setAccessibleName(tr("How far it is"))
        column.addWidget(self.bar)
        self.told = QLabel()
        column.addWidget(self.told)
        self.table = QTableWidget(0, len(COLUMNS))
        self.table.setHorizontalHeaderLabels(COLUMNS)
        self.table.setAccessibleName(tr("Clips and where they come from"))
        set_tip(self.table, tr("Each clip with the place in the footage that it was cut from"))
        self.table.verticalHeader().hide()
        self.table.setShowGrid(False)
        self.table.setSelectionBehavior(QAbstractItemView.SelectionBehavior.SelectRows)
        self.table.setEditTriggers(QAbstractItemView.EditTrigger.NoEditTriggers)
        head = self.table.horizontalHeader()
        head.setSectionResizeMode(4, QHeaderView.ResizeMode.Stretch)
        for n in (1, 2, 3):
            head.setSectionResizeMode(n, QHeaderView.ResizeMode.ResizeToContents)
        self.table.setColumnWidth(0, 190)
        self.table.cellActivated.connect(self._go_to)
        self.table.cellClicked.connect(self._go_to)
        column.addWidget(self.table, 1)
        row = QHBoxLayout()
        self._choose = button(tr("Choose clips…"), tr("One clip or many"), self.choose)
        self._stop = button(tr("Stop"), tr("Stop looking; what was found stays"), tracing.stop)
        self._list = button(tr("Write as table…"), tr("What was found, as a CSV file"), self.choose_table)
        self._make = button(tr("Make shorts of the ticked"), tr("Each as an editable short from the original"), self.make)
        self._make.setObjectName("main")
        for widget in (self._choose, self._stop, self._list):
            row.addWidget(widget)
        row.addStretch(1)
        row.addWidget(self._make)
        column.addLayout(row)
        tracing.changed.connect(self.refresh)
        tracing.problem.connect(self.told.setText)
        self.refresh()

    def choose(self) -> None:
        names, _kind = QFileDialog.getOpenFileNames(self, tr("Choose finished clips"), "", KINDS)
        if names:
            self.look([Path(n) for n in names])

    def look(self, paths: list[Path]) -> None:
        """Find clips in the background; each shows as soon as it is known."""
        self.table.setRowCount(0)
        self.tracing.look(self._ws.sources if self.where.currentData() else (self._source,), paths)

    def refresh(self) -> None:
        """What is found by now."""
        tracing = self.tracing
        for clip in tracing.clips[self.table.rowCount() :]:
            self._add(clip)
        self.bar.setVisible(tracing.running)
        self.bar.setValue(round(1000 * tracing.share))
        self._stop.setEnabled(tracing.running)
        self._choose.setEnabled(not tracing.running)
        known = sum(bool(c.pieces) for c in tracing.clips)
        self._make.setEnabled(known > 0)
        self._list.setEnabled(bool(tracing.clips))
        if tracing.running and tracing.stage == "listen":
            self.told.setText(tr("Listening to {sources} of footage…", sources=count_of(len(tracing.sources), "file")))
        elif tracing.running:
            self.told.setText(
                tr(
                    "{clips} of {asked} looked for, {known} found…",
                    clips=len(tracing.clips),
                    asked=count_of(tracing.asked, "clip"),
                    known=known,
                )
            )
        elif tracing.clips:
            self.told.setText(
                tr(
                    "{known} of {clips} found. Click one to go to its first piece.",
                    known=known,
                    clips=count_of(len(tracing.clips), "clip"),
                )
            )
        else:
            self.told.setText(tr("Choose finished clips to look for."))

    def _name_of(self, key: str) -> str:
        return next((s.name for s in self.tracing.sources if s.key == key), tr("footage that is not here"))

    def _add(self, clip: TracedClip) -> None:
        row = self.table.rowCount()
        self.table.insertRow(row)
        name = QTableWidgetItem(Path(clip.path).stem)
        if clip.pieces:
            name.setCheckState(Qt.CheckState.Checked)
            sure = sum(p.confidence * (p.clip_end - p.clip_start) for p in clip.pieces) / max(1, clip.covered)
            places: dict[str, list[str]] = {}
            for piece in clip.pieces:
                places.setdefault(self._name_of(piece.source), []).append(clock(piece.start, True))
            found = "; ".join(f"{footage}: {', '.join(at)}" for footage, at in places.items())
            cells = [
                tr("{covered} of {length}", covered=clock(clip.covered), length=clock(clip.length)),
                f"{sure:.0%}",
                BY[clip.by],
                found,
            ]
        else:
            cells = [tr("not here"), "–", "–", clip.said or tr("not from this footage")]
        self.table.setItem(row, 0, name)
        name.setToolTip(clip.path)
        for n, text in enumerate(cells):
            item = QTableWidgetItem(text)
            item.setToolTip(text)
            self.table.setItem(row, n + 1, item)

    def _go_to(self, row: int, _column: int) -> None:
        clip = self.tracing.clips[row]
        if clip.pieces and clip.pieces[0].source == self._source.key:
            self._ws.selection.seek(clip.pieces[0].start)

    def choose_table(self) -> None:
        name, _kind = QFileDialog.getSaveFileName(self, tr("Write what was found"), "clips.csv", tr("Tables (*.csv)"))
        if name:
            self.write_table(Path(name))

    def write_table(self, path: Path) -> None:
        """One line a piece: clip, its place in the clip, footage, its place there, how sure."""
        rows = [
            (Path(c.path).name, c.by, round(seconds(p.clip_start), 3), round(seconds(p.clip_end), 3),
             self._name_of(p.source), round(seconds(p.start), 3), round(seconds(p.end), 3), p.confidence)
            for c in self.tracing.clips for p in c.pieces
        ] + [(Path(c.path).name, "", "", "", "", "", "", 0) for c in self.tracing.clips if not c.pieces]  # fmt: skip
        text = io.StringIO(newline="")
        out = csv.writer(text)
        out.writerow(("clip", "by", "clip start s", "clip end s", "footage", "start s", "end s", "confidence"))
        out.writerows(rows)
        data = text.getvalue().encode()
        self._ws.in_background_or(
            "files",
            lambda: write_whole(path, data),
            lambda _n: self.told.setText(tr("{name} is written.", name=path.name)),
            lambda: None,
            self,
        )

    def _ticked(self, row: int) -> bool:
        item = self.table.item(row, 0)
        return item is not None and item.checkState() == Qt.CheckState.Checked

    def make(self) -> None:
        """Shorts of the ticked clips."""
        sources = self.tracing.sources
        ticked = [c for row, c in enumerate(self.tracing.clips) if c.pieces and self._ticked(row)]
        if not ticked:
            return

        def work(project: Project) -> int:
            briefs, number = project.briefs(), 0
            for clip in ticked:
                short = rebuilt(clip, sources)
                brief = briefs.get(short.main_source)
                number = project.add_short(short if brief is None else begun(short, brief))
            return number

        def made(number: int) -> None:
            told = count_of(len(ticked), "short")
            self._ws.said.emit(tr("{told} rebuilt from the original; they are in the list on the Bench.", told=told), "note")
            self._ws.open_short(number)
            if isValid(self):  # it may have been closed meanwhile; what was asked for is done all the same
                self.accept()

        self._ws.with_project(work, made)

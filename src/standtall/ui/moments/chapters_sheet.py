"""The chapters of the footage: titles put right in place, written as text, as metadata, or into a copy of the file."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path

from PySide6.QtCore import Qt
from PySide6.QtWidgets import (
    QDialog,
    QFileDialog,
    QGridLayout,
    QHBoxLayout,
    QLabel,
    QScrollArea,
    QVBoxLayout,
    QWidget,
)

from standtall.base.files import write_whole
from standtall.base.interface_language import tr
from standtall.base.time import clock
from standtall.exchange.chapters_out import as_metadata, as_text
from standtall.media.chapters import copy_with_chapters
from standtall.model.moment import Chapter
from standtall.model.source import Source
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.fields import Field, button

TEXT, METADATA = tr("Text for a description (*.txt)"), tr("Chapter metadata (*.ffmeta)")


class ChaptersSheet(QDialog):
    """One row for each chapter."""

    def __init__(
        self, workspace: Workspace, source: Source, chapters: tuple[Chapter, ...], parent: QWidget | None = None
    ) -> None:
        super().__init__(parent)
        self._ws, self._source, self._found = workspace, source, chapters
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self.setWindowTitle(tr("Chapters of {name}", name=source.name))
        self.resize(640, 460)
        column = QVBoxLayout(self)
        column.setContentsMargins(20, 18, 20, 18)
        column.setSpacing(10)
        about = tr(
            "A chapter begins where the words change. Its title is a line of its own; type another one where you know better."
        )
        text = QLabel(about if chapters else tr("Too little is said in this footage to part it into chapters."))
        text.setWordWrap(True)
        column.addWidget(text)
        inner = QWidget()
        grid = QGridLayout(inner)
        grid.setColumnStretch(1, 1)
        self.titles: list[Field] = []
        for row, chapter in enumerate(chapters):
            start = QLabel(clock(chapter.start))
            title = Field(tr("Title of chapter {row}", row=row + 1))
            title.setText(chapter.title)
            title.setCursorPosition(0)
            title.setToolTip(
                tr("Tells it apart: {these}", these=", ".join(chapter.telling)) if chapter.telling else tr("Title of the chapter")
            )
            length = QLabel(clock(chapter.end - chapter.start))
            length.setObjectName("faint")
            for place, widget in enumerate((start, title, length)):
                grid.addWidget(widget, row, place)
            self.titles.append(title)
        grid.setRowStretch(len(chapters), 1)
        scroll = QScrollArea()
        scroll.setWidgetResizable(True)
        scroll.setWidget(inner)
        column.addWidget(scroll, 1)
        row_ = QHBoxLayout()
        row_.addStretch(1)
        for name, tip, does in (
            (tr("Write as text…"), tr("Lines of time and title, or chapter metadata for other programs"), self.choose_text),
            (
                tr("Copy the footage with chapters…"),
                tr("A copy of the file that holds them; nothing is coded anew"),
                self.choose_copy,
            ),
        ):
            made = button(name, tip, does)
            made.setEnabled(bool(chapters))
            row_.addWidget(made)
        row_.addWidget(button(tr("Close"), tr("Close this (Escape)"), self.accept))
        column.addLayout(row_)

    def chapters(self) -> tuple[Chapter, ...]:
        """As the titles read now."""
        pairs = zip(self._found, self.titles, strict=True)
        return tuple(replace(chapter, title=field.text().strip() or chapter.title) for chapter, field in pairs)

    def choose_text(self) -> None:
        name, kind = QFileDialog.getSaveFileName(
            self, tr("Write chapters"), tr("{name} chapters.txt", name=self._source.name), f"{TEXT};;{METADATA}"
        )
        if name:
            self.write_text(Path(name), kind == METADATA or name.endswith(".ffmeta"))

    def write_text(self, path: Path, metadata: bool) -> None:
        text = as_metadata(self.chapters()) if metadata else as_text(self.chapters())
        ws = self._ws
        ws.in_background(
            "files",
            lambda: write_whole(path, text.encode()),
            lambda _n: ws.said.emit(tr("{name} is written.", name=path.name), "note"),
        )

    def choose_copy(self) -> None:
        suffix = Path(self._source.path).suffix.lower()
        given = suffix if suffix in (".mp4", ".mov", ".mkv", ".m4a", ".webm") else ".mkv"
        name, _kind = QFileDialog.getSaveFileName(
            self, tr("Copy with chapters"), tr("{name} with chapters{given}", name=self._source.name, given=given)
        )
        if name:
            self.write_copy(Path(name))

    def write_copy(self, path: Path) -> None:
        parts = [(c.start, c.end, c.title) for c in self.chapters()]
        source, ws = Path(self._source.path), self._ws
        ws.said.emit(tr("Copying…"), "note")
        ws.in_background(
            "files",
            lambda: copy_with_chapters(source, path, parts, ws.closing),
            lambda _n: ws.said.emit(tr("{name} is written, with {parts} chapters.", name=path.name, parts=len(parts)), "note"),
        )

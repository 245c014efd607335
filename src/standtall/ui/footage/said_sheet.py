"""The sheet in which everything ever said is looked through: lines with their picture, opened, or made a short of."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from pathlib import Path
from typing import Final

from PySide6.QtCore import QSize, Qt, QTimer, Signal
from PySide6.QtGui import QIcon, QImage, QKeySequence, QPixmap, QShortcut
from PySide6.QtWidgets import (
    QCheckBox,
    QComboBox,
    QDialog,
    QHBoxLayout,
    QLabel,
    QListWidget,
    QListWidgetItem,
    QVBoxLayout,
    QWidget,
)

from standtall.base.errors import MediaError
from standtall.base.interface_language import count_of, tr, tr_n
from standtall.base.time import TICKS_PER_SECOND, clock
from standtall.cutting.cut_points import without
from standtall.library.project import Project
from standtall.media.probe import probe
from standtall.media.reader import PictureReader
from standtall.model.cut import Segment
from standtall.model.short import Short
from standtall.model.source import Source
from standtall.session.archive import Archive, ArchiveHit
from standtall.session.begin import begun
from standtall.ui.footage.said_archive import SaidArchive
from standtall.ui.state.editor import Present
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.fields import Field, button
from standtall.ui.widgets.images import wide_at
from standtall.ui.widgets.tips import set_tip

TYPED_MS: Final = 200
PICTURE: Final = QSize(96, 54)
COMBO_WIDE: Final = 140
PICTURES: Final = 40
"""Hits of which pictures are shown."""
AIR: Final = TICKS_PER_SECOND // 5
"""What is left around a line that becomes a piece of a short."""


class SaidSheet(QDialog):
    """`open_wanted` carries a source and the tick to go to, `heard_wanted` a passage that is to be heard at once."""

    open_wanted = Signal(object, int)
    heard_wanted = Signal(object, int, int)
    """A file, and the passage of it that is to be heard (ticks)."""

    def __init__(self, workspace: Workspace, archive: SaidArchive, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setWindowTitle(tr("Everything said"))
        self.resize(860, 620)
        self._ws, self._archive = workspace, archive
        self.hits: tuple[ArchiveHit, ...] = ()
        self.queries = 0
        column = QVBoxLayout(self)
        column.setContentsMargins(20, 16, 20, 16)
        column.setSpacing(9)
        row = QHBoxLayout()
        self.query = Field(
            tr("What was said"),
            tr("a word or a phrase, in all footage of all projects"),
            tip=tr("Lists the lines in which this is said"),
        )
        self.loose = QCheckBox(tr("Loosely"))
        self.loose.setToolTip(tr("Other endings, small slips, any order within a line"))
        self.speaker, self.programme = QComboBox(), QComboBox()
        for combo in (self.speaker, self.programme):
            combo.setMinimumWidth(COMBO_WIDE)
            combo.setMaximumWidth(2 * COMBO_WIDE)
            combo.setSizeAdjustPolicy(QComboBox.SizeAdjustPolicy.AdjustToContents)  # what is in it comes later
        self.speaker.setAccessibleName(tr("Speaker"))
        set_tip(self.speaker, tr("Only lines that they say"))
        self.programme.setAccessibleName(tr("Project"))
        set_tip(self.programme, tr("Only lines of this project"))
        row.addWidget(self.query, 1)
        row.addWidget(self.loose)
        row.addWidget(self.speaker)
        row.addWidget(self.programme)
        column.addLayout(row)
        self.list = QListWidget()
        self.list.setAccessibleName(tr("Lines that were found"))
        set_tip(self.list, tr("Enter opens a line on the Bench, Space hears it; several can be chosen"))
        self.list.setSelectionMode(QListWidget.SelectionMode.ExtendedSelection)
        self.list.setIconSize(PICTURE)
        self.list.setWordWrap(True)
        self.list.setSpacing(2)
        column.addWidget(self.list, 1)
        self.told = QLabel()
        self.told.setWordWrap(True)
        self.told.setObjectName("faint")
        column.addWidget(self.told)
        row = QHBoxLayout()
        self.before = button(tr("Said before?"), tr("Lines anywhere that say nearly the same as the chosen one"), self.ask_before)
        self.make = button(
            tr("Make a short of the chosen"), tr("One piece for each chosen line, in their order here"), self.make_short
        )
        self.go = button(tr("Open on the Bench"), tr("Open its footage where this is said"), self.open_chosen)
        close = button(tr("Close"), tr("Close this (Escape)"), self.reject)
        self.hear = button(tr("Hear"), tr("Hear the chosen line (Space in the list)"), self.hear_chosen)
        self.basket = button(
            tr("Add to the basket"),
            tr("Add the chosen lines to the basket on the Bench, of any footage"),
            self.add_to_basket,
        )
        for one in (self.before, self.hear, self.basket):
            row.addWidget(one)
        row.addStretch(1)
        for one in (self.make, self.go, close):
            row.addWidget(one)
        column.addLayout(row)
        self._typed = QTimer(self)
        self._typed.setSingleShot(True)
        self._typed.setInterval(TYPED_MS)
        self._typed.timeout.connect(self.ask)
        self.query.textChanged.connect(lambda _t: self._typed.start())
        self.loose.toggled.connect(lambda _on: self.ask())
        for combo in (self.speaker, self.programme):
            combo.activated.connect(lambda _i: self.ask())
        self.list.itemSelectionChanged.connect(self._fit)
        QShortcut(QKeySequence(Qt.Key.Key_Space), self.list, self.hear_chosen, context=Qt.ShortcutContext.WidgetShortcut)
        self.list.itemActivated.connect(lambda _item: self.open_chosen())
        archive.changed.connect(self._fill)
        archive.changed.connect(self._look_again)
        self._fill()
        self._show((), tr("Everything that was ever analysed on this machine can be found here."))

    def _look_again(self) -> None:
        """More is known: what was not found may be there now. Lines that are shown stay, for some may be chosen."""
        if self.query.text() and not self.hits:
            self._typed.start()

    def _fill(self) -> None:
        """Who and what there is to choose from."""

        def arrived(found: tuple[tuple[str, ...], tuple[str, ...], int]) -> None:
            speakers, programmes, count = found
            for combo, all_of, names in (
                (self.speaker, tr("all speakers"), speakers),
                (self.programme, tr("all projects"), programmes),
            ):
                kept = combo.currentData()
                combo.clear()
                combo.addItem(all_of, "")
                for name in names:
                    combo.addItem(name, name)
                combo.setCurrentIndex(max(0, combo.findData(kept)))
            if not self.query.text():
                files = count_of(count, "file")
                self.told.setText(
                    tr("What is said in {files} can be found.", files=files)
                    if count
                    else tr("Nothing was analysed yet: add footage first.")
                )

        self._archive.ask(lambda a: (a.speakers(), a.programmes(), len(a.sources())), arrived, self)

    def ask(self) -> None:
        """Look for what is typed."""
        self.queries += 1
        number, text, loose = self.queries, self.query.text(), self.loose.isChecked()
        speaker, programme = self.speaker.currentData() or "", self.programme.currentData() or ""
        if not text.strip():
            self._show((), "")
            self._fill()
            return

        def arrived(hits: tuple[ArchiveHit, ...]) -> None:
            if number == self.queries:
                self._show(hits, tr_n(len(hits), "{n} line, newest footage first.", "{n} lines, newest footage first.")
                           if hits else tr("Nobody said that, as it is written. “Loosely” finds other endings."))  # fmt: skip

        self._archive.ask(lambda a: a.search(text, loose, speaker, programme), arrived, self)

    def ask_before(self) -> None:
        """Where nearly the same was said as in the chosen line."""
        chosen = self.chosen()
        if not chosen:
            return
        self.queries += 1
        hit, number = chosen[0], self.queries

        def look(archive: Archive) -> tuple[ArchiveHit, ...]:
            return tuple(h for h, _score in archive.said_before(hit.text, hit.source.key, hit.start, hit.end))

        def arrived(hits: tuple[ArchiveHit, ...]) -> None:
            if number == self.queries:
                self._show(
                    (hit, *hits),
                    tr_n(len(hits), "{n} other line says nearly the same.", "{n} other lines say nearly the same."),
                )

        self._archive.ask(look, arrived, self)

    def _show(self, hits: Sequence[ArchiveHit], told: str) -> None:
        self.hits = tuple(hits)
        self.list.clear()
        for hit in hits:
            where = [hit.source.name, clock(hit.start), hit.speaker, hit.source.programme, hit.source.day]
            item = QListWidgetItem(f"{hit.text}\n{'  ·  '.join(w for w in where if w)}")
            item.setSizeHint(QSize(0, PICTURE.height() + 8))
            blank = QPixmap(PICTURE)
            blank.fill(Qt.GlobalColor.transparent)
            item.setIcon(QIcon(blank))
            self.list.addItem(item)
        self.told.setText(told)
        self._fit()
        if hits:
            self._pictures(self.queries, self.hits[:PICTURES])

    def _pictures(self, number: int, hits: Sequence[ArchiveHit]) -> None:
        """Show where each line was said; footage that is gone has none."""

        def drawn(path: str, ticks: Sequence[int]) -> list[QImage]:
            try:
                with PictureReader(path, height=2 * PICTURE.height()) as reader:
                    return [wide_at(reader, tick, PICTURE.width()) for tick in ticks]
            except MediaError:
                return []

        for path in dict.fromkeys(h.source.path for h in hits):
            rows = [n for n, h in enumerate(hits) if h.source.path == path]
            ticks = [(hits[n].start + hits[n].end) // 2 for n in rows]

            def arrived(images: list[QImage], rows: list[int] = rows) -> None:
                for n, image in zip(rows, images, strict=False):
                    item = self.list.item(n)
                    if number == self.queries and item is not None:
                        item.setIcon(QIcon(QPixmap.fromImage(image)))

            self._ws.in_background("preview", lambda p=path, t=ticks: drawn(p, t), arrived, self)  # type: ignore[misc]

    def chosen(self) -> list[ArchiveHit]:
        return [self.hits[self.list.row(item)] for item in sorted(self.list.selectedItems(), key=self.list.row)]

    def _fit(self) -> None:
        count = len(self.list.selectedItems())
        self.before.setEnabled(count == 1)
        self.go.setEnabled(count == 1)
        self.hear.setEnabled(count == 1)
        self.basket.setEnabled(count > 0 and self._ws.opened is not None)
        self.make.setEnabled(count > 0)

    def hear_chosen(self) -> None:
        chosen = self.chosen()
        if len(chosen) == 1:
            self.heard_wanted.emit(chosen[0].source.path, chosen[0].start, chosen[0].end)

    def add_to_basket(self) -> None:
        """The chosen lines, in their order here, of any footage: what is not in this project yet is brought in."""
        hits = self.chosen()
        if not hits:
            return

        def here(sources: dict[str, Source]) -> None:
            pieces = tuple(_around(h, sources[h.source.key]) for h in hits)

            def put(now: Present) -> tuple[Segment, ...]:
                passages = now.basket
                for piece in pieces:
                    passages = (*without(passages, piece.source, piece.start, piece.end), piece)
                return passages

            self._ws.change_basket(tr("Add to the basket"), put)
            self._ws.said.emit(tr("{hits} added to the basket.", hits=count_of(len(hits), "line")), "note")

        self._with_sources(hits, here)

    def open_chosen(self) -> None:
        """Open the footage of the chosen line, in this project."""
        chosen = self.chosen()
        if len(chosen) != 1:
            return
        hit = chosen[0]

        def here(sources: dict[str, Source]) -> None:
            self.open_wanted.emit(sources[hit.source.key], hit.start)
            self.accept()

        self._with_sources([hit], here)

    def make_short(self) -> None:
        """A short of the chosen lines, also of several files."""
        hits = self.chosen()
        if not hits:
            return
        name = " ".join(hits[0].text.split()[:6])

        def here(sources: dict[str, Source]) -> None:
            def work(project: Project) -> int:
                segments: list[Segment] = []
                for hit in hits:
                    piece = _around(hit, sources[hit.source.key])
                    touching = [s for s in segments if s.overlaps(piece)]
                    if touching:  # lines one after another become one piece
                        whole = Segment(
                            piece.source, min(s.start for s in (*touching, piece)), max(s.end for s in (*touching, piece))
                        )
                        at = segments.index(touching[0])
                        segments = [s for s in segments if s not in touching]
                        segments.insert(at, whole)
                    else:
                        segments.append(piece)
                short = Short.of(name, segments)
                brief = project.briefs().get(short.main_source)
                return project.add_short(short if brief is None else begun(short, brief))

            def made(number: int) -> None:
                self._ws.said.emit(tr("“{name}” is made.", name=name), "note")
                self._ws.open_short(number)
                self.accept()

            self._ws.with_project(work, made)

        self._with_sources(hits, here)

    def _with_sources(self, hits: Sequence[ArchiveHit], then: Callable[[dict[str, Source]], None]) -> None:
        """Bring the footage of hits into the project, where it is not in it, and go on with it."""
        ws = self._ws
        wanted = {h.source.key: h.source.path for h in hits}
        there = {s.key: s for s in ws.sources_here()}

        def look() -> dict[str, Source]:
            found = {key: there[key] if key in there else probe(Path(path)) for key, path in wanted.items()}
            for key, source in found.items():
                if source.key != key:
                    raise MediaError(
                        tr("{name} has changed since it was analysed.", name=source.name),
                        tr("Find the file as it was, and add it."),
                    )
            return found

        def arrived(found: dict[str, Source]) -> None:
            for key, source in found.items():
                if key not in there:
                    ws.add_source(source)
            then(found)

        ws.in_background("files", look, arrived, self)


def _around(hit: ArchiveHit, source: Source) -> Segment:
    """A line with a little of what surrounds it."""
    return Segment(source.key, max(0, hit.start - AIR), min(source.length, hit.end + AIR))

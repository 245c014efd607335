"""Cuts for other programs and from them: what would be written, clip by clip, and what comes in, with what is left out."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from fractions import Fraction
from pathlib import Path
from typing import Final

from PySide6.QtCore import QObject, Qt
from PySide6.QtWidgets import (
    QButtonGroup,
    QDialog,
    QFileDialog,
    QHBoxLayout,
    QLabel,
    QListWidget,
    QRadioButton,
    QTreeWidget,
    QTreeWidgetItem,
    QVBoxLayout,
    QWidget,
)

from standtall.base.interface_language import count_of, tr, tr_n
from standtall.base.time import TICKS_PER_SECOND, clock
from standtall.base.timecode import timecode, usual_rate
from standtall.library.project import Project
from standtall.model.cut_list import CutList
from standtall.session.begin import begun
from standtall.session.cuts_in import ENDINGS, BroughtIn, brought_in, rate_of, read_cut
from standtall.session.cuts_out import FORMATS, Later, cut_list, cuts_of, kept_moments, write_cuts
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.cards import heading
from standtall.ui.widgets.fields import button, cancel_of
from standtall.ui.widgets.tips import set_tip

ABOUT: Final = {
    ".otio": tr("clips, framing, captions, cutaways and music as tracks"),
    ".edl": tr("clips with timecode and markers, for nearly every finishing program"),
    ".csv": tr("clips and markers as a table of times"),
    ".html": tr("times, words and pictures, to read in a browser and sign off"),
    ".pdf": tr("the same on pages, to print"),
    ".txt": tr("each piece with the time it begins, for a description"),
}
SHOWN: Final = 300
"""Clips that the sheet lists."""


class CutSheet(QDialog):
    """Asks of what a cut is written and as what. `gather` brings the cuts of "short", "all" or "kept", as long as this is there;
    `write` is given the file, and the cuts that are shown."""

    def __init__(
        self, short: str, gather: Callable[[str, Callable[[Sequence[CutList]], None], QObject], None],
        write: Callable[[Path, Sequence[CutList]], None], parent: QWidget | None = None,
    ) -> None:  # fmt: skip
        super().__init__(parent)
        self.setWindowTitle(tr("Cut for other programs"))
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self._gather, self._write, self._short = gather, write, short
        self.cuts: Sequence[CutList] = ()
        self.resize(720, 600)
        column = QVBoxLayout(self)
        column.setContentsMargins(22, 18, 22, 18)
        column.setSpacing(8)
        column.addWidget(heading(tr("CUT OF")))
        self.of: dict[str, QRadioButton] = {}
        whose = QButtonGroup(self)
        texts = (
            ("short", tr("the short “{short}”", short=short), tr("Write the pieces of the short that is open")),
            ("all", tr("all shorts, one after another"), tr("Write every short of the project into one cut")),
            ("kept", tr("all moments that were kept"), tr("Write the moments that were kept, in the order of their footage")),
        )
        for name, text, tip in texts:
            self.of[name] = QRadioButton(text)
            set_tip(self.of[name], tip)
            whose.addButton(self.of[name])
            column.addWidget(self.of[name])
            self.of[name].toggled.connect(lambda on, n=name: self._choose(n) if on else None)
        self.list = QTreeWidget()
        self.list.setAccessibleName(tr("Clips of the cut"))
        set_tip(self.list, tr("What would be written, clip by clip"))
        self.list.setHeaderLabels([tr("Clip"), tr("In"), tr("Out"), tr("Length"), tr("What is said")])
        self.list.setRootIsDecorated(False)
        self.list.setUniformRowHeights(True)
        column.addWidget(self.list, 1)
        self.told = QLabel()
        self.told.setObjectName("faint")
        column.addWidget(self.told)
        column.addWidget(heading(tr("AS")))
        self.formats: dict[str, QRadioButton] = {}
        kinds = QButtonGroup(self)
        for ending, kind in FORMATS.items():
            self.formats[ending] = QRadioButton(f"{kind} ({ending}) – {ABOUT[ending]}")
            set_tip(self.formats[ending], tr("Write a file of the kind {ending}", ending=ending))
            kinds.addButton(self.formats[ending])
            column.addWidget(self.formats[ending])
        self.formats[".otio"].setChecked(True)
        row = QHBoxLayout()
        row.addStretch(1)
        self.go = button(tr("Choose the file…"), tr("Say where the file goes; it is written then (Enter)"), self._ask, "main")
        self.go.setDefault(True)
        self.go.setEnabled(False)
        row.addWidget(cancel_of(self))
        row.addWidget(self.go)
        column.addLayout(row)
        self.of["short"].setChecked(True)

    def ending(self) -> str:
        return next(e for e, choice in self.formats.items() if choice.isChecked())

    def _choose(self, name: str) -> None:
        self.cuts = ()
        self.go.setEnabled(False)
        self.list.clear()
        self.told.setText(tr("Gathering the clips …"))
        self._gather(name, lambda cuts: self.show_cuts(name, cuts), self)

    def show_cuts(self, name: str, cuts: Sequence[CutList]) -> None:
        """List what would be written, if that is still what is asked for."""
        if not self.of[name].isChecked():
            return
        self.cuts = cuts
        rows = [(cut, clip) for cut in cuts for clip in cut.clips]
        for cut, clip in rows[:SHOWN]:
            rate = usual_rate(clip.file.rate or cut.rate)
            frames = [clip.file.first + round(Fraction(t, TICKS_PER_SECOND) * rate) for t in (clip.start, clip.end)]
            times = [timecode(f, rate, clip.file.drop) for f in frames]
            length = tr("{length:.1f} s", length=clip.length / TICKS_PER_SECOND)
            row = QTreeWidgetItem([clip.name, *times, length, clip.says])
            row.setToolTip(4, clip.says)
            self.list.addTopLevelItem(row)
        for place in range(4):
            self.list.resizeColumnToContents(place)
        total = sum(cut.length for cut in cuts)
        more = tr(", of which {shown} are listed", shown=SHOWN) if len(rows) > SHOWN else ""
        files = len({clip.file.key for _cut, clip in rows})
        self.told.setText(
            tr(
            "{clips} of {files}, {total}{more}.",
            clips=count_of(len(rows), "clip"), files=count_of(files, "file"), total=clock(total, tenths=True), more=more,
        )
            if rows else tr("There is none yet.")
        )  # fmt: skip
        self.go.setEnabled(bool(rows))

    def _ask(self) -> None:
        ending = self.ending()
        proposed = "".join(
            c for c in (self._short if self.of["short"].isChecked() else tr("Cut")) if c.isalnum() or c in " -_'"
        ).strip()
        name, _kind = QFileDialog.getSaveFileName(
            self, tr("Write the cut"), f"{proposed or 'cut'}{ending}", f"{FORMATS[ending]} (*{ending})"
        )
        if name:
            path = Path(name)
            self.write_to(path if path.suffix.lower() == ending else path.with_name(path.name + ending))

    def write_to(self, path: Path) -> None:
        """Write what is listed into a file, and close."""
        self._write(path, self.cuts)
        self.accept()


class BroughtInSheet(QDialog):
    """What comes in: the shorts that would be made, and all that is left out; `make` makes them."""

    def __init__(self, path: Path, found: BroughtIn, make: Callable[[BroughtIn], None], parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setWindowTitle(tr("From {name}", name=path.name))
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self.resize(620, 460)
        column = QVBoxLayout(self)
        column.setContentsMargins(22, 18, 22, 18)
        column.setSpacing(8)
        column.addWidget(heading(tr("SHORTS THAT ARE MADE")))
        self.shorts = QListWidget()
        self.shorts.setAccessibleName(tr("Shorts that are made"))
        set_tip(self.shorts, tr("Each short that comes of it, with its length and its pieces"))
        for short in found.shorts:
            pieces = len(short.segments)
            self.shorts.addItem(
                tr(
                    "{name}  –  {length}, {pieces}",
                    name=short.name,
                    length=clock(short.length, tenths=True),
                    pieces=count_of(pieces, "piece"),
                )
            )
        column.addWidget(self.shorts, 1)
        column.addWidget(heading(tr("LEFT OUT")))
        self.left_out = QListWidget()
        self.left_out.setAccessibleName(tr("What is left out, and why"))
        set_tip(self.left_out, tr("What is left out, and why"))
        self.left_out.setWordWrap(True)
        self.left_out.addItems(list(found.left_out) or [tr("Nothing: all of it is taken.")])
        column.addWidget(self.left_out, 1)
        row = QHBoxLayout()
        row.addStretch(1)
        many = tr("Make the short") if len(found.shorts) == 1 else tr("Make {shorts} shorts", shorts=len(found.shorts))
        self.go = button(many, tr("Put them into the project, beside those that are there (Enter)"), lambda: make(found), "main")
        self.go.setDefault(True)
        self.go.clicked.connect(self.accept)
        row.addWidget(cancel_of(self))
        row.addWidget(self.go)
        column.addLayout(row)


class Cuts:
    """Files are read and written beside the interface."""

    def __init__(self, workspace: Workspace, parent: QWidget) -> None:
        self._ws, self._parent = workspace, parent
        self.sheet: CutSheet | None = None
        self.incoming: BroughtInSheet | None = None

    def write(self) -> None:
        """Ask what is to be written."""
        opened = self._ws.opened
        if opened is None:
            self._ws.said.emit(tr("Open a short on the Bench first."), "note")
            return
        self.sheet = CutSheet(opened.entry.short.name, self._gather, self._written, self._parent.window())
        self.sheet.open()

    def _gather(self, of: str, then: Callable[[Sequence[CutList]], None], sheet: QObject) -> None:
        ws, opened = self._ws, self._ws.opened
        if of == "short" and opened is not None:
            made = opened.composition
            ws.in_background("files", lambda: [cut_list(made)], then, sheet)
            return
        sources, cache = ws.sources_here(), ws.cache
        options = {s.key: ws.options_of(s) for s in sources}

        def work(project: Project) -> Later:
            if of == "kept":
                return kept_moments(project, sources, lambda s, _brief: options[s.key], cache)
            numbers = [e.id for e in project.shorts()]
            return cuts_of(project, sources, lambda s, _brief: options[s.key], cache, numbers)

        ws.with_project(work, lambda later: ws.in_background("files", later, then, sheet))

    def _written(self, path: Path, cuts: Sequence[CutList]) -> None:
        ws = self._ws
        name, progress = path.stem, ws.closing
        told = lambda _none: ws.said.emit(tr("The cut is written: {name}.", name=path.name), "note")  # noqa: E731
        ws.in_background("files", lambda: write_cuts(path, name, cuts, progress), told)

    def choose(self) -> None:
        """Ask for a file of another program."""
        pattern = " ".join(f"*{e}" for e in ENDINGS)
        name, _kind = QFileDialog.getOpenFileName(
            self._parent.window(), tr("Bring in a cut or markers"), "", tr("Cuts and markers ({pattern})", pattern=pattern)
        )
        if name:
            self.bring(Path(name))

    def bring(self, path: Path) -> None:
        """Read a file and show what would come in."""
        ws = self._ws
        sources = ws.sources_here()

        def arrived(found: BroughtIn) -> None:
            self.incoming = BroughtInSheet(path, found, self._make, self._parent.window())
            self.incoming.open()

        ws.in_background("files", lambda: brought_in(read_cut(path, rate_of(sources)), sources), arrived)

    def _make(self, found: BroughtIn) -> None:
        ws = self._ws

        def work(project: Project) -> int:
            briefs = project.briefs()
            numbers = []
            for short in found.shorts:
                brief = briefs.get(short.main_source)
                numbers.append(project.add_short(short if brief is None else begun(short, brief)))
            return numbers[0]

        def made(number: int) -> None:
            count = len(found.shorts)
            ws.said.emit(
                tr_n(count, "{n} short is made of “{name}”.", "{n} shorts are made of “{name}”.", name=found.name),
                "note",
            )
            ws.open_short(number)

        ws.with_project(work, made)

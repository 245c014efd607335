"""What is put into the queue: which shorts, in which shapes and languages, in what form, where, under what names."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import replace
from fractions import Fraction
from pathlib import Path
from typing import Any, Final

from PySide6.QtCore import QTimer, Signal
from PySide6.QtGui import QHideEvent, QShowEvent
from PySide6.QtWidgets import QCheckBox, QComboBox, QFileDialog, QGridLayout, QHBoxLayout, QLabel, QSpinBox, QVBoxLayout, QWidget

from standtall.base.errors import NothingToDo, StandTallError
from standtall.base.interface_language import tr, tr_n
from standtall.base.time import TICKS_PER_SECOND, clock
from standtall.jobs.events import Ended, Event, Foretold
from standtall.jobs.requests import ForetellRequest, RenderRequest, Request
from standtall.library.project import Project
from standtall.model.form import RATES, WIDTHS, Form
from standtall.model.output import SHAPES
from standtall.session.finish import ends_of, free_file
from standtall.session.render_many import PATTERN, PLACEHOLDERS, Wanted, named, requests
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.cards import Panel, card_in
from standtall.ui.widgets.fields import Field, button
from standtall.ui.widgets.tips import set_tip

SOON_MS: Final = 1500
CODECS: Final = {
    "h264": tr("H.264, plays everywhere"),
    "hevc": tr("HEVC, smaller"),
    "av1": tr("AV1, smallest"),
    "vp9": tr("VP9 in WebM"),
}
QUALITIES: Final = {"small": tr("Small file"), "good": tr("Good"), "best": tr("Best")}
CAPTIONS: Final = {"picture": tr("In the picture"), "file": tr("In a file beside it"), "both": tr("In the picture and in a file")}
SOUNDS: Final = {
    "": tr("With its picture"), "m4a": tr("Sound alone, AAC"), "opus": tr("Sound alone, Opus"), "wav": tr("Sound alone, WAV"),
    "flac": tr("Sound alone, FLAC"),
}  # fmt: skip


class AskingPanel(Panel):
    """A column of cards with the button that asks. `changed` tells that something else is chosen, `check` that it is to be looked
    through first."""

    changed = Signal()
    check = Signal()

    def __init__(self, workspace: Workspace) -> None:
        super().__init__()
        self._ws = workspace
        self._names: list[tuple[int, str]] = []
        box = card_in(self.column, tr("WHAT"))
        self.shorts = _choice(tr("Which shorts"), {"one": tr("The short on the Bench"), "all": tr("All shorts of the project")})
        self.shorts.setToolTip(tr("Which shorts are rendered, as they stand now"))
        box.addWidget(self.shorts)
        grid = QGridLayout()
        self.shapes: dict[str, QCheckBox] = {}
        for n, shape in enumerate(("", *SHAPES)):
            made = QCheckBox(shape or tr("As each is"))
            made.setToolTip(
                tr("The shape of each short")
                if not shape
                else tr("Also in {shape}, framed anew by whom and how large", shape=shape)
            )
            made.setChecked(not shape)
            made.clicked.connect(lambda _on: self._tell())
            self.shapes[shape] = made
            grid.addWidget(made, n // 3, n % 3)
        box.addLayout(grid)
        self._languages = QVBoxLayout()
        box.addLayout(self._languages)
        self.languages: dict[str, QCheckBox] = {}
        self._form_card()
        where = card_in(self.column, tr("WHERE"))
        line = QHBoxLayout()
        self.folder_told = QLabel()
        self.folder_told.setObjectName("faint")
        self.folder_told.setWordWrap(True)
        line.addWidget(self.folder_told, 1)
        line.addWidget(button(tr("Folder…"), tr("Choose the folder for finished files"), self._choose_folder, "small"))
        where.addLayout(line)
        self.pattern = Field(tr("Names of the files"), PATTERN)
        self.pattern.setText(PATTERN)
        told = "; ".join(tr("{{{name}}} is {what}", name=k, what=v) for k, v in PLACEHOLDERS.items())
        set_tip(self.pattern, tr("How files are named: {told}", told=told))
        self.pattern.textChanged.connect(lambda _t: self._tell())
        where.addWidget(self.pattern)
        self.example = QLabel()
        self.example.setObjectName("faint")
        self.example.setWordWrap(True)
        where.addWidget(self.example)
        self.replaces = QCheckBox(tr("Replace files of the same name"))
        self.replaces.setToolTip(tr("On: a file of the same name is written over. Off: it stays, and the new one gets a number"))
        self.replaces.clicked.connect(self._replace)
        where.addWidget(self.replaces)
        self.cost = QLabel()
        self.cost.setObjectName("faint")
        self.cost.setWordWrap(True)
        where.addWidget(self.cost)
        self._soon = QTimer(self)
        self._soon.setSingleShot(True)
        self._soon.timeout.connect(self._foretell)
        self._number: int | None = None
        """Of the request that finds out what it will cost."""
        self._counted: list[RenderRequest] = []
        self._told_of: Wanted | None = None
        self._plain = ""
        """The name that is shown, without a number."""
        workspace.jobs.heard.connect(self._heard)
        self.go = button(tr("Add to the queue"), tr("Render what is chosen, as it stands now (Ctrl+Shift+R)"), self.ask, "main")
        self.column.addWidget(self.go)
        tip = tr("Look through what is chosen: captions, framing, sound (Ctrl+Shift+K)")
        self.look = button(tr("Check before"), tip, self.check.emit, "small")
        self.column.addWidget(self.look)
        self.finish()
        for signal in (workspace.opened_changed, workspace.project_changed):
            signal.connect(self.refresh)
        self.shorts.currentIndexChanged.connect(lambda _i: self._tell())
        workspace.renders.changed.connect(self._tell)
        self.refresh()

    def _form_card(self) -> None:
        box = card_in(self.column, tr("FORM"))
        self.codec = _choice(tr("Encoding"), CODECS)
        self.quality = _choice(tr("Quality"), QUALITIES, 1)
        self.side = _choice(
            tr("Size"), {0: tr("As each short"), **{w: tr("{pixels} pixels on the shorter side", pixels=w) for w in WIDTHS}}
        )
        self.fps = _choice(
            tr("Frames a second"), {Fraction(0): tr("As the source"), **{r: tr("{fps:g} fps", fps=float(r)) for r in RATES}}
        )
        self.captions = _choice(tr("Captions"), CAPTIONS)
        self.sound = _choice(tr("Sound"), SOUNDS)
        self.bit_rate = QSpinBox()
        self.bit_rate.setRange(0, 200_000)
        self.bit_rate.setSingleStep(500)
        self.bit_rate.setSuffix(" kbit/s")
        self.bit_rate.setSpecialValueText(tr("by quality"))
        self.bit_rate.setAccessibleName(tr("Bit rate"))
        set_tip(self.bit_rate, tr("A bit rate instead of a quality; the size of the file follows from it"))
        rows: tuple[tuple[str, QWidget], ...] = (
            (tr("Encoding"), self.codec), (tr("Quality"), self.quality), (tr("Bit rate"), self.bit_rate), (tr("Size"), self.side),
            (tr("Fps"), self.fps), (tr("Captions"), self.captions), (tr("Sound"), self.sound),
        )  # fmt: skip
        grid = QGridLayout()
        grid.setSpacing(5)
        grid.setColumnStretch(1, 1)
        for n, (text, widget) in enumerate(rows):
            grid.addWidget(QLabel(text), n, 0)
            grid.addWidget(widget, n, 1)
        self.beside: dict[str, QCheckBox] = {}
        line = QHBoxLayout()
        for ending, text in ((".srt", "SRT"), (".vtt", "WebVTT"), (".ass", "ASS")):
            made = QCheckBox(text)
            made.setChecked(ending == ".srt")
            made.setToolTip(tr("Captions beside the file as {said}", said=text))
            self.beside[ending] = made
            line.addWidget(made)
        grid.addLayout(line, len(rows), 1)
        box.addLayout(grid)
        for chosen in (self.codec, self.captions, self.sound):
            chosen.currentIndexChanged.connect(lambda _i: self._tell())

    # what it asks for

    def form(self) -> Form:
        """The form as it is chosen."""
        beside = tuple(ending for ending, made in self.beside.items() if made.isChecked()) or (".srt",)
        return Form(
            self.codec.currentData(), self.quality.currentData(), self.bit_rate.value(), self.captions.currentData(), beside,
            self.sound.currentData(),
        )  # fmt: skip

    def wanted(self) -> Wanted | None:
        """What is chosen now; None without a short."""
        opened = self._ws.opened
        if opened is None:
            return None
        numbers = (opened.entry.id,) if self.shorts.currentData() == "one" else tuple(n for n, _name in self._names)
        shapes = tuple(shape for shape, made in self.shapes.items() if made.isChecked())
        languages = tuple(code for code, made in self.languages.items() if made.isChecked()) if self.languages else ("",)
        return Wanted(
            numbers or (opened.entry.id,),
            self._ws.renders.folder,
            shapes,
            languages,
            self.side.currentData(),
            self.fps.currentData(),
            self.form(),
            self.pattern.text(),
            self._ws.renders.replaces,
        )

    def ask(self) -> None:
        """Put what is chosen into the queue."""
        ws, wanted = self._ws, self.wanted()
        if wanted is None:
            ws.said.emit(tr("There is no short to render yet."), "note")
            return
        wanted = replace(wanted, waited_for=ws.renders.waited_for())
        sources = ws.sources_here()
        options = {s.key: ws.options_of(s) for s in sources}

        def work(project: Project) -> list[RenderRequest]:
            return requests(project, sources, lambda s, _brief: options[s.key], ws.cache, wanted)

        ws.with_project(work, ws.renders.ask)

    def _replace(self, replaces: bool) -> None:
        self._ws.renders.set_replaces(replaces)
        self._tell()

    def _choose_folder(self) -> None:
        folder = QFileDialog.getExistingDirectory(self, tr("A folder for finished files"), str(self._ws.renders.folder))
        if folder:
            self._ws.renders.set_folder(Path(folder))

    # what it shows

    def refresh(self) -> None:
        opened = self._ws.opened
        self.inner.setEnabled(opened is not None)
        codes = [t.language for t in opened.transcript.translations] if opened is not None else []
        wanted = ["original", *codes] if codes else []
        if list(self.languages) != wanted:
            for made in self.languages.values():
                self._languages.removeWidget(made)
                made.deleteLater()
            self.languages = {}
            for code in wanted:
                made = QCheckBox(
                    tr("Captions in the original language") if code == "original" else tr("Captions in {code}", code=code)
                )
                made.setChecked(code == "original")
                made.clicked.connect(lambda _on: self._tell())
                self.languages[code] = made
                self._languages.addWidget(made)
        if opened is not None and self.isVisible():
            self._ws.with_project(lambda p: [(e.id, e.short.name) for e in p.shorts()], self._listed)
        self._tell()

    def showEvent(self, event: QShowEvent) -> None:
        super().showEvent(event)
        self.refresh()
        self._foretell_soon()

    def _listed(self, names: list[tuple[int, str]]) -> None:
        self._names = names
        self.shorts.setItemText(1, tr("All {names} shorts of the project", names=len(names)))
        self._tell()

    # what it will cost

    def _foretell_soon(self) -> None:
        """Ask what the first of the chosen files will cost, once nothing else is chosen for a moment."""
        self._given_up()
        self.cost.setText("")
        if self.isVisible():
            self._soon.start(SOON_MS)

    def _foretell(self) -> None:
        ws, wanted = self._ws, self.wanted()
        if wanted is None or not wanted.shapes or not wanted.languages:
            return
        sources = ws.sources_here()
        options = {s.key: ws.options_of(s) for s in sources}
        there = replace(wanted, waited_for=ws.renders.waited_for())

        def work(project: Project) -> list[RenderRequest]:
            try:
                return requests(project, sources, lambda s, _brief: options[s.key], ws.cache, there)
            except NothingToDo:
                return []  # told when it is asked for

        def arrived(found: list[RenderRequest]) -> None:
            if found and wanted == self.wanted():
                self._counted = found
                self._number = ws.jobs.ask(ForetellRequest(found[0]))
                self.cost.setText(tr("Finding out size and time …"))

        ws.with_project(work, arrived)

    def _given_up(self) -> None:
        if self._number is not None:
            self._ws.jobs.cancel(self._number)
            self._number = None

    def _heard(self, number: int, _request: Request, event: Event) -> None:
        if number != self._number:
            return
        if isinstance(event, Foretold):
            self.cost.setText(cost_told(event, self._counted))
        elif isinstance(event, Ended):
            self._number = None
            if event.state == "failed":
                self.cost.setText("")

    def hideEvent(self, event: QHideEvent) -> None:
        self._soon.stop()
        self._given_up()
        super().hideEvent(event)

    def show_count(self, count: int | None) -> None:
        """How many notices there are, where that is known."""
        found = tr("Check before  ·  {count} to look at", count=count) if count else tr("Checked: all is right")
        self.look.setText(tr("Check before") if count is None else found)

    def name_by(self, pattern: str) -> None:
        """Let files be named by a pattern; "" for the usual one."""
        self.pattern.setText(pattern or PATTERN)

    def _tell(self) -> None:
        """The folder, a name as it will be, and how many files."""
        self.changed.emit()
        if self.wanted() != self._told_of:
            self._told_of = self.wanted()
            self._foretell_soon()
        self.replaces.setChecked(self._ws.renders.replaces)
        self.folder_told.setText(str(self._ws.renders.folder))
        self.folder_told.setToolTip(str(self._ws.renders.folder))
        alone, beside = bool(self.sound.currentData()), self.captions.currentData() != "picture"
        parts: tuple[QWidget, ...] = (self.codec, self.quality, self.side, self.fps, self.captions, self.bit_rate)
        for part in parts:
            part.setEnabled(not alone)
        for box in self.beside.values():
            box.setVisible(beside and not alone)
        opened, wanted = self._ws.opened, self.wanted()
        if opened is None or wanted is None:
            self._plain = ""
            self.example.setText("")
            return
        shape = wanted.shapes[0] if len(wanted.shapes) > 1 else ""
        language = wanted.languages[0] if len(wanted.languages) > 1 else ""
        try:
            self._show_name(wanted, named(wanted.pattern, opened.entry.short, shape, language, 1, wanted.form.ending))
        except (NothingToDo, StandTallError) as error:
            self._plain = ""
            self.example.setText(str(error))
        count = len(wanted.shorts) * len(wanted.shapes) * len(wanted.languages)
        self.go.setText(tr_n(count, "Render {n} file", "Render {n} files"))
        self.go.setEnabled(count > 0)

    def _show_name(self, wanted: Wanted, name: str) -> None:
        """Show what a file will be called: at once without a number, and with it once it was seen that the name is taken."""
        if self._plain != name:
            self._plain = name
            self.example.setText(name)
        file, ends, waited_for = wanted.folder / name, ends_of(wanted.form), self._ws.renders.waited_for()

        def arrived(free: Path) -> None:
            if self._plain == name:
                self.example.setText(free.name)

        self._ws.with_project(lambda _p: file if wanted.replaces else free_file(file, waited_for, ends), arrived)


def cost_told(first: Foretold, wanted: list[RenderRequest]) -> str:
    """Size and time of all files, from those of the first: by their pixels and their length."""

    def weight(request: RenderRequest) -> float:
        return request.short.length * (
            1 if request.form.sound_alone else request.short.output.width * request.short.output.height
        )

    factor = sum(weight(r) for r in wanted) / max(1.0, weight(wanted[0]))
    size, seconds = first.size_bytes * factor, round(first.seconds * factor)
    together = "" if len(wanted) == 1 else tr(" together, one after the other")
    return tr(
        "About {size:.1f} MB, in about {seconds}{together}",
        size=size / 1000000.0,
        seconds=clock(seconds * TICKS_PER_SECOND),
        together=together,
    )


def _choice(name: str, rows: Mapping[Any, str], at: int = 0) -> QComboBox:
    made = QComboBox()
    made.setAccessibleName(name)
    made.setMinimumContentsLength(8)
    made.setSizeAdjustPolicy(QComboBox.SizeAdjustPolicy.AdjustToMinimumContentsLengthWithIcon)
    made.setToolTip(name)
    for value, text in rows.items():
        made.addItem(text, value)
    made.setCurrentIndex(at)
    return made

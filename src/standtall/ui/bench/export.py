"""The sheet that writes words to a file: of what, and in which format."""

from __future__ import annotations

from pathlib import Path

from PySide6.QtCore import Qt, Signal
from PySide6.QtWidgets import (
    QButtonGroup,
    QComboBox,
    QDialog,
    QFileDialog,
    QHBoxLayout,
    QRadioButton,
    QVBoxLayout,
    QWidget,
)

from standtall.base.interface_language import tr
from standtall.exchange import captions_out
from standtall.exchange.words_out import FORMATS
from standtall.ui.widgets.cards import heading
from standtall.ui.widgets.fields import button, cancel_of
from standtall.ui.widgets.languages import LANGUAGES
from standtall.ui.widgets.tips import set_tip

ABOUT = {
    ".srt": tr("captions of up to two lines; read by nearly every program"),
    ".vtt": tr("captions with speakers and the time of each word"),
    ".txt": tr("paragraphs by speaker, to read"),
    ".json": tr("every word with time, speaker and confidence"),
    ".ass": tr("captions with their style, for players that draw it"),
}


class ExportSheet(QDialog):
    """`wanted` carries the file, whether the whole footage is meant (else the short), and the language of a translation;
    `captions_wanted` the file for the captions of the short as they are shown."""

    wanted = Signal(object, bool, str)
    captions_wanted = Signal(object)

    def __init__(self, source: str, short: str, languages: tuple[str, ...] = (), parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setWindowTitle(tr("Export words"))
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self._names = {True: source, False: short}
        column = QVBoxLayout(self)
        column.setContentsMargins(22, 18, 22, 18)
        column.setSpacing(9)
        column.addWidget(heading(tr("WORDS OF")))
        self.formats: dict[str, QRadioButton] = {}
        self.language = QComboBox()
        self.short, self.whole = (
            QRadioButton(tr("the short “{short}”", short=short)),
            QRadioButton(tr("all of “{source}”", source=source)),
        )
        self.shown = QRadioButton(tr("the captions of the short, line by line as they are shown"))
        set_tip(self.short, tr("Write the words that are in the short, with its times"))
        set_tip(self.whole, tr("Write all words of the footage, with its times"))
        set_tip(self.shown, tr("Write each caption with the lines and the times that it has in the picture"))
        self.short.setChecked(True)
        what = QButtonGroup(self)
        for choice in (self.short, self.whole, self.shown):
            choice.toggled.connect(lambda _on: self._fit())
            what.addButton(choice)
            column.addWidget(choice)
        self.language.setAccessibleName(tr("Language of the words"))
        set_tip(self.language, tr("Write the words as they were said, or a translation of them"))
        self.language.addItem(tr("Original language"), "")
        for code in languages:
            self.language.addItem(tr("Translation: {language}", language=LANGUAGES.get(code, code)), code)
        if languages:
            column.addWidget(self.language)
        column.addSpacing(6)
        column.addWidget(heading(tr("AS")))
        kinds = QButtonGroup(self)
        for ending, name in (FORMATS | captions_out.FORMATS).items():
            self.formats[ending] = QRadioButton(f"{name} ({ending}) – {ABOUT[ending]}")
            set_tip(self.formats[ending], tr("Write a file of the kind {ending}", ending=ending))
            kinds.addButton(self.formats[ending])
            column.addWidget(self.formats[ending])
        self.formats[".srt"].setChecked(True)
        self._fit()
        column.addSpacing(8)
        row = QHBoxLayout()
        row.addStretch(1)
        write = button(tr("Choose the file…"), tr("Say where the file goes; it is written then (Enter)"), self._choose, "main")
        write.setDefault(True)
        row.addWidget(cancel_of(self))
        row.addWidget(write)
        column.addLayout(row)

    def _fit(self) -> None:
        """Offer the formats that there are for what is written."""
        there = captions_out.FORMATS if self.shown.isChecked() else FORMATS
        for ending, choice in self.formats.items():
            choice.setEnabled(ending in there)
            if choice.isChecked() and ending not in there:
                self.formats[".srt"].setChecked(True)
        self.language.setEnabled(not self.shown.isChecked())

    def ending(self) -> str:
        return next(e for e, choice in self.formats.items() if choice.isChecked())

    def _choose(self) -> None:
        whole, ending = self.whole.isChecked(), self.ending()
        proposed = "".join(c for c in self._names[whole] if c.isalnum() or c in " -_'").strip() or "words"
        name, _kind = QFileDialog.getSaveFileName(
            self, tr("Write words"), f"{proposed}{ending}", f"{(FORMATS | captions_out.FORMATS)[ending]} (*{ending})"
        )
        if name:
            path = Path(name)
            path = path if path.suffix.lower() == ending else path.with_name(path.name + ending)
            if self.shown.isChecked():
                self.captions_wanted.emit(path)
            else:
                self.wanted.emit(path, whole, self.language.currentData())
            self.accept()

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
    QPushButton,
    QRadioButton,
    QVBoxLayout,
    QWidget,
)

from standtall.base.interface_language import tr
from standtall.exchange import captions_out
from standtall.exchange.words_out import FORMATS
from standtall.ui.widgets.cards import heading
from standtall.ui.widgets.languages import LANGUAGES

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
        self.short.setChecked(True)
        what = QButtonGroup(self)
        for button in (self.short, self.whole, self.shown):
            button.toggled.connect(lambda _on: self._fit())
            what.addButton(button)
            column.addWidget(button)
        self.language.setAccessibleName(tr("Language of the words"))
        self.language.addItem(tr("Original language"), "")
        for code in languages:
            self.language.addItem(tr("Translation: {language}", language=LANGUAGES.get(code, code)), code)
        if languages:
            column.addWidget(self.language)
        column.addSpacing(6)
        column.addWidget(heading("AS"))
        kinds = QButtonGroup(self)
        for ending, name in (FORMATS | captions_out.FORMATS).items():
            button = QRadioButton(f"{name} ({ending}) – {ABOUT[ending]}")
            kinds.addButton(button)
            self.formats[ending] = button
            column.addWidget(button)
        self.formats[".srt"].setChecked(True)
        self._fit()
        column.addSpacing(8)
        row = QHBoxLayout()
        row.addStretch(1)
        cancel, write = QPushButton(tr("Cancel")), QPushButton(tr("Choose the file…"))
        write.setObjectName("main")
        write.setDefault(True)
        cancel.clicked.connect(self.reject)
        write.clicked.connect(self._choose)
        row.addWidget(cancel)
        row.addWidget(write)
        column.addLayout(row)

    def _fit(self) -> None:
        """Offer the formats that there are for what is written."""
        there = captions_out.FORMATS if self.shown.isChecked() else FORMATS
        for ending, button in self.formats.items():
            button.setEnabled(ending in there)
            if button.isChecked() and ending not in there:
                self.formats[".srt"].setChecked(True)
        self.language.setEnabled(not self.shown.isChecked())

    def ending(self) -> str:
        return next(e for e, button in self.formats.items() if button.isChecked())

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

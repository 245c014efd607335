"""Words and translations from files and to files, and the translation that the recogniser makes."""

from __future__ import annotations

from pathlib import Path

from PySide6.QtWidgets import QFileDialog, QWidget

from standtall.base.interface_language import tr
from standtall.exchange.captions_out import write_captions
from standtall.exchange.words_out import write_words
from standtall.exchange.xliff import read_xliff, write_xliff
from standtall.model import corrections, translating
from standtall.model.cut import Segment
from standtall.model.timemap import TimeMap
from standtall.model.translation import Translation
from standtall.session.translate import in_english
from standtall.session.words_from import Taken, words_from
from standtall.ui.bench.export import ExportSheet
from standtall.ui.state.workspace import Workspace

WORD_FILES = tr("Scripts and captions (*.srt *.vtt *.txt *.json);;All files (*)")


class WordFiles:
    """What comes in is one step that can be undone; files are read and written in the background."""

    def __init__(self, workspace: Workspace) -> None:
        self._ws = workspace

    def choose_import(self, over: QWidget) -> None:
        """Ask for a file of words, and import it."""
        name, _kind = QFileDialog.getOpenFileName(over, tr("Import words from a file"), "", WORD_FILES)
        if name:
            self.import_words(Path(name))

    def choose_export(self, over: QWidget) -> None:
        """Ask which words go into which kind of file, and write them."""
        opened = self._ws.opened
        if opened is None:
            return
        languages = tuple(t.language for t in opened.transcript.translations)
        sheet = ExportSheet(opened.source.name, opened.entry.short.name, languages, over)
        sheet.wanted.connect(self.export_words)
        sheet.captions_wanted.connect(self.export_captions)
        sheet.open()

    def import_words(self, path: Path) -> None:
        """Put the words of a script or caption file in place of the present ones, as one step."""
        opened = self._ws.opened
        if opened is None:
            return
        self._ws.said.emit(tr("Finding the words of {name} in the sound…", name=path.name), "note")

        def arrived(taken: Taken) -> None:
            self._ws.revise(
                lambda t: corrections.heard_anew(t, taken.transcript, tr("Words from {name}", name=path.name)), opened
            )
            self._ws.said.emit(taken.told, "note")

        self._ws.in_background("words", lambda: words_from(path, opened.source, opened.found, self._ws.closing), arrived)

    def export_words(self, path: Path, whole: bool, language: str = "") -> None:
        """Write the words of the whole source or of the short to a file, or those of a translation."""
        opened = self._ws.opened
        if opened is None:
            return
        length = opened.source.length
        time_map = TimeMap((Segment(opened.source.key, 0, length),)) if whole else opened.composition.time_map

        def arrived(count: int) -> None:
            self._ws.said.emit(tr("{count} words written to {name}.", count=count, name=path.name), "note")

        self._ws.in_background(
            "files", lambda: write_words(path, opened.source.key, opened.transcript, time_map, language), arrived
        )

    def export_captions(self, path: Path) -> None:
        """Write the captions of the short as they are shown."""
        opened = self._ws.opened
        if opened is None:
            return
        made = opened.composition

        def arrived(count: int) -> None:
            self._ws.said.emit(tr("{count} captions written to {name}.", count=count, name=path.name), "note")

        self._ws.in_background("files", lambda: write_captions(path, made), arrived)

    def export_translation(self, name: str, language: str) -> None:
        """Write the passages of a second language for a translator."""
        opened = self._ws.opened
        translation = translating.find(opened.transcript, language) if opened else None
        if opened is None or translation is None:
            return
        path = Path(name) if Path(name).suffix else Path(f"{name}.xlf")
        original = Path(opened.source.path).name
        transcript, spoken = opened.transcript, opened.analysis.language

        def arrived(count: int) -> None:
            self._ws.said.emit(tr("{count} passages written to {name}.", count=count, name=path.name), "note")

        self._ws.in_background("files", lambda: write_xliff(path, transcript, translation, spoken, original), arrived)

    def import_translation(self, name: str) -> None:
        """Bring in a translation that came back."""
        path, opened = Path(name), self._ws.opened

        def arrived(found: Translation) -> None:
            self._ws.revise(lambda t: translating.take(t, found, tr("Translation from {name}", name=path.name)), opened)

        self._ws.in_background("files", lambda: read_xliff(path), arrived)

    def translate_by_ear(self, spoken: str) -> None:
        """Let the recogniser translate the talk into English."""
        opened = self._ws.opened
        if opened is None:
            return
        self._ws.said.emit(tr("Translating… this takes about as long as finding the words did."), "note")

        def arrived(found: Translation) -> None:
            self._ws.revise(lambda t: translating.take(t, found, tr("Translation by the recogniser")), opened)

        self._ws.in_background("words", lambda: in_english(opened.source, opened.transcript, spoken, self._ws.closing), arrived)

"""The extras panel: what is shown over the talk."""

from __future__ import annotations

from pathlib import Path

from PySide6.QtWidgets import QComboBox, QFileDialog, QHBoxLayout, QLabel

from standtall.checks.missing_files import files_missing
from standtall.cutting import montage
from standtall.model import edits
from standtall.session.composing import pictures_in
from standtall.ui.bench.notices import sentence
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.cards import Panel, card_in
from standtall.ui.widgets.fields import button

PICTURES = "Footage and stills (*.mp4 *.mov *.mkv *.webm *.ts *.jpg *.jpeg *.png *.webp *.tif *.tiff);;All files (*)"


class ExtrasPanel(Panel):
    """Cutaways, so far."""

    def __init__(self, workspace: Workspace) -> None:
        super().__init__()
        self._ws = workspace
        self._cutaways_card()
        self.finish()
        for signal in (workspace.opened_changed, workspace.composition_changed):
            signal.connect(self.refresh)
        self.refresh()

    def _cutaways_card(self) -> None:
        box = card_in(self.column, "CUTAWAYS")
        self._told = QLabel()
        self._told.setWordWrap(True)
        self._told.setObjectName("faint")
        box.addWidget(self._told)
        self.how = QComboBox()
        self.how.setAccessibleName("How the cutaways are shared out")
        self.how.setToolTip("Each file is shown as long as the others, or changes where a phrase ends")
        self.how.addItem("Even shares", "even")
        self.how.addItem("Change at phrases", "phrases")
        box.addWidget(self.how)
        row = QHBoxLayout()
        row.addWidget(button("Add cutaways…", "Footage or stills to show while the short is heard", self.choose))
        self._remove = button(
            "Remove", "Show the talk again", lambda: self._ws.edit(lambda s, _a: montage.remove_pictures(s))
        )  # fmt: skip
        row.addWidget(self._remove)
        box.addLayout(row)

    def choose(self) -> None:
        names, _kind = QFileDialog.getOpenFileNames(self, "Footage or stills for cutaways", "", PICTURES)
        if names:
            self.add([Path(n) for n in names])

    def add(self, paths: list[Path]) -> None:
        """Share files out over the short; they are looked at in the background."""
        how, seen = self.how.currentData(), self._ws.opened

        def arrived(found: tuple[list[montage.Picture], list[str]]) -> None:
            pictures, bad = found
            if bad:
                self._ws.said.emit(bad[0], "error")
            if pictures:
                self._ws.edit(lambda s, a: montage.lay_over(s, a, pictures, how), seen)

        self._ws.in_background("files", lambda: pictures_in(paths), arrived)

    def refresh(self) -> None:
        opened = self._ws.opened
        self.inner.setEnabled(opened is not None)
        if opened is None:
            return
        cutaways, gone = opened.entry.short.extras.cutaways, files_missing(opened.composition)
        files = {Path(c.path).name for c in cutaways}
        told = "Footage or stills to show instead of the speaker, while the sound goes on."
        if gone:
            told = f"{sentence(gone[0])}."
        elif files:
            told = f"{edits.count_of(len(files), 'file')} shown: {', '.join(sorted(files))}"
        self._told.setText(told)
        self._remove.setEnabled(bool(cutaways))

"""What new footage begins with, how finished files are named, and what of the machine is used."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import replace
from pathlib import Path
from typing import Any, Final

from PySide6.QtWidgets import QCheckBox, QFileDialog, QLabel, QSpinBox, QVBoxLayout, QWidget

from standtall.base.errors import StandTallError
from standtall.base.interface_language import tr
from standtall.jobs.helpers import cores_here
from standtall.library.settings import Settings
from standtall.model.cut import Cut, Segment
from standtall.model.look import Look
from standtall.model.short import Short
from standtall.session.render_many import PATTERN, PLACEHOLDERS, named
from standtall.ui.app.preferences.choice_rows import choice, faint, grid_in, row
from standtall.ui.app.preferences.window_card import Change
from standtall.ui.footage.brief_sheet import KINDS
from standtall.ui.widgets.fields import Field, button
from standtall.ui.widgets.languages import LANGUAGES
from standtall.ui.widgets.tips import set_tip

MOST_MEMORY_GB: Final = 512
PREVIEW_FPS: Final = (0, 30, 25, 15, 10)


class BriefCard:
    """What the brief of new footage says at first."""

    def __init__(self, box: QVBoxLayout, settings: Settings, looks: Sequence[Look], change: Change) -> None:
        self._change = change
        box.addWidget(faint(tr("Footage that is added from now on begins so; its brief can say otherwise.")))
        grid = grid_in(box)
        usual = settings.brief
        spoken = ((text, code) for code, text in LANGUAGES.items())
        self.language = choice(spoken, usual.language, lambda code: self._set(language=code))
        row(grid, tr("Spoken language"), self.language, tr("What is spoken in new footage; “detect” listens first"))
        kinds = ((text, kind) for kind, text in KINDS.items())
        self.content = choice(kinds, usual.content, lambda kind: self._set(content=kind))
        row(grid, tr("It shows"), self.content, tr("What new footage shows: how moments are looked for and people framed"))
        self.look = choice(((look.title, look.name) for look in looks), usual.look, lambda name: self._set(look=name))
        row(grid, tr("Look"), self.look, tr("The caption look that new shorts begin with"))
        self.most = QSpinBox()
        self.most.setRange(usual.least_s, 600)
        self.most.setSuffix(" s")
        self.most.setValue(usual.most_s)
        self.most.valueChanged.connect(lambda seconds: self._set(most_s=seconds))
        row(grid, tr("Longest short"), self.most, tr("Moments are proposed that are no longer than this"))

    def _set(self, **changed: Any) -> None:
        self._change(lambda s: replace(s, brief=replace(s.brief, **changed)))


class FilesCard:
    """Where finished files go, and what they are called."""

    def __init__(
        self, box: QVBoxLayout, settings: Settings, folder: Path, change: Change, moved: Callable[[Path], None], over: QWidget
    ) -> None:
        self._change, self._moved, self._over = change, moved, over
        self.folder = QLabel(str(folder))
        self.folder.setWordWrap(True)
        box.addWidget(self.folder)
        box.addWidget(button(tr("Choose a folder…"), tr("Where finished files go"), self.choose_folder))
        self.pattern = Field(tr("Names of the files"), PATTERN)
        self.pattern.setText(settings.name_pattern or PATTERN)
        told = "; ".join(f"{{{name}}}: {what}" for name, what in PLACEHOLDERS.items())
        set_tip(self.pattern, tr("How files are named: {told}", told=told))
        self.example = faint("")
        box.addWidget(self.pattern)
        box.addWidget(self.example)
        self.pattern.textChanged.connect(self._named)
        self._show(settings.name_pattern or PATTERN)

    def choose_folder(self) -> None:
        name = QFileDialog.getExistingDirectory(self._over, tr("A folder for finished files"), self.folder.text())
        if name:
            self._moved(Path(name))
            self.folder.setText(name)

    def _show(self, pattern: str) -> bool:
        """Show what a short would be called; -> whether it can be."""
        try:
            example = named(pattern, Short(tr("What worms do"), Cut((Segment("", 0, 1),))), " 9x16", " en", 1, ".mp4")
        except StandTallError as error:
            self.example.setText(str(error))
            return False
        self.example.setText(example)
        return True

    def _named(self, pattern: str) -> None:
        if self._show(pattern):
            self._change(lambda s: replace(s, name_pattern="" if pattern == PATTERN else pattern))


class MachineCard:
    """How much of this machine the work may take."""

    def __init__(self, box: QVBoxLayout, settings: Settings, change: Change) -> None:
        grid = grid_in(box)
        cores = ((tr("All {n}", n=cores_here()), 0), *((str(n), n) for n in range(1, cores_here())))
        self.cores = choice(cores, settings.cores, lambda n: change(lambda s: replace(s, cores=n)))  # type: ignore[arg-type]
        set_tip(self.cores, tr("How many cores analyses, renders and everything else beside the window may keep busy"))
        row(grid, tr("Cores"), self.cores)
        self.memory = QSpinBox()
        self.memory.setRange(0, MOST_MEMORY_GB)
        self.memory.setSpecialValueText(tr("What is free"))
        self.memory.setSuffix(" GB")
        self.memory.setValue(settings.memory_gb)
        self.memory.valueChanged.connect(lambda gb: change(lambda s: replace(s, memory_gb=gb)))
        row(grid, tr("Memory for helpers"), self.memory, tr("How much memory analyses and renders may take together"))
        fps = ((tr("Every frame") if not n else tr("At most {n} fps", n=n), n) for n in PREVIEW_FPS)
        self.preview = choice(fps, settings.preview_fps, lambda n: change(lambda s: replace(s, preview_fps=n)))  # type: ignore[arg-type]
        set_tip(self.preview, tr("Fewer frames in the tall picture while it plays; finished files have all of them"))
        row(grid, tr("Preview"), self.preview)
        self.screen = QCheckBox(tr("Keep the screen on while footage is analysed or shorts are rendered"))
        self.screen.setToolTip(tr("The machine itself does not sleep meanwhile in any case"))
        self.screen.setChecked(settings.screen_on)
        self.screen.toggled.connect(lambda on: change(lambda s: replace(s, screen_on=on)))
        box.addWidget(self.screen)

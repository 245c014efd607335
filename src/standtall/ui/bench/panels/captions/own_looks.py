"""The card of the user's own looks: kept from the short, written to files and read from them, used in all shorts."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path

from PySide6.QtWidgets import QFileDialog, QGridLayout, QVBoxLayout

from standtall.base.errors import NothingToDo
from standtall.ink.fonts import load_fonts
from standtall.library.own_fonts import take_font
from standtall.library.project import Project
from standtall.model import caption_edits
from standtall.model.look import Look
from standtall.session.look_files import ENDING, keep_look, read_look, write_look
from standtall.ui.state.opened import Opened
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.fields import Field, button


class OwnLooksCard:
    """Fills a card of the captions panel."""

    def __init__(self, workspace: Workspace, box: QVBoxLayout, fonts_changed: Callable[[], None]) -> None:
        self._ws, self.fonts_changed = workspace, fonts_changed
        self.name = Field("Name of the look", "Name of a look of your own")
        self.name.returnPressed.connect(self.keep)
        self.name.given_up.connect(self.name.clear)
        box.addWidget(self.name)
        grid = QGridLayout()
        grid.setSpacing(4)
        buttons = [
            button("Keep as a look", "Keep how the captions are now as a look of your own", self.keep, "small"),
            button("Use in all shorts", "Give all shorts of the project this look; each can undo it", self.use_in_all, "small"),
            button("Write look file…", "Write the look with its fonts to one file", self._ask_write, "small"),
            button("Read look file…", "Take a look from a file", self._ask_read, "small"),
            button("Add a font…", "Take a font file of your own (.ttf, .otf)", self._ask_font, "small"),
        ]
        self.written = buttons[2]
        for number, made in enumerate(buttons):
            grid.addWidget(made, number // 2, number % 2)
        box.addLayout(grid)

    # what it does

    def keep(self) -> None:
        """Keep what holds for the whole short as a look, and use it here."""
        opened, title = self._ws.opened, self.name.text().strip()
        if opened is None or not title:
            self._ws.said.emit("Type a name for the look first.", "error")
            return
        style = opened.composition.caption_style

        def arrived(look: Look) -> None:
            self.name.clear()
            self._ws.data.read()
            self._ws.edit(lambda s, _a: caption_edits.take_look(s, look), opened)
            self._ws.said.emit(f"“{look.title}” is kept among your looks.", "note")

        self._ws.in_background("files", lambda: keep_look(title, style), arrived)

    def use_in_all(self) -> None:
        """Give all other shorts of the project the look of this one, each as a step of its own."""
        opened = self._ws.opened
        look = None if opened is None else self._look(opened)
        if opened is None or look is None:
            return
        here = opened.entry.id

        def work(project: Project) -> int:
            count = 0
            for entry in project.shorts():
                if entry.id != here and entry.short.captions.look != look.name:
                    project.apply(entry.id, caption_edits.set_look(entry.short, look))
                    count += 1
            if not count:
                raise NothingToDo("All shorts of the project have this look.")
            return count

        self._ws.with_project(work, lambda count: self._ws.said.emit(f"{count} shorts have the look “{look.title}” now.", "note"))

    def refresh(self, opened: Opened) -> None:
        look = self._look(opened)
        self.written.setEnabled(look is not None)
        differs = bool(opened.entry.short.captions.style)
        self.name.setPlaceholderText(
            f"{look.title} of your own" if look is not None and differs else "Name of a look of your own"
        )

    def _look(self, opened: Opened) -> Look | None:
        return next((k for k in self._ws.data.looks if k.name == opened.entry.short.captions.look), None)

    def _ask_write(self) -> None:
        opened = self._ws.opened
        look = None if opened is None else self._look(opened)
        if look is not None:
            name, _kind = QFileDialog.getSaveFileName(
                self.name.window(), "Write look", f"{look.name}{ENDING}", f"Looks (*{ENDING})"
            )
            if name:
                self.write(look, Path(name))

    def write(self, look: Look, path: Path) -> None:
        """Write a look to a file."""
        path = path if path.name.endswith(".json") else path.with_name(path.name + ENDING)
        self._ws.in_background(
            "files",
            lambda: write_look(path, look),
            lambda _n: self._ws.said.emit(f"“{look.title}” is written to {path.name}.", "note"),
        )

    def _ask_read(self) -> None:
        name, _kind = QFileDialog.getOpenFileName(self.name.window(), "Read look", "", "Looks (*.json)")
        if name:
            self.read(Path(name))

    def read(self, path: Path) -> None:
        """Take a look from a file, and show it among the others."""

        def arrived(found: tuple[Look, str]) -> None:
            look, told = found
            load_fonts()
            self.fonts_changed()
            self._ws.data.read()
            self._ws.said.emit(f"“{look.title}” is among your looks now. {told}".strip(), "note")

        self._ws.in_background("files", lambda: read_look(path), arrived)

    def _ask_font(self) -> None:
        name, _kind = QFileDialog.getOpenFileName(self.name.window(), "Add a font", "", "Fonts (*.ttf *.otf)")
        if name:
            self.add_font(Path(name))

    def add_font(self, path: Path) -> None:
        """Take a font file; its family can be chosen for letters afterwards."""

        def arrived(kept: Path) -> None:
            load_fonts()
            self.fonts_changed()
            self._ws.said.emit(f"{kept.name} is among your fonts now.", "note")

        self._ws.in_background("files", lambda: take_font(path), arrived)

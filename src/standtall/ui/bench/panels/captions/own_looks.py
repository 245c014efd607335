"""The card of the user's own looks: kept from the short, written to files and read from them, used in all shorts."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QCheckBox, QFileDialog, QGridLayout, QLabel, QListWidget, QListWidgetItem, QVBoxLayout

from standtall.base.errors import NothingToDo
from standtall.base.interface_language import tr
from standtall.ink.fonts import load_fonts
from standtall.library.own_fonts import take_font
from standtall.library.project import Project
from standtall.model import caption_edits
from standtall.model.look import Look
from standtall.model.look_edits import PARTS, parts_in, take_parts
from standtall.session.look_files import ENDING, keep_beside, keep_look, read_look, write_look
from standtall.ui.state.opened import Opened
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.fields import Field, button


class OwnLooksCard:
    """Fills a card of the captions panel."""

    def __init__(self, workspace: Workspace, box: QVBoxLayout, fonts_changed: Callable[[], None]) -> None:
        self._ws, self.fonts_changed = workspace, fonts_changed
        self.name = Field(
            tr("Name of the look"), tr("Name of a look of your own"), tip=tr("What the look is kept as, for all projects")
        )
        self.name.returnPressed.connect(self.keep)
        self.name.given_up.connect(self.name.clear)
        box.addWidget(self.name)
        grid = QGridLayout()
        grid.setSpacing(4)
        buttons = [
            button(tr("Keep as a look"), tr("Keep how the captions are now as a look of your own"), self.keep, "small"),
            button(
                tr("Use in all shorts"),
                tr("Give all shorts of the project this look; each can undo it"),
                self.use_in_all,
                "small",
            ),
            button(tr("Write look file…"), tr("Write the look with its fonts to one file"), self._ask_write, "small"),
            button(tr("Read look file…"), tr("Take a look from a file"), self._ask_read, "small"),
            button(tr("Add a font…"), tr("Take a font file of your own (.ttf, .otf)"), self._ask_font, "small"),
        ]
        self.written = buttons[2]
        for number, made in enumerate(buttons):
            grid.addWidget(made, number // 2, number % 2)
        box.addLayout(grid)
        self._parts = QLabel(tr("This look also holds:"))
        self._parts.setObjectName("faint")
        box.addWidget(self._parts)
        self.parts: dict[str, QCheckBox] = {}
        line = QGridLayout()
        for number, (part, title) in enumerate(PARTS.items()):
            box_of = QCheckBox(title)
            box_of.setChecked(True)
            box_of.setToolTip(tr("Take the {what} of the look over", what=title.lower()))
            self.parts[part] = box_of
            line.addWidget(box_of, number // 2, number % 2)
        box.addLayout(line)
        self.take = button(
            tr("Take these over"), tr("Let the short have the checked parts of its look"), self.take_parts, "small"
        )
        box.addWidget(self.take)
        self._asked = QLabel()
        self._asked.setWordWrap(True)
        box.addWidget(self._asked)
        self.following = QListWidget()
        self.following.setAccessibleName(tr("Shorts that follow the changed look"))
        self.following.setFixedHeight(96)
        box.addWidget(self.following)
        self.follow = button(tr("The checked ones follow"), tr("The others keep the look as it was before"), self.settle, "small")
        box.addWidget(self.follow)
        self._replaced: tuple[Look, Look] | None = None
        """A look as it was and as it is now, while it is asked which shorts follow."""

    # what it does

    def keep(self) -> None:
        """Keep what holds for the whole short as a look, and use it here."""
        opened, title = self._ws.opened, self.name.text().strip()
        if opened is None or not title:
            self._ws.said.emit(tr("Type a name for the look first."), "error")
            return
        style = opened.composition.caption_style

        short, here = opened.entry.short, opened.entry.id

        def arrived(found: tuple[Look, Look | None]) -> None:
            look, before = found
            self.name.clear()
            if before is not None and before != look:
                self._ask_who_follows(before, look, here)
            self._ws.data.read()
            self._ws.edit(lambda s, _a: caption_edits.take_look(s, look), opened)
            self._ws.said.emit(tr("“{title}” is kept among your looks.", title=look.title), "note")

        self._ws.in_background("files", lambda: keep_look(title, style, short), arrived)

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
                raise NothingToDo(tr("All shorts of the project have this look."))
            return count

        self._ws.with_project(
            work,
            lambda count: self._ws.said.emit(
                tr("{count} shorts have the look “{title}” now.", count=count, title=look.title), "note"
            ),
        )

    def take_parts(self) -> None:
        """Let the short have the checked parts of its look."""
        opened = self._ws.opened
        look = None if opened is None else self._look(opened)
        if look is not None:
            names = [name for name, made in self.parts.items() if made.isChecked()]
            self._ws.edit(lambda s, _a: take_parts(s, look, names))

    def _ask_who_follows(self, before: Look, now: Look, here: int) -> None:
        """Offer the other shorts that have the look, all checked."""

        def arrived(rows: list[tuple[int, str]]) -> None:
            self.following.clear()
            for number, name in rows:
                item = QListWidgetItem(name)
                item.setData(Qt.ItemDataRole.UserRole, number)
                item.setCheckState(Qt.CheckState.Checked)
                self.following.addItem(item)
            self._replaced = (before, now) if rows else None
            self._show_asked()

        def work(project: Project) -> list[tuple[int, str]]:
            return [(e.id, e.short.name) for e in project.shorts() if e.id != here and e.short.captions.look == now.name]

        self._ws.with_project(work, arrived)

    def settle(self) -> None:
        """Those that are not checked keep the look as it was, under another name; each can undo it."""
        if self._replaced is None:
            return
        (before, _now), self._replaced = self._replaced, None
        items = [self.following.item(row) for row in range(self.following.count())]
        staying = [i.data(Qt.ItemDataRole.UserRole) for i in items if i.checkState() != Qt.CheckState.Checked]
        self._show_asked()
        if not staying:
            return

        def work(project: Project) -> int:
            kept = keep_beside(before)
            for entry in project.shorts():
                if entry.id in staying:
                    project.apply(entry.id, caption_edits.set_look(entry.short, kept))
            return len(staying)

        def arrived(count: int) -> None:
            self._ws.data.read()
            self._ws.said.emit(tr("{count} shorts keep “{title}” as it was.", count=count, title=before.title), "note")

        self._ws.with_project(work, arrived)

    def _show_asked(self) -> None:
        there = self._replaced is not None
        for part in (self._asked, self.following, self.follow):
            part.setVisible(there)
        if self._replaced is not None:
            self._asked.setText(tr("“{title}” has changed. Which other shorts follow?", title=self._replaced[1].title))

    def refresh(self, opened: Opened) -> None:
        look = self._look(opened)
        held = parts_in(look) if look is not None else ()
        for name, made in self.parts.items():
            made.setVisible(name in held)
        self._parts.setVisible(bool(held))
        self.take.setVisible(bool(held))
        self._show_asked()
        self.written.setEnabled(look is not None)
        differs = bool(opened.entry.short.captions.style)
        self.name.setPlaceholderText(
            tr("{title} of your own", title=look.title) if look is not None and differs else tr("Name of a look of your own")
        )

    def _look(self, opened: Opened) -> Look | None:
        return next((k for k in self._ws.data.looks if k.name == opened.entry.short.captions.look), None)

    def _ask_write(self) -> None:
        opened = self._ws.opened
        look = None if opened is None else self._look(opened)
        if look is not None:
            name, _kind = QFileDialog.getSaveFileName(
                self.name.window(), tr("Write look"), f"{look.name}{ENDING}", tr("Looks (*{ending})", ending=ENDING)
            )
            if name:
                self.write(look, Path(name))

    def write(self, look: Look, path: Path) -> None:
        """Write a look to a file."""
        path = path if path.name.endswith(".json") else path.with_name(path.name + ENDING)
        self._ws.in_background(
            "files",
            lambda: write_look(path, look),
            lambda _n: self._ws.said.emit(tr("“{title}” is written to {name}.", title=look.title, name=path.name), "note"),
        )

    def _ask_read(self) -> None:
        name, _kind = QFileDialog.getOpenFileName(self.name.window(), tr("Read look"), "", tr("Looks (*.json)"))
        if name:
            self.read(Path(name))

    def read(self, path: Path) -> None:
        """Take a look from a file, and show it among the others."""

        def arrived(found: tuple[Look, str]) -> None:
            look, told = found
            load_fonts()
            self.fonts_changed()
            self._ws.data.read()
            self._ws.said.emit(tr("“{title}” is among your looks now. {told}", title=look.title, told=told).strip(), "note")

        self._ws.in_background("files", lambda: read_look(path), arrived)

    def _ask_font(self) -> None:
        name, _kind = QFileDialog.getOpenFileName(self.name.window(), tr("Add a font"), "", tr("Fonts (*.ttf *.otf)"))
        if name:
            self.add_font(Path(name))

    def add_font(self, path: Path) -> None:
        """Take a font file; its family can be chosen for letters afterwards."""

        def arrived(kept: Path) -> None:
            load_fonts()
            self.fonts_changed()
            self._ws.said.emit(tr("{name} is among your fonts now.", name=kept.name), "note")

        self._ws.in_background("files", lambda: take_font(path), arrived)

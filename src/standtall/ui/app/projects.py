"""The menu of projects: new ones, others, recent ones; and the small settings that remember them."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path

from PySide6.QtWidgets import QFileDialog, QMenu, QWidget

from standtall.library import settings
from standtall.ui.app.pack_sheet import ARCHIVE, PackSheet, pack_sheet, unpack_sheet
from standtall.ui.state.workspace import Workspace, project_for

KIND = "Stand Tall (*.standtall)"


class Projects(QMenu):
    """Filled when it is opened."""

    def __init__(self, workspace: Workspace, parent: QWidget) -> None:
        super().__init__(parent)
        self._ws = workspace
        self.settings, self.left_out = settings.load()
        self.sheet: PackSheet | None = None
        self.aboutToShow.connect(self._fill)

    def _fill(self) -> None:
        self.clear()
        self.addAction("New project…", self.new)
        self.addAction("Open project…", self.choose)
        self.addAction("Open a packed project…", self.choose_packed)
        pack = self.addAction("Pack this project…", self.pack)
        pack.setEnabled(self._ws.renders.project is not None)
        self.addSeparator()
        for path in self.settings.recent:
            self.addAction(Path(path).stem, lambda p=path: self._ws.open_project(Path(p)))  # type: ignore[misc]

    def new(self) -> None:
        name, _kind = QFileDialog.getSaveFileName(self.parentWidget(), "New project", str(project_for("Project")), KIND)
        if name:
            path = Path(name)
            self._ws.open_project(path if path.suffix else path.with_suffix(".standtall"))

    def choose(self) -> None:
        name, _kind = QFileDialog.getOpenFileName(self.parentWidget(), "Open project", "", KIND)
        if name:
            self._ws.open_project(Path(name))

    def pack(self) -> None:
        """Pack the open project for another machine."""
        project, parent = self._ws.renders.project, self.parentWidget()
        if project is not None and parent is not None:
            self.sheet = pack_sheet(self._ws, project, parent)
            self.sheet.open()

    def choose_packed(self) -> None:
        name, _kind = QFileDialog.getOpenFileName(self.parentWidget(), "Open a packed project", "", ARCHIVE)
        if name:
            self.open_packed(Path(name))

    def open_packed(self, path: Path) -> None:
        """Ask where a packed project goes, and open it."""
        parent = self.parentWidget()
        if parent is not None:
            self.sheet = unpack_sheet(self._ws, path, parent)
            self.sheet.open()

    def remember(self, path: Path) -> None:
        """A project that is open now is the newest of the recent ones."""
        if not self.settings.recent or self.settings.recent[0] != str(path):
            self._keep(self.settings.with_recent(path))

    def remember_theme(self, name: str) -> None:
        self._keep(replace(self.settings, theme=name))

    def _keep(self, new: settings.Settings) -> None:
        self.settings = new
        self._ws.project_thread.do(lambda: settings.save(new), undone="The settings were not saved")

"""The menu of projects: new ones, others, recent ones; and the small settings that remember them."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import fields, replace
from datetime import date
from functools import partial
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QFileDialog, QMenu, QWidget

from standtall.base.interface_language import count_of, tr
from standtall.library import settings
from standtall.library.backups import brought_back, copies, keep_copy
from standtall.library.repair import Repaired, repaired
from standtall.library.settings import Settings
from standtall.session.merging import Merged, merge
from standtall.ui.state.new_project import project_for
from standtall.ui.state.workspace import Workspace

if TYPE_CHECKING:
    from standtall.ui.app.pack_sheet import PackSheet

KIND = tr("Stand Tall (*.standtall)")


class Projects(QMenu):
    """Filled when it is opened. `machines_wanted` asks which machines help, `demo_wanted` for the demo."""

    machines_wanted, demo_wanted = Signal(), Signal()

    def __init__(self, workspace: Workspace, parent: QWidget) -> None:
        super().__init__(parent)
        self._ws = workspace
        self.settings, self.left_out = settings.load()
        self.sheet: PackSheet | None = None
        self.aboutToShow.connect(self._fill)

    def _fill(self) -> None:
        self.clear()
        self.addAction(tr("New project…"), self.new)
        self.addAction(tr("Open project…"), self.choose)
        self.addAction(tr("Open a packed project…"), self.choose_packed)
        merge = self.addAction(tr("Bring in another project…"), self.choose_merged)
        merge.setEnabled(self._ws.renders.project is not None)
        pack = self.addAction(tr("Pack this project…"), self.pack)
        pack.setEnabled(self._ws.renders.project is not None)
        self.days = self.addMenu(tr("Copies by day"))
        self.days.aboutToShow.connect(self._fill_days)
        self.days.setEnabled(self._ws.project_path is not None)
        self.addAction(tr("Repair a damaged project…"), self.choose_damaged)
        self.addAction(tr("Open the demo"), self.demo_wanted.emit)
        self.addAction(tr("Machines…"), self.machines_wanted.emit)
        self.addSeparator()
        for path in self.settings.recent:
            self.addAction(Path(path).stem, lambda p=path: self._ws.open_project(Path(p)))  # type: ignore[misc]

    def _fill_days(self) -> None:
        """The copies of this project that were kept, the newest first."""
        self.days.clear()
        project = self._ws.project_path
        if project is None:
            return
        found = copies(project)
        for copy in found:
            self.days.addAction(tr("Bring back {stem}", stem=copy.stem), partial(self.bring_back, copy, project))
        if not found:
            self.days.addAction(tr("None yet: one is kept on each day that it is opened")).setEnabled(False)

    def bring_back(self, copy: Path, project: Path) -> None:
        """Open a copy as a project of its own; the one that is open stays as it is."""

        def arrived(path: Path) -> None:
            self._ws.open_project(path)
            self._ws.said.emit(tr("{stem} is open now; {other} is as it was.", stem=path.stem, other=project.stem), "note")

        self._ws.in_background("files", lambda: brought_back(copy, project), arrived)

    def choose_damaged(self) -> None:
        name, _kind = QFileDialog.getOpenFileName(self.parentWidget(), tr("Repair a damaged project"), "", KIND)
        if name:
            self.repair(Path(name))

    def repair(self, path: Path) -> None:
        """Save what can be read of a project in a new one, open that, and say in numbers what was saved and lost."""

        def arrived(made: Repaired) -> None:
            self._ws.open_project(
                made.path, lambda: self._ws.said.emit(tr("{name} is open. {told}", name=made.path.name, told=made.told), "note")
            )

        self._ws.in_background("files", lambda: repaired(path), arrived)

    def new(self) -> None:
        name, _kind = QFileDialog.getSaveFileName(self.parentWidget(), tr("New project"), str(project_for(tr("Project"))), KIND)
        if name:
            path = Path(name)
            self._ws.open_project(path if path.suffix else path.with_suffix(".standtall"))

    def choose(self) -> None:
        name, _kind = QFileDialog.getOpenFileName(self.parentWidget(), tr("Open project"), "", KIND)
        if name:
            self._ws.open_project(Path(name))

    def pack(self) -> None:
        """Pack the open project for another machine."""
        project, parent = self._ws.renders.project, self.parentWidget()
        if project is not None and parent is not None:
            from standtall.ui.app.pack_sheet import pack_sheet

            self.sheet = pack_sheet(self._ws, project, parent)
            self.sheet.open()

    def choose_merged(self) -> None:
        name, _kind = QFileDialog.getOpenFileName(self.parentWidget(), tr("Bring in another project"), "", KIND)
        if name:
            self.bring_in(Path(name))

    def bring_in(self, other: Path) -> None:
        """Bring footage, words and shorts of another project into this one, and say what came."""
        ws = self._ws

        def told(made: Merged) -> None:
            said = tr(
                "{sources} of footage and {shorts} of {stem} came in.",
                sources=count_of(made.sources, "file"),
                shorts=count_of(made.shorts, "short"),
                stem=other.stem,
            )
            ws.said.emit(" ".join((said, *made.left_out)), "note")
            path = ws.project_path
            if path is not None:
                ws.open_project(path)  # all that is shown is read anew

        ws.with_project(lambda project: merge(project, other), told)

    def choose_packed(self) -> None:
        from standtall.ui.app.pack_sheet import ARCHIVE

        name, _kind = QFileDialog.getOpenFileName(self.parentWidget(), tr("Open a packed project"), "", ARCHIVE)
        if name:
            self.open_packed(Path(name))

    def open_packed(self, path: Path) -> None:
        """Ask where a packed project goes, and open it."""
        parent = self.parentWidget()
        if parent is not None:
            from standtall.ui.app.pack_sheet import unpack_sheet

            self.sheet = unpack_sheet(self._ws, path, parent)
            self.sheet.open()

    def remember(self, path: Path) -> None:
        """A project that is open now is the newest of the recent ones, and a copy of it is kept once a day."""
        if self._ws.writable:
            self._ws.with_project(lambda project: keep_copy(project, date.today()))
        if not self.settings.recent or self.settings.recent[0] != str(path):
            self._keep(self.settings.with_recent(path))

    def change(self, make: Callable[[Settings], Settings]) -> None:
        """Change the settings of the window."""
        self._keep(make(self.settings))

    def _keep(self, new: settings.Settings) -> None:
        old, self.settings = self.settings, new

        def work() -> None:
            now = settings.load()[0]  # other parts of the window keep theirs in the same file
            mine = {f.name: getattr(new, f.name) for f in fields(new) if getattr(new, f.name) != getattr(old, f.name)}
            settings.save(replace(now, **mine))

        self._ws.project_thread.do(work, must=True, undone=tr("The settings were not saved"))

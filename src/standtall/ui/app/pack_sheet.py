"""Packing a project for another machine, and opening one that was packed: with how far it is, and a way to stop it."""

from __future__ import annotations

from collections.abc import Callable, Mapping
from pathlib import Path
from typing import Any, Final

from PySide6.QtCore import QObject, Qt, Signal
from PySide6.QtWidgets import (
    QComboBox,
    QDialog,
    QFileDialog,
    QHBoxLayout,
    QLabel,
    QListWidget,
    QProgressBar,
    QVBoxLayout,
    QWidget,
)

from standtall.base.interface_language import tr
from standtall.base.progress import Progress, Step
from standtall.session.packing import Packed, Share, pack
from standtall.session.unpacking import Unpacked, unpack
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.cards import heading
from standtall.ui.widgets.fields import button, cancel_of
from standtall.ui.widgets.tips import set_tip

ARCHIVE: Final = tr("Packed projects (*.zip)")


SHARES: Final = {
    tr("All footage, whole"): Share(),
    tr("Only footage that shorts use, whole"): Share(only_used=True),
    tr("Only the passages that shorts show, with 5 s around each"): Share(handles_s=5.0),
    tr("Only the passages that shorts show, with 1 s around each"): Share(handles_s=1.0),
}


class _Told(QObject):
    """Brings reports from the thread that works."""

    came = Signal(float)


class PackSheet(QDialog):
    """One way: `ask` is asked for where to, `work` is done there by what was chosen, and `done` tells in sentences what came of
    it."""

    def __init__(
        self, workspace: Workspace, title: str, about: str, choices: Mapping[str, Any], ask: Callable[[], str],
        work: Callable[[Path, Any, Progress], Any], done: Callable[[Any], list[str]], parent: QWidget,
    ) -> None:  # fmt: skip
        super().__init__(parent)
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self.setWindowTitle(title)
        self.resize(520, 330)
        self._ws, self._ask, self._work, self._done = workspace, ask, work, done
        self._progress: Progress | None = None
        self._told = _Told(self)
        column = QVBoxLayout(self)
        column.setContentsMargins(22, 18, 22, 18)
        column.setSpacing(9)
        column.addWidget(heading(title.upper()))
        text = QLabel(about)
        text.setWordWrap(True)
        column.addWidget(text)
        self.choice = QComboBox()
        for text_of_it, value in choices.items():
            self.choice.addItem(text_of_it, value)
        self.choice.setAccessibleName(tr("How much of the footage"))
        set_tip(self.choice, tr("With whole footage the file is larger, and everything can be changed elsewhere"))
        self.choice.setVisible(bool(choices))
        column.addWidget(self.choice)
        self.bar = QProgressBar()
        self.bar.setRange(0, 1000)
        self.bar.setTextVisible(False)
        self.bar.setAccessibleName(tr("How far it is"))
        self.bar.hide()
        self._told.came.connect(lambda share: self.bar.setValue(round(1000 * share)))
        column.addWidget(self.bar)
        self.list = QListWidget()
        self.list.setAccessibleName(tr("What came of it"))
        self.list.setWordWrap(True)
        self.list.hide()
        column.addWidget(self.list, 1)
        column.addStretch(1)
        row = QHBoxLayout()
        row.addStretch(1)
        self.cancel = cancel_of(self)
        self.go = button(tr("Choose where…"), tr("Say where it goes; it is begun then (Enter)"), self._choose, "main")
        self.go.setDefault(True)
        row.addWidget(self.cancel)
        row.addWidget(self.go)
        column.addLayout(row)

    def _choose(self) -> None:
        name = self._ask()
        if name:
            self.start(Path(name))

    def start(self, path: Path) -> None:
        """Do it, beside the interface."""
        told = self._told
        progress = self._progress = Progress(lambda step: _tell(told, step))
        self._ws.closing.also_cancels(progress)
        chosen = self.choice.currentData()
        self.go.setEnabled(False)
        self.choice.setEnabled(False)
        self.bar.show()
        self._ws.in_background_or("files", lambda: self._work(path, chosen, progress), self._arrived, self.reject, self)

    def _arrived(self, found: Any) -> None:
        self._progress = None
        self.bar.setValue(1000)
        self.list.addItems(self._done(found))
        self.list.show()
        self.go.hide()
        self.cancel.setText(tr("Close"))
        self.cancel.setDefault(True)

    def reject(self) -> None:
        if self._progress is not None:
            self._progress.cancel()
        super().reject()


def _tell(told: _Told, step: Step) -> None:
    told.came.emit(step.share)


def pack_sheet(workspace: Workspace, project: Path, parent: QWidget) -> PackSheet:
    """Asks where the open project is packed to."""
    proposed = str(project.with_name(f"{project.stem}.zip"))

    def ask() -> str:
        name, _kind = QFileDialog.getSaveFileName(parent, tr("Pack the project"), proposed, ARCHIVE)
        return name if not name or name.lower().endswith(".zip") else f"{name}.zip"

    def work(path: Path, share: Share, progress: Progress) -> Packed:
        return pack(project, path, progress, share, over=True)  # the dialog has asked

    def done(made: Packed) -> list[str]:
        return [
            tr("{files} files, {size:.1f} MB are packed.", files=made.files, size=made.size / 1000000.0),
            *(tr("Left out: {names}", names=s) for s in made.left_out),
        ]

    about = tr(
        "The project with its shorts, footage, pictures, sounds, own looks and all that was found in the footage goes into "
        "one archive, with a list of all files. It opens on another machine under “Open a packed project”."
    )
    return PackSheet(workspace, tr("Pack the project"), about, SHARES, ask, work, done, parent)


def unpack_sheet(workspace: Workspace, packed: Path, parent: QWidget) -> PackSheet:
    """Asks where a packed project is opened, and opens it."""

    def ask() -> str:
        name = QFileDialog.getExistingDirectory(parent, tr("Folder for the project"), str(packed.parent))
        return str(Path(name) / packed.stem) if name else ""

    def done(made: Unpacked) -> list[str]:
        workspace.open_project(made.project)
        right = tr("All of them are what was packed.") if not made.problems else tr("Not all is right:")
        return [tr("{files} files are here.", files=made.files), right, *made.problems]

    about = tr(
        "{name} is opened in a new folder. Every file is checked against the list that was made when it was packed.",
        name=packed.name,
    )
    return PackSheet(
        workspace,
        tr("Open a packed project"),
        about,
        {},
        ask,
        lambda path, _c, progress: unpack(packed, path, progress),
        done,
        parent,
    )

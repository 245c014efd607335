"""Which machines help this one: their scheduler and key, who is there, and what each does."""

from __future__ import annotations

from pathlib import Path

from PySide6.QtCore import Qt
from PySide6.QtGui import QGuiApplication
from PySide6.QtWidgets import (
    QDialog,
    QFileDialog,
    QGridLayout,
    QHBoxLayout,
    QHeaderView,
    QLabel,
    QPushButton,
    QTableWidget,
    QTableWidgetItem,
    QVBoxLayout,
    QWidget,
)

from standtall.base.errors import StandTallError
from standtall.base.interface_language import tr
from standtall.jobs.machines.client import host_and_port
from standtall.jobs.machines.shared_key import make_key
from standtall.library.machines import Machines as Setting
from standtall.ui.state.machines_seen import Machines
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets import focus_ring
from standtall.ui.widgets.cards import heading
from standtall.ui.widgets.fields import Field, button
from standtall.ui.widgets.machine_strip import in_words
from standtall.ui.widgets.tips import set_tip

KEYS = tr("Keys (*.pem)")
COLUMNS = (tr("Worker"), tr("Machine"), tr("At work on"))
ABOUT = tr(
    "Analyses are given out in tasks, and each render as one task, to every machine that runs a worker of this version. "
    "Footage is taken from folders that the machines share, or sent once and kept. All is sent under the key: copy its file "
    "to each machine by a way that nobody else can read."
)


class MachinesSheet(QDialog):
    """Stays open beside the work; what it shows is seen anew every other second."""

    def __init__(self, workspace: Workspace, machines: Machines, parent: QWidget) -> None:
        super().__init__(parent)
        self._ws, self._machines = workspace, machines
        self.setWindowTitle(tr("Machines"))
        self.resize(660, 560)
        column = QVBoxLayout(self)
        column.setContentsMargins(22, 18, 22, 18)
        column.setSpacing(9)
        column.addWidget(heading(tr("MACHINES THAT HELP")))
        about = QLabel(ABOUT)
        about.setWordWrap(True)
        column.addWidget(about)
        self.scheduler = Field(
            tr("Scheduler"), tr("HOST:PORT, such as 10.0.0.5:8790"), tip=tr("The machine that deals out the work, and its port")
        )
        self.key = Field(
            tr("Key file"), tr("That of this machine alone"), tip=tr("Only machines that have the same key file work together")
        )
        grid = QGridLayout()
        grid.setColumnStretch(1, 1)
        grid.addWidget(QLabel(tr("Scheduler")), 0, 0)
        grid.addWidget(self.scheduler, 0, 1, 1, 3)
        grid.addWidget(QLabel(tr("Key file")), 1, 0)
        grid.addWidget(self.key, 1, 1)
        grid.addWidget(button(tr("Choose…"), tr("Choose the key file that the machines share"), self.choose_key, "small"), 1, 2)
        grid.addWidget(
            button(tr("New key…"), tr("Make a key for machines that shall work together"), self.new_key, "small"), 1, 3
        )
        column.addLayout(grid)
        self.problem = QLabel()
        self.problem.setObjectName("warn")
        self.problem.setWordWrap(True)
        self.problem.hide()
        column.addWidget(self.problem)
        self.state = QLabel()
        self.state.setWordWrap(True)
        column.addWidget(self.state)
        self.table = QTableWidget(0, len(COLUMNS))
        self.table.setHorizontalHeaderLabels(COLUMNS)
        self.table.setAccessibleName(tr("Machines that help"))
        set_tip(self.table, tr("Each machine that is connected, and what it does now"))
        self.table.verticalHeader().hide()
        self.table.setEditTriggers(QTableWidget.EditTrigger.NoEditTriggers)
        self.table.setSelectionBehavior(QTableWidget.SelectionBehavior.SelectRows)
        self.table.horizontalHeader().setSectionResizeMode(QHeaderView.ResizeMode.ResizeToContents)
        self.table.horizontalHeader().setSectionResizeMode(2, QHeaderView.ResizeMode.Stretch)
        column.addWidget(self.table, 1)
        self.commands = QLabel()
        self.commands.setWordWrap(True)
        self.commands.setTextInteractionFlags(
            Qt.TextInteractionFlag.TextSelectableByMouse | Qt.TextInteractionFlag.TextSelectableByKeyboard
        )
        focus_ring.give(self.commands)
        self.commands.setObjectName("faint")
        column.addWidget(self.commands)
        row = QHBoxLayout()
        self.copy = button(tr("Copy command"), tr("The command that lets another machine help"), self.copy_command, "small")
        row.addWidget(self.copy)
        row.addStretch(1)
        self.alone = button(tr("Work alone"), tr("Let no other machine help"), self.work_alone)
        self.use = QPushButton(tr("Let them help"))
        self.use.setObjectName("main")
        set_tip(self.use, tr("Renders and analyses go to these machines from now on (Enter)"))
        self.use.setDefault(True)
        self.use.clicked.connect(self.let_help)
        for widget in (self.alone, self.use):
            row.addWidget(widget)
        column.addLayout(row)
        self.scheduler.textChanged.connect(self._tell_command)
        self.key.textChanged.connect(self._tell_command)
        self.scheduler.setText(machines.setting.scheduler)
        self.key.setText(machines.setting.key)
        self._tell_command()
        machines.changed.connect(self.refresh)
        self.refresh()

    def choose_key(self) -> None:
        name, _kind = QFileDialog.getOpenFileName(self, tr("Key of the machines"), self.key.text(), KEYS)
        if name:
            self.key.setText(name)

    def new_key(self) -> None:
        name, _kind = QFileDialog.getSaveFileName(self, tr("New key for machines"), str(Path.home() / "machines.pem"), KEYS)
        if name:
            path = Path(name)
            self._ws.in_background_or("files", lambda: make_key(path), lambda _n: self.key.setText(name), lambda: None, self)

    def let_help(self) -> None:
        """Take what is typed, where it can be a scheduler."""
        address = self.scheduler.text().strip()
        try:
            host_and_port(address)
        except StandTallError as error:
            self.problem.setText(str(error))
            self.problem.show()
            self.scheduler.setFocus()
            return
        self.problem.hide()
        self._machines.use(Setting(address, self.key.text().strip()))

    def work_alone(self) -> None:
        self.problem.hide()
        self._machines.use(Setting("", self.key.text().strip()))

    def command(self) -> str:
        """What another machine is told, to help."""
        key = tr(" --key {written}", written=self.key.text().strip()) if self.key.text().strip() else ""
        return tr("stand-tall workers --scheduler {written}{key}", written=self.scheduler.text().strip() or "HOST:PORT", key=key)

    def copy_command(self) -> None:
        QGuiApplication.clipboard().setText(self.command())

    def _tell_command(self) -> None:
        self.commands.setText(
            tr("On one machine: stand-tall scheduler --listen HOST:PORT --key FILE\nOn each: {command}", command=self.command())
        )

    def refresh(self) -> None:
        """Who is there, as last seen."""
        setting, seen = self._machines.setting, self._machines.seen
        self.alone.setEnabled(setting.used)
        self.state.setText(in_words(seen) if setting.used else tr("This machine works alone: no scheduler is set."))
        rows = seen.machines if setting.used and seen is not None else ()
        self.table.setRowCount(len(rows))
        for number, machine in enumerate(rows):
            doing = ", ".join(machine.doing) or tr("nothing just now")
            texts = (machine.name, machine.host, doing if machine.fits else tr("another version: is given nothing"))
            for place, text in enumerate(texts):
                item = QTableWidgetItem(text)
                item.setToolTip(text)
                self.table.setItem(number, place, item)

"""From footage to the calendar by rule: what is taken in, in what manner, and every step that is done."""

from __future__ import annotations

from pathlib import Path
from typing import Final

from PySide6.QtCore import Signal
from PySide6.QtWidgets import (
    QCheckBox,
    QComboBox,
    QFileDialog,
    QGridLayout,
    QHBoxLayout,
    QLabel,
    QListWidget,
    QSpinBox,
    QVBoxLayout,
)

from standtall.base.errors import StandTallError
from standtall.base.interface_language import tr
from standtall.jobs.events import Ended, Event, Problem, Progressed, RuleStepped
from standtall.jobs.requests import Request, RoutineRequest
from standtall.model.routine import Routine, RuleState, RuleStep
from standtall.session.by_rule import usual_project
from standtall.ui.state.posts import Posts
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.cards import Panel, card_in
from standtall.ui.widgets.fields import Field, button
from standtall.ui.widgets.tips import set_tip

SIGNS: Final[dict[RuleState, str]] = {"begun": "▸", "done": "✓", "skipped": "–", "failed": "!"}
STEPS: Final = {
    "fetch": tr("Fetch it"), "analyse": tr("Analyse it"), "choose": tr("Choose moments"), "make shorts": tr("Make shorts"),
    "render": tr("Render"),
    "check": tr("Check the file"), "plan": tr("Put into the calendar"), "stopped": tr("Stopped"),
}  # fmt: skip
MOST: Final = 400


class RulePanel(Panel):
    """`open_project` carries the project with the shorts that were made."""

    open_project = Signal(object)

    def __init__(self, workspace: Workspace, posts: Posts) -> None:
        super().__init__()
        self._ws, self._posts = workspace, posts
        self._number: int | None = None
        self.steps: list[RuleStep] = []
        self._make_footage(card_in(self.column, tr("FROM FOOTAGE TO THE CALENDAR")))
        self._make_manner(card_in(self.column, tr("HOW")))
        self._make_steps(card_in(self.column, tr("STEPS")))
        self.finish()
        workspace.jobs.heard.connect(self._heard)
        workspace.data.changed.connect(self._looks)
        posts.changed.connect(self._tell)
        self._looks()
        self._tell()

    def _make_footage(self, box: QVBoxLayout) -> None:
        about = QLabel(
            tr(
                "Moments above the bars under Fill become shorts; they are rendered, checked, and planned for "
                "each filled channel."
            )
        )
        about.setWordWrap(True)
        about.setObjectName("faint")
        box.addWidget(about)
        self.footage = QListWidget()
        self.footage.setAccessibleName(tr("Footage that is taken in"))
        set_tip(self.footage, tr("Files, folders and links whose best moments become posts; chosen ones go by Remove"))
        self.footage.setFixedHeight(74)
        box.addWidget(self.footage)
        self.link = Field(
            tr("Link to footage"), tr("https://…, then Return"), tip=tr("Add footage that is fetched from an address (Return)")
        )
        self.link.returnPressed.connect(self._add_link)
        box.addWidget(self.link)
        row = QHBoxLayout()
        row.addWidget(button(tr("Files…"), tr("Add files"), self.add_files, "small"))
        row.addWidget(button(tr("Folder…"), tr("Add a folder that footage comes into"), self.add_folder, "small"))
        row.addWidget(button(tr("Remove"), tr("Remove what is chosen in the list"), self._remove, "small"))
        box.addLayout(row)
        self.watch = QCheckBox(tr("Go on watching the folders"))
        set_tip(self.watch, tr("What comes into these folders later is taken in, too, while the program runs"))
        box.addWidget(self.watch)

    def _make_manner(self, box: QVBoxLayout) -> None:
        grid = QGridLayout()
        grid.setColumnStretch(1, 1)
        self.best = _spin(1, 50, 3, tr("Moments of each"), tr("How many of the best moments of each footage become shorts"))
        self.least = _spin(1, 3600, 15, tr("Shortest in seconds"), tr("Moments are looked for that are at least so long"))
        self.most = _spin(1, 3600, 44, tr("Longest in seconds"), tr("Moments are looked for that are at most so long"))
        self.look = QComboBox()
        self.look.setAccessibleName(tr("Look"))
        set_tip(self.look, tr("The caption look of these shorts"))
        self.look.setSizeAdjustPolicy(QComboBox.SizeAdjustPolicy.AdjustToMinimumContentsLengthWithIcon)
        for n, (text, widget) in enumerate(((tr("Moments of each"), self.best), (tr("Shortest, seconds"), self.least),
                                            (tr("Longest, seconds"), self.most), (tr("Look"), self.look))):  # fmt: skip
            grid.addWidget(QLabel(text), n, 0)
            grid.addWidget(widget, n, 1)
        box.addLayout(grid)
        self.hold = QCheckBox(tr("Hold each for approval"))
        self.hold.setChecked(True)
        self.hold.setToolTip(tr("Without this, what has no red check goes out by itself"))
        box.addWidget(self.hold)
        self.go = button(tr("Start"), tr("Do all of it beside the interface"), self.toggle, "main")
        box.addWidget(self.go)

    def _make_steps(self, box: QVBoxLayout) -> None:
        self.state = QLabel()
        self.state.setWordWrap(True)
        self.list = QListWidget()
        self.list.setAccessibleName(tr("Steps that were done"))
        set_tip(self.list, tr("What has been done of each footage, the last at the end"))
        self.list.setWordWrap(True)
        self.list.setMinimumHeight(150)
        self.open = button(tr("Open its shorts"), tr("The project that holds the shorts made by rule"), self._open)
        for widget in (self.state, self.list, self.open):
            box.addWidget(widget)

    # what is taken in

    def add_files(self) -> None:
        names, _kind = QFileDialog.getOpenFileNames(self, tr("Footage for the calendar"), str(Path.home()))
        self.add(names)

    def add_folder(self) -> None:
        name = QFileDialog.getExistingDirectory(self, tr("A folder that footage comes into"), str(Path.home()))
        self.add([name] if name else [])

    def add(self, names: list[str]) -> None:
        """More footage at the end of the list."""
        there = set(self.listed())
        self.footage.addItems([n for n in dict.fromkeys(names) if n not in there])
        self._tell()

    def _add_link(self) -> None:
        text = self.link.text().strip()
        if text.startswith(("http://", "https://")):
            self.add([text])
            self.link.clear()
        else:
            self._ws.said.emit(tr("A link begins with https:// or http://."), "error")

    def _remove(self) -> None:
        for item in self.footage.selectedItems():
            self.footage.takeItem(self.footage.row(item))
        self._tell()

    def listed(self) -> list[str]:
        return [self.footage.item(n).text() for n in range(self.footage.count())]

    def _looks(self) -> None:
        chosen = self.look.currentData()
        self.look.clear()
        for look in self._ws.data.looks:
            self.look.addItem(look.title, look.name)
        self.look.setCurrentIndex(max(0, self.look.findData(chosen)))

    # doing it

    @property
    def running(self) -> bool:
        return self._number is not None

    def toggle(self) -> None:
        """Begin, or stop; what is done stays, and it goes on from there."""
        if self._number is not None:
            self._ws.jobs.cancel(self._number)
            return
        try:
            routine = Routine(
                tuple(self.listed()), str(usual_project()), str(self._ws.renders.folder / tr("By rule")), self.best.value(),
                float(self.least.value()), float(max(self.least.value(), self.most.value())), str(self.look.currentData() or ""),
                self.watch.isChecked(), not self.hold.isChecked(),
            )  # fmt: skip
        except StandTallError as error:
            self._ws.said.emit(str(error), "error")
            return
        self.steps = []
        self.list.clear()
        self._number = self._ws.jobs.ask(RoutineRequest(routine))
        self._tell()

    def _heard(self, number: int, request: Request, event: Event) -> None:
        if number != self._number or not isinstance(request, RoutineRequest):
            return
        if isinstance(event, RuleStepped):
            self._step(event.step)
        elif isinstance(event, Progressed):
            left = tr(", about {left_s:.0f} s left", left_s=event.left_s) if event.left_s else ""
            self.state.setText(f"{tr(event.stage)}: {event.share:.0%}{left}")
        elif isinstance(event, Problem):
            self._step(RuleStep("", "stopped", "failed", f"{event.message} {event.hint}".strip()))
        elif isinstance(event, Ended):
            self._number = None
            self._tell()
            self._posts.look()

    def _step(self, step: RuleStep) -> None:
        """A step that is done takes the line of its beginning."""
        line = f"{SIGNS[step.state]} {step.footage}: {STEPS.get(step.step, step.step)}. {step.told}".strip()
        before = self.steps[-1] if self.steps else None
        if (
            before is not None
            and before.state == "begun"
            and before.footage == step.footage
            and step.step in (before.step, "check")
        ):
            self.steps[-1] = step
            self.list.item(self.list.count() - 1).setText(line)
        else:
            self.steps.append(step)
            self.list.addItem(line)
        self.list.scrollToBottom()
        if step.step == "plan":
            self._posts.look()

    def _tell(self) -> None:
        self.go.setText(tr("Stop") if self.running else tr("Start"))
        self.go.setEnabled(self.running or self.footage.count() > 0)
        filled = [self._posts.title_of(r.channel) for r in self._posts.settings.rhythms if r.used]
        if not self.running:
            told = (
                tr("Plans for {these}.", these=", ".join(filled))
                if filled
                else tr("No channel is filled yet: say how often under Fill.")
            )
            failed = sum(s.state == "failed" for s in self.steps)
            self.state.setText(tr("{failed} steps failed.", failed=failed) if failed else told)
        self.open.setEnabled(bool(self.steps))

    def _open(self) -> None:
        self.open_project.emit(usual_project())


def _spin(low: int, high: int, value: int, name: str, tip: str) -> QSpinBox:
    made = QSpinBox()
    made.setRange(low, high)
    made.setValue(value)
    made.setAccessibleName(name)
    set_tip(made, tip)
    return made

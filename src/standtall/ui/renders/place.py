"""Renders: what is being rendered, what waits, what is finished, and what is put into the queue."""

from __future__ import annotations

from collections.abc import Callable
from functools import partial
from pathlib import Path

from PySide6.QtCore import Qt, QUrl, Signal
from PySide6.QtGui import QDesktopServices, QGuiApplication, QImage, QShowEvent
from PySide6.QtWidgets import QComboBox, QHBoxLayout, QLabel, QScrollArea, QVBoxLayout, QWidget

from standtall.base.errors import MediaError
from standtall.base.interface_language import tr
from standtall.media.reader import PictureReader
from standtall.ui.renders.actions import actions_of
from standtall.ui.renders.asking import AskingPanel
from standtall.ui.renders.checking import CheckPanel
from standtall.ui.renders.cover_panel import CoverPanel
from standtall.ui.renders.report import ReportPanel
from standtall.ui.renders.row import RenderRow
from standtall.ui.renders.side_by_side import SideBySideSheet
from standtall.ui.state.renders import Row, folder_of
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.fields import button
from standtall.ui.widgets.images import wide_at
from standtall.ui.widgets.in_turn import InTurn
from standtall.ui.widgets.machine_strip import MachineStrip
from standtall.ui.widgets.place import Place
from standtall.ui.widgets.tabs import Tabs
from standtall.ui.widgets.tips import set_tip

MOST_AT_ONCE = 4
SHOWN = 60
IN_SIGHT, EACH = 10, 2
"""Rows that are made at once, and in each further turn of the event loop."""
"""Rows that are over and shown; older ones are kept."""


class RendersPlace(QWidget):
    """`looked_at` carries the file of a finished render that is to be played."""

    looked_at = Signal(object)
    wanted_place = Signal(int, object)
    """The number of a short, and a place (`SourceTime`), ticks of the short, or None."""

    def __init__(self, workspace: Workspace) -> None:
        super().__init__()
        self._ws = workspace
        self._renders = workspace.renders
        self.asking = AskingPanel(workspace)
        self.checking = CheckPanel(workspace)
        self.cover = CoverPanel(workspace)
        self.report = ReportPanel()
        self.side = Tabs(
            {
                "new": (tr("New"), tr("What is put into the queue")),
                "check": (tr("Check"), tr("What should be looked at before it is rendered")),
                "cover": (tr("Cover"), tr("The picture that stands for the short on the Bench")),
                "report": (tr("Report"), tr("What was measured in the finished file that is chosen")),
            },
            {"new": self.asking, "check": self.checking, "cover": self.cover, "report": self.report},
            "tab",
        )
        self.side.setFixedWidth(344)
        self.asking.changed.connect(lambda: self.checking.want(self.asking.wanted()))
        self.asking.check.connect(self.check)
        self.checking.counted.connect(self.asking.show_count)
        self.checking.wanted_place.connect(self.wanted_place)
        self.report.wanted_tick.connect(self._go_back)
        self.chosen = ""
        """The file of the row that is chosen."""
        self._posters: dict[str, QImage] = {}
        title = QLabel(tr("Renders"))
        title.setObjectName("title")
        self.told = QLabel()
        self.told.setObjectName("faint")
        self.pause = button(tr("Pause"), tr("Begin no other render; the one that runs goes on"), self.toggle_pause, "small")
        self.clear = button(tr("Clear"), tr("Forget those that are over; their files stay"), self._renders.clear_over, "small")
        head = QHBoxLayout()
        head.addWidget(title)
        head.addWidget(self.told, 1)
        self.at_once = QComboBox()
        for n in range(1, MOST_AT_ONCE + 1):
            self.at_once.addItem(tr("{n} at once", n=n), n)
        self.at_once.setCurrentIndex(min(MOST_AT_ONCE, self._renders.at_once) - 1)
        self.at_once.setAccessibleName(tr("Renders at once"))
        set_tip(self.at_once, tr("How many are rendered at the same time; each keeps about two cores busy"))
        self.at_once.currentIndexChanged.connect(lambda _i: self._renders.set_at_once(self.at_once.currentData()))
        tip = tr("Compare two finished files, or one and the edit (Ctrl+Shift+B)")
        self.compare = button(tr("Side by side…"), tip, self.compare_two, "small")
        tools = QHBoxLayout()
        for widget in (self.pause, self.at_once, self.compare, self.clear):
            tools.addWidget(widget)
        tools.addStretch(1)
        self._rows = QVBoxLayout()
        self._rows.setSpacing(8)
        self.empty = QLabel(tr("Nothing has been rendered yet.\n\nChoose shorts and a form at the right, then render them."))
        self.empty.setAlignment(Qt.AlignmentFlag.AlignCenter)
        self.empty.setMinimumHeight(220)
        inner = QWidget()
        column = QVBoxLayout(inner)
        column.setContentsMargins(0, 0, 6, 0)
        column.addLayout(self._rows)
        column.addWidget(self.empty)
        column.addStretch(1)
        scroll = QScrollArea()
        scroll.setWidgetResizable(True)
        scroll.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        scroll.setWidget(inner)
        left = QVBoxLayout()
        left.setSpacing(10)
        left.addLayout(head)
        left.addLayout(tools)
        self.machines = MachineStrip()
        left.addWidget(self.machines)
        left.addWidget(scroll, 1)
        whole = QHBoxLayout(self)
        whole.setContentsMargins(16, 14, 10, 10)
        whole.setSpacing(12)
        whole.addLayout(left, 1)
        whole.addWidget(self.side)
        self.rows: list[RenderRow] = []
        self._stay: dict[str, RenderRow] = {}
        """Rows that are over and shown already, by file, until they are in their place again."""
        self._others = InTurn(self._add_over, IN_SIGHT, EACH, self._read_posters, self)
        self._renders.changed.connect(self.refresh)
        self._renders.moved.connect(self._move)
        self.refresh()

    def place(self) -> Place:
        return Place("renders", self, actions_of(self))

    def toggle_pause(self) -> None:
        """Begin no other render, or go on."""
        self._renders.set_paused(not self._renders.paused)

    def refresh(self) -> None:
        """All rows anew: those in the queue in their order, then those that are over, the newest first."""
        shown = {row.file: row for row in self._renders.over[:SHOWN]}
        before, self._stay = (*self.rows, *self._stay.values()), {}
        for made in before:
            if made.number or shown.get(made.row.file) != made.row:
                made.hide()
                made.deleteLater()
            else:
                self._stay[made.row.file] = made
            self._rows.removeWidget(made)
        self.rows = []
        for live in self._renders.live:
            buttons: list[tuple[str, str, Callable[[], object]]] = [
                (tr("Cancel"), tr("Stop it; nothing is left behind"), partial(self._renders.cancel, live.number))
            ]
            if live.row.state == "waiting":
                buttons.insert(0, (tr("Sooner"), tr("Before the one in front of it"), partial(self._renders.sooner, live.number)))
            made = RenderRow(live.row, buttons, live.number)
            made.dropped.connect(partial(self._dropped, live.number))
            if live.row.state == "running":
                made.show_progress(live)
            self._add(made)
        self._others.take(shown.values())
        self.compare.setEnabled(any(row.state == "done" for row in self._renders.over))
        self.empty.setVisible(not self.rows)
        waiting = sum(k.row.state == "waiting" for k in self._renders.live)
        running = len(self._renders.live) - waiting
        paused = tr(", paused") if self._renders.paused else ""
        self.told.setText(
            tr(
                "{running} running, {waiting} waiting, {over} over{paused}",
                running=running,
                waiting=waiting,
                over=len(self._renders.over),
                paused=paused,
            )
        )
        self.pause.setText(tr("Go on") if self._renders.paused else tr("Pause"))
        self.clear.setEnabled(bool(self._renders.over))

    def _over_buttons(self, row: Row) -> list[tuple[str, str, Callable[[], object]]]:
        buttons: list[tuple[str, str, Callable[[], object]]] = []
        if row.state == "done":
            buttons += [
                (tr("Play"), tr("Play the finished file in the tall picture"), partial(self.looked_at.emit, Path(row.file))),
                (tr("Folder"), tr("Open the folder that holds it"), partial(self._open_folder, row)),
                (tr("Copy path"), tr("Copy where the file is"), partial(self._copy, row)),
            ]
        if self._renders.can_again(row):
            buttons.append((tr("Again"), tr("Render it once more as it was asked for"), partial(self._renders.again, row)))
        return buttons

    def _add_over(self, row: Row) -> bool:
        """A row that is over, the one that is there already where nothing about it changed; -> whether it was made."""
        stays = self._stay.pop(row.file, None)
        if stays is not None and stays.again == self._renders.can_again(row):
            self._put(stays)
            return False
        if stays is not None:
            stays.deleteLater()
        made = RenderRow(row, self._over_buttons(row))
        made.again = self._renders.can_again(row)
        self._add(made)
        return True

    def _add(self, made: RenderRow) -> None:
        made.chosen.connect(partial(self._choose, made))
        made.opened.connect(partial(self._open, made))
        self._put(made)

    def _put(self, made: RenderRow) -> None:
        made.show_chosen(made.row.file == self.chosen)
        self.rows.append(made)
        self._rows.addWidget(made)

    def _go_back(self, row: Row, tick: int) -> None:
        """Show a place of the short that a file was made of, where its project is open."""
        if row.project and row.project != str(self._renders.project or ""):
            self._ws.said.emit(
                tr("This short is in another project: {name}. Open it with Ctrl+O first.", name=Path(row.project).name), "note"
            )
        elif not row.number:
            self._ws.said.emit(tr("This file was rendered from the Bench: open its short there."), "note")
        else:
            self.wanted_place.emit(row.number, tick)

    def _choose(self, made: RenderRow) -> None:
        """Show the report of a row."""
        self.chosen = made.row.file
        for row in self.rows:
            row.show_chosen(row is made)
        self.report.show_row(made.row)
        if made.row.state in ("done", "failed"):
            self.side.show_tab("report")

    def _open(self, made: RenderRow) -> None:
        if made.row.state == "done":
            self.looked_at.emit(Path(made.row.file))

    def _dropped(self, on: int, number: int) -> None:
        """A row that waits was dropped on another: it goes before it, or right after it where it came from above."""
        order = [live.number for live in self._renders.live]
        if number in order and order.index(number) < order.index(on):
            after = order.index(on) + 1
            on = order[after] if after < len(order) else 0
        self._renders.before(number, on)

    def check(self) -> None:
        """Look through what is chosen before it is rendered."""
        self.side.show_tab("check")
        self.checking.want(self.asking.wanted())
        self.checking.asked()

    def compare_two(self) -> None:
        """Finished files side by side, the newest first."""
        files = {f"{r.name}, {r.form} ({Path(r.file).name})": Path(r.file) for r in self._renders.over if r.state == "done"}
        if not files:
            self._ws.said.emit(tr("There is no finished file to compare yet."), "note")
            return
        self.sheet = SideBySideSheet(self._ws, files, self)
        self.sheet.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self.sheet.open()

    def _read_posters(self) -> None:
        """The pictures of rows that have none yet, read beside the interface, where the place is seen."""
        if not self.isVisible():
            return
        for row in self.rows:
            if row.row.file in self._posters:
                row.set_poster(self._posters[row.row.file])
        missing = [r.row for r in self.rows if r.row.file not in self._posters and r.row.poster is not None]
        if not missing:
            return
        self._posters |= {one.file: QImage() for one in missing}

        def work() -> dict[str, QImage]:
            return {r.file: _poster(r) for r in missing[:SHOWN]}

        def arrived(found: dict[str, QImage]) -> None:
            self._posters |= found
            for row in self.rows:
                image = self._posters.get(row.row.file)
                if image is not None and not image.isNull():
                    row.set_poster(image)

        self._ws.in_background("pictures", work, arrived, self)

    def showEvent(self, event: QShowEvent) -> None:
        super().showEvent(event)
        self._read_posters()

    def _move(self) -> None:
        for live, made in zip(self._renders.live, self.rows, strict=False):
            if live.row.state == "running":
                made.show_progress(live)

    def _open_folder(self, row: Row) -> None:
        QDesktopServices.openUrl(QUrl.fromLocalFile(str(folder_of(row))))

    def _copy(self, row: Row) -> None:
        QGuiApplication.clipboard().setText(row.file)
        self._ws.said.emit(tr("Its path is on the clipboard."), "note")


def _poster(row: Row) -> QImage:
    """The picture of a row; none where its footage cannot be read."""
    if row.poster is None:
        return QImage()
    try:
        with PictureReader(row.poster.path, row.poster.rotation) as reader:
            return wide_at(reader, row.poster.tick, 192)
    except MediaError:
        return QImage()

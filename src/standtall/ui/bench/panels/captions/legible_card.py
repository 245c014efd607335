"""The card of what is hard to read: looked for over the real picture, each with a place to go to, and one change for all."""

from __future__ import annotations

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QHBoxLayout, QLabel, QListWidget, QListWidgetItem, QProgressBar, QVBoxLayout

from standtall.base.interface_language import tr
from standtall.base.progress import Progress, Step
from standtall.model import caption_edits
from standtall.model.style import Changes
from standtall.session.look_behind import Legibility, legibility, legible_change
from standtall.ui.state.opened import Opened
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.fields import button


class LegibleCard:
    """Fills a card of the captions panel."""

    def __init__(self, workspace: Workspace, box: QVBoxLayout) -> None:
        self._ws = workspace
        row = QHBoxLayout()
        self.check = button(
            tr("Check the captions"), tr("Look at every caption over the picture that is really behind it"), self.start, "small"
        )
        self.make = button(
            tr("Make all legible"), tr("The slightest change with which all have enough contrast"), self.make_legible, "small"
        )
        for made in (self.check, self.make):
            row.addWidget(made, 1)
        box.addLayout(row)
        self.bar = QProgressBar()
        self.bar.setRange(0, 100)
        self.bar.setVisible(False)
        self.bar.setAccessibleName(tr("How far the captions are looked at"))
        self.stop = button(tr("Stop"), tr("Look at no more captions"), self._stop, "small")
        self.stop.setVisible(False)
        box.addWidget(self.bar)
        box.addWidget(self.stop)
        self.told = QLabel(tr("Not checked yet."))
        self.told.setObjectName("faint")
        self.told.setWordWrap(True)
        box.addWidget(self.told)
        self.list = QListWidget()
        self.list.setAccessibleName(tr("Captions that are hard to read"))
        self.list.setToolTip(tr("A click or Enter goes to the caption"))
        self.list.setFixedHeight(110)
        self.list.setWordWrap(True)
        self.list.itemClicked.connect(self._go)
        self.list.itemActivated.connect(self._go)
        box.addWidget(self.list)
        self._progress: Progress | None = None
        self._found: tuple[Opened, Legibility] | None = None
        self.refresh_buttons()

    # what it does

    def start(self) -> None:
        """Look at all captions beside the interface."""
        opened = self._ws.opened
        if opened is None or self._progress is not None:
            return
        progress = Progress(self._step)
        self._progress = progress
        self._ws.closing.also_cancels(progress)
        self.bar.setValue(0)
        self.refresh_buttons()
        self._ws.in_background_or(
            "pictures",
            lambda: legibility(opened.composition, opened.copies, progress),
            lambda found: self._came(opened, found),
            self._failed,
            self.bar,
        )

    def _step(self, step: Step) -> None:
        """From the thread that looks."""
        self._ws.dispatcher.send(lambda: self.bar.setValue(round(100 * step.share)), self.bar)

    def _stop(self) -> None:
        if self._progress is not None:
            self._progress.cancel()

    def _came(self, opened: Opened, found: Legibility) -> None:
        self._progress = None
        self._found = opened, found
        self.list.clear()
        for fault in found.found:
            item = QListWidgetItem(fault.told)
            item.setData(Qt.ItemDataRole.UserRole, fault.card)
            self.list.addItem(item)
        count = len(found.found)
        self.told.setText(
            tr("{count} of {cards} captions to look at.", count=count, cards=len(found.small.cards))
            if count
            else tr("All captions can be read.")
        )
        self.refresh_buttons()

    def _failed(self) -> None:
        self._progress = None
        self.told.setText(tr("Not checked."))
        self.refresh_buttons()

    def make_legible(self) -> None:
        """Take the slightest change that helps all, and look again."""
        if self._found is None:
            return
        opened, found = self._found
        names: list[str] = []

        def arrived(changes: Changes) -> None:
            self._ws.edit(lambda s, _a: caption_edits.set_style(s, changes), opened)
            self._ws.said.emit(tr("{names} makes all captions legible.", names=names[-1]), "note")

        self._ws.in_background("pictures", lambda: legible_change(found, names.append), arrived)

    def _go(self, item: QListWidgetItem) -> None:
        opened = self._ws.opened
        number = item.data(Qt.ItemDataRole.UserRole)
        if opened is not None and number < len(opened.composition.cards):
            word = opened.composition.cards[number].words[0]
            if word.source == opened.source.key:
                self._ws.selection.seek(word.said.start)

    # what it shows

    def refresh(self, opened: Opened) -> None:
        if self._found is not None and self._found[0].composition is not opened.composition:
            self._found = None
            self.list.clear()
            self.told.setText(tr("The short has changed: check it again."))
        self.refresh_buttons()

    def refresh_buttons(self) -> None:
        busy = self._progress is not None
        self.check.setEnabled(not busy)
        self.bar.setVisible(busy)
        self.stop.setVisible(busy)
        low = self._found is not None and any(f.fault == "contrast" for f in self._found[1].found)
        self.make.setEnabled(low and not busy)
        self.list.setVisible(self.list.count() > 0)

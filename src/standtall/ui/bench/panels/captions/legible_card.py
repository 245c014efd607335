"""The card of what is hard to read: looked for over the real picture, each with a place to go to, and one change for all."""

from __future__ import annotations

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QHBoxLayout, QLabel, QListWidget, QListWidgetItem, QProgressBar, QVBoxLayout

from standtall.base.interface_language import tr
from standtall.session.look_behind import Legibility
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
            tr("Make all legible"),
            tr("The slightest change with which all have enough contrast"),
            workspace.legible.make_legible,
            "small",
        )
        for made in (self.check, self.make):
            row.addWidget(made, 1)
        box.addLayout(row)
        self.bar = QProgressBar()
        self.bar.setRange(0, 100)
        self.bar.setVisible(False)
        self.bar.setAccessibleName(tr("How far the captions are looked at"))
        self.stop = button(tr("Stop"), tr("Look at no more captions"), workspace.legible.stop, "small")
        self.stop.setVisible(False)
        box.addWidget(self.bar)
        box.addWidget(self.stop)
        self.told = QLabel()
        self.told.setObjectName("faint")
        self.told.setWordWrap(True)
        box.addWidget(self.told)
        self.list = QListWidget()
        self.list.setAccessibleName(tr("Captions that are hard to read"))
        self.list.setToolTip(tr("A click or Enter goes to the caption"))
        self.list.setFixedHeight(110)
        self.list.setWordWrap(True)
        self.list.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.list.itemClicked.connect(self._go)
        self.list.itemActivated.connect(self._go)
        box.addWidget(self.list)
        self._told: Legibility | None = None
        workspace.legible.changed.connect(self.show_found)
        workspace.legible.stepped.connect(self.bar.setValue)
        workspace.legible.made_legible.connect(self._made)
        self.show_found()

    # what it does

    def start(self) -> None:
        """Look at all captions beside the interface."""
        self.bar.setValue(0)
        self._ws.legible.look()

    def _made(self, name: str) -> None:
        self._ws.said.emit(tr("{names} makes all captions legible.", names=name), "note")

    def _go(self, item: QListWidgetItem) -> None:
        opened = self._ws.opened
        number = item.data(Qt.ItemDataRole.UserRole)
        if opened is not None and number < len(opened.composition.cards):
            word = opened.composition.cards[number].words[0]
            if word.source == opened.source.key:
                self._ws.selection.seek(word.said.start)

    # what it shows

    def show_found(self) -> None:
        """Show what was found, and whether it is looked."""
        legible = self._ws.legible
        found, busy = legible.found, legible.busy
        if found is None:
            self.told.setText(
                tr("Looking at the captions…") if busy else tr("Looked at when the short is not edited for a while.")
            )
        elif found.found:
            count, cards = len(found.found), len(found.small.cards)
            self.told.setText(tr("{count} of {cards} captions to look at.", count=count, cards=cards))
        else:
            self.told.setText(tr("All captions can be read."))
        if found is not self._told:
            self._told = found
            self.list.clear()
            for fault in found.found if found is not None else ():
                item = QListWidgetItem(fault.told)
                item.setData(Qt.ItemDataRole.UserRole, fault.card)
                self.list.addItem(item)
        self.check.setEnabled(not busy and self._ws.opened is not None)
        self.bar.setVisible(busy)
        self.stop.setVisible(busy)
        self.make.setEnabled(found is not None and any(f.fault == "contrast" for f in found.found) and not busy)
        self.list.setVisible(self.list.count() > 0)

"""A line that tells which machines help and what they are at; it is there only where some are to help."""

from __future__ import annotations

from typing import Final

from PySide6.QtCore import Qt, Signal
from PySide6.QtGui import QResizeEvent
from PySide6.QtWidgets import QFrame, QHBoxLayout, QLabel, QSizePolicy, QWidget

from standtall.base.interface_language import tr
from standtall.jobs.events import MachinesSeen
from standtall.ui.widgets.fields import button
from standtall.ui.widgets.tips import set_tip

MOST_TOLD: Final = 3


def in_words(seen: MachinesSeen | None) -> str:
    """Who helps, in a sentence."""
    if seen is None:
        return tr("Looking for the machines that help…")
    if seen.said:
        return tr("{told}. This machine works alone.", told=seen.said.split(". ")[0].rstrip("."))
    fitting = [m for m in seen.machines if m.fits]
    others = len(seen.machines) - len(fitting)
    older = tr(" {others} of another version: given nothing.", others=others) if others else ""
    if not fitting:
        return tr("No machine helps yet.{older}", older=older)
    busy = [m for m in fitting if m.doing]
    told = "; ".join(f"{m.name}: {m.doing[0]}" for m in busy[:MOST_TOLD]) + ("…" if len(busy) > MOST_TOLD else "")
    helpers = tr("1 worker helps") if len(fitting) == 1 else tr("{fitting} workers help", fitting=len(fitting))
    return tr("{helpers}, {busy} at work.{older} {told}", helpers=helpers, busy=len(busy), older=older, told=told).strip()


class MachineStrip(QFrame):
    """`wanted` asks for the sheet of the machines."""

    wanted = Signal()

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setObjectName("card")
        row = QHBoxLayout(self)
        row.setContentsMargins(10, 4, 6, 4)
        self._said = ""
        self.text = QLabel()
        self.text.setObjectName("faint")
        self.text.setSizePolicy(QSizePolicy.Policy.Ignored, QSizePolicy.Policy.Preferred)
        row.addWidget(self.text, 1)
        row.addWidget(button(tr("Machines…"), tr("Which machines help, and what each does"), self.wanted.emit, "small"))
        self.hide()

    def show_machines(self, used: bool, seen: MachinesSeen | None) -> None:
        self.setVisible(used)
        self._said = in_words(seen)
        set_tip(self.text, self._said)
        self._fit()

    def resizeEvent(self, event: QResizeEvent) -> None:
        super().resizeEvent(event)
        self._fit()

    def _fit(self) -> None:
        """A sentence that is too long ends in an ellipsis; the whole of it is in the tooltip."""
        room = self.text.width() - 2
        self.text.setText(self.text.fontMetrics().elidedText(self._said, Qt.TextElideMode.ElideRight, room))

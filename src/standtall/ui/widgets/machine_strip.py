"""A line that tells which machines help and what they are at; it is there only where some are to help."""

from __future__ import annotations

from typing import Final

from PySide6.QtCore import Qt, Signal
from PySide6.QtGui import QResizeEvent
from PySide6.QtWidgets import QFrame, QHBoxLayout, QLabel, QSizePolicy, QWidget

from standtall.jobs.events import MachinesSeen
from standtall.ui.widgets.fields import button

MOST_TOLD: Final = 3


def in_words(seen: MachinesSeen | None) -> str:
    """Who helps, in a sentence."""
    if seen is None:
        return "Looking for the machines that help…"
    if seen.said:
        return f"{seen.said.split('. ')[0].rstrip('.')}. This machine works alone."
    fitting = [m for m in seen.machines if m.fits]
    others = len(seen.machines) - len(fitting)
    older = f" {others} of another version: given nothing." if others else ""
    if not fitting:
        return f"No machine helps yet.{older}"
    busy = [m for m in fitting if m.doing]
    told = "; ".join(f"{m.name}: {m.doing[0]}" for m in busy[:MOST_TOLD]) + ("…" if len(busy) > MOST_TOLD else "")
    helpers = "1 worker helps" if len(fitting) == 1 else f"{len(fitting)} workers help"
    return f"{helpers}, {len(busy)} at work.{older} {told}".strip()


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
        row.addWidget(button("Machines…", "Which machines help, and what each does", self.wanted.emit, "small"))
        self.hide()

    def show_machines(self, used: bool, seen: MachinesSeen | None) -> None:
        self.setVisible(used)
        self._said = in_words(seen)
        self.text.setToolTip(self._said)
        self._fit()

    def resizeEvent(self, event: QResizeEvent) -> None:
        super().resizeEvent(event)
        self._fit()

    def _fit(self) -> None:
        """A sentence that is too long ends in an ellipsis; the whole of it is in the tooltip."""
        room = self.text.width() - 2
        self.text.setText(self.text.fontMetrics().elidedText(self._said, Qt.TextElideMode.ElideRight, room))

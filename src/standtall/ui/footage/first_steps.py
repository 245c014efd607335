"""What to do first, where there is no footage yet: three steps, and the demo."""

from __future__ import annotations

from collections.abc import Callable
from typing import Final

from PySide6.QtCore import Qt, Signal
from PySide6.QtWidgets import QFrame, QHBoxLayout, QLabel, QSizePolicy, QVBoxLayout, QWidget

from standtall.base.interface_language import tr
from standtall.base.log import log_file
from standtall.ui.widgets.fields import button

STEPS: Final = (
    (
        tr("Add footage of people talking"),
        tr(
            "Drop files here, or choose them. Words, shots, people and speakers are found in the background; the first "
            "words can be "
            "worked with while it goes on."
        ),
    ),
    (
        tr("Make a short of its best moment"),
        tr(
            "Moments shows the passages that hold up on their own, best first, each with its reasons. On the Bench you cut it by "
            "its "
            "words."
        ),
    ),
    (
        tr("Render it, and post it"),
        tr("Renders checks it before and proves it after. The Calendar posts it now, or plans a month."),
    ),
)


class FirstSteps(QWidget):
    """`demo_wanted` asks for the made-up programme that ships."""

    demo_wanted = Signal()

    def __init__(self, add: Callable[[], object]) -> None:
        super().__init__()
        self._opening = QLabel()
        self._opening.setObjectName("title")
        self._opening.setWordWrap(True)
        self._opening.setAlignment(Qt.AlignmentFlag.AlignCenter)
        self._opening.hide()
        self._steps = QWidget()
        whole = QVBoxLayout(self)
        whole.setContentsMargins(0, 14, 0, 0)
        whole.addWidget(self._opening)
        whole.addWidget(self._steps)
        column = QVBoxLayout(self._steps)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(12)
        title = QLabel(tr("From wide talk to a finished tall short, in three steps"))
        title.setObjectName("title")
        column.addWidget(title)
        for number, (name, text) in enumerate(STEPS, 1):
            column.addWidget(self._step(number, name, text))
        row = QHBoxLayout()
        self.add = button(tr("Add footage…"), tr("Choose video or sound files (Ctrl+I)"), add, "main")
        self.demo = button(
            tr("Try it on the demo"), tr("A made-up programme that ships, analysed already"), self.demo_wanted.emit
        )
        for widget in (self.add, self.demo):
            widget.setSizePolicy(QSizePolicy.Policy.Maximum, QSizePolicy.Policy.Fixed)
            row.addWidget(widget)
        told = QLabel(tr("Nothing leaves this machine. F1 is help, everywhere."))
        told.setObjectName("faint")
        row.addSpacing(8)
        row.addWidget(told, 1)
        column.addLayout(row)

    def tell_opening(self, name: str) -> None:
        """Say that something is being opened, in place of the steps; nothing: the steps again."""
        self._opening.setText(tr("Opening {name}…", name=name))
        self._opening.setVisible(bool(name))
        self._steps.setVisible(not name)

    def tell_fault(self) -> None:
        """Say that the rest of the window is missing, for as long as it is."""
        self._opening.setText(
            tr(
                "A fault in the program: the rest of the window could not be made. Close it and start the program anew. Where "
                "that happens again, {log} says why.",
                log=log_file(),
            )
        )
        self._opening.show()
        self._steps.hide()

    def show_steps(self, shown: bool) -> None:
        self.tell_opening("")
        self.setVisible(shown)

    @staticmethod
    def _step(number: int, name: str, text: str) -> QFrame:
        card = QFrame()
        card.setObjectName("card")
        count = QLabel(str(number))
        count.setObjectName("title")
        count.setFixedWidth(30)
        count.setAlignment(Qt.AlignmentFlag.AlignTop | Qt.AlignmentFlag.AlignHCenter)
        head = QLabel(name)
        head.setStyleSheet("font-weight: 700;")
        told = QLabel(text)
        told.setWordWrap(True)
        inside = QVBoxLayout()
        inside.addWidget(head)
        inside.addWidget(told)
        row = QHBoxLayout(card)
        row.setContentsMargins(12, 12, 14, 12)
        row.addWidget(count)
        row.addLayout(inside, 1)
        return card

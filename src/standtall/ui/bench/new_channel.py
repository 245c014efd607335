"""The sheet that makes a channel with the limit of a place that the user posts to."""

from __future__ import annotations

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QDialog, QDialogButtonBox, QFormLayout, QLabel, QSpinBox, QVBoxLayout, QWidget

from standtall.base.interface_language import tr
from standtall.ui.widgets.fields import Field, tell_both
from standtall.ui.widgets.tips import set_tip


class NewChannelSheet(QDialog):
    """`wanted` carries the title and the longest length in seconds."""

    wanted = Signal(str, float)

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setWindowTitle(tr("New channel"))
        self.title = Field(
            tr("Name of the channel"), tr("the place you post to"), tip=tr("What the channel is called in every place here")
        )
        self.longest = QSpinBox()
        self.longest.setRange(1, 86_400)
        self.longest.setValue(60)
        self.longest.setSuffix(" s")
        self.longest.setAccessibleName(tr("Longest short in seconds"))
        set_tip(self.longest, tr("A longer one is not posted there; the Bench shows how much of it a short uses"))
        form = QFormLayout()
        form.addRow(tr("Name"), self.title)
        form.addRow(tr("Longest short"), self.longest)
        about = QLabel(tr("Every short says how much of this it uses. The channel is kept for all your projects."))
        about.setWordWrap(True)
        about.setObjectName("faint")
        self._buttons = QDialogButtonBox(QDialogButtonBox.StandardButton.Ok | QDialogButtonBox.StandardButton.Cancel)
        self._buttons.button(QDialogButtonBox.StandardButton.Ok).setText(tr("Make the channel"))
        tell_both(self._buttons, QDialogButtonBox.StandardButton.Ok, tr("Keep the channel for all projects (Enter)"))
        self._buttons.accepted.connect(self.accept)
        self._buttons.rejected.connect(self.reject)
        whole = QVBoxLayout(self)
        whole.addLayout(form)
        whole.addWidget(about)
        whole.addWidget(self._buttons)
        self.title.textChanged.connect(lambda _t: self._check())
        self._check()

    def _check(self) -> None:
        self._buttons.button(QDialogButtonBox.StandardButton.Ok).setEnabled(bool(self.title.text().strip()))

    def accept(self) -> None:
        self.wanted.emit(self.title.text(), float(self.longest.value()))
        super().accept()

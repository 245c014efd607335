"""One sentence at a time for the person, under the place in front."""

from __future__ import annotations

from PySide6.QtCore import Qt, QTimer
from PySide6.QtWidgets import QLabel

from standtall.ui.widgets import dressing, theme

NOTE_MS, ERROR_MS = 5_000, 12_000


class MessageBar(QLabel):
    """Shown for a while; hidden otherwise."""

    def __init__(self) -> None:
        super().__init__()
        self.setWordWrap(True)
        self.setObjectName("message")
        self.setTextFormat(Qt.TextFormat.PlainText)
        self.hide()
        self._over = QTimer(self)
        self._over.setSingleShot(True)
        self._over.timeout.connect(self.hide)

    def say(self, text: str, kind: str = "note") -> None:
        """Show a sentence; `kind` is note or error."""
        colour = theme.WARN if kind == "error" else theme.KEPT
        ground = theme.current().raised
        dressing.also(self, f"background: {ground}; border-left: 5px solid {colour}; padding: 9px 14px;")
        self.setText(text)
        self.setAccessibleName(text)
        self.show()
        self._over.start(ERROR_MS if kind == "error" else NOTE_MS)

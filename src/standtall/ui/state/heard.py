"""The finished sound of what is on the Bench, as it was last worked out."""

from __future__ import annotations

from PySide6.QtCore import QObject, Signal

from standtall.compose.composition import Composition
from standtall.session.hearing import Heard


class Sounding(QObject):
    """Holds the sound of one composition; `changed` tells of another."""

    changed = Signal()

    def __init__(self, parent: QObject) -> None:
        super().__init__(parent)
        self._of: Composition | None = None
        self._heard: Heard | None = None

    def put(self, composition: Composition, found: Heard) -> None:
        self._of, self._heard = composition, found
        self.changed.emit()

    def of(self, composition: Composition) -> Heard | None:
        """That of a composition; None while it is still being worked out."""
        return self._heard if self._of is composition else None

"""Typing other words over the chosen ones, right where they stand."""

from __future__ import annotations

from PySide6.QtCore import QObject, QRect, Qt
from PySide6.QtWidgets import QWidget

from standtall.base.interface_language import tr
from standtall.model import corrections
from standtall.ui.state.opened import Opened
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.fields import Field


class Retyping(QObject):
    """At most one field at a time, over the page; the page gets the focus back."""

    def __init__(self, workspace: Workspace, page: QWidget, over: QWidget) -> None:
        super().__init__(page)
        self._ws, self._page, self._over = workspace, page, over
        self.field: Field | None = None

    def begin(self, chosen: range, place: QRect, seen: Opened) -> None:
        """Show the field at a place, with the chosen words in it."""
        self.stop()
        field = Field(tr("Retype the chosen words"), parent=self._over)
        field.setObjectName("retyper")
        field.setText(" ".join(w.text for w in seen.analysis.words[chosen.start : chosen.stop]))
        field.setGeometry(place)
        field.selectAll()
        field.returnPressed.connect(lambda: self._typed(chosen, field, seen))
        field.given_up.connect(self.stop)
        self.field = field
        field.show()
        field.setFocus(Qt.FocusReason.ShortcutFocusReason)

    def _typed(self, chosen: range, field: Field, seen: Opened) -> None:
        text = field.text()
        self.stop()
        self._ws.revise_words(chosen, lambda t, c: corrections.retype(t, c, text), seen)

    def stop(self) -> None:
        """Give the typing up."""
        if self.field is not None:
            self.field.hide()
            self.field.deleteLater()
            self.field = None
            self._page.setFocus()

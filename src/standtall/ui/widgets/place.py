"""A place of the window, as it declares itself."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

from PySide6.QtWidgets import QWidget

from standtall.ui.widgets.actions import Action


@dataclass(frozen=True, slots=True)
class Place:
    """`name` is also that of its drawing, `key` leads there, and so do `more_keys`. `ground` are the widgets without shortcuts
    of their own; the first gets the focus when the place is shown (none: the tall picture)."""

    name: str
    title: str
    key: str
    widget: QWidget
    actions: Sequence[Action] = ()
    ground: tuple[QWidget, ...] = ()
    more_keys: tuple[str, ...] = ()

    @property
    def keys(self) -> tuple[str, ...]:
        return (self.key, *self.more_keys)

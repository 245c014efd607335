"""The places of the window: what each is called, and how it declares itself."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from typing import Final

from PySide6.QtWidgets import QWidget

from standtall.base.interface_language import tr
from standtall.ui.widgets.actions import Action


@dataclass(frozen=True, slots=True)
class PlaceName:
    """`name` is also that of its drawing; the first of the `keys` that lead there is the one that is shown."""

    name: str
    title: str
    keys: tuple[str, ...]


PLACES: Final = (
    PlaceName("footage", tr("Footage"), ("Alt+1",)),
    PlaceName("moments", tr("Moments"), ("F4", "Alt+2")),
    PlaceName("bench", tr("Bench"), ("F2", "Alt+3")),
    PlaceName("renders", tr("Renders"), ("F10", "Alt+4")),
    PlaceName("calendar", tr("Calendar"), ("F11", "Alt+5")),
)


@dataclass(frozen=True, slots=True)
class Place:
    """`name` is one of `PLACES`. `ground` are the widgets without shortcuts of their own; the first gets the focus when the place
    is shown (none: the tall picture)."""

    name: str
    widget: QWidget
    actions: Sequence[Action] = ()
    ground: tuple[QWidget, ...] = ()

    @property
    def called(self) -> PlaceName:
        return next(p for p in PLACES if p.name == self.name)

    @property
    def title(self) -> str:
        return self.called.title

    @property
    def keys(self) -> tuple[str, ...]:
        return self.called.keys

"""Actions of the Renders place."""

from __future__ import annotations

from typing import TYPE_CHECKING

from standtall.base.interface_language import tr
from standtall.ui.widgets.actions import Action

if TYPE_CHECKING:
    from standtall.ui.renders.place import RendersPlace


def actions_of(place: RendersPlace) -> list[Action]:
    """All actions of the place, in the order in which the list of shortcuts shows them."""
    return [
        Action("render-chosen", tr("Render what is chosen"), place.asking.ask, ("Ctrl+Shift+R",)),
        Action("check-chosen", tr("Check what is chosen"), place.check, ("Ctrl+Shift+K",)),
        Action("side-by-side", tr("Finished files side by side"), place.compare_two, ("Ctrl+Shift+B",)),
        Action("pause-renders", tr("Pause renders, or go on"), place.toggle_pause, ("Ctrl+Shift+P",)),
    ]

"""What the desktop's portal says of texts and motion, on a private message bus."""

from __future__ import annotations

from typing import Any

import pytest
from jeepney import new_error, new_method_return

from standtall.ui.app.desktop_wishes import Wishes, desktop_wishes
from tests.message_bus import BusStandIn, bus

__all__ = ["bus"]
GNOME = "org.gnome.desktop.interface"


class PortalStandIn(BusStandIn):
    """Answers `Read` as portals do: a variant in a variant."""

    def __init__(self, bus: str, kept: dict[tuple[str, str], tuple[str, Any]]) -> None:
        self.kept = kept
        super().__init__(bus, ("org.freedesktop.portal.Desktop",))

    def _answer(self, message: Any) -> Any:
        found = self.kept.get(tuple(message.body))
        if found is None:
            return new_error(message, "org.freedesktop.portal.Error.NotFound")
        return new_method_return(message, "v", (("v", found),))


@pytest.mark.parametrize(
    ("kept", "wishes"),
    [
        ({(GNOME, "text-scaling-factor"): ("d", 1.25)}, Wishes(1.25)),
        ({(GNOME, "enable-animations"): ("b", False)}, Wishes(1.0, True)),
        ({(GNOME, "enable-animations"): ("b", True), ("org.freedesktop.appearance", "reduced-motion"): ("u", 1)}, Wishes(1.0, True)),
        ({(GNOME, "text-scaling-factor"): ("s", "large"), (GNOME, "enable-animations"): ("s", "no")}, Wishes()),
        ({(GNOME, "text-scaling-factor"): ("d", 90.0)}, Wishes()),
        ({}, Wishes()),
    ],
)
def test_the_portal_is_asked(bus: str, kept: dict[tuple[str, str], tuple[str, Any]], wishes: Wishes) -> None:
    portal = PortalStandIn(bus, kept)
    assert desktop_wishes(bus) == wishes
    portal.close()


def test_without_a_desktop_all_is_as_usual(bus: str) -> None:
    assert desktop_wishes(bus) == desktop_wishes() == desktop_wishes("unix:path=/nowhere") == Wishes()


def test_a_portal_that_does_not_answer_is_asked_once(bus: str) -> None:
    class Silent(PortalStandIn):
        asked = 0

        def _answer(self, message: Any) -> Any:
            Silent.asked += 1
            return new_method_return(message, "v", (("s", "too late"),)) if self._ended.wait(1.0) else new_error(message, "org.x.Late")

    portal = Silent(bus, {})
    assert desktop_wishes(bus) == Wishes()
    portal.close()
    assert Silent.asked == 1

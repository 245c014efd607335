"""What every painter does for its type of layer."""

from __future__ import annotations

from typing import Any, Protocol

from standtall.media.planes import Planes

Box = tuple[int, int, int, int]
"""Left, top, right and bottom in pixels, all even."""


class Painter(Protocol):
    """Paints layers of one type on frames of one size; used from one thread."""

    def box(self, layer: Any) -> Box:
        """Where the layer changes the frame."""
        ...

    def covers(self, layer: Any) -> bool:
        """Whether it hides everything under it."""
        ...

    def paint(self, layer: Any, picture: Planes | None, canvas: Planes) -> None:
        """Paint it over what is on the canvas; `picture` is what a layer with an asset shows."""
        ...

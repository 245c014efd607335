"""What every type of layer is."""

from __future__ import annotations


class Layer:
    """A frozen value that says all that is seen of one thing in one frame: equal layers look the same. A type of layer is a
    dataclass in a module of its own here, and has a painter in `compose.painters.frames.PAINTERS`."""

    __slots__ = ()

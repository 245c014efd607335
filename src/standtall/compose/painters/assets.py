"""The open media files whose pictures are painted."""

from __future__ import annotations

from collections import OrderedDict
from collections.abc import Mapping
from fractions import Fraction
from types import TracebackType
from typing import Final

from standtall.compose.layers.picture import Asset
from standtall.media.planes import Planes
from standtall.media.reader import PictureReader

MOST_OPEN: Final = 6
"""Files that are kept open at once."""
NEAR: Final = 0.02
"""How far two rates may be from whole multiples: a picture that comes twice in two seconds is not seen as a stutter."""


class Assets:
    """Pictures by asset and tick; use it from one thread. `copies` are quicker copies of files, by content key; they are
    upright. Footage whose rate goes neither into `rate` nor `rate` into it is shown by pictures between its own, so that what
    moves does not stutter; without `rate` each moment shows the picture that is on show then."""

    def __init__(self, copies: Mapping[str, str] | None = None, rate: Fraction | None = None) -> None:
        self._copies = dict(copies or {})
        self.rate = rate
        self._open: OrderedDict[tuple[str, int, int], PictureReader] = OrderedDict()

    def __enter__(self) -> Assets:
        return self

    def __exit__(self, kind: type[BaseException] | None, error: BaseException | None, trace: TracebackType | None) -> None:
        self.close()

    def close(self) -> None:
        for reader in self._open.values():
            reader.close()
        self._open.clear()

    def use_copies(self, copies: Mapping[str, str]) -> None:
        """Read from other copies from now on; what is open stays open as long as it is asked for."""
        self._copies = dict(copies)

    def picture(self, asset: Asset, tick: int, role: int = 0) -> Planes:
        """The picture on show at a tick; the same object as long as the same picture is. Each `role` has a reader of its own, so
        that two places of one file can be shown by turns without seeking. Raises `MediaError`."""
        copy = self._copies.get(asset.key)
        path, rotation = (copy, 0) if copy else (asset.path, asset.rotation)
        key = (path, rotation, role)
        if key not in self._open:
            self._open[key] = PictureReader(path, rotation)
            if len(self._open) > MOST_OPEN:
                self._open.popitem(last=False)[1].close()
        self._open.move_to_end(key)
        reader = self._open[key]
        return reader.between(tick) if self.rate is not None and uneven(reader.rate, self.rate) else reader.at(tick)


def uneven(footage: Fraction, wanted: Fraction) -> bool:
    """Whether pictures of footage would stand unevenly long: neither rate is about a whole multiple of the other."""
    if footage <= 0 or wanted <= 0:
        return False
    ratio = float(max(footage, wanted) / min(footage, wanted))
    return abs(ratio - round(ratio)) > NEAR * round(ratio)

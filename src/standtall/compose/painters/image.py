"""Paints image layers."""

from __future__ import annotations

from standtall.compose.layers.image import ImageLayer
from standtall.compose.painters.painter import Box
from standtall.ink.placed_pictures import PlacedPicture, picture_at
from standtall.ink.sprite import Sprite
from standtall.media.planes import Planes


def image_place(layer: ImageLayer, aspect: float, width: int, height: int) -> tuple[float, float, float, float]:
    """The middle, the width and the height of a picture of that aspect on a frame, in pixels, before it is turned."""
    wide = max(2.0, layer.size * width)
    high, away = wide / aspect, layer.margin * width
    if layer.corner == "free":
        return layer.across * width, layer.down * height, wide, high
    x = away + wide / 2 if layer.corner.endswith("left") else width - away - wide / 2
    y = away + high / 2 if layer.corner.startswith("top") else height - away - high / 2
    return x, y, wide, high


class ImagePainter:
    """Paints drawings on frames of one size. Use it from one thread."""

    def __init__(self, width: int, height: int) -> None:
        self._size = width, height

    def _sprite(self, layer: ImageLayer) -> Sprite | None:
        found: PlacedPicture | None = picture_at(layer.path, layer.key)
        if found is None:
            return None
        x, y, wide, _high = image_place(layer, found.aspect, *self._size)
        made = found.sprite(wide, layer.rotation, layer.step, x, y)
        return made.faded(layer.opacity) if layer.opacity < 1 else made

    def box(self, layer: ImageLayer) -> Box:
        made = self._sprite(layer)
        return (0, 0, 0, 0) if made is None else made.box(*self._size)

    def covers(self, _layer: ImageLayer) -> bool:
        return False

    def paint(self, layer: ImageLayer, _picture: Planes | None, canvas: Planes) -> None:
        made = self._sprite(layer)
        if made is not None:
            made.blend(canvas)

"""Reads what a scene shows and paints it: the same way for the preview and for the finished file."""

from __future__ import annotations

from collections import OrderedDict
from dataclasses import replace
from types import TracebackType
from typing import Final

from standtall.base.geometry import Rect
from standtall.compose.paint import nothing, paint
from standtall.compose.scene import Scene
from standtall.framing.camera import View
from standtall.ink.caption import CaptionInk
from standtall.media.planes import Planes
from standtall.media.reader import PictureReader

MOST_OPEN: Final = 4
"""Files of pictures laid over the talk that are kept open at once."""
ALL: Final = View("fill", Rect(0, 0, 1, 1))


class Pictures:
    """The pictures of one source (none where `path` is None), and of what is laid over it."""

    def __init__(self, path: str | None, rotation: int) -> None:
        self._path, self._rotation = path, rotation
        self._own = PictureReader(path, rotation) if path is not None else None
        self._under: PictureReader | None = None
        self._others: OrderedDict[str, PictureReader] = OrderedDict()

    def __enter__(self) -> Pictures:
        return self

    def __exit__(self, kind: type[BaseException] | None, error: BaseException | None, trace: TracebackType | None) -> None:
        self.close()

    def close(self) -> None:
        for reader in (self._own, self._under, *self._others.values()):
            if reader is not None:
                reader.close()

    def at(self, tick: int) -> Planes | None:
        """The picture of the source itself on show at a tick."""
        return self._own.at(tick) if self._own is not None else None

    def _other(self, path: str, rotation: int) -> PictureReader:
        if path not in self._others:
            self._others[path] = PictureReader(path, rotation)
            if len(self._others) > MOST_OPEN:
                self._others.popitem(last=False)[1].close()
        self._others.move_to_end(path)
        return self._others[path]

    def painted(self, scene: Scene, width: int, height: int, ink: CaptionInk | None) -> Planes:
        """A frame: what is laid over the talk, or its own picture with the one from before a cut under it where they blend."""
        if scene.over is not None:
            picture = self._other(scene.over.path, scene.over.rotation).at(scene.over.tick)
            return paint(replace(scene, view=scene.over.view), picture, width, height, ink)
        own = self.at(scene.source_tick)
        if own is None or self._path is None:
            return paint(replace(scene, view=ALL), nothing(width, height), width, height, ink)
        under = None
        if scene.under is not None:
            if self._under is None:
                self._under = PictureReader(self._path, self._rotation)
            under = self._under.at(scene.under.source_tick)
        return paint(scene, own, width, height, ink, under)

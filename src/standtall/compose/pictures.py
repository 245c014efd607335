"""Reads what a scene shows and paints it: the same way for the preview and for the finished file."""

from __future__ import annotations

from types import TracebackType

from standtall.compose.paint import paint
from standtall.compose.scene import Scene
from standtall.ink.caption import CaptionInk
from standtall.media.planes import Planes
from standtall.media.reader import PictureReader


class Pictures:
    """The pictures of one source; a second reader is opened where a blend shows two at once."""

    def __init__(self, path: str, rotation: int) -> None:
        self._path, self._rotation = path, rotation
        self._over = PictureReader(path, rotation)
        self._under: PictureReader | None = None

    def __enter__(self) -> Pictures:
        return self

    def __exit__(self, kind: type[BaseException] | None, error: BaseException | None, trace: TracebackType | None) -> None:
        self.close()

    def close(self) -> None:
        self._over.close()
        if self._under is not None:
            self._under.close()

    def at(self, tick: int) -> Planes:
        """The picture on show at a tick of the source."""
        return self._over.at(tick)

    def painted(self, scene: Scene, width: int, height: int, ink: CaptionInk | None) -> Planes:
        """A frame, with the picture from before a cut under it where the scene blends them."""
        under = None
        if scene.under is not None:
            if self._under is None:
                self._under = PictureReader(self._path, self._rotation)
            under = self._under.at(scene.under.source_tick)
        return paint(scene, self.at(scene.source_tick), width, height, ink, under)

"""The tall pictures of posts: out of their finished file, else the middle of the footage where the short begins."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Sequence
from functools import partial

from PySide6.QtCore import QObject, QRect
from PySide6.QtGui import QImage, QPixmap

from standtall.base.errors import MediaError
from standtall.base.time import TICKS_PER_SECOND
from standtall.library.project import Entry
from standtall.media.reader import PictureReader
from standtall.model.post import Post, ShortRef
from standtall.model.source import Source
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.images import wide_at

HIGH = 128
AT_ONCE = 6
"""Pictures that are read before the calendar shows them."""


class Posters(QObject):
    """Reads pictures beside the interface; `arrived` is called when there are more. `of` gives what there is by now."""

    def __init__(self, workspace: Workspace, arrived: Callable[[], None], parent: QObject) -> None:
        super().__init__(parent)
        self._ws, self._told = workspace, arrived
        self._kept: dict[tuple[str, int], QPixmap] = {}
        """By file and tick; empty ones cannot be read."""
        self._asked: set[tuple[str, int]] = set()
        self._starts: dict[tuple[str, int], tuple[Source, int]] = {}
        """Where shorts of the open project begin."""

    def know(self, project: str, entries: Iterable[Entry]) -> None:
        """Shorts of the open project: where each begins."""
        here = {s.key: s for s in self._ws.sources}
        for entry in entries:
            first = entry.short.segments[0] if entry.short.segments else None
            if first is not None and first.source in here and here[first.source].has_picture:
                at = min(first.start + TICKS_PER_SECOND, (first.start + first.end) // 2)
                self._starts[project, entry.id] = here[first.source], at

    def of(self, post: Post | None, ref: ShortRef) -> QPixmap | None:
        """The picture of a post or a short; None while it is not read yet."""
        key = self._key(post, ref)
        return self._kept.get(key) if key is not None else None

    def _key(self, post: Post | None, ref: ShortRef) -> tuple[str, int] | None:
        if post is not None and post.file is not None:
            return post.file.path, TICKS_PER_SECOND
        start = self._starts.get(ref.same)
        return None if start is None else (start[0].path, start[1])

    def want(self, wanted: Iterable[tuple[Post | None, ShortRef]]) -> None:
        """Read those that are not there yet."""
        new: dict[tuple[str, int], int] = {}
        for post, ref in wanted:
            key = self._key(post, ref)
            if key is not None and key not in self._asked:
                start = self._starts.get(ref.same)
                new[key] = 0 if post is not None and post.file is not None else start[0].rotation if start is not None else 0
        keys = list(new.items())
        self._asked |= new.keys()
        for n in range(0, len(keys), AT_ONCE):
            part = keys[n : n + AT_ONCE]
            self._ws.in_background("pictures", partial(_read, part), self._arrived, self)

    def _arrived(self, found: list[tuple[tuple[str, int], QImage]]) -> None:
        for key, image in found:
            self._kept[key] = QPixmap.fromImage(image)
        self._told()


def _read(wanted: Sequence[tuple[tuple[str, int], int]]) -> list[tuple[tuple[str, int], QImage]]:
    return [(key, _tall(key, rotation)) for key, rotation in wanted]


def _tall(key: tuple[str, int], rotation: int) -> QImage:
    """A small tall picture: the middle of what is not tall."""
    path, tick = key
    try:
        with PictureReader(path, rotation) as reader:
            image = wide_at(reader, tick, 320)
    except (MediaError, OSError):
        return QImage()
    if image.width() * 16 > image.height() * 9:
        wide = image.height() * 9 // 16
        image = image.copy(QRect((image.width() - wide) // 2, 0, wide, image.height()))
    return image.scaledToHeight(HIGH)

"""The card of the picture library: what ships and the editor's own folders, searched by word, put on the picture."""

from __future__ import annotations

import time
from collections.abc import Callable
from pathlib import Path
from typing import Final

from PySide6.QtCore import QSize, Qt
from PySide6.QtGui import QIcon, QImage, QPixmap
from PySide6.QtWidgets import QFileDialog, QLabel, QListView, QListWidget, QListWidgetItem, QVBoxLayout

from standtall.base.interface_language import tr
from standtall.ink.placed_pictures import picture_at, picture_key
from standtall.library import settings
from standtall.library.stickers import MOVING_ENDINGS, Sticker, tag_by_hand
from standtall.model import extra_edits
from standtall.model.extents import OpeningExtent
from standtall.session.proposals import pictures
from standtall.ui.bench.panels.extras.items_card import sticker_extra
from standtall.ui.bench.panels.extras.when_shown import extent_for
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.fields import Field, button
from standtall.ui.widgets.tips import set_tip

SIDE: Final = 40
SHOWN: Final = 120
AGAIN_S: Final = 5.0
"""Folders are looked into again after so many seconds, when the panel is shown."""


def sticker_image(sticker: Sticker, side: int) -> QImage | None:
    """The picture of a sticker on a square; None for footage, or what cannot be read."""
    if Path(sticker.path).suffix.lower() in MOVING_ENDINGS:
        return None
    found = picture_at(sticker.path, "")
    if found is None:
        return None
    wide = side if found.aspect >= 1 else max(2, round(side * found.aspect))
    made = found.pixels(wide, 0)
    high, wide = made.shape[:2]
    return QImage(made.tobytes(), wide, high, wide * 4, QImage.Format.Format_ARGB32_Premultiplied)


class LibraryCard:
    """Fills a card of the extras panel; nothing is looked for before it is shown."""

    def __init__(self, workspace: Workspace, box: QVBoxLayout, put_footage: Callable[[Path], None]) -> None:
        self._ws, self._put_footage = workspace, put_footage
        self._library: tuple[Sticker, ...] = ()
        self._icons: dict[str, QIcon] = {}
        self.sought = Field(
            tr("Search the pictures"), tr("Search: money, time, rain…"), tip=tr("Lists the pictures that are found by this word")
        )
        self.sought.textChanged.connect(lambda _t: self._show())
        box.addWidget(self.sought)
        self.list = QListWidget()
        self.list.setAccessibleName(tr("Pictures"))
        self.list.setToolTip(tr("Put a picture on the frame, over the chosen words"))
        self.list.setViewMode(QListView.ViewMode.IconMode)
        self.list.setMovement(QListView.Movement.Static)
        self.list.setResizeMode(QListView.ResizeMode.Adjust)
        self.list.setIconSize(QSize(SIDE, SIDE))
        self.list.setGridSize(QSize(SIDE + 10, SIDE + 10))
        self.list.setFixedHeight(3 * (SIDE + 10) + 6)
        self.list.itemClicked.connect(lambda item: self.put(item.data(Qt.ItemDataRole.UserRole)))
        self.list.itemActivated.connect(lambda item: self.put(item.data(Qt.ItemDataRole.UserRole)))
        box.addWidget(self.list)
        self.list.itemSelectionChanged.connect(self._show_tags)
        self.tags = Field(tr("Words of the picture"), tr("Words that it is found by"))
        set_tip(self.tags, tr("Words that this picture of your own is found by, beside those of its name"))
        self.tags.editingFinished.connect(self._tagged)
        self.tags.hide()
        box.addWidget(self.tags)
        self._looked = -AGAIN_S
        self.told = QLabel()
        self.told.setObjectName("faint")
        self.told.setWordWrap(True)
        box.addWidget(self.told)
        box.addWidget(
            button(
                tr("Add a folder of your own…"), tr("Pictures in it are found by the words of their names"), self._choose, "small"
            )
        )

    @property
    def library(self) -> tuple[Sticker, ...]:
        return self._library

    def _choose(self) -> None:
        folder = QFileDialog.getExistingDirectory(self.list, tr("A folder of pictures"))
        if folder:
            self.add_folder(folder)

    def look_again(self) -> None:
        """Look into the folders again: they may hold other pictures now."""
        if time.monotonic() - self._looked > AGAIN_S:
            self._looked = -AGAIN_S
            self._ws.in_background("files", lambda: pictures(settings.load()[0].picture_folders), self._arrived)

    def _tagged(self) -> None:
        """Keep the words that were typed for the chosen picture of one's own."""
        items = self.list.selectedItems()
        if not self.tags.isModified() or not items:
            return
        self.tags.setModified(False)
        path, words = items[0].data(Qt.ItemDataRole.UserRole).path, tuple(self.tags.text().replace(",", " ").split())

        def work() -> tuple[Sticker, ...]:
            tag_by_hand(path, words)
            return pictures(settings.load()[0].picture_folders)

        self._ws.in_background("files", work, self._arrived)

    def _show_tags(self) -> None:
        items = self.list.selectedItems()
        chosen: Sticker | None = items[0].data(Qt.ItemDataRole.UserRole) if items else None
        self.tags.setVisible(chosen is not None and chosen.own)
        if chosen is not None and chosen.own:
            self.tags.setText(" ".join(chosen.words))

    def add_folder(self, folder: str) -> None:
        """Look into a folder of the user's own from now on."""

        def work() -> tuple[Sticker, ...]:
            known = settings.load()[0].with_folder(folder)
            settings.save(known)
            return pictures(known.picture_folders)

        self._ws.in_background("files", work, self._arrived)

    def _arrived(self, found: tuple[Sticker, ...]) -> None:
        if found != self._library:
            self._library = found
            self._show()

    def _show(self) -> None:
        """Those that the search finds, by title and words."""
        parts = self.sought.text().lower().split()
        found = [
            s for s in self._library if all(any(w.startswith(p) for w in (*s.words, *s.title.lower().split())) for p in parts)
        ]
        self.list.clear()
        for sticker in found[:SHOWN]:
            item = QListWidgetItem(self._icons.get(sticker.path, QIcon()), "")
            item.setData(Qt.ItemDataRole.UserRole, sticker)
            item.setToolTip(f"{sticker.title}{tr(' (moves)') if sticker.moves else ''}: {', '.join(sticker.words[:8])}")
            item.setData(Qt.ItemDataRole.AccessibleTextRole, sticker.title)
            self.list.addItem(item)
        own = sum(s.own for s in self._library)
        self.told.setText(
            tr("{found} of {library} pictures, {own} of your own.", found=len(found), library=len(self._library), own=own)
            if self._library
            else tr("Looking for pictures…")
        )
        missing = [s for s in found[:SHOWN] if s.path not in self._icons]
        if missing:
            self._ws.in_background("pictures", lambda: [(s.path, sticker_image(s, 2 * SIDE)) for s in missing[:40]], self._drawn)

    def _drawn(self, images: list[tuple[str, QImage | None]]) -> None:
        for path, image in images:
            self._icons[path] = QIcon(QPixmap.fromImage(image)) if image is not None else QIcon()
        for row in range(self.list.count()):
            item = self.list.item(row)
            icon = self._icons.get(item.data(Qt.ItemDataRole.UserRole).path)
            if icon is not None and item.icon().isNull():
                item.setIcon(icon)
        if any(self.list.item(row).data(Qt.ItemDataRole.UserRole).path not in self._icons for row in range(self.list.count())):
            self._show_rest()

    def _show_rest(self) -> None:
        rows = [self.list.item(row).data(Qt.ItemDataRole.UserRole) for row in range(self.list.count())]
        missing = [s for s in rows if s.path not in self._icons][:40]
        self._ws.in_background("pictures", lambda: [(s.path, sticker_image(s, 2 * SIDE)) for s in missing], self._drawn)

    def put(self, sticker: Sticker) -> None:
        """Put a picture on the frame over the chosen words; footage is told to be laid over as a cutaway."""
        opened = self._ws.opened
        if opened is None:
            return
        if Path(sticker.path).suffix.lower() in MOVING_ENDINGS:
            self._put_footage(Path(sticker.path))  # it is shown over the talk
            return
        extent = extent_for("words", opened, self._ws.selection) or OpeningExtent()

        def arrived(key: str) -> None:
            self._ws.selection.choose_extra(-1)
            self._ws.edit(lambda s, _a: extra_edits.put_in(s, sticker_extra(sticker.path, key, opened, extent)), opened)

        self._ws.in_background("files", lambda: picture_key(sticker.path), arrived)

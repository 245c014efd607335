"""The cover of the short on the Bench: proposed, chosen, enlarged, titled, written."""

from __future__ import annotations

from dataclasses import replace
from functools import partial
from pathlib import Path
from typing import Any

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QSize, Qt, QTimer, Signal
from PySide6.QtGui import QImage, QMouseEvent, QPixmap
from PySide6.QtWidgets import QFileDialog, QGridLayout, QHBoxLayout, QLabel, QSlider, QToolButton

from standtall.base.interface_language import tr
from standtall.model.cover import LONGEST_TITLE, Cover
from standtall.model.edits import Edit
from standtall.session.covers import ProposedCover, cover_picture, proposed_covers, write_cover, write_for_channels
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.cards import Panel, card_in
from standtall.ui.widgets.fields import Field, button
from standtall.ui.widgets.layouts import empty
from standtall.ui.widgets.tips import set_tip
from standtall.ui.widgets.when_seen import WhenSeen

COUNT, ACROSS = 6, 3
SMALL, LARGE = (70, 112), (160, 268)
SETTLED_MS = 250


class CoverPanel(Panel):
    """Proposals, the chosen one as it will be, its title and its framing."""

    def __init__(self, workspace: Workspace) -> None:
        super().__init__()
        self._ws = workspace
        box = card_in(self.column, tr("PROPOSED"))
        self.told = QLabel(tr("Frames of the short on the Bench that could stand for it."))
        self.told.setWordWrap(True)
        self.told.setObjectName("faint")
        box.addWidget(self.told)
        self.ask = button(
            tr("Propose covers"), tr("Look for sharp frames with open eyes and room for a headline"), self.propose, "small"
        )
        box.addWidget(self.ask)
        self._grid = QGridLayout()
        box.addLayout(self._grid)
        box = card_in(self.column, tr("COVER"))
        self.picture = PointedPicture(tr("No cover is chosen."))
        self.picture.setAlignment(Qt.AlignmentFlag.AlignCenter)
        self.picture.setAccessibleName(tr("The cover as it will be"))
        self.picture.setToolTip(tr("A click says around which point it is enlarged"))
        self.picture.pointed.connect(lambda x, y: self._change(across=x, point_down=y))
        box.addWidget(self.picture)
        self.title = Field(tr("Title on the cover"), tr("No title"))
        self.title.setMaxLength(LONGEST_TITLE)
        set_tip(self.title, tr("What is written on the cover, in the look's style of headlines"))
        self.title.editingFinished.connect(lambda: self._change(title=self.title.text()))
        box.addWidget(self.title)
        self.down = _slider(tr("Height of the title"), 4, 96)
        self.near = _slider(tr("Enlarged, in percent"), 100, 250)
        self.across = _slider(tr("The point it is enlarged around: from the left, in percent"), 0, 100)
        self.point_down = _slider(tr("The point it is enlarged around: from above, in percent"), 0, 100)
        for text, slider in (
            (tr("Title at"), self.down),
            (tr("Enlarged"), self.near),
            (tr("Point across"), self.across),
            (tr("Point down"), self.point_down),
        ):
            line = QHBoxLayout()
            line.addWidget(QLabel(text))
            line.addWidget(slider, 1)
            box.addLayout(line)
        self._settle = QTimer(self)
        self._settle.setSingleShot(True)
        self._settle.setInterval(SETTLED_MS)
        self._settle.timeout.connect(self._set_sliders)
        for slider in (self.down, self.near, self.across, self.point_down):
            slider.valueChanged.connect(lambda _v: self._settle.start())
        line = QHBoxLayout()
        self.write = button(tr("Write as a file…"), tr("Write the cover as PNG or JPEG"), self._write, "small")
        self.none = button(tr("No cover"), tr("Take the cover from the short"), self._remove, "small")
        line.addWidget(self.write)
        line.addWidget(self.none)
        box.addLayout(line)
        tip = tr("Write the cover as PNG and JPEG in the size that each channel has for covers")
        self.write_all = button(tr("Write for each channel…"), tip, self._write_all, "small")
        box.addWidget(self.write_all)
        self.finish()
        self.proposals: tuple[ProposedCover, ...] = ()
        self._drawn: Cover | None = None
        workspace.opened_changed.connect(self._other)
        WhenSeen(self, self.refresh, workspace.opened_changed, workspace.composition_changed, stale=True)
        self.refresh()

    def propose(self) -> None:
        """Look through the short, beside the interface."""
        opened = self._ws.opened
        if opened is None:
            return
        composition, progress = opened.composition, self._ws.closing
        self.told.setText(tr("Looking through the short …"))

        def arrived(found: tuple[ProposedCover, ...]) -> None:
            self.proposals = found
            empty(self._grid)
            self.told.setText(tr("The best first. A click makes one the cover."))
            for n, one in enumerate(found):
                made = QToolButton()
                made.setIcon(QPixmap.fromImage(image_of_bgr(one.picture)))
                made.setIconSize(QSize(*SMALL))
                made.setToolTip(", ".join(one.reasons) or tr("A frame of the short"))
                made.setAccessibleName(tr("Proposal {n}: {these}", n=n + 1, these=", ".join(one.reasons)))
                made.clicked.connect(partial(self.choose, n))
                self._grid.addWidget(made, n // ACROSS, n % ACROSS)

        self._ws.in_background("words", lambda: proposed_covers(composition, COUNT, progress), arrived, self)

    def choose(self, number: int, _checked: bool = False) -> None:
        """Make a proposal the cover."""
        at = self.proposals[number].at
        self._edit(
            tr("Choose a cover"), lambda cover: replace(cover or Cover(at.source, at.tick), source=at.source, tick=at.tick)
        )

    def _edit(self, label: str, change: Any) -> None:
        self._ws.edit(lambda s, _a: Edit(label, replace(s, cover=change(s.cover))))

    def _change(self, **fields: Any) -> None:
        opened = self._ws.opened
        now = None if opened is None else opened.entry.short.cover
        if now is not None and replace(now, **fields) != now:
            self._edit(tr("Change the cover"), lambda cover: None if cover is None else replace(cover, **fields))

    def _set_sliders(self) -> None:
        point = {"across": self.across.value() / 100, "point_down": self.point_down.value() / 100}
        self._change(down=self.down.value() / 100, near=self.near.value() / 100, **point)

    def _remove(self) -> None:
        self._edit(tr("Remove the cover"), lambda _cover: None)

    def _write(self) -> None:
        opened = self._ws.opened
        if opened is None or opened.entry.short.cover is None:
            return
        start = str(self._ws.renders.folder / f"{opened.entry.short.name[:60]} cover.png")
        name, _kind = QFileDialog.getSaveFileName(self, tr("Write the cover"), start, tr("Pictures (*.png *.jpg)"))
        if name:
            self.write_to(Path(name))

    def write_to(self, path: Path) -> None:
        """Write the cover into a file."""
        opened = self._ws.opened
        if opened is None or (cover := opened.entry.short.cover) is None:
            return
        made = opened.composition
        self._ws.in_background(
            "files", lambda: write_cover(cover_picture(made, cover), path),
            lambda _none: self._ws.said.emit(tr("The cover is written: {name}.", name=path.name), "note"), self,
        )  # fmt: skip

    def _write_all(self) -> None:
        name = QFileDialog.getExistingDirectory(self, tr("Write covers for each channel"), str(self._ws.renders.folder))
        if name:
            self.write_all_to(Path(name))

    def write_all_to(self, folder: Path) -> None:
        """Write the cover for each channel into a folder."""
        opened = self._ws.opened
        if opened is None or (cover := opened.entry.short.cover) is None:
            return
        made, channels, progress = opened.composition, self._ws.data.channels, self._ws.closing
        self._ws.in_background(
            "files", lambda: write_for_channels(made, cover, channels, folder, progress),
            lambda files: self._ws.said.emit(tr("{files} covers are written into {name}.", files=len(files),
                name=folder.name), "note"), self,
        )  # fmt: skip

    # what it shows

    def _other(self) -> None:
        self.proposals = ()
        empty(self._grid)
        self._drawn = None

    def refresh(self) -> None:
        """The cover as it will be, drawn beside the interface where somebody sees it."""
        opened = self._ws.opened
        cover = None if opened is None else opened.entry.short.cover
        self.inner.setEnabled(opened is not None)
        for widget in (self.title, self.down, self.write, self.none, self.write_all, self.near):
            widget.setEnabled(cover is not None)
        for slider in (self.across, self.point_down):
            slider.setEnabled(cover is not None and cover.near > 1.0)
        if opened is None or cover is None:
            self.picture.setPixmap(QPixmap())
            self.picture.setText(tr("No cover is chosen."))
            self._drawn = None
            return
        if not self.title.hasFocus():
            self.title.setText(cover.title)
        values = (
            (self.down, cover.down),
            (self.near, cover.near),
            (self.across, cover.across),
            (self.point_down, cover.point_down),
        )
        for slider, value in values:
            slider.blockSignals(True)
            slider.setValue(round(100 * value))
            slider.blockSignals(False)
        if not self.isVisible() or cover == self._drawn:
            return
        self._drawn = cover
        made = opened.composition

        def arrived(image: QImage) -> None:
            if cover == self._drawn:
                mode = Qt.TransformationMode.SmoothTransformation
                self.picture.setPixmap(QPixmap.fromImage(image.scaled(*LARGE, Qt.AspectRatioMode.KeepAspectRatio, mode)))

        self._ws.in_background("words", lambda: image_of_bgr(cover_picture(made, cover)), arrived, self)


class PointedPicture(QLabel):
    """A picture that tells where it is clicked, in shares of it."""

    pointed = Signal(float, float)

    def mousePressEvent(self, event: QMouseEvent) -> None:
        shown, here = self.pixmap(), event.position()
        if shown.isNull() or event.button() != Qt.MouseButton.LeftButton:
            super().mousePressEvent(event)
            return
        x = (here.x() - (self.width() - shown.width()) / 2) / shown.width()
        y = (here.y() - (self.height() - shown.height()) / 2) / shown.height()
        if 0 <= x <= 1 and 0 <= y <= 1:
            self.pointed.emit(round(x, 3), round(y, 3))


def image_of_bgr(picture: NDArray[np.uint8]) -> QImage:
    """A picture for the screen of uint8 (height, width, 3) B'G'R'."""
    data = np.ascontiguousarray(picture)
    return QImage(data.data, data.shape[1], data.shape[0], data.strides[0], QImage.Format.Format_BGR888).copy()


def _slider(name: str, low: int, high: int) -> QSlider:
    made = QSlider(Qt.Orientation.Horizontal)
    made.setRange(low, high)
    made.setAccessibleName(name)
    made.setToolTip(name)
    return made

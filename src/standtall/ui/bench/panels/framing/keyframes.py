"""The keyframes of the shot at the playhead: set, gone to, eased, removed."""

from __future__ import annotations

from functools import partial
from typing import Final

from PySide6.QtWidgets import QComboBox, QGridLayout, QHBoxLayout, QLabel, QSizePolicy, QVBoxLayout, QWidget

from standtall.base.interface_language import tr
from standtall.base.time import clock
from standtall.model import keyframe_edits
from standtall.model.cut import Segment
from standtall.model.framing import CELLED, Ease, Keyframe
from standtall.model.keyframe_edits import ALONE, CropOf
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.actions import Action, button_of
from standtall.ui.widgets.fields import button
from standtall.ui.widgets.layouts import empty

EASES: Final[dict[Ease, str]] = {"smooth": tr("Smooth"), "even": tr("Even"), "hold": tr("Hold")}
TIPS: Final = tr("How the crop goes on to the next keyframe: by and by, evenly, or not until it is cut there")


class Keyframes:
    """Fills a card of the Framing panel; `declared` are its actions."""

    def __init__(self, workspace: Workspace, box: QVBoxLayout) -> None:
        self._ws = workspace
        self._told: object = None
        self.declared = [
            Action("key-here", tr("Set a keyframe at the playhead"), self.set_here, ("Shift+K",), label=tr("Keyframe here")),
            Action("key-before", tr("Go to the keyframe before"), partial(self.step, -1), ("Alt+Left",), label="◂"),
            Action("key-after", tr("Go to the next keyframe"), partial(self.step, 1), ("Alt+Right",), label="▸"),
        ]
        row = QHBoxLayout()
        here, before, after = (button_of(action) for action in self.declared)
        row.addWidget(here, 1)
        for made, name in ((before, tr("The keyframe before")), (after, tr("The next keyframe"))):
            made.setAccessibleName(name)
            row.addWidget(made)
        box.addLayout(row)
        self._cells = QComboBox()
        self._cells.setAccessibleName(tr("Cell that keyframes are set for"))
        self._cells.setToolTip(tr("Each cell of a layout moves by keyframes of its own"))
        self._cells.activated.connect(self._ws.selection.choose_cell)
        box.addWidget(self._cells)
        workspace.selection.cell_changed.connect(self.refresh)
        self._hint = QLabel(tr("Set keyframes at two moments: the crop moves between them."))
        self._hint.setObjectName("faint")
        self._hint.setWordWrap(True)
        box.addWidget(self._hint)
        self._rows = QVBoxLayout()
        self._rows.setSpacing(4)
        box.addLayout(self._rows)

    def _shot(self) -> Segment | None:
        opened = self._ws.opened
        return None if opened is None else opened.shot_at(self._ws.selection.playhead)

    def _of(self) -> CropOf:
        """The crop whose keyframes are shown: where a layout has several cells, that of the chosen one."""
        opened = self._ws.opened
        view = None if opened is None else opened.camera.at(self._ws.selection.playhead)
        if view is None or view.layout not in CELLED:
            return ALONE
        return CropOf(view.layout, min(self._ws.selection.cell, len(view.cells) - 1))

    def _keys(self) -> tuple[Keyframe, ...]:
        opened, shot = self._ws.opened, self._shot()
        return () if opened is None or shot is None else keyframe_edits.keyframes_of(opened.entry.short, shot, self._of())

    def set_here(self) -> None:
        """Set the crop that is shown as a keyframe at the playhead."""
        opened, shot, at, of = self._ws.opened, self._shot(), self._ws.selection.playhead, self._of()
        if opened is None or shot is None:
            return
        crop = opened.camera.at(at).cells[of.cell].crop
        self._ws.edit(lambda s, _a: keyframe_edits.add_keyframe(s, shot, at, crop.cx, crop.cy, crop.h, of))

    def step(self, way: int) -> None:
        """Go to the next keyframe of the short's source, or to the one before."""
        opened, at = self._ws.opened, self._ws.selection.playhead
        if opened is None:
            return
        shots = (s for s in opened.entry.short.framing.shots if s.source == opened.source.key)
        ticks = sorted(k.at for s in shots for k in s.keyframes)
        further = [t for t in ticks if (t > at if way > 0 else t < at)]
        if further:
            self._ws.selection.seek(further[0] if way > 0 else further[-1])

    def refresh(self) -> None:
        shot, keys, of = self._shot(), self._keys(), self._of()
        self._show_cells(of)
        if (shot, keys, of) == self._told:
            return
        self._told = shot, keys, of
        empty(self._rows)
        moving = [k for k in keys if shot is not None and (len(keys) > 1 or k.at > shot.start)]
        self._hint.setVisible(not moving)
        for key in moving:
            self._rows.addWidget(self._row(key))

    def _show_cells(self, of: CropOf) -> None:
        opened = self._ws.opened
        several = opened is not None and of.layout in CELLED
        count = len(opened.camera.at(self._ws.selection.playhead).cells) if opened is not None and several else 0
        self._cells.setVisible(several)
        if self._cells.count() != count:
            self._cells.clear()
            self._cells.addItems([tr("Cell {n}", n=n + 1) for n in range(count)])
        self._cells.setCurrentIndex(of.cell if several else -1)

    def _row(self, key: Keyframe) -> QWidget:
        row = QWidget()
        box = QGridLayout(row)
        box.setContentsMargins(0, 0, 0, 4)
        box.setSpacing(4)
        at = clock(key.at, tenths=True)
        go = button(f"◆ {at}", tr("Go to this keyframe"), partial(self._ws.selection.seek, key.at), "small")
        go.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        ease = QComboBox()
        ease.setAccessibleName(tr("How it goes on from {at}", at=at))
        ease.setToolTip(TIPS)
        for name, title in EASES.items():
            ease.addItem(title, name)
        ease.setCurrentIndex(list(EASES).index(key.ease))
        ease.activated.connect(lambda _i: self._edit_ease(key, ease.currentData()))
        here = button(tr("Here"), tr("Move this keyframe to the playhead"), partial(self._move, key), "small")
        copy = button(tr("Copy here"), tr("Set the same crop at the playhead, too"), partial(self._copy, key), "small")
        away = button(tr("Remove"), tr("Remove this keyframe"), partial(self._remove, key), "small")
        box.addWidget(go, 0, 0, 1, 2)
        box.addWidget(ease, 0, 2)
        for place, part in enumerate((here, copy, away)):
            box.addWidget(part, 1, place)
        return row

    def _copy(self, key: Keyframe) -> None:
        shot, at, of = self._shot(), self._ws.selection.playhead, self._of()
        if shot is not None:
            self._ws.edit(lambda s, _a: keyframe_edits.add_keyframe(s, shot, at, key.cx, key.cy, key.h, of))

    def _edit_ease(self, key: Keyframe, ease: Ease) -> None:
        shot, of = self._shot(), self._of()
        if shot is not None:
            self._ws.edit(lambda s, _a: keyframe_edits.ease_keyframe(s, shot, key.at, ease, of))

    def _move(self, key: Keyframe) -> None:
        shot, at, of = self._shot(), self._ws.selection.playhead, self._of()
        if shot is not None:
            self._ws.edit(lambda s, _a: keyframe_edits.move_keyframe(s, shot, key.at, at, of))

    def _remove(self, key: Keyframe) -> None:
        shot, of = self._shot(), self._of()
        if shot is not None:
            self._ws.edit(lambda s, _a: keyframe_edits.remove_keyframe(s, shot, key.at, of))

"""The cards of what stands before and after the talk, of transitions at its cuts, and of sound effects."""

from __future__ import annotations

import itertools
from functools import partial
from pathlib import Path
from typing import Final

from PySide6.QtCore import QSignalBlocker, Qt
from PySide6.QtWidgets import QComboBox, QDoubleSpinBox, QFileDialog, QGridLayout, QHBoxLayout, QLabel, QPushButton, QVBoxLayout

from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND, clock
from standtall.cutting import montage
from standtall.model import edits, extra_edits
from standtall.model.cut import LONGEST_TRANSITION, SHORTEST_TRANSITION, TransitionKind
from standtall.model.extents import PassageExtent
from standtall.model.extras import Clip, Extra, SoundExtra
from standtall.session.composing import pictures_in
from standtall.sound.effects import effect, effects
from standtall.ui.bench.panels.extras.cutaways_card import PICTURES
from standtall.ui.preview.clocks import sound_device
from standtall.ui.state.opened import Opened
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.fields import button

STILL_S: Final = 2.0
WHERE: Final = {"opening": tr("Before the talk"), "closing": tr("After the talk")}


class ClipsCard:
    """Fills a card: the opening and the closing clip."""

    def __init__(self, workspace: Workspace, box: QVBoxLayout) -> None:
        self._ws = workspace
        self.names: dict[str, QLabel] = {}
        self.lengths: dict[str, QDoubleSpinBox] = {}
        self.removes: dict[str, QPushButton] = {}
        grid = QGridLayout()
        grid.setSpacing(4)
        for n, (where, title) in enumerate(WHERE.items()):
            name = QLabel(title)
            name.setObjectName("faint")
            name.setWordWrap(True)
            self.names[where] = name
            grid.addWidget(name, 2 * n, 0, 1, 3)
            grid.addWidget(
                button(
                    tr("Choose…"),
                    tr("A clip or a still {what}; it counts in the length", what=title.lower()),
                    partial(self._choose, where),
                    "small",
                ),
                2 * n + 1,
                0,
            )
            length = QDoubleSpinBox()
            length.setRange(0.2, 120.0)
            length.setSuffix(" s")
            length.setDecimals(1)
            length.setAccessibleName(tr("Length of the clip {what}", what=title.lower()))
            length.setToolTip(tr("How much of it is shown"))
            length.setKeyboardTracking(False)
            length.valueChanged.connect(partial(self._set_length, where))
            self.lengths[where] = length
            grid.addWidget(length, 2 * n + 1, 1)
            gone = button(tr("Remove"), tr("Nothing {what}", what=title.lower()), partial(self._set, where, None), "small")
            self.removes[where] = gone
            grid.addWidget(gone, 2 * n + 1, 2)
        box.addLayout(grid)

    def _choose(self, where: str) -> None:
        name, _kind = QFileDialog.getOpenFileName(self.names[where], WHERE[where], "", PICTURES)
        if name:
            self.put(where, Path(name))

    def put(self, where: str, path: Path) -> None:
        """Set a file before ("opening") or after ("closing") the talk; it is looked at in the background."""
        seen = self._ws.opened

        def arrived(found: tuple[list[montage.Picture], list[str]]) -> None:
            good, bad = found
            if bad:
                self._ws.said.emit(bad[0], "error")
            if good:
                still, own = round(STILL_S * TICKS_PER_SECOND), min(good[0].length, 120 * TICKS_PER_SECOND)
                clip = Clip(good[0].path, good[0].key, max(1, still if good[0].still else own))
                self._ws.edit(lambda s, _a: extra_edits.set_clip(s, where, clip), seen)

        self._ws.in_background("files", lambda: pictures_in([path]), arrived)

    def _clip(self, where: str) -> Clip | None:
        opened = self._ws.opened
        if opened is None:
            return None
        extras = opened.entry.short.extras
        return extras.opening if where == "opening" else extras.closing

    def _set(self, where: str, clip: Clip | None) -> None:
        self._ws.edit(lambda s, _a: extra_edits.set_clip(s, where, clip))

    def _set_length(self, where: str, seconds: float) -> None:
        clip = self._clip(where)
        if clip is not None:
            self._set(where, Clip(clip.path, clip.key, max(1, round(seconds * TICKS_PER_SECOND)), clip.at, clip.db, clip.fit))

    def refresh(self, _opened: Opened) -> None:
        for where, title in WHERE.items():
            clip = self._clip(where)
            self.names[where].setText(
                f"{title}: {Path(clip.path).name}, {clock(clip.length, True)}" if clip else tr("{title}: nothing", title=title)
            )
            self.lengths[where].setVisible(clip is not None)
            self.removes[where].setVisible(clip is not None)
            if clip is not None:
                with QSignalBlocker(self.lengths[where]):
                    self.lengths[where].setValue(clip.length / TICKS_PER_SECOND)


class EffectsCard:
    """Fills a card: sound effects at the playhead, at cuts, at stickers."""

    def __init__(self, workspace: Workspace, box: QVBoxLayout) -> None:
        self._ws = workspace
        self.choice = QComboBox()
        self.choice.setAccessibleName(tr("Sound effect"))
        self.choice.setToolTip(tr("Which sound effect is put in"))
        self.choice.setMaxVisibleItems(16)
        for name, title in effects().items():
            self.choice.addItem(title, name)
        row = QHBoxLayout()
        row.addWidget(self.choice, 1)
        row.addWidget(button(tr("Hear"), tr("Play it"), self._hear, "small"))
        box.addLayout(row)
        two = QHBoxLayout()
        two.addWidget(button(tr("Here"), tr("Put it in at the playhead"), self.put_here, "small"))
        two.addWidget(button(tr("At cuts"), tr("At every cut of the short"), self.put_at_cuts, "small"))
        two.addWidget(button(tr("At stickers"), tr("With every sticker that comes"), self.put_at_stickers, "small"))
        box.addLayout(two)
        self.told = QLabel()
        self.told.setObjectName("faint")
        box.addWidget(self.told)

    def _hear(self) -> None:
        device, made = sound_device(), effect(self.choice.currentData())
        if device is None:
            self._ws.said.emit(tr("There is no sound device on this machine, so nothing can be heard."), "note")
        elif made is not None:
            device.play(made.T, TICKS_PER_SECOND)

    def _at(self, source: str, tick: int) -> SoundExtra:
        return SoundExtra(0, self.choice.currentData(), PassageExtent(source, tick, tick + TICKS_PER_SECOND))

    def put_here(self) -> None:
        opened = self._ws.opened
        if opened is not None:
            new = self._at(opened.source.key, self._ws.selection.playhead)
            self._ws.edit(lambda s, _a: extra_edits.put_in(s, new))

    def put_at_cuts(self) -> None:
        """One at the start of each segment but the first."""
        opened = self._ws.opened
        if opened is not None:
            segments = opened.entry.short.segments
            new = tuple(self._at(s.source, s.start) for b, s in itertools.pairwise(segments) if not b.meets(s))
            self._ws.edit(lambda s, _a: extra_edits.put_all_in(s, new, tr("Sound effects at cuts")))

    def put_at_stickers(self) -> None:
        """One where each sticker comes, on the same words."""
        opened = self._ws.opened
        if opened is not None:
            items = opened.entry.short.extras.items
            name = self.choice.currentData()
            new: tuple[Extra, ...] = tuple(
                SoundExtra(0, name, e.extent) for e in items if e.kind == "picture" and e.role == "sticker"
            )
            self._ws.edit(lambda s, _a: extra_edits.put_all_in(s, new, tr("Sound effects at stickers")))

    def refresh(self, opened: Opened) -> None:
        count = sum(isinstance(e, SoundExtra) for e in opened.entry.short.extras.items)
        self.told.setText(
            tr("{count} in this short; they are in the list of extras.", count=count) if count else tr("None in this short.")
        )


TRANSITIONS: Final[dict[TransitionKind, tuple[str, str]]] = {
    "cut": (tr("Straight cut"), tr("No transition")),
    "blend": (tr("Blend"), tr("Both pictures over each other")),
    "dip": (tr("Dip"), tr("Down to black and up again")),
    "slide": (tr("Slide"), tr("The new picture comes over the old one")),
    "push": (tr("Push"), tr("The new picture pushes the old one away")),
    "zoom": (tr("Soft zoom"), tr("Nearer, and over into the new picture")),
}


class TransitionsCard:
    """Fills a card: transitions at cuts of the short."""

    def __init__(self, workspace: Workspace, box: QVBoxLayout) -> None:
        self._ws = workspace
        row = QHBoxLayout()
        self.choice = QComboBox()
        self.choice.setAccessibleName(tr("Transition"))
        self.choice.setToolTip(tr("How the picture goes over a cut"))
        for name, (title, tip) in TRANSITIONS.items():
            self.choice.addItem(title, name)
            self.choice.setItemData(self.choice.count() - 1, tip, Qt.ItemDataRole.ToolTipRole)
        row.addWidget(self.choice, 1)
        self.length = QDoubleSpinBox()
        self.length.setRange(SHORTEST_TRANSITION / TICKS_PER_SECOND, LONGEST_TRANSITION / TICKS_PER_SECOND)
        self.length.setSingleStep(0.05)
        self.length.setValue(0.4)
        self.length.setSuffix(" s")
        self.length.setAccessibleName(tr("Length of the transition"))
        self.length.setToolTip(tr("How long it takes, from the cut on"))
        row.addWidget(self.length)
        box.addLayout(row)
        two = QHBoxLayout()
        two.addWidget(button(tr("At this cut"), tr("At the cut nearest to the playhead"), self.put_here, "small"))
        two.addWidget(button(tr("At all cuts"), tr("At every cut of the short"), self.put_everywhere, "small"))
        box.addLayout(two)
        self.gone = button(tr("As at all cuts"), tr("No cut has a transition of its own"), self.clear, "small")
        box.addWidget(self.gone)
        self.told = QLabel()
        self.told.setObjectName("faint")
        box.addWidget(self.told)

    def _put(self, numbers: list[int], kind: TransitionKind | None) -> None:
        length = round(self.length.value() * TICKS_PER_SECOND)
        self._ws.edit(lambda s, _a: edits.set_transition_at(s, numbers, kind, length))

    def _cuts(self) -> list[int]:
        """Numbers of the segments before which there is a cut."""
        opened = self._ws.opened
        segments = opened.entry.short.segments if opened is not None else ()
        return [n for n, (a, b) in enumerate(itertools.pairwise(segments), 1) if not a.meets(b)]

    def put_here(self) -> None:
        """At the cut nearest to the playhead."""
        opened, cuts = self._ws.opened, self._cuts()
        if opened is None:
            return
        at = opened.in_short(self._ws.selection.playhead) or 0
        near = sorted(cuts, key=lambda n: abs(opened.composition.time_map.span_of(n)[0] - at))[:1]
        self._put(near, self.choice.currentData())

    def put_everywhere(self) -> None:
        self._put(self._cuts(), self.choice.currentData())

    def clear(self) -> None:
        self._put(self._cuts(), None)

    def refresh(self, opened: Opened) -> None:
        cuts = self._cuts()
        cut = opened.entry.short.cut
        own = len(cut.chosen_transitions().keys() & set(cuts))
        self.gone.setVisible(own > 0)
        self.told.setText(
            tr("{cuts} cuts, {own} with a transition of their own.", cuts=len(cuts), own=own)
            if cuts
            else tr("This short has no cut.")
        )

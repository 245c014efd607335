"""The card of punch-ins: on the chosen words, or proposed by how they are said; each with its size and how it comes."""

from __future__ import annotations

from dataclasses import replace
from functools import partial
from typing import Final

from PySide6.QtWidgets import QComboBox, QDoubleSpinBox, QGridLayout, QHBoxLayout, QLabel, QSizePolicy, QVBoxLayout, QWidget

from standtall.base.interface_language import tr
from standtall.base.time import clock
from standtall.framing.emphasis import proposed_punches
from standtall.language.stress import Melody
from standtall.model import framing_edits
from standtall.model.analysis import Analysis
from standtall.model.edits import Edit
from standtall.model.framing import PUNCHES, Punch, PunchWhy
from standtall.model.short import Short
from standtall.session.melody import melody_of
from standtall.ui.state.opened import Opened
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.actions import Action, button_of
from standtall.ui.widgets.fields import button
from standtall.ui.widgets.layouts import empty

WHY: Final[dict[PunchWhy, str]] = {
    "by hand": tr("by hand"), "louder": tr("louder than around"), "higher": tr("higher than around"),
    "drawn out": tr("drawn out"), "exclaimed": tr("exclaimed"),
}  # fmt: skip
EASES: Final = {"smooth": tr("Smooth"), "cut": tr("Cut")}
MOST: Final = 20


class PunchesCard:
    """Fills a card of the Framing panel; `declared` are its actions."""

    def __init__(self, workspace: Workspace, box: QVBoxLayout) -> None:
        self._ws = workspace
        self._told: object = None
        self.declared = [
            Action("punch-in", tr("Punch in on the chosen words"), self.punch, ("Shift+P",), label=tr("On chosen words")),
            Action("propose-punches", tr("Propose punch-ins where words stand out"), self.propose, label=tr("Propose")),
        ]
        row = QHBoxLayout()
        row.setSpacing(6)
        for action in self.declared:
            row.addWidget(button_of(action), 1)
        box.addLayout(row)
        self._hint = QLabel(tr("Choose words and punch in on them, or let louder, higher and drawn-out words be proposed."))
        self._hint.setObjectName("faint")
        self._hint.setWordWrap(True)
        box.addWidget(self._hint)
        self._rows = QVBoxLayout()
        self._rows.setSpacing(4)
        box.addLayout(self._rows)
        self._clear = button(tr("Remove all"), tr("Take all punch-ins away"), self.clear, "small")
        box.addWidget(self._clear)

    # what it does

    def punch(self) -> None:
        """Punch in from the first chosen word to the last."""
        opened, words = self._ws.opened, self._ws.selection.words
        if opened is None:
            return
        if not words:
            self._ws.said.emit(tr("Choose words first: drag over them in the transcript."), "note")
            return

        def edit(short: Short, analysis: Analysis, chosen: range) -> Edit:
            start, end = analysis.words[chosen[0]].start, analysis.words[chosen[-1]].end
            return framing_edits.punch_in(short, analysis.source_key, start, end)

        self._ws.edit_words(words, edit)

    def propose(self) -> None:
        """Punch in wherever words stand out; one step takes all of them back."""
        opened = self._ws.opened
        if opened is None:
            return
        source, parts = opened.source, opened.entry.short.segments

        def heard(melody: Melody | None) -> None:
            def edit(short: Short, analysis: Analysis) -> Edit:
                segments = tuple(s for s in short.segments if s.source == analysis.source_key)
                found = proposed_punches(analysis.words, analysis.level_db, segments, melody)
                return framing_edits.add_punches(short, found)

            self._ws.edit(edit, opened)

        self._ws.in_background("words", lambda: melody_of(source, parts), heard)

    def clear(self) -> None:
        self._ws.edit(lambda s, _a: framing_edits.clear_punches(s))

    def _change(self, punch: Punch, **changes: object) -> None:
        after = replace(punch, **changes)  # type: ignore[arg-type]
        if after != punch:
            self._ws.edit(lambda s, _a: framing_edits.change_punch(s, punch, after))

    def _remove(self, punch: Punch) -> None:
        self._ws.edit(lambda s, _a: framing_edits.change_punch(s, punch, None))

    # what it shows

    def refresh(self, opened: Opened) -> None:
        punches = tuple(p for p in opened.entry.short.framing.punches if p.source == opened.source.key)
        if punches == self._told:
            return
        self._told = punches
        empty(self._rows)
        self._hint.setVisible(not punches)
        self._clear.setVisible(len(punches) > 1)
        for punch in punches[:MOST]:
            self._rows.addWidget(self._row(punch))
        if len(punches) > MOST:
            self._rows.addWidget(QLabel(tr("and {punches} more", punches=len(punches) - MOST)))

    def _row(self, punch: Punch) -> QWidget:
        row = QWidget()
        box = QGridLayout(row)
        box.setContentsMargins(0, 0, 0, 6)
        box.setSpacing(4)
        at = clock(punch.start)
        go = button(f"{at}  {WHY[punch.why]}", tr("Go to this place"), partial(self._ws.selection.seek, punch.start), "small")
        go.setSizePolicy(QSizePolicy.Policy.Ignored, QSizePolicy.Policy.Fixed)
        size = QDoubleSpinBox()
        size.setRange(*PUNCHES)
        size.setSingleStep(0.05)
        size.setPrefix("× ")
        size.setValue(punch.size)
        size.setKeyboardTracking(False)
        size.setAccessibleName(tr("Size of the punch-in at {at}", at=at))
        size.valueChanged.connect(lambda value: self._change(punch, size=round(value, 3)))
        ease = QComboBox()
        ease.setAccessibleName(tr("How the punch-in at {at} comes", at=at))
        for name, title in EASES.items():
            ease.addItem(title, name)
        ease.setCurrentIndex(list(EASES).index(punch.ease))
        ease.activated.connect(lambda _i: self._change(punch, ease=ease.currentData()))
        box.addWidget(go, 0, 0, 1, 3)
        gone = button(tr("Remove"), tr("Remove the punch-in at {at}", at=at), partial(self._remove, punch), "small")
        for place, part in enumerate((size, ease, gone)):
            box.addWidget(part, 1, place)
        return row

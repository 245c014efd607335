"""The card of other recorders: each with how it is aligned, when it is heard, and its level."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace
from functools import partial
from pathlib import Path

from PySide6.QtCore import QSignalBlocker
from PySide6.QtWidgets import QComboBox, QDoubleSpinBox, QFileDialog, QHBoxLayout, QLabel, QPushButton, QVBoxLayout, QWidget

from standtall.base.interface_language import tr
from standtall.media.sound_reader import MIX_RATE
from standtall.model import sound_edits
from standtall.model.sound import Recorder
from standtall.session.hearing import recorder_for
from standtall.ui.bench.panels.sound.mix_cards import SOUNDS, number
from standtall.ui.state.opened import Opened
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.fields import button
from standtall.ui.widgets.tips import set_tip


class RecorderRow(QWidget):
    """One recorder of the footage on the Bench."""

    def __init__(self, workspace: Workspace, recorder: Recorder, names: Sequence[str]) -> None:
        super().__init__()
        self._ws, self.recorder = workspace, recorder
        name = Path(recorder.path).name
        box = QVBoxLayout(self)
        box.setContentsMargins(0, 0, 0, 6)
        box.setSpacing(3)
        self.told = QLabel()
        self.told.setObjectName("faint")
        self.told.setWordWrap(True)
        box.addWidget(self.told)
        self.use = QComboBox()
        self.use.setAccessibleName(tr("How {name} is used", name=name))
        set_tip(self.use, tr("Whether it is heard instead of the footage's own sound, or with it, and while who speaks"))
        self.use.addItem(tr("Instead of the footage's own sound"), ("instead", ()))
        self.use.addItem(tr("With the footage's own sound"), ("with", ()))
        for n, speaker in enumerate(names):
            shown = speaker or tr("Speaker {n}", n=n + 1)
            self.use.addItem(tr("Instead, while {name} speaks", name=shown), ("instead", (n,)))
        for n, speaker in enumerate(names):
            shown = speaker or tr("Speaker {n}", n=n + 1)
            self.use.addItem(tr("With it, while {name} speaks", name=shown), ("with", (n,)))
        self.use.activated.connect(lambda _i: self._set_use())
        box.addWidget(self.use)
        line = QHBoxLayout()
        self.level: QDoubleSpinBox = number(
            -60, 24, 0.5, "dB", tr("Level of {name}", name=name), tr("Louder or softer than it was recorded")
        )
        self.level.valueChanged.connect(lambda db: self._change(db=round(db, 1)))
        line.addWidget(self.level, 1)
        self.remove: QPushButton = button(
            tr("Remove"), tr("{name} is not heard any more", name=name), partial(self._remove), "small"
        )
        line.addWidget(self.remove)
        box.addLayout(line)

    def _set_use(self) -> None:
        use, speakers = self.use.currentData()
        self._change(use=use, speakers=tuple(speakers))

    def _change(self, **fields: object) -> None:
        new = replace(self.recorder, **fields)  # type: ignore[arg-type]
        self._ws.edit(lambda s, _a: sound_edits.set_recorder(s, new))

    def _remove(self) -> None:
        one = self.recorder
        self._ws.edit(lambda s, _a: sound_edits.remove_recorder(s, one.source, one.path))

    def refresh(self, recorder: Recorder, there: bool) -> None:
        """Show its alignment and how it is used."""
        self.recorder = recorder
        self.told.setText(
            tr(
                "{name}{there}: {offset:+.4f} s, {ppm:+.1f} ppm",
                name=Path(recorder.path).name,
                there="" if there else tr(" (not where it was)"),
                offset=recorder.offset / MIX_RATE,
                ppm=recorder.ppm,
            )
        )
        wanted = recorder.use, recorder.speakers
        self.use.setCurrentIndex(next((n for n in range(self.use.count()) if self.use.itemData(n) == wanted), -1))
        with QSignalBlocker(self.level):
            self.level.setValue(recorder.db)


class RecorderCard:
    """Fills a card: the sound of other recorders for the footage on the Bench."""

    def __init__(self, workspace: Workspace, box: QVBoxLayout) -> None:
        self._ws = workspace
        self.told = QLabel(tr("Sound recorded apart from the picture is aligned to the sample, with the drift of its clock."))
        self.told.setObjectName("faint")
        self.told.setWordWrap(True)
        box.addWidget(self.told)
        self._box = QVBoxLayout()
        self._box.setSpacing(2)
        box.addLayout(self._box)
        box.addWidget(
            button(tr("Add a recording…"), tr("A sound file of the same talk; it is aligned by its sound"), self._choose, "small")
        )
        self.rows: list[RecorderRow] = []
        self._about: tuple[object, ...] = ()

    def _choose(self) -> None:
        name, _kind = QFileDialog.getOpenFileName(self.told, tr("A recording of the same talk"), "", SOUNDS)
        if name:
            self.align(Path(name))

    def align(self, path: Path) -> None:
        """Align a file with the footage on the Bench, in the background."""
        opened = self._ws.opened
        if opened is None:
            return
        self._ws.said.emit(tr("Aligning {name} with the footage…", name=path.name), "note")
        source = opened.source

        def arrived(found: Recorder) -> None:
            self._ws.said.emit(
                tr(
                    "{name} is aligned: {offset:+.3f} s, clocks differ by {ppm:+.1f} ppm.",
                    name=path.name,
                    offset=found.offset / MIX_RATE,
                    ppm=found.ppm,
                ),
                "note",
            )
            self._ws.edit(lambda s, _a: sound_edits.set_recorder(s, found), opened)

        self._ws.in_background("moments", lambda: recorder_for(source, path), arrived)

    def refresh(self, opened: Opened) -> None:
        own = [r for r in opened.entry.short.sound.recorders if r.source == opened.source.key]
        names = [speaker.shown for speaker in opened.transcript.speakers]
        about = (*names, *((r.source, r.path) for r in own))
        if about != self._about:
            self._about = about
            for row in self.rows:
                self._box.removeWidget(row)
                row.deleteLater()
            self.rows = [RecorderRow(self._ws, recorder, names) for recorder in own]
            for row in self.rows:
                self._box.addWidget(row)
        self.told.setVisible(not own)
        for row, recorder in zip(self.rows, own, strict=True):
            row.refresh(recorder, recorder.path in opened.composition.sounds)

"""The cards of the sound panel: the talk, its speakers, music, another recorder."""

from __future__ import annotations

from dataclasses import replace
from functools import partial
from pathlib import Path
from typing import Final

from PySide6.QtCore import QSignalBlocker
from PySide6.QtWidgets import QCheckBox, QComboBox, QDoubleSpinBox, QFileDialog, QGridLayout, QHBoxLayout, QLabel, QVBoxLayout

from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND
from standtall.extras.moods import Fitting, fitting_music
from standtall.library.music import piece_of, pieces
from standtall.media.sound_reader import MIX_RATE
from standtall.model import sound_edits
from standtall.model.sound import Music
from standtall.model.words import words_within
from standtall.session.hearing import as_recorded, music_file
from standtall.ui.preview.clocks import sound_device
from standtall.ui.state.opened import Opened
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.fields import button
from standtall.ui.widgets.tips import set_tip

SOUNDS = tr("Sound files (*.wav *.flac *.mp3 *.m4a *.aac *.ogg *.opus *.mp4 *.mov);;All files (*)")
NOISES: Final = {"off": tr("As recorded"), "gentle": tr("Gently"), "strong": tr("Strongly")}


def number(low: float, high: float, step: float, unit: str, name: str, tip: str) -> QDoubleSpinBox:
    """A field for a number with its unit."""
    made = QDoubleSpinBox()
    made.setRange(low, high)
    made.setSingleStep(step)
    made.setDecimals(2 if step < 0.1 else 1)
    made.setSuffix(f" {unit}")
    made.setAccessibleName(name)
    made.setToolTip(tip)
    made.setKeyboardTracking(False)
    return made


class TalkCard:
    """Fills a card: loudness, speakers to one level, hum and noise, before and after."""

    def __init__(self, workspace: Workspace, box: QVBoxLayout) -> None:
        self._ws = workspace
        row = QHBoxLayout()
        row.addWidget(QLabel(tr("Loudness")))
        self.loudness = number(
            -36,
            -6,
            0.5,
            "LUFS",
            tr("Loudness of the finished sound"),
            tr("Loudness of the finished sound; its true peak stays under -1 dBTP"),
        )
        self.loudness.valueChanged.connect(lambda v: self._ws.edit(lambda s, _a: sound_edits.set_loudness(s, round(v, 1))))
        row.addWidget(self.loudness, 1)
        box.addLayout(row)
        self.even = QCheckBox(tr("Speakers as loud as each other"))
        set_tip(self.even, tr("Each speaker is brought to the level of the loudest, going over in the pauses between turns"))
        self.even.clicked.connect(lambda on: self._ws.edit(lambda s, _a: sound_edits.set_even(s, bool(on))))
        box.addWidget(self.even)
        self.hum = QCheckBox(tr("Take mains hum out"))
        self.hum.setToolTip(tr("Hum of 50 or 60 hertz and its multiples, where there is some"))
        self.hum.clicked.connect(lambda on: self._clean(hum=bool(on)))
        box.addWidget(self.hum)
        self.clicks = QCheckBox(tr("Take clicks and pops out"))
        set_tip(self.clicks, tr("Clicks of up to a millisecond, and puffs of breath on the microphone"))
        self.clicks.clicked.connect(lambda on: self._clean(clicks=bool(on)))
        box.addWidget(self.clicks)
        line = QHBoxLayout()
        line.addWidget(QLabel(tr("Steady noise")))
        self.noise = QComboBox()
        self.noise.setAccessibleName(tr("Steady noise"))
        set_tip(self.noise, tr("How far steady noise is taken down: by about 13 dB gently, 24 dB strongly"))
        for value, text in NOISES.items():
            self.noise.addItem(text, value)
        self.noise.activated.connect(lambda _i: self._clean(noise=self.noise.currentData()))
        line.addWidget(self.noise, 1)
        box.addLayout(line)
        self.before = button(
            tr("Hear it as recorded"),
            tr("Five seconds from the playhead without what is done here, as loud as after (Alt+B)"),
            self.hear_before,
            "small",
        )
        box.addWidget(self.before)
        self.told = QLabel()
        self.told.setObjectName("faint")
        self.told.setWordWrap(True)
        box.addWidget(self.told)

    def _clean(self, **fields: object) -> None:
        self._ws.edit(lambda s, _a: sound_edits.set_cleaning(s, replace(s.sound.cleaning, **fields)))  # type: ignore[arg-type]

    def hear_before(self) -> None:
        """Play five seconds from the playhead as they were recorded, level-matched."""
        opened = self._ws.opened
        device = sound_device()
        if opened is None:
            return
        if device is None:
            self._ws.said.emit(tr("There is no sound device on this machine, so nothing can be heard."), "note")
            return
        here = opened.in_short(self._ws.selection.playhead) or 0
        found = self._ws.sounding.of(opened.composition)
        if found is None or found.track is None:
            self._ws.said.emit(tr("The sound is still being worked out."), "note")
            return
        made, track = opened.composition, found.track

        def play(before: object) -> None:
            at = here + made.lead_ticks
            if before is not None:
                device.play(before[:, at : at + 5 * MIX_RATE].T, MIX_RATE)  # type: ignore[index]

        self._ws.in_background("preview", lambda: as_recorded(made, track), play)

    def refresh(self, opened: Opened) -> None:
        mix = opened.entry.short.sound
        with QSignalBlocker(self.loudness):
            self.loudness.setValue(mix.loudness)
        self.even.setChecked(mix.even)
        self.hum.setChecked(mix.cleaning.hum)
        self.clicks.setChecked(mix.cleaning.clicks)
        self.noise.setCurrentIndex(self.noise.findData(mix.cleaning.noise))
        found = self._ws.sounding.of(opened.composition)
        if found is None or found.meters is None:
            self.told.setText("")
            return
        m = found.meters
        self.told.setText(
            tr(
                "{integrated:.1f} LUFS, true peak {true_peak:.1f} dBTP, loudness range {loudness_range:.1f} LU",
                integrated=m.integrated,
                true_peak=m.true_peak,
                loudness_range=m.loudness_range,
            )
        )


class SpeakersCard:
    """Fills a card: each speaker as recorded, and what they are changed by."""

    def __init__(self, workspace: Workspace, box: QVBoxLayout) -> None:
        self._ws = workspace
        self._grid = QGridLayout()
        self._grid.setSpacing(4)
        box.addLayout(self._grid)
        self.fields: dict[tuple[str, int], QDoubleSpinBox] = {}
        self._labels: dict[tuple[str, int], tuple[QLabel, QLabel]] = {}

    def refresh(self, opened: Opened) -> None:
        found = self._ws.sounding.of(opened.composition)
        if found is None:
            return
        speakers = {k: v for k, v in found.speakers.items() if k[0] == opened.source.key}
        if set(speakers) != set(self.fields):
            self._build(list(speakers))
        by_hand = {(g.source, g.speaker): g.db for g in opened.entry.short.sound.speaker_gains}
        names = opened.transcript.speakers
        for key, (lufs, gain) in speakers.items():
            name = names[key[1]].name if 0 <= key[1] < len(names) else ""
            self._labels[key][0].setText(name or tr("Speaker {key}", key=key[1] + 1))
            self._labels[key][1].setText(tr("{lufs:.1f} LUFS, {gain:+.1f} dB", lufs=lufs, gain=gain))
            with QSignalBlocker(self.fields[key]):
                self.fields[key].setValue(by_hand.get(key, 0.0))

    def _build(self, keys: list[tuple[str, int]]) -> None:
        while (item := self._grid.takeAt(0)) is not None:
            widget = item.widget()
            if widget is not None:
                widget.deleteLater()
        self.fields, self._labels = {}, {}
        for row, key in enumerate(keys):
            name, level = QLabel(), QLabel()
            level.setObjectName("faint")
            set_tip(level, tr("As recorded, over the words of this short, and what it is changed by"))
            field = number(
                -24, 24, 0.5, "dB", tr("Gain of speaker {key}", key=key[1] + 1), tr("Louder or softer by hand, on top")
            )
            field.valueChanged.connect(partial(self._set, key))
            self._grid.addWidget(name, row, 0)
            self._grid.addWidget(level, row, 1)
            self._grid.addWidget(field, row, 2)
            self.fields[key], self._labels[key] = field, (name, level)

    def _set(self, key: tuple[str, int], db: float) -> None:
        self._ws.edit(lambda s, _a: sound_edits.set_speaker_gain(s, key[0], key[1], round(db, 1)))


MUSIC: Final[dict[str, tuple[str, float, float, float, str, str]]] = {
    "under_db": (
        tr("Under the talk"),
        0,
        60,
        1,
        "dB",
        tr("How much softer than the talk the music is while anybody speaks, at its loudest"),
    ),
    "pause_db": (tr("In pauses"), -6, 60, 1, "dB", tr("How much softer than the talk it is in pauses of more than 0.8 s")),
    "lead_s": (tr("Goes down"), 0.02, 2, 0.05, "s", tr("How long before a word it begins to go down")),
    "release_s": (tr("Comes up"), 0.05, 5, 0.05, "s", tr("How long it takes to come up after the last word")),
    "fade_in_s": (tr("Comes in"), 0, 20, 0.1, "s", tr("Fade at the start of the short")),
    "fade_out_s": (tr("Goes out"), 0, 20, 0.1, "s", tr("Fade at the end; a piece that ships has an ending of its own")),
}


class MusicCard:
    """Fills a card: the music under the talk."""

    def __init__(self, workspace: Workspace, box: QVBoxLayout) -> None:
        self._ws = workspace
        self.choice = QComboBox()
        self.choice.setAccessibleName(tr("Music"))
        self.choice.setToolTip(tr("A piece that ships, by its mood"))
        self.choice.addItem(tr("No music"), "")
        for piece in pieces():
            self.choice.addItem(f"{piece.title} ({tr(piece.about).split(':')[0].lower()})", piece.path)
        self.choice.activated.connect(lambda _i: self.choose(self.choice.currentData()))
        box.addWidget(self.choice)
        row = QHBoxLayout()
        row.addWidget(
            button(
                tr("Propose"), tr("The piece that fits the words and the pace best; again for the next"), self.propose, "small"
            )
        )
        row.addWidget(button(tr("Own file…"), tr("A sound file of your own"), self._choose_file, "small"))
        box.addLayout(row)
        self.told = QLabel()
        self.told.setObjectName("faint")
        self.told.setWordWrap(True)
        box.addWidget(self.told)
        grid = QGridLayout()
        grid.setSpacing(4)
        self.fields: dict[str, QDoubleSpinBox] = {}
        self._labels: dict[str, QLabel] = {}
        for n, (name, (title, low, high, step, unit, tip)) in enumerate(MUSIC.items()):
            label = QLabel(title)
            made = number(low, high, step, unit, title, tip)
            made.valueChanged.connect(partial(self._set, name))
            grid.addWidget(label, n, 0)
            grid.addWidget(made, n, 1)
            self.fields[name], self._labels[name] = made, label
        self._start_label = QLabel(tr("Begins at"))
        self.start = number(
            0,
            3600,
            1,
            "s",
            tr("Where the music begins"),
            tr("So far into the file it begins; a piece that ships begins with another part"),
        )
        self.start.valueChanged.connect(lambda v: self._set("start", v))
        grid.addWidget(self._start_label, len(MUSIC), 0)
        grid.addWidget(self.start, len(MUSIC), 1)
        box.addLayout(grid)
        self._why: dict[str, str] = {}

    def choose(self, path: str) -> None:
        """Take a piece that ships, or (empty) none."""
        self._ws.edit(lambda s, _a: sound_edits.set_music(s, Music(path) if path else None))

    def _choose_file(self) -> None:
        name, _kind = QFileDialog.getOpenFileName(self.told, tr("A sound file for the music"), "", SOUNDS)
        if name:
            self.take_file(Path(name))

    def take_file(self, path: Path) -> None:
        """Take a file as music; it is looked at in the background."""
        seen = self._ws.opened
        self._ws.in_background(
            "files", lambda: music_file(path), lambda music: self._ws.edit(lambda s, _a: sound_edits.set_music(s, music), seen)
        )

    def propose(self) -> None:
        """The best fitting piece, or the next one where it is taken already."""
        opened = self._ws.opened
        if opened is None:
            return
        short, analysis = opened.entry.short, opened.analysis

        def work() -> list[Fitting]:
            said = [
                analysis.words[i]
                for s in short.segments
                if s.source == analysis.source_key
                for i in words_within(analysis.words, s.start, s.end)
            ]
            return fitting_music(said, analysis.language or "en", pieces())

        def arrived(found: list[Fitting]) -> None:
            self._why = {f.piece.path: f.why for f in found}
            paths, now = [f.piece.path for f in found], short.sound.music
            at = paths.index(now.path) + 1 if now is not None and now.path in paths else 0
            best = paths[at % len(paths)]
            self._ws.edit(lambda s, _a: sound_edits.set_music(s, Music(best)), opened)

        self._ws.in_background("words", work, arrived)

    def _set(self, name: str, value: float) -> None:
        amount: float | int = round(value * TICKS_PER_SECOND) if name == "start" else round(value, 2)
        self._ws.edit(lambda s, _a: sound_edits.change_music(s, **{name: amount}))

    def refresh(self, opened: Opened) -> None:
        music = opened.entry.short.sound.music
        at = self.choice.findData("" if music is None else music.path)
        if music is not None and at < 0:
            self.choice.addItem(Path(music.path).name, music.path)
            at = self.choice.count() - 1
        self.choice.setCurrentIndex(at)
        for name, made in self.fields.items():
            made.setVisible(music is not None)
            self._labels[name].setVisible(music is not None)
            if music is not None:
                with QSignalBlocker(made):
                    made.setValue(getattr(music, name))
        self.start.setVisible(music is not None)
        self._start_label.setVisible(music is not None)
        if music is None:
            self.told.setText(tr("No music. Ten pieces ship; a file of your own can be taken, too."))
            return
        with QSignalBlocker(self.start):
            self.start.setValue(music.start / TICKS_PER_SECOND)
        gone = bool(music.key) and music.path not in opened.composition.sounds
        piece = piece_of(music.path) if not music.key else None
        told = (
            tr("{name} is not where it was.", name=Path(music.path).name)
            if gone
            else (tr(piece.about) if piece is not None else Path(music.path).name)
        )
        why = self._why.get(music.path)
        self.told.setText(tr("{told} Proposed for {why}.", told=told, why=why) if why else told)

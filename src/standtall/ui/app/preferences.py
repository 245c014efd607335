"""Preferences: how the window looks, where files go, what is kept, and that nothing leaves the machine."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from pathlib import Path
from typing import Final

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QComboBox, QDialog, QFileDialog, QGridLayout, QHBoxLayout, QLabel, QSpinBox, QVBoxLayout, QWidget

from standtall.base.interface_language import tr
from standtall.library.kept import KINDS, Kind, let_go, sizes
from standtall.library.settings import Settings
from standtall.ui.app.tap_sheet import TapSheet
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.cards import Panel, card_in
from standtall.ui.widgets.fields import button

THEMES: Final = {"light": tr("Light"), "dark": tr("Dark"), "system": tr("As the desktop")}
SCALES: Final = (100, 110, 125, 150, 175, 200)
KEPT: Final[dict[Kind, str]] = {
    "copies": tr("Copies to move about in"), "listened": tr("Sound that clips are traced by"),
    "fetched": tr("Footage from other machines"),
    "analysis": tr("Analyses of footage"),
}  # fmt: skip


class PreferencesSheet(QDialog):
    """`changed` carries a function from the settings to others; `theme_wanted` the name of a theme."""

    changed = Signal(object)
    theme_wanted = Signal(str)
    keys_wanted = Signal()

    def __init__(self, workspace: Workspace, settings: Settings, parent: QWidget) -> None:
        super().__init__(parent)
        self._ws = workspace
        self.setWindowTitle(tr("Preferences"))
        self.resize(min(560, parent.width() - 40), min(600, parent.height() - 60))
        panel = Panel()
        self._make_look(card_in(panel.column, tr("LOOK")), settings)
        self._make_folders(card_in(panel.column, tr("FINISHED FILES")))
        self._make_sound(card_in(panel.column, tr("SOUND")), settings)
        self._make_keys(card_in(panel.column, tr("KEYS")))
        self._make_kept(card_in(panel.column, tr("WHAT IS KEPT")))
        self._make_privacy(card_in(panel.column, tr("PRIVACY")))
        panel.finish()
        close = button(tr("Close"), tr("Back to the window (Escape)"), self.accept, "main")
        row = QHBoxLayout()
        row.addStretch(1)
        row.addWidget(close)
        whole = QVBoxLayout(self)
        whole.addWidget(panel, 1)
        whole.addLayout(row)
        self.measure()

    def _make_look(self, box: QVBoxLayout, settings: Settings) -> None:
        grid = QGridLayout()
        grid.setColumnStretch(1, 1)
        self.theme = QComboBox()
        self.theme.setAccessibleName(tr("Theme"))
        for name, text in THEMES.items():
            self.theme.addItem(text, name)
        self.theme.setCurrentIndex(max(0, self.theme.findData(settings.theme)))
        self.theme.activated.connect(lambda _i: self.theme_wanted.emit(self.theme.currentData()))
        self.scale = QComboBox()
        self.scale.setAccessibleName(tr("Size of texts and controls"))
        for hundredths in SCALES:
            self.scale.addItem(f"{hundredths} %", hundredths)
        self.scale.setCurrentIndex(max(0, self.scale.findData(settings.scale)))
        self.scale.activated.connect(self._scaled)
        for row, (text, widget) in enumerate(((tr("Theme"), self.theme), (tr("Size of texts and controls"), self.scale))):
            grid.addWidget(QLabel(text), row, 0)
            grid.addWidget(widget, row, 1)
        box.addLayout(grid)
        self.later = QLabel(tr("The size holds from the next start on."))
        self.later.setObjectName("faint")
        self.later.hide()
        box.addWidget(self.later)

    def _scaled(self, _index: int) -> None:
        wanted = int(self.scale.currentData())
        self.changed.emit(lambda s: replace(s, scale=wanted))
        self.later.show()

    def _make_folders(self, box: QVBoxLayout) -> None:
        self.folder = QLabel(str(self._ws.renders.folder))
        self.folder.setWordWrap(True)
        box.addWidget(self.folder)
        box.addWidget(button(tr("Choose a folder…"), tr("Where finished files go"), self.choose_folder))

    def choose_folder(self) -> None:
        name = QFileDialog.getExistingDirectory(self, tr("A folder for finished files"), str(self._ws.renders.folder))
        if name:
            self._ws.renders.set_folder(Path(name))
            self.folder.setText(name)

    def _make_sound(self, box: QVBoxLayout, settings: Settings) -> None:
        about = QLabel(
            tr("Some devices, wireless ones above all, are heard later than they say. The picture waits for the sound.")
        )
        about.setWordWrap(True)
        about.setObjectName("faint")
        self.late = QSpinBox()
        self.late.setRange(0, 500)
        self.late.setSuffix(" ms")
        self.late.setAccessibleName(tr("Delay of the sound"))
        self.late.setValue(settings.sound_late_ms)
        self.late.valueChanged.connect(lambda ms: self.changed.emit(lambda s: replace(s, sound_late_ms=ms)))
        row = QHBoxLayout()
        row.addWidget(QLabel(tr("Sound is late by")))
        row.addWidget(self.late)
        row.addStretch(1)
        row.addWidget(button(tr("Find out…"), tr("Tap along with flashes, then with clicks"), self.find_delay))
        box.addWidget(about)
        box.addLayout(row)

    def find_delay(self) -> None:
        self.tapping = TapSheet(self)
        self.tapping.found.connect(self.late.setValue)
        self.tapping.open()

    def _make_keys(self, box: QVBoxLayout) -> None:
        box.addWidget(button(tr("All shortcuts…"), tr("Search and change them (F12)"), self.keys_wanted.emit))

    def _make_kept(self, box: QVBoxLayout) -> None:
        about = QLabel(tr("All of this is made again where it is needed. Analyses take the time that they took at first."))
        about.setWordWrap(True)
        about.setObjectName("faint")
        box.addWidget(about)
        grid = QGridLayout()
        grid.setColumnStretch(0, 1)
        self.kept: dict[Kind, QLabel] = {}
        for row, kind in enumerate(KINDS):
            self.kept[kind] = QLabel("…")
            grid.addWidget(QLabel(KEPT[kind]), row, 0)
            grid.addWidget(self.kept[kind], row, 1)
            grid.addWidget(
                button(tr("Free it"), tr("Delete: {lower}", lower=KEPT[kind].lower()), self._frees(kind), "small"), row, 2
            )
        box.addLayout(grid)

    def _frees(self, kind: Kind) -> Callable[[], None]:
        return lambda: self.free(kind)

    def free(self, kind: Kind) -> None:
        """Delete what is kept of a kind."""

        def arrived(freed: int) -> None:
            self._ws.said.emit(tr("{size} are free now.", size=_size(freed)), "note")
            self.measure()

        self._ws.in_background("files", lambda: let_go((kind,), self._ws.closing.check), arrived, self)

    def measure(self) -> None:
        """See how large everything is that is kept."""

        def arrived(found: dict[Kind, int]) -> None:
            for kind, size in found.items():
                self.kept[kind].setText(_size(size))

        self._ws.in_background("files", lambda: sizes(self._ws.closing.check), arrived, self)

    def _make_privacy(self, box: QVBoxLayout) -> None:
        about = QLabel(
            tr(
                "Nothing leaves this machine, except posts that you approve, footage that you fetch from a link, and tasks for "
                "machines that you let help. The page “What is kept where” of the help names every folder."
            )
        )
        about.setWordWrap(True)
        box.addWidget(about)


def _size(count: int) -> str:
    return tr("{count:.1f} GB", count=count / 1000000000.0) if count >= 1e9 else tr("{count:.0f} MB", count=count / 1000000.0)

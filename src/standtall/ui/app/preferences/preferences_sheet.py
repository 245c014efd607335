"""Preferences: the window, new footage, finished files, sound, the machine, keys, what is kept, and what leaves the machine."""

from __future__ import annotations

from collections.abc import Callable
from typing import Final

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QDialog, QGridLayout, QHBoxLayout, QLabel, QVBoxLayout, QWidget

from standtall.base.interface_language import tr
from standtall.library.kept import KINDS, Kind, let_go, sizes
from standtall.library.settings import Settings
from standtall.ui.app.preferences.choice_rows import faint
from standtall.ui.app.preferences.sound_card import SoundCard
from standtall.ui.app.preferences.window_card import WindowCard
from standtall.ui.app.preferences.words_card import WordsCard
from standtall.ui.app.preferences.work_card import BriefCard, FilesCard, MachineCard
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.cards import Panel, card_in
from standtall.ui.widgets.fields import button
from standtall.ui.widgets.in_turn import InTurn

KEPT: Final[dict[Kind, str]] = {
    "copies": tr("Copies to move about in"), "listened": tr("Sound that clips are traced by"),
    "fetched": tr("Footage from other machines"),
    "analysis": tr("Analyses of footage"),
}  # fmt: skip
IN_SIGHT: Final = 2
"""Cards that are there at once; the others come one in each turn of the event loop: all of them take three times as long."""


class PreferencesSheet(QDialog):
    """`changed` carries a function from the settings to others; `theme_wanted` the name of a theme."""

    changed = Signal(object)
    theme_wanted = Signal(str)
    keys_wanted, anew_wanted = Signal(), Signal()

    def __init__(self, workspace: Workspace, settings: Settings, parent: QWidget) -> None:
        super().__init__(parent)
        self._ws = workspace
        self.setWindowTitle(tr("Preferences"))
        self.resize(min(600, parent.width() - 40), min(640, parent.height() - 60))
        self.is_whole = False
        self._panel, self._settings = Panel(), settings
        close = button(tr("Close"), tr("Back to the window (Escape)"), self.accept, "main")
        row = QHBoxLayout()
        row.addStretch(1)
        row.addWidget(close)
        whole = QVBoxLayout(self)
        whole.addWidget(self._panel, 1)
        whole.addLayout(row)
        cards = (
            (tr("LOOK"), self._make_look), (tr("NEW FOOTAGE"), self._make_brief), (tr("FINISHED FILES"), self._make_files),
            (tr("SOUND"), self._make_sound), (tr("RECOGNITION"), self._make_words), (tr("THIS MACHINE"), self._make_machine),
            (tr("KEYS"), self._make_keys), (tr("WHAT IS KEPT"), self._make_kept), (tr("PRIVACY"), self._make_privacy),
        )  # fmt: skip
        self._in_turn = InTurn(self._make, IN_SIGHT, 1, self._all_there, self)
        self._in_turn.take(cards)

    def _make(self, card: tuple[str, Callable[[QVBoxLayout], None]]) -> bool:
        title, make = card
        make(card_in(self._panel.column, title))
        return True

    def _all_there(self) -> None:
        self._panel.finish()
        self.is_whole = True
        self.measure()

    def _make_look(self, box: QVBoxLayout) -> None:
        self.look = WindowCard(box, self._settings, self.changed.emit, self.theme_wanted.emit, self.anew_wanted.emit)

    def _make_brief(self, box: QVBoxLayout) -> None:
        self.brief = BriefCard(box, self._settings, self._ws.data.looks, self.changed.emit)

    def _make_files(self, box: QVBoxLayout) -> None:
        renders = self._ws.renders
        self.files = FilesCard(box, self._settings, renders.folder, self.changed.emit, renders.set_folder, self)

    def _make_sound(self, box: QVBoxLayout) -> None:
        self.sound = SoundCard(box, self._settings, self.changed.emit, self, self._in_background)

    def _make_words(self, box: QVBoxLayout) -> None:
        self.words = WordsCard(box, self._settings, self._ws, self.changed.emit, self)

    def _make_machine(self, box: QVBoxLayout) -> None:
        self.machine = MachineCard(box, self._settings, self.changed.emit)

    def _in_background(self, work: Callable[[], tuple[str, ...]], then: Callable[[tuple[str, ...]], None]) -> None:
        self._ws.in_background("desktop", work, then, self)

    def _make_keys(self, box: QVBoxLayout) -> None:
        box.addWidget(button(tr("All shortcuts…"), tr("Search and change them (F12)"), self.keys_wanted.emit))

    def _make_kept(self, box: QVBoxLayout) -> None:
        box.addWidget(faint(tr("All of this is made again where it is needed. Analyses take the time that they took at first.")))
        grid = QGridLayout()
        grid.setColumnStretch(0, 1)
        self.kept: dict[Kind, QLabel] = {}
        for row, kind in enumerate(KINDS):
            self.kept[kind] = QLabel("…")
            grid.addWidget(QLabel(KEPT[kind]), row, 0)
            grid.addWidget(self.kept[kind], row, 1)
            told = tr("Delete: {what}", what=KEPT[kind])
            grid.addWidget(button(tr("Free it"), told, self._frees(kind), "small"), row, 2)
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
                "Nothing leaves this machine, except posts that you approve, links and models that you ask for, and tasks for "
                "machines that you let help. The page “What is kept where” of the help names every folder."
            )
        )
        about.setWordWrap(True)
        box.addWidget(about)


def _size(count: int) -> str:
    return tr("{count:.1f} GB", count=count / 1e9) if count >= 1e9 else tr("{count:.0f} MB", count=count / 1e6)

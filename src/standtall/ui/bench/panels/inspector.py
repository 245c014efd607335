"""The inspector: one panel for each thing that can be changed, those of the words side by side in one."""

from __future__ import annotations

from typing import Literal, get_args

from PySide6.QtWidgets import QVBoxLayout, QWidget

from standtall.base.interface_language import tr
from standtall.ui.bench.panels.captions.panel import CaptionsPanel
from standtall.ui.bench.panels.chosen import ChosenPanel
from standtall.ui.bench.panels.extras.panel import ExtrasPanel
from standtall.ui.bench.panels.framing.panel import FramingPanel
from standtall.ui.bench.panels.pieces import PiecesPanel
from standtall.ui.bench.panels.sound.panel import SoundPanel
from standtall.ui.bench.panels.tighten import TightenPanel
from standtall.ui.bench.panels.transcript import TranscriptPanel
from standtall.ui.bench.panels.translation import TranslationPanel
from standtall.ui.bench.word_actions import WordActions
from standtall.ui.state.basket import Basket
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.tabs import Tabs

PanelName = Literal["words", "framing", "captions", "extras", "sound", "translation"]
Side = Literal["chosen", "pieces", "tighten", "transcript"]
"""The sides of the words panel."""
_PANELS: dict[str, tuple[str, str]] = {
    "words": (tr("Words"), tr("The words, the pieces of the short, the transcript (F5)")),
    "framing": (tr("Framing"), tr("Whom the camera follows, and how (F6)")),
    "captions": (tr("Captions"), tr("The look and the place of the captions (F7)")),
    "extras": (tr("Extras"), tr("What is shown over the talk (F8)")),
    "sound": (tr("Sound"), tr("How the short sounds: loudness, speakers, music (F9)")),
    "translation": (tr("Translation"), tr("A second language beside the words (Shift+F9)")),
}
_SIDES: dict[str, tuple[str, str]] = {
    "chosen": (tr("Chosen"), tr("What is done with the chosen words (Ctrl+1)")),
    "pieces": (tr("Pieces"), tr("The pieces of the short, their order and edges; the basket (Ctrl+2)")),
    "tighten": (tr("Tighten"), tr("Fillers, repeats and silences that can be removed (Ctrl+3)")),
    "transcript": (tr("Transcript"), tr("Speakers, replacing, the word list, files (Ctrl+4)")),
}


class Inspector(QWidget):
    """Shows one panel at a time."""

    def __init__(self, workspace: Workspace, work: WordActions, basket: Basket) -> None:
        super().__init__()
        self.chosen = ChosenPanel(workspace, work)
        self.pieces = PiecesPanel(workspace, basket, work.hearing)
        self.tighten = TightenPanel(workspace, work.hearing)
        self.transcript = TranscriptPanel(workspace, work)
        self.framing = FramingPanel(workspace)
        self.captions = CaptionsPanel(workspace)
        self.extras = ExtrasPanel(workspace)
        self.sound = SoundPanel(workspace)
        self.translation = TranslationPanel(workspace)
        sides: tuple[QWidget, ...] = (self.chosen, self.pieces, self.tighten, self.transcript)
        self._words = Tabs(_SIDES, dict(zip(get_args(Side), sides, strict=True)), "subtab")
        panels: tuple[QWidget, ...] = (self._words, self.framing, self.captions, self.extras, self.sound, self.translation)
        self._panels = Tabs(_PANELS, dict(zip(get_args(PanelName), panels, strict=True)), "side")
        whole = QVBoxLayout(self)
        whole.setContentsMargins(0, 0, 0, 0)
        whole.addWidget(self._panels)

    @property
    def panel(self) -> str:
        """The name of the panel in front."""
        return self._panels.shown

    def show_panel(self, name: PanelName) -> None:
        self._panels.show_tab(name)

    def show_side(self, side: Side) -> None:
        """Show the words panel, and one of its sides."""
        self._panels.show_tab("words")
        self._words.show_tab(side)

"""The extras panel: what lies on the picture, cutaways, what stands before and after the talk."""

from __future__ import annotations

from typing import Final, Literal

from PySide6.QtGui import QShowEvent
from PySide6.QtWidgets import QVBoxLayout, QWidget

from standtall.base.interface_language import tr
from standtall.ui.bench.panels.extras.clips_card import ClipsCard, EffectsCard, TransitionsCard
from standtall.ui.bench.panels.extras.cutaways_card import CutawaysCard, SuggestionsCard
from standtall.ui.bench.panels.extras.items_card import ChosenExtraCard, ItemsCard
from standtall.ui.bench.panels.extras.library_card import LibraryCard
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.cards import Panel, card_in
from standtall.ui.widgets.tabs import Tabs

Side = Literal["picture", "cutaways", "ends"]
_SIDES: Final[dict[str, tuple[str, str]]] = {
    "picture": (tr("On the picture"), tr("Headline, texts, logo, stickers, progress bar, light effects")),
    "cutaways": (tr("Cutaways"), tr("Other pictures over the talk")),
    "ends": (tr("Ends, cuts"), tr("Clips before and after the talk, transitions at cuts, sound effects")),
}


class ExtrasPanel(QWidget):
    """All extras, on three sides."""

    def __init__(self, workspace: Workspace) -> None:
        super().__init__()
        self._ws = workspace
        picture, cutaways, ends = Panel(), Panel(), Panel()
        self.items = ItemsCard(workspace, card_in(picture.column, tr("ON THE PICTURE")))
        chosen = card_in(picture.column, tr("CHOSEN EXTRA"))
        card = chosen.parentWidget()
        assert card is not None
        self.chosen = ChosenExtraCard(workspace, chosen, card)
        self.cutaways = CutawaysCard(workspace, card_in(cutaways.column, tr("CUTAWAYS")))
        self.library = LibraryCard(workspace, card_in(picture.column, tr("PICTURES")), self.cutaways.put_over)
        self.suggestions = SuggestionsCard(workspace, card_in(picture.column, tr("SUGGESTED BY THE WORDS")), self.library)
        self.clips = ClipsCard(workspace, card_in(ends.column, tr("BEFORE AND AFTER")))
        self.transitions = TransitionsCard(workspace, card_in(ends.column, tr("TRANSITIONS AT CUTS")))
        self.effects = EffectsCard(workspace, card_in(ends.column, tr("SOUND EFFECTS")))
        self._sides = (picture, cutaways, ends)
        for panel in self._sides:
            panel.finish()
        self._tabs = Tabs(_SIDES, dict(zip(_SIDES, self._sides, strict=True)), "subtab")
        whole = QVBoxLayout(self)
        whole.setContentsMargins(0, 0, 0, 0)
        whole.addWidget(self._tabs)
        for signal in (workspace.opened_changed, workspace.composition_changed, workspace.selection.extra_changed):
            signal.connect(self.refresh)
        self.refresh()

    def show_side(self, side: Side) -> None:
        self._tabs.show_tab(side)

    def showEvent(self, event: QShowEvent) -> None:
        self.library.look_again()

    def refresh(self) -> None:
        opened = self._ws.opened
        for panel in self._sides:
            panel.inner.setEnabled(opened is not None)
        if opened is None:
            return
        for part in (self.chosen, self.items, self.cutaways, self.suggestions, self.clips, self.transitions, self.effects):
            part.refresh(opened)

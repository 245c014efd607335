"""The sound panel: how the talk sounds, what is under it, how loud it comes out."""

from __future__ import annotations

from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND
from standtall.ui.bench.panels.sound.meter import MeterView
from standtall.ui.bench.panels.sound.mix_cards import MusicCard, SpeakersCard, TalkCard
from standtall.ui.bench.panels.sound.recorder_card import RecorderCard
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.cards import Panel, card_in
from standtall.ui.widgets.when_seen import WhenSeen


class SoundPanel(Panel):
    """One column: meters first, since they answer for the rest."""

    def __init__(self, workspace: Workspace) -> None:
        super().__init__()
        self._ws = workspace
        self.meters = MeterView()
        card_in(self.column, tr("LOUDNESS")).addWidget(self.meters)
        self.talk = TalkCard(workspace, card_in(self.column, tr("THE TALK")))
        self.speakers = SpeakersCard(workspace, card_in(self.column, tr("SPEAKERS")))
        self.music = MusicCard(workspace, card_in(self.column, tr("MUSIC")))
        self.recorder = RecorderCard(workspace, card_in(self.column, tr("OTHER RECORDERS")))
        self.finish()
        WhenSeen(self, self.refresh, workspace.opened_changed, workspace.composition_changed, workspace.sounding.changed)
        workspace.selection.playhead_changed.connect(self._moved)
        self.refresh()

    def _moved(self, tick: int) -> None:
        opened = self._ws.opened
        at = None if opened is None else opened.in_short(tick)
        if opened is not None and at is not None and self.isVisible():
            self.meters.show_at((at + opened.composition.lead_ticks) * 10 // TICKS_PER_SECOND)

    def refresh(self) -> None:
        opened = self._ws.opened
        self.inner.setEnabled(opened is not None)
        if opened is None:
            return
        found = self._ws.sounding.of(opened.composition)
        self.meters.show_meters(None if found is None else found.meters, opened.entry.short.sound.loudness)
        for part in (self.talk, self.speakers, self.music, self.recorder):
            part.refresh(opened)

"""The framing panel: whom this shot follows and why, how the camera moves, and what may have been missed."""

from __future__ import annotations

from PySide6.QtWidgets import QVBoxLayout

from standtall.base.interface_language import tr
from standtall.ui.bench.panels.framing.alike import AlikeCard
from standtall.ui.bench.panels.framing.all_shots import AllShotsCard
from standtall.ui.bench.panels.framing.boxes import Boxes
from standtall.ui.bench.panels.framing.keyframes import Keyframes
from standtall.ui.bench.panels.framing.punches import PunchesCard
from standtall.ui.bench.panels.framing.shot import ShotCard
from standtall.ui.bench.panels.framing.steady import Steadying
from standtall.ui.bench.panels.framing.to_look_at import NoticesCard
from standtall.ui.bench.panels.framing.whole import WholeCard
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.cards import Panel, card_in


class FramingPanel(Panel):
    """Follows the playhead from shot to shot."""

    def __init__(self, workspace: Workspace) -> None:
        super().__init__()
        self._ws = workspace
        self._span_start = -1
        shot: QVBoxLayout = card_in(self.column, tr("THIS SHOT"))
        self.shot = ShotCard(workspace, shot)
        self.steadying = Steadying(workspace, shot)
        self.boxes = Boxes(workspace, shot)
        self.notices = NoticesCard(workspace, card_in(self.column, tr("TO LOOK AT")))
        self.keyframes = Keyframes(workspace, card_in(self.column, tr("KEYFRAMES")))
        self.punches = PunchesCard(workspace, card_in(self.column, tr("PUNCH-INS")))
        self.alike = AlikeCard(workspace, card_in(self.column, tr("OTHER SHOTS")))
        self.all_shots = AllShotsCard(workspace, card_in(self.column, tr("ALL SHOTS")))
        self.whole = WholeCard(workspace, card_in(self.column, tr("BACKDROP AND BARS")))
        parts = (self.shot, self.steadying, self.boxes, self.keyframes, self.punches, self.alike)
        self.declared = [action for part in parts for action in part.declared]
        self.finish()
        for signal in (workspace.opened_changed, workspace.composition_changed):
            signal.connect(self.refresh)
        workspace.notices_changed.connect(self.refresh)
        workspace.selection.playhead_changed.connect(lambda _t: self.refresh(moved=True))
        self.refresh()

    def refresh(self, moved: bool = False) -> None:
        opened = self._ws.opened
        self.inner.setEnabled(opened is not None)
        if opened is None:
            return
        self.notices.refresh(opened)
        self.keyframes.refresh()
        self.punches.refresh(opened)
        span = opened.camera.span_at(self._ws.selection.playhead)
        if moved and span.start == self._span_start:  # while playing nothing changes inside a span
            return
        self._span_start = span.start
        shot = opened.shot_at(self._ws.selection.playhead)
        self.shot.refresh(opened, shot)
        self.steadying.refresh(opened, shot)
        self.boxes.refresh(opened, shot)
        self.alike.refresh(opened, shot)
        self.all_shots.refresh(opened)
        self.whole.refresh(opened)

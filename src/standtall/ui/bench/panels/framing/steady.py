"""Steadying of the shot at the playhead: asked for, its shake measured by a job, and what it costs."""

from __future__ import annotations

from PySide6.QtCore import QObject, QSignalBlocker
from PySide6.QtWidgets import QHBoxLayout, QLabel, QSizePolicy, QVBoxLayout

from standtall.base.interface_language import tr
from standtall.jobs.events import Ended, Event, Problem, Progressed
from standtall.jobs.requests import MeasureShakeRequest, Request
from standtall.model import framing_edits
from standtall.model.cut import Segment
from standtall.ui.state.opened import Opened
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.actions import Action, button_of


class Steadying(QObject):
    """Fills a row of the card of the shot; `declared` are its actions."""

    def __init__(self, workspace: Workspace, box: QVBoxLayout) -> None:
        super().__init__(workspace)
        self._ws = workspace
        self._shot: Segment | None = None
        self._number: int | None = None
        """Of the request that is being carried out."""
        self.declared = [
            Action(
                "steady-shot",
                tr("Take the shake out of this shot, or leave it in"),
                self.toggle,
                ("Shift+S",),
                label=tr("Steady"),
            ),
        ]
        row = QHBoxLayout()
        row.setSpacing(8)
        self._button = button_of(self.declared[0])
        self._button.setCheckable(True)
        self._button.setSizePolicy(QSizePolicy.Policy.Fixed, QSizePolicy.Policy.Fixed)
        self._told = QLabel()
        self._told.setObjectName("faint")
        self._told.setWordWrap(True)
        row.addWidget(self._button)
        row.addWidget(self._told, 1)
        box.addLayout(row)
        workspace.jobs.heard.connect(self._heard)

    def _wanted(self) -> bool:
        opened, shot = self._ws.opened, self._shot
        chosen = None if opened is None or shot is None else opened.entry.short.framing.of_shot(shot.source, shot.start, shot.end)
        return chosen is not None and chosen.steady

    def toggle(self) -> None:
        opened, shot = self._ws.opened, self._shot
        if opened is None or shot is None:
            return
        steady = not self._wanted()
        self._ws.edit(lambda s, _a: framing_edits.set_steady(s, shot, steady))
        if steady and not self._measured(opened, shot) and self._number is None:
            self._number = self._ws.jobs.ask(MeasureShakeRequest(opened.source, shot.start, shot.end))
            self._told.setText(tr("Measuring …"))

    @staticmethod
    def _measured(opened: Opened, shot: Segment) -> bool:
        return any(s.start <= shot.start and s.end >= shot.end for s in opened.camera.people.shakes)

    def _heard(self, number: int, request: Request, event: Event) -> None:
        if number != self._number or not isinstance(request, MeasureShakeRequest):
            return
        if isinstance(event, Progressed):
            self._told.setText(tr("Measuring … {share:.0f} %", share=event.share * 100))
        elif isinstance(event, Problem):
            self._ws.said.emit(event.message, "error")
        elif isinstance(event, Ended):
            self._number = None
            self._told.setText("")
            self._ws.refresh_found(request.source, last=False)

    def refresh(self, opened: Opened, shot: Segment | None) -> None:
        self._shot = shot
        self._button.setEnabled(shot is not None)
        wanted = self._wanted()
        with QSignalBlocker(self._button):
            self._button.setChecked(wanted)
        if self._number is not None:
            return
        losses = [p.steady.loss for p in opened.camera.span_at(self._ws.selection.playhead).paths if p.steady is not None]
        if losses:
            self._told.setText(tr("Costs {losses:.0f} % of the crop", losses=max(losses) * 100))
        elif wanted and shot is not None and not self._measured(opened, shot):
            self._told.setText(tr("Its shake is measured when it is rendered"))
        else:
            self._told.setText("")

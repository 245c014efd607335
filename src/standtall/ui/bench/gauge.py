"""The running length against the limit of the chosen channel, and what of the source is used."""

from __future__ import annotations

from collections.abc import Iterable
from functools import partial
from typing import Final

from PySide6.QtCore import QRectF, Qt
from PySide6.QtGui import QColor, QPainter, QPaintEvent
from PySide6.QtWidgets import QMenu, QSizePolicy, QToolButton

from standtall.base.interface_language import tr
from standtall.base.time import clock
from standtall.checks.length import too_long
from standtall.model import edits
from standtall.model.channel import Channel
from standtall.model.cut import Segment
from standtall.ui.bench.new_channel import NewChannelSheet
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets import focus_ring, theme
from standtall.ui.widgets.notices import sentence
from standtall.ui.widgets.tips import set_tip

HIGH: Final = 34
"""Pixels that text and bars take from top to bottom."""


NEAR: Final = 0.004
"""Parts of the footage that lie so near to each other, as a share of it, are drawn as one: less than half a pixel."""


def shares(segments: Iterable[Segment], length: int) -> list[tuple[float, float]]:
    """Which parts of footage of a length are used, from left to right, as shares of it."""
    out: list[tuple[float, float]] = []
    for e in sorted(segments, key=lambda e: e.start):
        start, end = e.start / max(1, length), e.end / max(1, length)
        out[-1:] = [(out[-1][0], end)] if out and start - out[-1][1] < NEAR else [*out[-1:], (start, end)]
    return out


class LengthGauge(QToolButton):
    """A click chooses the channel whose limit holds, or makes one."""

    def __init__(self, workspace: Workspace) -> None:
        super().__init__()
        self._ws = workspace
        self._used: list[tuple[float, float]] = []
        self.setFixedWidth(112)
        self.setMinimumHeight(HIGH)
        self.setSizePolicy(QSizePolicy.Policy.Fixed, QSizePolicy.Policy.Expanding)  # as high as the buttons beside it
        self.setPopupMode(QToolButton.ToolButtonPopupMode.InstantPopup)
        self.setMenu(QMenu(self))
        focus_ring.give(self, Qt.FocusPolicy.TabFocus)
        for signal in (workspace.opened_changed, workspace.composition_changed):
            signal.connect(self.refresh)
        workspace.data.changed.connect(self._fill)
        self._fill()
        self.refresh()

    def _fill(self) -> None:
        menu = self.menu()
        menu.clear()
        for channel in self._ws.data.channels:
            menu.addAction(
                tr("{title}: at most {longest}", title=channel.title, longest=clock(channel.longest)),
                partial(self._choose, channel),
            )
        menu.addSeparator()
        menu.addAction(tr("New channel…"), self.new_channel)

    def _choose(self, channel: Channel) -> None:
        opened = self._ws.opened
        if opened is not None and opened.entry.short.channel != channel.name:
            self._ws.edit(lambda s, _a: edits.set_channel(s, channel))

    def new_channel(self) -> NewChannelSheet:
        """Ask for the name and the limit of a place that the user posts to."""
        sheet = NewChannelSheet(self)
        sheet.wanted.connect(self._make)
        sheet.open()
        return sheet

    def _make(self, title: str, longest_s: float) -> None:
        """Make a channel, and let the short be for it."""
        self._ws.data.new_channel(title, longest_s, self._choose)

    def refresh(self) -> None:
        opened = self._ws.opened
        self.setEnabled(opened is not None)
        self.setAccessibleName(tr("Length"))
        if opened is not None:
            short, channel = opened.entry.short, opened.channel
            told = tr(
                "{length} of at most {longest} for {title}",
                length=clock(short.length, True),
                longest=clock(channel.longest),
                title=channel.title,
            )
            notice = too_long(short, channel)
            if notice is not None:
                told += f". {sentence(notice)}"
            set_tip(
                self, tr("{told}\nThe thin line shows what of the footage is used. Click to choose another channel.", told=told)
            )
            self.setAccessibleDescription(told)
            self._used = shares(opened.segments, opened.source.length)
        self.update()

    def paintEvent(self, _event: QPaintEvent) -> None:
        opened = self._ws.opened
        if opened is None:
            return
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        look = theme.current()
        short, limit = opened.entry.short, opened.channel.longest
        over = short.length > limit
        wide = self.width()
        painter.setPen(QColor(theme.NOW if self.underMouse() else look.text))
        text = tr("{length} of {limit} ▾", length=clock(short.length, True), limit=clock(limit))
        painter.translate(0, (self.height() - HIGH) / 2)
        painter.drawText(QRectF(0, 0, wide, HIGH - 14), Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter, text)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(QColor(look.line))
        painter.drawRoundedRect(QRectF(0, 21, wide, 6), 3, 3)
        painter.setBrush(QColor(theme.WARN if over else theme.KEPT))
        painter.drawRoundedRect(QRectF(0, 21, max(6.0, wide * min(1.0, short.length / limit)), 6), 3, 3)
        painter.setBrush(QColor(look.line))
        painter.drawRect(QRectF(0, 31, wide, 2))
        painter.setBrush(QColor(look.text))
        for start, end in self._used:
            painter.drawRect(QRectF(wide * start, 30, max(1.5, wide * (end - start)), 3))

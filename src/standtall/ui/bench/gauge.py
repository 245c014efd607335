"""The running length against the limit of the chosen channel, and what of the source is used."""

from __future__ import annotations

from functools import partial

from PySide6.QtCore import QRectF, Qt
from PySide6.QtGui import QColor, QPainter, QPaintEvent
from PySide6.QtWidgets import QMenu, QToolButton

from standtall.base.time import clock
from standtall.model import edits
from standtall.model.channel import CHANNELS, Channel, channel_named
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets import theme


class LengthGauge(QToolButton):
    """A click chooses the channel whose limit holds."""

    def __init__(self, workspace: Workspace) -> None:
        super().__init__()
        self._ws = workspace
        self.setFixedSize(112, 34)
        self.setPopupMode(QToolButton.ToolButtonPopupMode.InstantPopup)
        menu = QMenu(self)
        for channel in CHANNELS:
            menu.addAction(f"{channel.title}: at most {clock(channel.longest)}", partial(self._choose, channel))
        self.setMenu(menu)
        for signal in (workspace.opened_changed, workspace.edition_changed):
            signal.connect(self.refresh)
        self.refresh()

    def _choose(self, channel: Channel) -> None:
        opened = self._ws.opened
        if opened is not None and opened.entry.short.channel != channel.name:
            self._ws.edit(lambda s, _a: edits.set_channel(s, channel))

    def refresh(self) -> None:
        opened = self._ws.opened
        self.setEnabled(opened is not None)
        self.setAccessibleName("Length")
        if opened is not None:
            short, channel = opened.entry.short, channel_named(opened.entry.short.channel)
            over = short.length - channel.longest
            told = f"{clock(short.length, True)} of at most {clock(channel.longest)} for {channel.title}"
            told += f": {clock(over, True)} too long, cut some words" if over > 0 else ""
            self.setToolTip(f"{told}\nThe thin line shows what of the footage is used. Click to choose another channel.")
            self.setAccessibleDescription(told)
        self.update()

    def paintEvent(self, _event: QPaintEvent) -> None:
        opened = self._ws.opened
        if opened is None:
            return
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        look = theme.current()
        short = opened.entry.short
        limit = channel_named(short.channel).longest
        over = short.length > limit
        wide = self.width()
        painter.setPen(QColor(theme.NOW if self.hasFocus() or self.underMouse() else look.text))
        text = f"{clock(short.length, True)} of {clock(limit)} ▾"
        painter.drawText(self.rect().adjusted(0, 0, 0, -14), Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter, text)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(QColor(look.line))
        painter.drawRoundedRect(QRectF(0, 21, wide, 6), 3, 3)
        painter.setBrush(QColor(theme.WARN if over else theme.KEPT))
        painter.drawRoundedRect(QRectF(0, 21, max(6.0, wide * min(1.0, short.length / limit)), 6), 3, 3)
        painter.setBrush(QColor(look.line))
        painter.drawRect(QRectF(0, 31, wide, 2))
        painter.setBrush(QColor(look.text))
        whole = max(1, opened.source.length)
        for e in short.excerpts:
            painter.drawRect(QRectF(wide * e.start / whole, 30, max(1.5, wide * e.length / whole), 3))

"""The tall pane at the right edge: the picture, the transport, the render."""

from __future__ import annotations

from PySide6.QtCore import Qt, Signal
from PySide6.QtGui import QResizeEvent
from PySide6.QtWidgets import QHBoxLayout, QLabel, QToolButton, QVBoxLayout, QWidget

from standtall.base.interface_language import right_to_left, tr
from standtall.base.time import clock
from standtall.ui.preview.render_bar import RenderBar
from standtall.ui.preview.tall_view import PreviewView
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets import theme
from standtall.ui.widgets.layouts import from_the_left

BUTTONS = 140
"""Width of the buttons beside the time."""
NARROWEST, BESIDE = 208, 836
"""Width of the pane at least, and what everything beside it needs."""
WIDEST = 1_200


class PreviewPane(QWidget):
    """What people are making, always in view."""

    play = Signal()
    step = Signal(int)

    def __init__(self, workspace: Workspace, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._ws = workspace
        self.picture = PreviewView(workspace)
        self.rendering = RenderBar(workspace)
        self._time = QLabel("0:00.0")
        self._times: tuple[int | None, int] = (0, 0)
        """Where the playhead is and how long the short is, in ticks."""
        self._time.setAccessibleName(tr("Time in the short"))
        self._play = QToolButton()
        back, forward = QToolButton(), QToolButton()
        for button, name, tip in (
            (back, "back", tr("One frame back (Left)")),
            (self._play, "play", tr("Play or pause (Space)")),
            (forward, "forward", tr("One frame forward (Right)")),
        ):
            button.setObjectName("plain")
            theme.draw(button, name)
            button.setToolTip(tip)
            button.setAccessibleName(tip)
        self._play.clicked.connect(self.play)
        back.clicked.connect(lambda: self.step.emit(-1))
        forward.clicked.connect(lambda: self.step.emit(1))
        row = QHBoxLayout()
        row.addWidget(back)
        row.addWidget(self._play)
        row.addWidget(forward)
        row.addStretch(1)
        row.addWidget(self._time)
        from_the_left(row)
        column = QVBoxLayout(self)
        sides = (theme.PAD, 0) if right_to_left() else (0, theme.PAD)
        column.setContentsMargins(sides[0], theme.PAD, sides[1], theme.PAD)
        column.setSpacing(8)
        column.addWidget(self.picture, 1)
        column.addLayout(row)
        column.addWidget(self.rendering)
        self.wanted = 0
        """The width that a person chose; 0 where it is as wide as its picture needs."""
        self.setFixedWidth(336)
        for signal in (workspace.opened_changed, workspace.composition_changed):
            signal.connect(self._take_shape)

    def _take_shape(self) -> None:
        if self._ws.opened is not None:
            self.picture.set_aspect(self._ws.opened.entry.short.output.aspect)

    def resizeEvent(self, event: QResizeEvent) -> None:
        """As wide as the tall picture needs at this height, or as was chosen, as long as the page beside it keeps its room."""
        self._take_width()
        self.set_time(*self._times)

    def choose_width(self, width: int) -> None:
        """Be so many pixels wide, as far as there is room; 0: as wide as the picture needs."""
        self.wanted = 0 if width <= 0 else max(NARROWEST, min(WIDEST, width))
        self._take_width()

    def _take_width(self) -> None:
        room = max(NARROWEST, self.window().width() - BESIDE)
        needed = min(620, round((self.height() - 158) * 9 / 16) + theme.PAD)
        self.setFixedWidth(max(NARROWEST, min(room, self.wanted or needed)))

    def set_playing(self, playing: bool) -> None:
        theme.draw(self._play, "pause" if playing else "play")

    def set_time(self, tick: int | None, length: int) -> None:
        self._times = tick, length
        here = clock(tick, True) if tick is not None else "–"
        whole = f"{here} / {clock(length, True)}"
        fits = self._time.fontMetrics().horizontalAdvance(whole) <= self.width() - BUTTONS
        self._time.setText(whole if fits else here)
        self._time.setToolTip(whole)
        self._time.setAlignment(Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter)

"""A row of the Renders place."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path
from typing import Final

from PySide6.QtCore import QMimeData, QPoint, Qt, QUrl, Signal
from PySide6.QtGui import QContextMenuEvent, QDrag, QDragEnterEvent, QDropEvent, QImage, QKeyEvent, QMouseEvent, QPixmap
from PySide6.QtWidgets import QApplication, QFrame, QHBoxLayout, QLabel, QProgressBar, QVBoxLayout

from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND, clock
from standtall.session.proof_told import wrong
from standtall.ui.state.renders import STAGES, Live, Row, whole_share
from standtall.ui.widgets import theme
from standtall.ui.widgets.context_menu import buttons_at
from standtall.ui.widgets.fields import button
from standtall.ui.widgets.one_line import OneLine
from standtall.ui.widgets.tips import set_tip

MARKS: Final = {
    "waiting": tr("○ Waiting"),
    "running": tr("▸ Rendering"),
    "done": tr("✓ Done"),
    "failed": tr("✗ Failed"),
    "stopped": tr("– Stopped"),
}
POSTER: Final = (54, 72)
ORDER: Final = "application/x-stand-tall-render"


class RenderRow(QFrame):
    """What is rendered, how it stands, and what can be done about it. A row that waits is dragged to another place in the order,
    a finished file out of the window. `dropped` carries the number of the row that was dropped on this one."""

    chosen = Signal()
    opened = Signal()
    dropped = Signal(int)

    def __init__(self, row: Row, buttons: list[tuple[str, str, Callable[[], object]]], number: int = 0) -> None:
        super().__init__()
        self.setObjectName("card")
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.row, self.number = row, number
        self.again = False
        """Whether one that is over can be asked for again."""
        self._pressed: QPoint | None = None
        self.setAcceptDrops(row.state == "waiting")
        whole = QHBoxLayout(self)
        whole.setContentsMargins(10, 8, 12, 9)
        whole.setSpacing(10)
        self._poster = QLabel()
        self._poster.setFixedSize(*POSTER)
        self._poster.setAlignment(Qt.AlignmentFlag.AlignCenter)
        self._poster.setStyleSheet(f"background: {theme.WELL}; border-radius: 4px;")
        whole.addWidget(self._poster, 0, Qt.AlignmentFlag.AlignTop)
        column = QVBoxLayout()
        column.setSpacing(4)
        whole.addLayout(column, 1)
        head = QHBoxLayout()
        self.name = OneLine(row.name, bold=True)
        head.addWidget(self.name, 1)
        self.state = QLabel(MARKS[row.state])
        off = wrong(row.findings)
        if row.state == "done" and off:
            self.state.setText(tr("! Done, something is off"))
        self.state.setObjectName("warn" if row.state == "failed" or off else "faint")
        head.addWidget(self.state)
        column.addLayout(head)
        facts = f"{row.form}  ·  {Path(row.file).name}" + (f"  ·  {row.when}" if row.when else "")
        self.facts = OneLine(facts, more=row.file)
        self.facts.setObjectName("faint")
        column.addWidget(self.facts)
        self.told = QLabel(f"{row.told}. {off}" if off else row.told)
        self.told.setWordWrap(True)
        self.told.setObjectName("warn" if row.state == "failed" or off else "")
        self.told.setVisible(bool(self.told.text()))
        column.addWidget(self.told)
        self.bar = QProgressBar()
        self.bar.setRange(0, 1000)
        self.bar.setTextVisible(False)
        self.bar.setVisible(row.state == "running")
        column.addWidget(self.bar)
        line = QHBoxLayout()
        line.addStretch(1)
        for text, tip, does in buttons:
            line.addWidget(button(text, tip, does, "small"))
        column.addLayout(line)
        self.setAccessibleName(f"{row.name}, {row.form}, {MARKS[row.state][2:]}")
        if row.state == "waiting":
            self.setToolTip(tr("Drag it to another place in the order"))
        elif row.state == "done":
            set_tip(self, tr("A click shows its report; drag it into another program, or out of the window"))

    def contextMenuEvent(self, event: QContextMenuEvent) -> None:
        buttons_at(event.globalPos(), self)

    def show_progress(self, live: Live) -> None:
        """How far it is."""
        self.bar.setValue(round(1000 * whole_share(live.stage, live.share)))
        left = (
            tr(", {left_s} left", left_s=clock(round(live.left_s * TICKS_PER_SECOND)))
            if live.stage == "render" and live.left_s
            else ""
        )
        self.state.setText(f"▸ {STAGES.get(live.stage, tr('Starting'))}{left}")

    def set_poster(self, image: QImage) -> None:
        if image.isNull():
            return
        mode = Qt.TransformationMode.SmoothTransformation
        filled = image.scaled(*POSTER, Qt.AspectRatioMode.KeepAspectRatioByExpanding, mode)
        self._poster.setPixmap(QPixmap.fromImage(filled))

    def show_chosen(self, chosen: bool) -> None:
        self.setProperty("chosen", chosen)
        self.style().unpolish(self)
        self.style().polish(self)

    # hands

    def mousePressEvent(self, event: QMouseEvent) -> None:
        self._pressed = event.position().toPoint()
        self.chosen.emit()

    def mouseDoubleClickEvent(self, _event: QMouseEvent) -> None:
        self.opened.emit()

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() in (Qt.Key.Key_Return, Qt.Key.Key_Enter):
            self.opened.emit()
        elif event.key() == Qt.Key.Key_Space:
            self.chosen.emit()
        else:
            super().keyPressEvent(event)

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if self._pressed is None or not event.buttons() & Qt.MouseButton.LeftButton:
            return
        if (event.position().toPoint() - self._pressed).manhattanLength() < QApplication.startDragDistance():
            return
        data = self.dragged()
        if data is not None:
            self._pressed = None
            drag = QDrag(self)
            drag.setMimeData(data)
            drag.exec(Qt.DropAction.CopyAction | Qt.DropAction.MoveAction)

    def dragged(self) -> QMimeData | None:
        """What is dragged: the file of a finished row, or the place of one that waits."""
        data = QMimeData()
        if self.row.state == "done":
            data.setUrls([QUrl.fromLocalFile(self.row.file)])
        elif self.row.state == "waiting":
            data.setData(ORDER, str(self.number).encode())
        else:
            return None
        return data

    def dragEnterEvent(self, event: QDragEnterEvent) -> None:
        if event.mimeData().hasFormat(ORDER):
            event.acceptProposedAction()

    def dropEvent(self, event: QDropEvent) -> None:
        number = bytes(event.mimeData().data(ORDER).data())
        if number.isdigit():
            event.acceptProposedAction()
            self.dropped.emit(int(number))

"""The shorts that can be posted, best first: dragged onto days (and, as files, into other programs), or put there by a key."""

from __future__ import annotations

from collections.abc import Callable

from PySide6.QtCore import QMimeData, Qt, QTimer, QUrl, Signal
from PySide6.QtGui import QDrag
from PySide6.QtWidgets import (
    QAbstractItemView,
    QCheckBox,
    QHBoxLayout,
    QLabel,
    QListWidget,
    QListWidgetItem,
    QVBoxLayout,
    QWidget,
)

from standtall.base.interface_language import tr
from standtall.model.channel import Channel
from standtall.model.post import ShortRef
from standtall.posts.filling import why_not
from standtall.ui.calendar.view import SHORT_MIME
from standtall.ui.state.posts import Posts
from standtall.ui.widgets.cards import heading
from standtall.ui.widgets.fields import Field
from standtall.ui.widgets.tips import set_tip

NUMBER = Qt.ItemDataRole.UserRole


class _List(QListWidget):
    """Drags the number of a short, and for other programs its newest finished file, which `file_of` tells."""

    def __init__(self, file_of: Callable[[int], str]) -> None:
        super().__init__()
        self._file_of = file_of

    def carried(self, item: QListWidgetItem) -> QMimeData:
        """What is dragged of a row."""
        data, number = QMimeData(), item.data(NUMBER)
        data.setData(SHORT_MIME, str(number).encode())
        data.setText(item.text())
        file = self._file_of(number) if isinstance(number, int) else ""
        if file:
            data.setUrls([QUrl.fromLocalFile(file)])
        return data

    def startDrag(self, _actions: Qt.DropAction) -> None:
        item = self.currentItem()
        if item is None:
            return
        drag = QDrag(self)
        drag.setMimeData(self.carried(item))
        drag.exec(Qt.DropAction.CopyAction)


class ShortsPanel(QWidget):
    """`wanted` carries a short that is to be put onto the day that is chosen."""

    wanted = Signal(object)

    def __init__(self, posts: Posts) -> None:
        super().__init__()
        self._posts = posts
        self._filling = False
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 4, 4, 4)
        column.setSpacing(7)
        about = QLabel(
            tr(
                "Drag a short onto a day, or press Return to put it onto the day that is chosen. It goes to each ticked channel. "
                "Tick shorts to fill the coming days from those alone."
            )
        )
        about.setWordWrap(True)
        about.setObjectName("faint")
        column.addWidget(about)
        self.boxes: dict[str, QCheckBox] = {}
        self._box_row = QHBoxLayout()
        column.addLayout(self._box_row)
        self.search = Field(
            tr("Search the shorts"),
            tr("name, programme or topic"),
            tip=tr("Lists the shorts whose name, footage or topic has this"),
        )
        self.search.textChanged.connect(self.refresh)
        column.addWidget(self.search)
        self.head = heading(tr("SHORTS OF THIS PROJECT"))
        column.addWidget(self.head)
        self.list = _List(self._file_of)
        self.list.setAccessibleName(tr("Shorts that can be posted"))
        self.list.setDragEnabled(True)
        self.list.setDragDropMode(QAbstractItemView.DragDropMode.DragOnly)
        self.list.setWordWrap(True)
        self.list.itemActivated.connect(self._activated)
        self.list.itemChanged.connect(self._box_set)
        set_tip(self.list, tr("Those that are ticked are the ones that filling chooses from; where none is, it chooses from all"))
        column.addWidget(self.list, 1)
        posts.changed.connect(self.refresh)
        posts.shorts_changed.connect(self.refresh)
        self.refresh()

    def ticked(self) -> list[Channel]:
        """The channels that a short goes to."""
        return [c for c in self._posts.channels if c.name in self.boxes and self.boxes[c.name].isChecked()]

    def refresh(self) -> None:
        self._channel_boxes()
        wanted = self.search.text().casefold().strip()
        shown = [
            s.ref for s in self._posts.shorts
            if wanted in f"{s.ref.name} {s.ref.programme} {' '.join(s.ref.topics)}".casefold()
        ]  # fmt: skip
        row = self.list.currentRow()
        self._filling = True
        self.list.clear()
        for ref in sorted(shown, key=lambda r: (-r.rating, r.name)):
            item = QListWidgetItem(self._told(ref))
            item.setData(NUMBER, ref.number)
            item.setToolTip(self._parts(ref))
            item.setFlags(item.flags() | Qt.ItemFlag.ItemIsUserCheckable)
            item.setCheckState(Qt.CheckState.Checked if ref.same in self._posts.ticked else Qt.CheckState.Unchecked)
            self.list.addItem(item)
        self.list.setCurrentRow(min(max(0, row), self.list.count() - 1))
        self._filling = False
        self.head.setText(tr("SHORTS OF THIS PROJECT: {shown}", shown=len(shown)))
        if not self._posts.shorts:
            self.list.addItem(tr("There are none yet. Make one in Moments or on the Bench."))

    def _channel_boxes(self) -> None:
        names = {c.name for c in self._posts.channels}
        if set(self.boxes) == names:
            return
        while (item := self._box_row.takeAt(0)) is not None:
            widget = item.widget()
            if widget is not None:
                widget.deleteLater()
        before = {name: box.isChecked() for name, box in self.boxes.items()}
        self.boxes = {}
        for n, channel in enumerate(self._posts.channels):
            box = QCheckBox(channel.title)
            box.setChecked(before.get(channel.name, n == 0))
            box.setToolTip(tr("Shorts that are put into the calendar go to {title}, too", title=channel.title))
            self.boxes[channel.name] = box
            self._box_row.addWidget(box)
        self._box_row.addStretch(1)

    def _told(self, ref: ShortRef) -> str:
        mine = [p for p in self._posts.posts if p.short.same == ref.same and p.state not in ("skipped", "withdrawn")]
        planned = ", ".join(
            f"{self._posts.title_of(p.channel)} {tr('out') if p.state == 'out' else tr('planned')}" for p in mine if p.when
        )
        rating = f"{100 * ref.rating:.0f}" if ref.rating else tr("not rated")
        return tr(
            "{name}\n{seconds:.0f} s, {rating}{planned}",
            name=ref.name,
            seconds=ref.seconds,
            rating=rating,
            planned=", " + planned if planned else tr(", not in the calendar"),
        )

    def _parts(self, ref: ShortRef) -> str:
        lines = [ref.programme, *(f"{p.name}: {100 * p.value:.0f}" for p in ref.parts)]
        lines += [f"{c.title}: {why}" for c in self._posts.channels if (why := why_not(ref, c, self._posts.settings))]
        return "\n".join(line for line in lines if line)

    def _file_of(self, number: int) -> str:
        """The newest finished file of a short; nothing where there is none."""
        ref = self.ref(number)
        finished = self._posts.finished_files(ref) if ref is not None else []
        return str(finished[0][0]) if finished else ""

    def ref(self, number: int) -> ShortRef | None:
        return next((s.ref for s in self._posts.shorts if s.ref.number == number), None)

    def _box_set(self, item: QListWidgetItem) -> None:
        """A short was ticked for filling, or not any more."""
        ref = None if self._filling else self.ref(item.data(NUMBER))
        if ref is not None:
            ticked = item.checkState() == Qt.CheckState.Checked
            (self._posts.ticked.add if ticked else self._posts.ticked.discard)(ref.same)
            QTimer.singleShot(0, self._posts.shorts_changed.emit)  # the list must not be made anew while it tells of this

    def _activated(self, item: QListWidgetItem) -> None:
        number = item.data(NUMBER)
        ref = self.ref(number) if isinstance(number, int) else None
        if ref is not None:
            self.wanted.emit(ref)

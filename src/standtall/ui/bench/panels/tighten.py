"""The tightening panel: what can be removed from the short, each heard, refused or brought back by itself."""

from __future__ import annotations

from typing import Any, Final

from PySide6.QtCore import QAbstractTableModel, QModelIndex, QPersistentModelIndex, QRect, Qt, Signal
from PySide6.QtGui import QColor, QKeyEvent, QPainter, QShowEvent
from PySide6.QtWidgets import (
    QAbstractItemView,
    QCheckBox,
    QHBoxLayout,
    QHeaderView,
    QLabel,
    QSlider,
    QStyle,
    QStyledItemDelegate,
    QStyleOptionViewItem,
    QTableView,
    QVBoxLayout,
    QWidget,
)

from standtall.base.interface_language import count_of, tr
from standtall.base.time import TICKS_PER_SECOND, clock, seconds
from standtall.cutting.cut_points import covered_with, without
from standtall.cutting.removals import PACES, Pace, Removal, out_of, quiet_under, removals, saved, tighten
from standtall.model.analysis import Analysis
from standtall.model.cut import Segment
from standtall.model.edits import Edit
from standtall.model.short import Short
from standtall.model.words import words_within
from standtall.ui.preview.listening import Hearing
from standtall.ui.state.opened import Opened
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets import theme
from standtall.ui.widgets.fields import button
from standtall.ui.widgets.tips import set_tip

LONG: Final = 600 * TICKS_PER_SECOND
"""The list of a longer short is worked out beside the window: an hour takes 30 ms and more."""
AROUND: Final = round(1.4 * TICKS_PER_SECOND)
"""What is heard on each side of a removal."""
MARGIN, TICK = 4, 14
"""Pixels beside a text in a cell and around its tick, and the size of that."""
_SELECTED: Final = QStyle.StateFlag.State_Selected
_ON: Final = QStyle.StateFlag.State_Enabled | QStyle.StateFlag.State_On
_OFF: Final = QStyle.StateFlag.State_Enabled | QStyle.StateFlag.State_Off
_LEFT: Final = Qt.AlignmentFlag.AlignLeft | Qt.AlignmentFlag.AlignVCenter
_RIGHT: Final = Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter
Index = QModelIndex | QPersistentModelIndex


class Rows(QAbstractTableModel):
    """Removals with a tick each: proposed ones that are ticked will go, those that were removed are struck out."""

    ticked_changed = Signal()

    def __init__(self) -> None:
        super().__init__()
        self.rows: tuple[Removal, ...] = ()
        self.out: frozenset[Removal] = frozenset()
        self.refused: set[tuple[int, int]] = set()
        self._analysis: Analysis | None = None
        self._texts: dict[int, tuple[str, str, str]] = {}

    def show(self, rows: tuple[Removal, ...], out: frozenset[Removal], analysis: Analysis | None) -> None:
        self.beginResetModel()
        self.rows, self.out, self._analysis, self._texts = rows, out, analysis, {}
        self.endResetModel()
        self.ticked_changed.emit()

    def chosen(self) -> tuple[Removal, ...]:
        """What is proposed and not refused."""
        return tuple(r for r in self.rows if r not in self.out and (r.start, r.end) not in self.refused)

    def toggle(self, row: int) -> None:
        removal = self.rows[row]
        if removal not in self.out:
            self.refused ^= {(removal.start, removal.end)}
            self.dataChanged.emit(self.index(row, 0), self.index(row, 2))
            self.ticked_changed.emit()

    def rowCount(self, parent: Index = QModelIndex()) -> int:  # noqa: B008 - as Qt declares it
        return 0 if parent.isValid() else len(self.rows)

    def columnCount(self, _parent: Index = QModelIndex()) -> int:  # noqa: B008
        return 3

    def headerData(self, section: int, way: Qt.Orientation, role: int = Qt.ItemDataRole.DisplayRole) -> Any:
        if role == Qt.ItemDataRole.DisplayRole and way == Qt.Orientation.Horizontal:
            return (tr("at"), tr("what"), tr("saves"))[section]
        return None

    def flags(self, _index: Index) -> Qt.ItemFlag:
        return Qt.ItemFlag.ItemIsEnabled | Qt.ItemFlag.ItemIsSelectable

    def text(self, removal: Removal) -> str:
        assert self._analysis is not None
        kind = tr(removal.kind)
        if removal.kind == "silence":
            return kind
        words = words_within(self._analysis.words, removal.start, removal.end)  # their numbers may be of an older transcript
        said = " ".join(self._analysis.words[i].text for i in words)
        return f"“{said}”" if removal.kind == "filler" else f"{kind}: “{said}”"

    def texts(self, row: int) -> tuple[str, str, str]:
        """What the three cells of a row say; made once, since a list is painted at each edit."""
        found = self._texts.get(row)
        if found is None:
            removal = self.rows[row]
            length = tr("{length:.1f} s", length=seconds(removal.length))
            found = self._texts[row] = clock(removal.start, True), self.text(removal), length
        return found

    def ticked(self, row: int) -> bool | None:
        """Whether a row will go; None for one that is out already."""
        removal = self.rows[row]
        return None if removal in self.out else (removal.start, removal.end) not in self.refused

    def data(self, index: Index, role: int = Qt.ItemDataRole.DisplayRole) -> Any:
        row = index.row()
        if role in (Qt.ItemDataRole.DisplayRole, Qt.ItemDataRole.AccessibleTextRole):
            return self.texts(row)[index.column()]
        if role == Qt.ItemDataRole.CheckStateRole and index.column() == 0:
            ticked = self.ticked(row)
            return None if ticked is None else Qt.CheckState.Checked if ticked else Qt.CheckState.Unchecked
        if role == Qt.ItemDataRole.ToolTipRole:
            return (
                tr("Taken out; “Bring back” undoes this row")
                if self.ticked(row) is None
                else tr("Ticked rows go together (Space ticks, Enter plays)")
            )
        return None


class Cell(QStyledItemDelegate):
    """Paints a cell as the sheet of the program would, in half the time: an edit waits for all that are seen."""

    def paint(self, painter: QPainter, option: QStyleOptionViewItem, index: Index) -> None:
        rows, look, column = index.model(), theme.current(), index.column()
        assert isinstance(rows, Rows)
        area: QRect = option.rect
        way: Qt.LayoutDirection = option.direction
        chosen = _SELECTED in option.state
        ticked = rows.ticked(index.row())
        if chosen:
            painter.fillRect(area, QColor(look.chosen))
        inner = area.adjusted(MARGIN, 0, -MARGIN, 0)
        if column == 0 and ticked is not None:
            box = QStyleOptionViewItem(option)
            place = QRect(inner.left() + MARGIN, area.center().y() - TICK // 2, TICK, TICK)
            box.rect, box.state = QStyle.visualRect(way, area, place), _ON if ticked else _OFF
            view: QWidget = option.widget
            view.style().drawPrimitive(QStyle.PrimitiveElement.PE_IndicatorItemViewItemCheck, box, painter, view)
            inner.setLeft(place.right() + 1 + MARGIN)
        text, font = rows.texts(index.row())[column], option.font
        if column == 1:
            font.setStrikeOut(ticked is None)
            text = option.fontMetrics.elidedText(text, Qt.TextElideMode.ElideRight, inner.width())
        painter.setFont(font)
        painter.setPen(QColor(theme.ON_NOW if chosen else look.faint if ticked is None else look.text))
        painter.drawText(QStyle.visualRect(way, area, inner), _RIGHT if way == Qt.LayoutDirection.RightToLeft else _LEFT, text)


class Table(QTableView):
    """`ticked` and `heard` carry the number of a row."""

    ticked = Signal(int)
    heard = Signal(int)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        row = self.currentIndex().row()
        if row >= 0 and event.key() == Qt.Key.Key_Space:
            self.ticked.emit(row)
        elif row >= 0 and event.key() in (Qt.Key.Key_Return, Qt.Key.Key_Enter):
            self.heard.emit(row)
        else:
            super().keyPressEvent(event)


class TightenPanel(QWidget):
    """How long pauses may be, what that proposes, and one step that removes all that is ticked."""

    def __init__(self, workspace: Workspace, hearing: Hearing, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._ws, self._hearing = workspace, hearing
        self._taken: dict[tuple[int, int], tuple[Removal, ...]] = {}
        """What was removed from each short, by the project (as the window counts them) and the number of the short in it."""
        self._of: tuple[int, str] | None = None
        self._quiet: tuple[tuple[float, ...], float] | None = None
        self._asked = 0
        """How often the list was asked for: only what was asked for last is shown."""
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 4, 4, 4)
        column.setSpacing(7)
        row = QHBoxLayout()
        row.addWidget(QLabel(tr("Longest pause")))
        self.pace = QSlider(Qt.Orientation.Horizontal)
        self.pace.setRange(0, len(PACES) - 1)
        self.pace.setValue(2)
        self.pace.setPageStep(1)
        self.pace.setAccessibleName(tr("Longest pause"))
        self.pace.setToolTip(tr("How long a pause may be before it is shortened"))
        self.pace.valueChanged.connect(lambda _v: self.refresh())
        self._pace_name = QLabel()
        self._pace_name.setMinimumWidth(96)
        row.addWidget(self.pace, 1)
        row.addWidget(self._pace_name)
        column.addLayout(row)
        row = QHBoxLayout()
        self.kinds: dict[str, QCheckBox] = {}
        for kind, text in (("filler", tr("Fillers")), ("repeat", tr("Repeats")), ("silence", tr("Silences"))):
            box = QCheckBox(text)
            box.setChecked(True)
            box.setToolTip(tr("Repeated words and false starts") if kind == "repeat" else tr("Propose {what}", what=text.lower()))
            box.toggled.connect(lambda _c: self.refresh())
            self.kinds[kind] = box
            row.addWidget(box)
        column.addLayout(row)
        self.rows = Rows()
        self.table = Table()
        self.table.setModel(self.rows)
        self.table.setItemDelegate(Cell(self.table))
        self.table.setAccessibleName(tr("Proposed removals"))
        set_tip(self.table, tr("Space ticks a row or unticks it, Enter or a double click hears it; what is ticked is removed"))
        self.table.verticalHeader().hide()
        self.table.verticalHeader().setDefaultSectionSize(26)
        self.table.setShowGrid(False)
        self.table.setSelectionBehavior(QAbstractItemView.SelectionBehavior.SelectRows)
        self.table.setSelectionMode(QAbstractItemView.SelectionMode.SingleSelection)
        self.table.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        head = self.table.horizontalHeader()
        for n, mode in enumerate((QHeaderView.ResizeMode.Fixed, QHeaderView.ResizeMode.Stretch, QHeaderView.ResizeMode.Fixed)):
            head.setSectionResizeMode(n, mode)
        head.setDefaultAlignment(Qt.AlignmentFlag.AlignLeft | Qt.AlignmentFlag.AlignVCenter)  # as the cells
        self.table.setColumnWidth(0, 96)
        self.table.setColumnWidth(2, 58)
        self.table.ticked.connect(self.rows.toggle)
        self.table.heard.connect(self.hear)
        self.table.clicked.connect(lambda index: self.rows.toggle(index.row()) if index.column() == 0 else None)
        self.table.doubleClicked.connect(lambda index: self.hear(index.row()))
        self.table.selectionModel().currentRowChanged.connect(lambda now, _before: self._went(now.row()))
        column.addWidget(self.table, 1)
        self._empty = QLabel()
        self._empty.setWordWrap(True)
        column.addWidget(self._empty)
        row = QHBoxLayout()
        self._hear = button(tr("Play"), tr("Hear the chosen row as it would be cut (Enter)"), lambda: self.hear(self._row()))
        self._back = button(tr("Bring back"), tr("Undo the chosen row by itself"), self.bring_back)
        row.addWidget(self._hear)
        row.addWidget(self._back)
        column.addLayout(row)
        self._saves = QLabel()
        self._saves.setWordWrap(True)
        column.addWidget(self._saves)
        self._apply = button(tr("Remove the ticked"), tr("Remove all ticked rows from the short, as one step"), self.apply)
        self._apply.setObjectName("main")
        column.addWidget(self._apply)
        self.rows.ticked_changed.connect(self._count)
        for signal in (workspace.opened_changed, workspace.composition_changed):
            signal.connect(self.refresh)
        self.refresh()

    def _row(self) -> int:
        return self.table.currentIndex().row()

    @property
    def _now(self) -> Pace:
        return PACES[self.pace.value()]

    # what it does

    def apply(self) -> None:
        """Remove what is ticked, as one undo step."""
        opened, chosen = self._ws.opened, self.rows.chosen()
        if opened is None:
            return
        mine = opened.project, opened.entry.id
        self._taken[mine] = (*self._taken.get(mine, ()), *chosen)
        self._ws.edit(lambda s, _a: tighten(s, chosen))

    def bring_back(self) -> None:
        """Put one row back where it was."""
        row = self._row()
        if row < 0 or self.rows.rows[row] not in self.rows.out:
            self._ws.said.emit(tr("Choose a row that was removed."), "note")
            return
        removal = self.rows.rows[row]
        self.rows.refused.add((removal.start, removal.end))
        self._ws.edit(lambda s, _a: _restored(s, removal))

    def hear(self, row: int) -> None:
        """Play what is around a removal, without it."""
        opened = self._ws.opened
        if opened is None or not 0 <= row < len(self.rows.rows):
            return
        removal = self.rows.rows[row]
        around = Segment(opened.source.key, max(0, removal.start - AROUND), min(opened.source.length, removal.end + AROUND))
        self._hearing.pieces(without((around,), removal.source, removal.start, removal.end))

    def _went(self, row: int) -> None:
        if 0 <= row < len(self.rows.rows):
            removal = self.rows.rows[row]
            self._back.setEnabled(removal in self.rows.out)
            self._ws.selection.seek(max(0, removal.start - TICKS_PER_SECOND // 4))

    # what it shows

    def showEvent(self, event: QShowEvent) -> None:
        super().showEvent(event)
        self.refresh()

    def refresh(self) -> None:
        opened = self._ws.opened
        self.setEnabled(opened is not None)
        pace = self._now
        self._pace_name.setText(
            tr("Keep all pauses") if pace.longest_s is None else tr("{longest_s:.2f} s", longest_s=pace.longest_s)
        )
        if opened is None:
            self.rows.show((), frozenset(), None)
        if opened is None or not self.isVisible():  # an edit waits for no list that nobody sees
            return
        short, analysis, level = opened.entry.short, opened.analysis, opened.analysis.level_db
        kinds = {k for k, box in self.kinds.items() if box.isChecked()}
        quiet = self._quiet[1] if self._quiet is not None and self._quiet[0] is level else None
        taken = self._taken.get((opened.project, opened.entry.id), ())

        def work() -> tuple[tuple[Removal, ...], frozenset[Removal], float]:
            under = quiet_under(analysis) if quiet is None else quiet  # hours of level are looked at once, not at every cut
            proposed = [r for r in removals(short, analysis, pace, under) if r.kind.replace("false start", "repeat") in kinds]
            out = out_of(short, taken)
            return tuple(sorted({*proposed, *out}, key=lambda r: (r.start, r.end))), out, under

        def arrived(found: tuple[tuple[Removal, ...], frozenset[Removal], float]) -> None:
            if asked == self._asked and self._ws.opened is not None and self._ws.opened.analysis is analysis:
                self._quiet = level, found[2]
                self._show(opened, found[0], found[1])

        self._asked += 1
        asked = self._asked
        if short.talk_length > LONG:
            self._ws.in_background("trial", work, arrived, self)
        else:
            arrived(work())

    def _show(self, opened: Opened, rows: tuple[Removal, ...], out: frozenset[Removal]) -> None:
        if self._of != (opened.project, opened.source.key):  # what was refused in other footage says nothing here
            self._of, self.rows.refused = (opened.project, opened.source.key), set()
        keep = self._row()
        self.rows.show(rows, out, opened.analysis)
        if 0 <= keep < len(self.rows.rows):
            self.table.blockSignals(True)
            self.table.selectionModel().blockSignals(True)
            self.table.selectRow(keep)
            self.table.selectionModel().blockSignals(False)
            self.table.blockSignals(False)
            self._count()
        self._empty.setText("" if self.rows.rows else tr("Nothing to remove. Choose a shorter longest pause."))
        self._empty.setVisible(not self.rows.rows)

    def _count(self) -> None:
        opened = self._ws.opened
        if opened is None:
            return
        chosen = self.rows.chosen()
        gain = saved(opened.entry.short, chosen) if chosen else 0
        left = opened.entry.short.length - gain
        self._saves.setText(
            tr(
                "{chosen} ticked: {gain:.1f} s less, {left} left",
                chosen=count_of(len(chosen), "row"),
                gain=seconds(gain),
                left=clock(left, True),
            )
        )
        self._apply.setEnabled(bool(chosen))
        row = self._row()
        self._back.setEnabled(0 <= row < len(self.rows.rows) and self.rows.rows[row] in self.rows.out)
        self._hear.setEnabled(bool(self.rows.rows))


def _restored(short: Short, removal: Removal) -> Edit:
    segments = covered_with(short.segments, removal.source, removal.start, removal.end)
    return Edit(tr("Bring back a removal"), short.with_segments(segments))

"""The second language: the passages of the transcript with their translation beside them."""

from __future__ import annotations

from typing import Any, Final

from PySide6.QtCore import QAbstractTableModel, QModelIndex, QPersistentModelIndex, QRect, QSize, Qt, Signal
from PySide6.QtGui import QColor, QPainter, QShowEvent
from PySide6.QtWidgets import (
    QAbstractItemView,
    QCheckBox,
    QComboBox,
    QFileDialog,
    QGridLayout,
    QHeaderView,
    QInputDialog,
    QLabel,
    QPlainTextEdit,
    QStyle,
    QStyledItemDelegate,
    QStyleOptionViewItem,
    QTableView,
    QVBoxLayout,
    QWidget,
)

from standtall.base.errors import NothingToDo
from standtall.base.interface_language import tr
from standtall.base.time import clock
from standtall.model import caption_edits, translating
from standtall.model.brief import DETECT
from standtall.model.transcript import Revision
from standtall.model.translation import Passage, Translation, original_of
from standtall.ui.bench.word_files import WordFiles
from standtall.ui.state.editor import Present
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets import theme
from standtall.ui.widgets.cards import card_in
from standtall.ui.widgets.fields import button
from standtall.ui.widgets.languages import LANGUAGES

ROW: Final = 78
Index = QModelIndex | QPersistentModelIndex


class Passages(QAbstractTableModel):
    """Column 0 is the original, column 1 the translation; `typed` carries the number of a passage and its new text."""

    typed = Signal(int, str)

    def __init__(self) -> None:
        super().__init__()
        self.rows: tuple[Passage, ...] = ()
        self.originals: list[str] = []

    def show(self, rows: tuple[Passage, ...], originals: list[str]) -> None:
        if len(rows) == len(self.rows):
            self.rows, self.originals = rows, originals
            if rows:
                self.dataChanged.emit(self.index(0, 0), self.index(len(rows) - 1, 1))
            return
        self.beginResetModel()
        self.rows, self.originals = rows, originals
        self.endResetModel()

    def rowCount(self, parent: Index = QModelIndex()) -> int:  # noqa: B008 - as Qt declares it
        return 0 if parent.isValid() else len(self.rows)

    def columnCount(self, _parent: Index = QModelIndex()) -> int:  # noqa: B008
        return 2

    def stale(self, row: int) -> bool:
        """Whether the original reads otherwise than when it was translated."""
        return bool(self.rows[row].text) and self.rows[row].original != self.originals[row]

    def data(self, index: Index, role: int = Qt.ItemDataRole.DisplayRole) -> Any:
        passage = self.rows[index.row()]
        text = passage.text if index.column() else self.originals[index.row()]
        if role in (Qt.ItemDataRole.DisplayRole, Qt.ItemDataRole.EditRole, Qt.ItemDataRole.AccessibleTextRole):
            return text
        if role == Qt.ItemDataRole.ToolTipRole:
            changed = (
                tr("\n\nIt read “{original}” when this was translated.", original=passage.original)
                if self.stale(index.row())
                else ""
            )
            return f"{clock(passage.start, True)}  {text}{changed}"
        return None

    def setData(self, index: Index, value: Any, role: int = Qt.ItemDataRole.EditRole) -> bool:
        if role == Qt.ItemDataRole.EditRole and index.column() == 1:
            if " ".join(str(value).split()) != self.rows[index.row()].text:
                self.typed.emit(index.row(), str(value))
            return True
        return False

    def flags(self, index: Index) -> Qt.ItemFlag:
        flags = Qt.ItemFlag.ItemIsEnabled | Qt.ItemFlag.ItemIsSelectable
        return flags | Qt.ItemFlag.ItemIsEditable if index.column() else flags

    def headerData(self, section: int, orientation: Qt.Orientation, role: int = Qt.ItemDataRole.DisplayRole) -> Any:
        if role == Qt.ItemDataRole.DisplayRole and orientation == Qt.Orientation.Horizontal:
            return (tr("ORIGINAL"), tr("TRANSLATION"))[section]
        return None


class _Cell(QStyledItemDelegate):
    """Wrapped text on paper; a brick bar where the original has changed since."""

    def paint(self, painter: QPainter, option: QStyleOptionViewItem, index: Index) -> None:
        look, model = theme.current(), index.model()
        assert isinstance(model, Passages)
        area: QRect = option.rect
        state: QStyle.StateFlag = option.state
        chosen = bool(state & QStyle.StateFlag.State_Selected)
        painter.fillRect(area, QColor(look.chosen if chosen else look.paper))
        painter.setPen(QColor(look.page_rule))
        painter.drawLine(area.bottomLeft(), area.bottomRight())
        text = str(index.data() or "")
        inner = area.adjusted(8, 5, -6, -5)
        if index.column() == 0:
            font = painter.font()
            font.setPixelSize(theme.SMALL)
            painter.setFont(font)
            painter.setPen(QColor(look.pale_ink))
            painter.drawText(inner, Qt.AlignmentFlag.AlignTop, clock(model.rows[index.row()].start, True))
            inner.adjust(0, 16, 0, 0)
            if model.stale(index.row()):
                painter.fillRect(QRect(area.left(), area.top() + 3, 3, area.height() - 6), QColor(theme.WARN))
        painter.setPen(QColor(look.ink if text else look.pale_ink))
        wrap = int(Qt.AlignmentFlag.AlignTop) | int(Qt.TextFlag.TextWordWrap)
        painter.drawText(inner, wrap, text or tr("Type the translation"))

    def sizeHint(self, _option: QStyleOptionViewItem, _index: Index) -> QSize:
        return QSize(120, ROW)

    def createEditor(self, parent: QWidget, _option: QStyleOptionViewItem, _index: Index) -> QWidget:
        field = QPlainTextEdit(parent)
        field.setTabChangesFocus(True)
        field.setAccessibleName(tr("Translation of the passage"))
        return field

    def setEditorData(self, editor: QWidget, index: Index) -> None:
        assert isinstance(editor, QPlainTextEdit)
        editor.setPlainText(str(index.data(Qt.ItemDataRole.EditRole) or ""))
        editor.selectAll()

    def setModelData(self, editor: QWidget, model: Any, index: Index) -> None:
        assert isinstance(editor, QPlainTextEdit)
        model.setData(index, editor.toPlainText())


class TranslationPanel(QWidget):
    """Passages to translate by hand, by a translator elsewhere, or (into English) by the recogniser."""

    def __init__(self, workspace: Workspace, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._ws, self._files = workspace, WordFiles(workspace)
        self._shown = ""
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 4, 0, 0)
        column.setSpacing(8)
        box = card_in(column, tr("TRANSLATION"))
        self.language = QComboBox()
        self.language.setAccessibleName(tr("Second language"))
        self.language.setToolTip(tr("The language that is shown beside the words"))
        self.language.activated.connect(self._chosen)
        box.addWidget(self.language)
        self._told = QLabel()
        self._told.setWordWrap(True)
        self._told.setObjectName("faint")
        box.addWidget(self._told)
        self.captions = QCheckBox(tr("Captions of this short in it"))
        self.captions.setToolTip(tr("Show the translation in place of the original language"))
        self.captions.clicked.connect(self._caption)
        box.addWidget(self.captions)
        grid = QGridLayout()
        self._give = button(
            tr("For a translator…"), tr("Write the passages as XLIFF 2.1, for translators' tools"), self.give, "side"
        )
        self._take = button(
            tr("From a translator…"), tr("Import the translation from an XLIFF 2 file that came back"), self.take, "side"
        )
        self._english = button(
            tr("By the recogniser"), tr("Translate the talk into English; look it over then"), self.hear, "side"
        )
        self._remove = button(tr("Remove"), tr("Remove this language; undo brings it back"), self._forget)
        for i, one in enumerate((self._give, self._take, self._english, self._remove)):
            grid.addWidget(one, i // 2, i % 2)
        box.addLayout(grid)
        self.model = Passages()
        self.model.typed.connect(self._typed)
        self.table = QTableView()
        self.table.setModel(self.model)
        self.table.setItemDelegate(_Cell(self.table))
        self.table.setAccessibleName(tr("Passages and their translation"))
        self.table.setSelectionBehavior(QAbstractItemView.SelectionBehavior.SelectRows)
        self.table.setSelectionMode(QAbstractItemView.SelectionMode.SingleSelection)
        self.table.setEditTriggers(
            QAbstractItemView.EditTrigger.DoubleClicked | QAbstractItemView.EditTrigger.EditKeyPressed
            | QAbstractItemView.EditTrigger.SelectedClicked
        )  # fmt: skip
        self.table.verticalHeader().hide()
        self.table.verticalHeader().setSectionResizeMode(QHeaderView.ResizeMode.Fixed)
        self.table.verticalHeader().setDefaultSectionSize(ROW)
        self.table.horizontalHeader().setSectionResizeMode(QHeaderView.ResizeMode.Stretch)
        self.table.horizontalHeader().setDefaultAlignment(Qt.AlignmentFlag.AlignLeft | Qt.AlignmentFlag.AlignVCenter)
        self.table.horizontalHeader().setHighlightSections(False)
        self.table.setShowGrid(False)
        self.table.setVerticalScrollMode(QAbstractItemView.ScrollMode.ScrollPerPixel)
        self.table.selectionModel().currentRowChanged.connect(self._went)
        column.addWidget(self.table, 1)
        for signal in (workspace.opened_changed, workspace.transcript_changed, workspace.composition_changed):
            signal.connect(self.refresh)
        self.refresh()

    # what it does

    def _chosen(self, _index: int) -> None:
        code = self.language.currentData()
        if code == "":
            return
        opened = self._ws.opened
        self._shown = str(code)
        if opened is not None and translating.find(opened.transcript, self._shown) is None:
            language = self._shown
            self._ws.revise(lambda t: translating.begin(t, language))
        self.refresh()

    def _typed(self, number: int, text: str) -> None:
        language = self._shown

        def make(now: Present) -> Revision:
            was, here = (translating.find(t, language) for t in (now.seen.transcript, now.transcript))
            places = [[(p.start, p.end) for p in t.passages] if t is not None else [] for t in (was, here)]
            if not places[0] or places[0] != places[1]:
                raise NothingToDo(tr("The passages were changed meanwhile, so nothing was written."), tr("Type it again."))
            return translating.translate(now.transcript, language, number, text)

        self._ws.revise_as(make)

    def _caption(self) -> None:
        language = self._shown if self.captions.isChecked() else ""
        self._ws.edit(lambda s, _a: caption_edits.caption_in(s, language))

    def _forget(self) -> None:
        language = self._shown
        self._ws.revise(lambda t: translating.forget(t, language))

    def give(self) -> None:
        opened = self._ws.opened
        if opened is None or not self._shown:
            return
        proposed = f"{opened.source.name}.{self._shown}.xlf"
        path, _kind = QFileDialog.getSaveFileName(self, tr("Write for a translator"), proposed, "XLIFF 2.1 (*.xlf)")
        if path:
            self._files.export_translation(path, self._shown)

    def take(self) -> None:
        path, _kind = QFileDialog.getOpenFileName(
            self, tr("Import a translation"), "", tr("XLIFF 2 (*.xlf *.xliff);;All files (*)")
        )
        if path:
            self._files.import_translation(path)

    def hear(self) -> None:
        opened = self._ws.opened
        if opened is None:
            return
        if opened.analysis.language == "en":
            self._ws.said.emit(tr("The talk is English already; the recogniser translates into English only."), "note")
            return
        language = opened.analysis.language
        if not language:
            names = {name: code for code, name in LANGUAGES.items() if code not in (DETECT, "en")}
            name, could = QInputDialog.getItem(
                self, tr("Spoken language"), tr("Which language is spoken?"), list(names), 0, False
            )
            if not could:
                return
            language = names[name]
        self._shown = "en"
        self._files.translate_by_ear(language)

    def _went(self, now: QModelIndex, _before: QModelIndex) -> None:
        if now.isValid() and self.table.hasFocus():
            self._ws.selection.seek(self.model.rows[now.row()].start)

    # what it shows

    def showEvent(self, event: QShowEvent) -> None:
        super().showEvent(event)
        self.refresh()

    def refresh(self) -> None:
        """Show what stands; while it is not seen nothing is worked out."""
        if not self.isVisible():
            return
        opened = self._ws.opened
        self.setEnabled(opened is not None)
        if opened is None:
            self.model.show((), [])
            return
        known = [t.language for t in opened.transcript.translations]
        if self._shown not in known:
            self._shown = known[0] if known else ""
        self._fill(known)
        translation = translating.find(opened.transcript, self._shown) or Translation(self._shown)
        words = opened.transcript.words
        self.model.show(translation.passages, [original_of(words, p) or p.original for p in translation.passages])
        count, stale = len(translation.passages), sum(self.model.stale(i) for i in range(len(translation.passages)))
        if self._shown:
            changed = tr(" {stale} read otherwise now.", stale=stale) if stale else ""
            self._told.setText(
                tr("{done} of {count} passages are translated.{changed}", done=translation.done, count=count, changed=changed)
            )
        else:
            self._told.setText(tr("Choose a language: its captions are typed here, or come from a translator."))
        self.captions.setChecked(bool(self._shown) and opened.entry.short.captions.language == self._shown)
        for widget in (self.captions, self._give, self._remove, self.table):
            widget.setEnabled(bool(self._shown))

    def _fill(self, known: list[str]) -> None:
        self.language.clear()
        if not known:
            self.language.addItem(tr("None yet"), "")
        for code in [*known, *(c for c in LANGUAGES if c != DETECT and c not in known)]:
            name = LANGUAGES.get(code, code)
            self.language.addItem(name if code in known else tr("Begin {name}", name=name), code)
        self.language.setCurrentIndex(max(0, self.language.findData(self._shown)))

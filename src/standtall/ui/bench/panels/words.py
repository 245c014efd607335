"""The transcript sheet: what concerns all words of the footage at once."""

from __future__ import annotations

from functools import partial

from PySide6.QtCore import Qt, Signal
from PySide6.QtGui import QColor, QPainter, QPaintEvent
from PySide6.QtWidgets import (
    QCheckBox,
    QComboBox,
    QGridLayout,
    QHBoxLayout,
    QLabel,
    QScrollArea,
    QSlider,
    QToolButton,
    QVBoxLayout,
    QWidget,
)

from standtall.base.time import TICKS, clock
from standtall.model import corrections
from standtall.model.corrections import Term
from standtall.model.transcript import MOST_NUDGE
from standtall.ui.bench.panels.inspector import card_in
from standtall.ui.bench.word_actions import WordWork
from standtall.ui.state.opened import Opened
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets import theme
from standtall.ui.widgets.fields import Field, button

TWO = -2
"""Chosen in place of another talker's number: this one is two people."""


class Swatch(QWidget):
    """The colour and pattern of a talker."""

    def __init__(self, number: int) -> None:
        super().__init__()
        self._number = number
        self.setFixedSize(16, 22)

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        area = self.rect().adjusted(0, 2, -2, -2)
        ground = QColor(theme.person_colour(self._number))
        ground.setAlpha(120)
        painter.fillRect(area, ground)
        painter.fillRect(area, theme.person_brush(self._number))


class TranscriptSheet(QScrollArea):
    """Doubts, talkers, find and replace, the word list, the nudge, files."""

    take_words = Signal()
    give_words = Signal()

    def __init__(self, workspace: Workspace, work: WordWork, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._ws, self._work = workspace, work
        self.setWidgetResizable(True)
        self.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self._inner = QWidget()
        self._column = QVBoxLayout(self._inner)
        self._column.setContentsMargins(0, 4, 4, 4)
        self._column.setSpacing(8)
        self._doubts_card()
        self._talkers_card()
        self._replace_card()
        self._terms_card()
        self._nudge_card()
        self._files_card()
        self._column.addStretch(1)
        self.setWidget(self._inner)
        for signal in (workspace.opened_changed, workspace.transcript_changed):
            signal.connect(self.refresh)
        workspace.terms_changed.connect(self._refresh_terms)
        self.refresh()

    def _doubts_card(self) -> None:
        box = card_in(self._column, "DOUBTFUL WORDS")
        self._doubts = QLabel()
        self._doubts.setWordWrap(True)
        box.addWidget(self._doubts)
        row = QHBoxLayout()
        for text, tip, does in (
            ("Before", "The doubtful word before (Shift+D)", lambda: self._work.next_doubt(-1)),
            ("Next", "The next doubtful word (D)", lambda: self._work.next_doubt(1)),
            ("Right as it is", "The word is right; go on to the next doubt (A)", self._work.accept),
        ):
            row.addWidget(button(text, tip, does))
        box.addLayout(row)

    def _talkers_card(self) -> None:
        box = card_in(self._column, "TALKERS")
        self._talkers = QGridLayout()
        self._talkers.setHorizontalSpacing(6)
        self._talkers.setVerticalSpacing(5)
        self._talkers.setColumnStretch(1, 1)
        box.addLayout(self._talkers)
        self._no_talkers = QLabel("Nobody was told apart yet. Choose words in the script and say who says them.")
        self._no_talkers.setWordWrap(True)
        box.addWidget(self._no_talkers)
        self._new_talker = button("Chosen words: a new talker", "Make a new talker of the chosen words", self._say_new)
        box.addWidget(self._new_talker)

    def _replace_card(self) -> None:
        box = card_in(self._column, "FIND AND REPLACE")
        self._find, self._by = Field("Find", "is written"), Field("Replace by", "should be written")
        row = QHBoxLayout()
        row.addWidget(self._find)
        row.addWidget(self._by)
        box.addLayout(row)
        row = QHBoxLayout()
        self._found = QLabel()
        self._found.setObjectName("faint")
        row.addWidget(self._found, 1)
        self._replace = button("Replace all", "Replace it everywhere, as one step", self._replace_all)
        row.addWidget(self._replace)
        box.addLayout(row)
        self._find.textChanged.connect(lambda _t: self._count_found())
        self._by.returnPressed.connect(self._replace_all)

    def _terms_card(self) -> None:
        box = card_in(self._column, "WORD LIST")
        about = QLabel("Names and terms as they are written, and how they are wrongly heard. Ticked ones hold in every project.")
        about.setWordWrap(True)
        about.setObjectName("faint")
        box.addWidget(about)
        self._terms = QGridLayout()
        self._terms.setHorizontalSpacing(6)
        self._terms.setVerticalSpacing(4)
        self._terms.setColumnStretch(0, 1)
        self._terms.setColumnStretch(1, 1)
        box.addLayout(self._terms)
        self._term, self._heard = Field("Word or name", "Word or name"), Field("Heard as", "heard as, or as")
        self._heard.setToolTip("Wrong hearings, with commas between them")
        self._term.returnPressed.connect(self._add_term)
        self._heard.returnPressed.connect(self._add_term)
        row = QHBoxLayout()
        row.addWidget(self._term)
        row.addWidget(self._heard)
        row.addWidget(button("Add", "Put it on the list", self._add_term))
        box.addLayout(row)
        self._apply = button("Mend the transcript", "Write all of these as they should be, as one step", self._apply_terms)
        box.addWidget(self._apply)

    def _nudge_card(self) -> None:
        box = card_in(self._column, "CAPTIONS AGAINST THE SOUND")
        self._nudge_text = QLabel()
        box.addWidget(self._nudge_text)
        self._nudge = QSlider(Qt.Orientation.Horizontal)
        self._nudge.setRange(-50, 50)
        self._nudge.setPageStep(5)
        self._nudge.setAccessibleName("Nudge of all captions in hundredths of a second")
        self._nudge.setToolTip("Show all captions earlier (left) or later (right)")
        self._nudge.sliderReleased.connect(self._set_nudge)
        self._nudge.actionTriggered.connect(lambda _a: None if self._nudge.isSliderDown() else self._set_nudge())
        self._nudge.valueChanged.connect(self._say_nudge)
        box.addWidget(self._nudge)

    def _files_card(self) -> None:
        box = card_in(self._column, "FILES")
        row = QHBoxLayout()
        tip = "Take the words from a script or caption file (SRT, WebVTT, text, JSON); they are timed by the sound"
        row.addWidget(button("Take words…", tip, self.take_words.emit))
        tip = "Write the words of the footage or of the short (SRT, WebVTT, text, JSON)"
        row.addWidget(button("Write words…", tip, self.give_words.emit))
        box.addLayout(row)

    # what it does

    def _say_new(self) -> None:
        opened = self._ws.opened
        if opened is not None:
            self._work.said_by(len(opened.transcript.talkers))

    def _replace_all(self) -> None:
        phrase, by = self._find.text(), self._by.text()
        self._ws.revise(lambda t: corrections.replace_all(t, phrase, by))

    def _add_term(self) -> None:
        text = " ".join(self._term.text().split())
        heard = tuple(h for h in (" ".join(p.split()) for p in self._heard.text().split(",")) if h)
        if not text:
            self._ws.said.emit("Type the word or name as it should be written.", "note")
            return
        terms, own = ({t.text: t for t in some} for some in (self._ws.terms, self._ws.own_terms))
        kept = own if text in own else terms
        before = kept[text].heard if text in kept else ()
        kept[text] = Term(text, (*before, *(h for h in heard if h not in before)))
        self._term.clear()
        self._heard.clear()
        self._ws.set_terms(tuple(terms.values()), tuple(own.values()))

    def _forget_term(self, text: str) -> None:
        terms, own = (tuple(t for t in some if t.text != text) for some in (self._ws.terms, self._ws.own_terms))
        self._ws.set_terms(terms, own)

    def _everywhere(self, term: Term, everywhere: bool) -> None:
        """Let a term hold in every project, or in this one alone."""
        terms, own = (tuple(t for t in some if t.text != term.text) for some in (self._ws.terms, self._ws.own_terms))
        self._ws.set_terms(terms if everywhere else (*terms, term), (*own, term) if everywhere else own)

    def _apply_terms(self) -> None:
        terms = self._ws.all_terms
        self._ws.revise(lambda t: corrections.apply_terms(t, terms))

    def _set_nudge(self) -> None:
        ticks = self._nudge.sliderPosition() * TICKS // 100
        opened = self._ws.opened
        if opened is not None and opened.transcript.nudge != ticks:
            self._ws.revise(lambda t: corrections.nudge(t, ticks))

    def _say_nudge(self, hundredths: int) -> None:
        if hundredths:
            self._nudge_text.setText(f"{abs(hundredths) / 100:.2f} s {'later' if hundredths > 0 else 'earlier'} than the words")
        else:
            self._nudge_text.setText("With the words")

    # what it shows

    def refresh(self) -> None:
        opened = self._ws.opened
        self._inner.setEnabled(opened is not None)
        if opened is None:
            return
        words = opened.transcript.words
        doubts = sum(w.doubtful for w in words)
        self._doubts.setText(f"{doubts} of {len(words)} words are in doubt." if doubts else "No word is in doubt.")
        self._refresh_talkers()
        self._count_found()
        self._nudge.setValue(round(max(-MOST_NUDGE, opened.transcript.nudge) * 100 / TICKS))
        self._say_nudge(self._nudge.value())

    def _refresh_talkers(self) -> None:
        opened = self._ws.opened
        assert opened is not None
        _empty(self._talkers)
        talkers = opened.transcript.talkers
        time = [0] * len(talkers)
        for w in opened.transcript.words:
            if 0 <= w.talker < len(talkers):
                time[w.talker] += w.end - w.start
        for i, talker in enumerate(talkers):
            name = Field(f"Name of talker {i + 1}")
            name.setText(talker.name)
            name.setCursorPosition(0)
            name.setToolTip("Name of the talker; every place shows it")
            name.editingFinished.connect(partial(self._name, i, name, opened))
            name.given_up.connect(partial(name.setText, talker.name))
            says = QToolButton()
            says.setObjectName("plain")
            theme.draw(says, "says")
            says.setToolTip(f"The chosen words are said by {talker.name}")
            says.setAccessibleName(says.toolTip())
            says.clicked.connect(lambda _c=False, n=i: self._work.said_by(n))
            length = QLabel(clock(time[i]))
            length.setObjectName("faint")
            length.setToolTip("How long they talk in all")
            join = QComboBox()
            join.setAccessibleName(f"{talker.name} is the same as")
            join.setToolTip(f"Join {talker.name} with another talker, or part them into two by voice")
            join.addItem("is …", None)
            for k, other in enumerate(talkers):
                if k != i:
                    join.addItem(other.name, k)
            join.addItem("two people", TWO)
            join.activated.connect(partial(self._join, i, join))
            join.setFixedWidth(74)
            for column, widget in enumerate((Swatch(self._ws.colour_number(i)), name, length, says, join)):
                self._talkers.addWidget(widget, i, column)
        self._no_talkers.setVisible(not talkers)

    def _name(self, talker: int, field: Field, seen: Opened) -> None:
        text = field.text()
        if text != seen.transcript.talkers[talker].name:
            self._ws.revise_as(lambda p: corrections.name_talker(p.transcript, p.talker(talker), text), seen)

    def _join(self, gone: int, box: QComboBox, _index: int) -> None:
        keep = box.currentData()
        box.setCurrentIndex(0)
        if keep == TWO:
            self._work.divide(gone)
        elif keep is not None:
            self._ws.revise_as(lambda p: corrections.join_talkers(p.transcript, p.talker(int(keep)), p.talker(gone)))

    def _count_found(self) -> None:
        opened = self._ws.opened
        text = self._find.text().strip()
        places = len(opened.index.search(text)) if opened is not None and text else 0
        self._found.setText(f"{places} times" if places != 1 else "once") if text else self._found.clear()
        self._replace.setEnabled(places > 0)

    def _refresh_terms(self) -> None:
        _empty(self._terms)
        listed = sorted(self._ws.all_terms, key=lambda t: t.text.lower())
        for row, term in enumerate(listed):
            text = QLabel(term.text)
            text.setTextFormat(Qt.TextFormat.PlainText)
            heard = QLabel(", ".join(term.heard) or "–")
            heard.setTextFormat(Qt.TextFormat.PlainText)
            heard.setWordWrap(True)
            heard.setObjectName("faint")
            gone = QToolButton()
            gone.setObjectName("plain")
            theme.draw(gone, "close")
            gone.setToolTip(f"Take {term.text} off the list")
            gone.setAccessibleName(gone.toolTip())
            gone.clicked.connect(lambda _c=False, t=term.text: self._forget_term(t))
            everywhere = QCheckBox()
            everywhere.setChecked(term in self._ws.own_terms)
            everywhere.setToolTip(f"{term.text} holds in every project")
            everywhere.setAccessibleName(everywhere.toolTip())
            everywhere.clicked.connect(lambda on=False, t=term: self._everywhere(t, on))
            for column, widget in enumerate((text, heard, everywhere, gone)):
                self._terms.addWidget(widget, row, column)
        self._apply.setEnabled(bool(listed))



def _empty(grid: QGridLayout) -> None:
    while (item := grid.takeAt(0)) is not None:
        widget = item.widget()
        if widget is not None:
            widget.hide()
            widget.deleteLater()

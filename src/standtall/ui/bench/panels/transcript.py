"""The transcript panel: what concerns all words of the footage at once."""

from __future__ import annotations

from functools import partial

from PySide6.QtCore import Qt, Signal
from PySide6.QtGui import QColor, QPainter, QPaintEvent
from PySide6.QtWidgets import (
    QCheckBox,
    QGridLayout,
    QHBoxLayout,
    QLabel,
    QMenu,
    QToolButton,
    QVBoxLayout,
    QWidget,
)

from standtall.base.interface_language import tr
from standtall.base.time import clock
from standtall.model import corrections
from standtall.model.corrections import Term
from standtall.ui.bench.word_actions import WordActions
from standtall.ui.state.opened import Opened
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets import theme
from standtall.ui.widgets.cards import Panel, card_in
from standtall.ui.widgets.fields import Field, button
from standtall.ui.widgets.layouts import empty
from standtall.ui.widgets.tips import set_tip
from standtall.ui.widgets.when_seen import WhenSeen


class Swatch(QWidget):
    """The colour and pattern of a speaker."""

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


class TranscriptPanel(Panel):
    """Speakers, find and replace, the word list, files."""

    import_words = Signal()
    export_words = Signal()

    def __init__(self, workspace: Workspace, work: WordActions, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._ws, self._work = workspace, work
        self._speakers_card()
        self._replace_card()
        self._terms_card()
        self._files_card()
        self.finish()
        WhenSeen(self, self.refresh, workspace.opened_changed, workspace.transcript_changed)
        workspace.word_lists.changed.connect(self._refresh_terms)
        self.refresh()

    def _speakers_card(self) -> None:
        box = card_in(self.column, tr("SPEAKERS"))
        self._speakers = QGridLayout()
        self._speakers.setHorizontalSpacing(6)
        self._speakers.setVerticalSpacing(5)
        self._speakers.setColumnStretch(1, 1)
        box.addLayout(self._speakers)
        self._no_speakers = QLabel(tr("Nobody was told apart yet. Choose words in the transcript and say who says them."))
        self._no_speakers.setWordWrap(True)
        box.addWidget(self._no_speakers)
        self._likenesses = QVBoxLayout()
        self._likenesses.setSpacing(4)
        box.addLayout(self._likenesses)
        self._ws.acquaintances.changed.connect(self._refresh_likenesses)
        self._new_speaker = button(tr("Chosen words: a new speaker"), tr("Make a new speaker of the chosen words"), self._say_new)
        box.addWidget(self._new_speaker)

    def _replace_card(self) -> None:
        box = card_in(self.column, tr("FIND AND REPLACE"))
        self._find, self._by = (
            Field(tr("Find"), tr("is written"), tip=tr("Words that are wrong as they stand, one or several")),
            Field(tr("Replace by"), tr("should be written"), tip=tr("What was really said; its times stay")),
        )
        row = QHBoxLayout()
        row.addWidget(self._find)
        row.addWidget(self._by)
        box.addLayout(row)
        row = QHBoxLayout()
        self._found = QLabel()
        self._found.setObjectName("faint")
        row.addWidget(self._found, 1)
        self._replace = button(tr("Replace all"), tr("Replace it everywhere, as one step"), self._replace_all)
        row.addWidget(self._replace)
        box.addLayout(row)
        self._find.textChanged.connect(lambda _t: self._count_found())
        self._by.returnPressed.connect(self._replace_all)

    def _terms_card(self) -> None:
        box = card_in(self.column, tr("WORD LIST"))
        about = QLabel(
            tr("Names and terms as they are written, and how they are wrongly heard. Ticked ones hold in every project.")
        )
        about.setWordWrap(True)
        about.setObjectName("faint")
        box.addWidget(about)
        self._terms = QGridLayout()
        self._terms.setHorizontalSpacing(6)
        self._terms.setVerticalSpacing(4)
        self._terms.setColumnStretch(0, 1)
        self._terms.setColumnStretch(1, 1)
        box.addLayout(self._terms)
        self._term, self._heard = (
            Field(tr("Word or name"), tip=tr("A word that is spelt so from now on wherever it is heard")),
            Field(tr("Heard as"), tr("heard as, or as")),
        )
        self._heard.setToolTip(tr("Wrong hearings, with commas between them"))
        self._term.returnPressed.connect(self._add_term)
        self._heard.returnPressed.connect(self._add_term)
        row = QHBoxLayout()
        row.addWidget(self._term)
        row.addWidget(self._heard)
        row.addWidget(button(tr("Add"), tr("Put it on the list"), self._add_term))
        box.addLayout(row)
        self._apply = button(
            tr("Correct the transcript"), tr("Write all of these as they should be, as one step"), self._apply_terms
        )
        box.addWidget(self._apply)

    def _files_card(self) -> None:
        box = card_in(self.column, tr("FILES"))
        row = QHBoxLayout()
        tip = tr("Import words from a script or caption file (SRT, WebVTT, text, JSON); they are timed by the sound")
        row.addWidget(button(tr("Import words…"), tip, self.import_words.emit))
        tip = tr("Export the words of the footage or of the short (SRT, WebVTT, text, JSON)")
        row.addWidget(button(tr("Export words…"), tip, self.export_words.emit))
        box.addLayout(row)

    # what it does

    def _say_new(self) -> None:
        opened = self._ws.opened
        if opened is not None:
            self._work.said_by(len(opened.transcript.speakers))

    def _replace_all(self) -> None:
        phrase, by = self._find.text(), self._by.text()
        self._ws.revise(lambda t: corrections.replace_all(t, phrase, by))

    def _add_term(self) -> None:
        text = " ".join(self._term.text().split())
        heard = tuple(h for h in (" ".join(p.split()) for p in self._heard.text().split(",")) if h)
        if not text:
            self._ws.said.emit(tr("Type the word or name as it should be written."), "note")
            return
        terms, own = ({t.text: t for t in some} for some in (self._ws.word_lists.terms, self._ws.word_lists.own))
        kept = own if text in own else terms
        before = kept[text].heard if text in kept else ()
        kept[text] = Term(text, (*before, *(h for h in heard if h not in before)))
        self._term.clear()
        self._heard.clear()
        self._ws.word_lists.keep(tuple(terms.values()), tuple(own.values()))

    def _forget_term(self, text: str) -> None:
        terms, own = (tuple(t for t in some if t.text != text) for some in (self._ws.word_lists.terms, self._ws.word_lists.own))
        self._ws.word_lists.keep(terms, own)

    def _everywhere(self, term: Term, everywhere: bool) -> None:
        """Let a term hold in every project, or in this one alone."""
        terms, own = (
            tuple(t for t in some if t.text != term.text) for some in (self._ws.word_lists.terms, self._ws.word_lists.own)
        )
        self._ws.word_lists.keep(terms if everywhere else (*terms, term), (*own, term) if everywhere else own)

    def _apply_terms(self) -> None:
        terms = self._ws.word_lists.all
        self._ws.revise(lambda t: corrections.apply_terms(t, terms))

    # what it shows

    def refresh(self) -> None:
        opened = self._ws.opened
        self.inner.setEnabled(opened is not None)
        if opened is None:
            return
        self._refresh_speakers()
        self._count_found()

    def _refresh_speakers(self) -> None:
        opened = self._ws.opened
        assert opened is not None
        empty(self._speakers)
        speakers = opened.transcript.speakers
        time = [0] * len(speakers)
        for w in opened.transcript.words:
            if 0 <= w.speaker < len(speakers):
                time[w.speaker] += w.end - w.start
        for i, speaker in enumerate(speakers):
            name = Field(tr("Name of speaker {n}", n=i + 1))
            name.setText(speaker.shown)
            name.setCursorPosition(0)
            name.setToolTip(tr("Name of the speaker; every place shows it"))
            name.editingFinished.connect(partial(self._name, i, name, opened))
            name.given_up.connect(partial(name.setText, speaker.shown))
            says = QToolButton()
            says.setObjectName("plain")
            theme.draw(says, "says")
            says.setToolTip(tr("The chosen words are said by {name}", name=speaker.shown))
            says.setAccessibleName(says.toolTip())
            says.clicked.connect(lambda _c=False, n=i: self._work.said_by(n))
            length = QLabel(clock(time[i]))
            length.setObjectName("faint")
            length.setToolTip(tr("How long they speak in all"))
            who = self._identity_button(i, [s.shown for s in speakers])
            for column, widget in enumerate((Swatch(self._ws.colour_number(i)), name, length, says, who)):
                self._speakers.addWidget(widget, i, column)
        self._no_speakers.setVisible(not speakers)

    def _refresh_likenesses(self) -> None:
        """Speakers who look or sound like somebody with a name in other footage."""
        empty(self._likenesses)
        opened = self._ws.opened
        for likeness in self._ws.acquaintances.found if opened is not None else []:
            row = QWidget()
            box = QHBoxLayout(row)
            box.setContentsMargins(0, 0, 0, 0)
            speakers = opened.transcript.speakers if opened is not None else ()
            who = {"name": speakers[likeness.speaker].shown, "other": likeness.name, "footage": likeness.footage}
            sounds = tr("{name} sounds like {other} in {footage}.", **who)
            told = QLabel(sounds if likeness.sounds else tr("{name} looks like {other} in {footage}.", **who))
            told.setTextFormat(Qt.TextFormat.PlainText)
            told.setWordWrap(True)
            tip = tr("Name them {name} here, too", name=likeness.name)
            box.addWidget(told, 1)
            box.addWidget(button(tr("Same person"), tip, partial(self._take_name, likeness.speaker, likeness.name), "small"))
            self._likenesses.addWidget(row)

    def _take_name(self, speaker: int, name: str) -> None:
        self._ws.revise_as(lambda p: corrections.name_speaker(p.transcript, p.speaker(speaker), name))

    def _name(self, speaker: int, field: Field, seen: Opened) -> None:
        text = field.text()
        if text != seen.transcript.speakers[speaker].shown:
            self._ws.revise_as(lambda p: corrections.name_speaker(p.transcript, p.speaker(speaker), text), seen)

    def _identity_button(self, speaker: int, names: list[str]) -> QToolButton:
        """For a speaker who is somebody else as well, or two people."""
        made = QToolButton()
        made.setObjectName("plain")
        theme.draw(made, "more")
        set_tip(made, tr("Join {names} with another speaker, or divide them into two by voice", names=names[speaker]))
        made.setAccessibleName(made.toolTip())
        made.setPopupMode(QToolButton.ToolButtonPopupMode.InstantPopup)
        menu = QMenu(made)
        for other, name in enumerate(names):
            if other != speaker:
                menu.addAction(tr("Same person as {name}", name=name), partial(self._join, other, speaker))
        menu.addAction(tr("Two people: divide by voice"), partial(self._work.divide, speaker))
        made.setMenu(menu)
        return made

    def _join(self, keep: int, gone: int) -> None:
        self._ws.revise_as(lambda p: corrections.join_speakers(p.transcript, p.speaker(keep), p.speaker(gone)))

    def _count_found(self) -> None:
        opened = self._ws.opened
        text = self._find.text().strip()
        places = len(opened.index.search(text)) if opened is not None and text else 0
        self._found.setText(tr("{places} times", places=places) if places != 1 else tr("once")) if text else self._found.clear()
        self._replace.setEnabled(places > 0)

    def _refresh_terms(self) -> None:
        empty(self._terms)
        listed = sorted(self._ws.word_lists.all, key=lambda t: t.text.lower())
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
            gone.setToolTip(tr("Remove {said} from the list", said=term.text))
            gone.setAccessibleName(gone.toolTip())
            gone.clicked.connect(lambda _c=False, t=term.text: self._forget_term(t))
            everywhere = QCheckBox()
            everywhere.setChecked(term in self._ws.word_lists.own)
            everywhere.setToolTip(tr("{said} holds in every project", said=term.text))
            everywhere.setAccessibleName(everywhere.toolTip())
            everywhere.clicked.connect(lambda on=False, t=term: self._everywhere(t, on))
            for column, widget in enumerate((text, heard, everywhere, gone)):
                self._terms.addWidget(widget, row, column)
        self._apply.setEnabled(bool(listed))

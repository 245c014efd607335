"""The panel of the chosen words: what is done with them, in the short and in the transcript."""

from __future__ import annotations

from collections.abc import Callable
from functools import partial

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QGridLayout, QHBoxLayout, QLabel, QMenu, QSizePolicy, QToolButton

from standtall.base.interface_language import count_of, tr, tr_as
from standtall.base.time import TICKS_PER_SECOND
from standtall.cutting import by_words
from standtall.model import corrections, edits
from standtall.model.analysis import Analysis
from standtall.model.short import Short
from standtall.model.words import word_at
from standtall.ui.bench.panels.word_edges import WordEdges
from standtall.ui.bench.word_actions import WordActions
from standtall.ui.state.opened import Opened
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets import theme
from standtall.ui.widgets.actions import Action, button_of, menu_text
from standtall.ui.widgets.cards import Panel, card_in
from standtall.ui.widgets.fields import button
from standtall.ui.widgets.layouts import empty

REMOVE = tr("Remove from the transcript")


class ChosenPanel(Panel):
    """The words that are chosen, or the one at the playhead."""

    retype = Signal()
    new_short = Signal()

    def __init__(self, workspace: Workspace, work: WordActions) -> None:
        super().__init__()
        self._ws, self._work = workspace, work
        self.declared = self._declared()
        self._words_card()
        self._doubts_card()
        self.finish()
        for signal in (workspace.opened_changed, workspace.transcript_changed, workspace.selection.changed):
            signal.connect(self.refresh)
        for signal in (workspace.opened_changed, workspace.selection.changed):
            signal.connect(self._clear_others)
        workspace.selection.playhead_changed.connect(lambda _t: self._refresh_text())
        work.alternatives.connect(self._offer)
        self.refresh()

    def _declared(self) -> list[Action]:
        work = self._work
        return [
            Action(
                "use-only", tr("Make the chosen words the whole short"), self.use_only, ("Return",), label=tr("Use only these")
            ),
            Action(
                "cut-words",
                tr("Cut the chosen words out of the short"),
                self.cut,
                ("Delete", "Backspace"),
                label=tr_as("verb", "Cut"),
            ),
            Action(
                "bring-back", tr("Bring the chosen words back into the short"), self.bring_back, ("B",), label=tr("Bring back")
            ),
            Action(
                "new-short", tr("Make another short of the chosen words"), self.new_short.emit, ("Ctrl+N",), label=tr("New short")
            ),
            Action("hear", tr("Hear the chosen words in their surroundings"), work.hear, ("H",), label=tr("Hear")),
            Action(
                "accept", tr("The word is right as it is; on to the next doubt"), work.accept, ("A",), label=tr("Right as it is")
            ),
            Action("doubt-next", tr("Next doubtful word"), partial(work.next_doubt, 1), ("D",), label=tr("Next")),
            Action("doubt-before", tr("Doubtful word before"), partial(work.next_doubt, -1), ("Shift+D",), label=tr("Before")),
            Action("suggest", tr("Suggestions for the chosen words"), work.ask, ("W",), label=tr("Suggestions")),
            Action("realign", tr("Re-time the chosen words to the audio"), work.align, ("Y",), label=tr("Re-time to audio")),
            Action(
                "realign-line",
                tr("Re-time the line of the chosen word to the audio"),
                work.align_line,
                ("Shift+Y",),
                label=tr("Re-time the line"),
            ),
            Action("merge", tr("Merge the chosen words into one"), work.merge, ("M",), label=tr("Merge into one word")),
            Action(
                "unspoken", tr("Mark words as not spoken, or spoken"), work.not_spoken, ("N",), label=tr("Not spoken, or spoken")
            ),
        ]

    def _words_card(self) -> None:
        box = card_in(self.column, tr("CHOSEN WORDS"))
        self._text = QLabel()
        self._text.setWordWrap(True)
        box.addWidget(self._text)
        self.edges = WordEdges(self._ws)
        box.addWidget(self.edges)
        grid = QGridLayout()
        grid.setSpacing(6)
        for i, action in enumerate(self.declared[:4]):
            grid.addWidget(button_of(action), i // 2, i % 2)
        box.addLayout(grid)
        row = QHBoxLayout()
        row.setSpacing(6)
        row.addWidget(button(tr("Retype"), tr("Type other words in their place (T, or double click)"), self.retype.emit))
        row.addWidget(button_of(self.declared[4]))
        row.addWidget(self._more())
        box.addLayout(row)
        self._others = QHBoxLayout()
        self._others.setSpacing(6)
        box.addLayout(self._others)

    def _doubts_card(self) -> None:
        box = card_in(self.column, tr("DOUBTS"))
        self._doubts = QLabel()
        self._doubts.setWordWrap(True)
        box.addWidget(self._doubts)
        row = QHBoxLayout()
        for name in ("doubt-before", "doubt-next", "accept"):
            row.addWidget(button_of(next(a for a in self.declared if a.name == name)))
        box.addLayout(row)

    def _more(self) -> QToolButton:
        more = QToolButton()
        more.setObjectName("plain")
        theme.draw(more, "more")
        more.setToolTip(tr("More to do with the chosen words"))
        more.setAccessibleName(tr("More to do with the chosen words"))
        more.setPopupMode(QToolButton.ToolButtonPopupMode.InstantPopup)
        menu = QMenu(more)
        work = self._work
        for action in (
            *self.declared[5:],
            Action("split", tr("Split into two"), work.split),
            Action("remove-words", REMOVE, work.remove),
        ):
            menu.addAction(menu_text(action), action.does)
        more.setMenu(menu)
        return more

    def _offer(self, chosen: range, texts: tuple[str, ...], seen: Opened) -> None:
        """Suggestions as buttons: one click uses one."""
        self._clear_others()
        for text in texts[:4]:
            tip = tr("Write “{said}” instead", said=text)
            made = button(text, tip, partial(self._use_other, chosen, text, seen))
            made.setSizePolicy(QSizePolicy.Policy.Ignored, QSizePolicy.Policy.Fixed)
            self._others.addWidget(made)

    def _use_other(self, chosen: range, text: str, seen: Opened) -> None:
        self._ws.revise_words(chosen, lambda t, c: corrections.retype(t, c, text), seen)
        self._clear_others()

    def _clear_others(self) -> None:
        empty(self._others)

    # what it does

    def use_only(self) -> None:
        self._with_words(by_words.choose)

    def cut(self) -> None:
        self._with_words(by_words.cut)

    def bring_back(self) -> None:
        self._with_words(by_words.bring_back)

    def _with_words(self, make: Callable[[Short, Analysis, range], edits.Edit]) -> None:
        chosen = self._ws.selection.or_said()
        if chosen is None:
            self._ws.said.emit(tr("Choose words first: drag over them in the transcript."), "note")
            return
        self._ws.edit_words(chosen, make)

    # what it shows

    def refresh(self) -> None:
        opened = self._ws.opened
        self.inner.setEnabled(opened is not None)
        if opened is None:
            return
        words = opened.transcript.words
        doubts = sum(w.low_confidence for w in words)
        self._doubts.setText(
            tr("{doubts} of {words} words are in doubt.", doubts=doubts, words=len(words))
            if doubts
            else tr("No word is in doubt.")
        )
        self._refresh_text()

    def _refresh_text(self) -> None:
        opened = self._ws.opened
        if opened is None:
            return
        words, chosen = opened.analysis.words, self._ws.selection.words
        if chosen:
            text = " ".join(words[i].text for i in chosen[:9]) + (" …" if len(chosen) > 9 else "")
            length = (words[chosen[-1]].end - words[chosen[0]].start) / TICKS_PER_SECOND
            self._text.setText(
                tr(
                    "“{said}”\n{chosen}, {length} s",
                    said=text,
                    chosen=count_of(len(chosen)),
                    length=f"{length:.{(1 if length > 9 else 2)}f}",
                )
            )
        else:
            i = word_at(words, self._ws.selection.playhead)
            about = (
                tr("“{said}” is being said.", said=words[i].text)
                if i is not None
                else tr("Drag over words in the transcript to choose them.")
            )
            self._text.setText(about)

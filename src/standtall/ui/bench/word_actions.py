"""What is done with the chosen words: each is one named step that can be undone."""

from __future__ import annotations

from collections.abc import Callable
from typing import Final

from PySide6.QtCore import QObject, Signal

from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND
from standtall.model import corrections
from standtall.model.transcript import Revision, Transcript
from standtall.session.analyse import voices_in
from standtall.session.realign import align_again, hear_again, other_voice
from standtall.ui.preview.listening import Hearing
from standtall.ui.state.workspace import Workspace

STEP: Final = TICKS_PER_SECOND // 100
"""How far a key moves the edge of a word: 10 ms."""


class WordActions(QObject):
    """Corrections of the words chosen in the transcript, or of the one at the playhead."""

    alternatives = Signal(object, object, object)
    """The words asked about (a range), what else they could be (texts), and what was on the Bench when they were asked about."""

    def __init__(self, workspace: Workspace, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._ws = workspace
        self.hearing = Hearing(workspace)

    def _chosen(self) -> range | None:
        chosen = self._ws.selection.or_said()
        if chosen is None:
            self._ws.said.emit(tr("Choose a word first: click it in the transcript."), "note")
        return chosen

    def _with(self, make: Callable[[Transcript, range], Revision]) -> None:
        chosen = self._chosen()
        if chosen is not None:
            self._ws.revise_words(chosen, make)

    def accept(self) -> None:
        """The chosen words are right; go on to the next doubt."""
        chosen = self._chosen()
        if chosen is not None:
            self._ws.revise_words(chosen, corrections.accept)
            self.next_doubt(1, beyond=chosen.stop - 1)

    def merge(self) -> None:
        self._with(corrections.merge)

    def split(self) -> None:
        self._with(lambda t, c: corrections.split(t, c.start))

    def remove(self) -> None:
        self._with(corrections.remove)

    def not_spoken(self) -> None:
        def make(transcript: Transcript, chosen: range) -> Revision:
            unspoken = any(transcript.words[i].kind != "unspoken" for i in chosen)
            return corrections.mark_unspoken(transcript, chosen, unspoken)

        self._with(make)

    def said_by(self, speaker: int) -> None:
        chosen = self._chosen()
        if chosen is not None:
            self._ws.revise_as(lambda p: corrections.assign(p.transcript, p.words(chosen), p.speaker(speaker)))

    def divide(self, speaker: int) -> None:
        """A speaker is two people: their words are shared out by voice."""
        opened = self._ws.opened
        if opened is None:
            return
        source, transcript, options = opened.source, opened.transcript, self._ws.options_of(opened.source)
        self._ws.in_background(
            "words",
            lambda: other_voice(voices_in(source, options, self._ws.cache), transcript, speaker),
            lambda theirs: self._ws.revise_as(
                lambda p: corrections.split_speaker(p.transcript, p.speaker(speaker), p.each(theirs)), opened
            ),
        )

    def shift_start(self, way: int) -> None:
        """Let the word begin a hundredth of a second earlier or later."""
        self._with(lambda t, c: _moved(t, c.start, way * STEP, 0))

    def shift_end(self, way: int) -> None:
        self._with(lambda t, c: _moved(t, c.stop - 1, 0, way * STEP))

    def hear(self) -> None:
        chosen = self._chosen()
        if chosen is not None:
            self.hearing.words(chosen)

    def align(self) -> None:
        """Find the chosen words in the sound anew."""
        chosen = self._chosen()
        if chosen is not None:
            self._align(chosen)

    def align_line(self) -> None:
        """Find the words of the line of the transcript in which the chosen ones begin in the sound anew."""
        opened, chosen = self._ws.opened, self._chosen()
        if opened is not None and chosen is not None:
            page = opened.pages.elastic
            row = page.rows[page.row_of(chosen.start)]
            self._align(range(row.first, row.last + 1))

    def _align(self, chosen: range) -> None:
        opened = self._ws.opened
        if opened is None:
            return
        source, transcript, language = opened.source, opened.transcript, opened.analysis.language
        self._ws.in_background(
            "words",
            lambda: align_again(source, transcript, chosen, language),
            lambda times: self._ws.revise_words(chosen, lambda t, c: corrections.aligned(t, c, times), opened),
        )

    def ask(self) -> None:
        """Listen again to the chosen words, for other ways of understanding them."""
        opened, chosen = self._ws.opened, self._chosen()
        if opened is None or chosen is None:
            return
        source, transcript, language = opened.source, opened.transcript, opened.analysis.language
        self._ws.said.emit(tr("Listening again…"), "note")
        self._ws.in_background(
            "words",
            lambda: hear_again(source, transcript, chosen, language),
            lambda texts: self.alternatives.emit(chosen, texts, opened),
        )

    def next_doubt(self, way: int, beyond: int | None = None) -> None:
        """Choose the next doubtful word (or the one before), walking round at the ends."""
        opened = self._ws.opened
        if opened is None:
            return
        words = opened.analysis.words
        doubts = [i for i, w in enumerate(words) if w.low_confidence and i != beyond]
        if not doubts:
            self._ws.said.emit(tr("No word is in doubt."), "note")
            return
        here = beyond
        if here is None:
            chosen = self._ws.selection.words
            here = chosen.start if chosen else sum(w.start < self._ws.selection.playhead for w in words) - 1
        ahead = [i for i in doubts if (i > here if way > 0 else i < here)]
        target = (min(ahead, default=doubts[0])) if way > 0 else max(ahead, default=doubts[-1])
        self._ws.selection.seek(words[target].start)
        self._ws.selection.select(range(target, target + 1))


def _moved(transcript: Transcript, index: int, start: int, end: int) -> Revision:
    word = transcript.words[index]
    return corrections.retime(transcript, index, word.start + start, word.end + end)

"""The Moments place: what is worth posting in the opened footage, why, and what to do with it."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from functools import partial
from pathlib import Path
from typing import TypeVar

from PySide6.QtCore import Qt, Signal
from PySide6.QtGui import QImage
from PySide6.QtWidgets import QComboBox, QHBoxLayout, QLabel, QScrollArea, QSpinBox, QVBoxLayout, QWidget

from standtall.base.interface_language import count_of, tr
from standtall.base.time import clock
from standtall.cutting.by_words import from_words
from standtall.library.project import Project
from standtall.media.reader import PictureReader
from standtall.model.moment import Chapter, Moment, Shape
from standtall.model.short import Short
from standtall.moments.finder import Finder, Wish
from standtall.moments.learning import Lesson, learn
from standtall.session.find_moments import finder_for
from standtall.ui.moments.card import MomentCard
from standtall.ui.moments.chapters_sheet import ChaptersSheet
from standtall.ui.moments.clips_sheet import ClipsSheet
from standtall.ui.moments.strip import SourceStrip
from standtall.ui.moments.wording import nothing_found
from standtall.ui.state.editor import Present
from standtall.ui.state.opened import Opened
from standtall.ui.state.tracing import Tracing
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.fields import Field, button
from standtall.ui.widgets.images import wide_at
from standtall.ui.widgets.layouts import empty
from standtall.ui.widgets.place import Place
from standtall.ui.widgets.tips import set_tip

Span = tuple[int, int]
T = TypeVar("T")
Votes = dict[Span, bool]


class MomentsPlace(QWidget):
    """Ask for moments, look at why each is proposed, play, keep, pass, make shorts."""

    played = Signal(object)
    """A moment to show in the tall picture."""
    made = Signal()

    def __init__(self, workspace: Workspace, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._ws = workspace
        self.moments: tuple[Moment, ...] = ()
        self.found_in: Opened | None = None
        """What was on the Bench when they were found: the numbers of their words are of its transcript."""
        self.cards: list[MomentCard] = []
        self._votes: Votes = {}
        self._asked_of: str | None = None
        self._finder: Finder | None = None
        self.learnt = learn(())
        self.strip = SourceStrip(workspace)
        self.strip.chosen.connect(self.play)
        self.strip.drawn.connect(self._part_drawn)
        self._told = QLabel()
        self._told.setWordWrap(True)
        self._list = QVBoxLayout()
        self._list.setSpacing(10)
        inner = QWidget()
        column = QVBoxLayout(inner)
        column.setContentsMargins(0, 0, 6, 0)
        column.addWidget(self._told)
        column.addLayout(self._list)
        column.addStretch(1)
        self._scroll = QScrollArea()
        self._scroll.setWidgetResizable(True)
        self._scroll.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self._scroll.setWidget(inner)
        right = QVBoxLayout()
        right.setSpacing(8)
        right.addLayout(self._head())
        right.addLayout(self._asked())
        right.addLayout(self._where())
        right.addLayout(self._taught())
        right.addWidget(self._scroll, 1)
        whole = QHBoxLayout(self)
        whole.setContentsMargins(14, 14, 10, 10)
        whole.setSpacing(12)
        whole.addWidget(self.strip)
        whole.addLayout(right, 1)
        self.tracing = Tracing(workspace.jobs, self)
        self.tracing.changed.connect(self._mark_clips)
        workspace.project_changed.connect(lambda _path: self.tracing.forget())
        workspace.opened_changed.connect(self._reopened)
        workspace.transcript_changed.connect(self._reworded)
        self._reopened()

    def place(self) -> Place:
        return Place("moments", self)

    # building

    def _head(self) -> QHBoxLayout:
        row = QHBoxLayout()
        title = QLabel(tr("Moments"))
        title.setObjectName("title")
        row.addWidget(title)
        row.addStretch(1)
        self._chapters = button(tr("Chapters…"), tr("What the footage is about, part by part"), self.show_chapters, "side")
        tip = tr("Find where finished clips come from in the footage, by their sound or their words")
        self._clips = button(tr("Trace finished clips…"), tip, self.show_clips, "side")
        tip = tr("Make a short of each proposal that you kept")
        self._make_all = button(tr("Make shorts from kept"), tip, self.make_kept, "side")
        for one in (self._chapters, self._clips, self._make_all):
            row.addWidget(one)
        return row

    def _asked(self) -> QHBoxLayout:
        self.least, self.most, self.count = (_number(*v) for v in (
            (15, 3, 600, " s", tr("Shortest")), (60, 5, 600, " s", tr("Longest")), (8, 1, 40, "", tr("How many")),
        ))  # fmt: skip
        self.topics = Field(tr("Topics"), tr("topics, with commas"))
        set_tip(self.topics, tr("Passages about these come first, also where they are spoken of in other words"))
        self.topics.returnPressed.connect(lambda: self.ask())
        self._ask = button(tr("Find moments"), tr("Look for passages worth posting; what you kept stays"), self.ask)
        self._ask.setObjectName("main")
        row = QHBoxLayout()
        row.setSpacing(6)
        for label, widget in ((tr("from"), self.least), (tr("to"), self.most), (tr("at most"), self.count)):
            row.addWidget(QLabel(label))
            row.addWidget(widget)
        row.addWidget(self.topics, 1)
        row.addWidget(self._ask)
        return row

    def _where(self) -> QHBoxLayout:
        self.speaker = QComboBox()
        self.speaker.setAccessibleName(tr("Speaker"))
        self.speaker.setToolTip(tr("Only passages that are mostly said by this speaker"))
        self.part = QComboBox()
        self.part.setAccessibleName(tr("Part of the footage"))
        set_tip(self.part, tr("Only passages of this part; or drag with Shift over the strip at the left"))
        self.part.activated.connect(lambda _i: self.strip.show_part(self.part.currentData()))
        self.shape = QComboBox()
        self.shape.setAccessibleName(tr("How passages may be cut"))
        set_tip(self.shape, tr("Whether a passage may leave out a dull stretch, or open on a strong line from later"))
        self.shape.addItem(tr("may be reshaped"), False)
        self.shape.addItem(tr("Keep the original order"), True)
        row = QHBoxLayout()
        row.setSpacing(6)
        row.addWidget(self.speaker, 2)
        row.addWidget(self.part, 3)
        row.addWidget(self.shape, 2)
        return row

    def _taught(self) -> QHBoxLayout:
        self._lesson = QLabel()
        self._lesson.setObjectName("faint")
        self._lesson.setWordWrap(True)
        tip = tr("Let your votes teach nothing any more; what you kept stays kept")
        self._forget = button(tr("Reset learning"), tip, self.forget)
        self._forget.setObjectName("small")
        row = QHBoxLayout()
        row.addWidget(self._lesson, 1)
        row.addWidget(self._forget)
        return row

    # asking

    def _reopened(self) -> None:
        opened = self._ws.opened
        for widget in (self._ask, self._make_all, self.least, self.most, self.count, self.topics, self.speaker, self.part,
                       self.shape, self._chapters, self._clips):  # fmt: skip
            widget.setEnabled(opened is not None)
        if opened is None:
            self._show((), tr("Open footage on the Bench first: its moments are found here."))
        elif self._asked_of != opened.source.key:
            self._finder, self._votes = None, {}
            self.strip.show_clips(())
            self._asked_of = opened.source.key
            brief = self._ws.brief_of(opened.source)
            self.least.setValue(min(brief.least_s, brief.most_s))
            self.most.setValue(brief.most_s)
            self.topics.setText(", ".join(brief.topics))
            self._show((), tr("“Find moments” looks for passages that can stand alone as a short."))
            self._fill_parts()
            self._ws.with_project(Project.lessons, self._learn)
        self._fill_speakers()
        self.strip.update()

    def _reworded(self) -> None:
        self._finder = None
        self._fill_speakers()

    def _fill_speakers(self) -> None:
        opened, kept = self._ws.opened, self.speaker.currentData()
        self.speaker.clear()
        self.speaker.addItem(tr("all speakers"), None)
        for i, speaker in enumerate(opened.transcript.speakers if opened else ()):
            self.speaker.addItem(speaker.shown, i)
        self.speaker.setCurrentIndex(max(0, self.speaker.findData(kept)))

    def _fill_parts(self, kept: Span | None = None) -> None:
        """The chapters as parts to choose; the one that was chosen or drawn before (`kept`) stays chosen."""
        self.part.clear()
        self.part.addItem(tr("the whole footage"), None)
        for chapter in self._finder.chapters if self._finder is not None else ():
            self.part.addItem(f"{clock(chapter.start)}  {chapter.title}", (chapter.start, chapter.end))
        if kept is not None:
            self._part_drawn(*kept)
        else:
            self.strip.show_part(None)

    def _part_drawn(self, start: int, end: int) -> None:
        name = tr("{start} to {end}", start=clock(start), end=clock(end)) + ", " + tr("as drawn")
        if self.part.count() and str(self.part.itemText(self.part.count() - 1)).endswith(tr("as drawn")):
            self.part.removeItem(self.part.count() - 1)
        self.part.addItem(name, (start, end))
        self.part.setCurrentIndex(self.part.count() - 1)
        self.strip.show_part((start, end))

    def wish(self) -> Wish:
        """What the fields ask for, with what was kept of this footage."""
        topics = tuple(t for t in (" ".join(p.split()) for p in self.topics.text().split(",")) if t)
        least = min(self.least.value(), self.most.value())
        return Wish(
            least, max(self.most.value(), least), self.count.value(), topics, self.speaker.currentData(), self.part.currentData(),
            tuple(self._votes.items()), None, self.learnt.weights, bool(self.shape.currentData()),
        )  # fmt: skip

    def ask(self, like: Span | None = None) -> None:
        """Look for moments in the background; with `like`, for those that are about the same things as that passage."""
        opened = self._ws.opened
        if opened is None:
            return
        self._told.setText(tr("Looking…"))
        self._told.show()
        key = opened.source.key

        def with_votes(found: tuple[Votes, tuple[tuple[tuple[float, ...], bool], ...]]) -> None:
            self._votes = found[0]
            self._learn(found[1])
            wish = replace(self.wish(), like=like)
            if self._ws.opened is not None and self._ws.opened.source.key == key:
                self._with_finder(lambda finder: finder.find(wish), partial(self._found, self._ws.opened))

        self._ws.with_project(lambda project: (project.votes(key), project.lessons()), with_votes)

    def _with_finder(self, work: Callable[[Finder], T], then: Callable[[T], None]) -> None:
        """Do something with what is known of the source, made the first time."""
        opened, finder, ws = self._ws.opened, self._finder, self._ws
        if opened is None:
            return

        def step() -> tuple[Finder, T]:
            ready = finder or finder_for(opened.source, opened.analysis, ws.cache, ws.closing)
            return ready, work(ready)

        def arrived(pair: tuple[Finder, T]) -> None:
            if self._ws.opened is not None and self._ws.opened.source.key == opened.source.key:
                if self._finder is not pair[0] and self._ws.opened.transcript is opened.transcript:
                    self._finder = pair[0]
                    self._fill_parts(self.part.currentData())
                    self.strip.show_talk(self._finder)
                then(pair[1])

        ws.in_background("moments", step, arrived)

    def _found(self, opened: Opened, moments: tuple[Moment, ...]) -> None:
        self.found_in = opened
        asked = ", ".join(t for t in (self.topics.text().strip(),) if t)
        if moments and asked and not any(m.about for m in moments):
            self._show(moments, tr("Nothing is said about “{asked}”, so these are the best passages without it.", asked=asked))
        elif moments:
            self._show(moments, "")
        elif not opened.analysis.words:
            self._show(
                (), tr("Nobody says a word in this footage, so nothing can be proposed. Choose a part on the Bench by time.")
            )
        else:
            speaker = self.speaker.currentText() if self.speaker.currentData() is not None else ""
            told = nothing_found(opened, speaker, self.part.currentData() is not None, self.least.value(), self.most.value())
            self._show((), told)

    # showing

    def _show(self, moments: tuple[Moment, ...], told: str) -> None:
        self.moments = moments
        empty(self._list)
        self.cards = []
        opened = self.found_in
        for number, moment in enumerate(moments):
            assert opened is not None
            self._list.addWidget(self._card(number, moment, opened))
        self._told.setText(told)
        self._told.setVisible(bool(told))
        self.strip.show_moments(moments)
        self._scroll.verticalScrollBar().setValue(0)
        if moments and opened is not None and opened.source.has_picture:
            self._make_posters(opened, moments)

    def _card(self, number: int, moment: Moment, opened: Opened) -> MomentCard:
        card = MomentCard(number, moment, opened.analysis, self._votes.get((moment.start, moment.end)))
        card.played.connect(self.play)
        card.made.connect(self.make)
        card.voted.connect(self._voted)
        card.liked.connect(self.like)
        card.reshaped.connect(self.reshape)
        self.cards.insert(number, card)
        return card

    def _make_posters(self, opened: Opened, moments: tuple[Moment, ...]) -> None:
        path, rotation = (opened.proxy, 0) if opened.proxy else (opened.source.path, opened.source.rotation)
        first = [opened.analysis.words[m.words[0]].start for m in moments]

        def work() -> list[QImage]:
            out = []
            with PictureReader(path, rotation) as reader:
                for start in first:
                    tick = start + 24_000
                    wide, crop = wide_at(reader, tick, 640), opened.camera.at(tick).crop
                    w, h = wide.width(), wide.height()
                    out.append(wide.copy(round(crop.x * w), round(crop.y * h), round(crop.w * w), round(crop.h * h)))
            return out

        def arrived(images: list[QImage]) -> None:
            if self.moments is moments:
                for card, image in zip(self.cards, images, strict=True):
                    card.set_poster(image)

        self._ws.in_background("moments", work, arrived)

    def reshape(self, number: int, shape: Shape) -> None:
        """Take back that a proposal opens on another line, or leaves something out."""
        moment, wish = self.moments[number], self.wish()
        now, seen = self._ws.opened, self.found_in
        if now is None or seen is None or now.transcript is not seen.transcript:
            self._ws.said.emit(tr("The words were changed since these were found: press “Find moments” again."), "note")
            return

        def arrived(made: Moment) -> None:
            opened = self.found_in
            if number < len(self.moments) and self.moments[number] is moment and opened is not None:
                self.moments = (*self.moments[:number], made, *self.moments[number + 1 :])
                old = self.cards.pop(number)
                place = self._list.indexOf(old)
                self._list.removeWidget(old)
                old.hide()
                old.deleteLater()
                self._list.insertWidget(place, self._card(number, made, opened))
                if opened.source.has_picture:
                    self._make_posters(opened, self.moments)

        self._with_finder(lambda finder: finder.rerated(moment, shape, wish), arrived)

    # what is done with one

    def play(self, number: int) -> None:
        for card in self.cards:
            card.show_chosen(card.number == number)
        self.strip.show_moments(self.moments, number)
        self._scroll.ensureWidgetVisible(self.cards[number])
        self.played.emit(self.moments[number])

    def like(self, number: int) -> None:
        """Ask for more that is about the same things."""
        self.ask((self.moments[number].start, self.moments[number].end))

    def make(self, number: int, title: str) -> None:
        """A short of a proposal, under a title, opened on the Bench."""
        self._make_short(self.moments[number], title)
        self.made.emit()

    def make_kept(self) -> None:
        """A short of each proposal that was kept."""
        kept = [card for card in self.cards if card.kept]
        if not kept:
            self._ws.said.emit(tr("Keep at least one proposal first."), "note")
            return
        for card in kept:
            self._make_short(card.moment, card.title.currentText())
        self._ws.said.emit(tr("{kept} made.", kept=count_of(len(kept), "short")), "note")

    def _make_short(self, moment: Moment, title: str) -> None:
        def short(now: Present) -> Short:
            return from_words(title.strip()[:120] or now.source.name, now.analysis, now.each(moment.words))

        self._ws.make_short(short, seen=self.found_in)

    # what is learnt

    def _voted(self, number: int, kept: bool | None) -> None:
        moment = self.moments[number]
        key, source = (moment.start, moment.end), self._asked_of
        self._votes = {k: v for k, v in self._votes.items() if k != key}
        if kept is not None:
            self._votes[key] = kept
        values = tuple(p.value for p in moment.parts)
        if source is not None:
            self._ws.with_project(lambda project: project.vote(source, *key, kept, values))
            self._ws.with_project(Project.lessons, self._learn)

    def _learn(self, lessons: tuple[tuple[tuple[float, ...], bool], ...]) -> None:
        self.learnt = learn(tuple(Lesson(*lesson) for lesson in lessons))
        changes = self.learnt.changes()
        votes = count_of(self.learnt.votes, "vote")
        self._lesson.setText(tr("Learnt from {votes}: {these}.", votes=votes, these="; ".join(changes[:3])) if changes else "")
        self._lesson.setToolTip("\n".join(changes))
        self._lesson.setVisible(bool(changes))
        self._forget.setVisible(bool(changes))

    def forget(self) -> None:
        """Let votes teach nothing any more."""
        self._ws.with_project(Project.forget_lessons)
        self._ws.with_project(Project.lessons, self._learn)

    # chapters and clips

    def show_chapters(self) -> None:
        opened = self._ws.opened
        if opened is None:
            return

        def arrived(found: tuple[Chapter, ...]) -> None:
            ChaptersSheet(self._ws, opened.source, found, self).open()

        self._with_finder(lambda finder: finder.chapters, arrived)

    def show_clips(self) -> None:
        if self._ws.opened is not None:
            ClipsSheet(self._ws, self.tracing, self._ws.opened.source, self).show()

    def _mark_clips(self) -> None:
        """Show on the strip where the pieces of clips lie."""
        opened = self._ws.opened
        here = None if opened is None else opened.source.key
        found = [(p, Path(one.path).stem) for one in self.tracing.clips for p in one.pieces if p.source == here]
        self.strip.show_clips(tuple((p.start, p.end, name) for p, name in found))


def _number(value: int, low: int, high: int, unit: str, name: str) -> QSpinBox:
    box = QSpinBox()
    box.setRange(low, high)
    box.setValue(value)
    box.setSuffix(unit)
    box.setAccessibleName(name)
    box.setToolTip(name)
    box.setFixedWidth(62)
    return box

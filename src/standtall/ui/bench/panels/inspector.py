"""The tuner: what belongs to the place under the playhead, and nothing else."""

from __future__ import annotations

from collections.abc import Callable
from functools import partial

from PySide6.QtCore import Qt, Signal
from PySide6.QtGui import QColor, QPainter, QPaintEvent
from PySide6.QtWidgets import (
    QButtonGroup,
    QFrame,
    QGridLayout,
    QHBoxLayout,
    QLabel,
    QMenu,
    QPushButton,
    QScrollArea,
    QSizePolicy,
    QSlider,
    QToolButton,
    QVBoxLayout,
    QWidget,
)

from standtall.base.time import TICKS
from standtall.cutting import words as cutting
from standtall.ink.caption import CaptionInk, CaptionText
from standtall.ink.sprite import Sprite
from standtall.model import corrections, edits
from standtall.model.analysis import Analysis
from standtall.model.look import LOOKS, Look
from standtall.model.short import Short
from standtall.model.words import word_at
from standtall.ui.bench.panels.word_edges import WordEdges
from standtall.ui.bench.word_actions import WordWork
from standtall.ui.state.opened import Opened
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets import theme
from standtall.ui.widgets.fields import button


def heading(text: str) -> QLabel:
    label = QLabel(text)
    label.setObjectName("head")
    return label


def card_in(column: QVBoxLayout, title: str) -> QVBoxLayout:
    """A new card at the end of a column; -> its inside, under the heading."""
    card = QFrame()
    card.setObjectName("card")
    box = QVBoxLayout(card)
    box.setContentsMargins(12, 9, 12, 11)
    box.setSpacing(7)
    box.addWidget(heading(title))
    column.addWidget(card)
    return box


class LookButton(QPushButton):
    """A look shown on the editor's own words."""

    def __init__(self, look: Look) -> None:
        super().__init__()
        self.look = look
        self._words: tuple[str, ...] = ("your", "words")
        self._sample: tuple[tuple[int, tuple[str, ...]], Sprite] | None = None
        self.setCheckable(True)
        self.setObjectName("look")
        self.setAccessibleName(f"Look {look.title}")
        how = "another colour" if look.lighting == "colour" else "a box"
        self.setToolTip(f"{look.title}: the word being said is lit by {how}")

    def set_words(self, words: tuple[str, ...]) -> None:
        if words and words != self._words:
            self._words = words
            self.update()

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        rect = self.rect().adjusted(1, 1, -1, -1)
        painter.setPen(QColor(theme.NOW if self.isChecked() or self.hasFocus() else theme.current().line))
        painter.setBrush(QColor("#3d4a44"))
        painter.drawRoundedRect(rect, 8, 8)
        sample = self._drawn(rect.width())
        painter.drawImage(rect.left() + sample.x, rect.center().y() - sample.luma.shape[0] // 2 - 8, sample.image())
        font = painter.font()
        font.setPixelSize(12)
        painter.setFont(font)
        painter.setPen(QColor("#f4efe6"))
        painter.drawText(rect.adjusted(8, 0, -8, -4), Qt.AlignmentFlag.AlignBottom | Qt.AlignmentFlag.AlignHCenter,
                         ("✓ " if self.isChecked() else "") + self.look.title)  # fmt: skip


    def _drawn(self, width: int) -> Sprite:
        """The sample, drawn again only for other words or another width."""
        key = (width, self._words[:2])
        if self._sample is None or self._sample[0] != key:
            self._sample = key, CaptionInk(self.look, width, 440).sprite(CaptionText(key[1], 0), 0.5)
        return self._sample[1]


class Tuner(QScrollArea):
    """Framing of the shot, the words that are chosen, captions."""

    retype = Signal()
    new_short = Signal()

    def __init__(self, workspace: Workspace, work: WordWork, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._ws, self._work = workspace, work
        self.setWidgetResizable(True)
        self.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        inner = self._inner = QWidget()
        self._column = QVBoxLayout(inner)
        self._column.setContentsMargins(0, 4, 4, 4)
        self._column.setSpacing(8)
        self._words_card()
        self._framing_card()
        self._captions_card()
        self._column.addStretch(1)
        self.setWidget(inner)
        self._shot: tuple[int, int] | None = None
        self._people_key: object = None
        for signal in (workspace.opened_changed, workspace.edition_changed, workspace.selection_changed):
            signal.connect(self.refresh)
        workspace.selection_changed.connect(self._clear_others)
        workspace.playhead_changed.connect(lambda _t: self.refresh(moved=True))
        self._span_start = -1
        self.refresh()

    def _words_card(self) -> None:
        box = card_in(self._column, "WORDS")
        self._words_text = QLabel()
        self._words_text.setWordWrap(True)
        box.addWidget(self._words_text)
        self.edges = WordEdges(self._ws)
        box.addWidget(self.edges)
        grid = QGridLayout()
        grid.setSpacing(6)
        self._take = button("Only these", "Make the chosen words the whole short (Enter)", self.take)
        self._cut = button("Cut", "Cut the chosen words out of the short (Delete)", self.cut)
        self._back = button("Bring back", "Put the chosen words into the short (B)", self.bring_back)
        self._new = button("New short", "Make another short of the chosen words (Ctrl+N)", self.new_short.emit)
        for i, made in enumerate((self._take, self._cut, self._back, self._new)):
            grid.addWidget(made, i // 2, i % 2)
        box.addLayout(grid)
        row = QHBoxLayout()
        row.setSpacing(6)
        row.addWidget(button("Retype", "Type other words in their place (T, or double click)", self.retype.emit))
        row.addWidget(button("Hear", "Hear them in their surroundings (H)", self._work.hear))
        row.addWidget(self._more())
        box.addLayout(row)
        self._others = QHBoxLayout()
        self._others.setSpacing(6)
        box.addLayout(self._others)
        self._work.alternatives.connect(self._offer)

    def _more(self) -> QToolButton:
        more = QToolButton()
        more.setObjectName("plain")
        theme.draw(more, "more")
        more.setToolTip("More to do with the chosen words")
        more.setAccessibleName("More to do with the chosen words")
        more.setPopupMode(QToolButton.ToolButtonPopupMode.InstantPopup)
        menu = QMenu(more)
        work = self._work
        for text, does in (
            ("Right as it is\tA", work.accept), ("Other hearings\tW", work.ask), ("Find in the sound anew\tY", work.align),
            ("Merge into one word\tM", work.merge), ("Split into two", work.split), ("Not spoken, or spoken\tN", work.not_spoken),
            ("Remove from the transcript", work.remove), ("Begin earlier\t[", lambda: work.shift_start(-1)),
            ("Begin later\t]", lambda: work.shift_start(1)), ("End earlier\tShift+[", lambda: work.shift_end(-1)),
            ("End later\tShift+]", lambda: work.shift_end(1)),
        ):  # fmt: skip
            menu.addAction(text, lambda d=does: d())  # type: ignore[misc]
        more.setMenu(menu)
        return more

    def _offer(self, chosen: range, texts: tuple[str, ...], seen: Opened) -> None:
        """Other hearings as buttons: one click takes one."""
        self._clear_others()
        for text in texts[:4]:
            tip = f"Write “{text}” instead"
            made = button(text, tip, partial(self._take_other, chosen, text, seen))
            made.setSizePolicy(QSizePolicy.Policy.Ignored, QSizePolicy.Policy.Fixed)
            self._others.addWidget(made)

    def _take_other(self, chosen: range, text: str, seen: Opened) -> None:
        self._ws.revise_words(chosen, lambda t, c: corrections.retype(t, c, text), seen)
        self._clear_others()

    def _clear_others(self) -> None:
        while (item := self._others.takeAt(0)) is not None:
            widget = item.widget()
            if widget is not None:
                widget.hide()
                widget.deleteLater()

    def _framing_card(self) -> None:
        box = card_in(self._column, "FRAMING OF THIS SHOT")
        self._why = QLabel()
        self._why.setWordWrap(True)
        box.addWidget(self._why)
        self._people = QGridLayout()
        self._people.setSpacing(6)
        box.addLayout(self._people)
        self._auto = button("Frame automatically", "Let the camera follow who is talking again", self._release)
        box.addWidget(self._auto)
        row = QHBoxLayout()
        row.addWidget(QLabel("Calm"))
        self._calm = QSlider(Qt.Orientation.Horizontal)
        self._calm.setRange(0, 100)
        self._calm.setAccessibleName("Camera calmness")
        self._calm.setToolTip("How far the talker may move before the camera does")
        self._calm.sliderReleased.connect(self._set_calm)
        self._calm.actionTriggered.connect(lambda _a: None if self._calm.isSliderDown() else self._set_calm())
        row.addWidget(self._calm, 1)
        box.addLayout(row)

    def _captions_card(self) -> None:
        box = card_in(self._column, "CAPTIONS")
        row = QHBoxLayout()
        row.setSpacing(8)
        self._looks = QButtonGroup(self)
        for look in LOOKS:
            sample = LookButton(look)
            sample.clicked.connect(lambda _c=False, k=look: self._ws.edit(lambda s, _a: edits.set_look(s, k.name, k.title)))
            self._looks.addButton(sample)
            row.addWidget(sample, 1)
        box.addLayout(row)
        row = QHBoxLayout()
        self._captions_on = button("Captions on", "Show or hide the captions (C)", self.toggle_captions)
        self._captions_on.setCheckable(True)
        self._place = QSlider(Qt.Orientation.Horizontal)
        self._place.setRange(8, 90)
        self._place.setAccessibleName("Height of the captions")
        self._place.setToolTip("Where the captions stand: left is the top, right the bottom")
        self._place.sliderReleased.connect(self._set_place)
        self._place.actionTriggered.connect(lambda _a: None if self._place.isSliderDown() else self._set_place())
        self._clear = button("Clear of faces", "Let the captions keep clear of faces by themselves", self._place_free)
        self._clear.setCheckable(True)
        row.addWidget(self._captions_on)
        row.addWidget(self._clear)
        box.addLayout(row)
        row = QHBoxLayout()
        row.addWidget(QLabel("Height"))
        row.addWidget(self._place, 1)
        box.addLayout(row)

    # what it does

    def take(self) -> None:
        self._with_words(cutting.choose)

    def cut(self) -> None:
        self._with_words(cutting.cut)

    def bring_back(self) -> None:
        self._with_words(cutting.bring_back)

    def _with_words(self, make: Callable[[Short, Analysis, range], edits.Edit]) -> None:
        chosen = self._ws.chosen_or_said()
        if chosen is None:
            self._ws.said.emit("Choose words first: drag over them in the script.", "note")
            return
        self._ws.edit_words(chosen, make)

    def toggle_captions(self) -> None:
        self._ws.edit(lambda s, _a: edits.show_captions(s, not s.captions_on))

    def _release(self) -> None:
        shot = self._shot
        if shot is not None:
            self._ws.edit(lambda s, _a: edits.release_crop(s, shot))

    def _set_calm(self) -> None:
        value = self._calm.sliderPosition() / 100  # its value follows after a key
        self._ws.edit(lambda s, _a: edits.set_calm(s, value))

    def _set_place(self) -> None:
        value = self._place.sliderPosition() / 100
        self._ws.edit(lambda s, _a: edits.set_caption_place(s, value))

    def _place_free(self) -> None:
        self._ws.edit(lambda s, _a: edits.set_caption_place(s, None))

    # what it shows

    def refresh(self, moved: bool = False) -> None:
        opened = self._ws.opened
        self._inner.setEnabled(opened is not None)
        if opened is None:
            return
        span = opened.camera.span_at(self._ws.playhead)
        if moved and span.start == self._span_start:  # while playing only the word changes
            self._refresh_words()
            return
        self._span_start = span.start
        people, short = opened.analysis.people, opened.entry.short
        shot = people.shots[people.shot_at(self._ws.playhead)] if people.shots else None
        self._shot = (shot.start, shot.end) if shot else None
        self._why.setText(span.reason + ".")
        self._refresh_people(span.person)
        by_hand = [*(c.at for c in short.framing.crops), *(f.at for f in short.framing.follows)]
        free = shot is None or not any(shot.start <= at < shot.end for at in by_hand)
        self._auto.setEnabled(not free)
        self._calm.setValue(round(short.framing.calm * 100))
        for each in self._looks.buttons():
            each.setChecked(isinstance(each, LookButton) and each.look.name == short.look)
        self._captions_on.setChecked(short.captions_on)
        self._clear.setChecked(short.caption_y is None)
        self._place.setValue(round(opened.edition.caption_middle * 100))
        self._refresh_words()

    def _refresh_words(self) -> None:
        opened = self._ws.opened
        assert opened is not None
        words, chosen = opened.analysis.words, self._ws.selection
        if chosen:
            text = " ".join(words[i].text for i in chosen[:9]) + (" …" if len(chosen) > 9 else "")
            length = (words[chosen[-1]].end - words[chosen[0]].start) / TICKS
            self._words_text.setText(f"“{text}”\n{edits.count_of(len(chosen))}, {length:.{1 if length > 9 else 2}f} s")
        else:
            i = word_at(words, self._ws.playhead)
            about = f"“{words[i].text}” is being said." if i is not None else "Drag over words in the script to choose them."
            self._words_text.setText(about)
        sample = tuple(words[i].text for i in (chosen or range(min(2, len(words)))))[:2]
        for each in self._looks.buttons():
            if isinstance(each, LookButton):
                each.set_words(sample)

    def _refresh_people(self, followed: int | None) -> None:
        opened = self._ws.opened
        assert opened is not None
        people = opened.analysis.people
        here = sorted({t.person for t in people.tracks_in(people.shot_at(self._ws.playhead))}) if people.shots else []
        key = (tuple(people.names[p] for p in here), followed, self._shot)
        if key == self._people_key:
            return
        self._people_key = key
        while (item := self._people.takeAt(0)) is not None:
            old = item.widget()
            if old is not None:
                old.deleteLater()
        for person in here:
            name = people.names[person]
            tip = f"Follow {name} through this shot, whoever talks"
            made = button(name, tip, partial(self._follow, person, name))
            made.setCheckable(True)
            made.setChecked(person == followed)
            made.setSizePolicy(QSizePolicy.Policy.Ignored, QSizePolicy.Policy.Fixed)  # long names never widen the card
            place = self._people.count()
            self._people.addWidget(made, place // 2, place % 2)

    def _follow(self, person: int, name: str) -> None:
        shot = self._shot
        self._people_key = None
        if shot is not None:
            self._ws.edit(lambda s, _a: edits.follow(s, shot, person, name))

"""The Moments place: what is worth posting in the opened footage, why, and what to do with it."""

from __future__ import annotations

from functools import partial
from typing import Final

from PySide6.QtCore import QRectF, Qt, Signal
from PySide6.QtGui import QColor, QImage, QKeyEvent, QMouseEvent, QPainter, QPaintEvent, QPixmap
from PySide6.QtWidgets import (
    QComboBox,
    QFrame,
    QHBoxLayout,
    QLabel,
    QPushButton,
    QScrollArea,
    QSpinBox,
    QVBoxLayout,
    QWidget,
)

from standtall.base.time import clock, seconds
from standtall.desk import theme
from standtall.desk.fields import Field
from standtall.desk.player import wide_at
from standtall.desk.strip import SourceStrip
from standtall.desk.workspace import Opened, Workspace
from standtall.media.reader import PictureReader
from standtall.model import edits
from standtall.model.moment import PARTS, Moment, Part
from standtall.moments.find import Wish, find_moments

POSTER: Final = (108, 192)
NAMES: Final = {p: p.capitalize() for p in PARTS}
EXCERPT: Final = 46


class PartBars(QWidget):
    """The parts of a rating as bars with their names."""

    def __init__(self, parts: tuple[Part, ...]) -> None:
        super().__init__()
        self._parts = parts
        self.setFixedHeight(36)
        told = ", ".join(f"{NAMES[p.name]} {p.value:.0%}" for p in parts)
        self.setAccessibleName(f"Parts of the rating: {told}")
        self.setToolTip(told)

    def paintEvent(self, _event: QPaintEvent) -> None:
        painter = QPainter(self)
        look = theme.current()
        font = painter.font()
        font.setPixelSize(theme.SMALL)
        painter.setFont(font)
        wide = self.width() / len(self._parts)
        for i, part in enumerate(self._parts):
            x = i * wide
            painter.setPen(QColor(look.faint))
            painter.drawText(QRectF(x, 0, wide - 4, 16), Qt.AlignmentFlag.AlignLeft, NAMES[part.name])
            painter.fillRect(QRectF(x, 20, wide - 8, 8), QColor(look.line))
            colour = theme.KEPT if part.value >= 0.55 else theme.WARN
            painter.fillRect(QRectF(x, 20, (wide - 8) * part.value, 8), QColor(colour))


class MomentCard(QFrame):
    """One proposal: poster, title, length, parts, the reasons in plain words, what is said."""

    played = Signal(int)
    made = Signal(int, str)
    voted = Signal(int, object)

    def __init__(self, number: int, moment: Moment, text: str, kept: bool | None) -> None:
        super().__init__()
        self.number, self.moment, self.kept = number, moment, kept
        self.setObjectName("card")
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self._poster = QLabel()
        self._poster.setFixedSize(*POSTER)
        self._poster.setStyleSheet(f"background: {theme.WELL}; border-radius: 6px;")
        self.title = QComboBox()
        self.title.setEditable(True)
        self.title.addItems(list(moment.titles))
        self.title.setAccessibleName(f"Title of proposal {number + 1}")
        self.title.setToolTip("Titles from its own words; choose one or type another")
        line = self.title.lineEdit()
        if line is not None:
            line.setCursorPosition(0)
        head = QLabel(f"{number + 1}.  {seconds(moment.length):.0f} s  ·  from {clock(moment.start)}")
        head.setObjectName("faint")
        why = QLabel(_why(moment))
        why.setWordWrap(True)
        why.setTextFormat(Qt.TextFormat.RichText)
        said = QLabel(text)
        said.setWordWrap(True)
        said.setTextFormat(Qt.TextFormat.PlainText)
        said.setObjectName("faint")
        buttons = QHBoxLayout()
        buttons.setSpacing(6)
        for label, tip, does in (
            ("Play", "Play it in the tall picture (Enter)", lambda: self.played.emit(number)),
            ("Make a short", "Make a short of it and go to the Bench", lambda: self.made.emit(number, self.title.currentText())),
        ):
            button = QPushButton(label)
            button.setToolTip(tip)
            button.clicked.connect(lambda _c=False, d=does: d())
            buttons.addWidget(button)
        self._keep, self._pass = QPushButton("Keep"), QPushButton("Pass")
        for button, value, tip in (
            (self._keep, True, "Keep it: it stays when you ask again"),
            (self._pass, False, "Pass it over: it is not proposed again"),
        ):
            button.setCheckable(True)
            button.setChecked(kept is value)
            button.setToolTip(tip)
            button.clicked.connect(lambda on=False, v=value: self._vote(v, on))
            buttons.addWidget(button)
        right = QVBoxLayout()
        right.setSpacing(6)
        right.addWidget(self.title)
        right.addWidget(head)
        right.addWidget(PartBars(moment.parts))
        right.addWidget(why)
        right.addWidget(said)
        right.addLayout(buttons)
        right.addStretch(1)
        row = QHBoxLayout(self)
        row.setContentsMargins(12, 12, 12, 12)
        row.setSpacing(12)
        row.addWidget(self._poster, 0, Qt.AlignmentFlag.AlignTop)
        row.addLayout(right, 1)

    def _vote(self, value: bool, on: bool) -> None:
        self.kept = value if on else None
        self._keep.setChecked(self.kept is True)
        self._pass.setChecked(self.kept is False)
        self.voted.emit(self.number, self.kept)

    def set_poster(self, image: QImage) -> None:
        mode = Qt.TransformationMode.SmoothTransformation
        self._poster.setPixmap(QPixmap.fromImage(image.scaled(*POSTER, Qt.AspectRatioMode.KeepAspectRatioByExpanding, mode)))

    def show_chosen(self, chosen: bool) -> None:
        self.setProperty("chosen", chosen)
        self.style().unpolish(self)
        self.style().polish(self)

    def mousePressEvent(self, _event: QMouseEvent) -> None:
        self.played.emit(self.number)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() in (Qt.Key.Key_Return, Qt.Key.Key_Enter):
            self.played.emit(self.number)
        else:
            super().keyPressEvent(event)


def _why(moment: Moment) -> str:
    """The reasons, what earned first."""
    reasons = [r for name in PARTS for r in moment.part(name).reasons]
    out = []
    for good, mark, colour in ((True, "+", theme.KEPT), (False, "–", theme.WARN)):
        told = [r.text for r in reasons if r.good is good][:5]
        text = ";  ".join(t.replace("&", "&amp;").replace("<", "&lt;") for t in told)
        if text:
            out.append(f'<b style="color:{colour}">{mark}</b>&nbsp;{text}')
    return "<br>".join(out)


class MomentsPlace(QWidget):
    """Ask for moments, look at why each is proposed, play, keep, pass, make shorts."""

    played = Signal(object)
    """A moment to show in the tall picture."""
    made = Signal()

    def __init__(self, workspace: Workspace, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._ws = workspace
        self.moments: tuple[Moment, ...] = ()
        self.cards: list[MomentCard] = []
        self._votes: dict[tuple[int, int], bool] = {}
        self._asked_of: str | None = None
        self.strip = SourceStrip(workspace)
        self.strip.chosen.connect(self.play)
        title = QLabel("Moments")
        title.setObjectName("title")
        self.least, self.most, self.count = (self._number(*v) for v in (
            (15, 3, 600, " s", "Shortest"), (60, 5, 600, " s", "Longest"), (8, 1, 40, "", "How many"),
        ))  # fmt: skip
        self.topics = Field("Topics", "topics, with commas")
        self.topics.setToolTip("Passages about these come first")
        self.topics.returnPressed.connect(self.ask)
        self._ask = QPushButton("Find moments")
        self._ask.setObjectName("main")
        self._ask.setToolTip("Look for passages worth posting; what you kept stays")
        self._ask.clicked.connect(self.ask)
        self._make_all = QPushButton("Make all kept")
        self._make_all.setToolTip("Make a short of each proposal that you kept")
        self._make_all.clicked.connect(self.make_kept)
        head = QHBoxLayout()
        head.addWidget(title)
        head.addStretch(1)
        head.addWidget(self._make_all)
        asked = QHBoxLayout()
        asked.setSpacing(6)
        for label, widget in (("from", self.least), ("to", self.most), ("at most", self.count)):
            asked.addWidget(QLabel(label))
            asked.addWidget(widget)
        asked.addWidget(self.topics, 1)
        asked.addWidget(self._ask)
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
        right.setSpacing(10)
        right.addLayout(head)
        right.addLayout(asked)
        right.addWidget(self._scroll, 1)
        whole = QHBoxLayout(self)
        whole.setContentsMargins(14, 14, 10, 10)
        whole.setSpacing(12)
        whole.addWidget(self.strip)
        whole.addLayout(right, 1)
        workspace.opened_changed.connect(self._reopened)
        self._reopened()

    def _number(self, value: int, low: int, high: int, unit: str, name: str) -> QSpinBox:
        box = QSpinBox()
        box.setRange(low, high)
        box.setValue(value)
        box.setSuffix(unit)
        box.setAccessibleName(name)
        box.setToolTip(name)
        box.setFixedWidth(62)
        box.setAlignment(Qt.AlignmentFlag.AlignCenter)
        return box

    # asking

    def _reopened(self) -> None:
        opened = self._ws.opened
        for widget in (self._ask, self._make_all, self.least, self.most, self.count, self.topics):
            widget.setEnabled(opened is not None)
        if opened is None:
            self._show((), "Open footage on the Bench first: its moments are found here.")
        elif self._asked_of != opened.source.key:
            brief = self._ws.brief_of(opened.source)
            self.least.setValue(min(brief.least_s, brief.most_s))
            self.most.setValue(brief.most_s)
            self.topics.setText(", ".join(brief.topics))
            self._show((), "“Find moments” looks for passages that can stand alone as a short.")
        self.strip.update()

    def wish(self) -> Wish:
        """What the fields ask for, with what was kept of this footage."""
        topics = tuple(t for t in (" ".join(p.split()) for p in self.topics.text().split(",")) if t)
        least = min(self.least.value(), self.most.value())
        return Wish(least, max(self.most.value(), least), self.count.value(), topics, voted=tuple(self._votes.items()))

    def ask(self) -> None:
        """Look for moments in the background."""
        opened = self._ws.opened
        if opened is None:
            return
        self._told.setText("Looking…")

        def with_votes(votes: dict[tuple[int, int], bool]) -> None:
            self._votes = votes
            wish = self.wish()
            self._ws.in_background(lambda: find_moments(opened.analysis, wish), partial(self._found, opened))

        self._ws.votes(with_votes)

    def _found(self, opened: Opened, moments: tuple[Moment, ...]) -> None:
        self._asked_of = opened.source.key
        if moments:
            self._show(moments, "")
        elif not opened.analysis.words:
            self._show((), "Nobody says a word in this footage, so nothing can be proposed. Choose a part on the Bench by time.")
        else:
            self._show((), f"No whole sentences last from {self.least.value()} to {self.most.value()} s. Ask for other lengths.")

    def _show(self, moments: tuple[Moment, ...], told: str) -> None:
        self.moments = moments
        while (item := self._list.takeAt(0)) is not None:
            widget = item.widget()
            if widget is not None:
                widget.hide()
                widget.deleteLater()
        self.cards = []
        opened = self._ws.opened
        for number, moment in enumerate(moments):
            assert opened is not None
            texts = [opened.analysis.words[i].text for i in moment.words]
            text = " ".join(texts[:EXCERPT]) + (" …" if len(texts) > EXCERPT else "")
            card = MomentCard(number, moment, text, self._votes.get((moment.start, moment.end)))
            card.played.connect(self.play)
            card.made.connect(self.make)
            card.voted.connect(self._voted)
            self._list.addWidget(card)
            self.cards.append(card)
        self._told.setText(told)
        self._told.setVisible(bool(told))
        self.strip.show_moments(moments)
        if moments and opened is not None and opened.source.has_picture:
            self._make_posters(opened, moments)

    def _make_posters(self, opened: Opened, moments: tuple[Moment, ...]) -> None:
        path, rotation = (opened.proxy, 0) if opened.proxy else (opened.source.path, opened.source.rotation)

        def work() -> list[QImage]:
            out = []
            with PictureReader(path, rotation) as reader:
                for moment in moments:
                    tick = min(moment.start + 24_000, moment.end)
                    wide, crop = wide_at(reader, tick, 640), opened.camera.at(tick).crop
                    w, h = wide.width(), wide.height()
                    out.append(wide.copy(round(crop.x * w), round(crop.y * h), round(crop.w * w), round(crop.h * h)))
            return out

        def arrived(images: list[QImage]) -> None:
            if self.moments is moments:
                for card, image in zip(self.cards, images, strict=True):
                    card.set_poster(image)

        self._ws.in_background(work, arrived)

    # what is done with one

    def play(self, number: int) -> None:
        for card in self.cards:
            card.show_chosen(card.number == number)
        self.strip.show_moments(self.moments, number)
        self._scroll.ensureWidgetVisible(self.cards[number])
        self.played.emit(self.moments[number])

    def make(self, number: int, title: str) -> None:
        """A short of a proposal, under a title, opened on the Bench."""
        self._make_short(self.moments[number], title)
        self.made.emit()

    def make_kept(self) -> None:
        """A short of each proposal that was kept."""
        kept = [card for card in self.cards if card.kept]
        if not kept:
            self._ws.said.emit("Keep at least one proposal first.", "note")
            return
        for card in kept:
            self._make_short(card.moment, card.title.currentText())
        self._ws.said.emit(f"{edits.count_of(len(kept), 'short')} made.", "note")

    def _make_short(self, moment: Moment, title: str) -> None:
        self._ws.make_short(title, moment.words)

    def _voted(self, number: int, kept: bool | None) -> None:
        moment = self.moments[number]
        key = (moment.start, moment.end)
        self._votes = {k: v for k, v in self._votes.items() if k != key}
        if kept is not None:
            self._votes[key] = kept
        self._ws.vote(moment.start, moment.end, kept)

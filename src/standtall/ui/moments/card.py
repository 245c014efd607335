"""A proposal as a card: poster, title, parts of its rating, the reasons in plain words, what is said."""

from __future__ import annotations

from dataclasses import replace
from typing import Final

from PySide6.QtCore import QRectF, Qt, Signal
from PySide6.QtGui import QColor, QContextMenuEvent, QImage, QKeyEvent, QMouseEvent, QPainter, QPaintEvent, QPixmap
from PySide6.QtWidgets import QComboBox, QFrame, QHBoxLayout, QLabel, QPushButton, QVBoxLayout, QWidget

from standtall.base.interface_language import capital, tr
from standtall.base.time import clock, seconds
from standtall.model.analysis import Analysis
from standtall.model.moment import PARTS, Moment, Part, PartName, Shape
from standtall.ui.widgets import theme
from standtall.ui.widgets.context_menu import buttons_at
from standtall.ui.widgets.fields import button
from standtall.ui.widgets.tips import set_tip

POSTER: Final = (108, 192)
NAMES: Final = {p: capital(tr(p)) for p in PARTS}
EXCERPT: Final = 46


class PartBars(QWidget):
    """The parts of a rating as bars with their names."""

    def __init__(self, parts: tuple[Part, ...]) -> None:
        super().__init__()
        self._parts = parts
        self.setFixedHeight(36)
        told = ", ".join(f"{NAMES[p.name]} {p.value:.0%}" for p in parts)
        self.setAccessibleName(tr("Parts of the rating: {told}", told=told))
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
    liked = Signal(int)
    reshaped = Signal(int, object)
    """Number, and the shape it is to have."""

    def __init__(self, number: int, moment: Moment, analysis: Analysis, kept: bool | None) -> None:
        super().__init__()
        self.number, self.moment, self.kept = number, moment, kept
        self.setObjectName("card")
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self._poster = QLabel()
        self._poster.setFixedSize(*POSTER)
        self._poster.setStyleSheet(f"background: {theme.WELL}; border-radius: 6px;")
        self.title = QComboBox()
        self.title.setEditable(True)
        self.title.setSizeAdjustPolicy(QComboBox.SizeAdjustPolicy.AdjustToMinimumContentsLengthWithIcon)
        for title in moment.titles:
            self.title.addItem(title.text)
            self.title.setItemData(self.title.count() - 1, title.manner, Qt.ItemDataRole.ToolTipRole)
        self.title.setAccessibleName(tr("Title of proposal {number}", number=number + 1))
        set_tip(self.title, tr("Titles from its own words, in up to four manners; choose one or type another"))
        line = self.title.lineEdit()
        if line is not None:
            line.setCursorPosition(0)
        about = tr("  ·  about {these}", these="; ".join(moment.about)) if moment.about else ""
        head = QLabel(
            tr(
                "{number}.  {length:.0f} s  ·  from {start}{about}",
                number=number + 1,
                length=seconds(moment.length),
                start=clock(moment.start),
                about=about,
            )
        )
        head.setWordWrap(True)
        head.setTextFormat(Qt.TextFormat.PlainText)
        head.setObjectName("faint")
        why = QLabel(_why(moment))
        why.setWordWrap(True)
        why.setTextFormat(Qt.TextFormat.RichText)
        said = QLabel(_text(moment, analysis))
        said.setWordWrap(True)
        said.setTextFormat(Qt.TextFormat.PlainText)
        said.setObjectName("faint")
        buttons = QHBoxLayout()
        buttons.setSpacing(6)
        for label, tip, does in (
            (tr("Play"), tr("Play it in the tall picture (Enter)"), lambda: self.played.emit(number)),
            (
                tr("Make a short"),
                tr("Make a short of it and go to the Bench"),
                lambda: self.made.emit(number, self.title.currentText()),
            ),
            (tr("More like this"), tr("Look for passages about the same things"), lambda: self.liked.emit(number)),
        ):
            buttons.addWidget(button(label, tip, does, "side"))
        self._keep, self._pass = QPushButton(tr("Keep")), QPushButton(tr("Skip"))
        for vote, value, tip in (
            (self._keep, True, tr("Keep it: it stays when you ask again")),
            (self._pass, False, tr("Skip it: it is not proposed again")),
        ):
            vote.setCheckable(True)
            vote.setObjectName("side")
            vote.setFocusPolicy(Qt.FocusPolicy.TabFocus)
            vote.setChecked(kept is value)
            vote.setToolTip(tip)
            vote.clicked.connect(lambda on=False, v=value: self._vote(v, on))
            buttons.addWidget(vote)
        right = QVBoxLayout()
        right.setSpacing(6)
        right.addWidget(self.title)
        right.addWidget(head)
        right.addWidget(PartBars(moment.parts))
        right.addWidget(why)
        for text, tip, name, shape in _changes(moment, analysis):
            change = QHBoxLayout()
            told = QLabel(text)
            told.setWordWrap(True)
            told.setTextFormat(Qt.TextFormat.PlainText)
            undo = QPushButton(name)
            undo.setObjectName("small")
            undo.setToolTip(tip)
            undo.clicked.connect(lambda _c=False, wanted=shape: self.reshaped.emit(number, wanted))
            change.addWidget(told, 1)
            change.addWidget(undo, 0, Qt.AlignmentFlag.AlignTop)
            right.addLayout(change)
        right.addWidget(said)
        right.addLayout(buttons)
        right.addStretch(1)
        row = QHBoxLayout(self)
        row.setContentsMargins(12, 12, 12, 12)
        row.setSpacing(12)
        row.addWidget(self._poster, 0, Qt.AlignmentFlag.AlignTop)
        row.addLayout(right, 1)

    def contextMenuEvent(self, event: QContextMenuEvent) -> None:
        buttons_at(event.globalPos(), self)

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
    """The reasons, what earned first; those of the edges stand before those of what lies between."""
    order: tuple[PartName, ...] = ("opening", "edges", *(name for name in PARTS if name not in ("opening", "edges")))
    reasons = [r for name in order for r in moment.part(name).reasons]
    out = []
    for good, mark, colour in ((True, "+", theme.KEPT), (False, "–", theme.WARN)):
        told = [r.text for r in reasons if r.good is good][:5]
        text = ";  ".join(t.replace("&", "&amp;").replace("<", "&lt;") for t in told)
        if text:
            out.append(f'<b style="color:{colour}">{mark}</b>&nbsp;{text}')
    return "<br>".join(out)


def _text(moment: Moment, analysis: Analysis) -> str:
    texts = [analysis.words[i].text for i in moment.words[:EXCERPT]]
    return " ".join(texts) + (" …" if len(moment.words) > EXCERPT else "")


def _changes(moment: Moment, analysis: Analysis) -> list[tuple[str, str, str, Shape]]:
    """How it differs from what was said: in words, what the button tells and is called, and the shape without the change."""

    def told(run: range) -> tuple[str, float]:
        texts = [analysis.words[i].text for i in run]
        text = " ".join(texts[:12]) + (" …" if len(texts) > 12 else "")
        return text, seconds(analysis.words[run[-1]].end - analysis.words[run.start].start)

    out = []
    now = moment.shape
    if moment.lead is not None:
        start = clock(analysis.words[moment.lead.start].start)
        text = tr("↑ opens on a line from {start}: “{told}”", start=start, told=told(moment.lead)[0])
        out.append((text, tr("Keep the original order"), tr("Undo"), replace(now, lead=None)))
    if moment.dull is not None:
        said, length = told(moment.dull)
        out.append(
            (
                tr("✂ leaves out {length:.0f} s: “{said}”", length=length, said=said),
                tr("Put it back"),
                tr("Undo"),
                replace(now, dull=None),
            )
        )
    if moment.reaction is not None:
        text = tr("▸ stops before the reaction: “{told}”", told=told(moment.reaction)[0])
        out.append((text, tr("Let the listener be heard, too"), tr("Put it back"), replace(now, last=moment.reaction[-1])))
    if moment.reacts is not None:
        text = tr("▸ ends on a reaction: “{told}”", told=told(moment.reacts)[0])
        out.append((text, tr("Stop where it is told"), tr("Leave it out"), replace(now, last=moment.reacts.start - 1)))
    return out

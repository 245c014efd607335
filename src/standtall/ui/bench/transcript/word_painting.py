"""Where the words stand on the transcript page, and how they are painted."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass

from PySide6.QtCore import QLineF, QPointF, QRectF, Qt
from PySide6.QtGui import QColor, QFont, QFontMetricsF, QPainter, QPen

from standtall.ink.families import SCRIPTS
from standtall.language.direction import reads_backwards
from standtall.model.words import NOBODY, Word
from standtall.ui.state.opened import Opened
from standtall.ui.state.rows import ROW, Page
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets import theme


@dataclass(frozen=True, slots=True)
class Column:
    """The column of the words: its left and right edge in pixels."""

    left: float
    right: float


class PageWords:
    """The words of the page in front; `column` says where their column is now."""

    def __init__(self, workspace: Workspace, page: Callable[[], Page | None], column: Callable[[], Column]) -> None:
        self._ws, self._page, self._column = workspace, page, column
        self.kept: frozenset[int] = frozenset()
        """Numbers of the words that the short holds."""
        self.inside = range(0)
        """Words between the first and the last of them."""
        self._placed: dict[int, list[tuple[int, QRectF]]] = {}
        self._placed_on: Page | None = None
        self._advances: dict[str, float] = {}

    def keep(self, kept: frozenset[int]) -> None:
        """Let these be the words that the short holds."""
        self.kept, self.inside = kept, range(min(kept, default=0), max(kept, default=-1) + 1)

    def forget_places(self) -> None:
        """The column is another one: words stand elsewhere."""
        self._placed = {}

    def font(self) -> QFont:
        font = QFont()
        font.setFamilies(["Inter", *SCRIPTS])
        font.setPixelSize(theme.PAGE)
        return font

    def places(self, number: int) -> list[tuple[int, QRectF]]:
        """Word boxes of a row in page coordinates."""
        page, opened = self._page(), self._ws.opened
        if page is None or opened is None:
            return []
        if self._placed_on is not page:
            self._placed_on, self._placed = page, {}
        if number in self._placed:
            return self._placed[number]
        row = page.rows[number]
        x = self._column().left + 18
        space = self._advance(" ")
        out: list[tuple[int, QRectF]] = []
        words = opened.analysis.words[row.first : row.last + 1]
        backwards = reads_backwards(w.text for w in words)
        if backwards:
            x = self._column().right - 12
        for word in words:
            w = self._advance(_shown(word))
            out.append((row.first + len(out), QRectF(x - w if backwards else x, row.top, w, ROW)))
            x += -(w + space) if backwards else w + space
        self._placed[number] = out
        return out

    def _advance(self, text: str) -> float:
        """Width of a text in pixels; talk says the same words again and again."""
        known = self._advances.get(text)
        if known is None:
            known = self._advances[text] = QFontMetricsF(self.font()).horizontalAdvance(text)
        return known

    def paint_now(self, painter: QPainter, opened: Opened, page: Page) -> None:
        """Light the word that is being said."""
        words = opened.analysis.words
        now = opened.said_at(self._ws.selection.playhead)
        if now is None or now in (self._ws.selection.words or range(0)):
            return
        box = dict(self.places(page.row_of(now))).get(now)
        if box is None:
            return
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(QColor(theme.NOW))
        painter.drawRoundedRect(box.adjusted(-2, 3, 2, -3), 4, 4)
        painter.setFont(self.font())
        painter.setPen(QColor(theme.ON_NOW))
        painter.drawText(box.adjusted(0, 0, 20, 0), Qt.AlignmentFlag.AlignVCenter, _shown(words[now]))

    def paint(self, painter: QPainter, area: QRectF) -> None:
        opened, page = self._ws.opened, self._page()
        assert opened is not None and page is not None
        look = theme.current()
        words = opened.analysis.words
        chosen = self._ws.selection.words or range(0)
        hits = {i: n for n, hit in enumerate(self._ws.search.hits) for i in hit}
        kept, struck, outside, unspoken = self._hands(look)
        down = (ROW + QFontMetricsF(kept[0]).ascent() - QFontMetricsF(kept[0]).descent()) / 2
        dotted = QPen(QColor(theme.WARN), 1.6, Qt.PenStyle.DotLine)
        own = opened.entry.short.captions.own_words(opened.source.key)
        for number in page.visible(area.top(), area.bottom()):
            self._paint_speaker(painter, opened, page, number)
            runs: list[tuple[tuple[QFont, QColor], float, list[str]]] = []
            places = self.places(number)
            backwards = len(places) > 1 and places[0][1].left() > places[-1][1].left()
            for i, box in places:
                word = words[i]
                if i in hits:
                    found = QColor(theme.NOW)
                    found.setAlpha(150 if hits[i] == self._ws.search.hit else 70)
                    painter.fillRect(box.adjusted(-2, 2, 3, -2), found)
                if i in chosen:
                    painter.fillRect(box.adjusted(-2, 2, 3, -2), QColor(look.chosen))
                if word.kind == "unspoken":
                    hand = unspoken
                else:
                    hand = kept if i in self.kept else (struck if i in self.inside else outside)
                if runs and runs[-1][0] is hand and not backwards:  # words that look alike are written in one go
                    runs[-1][2].append(_shown(word))
                else:
                    runs.append((hand, box.left(), [_shown(word)]))
            for (font, ink), x, texts in runs:
                painter.setFont(font)
                painter.setPen(ink)
                painter.drawText(QPointF(x, page.rows[number].top + down), " ".join(texts))
            painter.setPen(Qt.PenStyle.NoPen)
            painter.setBrush(QColor(theme.KEPT))
            for i, box in places:
                if words[i].id in own:
                    painter.drawEllipse(QPointF(box.right() + 1, box.top() + 7), 2.6, 2.6)
            painter.setPen(dotted)
            doubts = [box for i, box in places if words[i].low_confidence]
            painter.drawLines([QLineF(b.left(), b.bottom() - 4, b.right(), b.bottom() - 4) for b in doubts])

    def _hands(self, look: theme.Theme) -> tuple[tuple[QFont, QColor], ...]:
        """Font and ink of words that are in the short, struck out of it, outside it, and not spoken."""
        struck, unspoken = self.font(), self.font()
        struck.setStrikeOut(True)
        unspoken.setItalic(True)
        pale = QColor(look.pale_ink)
        return (self.font(), QColor(look.ink)), (struck, QColor(look.struck_ink)), (self.font(), pale), (unspoken, pale)

    def _paint_speaker(self, painter: QPainter, opened: Opened, page: Page, number: int) -> None:
        """The colour of who talks in a row, and the name where another one begins."""
        words, row = opened.analysis.words, page.rows[number]
        speaker = words[row.first].speaker
        if not 0 <= speaker < len(opened.transcript.speakers):
            return
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(theme.person_colour(self._ws.colour_number(speaker)).darker(118))
        painter.drawRoundedRect(QRectF(self._column().left + 6, row.top + 3, 4, ROW - 6), 2, 2)
        if speaker != (words[row.first - 1].speaker if row.first else NOBODY):
            self._paint_name(painter, number, opened.transcript.name_of(speaker))

    def _paint_name(self, painter: QPainter, number: int, name: str) -> None:
        """The speaker's name at the end of the row where it fits beside the words."""
        font = self.font()
        font.setPixelSize(12)
        painter.setFont(font)
        places = self.places(number)
        right = self._column().right - 8
        wide = painter.fontMetrics().horizontalAdvance(name)
        left = self._column().left + 18
        if places and places[-1][1].left() < places[0][1].left():
            if places[-1][1].left() - 12 > left + wide:
                painter.setPen(QColor(theme.current().pale_ink))
                painter.drawText(QRectF(left, places[0][1].top(), wide + 2, ROW), Qt.AlignmentFlag.AlignVCenter, name)
        elif places and places[-1][1].right() + 12 < right - wide:
            painter.setPen(QColor(theme.current().pale_ink))
            place = QRectF(right - wide, places[0][1].top(), wide + 2, ROW)
            painter.drawText(place, Qt.AlignmentFlag.AlignVCenter | Qt.AlignmentFlag.AlignRight, name)


def _shown(word: Word) -> str:
    """A word as the page shows it: in brackets where it was not spoken."""
    return f"({word.text})" if word.kind == "unspoken" else word.text

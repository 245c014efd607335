"""The picture that is kept of the transcript page, on a page of stripes, at several scales of the screen."""

from __future__ import annotations

import pytest
from PySide6.QtCore import QRectF
from PySide6.QtGui import QColor, QImage, QPainter, QPixmap
from PySide6.QtWidgets import QWidget
from pytestqt.qtbot import QtBot

from standtall.ui.bench.transcript import ground
from standtall.ui.bench.transcript.ground import Ground

WIDE, HIGH = 40, 400


class Viewport(QWidget):
    """A part of a window on a screen with `ratio` pixels to each of the window."""

    ratio = 1.0

    def devicePixelRatioF(self) -> float:
        return self.ratio


@pytest.fixture
def viewport(qtbot: QtBot) -> Viewport:
    made = Viewport()
    qtbot.addWidget(made)
    made.resize(WIDE, HIGH)
    return made


def stripes(part: QRectF, painter: QPainter) -> None:
    """A stripe of another colour every 8 pixels of the page."""
    for n in range(int(part.top()) // 8 - 1, int(part.bottom()) // 8 + 2):
        painter.fillRect(QRectF(0, 8 * n, WIDE, 8), QColor((37 * n) % 256, (91 * n) % 256, (13 * n) % 256))


def shown(kept: Ground, viewport: Viewport, top: int) -> QImage:
    """What is seen after one painting."""
    screen = QPixmap(viewport.size() * viewport.ratio)
    screen.setDevicePixelRatio(viewport.ratio)
    painter = QPainter(screen)
    kept.paint(painter, top, stripes)
    painter.end()
    return screen.toImage()


def differing(a: QImage, b: QImage) -> int:
    """Number of pixels that are not the same."""
    assert a.size() == b.size()
    return sum(a.pixel(x, y) != b.pixel(x, y) for y in range(a.height()) for x in range(a.width()))


@pytest.mark.parametrize("ratio", [1.0, 1.25, 1.5, 2.0])
def test_a_page_that_was_scrolled_is_the_same_picture_as_a_fresh_one_at_once(viewport: Viewport, ratio: float) -> None:
    viewport.ratio = ratio
    kept, top = Ground(viewport), 0
    while not kept.is_whole:
        shown(kept, viewport, top)
    for to in (81, 85, 60, 141, 40, 0):
        kept.scroll(top - to, to)
        top = to
        seen = shown(kept, viewport, top)
        fresh = Ground(viewport)
        while not fresh.is_whole:
            whole = shown(fresh, viewport, top)
        assert kept.is_whole, "nobody sees an empty stretch while the wheel is turned"
        assert differing(seen, whole) <= 5, (ratio, to)  # of 100,000: Qt may smooth the end of a stripe otherwise


def test_a_jump_shows_nothing_of_what_was_there(viewport: Viewport, monkeypatch: pytest.MonkeyPatch) -> None:
    monkeypatch.setattr(ground, "LONGEST_S", -1.0)
    kept = Ground(viewport)
    while not kept.is_whole:
        before = shown(kept, viewport, 0)
    kept.scroll(-4_000, 4_000)
    first = shown(kept, viewport, 4_000)
    assert not kept.is_whole and first.pixel(5, HIGH - 5) != before.pixel(5, HIGH - 5)
    assert first.pixel(5, HIGH - 5) == shown(Ground(viewport), viewport, 0).pixel(5, HIGH - 5), "paper until it is painted"


@pytest.mark.parametrize("ratio", [1.0, 1.25, 2.0])
def test_another_height_paints_only_what_is_new(viewport: Viewport, ratio: float) -> None:
    """A message beside the page makes it less high, and its end higher again."""
    viewport.ratio = ratio
    kept, top = Ground(viewport), 81
    while not kept.is_whole:
        shown(kept, viewport, top)
    painted: list[QRectF] = []

    def noted(part: QRectF, painter: QPainter) -> None:
        painted.append(part)
        stripes(part, painter)

    for high in (HIGH - 40, HIGH + 24, HIGH):
        before = viewport.size()
        viewport.resize(WIDE, high)
        kept.resize(before, top)
        screen = QPixmap(viewport.size() * ratio)
        screen.setDevicePixelRatio(ratio)
        with QPainter(screen) as painter:
            kept.paint(painter, top, noted)
        fresh = Ground(viewport)
        while not fresh.is_whole:
            whole = shown(fresh, viewport, top)
        assert kept.is_whole
        assert differing(screen.toImage(), whole) <= 5, (ratio, high)
    assert [round(p.height()) for p in painted] == pytest.approx([64], abs=1), "only what came below"


def test_another_width_or_screen_paints_everything(viewport: Viewport) -> None:
    kept = Ground(viewport)
    for width, ratio in ((WIDE + 8, 1.0), (WIDE + 8, 2.0)):
        while not kept.is_whole:
            shown(kept, viewport, 0)
        before = viewport.size()
        viewport.resize(width, HIGH)
        viewport.ratio = ratio
        kept.resize(before, 0)
        assert not kept.is_whole

"""Paints the lanes of the transcript page: time with the voice level, the picture lane, the extras."""

from __future__ import annotations

import bisect
import functools
from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from operator import attrgetter

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QBrush, QColor, QFont, QImage, QPainter, QPen, QPolygonF

from standtall.base.geometry import Rect
from standtall.base.time import TICKS_PER_SECOND, clock
from standtall.framing.following import FASTEST, Path
from standtall.framing.spans import Span
from standtall.model.analysis import LEVEL_STEP
from standtall.model.cut import Segment
from standtall.model.people import People, Talk, Track
from standtall.sound.meters import Meters
from standtall.ui.state.opened import Opened
from standtall.ui.state.rows import ROW, Page
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets import theme

SPEED_WIDE, SLOWEST_SHOWN = 16, 0.02
"""Pixels of the bar of a camera that moves as fast as it may, and the speed (crop widths a second) from which there is one."""


TENTH, LOW_LUFS, HIGH_LUFS, LOUD_WIDE = TICKS_PER_SECOND // 10, -36.0, -8.0, 22.0
"""The loudness line: its step in ticks, what stands at its ends in LUFS, its width in pixels."""


BESIDE = "#e9e4da"
EACH = 3
"""Every so many samples of a face are a point of its ribbon."""
FIRM = 32
"""Of a side that runs down the page every so many points stand, and it is painted from one such to another: so it is the same
whatever stretch of the page is painted."""


@dataclass(frozen=True, slots=True)
class LaneBox:
    """Where the picture lane lies: left edge and width, and the part of the page in view."""

    x: float
    w: float
    top: float
    high: float

    def at(self, share: float) -> float:
        return self.x + share * self.w


def _small_font() -> QFont:
    font = QFont("Inter")
    font.setPixelSize(theme.SMALL)
    return font


def paint_time_lane(painter: QPainter, area: QRectF, lane: LaneBox, level_db: NDArray[np.float32], page: Page) -> None:
    """Clock times beside rows, and how loud the voice is."""
    look = theme.current()
    painter.fillRect(QRectF(0, area.top(), lane.x, area.height()), QColor(look.page_rule))
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(QColor(theme.LIGHT.line))
    heights = np.arange(int(area.top()) // 3 * 3, area.bottom() + 3, 3)
    edges = (page.ticks(heights) // LEVEL_STEP).astype(int)
    part = level_db[: max(edges[-1], edges[-2] + 1)]
    starts = edges[:-1][edges[:-1] < len(part)]
    if len(starts):
        shares = np.clip((np.maximum.reduceat(part, starts) + 55) / 45, 0, 1) * 22
        painter.drawRects([QRectF(lane.x - 1 - w, y, w, 2) for y, w in zip(heights.tolist(), shares.tolist(), strict=False)])
    painter.setFont(_small_font())
    painter.setPen(QColor(look.faint if look.name == "light" else "#5f584c"))
    last = -100.0
    for number in page.visible(area.top() - 40, area.bottom()):
        row = page.rows[number]
        if row.top - last >= 2 * ROW or last < 0:
            last = row.top
        if number % 2 == 0:
            painter.drawText(QRectF(5, row.top, 40, ROW), Qt.AlignmentFlag.AlignVCenter, clock(row.start))


def seen_pieces(opened: Opened, page: Page, area: QRectF) -> Iterator[tuple[int, Segment]]:
    """The pieces of the source on the Bench of which anything is seen between two heights, with their numbers."""
    time_map = opened.composition.time_map
    for number in time_map.within(opened.source.key, page.tick(area.top() - 1), page.tick(area.bottom() + 1) + 1):
        yield number, time_map.segments[number]


def paint_loudness(painter: QPainter, area: QRectF, lane: LaneBox, opened: Opened, page: Page, meters: Meters) -> None:
    """The short-term loudness of the finished sound beside its words, as a line over the level of the voice."""
    time_map, lead = opened.composition.time_map, opened.composition.lead_ticks
    painter.setBrush(Qt.BrushStyle.NoBrush)
    painter.setPen(QPen(QColor(theme.KEPT), 1.4))
    for number, segment in seen_pieces(opened, page, area):
        ticks = np.arange(segment.start, segment.end, TENTH)
        tenths = (time_map.span_of(number)[0] + lead + ticks - segment.start) // TENTH
        loud = meters.short[np.minimum(tenths, len(meters.short) - 1)]
        xs = lane.x - 1 - np.clip((loud - LOW_LUFS) / (HIGH_LUFS - LOW_LUFS), 0, 1) * LOUD_WIDE
        seen = (page.ys(ticks) > area.top() - 40) & (page.ys(ticks) < area.bottom() + 40)
        points = zip(xs[seen].tolist(), page.ys(ticks)[seen].tolist(), strict=True)
        painter.drawPolyline(QPolygonF([QPointF(x, y) for x, y in points]))


def paint_picture_lane(painter: QPainter, area: QRectF, lane: LaneBox, ws: Workspace, page: Page) -> None:
    """A dark well as wide as the footage: pictures at cuts, faces as ribbons, the crop as a band; while something is dragged, as
    it would be."""
    opened = ws.opened
    assert opened is not None
    camera = ws.trial.camera or opened.camera
    painter.fillRect(QRectF(lane.x, area.top(), lane.w, area.height()), QColor(theme.WELL))
    people = opened.camera.people
    first, last = page.tick(area.top() - 120), page.tick(area.bottom() + 2)
    shots = people.shots[people.shot_at(first) : people.shot_at(last) + 1] if people.shots else ()
    for shot in shots:
        here = ws.thumbs.between(shot.start, shot.end) if ws.thumbs is not None else []
        for n, (tick, thumb) in enumerate(here):
            top = page.y(tick)
            bottom = page.y(here[n + 1][0] if n + 1 < len(here) else shot.end)
            if bottom < area.top() or top > area.bottom():
                continue
            high = lane.w * thumb.height() / thumb.width()
            painter.save()
            painter.setClipRect(QRectF(lane.x, top, lane.w, min(high, bottom - top)), Qt.ClipOperation.IntersectClip)
            painter.setOpacity(0.62)
            painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
            painter.drawImage(QRectF(lane.x, top, lane.w, high), thumb)
            painter.restore()
    for number in range(people.shot_at(first), people.shot_at(last) + 1) if people.shots else ():
        for track in people.tracks_in(number):
            if track.end > first and track.start < last:
                _ribbon(painter, lane, page, track, first, last)
    for beside in people.overlaps:
        if beside.start < last and beside.end > first:
            _beside(painter, lane, page, people, beside)
    spans = camera.spans
    near = bisect.bisect_right(spans, first, key=lambda s: s.start) - 1
    for span in spans[max(0, near) : bisect.bisect_left(spans, last, key=lambda s: s.start)]:
        if span.end > first and span.start < last:
            _band(painter, lane, page, opened, span, (first, last))
    for punch in opened.entry.short.framing.punches:
        if punch.source == opened.source.key and punch.start <= last and punch.end >= first:
            top, bottom = page.y(punch.start), page.y(punch.end)
            painter.fillRect(QRectF(lane.x + 1, top, 4, max(3.0, bottom - top)), QColor(theme.KEPT))
    for notice in opened.notices:
        if notice.place is not None and notice.place.source == opened.source.key and first <= notice.place.tick <= last:
            _mark(painter, lane.x + lane.w, page.y(notice.place.tick))
    for shot in shots:
        if first <= shot.start <= last and shot.start > 0:
            y = page.y(shot.start)
            painter.setPen(QPen(QColor("#e9e4da"), 1))
            painter.drawLine(QPointF(lane.x, y), QPointF(lane.x + lane.w, y))


def _ribbon(painter: QPainter, lane: LaneBox, page: Page, track: Track, first: int, last: int) -> None:
    all_of_it, at = track.samples, attrgetter("at")
    begin = bisect.bisect_left(all_of_it, first - TICKS_PER_SECOND, key=at) // (EACH * FIRM) * (EACH * FIRM)
    end = bisect.bisect_right(all_of_it, last + TICKS_PER_SECOND, key=at) + EACH * FIRM
    samples = all_of_it[begin : end // (EACH * FIRM) * EACH * FIRM + 1 : EACH] or all_of_it[:1]
    edges = np.array([(s.x, s.x + s.w) for s in samples]) * lane.w + lane.x
    left, right = _sides(edges, page.ys(np.array([s.at for s in samples])))
    _fill(painter, left, right, _cloth(track.person))
    painter.setPen(theme.person_colour(track.person))
    painter.setOpacity(0.5)
    painter.drawPolyline(QPolygonF(left))
    painter.drawPolyline(QPolygonF(right))
    painter.setOpacity(1.0)


def _fill(painter: QPainter, left: list[QPointF], right: list[QPointF], brush: QBrush | QColor) -> None:
    """What lies between two sides. Its edges lie under lines: without smoothing them it takes a third of the time."""
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(brush)
    painter.setRenderHint(QPainter.RenderHint.Antialiasing, False)
    painter.drawPolygon(QPolygonF([*left, *reversed(right)]))
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    painter.setBrush(Qt.BrushStyle.NoBrush)


def _beside(painter: QPainter, lane: LaneBox, page: Page, people: People, talk: Talk) -> None:
    """A light bar along the ribbon of somebody, as long as they talk beside another."""
    for track in people.tracks_in(people.shot_at(talk.start)):
        face = track.at(talk.start)
        if track.person == talk.person and face is not None:
            top, bottom = page.y(talk.start), page.y(talk.end)
            painter.fillRect(QRectF(lane.at(face.right) + 1, top, 3, max(2.0, bottom - top)), QColor(BESIDE))


def _sides(edges: NDArray[np.float64], ys: NDArray[np.float64]) -> tuple[list[QPointF], list[QPointF]]:
    """The two sides of something that runs down the page, from its edges (n, 2) and heights (n,): only the points where a side
    goes on by another pixel, since a thousand points of a straight line cost as much as those of a curve, and the firm ones."""
    near = np.round(edges)
    turns = np.ones(len(ys), bool)
    if len(ys) > 2:
        steps = (near[1:] != near[:-1]).any(axis=1)
        turns[1:-1] = steps[:-1] | steps[1:]
        turns[::FIRM] = True
    rows = zip(edges[turns].tolist(), ys[turns].tolist(), strict=True)
    points = [(QPointF(a, y), QPointF(b, y)) for (a, b), y in rows]
    return [a for a, _ in points], [b for _, b in points]


@functools.cache
def _cloth(person: int) -> QBrush:
    """The colour of a person with their pattern on it: one polygon filled with a picture costs half of two on each other."""
    cloth = QImage(8, 8, QImage.Format.Format_ARGB32_Premultiplied)  # an image outlives the application without harm
    cloth.fill(Qt.GlobalColor.transparent)
    painter = QPainter(cloth)
    ground = QColor(theme.person_colour(person))
    ground.setAlpha(120)
    painter.fillRect(0, 0, 8, 8, ground)
    painter.setOpacity(0.8)
    painter.fillRect(0, 0, 8, 8, theme.person_brush(person))
    painter.end()
    return QBrush(cloth)


def _band(painter: QPainter, lane: LaneBox, page: Page, opened: Opened, span: Span, seen: tuple[int, int]) -> None:
    used = bool(opened.composition.time_map.within(opened.source.key, span.start, span.end))
    colour = QColor(theme.NOW if used else "#8d949c")
    for path in span.paths:
        _strip(painter, lane, page, span, path, colour, used, seen)


def _speed(
    painter: QPainter, lane: LaneBox, times: Sequence[int], crops: Sequence[Rect], ys: NDArray[np.float64], colour: QColor
) -> None:
    """How fast the camera moves between the heights `ys` of its crops, from the right edge of the lane inwards: a bar is full at
    the fastest that it may be."""
    places = np.array([(c.cx, c.w) for c in crops])
    seconds = np.diff(np.array(times)) / TICKS_PER_SECOND
    speed = np.abs(np.diff(places[:, 0])) / np.maximum(1e-6, places[1:, 1]) / seconds
    moving = np.flatnonzero(speed > SLOWEST_SHOWN)
    wide = np.minimum(1.0, speed[moving] / FASTEST) * SPEED_WIDE
    shade = QColor(colour)
    shade.setAlpha(110)
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(shade)
    right = lane.x + lane.w
    rows = zip(moving.tolist(), wide.tolist(), strict=True)
    painter.drawRects([QRectF(right - w, ys[i], w, max(1.0, ys[i + 1] - ys[i])) for i, w in rows])


def _strip(
    painter: QPainter, lane: LaneBox, page: Page, span: Span, path: Path, colour: QColor, used: bool, seen: tuple[int, int]
) -> None:
    """The way of one cell down the page, as far as it is seen (from and to a tick): a take may last for hours."""
    times, crops = path.times, path.crops
    if path.eases:  # set by hand: as it moves between its keyframes
        times = tuple(np.unique(np.linspace((span.start, *times), (*times, span.end - 1), 9).astype(np.int64)).tolist())
        crops = tuple(path.at(t) for t in times)
    begin = max(0, bisect.bisect_right(times, seen[0]) - 2) // FIRM * FIRM
    end = (bisect.bisect_left(times, seen[1]) + 1 + FIRM) // FIRM * FIRM + 1
    over = end >= len(times)
    times, crops = times[begin:end], crops[begin:end]
    ys = page.ys(np.array([*times, span.end if over else times[-1]]))
    if not begin:
        ys[0] = page.y(span.start)
    edges = np.array([(c.x, c.right) for c in (*crops, crops[-1])]) * lane.w + lane.x
    left, right = _sides(edges, ys)
    fill = QColor(colour)
    fill.setAlpha(34 if used else 12)
    _fill(painter, left, right, fill)
    style = Qt.PenStyle.SolidLine if span.decision.layout != "whole" else Qt.PenStyle.DashLine
    painter.setPen(QPen(colour, 1, style))
    for side in (QPolygonF(left), QPolygonF(right)):
        painter.drawPolyline(side)
        if used:  # twice as wide: two thin lines take a fifth of the time of a wide one
            side.translate(-1, 0)
            painter.drawPolyline(side)
    if path.smooth and len(times) > 1:
        _speed(painter, lane, times, crops, ys, colour)
    if len(path.times) > 1 and path.eases:
        painter.setBrush(colour)
        for at, crop in zip(path.times, path.crops, strict=True):
            _diamond(painter, lane.at(crop.cx), page.y(at))
    elif span.decision.by_hand and not begin:
        painter.setBrush(colour)
        painter.drawEllipse(QPointF(left[0].x() + 7, left[0].y() + 8), 3, 3)


def _mark(painter: QPainter, right: float, y: float) -> None:
    """Something to look at."""
    painter.setPen(QPen(QColor("#16130e"), 1))
    painter.setBrush(QColor(theme.WARN))
    painter.drawPolygon(QPolygonF([QPointF(right - 13, y), QPointF(right - 1, y - 6), QPointF(right - 1, y + 6)]))


def _diamond(painter: QPainter, x: float, y: float) -> None:
    """A keyframe."""
    painter.drawPolygon(QPolygonF([QPointF(x, y - 5), QPointF(x + 5, y), QPointF(x, y + 5), QPointF(x - 5, y)]))

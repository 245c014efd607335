"""From a short to what each of its frames shows, as plain data."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass
from fractions import Fraction
from typing import Final

from standtall.base.geometry import Rect
from standtall.base.time import TICKS, frame_count, frame_middle
from standtall.captions.lines import CaptionLine, CaptionWord, Width, lines, spoken
from standtall.captions.place import clear_of
from standtall.captions.translated import translated
from standtall.framing.camera import Camera, View, crop_width, head_of, largest, plan
from standtall.model.analysis import Analysis
from standtall.model.look import Look, look_named
from standtall.model.short import Short
from standtall.model.source import Source
from standtall.model.timemap import TimeMap

PUNCH: Final = 1.09
"""How much nearer a punch-in is: seen as meant, not as a jump (common practice, no source)."""
EYES: Final = 0.36
"""Where the eyes stand in the tall picture, as a share of its height."""
MOST_LOOKS: Final = 90
BLEND: Final = TICKS // 6
"""Length of a blend: about five pictures of thirty a second."""


@dataclass(frozen=True, slots=True)
class CaptionShown:
    """A caption line on a frame: its words, which is lit, and its middle as a share of the height."""

    words: tuple[str, ...]
    lit: int | None
    middle: float


@dataclass(frozen=True, slots=True)
class Under:
    """The picture from before a cut, still seen through the new one: `share` of it is left."""

    source_tick: int
    view: View
    share: float


@dataclass(frozen=True, slots=True)
class Over:
    """A picture of another file shown instead of the talk's own."""

    path: str
    rotation: int
    tick: int
    view: View


@dataclass(frozen=True, slots=True)
class Scene:
    """All that one frame shows: the source picture on show at `source_tick`, how it is framed, the caption."""

    number: int
    source_tick: int
    view: View
    caption: CaptionShown | None
    under: Under | None = None
    over: Over | None = None


@dataclass(frozen=True, slots=True)
class Edition:
    """A short worked out: its time map, camera and caption lines. Made once for each value of the short."""

    short: Short
    source: Source
    look: Look
    time_map: TimeMap
    camera: Camera
    lines: tuple[CaptionLine, ...]
    caption_middle: float
    rate: Fraction
    frames: int
    joins: tuple[Join, ...]
    others: Mapping[str, Source]
    """Files of the pictures laid over the talk, by their path."""

    def frame_at(self, tick: int) -> int:
        """Number of the frame on show at `tick` of the short."""
        return max(0, min(self.frames - 1, int(Fraction(tick, TICKS) * self.rate)))

    def scene(self, number: int) -> Scene:
        """What frame `number` (0 .. frames - 1) shows."""
        tick = frame_middle(number, self.rate)
        source_tick = self.time_map.to_source(tick)
        piece = self.time_map.index_at(tick)
        join = self.joins[piece]
        view = nearer(self.camera.at(source_tick)) if join.near else self.camera.at(source_tick)
        over = self._over(source_tick)
        under = None if over is not None else self._under(piece, tick)
        return Scene(number, source_tick, view, self._caption(tick), under, over)

    def _over(self, source_tick: int) -> Over | None:
        """The picture that is laid over a tick of the source; a short one begins anew until its time is over."""
        for cover in self.short.covers:
            if cover.start <= source_tick < cover.end and cover.path in self.others:
                other = self.others[cover.path]
                tick = (cover.at + source_tick - cover.start) % max(1, other.length)
                height = largest(other, self.short.aspect)
                width = crop_width(other, self.short.aspect, height)
                crop = Rect((1 - width) / 2, (1 - height) / 2, width, height)
                return Over(other.path, other.rotation, tick, View("fill", crop))
        return None

    @property
    def missing(self) -> tuple[str, ...]:
        """Files of pictures laid over the talk that are not there."""
        return tuple(dict.fromkeys(c.path for c in self.short.covers if c.path not in self.others))

    def _under(self, piece: int, tick: int) -> Under | None:
        if not self.joins[piece].blends:
            return None
        before = self.time_map.excerpts[piece - 1]
        into = tick - self.time_map.span_of(piece)[0]
        length = min(BLEND, self.time_map.excerpts[piece].length)
        if into >= length:
            return None
        at = before.end + into
        return Under(at, self.camera.at(before.end - 1), 1 - into / length)

    def _caption(self, tick: int) -> CaptionShown | None:
        if not self.short.captions_on:
            return None
        for line in self.lines:
            if line.start <= tick < line.end:
                return CaptionShown(tuple(w.text for w in line.words), line.lit_at(tick), self.caption_middle)
        return None


@dataclass(frozen=True, slots=True)
class Join:
    """How a piece follows the one before it: shown a little nearer, or blended over its start."""

    near: bool = False
    blends: bool = False


def nearer(view: View) -> View:
    """A small punch-in: the eyes stay about where they are."""
    if view.layout != "fill":
        return view
    crop = view.crop
    w, h = crop.w / PUNCH, crop.h / PUNCH
    return View(view.layout, Rect(crop.x + (crop.w - w) / 2, crop.y + (crop.h - h) * EYES, w, h))


def joins_of(short: Short, camera: Camera) -> tuple[Join, ...]:
    """How each piece follows the one before. Where the camera stands elsewhere, a cut is a cut and needs nothing."""
    out: list[Join] = []
    for number, piece in enumerate(short.excerpts):
        before = short.excerpts[number - 1] if number else None
        if before is None or before.end == piece.start or short.joins == "straight":
            out.append(Join(near=out[-1].near if out and before is not None and before.end == piece.start else False))
            continue
        same = camera.span_at(before.end - 1) == camera.span_at(piece.start)
        if short.joins == "punch":
            out.append(Join(near=same and not out[-1].near))
        else:
            out.append(Join(blends=same))
    return tuple(out)


def edition(
    short: Short,
    source: Source,
    analysis: Analysis,
    width: Width,
    camera: Camera | None = None,
    others: Mapping[str, Source] | None = None,
) -> Edition:
    """Work a short out. `width` measures a text as a share of the caption column; `camera` is one that was planned for at least
    what the short touches, with the same framing and size."""
    look = look_named(short.look)
    time_map = short.time_map
    camera = camera or plan(short, source, analysis.people)
    said = captioned(short, analysis, time_map)
    rate = short.rate or source.rate or Fraction(30)
    middle = short.caption_y
    if middle is None:
        middle = clear_of(faces_on(analysis, camera, time_map), look.size * 0.75)
    return Edition(
        short=short,
        source=source,
        look=look,
        time_map=time_map,
        camera=camera,
        lines=lines(said, look.max_words, width, time_map.length),
        caption_middle=middle,
        rate=rate,
        frames=max(1, frame_count(time_map.length, rate)),
        joins=joins_of(short, camera),
        others=others or {},
    )


def captioned(short: Short, analysis: Analysis, time_map: TimeMap) -> tuple[CaptionWord, ...]:
    """The words of the captions: as they are said, or of the translation that the short asks for."""
    for translation in analysis.translations:
        if translation.language == short.caption_language:
            return translated(analysis.words, translation, time_map, analysis.nudge)
    return spoken(analysis.words, time_map, analysis.nudge)


def faces_on(analysis: Analysis, camera: Camera, time_map: TimeMap) -> list[Rect]:
    """Faces as they stand on the tall picture, twice a second (less often in a long short), in its shares."""
    out: list[Rect] = []
    people = analysis.people
    for tick in range(0, time_map.length, max(TICKS // 2, time_map.length // MOST_LOOKS)):
        source_tick = time_map.to_source(tick)
        view = camera.at(source_tick)
        if view.layout != "fill" or not people.shots:
            continue
        for track in people.tracks_in(people.shot_at(source_tick)):
            face = track.at(source_tick)
            if face is not None:
                head, crop = head_of(face), view.crop
                out.append(Rect((head.x - crop.x) / crop.w, (head.y - crop.y) / crop.h, head.w / crop.w, head.h / crop.h))
    return [f for f in out if f.right > 0 and f.x < 1]

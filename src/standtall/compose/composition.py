"""From a short to what each of its frames shows, as plain data."""

from __future__ import annotations

import math
from collections.abc import Collection, Mapping
from dataclasses import dataclass, replace
from fractions import Fraction

import numpy as np

from standtall.base.geometry import Rect
from standtall.base.time import TICKS_PER_SECOND, frame_count, frame_middle, frame_start
from standtall.captions.clearance import CHOICES, clear_course
from standtall.captions.grouping import ByHand, Card, Cards, cards
from standtall.captions.said import CaptionWord, with_a_frame_each
from standtall.captions.translated import worded
from standtall.compose.footage import Footage
from standtall.compose.layers.caption import CaptionLayer
from standtall.compose.layers.fill import FillLayer
from standtall.compose.layers.frame import Frame
from standtall.compose.layers.layer import Layer
from standtall.compose.producers.caption_styles import CaptionStyles
from standtall.compose.producers.captions import Emoji, WrittenWidth, caption_layer, grouping_of
from standtall.compose.producers.cutaways import clip_layers, cutaway_at, with_cutaway
from standtall.compose.producers.extras import Measure, PlacedExtras, placed_extras, times_of
from standtall.compose.producers.framing import FrameStyle, seen_at, talk_layers
from standtall.compose.producers.transitions import Transition, over_cut, transitions_of
from standtall.framing.camera import Camera
from standtall.model.extras import Cutaway
from standtall.model.look import Look
from standtall.model.short import Short
from standtall.model.source import Source
from standtall.model.style import CaptionStyle
from standtall.model.timemap import SourceTime, TimeMap, even_step

SEAM = 0.5
"""Where captions stand while a cutaway is shown beside the talk: between the two."""
MOST_LOOKED_AT = 400
"""Cards of a short at which heads are looked for; of more, every few."""


@dataclass(frozen=True, slots=True)
class Composition:
    """A short worked out: its time map, the cameras of its footage, its captions. Made once for each value of the short."""

    short: Short
    footage: Mapping[str, Footage]
    """By content key."""
    files: Mapping[str, Source]
    """Footage and stills beside the footage that are there, by their path: cutaways, clips, backdrops."""
    sounds: frozenset[str]
    """Paths of sound files that are there: music, other recorders."""
    pictures: frozenset[str]
    """Paths of the pictures that lie on frames and are there."""
    styles: CaptionStyles
    caption_style: CaptionStyle
    """That of the whole short."""
    time_map: TimeMap
    cards: Cards
    caption_middle: float
    """That of most cards, as a share of the height."""
    middles: tuple[float, ...]
    """That of each card."""
    caption_language: str
    """That of the words of the captions, such as "en"; empty where nobody said."""
    emoji: Emoji
    fps: Fraction
    frames: int
    """With those of the clips before and after the talk."""
    lead: int
    """Frames before the talk. Ticks of the short count from the start of the talk."""
    transitions: tuple[Transition, ...]
    frame_style: FrameStyle
    extras: PlacedExtras

    def frame_at(self, tick: int) -> int:
        """Number of the frame on show at `tick` of the short."""
        return max(0, min(self.frames - 1, self.lead + math.floor(Fraction(tick, TICKS_PER_SECOND) * self.fps)))

    def middle_of(self, number: int) -> int:
        """The middle of frame `number`, in ticks of the short: before 0 in the clip before the talk."""
        inside = number - self.lead
        return frame_middle(inside, self.fps) if inside >= 0 else -frame_middle(-inside - 1, self.fps)

    @property
    def length(self) -> int:
        """Ticks of all frames."""
        return frame_start(self.frames, self.fps)

    @property
    def lead_ticks(self) -> int:
        """Ticks before the talk."""
        return frame_start(self.lead, self.fps)

    def heard_in(self, number: int) -> SourceTime:
        """The moment of a source in the middle of frame `number`."""
        return self.time_map.to_source(self.middle_of(number))

    def frame(self, number: int) -> Frame:
        """What frame `number` (0 .. frames - 1) shows."""
        tick = self.middle_of(number)
        heard = self.time_map.to_source(tick)
        ground = self._pictures(tick, heard)
        over = (*self.extras.under(tick), *self.extras.over(number, tick))
        return Frame(number, tick, (*ground, *over, *self._captions(tick)), heard)

    def outside(self, at: SourceTime) -> Frame:
        """A moment of a source as it would be framed, without captions, for places that are not in the short."""
        return Frame(-1, -1, self._talk(at), at)

    def _talk(self, at: SourceTime, near: bool = False) -> tuple[Layer, ...]:
        return talk_layers(self.footage[at.source], at.tick, self.frame_style, near)

    def _pictures(self, tick: int, heard: SourceTime) -> tuple[Layer, ...]:
        aspect, clips = self.short.output.aspect, self.short.extras
        for clip, into in ((clips.opening, tick + self.lead_ticks), (clips.closing, tick - self.time_map.length)):
            outside = tick < 0 if clip is clips.opening else tick >= self.time_map.length
            if clip is not None and outside:
                file = self.files.get(clip.path)
                return (FillLayer(),) if file is None else clip_layers(clip, file, into, aspect)
        cutaway = cutaway_at(clips.cutaways, self.files, heard)
        if cutaway is None:
            return self._talk_over_cuts(tick, heard)
        talk: tuple[Layer, ...] = ()
        face = None
        if cutaway.placing != "full":
            talk = self._talk_over_cuts(tick, heard)
            face = face_beside(cutaway, self.footage, self.time_map)
        return with_cutaway(cutaway, self.files[cutaway.path], heard, talk, face, aspect)

    def _talk_over_cuts(self, tick: int, heard: SourceTime) -> tuple[Layer, ...]:
        number = self.time_map.index_at(tick)
        transition = self.transitions[number]
        talk = self._talk(heard, transition.near)
        if transition.kind == "cut":
            return talk
        before, into = self.time_map.segments[number - 1], tick - self.time_map.span_of(number)[0]
        return over_cut(transition, talk, before, self.footage[before.source], into, self.frame_style)

    def card_at(self, tick: int) -> Card | None:
        """The card on show at a tick of the short, whether captions are shown or not."""
        number = self.cards.at(tick)
        return None if number is None else self.cards[number]

    def highlighted(self, number: int) -> CaptionWord | None:
        """The word that frame `number` highlights."""
        tick = self.middle_of(number)
        card = self.card_at(tick)
        found = None if card is None else card.highlighted_at(tick)
        return None if card is None or found is None else card.words[found]

    def _captions(self, tick: int) -> tuple[Layer, ...]:
        number = self.cards.at(tick) if self.short.captions.shown else None
        return () if number is None else (self.caption_layer(number, tick),)

    def middle_at(self, frame: int) -> float:
        """Where captions stand in a frame, as a share of the height."""
        number = self.cards.at(self.middle_of(frame))
        return self.caption_middle if number is None else self.middles[number]

    def caption_layer(self, number: int, tick: int) -> CaptionLayer:
        """The layer of card `number` at a tick of the short, whether captions are shown or not."""
        middle = self.middles[number]
        return caption_layer(self.cards[number], tick, self.styles, self.caption_style, middle, self.caption_language, self.emoji)

    @property
    def missing(self) -> tuple[str, ...]:
        """Files beside the footage that are not there."""
        gone = [f.path for f in self.short.files if f.path not in self.files]
        pictures = [p.path for p in self.short.pictures if p.path not in self.pictures]
        return tuple(dict.fromkeys((*gone, *pictures, *(s.path for s in self.short.sounds if s.path not in self.sounds))))


def reframed(made: Composition, short: Short, key: str, camera: Camera) -> Composition:
    """A composition with another camera for one source and the framing of another short; its words and its time stay."""
    footage = dict(made.footage) | {key: replace(made.footage[key], camera=camera)}
    style = replace(made.frame_style, whole=short.framing.whole, bar=short.framing.bar,
                    punches=short.framing.punches)  # fmt: skip
    return replace(made, short=replace(made.short, framing=short.framing), footage=footage, frame_style=style)


def face_beside(cutaway: Cutaway, footage: Mapping[str, Footage], time_map: TimeMap) -> Rect | None:
    """The largest face on the frame in the middle of a cutaway, so that what is placed by it stays where it is."""
    middle = (cutaway.extent.start + cutaway.extent.end) // 2
    for tick in (middle, cutaway.extent.start, cutaway.extent.end - 1):
        here = time_map.to_short(cutaway.extent.source, tick)
        if here is not None:
            return max(seen_at(footage, time_map, here, writing=False), key=lambda box: box.h, default=None)
    return None


def looked_at(made: Cards, time_map: TimeMap, most: int) -> list[int]:
    """Numbers of about `most` cards for all: the first one in each stretch of a source, so that an edit leaves most of them."""
    if len(made) <= most:
        return list(range(len(made)))
    step = even_step(time_map.length, TICKS_PER_SECOND, most)
    sources, words = made.said.sources, made.said.words
    stretches = [(sources[first], words[first].start // step) for first in made.firsts]
    return [n for n, here in enumerate(stretches) if n == 0 or here != stretches[n - 1]]


def _middles(
    short: Short, footage: Mapping[str, Footage], files: Mapping[str, Source], time_map: TimeMap, made: Cards,
    style: CaptionStyle,
) -> tuple[float, ...]:  # fmt: skip
    """Where each card stands: where it was put by hand, else clear of the heads that are seen during it."""
    if short.captions.place is not None or not made:
        return (short.captions.place or CHOICES[0],) * len(made)
    chosen = looked_at(made, time_map, MOST_LOOKED_AT)
    ticks = [(start, (start + end) // 2, end - 1) for start, end in zip(*_times(made, chosen), strict=True)]
    seen = [[box for tick in of_card for box in seen_at(footage, time_map, tick, writing=False)] for of_card in ticks]
    until = [*chosen, len(made)][1:]
    seconds = (np.add.reduceat(made.ends - made.starts, chosen) / TICKS_PER_SECOND).tolist()
    stands = clear_course(seen, seconds, 0.75 * style.size * style.max_lines, moments=3)
    course = [middle for middle, a, b in zip(stands, chosen, until, strict=True) for _ in range(a, b)]
    if not short.extras.cutaways:
        return tuple(course)
    middles = [time_map.to_source(tick) for tick in ((made.starts + made.ends) // 2).tolist()]
    cutaways = [cutaway_at(short.extras.cutaways, files, at) for at in middles]
    return tuple(y if c is None or c.placing != "beside" else SEAM for y, c in zip(course, cutaways, strict=True))


def _times(made: Cards, chosen: list[int]) -> tuple[list[int], list[int]]:
    """The starts and the ends of some cards, in ticks."""
    return made.starts[chosen].tolist(), made.ends[chosen].tolist()


def composition(
    short: Short, footage: Mapping[str, Footage], look: Look, measure: Measure, files: Mapping[str, Source] | None = None,
    pictures: Collection[str] = (), sounds: Collection[str] = (),
) -> Composition:  # fmt: skip
    """Work a short out. `footage` holds all its sources; `measure` gives for a style what measures a text in it as a share of the
    widest line; `files`, `pictures` and `sounds` are what is there beside the footage."""
    time_map = short.time_map
    styles = CaptionStyles(look.style, short.captions, short.output.shape)
    style = styles.of_short()
    said = worded({key: f.analysis for key, f in footage.items()}, time_map, short.captions.language)
    language = short.captions.language or footage[short.main_source].analysis.language
    emoji = {(e.source, e.word): e for e in short.captions.emoji}
    fps = short.output.fps or footage[short.main_source].source.rate or Fraction(30)
    width = WrittenWidth.of(measure(style), style, short.captions.masked)
    by_hand = ByHand.of(short.captions.breaks, short.captions.holds)
    made = cards(with_a_frame_each(said, fps), grouping_of(style, language), width, time_map.length, by_hand)
    middles = _middles(short, footage, files or {}, time_map, made, style)
    lead, tail = (0 if c is None else frame_count(c.length, fps) for c in (short.extras.opening, short.extras.closing))
    frames = max(1, frame_count(time_map.length, fps)) + lead + tail
    times = times_of(short.extras, {key: f.analysis.words for key, f in footage.items()})
    around = frame_start(lead, fps), frame_start(tail + 1, fps)
    extras = placed_extras(short.extras, look, time_map, around, times, measure, language, fps, frames)
    return Composition(
        short=short,
        footage=footage,
        files=files or {},
        styles=styles,
        caption_style=style,
        time_map=time_map,
        cards=made,
        caption_middle=max(dict.fromkeys(middles), key=middles.count) if middles else (short.captions.place or CHOICES[0]),
        middles=middles,
        caption_language=language,
        emoji=emoji,
        fps=fps,
        frames=frames,
        lead=lead,
        extras=extras,
        sounds=frozenset(sounds),
        pictures=frozenset(pictures),
        transitions=transitions_of(short, footage),
        frame_style=FrameStyle(short.output.aspect, short.framing.whole, short.framing.bar, short.framing.punches, files or {}),
    )

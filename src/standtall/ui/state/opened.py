"""What is open on the Bench: a source with its words, one short of it, and all that was worked out of them."""

from __future__ import annotations

import bisect
from collections.abc import Mapping
from dataclasses import dataclass, field

from standtall.checks.captions import caption_notices
from standtall.checks.extras import extra_notices
from standtall.checks.framing import framing_notices
from standtall.checks.missing_files import files_missing
from standtall.checks.notice import Notice
from standtall.compose.composition import Composition
from standtall.compose.footage import Footage, asset_of
from standtall.compose.layers.picture import Asset
from standtall.framing.camera import Camera, plan
from standtall.framing.setups import setups
from standtall.library.cache import AnalysisCache
from standtall.library.channels import channels
from standtall.library.project import Entry
from standtall.model.analysis import Analysis
from standtall.model.channel import Channel, channel_named
from standtall.model.cut import Segment
from standtall.model.short import Short
from standtall.model.source import Source
from standtall.model.timemap import SourceTime
from standtall.model.transcript import Transcript
from standtall.model.words import word_at
from standtall.session.composing import worked_out
from standtall.session.told import Found, Spoken, as_told
from standtall.speech.word_index import WordIndex
from standtall.ui.state.rows import Pages


@dataclass(frozen=True, slots=True)
class Opened:
    """A source ready for the Bench; `analysis` is what was found, as the transcript tells it.

    `project` counts the projects opened in this window and `steps` the steps that the words have taken: with the short's entry
    they say exactly what a person saw when they asked for an edit.
    """

    source: Source
    found: Found
    transcript: Transcript
    analysis: Analysis
    entry: Entry
    composition: Composition
    channel: Channel
    camera: Camera
    pages: Pages
    index: WordIndex
    proxy: str | None
    project: int
    steps: int
    basket: tuple[Segment, ...]
    """Passages that were picked for a short, of the source or of other footage."""
    setups: tuple[tuple[int, ...], ...] = ()
    """Numbers of the shots of each camera."""
    notices: tuple[Notice, ...] = ()
    """What a person may have missed in the framing and in the place of the captions."""
    picked_from: Mapping[str, Spoken] = field(default_factory=dict)
    """The other footage that passages of the basket are of, by key; what is not there is missing."""

    def at(self, tick: int) -> SourceTime:
        """A moment of the opened source."""
        return SourceTime(self.source.key, tick)

    def in_short(self, tick: int) -> int | None:
        """Where a tick of the opened source lies in the short, None where it is cut out."""
        return self.composition.time_map.to_short(self.source.key, tick)

    def frame_for(self, tick: int) -> int | None:
        """The frame of the short that is shown for a tick of the opened source, None where it is cut out. Where a word begins it
        is the one that highlights this word, though the word may begin after the middle of the frame on show."""
        at = self.in_short(tick)
        if at is None:
            return None
        frame = self.composition.frame_at(at)
        words = self.analysis.words
        i = bisect.bisect_left(words, tick, key=lambda w: w.start)
        if i < len(words) and words[i].start == tick:
            for later in (frame, frame + 1):
                found = self.composition.highlighted(later) if later < self.composition.frames else None
                if found is not None and (found.source, found.said.id) == (self.source.key, words[i].id):
                    return later
        return frame

    def said_at(self, tick: int) -> int | None:
        """The number of the word that is marked as being said at a tick: the one that the frame on show highlights, and where
        that frame is not in the short, or its captions are a translation, the one that is heard."""
        words = self.analysis.words
        heard = word_at(words, tick)
        frame = self.frame_for(tick)
        if frame is None or self.entry.short.captions.language:
            return heard
        found = self.composition.highlighted(frame)
        if found is None or found.source != self.source.key:
            return None if heard is None or found is None else heard
        i = bisect.bisect_left(words, found.said.start, key=lambda w: w.start)
        while i < len(words) and words[i].start == found.said.start:
            if words[i].id == found.said.id:
                return i
            i += 1
        return heard

    def camera_of(self, source: str) -> Camera | None:
        """The camera of any footage of the short; None of footage that is not in it."""
        if source == self.source.key:
            return self.camera
        other = self.composition.footage.get(source)
        return None if other is None else other.camera

    def shot_at(self, tick: int) -> Segment | None:
        """The shot of the opened source at a tick, None where shots were not looked for."""
        people = self.camera.people
        if not people.shots:
            return None
        shot = people.shots[people.shot_at(tick)]
        return Segment(self.source.key, shot.start, shot.end)

    @property
    def segments(self) -> tuple[Segment, ...]:
        """Those of the short that are of the opened source."""
        return tuple(s for s in self.entry.short.segments if s.source == self.source.key)

    @property
    def copies(self) -> dict[str, str]:
        """Quicker copies of files, for the preview."""
        return {self.source.key: self.proxy} if self.proxy else {}


def beginning_of(source: Source, short: Short, cache: AnalysisCache) -> tuple[Asset, int, dict[str, str]] | None:
    """The picture with which a short begins: of what, at which tick, and quicker copies; None where another source begins it."""
    first = short.segments[0]
    if first.source != source.key or not source.has_picture:
        return None
    return asset_of(source), first.start, copies_of(source, cache)


def copies_of(source: Source, cache: AnalysisCache) -> dict[str, str]:
    """The quicker copy of a source for the preview, by its key, if there is one."""
    proxy = cache.proxy(source.key)
    return {source.key: str(proxy)} if proxy.exists() else {}


def work_out(
    source: Source, found: Found, transcript: Transcript, entry: Entry, others: Mapping[str, Footage], cache: AnalysisCache,
    project: int, steps: int, basket: tuple[Segment, ...], picked_from: Mapping[str, Spoken], before: Opened | None = None,
) -> Opened:  # fmt: skip
    """Everything that the Bench shows; what did not change since `before` is taken from there. `others` is the footage of the
    short beside that of the source."""
    if before is not None and before.source.key != source.key:
        before = None
    analysis = as_told(found.analysis, transcript)
    same_words = before is not None and transcript.words is before.transcript.words
    index = before.index if before is not None and same_words else WordIndex(analysis.words)
    pages = before.pages if before is not None and same_words else Pages(analysis.words, source.length)
    camera = before.camera if before is not None and _same_view(before, entry.short, analysis) else None
    if camera is None:
        known = before.camera if before is not None else None
        camera = plan(entry.short, source, analysis.people, everywhere=True, before=known)
    composition = worked_out(entry.short, {source.key: Footage(source, analysis, camera), **others})
    path = copies_of(source, cache).get(source.key)
    channel = channel_named(channels(), entry.short.channel)
    return Opened(
        source,
        found,
        transcript,
        analysis,
        entry,
        composition,
        channel,
        camera,
        pages,
        index,
        path,
        project,
        steps,
        basket,
        before.setups if before is not None and before.camera.people is camera.people else setups(camera.people),
        (
            *framing_notices(composition),
            *caption_notices(composition, channel),
            *extra_notices(composition, channel),
            *files_missing(composition),
        ),
        picked_from,
    )


def _same_view(before: Opened, short: Short, analysis: Analysis) -> bool:
    """Whether the camera has nothing new to look at."""
    was = before.entry.short
    same = (was.framing, was.output) == (short.framing, short.output)
    return same and before.analysis.people == analysis.people

"""A short: what is cut from footage, how it is framed, captioned and heard, and for which channel."""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import dataclass, field, replace
from typing import NamedTuple

from standtall.model.captions import Captions
from standtall.model.channel import FIRST_CHANNEL
from standtall.model.cover import Cover
from standtall.model.cut import Cut, Segment
from standtall.model.extras import Extras, PictureExtra
from standtall.model.framing import Framing
from standtall.model.output import Output
from standtall.model.sound import SoundMix
from standtall.model.timemap import TimeMap


class UsedFile(NamedTuple):
    """A file beside the footage, by its path and content key."""

    path: str
    key: str


@dataclass(frozen=True, slots=True)
class Short:
    """Everything that makes a finished file, apart from the footage itself."""

    name: str
    cut: Cut
    framing: Framing = field(default_factory=Framing)
    captions: Captions = field(default_factory=Captions)
    extras: Extras = field(default_factory=Extras)
    sound: SoundMix = field(default_factory=SoundMix)
    output: Output = field(default_factory=Output)
    channel: str = FIRST_CHANNEL
    cover: Cover | None = None

    @staticmethod
    def of(name: str, segments: Iterable[Segment]) -> Short:
        """A short of these segments, with everything else as it is at first."""
        return Short(name, Cut(tuple(segments)))

    @property
    def segments(self) -> tuple[Segment, ...]:
        return self.cut.segments

    def with_segments(self, segments: Iterable[Segment]) -> Short:
        """The same short with another cut."""
        return replace(self, cut=replace(self.cut, segments=tuple(segments)))

    @property
    def sources(self) -> tuple[str, ...]:
        """Content keys of the sources it uses, in the order in which they are first heard."""
        return tuple(dict.fromkeys(s.source for s in self.segments))

    @property
    def files(self) -> tuple[UsedFile, ...]:
        """Footage and stills beside the footage that it shows: cutaways, clips before and after it, and the picture behind what
        does not fill the frame."""
        backdrop = self.framing.whole.backdrop
        behind = (UsedFile(backdrop.path, backdrop.key),) if backdrop.kind == "picture" else ()
        clips = (c for c in (self.extras.opening, self.extras.closing) if c is not None)
        return (*(UsedFile(c.path, c.key) for c in self.extras.cutaways), *(UsedFile(c.path, c.key) for c in clips), *behind)

    @property
    def pictures(self) -> tuple[UsedFile, ...]:
        """Pictures that lie on its frames: logos and stickers."""
        return tuple(UsedFile(e.path, e.key) for e in self.extras.items if isinstance(e, PictureExtra))

    @property
    def sounds(self) -> tuple[UsedFile, ...]:
        """Sound files that it uses: music that does not ship, other recorders."""
        music = self.sound.music
        own = (UsedFile(music.path, music.key),) if music is not None and music.key else ()
        return (*own, *(UsedFile(r.path, r.key) for r in self.sound.recorders))

    @property
    def main_source(self) -> str:
        """The source that is heard first: the one that the Bench shows with it."""
        return self.segments[0].source

    @property
    def time_map(self) -> TimeMap:
        return TimeMap(self.segments)

    @property
    def talk_length(self) -> int:
        """Ticks of its segments."""
        return sum(s.length for s in self.segments)

    @property
    def length(self) -> int:
        """Ticks, with the clips before and after the talk."""
        clips = (self.extras.opening, self.extras.closing)
        return self.talk_length + sum(c.length for c in clips if c is not None)

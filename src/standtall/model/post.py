"""A post: a short with its texts for one channel, its file, when it goes out, and how it stands."""

from __future__ import annotations

import re
from dataclasses import dataclass, field
from typing import Final, Literal

from standtall.base.errors import ProjectError
from standtall.base.interface_language import tr
from standtall.model import checks

PostState = Literal[
    "idea", "held", "waiting", "sending", "placed", "out", "draft", "failed", "missed", "skipped", "withdrawing", "withdrawn"
]
"""`idea` has no time yet; `held` waits for approval; `waiting` goes out when it is due; `sending` is on its way; `placed` is at a
channel that keeps its time itself; `out` is public; `draft` is a draft at the channel; `failed` needs the person; `missed` fell
due while nobody was there and is asked about; `skipped` is not posted; `withdrawing` is to be taken back from the channel that
keeps it."""
OPEN: Final = ("idea", "held", "waiting", "failed", "missed")
"""States in which a post can be changed freely."""
CHANGEABLE: Final = (*OPEN, "placed", "skipped")
"""States in which a post can be given another time."""
LONGEST_TEXT: Final = 100_000
LATEST: Final = 32_503_680_000
"""The year 3000 in seconds."""
_MARK: Final = re.compile(r"[0-9a-f]{32}")


@dataclass(frozen=True, slots=True)
class PostText:
    """What is written beside a video; hashtags without their sign. `link` leads to the full programme."""

    title: str = ""
    description: str = ""
    hashtags: tuple[str, ...] = ()
    search_words: tuple[str, ...] = ()
    shelf: str = ""
    audience: str = "everybody"
    link: str = ""

    def __post_init__(self) -> None:
        parts = (self.title, self.description, self.shelf, self.audience, self.link, *self.hashtags, *self.search_words)
        if sum(map(len, parts)) > LONGEST_TEXT:
            raise ProjectError(tr("The texts of a post have at most {most} letters together.", most=LONGEST_TEXT))


@dataclass(frozen=True, slots=True)
class PostFile:
    """A finished file as it was when the post was made: what is sent must still be that."""

    path: str
    size: int
    sha256: str
    seconds: float = 0.0
    width: int = 0
    height: int = 0
    fps: float = 0.0
    cover: str = ""
    """A picture beside it."""
    wrong: tuple[str, ...] = ()
    """Checks of the file that were not passed: while there are any it is not posted."""


@dataclass(frozen=True, slots=True)
class PartValue:
    """One part of a rating, 0..1."""

    name: str
    value: float


@dataclass(frozen=True, slots=True)
class ShortRef:
    """Which short of which project a post is of; `parts` is its rating by parts (0..1), `topics` what it is about, `source` the
    key of its footage and `programme` what people call that."""

    project: str
    number: int
    name: str
    source: str = ""
    programme: str = ""
    seconds: float = 0.0
    rating: float = 0.0
    parts: tuple[PartValue, ...] = ()
    topics: tuple[str, ...] = ()

    @property
    def same(self) -> tuple[str, int]:
        """What is equal for posts of one short."""
        return self.project, self.number


@dataclass(frozen=True, slots=True)
class Post:
    """`mark` is its own for ever: a channel that was sent it twice knows it by that. Times are seconds since 1970 (UTC); `when`
    is when it goes out, `zone` the time zone in which that was chosen; `placed` the time that the channel itself keeps now."""

    mark: str
    short: ShortRef
    channel: str
    text: PostText = field(default_factory=PostText)
    file: PostFile | None = None
    when: int | None = None
    zone: str = "UTC"
    state: PostState = "idea"
    as_draft: bool = False
    told: str = ""
    there: str = ""
    """What the channel calls it."""
    link: str = ""
    out_at: int = 0
    placed: int | None = None
    tries: int = 0
    next_try: int = 0
    views: int = -1
    link_put: bool = False
    """The person has said that the link to the full programme is there, on a channel that takes none with the post."""
    id: int = 0
    version: int = 0

    def __post_init__(self) -> None:
        if not _MARK.fullmatch(self.mark):
            raise ProjectError(tr("The mark of a post is 32 hexadecimal digits."))
        if self.when is not None:
            checks.in_range("The time of a post", self.when, 0, LATEST)

    @property
    def due(self) -> int | None:
        """When it is to be sent next; None: never by itself."""
        return None if self.when is None or self.state not in ("waiting", "sending") else max(self.when, self.next_try)

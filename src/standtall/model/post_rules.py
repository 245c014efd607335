"""What a channel asks of a post: lengths of its texts, hashtags, shelves, audiences, its file, and the way that it goes there."""

from __future__ import annotations

import re
from dataclasses import dataclass, field
from pathlib import PurePath
from typing import Final, Literal

from standtall.base.errors import ProjectError
from standtall.base.interface_language import tr
from standtall.model import checks
from standtall.model.output import SHAPES

Unit = Literal["characters", "utf-16 units", "bytes"]
"""What a limit counts: code points, the code units of UTF-16, or the bytes of UTF-8. One emoji is 1, 2 or 4."""
HashtagPlace = Literal["in the text", "apart", "none"]
LinkPlace = Literal["apart", "in the text", "none"]
Manner = Literal["asks", "tells", "names"]
"""How a text is proposed: it opens on a question or a promise, on what tells most, or on names and subjects."""
MANNERS: Final[tuple[Manner, ...]] = ("asks", "tells", "names")
Way = Literal["server", "folder", "folder with text"]
MOST_CHOICES: Final = 60
_ADDRESS: Final = re.compile(r"(https://[^\s/@]+|http://(127\.0\.0\.1|localhost))(:\d{1,5})?(/[^\s?#]*)?")


@dataclass(frozen=True, slots=True)
class TextRules:
    """Lengths are counted in `counted_in`; 0 says that the channel has no such field. `hashtag_longest` counts letters after the
    sign, `search_words_longest` all search words with the commas between them."""

    title_most: int = 100
    description_most: int = 2000
    counted_in: Unit = "characters"
    hashtags: HashtagPlace = "in the text"
    hashtags_most: int = 5
    hashtag_longest: int = 30
    search_words_most: int = 0
    search_words_longest: int = 200
    shelves: tuple[str, ...] = ()
    audiences: tuple[str, ...] = ("everybody",)
    link: LinkPlace = "in the text"
    manner: Manner = "tells"

    def __post_init__(self) -> None:
        for name, value, most in (
            ("The longest title", self.title_most, 5000), ("The longest description", self.description_most, 100_000),
            ("The number of hashtags", self.hashtags_most, 100), ("The longest hashtag", self.hashtag_longest, 200),
            ("The number of search words", self.search_words_most, 200),
            ("The length of all search words", self.search_words_longest, 10_000),
        ):  # fmt: skip
            checks.in_range(f"{name} of a channel", value, 0, most)
        if not self.title_most and not self.description_most:
            raise ProjectError(tr("A channel has a title, a description, or both."))
        for what, names in (("shelf", self.shelves), ("audience", self.audiences)):
            if len(names) > MOST_CHOICES or len(set(names)) < len(names):
                raise ProjectError(tr("A channel names each {what} once, and at most {most}.", what=what, most=MOST_CHOICES))
            if any(not n.strip() or len(n) > 60 or not n.isprintable() for n in names):
                raise ProjectError(tr("The name of a channel's {what} has 1 to 60 letters.", what=what))


@dataclass(frozen=True, slots=True)
class FileRules:
    """What a file may be; 0 says that there is no limit. `shapes` as 9:16."""

    shortest_s: float = 1.0
    largest_mb: float = 0.0
    shapes: tuple[str, ...] = ("9:16",)
    least_width: int = 0
    most_fps: float = 0.0

    def __post_init__(self) -> None:
        checks.in_range("The shortest short of a channel in seconds", self.shortest_s, 0, 86_400)
        checks.in_range("The largest file of a channel in MB", self.largest_mb, 0, 1_000_000)
        checks.in_range("The least width of a channel in pixels", self.least_width, 0, 4320)
        checks.in_range("The most fps of a channel", self.most_fps, 0, 300)
        if not self.shapes or not set(self.shapes) <= set(SHAPES):
            raise ProjectError(tr("A channel takes shapes out of {these}.", these=", ".join(SHAPES)))


@dataclass(frozen=True, slots=True)
class Delivery:
    """How posts get there: to a server that speaks the protocol of docs/channel-protocol.md, or into a folder of this machine,
    from which they are uploaded by hand. `keeps_drafts` and `keeps_times` say that the place itself keeps posts that are not
    public yet."""

    way: Way = "folder with text"
    address: str = ""
    folder: str = ""
    keeps_drafts: bool = False
    keeps_times: bool = False

    def __post_init__(self) -> None:
        if self.way == "server" and not _ADDRESS.fullmatch(self.address):
            raise ProjectError(tr("The address of a channel begins with https://, or with http://127.0.0.1 on this machine."))
        if self.way != "server" and self.folder and not PurePath(self.folder).is_absolute():
            raise ProjectError(tr("The folder of a channel is given from the root on, such as /home/me/posts."))
        if self.way != "server" and (self.keeps_drafts or self.keeps_times):
            raise ProjectError(tr("A folder keeps neither drafts nor times: Stand Tall does."))


@dataclass(frozen=True, slots=True)
class PostRules:
    """All that a channel asks of posts."""

    text: TextRules = field(default_factory=TextRules)
    file: FileRules = field(default_factory=FileRules)
    delivery: Delivery = field(default_factory=Delivery)


def counted(text: str, unit: Unit) -> int:
    """How long a text is for a channel."""
    if unit == "characters":
        return len(text)
    return len(text.encode("utf-16-le", "surrogatepass")) // 2 if unit == "utf-16 units" else len(text.encode("utf-8", "replace"))

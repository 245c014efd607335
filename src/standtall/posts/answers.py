"""What a channel can answer, and what is asked of whoever talks to one."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Literal, Protocol

from standtall.base.errors import StandTallError
from standtall.base.progress import Progress
from standtall.model.post import Post

There = Literal["processing", "public", "draft", "scheduled", "refused"]


@dataclass(frozen=True, slots=True)
class Placed:
    """A post as the channel has it: what it is called there, how it stands, where it is seen, why it was refused, when it goes
    public (seconds since 1970), and how often it was seen (-1: the channel does not say)."""

    there: str
    state: There
    link: str = ""
    reason: str = ""
    when: int | None = None
    views: int = -1


class Later(StandTallError):
    """It did not work now and may work later: after `wait_s` seconds where the channel says so, else 0."""

    def __init__(self, message: str, wait_s: float = 0.0) -> None:
        super().__init__(message)
        self.wait_s = wait_s


class Refused(StandTallError):
    """The channel does not take it, and will not take it as it is."""


class SignInNeeded(StandTallError):
    """The channel does not know this account any more."""


class Client(Protocol):
    """Talks to one channel. All raise `Later`, `Refused`, `SignInNeeded` or `Cancelled`."""

    def find(self, post: Post) -> Placed | None:
        """What the channel has under the mark of a post."""
        ...

    def send(self, post: Post, publish: int | Literal["now", "draft"], progress: Progress) -> Placed:
        """Bring file and texts there; sent again under the same mark it is still one post."""
        ...

    def status(self, post: Post) -> Placed | None: ...

    def move(self, post: Post) -> Placed:
        """Let the channel publish it at its new time."""
        ...

    def withdraw(self, post: Post) -> None:
        """Take one back that is not public yet."""
        ...

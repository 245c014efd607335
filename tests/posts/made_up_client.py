"""A channel in memory that fails as it is told to, for tests of the outbox."""

from __future__ import annotations

from dataclasses import dataclass, field
from typing import Literal

from standtall.base.progress import Progress
from standtall.model.post import Post
from standtall.posts.answers import Later, Placed, Refused, SignInNeeded
from standtall.posts.machine_clock import Clock

Fault = Literal["", "offline", "lost", "refused", "signed out", "busy", "killed before", "killed after"]


class Killed(BaseException):
    """The process ends here."""


class SetClock(Clock):
    """A clock that is set by hand."""

    def __init__(self, now: int = 1_900_000_000) -> None:
        self.wall, self.since = now, 0.0

    def now(self) -> int:
        return self.wall

    def steady(self) -> float:
        return self.since

    def pass_by(self, seconds: int) -> None:
        self.wall += seconds
        self.since += seconds


@dataclass
class MadeUpChannel:
    """Everything that the channel has, by mark; `faults` are what goes wrong next, in their order."""

    clock: SetClock
    faults: list[Fault] = field(default_factory=list)
    posts: dict[str, Placed] = field(default_factory=dict)
    made: list[str] = field(default_factory=list)
    """Marks in the order in which posts were made: one that is there twice was posted twice."""
    processing: bool = False
    wait_s: float = 0.0

    def _strike(self, at: str) -> None:
        if not self.faults:
            return
        fault = self.faults[0]
        if fault == "":
            self.faults.pop(0)
            return
        early = fault in ("offline", "signed out", "busy", "killed before", "refused")
        if early != (at == "before"):
            return
        self.faults.pop(0)
        if fault == "offline":
            raise Later("The channel cannot be reached.")
        if fault == "busy":
            raise Later("The channel asks to wait.", self.wait_s)
        if fault == "refused":
            raise Refused("The channel refused it: house rules.")
        if fault == "signed out":
            raise SignInNeeded("The channel does not know this account any more.")
        if fault == "lost":
            raise Later("The answer never came.")
        raise Killed

    def find(self, post: Post) -> Placed | None:
        return self.posts.get(post.mark)

    def send(self, post: Post, publish: int | Literal["now", "draft"], _progress: Progress) -> Placed:
        self._strike("before")
        if post.mark not in self.posts:
            self.made.append(post.mark)
            state = "draft" if publish == "draft" else "scheduled" if isinstance(publish, int) else "public"
            state = "processing" if self.processing and state == "public" else state
            when = publish if isinstance(publish, int) else None
            self.posts[post.mark] = Placed(str(len(self.made)), state, f"http://there/{len(self.made)}", when=when)  # type: ignore[arg-type]
        self._strike("after")
        return self.posts[post.mark]

    def status(self, post: Post) -> Placed | None:
        found = next((p for p in self.posts.values() if p.there == post.there), None)
        if found is not None and found.state in ("processing", "scheduled") and (found.when or 0) <= self.clock.now():
            found = Placed(found.there, "public", found.link, views=3)
            self.posts[next(m for m, p in self.posts.items() if p.there == post.there)] = found
        return found

    def move(self, post: Post) -> Placed:
        found = self.posts[post.mark]
        self.posts[post.mark] = Placed(found.there, "scheduled", found.link, when=post.when)
        return self.posts[post.mark]

    def withdraw(self, post: Post) -> None:
        del self.posts[post.mark]

"""Brings posts to their channels when they are due: each exactly once, or told of.

Before anything is sent, that it is begun is on disk, under the post's own mark; whoever goes on after a crash first asks the
channel what it has under that mark. One outbox at a time works for a user (`posts.alone`).
"""

from __future__ import annotations

import hashlib
from collections.abc import Callable, Sequence
from dataclasses import replace
from pathlib import Path
from typing import Final, Literal

from standtall.base import log
from standtall.base.errors import NothingToDo
from standtall.base.interface_language import tr
from standtall.base.progress import Progress
from standtall.model.channel import Channel
from standtall.model.post import Post
from standtall.posts.answers import Client, Later, Placed, Refused, SignInNeeded
from standtall.posts.machine_clock import Clock, ClockWatch
from standtall.posts.post_edits import reds
from standtall.posts.post_store import PostStore

WAITS_S: Final = (20, 60, 180, 600, 1800, 3600)
"""Before it is tried again; the last again and again."""
GIVE_UP_S: Final = 48 * 3600
"""A channel that was not reached for so long is told of, and waited for no more (common practice, no source)."""
GRACE_S: Final = 15 * 60
"""A post that is no later than this is simply posted."""
AWAY_S: Final = 90
"""Between two looks of an outbox that is awake there is never so much."""
LOOK_AGAIN_S: Final = 5
VIEWS_S: Final = 900
"""How often it is asked how often a post was seen."""
IDLE_S: Final = 30.0
ATTEMPT: Final = "attempt"
FIRST: Final = f"{ATTEMPT} 1"

ClientFor = Callable[[Channel], Client]


class Outbox:
    """`step` does what is due next. `channels` are read anew for each step: their files may be changed at any time. With `only`
    it works for the channel of that name alone, so that a slow one need not hold up the others; "" are those that are gone."""

    def __init__(
        self, store: PostStore, channels: Callable[[], Sequence[Channel]], client_for: ClientFor, clock: Clock | None = None,
        progress: Progress | None = None, only: str | None = None,
    ) -> None:  # fmt: skip
        self._store, self._channels, self._client_for = store, channels, client_for
        self._clock = clock or Clock()
        self._progress = progress or Progress()
        self._watch = ClockWatch(self._clock)
        self._only = only
        self._there: dict[str, Channel] = {}
        """The channels by name, as they were at the beginning of the step."""
        self._awake_since = self._clock.now()
        self._asked_views: dict[int, int] = {}

    def step(self) -> float:
        """Do one thing that is due; -> seconds until something may be due again (0: at once)."""
        self._there = {c.name: c for c in self._channels()}
        now = self._look_at_clock()
        posts = self._posts()
        work = sorted((at, p.id, p) for p in posts if (at := self._next(p)) is not None)
        for at, _id, post in work:
            if at > now:
                break
            self._do(post, now)
            return 0.0
        if self._views(posts, now):
            return 0.0
        return min(IDLE_S, max(0.2, work[0][0] - now)) if work else IDLE_S

    def _posts(self) -> list[Post]:
        if self._only is None:
            return list(self._store.posts())
        return [p for p in self._store.posts() if self._only == (p.channel if p.channel in self._there else "")]

    def _look_at_clock(self) -> int:
        """The time now. After a sleep, or where the clock was set, what fell due meanwhile counts as missed."""
        set_by, gone = self._watch.look()
        now = self._clock.now()
        if set_by:
            way = tr("forward") if set_by > 0 else tr("back")
            told = tr("the clock of this machine was set {way} by {by} s", way=way, by=abs(set_by))
            log.note(f"Outbox: {told}.")
            self._awake_since = now
            if set_by > 0:
                for post in self._posts():
                    if post.state == "waiting" and not post.tries and post.when is not None and now - set_by < post.when <= now:
                        self._settle(
                            post,
                            replace(post, state="missed", told=tr("It fell due when {told}.", told=told)),
                            tr("looked at the clock"),
                            told,
                        )
        elif gone > AWAY_S:
            self._awake_since = now
        return now

    def _next(self, post: Post) -> int | None:
        """When something is to be done with a post."""
        channel = self._channel(post)
        if post.state == "sending":
            return post.next_try
        if post.state == "waiting" and post.when is not None:
            there = channel is not None and channel.posts.delivery.keeps_times
            return post.next_try if post.as_draft or there else max(post.when, post.next_try)
        if post.state == "placed":
            return post.next_try if post.when != post.placed else max(post.next_try, (post.placed or 0) + LOOK_AGAIN_S)
        return post.next_try if post.state == "withdrawing" else None

    def _channel(self, post: Post) -> Channel | None:
        return self._there.get(post.channel)

    def _do(self, post: Post, now: int) -> None:
        """One thing with a post; whatever goes wrong is kept with it."""
        channel = self._channel(post)
        if channel is None:
            self._fail(
                post,
                tr("looked for the channel"),
                tr("The channel “{channel}” is not there any more: bring its file back.", channel=post.channel),
            )
            return
        if self._missed(post, channel, now):
            return
        try:
            if post.state == "withdrawing":
                self._withdraw(post, self._client_for(channel))
            elif post.state == "placed":
                self._placed(post, self._client_for(channel))
            else:
                self._send(post, channel, now)
        except Later as error:
            self._wait(self._store.post(post.id), error, now)
        except SignInNeeded as error:
            self._fail(self._store.post(post.id), tr("signed in"), f"{error.message} {error.hint}".strip())
        except Refused as error:
            self._fail(self._store.post(post.id), tr("asked the channel"), f"{error.message} {error.hint}".strip())
        except NothingToDo as error:
            log.note(f"Outbox: {error}")  # it was changed meanwhile: the next step looks at it as it is now

    def _missed(self, post: Post, channel: Channel, now: int) -> bool:
        """Whether a post fell due while nobody was there and is not simply posted; by the rule for those."""
        if post.state != "waiting" or post.tries or post.as_draft or post.when is None:
            return False
        if now - post.when <= GRACE_S or post.when >= self._awake_since:
            return False
        late = self._store.settings().late
        if late == "post":
            return False
        told = tr(
            "It fell due {ago} ago, while nothing could send it to {title}.", ago=_ago(now - post.when), title=channel.title
        )
        state: Literal["skipped", "missed"] = "skipped" if late == "skip" else "missed"
        self._settle(post, replace(post, state=state, told=told), tr("came to it late"), told)
        return True

    def _send(self, post: Post, channel: Channel, now: int) -> None:
        client = self._client_for(channel)
        if post.there:  # it is there: what became of it?
            self._arrived(post, client.status(post), client)
            return
        wrong = next(reds(post, channel), "") or _changed(post)
        before = any(a.what == "began" for a in self._store.attempts(post.id))  # also before it was approved anew
        if wrong and not before:
            self._fail(post, tr("looked at it before sending"), wrong)
            return
        begun = replace(post, state="sending", tries=post.tries + 1, told=tr("On its way to {title}.", title=channel.title))
        begun = self._settle(post, begun, "began", f"{ATTEMPT} {begun.tries}")
        found = client.find(begun) if before else None
        if found is None and wrong:  # it never arrived, and what is here is not what was planned
            self._fail(begun, tr("looked at it before sending"), wrong)
            return
        publish: int | Literal["now", "draft"] = "now"
        if begun.as_draft:
            publish = "draft"
        elif channel.posts.delivery.keeps_times and begun.when is not None and begun.when > now + LOOK_AGAIN_S:
            publish = begun.when
        self._arrived(begun, found or client.send(begun, publish, self._progress), client)

    def _arrived(self, post: Post, placed: Placed | None, client: Client) -> None:
        """Keep what the channel says of a post."""
        now = self._clock.now()
        if placed is None:
            self._fail(post, tr("asked after it"), tr("The channel has it no more: somebody deleted it there."))
            return
        seen = replace(post, there=placed.there, link=placed.link or post.link, views=max(post.views, placed.views), next_try=0)
        if placed.state == "public":
            made = replace(
                seen,
                state="out",
                out_at=now,
                told=tr("Out since then, at {link}.", link=placed.link) if placed.link else tr("Out."),
            )
        elif placed.state == "draft":
            made = replace(seen, state="draft", told=tr("It is a draft at the channel."))
        elif placed.state == "scheduled":
            made = replace(seen, state="placed", placed=placed.when, told=tr("The channel has it and keeps its time."))
        elif placed.state == "refused":
            made = replace(
                seen,
                state="failed",
                there="",
                told=tr("The channel refused it: {reason}", reason=placed.reason or tr("it does not say why")),
            )
        else:
            made = replace(
                seen, state="sending", next_try=now + LOOK_AGAIN_S, told=tr("It has arrived; the channel is working on it.")
            )
        self._settle(post, made, tr("asked the channel"), f"{placed.state} {placed.there} {placed.reason}".strip())

    def _placed(self, post: Post, client: Client) -> None:
        found = client.status(post)
        if found is not None and found.state == "scheduled" and found.when != post.when:
            found = client.move(post)
        if found is not None and found.state == "scheduled":
            now = self._clock.now()
            late = post.when is not None and now > post.when  # its clock is behind ours
            made = replace(
                post, placed=found.when, next_try=now + LOOK_AGAIN_S if late else 0, told=tr("The channel keeps its time.")
            )
            self._settle(post, made, tr("looked at its time there"), f"{found.state} {found.when}")
        else:
            self._arrived(post, found, client)

    def _withdraw(self, post: Post, client: Client) -> None:
        found = client.status(post)
        if found is not None and found.state == "public":
            self._arrived(post, found, client)
            return
        if found is not None:
            client.withdraw(post)
        made = replace(
            post, state="idea", when=None, placed=None, there="", tries=0, next_try=0, told=tr("Taken back from the channel.")
        )
        self._settle(post, made, tr("took it back"), "done")

    def _wait(self, post: Post, error: Later, now: int) -> None:
        """Try again later, unless it has been tried for too long."""
        began = (a.at for a in reversed(self._store.attempts(post.id)) if (a.what, a.answer) == ("began", FIRST))
        first = next(began, now)  # of this time: one that was approved anew is tried anew
        tries = max(1, post.tries)
        if now - first > GIVE_UP_S and tries > len(WAITS_S) and not post.there:
            self._fail(
                post,
                tr("tried again and again"),
                tr("{message} It was tried {tries} times over two days.", message=error.message, tries=tries),
            )
            return
        wait = max(error.wait_s, WAITS_S[min(tries, len(WAITS_S)) - 1])
        told = tr("{message} It is tried again in {ago}.", message=error.message, ago=_ago(int(wait)))
        self._settle(post, replace(post, next_try=now + int(wait), told=told), tr("had to wait"), error.message)

    def _fail(self, post: Post, what: str, told: str) -> None:
        self._settle(post, replace(post, state="failed", told=told), what, told)

    def _settle(self, post: Post, made: Post, what: str, answer: str) -> Post:
        return self._store.settle(post, made, what, answer, self._clock.now())

    def _views(self, posts: Sequence[Post], now: int) -> bool:
        """Ask how often a post was seen; -> whether one was asked about."""
        for post in posts:
            channel = self._channel(post)
            if post.state != "out" or channel is None or channel.posts.delivery.way != "server":
                continue
            if now - self._asked_views.get(post.id, 0) < VIEWS_S:
                continue
            self._asked_views[post.id] = now
            try:
                found = self._client_for(channel).status(post)
            except (Later, Refused, SignInNeeded):
                continue
            if found is not None and found.views != post.views:
                self._settle(post, replace(post, views=found.views), tr("asked how often it was seen"), str(found.views))
                return True
        return False


def _changed(post: Post) -> str:
    """What is wrong with the file of a post now, in a sentence."""
    file = post.file
    assert file is not None
    path = Path(file.path)
    try:
        with path.open("rb") as data:
            same = hashlib.file_digest(data, "sha256").hexdigest() == file.sha256
    except OSError:
        return tr("{name} is not in {parent} any more: render it again, or put it back.", name=path.name, parent=path.parent)
    return "" if same else tr("{name} is another file than the one that was checked: check it again.", name=path.name)


def _ago(seconds: int) -> str:
    for size, name in ((86_400, "day"), (3600, "hour"), (60, "minute")):
        if seconds >= size:
            count = round(seconds / size)
            return f"{count} {name}{'s' * (count != 1)}"
    return tr("{seconds} seconds", seconds=seconds)

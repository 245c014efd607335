"""What a person can do with a post: each makes another post of it, or says why not."""

from __future__ import annotations

import secrets
from collections.abc import Iterator
from dataclasses import replace
from pathlib import Path
from typing import Final

from standtall.base.errors import NothingToDo
from standtall.base.interface_language import tr
from standtall.model.channel import Channel
from standtall.model.output import SHAPES
from standtall.model.post import CHANGEABLE, OPEN, Post, PostFile, PostText, ShortRef
from standtall.posts.filling import Slot
from standtall.posts.templates import wrong_in

NOT_AT_ALL: Final = 0.02
"""How far a shape may be off: sides are whole pixels."""


def new_post(short: ShortRef, channel: str, text: PostText, file: PostFile | None = None) -> Post:
    """A post without a time."""
    return Post(secrets.token_hex(16), short, channel, text, file)


def scheduled(post: Post, when: int, zone: str, hold: bool) -> Post:
    """At a time: held for approval, or to go out by itself. What has gone is not moved."""
    _may(post, CHANGEABLE, "moved")
    state = post.state if post.state in ("waiting", "placed", "held") else ("held" if hold else "waiting")
    return replace(post, when=when, zone=zone, state=state, told="", next_try=0, tries=0)


def filled_in(post: Post, slot: Slot, hold: bool) -> Post:
    return scheduled(post, slot.time.at, slot.zone, hold)


def unscheduled(post: Post) -> Post:
    """Back to the shorts without a time; one that a channel keeps is taken back from there."""
    _may(post, CHANGEABLE, tr("taken out of the calendar"))
    if post.state == "placed":
        return replace(post, state="withdrawing", told="")
    return replace(post, when=None, state="idea", told="", next_try=0)


def approved(post: Post, channel: Channel, now: int = 0) -> Post:
    """Let it go out when it is due: one whose time has passed by `now` goes out at once, or it would only be missed again.
    Raises `NothingToDo` with the first thing that is red."""
    _may(post, ("held", "failed", "missed"), "approved")
    red = next(reds(post, channel), "")
    if red:
        raise NothingToDo(
            tr("“{name}” is not ready: {red}", name=post.short.name, red=red), tr("Mend that first; then approve it.")
        )
    if post.when is None:
        raise NothingToDo(tr("“{name}” has no time yet.", name=post.short.name), tr("Drag it to a day first."))
    return replace(post, state="waiting", when=max(post.when, now), told="", tries=0, next_try=0)


def held(post: Post) -> Post:
    """Wait for approval again."""
    _may(post, ("waiting", "missed", "failed"), tr("held back"))
    return replace(post, state="held", told="")


def posted_now(post: Post, channel: Channel, now: int) -> Post:
    """Due at once."""
    _may(post, OPEN, tr("posted now"))
    return approved(replace(post, when=now, state="held", as_draft=False), channel)


def drafted(post: Post, channel: Channel, now: int) -> Post:
    """To be kept at the channel as a draft."""
    _may(post, OPEN, tr("saved as a draft"))
    if not channel.posts.delivery.keeps_drafts:
        raise NothingToDo(
            tr("{title} keeps no drafts.", title=channel.title),
            tr("Hold it here: it waits in the calendar until you approve it."),
        )
    return approved(replace(post, when=now, state="held", as_draft=True), channel)


def skipped(post: Post) -> Post:
    """Not posted; it stays in the calendar, crossed out."""
    _may(post, OPEN, "skipped")
    return replace(post, state="skipped", told=tr("Skipped by hand."))


def written(post: Post, text: PostText) -> Post:
    _may(post, (*OPEN, "skipped"), tr("written anew"))
    return replace(post, text=text)


def with_file(post: Post, file: PostFile | None) -> Post:
    _may(post, OPEN, tr("given another file"))
    return replace(post, file=file)


def _may(post: Post, states: tuple[str, ...], what: str) -> None:
    if post.state not in states:
        raise NothingToDo(
            tr(
                "“{name}” {state}, so it cannot be {what}.",
                name=post.short.name,
                state=STATES_TOLD[post.state],
                what=what,
            ),
            WHAT_THEN.get(post.state, ""),
        )


STATES_TOLD: Final = {
    "idea": tr("has no time yet"), "held": tr("waits for approval"), "waiting": tr("goes out when it is due"),
    "sending": tr("is on its way just now"),
    "placed": tr("is kept by the channel until it is due"), "out": tr("is out"), "draft": tr("is a draft at the channel"),
    "failed": tr("needs you"), "missed": tr("was missed"), "skipped": tr("is skipped"),
    "withdrawing": tr("is being taken back"), "withdrawn": tr("was taken back from the channel"),
}  # fmt: skip
WHAT_THEN: Final = {
    "sending": tr("Wait until it has arrived."), "out": tr("Change it where it is."),
    "draft": tr("Publish it or delete it at the channel."),
    "withdrawing": tr("Wait until it has come back."), "waiting": tr("Hold it back first."),
    "placed": tr("Take it back from the channel first."),
    "idea": tr("Drag it to a day first."),
}  # fmt: skip


def reds(post: Post, channel: Channel) -> Iterator[str]:
    """All that must not be so when a post goes out, as far as it can be told without looking at the disk: a sentence each."""
    for _field, told in wrong_in(post.text, channel):
        yield told
    file, rules = post.file, channel.posts.file
    if file is None:
        yield tr("It has no finished file: render it for this channel.")
        return
    for told in file.wrong:
        yield tr("The check of its file says: {told}", told=told)
    if file.seconds > channel.longest_s:
        yield tr(
            "Its file lasts {seconds:.1f} s; {title} takes {longest_s:g}.",
            seconds=file.seconds,
            title=channel.title,
            longest_s=channel.longest_s,
        )
    if 0 < file.seconds < rules.shortest_s:
        yield tr(
            "Its file lasts {seconds:.1f} s; {title} takes {shortest_s:g} and more.",
            seconds=file.seconds,
            title=channel.title,
            shortest_s=rules.shortest_s,
        )
    if rules.largest_mb and file.size > rules.largest_mb * 1e6:
        yield tr(
            "Its file has {size:.0f} MB; {title} takes {largest_mb:g}.",
            size=file.size / 1000000.0,
            title=channel.title,
            largest_mb=rules.largest_mb,
        )
    if rules.most_fps and file.fps > rules.most_fps + 0.01:
        yield tr(
            "Its file has {fps:g} fps; {title} takes {most_fps:g}.", fps=file.fps, title=channel.title, most_fps=rules.most_fps
        )
    if file.width and file.height:
        shape = file.width / file.height
        if all(abs(shape / (w / h) - 1) > NOT_AT_ALL for w, h in (SHAPES[s] for s in rules.shapes)):
            yield tr(
                "Its file is {width} × {height}; {title} takes {these}.",
                width=file.width,
                height=file.height,
                title=channel.title,
                these=", ".join(rules.shapes),
            )
        if min(file.width, file.height) < rules.least_width:
            yield tr(
                "Its file is {width} pixels wide; {title} wants {least_width}.",
                width=min(file.width, file.height),
                title=channel.title,
                least_width=rules.least_width,
            )


def link_due(post: Post, channel: Channel | None) -> bool:
    """Whether the person is still to put the link to the full programme there by hand."""
    return post.state == "out" and channel is not None and channel.posts.text.link == "none" and not post.link_put


def link_told(post: Post, there: bool) -> Post:
    """The person says that the link is there, or that it is not."""
    _may(post, ("out",), tr("ticked off"))
    return replace(post, link_put=there)


def gone(file: PostFile) -> str:
    """What is wrong with a file on the disk, in a sentence; its content is only compared when it is sent."""
    path = Path(file.path)
    try:
        size = path.stat().st_size
    except OSError:
        return tr("{name} is not in {parent} any more: render it again, or put it back.", name=path.name, parent=path.parent)
    return (
        "" if size == file.size else tr("{name} is another file than the one that was checked: check it again.", name=path.name)
    )

"""Whether a short is longer than its channel takes."""

from __future__ import annotations

from standtall.checks.notice import Notice
from standtall.model.channel import Channel
from standtall.model.short import Short


def too_long(short: Short, channel: Channel) -> Notice | None:
    """A notice that says where the channel would end the short, or None."""
    over = short.length - channel.longest
    if over <= 0:
        return None
    place = short.time_map.to_source(channel.longest)
    return Notice("too long", {"over": over, "limit": channel.longest}, place, ("tighten", "choose another channel"))

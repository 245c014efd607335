"""What of each piece of footage its project's shorts show, and what never was shown."""

from __future__ import annotations

from collections.abc import Collection, Mapping
from dataclasses import dataclass

from standtall.base.interface_language import tr, tr_n
from standtall.base.time import clock
from standtall.model.short import Short
from standtall.model.source import Source


@dataclass(frozen=True, slots=True)
class Usage:
    """The shorts that show a source, by name, and the passages shown (ticks, in order, none meeting another)."""

    shorts: tuple[str, ...] = ()
    spans: tuple[tuple[int, int], ...] = ()
    posted: int = 0
    """How many of the shorts are out on some channel."""

    @property
    def shown(self) -> int:
        """Ticks that are shown by any short."""
        return sum(end - start for start, end in self.spans)

    def never(self, length: int) -> tuple[tuple[int, int], ...]:
        """What no short shows of footage of a length."""
        edges = [0, *(edge for span in self.spans for edge in span), length]
        return tuple((a, b) for a, b in zip(edges[::2], edges[1::2], strict=True) if b > a)


def usage(source: Source, shorts: Mapping[int, Short], out: Collection[int] = ()) -> Usage:
    """What shorts (by their numbers) show of a source; those in `out` are posted."""
    names: list[str] = []
    spans: list[tuple[int, int]] = []
    posted = 0
    for number, short in shorts.items():
        here = [(s.start, min(s.end, source.length)) for s in short.segments if s.source == source.key]
        if here:
            names.append(short.name)
            posted += number in out
            spans += here
    merged: list[tuple[int, int]] = []
    for start, end in sorted(spans):
        if merged and start <= merged[-1][1]:
            merged[-1] = merged[-1][0], max(merged[-1][1], end)
        elif end > start:
            merged.append((start, end))
    return Usage(tuple(names), tuple(merged), posted)


def in_words(used: Usage, source: Source) -> str:
    """What is used of a source, in a sentence."""
    if not used.shorts:
        return tr("No short uses it yet.")
    longest = max(used.never(source.length), key=lambda span: span[1] - span[0], default=None)
    told = tr_n(len(used.shorts), "{n} short shows {shown} of it.", "{n} shorts show {shown} of it.", shown=clock(used.shown))
    if used.posted:
        told += (
            tr(" All of them are posted.")
            if used.posted == len(used.shorts)
            else tr(" {posted} of them are posted.", posted=used.posted)
        )
    if longest is None:
        return told
    return tr(
        "{told} Never shown: {length}, most in a row from {first} to {last}.",
        told=told,
        length=clock(source.length - used.shown),
        first=clock(longest[0]),
        last=clock(longest[1]),
    )

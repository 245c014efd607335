"""Edits: pure functions from a short to a new short, each with the name that undo shows."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, replace

from standtall.base.errors import NothingToDo
from standtall.base.interface_language import tr
from standtall.model.channel import Channel
from standtall.model.cut import CutTransition, TransitionKind, Transitions
from standtall.model.short import Short


@dataclass(frozen=True, slots=True)
class Edit:
    """A changed short and what was done to it, in words for the person."""

    label: str
    short: Short


# cuts, channel, name


def set_transitions(short: Short, transitions: Transitions) -> Edit:
    """Choose how the picture goes over cuts."""
    names: dict[Transitions, str] = {
        "straight": tr("Straight cuts"),
        "punch": tr("Punch in at cuts"),
        "blend": tr("Blend at cuts"),
    }
    return Edit(names[transitions], replace(short, cut=replace(short.cut, transitions=transitions)))


def set_transition_at(short: Short, numbers: Sequence[int], kind: TransitionKind | None, length: int) -> Edit:
    """How the picture goes over the cuts before some segments; None for as at all cuts."""
    cut = short.cut
    chosen = cut.chosen_transitions()
    gone = {chosen.get(n) for n in numbers}
    kept = tuple(t for t in cut.at_cuts if t not in gone)
    if kind is not None:
        kept += tuple(CutTransition(cut.segments[n].source, cut.segments[n].start, kind, length) for n in numbers)
    if kept == cut.at_cuts:
        raise NothingToDo(tr("There is no cut here."), tr("Move the playhead to a cut of the short first."))
    name = tr("Transition") if len(numbers) == 1 else tr("Transitions")
    return Edit(f"{name}: {tr(kind) if kind is not None else tr('none')}", replace(short, cut=replace(cut, at_cuts=kept)))


def set_channel(short: Short, channel: Channel) -> Edit:
    """Choose the channel whose limit the short must meet."""
    return Edit(tr("For {title}", title=channel.title), replace(short, channel=channel.name))


def rename(short: Short, name: str) -> Edit:
    text = " ".join(name.split())[:120]
    if not text:
        raise NothingToDo(tr("A short needs a name."), tr("Type one."))
    return Edit(tr("Rename"), replace(short, name=text))

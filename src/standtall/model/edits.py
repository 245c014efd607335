"""Edits: pure functions from a short to a new short, each with the name that undo shows."""

from __future__ import annotations

from dataclasses import dataclass, replace

from standtall.base.errors import NothingToDo
from standtall.model.captions import Captions
from standtall.model.channel import Channel
from standtall.model.cut import Segment, Transitions
from standtall.model.framing import LAYOUT_TITLES, Layout, PersonTarget, ShotFraming
from standtall.model.look import Look
from standtall.model.output import SHAPES
from standtall.model.short import Short


@dataclass(frozen=True, slots=True)
class Edit:
    """A changed short and what was done to it, in words for the person."""

    label: str
    short: Short


def count_of(n: int, noun: str = "word") -> str:
    """1 word, 2 words."""
    return f"{n} {noun}" if n == 1 else f"{n} {noun}s"


# framing; a shot is the segment of its source from its first frame to its last


def _framed(short: Short, shot: Segment, chosen: ShotFraming | None) -> Short:
    return replace(short, framing=short.framing.with_shot(shot.source, shot.start, shot.end, chosen))


def release_crop(short: Short, shot: Segment) -> Edit:
    """Let the camera frame one shot by itself again."""
    if short.framing.of_shot(shot.source, shot.start, shot.end) is None:
        raise NothingToDo("This shot is framed automatically already.")
    return Edit("Frame automatically", _framed(short, shot, None))


def release_framing(short: Short, shot: Segment) -> Short:
    """The short with nothing chosen by hand for a shot."""
    return _framed(short, shot, None)


def follow(short: Short, shot: Segment, person: int, name: str) -> Edit:
    """Follow one person through a shot, whoever talks."""
    before = short.framing.of_shot(shot.source, shot.start, shot.end)
    layout = before.layout if before is not None and not before.keyframes else None
    chosen = ShotFraming(shot.source, shot.start, None if layout == "whole" else layout, PersonTarget(person))
    return Edit(f"Follow {name}", _framed(short, shot, chosen))


def set_shape(short: Short, shape: str) -> Edit:
    """Choose the shape of the picture; framings carry over by whom they show and how large."""
    width, height = SHAPES[shape]
    return Edit(f"Shape {shape}", replace(short, output=replace(short.output, width=width, height=height)))


def set_layout(short: Short, shot: Segment, layout: Layout | None) -> Edit:
    """Choose the layout of one shot, or (None) let what is in it decide. Whom it follows stays; a crop by hand gives way."""
    chosen = short.framing.of_shot(shot.source, shot.start, shot.end)
    made = replace(chosen or ShotFraming(shot.source, shot.start), layout=layout, keyframes=())
    empty = made.layout is None and made.target is None and not made.locked
    label = "Layout as suggested" if layout is None else f"Layout: {LAYOUT_TITLES[layout]}"
    return Edit(label, _framed(short, shot, None if empty else made))


def set_layout_of_all(short: Short, layout: Layout | None) -> Edit:
    """Choose the layout of all shots that have none of their own, or (None) let what is in each decide."""
    label = "Layouts as suggested" if layout is None else f"All shots: {LAYOUT_TITLES[layout]}"
    return Edit(label, replace(short, framing=replace(short.framing, layout=layout)))


def set_hold(short: Short, seconds: float) -> Edit:
    """Choose how long an answer has to be to get the picture."""
    return Edit("Answers held over", replace(short, framing=replace(short.framing, hold_s=seconds)))


def set_calm(short: Short, calm: float) -> Edit:
    return Edit("Camera calmness", replace(short, framing=replace(short.framing, calm=calm)))


# captions


def _captioned(short: Short, captions: Captions) -> Short:
    return replace(short, captions=captions)


def set_look(short: Short, look: Look) -> Edit:
    return Edit(f"Look: {look.title}", _captioned(short, replace(short.captions, look=look.name)))


def set_caption_place(short: Short, place: float | None) -> Edit:
    label = "Captions keep clear" if place is None else "Move captions"
    return Edit(label, _captioned(short, replace(short.captions, place=place)))


def caption_in(short: Short, language: str) -> Edit:
    """Captions in a translation, or (empty) in the original language."""
    label = f"Captions in {language}" if language else "Captions in the original language"
    return Edit(label, _captioned(short, replace(short.captions, language=language)))


def show_captions(short: Short, shown: bool) -> Edit:
    return Edit("Show captions" if shown else "Hide captions", _captioned(short, replace(short.captions, shown=shown)))


# cuts, channel, name


def set_transitions(short: Short, transitions: Transitions) -> Edit:
    """Choose how the picture goes over cuts."""
    names: dict[Transitions, str] = {"straight": "Straight cuts", "punch": "Punch in at cuts", "blend": "Blend at cuts"}
    return Edit(names[transitions], replace(short, cut=replace(short.cut, transitions=transitions)))


def set_channel(short: Short, channel: Channel) -> Edit:
    """Choose the channel whose limit the short must meet."""
    return Edit(f"For {channel.title}", replace(short, channel=channel.name))


def rename(short: Short, name: str) -> Edit:
    text = " ".join(name.split())[:120]
    if not text:
        raise NothingToDo("A short needs a name.", "Type one.")
    return Edit("Rename", replace(short, name=text))

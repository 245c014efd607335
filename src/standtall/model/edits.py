"""Edits: pure functions from a short to a new short, each with the name that undo shows."""

from __future__ import annotations

from dataclasses import dataclass, replace

from standtall.base.errors import NothingToDo
from standtall.model.channel import Channel
from standtall.model.short import Follow, HandCrop, Joins, Short


@dataclass(frozen=True, slots=True)
class Edit:
    """A changed short and what was done to it, in words for the person."""

    label: str
    short: Short


def count_of(n: int, noun: str = "word") -> str:
    """1 word, 2 words."""
    return f"{n} {noun}" if n == 1 else f"{n} {noun}s"


def set_crop(short: Short, shot: tuple[int, int], cx: float, cy: float, h: float) -> Edit:
    """Frame one shot (start, end in ticks) by hand."""
    crop = HandCrop(shot[0], min(1.0, max(0.0, cx)), min(1.0, max(0.0, cy)), min(1.0, max(0.1, h)))
    others = tuple(c for c in short.framing.crops if not shot[0] <= c.at < shot[1])
    return Edit("Move the crop", replace(short, framing=replace(short.framing, crops=(*others, crop))))


def release_crop(short: Short, shot: tuple[int, int]) -> Edit:
    """Let the camera frame one shot by itself again."""
    crops = tuple(c for c in short.framing.crops if not shot[0] <= c.at < shot[1])
    follows = tuple(f for f in short.framing.follows if not shot[0] <= f.at < shot[1])
    if crops == short.framing.crops and follows == short.framing.follows:
        raise NothingToDo("This shot is framed automatically already.")
    return Edit("Frame automatically", replace(short, framing=replace(short.framing, crops=crops, follows=follows)))


def follow(short: Short, shot: tuple[int, int], person: int, name: str) -> Edit:
    """Follow one person through a shot, whoever talks."""
    others = tuple(f for f in short.framing.follows if not shot[0] <= f.at < shot[1])
    crops = tuple(c for c in short.framing.crops if not shot[0] <= c.at < shot[1])
    framing = replace(short.framing, crops=crops, follows=(*others, Follow(shot[0], person)))
    return Edit(f"Follow {name}", replace(short, framing=framing))


def set_calm(short: Short, calm: float) -> Edit:
    return Edit("Camera calmness", replace(short, framing=replace(short.framing, calm=calm)))


def set_look(short: Short, look: str, title: str) -> Edit:
    return Edit(f"Look: {title}", replace(short, look=look))


def set_caption_place(short: Short, y: float | None) -> Edit:
    label = "Captions keep clear" if y is None else "Move captions"
    return Edit(label, replace(short, caption_y=y))


def caption_in(short: Short, language: str) -> Edit:
    """Captions in a translation, or (empty) as the words are said."""
    return Edit(f"Captions in {language}" if language else "Captions as said", replace(short, caption_language=language))


def show_captions(short: Short, on: bool) -> Edit:
    return Edit("Show captions" if on else "Hide captions", replace(short, captions_on=on))


def set_joins(short: Short, joins: Joins) -> Edit:
    """Choose how the picture goes over cuts."""
    names: dict[Joins, str] = {"straight": "Straight cuts", "punch": "Punch in at cuts", "blend": "Blend at cuts"}
    return Edit(names[joins], replace(short, joins=joins))


def set_channel(short: Short, channel: Channel) -> Edit:
    """Choose the channel whose limit the short must meet."""
    return Edit(f"For {channel.title}", replace(short, channel=channel.name))


def rename(short: Short, name: str) -> Edit:
    text = " ".join(name.split())[:120]
    if not text:
        raise NothingToDo("A short needs a name.", "Type one.")
    return Edit("Rename", replace(short, name=text))

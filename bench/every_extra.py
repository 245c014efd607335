"""A short with an extra of every kind at once, for measures of time."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path

from PySide6.QtGui import QColor, QImage, QLinearGradient, QPainter

from standtall.ink.placed_pictures import picture_key
from standtall.media.probe import probe
from standtall.model import extra_edits
from standtall.model.cut import Segment
from standtall.model.edits import set_transition_at
from standtall.model.extents import PassageExtent
from standtall.model.extras import BarExtra, Clip, Cutaway, LightExtra, PictureExtra, SoundExtra, TextExtra
from standtall.model.short import Short
from standtall.model.sound import Cleaning, Music
from standtall.model.source import Source

S = 48_000


def still(folder: Path) -> Path:
    """A still of 1600 x 900 to show."""
    image = QImage(1600, 900, QImage.Format.Format_RGB32)
    painter = QPainter(image)
    ground = QLinearGradient(0, 0, 1600, 900)
    ground.setColorAt(0, QColor("#ffcf70"))
    ground.setColorAt(1, QColor("#3a5f7d"))
    painter.fillRect(0, 0, 1600, 900, ground)
    painter.end()
    path = folder / "still.png"
    image.save(str(path))
    return path


def with_every_extra(short: Short, source: Source, folder: Path) -> Short:
    """The short with a headline, a text, a logo, stickers still and moving, a progress bar, a light effect, cutaways in every way,
    clips before and after, a transition, effects, cleaning, levelled speakers and music, all on at once where they can be."""
    first = short.segments[0].start
    star, bell = picture_key("sticker:star"), picture_key("sticker:bell-ringing")
    extras = (
        TextExtra(0, "Why the first letter is never answered", headline=True, down=0.14),
        TextExtra(0, "from the allotment", PassageExtent(source.key, first, first + 6 * S), down=0.86),
        PictureExtra(0, "sticker:star", star, "logo", corner="top right", size=0.14, opacity=0.85),
        PictureExtra(0, "sticker:bell-ringing", bell, across=0.8, down=0.4, rotation=8.0, entrance="grow"),
        PictureExtra(0, "sticker:star", star, across=0.2, down=0.42, extent=PassageExtent(source.key, first + S, first + 8 * S)),
        BarExtra(0, round=True, margin=0.03),
        LightExtra(0, "warm"),
        SoundExtra(0, "chime", PassageExtent(source.key, first + 2 * S, first + 3 * S)),
    )
    made = extra_edits.put_all_in(short, extras, "all").short
    file = probe(still(folder))
    for n, placing in enumerate(("full", "window", "beside")):
        extent = Segment(source.key, first + (2 + 3 * n) * S, first + (3 + 3 * n) * S)
        cutaway = Cutaway(file.path, file.key, extent, placing=placing, move="nearer", fit="crop")  # type: ignore[arg-type]
        made = extra_edits.put_cutaway(made, cutaway).short
    made = extra_edits.set_clip(made, "opening", Clip(file.path, file.key, S)).short
    made = extra_edits.set_clip(made, "closing", Clip(file.path, file.key, S)).short
    if len(made.segments) > 1:
        made = set_transition_at(made, [1], "push", S // 2).short
    return replace(
        made, sound=replace(made.sound, even=True, cleaning=Cleaning(True, "gentle"), music=Music("music:window-seat"))
    )

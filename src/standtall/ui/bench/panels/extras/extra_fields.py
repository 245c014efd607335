"""What can be changed of each kind of extra: the controls of the panel are made from these."""

from __future__ import annotations

from typing import Final

from standtall.base.interface_language import tr
from standtall.model.extras import BarExtra, Extra, LightExtra, PictureExtra, TextExtra
from standtall.model.style_properties import PROPERTIES, Property
from standtall.sound.effects import effects

TEXT: Final = (
    "family", "weight", "italic", "size", "case", "ink", "plate", "plate_radius", "outline", "outline_width", "shadow", "align",
    "across", "width", "rotation", "line_spacing", "max_lines", "entrance", "exit",
)  # fmt: skip
"""Properties of a style that a text has."""
P = Property
_WAYS = ("none", "fade", "grow", "drop")
PICTURE: Final = {
    "size": P("number", "place", tr("Size"), tr("Width of the picture as a share of the frame's"), 0.02, 1.2, "%"),
    "corner": P(
        "choice", "place", tr("Corner"), tr("Where it stands; free where it was dragged to"),
        choices=("free", "top left", "top right", "bottom left", "bottom right"),
    ),
    "margin": P("number", "place", tr("Margin"), tr("Distance to both edges of its corner"), 0.0, 0.3, "%"),
    "opacity": P("number", "around", tr("Opacity"), tr("How far it can be seen"), 0.05, 1.0, "%"),
    "rotation": P("number", "place", tr("Rotation"), tr("Turned clockwise"), -180.0, 180.0, "°"),
    "entrance": P("choice", "coming and going", tr("Entrance"), tr("How it comes"), choices=_WAYS),
}  # fmt: skip
BAR: Final = {
    "edge": P("choice", "place", tr("Edge"), tr("Along which edge it runs"), choices=("top", "bottom", "left", "right")),
    "thickness": P("number", "place", tr("Thickness"), tr("As a share of the frame's width"), 0.002, 0.1, "%"),
    "margin": P("number", "place", tr("Margin"), tr("Distance to the edges; none is flush"), 0.0, 0.2, "%"),
    "round": P("switch", "around", tr("Round ends"), tr("Round or square ends")),
    "colour": P("colour", "around", tr("Filled"), tr("Colour of what is over, without opacity")),
    "ground": P("colour", "around", tr("Ground"), tr("Colour of what is still to come")),
}
LIGHT: Final = {
    "light": P("choice", "around", tr("Effect"), tr("Which light effect"), choices=("grain", "warm", "flash", "tape")),
    "strength": P("number", "around", tr("Strength"), tr("How strong it is"), 0.0, 1.0, "%"),
}
SOUND: Final = {
    "effect": P(
        "choice", "around", tr("Sound"), tr("Which sound effect"), choices=tuple(effects()), titles=tuple(effects().values())
    ),
    "db": P("number", "around", tr("Level"), tr("Louder or softer than it was made"), -30.0, 12.0, "dB"),
}


def fields_of(extra: Extra) -> dict[str, Property]:
    """The fields of an extra that have a control; those of a text are properties of its style."""
    if isinstance(extra, TextExtra):
        return {name: PROPERTIES[name] for name in TEXT}
    if isinstance(extra, PictureExtra):
        return PICTURE
    return BAR if isinstance(extra, BarExtra) else (LIGHT if isinstance(extra, LightExtra) else SOUND)

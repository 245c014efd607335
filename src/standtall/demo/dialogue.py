"""The text and the camera plan of "The Allotment Hour", a made-up gardening talk show.

Everybody and every place in it is invented. Fillers, the repeated word, the long pauses and the jokes are
there on purpose: they are what the program has to cope with.
"""

from __future__ import annotations

from dataclasses import dataclass
from typing import Final

FRAME_RATE: Final = 30
WIDTH: Final = 1920
HEIGHT: Final = 1080


@dataclass(frozen=True, slots=True)
class Line:
    """One utterance: who says it, what, and the silence after it in seconds."""

    speaker: str
    text: str
    gap_s: float = 0.32
    speed: float = 1.0


@dataclass(frozen=True, slots=True)
class Scene:
    """One camera position held while its lines are spoken.

    `camera` names a drawing in `sets`; a scene begins halfway through the silence before its first line.
    """

    camera: str
    lines: tuple[Line, ...]


VOICES: Final = {"wren": "af_heart", "marlow": "am_michael", "odile": "bf_emma"}

SCENES: Final[tuple[Scene, ...]] = (
    Scene(
        "two",
        (
            Line("wren", "Welcome to the Allotment Hour. I'm Wren Tansley."),
            Line("marlow", "And I'm Marlow Fenn, and, um, I have brought a cabbage."),
            Line("wren", "He has brought a cabbage. It's on the floor, because the table said no.", 0.6),
        ),
    ),
    Scene(
        "wren",
        (
            Line("wren", "Today we have one question.", 0.45),
            Line(
                "wren",
                "Why does one person's plot feed a family of five, while the plot next door, "
                "with the same rain, feeds nobody but slugs?",
                0.9,
            ),
        ),
    ),
    Scene(
        "three",
        (
            Line(
                "wren",
                "Here to answer it is Odile Bracken, who has kept the same strip of ground at Ketterby Row for thirty one years.",
            ),
            Line("odile", "Thirty two. But, um, the first one was mostly thistles."),
            Line("marlow", "Thistles count.", 0.4),
            Line("wren", "Odile, what did you do first?", 0.5),
        ),
    ),
    Scene(
        "odile",
        (
            Line("odile", "The first thing I did was everything wrong.", 0.5),
            Line("odile", "I dug, I raked, I I fed every plant by hand like a, uh, like a nervous waiter.", 0.4),
            Line("odile", "And every spring I had less soil than the year before.", 1.6),
        ),
    ),
    Scene(
        "walk",
        (
            Line("odile", "Now, when I walk down the row in the morning, I'm not looking at the leaves.", 0.35),
            Line("odile", "I'm looking for worms. If there are worms, I can go home and have breakfast.", 0.7),
        ),
    ),
    Scene(
        "chart",
        (
            Line(
                "odile",
                "This is the planting chart that hangs in my shed. Broad beans go in from October, "
                "with garlic right beside them.",
            ),
            Line(
                "odile",
                "The courgettes wait until the last frost has gone, which at Ketterby means late in May.",
                0.6,
            ),
        ),
    ),
    Scene(
        "three",
        (
            Line("marlow", "Hold on. So you never dig at all?", 0.35),
            Line("odile", "Never.", 0.35),
            Line("wren", "Not even potatoes?", 0.3),
            Line("odile", "Potatoes you lift. It's a very different feeling.", 0.7),
        ),
    ),
    Scene(
        "odile",
        (
            Line("odile", "Here is what nobody tells you.", 0.5),
            Line("odile", "You don't grow vegetables. You grow soil, and the soil grows the vegetables.", 0.55),
            Line("odile", "Once you believe that, half of the work in the garden simply disappears.", 1.4),
        ),
    ),
    Scene(
        "screen",
        (
            Line("marlow", "So I tried it. Three beds, three months.", 0.4),
            Line("marlow", "The first bed I dug every week. The second bed I left alone.", 0.35),
            Line("marlow", "And the third bed I covered with cardboard and, um, completely forgot about.", 0.5),
            Line("marlow", "The cardboard won. It wasn't even close.", 0.8),
        ),
    ),
    Scene(
        "two",
        (
            Line("wren", "You have dug that ground for fifteen years.", 0.35),
            Line("marlow", "I have. I've wasted fifteen years, and, you know, one very good spade.", 0.35),
            Line("wren", "We could bury the spade.", 0.3),
            Line("marlow", "That would be digging.", 0.9),
        ),
    ),
    Scene(
        "landscape",
        (
            Line(
                "wren",
                "This is Ketterby Row from the hill. Sixty plots, one tap, and, uh, one very opinionated goose.",
                0.7,
            ),
        ),
    ),
    Scene(
        "three",
        (
            Line("marlow", "What should somebody do on Monday, if they want to start?", 0.35),
            Line("odile", "Put the spade away. Lay compost two inches deep, and go inside.", 0.4),
            Line("marlow", "That's all?", 0.3),
            Line("odile", "That's all. The worms work for nothing, and they never ask for a holiday.", 0.9),
        ),
    ),
    Scene(
        "marlow",
        (Line("marlow", "I came here with a cabbage, and I'm leaving with a religion.", 0.8),),
    ),
    Scene(
        "wren",
        (
            Line("wren", "And that is the whole trick. Feed the ground, and the ground will feed you.", 0.55),
            Line("wren", "This was the Allotment Hour. I'm Wren Tansley. Mind the goose.", 1.2),
        ),
    ),
)

LEAD_S: Final = 0.8
"""Silence before the first word, in seconds."""

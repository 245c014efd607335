"""The scenes of the second set: who stands where, who talks when, how one picture turns into the next.

Every other scene (`tune`) may be looked at while constants are chosen; the rest only judges.
"""

from __future__ import annotations

import itertools
from dataclasses import dataclass
from typing import Final, Literal

Into = Literal["cut", "dissolve", "fade", "wipe"]
Acts = Literal["", "chews", "hand", "down"]
SIZE: Final = (1280, 720)

VOICES: Final = {
    "ines": "FEE078", "tomas": "acoustic", "ruth": "reader", "jonah": "cold", "mei": "MEE012", "abel": "MEE009",
}  # fmt: skip


@dataclass(frozen=True, slots=True)
class Person:
    """Somebody in a shot: (seconds, x, y, head height) at some times, eased between; `yaw` in degrees; what else they do."""

    name: str
    path: tuple[tuple[float, float, float, float], ...]
    yaw: float = 0.0
    acts: Acts = ""
    away: tuple[float, float] | None = None
    """Seconds from which and until when they turn their back to the camera."""


@dataclass(frozen=True, slots=True)
class Shot:
    """`into` and `frames` tell how the picture before turns into this one; `says` are (who, start, seconds) from the shot's start;
    `layouts` are those that a careful operator may choose."""

    seconds: float
    back: str
    people: tuple[Person, ...] = ()
    says: tuple[tuple[str, float, float], ...] = ()
    layouts: tuple[str, ...] = ("follow",)
    into: Into = "cut"
    frames: int = 0
    shake: float = 0.0
    whip: tuple[float, float] | None = None
    flash: float | None = None


@dataclass(frozen=True, slots=True)
class Scene:
    name: str
    tune: bool
    fps: int
    shots: tuple[Shot, ...]
    conversation: str = ""
    """A real conversation whose speakers are given faces in the order of `cast`; then nobody `says` anything."""
    cast: tuple[tuple[str, str], ...] = ()


def at(name: str, x: float, y: float, height: float, yaw: float = 0.0, acts: Acts = "") -> Person:
    return Person(name, ((0.0, x, y, height),), yaw, acts)


def taking_turns(*turns: tuple[str, float], start: float = 0.6, gap: float = 0.25) -> tuple[tuple[str, float, float], ...]:
    ends = itertools.accumulate((seconds + gap for _, seconds in turns), initial=start)
    return tuple((who, round(begin, 2), seconds) for (who, seconds), begin in zip(turns, ends, strict=False))


_CROSS = Shot(
    16, "studio",
    (Person("ines", ((0, 330, 300, 170), (4, 330, 300, 170), (6.5, 960, 300, 170), (11, 960, 300, 170), (13, 330, 300, 170))),
     Person("abel", ((0, 960, 300, 180), (4, 960, 300, 180), (6.5, 330, 305, 180), (11, 330, 305, 180), (13, 960, 300, 180)))),
    taking_turns(("ines", 3.0), ("abel", 4.0), ("ines", 3.5), ("abel", 3.0)),
)  # fmt: skip

SCENES: Final = (
    Scene("crossing", True, 25, (_CROSS,)),
    Scene("crossing behind", False, 30, (
        Shot(15, "room", (
            Person("jonah", ((0, 250, 250, 130), (3, 250, 250, 130), (7, 1050, 250, 130))),
            Person("mei", ((0, 1030, 245, 128), (3.4, 1030, 245, 128), (7.2, 240, 245, 128))),
            at("ruth", 640, 380, 190)),
            taking_turns(("ruth", 4.0), ("jonah", 3.5), ("ruth", 2.5), ("jonah", 2.5))),
        Shot(7, "room close", (at("jonah", 700, 330, 330, -20),), taking_turns(("jonah", 5.0))))),
    Scene("crossing far off", True, 25, (
        Shot(14, "street", (
            Person("tomas", ((0, 300, 260, 120), (2.5, 300, 260, 120), (6, 980, 260, 120))),
            Person("ines", ((0, 1000, 262, 118), (2.8, 1000, 262, 118), (6.4, 280, 262, 118))),
            at("abel", 600, 400, 200)),
            taking_turns(("abel", 4.0), ("tomas", 3.0), ("ines", 2.5), ("abel", 2.0))),
        Shot(6, "room close", (at("tomas", 560, 330, 300, 15),), taking_turns(("tomas", 4.0))))),
    Scene("crossing half hidden", True, 25, (
        Shot(13, "studio", (
            Person("mei", ((0, 330, 250, 130), (2.5, 330, 250, 130), (6, 1000, 250, 130))),
            Person("jonah", ((0, 1010, 245, 132), (2.8, 1010, 245, 132), (6.3, 310, 245, 132))),
            at("abel", 650, 385, 190)),
            taking_turns(("abel", 4.0), ("jonah", 3.0), ("mei", 2.0), ("abel", 2.0))),
        Shot(6, "studio", (at("jonah", 640, 330, 330, 15),), taking_turns(("jonah", 4.0))))),
    Scene("dissolves", True, 25, (
        Shot(6, "studio", (at("tomas", 420, 330, 300, 15),), taking_turns(("tomas", 4.5))),
        Shot(7, "room", (at("mei", 820, 320, 280, -15),), taking_turns(("mei", 4.0), start=1.2), into="dissolve", frames=20),
        Shot(6, "street", (at("tomas", 700, 300, 250),), taking_turns(("tomas", 4.0), start=1.2), into="dissolve", frames=12),
        Shot(6, "studio", (at("mei", 500, 320, 300),), taking_turns(("mei", 4.0), start=1.5), into="fade", frames=24),
        Shot(6, "street", (), (), ("whole", "follow"), into="dissolve", frames=30))),
    Scene("wipes", False, 30, (
        Shot(6, "room", (at("ruth", 400, 320, 290),), taking_turns(("ruth", 4.5))),
        Shot(6, "street", (at("abel", 820, 320, 270),), taking_turns(("abel", 4.0), start=1.0), into="wipe", frames=15),
        Shot(6, "dark a", (at("ruth", 700, 300, 270),), taking_turns(("ruth", 4.0), start=1.4), into="dissolve", frames=25),
        Shot(6, "studio", (at("abel", 480, 300, 260),), taking_turns(("abel", 4.0), start=1.4), into="fade", frames=16),
        Shot(5, "room", (at("ruth", 640, 330, 300),), taking_turns(("ruth", 3.5)), into="cut"))),
    Scene("dark cuts", True, 25, tuple(
        Shot(3.2 + 0.4 * (n % 3), "dark a" if n % 2 == 0 else "dark b", (at("jonah", 440, 320, 270, 15) if n % 2 == 0 else at("tomas", 800, 320, 280, -15),),
             taking_turns(("jonah" if n % 2 == 0 else "tomas", 2.4), start=0.35), flash=1.6 if n == 3 else None) for n in range(6))),
    Scene("cuts in one room", False, 25, tuple(
        Shot(3.4 + 0.3 * (n % 2), "room" if n % 2 == 0 else "room close", (at("ines", 560 + 60 * n, 320, 250 + 15 * n, 10 - 5 * n),),
             taking_turns(("ines", 2.5), start=0.4), whip=(1.9, 2.5) if n == 2 else None, flash=2.2 if n == 4 else None) for n in range(6))),
    Scene("three talk at once", True, 25, (
        Shot(29, "studio", (at("abel", 260, 310, 170, 25), at("ines", 640, 310, 165), at("tomas", 1010, 305, 175, -25)),
             layouts=("follow", "stack", "grid")),),
        "dev00", (("MEE009", "abel"), ("MEE012", "tomas"))),
    Scene("four talk at once", False, 25, (
        Shot(29, "room", (at("mei", 190, 310, 150, 25), at("jonah", 490, 315, 150, 15), at("ruth", 790, 310, 150, -15), at("tomas", 1090, 305, 155, -25)),
             layouts=("follow", "stack", "grid", "whole")),),
        "trn05", (("FEE078", "mei"), ("FEE081", "ruth"), ("FEE080", "jonah"), ("FEO079", "tomas"))),
    Scene("five at a table", True, 30, (
        Shot(18, "studio", (at("ruth", 150, 320, 130, 20), at("abel", 395, 320, 132, 10, "chews"), at("mei", 640, 315, 130), at("tomas", 885, 320, 135, -10),
                            at("ines", 1130, 320, 130, -20, "chews")),
             taking_turns(("mei", 3.0), ("tomas", 4.0), ("ruth", 5.0), ("mei", 2.0)), ("follow", "stack", "whole", "grid")),)),
    Scene("three eat", False, 25, (
        Shot(16, "room", (at("jonah", 280, 310, 175, 20, "chews"), at("ruth", 650, 310, 170), at("abel", 1010, 310, 175, -20, "chews")),
             taking_turns(("ruth", 4.5), ("abel", 3.0), ("ruth", 3.0), ("jonah", 2.5)), ("follow", "stack", "grid")),)),
    Scene("profiles", True, 25, (
        Shot(15, "street", (at("ines", 360, 320, 230, 50), at("tomas", 930, 320, 235, -50)),
             taking_turns(("ines", 4.0), ("tomas", 4.5), ("ines", 3.0)), ("follow", "stack")),)),
    Scene("one in profile", False, 30, (
        Shot(14, "room", (at("abel", 400, 320, 240, 55), at("ruth", 940, 320, 225, -30)),
             taking_turns(("abel", 4.0), ("ruth", 4.0), ("abel", 3.0)), ("follow", "stack")),)),
    Scene("leaves and comes back", True, 25, (
        Shot(20, "studio", (
            at("jonah", 420, 310, 200, 10),
            Person("ines", ((0, 900, 310, 195), (5, 900, 310, 195), (6.4, 1500, 310, 195), (11, 1500, 310, 195), (12.5, 880, 310, 195)))),
            taking_turns(("ines", 3.5), ("jonah", 6.0), ("jonah", 2.0), ("ines", 4.0), gap=0.6), ("follow", "stack")),)),
    Scene("walks through", False, 25, (
        Shot(16, "street", (Person("abel", ((0, -200, 300, 190), (1, -200, 300, 190), (5.5, 640, 300, 190), (9, 640, 300, 190), (14, 1550, 300, 190)), 20),),
             (("abel", 3.2, 3.0), ("abel", 6.5, 2.4), ("abel", 9.6, 2.0))),
        Shot(7, "street", (at("abel", 760, 310, 300, -10),), taking_turns(("abel", 4.5))))),
    Scene("slides", True, 25, (
        Shot(18, "slides", (at("tomas", 1090, 330, 190, -15),), taking_turns(("tomas", 6.0), ("tomas", 3.5), ("tomas", 4.0)), ("screen",)),
        Shot(8, "room close", (at("tomas", 640, 330, 310),), taking_turns(("tomas", 5.0))))),
    Scene("face in the corner", False, 30, (
        Shot(16, "slides full", (at("ruth", 1150, 590, 120),), taking_turns(("ruth", 6.0), ("ruth", 5.0)), ("screen", "whole")),)),
    Scene("text at the edges", True, 25, (
        Shot(10, "posters", (at("ines", 640, 340, 240),), taking_turns(("ines", 4.0), ("ines", 3.0)), ("follow", "whole")),
        Shot(7, "chart", (), (), ("whole",)))),
    Scene("signs", False, 25, (
        Shot(10, "signs", (at("jonah", 520, 340, 230),), taking_turns(("jonah", 4.0), ("jonah", 3.0)), ("follow", "whole")),
        Shot(7, "chart wide", (), (), ("whole",)))),
    Scene("shaky", True, 30, (
        Shot(14, "street", (Person("abel", ((0, 500, 320, 240), (6, 500, 320, 240), (9, 800, 320, 240)), 5),),
             taking_turns(("abel", 4.0), ("abel", 4.0), ("abel", 2.5)), shake=9.0),)),
    Scene("four at once, first", True, 25, (
        Shot(29, "street", (at("tomas", 180, 310, 150, 20), at("ines", 480, 315, 150, 10), at("abel", 790, 310, 155, -10), at("mei", 1090, 310, 150, -25)),
             layouts=("follow", "stack", "grid", "whole")),),
        "tst00", (("MEE071", "tomas"), ("FEO072", "ines"), ("MEE073", "abel"), ("FEO070", "mei"))),
    Scene("four at once, second", True, 30, (
        Shot(28, "studio", (at("ruth", 200, 310, 150, 25), at("jonah", 500, 315, 155, 15), at("ines", 790, 310, 150, -15), at("abel", 1080, 310, 155, -20)),
             layouts=("follow", "stack", "grid", "whole")),),
        "trn08", (("FEE087", "ruth"), ("MEE089", "jonah"), ("FEE088", "ines"), ("MEO086", "abel"))),
    Scene("hands at a table", True, 25, (
        Shot(19, "studio", (at("ines", 330, 320, 215, 15, "hand"), at("jonah", 700, 320, 205), at("tomas", 1030, 320, 210, -15, "down")),
             taking_turns(("jonah", 3.5), ("ines", 4.0), ("tomas", 3.5), ("ines", 3.0), ("jonah", 2.0)), ("follow", "stack", "grid")),)),
    Scene("a hand and a profile", True, 30, (
        Shot(15, "street", (at("abel", 430, 320, 240, 5, "hand"), at("mei", 900, 320, 230, -45)),
             taking_turns(("abel", 4.0), ("mei", 3.5), ("abel", 5.0)), ("follow", "stack")),)),
    Scene("a lap and a hand", True, 30, (
        Shot(17, "studio", (at("jonah", 380, 315, 225, 15, "down"), at("ines", 900, 320, 230, -5, "hand")),
             taking_turns(("jonah", 4.5), ("ines", 4.0), ("jonah", 3.0), ("ines", 2.5)), ("follow", "stack")),)),
    Scene("a lap and a plate", True, 25, (
        Shot(18, "street", (at("tomas", 400, 320, 235, 20, "chews"), at("ruth", 910, 315, 225, -20, "down")),
             taking_turns(("ruth", 5.0), ("tomas", 4.0), ("ruth", 4.0), ("tomas", 2.5)), ("follow", "stack")),)),
    Scene("two in profile", True, 30, (
        Shot(17, "studio", (at("jonah", 390, 320, 235, 52), at("mei", 930, 320, 230, -55)),
             taking_turns(("mei", 3.5), ("jonah", 4.5), ("mei", 3.0), ("jonah", 3.0)), ("follow", "stack")),)),
    Scene("two who eat", True, 25, (
        Shot(16, "street", (at("mei", 300, 310, 190, 15, "chews"), at("ines", 660, 315, 180, 0, "chews"), at("jonah", 1010, 310, 185, -15)),
             taking_turns(("jonah", 4.0), ("ines", 3.5), ("jonah", 3.0), ("mei", 3.0)), ("follow", "stack", "grid")),)),
    Scene("turns to the board", True, 25, (
        Shot(17, "studio", (Person("tomas", ((0, 420, 320, 210), (5, 420, 320, 210), (7, 760, 320, 210), (10, 760, 320, 210), (12, 560, 320, 215)), 5, away=(4.5, 10.5)),),
             taking_turns(("tomas", 4.0), ("tomas", 5.0), ("tomas", 4.0)), ("follow", "whole")),)),
    Scene("one turns away", True, 30, (
        Shot(18, "street", (Person("ruth", ((0, 350, 310, 200), (7, 350, 310, 200), (9, 480, 310, 195)), 10, away=(5.5, 11.0)), at("jonah", 930, 315, 205, -15)),
             taking_turns(("ruth", 4.0), ("jonah", 2.5), ("ruth", 4.0), ("jonah", 3.0), ("ruth", 2.5)), ("follow", "stack", "whole")),)),
    Scene("from behind", True, 25, (
        Shot(9, "street", (Person("abel", ((0, 300, 300, 170), (2, 300, 300, 170), (7, 900, 300, 170)), away=(0.0, 9.0)),),
             taking_turns(("abel", 4.0), ("abel", 3.0)), ("follow", "whole")),
        Shot(7, "room close", (at("abel", 640, 330, 300),), taking_turns(("abel", 5.0))))),
    Scene("back to the camera", True, 30, (
        Shot(8, "studio", (Person("tomas", ((0, 400, 290, 190), (1.5, 400, 290, 190), (6, 800, 290, 190)), away=(0.0, 8.0)),),
             taking_turns(("tomas", 6.0)), ("follow", "whole")),
        Shot(15, "street", (at("mei", 400, 320, 215, 10), Person("tomas", ((0, 900, 315, 225),), -10, away=(4.5, 11.0))),
             taking_turns(("mei", 3.0), ("tomas", 3.5), ("mei", 2.0), ("tomas", 3.5)), ("follow", "stack", "whole")))),
    Scene("turns round and goes", False, 30, (
        Shot(16, "room", (Person("mei", ((0, 800, 310, 220), (4, 800, 310, 220), (7.5, 380, 300, 170), (11, 380, 300, 170), (13, 600, 310, 200)), -10, away=(4.0, 11.5)),),
             taking_turns(("mei", 4.5), ("mei", 5.5), ("mei", 3.0)), ("follow", "whole")),)),
    Scene("seen from behind", False, 25, (
        Shot(8, "dark a", (Person("jonah", ((0, 850, 290, 190), (1.5, 850, 290, 190), (6, 420, 290, 190)), away=(0.0, 8.0)),),
             taking_turns(("jonah", 6.0)), ("follow", "whole")),
        Shot(14, "room", (at("ines", 380, 320, 220, 10), Person("jonah", ((0, 920, 315, 220),), -10, away=(6.0, 10.0))),
             taking_turns(("ines", 3.0), ("jonah", 3.0), ("ines", 2.0), ("jonah", 3.5)), ("follow", "stack", "whole")))),
    Scene("hands and a lap", False, 25, (
        Shot(16, "room", (at("mei", 400, 320, 240, 10, "hand"), at("tomas", 920, 320, 240, -10, "down")),
             taking_turns(("tomas", 4.0), ("mei", 3.5), ("tomas", 4.0)), ("follow", "stack")),)),
)  # fmt: skip

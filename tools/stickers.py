"""Draws the stickers that ship: flat shapes as if cut from coloured paper, with a pale rim that keeps them apart from any ground.

    python tools/stickers.py

Writes `src/standtall/library/stickers/NAME.svg` (SVG 1.1; those that move by `animateTransform`) and `index.json` with titles and
the words they are found by. The drawings are our own.
"""

from __future__ import annotations

import json
from pathlib import Path

OUT = Path(__file__).parent.parent / "src/standtall/library/stickers"
RIM, RIM_WIDE = "#fff6e6", 7
GOLD, TEAL, BRICK, CREAM, INK, PLUM, SKY, LEAF, WOOD, GREY, ROSE, WHITE = (
    "#f2a33a", "#2fb5a6", "#c8553d", "#ffe9c9", "#2b2a33", "#6c4a6b", "#8fc1de", "#6fa553", "#a2703f", "#a9adb5", "#e58a92", "#ffffff",
)  # fmt: skip
Shape = tuple[str, str, float]
"""An element without its paint, its colour, and the width of its line (0: filled)."""


def c(x: float, y: float, r: float, fill: str) -> Shape:
    return f'<circle cx="{x}" cy="{y}" r="{r}"', fill, 0


def e(x: float, y: float, rx: float, ry: float, fill: str) -> Shape:
    return f'<ellipse cx="{x}" cy="{y}" rx="{rx}" ry="{ry}"', fill, 0


def r(x: float, y: float, w: float, h: float, fill: str, rx: float = 3) -> Shape:
    return f'<rect x="{x}" y="{y}" width="{w}" height="{h}" rx="{rx}"', fill, 0


def p(d: str, fill: str) -> Shape:
    return f'<path d="{d}"', fill, 0


def ln(d: str, stroke: str, wide: float = 5) -> Shape:
    return f'<path d="{d}"', stroke, wide


def moved(kind: str, values: str, seconds: float, *shapes: Shape | str) -> str:
    """Shapes that move together: `kind` is rotate, translate or scale."""
    move = (
        f'<animateTransform attributeName="transform" type="{kind}" values="{values}" dur="{seconds}s" repeatCount="indefinite"/>'
    )
    frame = f"<g>{move}@</g>"
    if kind == "scale":  # around the middle
        frame = f'<g transform="translate(50 50)"><g>{move}<g transform="translate(-50 -50)">@</g></g></g>'
    return frame + "\x00" + "\x01".join(_plain(s) for s in shapes)


def _plain(shape: Shape | str) -> str:
    return shape if isinstance(shape, str) else f"{shape[0]}|{shape[1]}|{shape[2]}"


def _drawn(shape: Shape | str, rim: bool) -> str:
    if isinstance(shape, str):
        frame, inner = shape.split("\x00", 1)
        parts = [_read(part) for part in inner.split("\x01")]
        return frame.replace("@", "".join(_drawn(part, rim) for part in parts))
    body, colour, wide = shape
    if wide:
        stroke, width = (RIM, wide + 2 * RIM_WIDE) if rim else (colour, wide)
        return f'{body} fill="none" stroke="{stroke}" stroke-width="{width:g}" stroke-linecap="round" stroke-linejoin="round"/>'
    if rim:
        return f'{body} fill="{RIM}" stroke="{RIM}" stroke-width="{2 * RIM_WIDE}" stroke-linejoin="round"/>'
    return f'{body} fill="{colour}"/>'


def _read(text: str) -> Shape:
    body, colour, wide = text.rsplit("|", 2)
    return body, colour, float(wide)


def svg(shapes: list[Shape | str]) -> str:
    inner = "".join(_drawn(s, True) for s in shapes) + "".join(_drawn(s, False) for s in shapes)
    return f'<svg xmlns="http://www.w3.org/2000/svg" viewBox="-12 -12 124 124">{inner}</svg>\n'


STAR = "M50 8 L62 37 L93 39 L69 59 L77 90 L50 73 L23 90 L31 59 L7 39 L38 37 Z"
HEART = "M50 88 C10 58 6 38 14 24 C24 8 44 12 50 30 C56 12 76 8 86 24 C94 38 90 58 50 88 Z"
DROP = "M50 8 C66 34 80 48 80 64 C80 82 66 92 50 92 C34 92 20 82 20 64 C20 48 34 34 50 8 Z"
FLAME = "M50 6 C58 28 82 40 82 66 C82 84 68 94 50 94 C32 94 18 84 18 66 C18 50 30 44 34 28 C40 36 44 38 46 44 C50 32 50 20 50 6 Z"
CLOUD = "M24 72 C4 72 4 46 24 46 C24 24 56 18 62 40 C84 32 98 48 90 62 C88 70 82 72 76 72 Z"
HAND = "M30 92 L26 52 C25 44 33 43 34 50 L36 58 L34 22 C34 14 43 14 44 22 L46 50 L48 14 C48 6 57 6 57 14 L57 50 L62 20 C63 12 72 14 71 22 L68 56 L76 46 C81 40 89 45 85 52 L68 92 Z"  # noqa: E501
BELL = "M50 10 C68 10 76 26 76 44 C76 62 82 70 88 76 L12 76 C18 70 24 62 24 44 C24 26 32 10 50 10 Z"
FISH = "M8 50 C24 22 56 22 72 48 L94 28 L90 50 L94 72 L72 52 C56 78 24 78 8 50 Z"
ROCKET = "M50 4 C68 20 72 46 66 72 L34 72 C28 46 32 20 50 4 Z"
ARROW_DOWN = "M38 8 L62 8 L62 54 L84 54 L50 94 L16 54 L38 54 Z"
BUBBLE = "M12 14 L88 14 C94 14 96 18 96 24 L96 58 C96 66 92 68 86 68 L50 68 L28 92 L30 68 L14 68 C6 68 4 64 4 58 L4 24 C4 16 8 14 12 14 Z"
LEAF_D = "M12 90 C6 40 40 8 92 10 C94 62 62 94 22 82 Z"


def gear(colour: str, hole: str) -> list[Shape]:
    teeth = [f'<rect x="43" y="4" width="14" height="92" rx="3" transform="rotate({a} 50 50)"' for a in (0, 45, 90, 135)]
    return [*((t, colour, 0.0) for t in teeth), c(50, 50, 33, colour), c(50, 50, 14, hole)]


def rays(colour: str) -> list[Shape]:
    return [(f'<rect x="46" y="2" width="8" height="17" rx="4" transform="rotate({a} 50 50)"', colour, 0.0) for a in range(0, 360, 45)]


CLOCK: list[Shape] = [c(50, 50, 44, PLUM), c(50, 50, 36, CREAM), c(50, 18, 3, PLUM), c(50, 82, 3, PLUM), c(18, 50, 3, PLUM), c(82, 50, 3, PLUM)]
HOURGLASS: list[Shape] = [r(20, 4, 60, 12, WOOD, 4), r(20, 84, 60, 12, WOOD, 4), p("M28 16 L72 16 C72 40 56 44 56 50 C56 56 72 60 72 84 L28 84 C28 60 44 56 44 50 C44 44 28 40 28 16 Z", SKY), p("M36 30 L64 30 C62 40 52 44 50 50 C48 44 38 40 36 30 Z", GOLD), p("M34 84 C36 70 48 68 50 62 C52 68 64 70 66 84 Z", GOLD)]  # noqa: E501
COIN: list[Shape] = [c(50, 50, 44, GOLD), c(50, 50, 34, "#f7c065"), p("M50 28 L56 44 L72 50 L56 56 L50 72 L44 56 L28 50 L44 44 Z", GOLD)]
BOAT: list[Shape] = [r(47, 8, 6, 58, WOOD, 2), p("M56 12 L56 56 L90 56 Z", CREAM), p("M44 20 L44 56 L16 56 Z", ROSE), p("M6 64 L94 64 L80 90 L20 90 Z", BRICK)]
BIRD: list[Shape] = [p("M8 56 C18 36 44 30 62 42 C66 28 86 28 88 44 L98 50 L88 54 C86 78 40 90 22 72 Z", SKY), c(78, 42, 3.5, INK), p("M88 46 L99 50 L88 54 Z", GOLD)]
MAGNIFIER: list[Shape] = [ln("M66 66 L92 92", WOOD, 13), c(42, 42, 36, PLUM), c(42, 42, 27, "#d7edf7"), ln("M28 38 C30 30 36 26 42 26", WHITE, 5)]
SAILS: list[Shape] = [(f'<rect x="47" y="6" width="18" height="36" rx="2" transform="rotate({a} 50 44)"', CREAM, 0.0) for a in (0, 90, 180, 270)]
MILL: list[Shape] = [p("M36 44 L64 44 L74 96 L26 96 Z", BRICK), p("M32 46 C36 26 64 26 68 46 Z", PLUM), r(44, 76, 12, 20, INK, 5)]
ENVELOPE: list[Shape] = [r(6, 20, 88, 62, CREAM, 5), p("M6 24 L50 58 L94 24 L94 20 L6 20 Z", ROSE), c(50, 56, 8, BRICK)]

Entry = tuple[str, str, str, list[Shape | str]]
"""Title, words, emoji, shapes."""
STILL: dict[str, Entry] = {
    "arrow-down": ("Arrow down", "down below under here", "⬇", [p(ARROW_DOWN, BRICK)]),
    "arrow-right": ("Arrow", "right next forward further there direction way", "➡", [p("M6 38 L52 38 L52 16 L94 50 L52 84 L52 62 L6 62 Z", TEAL)]),
    "thumb": ("Thumb up", "good great well agree like approve right okay", "👍", [r(8, 44, 20, 46, PLUM, 4), p("M32 46 L50 10 C62 8 64 22 58 40 L84 40 C94 42 92 54 88 56 C94 60 92 68 86 70 C90 76 86 82 80 82 C82 88 78 92 72 92 L44 92 C38 92 32 88 32 84 Z", GOLD)]),
    "heart": ("Heart", "love heart dear care fond", "❤", [p(HEART, BRICK), e(32, 32, 7, 10, ROSE)]),
    "star": ("Star", "star best favourite famous excellent special", "⭐", [p(STAR, GOLD)]),
    "check": ("Tick", "yes right correct done true exactly finished decision", "✅", [c(50, 50, 44, LEAF), ln("M28 52 L44 68 L74 34", WHITE, 11)]),
    "cross": ("Cross", "no wrong never false mistake not refuse", "❌", [c(50, 50, 44, BRICK), ln("M33 33 L67 67 M67 33 L33 67", WHITE, 11)]),
    "question": ("Question mark", "what why how who question ask wonder unknown", "❓", [c(50, 50, 44, TEAL), ln("M36 38 C36 20 64 20 64 38 C64 50 50 48 50 62", WHITE, 9), c(50, 77, 6, WHITE)]),
    "exclamation": ("Exclamation mark", "attention careful warning important danger watch alert", "❗", [p("M50 6 L96 88 C97 92 94 94 92 94 L8 94 C5 94 3 92 4 88 Z", GOLD), ln("M50 36 L50 62", INK, 9), c(50, 78, 6, INK)]),
    "light-bulb": ("Light bulb", "idea thought realise understand light invent clever solution", "💡", [p("M50 4 C76 4 86 26 80 44 C76 56 66 60 66 70 L34 70 C34 60 24 56 20 44 C14 26 24 4 50 4 Z", GOLD), r(36, 73, 28, 8, GREY), r(39, 84, 22, 8, GREY), ln("M42 66 L42 46 L50 52 L58 46 L58 66", CREAM, 4)]),
    "coin": ("Coin", "money coin price cost pay cheap expensive earn worth buy spend rich", "🪙 💰", [*COIN]),
    "banknote": ("Banknote", "money cash salary wage rent pay budget income buy expensive cost million price bill", "💵 💶 💸", [r(4, 24, 92, 54, LEAF, 5), r(10, 30, 80, 42, "#b9d8a4", 4), c(50, 51, 14, LEAF), c(20, 51, 4, LEAF), c(80, 51, 4, LEAF)]),
    "money-jar": ("Savings jar", "save savings bank afford money month", "🏦 💰", [r(26, 6, 48, 12, WOOD, 4), p("M24 22 L76 22 C88 34 88 80 78 92 L22 92 C12 80 12 34 24 22 Z", "#d7edf7"), c(38, 78, 10, GOLD), c(60, 76, 10, "#f7c065"), c(48, 60, 10, GOLD), c(68, 58, 9, GOLD)]),
    "chart-up": ("Rising chart", "up rise grow growth increase more double percent sales profit improve higher", "📈", [r(6, 8, 88, 84, CREAM, 6), r(18, 60, 14, 24, SKY, 2), r(40, 46, 14, 38, TEAL, 2), r(62, 30, 14, 54, LEAF, 2), ln("M16 46 L40 30 L76 14 M64 13 L77 13 L76 25", BRICK, 5)]),
    "chart-down": ("Falling chart", "down fall drop lose loss decrease less crash market crisis decline", "📉", [r(6, 8, 88, 84, CREAM, 6), r(18, 30, 14, 54, LEAF, 2), r(40, 46, 14, 38, SKY, 2), r(62, 62, 14, 22, PLUM, 2), ln("M16 16 L44 32 L78 54 M66 55 L79 55 L78 43", BRICK, 5)]),
    "clock": ("Clock", "time clock hour minute late soon early delay when wait", "🕐 ⏰", [*CLOCK, ln("M50 50 L50 26", INK, 6), ln("M50 50 L66 60", INK, 6), c(50, 50, 5, BRICK)]),
    "hourglass": ("Hourglass", "time wait patience hour running deadline end", "⏳", [*HOURGLASS]),
    "calendar": ("Calendar", "calendar date day week month appointment schedule plan", "📅", [r(8, 16, 84, 78, CREAM, 6), r(8, 16, 84, 22, BRICK, 6), r(26, 6, 8, 20, INK, 4), r(66, 6, 8, 20, INK, 4), *[r(20 + 17 * i, 48 + 15 * j, 10, 9, TEAL if (i, j) == (2, 1) else SKY, 2) for i in range(4) for j in range(3)]]),
    "house": ("House", "house home live flat rent building own garden family", "🏠", [p("M4 50 L50 8 L96 50 L88 56 L12 56 Z", BRICK), r(16, 50, 68, 44, CREAM, 2), r(42, 62, 18, 32, WOOD, 2), r(22, 60, 14, 14, SKY, 2), r(66, 60, 14, 14, SKY, 2)]),
    "key": ("Key", "key unlock access secret lock", "🔑", [c(28, 34, 24, GOLD), c(28, 34, 10, CREAM), ln("M44 48 L88 90 M72 74 L82 64 M62 64 L70 56", GOLD, 9)]),
    "door": ("Door", "door open close enter leave welcome opportunity", "🚪", [r(16, 4, 68, 92, PLUM, 4), r(24, 12, 52, 84, WOOD, 2), r(32, 20, 36, 28, "#b9854f", 2), r(32, 56, 36, 30, "#b9854f", 2), c(70, 54, 4, GOLD)]),
    "car": ("Car", "car drive road traffic vehicle engine drove driver", "🚗", [p("M22 44 L34 22 L70 22 L82 44 Z", SKY), p("M6 46 L94 46 C98 46 98 74 94 74 L6 74 C2 74 2 46 6 46 Z", TEAL), c(26, 74, 13, INK), c(74, 74, 13, INK), c(26, 74, 5, GREY), c(74, 74, 5, GREY), r(86, 52, 10, 8, GOLD, 3)]),
    "bicycle": ("Bicycle", "bike bicycle cycle ride pedal", "🚲", [ln("M24 66 L42 34 L68 34 L76 66 M24 66 L50 66 L66 34 M42 34 L38 26 L30 26 M68 34 L72 22 L82 24", BRICK, 5), ln("M24 46 A20 20 0 1 0 24.1 46 M76 46 A20 20 0 1 0 76.1 46", INK, 5)]),
    "train": ("Train", "train rail station railway platform commute", "🚆 🚂", [r(20, 6, 60, 74, BRICK, 14), r(28, 20, 44, 26, SKY, 4), c(34, 62, 6, GOLD), c(66, 62, 6, GOLD), ln("M34 82 L22 96 M66 82 L78 96", INK, 6)]),
    "plane": ("Plane", "plane fly flight flew airport travel island holiday abroad", "✈", [p("M50 4 C58 8 58 26 57 36 L96 62 L96 72 L57 60 L55 80 L68 90 L68 96 L50 91 L32 96 L32 90 L45 80 L43 60 L4 72 L4 62 L43 36 C42 26 42 8 50 4 Z", SKY)]),
    "boat": ("Boat", "boat sail ship sea lake harbour water", "⛵", [*BOAT]),
    "map": ("Map", "map route lost way travel journey region trip", "🗺", [p("M4 18 L34 8 L34 84 L4 94 Z", "#b9d8a4"), p("M34 8 L66 18 L66 94 L34 84 Z", CREAM), p("M66 18 L96 8 L96 84 L66 94 Z", "#b9d8a4"), ln("M16 72 C30 50 46 70 54 48 C60 34 70 40 82 28", BRICK, 4)]),
    "pin": ("Place", "place here where location spot address town city lost", "📍", [p("M50 96 C30 66 16 52 16 36 C16 16 32 4 50 4 C68 4 84 16 84 36 C84 52 70 66 50 96 Z", BRICK), c(50, 37, 14, CREAM)]),
    "globe": ("Globe", "world global earth planet everywhere international country travel", "🌍 🌐", [c(50, 50, 44, SKY), p("M20 30 C34 14 50 22 44 36 C40 46 54 50 46 64 C38 74 26 54 16 52 Z", LEAF), p("M58 60 C66 50 84 54 86 60 C82 74 70 86 60 86 Z", LEAF), p("M62 14 C74 16 84 26 88 36 C78 40 66 32 62 14 Z", LEAF)]),
    "mountain": ("Mountain", "mountain climb peak hill summit height high challenge", "⛰ 🏔", [p("M4 90 L38 22 L58 58 L68 42 L96 90 Z", PLUM), p("M38 22 L50 44 L42 50 L36 42 L28 46 Z", WHITE)]),
    "tree": ("Tree", "tree forest wood plant nature oak park apple", "🌳 🌲", [r(43, 58, 14, 38, WOOD, 3), c(50, 34, 30, LEAF), c(30, 48, 20, LEAF), c(70, 48, 20, "#5b8f43")]),
    "flower": ("Flower", "flower rose bloom garden spring blossom bouquet", "🌸 🌹 🌼", [ln("M50 56 L50 96", LEAF, 6), *[c(50 + 22 * x, 36 + 22 * y, 15, ROSE) for x, y in ((0, -1), (0.95, -0.31), (0.59, 0.81), (-0.59, 0.81), (-0.95, -0.31))], c(50, 36, 13, GOLD)]),
    "leaf": ("Leaf", "leaf green nature environment recycle organic climate", "🍃 ♻ 🌿", [p(LEAF_D, LEAF), ln("M14 92 C30 66 50 46 78 26", "#4d7a39", 5)]),
    "sun": ("Sun", "sun sunny summer hot warm bright degrees heat morning", "☀ 🌞", [*rays(GOLD), c(50, 50, 24, GOLD)]),
    "moon": ("Moon", "moon night dark midnight evening sleep", "🌙", [p("M64 6 C38 10 22 30 24 54 C26 80 52 96 78 84 C54 80 42 60 44 42 C46 26 54 14 64 6 Z", GOLD)]),
    "cloud": ("Cloud", "cloud weather sky grey storm", "☁", [p(CLOUD, "#dfe7ee")]),
    "rain": ("Rain", "rain wet storm weather pour", "🌧 ☔", [p("M24 56 C4 56 4 30 24 30 C24 8 56 2 62 24 C84 16 98 32 90 46 C88 54 82 56 76 56 Z", GREY), ln("M28 68 L22 84 M48 68 L42 92 M68 68 L62 84", SKY, 7)]),
    "snowflake": ("Snowflake", "snow winter cold ice freeze frost", "❄", [ln("M50 6 L50 94 M12 28 L88 72 M88 28 L12 72 M38 12 L50 24 L62 12 M38 88 L50 76 L62 88 M12 42 L26 37 L22 22 M88 42 L74 37 L78 22 M12 58 L26 63 L22 78 M88 58 L74 63 L78 78", SKY, 6)]),
    "fire": ("Fire", "fire flame burn hot passion energy danger", "🔥", [p(FLAME, BRICK), p("M50 44 C56 58 66 62 66 74 C66 84 60 90 50 90 C40 90 34 84 34 74 C34 64 46 60 50 44 Z", GOLD)]),
    "drop": ("Drop of water", "water drop river wet drink sweat shower tear liquid", "💧 💦", [p(DROP, SKY), ln("M34 64 C34 72 38 78 44 80", WHITE, 5)]),
    "cup": ("Cup", "coffee tea drink cup breakfast break", "☕", [ln("M74 46 C96 42 96 74 72 72", CREAM, 8), p("M14 38 L78 38 C78 70 70 86 46 86 C22 86 14 70 14 38 Z", TEAL), r(8, 88, 78, 7, PLUM, 3), ln("M34 28 C28 20 40 16 34 6 M54 28 C48 20 60 16 54 6", GREY, 5)]),
    "bread": ("Bread", "bread bakery bake loaf toast baker", "🍞 🥖", [p("M14 36 C4 12 96 12 86 36 C94 44 88 50 84 52 L84 86 L16 86 L16 52 C12 50 6 44 14 36 Z", WOOD), p("M22 38 C16 22 84 22 78 38 C82 44 78 48 76 48 L76 78 L24 78 L24 48 C22 48 18 44 22 38 Z", CREAM)]),
    "apple": ("Apple", "apple fruit healthy eat pick diet", "🍎", [p("M50 30 C66 16 92 26 88 54 C84 80 68 98 50 88 C32 98 16 80 12 54 C8 26 34 16 50 30 Z", BRICK), ln("M50 30 C50 20 54 12 60 8", WOOD, 6), p("M60 18 C72 6 84 12 86 16 C76 28 64 26 60 18 Z", LEAF)]),
    "pot": ("Cooking pot", "cook pot kitchen soup recipe meal stew onion boil", "🍲 🍳", [r(2, 42, 96, 12, INK, 6), p("M12 46 L88 46 L84 84 C84 90 78 92 74 92 L26 92 C22 92 16 90 16 84 Z", PLUM), p("M14 38 C20 20 80 20 86 38 Z", GREY), c(50, 20, 7, INK)]),
    "fork": ("Fork and knife", "eat food meal restaurant dinner lunch bite taste hungry", "🍴 🍽", [ln("M30 96 L30 52", GREY, 9), p("M16 8 L22 8 L22 34 L27 34 L27 8 L33 8 L33 34 L38 34 L38 8 L44 8 L44 42 C44 54 16 54 16 42 Z", GREY), p("M62 6 C82 14 82 48 76 56 L70 56 L70 96 L62 96 Z", GREY)]),
    "book": ("Book", "book read learn study story school write chapter exam page", "📖 📚", [p("M6 20 C22 12 40 14 50 24 C60 14 78 12 94 20 L94 84 C78 78 60 80 50 90 C40 80 22 78 6 84 Z", PLUM), p("M12 22 C26 16 40 18 47 26 L47 82 C38 76 24 74 12 77 Z", CREAM), p("M88 22 C74 16 60 18 53 26 L53 82 C62 76 76 74 88 77 Z", CREAM), ln("M20 36 L38 40 M20 50 L38 54 M62 40 L80 36 M62 54 L80 50", GREY, 4)]),
    "pencil": ("Pencil", "write note draw pencil sign remember list wrote", "✏ 📝", [p("M16 68 L68 16 L86 34 L34 86 Z", GOLD), p("M68 16 L74 10 C78 6 82 6 86 10 L92 16 C96 20 96 24 92 28 L86 34 Z", ROSE), p("M16 68 L34 86 L8 94 Z", CREAM), p("M12 82 L20 90 L8 94 Z", INK)]),
    "letter": ("Letter", "letter mail email message post send answer inbox", "✉ 📧", [*ENVELOPE]),
    "phone": ("Phone", "phone call mobile app message ring telephone signal", "📱 📞", [r(24, 4, 52, 92, INK, 9), r(30, 14, 40, 66, SKY, 2), c(50, 88, 4, GREY), ln("M38 34 L62 34 M38 46 L56 46", WHITE, 5)]),
    "computer": ("Computer", "computer laptop keyboard software internet online code program website email", "💻", [r(14, 12, 72, 56, INK, 5), r(20, 18, 60, 44, SKY, 2), p("M4 76 L96 76 L88 90 L12 90 Z", GREY), ln("M30 32 L42 40 L30 48 M48 50 L62 50", WHITE, 5)]),
    "camera": ("Camera", "camera photo picture film photograph image record", "📷", [r(4, 26, 92, 62, PLUM, 8), p("M30 26 L38 12 L62 12 L70 26 Z", PLUM), c(50, 56, 24, GREY), c(50, 56, 16, INK), c(44, 50, 5, SKY), r(78, 34, 10, 8, GOLD, 2)]),
    "microphone": ("Microphone", "microphone speak sing podcast interview voice record talk", "🎤 🎙", [r(34, 4, 32, 54, TEAL, 16), ln("M22 44 C22 82 78 82 78 44 M50 74 L50 92 M32 94 L68 94", INK, 7), ln("M42 22 L58 22 M42 36 L58 36", CREAM, 4)]),
    "music-note": ("Note", "music song sing melody band choir guitar concert dance loud tune", "🎵 🎶", [p("M36 16 L88 6 L88 20 L36 30 Z", PLUM), ln("M36 20 L36 78 M86 12 L86 68", PLUM, 8), e(25, 80, 15, 12, PLUM), e(75, 70, 15, 12, PLUM)]),
    "headphones": ("Headphones", "headphones listen podcast hear audio", "🎧", [ln("M14 62 C8 2 92 2 86 62", INK, 9), r(4, 56, 24, 36, BRICK, 9), r(72, 56, 24, 36, BRICK, 9)]),
    "speech-bubble": ("Speech bubble", "say talk speak conversation discuss tell comment opinion chat", "💬", [p(BUBBLE, CREAM), c(30, 41, 6, PLUM), c(50, 41, 6, PLUM), c(70, 41, 6, PLUM)]),
    "ear": ("Ear", "ear listen hear sound loud noise", "👂", [p("M26 44 C22 8 80 4 80 42 C80 62 62 64 60 80 C58 96 34 98 32 82 C30 74 38 72 40 78 C42 84 48 82 48 74 C48 60 66 58 66 42 C66 24 40 24 40 42 C40 48 28 52 26 44 Z", "#e8b48c"), ln("M48 46 C48 38 58 38 58 46 C58 54 50 54 50 60", WOOD, 5)]),
    "eye": ("Eye", "eye see look watch view vision notice", "👁 👀", [p("M2 50 C22 14 78 14 98 50 C78 86 22 86 2 50 Z", WHITE), c(50, 50, 22, TEAL), c(50, 50, 11, INK), c(57, 43, 5, WHITE)]),
    "hand": ("Hand", "hand stop wave hello greet help five hold", "✋", [p(HAND, "#e8b48c")]),
    "brain": ("Brain", "brain think mind smart memory thought psychology head", "🧠", [p("M48 14 C30 4 18 18 20 30 C4 34 4 56 14 62 C10 80 28 92 40 84 C44 90 48 88 48 84 Z", ROSE), p("M52 14 C70 4 82 18 80 30 C96 34 96 56 86 62 C90 80 72 92 60 84 C56 90 52 88 52 84 Z", "#d9757f"), ln("M34 34 C42 36 42 46 34 48 M26 60 C34 58 40 64 36 72 M66 34 C58 36 58 46 66 48 M74 60 C66 58 60 64 64 72", BRICK, 4)]),
    "dog": ("Dog", "dog puppy pet bark walk", "🐕 🐶", [p("M20 40 C20 16 80 16 80 40 C84 70 70 92 50 92 C30 92 16 70 20 40 Z", WOOD), p("M22 26 C6 22 4 56 14 66 C22 62 26 44 28 30 Z", "#7c5229"), p("M78 26 C94 22 96 56 86 66 C78 62 74 44 72 30 Z", "#7c5229"), c(38, 46, 5, INK), c(62, 46, 5, INK), e(50, 72, 18, 14, CREAM), e(50, 64, 8, 6, INK), ln("M50 70 L50 78", INK, 3)]),
    "cat": ("Cat", "cat kitten pet purr", "🐈 🐱", [p("M18 8 L42 28 L58 28 L82 8 L86 56 C86 80 70 92 50 92 C30 92 14 80 14 56 Z", GREY), c(36, 52, 5, INK), c(64, 52, 5, INK), p("M45 64 L55 64 L50 70 Z", ROSE), ln("M50 70 L44 77 M50 70 L56 77 M8 62 L26 66 M8 76 L27 72 M92 62 L74 66 M92 76 L73 72", INK, 3)]),
    "bird": ("Bird", "bird fly sing free nest wing south", "🐦 🕊", [*BIRD, p("M30 54 C44 48 58 54 56 64 C46 74 34 68 30 54 Z", "#5f97b8")]),
    "fish": ("Fish", "fish sea fishing ocean swim fisherman fresh", "🐟 🎣", [p(FISH, TEAL), c(26, 45, 4.5, INK), ln("M44 36 C50 44 50 56 44 64", CREAM, 4)]),
    "bee": ("Bee", "bee honey busy insect hive", "🐝 🍯", [e(36, 30, 16, 22, "#d7edf7"), e(62, 30, 16, 22, "#d7edf7"), e(50, 60, 40, 28, GOLD), p("M36 36 L46 33 L46 87 L36 84 Z", INK), p("M58 33 L68 37 L68 83 L58 87 Z", INK), c(80, 54, 4, INK), p("M8 56 L0 60 L8 66 Z", INK)]),
    "trophy": ("Trophy", "win winner won cup best champion league team success prize first", "🏆 🥇", [ln("M26 18 C4 18 8 50 32 48 M74 18 C96 18 92 50 68 48", GOLD, 7), p("M22 6 L78 6 C78 40 70 60 50 60 C30 60 22 40 22 6 Z", GOLD), r(45, 58, 10, 22, WOOD, 2), r(28, 80, 44, 14, PLUM, 4), p("M50 16 L54 27 L65 28 L56 35 L60 46 L50 39 L40 46 L44 35 L35 28 L46 27 Z", CREAM)]),
    "ball": ("Ball", "ball goal football game play match kick team sport", "⚽ 🏀", [c(50, 50, 44, CREAM), p("M50 30 L68 43 L61 64 L39 64 L32 43 Z", INK), ln("M50 30 L50 8 M68 43 L89 36 M61 64 L75 84 M39 64 L25 84 M32 43 L11 36", INK, 5)]),
    "gift": ("Present", "gift present surprise birthday give christmas free bonus", "🎁", [r(10, 42, 80, 52, TEAL, 4), r(4, 28, 92, 20, "#3fcfbf", 4), r(43, 28, 14, 66, GOLD, 1), p("M50 28 C30 2 10 10 22 28 Z", GOLD), p("M50 28 C70 2 90 10 78 28 Z", GOLD)]),
    "cake": ("Cake", "cake birthday celebrate party sweet dessert", "🎂 🍰", [r(8, 58, 84, 36, ROSE, 6), r(20, 34, 60, 28, CREAM, 5), p("M20 38 C28 52 36 52 40 42 C48 54 56 54 60 42 C66 52 74 50 80 38 L80 34 L20 34 Z", BRICK), r(46, 14, 8, 22, SKY, 2), p("M50 2 C56 8 54 14 50 14 C46 14 44 8 50 2 Z", GOLD)]),
    "bell": ("Bell", "bell ring alarm notify reminder subscribe", "🔔", [p(BELL, GOLD), c(50, 84, 10, WOOD)]),
    "lock": ("Lock", "lock safe security password private closed secure", "🔒", [ln("M28 48 L28 32 C28 4 72 4 72 32 L72 48", GREY, 10), r(14, 44, 72, 50, GOLD, 8), c(50, 64, 8, INK), r(46, 66, 8, 18, INK, 3)]),
    "shield": ("Shield", "protect safe shield defend insurance guard security", "🛡", [p("M50 4 L90 16 C92 56 76 84 50 96 C24 84 8 56 10 16 Z", TEAL), p("M50 14 L50 86 C70 74 82 52 81 23 Z", "#57cfc1")]),
    "wrench": ("Wrench", "repair fix tool mechanic broken workshop maintain breaks", "🔧 🛠", [p("M66 4 C58 10 56 24 62 34 L10 80 C2 88 14 98 22 90 L68 40 C80 46 94 38 96 24 L82 34 L70 30 L68 18 L80 8 C76 4 70 2 66 4 Z", GREY)]),
    "hammer": ("Hammer", "hammer build built tool nail construction workshop craft", "🔨", [p("M12 22 L40 6 L70 20 L78 34 L62 42 L54 36 L24 44 Z", GREY), p("M48 38 L60 34 L88 88 C88 96 78 98 74 92 Z", WOOD)]),
    "scissors": ("Scissors", "cut scissors shorten trim reduce split edit", "✂", [ln("M30 70 L74 8 M70 70 L26 8", GREY, 8), ln("M24 62 A15 15 0 1 0 24.1 62 M76 62 A15 15 0 1 0 76.1 62", BRICK, 8), c(50, 42, 4, INK)]),
    "gear": ("Cogwheel", "engine machine part work system setting process technology gear pump mechanic", "⚙", [*gear(GREY, INK)]),
    "magnet": ("Magnet", "attract magnet pull draw audience customer", "🧲", [p("M10 8 L34 8 L34 50 C34 74 66 74 66 50 L66 8 L90 8 L90 52 C90 108 10 108 10 52 Z", BRICK), r(10, 8, 24, 16, GREY, 1), r(66, 8, 24, 16, GREY, 1)]),
    "rocket": ("Rocket", "rocket space launch start fast startup quick speed", "🚀", [p("M34 52 L14 78 L34 74 Z", BRICK), p("M66 52 L86 78 L66 74 Z", BRICK), p(ROCKET, CREAM), c(50, 36, 10, TEAL), p("M38 74 L62 74 L50 98 Z", GOLD)]),
    "magnifier": ("Magnifying glass", "search find look research detail examine investigate discover", "🔍 🔎", [*MAGNIFIER]),
    "ladder": ("Ladder", "ladder career climb step promotion level rung", "🪜", [ln("M28 6 L20 96 M72 6 L80 96 M27 24 L73 24 M25 44 L75 44 M24 64 L76 64 M22 84 L78 84", WOOD, 7)]),
    "umbrella": ("Umbrella", "umbrella rain protect weather", "☂ ☔", [ln("M50 46 L50 80 C50 96 70 96 70 82", WOOD, 6), p("M4 52 C8 -6 92 -6 96 52 C88 42 78 42 73 52 C66 42 56 42 50 52 C44 42 34 42 27 52 C22 42 12 42 4 52 Z", PLUM)]),
    "bed": ("Bed", "bed sleep tired rest night asleep slept dream", "🛏 😴", [r(4, 16, 9, 74, WOOD, 3), r(87, 44, 9, 46, WOOD, 3), r(10, 60, 82, 20, CREAM, 3), p("M38 42 L84 42 C90 42 92 50 92 62 L38 62 Z", TEAL), e(25, 52, 14, 11, WHITE)]),
    "pram": ("Pram", "baby child born pregnant mother parent newborn", "👶 🍼", [p("M10 46 L58 46 L58 8 C84 8 92 26 90 46 C88 66 74 76 54 76 L36 76 C20 76 10 62 10 46 Z", ROSE), ln("M10 46 L2 30", INK, 6), c(32, 86, 11, INK), c(70, 86, 11, INK), c(32, 86, 4, CREAM), c(70, 86, 4, CREAM)]),
    "medicine": ("Medicine", "medicine doctor tablet pill health sick ill drug hospital treatment pharmacy", "💊 🩺", [('<rect x="4" y="34" width="92" height="34" rx="17" transform="rotate(-40 50 50)"', CREAM, 0.0), ('<path d="M50 34 L79 34 C102 34 102 68 79 68 L50 68 Z" transform="rotate(-40 50 50)"', BRICK, 0.0)]),
    "scale": ("Scales", "judge court law justice fair balance weigh compare legal decide", "⚖", [ln("M50 10 L50 88 M28 92 L72 92 M16 26 L84 26", WOOD, 7), ln("M16 26 L4 60 M16 26 L30 60 M84 26 L70 60 M84 26 L96 60", GREY, 3), p("M2 60 L32 60 C30 76 4 76 2 60 Z", GOLD), p("M68 60 L98 60 C96 76 70 76 68 60 Z", GOLD)]),
    "crown": ("Crown", "crown king queen golden royal winner boss", "👑", [p("M6 24 L30 52 L50 12 L70 52 L94 24 L86 84 L14 84 Z", GOLD), c(6, 22, 6, BRICK), c(50, 11, 6, BRICK), c(94, 22, 6, BRICK), r(14, 76, 72, 12, "#d98a22", 3)]),
    "windmill": ("Windmill", "wind windmill power energy electricity", "💨", [*MILL, *SAILS, c(50, 44, 6, INK)]),
}
MOVING: dict[str, Entry] = {
    "clock-turning": ("Turning clock", "time hour minute fast late passing", "🕐", [*CLOCK, moved("rotate", "0 50 50;360 50 50", 2, ln("M50 50 L50 24", INK, 6)), moved("rotate", "0 50 50;30 50 50", 2, ln("M50 50 L66 60", INK, 6)), c(50, 50, 5, BRICK)]),
    "hourglass-turning": ("Turning hourglass", "time wait running patience", "⏳", [moved("rotate", "0 50 50;0 50 50;180 50 50;180 50 50", 2.4, *HOURGLASS)]),
    "sun-turning": ("Turning sun", "sun hot warm summer degrees heat", "☀", [moved("rotate", "0 50 50;45 50 50", 1.5, *rays(GOLD)), c(50, 50, 24, GOLD)]),
    "bell-ringing": ("Ringing bell", "bell ring alarm rang midnight", "🔔", [moved("rotate", "0 50 8;16 50 8;0 50 8;-16 50 8;0 50 8", 0.9, p(BELL, GOLD), c(50, 84, 10, WOOD))]),
    "heart-beating": ("Beating heart", "love heart beat life", "💓 ❤", [moved("scale", "1 1;1.12 1.12;1 1;1 1", 1, p(HEART, BRICK))]),
    "star-turning": ("Turning star", "star best famous magic", "🌟 ⭐", [moved("rotate", "0 50 50;360 50 50", 3, p(STAR, GOLD))]),
    "arrow-pointing": ("Pointing arrow", "here down below look there", "👇 ⬇", [moved("translate", "0 -4;0 5;0 -4", 0.8, p(ARROW_DOWN, BRICK))]),
    "gear-turning": ("Turning cogwheel", "machine engine work process system running", "⚙", [moved("rotate", "0 50 50;90 50 50", 1.5, *gear(GREY, INK))]),
    "rocket-rising": ("Rising rocket", "rocket space launch start fast", "🚀", [moved("translate", "0 6;0 -4;0 6", 1.2, p("M34 52 L14 78 L34 74 Z", BRICK), p("M66 52 L86 78 L66 74 Z", BRICK), p(ROCKET, CREAM), c(50, 36, 10, TEAL)), moved("translate", "0 8;0 -2;0 6;0 0;0 8", 0.6, p("M40 76 L60 76 L50 96 Z", GOLD))]),
    "fish-swimming": ("Swimming fish", "fish swim sea fishing", "🐟", [moved("translate", "-4 0;4 -3;-4 0", 1.6, p(FISH, TEAL), c(26, 45, 4.5, INK), ln("M44 36 C50 44 50 56 44 64", CREAM, 4))]),
    "bird-flying": ("Flying bird", "bird fly free wings", "🐦", [*BIRD, moved("rotate", "20 34 54;-30 34 54;20 34 54", 0.7, p("M30 54 C44 46 62 52 58 62 C46 72 34 68 30 54 Z", "#5f97b8"))]),
    "flame-flickering": ("Flickering flame", "fire flame burn burning hot", "🔥", [p(FLAME, BRICK), moved("translate", "0 0;2 -3;-2 1;1 -2;0 0", 0.8, p("M50 44 C56 58 66 62 66 74 C66 84 60 90 50 90 C40 90 34 84 34 74 C34 64 46 60 50 44 Z", GOLD))]),
    "rain-falling": ("Falling rain", "rain wet storm raining", "🌧", [p("M24 56 C4 56 4 30 24 30 C24 8 56 2 62 24 C84 16 98 32 90 46 C88 54 82 56 76 56 Z", GREY), moved("translate", "3 -4;-3 8", 0.5, ln("M28 66 L24 78 M48 66 L44 78 M68 66 L64 78", SKY, 7))]),
    "hand-waving": ("Waving hand", "hello hi wave greet welcome goodbye bye", "👋", [moved("rotate", "0 48 92;18 48 92;0 48 92;-14 48 92;0 48 92", 0.9, p(HAND, "#e8b48c"))]),
    "ball-bouncing": ("Bouncing ball", "ball play game bounce sport", "⚽", [moved("translate", "0 -8;0 4;0 -8", 0.7, c(50, 50, 40, CREAM), p("M50 32 L66 44 L60 63 L40 63 L34 44 Z", INK))]),
    "coin-turning": ("Turning coin", "money coin luck million", "🪙", [moved("rotate", "0 50 50;-12 50 50;0 50 50;12 50 50;0 50 50", 1.2, *COIN)]),
    "windmill-turning": ("Turning windmill", "wind power energy", "💨", [*MILL, moved("rotate", "0 50 44;90 50 44", 1.6, *SAILS), c(50, 44, 6, INK)]),
    "boat-rocking": ("Rocking boat", "boat sea sail ship waves", "⛵", [moved("rotate", "-6 50 90;6 50 90;-6 50 90", 1.8, *BOAT)]),
    "check-popping": ("Popping tick", "yes right correct done exactly", "✅", [moved("rotate", "-8 50 50;8 50 50;-8 50 50", 1, c(50, 50, 44, LEAF), ln("M28 52 L44 68 L74 34", WHITE, 11))]),
    "magnifier-searching": ("Searching glass", "search find look looking", "🔍", [moved("translate", "-4 0;3 -4;4 3;-4 0", 1.6, *MAGNIFIER)]),
    "bubble-talking": ("Talking bubble", "talk say speak chat", "💬", [p(BUBBLE, CREAM), moved("translate", "0 0;0 -7;0 0;0 0", 0.9, c(30, 41, 6, PLUM)), moved("translate", "0 0;0 0;0 -7;0 0", 0.9, c(50, 41, 6, PLUM)), moved("translate", "0 0;0 0;0 0;0 -7;0 0", 0.9, c(70, 41, 6, PLUM))]),
    "letter-arriving": ("Arriving letter", "mail message post arrive", "📨", [moved("translate", "-5 0;4 0;-5 0", 1.2, *ENVELOPE)]),
    "leaf-falling": ("Falling leaf", "leaf autumn fall nature", "🍂", [moved("rotate", "-14 50 20;14 50 20;-14 50 20", 1.8, p(LEAF_D, GOLD), ln("M14 92 C30 66 50 46 78 26", WOOD, 5))]),
}


def main() -> None:
    OUT.mkdir(parents=True, exist_ok=True)
    index = {}
    for moves, entries in ((False, STILL), (True, MOVING)):
        for name, (title, words, emoji, shapes) in entries.items():
            (OUT / f"{name}.svg").write_text(svg(shapes), encoding="utf-8")
            index[name] = {"title": title, "words": words.split(), "emoji": emoji.split(), "moves": moves}
    (OUT / "index.json").write_text(json.dumps(index, ensure_ascii=False, indent=0) + "\n", encoding="utf-8")
    print(len(STILL), "still,", len(MOVING), "moving")


if __name__ == "__main__":
    main()

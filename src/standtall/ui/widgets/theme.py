"""Colours and sizes of the window, and the drawings on its buttons, in one place."""

from __future__ import annotations

from dataclasses import dataclass
from functools import lru_cache
from typing import Final

from PySide6.QtCore import QByteArray, QRectF, QSize, Qt
from PySide6.QtGui import QBrush, QColor, QGuiApplication, QIcon, QPainter, QPixmap
from PySide6.QtSvg import QSvgRenderer
from PySide6.QtWidgets import QAbstractButton, QWidget


@dataclass(frozen=True, slots=True)
class Theme:
    """One set of colours. Text on its ground keeps at least 4.5:1 (WCAG 2.2, 1.4.3), and what shows the `focus` of the keyboard
    and the `edge` of a field 3:1 (1.4.11); tests measure it."""

    name: str
    ground: str
    raised: str
    line: str
    edge: str
    text: str
    faint: str
    paper: str
    page_rule: str
    ink: str
    pale_ink: str
    struck_ink: str
    chosen: str
    focus: str


LIGHT: Final = Theme("light", "#e8e2d6", "#f4efe6", "#cfc6b5", "#827867", "#26231e", "#5f584c", "#fdfaf3", "#ece4d4", "#221f1a",
                     "#756c5e", "#a2422d", "#fbe3ba", "#8a5200")  # fmt: skip
DARK: Final = Theme("dark", "#212326", "#2c2f33", "#42464b", "#7b8087", "#ece7de", "#aaa499", "#f1eadc", "#e0d7c4", "#221f1a",
                    "#6c6457", "#963a26", "#f3d49c", "#ffdda6")  # fmt: skip

WELL: Final = "#131518"
NOW: Final = "#f2a33a"
KEPT: Final = "#2fb5a6"
WARN: Final = "#c8553d"
ON_NOW: Final = "#231a0a"
FOCUS_ON_NOW: Final = LIGHT.focus
"""What shows the focus of the keyboard on `NOW` and on what is chosen."""

PEOPLE: Final = ("#5fb3e6", "#e58fb5", "#b7d35a", "#c79bf2", "#f0cd5b", "#6fd6c3")
PATTERNS: Final = (
    Qt.BrushStyle.SolidPattern, Qt.BrushStyle.BDiagPattern, Qt.BrushStyle.Dense4Pattern,
    Qt.BrushStyle.FDiagPattern, Qt.BrushStyle.HorPattern, Qt.BrushStyle.CrossPattern,
)  # fmt: skip

PAD: Final = 10
SMALL: Final = 12
BODY: Final = 13
PAGE: Final = 15

_current: list[Theme] = [LIGHT]
_still = [False]


def current() -> Theme:
    return _current[0]


def choose(theme: Theme) -> None:
    """Let `theme` be the present one."""
    _current[0] = theme


def less_motion() -> bool:
    """Whether nothing shall move by itself."""
    return _still[0]


def set_motion(less: bool) -> None:
    _still[0] = less


def named(name: str) -> Theme:
    """The theme that is called light or dark; "system" is that of the desktop, light where it does not say."""
    if name == "system":
        return DARK if QGuiApplication.styleHints().colorScheme() == Qt.ColorScheme.Dark else LIGHT
    return DARK if name == "dark" else LIGHT


def person_colour(number: int) -> QColor:
    return QColor(PEOPLE[number % len(PEOPLE)])


def person_brush(number: int) -> QBrush:
    """The pattern of a person or speaker, in their colour."""
    return QBrush(person_colour(number), PATTERNS[number % len(PATTERNS)])


# Icons of our own on a grid of 24, drawn with one line of 1.8.
_DRAWINGS: Final = {
    "footage": "M3 9h13v10H3z M8 9V5h13v10h-5 M7 14h1 M10 12v4 M13 13v2",
    "moments": "M4 4v16 M8 5h12v5H8z M8 14h8v5H8z",
    "bench": "M8 3h8v18H8z M4 7v10 M20 7v10 M11 15h2",
    "renders": "M6 3h9l4 4v14H6z M9 12l3 3 4-5",
    "calendar": "M4 5h16v15H4z M4 10h16 M9 10v10 M15 10v10 M8 3v4 M16 3v4",
    "play": "M8 5l11 7-11 7z",
    "pause": "M8 5v14 M16 5v14",
    "back": "M15 6l-7 6 7 6z M6 6v12",
    "forward": "M9 6l7 6-7 6z M18 6v12",
    "undo": "M9 8L5 12l4 4 M5 12h9a5 5 0 0 1 0 10h-2",
    "redo": "M15 8l4 4-4 4 M19 12h-9a5 5 0 0 0 0 10h2",
    "theme": "M12 4a8 8 0 1 0 0 16z M12 4a8 8 0 0 1 0 16",
    "open": "M3 7h6l2 2h10v10H3z",
    "add": "M12 5v14 M5 12h14",
    "up": "M6 15l6-6 6 6",
    "down": "M6 9l6 6 6-6",
    "close": "M6 6l12 12 M18 6L6 18",
    "says": "M4 5h16v11h-9l-4 4v-4H4z M8 9h8 M8 12h5",
    "more": "M5 12h.5 M12 12h.5 M19 12h.5",
    "keys": "M3 7h18v10H3z M6 10h1 M10 10h1 M14 10h1 M18 10h.5 M7 14h10",
}


def icon(name: str, colour: str | None = None, size: int = 22) -> QIcon:
    """One of our drawings in a colour (the theme's text by default)."""
    return _icon(name, colour or current().text, current().faint, size)


@lru_cache(maxsize=256)
def _icon(name: str, normal: str, disabled: str, size: int) -> QIcon:
    """Each is drawn once: a place that is brought to the front draws those of all places."""
    result = QIcon()
    for mode, tone in ((QIcon.Mode.Normal, normal), (QIcon.Mode.Disabled, disabled)):
        svg = (
            f'<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 24 24"><path d="{_DRAWINGS[name]}" fill="none" '
            f'stroke="{tone}" stroke-width="1.8" stroke-linejoin="round" stroke-linecap="round"/></svg>'
        )
        picture = QPixmap(QSize(size * 2, size * 2))
        picture.fill(Qt.GlobalColor.transparent)
        painter = QPainter(picture)
        QSvgRenderer(QByteArray(svg.encode())).render(painter, QRectF(0, 0, size * 2, size * 2))
        painter.end()
        picture.setDevicePixelRatio(2)
        result.addPixmap(picture, mode)
    return result


def draw(button: QAbstractButton, name: str, colour: str | None = None) -> None:
    """Give a button one of our drawings, to be drawn again when the theme changes."""
    button.setProperty("drawing", name)
    button.setProperty("drawing_colour", colour)
    button.setIcon(icon(name, colour))


def redraw(widget: QWidget) -> None:
    """Draw the icons of all buttons in `widget` in the present theme."""
    for button in widget.findChildren(QAbstractButton):
        name = button.property("drawing")
        if name:
            button.setIcon(icon(name, button.property("drawing_colour")))

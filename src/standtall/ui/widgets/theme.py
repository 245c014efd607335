"""Colours, sizes and the style of the window, in one place."""

from __future__ import annotations

from dataclasses import dataclass
from pathlib import Path
from typing import Final

from PySide6.QtCore import QByteArray, QRectF, QSize, Qt
from PySide6.QtGui import QBrush, QColor, QGuiApplication, QIcon, QPainter, QPalette, QPixmap
from PySide6.QtSvg import QSvgRenderer
from PySide6.QtWidgets import QAbstractButton, QApplication, QWidget


@dataclass(frozen=True, slots=True)
class Theme:
    """One set of colours. Text on its ground keeps at least 4.5:1 (WCAG 2.2, 1.4.3); a test measures it."""

    name: str
    ground: str
    raised: str
    line: str
    text: str
    faint: str
    paper: str
    page_rule: str
    ink: str
    pale_ink: str
    struck_ink: str
    chosen: str


LIGHT: Final = Theme("light", "#e8e2d6", "#f4efe6", "#cfc6b5", "#26231e", "#5f584c", "#fdfaf3", "#ece4d4", "#221f1a",
                     "#756c5e", "#a2422d", "#fbe3ba")  # fmt: skip
DARK: Final = Theme("dark", "#212326", "#2c2f33", "#42464b", "#ece7de", "#aaa499", "#f1eadc", "#e0d7c4", "#221f1a",
                    "#6c6457", "#963a26", "#f3d49c")  # fmt: skip

WELL: Final = "#131518"
NOW: Final = "#f2a33a"
KEPT: Final = "#2fb5a6"
WARN: Final = "#c8553d"
ON_NOW: Final = "#231a0a"

PEOPLE: Final = ("#5fb3e6", "#e58fb5", "#b7d35a", "#c79bf2", "#f0cd5b", "#6fd6c3")
PATTERNS: Final = (
    Qt.BrushStyle.SolidPattern, Qt.BrushStyle.BDiagPattern, Qt.BrushStyle.Dense4Pattern,
    Qt.BrushStyle.FDiagPattern, Qt.BrushStyle.HorPattern, Qt.BrushStyle.CrossPattern,
)  # fmt: skip

PAD: Final = 10
SMALL: Final = 12
BODY: Final = 13
PAGE: Final = 15

DOWN: Final = Path(__file__).with_name("down.svg").as_posix()

_current: list[Theme] = [LIGHT]
_targets, _still = [False], [False]


def current() -> Theme:
    return _current[0]


def less_motion() -> bool:
    """Whether nothing shall move by itself."""
    return _still[0]


def set_motion(less: bool) -> None:
    _still[0] = less


def size_targets(application: QApplication, large: bool) -> None:
    """Let all that is clicked be at least 44 pixels high (WCAG 2.2, 2.5.5), or as high as it needs to be."""
    if large != _targets[0]:
        _targets[0] = large
        if application.property("dressed") is not None:
            apply(application, current())


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


def apply(application: QApplication, theme: Theme) -> None:
    """Dress the whole program. Each of these steps looks at every widget: what stays as it is, is not set again."""
    if application.styleSheet():
        application.setStyleSheet("")  # from one sheet to another takes Qt four times as long as from one to none to another
    begin(application, theme)
    application.setStyleSheet(_sheet(theme) + (LARGE if _targets[0] else ""))


def begin(application: QApplication, theme: Theme) -> None:
    """Letters and colours, before there is a window. Its widgets get the style sheet together, once they are all there: each by
    itself would take ten times as long."""
    _current[0] = theme
    if application.property("dressed") is None:
        application.setStyle("Fusion")
        font = application.font()
        font.setFamily("Inter")
        font.setPixelSize(BODY)
        application.setFont(font)
        application.setProperty("dressed", True)
    palette = QPalette()
    role = QPalette.ColorRole
    for which, colour in (
        (role.Window, theme.ground), (role.Base, theme.raised), (role.Button, theme.raised), (role.Text, theme.text),
        (role.WindowText, theme.text), (role.ButtonText, theme.text), (role.Highlight, NOW),
        (role.HighlightedText, ON_NOW), (role.ToolTipBase, theme.raised), (role.ToolTipText, theme.text),
        (role.PlaceholderText, theme.faint), (role.AlternateBase, theme.ground),
    ):  # fmt: skip
        palette.setColor(which, QColor(colour))
    if application.palette() != palette:
        application.setPalette(palette)


LARGE: Final = """
    QPushButton { min-height: 30px; }
    QToolButton#plain { min-height: 34px; min-width: 34px; }
    QPushButton#main { min-height: 24px; }
    QPushButton#small, QPushButton#notice { min-height: 36px; }
    QPushButton#side, QPushButton#subtab { min-height: 30px; }
    QComboBox, QSpinBox, QDoubleSpinBox, QDateEdit, QTimeEdit, QDateTimeEdit { min-height: 36px; }
    QLineEdit { min-height: 36px; }
    QComboBox QAbstractItemView::item { min-height: 44px; }
    QCheckBox { min-height: 44px; spacing: 10px; }
    QCheckBox::indicator { width: 26px; height: 26px; }
    QListWidget::item { min-height: 38px; }
    QTableView::item { min-height: 44px; }
    QSlider { min-height: 44px; }
    QSlider::handle:horizontal { width: 32px; margin: -15px 0; border-radius: 16px; }
    QMenu::item { min-height: 38px; }
    QMenuBar::item { padding: 14px 12px; }
    QScrollBar:vertical { width: 22px; }
"""
"""What is added to the sheet for hands that need large targets."""


def _sheet(t: Theme) -> str:
    return f"""
    QWidget {{ font-family: Inter; font-size: {BODY}px; color: {t.text}; }}
    QToolTip {{ background: {t.raised}; color: {t.text}; border: 1px solid {t.line}; padding: 4px 6px; }}
    #rail {{ background: {WELL}; }}
    #rail QToolButton {{ color: #d9d3c7; border: 0; padding: 8px 2px; font-size: {SMALL}px; border-radius: 8px; }}
    #rail QToolButton:hover {{ background: #24282d; }}
    #rail QToolButton:checked {{ color: {NOW}; background: #24282d; }}
    #rail QToolButton:focus {{ border: 2px solid {NOW}; }}
    QPushButton, QToolButton#plain {{ background: {t.raised}; border: 1px solid {t.line}; border-radius: 7px;
        padding: 6px 12px; min-height: 18px; }}
    QPushButton:hover, QToolButton#plain:hover {{ border-color: {t.faint}; }}
    QPushButton:focus, QToolButton#plain:focus {{ border: 2px solid {NOW}; padding: 5px 11px; }}
    QPushButton:disabled {{ color: {t.faint}; background: {t.ground}; }}
    QPushButton:checked, QToolButton#plain:checked {{ background: {t.chosen}; color: {ON_NOW}; border-color: {NOW}; }}
    QPushButton#main {{ background: {NOW}; color: {ON_NOW}; border: 1px solid #d98a20; font-weight: 700; padding: 9px 14px; }}
    QPushButton#main:hover {{ background: #ffb550; }}
    QPushButton#main:disabled {{ background: {t.line}; color: {t.faint}; border-color: {t.line}; }}
    QToolButton#plain {{ padding: 5px; font-size: {SMALL}px; }}
    QPushButton#side, QPushButton#subtab {{ padding: 6px 2px; font-size: {SMALL}px; }}
    QPushButton#side:focus, QPushButton#subtab:focus {{ padding: 5px 1px; }}
    QPushButton#notice {{ text-align: left; border: 0; background: transparent; padding: 2px 0;
        color: {t.struck_ink if t.name == "light" else "#ff9b84"}; }}
    QPushButton#notice:focus {{ border: 2px solid {NOW}; padding: 0; }}
    QPushButton#small {{ padding: 3px 2px; font-size: {SMALL}px; }}
    QPushButton#small:focus {{ padding: 2px 1px; }}
    QTableView::item {{ padding: 0 4px; }}
    QListWidget, QTableView {{ background: {t.raised}; color: {t.text}; border: 1px solid {t.line}; border-radius: 7px;
        outline: 0; selection-background-color: {t.chosen}; selection-color: {ON_NOW}; }}
    QListWidget:focus, QTableView:focus {{ border: 1px solid {NOW}; }}
    QListWidget::item {{ padding: 3px 4px; }}
    QListWidget::item:selected {{ background: {t.chosen}; color: {ON_NOW}; }}
    QLabel#title {{ font-size: 18px; font-weight: 700; }}
    QLabel#head {{ font-size: {SMALL}px; font-weight: 600; color: {t.faint}; }}
    QHeaderView::section {{ background: {t.raised}; color: {t.faint}; font-size: {SMALL}px; font-weight: 600; border: none;
        border-bottom: 1px solid {t.line}; padding: 5px 8px; }}
    QLabel#faint {{ color: {t.faint}; font-size: {SMALL}px; }}
    QLabel#warn {{ color: {t.struck_ink if t.name == "light" else "#ff9b84"}; }}
    QLineEdit {{ background: transparent; border: 1px solid transparent; border-radius: 6px; padding: 3px 6px;
        selection-background-color: {NOW}; selection-color: {ON_NOW}; }}
    QLineEdit:hover {{ border-color: {t.line}; }}
    QLineEdit:focus {{ border: 1px solid {NOW}; background: {t.raised}; }}
    QLineEdit#field {{ border: 1px solid {t.line}; }}
    QLineEdit#field:focus {{ border: 1px solid {NOW}; }}
    QLineEdit#retyper {{ background: #ffffff; color: #221f1a; border: 2px solid {NOW}; font-size: {PAGE}px; padding: 1px 5px; }}
    QSpinBox, QDoubleSpinBox, QDateEdit, QTimeEdit, QDateTimeEdit {{ background: {t.raised}; border: 1px solid {t.line};
    border-radius: 6px; padding: 3px 4px 3px 8px; min-height: 20px; }}
    QSpinBox, QDoubleSpinBox {{ qproperty-alignment: AlignCenter; }}
    QSpinBox:focus, QDoubleSpinBox:focus, QDateTimeEdit:focus, QPlainTextEdit:focus {{ border: 1px solid {NOW}; }}
    QSpinBox::up-button, QSpinBox::down-button, QDoubleSpinBox::up-button, QDoubleSpinBox::down-button,
    QTimeEdit::up-button, QTimeEdit::down-button {{ width: 0; border: 0; }}
    QPlainTextEdit {{ background: {t.raised}; border: 1px solid {t.line}; border-radius: 6px; padding: 2px 4px; }}
    QCheckBox {{ spacing: 5px; }}
    QComboBox {{ background: {t.raised}; border: 1px solid {t.line}; border-radius: 7px; padding: 4px 8px; min-height: 20px; }}
    QComboBox:focus {{ border: 2px solid {NOW}; }}
    QComboBox::drop-down {{ border: 0; width: 16px; }}
    QDateEdit::drop-down, QDateTimeEdit::drop-down {{ border: 0; width: 16px; }}
    QComboBox::down-arrow, QDateEdit::down-arrow, QDateTimeEdit::down-arrow {{ image: url({DOWN}); width: 12px; height: 12px;
    margin-right: 6px; }} QComboBox QAbstractItemView {{ background: {t.raised}; color: {t.text}; border: 1px solid {t.line}; }}
    QProgressBar {{ background: {t.line}; border: 0; border-radius: 4px; height: 8px; max-height: 8px; text-align: center; }}
    QProgressBar::chunk {{ background: {NOW}; border-radius: 4px; }}
    QPushButton#look {{ min-height: 94px; border: 0; background: transparent; }}
    QSlider {{ min-height: 24px; }}
    QSlider::groove:horizontal {{ height: 4px; background: {t.line}; border-radius: 2px; }}
    QSlider::sub-page:horizontal {{ background: {NOW}; border-radius: 2px; }}
    QSlider::handle:horizontal {{ width: 16px; margin: -7px 0; border-radius: 8px; background: {t.raised};
        border: 1px solid {t.faint}; }}
    QSlider:focus {{ border: 1px solid {NOW}; border-radius: 6px; }}
    QFrame#card {{ background: {t.raised}; border: 1px solid {t.line}; border-radius: 10px; }}
    QFrame#card[chosen="true"] {{ border: 2px solid {NOW}; }}
    QScrollArea {{ border: 0; background: transparent; }}
    QScrollBar:vertical {{ background: transparent; width: 11px; margin: 0; }}
    QScrollBar#overview:vertical {{ width: 18px; }}
    QScrollBar::handle:vertical {{ background: {t.line}; border-radius: 5px; min-height: 36px; }}
    QScrollBar::handle:vertical:hover {{ background: {t.faint}; }}
    QScrollBar::add-line, QScrollBar::sub-line, QScrollBar::add-page, QScrollBar::sub-page {{ background: none; height: 0; }}
    QMenuBar {{ background: {t.ground}; padding: 0 4px; font-size: {SMALL}px; }}
    QMenuBar::item {{ padding: 4px 9px; border-radius: 5px; background: transparent; }}
    QMenuBar::item:selected {{ background: {NOW}; color: {ON_NOW}; }}
    QMenu::item:disabled {{ color: {t.faint}; }}
    QMenu {{ background: {t.raised}; border: 1px solid {t.line}; padding: 4px; }}
    QMenu::item {{ padding: 6px 18px; border-radius: 5px; }}
    QMenu::item:selected {{ background: {NOW}; color: {ON_NOW}; }}
    """


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
    result = QIcon()
    for mode, tone in ((QIcon.Mode.Normal, colour or current().text), (QIcon.Mode.Disabled, current().faint)):
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

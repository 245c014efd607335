"""The style sheet of the window in a theme."""

from __future__ import annotations

from pathlib import Path
from typing import Final

from standtall.ui.widgets.theme import BODY, FOCUS_ON_NOW, NOW, ON_NOW, PAGE, SMALL, WELL, Theme

DOWN, TICK, DOT = (Path(__file__).with_name(f"{name}.svg").as_posix() for name in ("down", "tick", "dot"))

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
    QCheckBox::indicator, QRadioButton::indicator { width: 26px; height: 26px; }
    QRadioButton { min-height: 44px; spacing: 10px; }
    QRadioButton::indicator { border-radius: 14px; }
    QListWidget::item { min-height: 38px; }
    QTableView::item { min-height: 44px; }
    QSlider { min-height: 44px; }
    QSlider::handle:horizontal { width: 32px; margin: -15px 0; border-radius: 16px; }
    QMenu::item { min-height: 38px; }
    QMenuBar::item { padding: 14px 12px; }
    QScrollBar:vertical { width: 22px; }
"""
"""What is added to the sheet for hands that need large targets."""


def style_sheet(t: Theme, large_targets: bool) -> str:
    """What a theme looks like, in the words of Qt's style sheets."""
    return _plain(t) + (LARGE if large_targets else "")


def _plain(t: Theme) -> str:
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
    QPushButton:focus, QToolButton#plain:focus {{ border: 2px solid {t.focus}; padding: 5px 11px; }}
    QPushButton:disabled {{ color: {t.faint}; background: {t.ground}; }}
    QPushButton:checked, QToolButton#plain:checked {{ background: {t.chosen}; color: {ON_NOW}; border-color: {NOW}; }}
    QPushButton#main {{ background: {NOW}; color: {ON_NOW}; border: 1px solid #d98a20; font-weight: 700; padding: 9px 14px; }}
    QPushButton#main:hover {{ background: #ffb550; }}
    QPushButton#main:focus {{ border: 2px solid {FOCUS_ON_NOW}; padding: 8px 13px; }}
    QPushButton:checked:focus, QToolButton#plain:checked:focus {{ border-color: {FOCUS_ON_NOW}; }}
    QPushButton#main:disabled {{ background: {t.line}; color: {t.faint}; border-color: {t.line}; }}
    QToolButton#plain {{ padding: 5px; font-size: {SMALL}px; }}
    QPushButton#side, QPushButton#subtab {{ padding: 6px 2px; font-size: {SMALL}px; }}
    QPushButton#side:focus, QPushButton#subtab:focus {{ padding: 5px 1px; }}
    QPushButton#notice {{ text-align: left; border: 0; background: transparent; padding: 2px 0;
        color: {t.struck_ink if t.name == "light" else "#ff9b84"}; }}
    QPushButton#notice:focus {{ border: 2px solid {t.focus}; padding: 0; }}
    QPushButton#small {{ padding: 3px 2px; font-size: {SMALL}px; }}
    QPushButton#small:focus {{ padding: 2px 1px; }}
    QTableView::item {{ padding: 0 4px; }}
    QTreeWidget::item {{ padding: 3px 4px; }}
    QListWidget, QTableView, QTreeWidget {{ background: {t.raised}; color: {t.text}; border: 1px solid {t.line};
        border-radius: 7px; outline: 0; selection-background-color: {t.chosen}; selection-color: {ON_NOW}; }}
    QListWidget:focus, QTableView:focus, QTreeWidget:focus {{ border: 1px solid {t.focus}; }}
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
    QLineEdit:focus {{ border: 2px solid {t.focus}; padding: 2px 5px; background: {t.raised}; }}
    QLineEdit#field {{ border: 1px solid {t.edge}; }}
    QLineEdit#field:focus {{ border: 2px solid {t.focus}; }}
    QLineEdit#retyper {{ background: #ffffff; color: #221f1a; border: 2px solid {NOW}; font-size: {PAGE}px; padding: 1px 5px; }}
    QSpinBox, QDoubleSpinBox, QDateEdit, QTimeEdit, QDateTimeEdit {{ background: {t.raised}; border: 1px solid {t.edge};
    border-radius: 6px; padding: 3px 4px 3px 8px; min-height: 20px; }}
    QSpinBox, QDoubleSpinBox {{ qproperty-alignment: AlignCenter; }}
    QSpinBox:focus, QDoubleSpinBox:focus, QDateEdit:focus, QTimeEdit:focus, QDateTimeEdit:focus {{ border: 2px solid {t.focus};
        padding: 2px 3px 2px 7px; }}
    QSpinBox::up-button, QSpinBox::down-button, QDoubleSpinBox::up-button, QDoubleSpinBox::down-button,
    QTimeEdit::up-button, QTimeEdit::down-button {{ width: 0; border: 0; }}
    QPlainTextEdit, QTextBrowser {{ background: {t.raised}; border: 1px solid {t.line}; border-radius: 6px; padding: 2px 4px; }}
    QPlainTextEdit {{ border-color: {t.edge}; }}
    QPlainTextEdit:focus, QTextBrowser:focus {{ border: 2px solid {t.focus}; padding: 1px 3px; }}
    QCheckBox, QRadioButton {{ spacing: 5px; }}
    QRadioButton {{ padding: 3px 2px; }}
    QCheckBox::indicator, QRadioButton::indicator, QTableView::indicator, QListWidget::indicator, QTreeWidget::indicator {{
        width: 12px; height: 12px; border: 1px solid {t.faint}; border-radius: 3px; background: {t.raised}; }}
    QRadioButton::indicator {{ border-radius: 7px; }}
    QCheckBox::indicator:checked, QTableView::indicator:checked, QListWidget::indicator:checked, QTreeWidget::indicator:checked {{
        background: {NOW}; image: url({TICK}); }}
    QRadioButton::indicator:checked {{ background: {NOW}; image: url({DOT}); }}
    QCheckBox:focus, QRadioButton:focus {{ outline: 2px solid {t.focus}; }}
    QCheckBox::indicator:disabled, QRadioButton::indicator:disabled {{ border-color: {t.line}; }}
    QCheckBox::indicator:checked:disabled, QRadioButton::indicator:checked:disabled {{ background: {t.line}; }}
    QComboBox {{ background: {t.raised}; border: 1px solid {t.edge}; border-radius: 7px; padding: 4px 8px; min-height: 20px; }}
    QComboBox:focus {{ border: 2px solid {t.focus}; padding: 3px 7px; }}
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
    QSlider:focus {{ border: 1px solid {t.focus}; border-radius: 6px; }}
    QFrame#card {{ background: {t.raised}; border: 1px solid {t.line}; border-radius: 10px; }}
    QFrame#card[chosen="true"] {{ border: 2px solid {NOW}; }}
    QFrame#card:focus {{ border: 2px solid {t.focus}; }}
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

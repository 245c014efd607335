"""Finds texts on widgets that have less room than they need."""

from __future__ import annotations

import re
from collections.abc import Iterator

from PySide6.QtCore import Qt
from PySide6.QtGui import QTextDocument
from PySide6.QtWidgets import (
    QAbstractButton,
    QApplication,
    QCheckBox,
    QComboBox,
    QLabel,
    QPushButton,
    QStyle,
    QStyleOptionButton,
    QStyleOptionComboBox,
    QToolButton,
    QWidget,
)

SLACK = 1.5
"""Pixels that rounding may cost."""


def _plain(text: str) -> str:
    return re.sub(r"&(?!&)", "", text)


def _lines(widget: QWidget, text: str) -> float:
    return max((widget.fontMetrics().horizontalAdvance(line) for line in _plain(text).splitlines()), default=0)


def _label_is_cut(label: QLabel) -> bool:
    inside, text = label.contentsRect(), label.text()
    if not text or not label.pixmap().isNull():
        return False
    if re.search(r"<[a-z]", text):
        page = QTextDocument()
        page.setDefaultFont(label.font())
        page.setHtml(text)
        page.setDocumentMargin(0)
        if label.wordWrap():
            page.setTextWidth(inside.width())
        return page.size().height() > inside.height() + 4 or page.idealWidth() > inside.width() + SLACK
    if label.wordWrap():
        longest = max((label.fontMetrics().horizontalAdvance(word) for word in text.split()), default=0)
        needed = label.fontMetrics().boundingRect(0, 0, inside.width(), 10_000, Qt.TextFlag.TextWordWrap, text).height()
        return needed > inside.height() + 2 or longest > inside.width() + SLACK
    return _lines(label, text) > inside.width() + SLACK


def _room_of(button: QAbstractButton) -> float:
    """How wide the text of a button may be: without its frame, what its sheet leaves free, its picture and its tick."""
    if isinstance(button, QPushButton):
        option = QStyleOptionButton()
        button.initStyleOption(option)
        room = button.style().subElementRect(QStyle.SubElement.SE_PushButtonContents, option, button).width()
        return room if button.icon().isNull() else room - button.iconSize().width() - 4
    if isinstance(button, QCheckBox):
        tick = button.style().pixelMetric(QStyle.PixelMetric.PM_IndicatorWidth, None, button)
        return button.width() - tick - button.style().pixelMetric(QStyle.PixelMetric.PM_CheckBoxLabelSpacing, None, button)
    if isinstance(button, QToolButton) and button.toolButtonStyle() == Qt.ToolButtonStyle.ToolButtonTextUnderIcon:
        return button.width() - 4  # what the sheet leaves free at both sides
    return button.width() - (0 if button.icon().isNull() else button.iconSize().width() + 4)


def _button_is_cut(button: QAbstractButton) -> bool:
    return bool(button.text()) and _lines(button, button.text()) > _room_of(button) + SLACK


def _choice_is_cut(choice: QComboBox) -> bool:
    option = QStyleOptionComboBox()
    choice.initStyleOption(option)
    room = choice.style().subControlRect(
        QStyle.ComplexControl.CC_ComboBox, option, QStyle.SubControl.SC_ComboBoxEditField, choice
    )
    return choice.fontMetrics().horizontalAdvance(choice.currentText()) > room.width() + SLACK


def cut_off(window: QWidget) -> Iterator[tuple[QWidget, str]]:
    """(widget, text) for each text in view that does not fit, unless its tooltip has it whole."""
    QApplication.processEvents()
    for widget in window.findChildren(QWidget):
        if not widget.isVisible():  # also what is to be scrolled to
            continue
        text, cut = "", False
        if isinstance(widget, QLabel):
            text, cut = widget.text(), _label_is_cut(widget)
        elif isinstance(widget, QAbstractButton):
            text, cut = widget.text(), _button_is_cut(widget)
        elif isinstance(widget, QComboBox):
            text, cut = widget.currentText(), _choice_is_cut(widget)
        if cut and text not in widget.toolTip():
            yield widget, text

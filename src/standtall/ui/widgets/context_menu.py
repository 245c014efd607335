"""Menus at the pointer, made of actions that are declared elsewhere."""

from __future__ import annotations

from collections.abc import Iterable, Sequence

from PySide6.QtCore import QPoint
from PySide6.QtWidgets import QAbstractButton, QMenu, QWidget

from standtall.ui.widgets.actions import Action, menu_text


def menu_at(at: QPoint, actions: Iterable[Action], names: Sequence[str], parent: QWidget) -> QMenu:
    """Open a menu of the named actions at a place of the screen; an empty name is a line between groups."""
    table = {a.name: a for a in actions}
    menu = QMenu(parent)
    for name in names:
        if not name:
            menu.addSeparator()
            continue
        action = table[name]
        made = menu.addAction(menu_text(action))
        made.triggered.connect(lambda _c=False, a=action: a.does())
    menu.aboutToHide.connect(menu.deleteLater)
    menu.popup(at)
    return menu


def buttons_at(at: QPoint, card: QWidget) -> QMenu:
    """Open a menu at a place of the screen of what the buttons of a card do now."""
    menu = QMenu(card)
    for made in card.findChildren(QAbstractButton):
        text = made.text() or made.accessibleName()
        if made.isVisible() and made.isEnabled() and text:
            entry = menu.addAction(text)
            entry.setToolTip(made.toolTip())
            entry.triggered.connect(lambda _c=False, b=made: b.click())
    menu.aboutToHide.connect(menu.deleteLater)
    menu.popup(at)
    return menu

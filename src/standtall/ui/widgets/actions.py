"""Actions: what a person can do, declared once each; buttons, tooltips, shortcuts and their list are made of them."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass
from typing import Final, Literal

from PySide6.QtCore import Qt
from PySide6.QtGui import QKeySequence
from PySide6.QtWidgets import QPushButton

from standtall.base.interface_language import tr, used
from standtall.ui.widgets.tips import set_tip

Where = Literal["anywhere", "ground", "place"]
"""In every place, also inside controls; in every place where the page or a picture has the focus; the same in its own place
alone."""

EVERYWHERE: Final = (tr("Edit"), tr("Go"), tr("Play"), tr("Tools"))
"""Menus of the actions that hold in every place."""

chosen_keys: dict[str, tuple[str, ...]] = {}
"""Keys that the person has chosen, by the name of the action; filled before the window is made."""


def key_text(key: str) -> str:
    """Keys as the language of the program calls them; in English as they are declared."""
    return key if used().code == "en" else QKeySequence(key).toString(QKeySequence.SequenceFormat.NativeText)


@dataclass(frozen=True, slots=True)
class Action:
    """`name` names it for good, `text` says what it does, `label` is what a button says in its own place (else the text), `keys`
    are its shortcuts, any of which does it: those that the person has chosen, else `usual`. `menu` is the menu that it stands
    in, within that of its place."""

    name: str
    text: str
    does: Callable[[], object]
    keys: tuple[str, ...] = ()
    where: Where = "place"
    label: str = ""
    menu: str = ""
    usual: tuple[str, ...] = ()

    def __post_init__(self) -> None:
        object.__setattr__(self, "usual", self.keys)
        object.__setattr__(self, "keys", chosen_keys.get(self.name, self.keys))

    @property
    def tip(self) -> str:
        return f"{self.text} ({key_text(self.keys[0])})" if self.keys else self.text


def button_of(action: Action, style: str = "") -> QPushButton:
    """A button that does an action; `style` chooses its look in the theme."""
    made = QPushButton(action.label or action.text)
    made.setObjectName(style)
    made.setFocusPolicy(Qt.FocusPolicy.TabFocus)  # a click leaves the focus where the keys of the place work
    set_tip(made, action.tip)
    made.clicked.connect(lambda _checked=False: action.does())
    return made


def menu_text(action: Action) -> str:
    """How an action reads in a menu, with its shortcut beside it: in full, since what a button says is short in its own place."""
    return f"{action.text}\t{key_text(action.keys[0])}" if action.keys else action.text

"""The menu bar: every action, out of the one table of them. Those of a place can only be done while it is in front."""

from __future__ import annotations

from collections.abc import Callable, Iterable

from PySide6.QtGui import QAction
from PySide6.QtWidgets import QMenu, QMenuBar

from standtall.base.interface_language import tr
from standtall.ui.app.help_sheet import page_of
from standtall.ui.widgets.actions import EVERYWHERE, Action, menu_text
from standtall.ui.widgets.place import Place

GROUPS = {"03-words": tr("Words"), "06-framing": tr("Framing"), "07-captions": tr("Captions"), "08-extras": tr("Extras")}
"""Menus within that of the Bench, by the page of the help that tells of their actions: there are too many for one."""


class Menus(QMenuBar):
    """`projects` is the menu of projects; `place` says which place is in front when a menu is opened."""

    def __init__(self, everywhere: Iterable[Action], places: Iterable[Place], projects: QMenu, place: Callable[[], str]) -> None:
        super().__init__()
        self._place = place
        self._of_places: list[tuple[QAction, str]] = []
        self.done: dict[str, QAction] = {}
        """Each entry by the name of its action."""
        projects.setTitle(tr("Project"))
        self.addMenu(projects)
        listed = list(everywhere)
        for name in EVERYWHERE:
            menu = self._menu(self, name)
            for action in listed:
                if (action.menu or tr("Tools")) == name:
                    self._add(menu, action, "")
        for one in places:
            menu = self._menu(self, one.title)
            inner: dict[str, QMenu] = {}
            for action in one.actions:
                group = action.menu or (GROUPS.get(page_of(one.name, action.name), "") if one.name == "bench" else "")
                where = self._inner(inner, menu, group) if group else menu
                self._add(where, action, "" if action.where == "anywhere" else one.name)

    def _menu(self, parent: QMenuBar, name: str) -> QMenu:
        made = parent.addMenu(name)  # without a letter of its own: Alt and letters are keys of the Bench
        made.aboutToShow.connect(self.refresh)
        return made

    def _inner(self, inner: dict[str, QMenu], menu: QMenu, name: str) -> QMenu:
        if name not in inner:
            inner[name] = menu.addMenu(name)
        return inner[name]

    def _add(self, menu: QMenu, action: Action, place: str) -> None:
        made = menu.addAction(menu_text(action))
        made.triggered.connect(lambda _c=False: action.does())
        self.done[action.name] = made
        if place:
            self._of_places.append((made, place))

    def refresh(self) -> None:
        """What can be done in the place that is in front."""
        for made, place in self._of_places:
            made.setEnabled(place == self._place())

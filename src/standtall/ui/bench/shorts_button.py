"""The shorts of the project: a list to go from one to another, new ones, copies."""

from __future__ import annotations

import re
from dataclasses import replace
from functools import partial

from PySide6.QtWidgets import QMenu, QToolButton

from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND, clock
from standtall.cutting.by_words import from_words
from standtall.library.project import Entry
from standtall.model import edits
from standtall.model.short import Short
from standtall.session.begin import Choice, short_of
from standtall.ui.state.editor import Present
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets import theme
from standtall.ui.widgets.tips import set_tip


class ShortsButton(QToolButton):
    """Opens the list of all shorts of the project, and what makes more of them."""

    def __init__(self, workspace: Workspace) -> None:
        super().__init__()
        self._ws = workspace
        self.setObjectName("plain")
        theme.draw(self, "down")
        self.setAccessibleName(tr("Shorts of this project"))
        set_tip(self, tr("Shorts of this project: go to another one, make one, copy this one"))
        self.setPopupMode(QToolButton.ToolButtonPopupMode.InstantPopup)
        self._menu = QMenu(self)
        self.setMenu(self._menu)
        self.entries: tuple[Entry, ...] = ()
        self.deleted: tuple[Entry, ...] = ()
        """Shorts that were deleted and can be brought back."""
        self._menu.aboutToShow.connect(self._read)
        workspace.opened_changed.connect(self._read)
        workspace.composition_changed.connect(self._edited)

    def _read(self) -> None:
        if self._ws.opened is not None:
            self._ws.with_project(lambda p: (p.shorts(lambda _damaged: None), p.removed_shorts()), self._arrived)

    def _arrived(self, found: tuple[tuple[Entry, ...], tuple[Entry, ...]]) -> None:
        entries, deleted = found
        if deleted != self.deleted:
            self.deleted, self.entries = deleted, ()
        self._fill(entries)

    def _edited(self) -> None:
        """An edit changes the short on the Bench alone: the others are read again only where a new one has come."""
        opened = self._ws.opened
        if opened is None:
            return
        now = opened.entry
        if any(e.id == now.id for e in self.entries):
            self._fill(tuple(now if e.id == now.id else e for e in self.entries))
        else:
            self._read()

    def _fill(self, entries: tuple[Entry, ...]) -> None:
        here = {s.key for s in self._ws.sources}
        entries = tuple(e for e in entries if e.short.main_source in here)
        if self.entries == entries and self._menu.actions():
            self._check()
            return
        self.entries = entries
        self._menu.clear()
        for entry in entries:
            action = self._menu.addAction(f"{entry.short.name}\t{clock(entry.short.length)}")
            action.setCheckable(True)
            action.setData(entry.id)
            action.triggered.connect(partial(self._go, entry.id))
        self._menu.addSeparator()
        self._menu.addAction(tr("Another short of the chosen words\tCtrl+N"), self.make)
        self._menu.addAction(tr("A copy of this short\tCtrl+D"), self.duplicate)
        self._menu.addAction(tr("Delete this short\tCtrl+Alt+Delete"), self.delete)
        if self.deleted:
            back = self._menu.addMenu(tr("Bring back a deleted short"))
            for entry in self.deleted:
                back.addAction(f"{entry.short.name}\t{clock(entry.short.length)}", partial(self.bring_back, entry.id))
        self._check()

    def _check(self) -> None:
        now = self._ws.opened.entry.id if self._ws.opened is not None else -1
        for action in self._menu.actions():
            action.setChecked(action.data() == now)

    def _go(self, number: int, _checked: bool = False) -> None:
        if self._ws.opened is None or self._ws.opened.entry.id != number:
            self._ws.open_short(number)
        self._check()

    def make(self) -> None:
        """A short of the chosen words (or of the first sentences), beside the ones there are."""
        chosen = self._ws.selection.words
        opened = self._ws.opened
        longest = Choice(length=self._ws.brief_of(opened.source).most_s * TICKS_PER_SECOND) if opened is not None else Choice()

        def short(now: Present) -> Short:
            if not chosen:
                return short_of(now.source, now.analysis, longest)
            here = now.words(chosen)
            words = " ".join(now.analysis.words[i].text for i in list(here)[:6])
            return edits.rename(from_words(now.source.name, now.analysis, here), re.sub(r"[,.;:!?]+$", "", words)).short

        self._ws.make_short(short)

    def duplicate(self) -> None:
        """A copy of the short on the Bench, to try another cut of it."""

        def short(now: Present) -> Short:
            return replace(now.entry.short, name=tr("{name} copy", name=now.entry.short.name[:112]))

        def made(shown: bool) -> None:
            if shown:
                self._ws.said.emit(tr("This is the copy now; the first one is in the list."), "note")

        self._ws.make_short(short, made, copy=True)

    def delete(self) -> None:
        """Delete the short on the Bench; the newest other one of its footage, or a first one, takes its place."""
        opened = self._ws.opened
        if opened is None:
            return
        number, source = opened.entry.id, opened.source
        told = tr("“{name}” is deleted. Ctrl+Z brings it back; so does the list of shorts.", name=opened.entry.short.name)

        def then(_done: None) -> None:
            self._ws.open_source(source)
            self._ws.said.emit(told, "note")

        self._ws.with_project(lambda project: project.remove_short(number), then)

    def bring_back(self, number: int) -> None:
        """Bring a deleted short back, onto the Bench."""
        self._ws.with_project(lambda project: project.bring_short_back(number), lambda _entry: self._ws.open_short(number))

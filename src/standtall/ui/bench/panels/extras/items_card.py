"""The cards of what lies on the frame: what there is, what can be added, and what the chosen one is like."""

from __future__ import annotations

from dataclasses import replace
from functools import partial
from pathlib import Path
from typing import Any

from PySide6.QtCore import Qt, QTimer
from PySide6.QtWidgets import (
    QFileDialog,
    QGridLayout,
    QLabel,
    QListWidget,
    QListWidgetItem,
    QPlainTextEdit,
    QPushButton,
    QVBoxLayout,
    QWidget,
)

from standtall.base.interface_language import capital, tr, tr_as
from standtall.ink.placed_pictures import picture_key
from standtall.model import extra_edits
from standtall.model.edits import Edit
from standtall.model.extents import OpeningExtent, WholeExtent
from standtall.model.extras import BarExtra, Extra, Extras, LightExtra, PictureExtra, TextExtra
from standtall.model.short import Short
from standtall.model.style import Value
from standtall.session.proposals import headlines
from standtall.ui.bench.panels.extras.extra_fields import fields_of
from standtall.ui.bench.panels.extras.when_shown import KINDS, TITLES, ExtentKind, extent_for, kind_of_extent, told
from standtall.ui.state.opened import Opened
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.fields import button
from standtall.ui.widgets.property_controls import KINDS as CONTROLS
from standtall.ui.widgets.property_controls import Control
from standtall.ui.widgets.tips import set_tip

ROW_HIGH = 24
TYPED_MS = 400
PICTURES = tr("Pictures (*.png *.svg *.jpg *.jpeg *.webp *.gif);;All files (*)")


def clear_top(opened: Opened) -> float:
    """The height (a share) below what the channel covers at the top, and above heads as far as can be."""
    covered = [c.y + c.h for c in opened.channel.covered if c.y < 0.2 and c.w > 0.4]
    return min(0.4, max([0.08, *covered]) + 0.06)


class ItemsCard:
    """Fills a card: the extras of the short by kind, and what adds one."""

    def __init__(self, workspace: Workspace, box: QVBoxLayout) -> None:
        self._ws = workspace
        grid = QGridLayout()
        grid.setSpacing(4)
        self.adds: dict[str, QPushButton] = {}
        for n, (name, text, tip, does) in enumerate((
            ("headline", tr("Headline"), tr("A headline from the short's own words"), self.add_headline),
            ("text", tr("Text"), tr("A text anywhere on the picture"), self.add_text),
            ("logo", tr("Logo…"), tr("A picture of your own in a corner"), self.choose_logo),
            ("progress bar", tr("Progress"), tr("A bar that fills as the short plays"), lambda: self.add(BarExtra(0))),
            ("light effect", tr_as("light effect", "Light"), tr("Grain, warm light, a flash, an old tape"),
            lambda: self.add(LightExtra(0,
            "warm"))),
        )):  # fmt: skip
            made = button(text, tip, does, "small")
            self.adds[name] = made
            grid.addWidget(made, n // 3, n % 3)
        box.addLayout(grid)
        self.list = QListWidget()
        self.list.setAccessibleName(tr("Extras of the short"))
        self.list.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.list.setTextElideMode(Qt.TextElideMode.ElideRight)
        self.list.itemSelectionChanged.connect(self._select)
        box.addWidget(self.list)
        self.clear = button(
            tr("Remove all extras"), tr("Headline, pictures, cutaways, effects, clips: the talk alone"), self._clear, "small"
        )
        box.addWidget(self.clear)
        self.empty = QLabel(tr("Nothing lies on the picture yet. Add a headline first."))
        self.empty.setObjectName("faint")
        self.empty.setWordWrap(True)
        box.addWidget(self.empty)
        self._filling = False

    def add(self, extra: Extra) -> None:
        """Put an extra in and choose it."""
        self._ws.selection.choose_extra(-1)
        self._ws.edit(lambda s, _a: extra_edits.put_in(s, extra))

    def _clear(self) -> None:
        self._ws.edit(lambda s, _a: extra_edits.without_extras(s))

    def add_headline(self) -> None:
        """A headline as the short's words propose it, for all of the short."""
        opened = self._ws.opened
        if opened is None:
            return
        short, analysis, down = opened.entry.short, opened.analysis, clear_top(opened)

        def arrived(found: tuple[Any, ...]) -> None:
            text = found[0].text if found else short.name
            self.add(TextExtra(0, text, WholeExtent(), True, down))

        self._ws.in_background("words", lambda: headlines(short, analysis), arrived)

    def add_text(self) -> None:
        opened = self._ws.opened
        if opened is not None:
            extent = extent_for("words", opened, self._ws.selection) or OpeningExtent()
            self.add(TextExtra(0, tr("Text"), extent, False, 0.5))

    def choose_logo(self) -> None:
        name, _kind = QFileDialog.getOpenFileName(self.list, tr("A picture for the logo"), "", PICTURES)
        if name:
            self.add_logo(Path(name))

    def add_logo(self, path: Path) -> None:
        """Put a picture in a corner; it is looked at in the background."""
        self._ws.in_background(
            "files", lambda: picture_key(str(path)),
            lambda key: self.add(PictureExtra(0, str(path), key, "logo", WholeExtent(), "top right", size=0.16, opacity=0.9)),
        )  # fmt: skip

    def _select(self) -> None:
        chosen = self.list.selectedItems()
        if not self._filling and chosen:
            self._ws.selection.choose_extra(chosen[0].data(Qt.ItemDataRole.UserRole))

    def refresh(self, opened: Opened) -> None:
        items = opened.entry.short.extras.items
        self.list.setVisible(bool(items))
        self.empty.setVisible(not items)
        self.clear.setVisible(opened.entry.short.extras != Extras())
        self._filling = True
        self.list.clear()
        for extra in reversed(items):  # what lies on top stands first
            kind, name = extra_edits.kind_of(extra), extra_edits.name_of(extra)
            row = QListWidgetItem(f"{capital(tr(kind))}{': ' + name if name else ''}")
            row.setData(Qt.ItemDataRole.UserRole, extra.id)
            row.setToolTip(told(opened.composition.extras.spans(extra.id), opened.composition))
            self.list.addItem(row)
            if extra.id == self._ws.selection.extra:
                row.setSelected(True)
        self.list.setFixedHeight(min(5, max(1, len(items))) * ROW_HIGH + 6)
        self._filling = False


class ChosenExtraCard:
    """Fills a card: the chosen extra, when it is shown, and all that can be changed of it."""

    def __init__(self, workspace: Workspace, box: QVBoxLayout, card: QWidget) -> None:
        self._ws, self._card = workspace, card
        self.name = QLabel()
        self.name.setWordWrap(True)
        box.addWidget(self.name)
        self.text = QPlainTextEdit()
        self.text.setAccessibleName(tr("Text on the picture"))
        set_tip(self.text, tr("A new line breaks the text here; without one it is broken into even lines"))
        self.text.setFixedHeight(58)
        self.text.setTabChangesFocus(True)
        self.text.textChanged.connect(self._typed)
        box.addWidget(self.text)
        self.again = button(
            tr("Another proposal"), tr("The next headline that the short's own words propose"), self.another, "small"
        )
        box.addWidget(self.again)
        self.extents: dict[ExtentKind, QPushButton] = {}
        grid = QGridLayout()
        grid.setSpacing(4)
        for n, kind in enumerate(KINDS):
            title, tip = TITLES[kind]
            made = button(title, tip, partial(self.set_extent, kind), "small")
            made.setCheckable(True)
            self.extents[kind] = made
            grid.addWidget(made, n // 3, n % 3)
        box.addLayout(grid)
        self.missing = QLabel()
        self.missing.setObjectName("faint")
        self.missing.setWordWrap(True)
        box.addWidget(self.missing)
        self._controls = QVBoxLayout()
        self._controls.setSpacing(5)
        box.addLayout(self._controls)
        self.controls: dict[str, Control] = {}
        self._shown: tuple[int, type] | None = None
        row = QGridLayout()
        row.setSpacing(4)
        self.front = button(tr("To the front"), tr("Over all other extras"), self._to_front, "small")
        self.gone = button(tr("Remove"), tr("Remove this extra (Alt+Delete)"), self.remove, "small")
        self.all_gone = button(tr("Remove all of its kind"), tr("Remove all extras of this kind"), self.remove_kind, "small")
        row.addWidget(self.front, 0, 0)
        row.addWidget(self.gone, 0, 1)
        row.addWidget(self.all_gone, 1, 0, 1, 2)
        box.addLayout(row)
        self._filling = False
        self._pending: tuple[int, str] | None = None
        """What is being typed for an extra (its id): one step once nobody types, not one for each letter."""
        self._typing = QTimer(self.text)
        self._typing.setSingleShot(True)
        self._typing.setInterval(TYPED_MS)
        self._typing.timeout.connect(self._keep_typed)
        self._newest = 0
        """The highest number of an extra that has been shown."""

    # what it does

    def set_extent(self, kind: ExtentKind) -> None:
        """Show the chosen extra for another extent."""
        opened, number = self._ws.opened, self._ws.selection.extra
        if opened is None or number is None:
            return
        extent = extent_for(kind, opened, self._ws.selection)
        if extent is None:
            self._ws.said.emit(tr("Choose words first, or move the playhead to a word."), "error")
            self.refresh(opened)
            return
        self._ws.edit(lambda s, _a: extra_edits.set_extent(s, number, extent))

    def another(self) -> None:
        """The next proposal for the headline."""
        opened, number = self._ws.opened, self._ws.selection.extra
        if opened is None or number is None:
            return
        short, analysis = opened.entry.short, opened.analysis

        def arrived(found: tuple[Any, ...]) -> None:
            texts = [t.text for t in found] or [short.name]
            now = getattr(short.extras.item(number), "text", "")
            at = texts.index(now) + 1 if now in texts else 0
            if texts[at % len(texts)] == now:
                self._ws.said.emit(tr("The words of this short propose no other headline."), "note")
                return
            self._ws.edit(lambda s, _a: extra_edits.change(s, number, text=texts[at % len(texts)]), opened)

        self._ws.in_background("words", lambda: headlines(short, analysis), arrived)

    def _typed(self) -> None:
        number, text = self._ws.selection.extra, self.text.toPlainText()
        if not self._filling and number is not None and text.strip():
            self._pending = number, text
            self._typing.start()

    def _keep_typed(self) -> None:
        pending, self._pending = self._pending, None
        self._typing.stop()
        if pending is not None:
            number, text = pending
            self._ws.edit(lambda s, _a: extra_edits.change(s, number, text=text))

    def _set(self, number: int, field: str, value: Value | None, dragged: bool) -> None:
        opened = self._ws.opened
        if opened is None:
            return

        def make(short: Short) -> Edit:
            extra = short.extras.item(number)
            if isinstance(extra, TextExtra):
                return extra_edits.restyle(short, number, {field: value})
            first: Any = type(extra).__dataclass_fields__[field].default if value is None and extra is not None else value
            return extra_edits.change(short, number, "", **{field: first})

        if dragged:
            self._ws.trial.show(opened, make)
        else:
            self._ws.trial.end()
            self._ws.edit(lambda s, _a: make(s))

    def remove(self) -> None:
        number = self._ws.selection.extra
        if number is not None:
            self._ws.edit(lambda s, _a: extra_edits.remove(s, number))

    def remove_kind(self) -> None:
        opened, number = self._ws.opened, self._ws.selection.extra
        extra = None if opened is None or number is None else opened.entry.short.extras.item(number)
        if extra is not None:
            kind = extra_edits.kind_of(extra)
            self._ws.edit(lambda s, _a: extra_edits.clear_kind(s, kind))

    def _to_front(self) -> None:
        number = self._ws.selection.extra
        if number is not None:
            self._ws.edit(lambda s, _a: extra_edits.raise_over(s, number))

    # what it shows

    def refresh(self, opened: Opened) -> None:
        items = opened.entry.short.extras.items
        selection = self._ws.selection
        newest = max((e.id for e in items), default=0)
        if selection.extra == -1 and newest > self._newest:  # it is there now
            self._newest = newest
            selection.choose_extra(newest)
        elif selection.extra != -1:
            self._newest = newest
        if self._pending is not None and self._pending[0] != selection.extra:
            self._keep_typed()  # another one is chosen: what was typed is meant for the one before
        extra = None if selection.extra is None else opened.entry.short.extras.item(selection.extra)
        self._card.setVisible(extra is not None)
        if extra is None:
            return
        if (extra.id, type(extra)) != self._shown:
            self._build(extra)
        kind = extra_edits.kind_of(extra)
        self.name.setText(f"<b>{capital(tr(kind))}</b>")
        self._filling = True
        self.text.setVisible(isinstance(extra, TextExtra))
        self.again.setVisible(isinstance(extra, TextExtra) and extra.headline)
        typing = self.text.hasFocus() or self._pending is not None
        if isinstance(extra, TextExtra) and not typing and self.text.toPlainText() != extra.text:
            self.text.setPlainText(extra.text)
        self._filling = False
        here = kind_of_extent(extra.extent)
        for offered, made in self.extents.items():
            made.setChecked(offered == here)
        self.missing.setText(told(opened.composition.extras.spans(extra.id), opened.composition))
        set_text = opened.composition.extras.text_rows(extra.id)
        for name, control in self.controls.items():
            value = getattr(set_text[1], name) if set_text is not None else getattr(extra, name)
            control.show_value(value)
            default = type(extra).__dataclass_fields__[name].default if not isinstance(extra, TextExtra) else None
            differs = name in extra.style if isinstance(extra, TextExtra) else value != default
            control.back.setVisible(differs)

    def _build(self, extra: Extra) -> None:
        for control in self.controls.values():
            self._controls.removeWidget(control)
            control.deleteLater()
        self.controls = {}
        for name, about in fields_of(extra).items():
            does = partial(self._set, extra.id, name)
            made = CONTROLS[about.kind](name, about, does, partial(self._set, extra.id, name, None, False))
            self.controls[name] = made
            self._controls.addWidget(made)
        self._shown = extra.id, type(extra)


def sticker_extra(path: str, key: str, opened: Opened, extent: Any) -> PictureExtra:
    """A sticker beside the head, clear of what the channel covers."""
    return replace(PictureExtra(0, path, key), extent=extent, across=0.76, down=clear_top(opened) + 0.12, entrance="grow")

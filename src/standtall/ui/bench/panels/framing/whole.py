"""The card of what lies around pictures that do not fill the frame, and between cells."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from functools import partial
from pathlib import Path
from typing import Final

from PySide6.QtGui import QColor
from PySide6.QtWidgets import QColorDialog, QComboBox, QFileDialog, QHBoxLayout, QLabel, QPushButton, QVBoxLayout

from standtall.base.interface_language import tr
from standtall.model import framing_edits
from standtall.model.edits import Edit
from standtall.model.framing import Backdrop, BackdropKind, Framing, WholeStyle
from standtall.model.short import Short
from standtall.session.composing import pictures_in
from standtall.ui.bench.panels.sliders import Slider
from standtall.ui.state.opened import Opened
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.fields import button

KINDS: Final[dict[BackdropKind, str]] = {
    "blurred": tr("The picture, blurred"), "coloured": tr("One colour"), "graded": tr("Two colours"),
    "picture": tr("A picture of your own"),
}  # fmt: skip


class WholeCard:
    """Fills a card of the Framing panel."""

    def __init__(self, workspace: Workspace, box: QVBoxLayout) -> None:
        self._ws = workspace
        row = QHBoxLayout()
        self.kind = QComboBox()
        self.kind.setAccessibleName(tr("Backdrop"))
        self.kind.setToolTip(tr("What lies behind a whole picture"))
        for kind, title in KINDS.items():
            self.kind.addItem(title, kind)
        self.kind.activated.connect(self._set_kind)
        row.addWidget(QLabel(tr("Backdrop")))
        row.addWidget(self.kind, 1)
        box.addLayout(row)
        colours = QHBoxLayout()
        self.colour = button(tr("Colour"), tr("Choose the colour of the backdrop"), partial(self._ask_colour, "colour"), "small")
        self.lower = button(
            tr("Lower colour"), tr("Choose the colour it goes over into"), partial(self._ask_colour, "lower"), "small"
        )
        self.choose = button(tr("Choose a picture"), tr("Choose a still or footage for the backdrop"), self._ask_picture, "small")
        for made in (self.colour, self.lower, self.choose):
            colours.addWidget(made, 1)
        box.addLayout(colours)
        self._sliders: dict[str, Slider] = {}
        for field, name, tip, ends in (
            ("scale", tr("Size"), tr("Width of a whole picture against the frame"), (0.4, 2.0)),
            ("down", tr("Place"), tr("How far below the middle of the frame it lies"), (-0.4, 0.4)),
            ("radius", tr("Corners"), tr("How round its corners are"), (0.0, 0.2)),
            ("shadow", tr("Shadow"), tr("How dark its shadow is"), (0.0, 1.0)),
        ):
            self._sliders[field] = Slider(name, tip, ends, workspace, partial(self._set, field))
            box.addLayout(self._sliders[field].row)
        self.bar = Slider(tr("Bar"), tr("Width of the bar between cells"), (0.0, 0.1), workspace, self._set_bar)
        box.addLayout(self.bar.row)
        self.bar_colour = button(
            tr("Colour of the bar"), tr("Choose the colour of the bar"), partial(self._ask_colour, "bar"), "small"
        )
        box.addWidget(self.bar_colour)

    def _framing(self) -> Framing | None:
        return None if self._ws.opened is None else self._ws.opened.entry.short.framing

    # what it does

    def _edit(self, make: Callable[[Short], Edit], dragged: bool = False) -> None:
        opened = self._ws.opened
        if opened is not None and dragged:
            self._ws.trial.show(opened, make, self._ws.selection.playhead)
        elif opened is not None:
            self._ws.edit(lambda s, _a: make(s))

    def _set(self, field: str, value: float, dragged: bool) -> None:
        self._edit(lambda s: framing_edits.set_whole_style(s, replace(s.framing.whole, **{field: value})), dragged)  # type: ignore[arg-type]

    def _set_bar(self, width: float, dragged: bool) -> None:
        self._edit(lambda s: framing_edits.set_bar(s, replace(s.framing.bar, width=width)), dragged)

    def _set_kind(self, _index: int) -> None:
        kind: BackdropKind = self.kind.currentData()
        framing = self._framing()
        if framing is None:
            return
        if kind == "picture" and not framing.whole.backdrop.path:
            self._show(framing.whole)
            self._ask_picture()
            return
        self._edit(lambda s: framing_edits.set_backdrop(s, replace(s.framing.whole.backdrop, kind=kind)))

    def _ask_colour(self, which: str) -> None:
        framing = self._framing()
        if framing is None:
            return
        now = framing.bar.colour if which == "bar" else getattr(framing.whole.backdrop, which)
        chosen = QColorDialog.getColor(QColor(now), self.kind.window(), tr("Choose a colour"))
        if chosen.isValid():
            self.set_colour(which, chosen.name())

    def set_colour(self, which: str, colour: str) -> None:
        """Take a colour ("#rrggbb") for the backdrop ("colour", "lower") or the "bar"."""
        if which == "bar":
            self._edit(lambda s: framing_edits.set_bar(s, replace(s.framing.bar, colour=colour)))
        else:
            self._edit(lambda s: framing_edits.set_backdrop(s, replace(s.framing.whole.backdrop, **{which: colour})))  # type: ignore[arg-type]

    def _ask_picture(self) -> None:
        name, _kind = QFileDialog.getOpenFileName(self.kind.window(), tr("Which picture lies behind?"))
        if name:
            self.set_picture(Path(name))

    def set_picture(self, path: Path) -> None:
        """Take a still or footage for the backdrop."""
        seen = self._ws.opened

        def arrived(found: tuple[list[object], list[str]]) -> None:
            pictures, bad = found
            if bad:
                self._ws.said.emit(bad[0], "error")
            for picture in pictures:
                backdrop = Backdrop("picture", path=picture.path, key=picture.key)  # type: ignore[attr-defined]
                self._ws.edit(lambda s, _a, b=backdrop: framing_edits.set_backdrop(s, b), seen)  # type: ignore[misc]

        self._ws.in_background("files", lambda: pictures_in([path]), arrived)

    # what it shows

    def refresh(self, opened: Opened) -> None:
        framing = opened.entry.short.framing
        self._show(framing.whole)
        self.bar.show(framing.bar.width)
        _paint(self.bar_colour, framing.bar.colour)

    def _show(self, whole: WholeStyle) -> None:
        kind = whole.backdrop.kind
        self.kind.setCurrentIndex(self.kind.findData(kind))
        self.colour.setVisible(kind in ("coloured", "graded"))
        self.lower.setVisible(kind == "graded")
        self.choose.setVisible(kind == "picture")
        _paint(self.colour, whole.backdrop.colour)
        _paint(self.lower, whole.backdrop.lower)
        for field, slider in self._sliders.items():
            slider.show(getattr(whole, field))


def _paint(made: QPushButton, colour: str) -> None:
    """Show a colour on the button that chooses it."""
    ink = "#ffffff" if QColor(colour).lightnessF() < 0.55 else "#16130e"
    made.setStyleSheet(f"background: {colour}; color: {ink};")

"""One control for each kind of property of a caption style, made from the table of properties."""

from __future__ import annotations

from collections.abc import Callable
from typing import Final

from PySide6.QtCore import QSignalBlocker, Qt
from PySide6.QtGui import QColor, QFontDatabase
from PySide6.QtWidgets import QCheckBox, QColorDialog, QComboBox, QHBoxLayout, QLabel, QPushButton, QSlider, QWidget

from standtall.base.interface_language import capital, number_text, tr
from standtall.ink.families import FURTHER
from standtall.model.style import Value
from standtall.model.style_properties import Property
from standtall.ui.widgets import theme
from standtall.ui.widgets.fields import Field
from standtall.ui.widgets.tips import set_tip

Does = Callable[[Value, bool], None]
"""Hears of each value; the one that counts comes last, and not as dragged."""
STEPS: Final = 200
CLEAR: Final = "#00000000"
LABEL: Final = 112
"""Pixels for the name of a property: the longest word of any language; longer names take two lines."""


class Control(QWidget):
    """A property by its name, its value, and a mark with which it goes back to what the look has."""

    def __init__(self, name: str, about: Property, does: Does, back: Callable[[], None]) -> None:
        super().__init__()
        self.name, self.about, self._does = name, about, does
        row = QHBoxLayout(self)
        row.setContentsMargins(0, 0, 0, 0)
        row.setSpacing(6)
        label = QLabel(about.label)
        label.setFixedWidth(LABEL)
        label.setWordWrap(True)
        set_tip(label, about.about)
        row.addWidget(label)
        for widget, stretch in self.parts():
            set_tip(widget, about.about)
            widget.setAccessibleName(f"{about.label}: {about.about}")
            row.addWidget(widget, stretch)
        self.back = QPushButton("↺")
        self.back.setObjectName("small")
        self.back.setFixedWidth(26)
        self.back.setFocusPolicy(Qt.FocusPolicy.TabFocus)
        self.back.setToolTip(tr("{label} as the look has it", label=about.label))
        self.back.setAccessibleName(tr("{label} as the look has it", label=about.label))
        self.back.clicked.connect(lambda _c=False: back())
        keep = self.back.sizePolicy()
        keep.setRetainSizeWhenHidden(True)
        self.back.setSizePolicy(keep)
        row.addWidget(self.back)

    def parts(self) -> list[tuple[QWidget, int]]:
        """The widgets of the value, each with its stretch."""
        raise NotImplementedError

    def show_value(self, value: Value) -> None:
        raise NotImplementedError


class NumberControl(Control):
    """A number by a slider; sizes and shares are told in percent."""

    def parts(self) -> list[tuple[QWidget, int]]:
        self.slider = QSlider(Qt.Orientation.Horizontal)
        whole = self.about.kind == "count"
        self.slider.setRange(0, round(self.about.high - self.about.low) if whole else STEPS)
        self.slider.sliderMoved.connect(lambda place: self._moved(place, True))
        self.slider.sliderReleased.connect(lambda: self._moved(self.slider.sliderPosition(), False))
        self.slider.actionTriggered.connect(
            lambda _a: None if self.slider.isSliderDown() else self._moved(self.slider.sliderPosition(), False)
        )
        self._told = QLabel()
        self._told.setObjectName("faint")
        self._told.setFixedWidth(58 if whole else 46)  # a count may also be told in words
        self._told.setAlignment(Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter)
        return [(self.slider, 1), (self._told, 0)]

    def _moved(self, place: int, dragged: bool) -> None:
        a = self.about
        value: Value = round(a.low) + place if a.kind == "count" else round(a.low + (a.high - a.low) * place / STEPS, 4)
        self._tell(value)
        self._does(value, dragged)

    def _tell(self, value: Value) -> None:
        number = float(value)
        if self.about.unit == "%":
            self._told.setText(number_text(f"{number * 100:.1f} %") if self.about.high <= 0.2 else f"{number * 100:.0f} %")
        elif self.about.kind == "count":
            self._told.setText(tr("as it is") if not number and self.about.low == 0 else f"{number:.0f}")
        else:
            self._told.setText(number_text(f"{number:.2f} {self.about.unit}".strip()))

    def show_value(self, value: Value) -> None:
        if self.slider.isSliderDown():
            return
        a, number = self.about, float(value)
        with QSignalBlocker(self.slider):
            self.slider.setValue(
                round(number - a.low) if a.kind == "count" else round((number - a.low) / (a.high - a.low) * STEPS)
            )
        self._tell(value)


class SwitchControl(Control):
    def parts(self) -> list[tuple[QWidget, int]]:
        self.box = QCheckBox()
        self.box.setFocusPolicy(Qt.FocusPolicy.TabFocus)
        self.box.clicked.connect(lambda on: self._does(bool(on), False))
        return [(self.box, 1)]

    def show_value(self, value: Value) -> None:
        self.box.setChecked(bool(value))


class ChoiceControl(Control):
    def parts(self) -> list[tuple[QWidget, int]]:
        self.box = QComboBox()
        for number, choice in enumerate(self.about.choices):
            self.box.addItem(self.about.titles[number] if self.about.titles else capital(tr(choice)), choice)
        self.box.setMinimumContentsLength(6)
        self.box.activated.connect(lambda _i: self._does(self.box.currentData(), False))
        return [(self.box, 1)]

    def show_value(self, value: Value) -> None:
        self.box.setCurrentIndex(max(0, self.box.findData(value)))


class FontControl(Control):
    """Families that ship first, then those of the machine."""

    def parts(self) -> list[tuple[QWidget, int]]:
        self.box = QComboBox()
        self.box.setMaxVisibleItems(16)
        self.box.setSizeAdjustPolicy(QComboBox.SizeAdjustPolicy.AdjustToMinimumContentsLengthWithIcon)
        self.box.setMinimumContentsLength(8)
        self.fill()
        self.box.activated.connect(lambda _i: self._does(self.box.currentData(), False))
        return [(self.box, 1)]

    def fill(self) -> None:
        """Offer all families that there are."""
        chosen = self.box.currentData()
        self.box.clear()
        if self.about.empty:
            self.box.addItem(tr("As the first"), "")
        own = sorted(FURTHER)
        parts = {f"{f} {s}{i}" for f in own for s in (*FURTHER[f], "italic") for i in ("", " italic")}
        for family in (*own, *sorted(set(QFontDatabase.families()) - set(own) - parts)):
            self.box.addItem(family, family)
        if chosen is not None:
            self.show_value(chosen)

    def show_value(self, value: Value) -> None:
        at = self.box.findData(value)
        if at < 0:
            self.box.addItem(tr("{value} (not on this machine)", value=value), value)
            at = self.box.count() - 1
        self.box.setCurrentIndex(at)


class ColourControl(Control):
    """A colour with its opacity; one that may be left out has a switch."""

    def parts(self) -> list[tuple[QWidget, int]]:
        self._value = "#ffffff"
        self.button = QPushButton()
        self.button.setObjectName("small")
        self.button.setFocusPolicy(Qt.FocusPolicy.TabFocus)
        self.button.clicked.connect(lambda _c=False: self._ask())
        self.none = QPushButton(tr("None") if not self.about.empty else tr("As others"))
        self.none.setObjectName("small")
        self.none.setFocusPolicy(Qt.FocusPolicy.TabFocus)
        self.none.clicked.connect(lambda _c=False: self._does("" if self.about.empty else CLEAR, False))
        self.none.setVisible(self.about.empty or tr("without opacity") in self.about.about or self.name == "outline")
        return [(self.button, 1), (self.none, 0)]

    def _ask(self) -> None:
        now = QColor(self._value[:7] or "#ffffff")
        if len(self._value) == 9:
            now.setAlpha(int(self._value[7:], 16))
        chosen = QColorDialog.getColor(now, self.window(), self.about.label, QColorDialog.ColorDialogOption.ShowAlphaChannel)
        if chosen.isValid():
            self.set_colour(chosen)

    def set_colour(self, colour: QColor) -> None:
        """Take a colour."""
        text = colour.name() + ("" if colour.alpha() == 255 else f"{colour.alpha():02x}")
        self._does(text, False)

    def show_value(self, value: Value) -> None:
        self._value = str(value)
        clear = not self._value or (self._value.endswith("00") and len(self._value) == 9)
        shown = theme.current().line if clear else self._value[:7]
        ink = "#ffffff" if QColor(shown).lightnessF() < 0.55 else "#16130e"
        self.button.setText(tr("none") if clear and self._value else (tr("as others") if clear else self._value))
        self.button.setStyleSheet(f"background: {shown}; color: {ink};")


class ColoursControl(Control):
    """Some colours, written after each other."""

    def parts(self) -> list[tuple[QWidget, int]]:
        self.field = Field(self.about.label, "#rrggbb #rrggbb")
        self.field.editingFinished.connect(self._done)
        return [(self.field, 1)]

    def _done(self) -> None:
        if self.field.isModified():
            self.field.setModified(False)
            self._does(" ".join(self.field.text().split()), False)

    def show_value(self, value: Value) -> None:
        if not self.field.hasFocus():
            self.field.setText(str(value))


KINDS: Final[dict[str, type[Control]]] = {
    "number": NumberControl, "count": NumberControl, "switch": SwitchControl, "choice": ChoiceControl, "name": FontControl,
    "colour": ColourControl, "colours": ColoursControl,
}  # fmt: skip

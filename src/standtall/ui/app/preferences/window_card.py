"""How the window looks and speaks."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from typing import Any, Final

from PySide6.QtCore import QLocale
from PySide6.QtWidgets import QCheckBox, QComboBox, QSizePolicy, QVBoxLayout

from standtall.base.interface_language import languages, tr
from standtall.library.settings import Settings
from standtall.ui.app.preferences.choice_rows import choice, faint, grid_in, row
from standtall.ui.widgets.fields import button
from standtall.ui.widgets.tips import set_tip

THEMES: Final = ((tr("Light"), "light"), (tr("Dark"), "dark"), (tr("As the desktop"), "system"))
SCALES: Final = (100, 110, 125, 150, 175, 200)
Change = Callable[[Callable[[Settings], Settings]], None]


def own_name(code: str) -> str:
    """A language as its own speakers call it."""
    name = QLocale(code).nativeLanguageName() if code != "en" else "English"
    return f"{name[:1].upper()}{name[1:]}" or code


class WindowCard:
    """Fills a card. What holds only from the next start on is said under it when it is changed."""

    def __init__(
        self,
        box: QVBoxLayout,
        settings: Settings,
        change: Change,
        theme_wanted: Callable[[str], None],
        anew: Callable[[], object],
    ) -> None:
        self._change = change
        grid = grid_in(box)
        self.theme = choice(THEMES, settings.theme, lambda name: theme_wanted(str(name)))
        row(grid, tr("Theme"), self.theme, tr("The colours of the window; “as the desktop” changes with it"))
        self.language = choice(
            ((tr("As the desktop"), ""), *((own_name(code), code) for code in languages())),
            settings.language,
            lambda code: self._later(language=str(code)),
        )
        row(grid, tr("Language"), self.language, tr("The language of the window and of the command line, from the next start on"))
        sizes = ((tr("As the desktop"), 0), *((f"{hundredths} %", hundredths) for hundredths in SCALES))
        self.scale: QComboBox = choice(sizes, settings.scale, lambda wanted: self._later(scale=wanted))
        row(
            grid,
            tr("Size of texts and controls"),
            self.scale,
            tr("How large everything in the window is, from the next start on"),
        )
        self.targets = QCheckBox(tr("Large targets: buttons and rows of lists are at least 44 pixels high"))
        self.targets.setChecked(settings.large_targets)
        set_tip(self.targets, tr("Easier to hit with a finger or an unsteady hand; lists show fewer rows"))
        self.targets.toggled.connect(lambda on: self._now(large_targets=on))
        box.addWidget(self.targets)
        motions = ((tr("As the desktop"), "system"), (tr("Less"), "less"), (tr("All"), "all"))
        self.motion = choice(motions, settings.motion, lambda wanted: self._now(motion=str(wanted)))
        set_tip(self.motion, tr("With less, looks and pictures in lists move only under the pointer, and no cursor blinks"))
        row(grid, tr("Motion"), self.motion)
        self.later = faint(tr("Size and language hold from the next start on."))
        self.anew = button(
            tr("Start anew now"), tr("Closes the window and opens it again with what is open; everything is on disk"), anew
        )
        self.anew.setSizePolicy(QSizePolicy.Policy.Maximum, QSizePolicy.Policy.Fixed)
        for widget in (self.later, self.anew):
            widget.hide()
            box.addWidget(widget)

    def _now(self, **changed: Any) -> None:
        self._change(lambda s: replace(s, **changed))

    def _later(self, **changed: Any) -> None:
        self._now(**changed)
        self.later.show()
        self.anew.show()

"""The card of the style: what a change is about, a group of properties, a control for each."""

from __future__ import annotations

from functools import partial
from typing import Final

from PySide6.QtCore import QSize, Qt
from PySide6.QtWidgets import (
    QComboBox,
    QGridLayout,
    QHBoxLayout,
    QLabel,
    QPushButton,
    QSizePolicy,
    QStackedWidget,
    QVBoxLayout,
    QWidget,
)

from standtall.base.interface_language import tr
from standtall.model import caption_edits
from standtall.model.edits import Edit
from standtall.model.short import Short
from standtall.model.style import CaptionStyle, Scope, Value
from standtall.model.style_properties import PROPERTIES, Group
from standtall.ui.bench.panels.captions.scopes import TITLES, ScopeKind, cards_of, chosen_words, scopes_of
from standtall.ui.state.opened import Opened
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.fields import button
from standtall.ui.widgets.property_controls import KINDS, Control
from standtall.ui.widgets.tips import set_tip

GROUPS: Final[dict[Group, str]] = {
    "letters": tr("Letters"), "around": tr("Around"), "place": tr("Place"), "cards": tr("Cards"), "said now": tr("Said now"),
    "other words": tr("Others"),
    "coming and going": tr("Come, go"), "second line": tr("Line 2"), "strong words": tr("Emphasis"),
}  # fmt: skip
ABOUT_GROUPS: Final[dict[Group, str]] = {
    "letters": tr("Typeface, size, weight and spacing of the letters"),
    "around": tr("Colours, outline, shadow and the box behind the text"),
    "place": tr("Where the text stands in the picture, and how wide it may be"),
    "cards": tr("How many words and lines are shown at once"),
    "said now": tr("How the word looks that is being said"),
    "strong words": tr("How words look that are emphasised"),
    "second line": tr("The line of the translation under the text"),
    "other words": tr("How the words look that are not being said"),
    "coming and going": tr("How captions come and go"),
}
COLUMNS: Final = 3
SHORT_ONLY: Final[tuple[Group, ...]] = ("cards",)
"""Groups that only a whole short has."""


class _Pages(QStackedWidget):
    """As high as the page in front, however the program is dressed by then."""

    def __init__(self) -> None:
        super().__init__()
        self.setSizePolicy(QSizePolicy.Policy.Preferred, QSizePolicy.Policy.Fixed)

    def sizeHint(self) -> QSize:
        page = self.currentWidget()
        return super().sizeHint() if page is None else page.sizeHint()

    def minimumSizeHint(self) -> QSize:
        page = self.currentWidget()
        return super().minimumSizeHint() if page is None else page.minimumSizeHint()


class StyleCard:
    """Fills a card of the captions panel."""

    def __init__(self, workspace: Workspace, box: QVBoxLayout) -> None:
        self._ws = workspace
        row = QHBoxLayout()
        self.scope = QComboBox()
        self.scope.setAccessibleName(tr("What is changed"))
        set_tip(
            self.scope, tr("What a change below is about: chosen words are those of the transcript, or the one at the playhead")
        )
        for kind, title in TITLES.items():
            self.scope.addItem(title, kind)
        self.scope.currentIndexChanged.connect(lambda _i: self.refresh_now())
        row.addWidget(QLabel(tr("Applies to")))
        row.addWidget(self.scope, 1)
        box.addLayout(row)
        self._differs = QLabel()
        self._differs.setObjectName("faint")
        self._differs.setWordWrap(True)
        box.addWidget(self._differs)
        back = QHBoxLayout()
        self.clear = button(tr("As the look has it"), tr("Clear what differs from the look here"), self.clear_scope, "small")
        self.clear_all = button(
            tr("Clear all"), tr("Clear everything that differs from the look in this short"), self._clear_all, "small"
        )
        back.addWidget(self.clear, 1)
        back.addWidget(self.clear_all, 1)
        box.addLayout(back)
        groups = QWidget()  # is dressed as one
        grid = QGridLayout(groups)
        grid.setContentsMargins(0, 0, 0, 0)
        grid.setSpacing(3)
        self._groups: dict[Group, QPushButton] = {}
        self._stack = _Pages()
        self._pages: dict[Group, QWidget] = {}
        self.controls: dict[str, Control] = {}
        """Those of the groups that have been shown, by property."""
        for number, (group, title) in enumerate(GROUPS.items()):
            made = QPushButton(title)
            made.setObjectName("subtab")
            made.setCheckable(True)
            made.setFocusPolicy(Qt.FocusPolicy.TabFocus)
            set_tip(made, ABOUT_GROUPS[group])
            made.clicked.connect(partial(self._clicked, group))
            self._groups[group] = made
            grid.addWidget(made, number // COLUMNS, number % COLUMNS)
        box.addWidget(groups)
        box.addWidget(self._stack)
        self.show_group("letters")

    def _page(self, group: Group) -> QWidget:
        """The controls of a group, made when they are first shown: a fifth of all widgets of the program are in this card."""
        if group in self._pages:
            return self._pages[group]
        page = self._pages[group] = QWidget()
        column = QVBoxLayout(page)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(4)
        for name, about in PROPERTIES.items():
            if about.group == group:
                control = KINDS[about.kind](name, about, partial(self.set_property, name), partial(self.clear_property, name))
                self.controls[name] = control
                column.addWidget(control)
        column.addStretch(1)
        self._stack.addWidget(page)
        self.refresh_now()
        return page

    def _clicked(self, group: Group, _checked: bool = False) -> None:
        self.show_group(group)

    def show_group(self, group: Group) -> None:
        """Show the controls of one group."""
        for name, made in self._groups.items():
            made.setChecked(name == group)
        self._stack.setCurrentWidget(self._page(group))
        self._stack.updateGeometry()

    def control(self, name: str) -> Control:
        """That of a property."""
        self._page(PROPERTIES[name].group)
        return self.controls[name]

    # what it does

    @property
    def kind(self) -> ScopeKind:
        kind: ScopeKind = self.scope.currentData()
        return kind

    def _scopes(self) -> list[Scope] | None:
        scopes = scopes_of(self._ws, self.kind)
        if scopes is None:
            self._ws.said.emit(tr("Choose words that the captions show first, or put the playhead on one."), "error")
        return scopes

    def set_property(self, name: str, value: Value, dragged: bool = False) -> None:
        """Give a property a value where the scope says."""
        scopes = self._scopes()
        opened = self._ws.opened
        if scopes is None or opened is None:
            return

        def make(short: Short) -> Edit:
            return caption_edits.set_style(short, {name: value}, scopes)

        if dragged:
            self._ws.trial.show(opened, make)
        else:
            self._ws.trial.end()
            self._ws.edit(lambda s, _a: make(s), opened)

    def clear_property(self, name: str) -> None:
        """One property as the look has it."""
        scopes = self._scopes()
        if scopes is not None:
            self._ws.edit(lambda s, _a: caption_edits.clear_style(s, [name], scopes))

    def clear_scope(self) -> None:
        scopes = self._scopes()
        if scopes is not None:
            self._ws.edit(lambda s, _a: caption_edits.clear_style(s, None, scopes))

    def _clear_all(self) -> None:
        self._ws.edit(lambda s, _a: caption_edits.clear_all_styles(s))

    # what it shows

    def refresh_now(self) -> None:
        if self._ws.opened is not None:
            self.refresh(self._ws.opened)

    def refresh(self, opened: Opened) -> None:
        captions = opened.entry.short.captions
        scopes = scopes_of(self._ws, self.kind)
        own: set[str] = set()
        if self.kind == "short":
            own = set(captions.style)
        elif scopes:
            own = {name for o in captions.overrides if o.scope in scopes for name in o.style}
        style = self._style(opened)
        for name, control in self.controls.items():
            control.show_value(getattr(style, name))
            control.back.setVisible(name in own)
            control.setEnabled(self.kind in ("short", "shape") or control.about.group not in SHORT_ONLY)
        parts = len({o.scope for o in captions.overrides})
        told = [
            tr("{style} properties of the short", style=len(captions.style)) if captions.style else "",
            tr("{parts} places", parts=parts) if parts else "",
        ]
        found = tr(" and ").join(t for t in told if t)
        self._differs.setText(tr("Different from the look: {found}.", found=found) if found else tr("All as the look has it."))
        self.clear.setEnabled(bool(own))
        self.clear_all.setEnabled(bool(found))

    def _style(self, opened: Opened) -> CaptionStyle:
        """What holds where the scope is now."""
        made = opened.composition
        if self.kind in ("short", "shape"):
            return made.caption_style
        words = chosen_words(self._ws)
        cards = cards_of(opened, words)
        if not cards:
            return made.caption_style
        found = made.styles.of_card(made.caption_style, cards[0])
        if self.kind == "card":
            return found.card
        for row, styles in zip(cards[0].lines, found.words, strict=True):
            for word, style in zip(row, styles, strict=True):
                if word.said.id == words[0].said.id and word.source == words[0].source:
                    return style
        return found.card

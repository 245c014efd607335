"""The cards of cutaways: over the chosen words, a montage over all of the short, suggestions by the words."""

from __future__ import annotations

from collections.abc import Callable
from functools import partial
from pathlib import Path
from typing import Any, Final

from PySide6.QtCore import QSize, Qt
from PySide6.QtGui import QIcon, QPixmap
from PySide6.QtWidgets import (
    QComboBox,
    QFileDialog,
    QHBoxLayout,
    QLabel,
    QListWidget,
    QListWidgetItem,
    QPushButton,
    QVBoxLayout,
    QWidget,
)

from standtall.base.interface_language import count_of, tr
from standtall.checks.missing_files import files_missing
from standtall.cutting import montage
from standtall.extras.suggestions import Suggestion
from standtall.ink.placed_pictures import picture_key
from standtall.model import extra_edits
from standtall.model.cut import Segment
from standtall.model.edits import Edit
from standtall.model.extents import PassageExtent
from standtall.model.extras import Cutaway, Extra
from standtall.model.short import Short
from standtall.session.behind_people import told_apart
from standtall.session.composing import pictures_in
from standtall.session.proposals import beats_under, suggestions
from standtall.ui.bench.panels.extras.items_card import sticker_extra
from standtall.ui.bench.panels.extras.library_card import LibraryCard, sticker_image
from standtall.ui.bench.panels.sliders import Slider
from standtall.ui.state.opened import Opened
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.fields import button
from standtall.ui.widgets.notices import sentence
from standtall.ui.widgets.tips import set_tip

PICTURES = tr("Footage and stills (*.mp4 *.mov *.mkv *.webm *.ts *.jpg *.jpeg *.png *.webp *.tif *.tiff);;All files (*)")
CHOICES: Final[dict[str, tuple[str, str, tuple[tuple[str, str], ...]]]] = {
    "placing": (
        tr("Shown"), tr("Where the cutaway is shown"), (("full", tr("Over all")), ("window", tr("In a window")), ("beside",
            tr("Beside the talk")), ("behind", tr("Behind the people"))),
    ),
    "fit": (tr("Framed"), tr("Cropped to fill its place, or whole"), (("crop", tr("Cropped")), ("whole", tr("Whole")))),
    "move": (
        tr("Moves"), tr("Stills move slowly"),
        (("none", tr("Still")), ("nearer", tr("Nearer")), ("away", tr("Away")), ("left", tr("To the left")), ("right",
        tr("To the right"))),
    ),
    "sound": (
        tr("Own sound"), tr("Whether its own sound is heard"),
        (("off", tr("Off")), ("under", tr("Under the talk")), ("instead", tr("Instead of the talk"))),
    ),
}  # fmt: skip
EVERY_S: Final = 6.0


class CutawaysCard:
    """Fills a card: cutaways of the short."""

    def __init__(self, workspace: Workspace, box: QVBoxLayout) -> None:
        self._ws = workspace
        self.told = QLabel()
        self.told.setWordWrap(True)
        self.told.setObjectName("faint")
        box.addWidget(self.told)
        row = QHBoxLayout()
        row.addWidget(
            button(tr("Over these words…"), tr("Footage or a still, shown during the chosen words"), self._choose_one, "small")
        )
        row.addWidget(button(tr("Montage…"), tr("Footage and stills shared out over all of the short"), self.choose, "small"))
        box.addLayout(row)
        self.how = QComboBox()
        self.how.setAccessibleName(tr("How a montage is shared out"))
        set_tip(
            self.how,
            tr("Each file of a montage is shown as long as the others, changes where a phrase ends, or on a beat of the music"),
        )
        for text, how in ((tr("Even shares"), "even"), (tr("Change at phrases"), "phrases"), (tr("Change on beats"), "beats")):
            self.how.addItem(text, how)
        box.addWidget(self.how)
        self.boxes: dict[str, QComboBox] = {}
        self._rows: list[QWidget] = []
        for name, (title, tip, choices) in CHOICES.items():
            holder = QWidget()
            line = QHBoxLayout(holder)
            line.setContentsMargins(0, 0, 0, 0)
            label = QLabel(title)
            label.setFixedWidth(78)
            line.addWidget(label)
            made = QComboBox()
            made.setAccessibleName(title)
            set_tip(made, tr("{tip}. It is about the cutaway at the playhead, else about all", tip=tip))
            for value, text in choices:
                made.addItem(text, value)
            made.activated.connect(partial(self._set, name))
            line.addWidget(made, 1)
            self.boxes[name] = made
            self._rows.append(holder)
            box.addWidget(holder)
        self.across = Slider(
            tr("From the side"), tr("Which part of a cropped picture is shown"), (0.0, 1.0), workspace, self._set_across
        )
        box.addLayout(self.across.row)
        order = QHBoxLayout()
        self.replace = button(tr("Replace…"), tr("Show another file in its place"), self._choose_other, "small")
        self.earlier = button(tr("Earlier"), tr("Change places with the cutaway before"), partial(self._swap, -1), "small")
        self.later = button(tr("Later"), tr("Change places with the cutaway after"), partial(self._swap, 1), "small")
        for part in (self.replace, self.earlier, self.later):
            order.addWidget(part)
        box.addLayout(order)
        last = QHBoxLayout()
        self.remove_here = button(tr("Remove this one"), tr("The cutaway at the playhead"), self._remove_one, "small")
        self.remove = button(
            tr("Remove all"),
            tr("Show the talk again"),
            lambda: self._ws.edit(lambda s, _a: extra_edits.clear_kind(s, "cutaway")),
            "small",
        )
        last.addWidget(self.remove_here)
        last.addWidget(self.remove)
        box.addLayout(last)
        workspace.selection.playhead_changed.connect(lambda _t: self._refresh_here())

    def choose(self) -> None:
        names, _kind = QFileDialog.getOpenFileNames(self.told, tr("Footage or stills for a montage"), "", PICTURES)
        if names:
            self.add([Path(n) for n in names])

    def _look_at(self, paths: list[Path], then: Callable[[list[montage.Picture]], None]) -> None:
        def arrived(found: tuple[list[montage.Picture], list[str]]) -> None:
            good, bad = found
            if bad:
                self._ws.said.emit(bad[0], "error")
            if good:
                then(good)

        self._ws.in_background("files", lambda: pictures_in(paths), arrived)

    def add(self, paths: list[Path]) -> None:
        """Share files out over the short; they are looked at in the background."""
        how, seen = self.how.currentData(), self._ws.opened

        def there(pictures: list[montage.Picture]) -> None:
            self._ws.edit(lambda s, a: montage.lay_over(s, a, pictures, how, beats_under(s)), seen)

        self._look_at(paths, there)

    def _choose_one(self) -> None:
        name, _kind = QFileDialog.getOpenFileName(self.told, tr("Footage or a still over the chosen words"), "", PICTURES)
        if name:
            self.put_over(Path(name))

    def put_over(self, path: Path) -> None:
        """Show a file during the chosen words, or the one at the playhead."""
        opened, chosen = self._ws.opened, self._ws.selection.or_said()
        if opened is None:
            return
        if not chosen:
            self._ws.said.emit(tr("Choose the words to show it over first."), "error")
            return
        words = opened.analysis.words
        extent = Segment(
            opened.source.key, words[chosen.start].start, max(words[chosen.stop - 1].end, words[chosen.start].start + 1)
        )

        def there(found: list[montage.Picture]) -> None:
            one = found[0]
            new = Cutaway(one.path, one.key, extent, move="nearer" if one.still else "none")
            self._ws.edit(lambda s, _a: extra_edits.put_cutaway(s, new), opened)

        self._look_at([path], there)

    def here(self) -> Cutaway | None:
        """The cutaway at the playhead."""
        opened = self._ws.opened
        if opened is None:
            return None
        at = opened.at(self._ws.selection.playhead)
        return next((c for c in opened.entry.short.extras.cutaways if c.extent.holds(*at)), None)

    def _set(self, name: str, _index: int) -> None:
        value, one = self.boxes[name].currentData(), self.here()
        label = tr("Cutaways: {what}", what=CHOICES[name][0].lower())
        seen = self._ws.opened

        def change(short: Short) -> Edit:
            if one is not None:
                return extra_edits.change_cutaway(short, one, label, **{name: value})
            return extra_edits.change_all_cutaways(short, label, **{name: value})

        if seen is None or value != "behind":
            self._ws.edit(lambda s, _a: change(s))
            return
        cutaways = (one,) if one is not None else seen.entry.short.extras.cutaways
        self._ws.said.emit(tr("Looking whether the people can be told from what is behind them…"), "note")
        self._ws.in_background_or(
            "pictures",
            lambda: told_apart(seen.composition, cutaways, seen.copies, self._ws.closing),
            lambda _share: self._ws.edit(lambda s, _a: change(s), seen),
            self._refresh_here,
            self.boxes[name],
        )

    def _set_across(self, value: float, dragged: bool) -> None:
        opened, one = self._ws.opened, self.here()
        if opened is None or one is None:
            return

        def make(short: Short) -> Edit:
            return extra_edits.change_cutaway(short, one, tr("Cutaways: which part is shown"), across=value)

        if dragged:
            self._ws.trial.show(opened, make)
        else:
            self._ws.edit(lambda s, _a: make(s))

    def _swap(self, way: int) -> None:
        one = self.here()
        if one is not None:
            self._ws.edit(lambda s, _a: extra_edits.swap_cutaway(s, one, way))

    def _choose_other(self) -> None:
        name, _kind = QFileDialog.getOpenFileName(self.told, tr("Footage or a still in its place"), "", PICTURES)
        if name:
            self.replace_here(Path(name))

    def replace_here(self, path: Path) -> None:
        """Show another file in place of the cutaway at the playhead."""
        one, seen = self.here(), self._ws.opened
        if one is None:
            return

        def there(found: list[montage.Picture]) -> None:
            new = found[0]
            self._ws.edit(
                lambda s, _a: extra_edits.change_cutaway(s, one, tr("Replace a cutaway"), path=new.path, key=new.key, at=0), seen
            )

        self._look_at([path], there)

    def _remove_one(self) -> None:
        one = self.here()
        if one is not None:
            self._ws.edit(lambda s, _a: extra_edits.remove_cutaway(s, one))

    def _refresh_here(self) -> None:
        opened = self._ws.opened
        cutaways = opened.entry.short.extras.cutaways if opened is not None else ()
        one = self.here()
        for part in (self.remove_here, self.replace, self.earlier, self.later):
            part.setEnabled(one is not None)
        self.across.show(one.across if one is not None else 0.5, one is not None and one.fit == "crop")
        shown = one or (cutaways[0] if cutaways else None)
        for name, made in self.boxes.items():
            if shown is not None:
                made.setCurrentIndex(max(0, made.findData(getattr(shown, name))))
        self.boxes["fit"].setEnabled(shown is None or shown.placing != "behind")  # what is behind people is always cropped

    def refresh(self, opened: Opened) -> None:
        cutaways, gone = opened.entry.short.extras.cutaways, files_missing(opened.composition)
        files = {Path(c.path).name for c in cutaways}
        told = tr("Footage or stills to show over the talk, while the sound goes on.")
        if gone:
            told = f"{sentence(gone[0])}."
        elif files:
            told = tr("{files} shown: {these}", files=count_of(len(files), "file"), these=", ".join(sorted(files)))
        self.told.setText(told)
        self.remove.setEnabled(bool(cutaways))
        for row in self._rows:
            row.setVisible(bool(cutaways))
        self._refresh_here()


class SuggestionsCard:
    """Fills a card: pictures suggested by the words, taken or refused one by one."""

    def __init__(self, workspace: Workspace, box: QVBoxLayout, library: LibraryCard) -> None:
        self._ws, self._library = workspace, library
        self._of: tuple[object, ...] = ()
        self._refused: set[tuple[str, int]] = set()
        self._found: list[Suggestion] = []
        row = QHBoxLayout()
        row.addWidget(
            button(tr("Suggest pictures"), tr("Look for pictures that fit the words, evenly spread"), self.suggest, "small")
        )
        self.all = button(tr("Take all"), tr("Put all suggested pictures on the frame"), self._take_all, "small")
        row.addWidget(self.all)
        box.addLayout(row)
        self.list = QListWidget()
        self.list.setAccessibleName(tr("Suggested pictures"))
        self.list.setIconSize(QSize(34, 34))
        self.list.setFixedHeight(150)
        self.list.itemSelectionChanged.connect(self._show)
        box.addWidget(self.list)
        two = QHBoxLayout()
        self.take: QPushButton = button(tr("Take it"), tr("Put the picture on the frame over its words"), self._take, "small")
        self.refuse: QPushButton = button(tr("Refuse it"), tr("It is not suggested again for these words"), self._refuse, "small")
        two.addWidget(self.take)
        two.addWidget(self.refuse)
        box.addLayout(two)
        self._tell()

    def suggest(self) -> None:
        opened = self._ws.opened
        if opened is None:
            return
        short, analysis, library = opened.entry.short, opened.analysis, self._library.library

        def work() -> list[tuple[Suggestion, Any]]:
            found = suggestions(short, analysis, library, EVERY_S)
            return [
                (s, sticker_image(s.sticker, 68))
                for s in found
                if s.sticker.path.rsplit(".", 1)[-1] not in ("mp4", "mov", "mkv", "webm")
            ]

        def arrived(found: list[tuple[Suggestion, Any]]) -> None:
            self._of = (opened.source.key, opened.entry.id)
            self.list.clear()
            self._found = []
            for one, image in found:
                if (one.sticker.path, opened.analysis.words[one.first].id) in self._refused:
                    continue
                self._found.append(one)
                words = " ".join(w.text for w in opened.analysis.words[one.first : one.last + 1])
                icon = QIcon(QPixmap.fromImage(image)) if image is not None else QIcon()
                item = QListWidgetItem(icon, f"“{words}”\n{one.sticker.title}: {one.why}")
                item.setData(Qt.ItemDataRole.UserRole, one)
                self.list.addItem(item)
            self._tell()
            if not self._found:
                self._ws.said.emit(tr("No picture of the library fits these words."), "note")

        self._ws.in_background("words", work, arrived)

    def _tell(self) -> None:
        there = bool(self._found)
        self.list.setVisible(there)
        for part in (self.take, self.refuse, self.all):
            part.setVisible(there)

    def _chosen(self) -> Suggestion | None:
        items = self.list.selectedItems()
        return items[0].data(Qt.ItemDataRole.UserRole) if items else (self._found[0] if self._found else None)

    def _show(self) -> None:
        opened, one = self._ws.opened, self._chosen()
        if opened is not None and one is not None and one.first < len(opened.analysis.words):
            self._ws.selection.seek(opened.analysis.words[one.first].start)

    def _extra(self, opened: Opened, one: Suggestion, key: str) -> Extra:
        first, last = opened.analysis.words[one.first], opened.analysis.words[one.last]
        extent = PassageExtent(opened.source.key, first.start, max(last.end, first.start + 1), first.id, last.id, "words")
        return sticker_extra(one.sticker.path, key, opened, extent)

    def _take(self) -> None:
        one = self._chosen()
        if one is not None:
            self._put([one], tr("Take a suggested picture"))
            self._drop(one)

    def _take_all(self) -> None:
        self._put(list(self._found), tr("Take {found}", found=count_of(len(self._found), tr("suggested picture"))))
        for one in list(self._found):
            self._drop(one)

    def _put(self, chosen: list[Suggestion], label: str) -> None:
        opened = self._ws.opened
        if opened is None or self._of != (opened.source.key, opened.entry.id):
            return

        def arrived(keys: list[str]) -> None:
            extras = tuple(self._extra(opened, one, key) for one, key in zip(chosen, keys, strict=True))
            self._ws.edit(lambda s, _a: extra_edits.put_all_in(s, extras, label), opened)

        self._ws.in_background("files", lambda: [picture_key(one.sticker.path) for one in chosen], arrived)

    def _refuse(self) -> None:
        opened, one = self._ws.opened, self._chosen()
        if opened is not None and one is not None:
            self._refused.add((one.sticker.path, opened.analysis.words[one.first].id))
            self._drop(one)

    def _drop(self, one: Suggestion) -> None:
        for row in range(self.list.count()):
            if self.list.item(row).data(Qt.ItemDataRole.UserRole) is one:
                self.list.takeItem(row)
                break
        self._found = [f for f in self._found if f is not one]
        self._tell()

    def refresh(self, opened: Opened) -> None:
        if self._of and self._of != (opened.source.key, opened.entry.id):
            self._of, self._found = (), []
            self.list.clear()
            self._tell()

"""The form of a channel: limits, texts, file, and the way that posts go there; checked while it is filled in."""

from __future__ import annotations

import re
from dataclasses import replace
from pathlib import Path

from PySide6.QtCore import Signal
from PySide6.QtWidgets import (
    QCheckBox,
    QComboBox,
    QDialog,
    QDialogButtonBox,
    QFileDialog,
    QFormLayout,
    QHBoxLayout,
    QLabel,
    QScrollArea,
    QSpinBox,
    QVBoxLayout,
    QWidget,
)

from standtall.base.errors import StandTallError
from standtall.base.geometry import Rect
from standtall.base.interface_language import tr
from standtall.model.channel import Channel
from standtall.model.output import SHAPES
from standtall.model.post_rules import Delivery, FileRules, PostRules, TextRules
from standtall.ui.widgets.cards import heading
from standtall.ui.widgets.fields import Field, button, tell_both
from standtall.ui.widgets.tips import set_tip

WAYS = {"folder with text": tr("A folder, with a text file beside each video"), "folder": tr("A folder of this machine"),
        "server": tr("A server that speaks the channel protocol")}  # fmt: skip
UNITS = {"characters": tr("letters and signs"), "utf-16 units": tr("units of UTF-16 (an emoji counts as two)"),
         "bytes": tr("bytes (a letter with an accent counts as two)")}  # fmt: skip
TAGS = {"in the text": tr("at the end of the text"), "apart": tr("in a field of their own"), "none": tr("there are none")}
LINKS = {"in the text": tr("in the text"), "apart": tr("in a field of its own"), "none": tr("there is none")}
MANNER = {"asks": tr("on a question"), "tells": tr("on what tells most"), "names": tr("on names and subjects")}


class ChannelSheet(QDialog):
    """`wanted` carries the channel as it was filled in."""

    wanted = Signal(object)

    def __init__(self, channel: Channel | None, taken: tuple[str, ...], parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._before, self._taken = channel, taken
        start = channel or Channel("channel", tr("New channel"), 60)
        self.setWindowTitle(tr("Rules of {title}", title=channel.title) if channel else tr("New channel"))
        self.resize(560, 640)
        inner = QWidget()
        column = QVBoxLayout(inner)
        self._make_place(column, start)
        self._make_video(column, start)
        self._make_texts(column, start.posts.text)
        self._make_delivery(column, start.posts.delivery)
        scroll = QScrollArea()
        scroll.setWidgetResizable(True)
        scroll.setWidget(inner)
        self.problem = QLabel()
        self.problem.setObjectName("warn")
        self.problem.setWordWrap(True)
        self.buttons = QDialogButtonBox(QDialogButtonBox.StandardButton.Save | QDialogButtonBox.StandardButton.Cancel)
        save = QDialogButtonBox.StandardButton.Save
        tell_both(self.buttons, save, tr("Keep the rules of the channel for all projects (Enter)"))
        self.buttons.accepted.connect(self.accept)
        self.buttons.rejected.connect(self.reject)
        whole = QVBoxLayout(self)
        whole.addWidget(scroll, 1)
        whole.addWidget(self.problem)
        whole.addWidget(self.buttons)
        self._watch(inner)
        self._check()

    def _make_place(self, column: QVBoxLayout, start: Channel) -> None:
        column.addWidget(heading(tr("THE PLACE")))
        form = QFormLayout()
        self.title = Field(
            tr("Name of the channel"), tr("the place you post to"), tip=tr("What the channel is called in every place here")
        )
        self.title.setText(start.title if self._before is not None else "")
        form.addRow(tr("Name"), self.title)
        column.addLayout(form)

    def _make_video(self, column: QVBoxLayout, start: Channel) -> None:
        file = start.posts.file
        column.addWidget(heading(tr("THE VIDEO")))
        form = QFormLayout()
        self.shortest = _number(
            0, 86_400, round(file.shortest_s), " s", tr("Shortest video"), tr("A shorter one is not posted there")
        )
        self.longest = _number(
            1,
            86_400,
            round(start.longest_s),
            " s",
            tr("Longest video"),
            tr("A longer one is not posted there; the Bench shows how much of it a short uses"),
        )
        self.largest = _number(
            0,
            1_000_000,
            round(file.largest_mb),
            " MB",
            tr("Largest file, 0 for no limit"),
            tr("A larger file is not posted there"),
        )
        self.least_width = _number(
            0,
            4320,
            file.least_width,
            tr(" pixels"),
            tr("Least width, 0 for no limit"),
            tr("A narrower picture is not posted there"),
        )
        self.most_fps = _number(
            0,
            300,
            round(file.most_fps),
            " fps",
            tr("Most fps, 0 for no limit"),
            tr("A file with more frames a second is not posted there"),
        )
        row = QHBoxLayout()
        self.shapes = {shape: QCheckBox(shape) for shape in SHAPES}
        for shape, box in self.shapes.items():
            box.setChecked(shape in file.shapes)
            set_tip(box, tr("The channel takes pictures of {shape}", shape=shape))
            row.addWidget(box)
        row.addStretch(1)
        self.cover_width = _number(
            64, 4320, start.cover_width, tr(" pixels"), tr("Width of covers"), tr("Covers for this channel are as wide as this")
        )
        self.cover_height = _number(
            64, 4320, start.cover_height, tr(" pixels"), tr("Height of covers"), tr("Covers for this channel are as high as this")
        )
        cover = QHBoxLayout()
        cover.addWidget(self.cover_width)
        cover.addWidget(QLabel("×"))
        cover.addWidget(self.cover_height)
        cover.addStretch(1)
        bottom, right = _covered(start.covered)
        self.bottom = _number(
            0,
            60,
            bottom,
            tr(" % of the height"),
            tr("What the channel covers at the bottom"),
            tr("Its own title and buttons lie there: what would lie under them is warned of"),
        )
        self.right = _number(
            0,
            60,
            right,
            tr(" % of the width"),
            tr("What the channel covers at the right, in its lower half"),
            tr("Its own buttons lie there: what would lie under them is warned of"),
        )
        for label, widget in (
            (tr("Shortest"), self.shortest), (tr("Longest"), self.longest), (tr("Largest (0: no limit)"), self.largest),
            (tr("Least width (0: none)"), self.least_width), (tr("Most fps (0: no limit)"), self.most_fps),
        ):  # fmt: skip
            form.addRow(label, widget)
        form.addRow(tr("Shapes"), row)
        form.addRow(tr("Covers"), cover)
        form.addRow(tr("Covered at the bottom"), self.bottom)
        form.addRow(tr("Covered at the right"), self.right)
        column.addLayout(form)

    def _make_texts(self, column: QVBoxLayout, text: TextRules) -> None:
        column.addWidget(heading(tr("TEXTS (0: THERE IS NO SUCH FIELD)")))
        form = QFormLayout()
        self.title_most = _number(
            0, 5000, text.title_most, "", tr("Longest title"), tr("Titles are proposed no longer; 0 where posts have none")
        )
        self.description_most = _number(
            0,
            100_000,
            text.description_most,
            "",
            tr("Longest description"),
            tr("Descriptions are proposed no longer; 0 where posts have none"),
        )
        self.counted = _choice(UNITS, text.counted_in, tr("What is counted"), tr("How the channel counts the length of a text"))
        self.tags = _choice(
            TAGS,
            text.hashtags,
            tr("Where hashtags stand"),
            tr("Whether hashtags are a part of the description, and count with it"),
        )
        self.tags_most = _number(0, 100, text.hashtags_most, "", tr("Most hashtags"), tr("How many hashtags a post may have"))
        self.tag_longest = _number(
            1, 200, text.hashtag_longest, tr(" letters"), tr("Longest hashtag"), tr("How long a single hashtag may be")
        )
        self.search_most = _number(
            0,
            200,
            text.search_words_most,
            "",
            tr("Most search words"),
            tr("How many search words a post may have; 0 where there are none"),
        )
        self.search_longest = _number(
            0,
            10_000,
            text.search_words_longest,
            tr(" letters"),
            tr("All search words together"),
            tr("How long the search words may be in all"),
        )
        self.shelves, self.audiences = (
            Field(tr("Shelves, parted by commas"), tip=tr("Lists of the channel that a post can be put on")),
            Field(tr("Who may see it, parted by commas"), tip=tr("What can be chosen of who may see a post there")),
        )
        self.shelves.setText(", ".join(text.shelves))
        self.audiences.setText(", ".join(text.audiences))
        self.link = _choice(
            LINKS, text.link, tr("Where the link to the full programme stands"), tr("Whether a post has the link, and where")
        )
        self.manner = _choice(
            MANNER, text.manner, tr("What proposed texts open on"), tr("How proposed titles and descriptions begin")
        )
        for label, widget in (
            (tr("Longest title"), self.title_most), (tr("Longest description"), self.description_most), (tr("Counted in"),
            self.counted),
            (tr("Hashtags"), self.tags), (tr("At most"), self.tags_most), (tr("Longest hashtag"), self.tag_longest),
            (tr("Search words"), self.search_most), (tr("Together"), self.search_longest), (tr("Shelves"), self.shelves),
            (tr("Who may see it"), self.audiences), (tr("Link"), self.link), (tr("Texts open"), self.manner),
        ):  # fmt: skip
            form.addRow(label, widget)
        column.addLayout(form)

    def _make_delivery(self, column: QVBoxLayout, delivery: Delivery) -> None:
        column.addWidget(heading(tr("HOW POSTS GET THERE")))
        form = QFormLayout()
        self.way = _choice(WAYS, delivery.way, tr("How posts get there"), tr("Into a folder, or to a server"))
        self.address = Field(tr("Address"), "https://…, or http://127.0.0.1:PORT", tip=tr("Where the server of the channel is"))
        self.address.setText(delivery.address)
        self.folder = Field(
            tr("Folder"), tr("empty: one of the program's own"), tip=tr("Where the videos and their texts are laid down")
        )
        self.folder.setText(delivery.folder)
        row = QHBoxLayout()
        row.addWidget(self.folder, 1)
        row.addWidget(button(tr("Choose…"), tr("Choose a folder of this machine"), self._choose, "small"))
        self.drafts, self.times = QCheckBox(tr("keeps drafts")), QCheckBox(tr("keeps posts until their time"))
        self.drafts.setChecked(delivery.keeps_drafts)
        set_tip(self.drafts, tr("A post can lie there unpublished until it is let out"))
        set_tip(self.times, tr("A post can go there early; the server lets it out when it is due"))
        self.times.setChecked(delivery.keeps_times)
        form.addRow(tr("By"), self.way)
        form.addRow(tr("Address"), self.address)
        form.addRow(tr("Folder"), row)
        form.addRow(tr("The server"), self.drafts)
        form.addRow("", self.times)
        column.addLayout(form)

    def _watch(self, inner: QWidget) -> None:
        for field in inner.findChildren(Field):
            field.textChanged.connect(self._check)
        for spin in inner.findChildren(QSpinBox):
            spin.valueChanged.connect(self._check)
        for combo in inner.findChildren(QComboBox):
            combo.currentIndexChanged.connect(self._check)
        for box in inner.findChildren(QCheckBox):
            box.toggled.connect(self._check)

    def _choose(self) -> None:
        name = QFileDialog.getExistingDirectory(self, tr("Folder for posts"), self.folder.text() or str(Path.home()))
        if name:
            self.folder.setText(name)

    def channel(self) -> Channel:
        """What is filled in. Raises `ProjectError` where it cannot be a channel."""
        server = self.way.currentData() == "server"
        text = TextRules(
            self.title_most.value(), self.description_most.value(), self.counted.currentData(), self.tags.currentData(),
            self.tags_most.value(), self.tag_longest.value(), self.search_most.value(), self.search_longest.value(),
            _parted(self.shelves.text()), _parted(self.audiences.text()), self.link.currentData(), self.manner.currentData(),
        )  # fmt: skip
        shapes = tuple(s for s, box in self.shapes.items() if box.isChecked())
        file = FileRules(self.shortest.value(), self.largest.value(), shapes, self.least_width.value(), self.most_fps.value())
        delivery = Delivery(
            self.way.currentData(), self.address.text().strip() if server else "", "" if server else self.folder.text().strip(),
            server and self.drafts.isChecked(), server and self.times.isChecked(),
        )  # fmt: skip
        start = self._before or Channel(self._name(), self.title.text().strip(), 60)
        covered = start.covered
        if (self.bottom.value(), self.right.value()) != _covered(start.covered):
            low, side = self.bottom.value() / 100, self.right.value() / 100
            zones = (Rect(0.0, 1 - low, 1.0, low), Rect(1 - side, 0.5, side, max(0.0, 0.5 - low)))
            covered = tuple(r for r in zones if r.w > 0 and r.h > 0)
        return replace(
            start, title=self.title.text().strip(), longest_s=float(self.longest.value()), covered=covered,
            cover_width=self.cover_width.value(), cover_height=self.cover_height.value(), posts=PostRules(text, file, delivery),
        )  # fmt: skip

    def _name(self) -> str:
        """A name for files out of the title that no other channel has."""
        plain = re.sub(r"[^a-z0-9]+", "-", self.title.text().casefold()).strip("-")[:30].strip("-") or "channel"
        name, number = plain, 2
        while name in self._taken:
            name, number = f"{plain}-{number}", number + 1
        return name

    def _check(self, *_: object) -> None:
        wrong = ""
        try:
            self.channel()
        except StandTallError as error:
            wrong = str(error)
        server = self.way.currentData() == "server"
        for widget in (self.address, self.drafts, self.times):
            widget.setEnabled(server)
        self.folder.setEnabled(not server)
        self.problem.setText(wrong)
        self.buttons.button(QDialogButtonBox.StandardButton.Save).setEnabled(not wrong)

    def accept(self) -> None:
        self.wanted.emit(self.channel())
        super().accept()


def _number(low: int, high: int, value: int, suffix: str, name: str, tip: str) -> QSpinBox:
    made = QSpinBox()
    made.setRange(low, high)
    made.setValue(value)
    made.setSuffix(suffix)
    made.setAccessibleName(name)
    set_tip(made, tip)
    return made


def _choice(options: dict[str, str], value: str, name: str, tip: str) -> QComboBox:
    made = QComboBox()
    for key, text in options.items():
        made.addItem(text, key)
    made.setCurrentIndex(max(0, made.findData(value)))
    made.setAccessibleName(name)
    set_tip(made, tip)
    return made


def _parted(text: str) -> tuple[str, ...]:
    return tuple(part.strip() for part in text.split(",") if part.strip())


def _covered(zones: tuple[Rect, ...]) -> tuple[int, int]:
    """How much is covered at the bottom and at the right, in hundredths."""
    bottom = max((r.h for r in zones if r.w > 0.9), default=0.0)
    right = max((r.w for r in zones if r.w <= 0.9), default=0.0)
    return round(100 * bottom), round(100 * right)

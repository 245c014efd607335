"""The brief of a source: what the editor says of it before it is analysed, with its pictures beside."""

from __future__ import annotations

from dataclasses import replace
from typing import Final, get_args

from PySide6.QtCore import Qt, Signal
from PySide6.QtGui import QHideEvent, QImage, QShowEvent
from PySide6.QtWidgets import QComboBox, QFormLayout, QFrame, QHBoxLayout, QLabel, QPushButton, QSpinBox, QVBoxLayout, QWidget

from standtall.base.errors import Cancelled
from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND
from standtall.media.reader import PictureReader
from standtall.model.brief import Brief, Content
from standtall.model.source import MIX, Source
from standtall.ui.footage.column import PICTURES, PictureColumn
from standtall.ui.state.workspace import Workspace
from standtall.ui.threads.dispatcher import Worker
from standtall.ui.widgets.cards import heading
from standtall.ui.widgets.fields import Field
from standtall.ui.widgets.images import wide_at
from standtall.ui.widgets.languages import LANGUAGES

KINDS: Final[dict[Content, str]] = {"unknown": tr("detect"), "one": tr("one person"), "many": tr("two or more people"),
                                   "screen": tr("a face and a screen"), "nobody": tr("no people"),
                                   "clip": tr("a finished clip")}  # fmt: skip
assert set(KINDS) == set(get_args(Content))


class BriefSheet(QFrame):
    """`changed` carries the source and whether its analysis depends on what was changed."""

    changed = Signal(object, bool)
    wants_to_see = Signal(object, int)

    def __init__(self, workspace: Workspace, looker: Worker, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._ws, self._looker = workspace, looker
        self.source: Source | None = None
        self._unread: Source | None = None
        self._reading: Source | None = None
        """Whose pictures are wanted, and whose are being read."""
        self._read: tuple[str, list[QImage]] = ("", [])
        """The pictures of a source, as far as they were read."""
        self.setObjectName("card")
        self.setFixedWidth(312)
        self._title = QLabel()
        self._title.setWordWrap(True)
        self._title.setTextFormat(Qt.TextFormat.PlainText)
        self._title.setStyleSheet("font-weight: 700; font-size: 15px;")
        self.column = PictureColumn()
        self.column.part_changed.connect(self._set_part)
        self.column.looked_at.connect(self._look)
        self.language, self.kind, self.track, self.look = (QComboBox() for _ in range(4))
        for box, name, tip in (
            (self.language, tr("Spoken language"), tr("The language that is spoken")),
            (self.kind, tr("Kind of footage"), tr("What the footage shows")),
            (self.track, tr("Sound track"), tr("Which sound track is listened to and used")),
            (self.look, tr("Look"), tr("The look that new shorts begin with")),
        ):
            box.setAccessibleName(name)
            box.setToolTip(tip)
            box.setMinimumWidth(60)
        for code, name in LANGUAGES.items():
            self.language.addItem(name, code)
        for kind, name in KINDS.items():
            self.kind.addItem(name, kind)
        workspace.data.changed.connect(self._fill_looks)
        self._fill_looks()
        self.least, self.most = QSpinBox(), QSpinBox()
        for spin, least, which, tip in (
            (self.least, 3, tr("Shortest"), tr("How long a proposed moment is at least")),
            (self.most, 5, tr("Longest"), tr("How long the first short and the proposed moments may be")),
        ):
            spin.setRange(least, 600)
            spin.setSuffix(" s")
            spin.setAccessibleName(tr("{which} wished length in seconds", which=which))
            spin.setToolTip(tip)
            spin.editingFinished.connect(self._set_wishes)
        lengths = QHBoxLayout()
        lengths.setSpacing(5)
        lengths.addWidget(self.least, 1)
        lengths.addWidget(QLabel(tr("to")))
        lengths.addWidget(self.most, 1)
        self.topics = Field(tr("Topics"), tr("with commas between"))
        self.topics.setToolTip(tr("What the talk is about: these words are listened for"))
        self.topics.editingFinished.connect(self._set_wishes)
        for box in (self.language, self.kind, self.look):
            box.activated.connect(lambda _i: self._set_choices())
        self.track.activated.connect(lambda _i: self._set_track())
        form = QFormLayout()
        form.setVerticalSpacing(5)
        form.setRowWrapPolicy(QFormLayout.RowWrapPolicy.WrapAllRows)
        self._track_label = QLabel(tr("Sound track"))
        for label, field in ((tr("Language"), self.language), (tr("It shows"), self.kind)):
            form.addRow(label, field)
        form.addRow(self._track_label, self.track)
        form.addRow(tr("Length of shorts"), lengths)
        form.addRow(tr("Topics"), self.topics)
        form.addRow(tr("Look"), self.look)
        self._whole = QPushButton(tr("All of it"))
        self._whole.setToolTip(tr("Use the whole footage, not a part"))
        self._whole.clicked.connect(lambda: self._set_part(0, 0))
        side = QVBoxLayout()
        side.addLayout(form)
        side.addStretch(1)
        side.addWidget(self._whole)
        row = QHBoxLayout()
        row.setSpacing(8)
        row.addWidget(self.column)
        row.addLayout(side, 1)
        column = QVBoxLayout(self)
        column.setContentsMargins(12, 10, 12, 12)
        column.addWidget(heading(tr("BRIEF")))
        column.addWidget(self._title)
        column.addLayout(row, 1)

    def _fill_looks(self) -> None:
        self.look.clear()
        for look in self._ws.data.looks:
            self.look.addItem(look.title, look.name)
        if self.source is not None:
            self.show_source(self.source)

    def show_source(self, source: Source) -> None:
        fresh = self.source is None or self.source.key != source.key
        self.source = source
        brief = self._ws.brief_of(source)
        self._title.setText(source.name)
        self.language.setCurrentIndex(max(0, self.language.findData(brief.language)))
        self.kind.setCurrentIndex(self.kind.findData(brief.content))
        self.look.setCurrentIndex(max(0, self.look.findData(brief.look)))
        self.least.setValue(brief.least_s)
        self.most.setValue(brief.most_s)
        self.topics.setText(", ".join(brief.topics))
        self.track.clear()
        for i, track in enumerate(source.sound_tracks):
            told = " ".join(p for p in (track.title, track.language) if p) or tr("{channels} channels", channels=track.channels)
            self.track.addItem(f"{i + 1}: {told}", i)
        if len(source.sound_tracks) > 1:
            self.track.addItem(tr("all together"), MIX)
        self.track.setCurrentIndex(max(0, self.track.findData(source.sound_track)))
        for widget in (self.track, self._track_label):
            widget.setVisible(len(source.sound_tracks) > 1)
        pictures = self.column.pictures
        self.column.show_source(source.length, brief.start, brief.end)
        self._whole.setEnabled(brief.part is not None)
        if fresh:
            self._read_pictures(source)
        else:
            self.column.set_pictures(pictures)

    def showEvent(self, event: QShowEvent) -> None:
        super().showEvent(event)
        if self._unread is not None:
            self._read_pictures(self._unread)

    def _read_pictures(self, source: Source) -> None:
        """Read the pictures of the column, once somebody sees it."""
        self._unread, self._reading = (None, source) if self.isVisible() else (source, None)
        if not source.has_picture or self._reading is None:
            return
        if self._read[0] != source.key:
            self._read = source.key, []
        pictures = self._read[1]  # what was read before it was left is not read again

        def work() -> list[QImage]:
            if len(pictures) == PICTURES:
                return pictures
            with PictureReader(source.path, source.rotation) as reader:
                for i in range(len(pictures), PICTURES):
                    self._ws.closing.check()
                    if self._reading is not source:
                        raise Cancelled
                    pictures.append(wide_at(reader, (2 * i + 1) * source.length // (2 * PICTURES), 160))
            return pictures

        def arrived(pictures: list[QImage]) -> None:
            if self._reading is source:
                self._reading = None
                self.column.set_pictures(pictures)

        self._looker.do(work, arrived, lambda _error: None)

    def hideEvent(self, event: QHideEvent) -> None:
        super().hideEvent(event)
        if self._reading is not None:
            self._unread, self._reading = self._reading, None

    # changes

    def _set(self, brief: Brief, measured: bool) -> None:
        if self.source is not None and brief != self._ws.brief_of(self.source):
            self._ws.set_brief(self.source, brief)
            self._whole.setEnabled(brief.part is not None)
            self.changed.emit(self.source, measured)

    def _now(self) -> Brief:
        return self._ws.brief_of(self.source) if self.source is not None else Brief()

    def _set_choices(self) -> None:
        before = self._now()
        brief = replace(
            before, language=self.language.currentData(), content=self.kind.currentData(), look=self.look.currentData()
        )
        self._set(brief, (brief.language, brief.content) != (before.language, before.content))

    def _set_wishes(self) -> None:
        if self.source is None:
            return
        topics = tuple(t for t in (" ".join(p.split()) for p in self.topics.text().split(",")) if t)
        least, most = sorted((self.least.value(), self.most.value()))
        self._set(replace(self._now(), least_s=least, most_s=most, topics=topics), False)

    def _set_part(self, start: int, end: int) -> None:
        if self.source is None:  # it was removed while it was being edited
            return
        whole = start < TICKS_PER_SECOND // 2 and (end == 0 or end > self.source.length - TICKS_PER_SECOND // 2)
        self._set(replace(self._now(), start=0 if whole else start, end=0 if whole else end), True)
        brief = self._now()
        self.column.start, self.column.end = brief.start, brief.end or self.source.length
        self.column.update()

    def _set_track(self) -> None:
        if self.source is None or self.track.currentData() is None:
            return
        number = int(self.track.currentData())
        if number != self.source.sound_track:
            self.source = replace(self.source, sound_track=number)
            self._ws.add_source(self.source)
            self.changed.emit(self.source, True)

    def _look(self, tick: int) -> None:
        if self.source is not None:
            self.wants_to_see.emit(self.source, tick)

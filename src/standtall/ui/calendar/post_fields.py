"""What is written beside a video: the fields that its channel has, each counted against the channel's limits."""

from __future__ import annotations

from functools import partial
from typing import Final

from PySide6.QtCore import QSignalBlocker, Signal
from PySide6.QtGui import QGuiApplication
from PySide6.QtWidgets import QComboBox, QHBoxLayout, QLabel, QPlainTextEdit, QVBoxLayout, QWidget

from standtall.base.interface_language import tr
from standtall.model.channel import Channel
from standtall.model.post import PostText
from standtall.model.post_rules import counted
from standtall.posts.folder_client import as_text
from standtall.posts.templates import wrong_in
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.fields import Field, button

LONGEST: Final = 60_000
"""Letters of a description; more is cut when it is kept."""


class PostFields(QWidget):
    """`typed` tells of each letter, `finished` that a field was left or a choice made."""

    typed, finished = Signal(), Signal()

    def __init__(self, workspace: Workspace) -> None:
        super().__init__()
        self._ws = workspace
        self._channel: Channel | None = None
        self.title = Field(tr("Title"))
        self.description = QPlainTextEdit()
        self.description.setAccessibleName(tr("Description"))
        self.description.setTabChangesFocus(True)
        self.description.setFixedHeight(126)
        self.tags, self.search = (
            Field(tr("Hashtags"), tr("hashtags, parted by spaces")),
            Field(tr("Search words"), tr("parted by commas")),
        )
        self.link = Field(tr("Link to the full programme"), "https://…")
        self.shelf, self.audience = QComboBox(), QComboBox()
        self.shelf.setAccessibleName(tr("Shelf"))
        self.audience.setAccessibleName(tr("Who may see it"))
        box = QVBoxLayout(self)
        box.setContentsMargins(0, 0, 0, 0)
        box.setSpacing(7)
        self._rows: dict[str, tuple[QWidget, QLabel]] = {}
        for key, label, widget in (
            ("title", tr("Title"), self.title), ("description", tr("Description"), self.description), ("hashtags",
            tr("Hashtags"), self.tags),
            ("search words", tr("Search words"), self.search), ("shelf", tr("Shelf"), self.shelf),
            ("audience", tr("Who may see it"), self.audience), ("link", tr("Link to the full programme"), self.link),
        ):  # fmt: skip
            box.addWidget(self._row(key, label, widget))
        self.copy_all = button(tr("Copy all"), tr("All that is written, as one text"), self._copy_all)
        box.addWidget(self.copy_all)
        for field in (self.title, self.tags, self.search, self.link):
            field.textEdited.connect(self._typed)
            field.editingFinished.connect(self.finished)
        self.description.textChanged.connect(self._typed)
        for choice in (self.shelf, self.audience):
            choice.setSizeAdjustPolicy(QComboBox.SizeAdjustPolicy.AdjustToMinimumContentsLengthWithIcon)
            choice.activated.connect(lambda _i: self.finished.emit())

    def _row(self, key: str, label: str, widget: QWidget) -> QWidget:
        """A field under its name, with a button that copies it."""
        whole = QWidget()
        column = QVBoxLayout(whole)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(3)
        told = QLabel(label)
        told.setObjectName("faint")
        head = QHBoxLayout()
        head.addWidget(told, 1)
        if key in ("title", "description", "hashtags"):
            copy = button(tr("Copy"), tr("Copy the {what}", what=label.lower()), partial(self._copy, key), "small")
            copy.setMinimumWidth(46)
            head.addWidget(copy)
        column.addLayout(head)
        column.addWidget(widget)
        self._rows[key] = whole, told
        return whole

    def allow(self, on: bool) -> None:
        """Whether something may be written."""
        for widget in (self.title, self.description, self.tags, self.search, self.shelf, self.audience, self.link):
            widget.setEnabled(on)

    def show_text(self, text: PostText, channel: Channel | None) -> None:
        """Show a text in the fields that a channel has (all of them where it is not known)."""
        self._channel = channel
        for field, value in (
            (self.title, text.title), (self.tags, " ".join(f"#{t}" for t in text.hashtags)),
            (self.search, ", ".join(text.search_words)), (self.link, text.link),
        ):  # fmt: skip
            if field.text() != value:
                field.setText(value)
        if self.description.toPlainText() != text.description:
            with QSignalBlocker(self.description):
                self.description.setPlainText(text.description)
        rules = channel.posts.text if channel is not None else None
        for choice, options, value in (
            (self.shelf, rules.shelves if rules else (), text.shelf),
            (self.audience, rules.audiences if rules else (), text.audience),
        ):  # fmt: skip
            with QSignalBlocker(choice):
                choice.clear()
                choice.addItems(list(options) if value in options else ["", *options])
                choice.setCurrentText(value if value in options else "")
        shown = {
            "title": rules is None or rules.title_most > 0, "description": rules is None or rules.description_most > 0,
            "hashtags": rules is None or rules.hashtags != "none", "search words": rules is None or rules.search_words_most > 0,
            "shelf": bool(rules and rules.shelves), "audience": bool(rules and rules.audiences),
            "link": rules is None or rules.link == "apart",
        }  # fmt: skip
        for key, (whole, _label) in self._rows.items():
            whole.setVisible(shown[key])
        self._count()

    def text(self) -> PostText:
        """What stands in the fields."""
        tags = tuple(dict.fromkeys(t.lstrip("#") for t in self.tags.text().replace(",", " ").split() if t.strip("#")))
        words = tuple(dict.fromkeys(w.strip() for w in self.search.text().split(",") if w.strip()))
        return PostText(self.title.text(), self.description.toPlainText()[:LONGEST], tags, words, self.shelf.currentText(),
                        self.audience.currentText(), self.link.text().strip())  # fmt: skip

    def _typed(self) -> None:
        self._count()
        self.typed.emit()

    def _count(self) -> None:
        """How much of each field is used of what the channel takes."""
        if self._channel is None:
            return
        rules, text = self._channel.posts.text, self.text()
        wrong = {field for field, _told in wrong_in(text, self._channel)}
        counts = {
            "title": tr("Title, {counted} of {title_most}", counted=counted(text.title, rules.counted_in),
            title_most=rules.title_most),
            "description": tr("Description, {counted} of {description_most}", counted=counted(text.description,
            rules.counted_in), description_most=rules.description_most),
            "hashtags": tr("Hashtags, {hashtags} of {most}", hashtags=len(text.hashtags),
            most=rules.hashtags_most),
            "search words": tr("Search words, {search_words} of {most}", search_words=len(text.search_words),
            most=rules.search_words_most),
        }  # fmt: skip
        for key, (_whole, label) in self._rows.items():
            label.setText(counts.get(key, label.text()))
            label.setObjectName("warn" if key in wrong else "faint")
            label.style().unpolish(label)
            label.style().polish(label)

    def _copy(self, key: str) -> None:
        texts = {"title": self.title.text(), "description": self.description.toPlainText(), "hashtags": self.tags.text()}
        QGuiApplication.clipboard().setText(texts[key])
        self._ws.said.emit(
            tr("The {key} is on the clipboard.", key=key) if key != "hashtags" else tr("The hashtags are on the clipboard."),
            "note",
        )

    def _copy_all(self) -> None:
        QGuiApplication.clipboard().setText(as_text(self.text()))
        self._ws.said.emit(tr("All that is written is on the clipboard."), "note")

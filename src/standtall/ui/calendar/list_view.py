"""The posts as a list: those to come, those that are out with their numbers, those that need somebody."""

from __future__ import annotations

import time
from collections.abc import Callable, Sequence
from typing import Final

from PySide6.QtCore import QPoint, Qt, Signal
from PySide6.QtWidgets import (
    QAbstractItemView,
    QComboBox,
    QHBoxLayout,
    QHeaderView,
    QLabel,
    QTableWidget,
    QTableWidgetItem,
    QVBoxLayout,
    QWidget,
)

from standtall.base.interface_language import tr
from standtall.model.post import Post
from standtall.posts.post_edits import link_due
from standtall.posts.zones import local
from standtall.ui.calendar.post_drawing import STATES
from standtall.ui.state.posts import Posts

COLUMNS: Final = (tr("When"), tr("Post"), tr("Seen"))
FILTERS: Final[dict[str, tuple[str, Callable[[Post], bool]]]] = {
    "coming": (tr("To come"), lambda p: p.state in ("held", "waiting", "sending", "placed")),
    "needs": (tr("Needs you"), lambda p: p.state in ("held", "failed", "missed")),
    "out": (tr("Out, and drafts"), lambda p: p.state in ("out", "draft")),
    "link": (tr("Link still to be put there"), lambda _p: True),
    "idea": (tr("Without a time"), lambda p: p.state == "idea"),
    "all": (tr("All"), lambda _p: True),
}
NUMBER: Final = Qt.ItemDataRole.UserRole


class PostList(QWidget):
    """`chosen` carries the number of a post, or 0; `menu_wanted` that of a post, and a place on the screen."""

    chosen = Signal(int)
    menu_wanted = Signal(int, QPoint)

    def __init__(self, posts: Posts) -> None:
        super().__init__()
        self._posts = posts
        self.filter = QComboBox()
        self.filter.setAccessibleName(tr("Which posts"))
        for key, (text, _which) in FILTERS.items():
            self.filter.addItem(text, key)
        self.filter.activated.connect(lambda _i: self.refresh())
        self.channel = QComboBox()
        self.channel.setAccessibleName(tr("Of which channel"))
        self.channel.activated.connect(lambda _i: self.refresh())
        self.count = QLabel()
        self.count.setObjectName("faint")
        row = QHBoxLayout()
        for widget in (self.filter, self.channel):
            row.addWidget(widget)
        row.addWidget(self.count, 1)
        self.table = QTableWidget(0, len(COLUMNS))
        self.table.setHorizontalHeaderLabels(COLUMNS)
        self.table.setAccessibleName(tr("Posts"))
        self.table.verticalHeader().hide()
        self.table.verticalHeader().setDefaultSectionSize(46)
        self.table.setEditTriggers(QTableWidget.EditTrigger.NoEditTriggers)
        self.table.setSelectionBehavior(QAbstractItemView.SelectionBehavior.SelectRows)
        self.table.setSelectionMode(QAbstractItemView.SelectionMode.SingleSelection)
        self.table.horizontalHeader().setSectionResizeMode(1, QHeaderView.ResizeMode.Stretch)
        self.table.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.table.itemSelectionChanged.connect(self._chosen)
        self.table.setContextMenuPolicy(Qt.ContextMenuPolicy.CustomContextMenu)
        self.table.customContextMenuRequested.connect(
            lambda at: self.menu_wanted.emit(self.number(), self.table.viewport().mapToGlobal(at))
        )
        self.empty = QLabel(tr("There are no such posts. Drag shorts onto days, or fill the coming days."))
        self.empty.setAlignment(Qt.AlignmentFlag.AlignCenter)
        self.empty.setWordWrap(True)
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        column.addLayout(row)
        column.addWidget(self.table, 1)
        column.addWidget(self.empty, 1)
        self._filling = False

    def shown(self) -> Sequence[Post]:
        _text, which = FILTERS[str(self.filter.currentData())]
        channel = self.channel.currentData()
        found = [p for p in self._posts.posts if which(p) and channel in ("", None, p.channel)]
        if self.filter.currentData() == "link":
            found = [p for p in found if self._link_by_hand(p)]
        out = self.filter.currentData() in ("out", "link")
        return sorted(found, key=lambda p: (-(p.out_at or 0) if out else (p.when is None) * 10**12 + (p.when or 0), p.id))

    def refresh(self) -> None:
        """All rows anew."""
        self._filling = True
        names = [("", tr("All channels")), *((c.name, c.title) for c in self._posts.channels)]
        if [self.channel.itemData(n) for n in range(self.channel.count())] != [n for n, _t in names]:
            before = self.channel.currentData()
            self.channel.clear()
            for name, title in names:
                self.channel.addItem(title, name)
            self.channel.setCurrentIndex(max(0, self.channel.findData(before)))
        kept = self.number()
        posts, zone = self.shown(), self._posts.shown_zone
        self.table.setRowCount(len(posts))
        for row, post in enumerate(posts):
            for column, text in enumerate(self._row(post, zone)):
                item = QTableWidgetItem(text)
                item.setToolTip(f"{text}\n{self._told(post)}".strip())
                item.setData(NUMBER, post.id)
                self.table.setItem(row, column, item)
        self.table.setVisible(bool(posts))
        self.empty.setVisible(not posts)
        for column in (0, 2):
            self.table.resizeColumnToContents(column)
        views = sum(max(0, p.views) for p in posts)
        self.count.setText(tr("{posts} posts", posts=len(posts)) + (tr(", seen {views:,} times", views=views) if views else ""))
        self._filling = False
        self.choose(kept)

    def _row(self, post: Post, zone: str) -> tuple[str, ...]:
        at = post.out_at if post.state == "out" and post.out_at else post.when
        when = "" if at is None else f"{local(at, zone):%a %d %b %H:%M}"
        state = STATES[post.state]
        seen = f"{post.views:,}" if post.views >= 0 else ""
        reminder = tr(", put the link there by hand") if self._link_by_hand(post) else ""
        return when, f"{post.short.name}\n{self._posts.title_of(post.channel)}: {state[1]} {state[0]}{reminder}", seen

    def _link_by_hand(self, post: Post) -> bool:
        return link_due(post, self._posts.channel(post.channel))

    def _told(self, post: Post) -> str:
        """What is told of a post; of one that is out also what is still to be done by hand."""
        since = tr("{time} days", time=(int(time.time()) - post.out_at) // 86400) if post.state == "out" and post.out_at else ""
        if self._link_by_hand(post):
            return tr(
                "Reminder: put the link to the full programme there by hand. {told} {since}", told=post.told, since=since
            ).strip()
        return f"{post.told} {since}".strip()

    def number(self) -> int:
        """Of the post that is chosen, or 0."""
        items = self.table.selectedItems()
        return int(items[0].data(NUMBER)) if items else 0

    def choose(self, number: int) -> None:
        self._filling = True
        self.table.clearSelection()
        for row in range(self.table.rowCount()):
            item = self.table.item(row, 0)
            if item is not None and item.data(NUMBER) == number:
                self.table.selectRow(row)
        self._filling = False

    def _chosen(self) -> None:
        if not self._filling:
            self.chosen.emit(self.number())

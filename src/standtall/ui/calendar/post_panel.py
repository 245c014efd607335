"""The post that is chosen: when it goes out, whether it is ready, what is written beside it, and how it went."""

from __future__ import annotations

import time
from collections.abc import Callable
from dataclasses import replace
from datetime import datetime
from functools import partial
from pathlib import Path
from typing import Final

from PySide6.QtCore import QDate, QDateTime, QSignalBlocker, QTime, QTimer, QUrl, Signal
from PySide6.QtGui import QDesktopServices
from PySide6.QtWidgets import (
    QDateTimeEdit,
    QGridLayout,
    QHBoxLayout,
    QLabel,
    QPushButton,
    QVBoxLayout,
    QWidget,
)

from standtall.base.interface_language import tr, tr_as
from standtall.model.channel import Channel
from standtall.model.post import CHANGEABLE, OPEN, Post
from standtall.model.post_rules import MANNERS, Manner
from standtall.posts import post_edits
from standtall.posts.misspelled import unknown_words
from standtall.posts.post_store import Attempt
from standtall.posts.post_texts import Proposal
from standtall.posts.zones import local
from standtall.session.post_shorts import texts_for
from standtall.ui.calendar.post_drawing import STATES
from standtall.ui.calendar.post_fields import PostFields
from standtall.ui.state.posts import Posts
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.cards import Panel, card_in
from standtall.ui.widgets.dressing import by_parts
from standtall.ui.widgets.fields import button
from standtall.ui.widgets.tips import set_tip

WRITE_MS: Final = 700
"""What is typed is kept after so long without another letter."""
MANNER_TOLD: Final[dict[Manner, tuple[str, str]]] = {
    "asks": (tr("Asks"), tr("Opens on a question, or on what the viewer can do")),
    "tells": (tr("Tells"), tr("Opens on the sentence that tells most")),
    "names": (tr("Names"), tr("Opens on names and subjects")),
}


class PostPanel(Panel):
    """`time_wanted` carries the post and a day and minute that were typed; `played` the file of a post."""

    time_wanted = Signal(object, object, int)
    played = Signal(object)

    def __init__(self, workspace: Workspace, posts: Posts) -> None:
        super().__init__()
        self._ws, self._posts = workspace, posts
        self.post: Post | None = None
        self._again = 0
        self._gone = ""
        """What is wrong with its file on the disk."""
        self._proposed: dict[Manner, Proposal] = {}
        self._pending = QTimer(self)
        self._pending.setSingleShot(True)
        self._pending.setInterval(WRITE_MS)
        self._pending.timeout.connect(self.write)
        self.empty = QLabel(
            tr("Choose a post in the calendar to see and write it here, or drag a short from “Shorts” onto a day.")
        )
        self.empty.setWordWrap(True)
        self.empty.setObjectName("faint")
        self.column.addWidget(self.empty)
        self.whole = QWidget()
        by_parts(self.whole)
        inner = QVBoxLayout(self.whole)
        inner.setContentsMargins(0, 0, 0, 0)
        inner.setSpacing(8)
        self.column.addWidget(self.whole)
        self._make_when(card_in(inner, tr("WHEN")))
        self._make_ready(card_in(inner, tr("BEFORE IT GOES OUT")))
        self._make_text(card_in(inner, tr("TEXT")))
        log = card_in(inner, tr("HOW IT WENT"))
        self.log = QLabel()
        self.log.setWordWrap(True)
        self.log.setObjectName("faint")
        log.addWidget(self.log)
        self.finish()
        self.show_post(None)
        posts.changed.connect(self._renewed)
        posts.shorts_changed.connect(self._renewed)

    def _make_when(self, box: QVBoxLayout) -> None:
        self.name = QLabel()
        self.name.setWordWrap(True)
        self.name.setStyleSheet("font-weight: 700;")
        self.told = QLabel()
        self.told.setWordWrap(True)
        self.when = QDateTimeEdit()
        self.when.setDisplayFormat(tr("ddd d MMM yyyy  HH:mm"))
        self.when.setCalendarPopup(True)
        self.when.setAccessibleName(tr("Day and time"))
        self.when.editingFinished.connect(self._time_typed)
        self.zone = QLabel()
        self.zone.setObjectName("faint")
        row = QHBoxLayout()
        row.addWidget(self.when, 1)
        row.addWidget(self.zone)
        box.addWidget(self.name)
        box.addWidget(self.told)
        box.addLayout(row)
        self.approve = button(tr("Approve"), tr("It goes out when it is due (Ctrl+Return)"), self.do_approve, "main")
        self.now = button(tr("Post now"), tr("Send it at once"), self.do_now)
        self.draft = button(tr("Save as draft"), tr("Keep it at the channel as a draft"), self.do_draft)
        self.hold = button(
            tr_as("post", "Hold"), tr("Wait for approval again"), lambda: self._edit(tr_as("post", "Hold"), post_edits.held)
        )
        self.skip = button(
            tr("Skip"),
            tr("Do not post it; it stays in the calendar, crossed out"),
            lambda: self._edit(tr("Skip"), post_edits.skipped),
        )
        self.out = button(tr("Take out"), tr("Out of the calendar, back to those without a time (Delete)"), self.do_take_out)
        self.page = button(tr("See it there"), tr("Open its page at the channel"), self._open_page)
        self.play = button(tr("Play"), tr("Play its file in the tall picture"), self._play)
        grid = QGridLayout()
        grid.setSpacing(5)
        for n, widget in enumerate((self.now, self.draft, self.hold, self.skip, self.out, self.play)):
            grid.addWidget(widget, n // 3, n % 3)
        self.link_put = button("", "", self.do_link_put)
        box.addWidget(self.approve)
        box.addLayout(grid)
        box.addWidget(self.link_put)
        box.addWidget(self.page)

    def _make_ready(self, box: QVBoxLayout) -> None:
        self.ready = QLabel()
        self.ready.setWordWrap(True)
        tip = tr("The newest finished file of this short that suits the channel")
        self.take = button(tr("Take a finished file"), tip, self._take_file)
        self.render_it = button(
            tr("Render it"), tr("In a shape that the channel takes; the file is taken when it is finished"), self._render
        )
        row = QHBoxLayout()
        row.addWidget(self.take)
        row.addWidget(self.render_it)
        box.addWidget(self.ready)
        box.addLayout(row)

    def _make_text(self, box: QVBoxLayout) -> None:
        row = QHBoxLayout()
        row.setSpacing(3)
        self.manners: dict[Manner, QPushButton] = {}
        for manner in MANNERS:
            name, tip = MANNER_TOLD[manner]
            self.manners[manner] = button(name, tip, partial(self.propose, manner), "side")
            row.addWidget(self.manners[manner], 1)
        self.another = button(tr("Another"), tr("Other sentences for all three"), self.do_another, "side")
        row.addWidget(self.another, 1)
        box.addLayout(row)
        self.source = QLabel()
        self.source.setObjectName("faint")
        self.source.setWordWrap(True)
        box.addWidget(self.source)
        self.fields = PostFields(self._ws)
        self.fields.typed.connect(self._typed)
        self.fields.finished.connect(self.write)
        box.addWidget(self.fields)
        self.spelling = QLabel()
        self.spelling.setObjectName("faint")
        self.spelling.setWordWrap(True)
        self.spelling.hide()
        box.addWidget(self.spelling)

    # showing

    def show_post(self, post: Post | None) -> None:
        """Show another post, or none; what was typed for the one before is kept."""
        if self.post is not None and (post is None or post.id != self.post.id):
            self.write()
            self._again, self._gone = 0, ""
        changed = post is None or self.post is None or post.id != self.post.id
        text_changed = changed or (post is not None and self.post is not None and post.text != self.post.text)
        self.post = post
        self.whole.setVisible(post is not None)
        self.empty.setVisible(post is None)
        if post is None:
            return
        channel = self._posts.channel(post.channel)
        self._show_when(post, channel)
        if text_changed and not self._pending.isActive():
            self.fields.show_text(post.text, channel)
        self._show_ready(post, channel)
        self._propose_all()
        self._posts.attempts(post.id, self._show_log)
        if post.state in OPEN:
            self._posts.file_told(post, self._show_gone)
        if changed:
            self.spelling.hide()
            self._spell()

    def _renewed(self) -> None:
        if self.post is not None:
            self.show_post(self._posts.post(self.post.id))

    def _show_when(self, post: Post, channel: Channel | None) -> None:
        self.name.setText(f"{post.short.name} – {self._posts.title_of(post.channel)}")
        state = STATES[post.state][0]
        views = tr(" Seen {views:,} times.", views=post.views) if post.views >= 0 and post.state == "out" else ""
        self.told.setText(f"{state[:1].upper()}{state[1:]}. {post.told}{views}".strip())
        self.told.setObjectName("warn" if post.state in ("failed", "missed") else "")
        self.told.style().unpolish(self.told)
        self.told.style().polish(self.told)
        zone = self._posts.shown_zone
        self.zone.setText(zone)
        with QSignalBlocker(self.when):
            at = local(post.when if post.when is not None else int(time.time()) + 86_400, zone)
            self.when.setDateTime(QDateTime(QDate(at.year, at.month, at.day), QTime(at.hour, at.minute)))
        self.when.setEnabled(post.state in CHANGEABLE)
        may = post.state in OPEN
        for widget in (self.now, self.skip, self.take, self.render_it):
            widget.setEnabled(may)
        self.draft.setEnabled(may)
        self.draft.setVisible(channel is not None and channel.posts.delivery.keeps_drafts)
        self.approve.setEnabled(post.state in ("held", "failed", "missed"))
        self.hold.setEnabled(post.state in ("waiting", "missed", "failed"))
        self.out.setEnabled(post.state in CHANGEABLE and post.state != "idea")
        self.page.setVisible(bool(post.link))
        due = post_edits.link_due(post, channel)
        self.link_put.setVisible(due or post.link_put)
        self.link_put.setText(tr("The link is there") if due else tr("The link is not there yet"))
        set_tip(self.link_put, tr("This channel takes no link with a post: say here when it is put there by hand") if due
                                 else tr("Be reminded of it again"))  # fmt: skip
        self.play.setEnabled(post.file is not None)
        self.fields.allow(may or post.state == "skipped")
        for manner in self.manners.values():
            manner.setEnabled(may or post.state == "skipped")

    def _show_ready(self, post: Post, channel: Channel | None) -> None:
        if channel is None:
            self.ready.setText(
                tr("The channel “{channel}” is not there any more: bring its file back under Channels.", channel=post.channel)
            )
            return
        reds = [*([self._gone] if self._gone else []), *post_edits.reds(replace(post, text=self.fields.text()), channel)]
        cover = "" if post.file is None else "\nCover: " + (Path(post.file.cover).name or tr("none, choose one in Renders"))
        self.ready.setText(("\n".join(f"• {r}" for r in reds) if reds else tr("Everything is right: it can go out.")) + cover)
        self.ready.setObjectName("warn" if reds and post.state in OPEN else "")
        self.ready.style().unpolish(self.ready)
        self.ready.style().polish(self.ready)

    def _spell(self) -> None:
        """Tell of words that the dictionary of the short's language does not know, where one is installed."""
        post = self.post
        if post is None:
            return
        short, text = self._posts.short(post.short), self.fields.text()
        language = short.said.language if short is not None else "en"
        said = frozenset(w.bare.casefold() for w in short.said.words) if short is not None else frozenset()
        whole = f"{text.title}\n{text.description}"

        def found(words: tuple[str, ...]) -> None:
            if self.post is not None and self.post.id == post.id:
                self.spelling.setText(tr("Not in the dictionary: {these}.", these=", ".join(words)))
                self.spelling.setVisible(bool(words))

        self._ws.in_background("post files", lambda: unknown_words(whole, language, said), found, self)

    def _show_gone(self, told: str) -> None:
        if told != self._gone and self.post is not None:
            self._gone = told
            self._show_ready(self.post, self._posts.channel(self.post.channel))

    def _show_log(self, attempts: tuple[Attempt, ...]) -> None:
        zone = self._posts.shown_zone
        lines = [f"{local(a.at, zone):%d %b %H:%M:%S}  {a.what}: {a.answer}" for a in attempts[-12:][::-1]]
        self.log.setText("\n".join(lines) or tr("Nothing was sent yet."))

    # writing

    def _typed(self) -> None:
        self._pending.start()
        if self.post is not None:
            self._show_ready(self.post, self._posts.channel(self.post.channel))

    def write(self) -> None:
        """Keep what is typed."""
        self._pending.stop()
        post = None if self.post is None else self._posts.post(self.post.id)
        if post is None or post.state not in (*OPEN, "skipped"):
            return
        text = self.fields.text()
        self._spell()
        if text != post.text:
            self._posts.edit(tr("Write a post"), post, lambda p: post_edits.written(p, text))

    # proposals

    def _propose_all(self) -> None:
        post = self.post
        channel = None if post is None else self._posts.channel(post.channel)
        short = None if post is None else self._posts.short(post.short)
        there = short is not None and channel is not None and any(w.kind == "word" for w in short.said.words)
        for widget in (*self.manners.values(), self.another):
            widget.setVisible(there)
        if not there:
            self.source.setText("" if post is None else tr("Open its project to have texts proposed from its words."))
            self._proposed = {}
            return
        assert short is not None and channel is not None
        self._proposed = {p.manner: p for p in texts_for(short, channel, self._posts.settings, self._again)}
        mine = next((p for p in self._proposed.values() if post is not None and p.text.description == post.text.description
                     and p.text.title == post.text.title), None)  # fmt: skip
        for manner, widget in self.manners.items():
            widget.setCheckable(True)
            widget.setChecked(mine is not None and mine.manner == manner)
        self.source.setText(
            tr("From its own words: {where}.", where=mine.where(short.said)) if mine is not None else tr("Written by hand.")
        )

    def propose(self, manner: Manner) -> None:
        """Take the proposal in a manner."""
        found = self._proposed.get(manner)
        post = self.post
        if found is None or post is None:
            return
        self._pending.stop()
        text = found.text
        if not text.shelf and post.text.shelf:
            text = replace(text, shelf=post.text.shelf)
        text = replace(text, audience=post.text.audience or text.audience)
        self._posts.edit(tr("Take a proposal"), post, lambda p: post_edits.written(p, text))

    def do_another(self) -> None:
        """Other proposals, and the one in the manner that is chosen (else the channel's own)."""
        chosen = next((m for m, w in self.manners.items() if w.isChecked()), None)
        self._again += 1
        self._propose_all()
        first = chosen or next(iter(self._proposed), None)
        if first is not None:
            self.propose(first)

    # what is done with it

    def _edit(self, name: str, make: Callable[[Post], Post]) -> None:
        if self.post is not None:
            self.write()
            self._posts.edit(f"{name} “{self.post.short.name}”", self._posts.post(self.post.id) or self.post, make)

    def _with_channel(self, name: str, make: Callable[[Post, Channel], Post]) -> None:
        post = self.post
        channel = None if post is None else self._posts.channel(post.channel)
        if post is None or channel is None:
            return
        self._pending.stop()
        text, may = self.fields.text(), post.state in OPEN
        self._edit_now(name, lambda p: make(post_edits.written(p, text) if may else p, channel))

    def _edit_now(self, name: str, make: Callable[[Post], Post]) -> None:
        if self.post is not None:
            self._posts.edit(f"{name} “{self.post.short.name}”", self._posts.post(self.post.id) or self.post, make)

    def do_approve(self) -> None:
        """Let it go out when it is due."""
        self._with_channel(tr("Approve"), lambda p, c: post_edits.approved(p, c, int(time.time())))

    def do_now(self) -> None:
        self._with_channel(tr("Post"), lambda p, c: post_edits.posted_now(p, c, int(time.time())))

    def do_draft(self) -> None:
        self._with_channel(tr("Save as draft"), lambda p, c: post_edits.drafted(p, c, int(time.time())))

    def do_link_put(self) -> None:
        """Say that the link to the full programme is there by hand, or that it is not."""
        self._edit(tr("Link to the full programme of"), lambda p: post_edits.link_told(p, not p.link_put))

    def do_take_out(self) -> None:
        """Back to those without a time."""
        self._edit(tr("Take out"), post_edits.unscheduled)

    def _take_file(self) -> None:
        if self.post is not None:
            self._posts.take_file(self.post)

    def _render(self) -> None:
        if self.post is not None:
            self._posts.render([self.post])

    def _time_typed(self) -> None:
        if self.post is None:
            return
        shown = self.when.dateTime().toPython()
        assert isinstance(shown, datetime)
        at = None if self.post.when is None else local(self.post.when, self._posts.shown_zone).replace(tzinfo=None)
        if at is None or (at.date(), at.hour, at.minute) != (shown.date(), shown.hour, shown.minute):
            self.time_wanted.emit(self.post, shown.date(), shown.hour * 60 + shown.minute)

    def _open_page(self) -> None:
        if self.post is not None and self.post.link.startswith(("http://", "https://", "file://")):
            QDesktopServices.openUrl(QUrl(self.post.link))

    def _play(self) -> None:
        if self.post is not None and self.post.file is not None:
            self.played.emit(self.post.file.path)

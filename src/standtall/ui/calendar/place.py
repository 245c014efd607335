"""Calendar: what goes out where and when, planned, filled, approved, and followed until it is seen."""

from __future__ import annotations

import datetime
import time
from dataclasses import replace
from functools import partial
from pathlib import Path
from typing import Literal

from PySide6.QtCore import QPoint, QTimer, Signal
from PySide6.QtGui import QHideEvent, QPixmap, QShowEvent
from PySide6.QtWidgets import (
    QFileDialog,
    QHBoxLayout,
    QLabel,
    QMenu,
    QVBoxLayout,
    QWidget,
)

from standtall.base.interface_language import tr, tr_n
from standtall.model.post import Post, ShortRef
from standtall.posts.filling import Slot, clashes, gaps
from standtall.posts.zones import at_day_time, day_of, minute_of, zone_names
from standtall.session.calendar_out import write_calendar
from standtall.ui.calendar.actions import actions_of
from standtall.ui.calendar.channels_panel import ChannelsPanel
from standtall.ui.calendar.fill_panel import FillPanel
from standtall.ui.calendar.list_view import PostList
from standtall.ui.calendar.post_card import Card
from standtall.ui.calendar.post_panel import PostPanel
from standtall.ui.calendar.posters import Posters
from standtall.ui.calendar.rule_panel import RulePanel
from standtall.ui.calendar.shorts_panel import ShortsPanel
from standtall.ui.calendar.view import CalendarView
from standtall.ui.calendar.which_time import asked_time
from standtall.ui.state.accounts import Accounts
from standtall.ui.state.posts import Posts
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.actions import button_of, menu_text
from standtall.ui.widgets.fields import FilledWhenShown, button
from standtall.ui.widgets.place import Place
from standtall.ui.widgets.tabs import Tabs, stacked

SIDE = 336
SOON_MS = 700
OFFERED = 12
"""Shorts that the menu of a day offers, the best ones."""
FILES = tr("Calendars (*.ics);;Tables (*.csv)")
Shown = Literal["month", "week", "list"]


class CalendarPlace(QWidget):
    """`played` carries the file of a post that is to be played in the tall picture."""

    played = Signal(object)

    def __init__(self, workspace: Workspace) -> None:
        super().__init__()
        self._ws = workspace
        self.posts = Posts(workspace, self)
        self.accounts = Accounts(workspace, self)
        self.posters = Posters(workspace, self._posters_arrived, self)
        self.view = CalendarView(self._today)
        self.list = PostList(self.posts)
        self.post = PostPanel(workspace, self.posts)
        self.shorts = ShortsPanel(self.posts)
        self.fill = FillPanel(workspace, self.posts)
        self.rule = RulePanel(workspace, self.posts)
        self.channels = ChannelsPanel(workspace, self.posts, self.accounts)
        self.side = Tabs(
            {
                "post": (tr("Post"), tr("The post that is chosen")),
                "shorts": (tr("Shorts"), tr("Shorts that can be posted")),
                "fill": (tr("Fill"), tr("How often, and the plan of the coming days")),
                "rule": (tr("Rule"), tr("From footage to the calendar by rule")),
                "channels": (tr("Channels"), tr("Channels, accounts and the outbox")),
            },
            {"post": self.post, "shorts": self.shorts, "fill": self.fill, "rule": self.rule, "channels": self.channels},
            "tab",
        )
        self.side.setFixedWidth(SIDE)
        self.pages = stacked(self.view, self.list)
        self._slots: dict[int, Slot] = {}
        self._actions = actions_of(self)
        self._lay_out()
        self._connect()
        self._later = QTimer(self)
        self._later.setSingleShot(True)
        self._later.setInterval(SOON_MS)
        self._later.timeout.connect(self._read_shorts)
        self.show_mode("month")
        self.refresh()

    def _lay_out(self) -> None:
        title = QLabel(tr("Calendar"))
        title.setObjectName("title")
        self.told = QLabel()
        self.told.setObjectName("faint")
        self.zone = FilledWhenShown(lambda fill: self._ws.in_background("files", zone_names, fill, self))
        self.zone.setAccessibleName(tr("Time zone"))
        self.zone.setToolTip(tr("The time zone in which days and times are shown and chosen"))
        self.zone.setFixedWidth(156)
        self.zone.activated.connect(lambda _i: self._zone_chosen())
        self.shown = QLabel()
        self.shown.setStyleSheet("font-weight: 700;")
        head = QHBoxLayout()
        head.addWidget(title)
        head.addSpacing(10)
        head.addWidget(self.shown, 1)
        head.addWidget(self.zone)
        named = {a.name: a for a in self._actions}
        tools = QHBoxLayout()
        tools.setSpacing(4)
        self.modes = {}
        for mode in ("month", "week", "list"):
            self.modes[mode] = button_of(named[f"calendar-{mode}"], "small")
            self.modes[mode].setCheckable(True)
            self.modes[mode].setMinimumWidth(48)
            tools.addWidget(self.modes[mode])
        tools.addSpacing(4)
        self.back = button("◂", tr("Earlier"), partial(self._step, -1), "small")
        self.on = button("▸", tr("Later"), partial(self._step, 1), "small")
        self.today = button_of(named["calendar-today"], "small")
        self.save = button_of(named["calendar-out"], "small")
        for widget, wide in ((self.back, 26), (self.today, 50), (self.on, 26)):
            widget.setMinimumWidth(wide)
            tools.addWidget(widget)
        tools.addStretch(1)
        self.save.setMinimumWidth(62)
        tools.addWidget(self.save)
        self.notes = QLabel()
        self.notes.setWordWrap(True)
        self.notes.setObjectName("warn")
        left = QVBoxLayout()
        left.setSpacing(8)
        left.addLayout(head)
        left.addLayout(tools)
        left.addWidget(self.told)
        left.addWidget(self.notes)
        left.addWidget(self.pages, 1)
        whole = QHBoxLayout(self)
        whole.setContentsMargins(16, 14, 10, 10)
        whole.setSpacing(12)
        whole.addLayout(left, 1)
        whole.addWidget(self.side)

    def _connect(self) -> None:
        self.posts.changed.connect(self.refresh)
        self.posts.shorts_changed.connect(self.refresh)
        self.view.chosen.connect(self._chosen)
        self.view.opened.connect(lambda _key: self.write_post())
        self.view.moved.connect(self._moved)
        self.view.dropped.connect(self._dropped)
        self.view.menu_wanted.connect(self._menu)
        self.view.verticalScrollBar().valueChanged.connect(lambda _v: self.shown.setText(self.view.title()))
        self.list.chosen.connect(self._list_chosen)
        self.list.menu_wanted.connect(self._menu)
        self.post.time_wanted.connect(self._time_wanted)
        self.post.played.connect(self.played)
        self.rule.open_project.connect(self._ws.open_project)
        self.shorts.wanted.connect(self._onto_day)
        self.fill.planned.connect(lambda: self.show_mode("month") if self.mode == "list" else None)
        self._ws.data.changed.connect(self.refresh)
        for signal in (self._ws.project_changed, self._ws.opened_changed, self._ws.composition_changed):
            signal.connect(lambda *_: self._later.start() if self.isVisible() else None)

    def place(self) -> Place:
        return Place("calendar", self, self._actions, (self.view, self.view.viewport()))

    # showing

    def _today(self) -> datetime.date:
        return day_of(int(time.time()), self.posts.shown_zone)

    @property
    def mode(self) -> Shown:
        return "list" if self.pages.currentWidget() is self.list else self.view.mode

    def show_mode(self, mode: Shown) -> None:
        """Month, week or list."""
        for name, made in self.modes.items():
            made.setChecked(name == mode)
        self.pages.setCurrentWidget(self.list if mode == "list" else self.view)
        if mode != "list":
            self.view.set_mode(mode)
            self.view.show_day(self.view.day)
        for widget in (self.back, self.on, self.today):
            widget.setEnabled(mode != "list")
        self.shown.setText("" if mode == "list" else self.view.title())

    def _step(self, step: int) -> None:
        days = 7 if self.view.mode == "week" else 28
        self.view.show_day(self.view.day + datetime.timedelta(step * days))
        self.shown.setText(self.view.title())

    def to_today(self) -> None:
        """Bring today into view."""
        self.view.show_day(self._today())
        self.shown.setText(self.view.title())

    def refresh(self) -> None:
        """All cards anew."""
        zone, now = self.posts.shown_zone, int(time.time())
        if self.zone.currentText() != zone and not self.zone.hasFocus():
            self.zone.setCurrentText(zone)
        order = {c.name: n for n, c in enumerate(self.posts.channels)}
        near = clashes(self.posts.posts)
        cards: dict[int, Card] = {}
        for post in self.posts.posts:
            if post.when is not None and post.state != "withdrawn":
                cards[post.id] = self._card(post, order, zone, post.id in near)
        self._slots = {}
        if self.posts.plan is not None:
            for n, slot in enumerate(self.posts.plan.slots, 1):
                self._slots[-n] = slot
                day, minute = day_of(slot.time.at, zone), minute_of(slot.time.at, zone)
                cards[-n] = Card(-n, day, minute, "held", slot.short.name, order.get(slot.channel, 0),
                                 self.posts.title_of(slot.channel), planned=True, question=slot.time.kind != "plain")  # fmt: skip
        missing = gaps(self.posts.posts, self.posts.settings, now)
        letters = tuple(c.title[:1] for c in self.posts.channels)
        self.view.show_cards(cards, letters, frozenset(d for days in missing.values() for d in days))
        self.list.refresh()
        self._tell(missing, len(near))
        self._want_posters()
        number = self.view.key if self.view.key > 0 else self.post.post.id if self.post.post is not None else 0
        self.post.show_post(self.posts.post(number))
        self.shown.setText("" if self.mode == "list" else self.view.title())

    def _card(self, post: Post, order: dict[str, int], zone: str, clash: bool) -> Card:
        at = post.out_at if post.state == "out" and post.out_at else post.when or 0
        title = self.posts.title_of(post.channel)
        return Card(
            post.id, day_of(at, zone), minute_of(at, zone), post.state, post.short.name, order.get(post.channel, 0), title, clash
        )

    def _tell(self, missing: dict[str, tuple[datetime.date, ...]], near: int) -> None:
        posts = self.posts.posts
        coming = sum(p.state in ("waiting", "sending", "placed") for p in posts)
        held = sum(p.state == "held" for p in posts)
        out = sum(p.state == "out" for p in posts)
        self.told.setText(tr("{coming} to go out, {held} wait for you, {out} out", coming=coming, held=held, out=out))
        notes = []
        needs = sum(p.state in ("failed", "missed") for p in posts)
        if needs:
            notes.append(
                tr_n(needs, "{n} post needs you: it is marked with “!”.", "{n} posts need you: they are marked with “!”.")
            )
        for name, days in missing.items():
            if days:
                more = tr(" and {days} more", days=len(days) - 2) if len(days) > 2 else ""
                notes.append(
                    tr(
                        "{channel} has nothing on {these}{more}.",
                        channel=self.posts.title_of(name),
                        these=", ".join(tr("{day:%d %b}", day=d) for d in days[:2]),
                        more=more,
                    )
                )
        if near:
            notes.append(tr("{near} posts are too near to another on their channel.", near=near))
        self.notes.setText("  ".join(notes))
        self.notes.setVisible(bool(notes))

    def _want_posters(self) -> None:
        if not self.isVisible():
            return
        self.posters.want([(p, p.short) for p in self.posts.posts if p.when is not None])
        self.posters.want([(None, s.short) for s in self._slots.values()])
        self._posters_arrived()

    def _posters_arrived(self) -> None:
        found: dict[int, QPixmap | None] = {p.id: self.posters.of(p, p.short) for p in self.posts.posts}
        found |= {key: self.posters.of(None, slot.short) for key, slot in self._slots.items()}
        self.view.posters = {key: image for key, image in found.items() if image is not None}
        self.view.viewport().update()

    def showEvent(self, event: QShowEvent) -> None:
        super().showEvent(event)
        self.accounts.look()
        self._later.start()
        self._want_posters()

    def hideEvent(self, event: QHideEvent) -> None:
        super().hideEvent(event)
        self.post.write()

    def _read_shorts(self) -> None:
        """The shorts of the project, as they stand now."""
        project = str(self._ws.project_path or "")

        def arrived(entries: object) -> None:
            self.posters.know(project, entries)  # type: ignore[arg-type]
            self._want_posters()

        self._ws.with_project(lambda p: p.shorts(lambda _error: None), arrived)
        self.posts.read_shorts()

    def unfinished(self) -> list[str]:
        """What would not go on without the window, in a sentence each."""
        told = []
        unsent = self.posts.services.unsent(self.posts.posts)
        if unsent:
            told.append(tr_n(
                unsent,
                "{n} post would go out only when Stand Tall is opened again. Under Channels it can go out while it is closed.",
                "{n} posts would go out only when Stand Tall is opened again. Under Channels they can go out while it is closed.",
            ))  # fmt: skip
        if self.rule.running:
            told.append(tr("Footage is being brought into the calendar by rule: it would stop, and go on from there next time."))
        return told

    # choosing

    def _chosen(self, key: int) -> None:
        post = self.posts.post(key) if key > 0 else None
        self.post.show_post(post)
        if post is not None:
            self.side.show_tab("post")
        self.list.choose(key)

    def _list_chosen(self, number: int) -> None:
        post = self.posts.post(number)
        if post is not None and post.when is not None:
            self.view.choose(number)
        else:
            self.view.key = 0
            self.post.show_post(post)
            self.side.show_tab("post")

    def write_post(self) -> None:
        """Put the focus into the text of the post that is chosen."""
        if self.post.post is not None:
            self.side.show_tab("post")
            (self.post.fields.title if self.post.fields.title.isVisible() else self.post.fields.description).setFocus()

    def show_plan(self) -> None:
        """What filling would put where."""
        self.side.show_tab("fill")
        self.posts.make_plan()
        if self.mode == "list":
            self.show_mode("month")

    def _menu(self, key: int, at: QPoint) -> None:
        """What can be done with a post, or with the day that is chosen."""
        if self.posts.post(key) is None:
            self._day_menu(at)
            return
        menu = QMenu(self)
        post = self.post
        for widget in (post.approve, post.now, post.draft, post.hold, post.skip, post.out, post.play, post.page):
            if widget.isEnabled() and not widget.isHidden():
                menu.addAction(widget.text(), widget.click)
        menu.popup(at)

    def _day_menu(self, at: QPoint) -> None:
        menu = QMenu(self)
        day = self.view.day
        best = sorted((s.ref for s in self.posts.shorts), key=lambda r: -r.rating)[:OFFERED]
        put = menu.addMenu(tr("Put a short onto {day:%d %B}", day=day))
        put.setEnabled(bool(best) and day >= self._today())
        for ref in best:
            put.addAction(ref.name, partial(self._put, ref, day, None))
        for action in self._actions:
            if action.name in ("calendar-fill", "calendar-today", "calendar-out"):
                menu.addAction(menu_text(action), action.does)
        menu.popup(at)

    # moving

    def _moved(self, key: int, day: datetime.date, minute: int | None) -> None:
        post = self.posts.post(key)
        if post is None or post.when is None:
            self.view.viewport().update()
            return
        zone = self.posts.shown_zone
        self._time_wanted(post, day, minute_of(post.when, zone) if minute is None else minute)

    def _time_wanted(self, post: Post, day: datetime.date, minute: int) -> None:
        at = self._asked(day, minute)
        if at is None:
            self.refresh()
            return
        self.posts.move(post, at, self.posts.shown_zone)

    def _asked(self, day: datetime.date, minute: int) -> int | None:
        """The moment of a time of a day; where it does not exist, or comes twice, that is asked. None: given up."""
        zone = self.posts.shown_zone
        found = at_day_time(day, minute, zone)
        return found.at if found.kind == "plain" or found.other is None else asked_time(self, found, day, minute, zone)

    def _dropped(self, number: int, day: datetime.date, minute: int | None) -> None:
        ref = self.shorts.ref(number)
        if ref is not None:
            self._put(ref, day, minute)

    def _onto_day(self, ref: ShortRef) -> None:
        self._put(ref, max(self.view.day, self._today()), None)

    def _put(self, ref: ShortRef, day: datetime.date, minute: int | None) -> None:
        """Put a short onto a day of each ticked channel, at the time that its rhythm wishes."""
        channels = self.shorts.ticked()
        if not channels:
            self._ws.said.emit(tr("Tick a channel first: the short goes to each that is ticked."), "error")
            return
        zone = self.posts.shown_zone
        for channel in channels:
            rhythm = next((r.rhythm for r in self.posts.settings.rhythms if r.channel == channel.name), None)
            wished = minute if minute is not None else rhythm.first_minute if rhythm is not None else 17 * 60
            at = self._asked(day, wished)
            if at is not None:
                self.posts.drop(ref, channel, at, zone)

    def _zone_chosen(self) -> None:
        """Show and choose times in another zone; the rhythms of channels hold in it, too."""
        name = self.zone.currentText()
        if name not in zone_names():
            self._ws.said.emit(tr("The time zone “{name}” is not known: choose one of the list.", name=name[:40]), "error")
            self.zone.setCurrentText(self.posts.shown_zone)
        elif name != self.posts.settings.zone:
            self.posts.set_settings(lambda s: replace(
                s, zone=name, rhythms=tuple(replace(r, rhythm=replace(r.rhythm, zone=name)) for r in s.rhythms)
            ))  # fmt: skip

    # out

    def write_calendar(self) -> None:
        """Write the posts as iCalendar or as a table."""
        name, kind = QFileDialog.getSaveFileName(self, tr("Save the calendar"), str(Path.home() / "posts.ics"), FILES)
        if not name:
            return
        path = Path(name) if Path(name).suffix else Path(f"{name}{'.csv' if 'csv' in kind else '.ics'}")
        posts, channels = self.posts.posts, self.posts.channels
        self._ws.in_background_or(
            "files", lambda: write_calendar(path, posts, channels),
            lambda _n: self._ws.said.emit(tr("Written to {path}.", path=path), "note"), lambda: None, self,
        )  # fmt: skip

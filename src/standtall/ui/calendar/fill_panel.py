"""How often each channel gets a post, from which shorts; and the plan of filling, looked at before it is taken."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from functools import partial
from typing import Final

from PySide6.QtCore import QDate, QSignalBlocker, QTime, Signal
from PySide6.QtWidgets import (
    QCheckBox,
    QComboBox,
    QDateEdit,
    QGridLayout,
    QHBoxLayout,
    QLabel,
    QPlainTextEdit,
    QPushButton,
    QSpinBox,
    QTimeEdit,
    QVBoxLayout,
)

from standtall.base.errors import NothingToDo
from standtall.base.interface_language import capital, tr
from standtall.model.moment import PARTS
from standtall.model.rhythm import Bar, ChannelRhythm, Rhythm, ShowFacts, Template
from standtall.posts.filling import Odd
from standtall.posts.templates import PLACEHOLDERS, TEMPLATE, check_template
from standtall.ui.calendar.view import DAYS
from standtall.ui.state.posts import Posts
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.cards import Panel, card_in
from standtall.ui.widgets.fields import Field, button
from standtall.ui.widgets.tips import set_tip

ODD: Final[tuple[tuple[Odd, str, str], ...]] = (
    (
        "earlier",
        tr("The earlier"),
        tr("Of a time that comes twice the first; for one that is not there an hour earlier, or as clocks change"),
    ),
    (
        "later",
        tr("The later"),
        tr("Of a time that comes twice the second; for one that is not there an hour later, or as clocks change"),
    ),
    ("leave out", tr("Neither"), tr("Nothing goes out at these times; the shorts stay for other days")),
)
"""What becomes of times of the plan that are asked about."""


class FillPanel(Panel):
    """`planned` tells that a plan is to be looked at."""

    planned = Signal()

    def __init__(self, workspace: Workspace, posts: Posts) -> None:
        super().__init__()
        self._ws, self._posts = workspace, posts
        self._filling = False
        self._make_plan(card_in(self.column, tr("FILL THE COMING DAYS")))
        self._make_rhythm(card_in(self.column, tr("HOW OFTEN")))
        self._make_choice(card_in(self.column, tr("WHICH SHORTS")))
        self._make_texts(card_in(self.column, tr("TEXTS")))
        self.finish()
        posts.changed.connect(self.refresh)
        posts.shorts_changed.connect(self.refresh)
        workspace.data.changed.connect(self._fill_channels)
        self._fill_channels()

    def _make_plan(self, box: QVBoxLayout) -> None:
        self.summary = QLabel()
        self.summary.setWordWrap(True)
        self.left_out = QPlainTextEdit()
        self.left_out.setReadOnly(True)
        self.left_out.setAccessibleName(tr("What the plan leaves out, and why"))
        self.left_out.setFixedHeight(104)
        self.plan = button(tr("Show the plan"), tr("What would go where; nothing is done yet (Ctrl+G)"), self._posts_plan, "main")
        self.take = button(
            tr("Take the plan"), tr("Put all of it into the calendar; one undo takes it back"), self._posts.take_plan, "main"
        )
        self.leave = button(tr("Leave it"), tr("Forget the plan"), self._posts.leave_plan)
        self.odd: dict[Odd, QPushButton] = {}
        odd = QHBoxLayout()
        odd.setSpacing(3)
        for which, text, tip in ODD:
            self.odd[which] = button(text, tip, partial(self._posts.settle_plan, which), "side")
            odd.addWidget(self.odd[which], 1)
        row = QHBoxLayout()
        row.addWidget(self.take)
        row.addWidget(self.leave)
        tip = tr("Render the short of each post that has no file, in a shape that its channel takes")
        self.render_all = button("", tip, lambda: self._posts.render(self._posts.without_file()))
        self.approve = button(
            "", tr("Let all that are ready go out when they are due; the others stay held"), self._posts.approve_all
        )
        for widget in (self.summary, self.left_out, self.plan):
            box.addWidget(widget)
        box.addLayout(odd)
        box.addLayout(row)
        box.addWidget(self.render_all)
        box.addWidget(self.approve)

    def _make_rhythm(self, box: QVBoxLayout) -> None:
        self.channel = QComboBox()
        self.channel.setAccessibleName(tr("Channel"))
        set_tip(self.channel, tr("The channel that these times, days and texts are for"))
        self.used = QCheckBox(tr("is filled"))
        set_tip(self.used, tr("The plan puts posts of this channel into the coming days"))
        row = QHBoxLayout()
        row.addWidget(self.channel, 1)
        row.addWidget(self.used)
        box.addLayout(row)
        grid = QGridLayout()
        grid.setColumnStretch(1, 1)
        grid.setColumnStretch(3, 1)
        self.a_day = QSpinBox()
        self.a_day.setRange(1, 48)
        self.a_day.setAccessibleName(tr("Posts a day"))
        set_tip(self.a_day, tr("How many posts go to this channel on a day, evenly between the first and the last"))
        self.first, self.last = QTimeEdit(), QTimeEdit()
        for clock, name, tip in (
            (self.first, tr("First post of a day"), tr("When the first post of a day goes out, in the zone that is shown")),
            (self.last, tr("Last post of a day"), tr("When the last post of a day goes out, in the zone that is shown")),
        ):
            clock.setDisplayFormat("HH:mm")
            clock.setAccessibleName(name)
            set_tip(clock, tip)
        grid.addWidget(QLabel(tr("A day")), 0, 0)
        grid.addWidget(self.a_day, 0, 1)
        grid.addWidget(QLabel(tr("From")), 1, 0)
        grid.addWidget(self.first, 1, 1)
        grid.addWidget(QLabel(tr("to")), 1, 2)
        grid.addWidget(self.last, 1, 3)
        self.start, self.until = QDateEdit(), QDateEdit()
        self.has_start, self.has_until = QCheckBox(tr("Begin on")), QCheckBox(tr("End on"))
        for n, (check, edit) in enumerate(((self.has_start, self.start), (self.has_until, self.until))):
            edit.setDisplayFormat(tr("d MMM yyyy"))
            edit.setCalendarPopup(True)
            edit.setAccessibleName(check.text())
            tip = tr("Nothing is planned after this day") if n else tr("Nothing is planned before this day")
            set_tip(check, tip)
            set_tip(edit, tip)
            grid.addWidget(check, 2 + n, 0)
            grid.addWidget(edit, 2 + n, 1, 1, 3)
        box.addLayout(grid)
        self.days: list[QCheckBox] = []
        days = QGridLayout()
        for n, name in enumerate(DAYS):
            made = QCheckBox(name)
            made.setToolTip(tr("Post on {name}", name=name))
            self.days.append(made)
            days.addWidget(made, n // 4, n % 4)
        box.addLayout(days)
        self.without = Field(
            tr("Days left out"),
            tr("such as 2026-12-25, 2026-12-26"),
            tip=tr("Nothing is planned for these days, parted by commas"),
        )
        box.addWidget(self.without)
        self.channel.currentIndexChanged.connect(lambda _i: self.refresh())
        for signal in (self.a_day.valueChanged, self.first.timeChanged, self.last.timeChanged, self.start.dateChanged,
                       self.until.dateChanged, self.has_start.toggled, self.has_until.toggled, self.used.toggled,
                       *(d.toggled for d in self.days)):  # fmt: skip
            signal.connect(lambda _v: self._keep_rhythm())
        self.without.editingFinished.connect(self._keep_rhythm)

    def _make_choice(self, box: QVBoxLayout) -> None:
        self.order = QComboBox()
        self.order.setAccessibleName(tr("Order"))
        set_tip(self.order, tr("Which of the shorts come first into the calendar"))
        self.order.setSizeAdjustPolicy(QComboBox.SizeAdjustPolicy.AdjustToMinimumContentsLengthWithIcon)
        self.order.addItem(tr("Best first"), "best first")
        self.order.addItem(tr("Mixed topics and sources"), "mixed")
        self.order.activated.connect(lambda _i: self._keep(order=self.order.currentData()))
        box.addWidget(self.order)
        grid = QGridLayout()
        grid.setColumnStretch(0, 1)
        grid.setColumnStretch(2, 1)
        about = QLabel(tr("Rated at least, as a whole and in each part:"))
        about.setObjectName("faint")
        box.addWidget(about)
        self.least = self._bar(grid, 0, tr("Whole"), lambda v: self._keep(least_rating=v / 100))
        self.bars: dict[str, QSpinBox] = {}
        for n, part in enumerate(PARTS, 1):
            self.bars[part] = self._bar(grid, n, capital(tr(part)), lambda _v: self._keep_bars())
        box.addLayout(grid)
        self.hold = QCheckBox(tr("Hold each for approval"))
        set_tip(self.hold, tr("What is put into the calendar waits until somebody approves it"))
        self.hold.toggled.connect(lambda on: self._keep(hold=on))
        box.addWidget(self.hold)

    def _bar(self, grid: QGridLayout, number: int, text: str, keep: Callable[[int], object]) -> QSpinBox:
        made = QSpinBox()
        made.setRange(0, 100)
        made.setAccessibleName(tr("{said} at least", said=text))
        set_tip(made, tr("Shorts that are rated lower in this are not planned: {said}", said=text))
        made.setFixedWidth(64)
        made.valueChanged.connect(lambda v: None if self._filling else keep(v))
        grid.addWidget(QLabel(text), number // 2, 2 * (number % 2))
        grid.addWidget(made, number // 2, 2 * (number % 2) + 1)
        return made

    def _make_texts(self, box: QVBoxLayout) -> None:
        self.template = QPlainTextEdit()
        self.template.setAccessibleName(tr("Template of descriptions for this channel"))
        self.template.setTabChangesFocus(True)
        self.template.setFixedHeight(92)
        self.template.setToolTip("\n".join(f"{{{name}}}: {told}" for name, told in PLACEHOLDERS.items()))
        about = QLabel(tr("Template for the channel above: ") + ", ".join(f"{{{name}}}" for name in PLACEHOLDERS))
        about.setWordWrap(True)
        about.setObjectName("faint")
        box.addWidget(about)
        box.addWidget(self.template)
        box.addWidget(button(tr("Keep the template"), tr("New proposals are written by it"), self._keep_template))
        self.programme = QComboBox()
        self.programme.setSizeAdjustPolicy(QComboBox.SizeAdjustPolicy.AdjustToMinimumContentsLengthWithIcon)
        self.programme.setAccessibleName(tr("Footage that these facts are of"))
        set_tip(self.programme, tr("The footage that the show, the guest and the link below are of"))
        self.show_name, self.guest, self.link = (
            Field(tr("Show"), tip=tr("What templates put in for {show}")),
            Field(tr("Guest"), tip=tr("What templates put in for {guest}")),
            Field(tr("Link to the full programme"), "https://…", tip=tr("What templates put in for {link}")),
        )
        facts = QLabel(tr("What templates say of footage:"))
        facts.setObjectName("faint")
        for widget in (facts, self.programme, self.show_name, self.guest, self.link):
            box.addWidget(widget)
        self.programme.currentIndexChanged.connect(lambda _i: self._show_facts())
        for field in (self.show_name, self.guest, self.link):
            field.editingFinished.connect(self._keep_facts)

    # showing

    def _fill_channels(self) -> None:
        chosen = self.channel.currentData()
        with QSignalBlocker(self.channel):
            self.channel.clear()
            for channel in self._posts.channels:
                self.channel.addItem(channel.title, channel.name)
            self.channel.setCurrentIndex(max(0, self.channel.findData(chosen)))
        self.refresh()

    def rhythm(self) -> ChannelRhythm:
        """That of the channel that is chosen, or the usual one, not used yet."""
        name = str(self.channel.currentData() or "")
        kept = next((r for r in self._posts.settings.rhythms if r.channel == name), None)
        return kept or ChannelRhythm(name, Rhythm(zone=self._posts.shown_zone), used=False)

    def refresh(self) -> None:
        """Show what is kept."""
        self._filling = True
        kept, settings = self.rhythm(), self._posts.settings
        r = kept.rhythm
        self.used.setChecked(kept.used)
        self.a_day.setValue(r.a_day)
        self.first.setTime(QTime(r.first_minute // 60, r.first_minute % 60))
        self.last.setTime(QTime(r.last_minute // 60, r.last_minute % 60))
        for check, edit, day in ((self.has_start, self.start, r.start), (self.has_until, self.until, r.until)):
            check.setChecked(bool(day))
            edit.setEnabled(bool(day))
            edit.setDate(QDate.fromString(day, "yyyy-MM-dd") if day else QDate.currentDate())
        for n, box in enumerate(self.days):
            box.setChecked(n not in r.weekdays_out)
        if not self.without.hasFocus():
            self.without.setText(", ".join(r.without))
        self.order.setCurrentIndex(max(0, self.order.findData(settings.order)))
        self.least.setValue(round(100 * settings.least_rating))
        bars = {b.part: b.least for b in settings.bars}
        for part, spin in self.bars.items():
            spin.setValue(round(100 * bars.get(part, 0.0)))
        self.hold.setChecked(settings.hold)
        template = next((t.text for t in settings.templates if t.channel == kept.channel), TEMPLATE)
        if not self.template.hasFocus() and self.template.toPlainText() != template:
            self.template.setPlainText(template)
        known = {s.ref.source: s.ref.programme for s in self._posts.shorts if s.ref.source}
        if [self.programme.itemData(n) for n in range(self.programme.count())] != list(known):
            with QSignalBlocker(self.programme):
                self.programme.clear()
                for key, name in known.items():
                    self.programme.addItem(name, key)
        self._show_facts()
        self._filling = False
        self._show_plan()

    def _show_facts(self) -> None:
        key = self.programme.currentData()
        facts = next((s for s in self._posts.settings.shows if s.source == key), ShowFacts(str(key or "")))
        for field, value in ((self.show_name, facts.show), (self.guest, facts.guest), (self.link, facts.link)):
            field.setEnabled(key is not None)
            if not field.hasFocus():
                field.setText(value)

    def _show_plan(self) -> None:
        plan = self._posts.plan
        missing, held = len(self._posts.without_file()), sum(p.state == "held" for p in self._posts.posts)
        self.render_all.setText(tr("Render {missing} that have no file", missing=missing))
        self.render_all.setVisible(missing > 0 and plan is None)
        self.approve.setText(tr("Approve all that are ready, of {held}", held=held))
        self.approve.setVisible(held > 0 and plan is None)
        for widget in (self.take, self.leave, self.left_out):
            widget.setVisible(plan is not None)
        for widget in self.odd.values():
            widget.setVisible(plan is not None and bool(plan.asked))
        self.plan.setVisible(plan is None)
        if plan is None:
            used = [self._posts.title_of(r.channel) for r in self._posts.settings.rhythms if r.used]
            count = len(self._posts.ticked)
            ticked = tr("the {count} shorts that are ticked", count=count) if count > 1 else tr("the one short that is ticked")
            of = ticked if count else tr("{shorts} shorts", shorts=len(self._posts.shorts))
            self.summary.setText(
                tr("Fills {these} from {of}.", these=', '.join(used), of=of) if used
                else tr("Tick “is filled” for a channel below, and say how often.")
            )  # fmt: skip
            self.plan.setEnabled(bool(used and self._posts.shorts))
            return
        by_channel = [
            tr("{sum} on {channel}", sum=sum(s.channel == n for s in plan.slots), channel=self._posts.title_of(n))
            for n in dict.fromkeys(s.channel for s in plan.slots)
        ]
        told = (
            tr("{slots} posts: {these}.", slots=len(plan.slots), these=", ".join(by_channel))
            if plan.slots
            else tr("No short finds a day.")
        )
        if plan.slots:
            told += tr(
                " From {first:%d %b} to {last:%d %b %Y}.",
                first=min(s.day for s in plan.slots),
                last=max(s.day for s in plan.slots),
            )
        empty = [
            tr("{count} on {channel}", count=count, channel=self._posts.title_of(n)) for n, count in plan.empty.items() if count
        ]
        if empty:
            told += tr(" Times left without a short: {these}.", these=", ".join(empty))
        if plan.asked:
            count = len(plan.asked)
            these = tr("One is at a time that is") if count == 1 else tr("{count} are at times that are", count=count)
            told += tr(
                " {these} not there, or there twice, since clocks are changed: see “!”. Say first which time it is to be.",
                these=these,
            )
        self.summary.setText(told)
        lines = [f"{x.short.name} ({self._posts.title_of(x.channel)}): {x.why}" for x in plan.left_out]
        self.left_out.setPlainText("\n".join(lines) or tr("Nothing is left out."))
        self.take.setEnabled(bool(plan.slots) and not plan.asked)

    def _posts_plan(self) -> None:
        self._posts.make_plan()
        self.planned.emit()

    # keeping

    def _keep(self, **what: object) -> None:
        if not self._filling:
            self._posts.set_settings(lambda s: replace(s, **what))  # type: ignore[arg-type]

    def _keep_bars(self) -> None:
        self._keep(bars=tuple(Bar(part, spin.value() / 100) for part, spin in self.bars.items() if spin.value()))

    def _keep_rhythm(self) -> None:
        """Keep the rhythm as it is set; what cannot be is said, and put back."""
        if self._filling or not self.channel.currentData():
            return
        first, last = (t.time().hour() * 60 + t.time().minute() for t in (self.first, self.last))
        days = tuple(n for n, box in enumerate(self.days) if not box.isChecked())
        without = tuple(d.strip() for d in self.without.text().split(",") if d.strip())
        start = self.start.date().toString("yyyy-MM-dd") if self.has_start.isChecked() else ""
        until = self.until.date().toString("yyyy-MM-dd") if self.has_until.isChecked() else ""
        try:
            rhythm = Rhythm(self._posts.shown_zone, self.a_day.value(), first, max(first, last), days, without, start, until)
        except Exception as error:  # noqa: BLE001 - said; nothing of it is kept
            self._ws.said.emit(str(error), "error")
            self.refresh()
            return
        made = ChannelRhythm(str(self.channel.currentData()), rhythm, self.used.isChecked())
        if made != self.rhythm():
            self._posts.set_settings(lambda s: replace(s, rhythms=(*(r for r in s.rhythms if r.channel != made.channel), made)))

    def _keep_template(self) -> None:
        text, name = self.template.toPlainText(), str(self.channel.currentData() or "")
        try:
            check_template(text)
        except NothingToDo as error:
            self._ws.said.emit(str(error), "error")
            return
        made = Template(name, text)
        self._posts.set_settings(lambda s: replace(s, templates=(*(t for t in s.templates if t.channel != name), made)))
        self._ws.said.emit(tr("The template is kept; new proposals are written by it."), "note")

    def _keep_facts(self) -> None:
        key = self.programme.currentData()
        if key is None:
            return
        made = ShowFacts(str(key), self.show_name.text().strip(), self.guest.text().strip(), self.link.text().strip())
        if made != next((s for s in self._posts.settings.shows if s.source == key), ShowFacts(str(key))):
            self._posts.set_settings(lambda s: replace(s, shows=(*(f for f in s.shows if f.source != key), made)))

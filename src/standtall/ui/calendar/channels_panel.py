"""The channels: who is signed in where, the rules of each, the simulated ones, and the outbox."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from functools import partial
from pathlib import Path

from PySide6.QtCore import QUrl
from PySide6.QtGui import QDesktopServices
from PySide6.QtWidgets import QCheckBox, QComboBox, QFileDialog, QGridLayout, QLabel, QLineEdit, QVBoxLayout, QWidget

from standtall.base.interface_language import tr, tr_n
from standtall.base.time import TICKS_PER_SECOND, clock
from standtall.model.channel import Channel
from standtall.posts.background import install, uninstall
from standtall.ui.calendar.channel_sheet import ChannelSheet
from standtall.ui.state.accounts import Accounts
from standtall.ui.state.post_services import AT_WORK
from standtall.ui.state.posts import Posts
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.cards import Panel, card_in
from standtall.ui.widgets.fields import Field, button
from standtall.ui.widgets.layouts import empty
from standtall.ui.widgets.tips import set_tip

LATE = {"ask": tr("asks me"), "post": tr("goes out at once"), "skip": tr("is skipped")}
FILES = tr("Channels (*.json)")


class ChannelsPanel(Panel):
    """A card for the outbox and one for each channel."""

    def __init__(self, workspace: Workspace, posts: Posts, accounts: Accounts) -> None:
        super().__init__()
        self._ws, self._posts, self._accounts = workspace, posts, accounts
        self._make_outbox(card_in(self.column, tr("OUTBOX")))
        self._make_simulated(card_in(self.column, tr("SIMULATED CHANNELS")))
        self.cards = QVBoxLayout()
        self.cards.setSpacing(8)
        self.column.addLayout(self.cards)
        row = QGridLayout()
        row.addWidget(button(tr("New channel…"), tr("Describe a place that you post to"), self.new_channel), 0, 0)
        row.addWidget(button(tr("Bring in…"), tr("A channel that somebody else has described in a file"), self.bring_in), 0, 1)
        self.column.addLayout(row)
        self.finish()
        self.signing: dict[str, tuple[Field, QLineEdit, QLabel]] = {}
        posts.changed.connect(self._show_outbox)
        posts.services.changed.connect(self._show_outbox)
        accounts.changed.connect(self.refresh)
        workspace.data.changed.connect(self.refresh)
        self.refresh()
        self._show_outbox()

    def _make_outbox(self, box: QVBoxLayout) -> None:
        self.outbox = QLabel()
        self.outbox.setWordWrap(True)
        self.always = QCheckBox(tr("Posts go out while this window is closed, too"))
        set_tip(self.always, tr("A service of yours that the desktop starts watches the times of posts"))
        self.always.clicked.connect(self._install)
        self.late = QComboBox()
        self.late.setAccessibleName(tr("A post that fell due while the machine slept"))
        set_tip(self.late, tr("What becomes of a post whose time passed while the machine was off or asleep"))
        self.late.setSizeAdjustPolicy(QComboBox.SizeAdjustPolicy.AdjustToMinimumContentsLengthWithIcon)
        for key, text in LATE.items():
            self.late.addItem(tr("What fell due meanwhile {said}", said=text), key)
        self.late.activated.connect(lambda _i: self._posts.set_settings(lambda s: replace(s, late=self.late.currentData())))
        for widget in (self.outbox, self.always, self.late):
            box.addWidget(widget)

    def _make_simulated(self, box: QVBoxLayout) -> None:
        about = QLabel(
            tr("Three made-up channels on this machine, to try everything on. Each has a page for viewers, and one for faults.")
        )
        about.setWordWrap(True)
        about.setObjectName("faint")
        box.addWidget(about)
        self.run = button(tr("Start them"), tr("Run the simulated channels beside this window"), self._run)
        box.addWidget(self.run)

    # showing

    def _show_outbox(self) -> None:
        waiting = sum(p.state in AT_WORK for p in self._posts.posts)
        runs = tr("It works") if self._posts.services.outbox_runs else tr("It does not run just now")
        self.outbox.setText(
            tr_n(waiting, "{runs}; {n} post waits for it.", "{runs}; {n} posts wait for it.", runs=runs)
            if waiting
            else tr("{runs}; no posts wait for it.", runs=runs)
        )
        self.always.setChecked(self._posts.services.outbox_installed)
        self.late.setCurrentIndex(max(0, self.late.findData(self._posts.settings.late)))
        self.run.setText(tr("Stop them") if self._posts.services.channels_run else tr("Start them"))

    def refresh(self) -> None:
        """A card for each channel anew."""
        empty(self.cards)
        self.signing = {}
        for channel in self._posts.channels:
            self._card(channel)

    def _card(self, channel: Channel) -> None:
        holder = QWidget()
        column = QVBoxLayout(holder)
        column.setContentsMargins(0, 0, 0, 0)
        box = card_in(column, channel.title.upper())
        rules = QLabel(rules_of(channel))
        rules.setWordWrap(True)
        box.addWidget(rules)
        grid = QGridLayout()
        grid.setSpacing(5)
        tools: list[tuple[str, str, Callable[[], object]]] = [
            (tr("Rules…"), tr("Limits, texts and the way that posts go there"), partial(self.edit, channel)),
            (tr("Share…"), tr("Write its rules to a file for somebody else"), partial(self.share, channel)),
        ]
        if channel.posts.delivery.way == "server":
            tools.append((tr("Its page"), tr("What viewers see there"), partial(self._page, channel)))
        for n, (text, tip, does) in enumerate(tools):
            made = button(text, tip, does, "small")
            made.setMinimumWidth(60)
            grid.addWidget(made, 0, n)
        box.addLayout(grid)
        if channel.posts.delivery.way == "server":
            self._sign_in(box, channel)
        self.cards.addWidget(holder)

    def _sign_in(self, box: QVBoxLayout, channel: Channel) -> None:
        name = self._accounts.names.get(channel.name)
        if name is not None:
            box.addWidget(QLabel(tr("Signed in as {name}.", name=name)))
            box.addWidget(
                button(tr("Sign out"), tr("Forget this account here"), lambda: self._accounts.sign_out(channel), "small")
            )
            return
        account, password, told = Field(tr("Account"), tip=tr("Your name at this channel")), QLineEdit(), QLabel()
        password.setEchoMode(QLineEdit.EchoMode.Password)
        password.setPlaceholderText(tr("Password (is not kept)"))
        password.setAccessibleName(tr("Password for {title}", title=channel.title))
        set_tip(password, tr("It is sent once and not kept (Return signs in)"))
        password.setObjectName("field")
        told.setObjectName("warn")
        told.setWordWrap(True)
        told.hide()
        self.signing[channel.name] = account, password, told
        go = button(tr("Sign in"), tr("With an account of this channel"), partial(self.sign_in, channel), "small")
        password.returnPressed.connect(partial(self.sign_in, channel))
        grid = QGridLayout()
        grid.setSpacing(5)
        for n, widget in enumerate((account, password)):
            widget.setMinimumWidth(60)
            grid.addWidget(widget, 0, n)
        grid.addWidget(go, 1, 0, 1, 2)
        box.addLayout(grid)
        box.addWidget(told)

    # what is done

    def sign_in(self, channel: Channel) -> None:
        account, password, told = self.signing[channel.name]

        def done(wrong: str) -> None:
            if channel.name in self.signing and self.signing[channel.name][2] is told:
                told.setText(wrong)
                told.setVisible(bool(wrong))

        self._accounts.sign_in(channel, account.text().strip(), password.text(), done)
        password.clear()

    def _run(self) -> None:
        self._posts.services.run_channels(not self._posts.services.channels_run)

    def _install(self) -> None:
        work = install if self.always.isChecked() else uninstall

        def arrived(told: str) -> None:
            self._ws.said.emit(told, "note")
            self._posts.look()

        self._ws.in_background_or("files", work, arrived, self._show_outbox, self)

    def _page(self, channel: Channel) -> None:
        QDesktopServices.openUrl(QUrl(channel.posts.delivery.address))

    def new_channel(self) -> ChannelSheet:
        """Describe a place that the user posts to."""
        return self.edit(None)

    def edit(self, channel: Channel | None) -> ChannelSheet:
        """The form of a channel; one that ships is changed in a copy of the user's own."""
        sheet = ChannelSheet(channel, tuple(c.name for c in self._posts.channels), self)
        sheet.wanted.connect(self._ws.data.save_channel)
        sheet.open()
        return sheet

    def share(self, channel: Channel) -> None:
        name, _kind = QFileDialog.getSaveFileName(
            self, tr("Rules of {title}", title=channel.title), str(Path.home() / f"{channel.name}.json"), FILES
        )
        if name:
            self._ws.data.share_channel(
                channel, Path(name), lambda: self._ws.said.emit(tr("Written to {name}.", name=name), "note")
            )

    def bring_in(self) -> None:
        name, _kind = QFileDialog.getOpenFileName(self, tr("A channel from a file"), str(Path.home()), FILES)
        if name:
            self._ws.data.bring_channel(
                Path(name), lambda made: self._ws.said.emit(tr("{title} is there now.", title=made.title), "note")
            )


def rules_of(channel: Channel) -> str:
    """What a channel asks, in a few words."""
    text, file, delivery = channel.posts.text, channel.posts.file, channel.posts.delivery
    parts = [
        tr(
            "At most {longest_s}, {these}",
            longest_s=clock(round(channel.longest_s * TICKS_PER_SECOND)),
            these=", ".join(file.shapes),
        )
    ]
    parts.append(tr("title {title_most}", title_most=text.title_most) if text.title_most else tr("no title"))
    parts.append(
        tr("description {description_most}", description_most=text.description_most)
        if text.description_most
        else tr("no description")
    )
    parts.append({"in the text": tr("{most} hashtags in the text", most=text.hashtags_most),
        "apart": tr("{most} hashtags apart", most=text.hashtags_most),
                  "none": tr("no hashtags")}[text.hashtags])  # fmt: skip
    way = {
        "server": tr("posts go to its server"),
        "folder": tr("videos go into a folder"),
        "folder with text": tr("videos go into a folder, with their texts"),
    }
    kept = tr(" and ").join(
        name for name, has in ((tr("drafts"), delivery.keeps_drafts), (tr("times"), delivery.keeps_times)) if has
    )
    return f"{', '.join(parts)}; {way[delivery.way]}{tr(', which keeps {kept}', kept=kept) if kept else ''}."

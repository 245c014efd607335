"""The check list of what is chosen to be rendered: what should be looked at first, with the way to it."""

from __future__ import annotations

from functools import partial

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QHBoxLayout, QLabel, QVBoxLayout, QWidget

from standtall.base.interface_language import count_of, tr
from standtall.base.progress import Progress
from standtall.base.time import clock
from standtall.checks.notice import Fix, Kind, Notice
from standtall.jobs.requests import RenderRequest
from standtall.library import settings
from standtall.library.project import Project
from standtall.model.channel import channel_named
from standtall.model.timemap import SourceTime
from standtall.session.before_render import Checked, checked, composition_of
from standtall.session.mending import BY_ONE_CLICK, Change, mending
from standtall.session.render_many import Wanted, requests
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.cards import Panel, card_in
from standtall.ui.widgets.fields import button
from standtall.ui.widgets.layouts import empty
from standtall.ui.widgets.notices import TITLES, fix_text, said

SHOWN = 12
"""Notices of one file that are listed."""


class CheckPanel(Panel):
    """`wanted_place` carries the number of a short and a place in it, or None. `counted` tells how many notices there are,
    or None while that is not known."""

    wanted_place = Signal(int, object)
    counted = Signal(object)

    def __init__(self, workspace: Workspace) -> None:
        super().__init__()
        self._ws = workspace
        box = card_in(self.column, tr("BEFORE RENDERING"))
        self.told = QLabel(tr("What is chosen is looked through: captions, framing, sound, files."))
        self.told.setWordWrap(True)
        self.told.setObjectName("faint")
        box.addWidget(self.told)
        self.again = button(tr("Check"), tr("Look through what is chosen now"), lambda: self.asked(), "small")
        box.addWidget(self.again)
        self._lists = QVBoxLayout()
        self._lists.setSpacing(8)
        self.column.addLayout(self._lists)
        self._waived_box = card_in(self.column, tr("NOT TOLD OF"))
        self._waived_rows = QVBoxLayout()
        self._waived_box.addLayout(self._waived_rows)
        self.finish()
        self.found: tuple[Checked, ...] = ()
        self.waived: tuple[str, ...] = ()
        self._stop: Progress | None = None
        self._wanted: Wanted | None = None
        self.queries = 0
        workspace.in_background("files", lambda: settings.load()[0].waived, self._know_waived, self)

    def _know_waived(self, waived: tuple[str, ...]) -> None:
        self.waived = waived
        self._show()

    def want(self, wanted: Wanted | None) -> None:
        """What is chosen now; it is looked through when somebody asks."""
        if wanted != self._wanted:
            self._wanted = wanted
            self.found = ()
            self.counted.emit(None)
            self.told.setText(tr("Press “Check” to look through what is chosen."))
            self._show()

    def asked(self) -> None:
        """Look through what is chosen, beside the interface."""
        ws, wanted = self._ws, self._wanted
        if wanted is None:
            return
        if self._stop is not None:
            self._stop.cancel()
        stop = self._stop = Progress()
        ws.closing.also_cancels(stop)
        sources = ws.sources_here()
        options = {s.key: ws.options_of(s) for s in sources}
        channels = ws.data.channels
        self.queries += 1
        query = self.queries
        self.told.setText(tr("Looking through what is chosen …"))

        def ask(project: Project) -> list[RenderRequest]:
            return requests(project, sources, lambda s, _brief: options[s.key], ws.cache, wanted)

        def check(found: list[RenderRequest]) -> None:
            ws.in_background("words", lambda: checked(found, channels, (), stop), arrived, self)

        def arrived(found: tuple[Checked, ...]) -> None:
            if query == self.queries and wanted == self._wanted:
                self.found = found
                self._show()

        ws.with_project(ask, check)

    # what it shows

    def _open(self, row: Checked) -> list[Notice]:
        return [n for n in row.notices if n.kind not in self.waived]

    def _show(self) -> None:
        """What was found, short by short; what is so in every shape and language of a short is told once."""
        empty(self._lists)
        count = 0
        for number in dict.fromkeys(row.request.number for row in self.found):
            rows = [row for row in self.found if row.request.number == number]
            told: dict[tuple[str, SourceTime | None], list[Checked]] = {}
            for row in rows:
                for notice in self._open(row):
                    told.setdefault((said(notice), notice.place), []).append(row)
            count += len(told)
            self._lists.addWidget(self._card(rows, told))
        if self.found:
            files = count_of(len(self.found), "file")
            self.told.setText(
                tr("{count} to look at in {files}.", count=count, files=files)
                if count
                else tr("Nothing to look at in {files}.", files=files)
            )
            self.counted.emit(count)
        empty(self._waived_rows)
        for kind in self.waived:
            line = QWidget()
            across = QHBoxLayout(line)
            across.setContentsMargins(0, 0, 0, 0)
            across.addWidget(QLabel(TITLES.get(kind, kind)), 1)  # type: ignore[call-overload]
            tip, again = tr("Tell of these before a render again"), partial(self._waive, kind, False)
            across.addWidget(button(tr("Tell again"), tip, again, "small"))
            self._waived_rows.addWidget(line)
        card = self._waived_box.parentWidget()
        if card is not None:
            card.setVisible(bool(self.waived))

    def _card(self, rows: list[Checked], told: dict[tuple[str, SourceTime | None], list[Checked]]) -> QWidget:
        made = QWidget()
        column = QVBoxLayout(made)
        column.setContentsMargins(0, 0, 0, 0)
        box = card_in(column, rows[0].request.short.name.upper())
        if not told:
            box.addWidget(QLabel(tr("✓ Nothing to look at")))
        for (text, place), where in list(told.items())[:SHOWN]:
            only = (
                "" if len(where) == len(rows) else f" ({', '.join(dict.fromkeys(r.request.short.output.shape for r in where))})"
            )
            notice = next(n for n in where[0].notices if said(n) == text and n.place == place)
            box.addWidget(self._row(where[0].request, notice, f"{text}{only}"))
        if len(told) > SHOWN:
            box.addWidget(QLabel(tr("and {told} more", told=len(told) - SHOWN)))
        return made

    def _row(self, request: RenderRequest, notice: Notice, text: str) -> QWidget:
        number, kind, place = request.number, notice.kind, notice.place
        made = QWidget()
        column = QVBoxLayout(made)
        column.setContentsMargins(0, 0, 0, 4)
        column.setSpacing(3)
        shown = QLabel(text)
        shown.setObjectName("warn")
        shown.setWordWrap(True)
        column.addWidget(shown)
        for fix in (f for f in notice.fixes if f in BY_ONE_CLICK):
            mend = partial(self.mend, request, notice, fix)
            across = QHBoxLayout()
            across.addStretch(1)
            across.addWidget(button(fix_text(fix), tr("Change the short so, as one step that can be undone"), mend, "small"))
            column.addLayout(across)
        line = QHBoxLayout()
        line.addStretch(1)
        at = tr("Open the short") if place is None else tr("Go to {tick}", tick=clock(place.tick))
        line.addWidget(button(at, tr("Go to this place on the Bench"), partial(self._go, number, place), "small"))
        tip = tr("Never tell of {what} before a render", what=TITLES[kind])
        line.addWidget(button(tr("Never tell of this"), tip, partial(self._waive, kind, True), "small"))
        column.addLayout(line)
        return made

    def _go(self, number: int, place: SourceTime | None) -> None:
        self.wanted_place.emit(number, place)

    def mend(self, request: RenderRequest, notice: Notice, fix: Fix) -> None:
        """Change the short as a fix says, on the Bench or not, and look through all again."""
        ws, number = self._ws, request.number
        channel = channel_named(ws.data.channels, request.short.channel)
        stop = Progress()
        ws.closing.also_cancels(stop)

        def apply(change: Change) -> None:
            opened = ws.opened
            if opened is not None and opened.entry.id == number:
                ws.edit(lambda s, _a: change(s))
                self.asked()
            else:
                ws.with_project(lambda p: p.apply(number, change(p.entry(number).short)).short.name, told)

        def told(name: str) -> None:
            ws.said.emit(tr("Done in “{name}”.", name=name), "note")
            self.asked()

        ws.in_background("words", lambda: mending(composition_of(request), channel, notice, fix, stop), apply, self)

    def _waive(self, kind: Kind | str, waived: bool) -> None:
        """Leave a kind of notice out for good, or tell of it again."""
        others = tuple(k for k in self.waived if k != kind)
        self.waived = (*others, str(kind)) if waived else others
        ws = self._ws
        ws.in_background(
            "files", lambda: settings.save(settings.load()[0].with_waived(str(kind), waived)), lambda _none: None, self
        )
        self._show()

"""What the page says to those who do not see it: the row at the playhead, who says it, what is chosen, how that stands, and what
the lanes show beside it."""

from __future__ import annotations

from typing import Final

from PySide6.QtCore import QObject

from standtall.base.interface_language import count_of, tr
from standtall.base.time import clock
from standtall.model.framing import LAYOUT_TITLES
from standtall.ui.bench.panels.framing.reasons import why
from standtall.ui.bench.transcript.extras_lane import bars_of
from standtall.ui.bench.transcript.page import TranscriptPage
from standtall.ui.state.opened import Opened
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.notices import said as said_of

MOST: Final = 40
"""Words of a choice that are told."""


class PageTold(QObject):
    """Keeps the accessible description of the page; Qt tells screen readers of each change."""

    def __init__(self, workspace: Workspace, page: TranscriptPage) -> None:
        super().__init__(page)
        self._ws, self._page = workspace, page
        self._row: tuple[int, int] = (-1, -1)
        for signal in (
            workspace.selection.changed,
            workspace.composition_changed,
            workspace.opened_changed,
            workspace.notices_changed,
        ):
            signal.connect(self.tell)
        workspace.selection.playhead_changed.connect(self._moved)

    def _moved(self, _tick: int) -> None:
        """Rows, not frames, are told while it plays."""
        opened, page = self._ws.opened, self._page.page
        if opened is not None and page is not None and page.rows and self._row_now() != self._row:
            self.tell()

    def _row_now(self) -> tuple[int, int]:
        page = self._page.page
        assert page is not None
        number = page.row_at(self._ws.selection.playhead)
        return number, len(page.rows)

    def tell(self) -> None:
        """Say what stands at the playhead, and what is chosen."""
        opened, page = self._ws.opened, self._page.page
        if opened is None or page is None or not page.rows:
            self._page.setAccessibleDescription(tr("No footage is open."))
            return
        self._row = self._row_now()
        self._page.setAccessibleDescription(
            " ".join(filter(None, (self._at(opened), self._chosen(opened), *self._lanes(opened))))
        )

    def _at(self, opened: Opened) -> str:
        page = self._page.page
        assert page is not None
        number, count = self._row
        row, words = page.rows[number], opened.analysis.words
        first = words[row.first]
        speakers = opened.transcript.speakers
        who = f"{speakers[first.speaker].shown}: " if 0 <= first.speaker < len(speakers) else ""
        said = " ".join(w.text for w in words[row.first : row.last + 1])
        return tr(
            "Row {number} of {count}, at {start}. {who}{said}. {state}.",
            number=number + 1,
            count=count,
            start=clock(first.start),
            who=who,
            said=said,
            state=self._state(range(row.first, row.last + 1)),
        )

    def _lanes(self, opened: Opened) -> list[str]:
        """What the picture lane and the extras lane show at the row, and what is to be looked at there."""
        page = self._page.page
        assert page is not None
        row, out = page.rows[self._row[0]], []
        people = opened.camera.people
        if people.shots:
            number, decision = people.shot_at(row.start), opened.camera.span_at(row.start).decision
            out.append(
                tr(
                    "Picture: shot {number} of {count}, {layout}. {why}.",
                    number=number + 1,
                    count=len(people.shots),
                    layout=LAYOUT_TITLES[decision.layout],
                    why=why(decision, people.names).rstrip("."),
                )
            )
        top, bottom = page.y(row.start), page.y(opened.analysis.words[row.last].end)
        names = [f"{tr(bar.kind)} {bar.name}" for bar in bars_of(opened, page) if bar.top < bottom and bar.bottom > top]
        if names:
            out.append(tr("Extras: {names}.", names=", ".join(names)))
        end = opened.analysis.words[row.last].end
        noticed = [
            said_of(notice)
            for notice in opened.notices
            if notice.place is not None and notice.place.source == opened.source.key and row.start <= notice.place.tick < end
        ]
        if noticed:
            out.append(tr("To look at: {what}.", what="; ".join(noticed)))
        return out

    def _chosen(self, opened: Opened) -> str:
        chosen = self._ws.selection.words
        if not chosen:
            return ""
        said = " ".join(w.text for w in opened.analysis.words[chosen.start : chosen.stop][:MOST])
        return tr("{chosen} chosen: {said}. {state}.", chosen=count_of(len(chosen)), said=said, state=self._state(chosen))

    def _state(self, words: range) -> str:
        kept = sum(n in self._page.words.kept for n in words)
        if kept == len(words):
            return tr("In the short")
        return tr("{kept} of {words} in the short", kept=kept, words=len(words)) if kept else tr("Not in the short")

"""Joins the player with what is open: the playhead, playing, and passages that are only looked at."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import replace

from PySide6.QtCore import QObject, Signal

from standtall.base.time import TICKS_PER_SECOND
from standtall.compose.composition import Composition
from standtall.compose.soundtrack.mixdown import soundtrack
from standtall.cutting import by_words
from standtall.model.analysis import Analysis
from standtall.model.captions import Captions
from standtall.model.cut import Segment
from standtall.model.moment import Moment
from standtall.model.short import Short
from standtall.model.source import Source
from standtall.model.timemap import SourceTime
from standtall.session.begin import begun
from standtall.session.composing import footage_for, worked_out
from standtall.ui.preview.pane import PreviewPane
from standtall.ui.preview.player import Player, Shown
from standtall.ui.state.opened import Opened
from standtall.ui.state.workspace import Workspace

PREVIEW = 60 * TICKS_PER_SECOND
"""How much of a source is shown from the moment that was asked for."""
FASTEST = 8.0


class Playback(QObject):
    """`shown` carries each picture of what is open; a passage that is only looked at is shown in the pane alone."""

    shown = Signal(object)

    def __init__(self, workspace: Workspace, player: Player, pane: PreviewPane) -> None:
        super().__init__(pane)
        self._ws, self._player, self._pane = workspace, player, pane
        self._looked_at: Composition | None = None
        """A passage that is only looked at, while there is one."""
        self._asked: Moment | None = None
        """The moment that is being worked out to be played."""
        self._from_player = False
        workspace.composition_changed.connect(self.refresh)
        workspace.opened_changed.connect(self._reopened)
        workspace.trial.changed.connect(self._try)
        workspace.selection.playhead_changed.connect(self._show_playhead)
        workspace.sounding.track_ready.connect(player.set_track)
        player.shown.connect(self._shown)
        player.playing_changed.connect(self._playing_changed)
        pane.play.connect(self.toggle)
        pane.step.connect(self.step)
        pane.picture.resized.connect(player.set_size)

    # what is shown

    def refresh(self) -> None:
        opened = self._ws.opened
        if opened is not None and self._looked_at is None:
            self._player.set_composition(opened.composition, opened.copies)
            if self._player.speed == 0:
                self._show_playhead(self._ws.selection.playhead)
            self._show_time()

    def _try(self, composition: Composition) -> None:
        """Show what is open as it would be, until it is shown as it is again."""
        opened = self._ws.opened
        if opened is not None and self._looked_at is None:
            self._player.set_composition(composition, opened.copies)

    def leave_passage(self) -> None:
        """Show what is open again, where only a passage was looked at."""
        self._asked = None
        if self._looked_at is not None:
            self._looked_at = None
            self.refresh()

    def _reopened(self) -> None:
        if self._ws.opened is None:
            self._pane.picture.clear()
            self._pane.set_time(0, 0)
        self.refresh()

    def _show_playhead(self, tick: int) -> None:
        if self._looked_at is not None:
            return
        self._show_time()
        if self._from_player or self._ws.opened is None:
            return
        frame = self._ws.frame_at(tick)
        if frame.number >= 0:
            self._player.show_frame(frame.number)
        else:
            self._player.show_outside(frame)

    def _show_time(self) -> None:
        opened = self._ws.opened
        if opened is not None:
            made, at = opened.composition, opened.in_short(self._ws.selection.playhead)
            self._pane.set_time(None if at is None else at + made.lead_ticks, made.length)

    def _shown(self, shown: Shown) -> None:
        self._pane.picture.show_picture(shown)
        looked_at = self._looked_at
        if looked_at is not None:
            self._pane.set_time(round(shown.frame / looked_at.fps * TICKS_PER_SECOND), looked_at.length)
            return
        self.shown.emit(shown)
        if self._player.speed and shown.frame >= 0:
            self._follow(shown.heard, shown.frame)

    def _follow(self, heard: SourceTime, frame: int) -> None:
        """The playhead goes where the player is; while other footage of the short is shown than that on the page it stays."""
        opened = self._ws.opened
        if opened is not None and heard.source != opened.source.key:
            made = opened.composition
            self._pane.set_time(round(frame / made.fps * TICKS_PER_SECOND), made.length)
            return
        self._from_player = True
        self._ws.selection.seek(heard.tick)
        self._from_player = False

    def _playing_changed(self, playing: bool) -> None:
        self._pane.set_playing(playing)
        self._ws.playing_changed.emit(playing)
        opened = self._ws.opened
        if self._looked_at is None and not playing and opened is not None:  # it stands on the picture that is left showing
            frame = min(self._player.frame, opened.composition.frames - 1)
            self._follow(opened.composition.heard_in(frame), frame)

    # what is done

    def toggle(self) -> None:
        if self._player.speed:
            self._player.pause()
        else:
            self._player.play()

    def faster(self, way: int) -> None:
        """Play in a direction; each further call doubles the speed."""
        now = self._player.speed
        self._player.play(max(-FASTEST, min(FASTEST, now * 2)) if now * way > 0 else float(way))

    def step(self, frames: int) -> None:
        if self._looked_at is not None:
            self._player.show_frame(max(0, min(self._looked_at.frames - 1, self._player.frame + frames)))
            return
        opened = self._ws.opened
        if opened is not None:
            frame = max(0, min(opened.composition.frames - 1, self._player.frame + frames))
            heard = opened.composition.heard_in(frame)
            if heard.source != opened.source.key:
                self._player.show_frame(frame)
                self._follow(heard, frame)
            else:
                self._ws.selection.seek(heard.tick)

    def step_seconds(self, seconds: int) -> None:
        self._ws.selection.seek(self._ws.selection.playhead + seconds * TICKS_PER_SECOND)

    # passages that are only looked at

    def look_at(self, source: Source, tick: int) -> None:
        """Show a passage of a source as it is."""
        end = min(source.length, tick + PREVIEW)
        part = Segment(source.key, max(0, min(tick, end - TICKS_PER_SECOND // 2)), end)
        short = replace(Short.of(source.name, (part,)), captions=Captions(shown=False))
        self._look(worked_out(short, footage_for(short, source, Analysis(source.key))))

    def play_file(self, source: Source) -> None:
        """Play a finished file as it is: its picture in its own shape, its sound as it was written."""
        short = Short.of(source.name, (Segment(source.key, 0, source.length),))
        shape = replace(short.output, width=max(64, source.width // 2 * 2), height=max(64, source.height // 2 * 2))
        short = replace(short, captions=Captions(shown=False), output=shape)
        self._look(worked_out(short, footage_for(short, source, Analysis(source.key))))
        self._player.play()

    def play_moment(self, moment: Moment, seen: Opened) -> None:
        """Play a proposed moment, framed and captioned as its short would be."""
        brief = self._ws.brief_of(seen.source)
        self._asked = moment

        def work() -> Composition:
            short = begun(by_words.from_words(seen.source.name, seen.analysis, moment.words), brief)
            return worked_out(short, footage_for(short, seen.source, seen.analysis))

        def arrived(composition: Composition) -> None:
            if self._asked is moment:  # nothing else was asked for meanwhile
                self._look(composition, seen.copies)
                self._player.play()

        self._ws.in_background("preview", work, arrived)

    def _look(self, composition: Composition, copies: Mapping[str, str] | None = None) -> None:
        self._asked = None
        self._looked_at = composition
        self._player.set_composition(composition, copies)
        self._player.show_frame(0)
        self._pane.set_time(0, composition.length)
        self._ws.in_background(
            "preview",
            lambda: soundtrack(composition) if self._looked_at is composition else None,
            lambda track: self._player.set_track(composition, track),
        )

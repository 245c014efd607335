"""What the window has beyond its first screen: the other places, playing, menus, shortcuts; made, and joined with each other."""

from __future__ import annotations

from dataclasses import replace
from functools import partial
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QAbstractButton, QScrollArea

from standtall.ui.app.actions import actions_of
from standtall.ui.app.demo_opening import open_demo_in
from standtall.ui.app.large import Large
from standtall.ui.app.menus import Menus
from standtall.ui.app.playback import Playback
from standtall.ui.app.shortcuts import Shortcuts
from standtall.ui.app.tending import Tending
from standtall.ui.bench.place import Bench
from standtall.ui.bench.word_files import WordFiles
from standtall.ui.calendar.place import CalendarPlace
from standtall.ui.moments.place import MomentsPlace
from standtall.ui.renders.place import RendersPlace
from standtall.ui.state.machines_seen import Machines

if TYPE_CHECKING:
    from standtall.ui.app.window import MainWindow


def make_whole(window: MainWindow) -> None:
    """Make the rest of a window that shows its first screen."""
    ws = window.workspace
    window.files = WordFiles(ws)
    window.bench = Bench(ws)
    window.moments = MomentsPlace(ws)
    window.renders = RendersPlace(ws)
    window.renders.asking.name_by(window.projects.settings.name_pattern)
    window.calendar = CalendarPlace(ws)
    window.playback = Playback(ws, window.player, window.preview_pane)
    window.large = Large(ws, window.player, window.preview_pane, window.playback, window)
    window.tending = Tending(ws.jobs, ws.queues, window)
    window.tending.keep_screen(window.projects.settings.screen_on)
    window.machines = Machines(ws, window)
    others = window.moments, window.bench, window.renders, window.calendar
    window.all_places = (window.footage.place(), *(place.place() for place in others))
    for place in others:
        window.take_in(place)
    _join(window)
    everywhere = actions_of(window)
    window.shortcuts = Shortcuts(window, everywhere, window.all_places, (window.preview_pane.picture,))
    window.menus = Menus(everywhere, window.all_places, window.projects, lambda: window.place)
    window.setMenuBar(window.menus)
    for clicked in window.findChildren(QAbstractButton):
        clicked.setFocusPolicy(Qt.FocusPolicy.TabFocus)  # a click leaves the focus where the keys of the place work
    for area in window.findChildren(QScrollArea):
        area.setFocusPolicy(Qt.FocusPolicy.NoFocus)  # else it would take the focus that a button in it leaves


def _join(window: MainWindow) -> None:
    """Let the parts hear of each other."""
    ws, bench, projects = window.workspace, window.bench, window.projects
    ws.said.connect(window.say)
    ws.project_changed.connect(window.project_changed)
    window.rail.wanted.connect(window.go)
    ws.jobs.noted.connect(window.say)
    projects.machines_wanted.connect(window.show_machines)
    for asks in (projects, window.footage):
        asks.demo_wanted.connect(lambda: open_demo_in(ws, window.go, window.walk))
    for strip in (window.renders.machines, window.footage.machines):
        strip.wanted.connect(window.show_machines)
        window.machines.changed.connect(lambda s=strip: s.show_machines(window.machines.setting.used, window.machines.seen))
    ws.expected.connect(window.player.expect)
    window.player.failed.connect(lambda text: window.say(text, "error"))
    window.playback.shown.connect(bench.wide.show_picture)
    window.playback.shown.connect(bench.inspector.captions.show_picture)
    window.playback.shown.connect(bench.show_tall)
    bench.inspector.transcript.import_words.connect(partial(window.files.choose_import, window))
    bench.inspector.transcript.export_words.connect(partial(window.files.choose_export, window))
    window.footage.opened.connect(window.open_on_bench)
    window.footage.opened_at.connect(window.open_at)
    window.footage.heard_wanted.connect(bench.work.hearing.file)
    window.footage.previewed.connect(window.look_at)
    window.moments.played.connect(window.play_moment)
    window.moments.made.connect(lambda: window.go("bench"))
    window.renders.looked_at.connect(window.play_file)
    window.calendar.posts.changed.connect(window.posts_changed)
    ws.project_changed.connect(lambda _path: window.posts_changed())
    window.calendar.played.connect(lambda path: window.play_file(Path(path)))
    window.renders.wanted_place.connect(window.show_place)
    window.tending.chosen.connect(window.message_pressed)
    share = projects.settings.panel_share
    bench.set_share(share if 0.2 <= share <= 0.8 else 0.0)
    window.pane_edge.chosen.connect(lambda width: projects.change(lambda s: replace(s, pane_width=width)))
    bench.shared_out.connect(lambda share: projects.change(lambda s: replace(s, panel_share=share)))

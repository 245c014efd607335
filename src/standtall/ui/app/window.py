"""The main window: the rail, the places, the tall pane; keys; messages."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from pathlib import Path

from PySide6.QtCore import QSize, Qt, QTimer
from PySide6.QtGui import QCloseEvent
from PySide6.QtWidgets import (
    QAbstractButton,
    QApplication,
    QFileDialog,
    QHBoxLayout,
    QLabel,
    QMainWindow,
    QMenu,
    QMessageBox,
    QScrollArea,
    QSizePolicy,
    QSpacerItem,
    QStackedWidget,
    QToolButton,
    QVBoxLayout,
    QWidget,
)

from standtall.base.time import TICKS
from standtall.compose.scene import Edition
from standtall.cutting import words
from standtall.jobs.process import end_all
from standtall.library import settings
from standtall.model import edits
from standtall.model.analysis import Analysis
from standtall.model.moment import Moment
from standtall.model.short import Short
from standtall.model.source import Source
from standtall.model.timemap import Excerpt
from standtall.render.render import soundtrack
from standtall.session.make import begun, worked_out
from standtall.ui.app.actions import make_actions
from standtall.ui.app.shortcuts import Keys
from standtall.ui.bench.export import ExportSheet
from standtall.ui.bench.place import Bench
from standtall.ui.bench.word_files import WordFiles
from standtall.ui.footage.place import FootagePlace
from standtall.ui.moments.place import MomentsPlace
from standtall.ui.preview.pane import TallPane
from standtall.ui.preview.player import Player, Shown
from standtall.ui.state.workspace import Workspace, project_for
from standtall.ui.widgets import theme

LEAST = (1024, 640)
TITLE_BAR = 40
"""Height to leave for what the desktop draws around the window, which is only known once it is there."""
PREVIEW = 60 * TICKS
"""How much of a source is shown from the moment that was asked for."""


class MainWindow(QMainWindow):
    """One project at a time."""

    def __init__(self) -> None:
        super().__init__()
        self.setWindowTitle("Stand Tall")
        self.setMinimumSize(*LEAST)
        self.resize(self._free_size())
        self.settings, self._left_out = settings.load()
        self.workspace = Workspace(self)
        self.files = WordFiles(self.workspace)
        self.player = Player(self)
        self.bench = Bench(self.workspace)
        self.footage = FootagePlace(self.workspace)
        self.tall = TallPane(self.workspace)
        self.places = QStackedWidget()
        self.places.addWidget(self.footage)
        self.places.addWidget(self.bench)
        self.moments = MomentsPlace(self.workspace)
        self.places.addWidget(self.moments)
        self._unasked = self._ended = False
        self._previewing: Edition | None = None
        self._message = QLabel()
        self._message.setWordWrap(True)
        self._message.setObjectName("message")
        self._message.hide()
        self._hush = QTimer(self)
        self._hush.setSingleShot(True)
        self._hush.timeout.connect(self._message.hide)
        centre = QWidget()
        row = QHBoxLayout(centre)
        row.setContentsMargins(0, 0, 0, 0)
        row.setSpacing(0)
        row.addWidget(self._make_rail())
        column = QVBoxLayout()
        column.setSpacing(0)
        column.addWidget(self.places, 1)
        column.addWidget(self._message)
        row.addLayout(column, 1)
        row.addWidget(self.tall)
        self.setCentralWidget(centre)
        self._connect()
        self.keys = Keys(self, (self.bench.script, self.bench.script.viewport(), self.bench.wide, self.tall.picture))
        make_actions(self)
        for clicked in self.findChildren(QAbstractButton):
            clicked.setFocusPolicy(Qt.FocusPolicy.TabFocus)  # a click leaves the focus where the keys of the place work
        for area in self.findChildren(QScrollArea):
            area.setFocusPolicy(Qt.FocusPolicy.NoFocus)  # else it would take the focus that a button in it leaves
        self.go("footage")
        if self._left_out:
            self.say(self._left_out, "error")

    # building

    def _free_size(self) -> QSize:
        """1280 by 800, or what the screen has free of it with the title bar."""
        free = self.screen().availableGeometry()
        return QSize(max(LEAST[0], min(1280, free.width())), max(LEAST[1], min(800, free.height() - TITLE_BAR)))

    def _make_rail(self) -> QWidget:
        rail = QWidget()
        rail.setObjectName("rail")
        rail.setFixedWidth(72)
        column = QVBoxLayout(rail)
        column.setContentsMargins(6, 10, 6, 10)
        column.setSpacing(6)
        self._rail: dict[str, QToolButton] = {}
        for name, text, keys in (("footage", "Footage", "F1"), ("moments", "Moments", "F4"), ("bench", "Bench", "F2")):
            button = self._rail_button(name, text, f"{text} ({keys})")
            button.setCheckable(True)
            button.clicked.connect(lambda _c=False, n=name: self.go(n))
            self._rail[name] = button
            column.addWidget(button)
        column.addItem(QSpacerItem(1, 1, QSizePolicy.Policy.Minimum, QSizePolicy.Policy.Expanding))
        self._projects = self._rail_button("open", "Project", "New, open, recent projects")
        self._projects.setPopupMode(QToolButton.ToolButtonPopupMode.InstantPopup)
        self._projects.setMenu(QMenu(self))
        self._projects.menu().aboutToShow.connect(self._fill_projects)
        keys_button = self._rail_button("keys", "Keys", "All keys (F12)")
        keys_button.clicked.connect(lambda: self.keys.show_sheet())
        shade = self._rail_button("theme", "Shade", "Light or dark window")
        shade.clicked.connect(self.change_theme)
        for button in (self._projects, keys_button, shade):
            column.addWidget(button)
        return rail

    def _rail_button(self, icon: str, text: str, tip: str) -> QToolButton:
        button = QToolButton()
        theme.draw(button, icon, "#d9d3c7")
        button.setIconSize(QSize(24, 24))
        button.setText(text)
        button.setToolButtonStyle(Qt.ToolButtonStyle.ToolButtonTextUnderIcon)
        button.setToolTip(tip)
        button.setAccessibleName(text)
        button.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        return button

    def _connect(self) -> None:
        ws = self.workspace
        ws.said.connect(self.say)
        ws.edition_changed.connect(self._new_edition)
        ws.opened_changed.connect(self._reopened)
        ws.playhead_changed.connect(self._show_playhead)
        ws.track_ready.connect(self.player.set_track)
        ws.project_changed.connect(self._project_changed)
        self.player.shown.connect(self._shown)
        self.player.failed.connect(lambda text: self.say(text, "error"))
        self.player.playing_changed.connect(self._playing_changed)
        self.tall.play.connect(self.toggle_play)
        self.tall.step.connect(self.step)
        self.tall.picture.resized.connect(self.player.set_size)
        self.bench.sheet.take_words.connect(self.take_words)
        self.bench.sheet.give_words.connect(self.give_words)
        self.footage.opened.connect(self.open_on_bench)
        self.footage.previewed.connect(self.preview)
        self.moments.played.connect(self.show_moment)
        self.moments.made.connect(lambda: self.go("bench"))
        self._from_player = False

    def undo(self) -> None:
        """Take back the last edit, or in the Footage place what was taken out there."""
        if self.places.currentIndex() != 0 or not self.workspace.put_back():
            self.workspace.undo()

    # places and messages

    def go(self, place: str) -> None:
        if place == "bench" and self._previewing is not None:
            self._previewing = None
            self._new_edition()
        self.places.setCurrentIndex(("footage", "bench", "moments").index(place))
        self.tall.rendering.setVisible(place == "bench" or self.tall.rendering.running)
        for name, button in self._rail.items():
            button.setChecked(name == place)
            theme.draw(button, name, theme.NOW if name == place else "#d9d3c7")
        self.keys.bench = place == "bench"
        self.to_ground()
        self.keys.refresh()

    def to_ground(self) -> None:
        """Take the focus out of a control, so that the keys of the place work."""
        (self.bench.script if self.keys.bench else self.tall.picture).setFocus()

    def say(self, text: str, kind: str = "note") -> None:
        """Show a sentence under the place for a while."""
        colour = theme.WARN if kind == "error" else theme.KEPT
        ground = theme.current().raised
        self._message.setStyleSheet(f"background: {ground}; border-left: 5px solid {colour}; padding: 9px 14px;")
        self._message.setTextFormat(Qt.TextFormat.PlainText)
        self._message.setText(text)
        self._message.setAccessibleName(text)
        self._message.show()
        self._hush.start(12_000 if kind == "error" else 5_000)

    def change_theme(self) -> None:
        application = QApplication.instance()
        assert isinstance(application, QApplication)
        theme.apply(application, theme.DARK if theme.current() is theme.LIGHT else theme.LIGHT)
        theme.redraw(self)
        self.settings = replace(self.settings, theme=theme.current().name)
        self._save_settings()
        self.bench.script.refresh()

    def _save_settings(self) -> None:
        kept = self.settings
        self.workspace.keeper.do(lambda: settings.save(kept), undone="The settings were not saved")

    # projects

    def _fill_projects(self) -> None:
        menu = self._projects.menu()
        menu.clear()
        menu.addAction("New project…", self.new_project)
        menu.addAction("Open project…", self.choose_project)
        menu.addSeparator()
        for path in self.settings.recent:
            menu.addAction(Path(path).stem, lambda p=path: self.workspace.open_project(Path(p)))  # type: ignore[misc]

    def new_project(self) -> None:
        name, _kind = QFileDialog.getSaveFileName(self, "New project", str(project_for("Project")), "Stand Tall (*.standtall)")
        if name:
            path = Path(name)
            self.workspace.open_project(path if path.suffix else path.with_suffix(".standtall"))

    def choose_project(self) -> None:
        name, _kind = QFileDialog.getOpenFileName(self, "Open project", "", "Stand Tall (*.standtall)")
        if name:
            self.workspace.open_project(Path(name))

    def _project_changed(self, path: Path) -> None:
        self.setWindowTitle(f"{path.stem}{'' if self.workspace.writable else ' (to be read)'} – Stand Tall")
        if not self.settings.recent or self.settings.recent[0] != str(path):
            self.settings = self.settings.with_recent(path)
            self._save_settings()

    def open_on_bench(self, source: Source) -> None:
        self.workspace.open_source(source, lambda could: self.go("bench") if could else self.footage.start(source))

    # playing

    def _new_edition(self) -> None:
        opened = self.workspace.opened
        if opened is not None and self._previewing is None:
            self.player.set_edition(opened.edition, opened.proxy)
            if self.player.speed == 0:
                self._show_playhead(self.workspace.playhead)
            self._show_time()

    def _reopened(self) -> None:
        if self.workspace.opened is None:
            self.tall.picture.clear()
            self.tall.set_time(0, 0)

    def _show_playhead(self, tick: int) -> None:
        if self._previewing is not None:
            return
        self._show_time()
        if self._from_player or self.workspace.opened is None:
            return
        scene = self.workspace.scene_at(tick)
        if scene.number >= 0:
            self.player.show_frame(scene.number)
        else:
            self.player.show_scene(scene)

    def _show_time(self) -> None:
        opened = self.workspace.opened
        if opened is not None:
            time_map = opened.edition.time_map
            self.tall.set_time(time_map.to_short(self.workspace.playhead), time_map.length)

    def _shown(self, shown: Shown) -> None:
        self.tall.picture.show_picture(shown)
        if self._previewing is not None:
            rate = self._previewing.rate
            self.tall.set_time(round(shown.frame / rate * TICKS), self._previewing.time_map.length)
            return
        self.bench.wide.show_picture(shown)
        if self.player.speed and shown.frame >= 0:
            self._from_player = True
            self.workspace.seek(shown.source_tick)
            self._from_player = False

    def _playing_changed(self, playing: bool) -> None:
        self.tall.set_playing(playing)
        if self._previewing is not None:
            return
        opened = self.workspace.opened
        if not playing and opened is not None:  # the playhead stands on the picture that is left showing
            self._from_player = True
            self.workspace.seek(opened.edition.scene(min(self.player.frame, opened.edition.frames - 1)).source_tick)
            self._from_player = False

    def toggle_play(self) -> None:
        if self.player.speed:
            self.player.pause()
        else:
            self.player.play()

    def shuttle(self, way: int) -> None:
        """J and L: each press doubles the speed in its direction."""
        now = self.player.speed
        self.player.play(max(-8.0, min(8.0, now * 2)) if now * way > 0 else float(way))

    def step(self, frames: int) -> None:
        if self._previewing is not None:
            self.player.show_frame(max(0, min(self._previewing.frames - 1, self.player.frame + frames)))
            return
        opened = self.workspace.opened
        if opened is not None:
            frame = max(0, min(opened.edition.frames - 1, self.player.frame + frames))
            self.workspace.seek(opened.edition.scene(frame).source_tick)

    def step_seconds(self, seconds: int) -> None:
        self.workspace.seek(self.workspace.playhead + seconds * TICKS)

    def edge(self, make: Callable[..., edits.Edit]) -> None:
        tick = self.workspace.playhead
        self.workspace.edit(lambda short, _analysis: make(short, tick))

    def toggle_even(self) -> None:
        self.workspace.set_even(not self.workspace.even)
        even = "Time is even: all seconds are as high."
        self.say(even if self.workspace.even else "Time is elastic: rows are as high as their words.")

    def take_words(self) -> None:
        kinds = "Scripts and captions (*.srt *.vtt *.txt *.json);;All files (*)"
        name, _kind = QFileDialog.getOpenFileName(self, "Take words from a file", "", kinds)
        if name:
            self.files.take_words(Path(name))

    def give_words(self) -> None:
        opened = self.workspace.opened
        if opened is None:
            return
        languages = tuple(t.language for t in opened.transcript.translations)
        sheet = ExportSheet(opened.source.name, opened.entry.short.name, languages, self)
        sheet.wanted.connect(self.files.give_words)
        sheet.open()

    def preview(self, source: Source, tick: int) -> None:
        """Show a passage of a source as it is in the tall pane, while the Footage place is in front."""
        if self.places.currentIndex() != 0:
            return
        end = min(source.length, tick + PREVIEW)
        short = Short(source.name, source.key, (Excerpt(max(0, min(tick, end - TICKS // 2)), end),), captions_on=False)
        self._show_beforehand(worked_out(short, source, Analysis(source.key)))

    def show_moment(self, moment: Moment) -> None:
        """Play a proposed moment in the tall pane, framed and captioned as its short would be."""
        opened = self.workspace.opened
        if opened is None:
            return
        seen = self.moments.found_in or opened
        brief = self.workspace.brief_of(seen.source)
        made = begun(words.from_words(seen.source.name, seen.analysis, moment.words), brief)
        self._show_beforehand(worked_out(made, seen.source, seen.analysis), seen.proxy)
        self.player.play()

    def _show_beforehand(self, edition: Edition, proxy: str | None = None) -> None:
        self._previewing = edition
        self.player.set_edition(edition, proxy)
        self.player.show_frame(0)
        self.tall.set_time(0, edition.time_map.length)
        self.workspace.in_background(
            lambda: soundtrack(edition) if self._previewing is edition else None,
            lambda track: self.player.set_track(edition, track),
        )

    def search(self) -> None:
        self.go("bench")
        self.bench.searching.open()

    # ending

    def _may_end(self) -> bool:
        """Ask, where something runs that would stop."""
        running = self.footage.unfinished()
        if self.tall.rendering.running:
            running.insert(0, "A short is being rendered: it would have to begin again, and nothing is left of it.")
        if not running:
            return True
        box = QMessageBox(self)
        box.setIcon(QMessageBox.Icon.Question)
        box.setWindowTitle("Close Stand Tall?")
        box.setText("\n".join(running))
        stop = box.addButton("Stop and close", QMessageBox.ButtonRole.AcceptRole)
        stay = box.addButton("Stay here", QMessageBox.ButtonRole.RejectRole)
        box.setDefaultButton(stay)
        box.setEscapeButton(stay)
        box.exec()
        return box.clickedButton() is stop

    def end(self) -> None:
        """Close without a question, as when the desktop ends the session."""
        self._unasked = True
        self.close()

    def closeEvent(self, event: QCloseEvent) -> None:
        if self._ended or not (self._unasked or self._may_end()):
            event.setAccepted(self._ended)
            return
        self._ended = True
        event.accept()
        self.hide()  # gone for the person; what was changed is saved meanwhile
        jobs = [*self.footage.give_up(), self.tall.rendering.job()]
        self.player.end()
        self.workspace.end()
        end_all(jobs)
        self.player.close()
        self.footage.end()
        self.workspace.close()

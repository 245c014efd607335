"""The main window: the rail, the places, the preview pane, and what concerns all of them.

It comes in two steps. The first screen is the rail, Footage and the preview pane; the rest is loaded and made behind it
(`whole_window`), since half of the time that the program takes to start is spent on what nobody sees yet.
"""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import Qt, QTimer, QUrl
from PySide6.QtGui import QCloseEvent, QDesktopServices, QDragEnterEvent, QDropEvent, QGuiApplication, QScreen
from PySide6.QtWidgets import (
    QApplication,
    QHBoxLayout,
    QMainWindow,
    QMenuBar,
    QMessageBox,
    QStackedWidget,
    QVBoxLayout,
    QWidget,
)

from standtall.base.interface_language import tr
from standtall.library.settings import ChosenKeys, Settings
from standtall.media.probe import probe
from standtall.model.moment import Moment
from standtall.model.source import Source
from standtall.model.timemap import SourceTime
from standtall.ui.app.messages import MessageBar
from standtall.ui.app.preferences.taking_effect import take_effect
from standtall.ui.app.projects import Projects
from standtall.ui.app.rail import Rail
from standtall.ui.app.window_place import back_on_a_screen, place_of, take_place
from standtall.ui.footage.place import FootagePlace
from standtall.ui.preview.pane import PreviewPane
from standtall.ui.preview.pane_edge import PaneEdge
from standtall.ui.preview.player import Player
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets import dressing, theme
from standtall.ui.widgets.actions import EVERYWHERE, Action, chosen_keys
from standtall.ui.widgets.place import PLACES, Place

if TYPE_CHECKING:
    from standtall.ui.app.guided_walk import Walk
    from standtall.ui.app.help_sheet import HelpSheet
    from standtall.ui.app.keys_sheet import KeysSheet
    from standtall.ui.app.large import Large
    from standtall.ui.app.machines_sheet import MachinesSheet
    from standtall.ui.app.menus import Menus
    from standtall.ui.app.playback import Playback
    from standtall.ui.app.preferences.preferences_sheet import PreferencesSheet
    from standtall.ui.app.shortcuts import Shortcuts
    from standtall.ui.app.tending import Tending
    from standtall.ui.bench.place import Bench
    from standtall.ui.bench.word_files import WordFiles
    from standtall.ui.calendar.place import CalendarPlace
    from standtall.ui.moments.place import MomentsPlace
    from standtall.ui.renders.place import RendersPlace
    from standtall.ui.state.machines_seen import Machines

LEAST = (1024, 640)
GONE = tr("The screen that the window was on is gone, so it is on this one now.")


class MainWindow(QMainWindow):
    """One project at a time. `opening` is what will be opened, for the first screen; with `whole` the rest of the window is made
    at once, else whoever makes it calls `make_whole`."""

    files: WordFiles
    bench: Bench
    moments: MomentsPlace
    renders: RendersPlace
    calendar: CalendarPlace
    playback: Playback
    large: Large
    tending: Tending
    machines: Machines
    shortcuts: Shortcuts
    menus: Menus
    all_places: tuple[Place, ...]

    def __init__(self, opening: str = "", whole: bool = True) -> None:
        super().__init__()
        self.setWindowTitle("Stand Tall")
        self.setMinimumSize(*LEAST)
        self.setAcceptDrops(True)
        self.workspace = Workspace(self)
        self.projects = Projects(self.workspace, self)
        self._placed = take_place(self, self.projects.settings.window, LEAST)
        chosen_keys.clear()
        chosen_keys.update({k.action: k.keys for k in self.projects.settings.keys})
        self.player = Player(self)
        take_effect(self.projects.settings, self.workspace, self.player)
        self.footage = FootagePlace(self.workspace)
        self.footage.first.tell_opening(opening)
        self.preview_pane = PreviewPane(self.workspace)
        self.pane_edge = PaneEdge(self.preview_pane)
        self.machines_sheet: MachinesSheet | None = None
        self.help_sheet: HelpSheet | None = None
        self.walking: Walk | None = None
        self.preferences: PreferencesSheet | None = None
        self.keys_sheet: KeysSheet | None = None
        self._unasked = self._ended = self.is_whole = self.anew = False
        self.places = QStackedWidget()
        self.take_in(self.footage)
        self._message = MessageBar()
        self.shortcuts_action = Action(
            "shortcuts", tr("All shortcuts"), self._show_shortcuts, ("F12",), "anywhere", tr("Shortcuts")
        )
        self.preferences_action = Action(
            "preferences", tr("Preferences"), self.show_preferences, ("Ctrl+Shift+,", "Ctrl+Shift+<"), "anywhere"
        )
        self.help_action = Action("help", tr("Help on what is in front"), self.show_help, ("F1",), "anywhere", tr("Help"))
        self.theme_action = Action("theme", tr("Light or dark window"), self.change_theme, (), "anywhere", tr("Light/dark"))
        tools = ((self.shortcuts_action, "keys"), (self.theme_action, "theme"))
        self.rail = Rail(PLACES, self.projects, tools)
        self.rail.mark("footage")
        self._lay_out()
        self.preview_pane.choose_width(self.projects.settings.pane_width)
        self.preview_pane.picture.setFocus()
        if whole:
            self.make_whole()

    def make_whole(self) -> None:
        """Load and make all that is not on the first screen."""
        if self.is_whole or self._ended:
            return
        from standtall.ui.app.whole_window import make_whole

        make_whole(self)
        self.is_whole = True
        self.go("footage")
        QGuiApplication.instance().screenRemoved.connect(self._screen_gone)  # type: ignore[union-attr]
        if self.projects.left_out:
            self.say(self.projects.left_out, "error")
        elif not self._placed:
            self.say(GONE, "note")

    def take_in(self, place: QWidget) -> None:
        """Put a place behind the one in front."""
        dressing.apart(place)
        self.places.addWidget(place)

    def _screen_gone(self, _screen: QScreen) -> None:
        """A screen was taken away, maybe the one that the window is on."""

        def look() -> None:
            if back_on_a_screen(self, LEAST):
                self.say(GONE, "note")

        QTimer.singleShot(0, self, look)  # the desktop may have moved it by then

    def _lay_out(self) -> None:
        centre = QWidget()
        row = QHBoxLayout(centre)
        row.setContentsMargins(0, 0, 0, 0)
        row.setSpacing(0)
        column = QVBoxLayout()
        column.setSpacing(0)
        column.addWidget(self.places, 1)
        column.addWidget(self._message)
        row.addWidget(self.rail)
        row.addLayout(column, 1)
        row.addWidget(self.pane_edge)
        row.addWidget(self.preview_pane)
        self.setCentralWidget(centre)
        titles = QMenuBar()
        for title in (tr("Project"), *EVERYWHERE, *(p.title for p in PLACES)):
            titles.addAction(title)
        self.setMenuBar(titles)  # the whole one has more behind them

    def dragEnterEvent(self, event: QDragEnterEvent) -> None:
        if any(url.isLocalFile() for url in event.mimeData().urls()):
            event.acceptProposedAction()

    def dropEvent(self, event: QDropEvent) -> None:
        """Files on any place: projects are opened, all else is footage."""
        files = [Path(url.toLocalFile()) for url in event.mimeData().urls() if url.isLocalFile()]
        project = next((f for f in files if f.suffix == ".standtall"), None)
        if project is not None:
            self.workspace.open_project(project)
        elif files:
            self.go("footage")
            self.footage.add(files)

    # places and messages

    def go(self, name: str, why: Qt.FocusReason = Qt.FocusReason.OtherFocusReason) -> None:
        """Show a place. What has the keyboard then is framed where a key asked for it (`why`)."""
        place = next(p for p in self.all_places if p.name == name)
        if name == "bench":
            self.playback.leave_passage()
        self.places.setCurrentWidget(place.widget)
        self.preview_pane.rendering.setVisible(name == "bench" or self.preview_pane.rendering.running)
        self.rail.mark(name)
        self.shortcuts.place = name
        self.to_ground(why)
        self.shortcuts.refresh()

    @property
    def place(self) -> str:
        """The name of the place in front."""
        return self.shortcuts.place

    def to_ground(self, why: Qt.FocusReason = Qt.FocusReason.OtherFocusReason) -> None:
        """Remove the focus from a control, so that the shortcuts of the place work."""
        ground = next((p.ground for p in self.all_places if p.name == self.place), ())
        target = ground[0] if ground else self.preview_pane.picture
        if why != Qt.FocusReason.OtherFocusReason:
            target.clearFocus()  # a place that comes to the front gives the focus back by itself, for no reason
        target.setFocus(why)

    def say(self, text: str, kind: str = "note") -> None:
        """Show a sentence under the place for a while."""
        self._message.say(text, kind)

    def change_theme(self) -> None:
        """The other of light and dark."""
        self.use_theme("dark" if theme.current() is theme.LIGHT else "light")

    def use_theme(self, name: str) -> None:
        """Light, dark, or as the desktop has it; remembered."""
        application = QApplication.instance()
        assert isinstance(application, QApplication)
        dressing.change(application, theme.named(name), self)
        self.projects.change(lambda s: replace(s, theme=name))
        if self.is_whole:
            self.bench.page.refresh()

    def follow_desktop(self) -> None:
        """The desktop has another theme now."""
        if self.projects.settings.theme == "system":
            self.use_theme("system")

    def show_preferences(self) -> None:
        self.make_whole()
        from standtall.ui.app.preferences.preferences_sheet import PreferencesSheet  # as all sheets: not for the first screen

        self.preferences = PreferencesSheet(self.workspace, self.projects.settings, self)
        self.preferences.changed.connect(self._preferred)
        self.preferences.theme_wanted.connect(self.use_theme)
        self.preferences.keys_wanted.connect(self._show_shortcuts)
        self.preferences.anew_wanted.connect(self.begin_anew)
        self.preferences.open()

    def _preferred(self, make: Callable[[Settings], Settings]) -> None:
        self.projects.change(make)
        take_effect(self.projects.settings, self.workspace, self.player)
        self.renders.asking.name_by(self.projects.settings.name_pattern)
        self.tending.keep_screen(self.projects.settings.screen_on)

    def actions_by_place(self) -> dict[str, list[Action]]:
        """What can be done in each place, by its name, and under "" in every place."""
        names = ["", *(p.name for p in self.all_places)]
        return {name: actions for name, (_title, actions) in zip(names, self.shortcuts.groups, strict=True)}

    def show_help(self) -> None:
        """Help on the place, or on the panel of the Bench, that is in front."""
        self.make_whole()
        if self.help_sheet is None:
            from standtall.ui.app.help_sheet import HelpSheet

            self.help_sheet = HelpSheet(self.actions_by_place, self)
        self.help_sheet.open_at(self.bench.inspector.panel if self.place == "bench" else self.place)

    def walk(self) -> None:
        """Show a newcomer around, once."""
        if not self.projects.settings.walked and self.walking is None:
            from standtall.ui.app.guided_walk import Walk
            from standtall.ui.app.walk_stops import stops_of

            self.walking = Walk(self, stops_of(self))
            self.walking.over.connect(lambda: self.projects.change(lambda s: replace(s, walked=True)))
            self.walking.begin()

    def show_about(self) -> None:
        from standtall.ui.app.about_sheet import AboutSheet

        self.about = AboutSheet(self.workspace, self)
        self.about.open()

    def _show_shortcuts(self) -> None:
        """All shortcuts, to be searched and changed."""
        self.make_whole()
        from standtall.ui.app.keys_sheet import KeysSheet

        now = {k.action: k.keys for k in self.projects.settings.keys}
        self.keys_sheet = KeysSheet(self.shortcuts.groups, now, self)
        self.keys_sheet.chosen.connect(self._keys_chosen)
        self.keys_sheet.open()

    def _keys_chosen(self, keys: tuple[ChosenKeys, ...]) -> None:
        self.shortcuts.choose({k.action: k.keys for k in keys})
        self.projects.change(lambda s: replace(s, keys=keys))

    def show_machines(self) -> None:
        """Which machines help, and what each does."""
        from standtall.ui.app.machines_sheet import MachinesSheet

        if self.machines_sheet is None:
            self.machines_sheet = MachinesSheet(self.workspace, self.machines, self)
        self.machines_sheet.show()
        self.machines_sheet.raise_()

    def search(self) -> None:
        self.go("bench")
        self.bench.searching.open()

    def undo(self) -> None:
        """Undo what was done last: in the calendar there, else in the project."""
        (self.calendar.posts.undo if self.place == "calendar" else self.workspace.undo)()

    def redo(self) -> None:
        (self.calendar.posts.redo if self.place == "calendar" else self.workspace.redo)()

    # projects and files

    def project_changed(self, path: Path) -> None:
        self.setWindowTitle(
            tr("{stem}{writable} – Stand Tall", stem=path.stem, writable="" if self.workspace.writable else tr(" (read only)"))
        )
        self.projects.remember(path)

    def open_on_bench(self, source: Source) -> None:
        self.workspace.open_source(source, lambda could: self.go("bench") if could else self.footage.start(source))

    def open_at(self, source: Source, tick: int) -> None:
        """Bring footage to the Bench, at a place in it."""

        def there(could: bool) -> None:
            if could:
                self.go("bench")
                self.workspace.selection.seek(tick)
            else:
                self.footage.start(source)

        self.workspace.open_source(source, there)

    def look_at(self, source: Source, tick: int) -> None:
        if self.place == "footage":
            self.playback.look_at(source, tick)

    def show_place(self, number: int, place: object) -> None:
        """Bring a short to the Bench, at a place of its footage or at a time of its own."""
        ws = self.workspace

        def there() -> None:
            opened = ws.opened
            if opened is None or opened.entry.id != number:
                return
            at = opened.composition.time_map.to_source(place) if isinstance(place, int) else place
            if isinstance(at, SourceTime) and at.source == opened.source.key:
                ws.selection.seek(at.tick)

        self.go("bench")
        if ws.opened is not None and ws.opened.entry.id == number:
            there()
        elif number:
            ws.opened_changed.connect(there, Qt.ConnectionType.SingleShotConnection)
            ws.open_short(number)

    def play_file(self, path: Path) -> None:
        """Play a finished file in the tall picture."""

        def arrived(source: Source) -> None:
            if self.place in ("renders", "calendar"):
                self.playback.play_file(source)

        self.workspace.in_background("files", lambda: probe(path), arrived)

    def play_moment(self, moment: Moment) -> None:
        seen = self.moments.found_in or self.workspace.opened
        if seen is not None:
            self.playback.play_moment(moment, seen)

    def message_pressed(self, name: str) -> None:
        """Do what was pressed in a message of the desktop."""
        if name == "folder":
            QDesktopServices.openUrl(QUrl.fromLocalFile(str(self.workspace.renders.folder)))
            return
        self.go("renders")
        self.raise_()
        self.activateWindow()

    def posts_changed(self) -> None:
        """Let Footage show which of its shorts are out."""
        project = str(self.workspace.project_path or "")
        out = frozenset(p.short.number for p in self.calendar.posts.posts if p.state == "out" and p.short.project == project)
        if out != self.footage.posted:
            self.footage.posted = out
            self.footage.look_at_use()

    # ending

    def _may_end(self) -> bool:
        """Ask, where something runs that would stop."""
        if not self.is_whole:
            return True
        running = self.footage.unfinished()
        if self.preview_pane.rendering.running:
            running.insert(0, tr("A short is being rendered: it would have to begin again, and nothing is left of it."))
        running += self.calendar.unfinished()
        if not running:
            return True
        box = QMessageBox(self)
        box.setIcon(QMessageBox.Icon.Question)
        box.setWindowTitle(tr("Close Stand Tall?"))
        box.setText("\n".join(running))
        stop = box.addButton(tr("Stop and close"), QMessageBox.ButtonRole.AcceptRole)
        stay = box.addButton(tr("Stay here"), QMessageBox.ButtonRole.RejectRole)
        box.setDefaultButton(stay)
        box.setEscapeButton(stay)
        box.exec()
        return box.clickedButton() is stop

    def begin_anew(self) -> None:
        """Close, and let the program begin again with what is open now; asked first where something would stop."""
        self.anew = True
        self.anew = self.close()

    def end(self) -> None:
        """Close without a question, as when the desktop ends the session."""
        self._unasked = True
        self.close()

    def closeEvent(self, event: QCloseEvent) -> None:
        if self._ended or not (self._unasked or self._may_end()):
            event.setAccepted(self._ended)
            return
        self._ended = True
        if (now := place_of(self)) != self.projects.settings.window:
            self.projects.change(lambda s: replace(s, window=now))
        event.accept()
        self.hide()  # gone for the person; what was changed is saved meanwhile
        self.footage.give_up()
        self.player.end()
        self.workspace.end()
        self.player.close()
        self.footage.end()
        self.workspace.close()
        if self.is_whole:
            self.tending.close()

"""What can be done in every place, in the order in which the list of shortcuts shows it."""

from __future__ import annotations

from functools import partial
from typing import TYPE_CHECKING, Final

from PySide6.QtCore import Qt

from standtall.base.interface_language import tr
from standtall.ui.widgets.actions import Action

if TYPE_CHECKING:
    from standtall.ui.app.window import MainWindow


KEY: Final = Qt.FocusReason.ShortcutFocusReason


def actions_of(window: MainWindow) -> list[Action]:
    """The actions of the window itself; those of a place are declared there."""
    playback = window.playback
    return [
        *(
            Action(f"go-{place.name}", place.title, partial(window.go, place.name, KEY), place.keys, "anywhere", menu=tr("Go"))
            for place in window.all_places
        ),
        Action("play", tr("Play or pause"), playback.toggle, ("Space", "K"), "ground", menu=tr("Play")),
        Action(
            "play-backwards",
            tr("Play backwards, again for faster"),
            partial(playback.faster, -1),
            ("J",),
            "ground",
            menu=tr("Play"),
        ),
        Action(
            "play-forwards", tr("Play forwards, again for faster"), partial(playback.faster, 1), ("L",), "ground", menu=tr("Play")
        ),
        Action("frame-back", tr("One frame back"), partial(playback.step, -1), ("Left",), "ground", menu=tr("Play")),
        Action("frame-on", tr("One frame forward"), partial(playback.step, 1), ("Right",), "ground", menu=tr("Play")),
        Action(
            "second-back", tr("One second back"), partial(playback.step_seconds, -1), ("Shift+Left",), "ground", menu=tr("Play")
        ),
        Action(
            "second-on", tr("One second forward"), partial(playback.step_seconds, 1), ("Shift+Right",), "ground", menu=tr("Play")
        ),
        Action(
            "whole-screen",
            tr("The tall picture on the whole screen"),
            window.large.whole_screen,
            ("Alt+Return",),
            "anywhere",
            menu=tr("Play"),
        ),
        Action(
            "other-screen",
            tr("The tall picture on a second screen"),
            window.large.other_screen,
            ("Alt+Shift+Return",),
            "anywhere",
            menu=tr("Play"),
        ),
        Action("undo", tr("Undo"), window.undo, ("Ctrl+Z",), "anywhere", menu=tr("Edit")),
        Action("redo", tr("Redo"), window.redo, ("Ctrl+Shift+Z", "Ctrl+Y"), "anywhere", menu=tr("Edit")),
        Action("search", tr("Search the words"), window.search, ("Ctrl+F",), "anywhere", menu=tr("Edit")),
        Action("next-hit", tr("Next hit"), partial(window.workspace.search.next, 1), ("F3",), "anywhere", menu=tr("Edit")),
        Action(
            "hit-before", tr("Hit before"), partial(window.workspace.search.next, -1), ("Shift+F3",), "anywhere", menu=tr("Edit")
        ),
        Action("render", tr("Render the short"), window.preview_pane.rendering.start, ("Ctrl+R",), "anywhere"),
        Action("add-footage", tr("Add footage"), window.footage.choose, ("Ctrl+I",), "anywhere"),
        Action("open-project", tr("Open a project"), window.projects.choose, ("Ctrl+O",), "anywhere"),
        Action("to-page", tr("Back to the page"), partial(window.to_ground, KEY), ("Escape",), "anywhere", menu=tr("Go")),
        Action("machines", tr("Machines that help"), window.show_machines, ("Ctrl+Shift+M",), "anywhere"),
        window.help_action,
        window.preferences_action,
        window.shortcuts_action,
        window.theme_action,
        Action("about", tr("About Stand Tall"), window.show_about, (), "anywhere"),
    ]

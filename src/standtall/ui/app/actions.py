"""What can be done in every place, in the order in which the list of shortcuts shows it."""

from __future__ import annotations

from functools import partial
from typing import TYPE_CHECKING

from standtall.ui.widgets.actions import Action

if TYPE_CHECKING:
    from standtall.ui.app.window import MainWindow


def actions_of(window: MainWindow) -> list[Action]:
    """The actions of the window itself; those of a place are declared there."""
    playback = window.playback
    return [
        *(
            Action(f"go-{place.name}", place.title, partial(window.go, place.name), place.keys, "anywhere", menu="Go")
            for place in window.all_places
        ),
        Action("play", "Play or pause", playback.toggle, ("Space", "K"), "ground", menu="Play"),
        Action("play-backwards", "Play backwards, again for faster", partial(playback.faster, -1), ("J",), "ground", menu="Play"),
        Action("play-forwards", "Play forwards, again for faster", partial(playback.faster, 1), ("L",), "ground", menu="Play"),
        Action("frame-back", "One frame back", partial(playback.step, -1), ("Left",), "ground", menu="Play"),
        Action("frame-on", "One frame forward", partial(playback.step, 1), ("Right",), "ground", menu="Play"),
        Action("second-back", "One second back", partial(playback.step_seconds, -1), ("Shift+Left",), "ground", menu="Play"),
        Action("second-on", "One second forward", partial(playback.step_seconds, 1), ("Shift+Right",), "ground", menu="Play"),
        Action(
            "whole-screen",
            "The tall picture on the whole screen",
            window.large.whole_screen,
            ("Alt+Return",),
            "anywhere",
            menu="Play",
        ),
        Action(
            "other-screen",
            "The tall picture on a second screen",
            window.large.other_screen,
            ("Alt+Shift+Return",),
            "anywhere",
            menu="Play",
        ),
        Action("undo", "Undo", window.undo, ("Ctrl+Z",), "anywhere", menu="Edit"),
        Action("redo", "Redo", window.redo, ("Ctrl+Shift+Z", "Ctrl+Y"), "anywhere", menu="Edit"),
        Action("search", "Search the words", window.search, ("Ctrl+F",), "anywhere", menu="Edit"),
        Action("next-hit", "Next hit", partial(window.workspace.search.next, 1), ("F3",), "anywhere", menu="Edit"),
        Action("hit-before", "Hit before", partial(window.workspace.search.next, -1), ("Shift+F3",), "anywhere", menu="Edit"),
        Action("render", "Render the short", window.preview_pane.rendering.start, ("Ctrl+R",), "anywhere"),
        Action("add-footage", "Add footage", window.footage.choose, ("Ctrl+I",), "anywhere"),
        Action("open-project", "Open a project", window.projects.choose, ("Ctrl+O",), "anywhere"),
        Action("to-page", "Back to the page", window.to_ground, ("Escape",), "anywhere", menu="Go"),
        Action("machines", "Machines that help", window.show_machines, ("Ctrl+Shift+M",), "anywhere"),
        window.help_action,
        window.preferences_action,
        window.shortcuts_action,
        window.theme_action,
        Action("about", "About Stand Tall", window.show_about, (), "anywhere"),
    ]

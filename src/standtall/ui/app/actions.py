"""What the keys of the window do, in the order in which the sheet shows them."""

from __future__ import annotations

from functools import partial
from typing import TYPE_CHECKING

from standtall.cutting import trim

if TYPE_CHECKING:
    from standtall.ui.app.window import MainWindow


def make_actions(window: MainWindow) -> None:
    """Give the window all its keys."""
    add = window.keys.add
    tuner = window.bench.tuner
    add("Footage", "F1", lambda: window.go("footage"))
    add("Bench", "F2", lambda: window.go("bench"))
    add("Moments", "F4", lambda: window.go("moments"))
    add("Play or pause", "Space or K", window.toggle_play, "ground")
    add("Play backwards", "J", lambda: window.shuttle(-1), "ground")
    add("Play forwards, again for faster", "L", lambda: window.shuttle(1), "ground")
    add("One picture back", "Left", lambda: window.step(-1), "ground")
    add("One picture on", "Right", lambda: window.step(1), "ground")
    add("One second back", "Shift+Left", lambda: window.step_seconds(-1), "ground")
    add("One second on", "Shift+Right", lambda: window.step_seconds(1), "ground")
    add("Start the short here", "I", lambda: window.edge(trim.start_at), "bench")
    add("End the short here", "O", lambda: window.edge(trim.end_at), "bench")
    add("Make the chosen words the whole short", "Return", tuner.take, "bench")
    add("Cut the chosen words", "Delete or Backspace", tuner.cut, "bench")
    add("Bring the chosen words back", "B", tuner.bring_back, "bench")
    add("Captions on or off", "C", tuner.toggle_captions, "bench")
    add("Another short of the chosen words", "Ctrl+N", window.bench.shorts.make, "bench")
    add("A copy of the short", "Ctrl+D", window.bench.shorts.duplicate, "bench")
    pieces = window.bench.pieces
    add("Split at the playhead", "S", pieces.split, "bench")
    add("Cut the piece to the left of the playhead", "Q", pieces.cut_left, "bench")
    add("Cut the piece to the right of the playhead", "X", pieces.cut_right, "bench")
    add("Let the chosen words open the short", "F", pieces.to_front, "bench")
    add("Put the chosen words into the basket", "P", pieces.put, "bench")
    trims: tuple[tuple[trim.Edge, str, str, int, str], ...] = (
        ("start", "frame", "begin one frame earlier", -1, ","), ("start", "frame", "begin one frame later", 1, "."),
        ("start", "word", "begin one word earlier", -1, "Alt+,"), ("start", "word", "begin one word later", 1, "Alt+."),
        ("end", "frame", "end one frame earlier", -1, "Shift+, or <"),
        ("end", "frame", "end one frame later", 1, "Shift+. or >"),
        ("end", "word", "end one word earlier", -1, "Alt+Shift+, or Alt+<"),
        ("end", "word", "end one word later", 1, "Alt+Shift+. or Alt+>"),
    )  # fmt: skip
    for edge, unit, told, way, keys in trims:
        add(f"Let the piece {told}", keys, partial(pieces.trim, edge, unit, way), "bench")
    work = window.bench.work
    add("Retype the chosen words", "T", window.bench.script.retype, "bench")
    add("Hear the chosen words", "H", work.hear, "bench")
    add("Right as it is, on to the next doubt", "A", work.accept, "bench")
    add("Next doubtful word", "D", lambda: work.next_doubt(1), "bench")
    add("Doubtful word before", "Shift+D", lambda: work.next_doubt(-1), "bench")
    add("Other hearings of the chosen words", "W", work.ask, "bench")
    add("Find the chosen words in the sound anew", "Y", work.align, "bench")
    add("Merge the chosen words into one", "M", work.merge, "bench")
    add("Mark words as not spoken, or spoken", "N", work.not_spoken, "bench")
    add("Let the word begin earlier", "[", lambda: work.shift_start(-1), "bench")
    add("Let the word begin later", "]", lambda: work.shift_start(1), "bench")
    add("Let the word end earlier", "Shift+[ or {", lambda: work.shift_end(-1), "bench")
    add("Let the word end later", "Shift+] or }", lambda: work.shift_end(1), "bench")
    add("Search the words", "Ctrl+F", window.search)
    add("Next hit", "F3", lambda: window.workspace.next_hit(1))
    add("Hit before", "Shift+F3", lambda: window.workspace.next_hit(-1))
    add("This place", "F5", lambda: window.bench.show_side(0))
    add("Pieces and the basket", "F8", lambda: window.bench.show_side(1))
    add("What can be taken out", "F9", lambda: window.bench.show_side(2))
    add("The whole transcript", "F6", lambda: window.bench.show_side(3))
    add("The second language", "F7", lambda: window.bench.show_side(4))
    add("Even or elastic time", "E", window.toggle_even, "bench")
    add("Undo", "Ctrl+Z", window.undo)
    add("Redo", "Ctrl+Shift+Z", window.workspace.redo)
    add("Render", "Ctrl+R", lambda: window.tall.rendering.start())
    add("Choose all words", "Ctrl+A", window.bench.script.choose_all, "bench")
    add("Add footage", "Ctrl+I", window.footage.choose)
    add("Back to the page", "Escape", window.to_ground)
    add("Open a project", "Ctrl+O", window.choose_project)
    add("All keys", "F12", window.keys.show_sheet)
    window.keys.listed += [("Up and Down", "Row up or down"), ("Ctrl+Left and Ctrl+Right", "Word by word; with Shift, choose")]

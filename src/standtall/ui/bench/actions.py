"""What can be done on the Bench."""

from __future__ import annotations

from functools import partial
from typing import TYPE_CHECKING

from standtall.cutting import trim
from standtall.ui.widgets.actions import Action

if TYPE_CHECKING:
    from standtall.ui.bench.place import Bench

TRIMS: tuple[tuple[trim.Edge, str, str, int, tuple[str, ...]], ...] = (
    ("start", "frame", "begin one frame earlier", -1, (",",)),
    ("start", "frame", "begin one frame later", 1, (".",)),
    ("start", "word", "begin one word earlier", -1, ("Alt+,",)),
    ("start", "word", "begin one word later", 1, ("Alt+.",)),
    ("end", "frame", "end one frame earlier", -1, ("Shift+,", "<")),
    ("end", "frame", "end one frame later", 1, ("Shift+.", ">")),
    ("end", "word", "end one word earlier", -1, ("Alt+Shift+,", "Alt+<")),
    ("end", "word", "end one word later", 1, ("Alt+Shift+.", "Alt+>")),
)


NUDGES: tuple[tuple[str, str, int, int, str], ...] = (
    ("left", "to the left", -1, 0, "Left"),
    ("right", "to the right", 1, 0, "Right"),
    ("up", "up", 0, -1, "Up"),
    ("down", "down", 0, 1, "Down"),
)


def actions_of(bench: Bench) -> list[Action]:
    """All actions of the Bench, in the order in which the list of shortcuts shows them."""
    chosen, pieces, work, inspector = bench.inspector.chosen, bench.inspector.pieces, bench.work, bench.inspector
    return [
        *chosen.declared,
        Action("start-here", "Start the short here", partial(bench.edge, trim.start_at), ("I",)),
        Action("end-here", "End the short here", partial(bench.edge, trim.end_at), ("O",)),
        Action("cut-before-here", "Cut the piece before the playhead", partial(bench.edge, trim.cut_before_here), ("Shift+I",)),
        Action("cut-after-here", "Cut the piece after the playhead", partial(bench.edge, trim.cut_after_here), ("Shift+O",)),
        Action("copy-short", "Make a copy of the short", bench.shorts.duplicate, ("Ctrl+D",)),
        Action("delete-short", "Delete the short", bench.shorts.delete, ("Ctrl+Alt+Delete",)),
        *pieces.declared,
        *pieces.for_others,
        *inspector.framing.declared,
        *bench.clipboard.declared,
        *(
            Action(
                f"trim-{edge}-{unit}{way:+d}", f"Let the piece {told}", partial(pieces.trim, edge, unit, way), keys, menu="Trim"
            )
            for edge, unit, told, way, keys in TRIMS
        ),
        *(
            Action(
                f"crop-{name}",
                f"Move the crop one pixel {told}",
                partial(bench.wide.nudge, x, y),
                (f"Ctrl+Alt+{key}",),
                menu="Crop",
            )
            for name, told, x, y, key in NUDGES
        ),
        Action("compare", "Compare layouts, shapes and what is automatic", bench.compare, ("V",), label="Compare"),
        Action("retype", "Retype the chosen words", bench.page.retype, ("T",)),
        Action("captions", "Captions on or off", inspector.captions.toggle, ("C",)),
        Action("word-earlier", "Let the word begin earlier", partial(work.shift_start, -1), ("[",), menu="Word times"),
        Action("word-later", "Let the word begin later", partial(work.shift_start, 1), ("]",), menu="Word times"),
        Action("word-end-earlier", "Let the word end earlier", partial(work.shift_end, -1), ("Shift+[", "{"), menu="Word times"),
        Action("word-end-later", "Let the word end later", partial(work.shift_end, 1), ("Shift+]", "}"), menu="Word times"),
        Action("choose-all", "Choose all words", bench.page.choose_all, ("Ctrl+A",)),
        Action("even-time", "Even or elastic time", bench.toggle_even, ("E",)),
        Action("panel-words", "The words", partial(inspector.show_panel, "words"), ("F5",), "anywhere", menu="Panels"),
        Action("panel-framing", "The framing", partial(inspector.show_panel, "framing"), ("F6",), "anywhere", menu="Panels"),
        Action("panel-captions", "The captions", partial(inspector.show_panel, "captions"), ("F7",), "anywhere", menu="Panels"),
        Action("panel-extras", "The extras", partial(inspector.show_panel, "extras"), ("F8",), "anywhere", menu="Panels"),
        Action("panel-sound", "The sound", partial(inspector.show_panel, "sound"), ("F9",), "anywhere", menu="Panels"),
        Action(
            "panel-translation",
            "The translation",
            partial(inspector.show_panel, "translation"),
            ("Shift+F9",),
            "anywhere",
            menu="Panels",
        ),
        Action("hear-before", "Hear the sound as it was recorded", inspector.sound.talk.hear_before, ("Alt+B",)),
        Action("add-headline", "Add a headline", inspector.extras.items.add_headline, ("Shift+H",)),
        Action("remove-extra", "Remove the chosen extra", inspector.extras.chosen.remove, ("Alt+Delete",)),
        Action(
            "side-chosen",
            "What is done with chosen words",
            partial(inspector.show_side, "chosen"),
            ("Ctrl+1",),
            "anywhere",
            menu="Panels",
        ),
        Action(
            "side-pieces", "Pieces and the basket", partial(inspector.show_side, "pieces"), ("Ctrl+2",), "anywhere", menu="Panels"
        ),
        Action(
            "side-tighten", "What can be removed", partial(inspector.show_side, "tighten"), ("Ctrl+3",), "anywhere", menu="Panels"
        ),
        Action(
            "side-transcript",
            "The whole transcript",
            partial(inspector.show_side, "transcript"),
            ("Ctrl+4",),
            "anywhere",
            menu="Panels",
        ),
    ]

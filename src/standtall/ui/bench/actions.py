"""What can be done on the Bench."""

from __future__ import annotations

from functools import partial
from typing import TYPE_CHECKING

from standtall.base.interface_language import tr
from standtall.cutting import trim
from standtall.ui.widgets.actions import Action

if TYPE_CHECKING:
    from standtall.ui.bench.place import Bench

TRIMS: tuple[tuple[trim.Edge, str, str, int, tuple[str, ...]], ...] = (
    ("start", "frame", tr("begin one frame earlier"), -1, (",",)),
    ("start", "frame", tr("begin one frame later"), 1, (".",)),
    ("start", "word", tr("begin one word earlier"), -1, ("Alt+,",)),
    ("start", "word", tr("begin one word later"), 1, ("Alt+.",)),
    ("end", "frame", tr("end one frame earlier"), -1, ("Shift+,", "<")),
    ("end", "frame", tr("end one frame later"), 1, ("Shift+.", ">")),
    ("end", "word", tr("end one word earlier"), -1, ("Alt+Shift+,", "Alt+<")),
    ("end", "word", tr("end one word later"), 1, ("Alt+Shift+.", "Alt+>")),
)


NUDGES: tuple[tuple[str, str, int, int, str], ...] = (
    ("left", tr("to the left"), -1, 0, "Left"),
    ("right", tr("to the right"), 1, 0, "Right"),
    ("up", "up", 0, -1, "Up"),
    ("down", "down", 0, 1, "Down"),
)


def actions_of(bench: Bench) -> list[Action]:
    """All actions of the Bench, in the order in which the list of shortcuts shows them."""
    chosen, pieces, work, inspector = bench.inspector.chosen, bench.inspector.pieces, bench.work, bench.inspector
    return [
        *chosen.declared,
        Action("start-here", tr("Start the short here"), partial(bench.edge, trim.start_at), ("I",)),
        Action("end-here", tr("End the short here"), partial(bench.edge, trim.end_at), ("O",)),
        Action(
            "cut-before-here", tr("Cut the piece before the playhead"), partial(bench.edge, trim.cut_before_here), ("Shift+I",)
        ),
        Action("cut-after-here", tr("Cut the piece after the playhead"), partial(bench.edge, trim.cut_after_here), ("Shift+O",)),
        Action("copy-short", tr("Make a copy of the short"), bench.shorts.duplicate, ("Ctrl+D",)),
        Action("delete-short", tr("Delete the short"), bench.shorts.delete, ("Ctrl+Alt+Delete",)),
        *pieces.declared,
        *pieces.for_others,
        *inspector.framing.declared,
        *bench.clipboard.declared,
        *(
            Action(
                f"trim-{edge}-{unit}{way:+d}",
                tr("Let the piece {told}", told=told),
                partial(pieces.trim, edge, unit, way),
                keys,
                menu=tr("Trim"),
            )
            for edge, unit, told, way, keys in TRIMS
        ),
        *(
            Action(
                f"crop-{name}",
                tr("Move the crop one pixel {told}", told=told),
                partial(bench.wide.nudge, x, y),
                (f"Ctrl+Alt+{key}",),
                menu=tr("Crop"),
            )
            for name, told, x, y, key in NUDGES
        ),
        Action("compare", tr("Compare layouts, shapes and what is automatic"), bench.compare, ("V",), label=tr("Compare")),
        Action("retype", tr("Retype the chosen words"), bench.page.retype, ("T",)),
        Action("captions", tr("Captions on or off"), inspector.captions.toggle, ("C",)),
        Action("word-earlier", tr("Let the word begin earlier"), partial(work.shift_start, -1), ("[",), menu=tr("Word times")),
        Action("word-later", tr("Let the word begin later"), partial(work.shift_start, 1), ("]",), menu=tr("Word times")),
        Action(
            "word-end-earlier",
            tr("Let the word end earlier"),
            partial(work.shift_end, -1),
            ("Shift+[", "{"),
            menu=tr("Word times"),
        ),
        Action(
            "word-end-later", tr("Let the word end later"), partial(work.shift_end, 1), ("Shift+]", "}"), menu=tr("Word times")
        ),
        Action("choose-all", tr("Choose all words"), bench.page.choose_all, ("Ctrl+A",)),
        Action("even-time", tr("Even or elastic time"), bench.toggle_even, ("E",)),
        Action("panel-words", tr("The words"), partial(inspector.show_panel, "words"), ("F5",), "anywhere", menu=tr("Panels")),
        Action(
            "panel-framing", tr("The framing"), partial(inspector.show_panel, "framing"), ("F6",), "anywhere", menu=tr("Panels")
        ),
        Action(
            "panel-captions",
            tr("The captions"),
            partial(inspector.show_panel, "captions"),
            ("F7",),
            "anywhere",
            menu=tr("Panels"),
        ),
        Action("panel-extras", tr("The extras"), partial(inspector.show_panel, "extras"), ("F8",), "anywhere", menu=tr("Panels")),
        Action("panel-sound", tr("The sound"), partial(inspector.show_panel, "sound"), ("F9",), "anywhere", menu=tr("Panels")),
        Action(
            "panel-translation",
            tr("The translation"),
            partial(inspector.show_panel, "translation"),
            ("Shift+F9",),
            "anywhere",
            menu=tr("Panels"),
        ),
        Action("hear-before", tr("Hear the sound as it was recorded"), inspector.sound.talk.hear_before, ("Alt+B",)),
        Action("add-headline", tr("Add a headline"), inspector.extras.items.add_headline, ("Shift+H",)),
        Action("remove-extra", tr("Remove the chosen extra"), inspector.extras.chosen.remove, ("Alt+Delete",)),
        Action(
            "side-chosen",
            tr("What is done with chosen words"),
            partial(inspector.show_side, "chosen"),
            ("Ctrl+1",),
            "anywhere",
            menu=tr("Panels"),
        ),
        Action(
            "side-pieces",
            tr("Pieces and the basket"),
            partial(inspector.show_side, "pieces"),
            ("Ctrl+2",),
            "anywhere",
            menu=tr("Panels"),
        ),
        Action(
            "side-tighten",
            tr("What can be removed"),
            partial(inspector.show_side, "tighten"),
            ("Ctrl+3",),
            "anywhere",
            menu=tr("Panels"),
        ),
        Action(
            "side-transcript",
            tr("The whole transcript"),
            partial(inspector.show_side, "transcript"),
            ("Ctrl+4",),
            "anywhere",
            menu=tr("Panels"),
        ),
    ]

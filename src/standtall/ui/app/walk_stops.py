"""The five stops of the walk through the demo."""

from __future__ import annotations

from functools import partial
from typing import TYPE_CHECKING

from standtall.base.interface_language import tr
from standtall.ui.app.guided_walk import Stop

if TYPE_CHECKING:
    from standtall.ui.app.window import MainWindow


def stops_of(window: MainWindow) -> tuple[Stop, ...]:
    """In the order of the work: words, picture, framing, captions, the finished file."""
    bench, pane = window.bench, window.preview_pane
    bench_there = partial(window.go, "bench")
    return (
        Stop(
            tr("The words are the film"),
            tr("Drag over words and press Delete: they are out of the short, and Ctrl+Z brings them back. A click on a word goes "
            "to it."),
            lambda: bench.page, bench_there,
        ),
        Stop(
            tr("This is what comes out"),
            tr("Space plays it. Drag the picture to move the crop, drag the captions to where they should stand."),
            lambda: pane.picture, bench_there,
        ),
        Stop(
            tr("Each shot says why it is framed so"),
            tr("Another layout is one click; Ctrl+Z takes it back. F6 brings this panel, F5 the words."),
            lambda: bench.inspector, partial(bench.inspector.show_panel, "framing"),
        ),
        Stop(
            tr("Captions have a look of your own"),
            tr("Choose one, then change any part of it: the picture shows it at once. F7 brings this panel."),
            lambda: bench.inspector, partial(bench.inspector.show_panel, "captions"),
        ),
        Stop(
            tr("One click to the finished file"),
            tr("It is checked before and proved after. Moments (Alt+2) has more passages, the Calendar (Alt+5) plans when "
               "they go "
            "out."),
            lambda: pane.rendering, bench_there,
        ),
    )  # fmt: skip

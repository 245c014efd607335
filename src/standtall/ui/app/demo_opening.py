"""Opens the demo."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path

from standtall.media.probe import probe
from standtall.model.source import Source
from standtall.session.demo_project import open_demo
from standtall.ui.state.new_project import project_for
from standtall.ui.state.workspace import Workspace


def open_demo_in(ws: Workspace, go: Callable[[str], object], then: Callable[[], object]) -> None:
    """Bring the demo to the Bench; `go` shows a place by its name, `then` is called when it is there."""
    path = project_for("The Allotment Hour").with_name("The Allotment Hour.standtall")

    def ready(files: tuple[Path, Path]) -> None:
        def opened() -> None:
            if ws.sources:
                shown(True)
            else:
                ws.in_background("files", lambda: [probe(file) for file in files], add)

        ws.open_project(path, opened)

    def shown(_could: bool) -> None:
        go("bench")
        then()

    def add(sources: list[Source]) -> None:
        for source in sources:
            ws.add_source(source)
        ws.open_source(sources[0], shown)

    ws.in_background("files", lambda: open_demo(ws.cache), ready)

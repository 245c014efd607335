"""Every place, panel, tab and sheet of the window, by what brings it in front."""

from __future__ import annotations

import tempfile
from collections.abc import Callable, Iterator
from pathlib import Path

from PySide6.QtCore import QEventLoop, QTimer
from PySide6.QtWidgets import QDialog, QWidget

from standtall.ui.app.tap_sheet import TapSheet
from standtall.ui.app.window import MainWindow
from standtall.ui.bench.panels.captions.style_card import GROUPS
from standtall.ui.renders.side_by_side import SideBySideSheet
from standtall.ui.widgets.tabs import Tabs

LONGEST_MS = 100_000
STEP_MS = 50


def places(window: MainWindow) -> list[tuple[str, Callable[[], None]]]:
    """Every place, panel and tab, by what brings it in front."""
    out: list[tuple[str, Callable[[], None]]] = []
    for name in ("footage", "moments"):
        out.append((name, lambda n=name: window.go(n)))  # type: ignore[misc]
    out.append(("bench", lambda: window.go("bench")))
    inspector = window.bench.inspector
    for panel in ("framing", "captions", "extras", "sound", "translation", "words"):
        out.append((panel, lambda p=panel: inspector.show_panel(p)))  # type: ignore[misc]
    for tab in ("pieces", "tighten", "transcript", "chosen"):
        out.append((tab, lambda t=tab: inspector.show_side(t)))  # type: ignore[misc]
    for place, side in (("renders", window.renders.side), ("calendar", window.calendar.side)):
        for tab in side.keys:
            out.append((f"{place} {tab}", lambda p=place, s=side, t=tab: (window.go(p), s.show_tab(t))))  # type: ignore[misc]
    return out


def sheets(window: MainWindow) -> list[Callable[[], object]]:
    """What opens every sheet of the window."""
    bench, moments = window.bench, window.moments
    return [
        window.show_preferences, window.show_about, window.show_help, window._show_shortcuts, window.show_machines,
        window.projects.pack, window.footage.look_through, moments.show_chapters, moments.show_clips, bench.compare,
        bench.inspector.pieces.cuts.write, lambda: window.files.choose_export(window), bench.gauge.new_channel,
        window.calendar.channels.new_channel, lambda: TapSheet(window).open(),
        lambda: SideBySideSheet(window.workspace, {}, window).open(), lambda: bring_a_cut(window),
    ]  # fmt: skip


def bring_a_cut(window: MainWindow) -> None:
    """Bring in an edit list of another program: one piece of what the open short is of, and one of a file that is not there."""
    opened, project = window.workspace.opened, window.workspace.project_path
    assert opened is not None and project is not None
    path = Path(tempfile.mkdtemp(dir=project.parent)) / "theirs.edl"
    path.write_text(
        "TITLE: Their cut\nFCM: NON-DROP FRAME\n\n"
        "001  AX       AA/V  C        00:00:20:00 00:00:26:15 01:00:00:00 01:00:06:15\n"
        f"* FROM CLIP NAME: {Path(opened.source.path).name}\n"
        "002  AX       AA/V  C        00:00:20:00 00:00:21:00 01:00:06:15 01:00:07:15\n* FROM CLIP NAME: gone.mov\n"
    )
    window.bench.inspector.pieces.cuts.bring(path)


def turn(ms: int) -> None:
    """Let the window work for a while."""
    loop = QEventLoop()
    QTimer.singleShot(ms, loop.quit)
    loop.exec()


def all_over(window: MainWindow, with_sheets: bool = True) -> Iterator[tuple[str, QWidget]]:
    """Each page of each place, and then each sheet, while it is in front: what it is, and the widget that all of it is in."""
    inspector = window.bench.inspector
    outer = (inspector._panels, inspector._words, window.renders.side, window.calendar.side)
    for name, brings in places(window):
        brings()
        yield name, window
        for tabs in (t for t in window.findChildren(Tabs) if t.isVisible() and t not in outer):
            for key in tabs.keys[1:]:
                tabs.show_tab(key)
                yield f"{name} {key}", window
                for group in GROUPS if key == "style" else ():
                    inspector.captions.style_card.show_group(group)
                    yield f"{name} {key} {group}", window
    for opens in sheets(window) if with_sheets else ():
        opens()
        for _ in range(LONGEST_MS // STEP_MS):  # some read what they show first
            turn(STEP_MS)
            if any(d.isVisible() and getattr(d, "is_whole", True) for d in window.findChildren(QDialog)):
                break
        for sheet in (s for s in window.findChildren(QDialog) if s.isVisible()):
            yield type(sheet).__name__, sheet
            sheet.close()

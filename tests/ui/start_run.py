"""Starts the program as `stand-tall` does, on a machine with something wrong: python -m tests.ui.start_run WHAT; prints what the window
says, and ends it after some seconds."""

from __future__ import annotations

import resource
import sys
from collections.abc import Sequence
from pathlib import Path
from typing import NoReturn

from PySide6.QtCore import QTimer

from standtall.ink import fonts
from standtall.ui.app import application
from standtall.ui.app.window import MainWindow

LASTS_MS = 2_500


def main(what: str) -> NoReturn:
    if what == "no letters":
        fonts.FACES = Path("/nowhere")  # type: ignore[misc]
    if what == "full disk":
        resource.setrlimit(resource.RLIMIT_FSIZE, (0, 0))  # no byte more goes into any file
    usual, say = application.open_files, MainWindow.say

    def opened(window: MainWindow, files: Sequence[Path], demo: bool) -> None:
        usual(window, files, demo)
        QTimer.singleShot(LASTS_MS, lambda: (tell(window), window.end()))

    def tell(window: MainWindow) -> None:
        print(f"open: {window.isVisible()}, in {window.place}")
        drawn = window.preview_pane._play.icon().pixmap(44, 44).toImage()
        inked = [drawn.pixelColor(x, y) for x in range(drawn.width()) for y in range(drawn.height())]
        print(f"play button: {max(c.lightness() for c in inked if c.alpha() > 200)}")

    application.open_files = opened
    MainWindow.say = lambda self, text, kind="note": (print(f"{kind}: {text}"), say(self, text, kind))[1]  # type: ignore[assignment, method-assign]
    application.run([], False)


if __name__ == "__main__":
    main(sys.argv[1])

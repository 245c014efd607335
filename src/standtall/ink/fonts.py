"""The fonts that ship and the user's own, loaded once into the running program."""

from __future__ import annotations

from pathlib import Path
from typing import Final

from PySide6.QtGui import QFontDatabase, QGuiApplication

from standtall.library.own_fonts import own_fonts

FACES: Final = Path(__file__).parent / "faces"

_loaded: dict[Path, list[str]] = {}


def load_fonts() -> list[str]:
    """Load every font file that is not loaded yet; -> all family names. Needs a `QGuiApplication`; later calls cost little."""
    if QGuiApplication.instance() is None:
        raise RuntimeError("load_fonts needs a QGuiApplication; see ink.engine.start")
    for path in (*(sorted(FACES.glob("*.ttf")) if not _loaded else ()), *own_fonts()):
        if path not in _loaded:
            number = QFontDatabase.addApplicationFont(str(path))
            _loaded[path] = QFontDatabase.applicationFontFamilies(number) if number >= 0 else []
    return sorted({family for families in _loaded.values() for family in families})


def family_files(family: str) -> list[Path]:
    """The font files of the user's own that a family is in."""
    return [path for path, families in _loaded.items() if family in families and path.parent != FACES]

"""The fonts that ship, loaded once into the running program."""

from __future__ import annotations

from pathlib import Path
from typing import Final

from PySide6.QtGui import QFontDatabase, QGuiApplication

FACES: Final = Path(__file__).parent / "faces"

_loaded: dict[str, list[str]] = {}


def load_fonts() -> list[str]:
    """Load every shipped face; -> the family names. Needs a `QGuiApplication`; later calls cost nothing."""
    if QGuiApplication.instance() is None:
        raise RuntimeError("load_fonts needs a QGuiApplication; see ink.engine.start")
    if not _loaded:
        for path in sorted(FACES.glob("*.ttf")):
            number = QFontDatabase.addApplicationFont(str(path))
            _loaded[path.name] = QFontDatabase.applicationFontFamilies(number)
    return sorted({family for families in _loaded.values() for family in families})

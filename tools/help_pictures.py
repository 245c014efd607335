"""Makes the pictures of the help out of those in docs/screenshots, which are made from the demo: python tools/help_pictures.py."""

from __future__ import annotations

from pathlib import Path

from PySide6.QtCore import Qt
from PySide6.QtGui import QImage

ROOT = Path(__file__).parent.parent
PAGES = ROOT / "src" / "standtall" / "ui" / "app" / "help"
WIDE = 500
OF_PAGE = {
    "02-footage": "footage", "03-words": "bench-transcript", "04-moments": "moments", "05-cutting": "bench-pieces", "06-framing": "bench-framing",
    "07-captions": "bench-captions", "08-extras": "bench-extras", "09-sound": "bench-sound", "10-renders": "renders",
    "12-calendar": "calendar", "13-exchange": "exchange", "14-keys": "shortcuts",
}  # fmt: skip


def main() -> None:
    (PAGES / "pictures").mkdir(exist_ok=True)
    for page, picture in OF_PAGE.items():
        seen = QImage(str(ROOT / "docs" / "screenshots" / f"{picture}.png"))
        small = seen.scaledToWidth(WIDE, Qt.TransformationMode.SmoothTransformation)
        small.save(str(PAGES / "pictures" / f"{page}.jpg"), "JPG", 84)


if __name__ == "__main__":
    main()

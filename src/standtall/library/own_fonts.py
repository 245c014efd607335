"""Font files of the user's own, which looks may name: kept in the data folder, read with distrust."""

from __future__ import annotations

import struct
from pathlib import Path
from typing import Final

from standtall.base.errors import ProjectError
from standtall.base.files import write_whole
from standtall.base.folders import data_folder
from standtall.base.interface_language import tr
from standtall.base.reading import Unreadable, file_bytes

LARGEST: Final = 12_000_000
MOST: Final = 200
KINDS: Final = (b"\0\1\0\0", b"OTTO", b"true")
"""First bytes of TrueType and OpenType files (ISO/IEC 14496-22, section 4.5)."""
TABLES: Final = 256
ENDINGS: Final = (".ttf", ".otf")


def font_folder() -> Path:
    """Where they are."""
    return data_folder() / "fonts"


def own_fonts() -> list[Path]:
    """All that there are, in order."""
    return sorted(p for p in font_folder().glob("*") if p.suffix.lower() in ENDINGS)[:MOST]


def checked(data: bytes, name: str) -> bytes:
    """The bytes of a font file as they came; raises `ProjectError` where they cannot be one."""
    good = 12 <= len(data) <= LARGEST and data[:4] in KINDS
    if good:
        count = struct.unpack(">H", data[4:6])[0]
        good = 0 < count <= TABLES and len(data) >= 12 + 16 * count
        for i in range(count if good else 0):
            _tag, _sum, start, length = struct.unpack(">4sIII", data[12 + 16 * i : 28 + 16 * i])
            good = good and start + length <= len(data)
    if not good:
        raise ProjectError(
            tr("{name} is no font file that can be used.", name=name[:60]), tr("Choose a TrueType or OpenType file (.ttf, .otf).")
        )
    return data


def keep_font(data: bytes, name: str) -> Path:
    """Keep a font among the user's own, under the last part of its name; raises `ProjectError` for anything else than a font."""
    plain = "".join(c for c in Path(name.replace("\\", "/")).name if c.isalnum() or c in " -_.").strip(". ")[:80]
    if Path(plain).suffix.lower() not in ENDINGS:
        plain += ".ttf"
    path = font_folder() / plain
    path.parent.mkdir(parents=True, exist_ok=True)
    write_whole(path, checked(data, name))
    return path


def take_font(path: Path) -> Path:
    """Keep a font file of the user's own; raises `ProjectError` where it is none or cannot be read."""
    try:
        return keep_font(file_bytes(path, LARGEST), path.name)
    except (OSError, Unreadable) as error:
        raise ProjectError(
            tr("{name} cannot be read: {error}.", name=path.name, error=error), tr("Choose another file.")
        ) from error

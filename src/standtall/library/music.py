"""The music that ships: pieces in units of two bars, made by `tools/music.py`."""

from __future__ import annotations

import functools
import json
import re
from dataclasses import dataclass
from pathlib import Path
from typing import Final

from standtall.base.errors import MediaError
from standtall.base.interface_language import tr

SHIPS: Final = "music:"
FOLDER: Final = Path(__file__).parent / "music"
_NAME = re.compile(r"[a-z0-9-]{1,60}")


@dataclass(frozen=True, slots=True)
class Piece:
    """A piece: `beat` and `tail` in samples at 48 kHz, `beats` in a bar, `bars` in a unit. Its file holds `units` units one after
    the other, each with the `tail` in which it rings on; the last one is the cadence."""

    name: str
    title: str
    about: str
    words: tuple[str, ...]
    beat: int
    beats: int
    bars: int
    units: int
    tail: int
    bpm: float

    @property
    def path(self) -> str:
        """What shorts hold."""
        return SHIPS + self.name

    @property
    def file(self) -> Path:
        return FOLDER / f"{self.name}.ogg"

    @property
    def unit(self) -> int:
        """Samples of a unit without its tail."""
        return self.beat * self.beats * self.bars


@functools.cache
def pieces() -> tuple[Piece, ...]:
    """The pieces that ship, by name."""
    rows = json.loads((FOLDER / "index.json").read_text(encoding="utf-8"))
    return tuple(Piece(**{**row, "name": name, "words": tuple(row["words"])}) for name, row in sorted(rows.items()))


def piece_of(path: str) -> Piece | None:
    """The piece of a path "music:NAME"; None for the path of a file. Raises `MediaError` for a piece that there is not."""
    if not path.startswith(SHIPS):
        return None
    name = path[len(SHIPS) :]
    found = next((p for p in pieces() if p.name == name and _NAME.fullmatch(name)), None)
    if found is None:
        raise MediaError(tr("There is no music called {name}.", name=name[:40]), tr("Choose another piece."))
    return found

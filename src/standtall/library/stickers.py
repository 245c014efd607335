"""The pictures to put on and over shorts: stickers that ship, and those in folders of the user's own."""

from __future__ import annotations

import functools
import json
import re
from dataclasses import dataclass
from pathlib import Path
from typing import Final

from standtall.base.errors import MediaError, ProjectError
from standtall.base.folders import data_folder
from standtall.base.interface_language import tr
from standtall.base.reading import Unreadable, file_bytes, json_of
from standtall.library.own import write_own

SHIPS: Final = "sticker:"
"""The path of a sticker that ships begins with this; its name follows."""
FOLDER: Final = Path(__file__).parent / "stickers"
ENDINGS: Final = (".png", ".svg", ".jpg", ".jpeg", ".webp", ".gif")
MOVING_ENDINGS: Final = (".mp4", ".mov", ".mkv", ".webm")
MOST_FILES: Final = 4000
_NAME = re.compile(r"[a-z0-9-]{1,60}")


@dataclass(frozen=True, slots=True)
class Sticker:
    """A picture of the library: the path that extras hold, its title, the words it is found by, and whether it moves. `emoji` are
    signs that mean the same, by which it is found in other languages. `own` tells those of the user's folders."""

    path: str
    title: str
    words: tuple[str, ...]
    moves: bool = False
    emoji: tuple[str, ...] = ()
    own: bool = False


def sticker_file(path: str) -> Path:
    """The file of a path, also of a sticker that ships. Raises `MediaError` for a sticker that there is not."""
    if not path.startswith(SHIPS):
        return Path(path)
    name = path[len(SHIPS) :]
    file = FOLDER / f"{name}.svg"
    if not _NAME.fullmatch(name) or not file.is_file():
        raise MediaError(tr("There is no sticker called {name}.", name=name[:40]), tr("Choose another one."))
    return file


@functools.cache
def shipped() -> tuple[Sticker, ...]:
    """The stickers that ship, by title."""
    rows = json.loads((FOLDER / "index.json").read_text(encoding="utf-8"))
    return tuple(
        Sticker(SHIPS + name, row["title"], tuple(row["words"]), row.get("moves", False), tuple(row.get("emoji", ())))
        for name, row in sorted(rows.items())
    )


def own_pictures(folders: tuple[Path, ...], tags: dict[str, tuple[str, ...]] | None = None) -> tuple[Sticker, ...]:
    """Pictures in folders of the user's own, tagged by the words of their names and by hand (`tags`, by path)."""
    out: list[Sticker] = []
    for folder in folders:
        for path in sorted(folder.rglob("*")) if folder.is_dir() else ():
            ending = path.suffix.lower()
            if ending not in ENDINGS + MOVING_ENDINGS or path.is_symlink() or len(out) >= MOST_FILES:
                continue
            words = tuple(re.findall(r"[^\W\d_]+", path.stem.lower()))
            title = path.stem.replace("_", " ").replace("-", " ")
            tagged, moves = (tags or {}).get(str(path), ()), ending in (*MOVING_ENDINGS, ".gif")
            out.append(Sticker(str(path), title, (*words, *tagged), moves, (), True))
    return tuple(out)


TAGS: Final = "picture tags.json"
MOST_TAGS: Final = 40


def tags_by_hand() -> dict[str, tuple[str, ...]]:
    """Words that pictures were tagged with by hand, by path; empty where they cannot be read."""
    try:
        data = json_of(file_bytes(data_folder() / TAGS, 4_000_000), 4_000_000)
    except (OSError, Unreadable, ProjectError):
        return {}
    if not isinstance(data, dict):
        return {}
    return {str(k): tuple(str(w)[:60] for w in v[:MOST_TAGS]) for k, v in data.items() if isinstance(v, list)}


def tag_by_hand(path: str, words: tuple[str, ...]) -> None:
    """Keep the words that a picture of the user's own is found by beside those of its name. Raises `OutputError`."""
    known = tags_by_hand()
    clean = tuple(dict.fromkeys(w.lower()[:60] for w in words if w.strip()))[:MOST_TAGS]
    kept = {**known, path: clean} if clean else {k: v for k, v in known.items() if k != path}
    write_own(data_folder() / TAGS, kept)

"""Looks of the user's own: made from what a short shows, written to one readable file with their fonts, and read from one."""

from __future__ import annotations

import base64
import binascii
import hashlib
import json
from collections.abc import Sequence
from dataclasses import replace
from pathlib import Path
from typing import Any, Final

from standtall.base.errors import MediaError, OutputError, ProjectError
from standtall.base.files import write_whole
from standtall.base.folders import data_folder
from standtall.base.interface_language import tr
from standtall.base.reading import Unreadable, file_bytes, json_of
from standtall.ink.fonts import family_files
from standtall.ink.placed_pictures import picture_key
from standtall.library.looks import LOOKS, look_of_plain, plain_of_look
from standtall.library.own_fonts import checked, keep_font
from standtall.library.stickers import ENDINGS, SHIPS
from standtall.model.look import Look, LookParts
from standtall.model.look_edits import parts_of, text_styles
from standtall.model.short import Short
from standtall.model.style import CaptionStyle

FORMAT: Final = "stand-tall-look"
VERSION: Final = 1
LARGEST: Final = 40_000_000
MOST_FONTS: Final = 8
LARGEST_PICTURE: Final = 8_000_000
ENDING: Final = ".look.json"


def name_for(title: str, taken: Sequence[str]) -> str:
    """The name of a new look: its title in plain letters, with a number where that is taken."""
    plain = "-".join("".join(c if c.isascii() and c.isalnum() else " " for c in title.lower()).split())[:40] or "look"
    name, number = plain, 2
    while name in taken:
        name, number = f"{plain}-{number}", number + 1
    return name


def keep_look(title: str, style: CaptionStyle, short: Short | None = None, about: str = "") -> tuple[Look, Look | None]:
    """Keep a style as a look of the user's own, with what the `short` has of the parts of a look; -> it, and the one that it
    replaces: one of the same title of the user's own. Raises `ProjectError`."""
    looks = LOOKS.load().values
    own = {path.stem for path in LOOKS.own_folder.glob("*.json")}
    same = next((k for k in looks if k.title == title.strip() and k.name in own), None)
    name = same.name if same is not None else name_for(title, [k.name for k in looks])
    headline, label = text_styles(short) if short is not None else ({}, {})
    parts = parts_of(short) if short is not None else LookParts()
    sections = same.sections if same is not None else {}
    look = Look(name, title.strip(), about or tr("A look of your own."), style, sections, headline, label, parts)
    LOOKS.save(look)
    return look, same


def keep_beside(look: Look) -> Look:
    """Keep a look under another name, for shorts that do not follow what became of it."""
    looks = LOOKS.load().values
    title = tr("{title} as before", title=look.title[:40])
    made = replace(look, name=name_for(title, [k.name for k in looks]), title=title)
    LOOKS.save(made)
    return made


def write_look(path: Path, look: Look) -> None:
    """Write a look with the fonts that do not ship; raises `OutputError`."""
    fonts = []
    for family in dict.fromkeys((look.style.family, look.style.second_family)):
        for file in family_files(family):
            fonts.append({"file": file.name, "data": base64.b64encode(file.read_bytes()).decode()})
    whole = {"format": FORMAT, "version": VERSION, "look": plain_of_look(look), "fonts": fonts[:MOST_FONTS]}
    logo = look.parts.logo
    if logo is not None and not logo.path.startswith(SHIPS):
        try:
            picture = file_bytes(Path(logo.path), LARGEST_PICTURE)
        except (OSError, Unreadable) as error:
            raise OutputError(
                tr("The logo of this look cannot be read: {error}.", error=error), tr("Choose the logo again.")
            ) from error
        whole["logo"] = {"file": Path(logo.path).name, "data": base64.b64encode(picture).decode()}
    write_whole(path, (json.dumps(whole, indent=1, ensure_ascii=False) + "\n").encode())


def read_look(path: Path) -> tuple[Look, str]:
    """Take a look out of a file, with its fonts, among the user's own; -> it, and a sentence about what is kept but not known.

    Raises `ProjectError` for a file that is none. A look of the same name with another style is not replaced: this one gets
    another name.
    """
    try:
        data = json_of(file_bytes(path, LARGEST), LARGEST)
    except (OSError, Unreadable) as error:
        raise ProjectError(
            tr("{name} cannot be read: {error}.", name=path.name, error=error), tr("Choose a look file.")
        ) from error
    if not isinstance(data, dict) or data.get("format") != FORMAT:
        raise ProjectError(
            tr("{name} is no look file.", name=path.name), tr("Choose a file that was written with “Write look file”.")
        )
    if not isinstance(data.get("version"), int) or data["version"] > VERSION:
        raise ProjectError(
            tr("{name} was written by a newer version.", name=path.name), tr("Bring this program up to date first.")
        )
    look = look_of_plain(data.get("look"))
    fonts = [_font(entry, path.name) for entry in _rows(data.get("fonts", []), path.name)]
    looks = {k.name: k for k in LOOKS.load().values}
    if look.name in looks and looks[look.name] != look:
        look = replace(look, name=name_for(look.title, list(looks)))
    look = _with_logo(look, data.get("logo"), path.name)
    for name, font in fonts:
        keep_font(font, name)
    if looks.get(look.name) != look:
        LOOKS.save(look)
    unknown = ", ".join(sorted(look.sections))
    return look, tr("Kept but not shown by this version: {unknown}.", unknown=unknown) if unknown else ""


def _with_logo(look: Look, entry: object, name: str) -> Look:
    """The look with its logo kept among the user's pictures; without it where the file holds none."""
    logo = look.parts.logo
    if logo is None or logo.path.startswith(SHIPS):
        return look
    file = entry.get("file") if isinstance(entry, dict) else None
    data = entry.get("data") if isinstance(entry, dict) else None
    if not isinstance(file, str) or not isinstance(data, str) or Path(file).suffix.lower() not in ENDINGS:
        return replace(look, parts=replace(look.parts, logo=None))
    try:
        picture = base64.b64decode(data, validate=True)
    except (binascii.Error, ValueError) as error:
        raise ProjectError(tr("The logo of {name} cannot be understood.", name=name), tr("The file is damaged.")) from error
    if len(picture) > LARGEST_PICTURE:
        raise ProjectError(tr("The logo of {name} is too large.", name=name), tr("Make it smaller."))
    # by its content: a look of the same name that comes later never changes what older shorts show
    named = f"{look.name}-{hashlib.sha256(picture).hexdigest()[:12]}{Path(file).suffix.lower()}"
    kept = data_folder() / "pictures" / named
    write_whole(kept, picture)
    try:
        key = picture_key(str(kept))
    except MediaError as error:
        kept.unlink(missing_ok=True)
        raise ProjectError(
            tr("The logo of {name} is not used: {error}", name=name, error=error), tr("The look file is damaged or hostile.")
        ) from error
    return replace(look, parts=replace(look.parts, logo=replace(logo, path=str(kept), key=key)))


def _rows(value: object, name: str) -> list[Any]:
    if not isinstance(value, list) or len(value) > MOST_FONTS:
        raise ProjectError(tr("The fonts of {name} cannot be understood.", name=name), tr("The file is damaged."))
    return value


def _font(entry: object, name: str) -> tuple[str, bytes]:
    file = entry.get("file") if isinstance(entry, dict) else None
    data = entry.get("data") if isinstance(entry, dict) else None
    if not isinstance(file, str) or not isinstance(data, str):
        raise ProjectError(tr("A font of {name} cannot be understood.", name=name), tr("The file is damaged."))
    try:
        return file, checked(base64.b64decode(data, validate=True), file)
    except (binascii.Error, ValueError) as error:
        raise ProjectError(tr("A font of {name} cannot be understood.", name=name), tr("The file is damaged.")) from error

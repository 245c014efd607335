"""The names of finished files."""

from __future__ import annotations

import re
from collections.abc import Collection
from pathlib import Path
from typing import Final

from standtall.base.files import short_name
from standtall.model.form import Form
from standtall.model.short import Short

COVER_ENDS: Final = (" cover.png", " cover.jpg")
"""Of the cover's pictures beside a finished file."""


def file_name(short: Short) -> str:
    """A safe file name for a finished short, no longer than file systems allow in any script."""
    plain = short_name(re.sub(r"[^\w\- ']+", "", short.name, flags=re.UNICODE).strip(" '.")[:80])
    return f"{plain or 'short'}.mp4"


def ends_of(form: Form) -> tuple[str, ...]:
    """What comes after the stem in the names of the files that a render in a form may write."""
    return (form.ending, *COVER_ENDS, *(() if form.captions == "picture" else form.beside))


def free_file(file: Path, taken: Collection[str], ends: Collection[str]) -> Path:
    """The file itself, or with the first number from 2 on that is free: its path is none of those `taken` (compared without
    regard to capitals, as some disks do), and no file is there that is named like it with one of the `ends` after its stem."""
    away = {path.casefold() for path in taken}
    free, again = file, 2
    while str(free).casefold() in away or any(free.with_name(free.stem + end).exists() for end in ends):
        free, again = file.with_name(f"{file.stem} {again}{file.suffix}"), again + 1
    return free

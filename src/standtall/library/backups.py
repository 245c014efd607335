"""Copies of projects by day, so that what was damaged or done by mistake can be had back."""

from __future__ import annotations

import contextlib
import hashlib
import re
import shutil
from datetime import date
from pathlib import Path
from typing import Final

from standtall.base.errors import StandTallError
from standtall.base.files import short_name, written_whole
from standtall.base.folders import data_folder
from standtall.base.log import note
from standtall.library.project import Project

DAYS: Final = 14
"""Copies of a project that are kept, the newest ones."""
_DAY: Final = re.compile(r"\d{4}-\d\d-\d\d")


def folder_of(project: Path) -> Path:
    """Where the copies of a project are: by its name, and by its place, since names come twice."""
    mark = hashlib.sha256(str(project.absolute()).encode("utf-8", "surrogateescape")).hexdigest()[:8]
    return data_folder() / "backups" / f"{short_name(project.stem, 60)} {mark}"


def keep_copy(project: Project, day: date) -> Path | None:
    """Copy a project as it stands, where there is no copy of this day yet; -> the copy. None where there is one, or it could
    not be made, which the log tells: work goes on without it."""
    folder = folder_of(project.path)
    made = folder / f"{day.isoformat()}.standtall"
    if made.exists():
        return None
    try:
        with written_whole(made) as beside:
            project.copy_to(beside)
    except (StandTallError, OSError) as error:
        note(f"No copy of {project.path} was kept: {error}")
        return None
    for old in copies(project.path)[DAYS:]:
        with contextlib.suppress(OSError):
            old.unlink()
    return made


def copies(project: Path) -> list[Path]:
    """The copies of a project, the newest first."""
    try:
        found = [p for p in folder_of(project).glob("*.standtall") if _DAY.fullmatch(p.stem)]
    except OSError:
        return []
    return sorted(found, reverse=True)


def brought_back(copy: Path, project: Path) -> Path:
    """Put a copy beside its project, under a name that says of which day it is; the project stays as it is. Raises
    `OutputError`."""
    target, number = project.with_name(f"{project.stem} of {copy.stem}.standtall"), 2
    while target.exists():
        target, number = project.with_name(f"{project.stem} of {copy.stem} {number}.standtall"), number + 1
    with written_whole(target) as beside:
        shutil.copyfile(copy, beside)
    return target

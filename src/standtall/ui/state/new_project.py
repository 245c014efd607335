"""Where a new project is kept."""

from __future__ import annotations

import re
from pathlib import Path

from standtall.base.files import short_name
from standtall.base.folders import data_folder
from standtall.base.interface_language import tr


def project_for(name: str) -> Path:
    """The file of a new project called `name`, not used yet."""
    folder = data_folder() / "projects"
    plain = short_name(re.sub(r"[^\w\- ']+", "", name).strip()) or tr("Project")
    path, number = folder / f"{plain}.standtall", 2
    while path.exists():
        path, number = folder / f"{plain} {number}.standtall", number + 1
    return path

"""The shipped programme: joined from its parts into the user's data folder, and the truth about it."""

from __future__ import annotations

import gzip
import hashlib
import json
from pathlib import Path
from typing import Any, Final, Literal

from standtall.base.errors import MediaError
from standtall.base.files import written_whole
from standtall.base.folders import data_folder
from standtall.base.interface_language import tr

SHIPPED: Final = Path(__file__).parent / "data"


def programme(folder: Path | None = None) -> Path:
    """The programme as one MP4 in `folder` (by default the user's data folder), made there if it is not yet."""
    about = json.loads((SHIPPED / "programme.json").read_text("utf-8"))
    out = (folder or data_folder() / "demo") / about["name"]
    if out.is_file() and out.stat().st_size == about["bytes"]:
        return out
    data = b"".join((SHIPPED / part).read_bytes() for part in about["parts"])
    if hashlib.sha256(data).hexdigest() != about["sha256"]:
        raise MediaError(tr("The demo programme is damaged."), tr("Get a fresh copy of the program."))
    with written_whole(out) as beside:
        beside.write_bytes(data)
    return out


def after(folder: Path | None = None) -> Path:
    """The second piece of demo footage (`demo.walk`) in `folder`, put there if it is not yet."""
    shipped = SHIPPED / "walk.mp4"
    out = (folder or data_folder() / "demo") / "After the Allotment Hour.mp4"
    if not out.is_file() or out.stat().st_size != shipped.stat().st_size:
        with written_whole(out) as beside:
            beside.write_bytes(shipped.read_bytes())
    return out


def truth(of: Literal["programme", "after"] = "programme") -> dict[str, Any]:
    """What was drawn and said in one of the two: words, speakers, cuts, head and face boxes for every frame; texts near an edge,
    or where it dissolves and how it shakes."""
    shipped = SHIPPED / ("truth.json.gz" if of == "programme" else "walk.json.gz")
    loaded: dict[str, Any] = json.loads(gzip.decompress(shipped.read_bytes()))
    return loaded

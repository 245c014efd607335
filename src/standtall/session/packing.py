"""Packs a project with everything that it needs into one folder or one archive, with a list of all files and their hashes."""

from __future__ import annotations

import contextlib
import hashlib
import json
import shutil
import tempfile
import zipfile
from collections.abc import Iterator
from dataclasses import dataclass
from pathlib import Path
from typing import Final, Protocol

from standtall.base.errors import MediaError, OutputError, ProjectError, disk_error
from standtall.base.files import content_key, short_name, written_whole
from standtall.base.interface_language import tr
from standtall.base.progress import Progress
from standtall.base.time import ticks
from standtall.library.cache import KEY, AnalysisCache
from standtall.library.looks import LOOKS
from standtall.library.project import Project
from standtall.library.rekeying import rekey
from standtall.media.thinned import can_be_thinned, thin
from standtall.model.codec import to_plain
from standtall.model.cut import LONGEST_TRANSITION, Segment
from standtall.model.manifest import MANIFEST, PROJECT, Manifest, PackedFile, Role
from standtall.model.short import Short
from standtall.model.source import Source
from standtall.session.look_files import ENDING, write_look

PART: Final = 1 << 20
MOST_THINNED: Final = 0.8
"""Footage of which more than this share is shown goes whole."""
SHIPS: Final = ("sticker:", "music:", "effect:")
"""How files that come with the program are named: they are not packed."""


@dataclass(frozen=True, slots=True)
class Packed:
    """What was packed: how many files and bytes, and in sentences what is not in it."""

    files: int
    size: int
    left_out: tuple[str, ...]


@dataclass(frozen=True, slots=True)
class _Wanted:
    place: str
    path: Path
    role: Role
    key: str = ""


class _Target(Protocol):
    """Where packed files go; what was begun is not there where the block ends badly."""

    def add(self, place: str, source: Path, progress: Progress) -> tuple[int, str]: ...
    def text(self, place: str, data: bytes) -> None: ...


@dataclass(frozen=True, slots=True)
class Share:
    """How much of the footage goes into a pack: all of it, `only_used` files, or with `handles_s` only the passages that shorts
    show and baskets hold, with so many seconds around each."""

    only_used: bool = False
    handles_s: float | None = None


def pack(
    project: Path,
    out: Path,
    progress: Progress,
    share: Share | None = None,
    cache: AnalysisCache | None = None,
    over: bool = False,
) -> Packed:
    """Pack the project file into `out`: an archive where it ends in .zip, else a new folder. An archive is written `over` an
    older one only where that is said, and only once it is whole.

    Raises `OutputError` where it cannot be written or is there already, `ProjectError` where the project cannot be read,
    `Cancelled` when stopped; nothing is left of it then.
    """
    if out.exists() and not (over and out.is_file() and out.suffix.lower() == ".zip"):
        raise OutputError(tr("{name} is there already.", name=out.name), tr("Choose another name."))
    with tempfile.TemporaryDirectory(prefix="stand-tall-") as folder:
        wanted, left_out = _gathered(project, Path(folder), share or Share(), cache or AnalysisCache(), progress)
        need = sum(w.path.stat().st_size for w in wanted)
        free = shutil.disk_usage(_there(out.parent)).free
        if need > free:
            raise OutputError(
                tr(
                    "The disk has {free:.1f} GB free; the pack needs {need:.1f}.",
                    free=free / 1000000000.0,
                    need=need / 1000000000.0,
                ),
                tr("Choose another disk."),
            )
        with _target(out) as target:
            files, done = [], 0
            for one in wanted:
                progress.report("packing", done / max(1, need))
                size, digest = target.add(one.place, one.path, progress)
                files.append(PackedFile(one.place, size, digest, one.role, one.key))
                done += size
            manifest = Manifest(project.stem, tuple(files))
            target.text(MANIFEST, json.dumps(to_plain(manifest), indent=1, ensure_ascii=False).encode())
    progress.report("packing", 1.0)
    return Packed(len(files), sum(f.size for f in files), left_out)


def _there(folder: Path) -> Path:
    return next((p for p in (folder, *folder.parents) if p.is_dir()), Path("/"))


def _gathered(
    project: Path, folder: Path, share: Share, cache: AnalysisCache, progress: Progress
) -> tuple[list[_Wanted], tuple[str, ...]]:
    """What goes in, and what cannot; `folder` takes what is written for it."""
    with Project.reading(project) as opened:
        opened.copy_to(folder / PROJECT)
        sources, shorts = opened.sources(), [e.short for e in opened.shorts()]
        picked = [passage for source in sources for passage in opened.basket(source.key)]
    wanted, left_out, names = [_Wanted(PROJECT, folder / PROJECT, "project")], [], set[str]()
    shown = [*(segment for short in shorts for segment in short.segments), *picked]
    used = {key for short in shorts for key in short.sources} | {passage.source for passage in picked}
    new_keys: dict[str, str] = {}
    for source in sources:
        if (share.only_used or share.handles_s is not None) and source.key not in used:
            left_out.append(tr("{name}: no short uses it.", name=source.name))
            continue
        part = None if share.handles_s is None else _thinned(source, shown, share.handles_s, folder, progress)
        if part is None:
            _add_media(Path(source.path), source.key, "footage", wanted, left_out, names)
        else:
            new_keys[source.key] = content_key(part)
            _add_media(part, new_keys[source.key], "footage", wanted, left_out, names)
        wanted += _analysis(source, cache, new_keys.get(source.key, source.key))
    rekey(folder / PROJECT, new_keys)
    for path, key in dict.fromkeys((f.path, f.key) for s in shorts for f in (*s.files, *s.pictures, *s.sounds)):
        if not path.startswith(SHIPS):
            _add_media(Path(path), key, "picture", wanted, left_out, names)
    wanted += _looks(shorts, folder)
    return wanted, tuple(left_out)


def _thinned(source: Source, shown: list[Segment], handles_s: float, folder: Path, progress: Progress) -> Path | None:
    """A file with only those passages of a source that are `shown`; None where it must go whole: its kind of file cannot be
    thinned, it is not as it was, or most of it is shown."""
    path, around = Path(source.path), ticks(handles_s) + LONGEST_TRANSITION
    spans = [(s.start - around, s.end + around) for s in shown if s.source == source.key]
    if not can_be_thinned(path) or sum(b - a for a, b in spans) > MOST_THINNED * source.length:
        return None
    try:
        if content_key(path) != source.key:
            return None
    except MediaError:
        return None
    out = folder / f"{len(list(folder.iterdir()))} thin" / path.name
    out.parent.mkdir()
    thin(path, spans, out, progress)
    return out


def _add_media(path: Path, key: str, role: Role, wanted: list[_Wanted], left_out: list[str], names: set[str]) -> None:
    if any(w.key == key and w.role in ("footage", "picture") for w in wanted):
        return
    try:
        now = content_key(path)
    except MediaError as error:
        left_out.append(f"{path.name}: {error.message}")
        return
    if now != key:
        left_out.append(tr("{name}: it has changed since the project knew it.", name=path.name))
        return
    stem = short_name("".join(c if c.isalnum() or c in " -_" else "_" for c in path.stem).strip() or "file", 100)
    name, again = f"{stem}{path.suffix.lower()[:10]}", 2
    while name.casefold() in names:
        name, again = f"{stem} {again}{path.suffix.lower()[:10]}", again + 1
    names.add(name.casefold())
    wanted.append(_Wanted(f"media/{name}", path, role, key))


def _analysis(source: Source, cache: AnalysisCache, key: str) -> Iterator[_Wanted]:
    """What is known of a source, to be known there under a key."""
    if KEY.fullmatch(source.key):
        for path in sorted(cache.folder_of(source.key).glob("*.json.gz")):
            yield _Wanted(f"analysis/{key}/{path.name}", path, "analysis", key)


def _looks(shorts: list[Short], folder: Path) -> Iterator[_Wanted]:
    """Looks of the user's own that shorts name, each with its fonts in one file."""
    own = {path.stem for path in LOOKS.own_folder.glob("*.json")}
    for look in LOOKS.load().values:
        if look.name in own and any(s.captions.look == look.name for s in shorts):
            path = folder / f"{look.name}{ENDING}"
            write_look(path, look)
            yield _Wanted(f"looks/{path.name}", path, "look")


@contextlib.contextmanager
def _target(out: Path) -> Iterator[_Target]:
    if out.suffix.lower() == ".zip":
        with written_whole(out) as beside, zipfile.ZipFile(beside, "w", zipfile.ZIP_STORED, allowZip64=True) as archive:
            yield _Archive(archive)
        return
    beside = out.with_name(f".{out.name}.packing")
    try:
        shutil.rmtree(beside, ignore_errors=True)
        beside.mkdir(parents=True)
        yield _Folder(beside)
        beside.replace(out)
    except OSError as error:
        raise disk_error(error, out) from error
    finally:
        shutil.rmtree(beside, ignore_errors=True)


def _parts(path: Path, progress: Progress) -> Iterator[bytes]:
    try:
        with path.open("rb") as file:
            while part := file.read(PART):
                progress.check()
                yield part
    except OSError as error:
        raise ProjectError(
            tr("{name} cannot be read: {error}.", name=path.name, error=error.strerror),
            tr("Bring it back, and pack again."),
        ) from error


class _Archive:
    def __init__(self, archive: zipfile.ZipFile) -> None:
        self._archive = archive

    def add(self, place: str, source: Path, progress: Progress) -> tuple[int, str]:
        size, digest = 0, hashlib.sha256()
        with self._archive.open(zipfile.ZipInfo(place), "w", force_zip64=True) as into:
            for part in _parts(source, progress):
                into.write(part)
                digest.update(part)
                size += len(part)
        return size, digest.hexdigest()

    def text(self, place: str, data: bytes) -> None:
        self._archive.writestr(zipfile.ZipInfo(place), data)


class _Folder:
    def __init__(self, folder: Path) -> None:
        self._folder = folder

    def add(self, place: str, source: Path, progress: Progress) -> tuple[int, str]:
        size, digest, path = 0, hashlib.sha256(), self._folder / place
        path.parent.mkdir(parents=True, exist_ok=True)
        with path.open("wb") as into:
            for part in _parts(source, progress):
                into.write(part)
                digest.update(part)
                size += len(part)
        return size, digest.hexdigest()

    def text(self, place: str, data: bytes) -> None:
        (self._folder / place).write_bytes(data)

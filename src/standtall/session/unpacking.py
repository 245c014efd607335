"""Opens a packed project on this machine: each file is checked against its hash, and the project knows where its files are."""

from __future__ import annotations

import contextlib
import hashlib
import re
import shutil
import stat
import zipfile
from collections.abc import Callable, Iterator
from dataclasses import dataclass, replace
from pathlib import Path
from typing import IO, Any, Final

from standtall.base.errors import MediaError, OutputError, ProjectError, disk_error
from standtall.base.files import content_key, written_whole
from standtall.base.interface_language import tr
from standtall.base.progress import Progress
from standtall.base.reading import Unreadable, json_of
from standtall.library.cache import KEY, AnalysisCache
from standtall.library.looks import LOOKS
from standtall.library.project import Project
from standtall.model.codec import from_plain, to_plain
from standtall.model.edits import Edit
from standtall.model.manifest import MANIFEST, PROJECT, Manifest, PackedFile
from standtall.model.short import Short
from standtall.session.look_files import keep_beside, read_look

LARGEST_LIST: Final = 20_000_000
PART: Final = 1 << 20
STAGE: Final = re.compile(r"[a-z0-9_\-]{1,40}-[0-9a-f]{8}\.json\.gz")


@dataclass(frozen=True, slots=True)
class Unpacked:
    """Where the project is now, how many files came with it, and in sentences what is not right."""

    project: Path
    files: int
    problems: tuple[str, ...]


def unpack(pack: Path, into: Path, progress: Progress, cache: AnalysisCache | None = None) -> Unpacked:
    """Open a pack (an archive, or a folder) in the new folder `into`: files are copied, analysis goes to where analysis is kept,
    looks that are not here join the user's own, and paths in the project become those here.

    Raises `ProjectError` for what is no pack, or one whose list or project is damaged; a damaged file beside them is told of and
    left out. `OutputError` where there is no room or `into` is there already, `Cancelled` when stopped.
    """
    if into.exists() and (not into.is_dir() or any(into.iterdir())):
        raise OutputError(tr("{name} is there already.", name=into.name), tr("Choose a new folder."))
    with _opened(pack) as (read, there):
        manifest = _manifest(read)
        free = shutil.disk_usage(next(p for p in (into, *into.parents) if p.is_dir())).free
        if manifest.size > free:
            raise OutputError(
                tr(
                    "The disk has {free:.1f} GB free; the project needs {size:.1f}.",
                    free=free / 1000000000.0,
                    size=manifest.size / 1000000000.0,
                ),
                tr("Make room."),
            )
        problems = [tr("{name} is in the pack, but not in its list: it is left out.", name=name) for name in there(manifest)[:20]]
        made = not into.exists()
        try:
            good = _copied(manifest, read, into, progress, problems)
        except BaseException:
            for left in [into] if made else [*into.iterdir()]:  # it was empty before
                shutil.rmtree(left, ignore_errors=True)
                with contextlib.suppress(OSError):
                    left.unlink(missing_ok=True)
            raise
    kept = cache or AnalysisCache()
    media = {}
    for file in good:
        path = into / file.path
        if file.role == "analysis":
            _take_analysis(file, path, kept, problems)
        elif file.role == "look":
            _take_look(path, problems)
        elif file.role in ("footage", "picture"):
            with contextlib.suppress(MediaError):
                media[content_key(path)] = path
    shutil.rmtree(into / "analysis", ignore_errors=True)
    _relink(into / PROJECT, media, problems)
    return Unpacked(into / PROJECT, len(good), tuple(problems))


Read = Callable[[str, int], "contextlib.AbstractContextManager[IO[bytes]]"]
"""Opens a file of a pack by its path, if it is a plain file of at most so many bytes."""


@contextlib.contextmanager
def _opened(pack: Path) -> Iterator[tuple[Read, Callable[[Manifest], list[str]]]]:
    if pack.is_dir():
        yield lambda name, most: _from_folder(pack, name, most), lambda _manifest: []
        return
    try:
        with zipfile.ZipFile(pack) as archive:
            names = {i.filename: i for i in archive.infolist() if not i.is_dir()}

            def strangers(manifest: Manifest) -> list[str]:
                listed = {f.path for f in manifest.files} | {MANIFEST}
                return [name[:80] for name in names if name not in listed]

            yield lambda name, most: _from_archive(archive, names, name, most), strangers
    except (zipfile.BadZipFile, OSError, NotImplementedError, RuntimeError) as error:
        raise ProjectError(
            tr("{name} is no packed project, or is damaged: {error}.", name=pack.name, error=error), tr("Pack the project again.")
        ) from error


@contextlib.contextmanager
def _from_folder(pack: Path, name: str, most: int) -> Iterator[IO[bytes]]:
    path = pack / name
    if path.is_symlink() or not path.is_file() or any(p.is_symlink() for p in path.parents if pack in p.parents):
        raise ProjectError(tr("{name} is not in the pack.", name=name), tr("Copy the whole folder."))
    if path.stat().st_size > most:
        raise ProjectError(tr("{name} is larger than its list says.", name=name))
    with path.open("rb") as file:
        yield file


@contextlib.contextmanager
def _from_archive(archive: zipfile.ZipFile, names: dict[str, zipfile.ZipInfo], name: str, most: int) -> Iterator[IO[bytes]]:
    info = names.get(name)
    if info is None or stat.S_ISLNK(info.external_attr >> 16):
        raise ProjectError(tr("{name} is not in the pack.", name=name), tr("Pack the project again."))
    if info.file_size > most or info.flag_bits & 1:
        raise ProjectError(tr("{name} is larger than its list says, or locked.", name=name))
    with archive.open(info) as file:
        yield file


def _manifest(read: Read) -> Manifest:
    try:
        with read(MANIFEST, LARGEST_LIST) as file:
            return from_plain(Manifest, json_of(file.read(LARGEST_LIST + 1), LARGEST_LIST))
    except Unreadable as error:
        raise ProjectError(
            tr("The list of what is packed cannot be read: {error}.", error=error), tr("Pack the project again.")
        ) from error


def _copied(manifest: Manifest, read: Read, into: Path, progress: Progress, problems: list[str]) -> list[PackedFile]:
    """Copy all files; -> those that are what the list says. The project itself must be."""
    good, done = [], 0
    for file in manifest.files:
        progress.report("unpacking", done / max(1, manifest.size))
        try:
            _copy(file, read, into / file.path, progress)
            good.append(file)
        except ProjectError as error:
            if file.role == "project":
                raise
            problems.append(error.message)
        done += file.size
    return good


def _copy(file: PackedFile, read: Read, path: Path, progress: Progress) -> None:
    digest, size = hashlib.sha256(), 0
    damaged = ProjectError(tr("{path} is not what was packed: it is left out.", path=file.path), tr("Pack the project again."))
    try:
        with read(file.path, file.size) as source, written_whole(path) as beside, beside.open("wb") as target:
            while part := source.read(PART):
                progress.check()
                size += len(part)
                if size > file.size:
                    raise damaged
                digest.update(part)
                target.write(part)
            if size != file.size or digest.hexdigest() != file.sha256:
                raise damaged
    except zipfile.BadZipFile as error:
        raise damaged from error
    except OSError as error:
        raise disk_error(error, path) from error


def _take_analysis(file: PackedFile, path: Path, cache: AnalysisCache, problems: list[str]) -> None:
    """Keep what was found of footage, unless it is known here; it is read with distrust when it is used."""
    if not KEY.fullmatch(file.key) or not STAGE.fullmatch(path.name) or path.parent.name != file.key:
        problems.append(tr("{path} is no analysis: it is left out.", path=file.path))
        return
    target = cache.folder_of(file.key) / path.name
    if not target.exists():
        with written_whole(target) as beside:
            shutil.copyfile(path, beside)


def _take_look(path: Path, problems: list[str]) -> None:
    try:
        look, _said = read_look(path)
        if look.name not in {k.name for k in LOOKS.load().values}:
            keep_beside(look)
    except (ProjectError, OutputError) as error:
        problems.append(error.message)


def _relink(project: Path, media: dict[str, Path], problems: list[str]) -> None:
    """Let the project know where its footage and the files of its shorts are."""
    with Project(project) as opened:
        for source in opened.sources():
            path = media.get(source.key)
            if path is not None:
                opened.add_source(replace(source, path=str(path)))
            elif not Path(source.path).is_file():
                problems.append(tr("{name} is not in the pack.", name=source.name))
        for entry in opened.shorts():
            short = entry.short
            there = {f.path: str(media[f.key]) for f in (*short.files, *short.pictures, *short.sounds) if f.key in media}
            if any(old != new for old, new in there.items()):
                opened.apply(entry.id, Edit(tr("Files of the pack"), relinked(short, there)))


def relinked(short: Short, there: dict[str, str]) -> Short:
    """A short whose files have other paths."""
    return from_plain(Short, _replaced(to_plain(short), there))


def _replaced(value: Any, there: dict[str, str]) -> Any:
    if isinstance(value, dict):
        return {k: there.get(v, v) if k == "path" and isinstance(v, str) else _replaced(v, there) for k, v in value.items()}
    if isinstance(value, list | tuple):
        return [_replaced(v, there) for v in value]
    return value

"""A project that travels: packed, opened elsewhere with everything in it, and packs that nobody should trust."""

from __future__ import annotations

import hashlib
import json
import shutil
import stat
import zipfile
from dataclasses import replace
from pathlib import Path

import numpy as np
import pytest

from standtall.base.errors import Cancelled, OutputError, ProjectError
from standtall.base.progress import Progress, Step
from standtall.cutting.by_words import from_words
from standtall.library.cache import AnalysisCache
from standtall.library.project import Project
from standtall.library.rekeying import rekey
from standtall.media.planes import Planes
from standtall.media.probe import probe
from standtall.media.sound_reader import read_sound
from standtall.media.writer import MovieWriter
from standtall.model.analysis import Analysis
from standtall.model.cut import Segment
from standtall.model.edits import Edit
from standtall.model.extras import Cutaway
from standtall.model.manifest import MANIFEST, check_inside
from standtall.model.short import Short
from standtall.model.source import Source
from standtall.session.packing import Share, pack
from standtall.session.render_request import render_request
from standtall.session.run import run
from standtall.session.unpacking import unpack
from tests.conftest import make_clip, tone
from tests.helpers import assert_alike

S = 48_000


@pytest.fixture
def project(tmp_path: Path) -> Path:
    """Two pieces of footage, of which a short uses one, with a cutaway."""
    home = tmp_path / "here"
    home.mkdir()
    used, unused, cutaway = (probe(make_clip(home / f"{n}.mp4", frames=k, sound=tone(k / 30))) for n, k in (("talk: one?", 90), ("b", 60), ("c", 45)))
    path = home / "p.standtall"
    with Project(path) as made:
        made.add_source(used)
        made.add_source(unused)
        short = Short.of("Worms", [Segment(used.key, 0, 2 * S)])
        over = Cutaway(cutaway.path, cutaway.key, Segment(used.key, S, 2 * S))
        made.add_short(replace(short, extras=replace(short.extras, cutaways=(over,))))
    AnalysisCache().keep(used.key, "words", {"a": 1})
    return path


def elsewhere(project: Path, tmp_path: Path) -> AnalysisCache:
    """Another machine: nothing of this one is there any more."""
    shutil.rmtree(project.parent)
    return AnalysisCache(tmp_path / "elsewhere" / "analysis")


@pytest.mark.parametrize("name", ["p.zip", "packed"])
def test_a_project_is_opened_elsewhere_with_all_that_is_in_it(project: Path, tmp_path: Path, name: str) -> None:
    with Project.reading(project) as here:
        (before,), sources = here.shorts(), here.sources()
    steps: list[Step] = []
    made = pack(project, tmp_path / name, Progress(steps.append))
    assert (made.files, made.left_out) == (5, ())
    assert steps[-1].share == 1.0
    cache = elsewhere(project, tmp_path)
    opened = unpack(tmp_path / name, tmp_path / "elsewhere" / "p", Progress(), cache)
    assert opened.problems == ()
    with Project.reading(opened.project) as there:
        (entry,), found = there.shorts(), there.sources()
    assert [s.key for s in found] == [s.key for s in sources]
    assert all(Path(s.path).is_file() and "elsewhere" in s.path for s in found)
    assert probe(found[0].path).key == found[0].key
    assert entry.short.segments == before.short.segments
    (cutaway,) = entry.short.extras.cutaways
    assert Path(cutaway.path).is_file() and probe(cutaway.path).key == cutaway.key
    assert len(list(cache.folder_of(found[0].key).glob("words-*.json.gz"))) == 1
    assert not (opened.project.parent / "analysis").exists()


def test_footage_that_no_short_uses_may_stay(project: Path, tmp_path: Path) -> None:
    made = pack(project, tmp_path / "p.zip", Progress(), Share(only_used=True))
    assert made.files == 4
    assert made.left_out == ("b: no short uses it.",)


@pytest.mark.fault
def test_footage_that_only_a_basket_uses_travels(project: Path, tmp_path: Path) -> None:
    with Project(project) as made:
        _used, unused = made.sources()
        (entry,) = made.shorts()
        made.set_basket(entry.id, (Segment(unused.key, 0, S // 2),), "a line picked")
    for share in (Share(only_used=True), Share(handles_s=0.1)):
        assert pack(project, tmp_path / f"{share.only_used}.zip", Progress(), share).left_out == ()
    with Project(project) as made:
        made.set_basket(entry.id, (), "given back")
    assert pack(project, tmp_path / "none.zip", Progress(), Share(only_used=True)).left_out == ("b: no short uses it.",)


def test_only_what_is_shown_travels_and_renders_the_same(
    demo_source: Source, demo_analysis: Analysis, tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    """The demo cut down to a short's passages with a second around each: at its times, frame for frame, and with its history."""
    cache = AnalysisCache()
    cache.keep(demo_source.key, "words", {"a": 1})
    short = from_words("s", demo_analysis, [*range(200, 208), *range(30, 36)])
    short = replace(short, output=replace(short.output, width=540, height=960))
    project = tmp_path / "p.standtall"
    with Project(project) as made:
        made.add_source(demo_source)
        number = made.add_short(short)
        made.apply(number, Edit("Rename", replace(short, name="Worms")))
    whole = pack(project, tmp_path / "whole.zip", Progress())
    part = pack(project, tmp_path / "part.zip", Progress(), Share(handles_s=1.0))
    assert part.left_out == ()
    assert part.size < whole.size / 2
    there = tmp_path / "there"
    opened = unpack(tmp_path / "part.zip", there, Progress(), AnalysisCache(there / "analysis kept"))
    assert opened.problems == ()
    with Project(opened.project) as found:
        (source,), (entry,) = found.sources(), found.shorts()
        assert entry.short.name == "Worms"
        before = found.undo(entry.id).short
    assert source.key != demo_source.key and probe(source.path).key == source.key
    assert source.length == demo_source.length
    assert [(s.start, s.end) for s in before.segments] == [(s.start, s.end) for s in short.segments]
    assert {s.source for s in before.segments} == {source.key}
    assert len(list(AnalysisCache(there / "analysis kept").folder_of(source.key).glob("words-*"))) == 1
    moved = replace(demo_analysis, source_key=source.key)
    painted: list[list[bytes]] = []
    encode = MovieWriter.picture

    def noted(writer: MovieWriter, planes: Planes) -> None:
        painted[-1].append(hashlib.sha256(planes.y.tobytes() + planes.u.tobytes() + planes.v.tobytes()).digest())
        encode(writer, planes)

    monkeypatch.setattr(MovieWriter, "picture", noted)
    files = []
    for one, s, a, name in ((short, demo_source, demo_analysis, "a"), (before, source, moved, "b")):
        files.append(tmp_path / f"{name}.mp4")
        painted.append([])
        run(render_request(one, {s.key: (s, a)}, files[-1]), lambda _e: None, Progress())
    assert len(painted[0]) > 200
    assert painted[0] == painted[1]
    assert_alike(*files)
    # The coding of the demo's sound has noise made up by the decoder, from whatever it decoded before: alike, not the same.
    sounds = [read_sound(f, S, 1).reshape(-1) for f in files]
    assert len(sounds[0]) == len(sounds[1])
    assert np.corrcoef(*sounds)[0, 1] > 0.99
    assert float(np.std(sounds[0]) / np.std(sounds[1])) == pytest.approx(1.0, abs=0.01)


def test_footage_of_which_nearly_all_is_shown_goes_whole(project: Path, tmp_path: Path) -> None:
    pack(project, tmp_path / "p", Progress(), Share(handles_s=5.0))
    with Project.reading(tmp_path / "p" / "project.standtall") as packed, Project.reading(project) as here:
        assert packed.shorts()[0].short.sources == here.shorts()[0].short.sources


def test_keys_that_are_none_are_not_put_in(project: Path) -> None:
    before = project.read_bytes()
    with pytest.raises(ProjectError):
        rekey(project, {"%": "x"})
    assert project.read_bytes() == before
    (project.parent / "no.standtall").write_bytes(b"nothing")
    with pytest.raises(ProjectError, match="cannot be changed"):
        rekey(project.parent / "no.standtall", {"0" * 24: "1" * 24})


def test_what_is_gone_or_changed_is_told_of(project: Path, tmp_path: Path) -> None:
    (project.parent / "c.mp4").unlink()
    (project.parent / "b.mp4").write_bytes(b"other")
    made = pack(project, tmp_path / "p.zip", Progress())
    assert len(made.left_out) == 2
    assert "has changed" in made.left_out[0]
    elsewhere(project, tmp_path)
    opened = unpack(tmp_path / "p.zip", tmp_path / "there", Progress())
    assert opened.problems == ("b is not in the pack.",)


def test_a_damaged_file_is_left_out_and_a_damaged_project_refused(project: Path, tmp_path: Path) -> None:
    pack(project, tmp_path / "p", Progress())
    media = tmp_path / "p" / "media" / "b.mp4"
    data = bytearray(media.read_bytes())
    data[500] ^= 1
    media.write_bytes(data)
    opened = unpack(tmp_path / "p", tmp_path / "there", Progress())
    assert any("media/b.mp4 is not what was packed" in p for p in opened.problems)
    assert not (tmp_path / "there" / "media" / "b.mp4").exists()
    stored = tmp_path / "p" / "project.standtall"
    stored.write_bytes(stored.read_bytes()[:-1] + b"x")
    with pytest.raises(ProjectError):
        unpack(tmp_path / "p", tmp_path / "again", Progress())
    assert not (tmp_path / "again").exists(), "nothing is left of it"


def test_stopped_nothing_is_left(project: Path, tmp_path: Path) -> None:
    for name in ("p.zip", "p"):
        progress = Progress()
        progress.cancel()
        with pytest.raises(Cancelled):
            pack(project, tmp_path / name, progress)
        assert {p.name for p in tmp_path.iterdir()} <= {"here", "own"} | {p.name for p in tmp_path.iterdir() if p.is_dir() and p.name != "p"}
        assert not (tmp_path / name).exists()
    with pytest.raises(OutputError, match="there already"):
        pack(project, project, Progress())
    archive = tmp_path / "older.zip"
    archive.write_bytes(b"older")
    with pytest.raises(Cancelled):
        pack(project, archive, progress, over=True)
    assert archive.read_bytes() == b"older"
    assert pack(project, archive, Progress(), over=True).files == 5


def rewritten(path: Path, change: dict[str, object], files: dict[str, bytes] | None = None, link: str = "") -> Path:
    """A pack with another list, or other files in it."""
    out = path.with_name("hostile.zip")
    with zipfile.ZipFile(path) as good, zipfile.ZipFile(out, "w") as bad:
        manifest = json.loads(good.read(MANIFEST))
        manifest["files"][0] |= change.pop("first", {})  # type: ignore[operator]
        manifest["files"][-1] |= change.pop("last", {})  # type: ignore[operator]
        for name in good.namelist():
            if name == link:
                info = zipfile.ZipInfo(name)
                info.external_attr = (stat.S_IFLNK | 0o777) << 16
                bad.writestr(info, "/etc/passwd")
            elif name != MANIFEST:
                bad.writestr(name, good.read(name))
        for name, data in (files or {}).items():
            bad.writestr(name, data, zipfile.ZIP_DEFLATED)
        bad.writestr(MANIFEST, json.dumps(manifest | change))
    return out


@pytest.mark.parametrize("path", ["../up.mp4", "/etc/cron", "a/../../b", "a\\..\\b", "", "a//b", "C:/x", "a/b/c/d/e", "a/./b", "con\n", "x" * 300, "a/ b"])
def test_paths_that_lead_out_are_refused(project: Path, tmp_path: Path, path: str) -> None:
    with pytest.raises(ProjectError):
        check_inside(path)
    pack(project, tmp_path / "p.zip", Progress())
    hostile = rewritten(tmp_path / "p.zip", {"last": {"path": path}}, {path: b"x"} if path else {})
    with pytest.raises(ProjectError):
        unpack(hostile, tmp_path / "there", Progress())
    assert not (tmp_path / "there").exists()


@pytest.mark.parametrize(("change", "says"), [
    ({"format": "other"}, "no packed project"), ({"version": 9}, "newer version"), ({"files": []}, "number of packed files"),
    ({"files": 7}, "files"), ({"first": {"role": "footage"}}, "damaged"), ({"last": {"size": -1}}, "size"), ({"last": {"size": 1 << 60}}, "size"),
    ({"last": {"sha256": "x"}}, "hash"), ({"last": {"role": "program"}}, "role"), ({"last": {"path": "project.standtall"}}, "damaged"),
])  # fmt: skip
def test_lists_that_nobody_can_mean_are_refused(project: Path, tmp_path: Path, change: dict[str, object], says: str) -> None:
    pack(project, tmp_path / "p.zip", Progress())
    with pytest.raises(ProjectError, match=says):
        unpack(rewritten(tmp_path / "p.zip", change), tmp_path / "there", Progress())


def test_links_bombs_and_strangers_are_left_out(project: Path, tmp_path: Path) -> None:
    pack(project, tmp_path / "p.zip", Progress())
    linked = unpack(rewritten(tmp_path / "p.zip", {}, link="media/b.mp4"), tmp_path / "one", Progress())
    assert "media/b.mp4 is not in the pack." in linked.problems
    assert not (tmp_path / "one" / "media" / "b.mp4").exists()
    strange = unpack(rewritten(tmp_path / "p.zip", {}, {"run.sh": b"#!"}), tmp_path / "two", Progress())
    assert strange.problems == ("run.sh is in the pack, but not in its list: it is left out.",)
    assert not list((tmp_path / "two").rglob("run.sh"))
    with zipfile.ZipFile(tmp_path / "p.zip") as good:
        manifest = json.loads(good.read(MANIFEST))
    last = manifest["files"][-1]
    bomb = rewritten(tmp_path / "p.zip", {"last": {"path": "media/bomb.mp4"}}, {"media/bomb.mp4": b"\0" * 60_000_000})
    blown = unpack(bomb, tmp_path / "three", Progress())
    assert any("larger than its list says" in p for p in blown.problems)
    assert last["size"] < 60_000_000 and not list((tmp_path / "three").rglob("bomb*"))


@pytest.mark.parametrize("data", [b"", b"PK\x03\x04 no", b"\0" * 1000])
def test_files_that_are_no_pack_are_refused(tmp_path: Path, data: bytes) -> None:
    path = tmp_path / "a.zip"
    path.write_bytes(data)
    with pytest.raises(ProjectError):
        unpack(path, tmp_path / "there", Progress())
    with pytest.raises(ProjectError):
        unpack(tmp_path, tmp_path / "there", Progress())

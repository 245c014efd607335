"""Footage found again by its content."""

from __future__ import annotations

from pathlib import Path

import pytest

from standtall.library import finding
from standtall.library.finding import Whereabouts, whereabouts
from standtall.media.probe import probe
from standtall.model.source import Source
from tests.conftest import make_clip


@pytest.fixture
def clip(tmp_path: Path) -> Source:
    folder = tmp_path / "shoot" / "day one"
    folder.mkdir(parents=True)
    return probe(make_clip(folder / "talk.mp4", 30))


def test_what_is_at_its_place_is_here(clip: Source) -> None:
    assert whereabouts(clip) == Whereabouts("here", clip.path)


def test_a_renamed_file_is_found_beside_its_old_place(clip: Source) -> None:
    new = Path(clip.path).rename(Path(clip.path).with_name("talk, final.mov"))
    assert whereabouts(clip) == Whereabouts("moved", str(new))


def test_a_file_in_another_folder_is_found_where_the_project_is(clip: Source, tmp_path: Path) -> None:
    there = tmp_path / "elsewhere" / "archive" / "talk.mp4"
    there.parent.mkdir(parents=True)
    Path(clip.path).rename(there)
    project = tmp_path / "elsewhere"
    assert whereabouts(clip, [project]) == Whereabouts("moved", str(there))


def test_another_file_of_the_same_name_and_size_is_never_taken(clip: Source) -> None:
    place = Path(clip.path)
    data = bytearray(place.read_bytes())
    data[len(data) // 2] ^= 0xFF
    place.write_bytes(data)
    assert whereabouts(clip) == Whereabouts("changed")
    place.unlink()
    assert whereabouts(clip) == Whereabouts("missing")


def test_a_changed_file_whose_original_lies_beside_is_found(clip: Source) -> None:
    place = Path(clip.path)
    place.with_name("backup.mp4").write_bytes(place.read_bytes())
    place.write_bytes(b"x")
    assert whereabouts(clip) == Whereabouts("moved", str(place.with_name("backup.mp4")))


def test_the_search_is_over_soon_and_follows_no_loops(clip: Source, tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    Path(clip.path).unlink()
    (tmp_path / "loop").symlink_to(tmp_path)
    assert whereabouts(clip, [tmp_path]) == Whereabouts("missing")
    hidden = tmp_path / "a" / "b" / "c" / "d"
    hidden.mkdir(parents=True)
    (hidden / "x.mp4").write_bytes(b"0" * clip.size_bytes)
    monkeypatch.setattr(finding, "MOST", 2)
    for i in range(5):
        (tmp_path / "shoot" / f"{i}.txt").write_text("x")
    assert whereabouts(clip, [tmp_path]) == Whereabouts("missing")

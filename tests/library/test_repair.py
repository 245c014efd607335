"""Damaged projects are repaired as far as they go, and what is lost is told in numbers."""

from __future__ import annotations

import random
import sqlite3
from dataclasses import replace
from pathlib import Path

import pytest

from standtall.base.errors import ProjectError
from standtall.library.project import Project
from standtall.library.repair import repaired
from standtall.model import corrections, edits
from tests.library.test_library import KEY, SAID, SHORT, SOURCE

PAGE = 4096


def written(path: Path, shorts: int = 60, steps: int = 6) -> Path:
    """A project of many pages."""
    with Project(path) as project:
        project.add_source(SOURCE)
        for n in range(shorts):
            number = project.add_short(replace(SHORT, name=f"Short {n}"))
            for k in range(steps):
                now = project.entry(number).short
                project.apply(number, edits.rename(now, f"Short {n} state {k} {'x' * 100}"))
        project.revise(1, SAID, corrections.retype(SAID, range(1), "Hello"))
    return path


def test_a_whole_project_loses_nothing(tmp_path: Path) -> None:
    path = written(tmp_path / "a.standtall", 3)
    with Project(path) as project:
        project.undo(2)
        before = [(e.id, e.short, e.redo) for e in project.shorts()]
        words = project.transcripts.find(KEY)
    made = repaired(path)
    assert made.path.name == "a repaired.standtall" and (made.sources, made.shorts, made.lost, made.cut_off) == (1, 3, 0, ())
    with Project(made.path) as project:
        assert [(e.id, e.short, e.redo) for e in project.shorts()] == before
        assert project.transcripts.find(KEY) == words and words is not None
    assert repaired(path).path.name == "a repaired 2.standtall"
    assert sorted(p.name for p in tmp_path.iterdir() if "repaired" in p.name) == ["a repaired 2.standtall", "a repaired.standtall"]


@pytest.mark.fault
@pytest.mark.parametrize("seed", range(8))
def test_pages_that_are_damaged_cost_what_was_on_them(tmp_path: Path, seed: int) -> None:
    path = written(tmp_path / "a.standtall")
    dice = random.Random(seed)
    data = bytearray(path.read_bytes())
    pages = len(data) // PAGE
    for page in dice.sample(range(pages // 3, pages), 2):
        data[page * PAGE : (page + 1) * PAGE] = dice.randbytes(PAGE)
    path.write_bytes(data)
    made = repaired(path)
    assert made.sources == 1 and made.shorts >= 20 and path.read_bytes() == bytes(data), "the damaged file stays as it is"
    assert made.told.startswith("Saved: 1 of footage, ")
    with Project(made.path) as project:
        for entry in project.shorts():
            assert entry.short.name.startswith(f"Short {entry.id - 1}")
            project.undo(entry.id)
        project.apply(project.shorts()[0].id, edits.rename(SHORT, "It goes on"))


@pytest.mark.fault
def test_rows_that_say_nothing_are_counted_and_a_short_stands_where_it_can(tmp_path: Path) -> None:
    path = written(tmp_path / "a.standtall", 2, 3)
    db = sqlite3.connect(path)
    db.execute("UPDATE history SET value = 'nonsense' WHERE short = 1 AND step = 3")
    db.execute("UPDATE history SET value = 'nonsense' WHERE short = 2")
    db.execute("DELETE FROM short")
    db.commit()
    db.close()
    made = repaired(path)
    assert (made.shorts, made.lost) == (1, 5) and "5 could not be read" in made.told
    with Project(made.path) as project:
        (entry,) = project.shorts()
        assert entry.id == 1 and "state 1" in entry.short.name


@pytest.mark.fault
@pytest.mark.parametrize("data", [b"", b"no database at all" * 400, b"SQLite format 3\x00" + bytes(8000)])
def test_what_is_no_project_any_more_is_said(tmp_path: Path, data: bytes) -> None:
    path = tmp_path / "a.standtall"
    path.write_bytes(data)
    with pytest.raises(ProjectError, match=r"cannot be repaired|can be read"):
        repaired(path)
    assert [p.name for p in tmp_path.iterdir()] == ["a.standtall"]

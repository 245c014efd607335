from __future__ import annotations

from datetime import date, timedelta
from pathlib import Path

import pytest

from standtall.library.backups import DAYS, brought_back, copies, folder_of, keep_copy
from standtall.library.project import Project
from standtall.model.cut import Segment
from standtall.model.short import Short

DAY = date(2026, 11, 27)
SHORT = Short.of("Kept", [Segment("a" * 24, 0, 48_000)])


@pytest.fixture
def project(tmp_path: Path) -> Project:
    made = Project(tmp_path / "Talk.standtall")
    made.add_short(SHORT)
    yield made  # type: ignore[misc]
    made.close()


def test_one_copy_a_day_is_kept_and_is_a_whole_project(project: Project) -> None:
    made = keep_copy(project, DAY)
    assert made is not None and keep_copy(project, DAY) is None
    project.add_short(SHORT)
    with Project(made, "read") as copy:
        assert [e.short.name for e in copy.shorts()] == ["Kept"]


def test_the_oldest_go_and_others_of_the_same_name_are_apart(project: Project, tmp_path: Path) -> None:
    for n in range(DAYS + 3):
        assert keep_copy(project, DAY + timedelta(n)) is not None
    found = copies(project.path)
    assert len(found) == DAYS and found[0].stem == (DAY + timedelta(DAYS + 2)).isoformat()
    assert folder_of(tmp_path / "elsewhere" / "Talk.standtall") != folder_of(project.path)
    assert copies(tmp_path / "none.standtall") == []


def test_a_copy_comes_back_beside_and_nothing_is_written_over(project: Project) -> None:
    made = keep_copy(project, DAY)
    assert made is not None
    first, second = brought_back(made, project.path), brought_back(made, project.path)
    assert (first.name, second.name) == ("Talk of 2026-11-27.standtall", "Talk of 2026-11-27 2.standtall")
    with Project(first, "read") as copy:
        assert len(copy.shorts()) == 1


def test_a_copy_that_cannot_be_made_stops_nothing(project: Project) -> None:
    folder = folder_of(project.path)
    folder.parent.mkdir(parents=True)
    folder.write_text("no folder")
    assert keep_copy(project, DAY) is None and copies(project.path) == []

"""One history: baskets, removals of footage, words and shorts are undone in the order in which they were done."""

from __future__ import annotations

import sqlite3
from dataclasses import replace
from pathlib import Path

import pytest

from standtall.base.errors import ProjectError
from standtall.library.project import Project
from standtall.model import corrections, edits
from standtall.model.cut import Segment
from tests.library.test_library import KEY, SAID, SHORT, SOURCE

OTHER = replace(SOURCE, key="f" * 24, name="Other")
FIRST, SECOND = (Segment(KEY, 0, 10),), (Segment(KEY, 50, 60), Segment(KEY, 0, 10))


@pytest.fixture
def path(tmp_path: Path) -> Path:
    return tmp_path / "a.standtall"


def state(project: Project, number: int) -> tuple[object, ...]:
    words = project.transcripts.find(KEY)
    return (
        project.entry(number).short.name, (words or SAID).words[0].text, project.basket(KEY), [s.name for s in project.sources()],
    )  # fmt: skip


def filled(project: Project) -> int:
    project.add_source(SOURCE)
    project.add_source(OTHER)
    return project.add_short(SHORT)


def test_every_kind_of_step_is_undone_and_redone_in_its_turn(path: Path) -> None:
    with Project(path) as project:
        number = filled(project)
        seen = [state(project, number)]
        project.set_basket(number, FIRST, "Add to the basket")
        seen.append(state(project, number))
        project.apply(number, edits.rename(SHORT, "Renamed"))
        seen.append(state(project, number))
        project.remove_source(OTHER.key)
        seen.append(state(project, number))
        project.revise(number, SAID, corrections.retype(SAID, range(1), "Hello"))
        seen.append(state(project, number))
        assert project.set_basket(number, SECOND, "Move in the basket").undo == "Move in the basket"
        seen.append(state(project, number))
        assert len({str(s) for s in seen}) == len(seen)
    with Project(path) as project:  # the history is in the file
        labels = []
        for before in reversed(seen[:-1]):
            labels.append(project.entry(number).undo)
            project.undo(number)
            assert state(project, number) == before
        assert labels == ["Move in the basket", corrections.retype(SAID, range(1), "Hello").label, "Remove Other", edits.rename(SHORT, "Renamed").label,
                          "Add to the basket"]  # fmt: skip
        assert project.entry(number).undo is None
        for after in seen[1:]:
            project.redo(number)
            assert state(project, number) == after
        assert project.entry(number).redo is None


@pytest.mark.parametrize("then", ["basket", "short", "words", "removal"])
def test_a_new_step_forgets_what_was_undone(path: Path, then: str) -> None:
    with Project(path) as project:
        number = filled(project)
        project.set_basket(number, FIRST, "Add to the basket")
        assert project.undo(number).redo == "Add to the basket"
        if then == "basket":
            project.set_basket(number, SECOND, "Add to the basket")
        elif then == "short":
            project.apply(number, edits.rename(SHORT, "Renamed"))
        elif then == "words":
            project.revise(number, SAID, corrections.retype(SAID, range(1), "Hello"))
        else:
            project.remove_source(OTHER.key)
        assert project.entry(number).redo is None
        assert project.redo(number).short == project.entry(number).short
        assert project.basket(KEY) == (SECOND if then == "basket" else ())


def test_footage_that_was_removed_comes_back_at_its_place(path: Path) -> None:
    with Project(path) as project:
        number = filled(project)
        project.remove_source(KEY)
        project.remove_source("never there")
        assert project.sources() == (OTHER,)
        assert project.undo_removal()
        assert project.sources() == (SOURCE, OTHER)
        assert not project.undo_removal()
        project.redo(number)
        assert project.sources() == (OTHER,)


def test_a_short_that_was_deleted_comes_back_by_undo_from_any_short_or_out_of_the_list(path: Path) -> None:
    with Project(path) as project:
        first = filled(project)
        second = project.add_short(replace(SHORT, name="Second"))
        project.remove_short(second)
        project.remove_short(second)
        assert [e.id for e in project.shorts()] == [first] and [e.id for e in project.removed_shorts()] == [second]
        assert project.opened() == first and project.entry(first).undo == "Delete “Second”"
        project.undo(first)
        assert [e.id for e in project.shorts()] == [first, second] and project.removed_shorts() == ()
        project.redo(first)
        assert [e.id for e in project.shorts()] == [first]
    with Project(path) as project:
        assert project.bring_short_back(second).short.name == "Second"
        assert [e.id for e in project.shorts()] == [first, second]
        assert project.entry(first).undo is None, "what was brought back is not undone once more"
        project.remove_short(first)
        project.remove_short(second)
        assert project.shorts() == () and project.opened() is None
        assert project.undo_removal() and [e.id for e in project.shorts()] == [second]


def test_a_basket_of_other_footage_is_no_step_of_this_short(path: Path) -> None:
    with Project(path) as project:
        number = filled(project)
        elsewhere = project.add_short(replace(SHORT, cut=replace(SHORT.cut, segments=(Segment(OTHER.key, 0, 5),))))
        project.set_basket(elsewhere, (Segment(OTHER.key, 1, 2),), "Add to the basket")
        assert project.entry(number).undo is None
        assert project.entry(elsewhere).undo == "Add to the basket"


def test_a_damaged_step_is_an_error_of_its_own(path: Path) -> None:
    with Project(path) as project:
        number = filled(project)
        project.set_basket(number, FIRST, "Add to the basket")
    db = sqlite3.connect(path)
    db.execute("UPDATE change SET old = '['")
    db.commit()
    db.close()
    with Project(path) as project:
        with pytest.raises(ProjectError):
            project.undo(number)
        assert project.basket(KEY) == FIRST, "nothing was changed by half"

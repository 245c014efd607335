"""One writer at a time, files that go away, and projects that somebody else made or damaged."""

from __future__ import annotations

import json
import os
import shutil
import sqlite3
import subprocess
import sys
import time
from collections.abc import Callable
from dataclasses import replace
from pathlib import Path

import pytest

from standtall.base.errors import ProjectError
from standtall.library import lock as locking
from standtall.library.database import APPLICATION_ID, ProjectLost
from standtall.library.lock import Lock, ProjectBusy, lock_file
from standtall.library.project import MIGRATIONS, Project
from standtall.model import corrections, edits
from tests.library.test_library import FLAT, KEY, SAID, SHORT, SOURCE

pytestmark = pytest.mark.fault


@pytest.fixture
def path(tmp_path: Path) -> Path:
    return tmp_path / "p.standtall"


def elsewhere(path: Path) -> subprocess.Popen[str]:
    """Another process with the project open."""
    code = "import sys, pathlib\nfrom standtall.library.project import Project\nProject(pathlib.Path(sys.argv[1])); print('open', flush=True)\ninput()"
    child = subprocess.Popen([sys.executable, "-c", code, str(path)], stdin=subprocess.PIPE, stdout=subprocess.PIPE, text=True)
    assert child.stdout is not None
    assert child.stdout.readline() == "open\n"
    return child


def ended(child: subprocess.Popen[str]) -> None:
    child.kill()
    child.communicate()


# one writer at a time


def test_a_second_writer_is_told_who_has_it_and_can_read(path: Path) -> None:
    with Project(path) as first:
        number = first.add_short(SHORT)
        with pytest.raises(ProjectBusy, match=rf"worked on by .+ \(process {os.getpid()}\)"):
            Project(path)
        with Project(path, "read") as second:
            first.apply(number, edits.rename(SHORT, "newer"))
            assert second.entry(number).short.name == "newer", "what is written meanwhile is seen"
            with pytest.raises(ProjectError, match="only open to be read"):
                second.apply(number, edits.rename(SHORT, "other"))
            second.mark_opened(number)
    with Project(path) as again:
        assert again.entry(number).short.name == "newer"
    assert not lock_file(path).exists()


def test_the_lock_of_a_killed_process_is_taken_over_at_once(path: Path) -> None:
    child = elsewhere(path)
    with pytest.raises(ProjectBusy, match=f"process {child.pid}"):
        Project(path)
    ended(child)
    assert lock_file(path).exists()
    with Project(path) as project:
        project.add_short(SHORT)


@pytest.mark.parametrize(("age", "alive"), [(0, True), (locking.DEAD_S + 5, False)])
def test_another_machine_has_it_as_long_as_it_shows_signs_of_life(path: Path, age: float, alive: bool) -> None:
    mark = lock_file(path)
    mark.write_text(json.dumps({"person": "odile", "host": "elsewhere", "pid": 7}))
    os.utime(mark, (time.time() - age, time.time() - age))
    if alive:
        with pytest.raises(ProjectBusy, match="odile on elsewhere"):
            Project(path)
    else:
        Project(path).close()


@pytest.mark.parametrize("text", ["", "{}", "[" * 9000, '{"person": 1, "host": null, "pid": "x"}'])
def test_a_lock_that_says_nothing_is_taken_over(path: Path, text: str) -> None:
    lock_file(path).write_text(text)
    Project(path).close()


def test_a_lock_never_leads_to_another_file(path: Path, tmp_path: Path) -> None:
    precious = tmp_path / "precious"
    precious.write_text("mine")
    lock_file(path).symlink_to(precious)
    with pytest.raises(OSError):
        Lock(path).take()
    assert precious.read_text() == "mine"


def test_nothing_is_written_over_what_another_program_wrote(path: Path) -> None:
    """Somebody goes round the lock: what was read before does not hold, and is not made the base of a change."""
    with Project(path) as project:
        number = project.add_short(SHORT)
        project.revise(number, SAID, corrections.retype(SAID, range(1), "Hello"))
        other = sqlite3.connect(path)
        other.execute("UPDATE transcript SET head = 0")
        other.commit()
        other.close()
        now = project.transcripts.find(KEY)
        assert now is not None
        with pytest.raises(ProjectError, match="changed by another program"):
            project.revise(number, SAID, corrections.retype(now, range(1, 2), "two"))
        fresh = project.transcripts.find(KEY)
        assert fresh == SAID, "it is read anew"
        entry = project.revise(number, SAID, corrections.retype(SAID, range(1, 2), "two"))
        assert entry.undo == "Retype “two”"
        assert project.transcripts.carried(KEY, 0, range(1)) is None, "no choice is carried over what was not seen"


# files that go away while they are open


def removed(path: Path) -> None:
    path.unlink()


def moved(path: Path) -> None:
    path.rename(path.with_name("elsewhere.standtall"))


def replaced(path: Path) -> None:
    other = path.with_name("other.standtall")
    Project(other).close()
    other.replace(path)


def folder_removed(path: Path) -> None:
    shutil.rmtree(path.parent)


@pytest.mark.parametrize("goes", [removed, moved, replaced, folder_removed])
def test_a_project_that_goes_away_while_it_is_open_is_kept_elsewhere_whole(path: Path, goes: Callable[[Path], None]) -> None:
    project = Project(path)
    project.add_source(SOURCE)
    number = project.add_short(SHORT)
    project.revise(number, SAID, corrections.retype(SAID, range(1), "Hello"))
    project.apply(number, edits.rename(SHORT, "second"))
    assert not project.lost()
    goes(path)
    assert project.lost()
    with pytest.raises(ProjectLost):
        project.apply(number, edits.rename(SHORT, "third"))
    kept = project.kept_elsewhere()
    project.close()
    assert kept != path
    with Project(kept) as again:
        assert again.sources() == (SOURCE,)
        assert again.entry(number).short.name == "second"
        assert again.undo(number).undo == "Retype “Hello”"


# projects that somebody else made or damaged

HOSTILE: dict[str, str] = {
    "missing table": "DROP TABLE term", "missing column": "ALTER TABLE vote DROP COLUMN parts", "other table": "CREATE TABLE more (x)",
    "view for a table": "DROP TABLE basket; CREATE VIEW basket AS SELECT 1 AS source, 2 AS place, 3 AS start, 4 AS end",
    "trigger": "CREATE TRIGGER t AFTER UPDATE ON short BEGIN DELETE FROM history; END",
    "index": "CREATE INDEX i ON history (label)", "negative version": "PRAGMA user_version = -3",
    "generated column": "ALTER TABLE term ADD COLUMN more TEXT AS (text || 'x')",
}  # fmt: skip


@pytest.mark.parametrize("what", HOSTILE)
def test_another_structure_is_refused_in_a_sentence(path: Path, what: str) -> None:
    with Project(path) as project:
        project.add_short(SHORT)
    db = sqlite3.connect(path)
    db.executescript(HOSTILE[what])
    db.commit()
    db.close()
    with pytest.raises(ProjectError) as told:
        Project(path)
    assert told.value.hint
    assert not lock_file(path).exists(), "what is refused is not held"


VALUES: dict[str, tuple[str, Callable[[Project], object]]] = {
    "head": ("UPDATE short SET head = 'two'", lambda p: p.entry(1)),
    "no step": ("UPDATE short SET head = 99", lambda p: p.entry(1)),
    "huge head": ("UPDATE short SET head = 9223372036854775807", lambda p: p.entry(1)),
    "blob": ("UPDATE history SET value = x'00ff'", lambda p: p.entry(1)),
    "deep": (f"UPDATE history SET value = '{'[' * 50_000}'", lambda p: p.entry(1)),
    "digits": ("UPDATE history SET value = replace(value, '48000', '" + "9" * 400 + "')", lambda p: p.entry(1)),
    "vote": ("INSERT INTO vote VALUES ('" + KEY + "', 'a', 'b', 1, '')", lambda p: p.votes(KEY)),
    "term": ("INSERT INTO term VALUES (x'00', x'01')", lambda p: p.terms()),
    "basket": ("INSERT INTO basket VALUES ('" + KEY + "', 1, 9, 2, '')", lambda p: p.basket(KEY)),
    "null in the basket": ("INSERT INTO basket VALUES ('" + KEY + "', 1, 1.5, 2, '')", lambda p: p.basket(KEY)),
    "origin of the basket": ("INSERT INTO basket VALUES ('" + KEY + "', 1, 1, 2, x'00')", lambda p: p.basket(KEY)),
    "brief": ("INSERT INTO brief VALUES ('" + KEY + "', 'null')", lambda p: p.briefs()),
    "transcript": ("INSERT INTO transcript VALUES ('" + KEY + "', -1, 'x')", lambda p: p.transcripts.find(KEY)),
    "source": ("UPDATE source SET value = replace(value, '" + KEY + "', '../../../../etc/cron')", lambda p: p.sources()),
    "beyond": ("UPDATE source SET value = replace(value, '96000', '24000')", lambda p: p.entry(1)),
}  # fmt: skip


@pytest.mark.parametrize("what", VALUES)
def test_values_that_are_none_are_refused_in_a_sentence(path: Path, what: str) -> None:
    statement, ask = VALUES[what]
    with Project(path) as project:
        project.add_source(SOURCE)
        project.add_short(SHORT)
    db = sqlite3.connect(path)
    db.execute(statement)
    db.commit()
    db.close()
    with Project(path) as project, pytest.raises(ProjectError) as told:
        ask(project)
    assert len(str(told.value)) > 20


def test_one_damaged_short_leaves_the_others(path: Path) -> None:
    with Project(path) as project:
        project.add_source(SOURCE)
        project.add_short(SHORT)
        project.add_short(replace(SHORT, name="good"))
    db = sqlite3.connect(path)
    db.execute("UPDATE history SET value = '{}' WHERE short = 1")
    db.commit()
    db.close()
    problems: list[ProjectError] = []
    with Project(path) as project:
        assert [e.short.name for e in project.shorts(problems.append)] == ["good"]
    assert len(problems) == 1


def test_a_database_damaged_while_it_is_open_is_a_sentence(path: Path) -> None:
    project = Project(path)
    project.add_short(replace(SHORT, name="x" * 100))
    number = 1
    for i in range(60):
        project.apply(number, edits.rename(project.entry(number).short, f"{i} " + "y" * 100))
    project._db.rows("PRAGMA wal_checkpoint(TRUNCATE)")
    project._db.rows("PRAGMA cache_size = 0")
    with path.open("r+b") as file:
        file.seek(4096)
        file.write(b"\xa5" * (path.stat().st_size - 4096))
    with pytest.raises(ProjectError):
        for _ in range(3):
            project.undo(number)
            project.shorts()
    project.close()


def test_an_upgrade_that_is_broken_off_leaves_the_older_file(path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    db = sqlite3.connect(path)
    db.executescript(MIGRATIONS[0])
    value = json.dumps({"version": 1, "short": FLAT})
    db.execute("INSERT INTO short VALUES (1, 0, 1)")
    db.execute("INSERT INTO history VALUES (1, 0, 'New short', ?)", (value,))
    db.execute(f"PRAGMA application_id = {APPLICATION_ID}")
    db.execute("PRAGMA user_version = 1")
    db.commit()
    db.close()
    with monkeypatch.context() as patched:
        broken = (*MIGRATIONS[:2], "CREATE TABLE half (x); SELECT nonsense FROM nowhere;", *MIGRATIONS[3:])
        patched.setattr("standtall.library.project.MIGRATIONS", broken)
        with pytest.raises(ProjectError):
            Project(path)
    with Project(path) as project:
        assert project.entry(1).short == replace(SHORT, captions=replace(SHORT.captions, look="lantern"))


def test_a_project_of_an_older_version_is_brought_up_to_date_before_it_is_read(path: Path) -> None:
    db = sqlite3.connect(path)
    db.executescript(MIGRATIONS[0] + f"PRAGMA application_id = {APPLICATION_ID}; PRAGMA user_version = 1;")
    db.close()
    with pytest.raises(ProjectError, match="older version"):
        Project(path, "read")
    with Project.reading(path) as project:
        assert project.shorts() == ()

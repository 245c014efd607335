"""Project files: every edit on disk, undo for ever, nothing trusted."""

from __future__ import annotations

import json
import os
import signal
import sqlite3
import subprocess
import sys
from dataclasses import replace
from pathlib import Path

import pytest

from standtall.base.errors import ProjectError
from standtall.library import settings
from standtall.library.cache import AnalysisCache
from standtall.library.database import APPLICATION_ID
from standtall.library.project import MIGRATIONS, VERSION, Project
from standtall.library.rekeying import rekey
from standtall.model import corrections, edits, framing_edits
from standtall.model.corrections import Term
from standtall.model.cut import Segment
from standtall.model.people import People, Shot
from standtall.model.short import Short
from standtall.model.source import Source
from standtall.model.transcript import Speaker, Transcript
from standtall.model.words import Word

KEY = "0123456789abcdef01234567"
FLAT = {
    "name": "first", "source_key": KEY, "excerpts": [{"start": 0, "end": 48_000}], "look": "ember", "caption_y": None,
    "framing": {"calm": 0.6, "crops": [], "follows": [], "whole_under": 0.0}, "captions_on": True, "caption_language": "",
    "width": 1080, "height": 1920, "rate": "0/1", "joins": "straight", "channel": "pebble", "covers": [],
}  # fmt: skip
"""A short as the program wrote it in projects of the versions 1 to 4."""
SHORT = Short.of("first", (Segment(KEY, 0, 48_000),))
SOURCE = Source(KEY, "/footage/a.mp4", "a", 96_000, 1920, 1080)


@pytest.fixture
def path(tmp_path: Path) -> Path:
    return tmp_path / "p.standtall"


def test_a_project_comes_back_as_it_was_left(path: Path) -> None:
    with Project(path) as project:
        project.add_source(SOURCE)
        number = project.add_short(SHORT)
        project.apply(number, edits.rename(SHORT, "second"))
    with Project(path) as again:
        assert again.sources() == (SOURCE,)
        assert again.opened() == number
        entry = again.entry(number)
        assert (entry.short.name, entry.undo, entry.redo) == ("second", "Rename", None)


def test_undo_and_redo_survive_closing(path: Path) -> None:
    with Project(path) as project:
        number = project.add_short(SHORT)
        for name in ("a", "b", "c"):
            project.apply(number, edits.rename(project.entry(number).short, name))
        project.undo(number)
        project.undo(number)
    with Project(path) as project:
        assert project.entry(number).short.name == "a"
        assert project.redo(number).short.name == "b"
        project.apply(number, framing_edits.set_calm(project.entry(number).short, 0.2))
        assert project.entry(number).redo is None, "a new edit forgets what was undone"
        for _ in range(9):
            entry = project.undo(number)
        assert entry.short == SHORT
        assert entry.undo is None
        for _ in range(9):
            entry = project.redo(number)
        assert entry.short.framing.calm == 0.2


def test_a_killed_program_opens_where_it_was(path: Path) -> None:
    code = """
import sys
from standtall.library.project import Project
from standtall.model import corrections, edits, framing_edits
from standtall.model.corrections import Term
from standtall.model.short import Short
from standtall.model.cut import Segment
project = Project(__import__("pathlib").Path(sys.argv[1]))
number = project.add_short(Short.of("0", (Segment("k" * 24, 0, 5),)))
for i in range(1, 10_000):
    project.apply(number, edits.rename(project.entry(number).short, str(i)))
    print(i, flush=True)
"""
    run = subprocess.Popen([sys.executable, "-c", code, str(path)], stdout=subprocess.PIPE, text=True)
    assert run.stdout is not None
    told = 0
    for line in run.stdout:
        told = int(line)
        if told >= 25:
            run.send_signal(signal.SIGKILL)
            break
    for line in run.stdout:  # what it had said before the kill reached it
        told = int(line)
    assert run.wait() == -signal.SIGKILL
    assert told >= 25
    run.stdout.close()
    with Project(path) as project:
        assert int(project.entry(1).short.name) >= told, "an edit that was made is lost"
        assert project.undo(1).short.name.isdigit()


def test_files_of_others_are_refused(tmp_path: Path) -> None:
    text = tmp_path / "a.standtall"
    text.write_text("not a database at all " * 100)
    with pytest.raises(ProjectError, match="not a Stand Tall project"):
        Project(text)
    other = tmp_path / "b.standtall"
    sqlite3.connect(other).executescript("CREATE TABLE x (y);")
    with pytest.raises(ProjectError, match="not a Stand Tall project"):
        Project(other)


def test_a_newer_version_is_its_own_error(path: Path) -> None:
    Project(path).close()
    db = sqlite3.connect(path)
    db.execute(f"PRAGMA user_version = {VERSION + 1}")
    db.close()
    with pytest.raises(ProjectError, match="newer version"):
        Project(path)


def test_every_migration_is_numbered_and_tested(path: Path) -> None:
    tested = {0, 1, 2, 3, 4, 5}
    assert set(range(VERSION)) == tested, "write a test for the new migration and add its number"
    Project(path).close()
    db = sqlite3.connect(path)
    assert db.execute("PRAGMA user_version").fetchone() == (VERSION,)
    assert db.execute("PRAGMA application_id").fetchone() == (APPLICATION_ID,)
    db.close()


def test_a_project_of_version_1_keeps_its_shorts_and_their_history(path: Path) -> None:
    db = sqlite3.connect(path)
    db.executescript(MIGRATIONS[0])
    value = json.dumps({"version": 1, "short": FLAT})
    db.execute("INSERT INTO short VALUES (1, 2, 1)")
    for step, label in enumerate(("New short", "Rename", "Set start")):
        db.execute("INSERT INTO history VALUES (1, ?, ?, ?)", (step, label, value))
    db.execute(f"PRAGMA application_id = {APPLICATION_ID}")
    db.execute("PRAGMA user_version = 1")
    db.commit()
    db.close()
    with Project(path) as project:
        assert project.entry(1).undo == "Set start"
        assert project.undo(1).undo == "Rename"
        assert project.revise(1, SAID, corrections.retype(SAID, range(1), "Hello")).undo == "Retype “Hello”"


WORDS = tuple(Word(t, i * 24_000, i * 24_000 + 20_000, 0.4) for i, t in enumerate(["hullo", "to", "the", "allotment", "our"]))
SAID = Transcript(WORDS, (Speaker("A"), Speaker("B")))


def test_words_and_cuts_are_undone_in_the_order_they_were_made(path: Path) -> None:
    with Project(path) as project:
        number = project.add_short(SHORT)
        project.revise(number, SAID, corrections.retype(SAID, range(1), "Hello"))
        project.apply(number, edits.rename(SHORT, "second"))
        now = project.transcripts.find(KEY)
        assert now is not None
        entry = project.revise(number, SAID, corrections.retype(now, range(3, 5), "Allotment Hour"))
        assert entry.undo == "Retype “Allotment Hour”"
    with Project(path) as project:  # as after a kill: everything is on disk
        texts = lambda: [w.text for w in project.transcripts.find(KEY).words]  # type: ignore[union-attr]  # noqa: E731
        assert texts() == ["Hello", "to", "the", "Allotment", "Hour"]
        assert project.undo(number).undo == "Rename"
        assert texts() == ["Hello", "to", "the", "allotment", "our"]
        assert project.undo(number).short.name == "first"
        entry = project.undo(number)
        assert (entry.undo, entry.redo) == (None, "Retype “Hello”")
        assert project.transcripts.find(KEY) == SAID
        assert [project.redo(number).redo for _ in range(3)] == ["Rename", "Retype “Allotment Hour”", None]
        assert texts() == ["Hello", "to", "the", "Allotment", "Hour"]
        project.undo(number)
        assert project.apply(number, edits.rename(SHORT, "third")).redo is None, "a new edit forgets what was undone"


def test_words_that_come_after_a_correction_join_the_end_and_are_no_step(path: Path) -> None:
    texts = lambda: [w.text for w in project.transcripts.find(KEY).words]  # type: ignore[union-attr]  # noqa: E731
    more = (Word("is", 120_000, 128_000), Word("on.", 130_000, 140_000))
    with Project(path) as project:
        number = project.add_short(SHORT)
        project.transcripts.grow(KEY, (*SAID.words, *more))
        assert project.transcripts.find(KEY) is None, "nothing was corrected yet"
        project.revise(number, SAID, corrections.remove(SAID, range(4, 5)))
        project.transcripts.grow(KEY, SAID.words)
        assert texts() == ["hullo", "to", "the", "allotment"], "what was taken out does not come back"
        project.transcripts.grow(KEY, (*SAID.words, *more))
        project.transcripts.grow(KEY, (*SAID.words, *more))
        assert texts() == ["hullo", "to", "the", "allotment", "is", "on."]
    with Project(path) as project:  # nothing was written of what can be found again
        assert texts() == ["hullo", "to", "the", "allotment"]
        project.transcripts.grow(KEY, (*SAID.words, *more))
        now = project.transcripts.find(KEY)
        assert now is not None
        project.revise(number, SAID, corrections.retype(now, range(5, 6), "over."))
    with Project(path) as project:  # but with the next correction, which speaks of it
        assert texts() == ["hullo", "to", "the", "allotment", "is", "over."]
        project.undo(number)
        project.undo(number)
        assert texts() == ["hullo", "to", "the", "allotment", "our", "is", "on."]
        project.transcripts.grow(KEY, (Word("Other", 90_000, 91_000), Word("words", 150_000, 151_000)))
        assert len(texts()) == 7, "words of another hearing are not mixed in"


def test_damaged_corrections_are_told(path: Path) -> None:
    with Project(path) as project:
        number = project.add_short(SHORT)
        project.revise(number, SAID, corrections.accept(SAID, [0]))
    db = sqlite3.connect(path)
    db.execute("UPDATE revision SET value = ?", (b"nothing",))
    db.commit()
    db.close()
    with Project(path) as project, pytest.raises(ProjectError, match="cannot be read"):
        project.transcripts.find(KEY)


def test_the_word_list_is_kept(path: Path) -> None:
    terms = (Term("Brambledown", ("bramble down", "Brambleton")), Term("Wren"))
    with Project(path) as project:
        project.set_terms(terms)
    with Project(path) as project:
        assert project.terms() == terms


@pytest.mark.parametrize(
    "value",
    ["", "{}", "[]", '{"version": 2, "short": {}}', '{"version": 2, "value": {}}', '{"version": 3, "value": {}}', '{"version": 1, "short": {"name": 5}}',
     '{"version": 1, "short": {"name": "a", "source_key": "k", "excerpts": [{"start": 9, "end": 2}]}}'],
)  # fmt: skip
def test_damaged_values_are_told(path: Path, value: str) -> None:
    with Project(path) as project:
        number = project.add_short(SHORT)
    db = sqlite3.connect(path)
    db.execute("UPDATE history SET value = ?", (value,))
    db.commit()
    db.close()
    with Project(path) as project, pytest.raises(ProjectError):
        project.entry(number)


def test_a_full_disk_keeps_the_last_state(path: Path) -> None:
    with Project(path) as project:
        number = project.add_short(SHORT)
        size = project._db.number("PRAGMA page_count")
        project._db.rows(f"PRAGMA max_page_count = {size}")
        with pytest.raises(ProjectError, match="could not be saved") as told:
            project.apply(number, edits.rename(SHORT, "x" * 100 + "y" * 19))
            for i in range(200):
                project.apply(number, edits.rename(SHORT, f"{i} " + "z" * 110))
        assert "disk" in told.value.hint
        assert project.entry(number).short.main_source == KEY


def test_a_source_is_known_by_its_content(path: Path) -> None:
    with Project(path) as project:
        project.add_source(SOURCE)
        project.add_source(replace(SOURCE, path="/moved/a.mp4"))
        assert [s.path for s in project.sources()] == ["/moved/a.mp4"]


def test_the_cache_forgets_what_is_damaged(tmp_path: Path) -> None:
    cache = AnalysisCache(tmp_path)
    people = People((Shot(0, 5),))
    cache.keep(KEY, "people", people)
    assert cache.find(KEY, "people", People) == people
    assert cache.find(KEY, "people", People, "other settings") is None
    whole = cache.path(KEY, "people").read_bytes()
    for broken in (whole[:-9], b"", b"nonsense", whole[:20] + b"\x00" + whole[21:]):
        cache.path(KEY, "people").write_bytes(broken)
        assert cache.find(KEY, "people", People) in (None, people)


def test_settings_come_back_and_damage_is_forgiven(own_folders: Path, tmp_path: Path) -> None:
    kept = settings.Settings().with_recent(tmp_path / "a").with_recent(tmp_path / "b").with_recent(tmp_path / "a")
    assert [Path(p).name for p in kept.recent] == ["a", "b"]
    settings.save(kept)
    assert settings.load() == (kept, "")
    file = Path(os.environ["XDG_CONFIG_HOME"]) / "stand-tall" / "settings.json"
    file.write_text(json.dumps({"recent": "no list"}))
    assert settings.load()[0] == settings.Settings()


def test_a_project_of_version_2_keeps_its_words_and_takes_votes(path: Path) -> None:
    db = sqlite3.connect(path)
    for script in MIGRATIONS[:2]:
        db.executescript(script)
    db.execute("INSERT INTO term VALUES ('Odile', 'Odeal')")
    db.execute(f"PRAGMA application_id = {APPLICATION_ID}")
    db.execute("PRAGMA user_version = 2")
    db.commit()
    db.close()
    with Project(path) as project:
        assert [t.text for t in project.terms()] == ["Odile"]
        assert project.votes(KEY) == {}
        project.vote(KEY, 5, 9, True)
        project.vote(KEY, 20, 30, False)
        project.vote("other", 1, 2, True)
        assert project.votes(KEY) == {(5, 9): True, (20, 30): False}
        project.vote(KEY, 5, 9, None)
    with Project(path) as project:
        assert project.votes(KEY) == {(20, 30): False}


def test_a_project_of_version_3_keeps_its_votes_which_teach_nothing_until_they_are_given_anew(path: Path) -> None:
    db = sqlite3.connect(path)
    for script in MIGRATIONS[:3]:
        db.executescript(script)
    db.execute("INSERT INTO vote VALUES (?, 5, 9, 1)", (KEY,))
    db.execute(f"PRAGMA application_id = {APPLICATION_ID}")
    db.execute("PRAGMA user_version = 3")
    db.commit()
    db.close()
    with Project(path) as project:
        assert project.votes(KEY) == {(5, 9): True}
        assert project.lessons() == ()
        project.vote(KEY, 5, 9, True, (0.5, 0.25))
        project.vote(KEY, 20, 30, False, (0.0, 1.0))
        assert project.lessons() == (((0.5, 0.25), True), ((0.0, 1.0), False))
        project.set_basket(project.add_short(SHORT), (Segment(KEY, 50, 60), Segment(KEY, 0, 10)), "Add")
    with Project(path) as project:
        assert project.basket(KEY) == (Segment(KEY, 50, 60), Segment(KEY, 0, 10))
        assert project.basket("other") == ()
        project.forget_lessons()
        assert project.lessons() == ()
        assert project.votes(KEY) == {(5, 9): True, (20, 30): False}


@pytest.mark.parametrize("parts", ["nonsense", "[2]", '{"a": 1}', '["x"]'])
def test_lessons_from_somebody_elses_file_are_not_trusted(path: Path, parts: str) -> None:
    with Project(path) as project:
        project.vote(KEY, 5, 9, True, (0.5,))
    db = sqlite3.connect(path)
    db.execute("UPDATE vote SET parts = ?", (parts,))
    db.commit()
    db.close()
    with Project(path) as project:
        assert project.lessons() == (((), True),)


def test_a_project_of_version_5_keeps_its_basket_which_may_hold_other_footage_from_now_on(path: Path) -> None:
    with Project(path) as project:
        number = project.add_short(SHORT)
        project.set_basket(number, (Segment(KEY, 50, 60),), "Add")
    db = sqlite3.connect(path)
    db.execute("ALTER TABLE basket DROP COLUMN origin")
    db.execute("PRAGMA user_version = 5")
    db.commit()
    db.close()
    other = "f" * 24
    with Project(path) as project:
        assert project.basket(KEY) == (Segment(KEY, 50, 60),)
        project.set_basket(number, (Segment(other, 7, 9), Segment(KEY, 50, 60)), "Add")
    with Project(path) as project:
        assert project.basket(KEY) == (Segment(other, 7, 9), Segment(KEY, 50, 60))
        assert project.basket(other) == (), "it lies in the basket of the footage beside which it was picked"
        project.undo(number)
        assert project.basket(KEY) == (Segment(KEY, 50, 60),)
        project.redo(number)
        assert project.basket(KEY)[0] == Segment(other, 7, 9)
    with_new = "e" * 24
    rekey(path, {other: with_new})
    with Project(path) as project:
        assert project.basket(KEY)[0] == Segment(with_new, 7, 9)
        project.undo(number)
        project.redo(number)
        assert project.basket(KEY)[0] == Segment(with_new, 7, 9), "its history has the new key, too"

"""Everything ever said: found as a phrase, loosely, by speaker and day, and near-repeats of a passage."""

from __future__ import annotations

import contextlib
import random
import sqlite3
from pathlib import Path

import pytest

from standtall.base.errors import NothingToDo, ProjectError
from standtall.model.transcript import Speaker, Transcript
from standtall.model.words import Word
from standtall.session.archive import Archive, ArchivedSource, day_of

S = 48_000


def talk(*lines: tuple[int, str]) -> Transcript:
    """Lines of speakers, a word each half second."""
    words, at = [], 0
    for speaker, text in lines:
        for part in text.split():
            words.append(Word(part, at * S // 2, at * S // 2 + S // 3, speaker=speaker))
            at += 1
    return Transcript(tuple(words), (Speaker("Ann"), Speaker("Bo")))


def source(key: str, day: str = "2026-05-01", programme: str = "Allotment") -> ArchivedSource:
    return ArchivedSource(key, f"name of {key}", f"/footage/{key}.mp4", programme, day, f"/projects/{programme}.standtall")


@pytest.fixture
def archive(tmp_path: Path) -> Archive:
    made = Archive(tmp_path / "a.sqlite")
    made.add(source("one"), talk((0, "Worms eat the leaves. Then the soil"), (1, "is ready, says Óscar. Nobody believes it.")))
    made.add(source("two", "2026-06-01", "Street"), talk((0, "The worm turned. Leaves fall in autumn."), (1, "Nobody believes it at first.")))
    return made


def told(hits: tuple) -> list[tuple[str, str, int]]:
    return [(h.source.key, h.text, h.start // S) for h in hits]


def test_a_phrase_is_found_in_all_footage_newest_first(archive: Archive) -> None:
    assert told(archive.search("nobody believes")) == [("two", "Nobody believes it at first.", 3), ("one", "Nobody believes it.", 5)]
    assert told(archive.search("believes nobody")) == []
    (hit,) = archive.search("oscar")
    assert (hit.speaker, hit.source.programme, hit.text) == ("Bo", "Allotment", "is ready, says Óscar.")


def test_a_phrase_over_the_border_of_lines_is_told_once(archive: Archive) -> None:
    assert told(archive.search("the leaves then the")) == [("one", "Worms eat the leaves.", 0)]
    assert [h[1] for h in told(archive.search("then"))] == ["Then the soil"]


def test_loosely_other_endings_and_slips_are_found_in_any_order(archive: Archive) -> None:
    assert {h.source.key for h in archive.search("leaves worm", loose=True)} == {"one", "two"}
    assert {h.source.key for h in archive.search("beleives", loose=True)} == {"one", "two"}
    assert archive.search("worm") == archive.search("worm", programme="Street")
    assert archive.search("zebra", loose=True) == ()


def test_hits_are_limited_to_speakers_programmes_and_days(archive: Archive) -> None:
    assert {h.source.key for h in archive.search("leaves", speaker="Ann")} == {"one", "two"}
    assert archive.search("leaves", speaker="Bo") == ()
    assert {h.source.key for h in archive.search("leaves", programme="Street")} == {"two"}
    assert {h.source.key for h in archive.search("leaves", since="2026-05-15")} == {"two"}
    assert {h.source.key for h in archive.search("leaves", until="2026-05-15")} == {"one"}
    assert archive.speakers() == ("Ann", "Bo")
    assert archive.programmes() == ("Allotment", "Street")


def test_what_was_corrected_stands_in_place_of_what_was_known(archive: Archive) -> None:
    assert archive.add(source("one"), talk((0, "Beetles eat the leaves.")))
    assert not archive.add(source("one"), talk((0, "Beetles eat the leaves."))), "nothing is new"
    assert archive.search("worms") == ()
    assert told(archive.search("beetles")) == [("one", "Beetles eat the leaves.", 0)]
    assert archive.search("soil") == ()
    moved = ArchivedSource("one", "other name", "/moved.mp4", "Else", "2026-07-01")
    archive.add(moved, talk((0, "Beetles eat the leaves.")))
    assert archive.sources()[0] == moved
    archive.forget("one")
    assert archive.search("beetles") == ()
    assert [s.key for s in archive.sources()] == ["two"]


def test_where_it_was_said_before(archive: Archive) -> None:
    archive.add(source("three"), talk((0, "As I say, worms eat all of the leaves."), (1, "Slugs eat nothing that grows here.")))
    found = archive.said_before("Worms eat the leaves.", "one", 0, 2 * S)
    assert [h.source.key for h, _score in found] == ["three"]
    assert found[0][1] > 0.6
    assert archive.said_before("The bus was late again yesterday.") == ()
    assert archive.said_before("") == ()


@pytest.mark.parametrize("query", ['"', "a OR b", "NEAR(a b)", "leaves*", "text:leaves", "'; DROP TABLE line", "(", "leaves AND", "\0", "🙂", "ж"])
def test_what_is_typed_is_never_an_expression(archive: Archive, query: str) -> None:
    for loose in (False, True):
        try:
            archive.search(query, loose)
        except NothingToDo as error:
            assert error.message
    assert told(archive.search("worms eat")), "all is still there"


def test_nothing_asked_for_is_told(archive: Archive) -> None:
    with pytest.raises(NothingToDo):
        archive.search("  …  ")


def test_an_index_that_is_damaged_or_of_another_version_is_made_anew(tmp_path: Path) -> None:
    path = tmp_path / "a.sqlite"
    path.write_bytes(b"no database at all" * 100)
    with Archive(path) as made:
        assert made.sources() == ()
        made.add(source("one"), talk((0, "Worms eat.")))
        made._db.execute("PRAGMA user_version = 9")
    assert (tmp_path / "a.sqlite.broken").exists()
    with Archive(path) as again:
        assert again.sources() == ()


def test_an_index_that_is_locked_is_left_as_it_is(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    path = tmp_path / "a.sqlite"
    with Archive(path) as made:
        made.add(source("one"), talk((0, "Worms eat.")))
    monkeypatch.setattr("standtall.session.archive.BUSY_S", 0.1)
    with contextlib.closing(sqlite3.connect(path, isolation_level=None)) as other:
        other.execute("PRAGMA locking_mode = EXCLUSIVE")
        other.execute("BEGIN EXCLUSIVE")
        with pytest.raises(ProjectError):
            Archive(path)
    with Archive(path) as again:
        assert [s.key for s in again.sources()] == ["one"]


def test_two_programs_may_add_at_once(tmp_path: Path) -> None:
    one, two = Archive(tmp_path / "a.sqlite"), Archive(tmp_path / "a.sqlite")
    one.add(source("one"), talk((0, "Worms eat.")))
    two.add(source("two"), talk((0, "Worms sleep.")))
    assert {h.source.key for h in one.search("worms")} == {"one", "two"}


def test_long_sentences_are_parted_and_all_words_found(tmp_path: Path) -> None:
    dice = random.Random(2)
    words = [f"word{dice.randrange(10_000)}" for _ in range(300)]
    with Archive(tmp_path / "a.sqlite") as archive:
        archive.add(source("long"), talk((0, " ".join(words))))
        for n in range(0, 290, 7):
            phrase = " ".join(words[n : n + 6])
            hits = archive.search(phrase)
            assert len(hits) == 1
            assert hits[0].start <= n * S // 2 < hits[0].end + S


def test_the_day_of_a_file(tmp_path: Path) -> None:
    path = tmp_path / "a"
    path.write_text("x")
    assert len(day_of(path)) == 10
    assert day_of(tmp_path / "none") == ""

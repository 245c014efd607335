from __future__ import annotations

import sqlite3
from dataclasses import replace
from pathlib import Path

import pytest

from standtall.base.errors import NothingToDo, ProjectError
from standtall.model.post import Post
from standtall.model.rhythm import Bar, ChannelRhythm, PostSettings, Rhythm
from standtall.posts import post_edits
from standtall.posts.post_store import PostStore
from tests.posts.made_posts import made_post


@pytest.fixture
def store(tmp_path: Path) -> PostStore:
    return PostStore(tmp_path / "posts.sqlite")


def put(store: PostStore, number: int, channel: str = "one") -> Post:
    return store.change("Plan", [(None, post_edits.scheduled(made_post(number, channel, None), 2_000_000_000, "UTC", True))])[0]


def test_what_is_changed_is_on_disk_at_once(store: PostStore) -> None:
    made = put(store, 1)
    other = PostStore(store.path)
    assert other.posts() == (made,) == store.posts()
    moved = store.change("Move", [(made, post_edits.scheduled(made, 2_000_000_600, "UTC", True))])[0]
    assert other.post(made.id) == moved and moved.version == made.version + 1


def test_a_change_made_against_an_older_value_is_refused_and_nothing_of_it_is_done(store: PostStore) -> None:
    a, b = put(store, 1), put(store, 2)
    PostStore(store.path).change("Skip", [(b, post_edits.skipped(b))])
    with pytest.raises(NothingToDo, match="was changed meanwhile"):
        store.change("Move both", [(a, post_edits.scheduled(a, 2_100_000_000, "UTC", True)), (b, post_edits.unscheduled(b))])
    assert store.post(a.id) == a


def test_a_short_stands_once_on_a_channel(store: PostStore) -> None:
    made = put(store, 1)
    put(store, 1, "another")
    with pytest.raises(NothingToDo, match="in the calendar for this channel already"):
        put(store, 1)
    store.change("Skip", [(made, post_edits.skipped(made))])
    put(store, 1)


def test_steps_are_undone_and_done_again_whole(store: PostStore) -> None:
    posts = [made_post(n, "one", None) for n in range(3)]
    store.change("Fill", [(None, p) for p in posts])
    first = store.posts()[0]
    store.change("Move", [(first, post_edits.scheduled(first, 2_000_000_000, "UTC", True))])
    assert (store.undo(), store.undo(), store.undo()) == ("Move", "Fill", "")
    assert store.posts() == ()
    assert (store.redo(), store.redo(), store.redo()) == ("Fill", "Move", "")
    assert [p.when for p in store.posts()] == [2_000_000_000, None, None]
    assert [p.mark for p in store.posts()] == [p.mark for p in posts]


def test_what_has_gone_on_since_is_not_undone_and_what_was_before_it_is_next(store: PostStore) -> None:
    a = put(store, 1)
    b = put(store, 2)
    store.settle(b, replace(b, state="out", told="Out."), "asked", "public", 5)
    with pytest.raises(NothingToDo, match="has gone on since"):
        store.undo()
    assert store.undo() == "Plan"
    assert [p.id for p in store.posts()] == [b.id] and a.id != b.id


def test_a_change_can_belong_to_the_step_before(store: PostStore) -> None:
    made = put(store, 1)
    told = store.amend(made, replace(made, told="with a file"))
    assert store.post(made.id) == told
    assert store.undo() == "Plan" and store.posts() == ()


def test_how_it_went_is_kept_beside_the_post(store: PostStore) -> None:
    made = put(store, 1)
    store.settle(made, replace(made, state="sending"), "began", "attempt 1", 7)
    assert [(a.at, a.what, a.answer) for a in store.attempts(made.id)] == [(7, "began", "attempt 1")]


def test_settings_come_back_and_broken_ones_are_as_at_first(store: PostStore) -> None:
    made = PostSettings((ChannelRhythm("one", Rhythm("Europe/Berlin", a_day=2)),), "mixed", 0.5, (Bar("opening", 0.4),), "skip")
    store.set_settings(made)
    assert PostStore(store.path).settings() == made
    store.keep("settings", '{"late": "never"}')
    assert store.settings() == PostSettings()


def test_a_post_that_cannot_be_read_is_left_out_and_told_of(store: PostStore) -> None:
    a, b = put(store, 1), put(store, 2)
    with sqlite3.connect(store.path) as db:
        db.execute("UPDATE posts SET value = '{' WHERE id = ?", (a.id,))
    assert store.posts() == (b,)
    assert store.problems[0].startswith(f"Post {a.id} cannot be read")


def test_a_damaged_or_newer_file_is_told_of(tmp_path: Path) -> None:
    path = tmp_path / "posts.sqlite"
    path.write_bytes(b"no database at all" * 100)
    with pytest.raises(ProjectError, match="damaged"):
        PostStore(path)
    newer = PostStore(tmp_path / "b.sqlite")
    newer.close()
    with sqlite3.connect(newer.path) as db:
        db.execute("PRAGMA user_version = 99")
    with pytest.raises(ProjectError, match="newer"):
        PostStore(newer.path)


def test_texts_of_ten_thousand_letters_and_every_script_come_back(store: PostStore) -> None:
    text = replace(made_post(1, "one", None).text, title="שלום 😀🏗️ مرحبا", description="ä" * 10_000)
    made = store.change("Write", [(None, replace(made_post(1, "one", None), text=text))])[0]
    assert PostStore(store.path).post(made.id).text == text

from __future__ import annotations

from dataclasses import replace
from pathlib import Path

import pytest

from standtall.base.errors import NothingToDo
from standtall.model.post import Post, PostText
from standtall.posts import post_edits
from tests.posts.made_posts import made_channel, made_file, made_post

CHANNEL = made_channel("one")


@pytest.fixture
def ready(tmp_path: Path) -> Post:
    return post_edits.scheduled(made_post(1, "one", made_file(tmp_path / "a.mp4")), 2_000_000_000, "UTC", True)


def test_a_post_is_held_approved_held_back_and_taken_out(ready: Post) -> None:
    assert ready.state == "held"
    approved = post_edits.approved(ready, CHANNEL)
    assert approved.state == "waiting" and approved.due == 2_000_000_000
    assert post_edits.held(approved).state == "held"
    assert post_edits.scheduled(approved, 2_000_000_600, "UTC", True).state == "waiting"
    out = post_edits.unscheduled(approved)
    assert (out.state, out.when) == ("idea", None)
    assert post_edits.posted_now(ready, CHANNEL, 5).when == 5
    assert post_edits.drafted(ready, CHANNEL, 5).as_draft


@pytest.mark.parametrize(
    ("change", "told"),
    [
        ({"file": None}, "no finished file"),
        ({"wrong": ("Loudness: -9",)}, "Loudness"),
        ({"seconds": 61.0}, "lasts 61.0 s"),
        ({"width": 1920, "height": 1080}, "takes 9:16"),
        ({"text": PostText()}, "wants a title"),
    ],
)
def test_nothing_with_a_red_check_is_approved(ready: Post, change: dict[str, object], told: str) -> None:
    assert ready.file is not None
    in_file = {k: v for k, v in change.items() if k in ("wrong", "seconds", "width", "height")}
    post = replace(ready, file=replace(ready.file, **in_file))  # type: ignore[arg-type]
    post = replace(post, **{k: v for k, v in change.items() if k not in in_file})  # type: ignore[arg-type]
    with pytest.raises(NothingToDo, match=told):
        post_edits.approved(post, CHANNEL)


def test_limits_of_size_fps_and_width(ready: Post) -> None:
    rules = replace(CHANNEL.posts.file, largest_mb=1, least_width=2000, most_fps=20, shortest_s=30)
    strict = replace(CHANNEL, posts=replace(CHANNEL.posts, file=rules))
    assert ready.file is not None
    post = replace(ready, file=replace(ready.file, size=2_000_000))
    assert [r.split(";")[0] for r in post_edits.reds(post, strict)] == [
        "Its file lasts 20.0 s", "Its file has 2 MB", "Its file has 25 fps", "Its file is 1080 pixels wide",
    ]  # fmt: skip


@pytest.mark.parametrize("state", ["sending", "out", "draft", "withdrawing"])
def test_what_has_gone_is_not_changed_and_why_is_said(ready: Post, state: str) -> None:
    gone = replace(ready, state=state)  # type: ignore[arg-type]
    for does in (
        lambda: post_edits.scheduled(gone, 5, "UTC", True), lambda: post_edits.written(gone, PostText()), lambda: post_edits.skipped(gone),
        lambda: post_edits.approved(gone, CHANNEL), lambda: post_edits.unscheduled(gone),
    ):  # fmt: skip
        with pytest.raises(NothingToDo, match="so it cannot be"):
            does()


def test_one_that_a_channel_keeps_is_taken_back(ready: Post) -> None:
    placed = replace(ready, state="placed", placed=2_000_000_000, there="7")
    assert post_edits.unscheduled(placed).state == "withdrawing"
    assert post_edits.scheduled(placed, 2_000_000_900, "UTC", True).state == "placed"


def test_drafts_only_where_the_channel_keeps_them(ready: Post) -> None:
    none = replace(CHANNEL, posts=replace(CHANNEL.posts, delivery=replace(CHANNEL.posts.delivery, keeps_drafts=False)))
    with pytest.raises(NothingToDo, match="keeps no drafts"):
        post_edits.drafted(ready, none, 5)


def test_a_file_that_is_gone_or_another_is_told_of(ready: Post, tmp_path: Path) -> None:
    assert ready.file is not None and post_edits.gone(ready.file) == ""
    (tmp_path / "a.mp4").write_bytes(b"other")
    assert "another file" in post_edits.gone(ready.file)
    (tmp_path / "a.mp4").unlink()
    assert "any more" in post_edits.gone(ready.file)

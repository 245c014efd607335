from __future__ import annotations

from dataclasses import replace
from pathlib import Path

import pytest

from standtall.base.progress import Progress
from standtall.model.channel import Channel
from standtall.model.post import PostText
from standtall.model.post_rules import Delivery, Way
from standtall.posts.answers import Later
from standtall.posts.folder_client import FolderClient
from tests.posts.made_posts import made_channel, made_file, made_post


def channel_of(folder: Path, way: Way = "folder with text") -> Channel:
    made = made_channel()
    return replace(made, posts=replace(made.posts, delivery=Delivery(way, folder=str(folder))))


def test_the_video_is_there_once_with_its_texts_beside_it(tmp_path: Path) -> None:
    client = FolderClient(channel_of(tmp_path / "out"))
    post = made_post(1, "made-up", made_file(tmp_path / "a.mp4"), PostText("Tide: a/mill?", "About", ("tide", "mill"), shelf="water"))
    assert client.find(post) is None
    placed = client.send(post, "now", Progress())
    assert client.send(post, "now", Progress()) == placed and placed.state == "public"
    names = sorted(p.name for p in (tmp_path / "out").iterdir())
    assert names == [f"Tide amill {post.mark[:10]}.mp4", f"Tide amill {post.mark[:10]}.txt"]
    text = (tmp_path / "out" / names[1]).read_text()
    assert "Title: Tide: a/mill?" in text and "Hashtags: #tide #mill" in text and "Shelf: water" in text
    assert (tmp_path / "out" / names[0]).read_bytes() == (tmp_path / "a.mp4").read_bytes()


def test_a_folder_alone_gets_the_video_alone_and_what_was_taken_away_stays_out(tmp_path: Path) -> None:
    client = FolderClient(channel_of(tmp_path / "out", "folder"))
    post = made_post(1, "made-up", made_file(tmp_path / "a.mp4"))
    placed = client.send(post, "now", Progress())
    assert [p.suffix for p in (tmp_path / "out").iterdir()] == [".mp4"]
    (tmp_path / "out" / placed.there).unlink()
    assert client.status(replace(post, there=placed.there)).state == "public"  # type: ignore[union-attr]


def test_a_folder_that_cannot_be_written_waits(tmp_path: Path) -> None:
    (tmp_path / "file").write_text("no folder")
    with pytest.raises(Later):
        FolderClient(channel_of(tmp_path / "file")).send(made_post(1, "made-up", made_file(tmp_path / "a.mp4")), "now", Progress())

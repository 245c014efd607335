"""The outbox as a process: alone, woken by changes, and gone with whoever asked for it."""

from __future__ import annotations

import os
import signal
import subprocess
import sys
import threading
import time
from dataclasses import replace
from pathlib import Path
from typing import Any

import pytest

from standtall.base.errors import NothingToDo
from standtall.base.progress import Progress
from standtall.library.channels import CHANNELS
from standtall.model.post import Post
from standtall.model.post_rules import Delivery
from standtall.posts import post_edits
from standtall.posts.alone import Alone, outbox_runs
from standtall.posts.folder_client import FolderClient
from standtall.posts.post_store import PostStore
from standtall.session.outbox_process import run_outbox
from tests.posts.made_posts import made_channel, made_file, made_post


@pytest.fixture
def due(tmp_path: Path) -> Post:
    """A post for a folder that is due now."""
    made = made_channel("shelf-folder")
    delivery = Delivery("folder with text", folder=str(tmp_path / "there"))
    CHANNELS.save(replace(made, posts=replace(made.posts, delivery=delivery)))
    store = PostStore()
    post = post_edits.scheduled(made_post(1, "shelf-folder", made_file(tmp_path / "a.mp4")), int(time.time()) - 1, "UTC", False)
    (kept,) = store.change("Plan", [(None, post)])
    store.close()
    return kept


def state_of(post: Post) -> str:
    store = PostStore()
    found = store.post(post.id).state
    store.close()
    return found


def test_what_is_due_goes_out_and_then_it_ends_where_that_is_wished(due: Post, tmp_path: Path) -> None:
    told: list[str] = []
    run_outbox(Progress(), once=True, told=told.append)
    assert state_of(due) == "out" and told == ["The outbox runs."]
    assert len(list((tmp_path / "there").glob("*.mp4"))) == 1


def test_a_slow_channel_holds_up_no_other(due: Post, tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    made = made_channel("slow-folder")
    CHANNELS.save(replace(made, posts=replace(made.posts, delivery=Delivery("folder", folder=str(tmp_path / "slow")))))
    store = PostStore()
    early = post_edits.scheduled(made_post(2, "slow-folder", made_file(tmp_path / "b.mp4")), int(time.time()) - 60, "UTC", False)
    (slow,) = store.change("Plan", [(None, early)])
    store.close()
    over, seen = threading.Event(), []
    send = FolderClient.send

    def waits(self: FolderClient, post: Post, *rest: Any) -> Any:
        if post.channel == "slow-folder":
            over.wait(60)
            seen.append(state_of(due))
        found = send(self, post, *rest)
        if post.channel != "slow-folder":
            threading.Timer(1.0, over.set).start()
        return found

    monkeypatch.setattr(FolderClient, "send", waits)
    run_outbox(Progress(), once=True)
    assert seen == ["out"], "the other one was out before this one, which was due earlier, had gone"
    assert state_of(slow) == state_of(due) == "out"


def test_a_second_one_does_nothing(due: Post) -> None:
    first = Alone()
    assert first.take()
    with pytest.raises(NothingToDo, match="runs already"):
        run_outbox(Progress())
    run_outbox(Progress(), quiet=True)
    assert state_of(due) == "waiting"
    first.release()


def test_the_command_goes_on_until_it_is_stopped_and_a_kill_lets_the_next_one_go_on(due: Post) -> None:
    work = subprocess.Popen([sys.executable, "-m", "standtall", "outbox"], env=os.environ, stdout=subprocess.DEVNULL)
    until = time.monotonic() + 60
    while state_of(due) != "out" and time.monotonic() < until:
        time.sleep(0.2)
    assert state_of(due) == "out" and outbox_runs()
    work.send_signal(signal.SIGKILL)
    work.wait(20)
    assert not outbox_runs()

"""The commands of posts, as they are typed."""

from __future__ import annotations

import json
import os
import socket
import subprocess
import sys
import urllib.request
from pathlib import Path

import pytest

from standtall.cli.main import main
from standtall.library.channels import CHANNELS, channels
from standtall.posts import background, post_edits
from standtall.posts.post_store import PostStore
from tests.posts.made_posts import at_address, made_file, made_post


def test_posts_are_listed_and_written(capsys: pytest.CaptureFixture[str], tmp_path: Path) -> None:
    assert main(["posts"]) == 7
    assert "There are no posts" in capsys.readouterr().err
    store = PostStore()
    post = post_edits.scheduled(made_post(1, "oddmarrow", made_file(tmp_path / "a.mp4")), 1_800_000_000, "UTC", True)
    store.change("Plan", [(None, post), (None, made_post(2, "quillbarn", None))])
    store.close()
    assert main(["posts"]) == 0
    assert capsys.readouterr().out.splitlines() == [
        "2027-01-15 08:00 UTC  oddmarrow  held  Short 1", "no time yet  quillbarn  idea  Short 2",
    ]  # fmt: skip
    assert main(["posts", "--json", "--channel", "oddmarrow"]) == 0
    told = json.loads(capsys.readouterr().out)
    assert (told["kind"], told["state"], told["when"]) == ("post", "held", 1_800_000_000)
    assert main(["posts", "--out", str(tmp_path / "c.ics")]) == 0 and (tmp_path / "c.ics").read_bytes().startswith(b"BEGIN:VCALENDAR")
    assert main(["posts", "--out", str(tmp_path / "c.xyz")]) == 7


def test_the_outbox_is_put_in_place_and_taken_away(capsys: pytest.CaptureFixture[str], monkeypatch: pytest.MonkeyPatch) -> None:
    monkeypatch.setattr(background.shutil, "which", lambda _n: None)
    assert main(["outbox", "--install"]) == 0 and background.installed()
    assert main(["outbox", "--uninstall"]) == 0 and not background.installed()
    assert main(["outbox", "--once"]) == 0
    assert "The outbox runs." in capsys.readouterr().out


def test_a_rule_without_a_channel_to_fill_makes_files_and_says_so(capsys: pytest.CaptureFixture[str], tmp_path: Path) -> None:
    none = tmp_path / "none.mp4"
    none.write_text("no video")
    assert main(["rule", str(none), "--out", str(tmp_path / "out")]) == 8
    assert "none.mp4: stopped failed" in capsys.readouterr().out


def test_the_simulated_channels_run_until_they_are_stopped(capsys: pytest.CaptureFixture[str]) -> None:
    """On ports that are free: those of the shipped channels may be taken on the machine of a test."""
    for channel, port in zip(channels(), _free_ports(3), strict=True):
        CHANNELS.save(at_address(channel, f"http://127.0.0.1:{port}"))
    work = subprocess.Popen([sys.executable, "-m", "standtall", "channels"], env=os.environ, stdout=subprocess.PIPE, text=True)
    assert work.stdout is not None
    lines = [work.stdout.readline() for _ in range(3)]
    addresses = [line.split()[1].rstrip(",") for line in lines]
    pages = [urllib.request.urlopen(a, timeout=20).read().decode() for a in addresses]
    assert all("Nothing has been posted here yet" in page for page in pages)
    assert main(["channels", "--channel", "oddmarrow"]) == 7 and "cannot be started" in capsys.readouterr().err
    assert main(["channels", "--channel", "nowhere"]) == 7 and "no simulated channel" in capsys.readouterr().err
    work.terminate()
    assert work.wait(20) == 130
    work.stdout.close()


def _free_ports(count: int) -> list[int]:
    taken = [socket.socket() for _ in range(count)]
    for one in taken:
        one.bind(("127.0.0.1", 0))
    ports = [int(one.getsockname()[1]) for one in taken]
    for one in taken:
        one.close()
    return ports

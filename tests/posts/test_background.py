"""How the outbox is started by itself: files as systemd.unit(5) and the Desktop Entry Specification want them."""

from __future__ import annotations

import configparser
import shutil
import subprocess
from pathlib import Path

import pytest

from standtall.posts import background
from standtall.posts.alone import Alone, outbox_runs


@pytest.fixture
def home(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> Path:
    monkeypatch.setenv("XDG_CONFIG_HOME", str(tmp_path / "con fig"))
    monkeypatch.setattr(background.sys, "executable", '/opt/my "py" 100%/bin/python')
    return tmp_path


def test_it_is_put_in_place_and_taken_away(home: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    asked: list[list[str]] = []
    monkeypatch.setattr(background.shutil, "which", lambda _n: "/bin/systemctl")
    monkeypatch.setattr(background.subprocess, "run", lambda words, **_: asked.append(words) or subprocess.CompletedProcess(words, 0))
    assert not background.installed()
    assert "while this window is closed" in background.install() and background.installed()
    unit = configparser.ConfigParser(interpolation=None)
    unit.optionxform = str  # type: ignore[assignment,method-assign]
    unit.read(background.service_file())
    assert unit["Service"]["ExecStart"] == '"/opt/my \\"py\\" 100%%/bin/python" "-m" "standtall" "outbox"'
    assert [w[2] for w in asked] == ["daemon-reload", "enable"]
    background.uninstall()
    assert not background.installed() and asked[-1][2:4] == ["disable", "--now"]


def test_without_systemd_it_starts_with_the_desktop(home: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    monkeypatch.setattr(background.shutil, "which", lambda _n: None)
    assert "starts with the desktop" in background.install()
    assert background.autostart_file().is_file() and not background.service_file().exists()
    program = shutil.which("desktop-file-validate")
    if program is not None:
        subprocess.run([program, str(background.autostart_file())], check=True)


def test_one_outbox_at_a_time(tmp_path: Path) -> None:
    first, second = Alone(tmp_path / "lock"), Alone(tmp_path / "lock")
    assert not outbox_runs(tmp_path / "lock")
    assert first.take() and not second.take() and outbox_runs(tmp_path / "lock")
    first.release()
    assert not outbox_runs(tmp_path / "lock") and second.take()
    second.release()

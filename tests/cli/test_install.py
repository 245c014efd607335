"""Putting the program into the desktop; the files are checked by the desktops' own programs where they are installed."""

from __future__ import annotations

import shutil
import subprocess
from pathlib import Path

import pytest
from lxml import etree

from standtall.cli.install_command import contents
from standtall.cli.main import main


@pytest.fixture
def home(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> Path:
    monkeypatch.setenv("HOME", str(tmp_path / "ho me"))
    monkeypatch.setenv("XDG_DATA_HOME", str(tmp_path / "ho me" / "data"))
    monkeypatch.setenv("XDG_CONFIG_HOME", str(tmp_path / "ho me" / "config"))
    return tmp_path / "ho me"


def test_all_is_put_in_place_works_and_is_taken_away(home: Path, capsys: pytest.CaptureFixture[str]) -> None:
    assert main(["install"]) == 0
    assert "in the menu of the desktop" in capsys.readouterr().out
    assert all(path.is_file() and path.is_relative_to(home) for path in contents())
    told = subprocess.run([home / ".local" / "bin" / "stand-tall", "--version"], capture_output=True, text=True, check=True).stdout
    assert told.startswith("stand-tall ")
    assert main(["install", "--remove"]) == 0
    assert not any(path.exists() for path in contents())


def test_the_files_are_valid(home: Path) -> None:
    main(["install"])
    desktop = home / "data" / "applications" / "stand-tall.desktop"
    lines = dict(line.split("=", 1) for line in desktop.read_text().splitlines()[1:])
    assert lines["Exec"] == f'"{home}/.local/bin/stand-tall" window %F' and lines["Icon"] == "stand-tall"
    mime = etree.parse(home / "data" / "mime" / "packages" / "stand-tall.xml")
    assert mime.getroot().tag == "{http://www.freedesktop.org/standards/shared-mime-info}mime-info"
    metainfo = home / "data" / "metainfo" / "io.example.stand_tall.metainfo.xml"
    etree.parse(metainfo)
    for words in (["desktop-file-validate", str(desktop)], ["appstreamcli", "validate", "--no-net", str(metainfo)]):
        if shutil.which(words[0]) is not None:
            made = subprocess.run(words, capture_output=True, text=True)
            assert made.returncode == 0, made.stdout


def test_commands_and_options_are_completed_as_they_are(home: Path) -> None:
    main(["install"])
    bash = home / "data" / "bash-completion" / "completions" / "stand-tall"
    script = f'. "{bash}"; COMP_WORDS=(stand-tall posts --c); COMP_CWORD=2; _stand_tall; echo "${{COMPREPLY[@]}}"'
    assert subprocess.run(["bash", "-c", script], capture_output=True, text=True, check=True).stdout.split() == ["--channel"]
    first = f'. "{bash}"; COMP_WORDS=(stand-tall out); COMP_CWORD=1; _stand_tall; echo "${{COMPREPLY[@]}}"'
    assert "outbox" in subprocess.run(["bash", "-c", first], capture_output=True, text=True, check=True).stdout
    assert "help-out" not in bash.read_text()
    fish = (home / "config" / "fish" / "completions" / "stand-tall.fish").read_text()
    assert "complete -c stand-tall -n '__fish_seen_subcommand_from rule' -l approve" in fish

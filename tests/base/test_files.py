"""Whole files: names of any script fit, and what a killed process left is cleared at the next start."""

from __future__ import annotations

import os
import subprocess
import sys
import time
from pathlib import Path

import pytest
from hypothesis import given
from hypothesis import strategies as st

from standtall.base import files
from standtall.base.files import clear_parts, short_name, write_whole, written_whole
from standtall.base.folders import state_folder

pytestmark = pytest.mark.fault


@given(st.text(max_size=300), st.integers(1, 200))
def test_a_short_name_fits_and_is_the_start_of_the_text(text: str, most: int) -> None:
    name = short_name(text, most)
    assert len(name.encode("utf-8", "replace")) <= most
    assert name in text.encode("utf-8", "replace").decode("utf-8")


def test_a_name_of_120_chinese_letters_can_be_written(tmp_path: Path) -> None:
    name = short_name("園" * 120) + ".mp4"
    write_whole(tmp_path / name, b"film")
    assert [p.read_bytes() for p in tmp_path.iterdir()] == [b"film"]


def killed_while_writing(path: Path) -> Path:
    """-> the part that a killed process left."""
    code = (
        "import sys, time, pathlib\nfrom standtall.base.files import written_whole\n"
        "with written_whole(pathlib.Path(sys.argv[1])) as part:\n"
        "    part.write_bytes(b'half'); print(part, flush=True); time.sleep(60)\n"
    )
    child = subprocess.Popen([sys.executable, "-c", code, str(path)], stdout=subprocess.PIPE, text=True)
    assert child.stdout is not None
    part = Path(child.stdout.readline().strip())
    assert part.read_bytes() == b"half"
    assert clear_parts() == [], "its owner is still at it"
    child.kill()
    child.wait()
    child.stdout.close()
    return part


def test_what_a_killed_process_left_is_cleared(tmp_path: Path) -> None:
    part = killed_while_writing(tmp_path / "film.mp4")
    with written_whole(tmp_path / "mine.mp4") as mine:
        mine.write_bytes(b"mine")
        assert clear_parts() == [part], "the part of a living process stays"
    assert [p.name for p in tmp_path.iterdir()] == ["mine.mp4"]
    assert list((state_folder() / "parts").iterdir()) == []


def test_a_note_never_leads_to_a_file_that_is_no_part(tmp_path: Path) -> None:
    precious = tmp_path / "precious.mp4"
    precious.write_bytes(b"mine")
    link = tmp_path / ".film.mp4.0123abcd.part.mp4"
    link.symlink_to(precious)
    notes = state_folder() / "parts"
    notes.mkdir(parents=True)
    (notes / "a").write_text(f"999999 1\n{precious}")
    (notes / "b").write_text(f"999999 1\n{link}")
    (notes / "c").write_bytes(b"\xff\xfe nonsense")
    assert clear_parts() == []
    assert precious.read_bytes() == b"mine"


def test_a_note_of_a_drive_that_is_away_waits_for_it(tmp_path: Path) -> None:
    notes = state_folder() / "parts"
    notes.mkdir(parents=True)
    note = notes / "a"
    note.write_text(f"999999 1\n{tmp_path / 'away' / '.film.mp4.0123abcd.part.mp4'}")
    assert clear_parts() == []
    assert note.exists()
    old = time.time() - files.SPENT_S - 10
    os.utime(note, (old, old))
    clear_parts()
    assert not note.exists()

"""The framing as a table: a row for each cell of each frame, and the command that writes it."""

from __future__ import annotations

import csv
from pathlib import Path

import pytest

from standtall.base.time import TICKS_PER_SECOND
from standtall.cli.main import main
from standtall.model.analysis import Analysis
from standtall.model.people import FaceSample, People, Shot, Talk, Track
from standtall.model.source import Source
from standtall.session.framing_table import COLUMNS, framing_rows
from tests.conftest import make_clip, tone

S = TICKS_PER_SECOND
SOURCE = Source("k", "/x", "x", 4 * S, 1920, 1080)


def two() -> Analysis:
    tracks = tuple(
        Track(0, p, tuple(FaceSample(t, x, 0.3, 0.09, 0.2, 0.0) for t in range(0, 4 * S, 3_200)))
        for p, x in enumerate((0.1, 0.8))
    )
    return Analysis(
        "k", people=People((Shot(0, 4 * S),), tracks, (Talk(0, 2 * S, 0, 1.0), Talk(2 * S, 4 * S, 1, 1.0)), ("A", "B"))
    )


def test_each_frame_has_a_row_for_each_cell() -> None:
    rows = list(framing_rows(SOURCE, two(), "stack"))
    assert len(rows) == 2 * 4 * 30
    assert [r[:3] for r in rows[:4]] == [(0, 0, 0), (0, 0, 1), (1, 1, 0), (1, 1, 1)]
    assert {r[7] for r in rows} == {"stack"}
    for _, _, _, x, y, w, h, _, _ in rows:
        assert x >= 0
        assert y >= 0
        assert x + w <= 1920.01
        assert y + h <= 1080.01


def test_it_goes_over_to_the_next_speaker() -> None:
    rows = list(framing_rows(SOURCE, two()))
    assert rows[0][3] < 400
    assert rows[-1][3] > 1_000
    assert rows[0][7:] == ("follow", "speaking")


@pytest.mark.parametrize("name", ["follow", "whole"])
def test_the_command_writes_the_table(tmp_path: Path, name: str, capsys: pytest.CaptureFixture[str]) -> None:
    clip, captions, table = make_clip(tmp_path / "a.mp4", 30, sound=tone(1.0)), tmp_path / "a.srt", tmp_path / "out" / "a.csv"
    captions.write_text("1\n00:00:00,200 --> 00:00:00,800\nEvery good row\n")
    command = ["framing", str(clip), "--csv", str(table), "--layout", name, "--language", "xx", "--captions", str(captions)]
    assert main(command) == 0
    with table.open(newline="", encoding="utf-8") as file:
        rows = list(csv.DictReader(file))
    assert tuple(rows[0]) == COLUMNS
    assert [int(r["frame"]) for r in rows] == list(range(30))
    assert {r["layout"] for r in rows} == {name}
    shape = float(rows[0]["w"]) / float(rows[0]["h"])
    assert shape == pytest.approx(9 / 16 if name == "follow" else 16 / 9, rel=0.01)
    capsys.readouterr()
    sound = tmp_path / "no.mp4"
    sound.write_bytes(b"nothing")
    assert main(["framing", str(sound), "--csv", str(table)]) == 3
    assert "no.mp4" in capsys.readouterr().err

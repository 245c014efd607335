"""Quicker copies of footage are asked for once, and not while somebody plays."""

from __future__ import annotations

from pathlib import Path

import pytest
from pytestqt.qtbot import QtBot

from standtall.jobs.requests import PreviewCopyRequest, Request
from standtall.media.probe import probe
from standtall.ui.footage.preview_copies import PreviewCopies
from standtall.ui.state.workspace import Workspace
from tests.conftest import make_clip


def test_a_copy_waits_until_nothing_is_played_and_is_asked_for_once(
    qtbot: QtBot, tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    ws = Workspace()
    asked: list[Request] = []
    monkeypatch.setattr(ws.jobs, "ask", asked.append)
    copies = PreviewCopies(ws)
    first, second = (probe(make_clip(tmp_path / f"{n}.mp4", frames=8 + n)) for n in range(2))
    copies.want(first)
    ws.playing_changed.emit(True)
    for source in (second, first, second):
        copies.want(source)
    assert asked == [PreviewCopyRequest(first)]
    ws.playing_changed.emit(False)
    assert asked == [PreviewCopyRequest(first), PreviewCopyRequest(second)]
    ws.playing_changed.emit(False)
    assert len(asked) == 2
    ws.close()

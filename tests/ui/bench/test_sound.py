"""The sound panel in the real window: loudness, speakers, cleaning, music, another recorder, meters."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path

import numpy as np
import pytest
from pytestqt.qtbot import QtBot

from standtall.media.sound_reader import MIX_RATE, sound_of
from standtall.model import sound_edits
from standtall.ui.app.window import MainWindow
from standtall.ui.bench.panels.sound.panel import SoundPanel
from tests.conftest import write_sound
from tests.ui.driving import WAIT, edited, short_of

pytestmark = pytest.mark.heard


@pytest.fixture
def panel(qtbot: QtBot, window: MainWindow) -> SoundPanel:
    """The panel beside a short of some twenty seconds: each test works out its sound, some twice."""
    window.workspace.selection.select(range(60))
    edited(qtbot, window, window.bench.inspector.chosen.use_only)
    window.bench.inspector.show_panel("sound")
    worked_out(qtbot, window)
    return window.bench.inspector.sound


def worked_out(qtbot: QtBot, window: MainWindow) -> None:
    ws = window.workspace
    qtbot.waitUntil(lambda: ws.opened is not None and ws.sounding.of(ws.opened.composition) is not None, timeout=WAIT)


def test_the_finished_sound_is_measured_and_drawn(qtbot: QtBot, window: MainWindow, panel: SoundPanel) -> None:
    assert "-14.0 LUFS" in panel.talk.told.text()
    before = panel.meters.grab().toImage()
    panel.meters.show_at(120)
    assert panel.meters.grab().toImage() != before, "the bars follow the playhead"
    edited(qtbot, window, lambda: panel.talk.loudness.setValue(-18.0))
    assert short_of(window).sound.loudness == -18.0
    worked_out(qtbot, window)
    assert "-18.0 LUFS" in panel.talk.told.text()


def test_speakers_are_told_as_recorded_and_changed_by_hand_or_together(
    qtbot: QtBot, window: MainWindow, panel: SoundPanel
) -> None:
    fields = panel.speakers.fields
    assert len(fields) >= 2
    key = next(iter(fields))
    edited(qtbot, window, lambda: fields[key].setValue(3.0))
    (gain,) = short_of(window).sound.speaker_gains
    assert (gain.source, gain.speaker, gain.db) == (*key, 3.0)
    edited(qtbot, window, panel.talk.even.click)
    assert short_of(window).sound.even
    worked_out(qtbot, window)
    levels = {label[1].text() for label in panel.speakers._labels.values()}
    assert any("+0.0 dB" not in text for text in levels)


def test_cleaning_is_one_step_each(qtbot: QtBot, window: MainWindow, panel: SoundPanel) -> None:
    edited(qtbot, window, panel.talk.hum.click)
    edited(qtbot, window, panel.talk.clicks.click)
    panel.talk.noise.setCurrentIndex(2)
    edited(qtbot, window, lambda: panel.talk.noise.activated.emit(2))
    cleaning = short_of(window).sound.cleaning
    assert (cleaning.hum, cleaning.noise, cleaning.clicks) == (True, "strong", True)
    edited(qtbot, window, window.workspace.undo)
    assert short_of(window).sound.cleaning.noise == "off"


def test_music_is_proposed_with_a_reason_and_drawn_in_the_lane(qtbot: QtBot, window: MainWindow, panel: SoundPanel) -> None:
    assert "No music" in panel.music.told.text()
    edited(qtbot, window, panel.music.propose)
    first = short_of(window).sound.music
    assert first is not None
    assert "Proposed for" in panel.music.told.text()
    edited(qtbot, window, panel.music.propose)
    second = short_of(window).sound.music
    assert second is not None
    assert second.path != first.path
    worked_out(qtbot, window)
    ws = window.workspace
    assert ws.opened is not None
    found = ws.sounding.of(ws.opened.composition)
    assert found is not None
    assert found.duck_db is not None
    edited(qtbot, window, lambda: panel.music.fields["under_db"].setValue(25.0))
    assert short_of(window).sound.music.under_db == 25.0  # type: ignore[union-attr]
    edited(qtbot, window, lambda: panel.music.choose(""))
    assert short_of(window).sound.music is None
    assert panel.music.fields["under_db"].isHidden()


def test_a_file_of_one_s_own_is_music_and_a_silent_one_is_refused(
    qtbot: QtBot, window: MainWindow, panel: SoundPanel, tmp_path: Path
) -> None:
    tone = (0.2 * np.sin(2 * np.pi * 220 * np.arange(5 * MIX_RATE) / MIX_RATE)).astype(np.float32)
    own = write_sound(tmp_path / "own.m4a", tone, MIX_RATE)
    edited(qtbot, window, lambda: panel.music.take_file(own))
    assert short_of(window).sound.music.path == str(own)  # type: ignore[union-attr]
    assert "own.m4a" in panel.music.choice.currentText()
    silent = write_sound(tmp_path / "silent.m4a", np.zeros(2 * MIX_RATE, np.float32), MIX_RATE)
    with qtbot.waitSignal(window.workspace.said, timeout=WAIT) as told:
        panel.music.take_file(silent)
    assert "silent" in told.args[0]
    assert short_of(window).sound.music.path == str(own)  # type: ignore[union-attr]


def test_another_recorder_is_aligned_used_and_removed(
    qtbot: QtBot, window: MainWindow, panel: SoundPanel, tmp_path: Path
) -> None:
    source = window.workspace.opened.source  # type: ignore[union-attr]
    voice = sound_of(source, MIX_RATE, 1, 0, 40 * MIX_RATE)[0]
    file = write_sound(tmp_path / "recorder.m4a", np.concatenate([np.zeros(MIX_RATE, np.float32), voice]), MIX_RATE, 128_000)
    edited(qtbot, window, lambda: panel.recorder.align(file))
    (recorder,) = short_of(window).sound.recorders
    assert recorder.offset == pytest.approx(MIX_RATE, abs=60), "to about a millisecond, through a codec"
    (row,) = panel.recorder.rows
    assert "recorder.m4a" in row.told.text()
    row.use.setCurrentIndex(1)
    edited(qtbot, window, lambda: row.use.activated.emit(1))
    assert short_of(window).sound.recorders[0].use == "with"
    edited(qtbot, window, lambda: row.level.setValue(-6.0))
    assert short_of(window).sound.recorders[0].db == -6.0
    assert panel.recorder.rows == [row], "a change does not make it anew under the hand"
    other = replace(recorder, path=str(file) + "2", speakers=(1,))
    edited(qtbot, window, lambda: window.workspace.edit(lambda s, _a: sound_edits.set_recorder(s, other)))
    first, second = panel.recorder.rows
    assert "not where it was" in second.told.text()
    assert second.use.currentData() == ("instead", (1,))
    last = first.use.count() - 1
    first.use.setCurrentIndex(last)
    edited(qtbot, window, lambda: first.use.activated.emit(last))
    assert [r.path for r in short_of(window).sound.recorders] == [recorder.path, other.path], "each keeps its place"
    assert short_of(window).sound.recorders[0].use == "with"
    assert short_of(window).sound.recorders[0].speakers != ()
    edited(qtbot, window, panel.recorder.rows[0].remove.click)
    edited(qtbot, window, panel.recorder.rows[0].remove.click)
    assert short_of(window).sound.recorders == ()

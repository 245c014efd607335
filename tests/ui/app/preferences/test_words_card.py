"""The recognition model is chosen, fetched and tried in the preferences."""

from __future__ import annotations

import os
from collections.abc import Iterator
from pathlib import Path

import pytest
from pytestqt.qtbot import QtBot

from standtall.jobs.events import Ended, Fetched, ModelTried, Problem
from standtall.jobs.requests import FetchModelRequest, Request, TryModelRequest
from standtall.library import settings
from standtall.speech import models
from standtall.ui.app.preferences.words_card import WordsCard
from standtall.ui.app.window import MainWindow
from tests.speech.test_models import a_model
from tests.ui.driving import WAIT

MODEL, INSTALLED = models.model_folder(), models.installed()  # before a test moves the data folder


@pytest.fixture
def asked(window: MainWindow, monkeypatch: pytest.MonkeyPatch) -> list[Request]:
    """What the queue was asked for, instead of being done."""
    out: list[Request] = []
    monkeypatch.setattr(window.workspace.jobs, "ask", lambda request: out.append(request) or 1000 + len(out))
    return out


@pytest.fixture
def card(qtbot: QtBot, window: MainWindow) -> Iterator[WordsCard]:
    window.show_preferences()
    assert window.preferences is not None
    made = window.preferences
    qtbot.waitUntil(lambda: made.is_whole, timeout=WAIT)
    yield window.preferences.words
    window.preferences.close()
    window._preferred(lambda _s: settings.Settings(walked=True))
    assert models.CHOSEN not in os.environ


def test_a_model_from_a_folder_is_used_from_now_on(
    qtbot: QtBot, window: MainWindow, card: WordsCard, tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    empty, own = tmp_path / "empty", a_model(tmp_path / "whisper-large")
    empty.mkdir()
    for folder in (empty, own):
        monkeypatch.setattr("PySide6.QtWidgets.QFileDialog.getExistingDirectory", lambda *_a, f=folder: str(f))
        card.choose_folder()
        assert "no model.bin" in card.told.text()  # of the first, and nothing is said of the second
        assert card.chosen == ("" if folder == empty else str(own))
    assert card.model.currentText() == "whisper-large" and os.environ[models.CHOSEN] == str(own)
    qtbot.waitUntil(lambda: settings.load()[0].speech_model == str(own), timeout=WAIT)
    card.model.setCurrentIndex(0)
    card.model.activated.emit(0)
    assert models.CHOSEN not in os.environ


def test_both_models_hear_the_same_minute(window: MainWindow, card: WordsCard, asked: list[Request], tmp_path: Path) -> None:
    card.use(str(a_model(tmp_path / "whisper-large")))
    card.try_it()
    first, second = asked
    assert isinstance(first, TryModelRequest) and isinstance(second, TryModelRequest)
    assert (first.start, first.end, first.language) == (second.start, second.end, "en") and first.end - first.start == 60 * 48_000
    assert [Path(r.folder).name for r in (first, second)] == ["whisper-large", ""]
    card.try_it()
    assert len(asked) == 2  # while one is under way
    jobs = window.workspace.jobs
    jobs.heard.emit(1001, first, ModelTried("Worms do the work.", 21.4, 60.0, 900))
    jobs.heard.emit(1001, first, Ended("done"))
    jobs.heard.emit(1002, second, Problem("It went wrong.", "Try again."))
    jobs.heard.emit(1002, second, Ended("failed"))
    jobs.heard.emit(77, first, Problem("not of this"))
    assert "whisper-large: 21 s for 60 s of sound, 900 MB. “Worms do the work.”" in card.told.text()
    assert "The one that ships (base): It went wrong. Try again." in card.told.text() and "not of this" not in card.told.text()
    card.try_it()
    assert len(asked) == 4


def test_a_larger_model_is_fetched_and_used(
    window: MainWindow, card: WordsCard, asked: list[Request], tmp_path: Path
) -> None:
    card.fetch_larger("small")
    card.fetch_larger("medium")
    assert asked == [FetchModelRequest("small")]
    jobs = window.workspace.jobs
    jobs.heard.emit(1001, asked[0], Problem("The model “small” could not be fetched.", "See whether there is an internet."))
    jobs.heard.emit(1001, asked[0], Ended("failed"))
    assert "internet" in card.told.text()
    card.fetch_larger("small")
    jobs.heard.emit(1002, asked[1], Fetched(str(a_model(tmp_path / "speech-small"))))
    jobs.heard.emit(1002, asked[1], Ended("done"))
    assert card.model.currentText() == "speech-small" and os.environ[models.CHOSEN].endswith("speech-small")


@pytest.mark.real
@pytest.mark.skipif(not INSTALLED, reason="the speech model is not here")
def test_the_model_that_ships_is_tried_in_a_process_of_its_own(
    qtbot: QtBot, window: MainWindow, card: WordsCard, monkeypatch: pytest.MonkeyPatch
) -> None:
    monkeypatch.setattr("standtall.ui.app.preferences.words_card.TRIED", 12 * 48_000)
    models.model_folder().parent.mkdir(parents=True, exist_ok=True)
    models.model_folder().symlink_to(MODEL)
    window.workspace.selection.seek(0)
    card.try_it()
    qtbot.waitUntil(lambda: "for 12 s of sound" in card.told.text() or "went" in card.told.text(), timeout=WAIT)
    assert "allotment" in card.told.text().lower() and "MB" in card.told.text()

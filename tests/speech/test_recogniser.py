"""What the recogniser is given to hear, and work beside other work."""

from __future__ import annotations

import threading
from collections.abc import Callable
from typing import Any

import numpy as np
import pytest

from standtall.base.beside import Beside
from standtall.media.sound_reader import SPEECH_RATE
from standtall.session import analysis_tasks as tasks
from standtall.speech import models, recognise
from standtall.speech.recognise import LEAST_S, ROOM_S, Heard, heard_part


def features(sound_s: float, window: int = 3_000) -> np.ndarray:
    made = np.zeros((80, window), np.float32)
    made[:, : round(sound_s * 100)] = np.random.default_rng(0).normal(0, 1, (80, round(sound_s * 100)))
    return made


@pytest.mark.parametrize(
    ("sound_s", "given_s"), [(0.0, LEAST_S), (1.3, LEAST_S), (14.0, 14.0 + ROOM_S), (20.51, 20.52 + ROOM_S), (29.5, 30.0)]
)
def test_the_filling_of_a_window_is_left_out(sound_s: float, given_s: float) -> None:
    whole = features(sound_s)
    part = heard_part(whole)
    assert part.shape == (80, round(given_s * 100))
    np.testing.assert_array_equal(part, whole[:, : part.shape[1]])
    assert part.flags["C_CONTIGUOUS"]
    assert not whole[:, part.shape[1] :].any(), "nothing that sounds is cut off"


def test_a_batch_of_windows_is_left_alone() -> None:
    batch = np.zeros((2, 80, 3_000), np.float32)
    assert heard_part(batch) is batch


class Ear:
    """Stands in for the recogniser, and remembers how it was made."""

    made: list[tuple[str | None, int]] = []  # noqa: RUF012

    def __init__(self, _model: object, language: str | None, threads: int, _terms: tuple[str, ...]) -> None:
        Ear.made.append((language, threads))
        self.language = language

    def detect(self, _samples: object) -> str:
        return "ar"

    def words(self, _samples: object) -> list[Heard]:
        return []


def test_one_recogniser_serves_task_after_task(monkeypatch: pytest.MonkeyPatch) -> None:
    monkeypatch.setattr(recognise, "WhisperRecogniser", Ear)
    monkeypatch.setattr(models, "require", lambda: "a model")
    monkeypatch.setattr(tasks, "_kept", tasks._Kept())
    Ear.made = []
    loud = tasks.sound_as_text(np.random.default_rng(1).normal(0, 0.1, 2 * SPEECH_RATE).astype(np.float32))
    quiet = tasks.sound_as_text(np.zeros(2 * SPEECH_RATE, np.float32))
    given = [("", quiet), ("", loud), ("ar", quiet), ("", quiet)]
    heard = [tasks.hear(tasks.HearTask(n, n * 2.0, sound, language), lambda *_: None) for n, (language, sound) in enumerate(given)]
    assert [h.language for h in heard] == ["", "ar", "ar", ""], "what an earlier task was told says nothing about a later one"
    assert Ear.made == [(None, 1)]


def test_work_beside_gives_its_result_and_says_when_it_is_busy() -> None:
    go = threading.Event()

    def work() -> int:
        go.wait(10)
        return 7

    with Beside(work, go.set) as beside:
        assert beside.busy()
        go.set()
        assert beside.result() == 7
        assert not beside.busy()


def failing() -> int:
    raise ValueError("broken")


@pytest.mark.parametrize("work", [failing])
def test_an_error_beside_is_raised_where_the_result_is_asked_for(work: Callable[[], Any]) -> None:
    with Beside(work, lambda: None) as beside, pytest.raises(ValueError, match="broken"):
        beside.result()


def test_work_beside_is_told_to_stop_when_the_block_fails() -> None:
    stop = threading.Event()
    ended: list[bool] = []

    def work() -> None:
        ended.append(stop.wait(10))

    with pytest.raises(KeyError), Beside(work, stop.set):
        raise KeyError("x")
    assert ended == [True], "and it has ended before the error goes on"

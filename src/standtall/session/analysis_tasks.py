"""The tasks that an analysis is made of, each of which stands for itself: any process on any machine may carry one out."""

from __future__ import annotations

import base64
import json
from collections.abc import Callable
from dataclasses import dataclass, replace
from typing import TYPE_CHECKING, Any, Final, Literal

import numpy as np

from standtall.base.reading import json_of
from standtall.base.time import ticks
from standtall.jobs.tasks import Answer, Task, Told
from standtall.media.sound_reader import Samples, level_db
from standtall.model.brief import Content
from standtall.model.codec import from_plain, to_plain
from standtall.model.source import Source
from standtall.model.words import Word

if TYPE_CHECKING:
    from standtall.people.detection import Looker, SeenPiece
    from standtall.speech.recognise import WhisperRecogniser

LONGEST: Final = 64_000_000
"""Letters of a task or an answer."""
QUIET_DB: Final = -45
"""In sound that is nowhere louder no language is looked for."""


@dataclass(frozen=True, slots=True)
class HearTask:
    """Find the words in a piece of sound (mono float32 at 16 kHz as base64) that begins `start_s` seconds into its source.
    Without a `language` it is found out where the sound is loud enough."""

    number: int
    start_s: float
    sound: str
    language: str
    terms: tuple[str, ...] = ()
    kind: Literal["hear"] = "hear"


@dataclass(frozen=True, slots=True)
class LookTask:
    """Find shots, faces, writing and screens in the stretch of a source from `start` to `end` (ticks)."""

    number: int
    source: Source
    content: Content
    start: int
    end: int
    kind: Literal["look"] = "look"


@dataclass(frozen=True, slots=True)
class VoicesTask:
    """Make voice prints of spans (seconds) of a piece of sound, as above."""

    number: int
    sound: str
    spans: tuple[tuple[float, float], ...]
    kind: Literal["voices"] = "voices"


AnalysisTask = HearTask | LookTask | VoicesTask


@dataclass(frozen=True, slots=True)
class Given:
    """A task as it is written down."""

    task: AnalysisTask


@dataclass(frozen=True, slots=True)
class HeardWords:
    """Words, and the language that was spoken, empty where that is not known."""

    words: tuple[Word, ...]
    language: str = ""


@dataclass(frozen=True, slots=True)
class PrintsMade:
    """Voice prints as base64 of 256 signed bytes each."""

    data: str


def sound_as_text(samples: Samples) -> str:
    return base64.b64encode(np.ascontiguousarray(samples, np.float32).tobytes()).decode()


def _sound(text: str) -> Samples:
    return np.frombuffer(base64.b64decode(text, validate=True), np.float32)


def text_of(task: AnalysisTask) -> str:
    return json.dumps(to_plain(Given(task)))


def carried_out(task: Task, told: Told) -> Answer:
    """Do what a task asks for; raises `StandTallError` where that cannot be done."""
    return answer_to(from_plain(Given, json_of(task.text, LONGEST)).task, told)


def answer_to(task: AnalysisTask, told: Told) -> Answer:
    """The same for a task that is read already."""
    return Answer(json.dumps(to_plain(_DOES[type(task)](task, told))))


class _Kept:
    """What is slow to make and serves task after task of a process: the recogniser, and what looks at the latest source.

    The aligner is made anew each time (0.14 s): it begins with what fitted at the end of what it heard last, so that times would
    depend, by a frame here and there, on which tasks a process was given before.
    """

    def __init__(self) -> None:
        self._recognisers: dict[tuple[str, ...], WhisperRecogniser] = {}
        self._looker: tuple[tuple[str, str, Content], Looker] | None = None

    def recogniser(self, terms: tuple[str, ...], language: str) -> WhisperRecogniser:
        from standtall.speech import models
        from standtall.speech.recognise import WhisperRecogniser

        if terms not in self._recognisers:
            self._recognisers = {terms: WhisperRecogniser(models.require(), None, 1, terms)}
        found = self._recognisers[terms]
        found.language = language or None
        return found

    def looker(self, source: Source, content: Content) -> Looker:
        from standtall.people.detection import Looker

        wanted = (source.key, source.path, content)
        if self._looker is None or self._looker[0] != wanted:
            self._looker = wanted, Looker(source, content)
        return self._looker[1]


_kept = _Kept()


def hear(task: HearTask, _told: Told) -> HeardWords:
    from standtall.speech.align import PhoneAligner
    from standtall.speech.spelling import UNSPELT
    from standtall.speech.transcribe import transcribe

    samples = _sound(task.sound)
    recogniser = _kept.recogniser(task.terms, task.language)
    if recogniser.language is None and level_db(samples).max(initial=-90.0) > QUIET_DB:
        recogniser.language = recogniser.detect(samples)
    language = recogniser.language
    aligner = None if language is None or language in UNSPELT else PhoneAligner(language)
    return HeardWords(transcribe(samples, recogniser, aligner, task.start_s), language or "")


def look(task: LookTask, told: Told) -> SeenPiece:
    return _kept.looker(task.source, task.content).look(task.start, task.end, lambda share: told("people", share))


def make_prints(task: VoicesTask, _told: Told) -> PrintsMade:
    from standtall.speech.prints import voice_prints

    found = np.round(voice_prints(_sound(task.sound), list(task.spans)) * 127).astype(np.int8)
    return PrintsMade(base64.b64encode(found.tobytes()).decode())


_DOES: Final[dict[type, Callable[[Any, Told], object]]] = {
    HearTask: lambda task, told: hear(task, told),
    LookTask: lambda task, told: look(task, told),
    VoicesTask: lambda task, told: make_prints(task, told),
}


def with_path(task: AnalysisTask, path: str) -> AnalysisTask:
    """The same task where its footage lies elsewhere."""
    return replace(task, source=replace(task.source, path=path)) if isinstance(task, LookTask) else task


def middles_of(spans: list[tuple[float, float]], at_s: float) -> list[int]:
    """The middles of spans (seconds after `at_s`) in ticks."""
    return [ticks(at_s + (a + b) / 2) for a, b in spans]

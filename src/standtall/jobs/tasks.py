"""Work that is given out in tasks: what a task is, who gives tasks out, and who carries them out."""

from __future__ import annotations

from collections.abc import Callable, Mapping
from dataclasses import dataclass, field
from typing import Protocol

from standtall.base.progress import Progress


@dataclass(frozen=True, slots=True)
class MediaFile:
    """A file that a task reads, by the key of its content, and where it lies for whoever asks."""

    key: str
    path: str


@dataclass(frozen=True, slots=True)
class Task:
    """A part of some work: a `name` for people, what is asked as `text` (JSON), the files that it reads, and the names of those
    that it may write."""

    name: str
    text: str
    media: tuple[MediaFile, ...] = ()
    makes: tuple[str, ...] = ()


@dataclass(frozen=True, slots=True)
class Answer:
    """What came of a task: a text (JSON), and files by their names."""

    text: str
    files: Mapping[str, bytes] = field(default_factory=dict)


Told = Callable[[str, float], None]
"""Hears of the stage of a task and of its share done."""


class Supply(Protocol):
    """Gives tasks out and takes their answers, always from one thread."""

    def take(self) -> Task | None:
        """The next task, or None while there is none (others must be answered first) or none is left."""

    def took(self, task: Task, answer: Answer) -> None:
        """The answer to a task; raises `StandTallError` where it cannot be one."""

    def told(self, task: Task, stage: str, share: float) -> None:
        """A task is so far done."""

    @property
    def over(self) -> bool:
        """Whether everything is answered."""


class Helpers(Protocol):
    """Carries tasks out."""

    def run(self, supply: Supply, progress: Progress) -> None:
        """Until the supply is over; raises `Cancelled` when stopped, `StandTallError` where a task cannot be done."""


class Here:
    """Carries tasks out one by one in this very thread."""

    def __init__(self, carry: Callable[[Task, Told], Answer]) -> None:
        self._carry = carry

    def run(self, supply: Supply, progress: Progress) -> None:
        while not supply.over:
            progress.check()
            task = supply.take()
            if task is None:
                raise AssertionError("a supply that is not over has something to do where nothing is being done")

            def told(stage: str, share: float, now: Task = task) -> None:
                progress.check()
                supply.told(now, stage, share)

            supply.took(task, self._carry(task, told))

"""The looks and channels that there are: those that ship and the user's own."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass
from pathlib import Path

from PySide6.QtCore import QObject, Signal

from standtall.base.interface_language import tr
from standtall.library.channels import CHANNELS, channel_from, channels, new_channel
from standtall.library.looks import LOOKS
from standtall.library.own import write_own
from standtall.model.channel import Channel
from standtall.model.look import Look
from standtall.ui.threads.dispatcher import Failed, Worker


@dataclass(frozen=True, slots=True)
class _Read:
    looks: tuple[Look, ...]
    channels: tuple[Channel, ...]
    problems: tuple[str, ...]


class Data(QObject):
    """Read in another thread; `problem` carries a sentence about each file that is left out."""

    changed = Signal()
    problem = Signal(str)

    def __init__(self, thread: Worker, failed: Failed, parent: QObject) -> None:
        super().__init__(parent)
        self._thread, self._failed = thread, failed
        self.looks: tuple[Look, ...] = ()
        self.channels: tuple[Channel, ...] = ()
        self.read()

    def read(self) -> None:
        def work() -> _Read:
            looks = LOOKS.load()
            return _Read(looks.values, channels(), (*looks.problems, *CHANNELS.load().problems))

        self._thread.do(work, self._arrived, self._failed)

    def _arrived(self, found: _Read) -> None:
        self.looks, self.channels = found.looks, found.channels
        self.changed.emit()
        for problem in found.problems:
            self.problem.emit(problem)

    def save_channel(self, channel: Channel) -> None:
        """Keep a channel of the user's own, or a shipped one as the user wants it."""
        self._thread.do(
            lambda: CHANNELS.save(channel), lambda _p: self.read(), self._failed, undone=tr("The channel was not kept")
        )

    def share_channel(self, channel: Channel, path: Path, then: Callable[[], None]) -> None:
        """Write a channel to a file for somebody else."""
        self._thread.do(
            lambda: write_own(path, channel), lambda _n: then(), self._failed, undone=tr("The channel was not written")
        )

    def bring_channel(self, path: Path, then: Callable[[Channel], None]) -> None:
        """Take a channel from a file of somebody else."""

        def arrived(made: Channel) -> None:
            self.read()
            then(made)

        self._thread.do(lambda: channel_from(path), arrived, self._failed, undone=tr("The channel was not taken"))

    def new_channel(self, title: str, longest_s: float, then: Callable[[Channel], None]) -> None:
        """Make a channel of the user's own; `then` gets it."""

        def arrived(made: Channel) -> None:
            self.read()
            then(made)

        self._thread.do(lambda: new_channel(title, longest_s), arrived, self._failed, undone=tr("The channel was not made"))

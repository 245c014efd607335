"""Files of the project that are not where they were: looked for, found again by their content, or said by the person."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from pathlib import Path

from PySide6.QtCore import QObject, Signal

from standtall.base.files import content_key
from standtall.base.interface_language import tr
from standtall.library.finding import State, Whereabouts, whereabouts
from standtall.model.source import Source
from standtall.ui.threads.dispatcher import Failed
from standtall.ui.threads.queues import Queues


class LostFiles(QObject):
    """`moved` carries a source that is elsewhere now; `refused` a sentence about a file that is another one."""

    changed = Signal()
    moved = Signal(object)
    refused = Signal(str)

    def __init__(self, queues: Queues, failed: Failed, parent: QObject) -> None:
        super().__init__(parent)
        self._queues, self._failed = queues, failed
        self.states: dict[str, State] = {}
        """What is wrong with the file of a source, by its content key."""

    def look(self, sources: tuple[Source, ...], beside: Path | None, still: Callable[[], bool]) -> None:
        """See whether the files are where they were; those that moved are found by their content, also `beside` the project.
        Nothing comes of it where they are not wanted any more (`still`)."""
        near = [beside] if beside is not None else []

        def work() -> list[tuple[Source, Whereabouts]]:
            found = []
            for source in sources:
                place = whereabouts(source, near)
                found.append((source, place))
                if place.state == "moved":  # what was beside it has likely gone with it
                    near.append(Path(place.path).parent)
            return found

        def arrived(found: list[tuple[Source, Whereabouts]]) -> None:
            if not still():
                return
            self.states = {source.key: place.state for source, place in found if place.state in ("missing", "changed")}
            for source, place in found:
                if place.state == "moved":
                    self.moved.emit(replace(source, path=place.path))
            self.changed.emit()

        self._queues.do("files", work, arrived, self._failed)

    def found_at(self, source: Source, path: Path, then: Callable[[Source], None]) -> None:
        """The person says where a file is: used if its content is the same, never otherwise; `then(source)` follows."""

        def arrived(key: str) -> None:
            if key == source.key:
                self.states = {k: v for k, v in self.states.items() if k != key}
                here = replace(source, path=str(path))
                self.moved.emit(here)
                self.changed.emit()
                then(here)
            else:
                text = tr(
                    "{name} has other content than {other}. To use it all the same, add it as new footage.",
                    name=path.name,
                    other=source.name,
                )
                self.refused.emit(text)

        self._queues.do("files", lambda: content_key(path), arrived, self._failed)

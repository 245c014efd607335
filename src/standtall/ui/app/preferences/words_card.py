"""Which model hears words, tried on a minute of the person's own footage."""

from __future__ import annotations

from dataclasses import replace
from functools import partial
from pathlib import Path
from typing import Final

from PySide6.QtWidgets import QFileDialog, QHBoxLayout, QLabel, QVBoxLayout, QWidget

from standtall.base.errors import ModelMissing
from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND
from standtall.jobs.events import Ended, Event, Fetched, ModelTried, Problem
from standtall.jobs.requests import FetchModelRequest, Request, TryModelRequest
from standtall.library.settings import Settings
from standtall.model.brief import DETECT
from standtall.speech.models import LARGER, usable
from standtall.ui.app.preferences.choice_rows import choice, faint, grid_in, row
from standtall.ui.app.preferences.window_card import Change
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.fields import button

TRIED: Final = 60 * TICKS_PER_SECOND
FOLDER: Final = "folder"


class WordsCard:
    """Fills a card. What is asked of the queue goes on when the sheet is closed; its answer is then not shown."""

    def __init__(self, box: QVBoxLayout, settings: Settings, workspace: Workspace, change: Change, over: QWidget) -> None:
        self._ws, self._change, self._over = workspace, change, over
        self.chosen = settings.speech_model
        self._trials: dict[int, str] = {}
        self._told: list[str] = []
        self._fetching: int | None = None
        box.addWidget(faint(tr("Footage that is analysed from now on is heard by it. What was analysed before stays as it is.")))
        grid = grid_in(box)
        self.model = choice((), None, self._picked)
        row(
            grid,
            tr("Model"),
            self.model,
            tr("What footage is recognised with from now on; a larger one is slower and makes fewer mistakes"),
        )
        line = QHBoxLayout()
        self.fetch = [
            button(
                tr("Fetch “{name}”", name=size),
                tr("A larger model, from where its makers keep it: the only thing here that needs an internet"),
                partial(self.fetch_larger, size),
            )
            for size in LARGER
        ]
        for made in self.fetch:
            line.addWidget(made)
        line.addWidget(button(tr("From a folder…"), tr("A Whisper model converted for CTranslate2"), self.choose_folder))
        box.addLayout(line)
        self.trial = button(
            tr("Try it on a minute"),
            tr("The minute from the playhead on, heard by this model and by the one that ships"),
            self.try_it,
        )
        box.addWidget(self.trial)
        self.told = QLabel()
        self.told.setWordWrap(True)
        box.addWidget(self.told)
        self._fill()
        workspace.jobs.heard.connect(self._heard)

    def _fill(self) -> None:
        """What can be chosen: the model that ships, those that were fetched, and the folder that is chosen."""
        self.model.clear()
        self.model.addItem(tr("The one that ships (base)"), "")
        if self.chosen:
            self.model.addItem(Path(self.chosen).name, self.chosen)
        self.model.setCurrentIndex(self.model.count() - 1)

    def _picked(self, value: object) -> None:
        self.use(str(value))

    def use(self, folder: str) -> None:
        """Let words be heard by the model in a folder, or by the one that ships for ""."""
        self.chosen = folder
        self._change(lambda s: replace(s, speech_model=folder))

    def choose_folder(self) -> None:
        name = QFileDialog.getExistingDirectory(self._over, tr("A folder with a recognition model"), str(Path.home()))
        if not name:
            return
        try:
            self.use(str(usable(Path(name))))
        except ModelMissing as error:
            self.told.setText(str(error))
            return
        self._fill()

    def fetch_larger(self, size: str) -> None:
        if self._fetching is None:
            self._fetching = self._ws.jobs.ask(FetchModelRequest(size))
            self.told.setText(tr("Fetching “{name}”…", name=size))

    def try_it(self) -> None:
        """Let the chosen model and the one that ships hear the same minute, one after the other."""
        opened = self._ws.opened
        if opened is None or self._trials:
            self.told.setText(tr("Open footage on the Bench first: a minute of it is listened to.") if opened is None else "")
            return
        start = max(0, min(self._ws.selection.playhead, opened.source.length - TRIED))
        end = min(opened.source.length, start + TRIED)
        language = self._ws.brief_of(opened.source).language
        self._told = []
        for folder in dict.fromkeys((self.chosen, "")):
            wanted = TryModelRequest(opened.source, start, end, "" if language == DETECT else language, folder)
            self._trials[self._ws.jobs.ask(wanted)] = Path(folder).name if folder else tr("The one that ships (base)")
        self.told.setText(tr("Listening…"))

    def _heard(self, number: int, _request: Request, event: Event) -> None:
        if number == self._fetching:
            if isinstance(event, Fetched):
                self.use(event.file)
                self._fill()
                self.told.setText(tr("“{name}” is here, and is used from now on.", name=Path(event.file).name))
            elif isinstance(event, Problem):
                self.told.setText(f"{event.message} {event.hint}".strip())
            elif isinstance(event, Ended):
                self._fetching = None
        elif number in self._trials:
            self._trial_heard(number, event)

    def _trial_heard(self, number: int, event: Event) -> None:
        name = self._trials[number]
        if isinstance(event, ModelTried):
            sound = tr("{spent:.0f} s for {length:.0f} s of sound", spent=event.seconds, length=event.length_s)
            self._told.append(f"{name}: {sound}, {event.memory_mb} MB. “{event.text}”")
        elif isinstance(event, Problem):
            self._told.append(f"{name}: {event.message} {event.hint}".strip())
        elif isinstance(event, Ended):
            del self._trials[number]
        if self._told:
            self.told.setText("\n\n".join(self._told))

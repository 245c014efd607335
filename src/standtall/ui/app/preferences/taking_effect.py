"""What chosen preferences do at once, in this process and in those that it begins."""

from __future__ import annotations

import os

from PySide6.QtWidgets import QApplication

from standtall.jobs.helpers import CORES, MEMORY_GB
from standtall.library.settings import Settings
from standtall.speech.models import CHOSEN
from standtall.ui.preview.clocks import choose_device
from standtall.ui.preview.player import Player
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets import dressing, theme


def take_effect(settings: Settings, workspace: Workspace, player: Player) -> None:
    """Let what is set hold from now on; `theme`, `scale`, `language` and `keys` are taken care of where they are used."""
    for name, value in ((CORES, settings.cores), (MEMORY_GB, settings.memory_gb), (CHOSEN, settings.speech_model)):
        if value:
            os.environ[name] = str(value)
        else:
            os.environ.pop(name, None)
    choose_device(settings.sound_device)
    player.late_s = settings.sound_late_ms / 1000
    player.most_fps = settings.preview_fps
    workspace.usual_brief = settings.brief
    application = QApplication.instance()
    assert isinstance(application, QApplication)
    dressing.size_targets(settings.large_targets)
    if settings.motion != "system":
        set_motion(application, settings.motion == "less")


def set_motion(application: QApplication, less: bool) -> None:
    """Let things move by themselves, or only where the person is."""
    theme.set_motion(less)
    if less:
        application.setCursorFlashTime(0)
    elif application.cursorFlashTime() == 0:
        application.setCursorFlashTime(1000)

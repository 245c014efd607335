"""Shows the tall picture on a whole screen, and gives the player back its size afterwards."""

from __future__ import annotations

from collections.abc import Callable

from PySide6.QtCore import QObject
from PySide6.QtGui import QGuiApplication, QScreen
from PySide6.QtWidgets import QWidget

from standtall.base.interface_language import tr
from standtall.ui.app.playback import Playback
from standtall.ui.preview.big_picture import BigPicture
from standtall.ui.preview.pane import PreviewPane
from standtall.ui.preview.player import Player
from standtall.ui.state.workspace import Workspace


class Large(QObject):
    """One large picture at a time."""

    def __init__(self, workspace: Workspace, player: Player, pane: PreviewPane, playback: Playback, window: QWidget) -> None:
        super().__init__(window)
        self._ws, self._player, self._pane, self._window = workspace, player, pane, window
        self.view: BigPicture | None = None
        self._does: dict[str, Callable[[], None]] = {
            "play": playback.toggle, "play-backwards": lambda: playback.faster(-1), "play-forwards": lambda: playback.faster(1),
            "frame-back": lambda: playback.step(-1), "frame-on": lambda: playback.step(1),
        }  # fmt: skip

    def whole_screen(self) -> None:
        """On the screen that the window is on."""
        self._open(self._window.screen())

    def other_screen(self) -> None:
        """On another screen than the window, which stays as it is."""
        others = [s for s in QGuiApplication.screens() if s is not self._window.screen()]
        if others:
            self._open(others[0])
        else:
            self._ws.said.emit(
                tr("There is no second screen. Connect one, or show the picture on this one (Alt+Return)."), "note"
            )

    def _open(self, screen: QScreen) -> None:
        if self.view is not None:
            self.view.close()
        view = self.view = BigPicture(self._window)
        self._player.shown.connect(view.show_picture)
        view.resized.connect(self._player.set_size)
        view.key_pressed.connect(lambda name: self._does[name]())
        view.closed.connect(self._closed)
        opened = self._ws.opened
        view.open_on(screen, opened.entry.short.output.aspect if opened is not None else 9 / 16)

    def _closed(self) -> None:
        view, self.view = self.view, None
        if view is not None:
            self._player.set_size(*self._pane.picture.picture_size())
            view.deleteLater()

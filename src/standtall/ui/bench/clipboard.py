"""Copies and pastes between shorts, and to other programs: words with their times, styles, framings, extras, a frame."""

from __future__ import annotations

from collections.abc import Callable
from typing import Final

from PySide6.QtCore import QMimeData, QObject
from PySide6.QtGui import QGuiApplication, QImage

from standtall.base.errors import NothingToDo
from standtall.base.interface_language import tr
from standtall.base.time import clock
from standtall.cutting import order
from standtall.cutting.cut_points import spans_of
from standtall.model import copied, extra_edits
from standtall.model.cut import Segment
from standtall.model.extras import Extra
from standtall.model.short import Short
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.actions import Action

PASSAGES: Final = "application/x-stand-tall-passages"
"""Passages of footage, as the clipboard and drags carry them."""


class Clipboard(QObject):
    """What was copied of a short stays here until something else is; words and frames go to the clipboard of the desktop."""

    def __init__(self, workspace: Workspace, frame: Callable[[], QImage | None], parent: QObject) -> None:
        super().__init__(parent)
        self._ws, self._frame = workspace, frame
        self._short: Short | None = None
        self._extra: Extra | None = None
        self.declared = [
            Action("copy-words", tr("Copy the chosen words with their times"), self.copy_words, ("Ctrl+C",),
                menu=tr("Clipboard")),
            Action("paste-words", tr("Add the copied words to the end of the short"), self.paste_words, ("Ctrl+V",),
                   menu=tr("Clipboard")),
            Action("copy-style", tr("Copy how this short looks and is framed"), self.copy_short, ("Ctrl+Alt+C",),
                menu=tr("Clipboard")),
            Action("paste-style", tr("Let its captions look like those that were copied"), self.paste_style, ("Ctrl+Alt+V",),
                   menu=tr("Clipboard")),
            Action("paste-whole-framing", tr("Frame it like the short that was copied"), self.paste_framing, ("Ctrl+Alt+F",),
                   menu=tr("Clipboard")),
            Action("copy-extra", tr("Copy the chosen extra"), self.copy_extra, ("Alt+C",), menu=tr("Clipboard")),
            Action("paste-extra", tr("Put the copied extra in"), self.paste_extra, ("Alt+V",), menu=tr("Clipboard")),
            Action("copy-frame", tr("Copy the frame as a picture"), self.copy_frame, ("Ctrl+Alt+P",), menu=tr("Clipboard")),
        ]  # fmt: skip

    def words(self, chosen: range) -> QMimeData | None:
        """Chosen words, as text with times for other programs and as a passage for this one."""
        opened = self._ws.opened
        if opened is None or not chosen:
            return None
        said = opened.analysis.words[chosen.start : chosen.stop]
        data = QMimeData()
        data.setText(f"{clock(said[0].start, True)}  {' '.join(w.text for w in said)}")
        data.setData(PASSAGES, copied.passages_text((spans_of(opened.analysis, chosen),)).encode())
        return data

    def copy_words(self) -> None:
        chosen = self._ws.selection.or_said()
        data = None if chosen is None else self.words(chosen)
        if data is None:
            self._ws.said.emit(tr("Choose words first: drag over them in the transcript."), "note")
            return
        QGuiApplication.clipboard().setMimeData(data)
        self._ws.said.emit(tr("The words are copied: Ctrl+V adds them to the end of a short."), "note")

    def paste_words(self) -> None:
        self.put(QGuiApplication.clipboard().mimeData())

    def put(self, data: QMimeData | None) -> None:
        """Put the passages of a clipboard or a drag at the end of the short."""
        try:
            passages = carried(data, self._ws)
        except NothingToDo as error:
            self._ws.said.emit(f"{error.message} {error.hint}".strip(), "note")
            return
        self._ws.edit(lambda s, _a: order.to_end(s, passages))

    def copy_short(self) -> None:
        """Keep the short as it is now, for its style and its framing."""
        if self._ws.opened is not None:
            self._short = self._ws.opened.entry.short
            self._ws.said.emit(tr("The style and the framing of “{name}” are copied.", name=self._short.name), "note")

    def _copied(self) -> Short:
        if self._short is None:
            raise NothingToDo(tr("No short was copied."), tr("Open the short that it should be like, then Ctrl+Alt+C."))
        return self._short

    def paste_style(self) -> None:
        self._ws.edit(lambda s, _a: copied.styled_like(s, self._copied()))

    def paste_framing(self) -> None:
        self._ws.edit(lambda s, _a: copied.framed_like(s, self._copied()))

    def copy_extra(self) -> None:
        opened, number = self._ws.opened, self._ws.selection.extra
        found = None if opened is None else next((e for e in opened.entry.short.extras.items if e.id == number), None)
        if found is None:
            self._ws.said.emit(tr("Choose an extra first: click it in the extras lane."), "note")
            return
        self._extra = found
        self._ws.said.emit(tr("The {kind} is copied.", kind=tr(extra_edits.kind_of(found))), "note")

    def paste_extra(self) -> None:
        extra = self._extra
        if extra is None:
            self._ws.said.emit(tr("No extra was copied. Choose one, then Alt+C."), "note")
            return
        self._ws.selection.choose_extra(-1)
        self._ws.edit(lambda s, _a: extra_edits.put_in(s, extra))

    def copy_frame(self) -> None:
        """The frame as it is shown, at the size at which it is shown."""
        image = self._frame()
        if image is None:
            self._ws.said.emit(tr("There is no picture to be copied yet."), "note")
            return
        QGuiApplication.clipboard().setImage(image)
        self._ws.said.emit(tr("The frame is copied as a picture."), "note")


def carried(data: QMimeData | None, workspace: Workspace) -> tuple[Segment, ...]:
    """Passages that a clipboard (None where the desktop gives none) or a drag carries. Raises `NothingToDo` where there are none
    that can be used."""
    text = bytes(data.data(PASSAGES).data()).decode("utf-8", "replace") if data is not None else ""
    if not text:
        raise NothingToDo(tr("No words were copied."), tr("Choose words in a transcript, then Ctrl+C."))
    return copied.passages_in(text, workspace.sources_here())

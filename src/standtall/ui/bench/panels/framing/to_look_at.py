"""The card of what may have been missed: each notice with its place and what mends it."""

from __future__ import annotations

from functools import partial
from typing import Final

from PySide6.QtCore import Qt
from PySide6.QtGui import QPixmap
from PySide6.QtWidgets import QHBoxLayout, QLabel, QSizePolicy, QVBoxLayout, QWidget

from standtall.base.interface_language import tr
from standtall.base.progress import Progress
from standtall.base.time import clock
from standtall.checks.notice import Fix, Notice
from standtall.session.mending import mending
from standtall.ui.state.opened import Opened
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.fields import button
from standtall.ui.widgets.layouts import empty
from standtall.ui.widgets.notices import fix_text, said

MOST: Final = 12
WIDE: Final = 56
"""Width of the picture of a notice."""


class NoticesCard:
    """Fills a card of the Framing panel."""

    def __init__(self, workspace: Workspace, box: QVBoxLayout) -> None:
        self._ws = workspace
        self.none = QLabel(tr("Nothing is cut or covered, and every speaker is in frame."))
        self.none.setWordWrap(True)
        box.addWidget(self.none)
        self._rows = QVBoxLayout()
        self._rows.setSpacing(4)
        box.addLayout(self._rows)
        self._told: tuple[Notice, ...] | None = None

    def _jump(self, notice: Notice) -> None:
        opened = self._ws.opened
        if notice.place is not None and opened is not None and notice.place.source == opened.source.key:
            self._ws.selection.seek(notice.place.tick)

    def _mend(self, notice: Notice, fix: Fix) -> None:
        self._jump(notice)
        opened = self._ws.opened
        if opened is None:
            return
        if fix == "make all legible":  # it takes looking at pictures
            self._ws.legible.make_legible()
            return
        self._ws.edit(lambda s, _a: mending(opened.composition, opened.channel, notice, fix, Progress())(s), opened)

    def refresh(self, opened: Opened) -> None:
        notices = opened.notices
        if notices == self._told:
            return
        self._told = notices
        empty(self._rows)
        self.none.setVisible(not notices)
        for notice in notices[:MOST]:
            self._rows.addWidget(self._row(notice))
        if len(notices) > MOST:
            self._rows.addWidget(QLabel(tr("and {notices} more", notices=len(notices) - MOST)))

    def _picture(self, notice: Notice) -> QPixmap | None:
        """The small picture of the shot that a notice is about, once it is there."""
        opened, thumbs = self._ws.opened, self._ws.thumbs
        if opened is None or thumbs is None or notice.place is None or notice.place.source != opened.source.key:
            return None
        shot = opened.shot_at(notice.place.tick)
        there = thumbs.between(shot.start, notice.place.tick + 1) if shot is not None else []
        if not there:
            return None
        return QPixmap.fromImage(there[-1][1].scaledToWidth(WIDE, Qt.TransformationMode.SmoothTransformation))

    def _row(self, notice: Notice) -> QWidget:
        row = QWidget()
        box = QVBoxLayout(row)
        box.setContentsMargins(0, 0, 0, 4)
        box.setSpacing(3)
        at = f"{clock(notice.place.tick)}  " if notice.place is not None else ""
        jump = button(f"{at}{said(notice)}", tr("Go to this place"), partial(self._jump, notice), "notice")
        jump.setSizePolicy(QSizePolicy.Policy.Ignored, QSizePolicy.Policy.Fixed)
        line = QHBoxLayout()
        picture = self._picture(notice)
        if picture is not None:
            shown = QLabel()
            shown.setPixmap(picture)
            shown.setAccessibleName(tr("The picture there"))
            line.addWidget(shown)
        line.addWidget(jump, 1)
        box.addLayout(line)
        fixes = QHBoxLayout()
        for fix in notice.fixes:
            fixes.addWidget(
                button(
                    fix_text(fix),
                    tr("{fix_text} in this shot", fix_text=fix_text(fix)),
                    partial(self._mend, notice, fix),
                    "small",
                )
            )
        box.addLayout(fixes)
        return row

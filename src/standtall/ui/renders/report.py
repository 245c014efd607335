"""What was measured in a finished file, point by point, with the way back to what is off."""

from __future__ import annotations

from functools import partial

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QGridLayout, QLabel, QSizePolicy, QWidget

from standtall.base.interface_language import tr, tr_as
from standtall.base.time import clock
from standtall.model.proof import Finding
from standtall.session.proof_told import title, told
from standtall.ui.state.renders import Row
from standtall.ui.widgets.cards import Panel, card_in
from standtall.ui.widgets.fields import button
from standtall.ui.widgets.layouts import empty


class ReportPanel(Panel):
    """`wanted_tick` carries a row and a place in its short, in ticks of the short."""

    wanted_tick = Signal(object, int)

    def __init__(self) -> None:
        super().__init__()
        box = card_in(self.column, tr("REPORT"))
        self.name = QLabel()
        self.name.setWordWrap(True)
        box.addWidget(self.name)
        self._grid = QGridLayout()
        self._grid.setHorizontalSpacing(8)
        self._grid.setColumnStretch(1, 1)
        box.addLayout(self._grid)
        self.finish()
        self.row: Row | None = None
        self.show_row(None)

    def show_row(self, row: Row | None) -> None:
        """The report of a finished file, or what to do to see one."""
        self.row = row
        empty(self._grid)
        if row is None or not row.findings:
            text = tr("Choose a finished file at the left to see what was measured in it.") if row is None else row.told
            self.name.setText(text or tr("Nothing was measured."))
            return
        off = sum(not f.right for f in row.findings)
        self.name.setText(
            f"<b>{row.name.replace('<', '&lt;')}</b><br>" + (tr("All is right.") if not off else tr("{off} to look at.", off=off))
        )
        for n, finding in enumerate(sorted(row.findings, key=lambda f: f.right)):
            self._add(n, row, finding)

    def _add(self, n: int, row: Row, finding: Finding) -> None:
        mark = QLabel("✓" if finding.right else "✗")
        mark.setObjectName("" if finding.right else "warn")
        text = QLabel(f"{title(finding)}<br><span>{told(finding)}</span>")
        text.setWordWrap(True)
        text.setObjectName("" if finding.right else "warn")
        text.setAccessibleName(
            f"{title(finding)}: {told(finding)}, {tr_as('correct', 'right') if finding.right else tr('not right')}"
        )
        text.setSizePolicy(QSizePolicy.Policy.Ignored, QSizePolicy.Policy.Preferred)
        self._grid.addWidget(mark, n, 0)
        self._grid.addWidget(text, n, 1)
        if finding.at is not None and not finding.right:
            at = max(0, finding.at)
            go: QWidget = button(clock(at), tr("Go to this place on the Bench"), partial(self.wanted_tick.emit, row, at), "small")
            self._grid.addWidget(go, n, 2)

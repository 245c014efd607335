"""A row of the Renders place."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path

from PySide6.QtWidgets import QFrame, QHBoxLayout, QLabel, QProgressBar, QSizePolicy, QVBoxLayout

from standtall.base.time import TICKS_PER_SECOND, clock
from standtall.ui.state.renders import Live, Row
from standtall.ui.widgets.fields import button

STAGES = {"sound": "Levelling the sound", "render": "Rendering", "check": "Checking the file", "shakes": "Measuring shake"}
MARKS = {"waiting": "○ Waiting", "running": "▸ Rendering", "done": "✓ Done", "failed": "✗ Failed", "stopped": "– Stopped"}


class RenderRow(QFrame):
    """What is rendered, how it stands, and what can be done about it."""

    def __init__(self, row: Row, buttons: list[tuple[str, str, Callable[[], object]]]) -> None:
        super().__init__()
        self.setObjectName("card")
        self.row = row
        whole = QVBoxLayout(self)
        whole.setContentsMargins(12, 8, 12, 9)
        whole.setSpacing(4)
        head = QHBoxLayout()
        self.name = QLabel(f"<b>{_escaped(row.name)}</b>")
        self.name.setToolTip(row.name)
        self.name.setSizePolicy(QSizePolicy.Policy.Ignored, QSizePolicy.Policy.Preferred)
        head.addWidget(self.name, 1)
        self.state = QLabel(MARKS[row.state])
        self.state.setObjectName("warn" if row.state == "failed" else "faint")
        head.addWidget(self.state)
        whole.addLayout(head)
        facts = f"{row.form}  ·  {Path(row.file).name}" + (f"  ·  {row.when}" if row.when else "")
        self.facts = QLabel(facts)
        self.facts.setObjectName("faint")
        self.facts.setToolTip(row.file)
        self.facts.setSizePolicy(QSizePolicy.Policy.Ignored, QSizePolicy.Policy.Preferred)
        whole.addWidget(self.facts)
        self.told = QLabel(row.told)
        self.told.setWordWrap(True)
        self.told.setObjectName("warn" if row.state == "failed" else "")
        self.told.setVisible(bool(row.told))
        whole.addWidget(self.told)
        self.bar = QProgressBar()
        self.bar.setRange(0, 1000)
        self.bar.setTextVisible(False)
        self.bar.setVisible(row.state == "running")
        whole.addWidget(self.bar)
        line = QHBoxLayout()
        line.addStretch(1)
        for text, tip, does in buttons:
            line.addWidget(button(text, tip, does, "small"))
        whole.addLayout(line)
        self.setAccessibleName(f"{row.name}, {row.form}, {MARKS[row.state][2:]}")

    def show_progress(self, live: Live) -> None:
        """How far it is."""
        share = {"sound": 0.03 * live.share, "render": 0.03 + 0.94 * live.share, "check": 0.98}.get(live.stage, 0.0)
        self.bar.setValue(round(1000 * share))
        left = f", {clock(round(live.left_s * TICKS_PER_SECOND))} left" if live.stage == "render" and live.left_s else ""
        self.state.setText(f"▸ {STAGES.get(live.stage, 'Starting')}{left}")


def _escaped(text: str) -> str:
    return text.replace("&", "&amp;").replace("<", "&lt;")

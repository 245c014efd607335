"""Asks which time is meant where clocks are put forward or back."""

from __future__ import annotations

import datetime

from PySide6.QtWidgets import QMessageBox, QWidget

from standtall.posts.zones import DayTime, local
from standtall.ui.calendar.post_card import clock_of


def asked_time(parent: QWidget, found: DayTime, day: datetime.date, minute: int, zone: str) -> int | None:
    """The moment that a person means by a time of a day that does not exist, or comes twice; None: given up."""
    assert found.other is not None
    box = QMessageBox(parent)
    box.setIcon(QMessageBox.Icon.Question)
    box.setWindowTitle("Which time?")
    shown = clock_of(minute)
    if found.kind == "twice":
        box.setText(f"On {day:%d %B %Y} clocks in {zone} are put back: {shown} comes twice.")
        texts = f"The first {shown}", f"The second {shown}, an hour later"
    else:
        box.setText(f"On {day:%d %B %Y} clocks in {zone} are put forward: there is no {shown}.")
        texts = f"At {local(found.at, zone):%H:%M}", f"At {local(found.other, zone):%H:%M}"
    times = zip(texts, (found.at, found.other), strict=True)
    choices = {box.addButton(text, QMessageBox.ButtonRole.AcceptRole): at for text, at in times}
    leave = box.addButton("Leave it where it was", QMessageBox.ButtonRole.RejectRole)
    box.setEscapeButton(leave)
    box.exec()
    return next((at for made, at in choices.items() if made is box.clickedButton()), None)

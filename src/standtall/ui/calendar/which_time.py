"""Asks which time is meant where clocks are put forward or back."""

from __future__ import annotations

import datetime

from PySide6.QtWidgets import QMessageBox, QWidget

from standtall.base.interface_language import tr
from standtall.posts.zones import DayTime, local
from standtall.ui.calendar.post_card import clock_of


def asked_time(parent: QWidget, found: DayTime, day: datetime.date, minute: int, zone: str) -> int | None:
    """The moment that a person means by a time of a day that does not exist, or comes twice; None: given up."""
    assert found.other is not None
    box = QMessageBox(parent)
    box.setIcon(QMessageBox.Icon.Question)
    box.setWindowTitle(tr("Which time?"))
    shown = clock_of(minute)
    if found.kind == "twice":
        box.setText(tr("On {day:%d %B %Y} clocks in {zone} are put back: {shown} comes twice.", day=day, zone=zone, shown=shown))
        texts = tr("The first {shown}", shown=shown), tr("The second {shown}, an hour later", shown=shown)
    else:
        box.setText(
            tr("On {day:%d %B %Y} clocks in {zone} are put forward: there is no {shown}.", day=day, zone=zone, shown=shown)
        )
        texts = tr("At {local:%H:%M}", local=local(found.at, zone)), tr("At {local:%H:%M}", local=local(found.other, zone))
    times = zip(texts, (found.at, found.other), strict=True)
    choices = {box.addButton(text, QMessageBox.ButtonRole.AcceptRole): at for text, at in times}
    leave = box.addButton(tr("Leave it where it was"), QMessageBox.ButtonRole.RejectRole)
    box.setEscapeButton(leave)
    box.exec()
    return next((at for made, at in choices.items() if made is box.clickedButton()), None)

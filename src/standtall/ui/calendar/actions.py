"""Actions of the Calendar place."""

from __future__ import annotations

from functools import partial
from typing import TYPE_CHECKING

from standtall.base.interface_language import tr
from standtall.ui.widgets.actions import Action

if TYPE_CHECKING:
    from standtall.ui.calendar.place import CalendarPlace


def actions_of(place: CalendarPlace) -> list[Action]:
    """All actions of the place, in the order in which the list of shortcuts shows them."""
    view = place.view
    return [
        Action(
            "calendar-month", tr("Weeks under each other"), partial(place.show_mode, "month"), ("Ctrl+Alt+1",), label=tr("Month")
        ),
        Action("calendar-week", tr("One week by its hours"), partial(place.show_mode, "week"), ("Ctrl+Alt+2",), label=tr("Week")),
        Action("calendar-list", tr("All posts as a list"), partial(place.show_mode, "list"), ("Ctrl+Alt+3",), label=tr("List")),
        Action("calendar-today", tr("Today"), place.to_today, ("Home",), label=tr("Today")),
        Action("calendar-next", tr("The post after this one"), partial(view.step_card, 1), (".",)),
        Action("calendar-before", tr("The post before this one"), partial(view.step_card, -1), (",",)),
        Action("post-approve", tr("Approve the post that is chosen"), place.post.do_approve, ("Ctrl+Return",)),
        Action("post-take-out", tr("Take the post out of the calendar"), place.post.do_take_out, ("Delete",)),
        Action("post-write", tr("Write the post that is chosen"), place.write_post, ("Return",)),
        Action("post-later", tr("Move the post a day on"), partial(view.shift_card, 1, 0), ("Alt+Right",)),
        Action("post-sooner", tr("Move the post a day back"), partial(view.shift_card, -1, 0), ("Alt+Left",)),
        Action("calendar-fill", tr("Show the plan of filling"), place.show_plan, ("Ctrl+G",)),
        Action("calendar-out", tr("Write the calendar to a file"), place.write_calendar, ("Ctrl+Shift+S",), label=tr("Save as…")),
    ]

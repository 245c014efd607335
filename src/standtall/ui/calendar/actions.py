"""Actions of the Calendar place."""

from __future__ import annotations

from functools import partial
from typing import TYPE_CHECKING

from standtall.ui.widgets.actions import Action

if TYPE_CHECKING:
    from standtall.ui.calendar.place import CalendarPlace


def actions_of(place: CalendarPlace) -> list[Action]:
    """All actions of the place, in the order in which the list of shortcuts shows them."""
    view = place.view
    return [
        Action("calendar-month", "Weeks under each other", partial(place.show_mode, "month"), ("Ctrl+Alt+1",), label="Month"),
        Action("calendar-week", "One week by its hours", partial(place.show_mode, "week"), ("Ctrl+Alt+2",), label="Week"),
        Action("calendar-list", "All posts as a list", partial(place.show_mode, "list"), ("Ctrl+Alt+3",), label="List"),
        Action("calendar-today", "Today", place.to_today, ("Home",), label="Today"),
        Action("calendar-next", "The post after this one", partial(view.step_card, 1), (".",)),
        Action("calendar-before", "The post before this one", partial(view.step_card, -1), (",",)),
        Action("post-approve", "Approve the post that is chosen", place.post.do_approve, ("Ctrl+Return",)),
        Action("post-take-out", "Take the post out of the calendar", place.post.do_take_out, ("Delete",)),
        Action("post-write", "Write the post that is chosen", place.write_post, ("Return",)),
        Action("post-later", "Move the post a day on", partial(view.shift_card, 1, 0), ("Alt+Right",)),
        Action("post-sooner", "Move the post a day back", partial(view.shift_card, -1, 0), ("Alt+Left",)),
        Action("calendar-fill", "Show the plan of filling", place.show_plan, ("Ctrl+G",)),
        Action("calendar-out", "Write the calendar to a file", place.write_calendar, ("Ctrl+Shift+S",), label="Save as…"),
    ]

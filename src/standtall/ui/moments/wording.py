"""What the Moments place says where nothing was found."""

from __future__ import annotations

from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND
from standtall.ui.state.opened import Opened


def nothing_found(opened: Opened, speaker: str, part: bool, least_s: int, most_s: int) -> str:
    """Why nothing was found, and the nearest thing that can be done; `speaker` is the name that was asked for, if any, and `part`
    whether a part was."""
    if speaker:
        return tr("{speaker} does not speak that long alone. Ask for all speakers, or for shorter ones.", speaker=speaker)
    if part:
        return tr("That part holds no whole sentences of this length. Ask for the whole footage, or for shorter ones.")
    total = sum(w.end - w.start for w in opened.analysis.words) // TICKS_PER_SECOND
    if total < least_s:
        return tr(
            "Only {total} s are spoken in all. Ask for shorter ones, from {least} s.", total=total, least=max(3, total // 2)
        )
    return tr(
        "No whole sentences last from {least_s} to {most_s} s. Ask for a wider range of lengths.", least_s=least_s, most_s=most_s
    )

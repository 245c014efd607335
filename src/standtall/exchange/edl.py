"""Cuts as CMX 3600 edit decision lists, the oldest form that finishing programs read (SMPTE 258M describes its events).

One track of picture with its sound; the record side begins at one hour, as is usual (common practice, no source). The name of
each file stands in a comment, as reels have eight letters at most; markers are comments "* LOC:".
"""

from __future__ import annotations

import re
from dataclasses import dataclass, field
from fractions import Fraction
from pathlib import Path
from typing import Final

from standtall.base.errors import NothingToDo
from standtall.base.files import write_whole
from standtall.base.interface_language import tr
from standtall.base.reading import Unreadable, file_bytes
from standtall.base.time import TICKS_PER_SECOND
from standtall.base.timecode import can_drop, frame_of, is_drop, timecode, usual_rate
from standtall.model.cut_list import CutFile, CutList, Incoming, IncomingClip, IncomingMarker

LARGEST: Final = 20_000_000
MOST_EVENTS: Final = 9_999
_EVENT: Final = re.compile(
    r"^(?P<number>\d{1,6})\s+(?P<reel>\S+)\s+(?P<track>\S+)\s+(?P<kind>C|D|W\d+|K\S*)\s+(?:(?P<more>\d+)\s+)?"
    r"(?P<a>\d\d[:;.,]\d\d[:;.,]\d\d[:;.,]\d\d)\s+(?P<b>\d\d[:;.,]\d\d[:;.,]\d\d[:;.,]\d\d)\s+"
    r"(?P<c>\d\d[:;.,]\d\d[:;.,]\d\d[:;.,]\d\d)\s+(?P<d>\d\d[:;.,]\d\d[:;.,]\d\d[:;.,]\d\d)\s*$"
)
_MARK: Final = re.compile(r"^\*\s*LOC:\s*(\d\d[:;.,]\d\d[:;.,]\d\d[:;.,]\d\d)\s+(\S+)\s*(.*)$", re.IGNORECASE)
_NAME: Final = re.compile(r"^\*\s*FROM CLIP NAME:\s*(.+)$", re.IGNORECASE)
_FILE: Final = re.compile(r"^\*\s*SOURCE FILE:\s*(.+)$", re.IGNORECASE)


def edl_text(cut: CutList) -> str:
    """The cut as the text of an .edl file. Clips shorter than half a frame are left out."""
    rate, drop = usual_rate(cut.rate), cut.drop and can_drop(usual_rate(cut.rate))
    lines = [f"TITLE: {_plain(cut.name)[:70]}", f"FCM: {'DROP FRAME' if drop else 'NON-DROP FRAME'}", ""]
    begin = frame_of("01:00:00:00", rate, drop)
    reels = reels_of(cut)
    markers = sorted(cut.markers, key=lambda m: m.at)
    number = 0
    for clip, at in zip(cut.clips, cut.starts, strict=True):
        first, last = _frame(at, rate), _frame(at + clip.length, rate)
        if last == first:
            continue
        number += 1
        source = first_frame(clip.file, rate) + _frame(clip.start, rate)
        times = [timecode(f, rate, drop) for f in (source, source + last - first, begin + first, begin + last)]
        track = "AA/V" if clip.file.has_sound and clip.file.width else "V" if clip.file.width else "AA"
        lines.append(f"{number:03d}  {reels[clip.file.key]:<8} {track:<5} C        {' '.join(times)}")
        lines.append(f"* FROM CLIP NAME: {_plain(Path(clip.file.path).name)}")
        if clip.says:
            lines.append(f"* COMMENT: {_plain(clip.says)[:200]}")
        inside = [m for m in markers if at <= m.at < at + clip.length]
        lines += [f"* LOC: {timecode(begin + _frame(m.at, rate), rate, drop)} ORANGE  {_plain(m.name)[:60]}" for m in inside]
        lines.append("")
    return "\n".join(lines)


def _frame(tick: int, rate: Fraction) -> int:
    return round(Fraction(tick, TICKS_PER_SECOND) * rate)


def _plain(text: str) -> str:
    return " ".join(text.split())


def reels_of(cut: CutList) -> dict[str, str]:
    """A reel of eight letters and digits for each file, by its key: that which the file names, else made of its name."""
    out: dict[str, str] = {}
    for file in dict.fromkeys(c.file for c in cut.clips):
        wanted = re.sub(r"[^A-Z0-9_]", "", (file.reel or Path(file.path).stem).upper())[:8] or "REEL"
        name, again = wanted, 2
        while name in out.values():
            name, again = f"{wanted[: 8 - len(str(again))]}{again}", again + 1
        out[file.key] = name
    return out


def write_edl(path: Path, cut: CutList) -> None:
    """Raises `OutputError` when it cannot be written."""
    if len(cut.clips) > MOST_EVENTS:
        raise NothingToDo(tr("An EDL has at most {most} events.", most=MOST_EVENTS), tr("Write the cut as OpenTimelineIO."))
    write_whole(path, edl_text(cut).encode())


@dataclass(slots=True)
class _Event:
    reel: str
    times: tuple[str, str, str, str]
    number: str
    track: str = ""
    name: str = ""
    path: str = ""
    marks: list[tuple[str, str]] = field(default_factory=list)


def read_edl(path: Path, rate: Fraction) -> Incoming:
    """The events of a list whose timecode counts at `rate`; what cannot be read is listed. Raises `NothingToDo` for a file that
    is no such list."""
    try:
        text = file_bytes(path, LARGEST).decode("utf-8", "replace")
    except (OSError, Unreadable) as error:
        raise NothingToDo(
            tr("{name} cannot be read: {error}.", name=path.name, error=error), tr("Export the EDL again.")
        ) from error
    title, events, left_out, drop = path.stem, [], [], False
    for line in text.splitlines():
        line = line.strip()
        found = _EVENT.match(line)
        if line.upper().startswith("TITLE:"):
            title = line[6:].strip() or title
        elif line.upper().startswith("FCM:"):
            drop = "NON" not in line.upper()
        elif found is not None:
            if found["kind"] != "C":
                left_out.append(
                    tr("Event {number}: its transition ({kind}) is not taken over.", number=found["number"], kind=found["kind"])
                )
            times = found["a"], found["b"], found["c"], found["d"]
            events.append(_Event(found["reel"], times, found["number"], found["track"]))
        elif events and (named := _NAME.match(line)) is not None:
            events[-1].name = named[1].strip()
        elif events and (named := _FILE.match(line)) is not None:
            events[-1].path = named[1].strip()
        elif events and (marked := _MARK.match(line)) is not None:
            events[-1].marks.append((marked[1], marked[3]))
    if not events:
        raise NothingToDo(tr("{name} holds no events of a CMX 3600 list.", name=path.name), tr("Export the cut as CMX 3600 EDL."))
    return _read(title, events, left_out, usual_rate(rate), drop)


def _read(title: str, events: list[_Event], left_out: list[str], rate: Fraction, drop: bool) -> Incoming:
    clips: list[IncomingClip] = []
    markers: list[IncomingMarker] = []
    begin: Fraction | None = None
    seen: dict[tuple[str, ...], _Event] = {}
    for event in events:  # sound may stand in a line of its own after the picture's, and the name of the file after both
        same = seen.setdefault(event.times, event)
        same.name, same.path = same.name or event.name, same.path or event.path
    for event in events:
        if event.reel.upper() in ("BL", "BLACK"):
            left_out.append(tr("Event {number}: black is left out.", number=event.number))
            continue
        if seen[event.times] is not event:
            continue
        try:
            a, b, c, d = (Fraction(frame_of(t, rate, drop or is_drop(t))) / rate for t in event.times)
        except NothingToDo as error:
            left_out.append(tr("Event {number}: {error}", number=event.number, error=error))
            continue
        if b <= a or d <= c:
            left_out.append(tr("Event {number}: it ends before it begins.", number=event.number))
            continue
        if abs((b - a) - (d - c)) > Fraction(1, 2) / rate:
            left_out.append(tr("Event {number}: it plays at another speed, which is not taken over.", number=event.number))
        begin = c if begin is None else begin
        name = event.name or event.reel
        clips.append(IncomingClip(name, event.path or event.name, event.reel, "", a, b, False, rate, c - begin))
        for when, text in event.marks:
            try:
                at = Fraction(frame_of(when, rate, drop or is_drop(when))) / rate - begin
            except NothingToDo as error:
                left_out.append(tr("A marker of event {number}: {error}", number=event.number, error=error))
                continue
            markers.append(IncomingMarker(text or tr("Marker"), "", at, at))
    return Incoming(title, tuple(clips), tuple(markers), tuple(left_out))


def first_frame(file: CutFile, rate: Fraction) -> int:
    """The frame at which a file begins, in the count of a rate."""
    own = usual_rate(file.rate or rate)
    return file.first if own == rate else round(Fraction(file.first) / own * rate)

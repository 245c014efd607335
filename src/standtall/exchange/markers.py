"""Markers as CSV (RFC 4180): a head of names, then one place or passage a line, in timecode and in seconds.

Written columns: name, start, end (timecode), start_s, end_s, file, note. Read are files with at least a column of starts, under
the names that programs use for it.
"""

from __future__ import annotations

import csv
import io
from fractions import Fraction
from pathlib import Path
from typing import Final

from standtall.base.errors import NothingToDo
from standtall.base.files import write_whole
from standtall.base.interface_language import tr
from standtall.base.reading import Unreadable, file_bytes
from standtall.base.time import TICKS_PER_SECOND
from standtall.base.timecode import frame_of, timecode, usual_rate
from standtall.model.cut_list import CutList, Incoming, IncomingMarker

LARGEST: Final = 20_000_000
MOST: Final = 20_000
COLUMNS: Final = ("name", "start", "end", "start_s", "end_s", "file", "note")
_STARTS: Final = ("start_s", "start", "in", "start time", "start tc", "timecode", "time", "position", "source in", "record in")
_ENDS: Final = ("end_s", "end", "out", "end time", "end tc", "source out", "record out")
_NAMES: Final = ("name", "marker name", "title", "label", "marker")
_NOTES: Final = ("note", "notes", "comment", "comments", "description")
_FILES: Final = ("file", "source", "clip", "clip name", "reel", "footage")
_FIRST_LETTERS: Final = ("=", "+", "-", "@", "\t")
"""With which a spreadsheet takes a text for something to work out."""


def markers_text(cut: CutList) -> str:
    """The clips and markers of a cut, in its own time."""
    rate = usual_rate(cut.rate)
    out = io.StringIO()
    writer = csv.writer(out, lineterminator="\r\n")
    writer.writerow(COLUMNS)
    rows = [(m.at, m.at + m.length, m.name, "", m.note) for m in cut.markers]
    rows += [
        (at, at + c.length, c.name or c.file.name, Path(c.file.path).name, c.says)
        for c, at in zip(cut.clips, cut.starts, strict=True)
    ]
    for start, end, name, file, note in sorted(rows, key=lambda r: r[:2]):
        codes = [timecode(round(Fraction(t, TICKS_PER_SECOND) * rate), rate, cut.drop) for t in (start, end)]
        seconds = [f"{t / TICKS_PER_SECOND:.3f}" for t in (start, end)]
        writer.writerow([_safe(name), *codes, *seconds, _safe(file), _safe(note)])
    return out.getvalue()


def _safe(text: str) -> str:
    """One line that no spreadsheet works out."""
    line = " ".join(text.split())
    return f"'{line}" if line.startswith(_FIRST_LETTERS) else line


def write_markers(path: Path, cut: CutList) -> None:
    """Raises `OutputError` when it cannot be written."""
    write_whole(path, markers_text(cut).encode("utf-8-sig"))


def read_markers(path: Path, rate: Fraction) -> Incoming:
    """Markers of a CSV file, with timecode that counts at `rate`. Raises `NothingToDo` for a file that is no such list."""
    try:
        text = file_bytes(path, LARGEST).decode("utf-8-sig")
        sample = text[:4000]
        dialect = csv.Sniffer().sniff(sample, delimiters=",;\t") if sample.count("\n") else csv.excel
        rows = list(csv.reader(io.StringIO(text), dialect))
    except (OSError, Unreadable, UnicodeDecodeError, csv.Error) as error:
        raise NothingToDo(
            tr("{name} cannot be read as a list of markers: {error}.", name=path.name, error=str(error)[:100]),
            tr("Export it as CSV."),
        ) from error
    head = [cell.strip().casefold() for cell in rows[0]] if rows else []
    starts = [n for name in _STARTS for n, cell in enumerate(head) if cell == name]
    if not starts:
        raise NothingToDo(tr("{name} has no column of starts.", name=path.name), tr("Name one “start” in its first line."))
    ends = [n for name in _ENDS for n, cell in enumerate(head) if cell == name]
    found: list[IncomingMarker] = []
    left_out: list[str] = []
    for number, row in enumerate(rows[1 : MOST + 1], 2):
        if not any(cell.strip() for cell in row):
            continue
        try:
            start = _time(_cell(row, starts), rate)
            last = _cell(row, ends)
            end = _time(last, rate) if last else start
        except NothingToDo as error:
            left_out.append(tr("Line {number}: {error}", number=number, error=error))
            continue
        if end < start:
            left_out.append(tr("Line {number}: it ends before it begins.", number=number))
            continue
        texts = [
            _cell(row, [n for name in names for n, cell in enumerate(head) if cell == name]) for names in (_NAMES, _NOTES, _FILES)
        ]
        found.append(
            IncomingMarker(
                texts[0][:120] or tr("Marker {number}", number=number - 1), texts[1][:2000], start, end, texts[2][:400]
            )
        )
    if len(rows) - 1 > MOST:
        left_out.append(tr("What comes after line {most} was not read.", most=MOST + 1))
    return Incoming(path.stem, (), tuple(found), tuple(left_out))


def _cell(row: list[str], columns: list[int]) -> str:
    return next((row[n].strip() for n in columns if n < len(row) and row[n].strip()), "")


def _time(text: str, rate: Fraction) -> Fraction:
    """Seconds, of a number of seconds, a clock (1:23.5) or a timecode."""
    if text.count(":") + text.count(";") == 3:
        return Fraction(frame_of(text, usual_rate(rate))) / usual_rate(rate)
    total = Fraction(0)
    try:
        for part in text.split(":"):
            total = total * 60 + Fraction(part.strip().replace(",", ".")[:20])
    except (ValueError, ZeroDivisionError):
        total = Fraction(-1)
    if not 0 <= total <= 24 * 3600:
        raise NothingToDo(tr("“{said}” is no time.", said=text[:30]), tr("Times are seconds, 1:23.5, or 01:02:03:04."))
    return total

"""A paper cut: a cut as a document to read, mark and sign off: times, words and pictures, as one HTML file without links outside.

The pictures stand in the file itself. `ink.printed` makes a PDF of the same text.
"""

from __future__ import annotations

import base64
import html
from collections.abc import Sequence
from fractions import Fraction
from pathlib import Path
from typing import Final

from standtall.base.time import TICKS_PER_SECOND, clock
from standtall.base.timecode import timecode, usual_rate
from standtall.model.cut_list import CutList

STYLE: Final = """
body { font-family: Georgia, serif; color: #222; margin: 2em; }
h1 { font-size: 1.5em; margin-bottom: .1em; } p.sum { color: #555; margin-top: 0; }
table { border-collapse: collapse; width: 100%; } td, th { border-top: 1px solid #bbb; padding: .5em; vertical-align: top;
text-align: left; } td.time { white-space: nowrap; font-family: monospace; } td.words { font-size: 1.1em; }
span.small { color: #555; font-size: .8em; } p.line { margin: 0 0 .5em 0; }
"""


def paper_cut(cuts: Sequence[CutList], pictures: Sequence[Sequence[bytes]]) -> str:
    """Cuts as one document; `pictures` holds for each clip of each cut a JPEG, or nothing."""
    parts = ["<!DOCTYPE html><html><head><meta charset='utf-8'><title>Paper cut</title><style>", STYLE, "</style></head><body>"]
    for cut, shown in zip(cuts, pictures, strict=True):
        parts += _one(cut, shown)
    parts.append("</body></html>\n")
    return "".join(parts)


def _one(cut: CutList, shown: Sequence[bytes]) -> list[str]:
    rate = usual_rate(cut.rate)
    files = ", ".join(dict.fromkeys(Path(c.file.path).name for c in cut.clips))
    out = [
        f"<h1>{html.escape(cut.name)}</h1><p class='sum'>{clock(cut.length, tenths=True)} in {len(cut.clips)} "
        f"piece{'s' if len(cut.clips) != 1 else ''} of {html.escape(files)}</p>"
        "<table width='100%' cellspacing='0' cellpadding='6'>"
        "<tr><th width='4%'>#</th><th width='19%'></th><th width='14%'>In the cut</th><th width='21%'>In the footage</th>"
        "<th width='42%'>What is said</th></tr>"
    ]
    for number, (clip, at) in enumerate(zip(cut.clips, cut.starts, strict=True), 1):
        own = usual_rate(clip.file.rate or cut.rate)
        codes = [
            timecode(clip.file.first + round(Fraction(t, TICKS_PER_SECOND) * own), own, clip.file.drop)
            for t in (clip.start, clip.end)
        ]
        inside = [timecode(round(Fraction(t, TICKS_PER_SECOND) * rate), rate, cut.drop) for t in (at, at + clip.length)]
        picture = shown[number - 1] if number <= len(shown) else b""
        image = f"<img width='120' src='data:image/jpeg;base64,{base64.b64encode(picture).decode()}'>" if picture else ""
        said = _said(cut, at, at + clip.length) or html.escape(clip.says or "(no words)")
        out.append(
            f"<tr><td>{number}</td><td>{image}</td><td class='time'>{inside[0]}<br>{inside[1]}<br>"
            f"<span class='small'>{clip.length / TICKS_PER_SECOND:.1f} s</span></td>"
            f"<td class='time'>{codes[0]}<br>{codes[1]}<br>"
            f"<span class='small'>{html.escape(Path(clip.file.path).name)}</span></td>"
            f"<td class='words'>{said}</td></tr>"
        )
    out.append("</table>")
    return out


def _said(cut: CutList, start: int, end: int) -> str:
    """What the markers between two ticks say, a line each with its time in the cut."""
    rate, lines = usual_rate(cut.rate), []
    for marker in cut.markers:
        if start <= marker.at < end:
            code = timecode(round(Fraction(marker.at, TICKS_PER_SECOND) * rate), rate, cut.drop)
            lines.append(f"<p class='line'><span class='small'>{code}</span><br>{html.escape(marker.note or marker.name)}</p>")
    return "".join(lines)

"""Chapters written for other programs: as text for a description, and as FFMETADATA, the open text form of the FFmpeg project."""

from __future__ import annotations

import re
from typing import Final

from standtall.base.time import TICKS_PER_SECOND
from standtall.model.moment import Chapter

MS: Final = TICKS_PER_SECOND // 1000


def as_text(chapters: tuple[Chapter, ...]) -> str:
    """One line for each chapter, "0:00 Title", the first at 0:00; hours only where there are some."""
    long = bool(chapters) and chapters[-1].start >= 3600 * TICKS_PER_SECOND
    return "".join(f"{_stamp(c.start, long)} {_line(c.title)}\n" for c in chapters)


def _stamp(tick: int, long: bool) -> str:
    whole = tick // TICKS_PER_SECOND
    if long:
        return f"{whole // 3600}:{whole // 60 % 60:02}:{whole % 60:02}"
    return f"{whole // 60}:{whole % 60:02}"


def as_metadata(chapters: tuple[Chapter, ...]) -> str:
    """FFMETADATA1 with one section for each chapter, in milliseconds (ffmpeg-formats documentation, section Metadata)."""
    out = [";FFMETADATA1\n"]
    for c in chapters:
        out.append(f"[CHAPTER]\nTIMEBASE=1/1000\nSTART={c.start // MS}\nEND={c.end // MS}\ntitle={_escaped(_line(c.title))}\n")
    return "".join(out)


def _line(text: str) -> str:
    return " ".join(text.split())


def _escaped(text: str) -> str:
    return re.sub(r"([=;#\\\n])", r"\\\1", text)

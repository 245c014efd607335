"""Words from a caption file made elsewhere: their times shared out by length, ready to be aligned to the sound."""

from __future__ import annotations

import re
from pathlib import Path
from typing import Final

import pysubs2

from standtall.base.errors import MediaError
from standtall.model.words import Word

LARGEST: Final = 20_000_000
CONFIDENCE: Final = 0.9


def read_captions(path: Path) -> tuple[Word, ...]:
    """Words of an SRT or WebVTT file, in time order; raises `MediaError` when it is neither or holds no words."""
    try:
        if path.stat().st_size > LARGEST:
            raise MediaError(f"{path.name} is too large for a caption file.", "Choose an SRT or WebVTT file.")
        text = path.read_text("utf-8-sig")
    except UnicodeDecodeError as error:
        raise MediaError(f"{path.name} is not written in UTF-8.", "Save it as UTF-8 and try again.") from error
    except OSError as error:
        raise MediaError(f"{path.name} cannot be read: {error.strerror}.", "Check the file.") from error
    kind = "vtt" if text.lstrip().startswith("WEBVTT") else "srt"
    try:
        cues = pysubs2.SSAFile.from_string(text, format_=kind)
    except (pysubs2.exceptions.Pysubs2Error, ValueError) as error:
        raise MediaError(f"{path.name} is not an SRT or WebVTT file.", "Choose another caption file.") from error
    out: list[Word] = []
    for cue in sorted(cues, key=lambda c: c.start):
        said = re.sub(r"<[^>]*>|\{[^}]*\}", " ", cue.plaintext).split()
        start, end = max(0, cue.start) * 48, max(cue.start + 1, cue.end) * 48
        if out:
            start = max(start, out[-1].end)
        if not said or end <= start:
            continue
        letters = sum(len(w) + 1 for w in said)
        at = start
        for word in said:
            after = min(end, at + max(1, (end - start) * (len(word) + 1) // letters))
            out.append(Word(word, at, max(at + 1, after), CONFIDENCE))
            at = max(at + 1, after)
    if not out:
        raise MediaError(f"There are no captions in {path.name}.", "Choose another caption file.")
    return tuple(out)

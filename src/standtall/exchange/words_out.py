"""Words written for other programs: SubRip (SRT), WebVTT with the time of each word, plain text, word-timed JSON.

WebVTT after the W3C recommendation candidate "WebVTT: The Web Video Text Tracks Format"; SRT, which has no standard, as it is
commonly read (common practice, no source); JSON after `docs/words.schema.json`.
"""

from __future__ import annotations

import json
from collections.abc import Sequence
from pathlib import Path
from typing import Any, Final

from standtall.base.errors import NothingToDo
from standtall.base.files import write_whole
from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND, clock
from standtall.captions.cues import Cue, cues
from standtall.captions.said import CaptionWord
from standtall.captions.translated import worded
from standtall.language.joining import gap, joined
from standtall.model.timemap import TimeMap
from standtall.model.transcript import Transcript
from standtall.model.words import NOBODY

FORMATS: Final = {
    ".srt": tr("SRT captions"),
    ".vtt": tr("WebVTT captions"),
    ".txt": tr("Plain text"),
    ".json": tr("Word-timed JSON"),
}
FORMAT: Final = "stand-tall-words"
VERSION: Final = 2


def write_words(path: Path, source: str, transcript: Transcript, time_map: TimeMap, language: str = "") -> int:
    """Write the words of a source that `time_map` keeps, in its time, in the format that the name ends in; -> how many.
    With a `language` those of that translation.

    Raises `NothingToDo` for another ending or when there are no words, `OutputError` when it cannot be written.
    """
    ending = path.suffix.lower()
    if ending not in FORMATS:
        raise NothingToDo(
            tr("{name} has no ending of a known format.", name=path.name),
            tr("Let the name end in {these}.", these=", ".join(FORMATS)),
        )
    said = worded({source: transcript}, time_map, language, shifted=ending in (".srt", ".vtt"))
    if not said:
        raise NothingToDo(tr("There are no words to write."))
    write_whole(path, text_of(ending, transcript, said).encode())
    return len(said)


def text_of(ending: str, transcript: Transcript, said: Sequence[CaptionWord]) -> str:
    """The whole file as text."""
    if ending == ".json":
        return _json(transcript, said)
    if ending == ".txt":
        return _text(transcript, said)
    made = cues(said)
    return _srt(made) if ending == ".srt" else _vtt(made, transcript)


def stamp(tick: int, comma: str) -> str:
    """Hours, minutes, seconds and thousandths; `comma` stands before the last."""
    ms = round(tick * 1000 / TICKS_PER_SECOND)
    return f"{ms // 3_600_000:02d}:{ms // 60_000 % 60:02d}:{ms // 1000 % 60:02d}{comma}{ms % 1000:03d}"


def _srt(made: tuple[Cue, ...]) -> str:
    out = []
    for number, cue in enumerate(made, 1):
        lines = "\n".join(joined([w.text for w in line]) for line in cue.lines)
        out.append(f"{number}\n{stamp(cue.start, ',')} --> {stamp(cue.end, ',')}\n{lines}\n")
    return "\n".join(out)


def escaped(text: str) -> str:
    """A text without what WebVTT takes for marks."""
    return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;")


def _vtt(made: tuple[Cue, ...], transcript: Transcript) -> str:
    out = ["WEBVTT\n"]
    for number, cue in enumerate(made, 1):
        first, last = cue.start, cue.start
        lines = []
        for line in cue.lines:
            pieces = ""
            for before, word in zip((None, *line), line, strict=False):
                mark = ""
                if word.start > first and stamp(word.start, ".") > stamp(last, "."):
                    mark, last = f"<{stamp(word.start, '.')}>", word.start
                pieces += (gap(before.text, word.text) if before else "") + mark + escaped(word.text)
            lines.append(pieces)
        name = transcript.name_of(cue.speaker)
        voice = f"<v {escaped(name)}>" if name else ""
        out.append(f"{number}\n{stamp(cue.start, '.')} --> {stamp(cue.end, '.')}\n{voice}" + "\n".join(lines) + "\n")
    return "\n".join(out)


def _text(transcript: Transcript, said: Sequence[CaptionWord]) -> str:
    """Paragraphs by speaker, each with its time and name."""
    out: list[str] = []
    speaker: int | None = None
    for before, word in zip((None, *said), said, strict=False):
        who = word.said.speaker
        if who != speaker:
            name = transcript.name_of(who)
            out.append(f"\n\n[{clock(word.start)}] {name}:\n" if name else f"\n\n[{clock(word.start)}]\n")
            speaker = who
        elif before is not None:
            out.append(gap(before.text, word.text))
        out.append(word.text)
    return "".join(out).strip() + "\n"


def _json(transcript: Transcript, said: Sequence[CaptionWord]) -> str:
    words: list[dict[str, Any]] = []
    for word in said:
        known = word.said
        entry: dict[str, Any] = {
            "text": word.text, "start": round(word.start / TICKS_PER_SECOND, 6), "end": round(word.end / TICKS_PER_SECOND, 6),
            "confidence": round(known.confidence, 4),
        }  # fmt: skip
        if known.speaker != NOBODY:
            entry["speaker"] = known.speaker
        if known.kind != "word":
            entry["kind"] = known.kind
        words.append(entry)
    head = json.dumps(
        {"format": FORMAT, "version": VERSION, "speakers": [t.name for t in transcript.speakers]}, ensure_ascii=False
    )
    rows = ",\n  ".join(json.dumps(w, ensure_ascii=False) for w in words)
    return f'{head[:-1]}, "words": [\n  {rows}\n]}}\n'

"""Words written for other programs: SubRip (SRT), WebVTT with the time of each word, plain text, word-timed JSON.

WebVTT after the W3C recommendation candidate "WebVTT: The Web Video Text Tracks Format"; SRT, which has no standard, as it is
commonly read (common practice, no source); JSON after `docs/words.schema.json`.
"""

from __future__ import annotations

import json
from pathlib import Path
from typing import Any, Final

from standtall.base.errors import NothingToDo
from standtall.base.files import write_whole
from standtall.base.time import TICKS, clock
from standtall.captions.cues import Cue, cues
from standtall.captions.lines import CaptionWord, spoken
from standtall.captions.translated import translated
from standtall.model.timemap import TimeMap
from standtall.model.transcript import Transcript
from standtall.model.words import NOBODY

FORMATS: Final = {".srt": "SubRip captions", ".vtt": "WebVTT captions", ".txt": "Plain text", ".json": "Word-timed JSON"}
FORMAT: Final = "stand-tall-words"
VERSION: Final = 1


def write_words(path: Path, transcript: Transcript, time_map: TimeMap, language: str = "") -> int:
    """Write the words that `time_map` keeps, in its time, in the format that the name ends in; -> how many.
    With a `language` those of that translation.

    Raises `NothingToDo` for another ending or when there are no words, `OutputError` when it cannot be written.
    """
    ending = path.suffix.lower()
    if ending not in FORMATS:
        raise NothingToDo(f"{path.name} has no ending of a known format.", f"Let the name end in {', '.join(FORMATS)}.")
    nudge = transcript.nudge if ending in (".srt", ".vtt") else 0
    second = next((t for t in transcript.translations if t.language == language), None)
    if second is not None:
        said = translated(transcript.words, second, time_map, nudge)
    else:
        said = spoken(transcript.words, time_map, nudge)
    if not said:
        raise NothingToDo("There are no words to write.")
    write_whole(path, text_of(ending, transcript, said).encode())
    return len(said)


def text_of(ending: str, transcript: Transcript, said: tuple[CaptionWord, ...]) -> str:
    """The whole file as text."""
    if ending == ".json":
        return _json(transcript, said)
    if ending == ".txt":
        return _text(transcript, said)
    made = cues(said, tuple(w.talker for w in transcript.words))
    return _srt(made) if ending == ".srt" else _vtt(made, transcript)


def _stamp(tick: int, comma: str) -> str:
    ms = round(tick * 1000 / TICKS)
    return f"{ms // 3_600_000:02d}:{ms // 60_000 % 60:02d}:{ms // 1000 % 60:02d}{comma}{ms % 1000:03d}"


def _srt(made: tuple[Cue, ...]) -> str:
    out = []
    for number, cue in enumerate(made, 1):
        lines = "\n".join(" ".join(w.text for w in line) for line in cue.lines)
        out.append(f"{number}\n{_stamp(cue.start, ',')} --> {_stamp(cue.end, ',')}\n{lines}\n")
    return "\n".join(out)


def _escaped(text: str) -> str:
    return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;")


def _vtt(made: tuple[Cue, ...], transcript: Transcript) -> str:
    out = ["WEBVTT\n"]
    for number, cue in enumerate(made, 1):
        first, last = cue.start, cue.start
        lines = []
        for line in cue.lines:
            pieces = []
            for word in line:
                stamp = ""
                if word.start > first and _stamp(word.start, ".") > _stamp(last, "."):
                    stamp, last = f"<{_stamp(word.start, '.')}>", word.start
                pieces.append(stamp + _escaped(word.text))
            lines.append(" ".join(pieces))
        name = transcript.name_of(cue.talker)
        voice = f"<v {_escaped(name)}>" if name else ""
        out.append(f"{number}\n{_stamp(cue.start, '.')} --> {_stamp(cue.end, '.')}\n{voice}" + "\n".join(lines) + "\n")
    return "\n".join(out)


def _text(transcript: Transcript, said: tuple[CaptionWord, ...]) -> str:
    """Paragraphs by talker, each with its time and name."""
    out: list[str] = []
    talker: int | None = None
    for word in said:
        who = transcript.words[word.index].talker
        if who != talker:
            name = transcript.name_of(who)
            out.append(f"\n\n[{clock(word.start)}] {name}:\n" if name else f"\n\n[{clock(word.start)}]\n")
            talker = who
        else:
            out.append(" ")
        out.append(word.text)
    return "".join(out).strip() + "\n"


def _json(transcript: Transcript, said: tuple[CaptionWord, ...]) -> str:
    words: list[dict[str, Any]] = []
    for word in said:
        known = transcript.words[word.index]
        entry: dict[str, Any] = {
            "text": word.text, "start": round(word.start / TICKS, 6), "end": round(word.end / TICKS, 6),
            "confidence": round(known.confidence, 4),
        }  # fmt: skip
        if known.talker != NOBODY:
            entry["talker"] = known.talker
        if known.kind != "word":
            entry["kind"] = known.kind
        words.append(entry)
    head = json.dumps({"format": FORMAT, "version": VERSION, "talkers": [t.name for t in transcript.talkers]}, ensure_ascii=False)
    rows = ",\n  ".join(json.dumps(w, ensure_ascii=False) for w in words)
    return f'{head[:-1]}, "words": [\n  {rows}\n]}}\n'

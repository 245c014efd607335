"""Words from files made elsewhere: SubRip, WebVTT (also with word times), plain text, word-timed JSON.

Nothing in such a file is trusted: sizes, times and encodings are checked, and every refusal says what to do.
"""

from __future__ import annotations

import html
import re
from dataclasses import dataclass
from pathlib import Path
from typing import Any, Final

from standtall.base.errors import MediaError, ProjectError
from standtall.base.interface_language import tr
from standtall.base.reading import Unreadable, file_bytes, json_of
from standtall.base.time import TICKS_PER_SECOND, ticks
from standtall.model.transcript import Speaker
from standtall.model.words import NOBODY, Kind, Word

LARGEST: Final = 20_000_000
MOST_WORDS: Final = 400_000
LONGEST_WORD: Final = 200
LONGEST_S: Final = 86_400.0
SHARED: Final = 0.9
"""Confidence of a word whose time is a share of its cue's."""
STAMP: Final = re.compile(r"(?:(\d{1,3}):)?(\d{1,2}):(\d{1,2})[.,](\d{1,3})")
ARROW: Final = re.compile(r"^\s*(\S+)\s+-->\s+(\S+)")
VOICE: Final = re.compile(r"<v(?:\.[^\s<>]{0,200})?[^\S\n]([^<>\n]{0,400})>")
MARKUP: Final = re.compile(r"<[^<>]{0,1000}>|\{\\[^{}]{0,200}\}")
"""All patterns are bounded: a hostile file is read in a time that grows with its size, not with its square."""


@dataclass(frozen=True, slots=True)
class WordsIn:
    """What a file says: words in time order (all at 0 where it gives no times), who talks, and how sure the times are.

    `times` is "none" (a plain script), "cues" (shared out inside captions) or "words".
    """

    words: tuple[Word, ...]
    speakers: tuple[Speaker, ...]
    times: str


def read_words(path: Path) -> WordsIn:
    """Read a script or caption file; raises `MediaError` when it is none, is damaged, or holds no words."""
    text = text_of_file(path)
    start = text.lstrip()[:200]
    if path.suffix.lower() == ".json" or start.startswith("{"):
        found = _json(path, text)
    elif start.startswith("WEBVTT") or "-->" in text[:100_000]:
        found = _cues(text)
    else:
        words = tuple(Word(piece[:LONGEST_WORD], 0, 1, SHARED) for piece in text.split()[:MOST_WORDS])
        found = WordsIn(words, (), "none")
    if not found.words:
        raise MediaError(
            tr("There are no words in {name}.", name=path.name), tr("Choose a script or caption file that has some.")
        )
    return found


def text_of_file(path: Path) -> str:
    try:
        if path.stat().st_size > LARGEST:
            raise MediaError(tr("{name} is too large for a script or caption file.", name=path.name), tr("Choose another file."))
        data = file_bytes(path, LARGEST)
    except Unreadable as error:
        raise MediaError(
            tr("{name} is too large for a script or caption file.", name=path.name), tr("Choose another file.")
        ) from error
    except OSError as error:
        raise MediaError(
            tr("{name} cannot be read: {error}.", name=path.name, error=error.strerror), tr("Check the file.")
        ) from error
    if data.startswith((b"\xff\xfe", b"\xfe\xff")):
        encoding = "utf-16"
    else:
        encoding = "utf-8-sig"
    try:
        text = data.decode(encoding)
    except UnicodeDecodeError as error:
        raise MediaError(
            tr("{name} is not written in UTF-8 or UTF-16.", name=path.name), tr("Save it as UTF-8 and try again.")
        ) from error
    if "\0" in text:
        raise MediaError(tr("{name} is not a text file.", name=path.name), tr("Choose an SRT, WebVTT, text or JSON file."))
    return text.replace("\r\n", "\n").replace("\r", "\n")


def _tick(stamp: str) -> int | None:
    found = STAMP.fullmatch(stamp.strip())
    if found is None:
        return None
    hours, minutes, secs, part = found.groups()
    total = int(hours or 0) * 3600 + int(minutes) * 60 + int(secs) + int(part.ljust(3, "0")) / 1000
    return ticks(total) if total <= LONGEST_S else None


def _cues(text: str) -> WordsIn:
    """Captions of either kind; cues that overlap are put one after the other, those without a sound time are left out."""
    blocks: list[tuple[int, int, list[str]]] = []
    now: list[str] | None = None
    for line in text.split("\n"):
        arrow = ARROW.match(line[:200]) if "-->" in line[:200] else None
        if arrow:
            start, end = _tick(arrow[1]), _tick(arrow[2])
            now = []
            if start is not None and end is not None and end > start:
                blocks.append((start, end, now))
        elif not line.strip():
            now = None
        elif now is not None:
            now.append(line[:10_000])
    speakers: dict[str, int] = {}
    out: list[Word] = []
    by_words = False
    for start, end, lines in sorted(blocks, key=lambda b: b[0]):
        said = "\n".join(lines)
        voice = VOICE.search(said)
        name = _plain(voice[1]).strip()[:60] if voice else ""
        speaker = speakers.setdefault(name, len(speakers)) if name else NOBODY
        begin = max(start, out[-1].end if out else 0)
        if end <= begin:
            continue
        new, exact = _timed(said, begin, end, speaker)
        by_words |= exact
        out += new
        if len(out) > MOST_WORDS:
            raise MediaError(tr("The caption file has more words than a day of talk."), tr("Choose another file."))
    return WordsIn(tuple(out), tuple(Speaker(n) for n in speakers), "words" if by_words else "cues")


def _timed(said: str, start: int, end: int, speaker: int) -> tuple[list[Word], bool]:
    """Words of one cue: by its own stamps where it has them, else in shares of their length."""
    pieces = re.split(r"<((?:\d{1,3}:)?\d{1,2}:\d{1,2}[.,]\d{1,3})>", said)
    runs: list[tuple[int, list[str]]] = [(start, [pieces[0]])]
    for stamp, text in zip(pieces[1::2], pieces[2::2], strict=True):
        at = _tick(stamp)
        if at is not None and runs[-1][0] < at < end:
            runs.append((at, [text]))
        else:
            runs[-1][1].append(text)
    out: list[Word] = []
    for (at, parts), until in zip(runs, [*(r[0] for r in runs[1:]), end], strict=True):
        plain = _plain(MARKUP.sub("", " ".join(parts)))
        texts = [t[:LONGEST_WORD] for t in plain.split()]
        out += _shares(texts, at, until, speaker)
    return out, len(runs) > 1


def _plain(text: str) -> str:
    """With character references (&amp;) written out; as it stands where one names a number that no letter has."""
    try:
        return html.unescape(text)
    except ValueError:  # a reference of thousands of digits
        return text


def _shares(texts: list[str], start: int, end: int, speaker: int) -> list[Word]:
    total, at, done = sum(len(t) + 1 for t in texts), start, 0
    out = []
    for text in texts:
        done += len(text) + 1
        after = max(at + 1, start + (end - start) * done // total)
        out.append(Word(text, at, after, SHARED, speaker))
        at = after
    return out


def _json(path: Path, text: str) -> WordsIn:
    """Ours, or any list of objects with a text, a start and an end in seconds."""
    wrong = MediaError(
        tr("{name} is not word-timed JSON.", name=path.name), tr("See docs/words.schema.json for what is understood.")
    )
    try:
        data: Any = json_of(text, LARGEST)
    except Unreadable as error:
        raise wrong from error
    rows = data.get("words") if isinstance(data, dict) else data
    old = isinstance(data, dict) and data.get("version") == 1  # which called speakers talkers
    names = data.get("talkers" if old else "speakers", []) if isinstance(data, dict) else []
    if not isinstance(rows, list) or not isinstance(names, list) or len(rows) > MOST_WORDS:
        raise wrong
    speakers = tuple(Speaker(str(n)[:60]) for n in names[:200] if isinstance(n, str))
    out: list[Word] = []
    for row in sorted((r for r in rows if isinstance(r, dict)), key=lambda r: _number(r.get("start"), wrong)):
        start, end = ticks(_number(row.get("start"), wrong)), ticks(_number(row.get("end"), wrong))
        said = next((str(row[k]) for k in ("text", "word") if isinstance(row.get(k), str)), "").strip()[:LONGEST_WORD]
        start = max(start, out[-1].end if out else 0)
        if not said or end <= start:
            continue
        speaker = row.get("talker" if old else "speaker", NOBODY)
        sure = row.get("confidence", 1.0)
        kind: Kind = row["kind"] if row.get("kind") in ("word", "filler", "unspoken") else "word"
        try:
            out.append(Word(said, start, end, float(sure) if isinstance(sure, int | float) else 1.0,
                            speaker if type(speaker) is int and 0 <= speaker < len(speakers) else NOBODY, kind))  # fmt: skip
        except ProjectError as error:
            raise wrong from error
    return WordsIn(tuple(out), speakers, "words")


def _number(value: object, wrong: MediaError) -> float:
    if isinstance(value, bool) or not isinstance(value, int | float) or not 0 <= value <= LONGEST_S:
        raise wrong
    return float(value)


def fits(words: tuple[Word, ...], length: int) -> tuple[Word, ...]:
    """The words that lie inside a source of `length` ticks, give or take half a second."""
    return tuple(w for w in words if w.end <= length + TICKS_PER_SECOND // 2)

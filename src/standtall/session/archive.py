"""Everything ever said in footage that was analysed on this machine, over all projects, in one full-text index.

SQLite FTS5 (sqlite.org/fts5.html) without its own copy of the text, over passages of about `PASSAGE` words; the text of a passage
stands beside it, packed, with the place of each line. A passage is indexed with the first words of the next, so that a phrase
over their border is found. The index can be made anew from the analyses at any time.
"""

from __future__ import annotations

import bisect
import collections
import contextlib
import hashlib
import json
import re
import sqlite3
import time
import unicodedata
import zlib
from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from pathlib import Path
from typing import Final

from standtall.base.errors import NothingToDo, ProjectError
from standtall.base.folders import data_folder
from standtall.base.interface_language import tr
from standtall.language.joining import joined
from standtall.language.sentences import sentences
from standtall.model.transcript import Transcript
from standtall.model.words import NOBODY, Word, bare

VERSION: Final = 1
LONGEST_LINE: Final = 40
"""Words of one line."""
PASSAGE: Final = 160
BEYOND: Final = 8
"""Words of the next passage that are indexed with one: the longest phrase over a border that is found."""
MOST_HITS: Final = 100
ALIKE: Final = 78.0
"""Two spellings that share so much (per cent of their letters, Indel similarity) count as the same in a loose search."""
MOST_SPELLINGS: Final = 12
SAME_SAID: Final = 0.55
"""Likeness of words from which on a line says nearly the same (judged on made-up repeats)."""
LEAST_INSIDE, STEM = 5, 5
"""Words of a line that may be a part of a longer passage; letters of a word that are compared."""
RARE, MOST_PASSAGES = 10, 60
"""Words of a passage that are looked for, the rarest; and passages that are compared with it."""
BUSY_S: Final = 20.0
LARGEST: Final = 1_000_000
"""Bytes of one passage, unpacked."""
_SCHEMA: Final = """
CREATE TABLE IF NOT EXISTS source (id INTEGER PRIMARY KEY, key TEXT UNIQUE NOT NULL, name TEXT NOT NULL, path TEXT NOT NULL,
  programme TEXT NOT NULL, day TEXT NOT NULL, digest TEXT NOT NULL, project TEXT NOT NULL, speakers TEXT NOT NULL,
  first INTEGER NOT NULL, last INTEGER NOT NULL);
CREATE TABLE IF NOT EXISTS passage (id INTEGER PRIMARY KEY, packed BLOB NOT NULL);
CREATE VIRTUAL TABLE IF NOT EXISTS said USING fts5 (text, content = '', tokenize = "unicode61 remove_diacritics 2");
CREATE VIRTUAL TABLE IF NOT EXISTS spelling USING fts5vocab (said, row);
"""
_SOURCES: Final = "SELECT key, name, path, programme, day, project, first, last, speakers FROM source ORDER BY day DESC, name"


@dataclass(frozen=True, slots=True)
class ArchivedSource:
    """Footage in the archive: `programme` is what it belongs to (the name of its project), `day` when it was filmed or changed
    (ISO 8601)."""

    key: str
    name: str
    path: str
    programme: str
    day: str
    project: str = ""


@dataclass(frozen=True, slots=True)
class ArchiveHit:
    """A line in which something was said, with its place in ticks of the footage."""

    source: ArchivedSource
    start: int
    end: int
    speaker: str
    text: str


class Archive:
    """Use it from one thread at a time; several programs may have it open. Everything is on disk when a call returns."""

    def __init__(self, path: Path | None = None) -> None:
        """Open or make the index; raises `ProjectError` where that cannot be. One that is damaged or of another version is put
        aside and made anew."""
        self._spellings: list[str] | None = None
        self.path = path or data_folder() / "archive.sqlite"
        self.path.parent.mkdir(parents=True, exist_ok=True)
        try:
            self._db = self._opened()
        except (sqlite3.Error, OSError) as error:
            if isinstance(error, sqlite3.OperationalError | OSError):  # locked, or a full disk: nothing is wrong with the index
                raise ProjectError(
                    tr("The archive of what was said cannot be opened: {error}.", error=error),
                    tr("Make room on the disk, or close other windows."),
                ) from error
            for end in ("", "-wal", "-shm"):  # what was not merged yet belongs to the old one
                with contextlib.suppress(OSError):
                    self.path.with_name(f"{self.path.name}{end}").replace(self.path.with_name(f"{self.path.name}.broken{end}"))
            try:
                self._db = self._opened()
            except (sqlite3.Error, OSError) as again:
                raise ProjectError(
                    tr("The archive of what was said cannot be opened: {again}.", again=again), tr("Make room on the disk.")
                ) from error

    def _opened(self) -> sqlite3.Connection:
        db = sqlite3.connect(self.path, timeout=BUSY_S, isolation_level=None, check_same_thread=False)
        try:
            found = int(db.execute("PRAGMA user_version").fetchone()[0])
            if found not in (0, VERSION):
                raise sqlite3.DatabaseError("it is of another version")
            db.execute("PRAGMA journal_mode = WAL")
            db.executescript(_SCHEMA)
            db.execute(f"PRAGMA user_version = {VERSION}")
        except sqlite3.Error:
            db.close()
            raise
        return db

    def close(self) -> None:
        self._db.close()

    def __enter__(self) -> Archive:
        return self

    def __exit__(self, *_: object) -> None:
        self.close()

    # what is in it

    def add(self, source: ArchivedSource, transcript: Transcript) -> bool:
        """Take in what is said in a source, in place of what was known of it; -> whether anything was new."""
        digest = _digest(transcript)
        row = self._db.execute("SELECT id, digest FROM source WHERE key = ?", (source.key,)).fetchone()
        values = source.name, source.path, source.programme, source.day, source.project
        if row is not None and row[1] == digest:
            told = "UPDATE source SET name = ?, path = ?, programme = ?, day = ?, project = ? WHERE id = ?"
            self._db.execute(told, (*values, row[0]))
            return False
        words = tuple(w for w in transcript.words if w.kind == "word")
        with self._changing():
            if row is not None:
                self._remove(row[0])
            first = int(self._db.execute("SELECT coalesce(max(id), 0) + 1 FROM passage").fetchone()[0])
            number = first
            for number, (text, beyond, marks) in enumerate(_passages(words), first):
                packed = zlib.compress(json.dumps([text, beyond, marks], ensure_ascii=False, separators=(",", ":")).encode(), 9)
                self._db.execute("INSERT INTO passage VALUES (?, ?)", (number, packed))
                self._db.execute("INSERT INTO said (rowid, text) VALUES (?, ?)", (number, joined([text, beyond])))
            names = json.dumps([s.name for s in transcript.speakers], ensure_ascii=False)
            put = "INSERT INTO source VALUES (NULL, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)"
            last = number if words else first - 1
            key_and = (source.key, source.name, source.path, source.programme, source.day, digest, source.project, names)
            self._db.execute(put, (*key_and, first, last))
        self._spellings = None
        return True

    def forget(self, key: str) -> None:
        """Take a source out."""
        row = self._db.execute("SELECT id FROM source WHERE key = ?", (key,)).fetchone()
        if row is not None:
            with self._changing():
                self._remove(row[0])
            self._spellings = None

    def _remove(self, number: int) -> None:
        first, last = self._db.execute("SELECT first, last FROM source WHERE id = ?", (number,)).fetchone()
        for passage in range(first, last + 1):  # an index without a copy of the text must be told what to forget
            text, beyond, _marks = self._passage(passage)
            put = "INSERT INTO said (said, rowid, text) VALUES ('delete', ?, ?)"
            self._db.execute(put, (passage, joined([text, beyond])))
        self._db.execute("DELETE FROM passage WHERE id BETWEEN ? AND ?", (first, last))
        self._db.execute("DELETE FROM source WHERE id = ?", (number,))

    @contextlib.contextmanager
    def _changing(self) -> Iterator[None]:
        self._db.execute("BEGIN IMMEDIATE")
        try:
            yield
        except BaseException:
            self._db.execute("ROLLBACK")
            raise
        self._db.execute("COMMIT")

    def _passage(self, number: int) -> tuple[str, str, list[list[int]]]:
        """Text of a passage, what is indexed beyond it, and of each line: place in the text, start and end (ticks), speaker."""
        packed = self._db.execute("SELECT packed FROM passage WHERE id = ?", (number,)).fetchone()
        text, beyond, marks = json.loads(zlib.decompressobj().decompress(packed[0], LARGEST))
        return text, beyond, marks

    def _known(self) -> list[_Known]:
        """All footage, newest first."""
        rows = self._db.execute(_SOURCES)
        return [_Known(ArchivedSource(*r[:6]), r[6], r[7], tuple(json.loads(r[8]))) for r in rows]

    def sources(self) -> tuple[ArchivedSource, ...]:
        """All footage that is in it, newest first."""
        return tuple(k.source for k in self._known())

    def speakers(self) -> tuple[str, ...]:
        """All who are known by name."""
        return tuple(sorted({name for k in self._known() for name in k.speakers if name}))

    def programmes(self) -> tuple[str, ...]:
        return tuple(sorted({k.source.programme for k in self._known()}))

    # asking

    def search(
        self, query: str, loose: bool = False, speaker: str = "", programme: str = "", since: str = "", until: str = "",
        most: int = MOST_HITS,
    ) -> tuple[ArchiveHit, ...]:  # fmt: skip
        """Lines with the words of `query` one after another, newest footage first; `loose` finds other endings and small slips,
        in any order within a line and the next. Limited to a speaker, a programme, days. Raises `NothingToDo` where nothing is
        asked for."""
        wanted = [t for part in query.split() for t in _tokens(bare(part))]
        if not wanted:
            raise NothingToDo(tr("Type a word or a phrase."))
        sets = [set(self._alike(t)) for t in wanted] if loose else []
        phrase = re.compile(r"(?<![^\W_])" + r"[\W_]+".join(re.escape(t) for t in wanted) + r"(?![^\W_])")
        asked = " AND ".join(f"({' OR '.join(map(_quoted, sorted(s)))})" for s in sets) if loose else _quoted(" ".join(wanted))
        places = self._matching(asked)
        out: list[ArchiveHit] = []
        for known in self._known():
            day = known.source.day
            if (programme and known.source.programme != programme) or (since and day < since) or (until and day > until):
                continue
            for number in places.get(known.first, known.last):
                for hit in self._with_all(known, number, sets) if loose else self._with_phrase(known, number, phrase):
                    if not speaker or hit.speaker == speaker:
                        out.append(hit)
                if len(out) >= most:
                    return tuple(out[:most])
        return tuple(out)

    def _matching(self, asked: str) -> _Places:
        return _Places([r[0] for r in self._db.execute("SELECT rowid FROM said WHERE said MATCH ?", (asked,))])

    def _with_phrase(self, known: _Known, number: int, phrase: re.Pattern[str]) -> Iterator[ArchiveHit]:
        """The lines of a passage in which a phrase begins, which may end in the next."""
        text, beyond, marks = self._passage(number)
        begins = {found.start() for found in phrase.finditer(_plain(joined([text, beyond]))) if found.start() < len(text)}
        places = [m[0] for m in marks]
        for i in sorted({bisect.bisect_right(places, n) - 1 for n in begins}):
            yield self._hit(known, text, marks, i)

    def _with_all(self, known: _Known, number: int, kinds: Sequence[set[str]]) -> Iterator[ArchiveHit]:
        """The lines of a passage that hold a word of each kind, with the line after them if need be."""
        text, _beyond, marks = self._passage(number)
        there = [{k for k, kind in enumerate(kinds) if kind & tokens} for tokens in (set(_tokens(t)) for t in text.split("\n"))]
        for i, own in enumerate(there):
            after = there[i + 1] if i + 1 < len(there) else set()
            if own and len(own | after) == len(kinds) and (len(own) == len(kinds) or len(after) < len(kinds)):
                yield self._hit(known, text, marks, i)

    @staticmethod
    def _hit(known: _Known, text: str, marks: list[list[int]], i: int) -> ArchiveHit:
        _at, start, end, speaker = marks[i]
        name = known.speakers[speaker] if 0 <= speaker < len(known.speakers) else ""
        return ArchiveHit(known.source, start, end, name, _line(text, marks, i))

    def _all_spellings(self) -> list[str]:
        if self._spellings is None:
            self._spellings = [r[0] for r in self._db.execute("SELECT term FROM spelling")]
        return self._spellings

    def _alike(self, token: str) -> tuple[str, ...]:
        """All spellings in the archive that are like a word."""
        terms = self._all_spellings()
        near = [t for t in terms if t.startswith(token)][:MOST_SPELLINGS] if len(token) > 2 else []
        if len(token) > 3:
            from rapidfuzz import fuzz, process  # slow to import: the window opens without it

            found = process.extract(_plain(token), terms, scorer=fuzz.ratio, score_cutoff=ALIKE, limit=MOST_SPELLINGS)
            near += [m[0] for m in found]
        return tuple(dict.fromkeys([_plain(token), *near]))

    def said_before(
        self, text: str, key: str = "", start: int = 0, end: int = 0, most: int = 20
    ) -> tuple[tuple[ArchiveHit, float], ...]:
        """Lines anywhere that say nearly the same as a passage, with how alike they are (0..1), most alike first; the passage
        itself (from `start` to `end` of the source `key`) is left out."""
        tokens = list(dict.fromkeys(_tokens(text)))
        counted = sorted((n, t) for t in tokens if (n := self._count(t)))[:RARE]
        votes: collections.Counter[int] = collections.Counter()
        for count, token in counted:
            for number in self._matching(_quoted(token)).numbers:
                votes[number] += 1 / (1 + count)  # type: ignore[assignment]
        passage, found = _stems(_tokens(text)), []
        known = self._known()
        for number, _vote in votes.most_common(MOST_PASSAGES):
            source = next(k for k in known if k.first <= number <= k.last)
            said, _beyond, marks = self._passage(number)
            for i in range(len(marks)):
                hit = self._hit(source, said, marks, i)
                if hit.source.key == key and hit.start < end and start < hit.end:
                    continue
                score = _likeness(hit.text, passage)
                if score >= SAME_SAID:
                    found.append((hit, round(score, 3)))
        return tuple(sorted(found, key=lambda f: -f[1])[:most])

    def _count(self, token: str) -> int:
        row = self._db.execute("SELECT doc FROM spelling WHERE term = ?", (_plain(token),)).fetchone()
        return int(row[0]) if row is not None else 0


@dataclass(frozen=True, slots=True)
class _Known:
    """A source with its passages and its speakers."""

    source: ArchivedSource
    first: int
    last: int
    speakers: tuple[str, ...]


class _Places:
    """Numbers of passages, in order."""

    def __init__(self, numbers: list[int]) -> None:
        self.numbers = numbers

    def get(self, first: int, last: int) -> list[int]:
        return self.numbers[bisect.bisect_left(self.numbers, first) : bisect.bisect_right(self.numbers, last)]


def _passages(words: Sequence[Word]) -> Iterator[tuple[str, str, list[list[int]]]]:
    """Text, what is indexed beyond it, and for each line its place in the text, start, end and speaker."""
    parts: list[range] = []
    for part in _lines(words):
        if parts and part.stop - parts[0].start > PASSAGE:
            yield _packed(words, parts)
            parts = []
        parts.append(part)
    if parts:
        yield _packed(words, parts)


def _lines(words: Sequence[Word]) -> Iterator[range]:
    """Lines of speech: sentences, long ones in parts."""
    for sentence in sentences(tuple(words)):
        for start in range(sentence.start, sentence.stop, LONGEST_LINE):
            yield range(start, min(sentence.stop, start + LONGEST_LINE))


def _packed(words: Sequence[Word], parts: list[range]) -> tuple[str, str, list[list[int]]]:
    text, marks = "", []
    for part in parts:
        line = joined([words[i].text for i in part])
        text = f"{text}\n" if text else ""
        speaker = words[part.start].speaker
        marks.append([len(text), words[part.start].start, words[part.stop - 1].end, speaker if speaker != NOBODY else -1])
        text += line
    last = parts[-1].stop
    return text, joined([w.text for w in words[last : last + BEYOND]]), marks


def _line(text: str, marks: list[list[int]], i: int) -> str:
    return text[marks[i][0] : marks[i + 1][0] - 1 if i + 1 < len(marks) else len(text)]


def _digest(transcript: Transcript) -> str:
    made = hashlib.sha256()
    for word in transcript.words:
        made.update(f"{word.text}\0{word.start}\0{word.speaker}\0{word.kind}\n".encode("utf-8", "replace"))
    made.update("\0".join(s.name for s in transcript.speakers).encode("utf-8", "replace"))
    return made.hexdigest()


def _quoted(text: str) -> str:
    """Words one after another, as a phrase of FTS5: what is typed is never an expression."""
    return '"' + text.replace('"', '""') + '"'


def _plain(text: str) -> str:
    """As the index takes letters, letter for letter: small, without accents."""
    if text.isascii():
        return text.lower()
    out = []
    for letter in text:
        small = unicodedata.normalize("NFD", letter.casefold()[:1] or letter)[:1]
        out.append(small or letter)
    return "".join(out)


def _tokens(text: str) -> list[str]:
    """Words as the index takes them, nearly: letters and digits, small, without accents."""
    return re.findall(r"[^\W_]+", _plain(text))


def _likeness(line: str, passage: set[str]) -> float:
    """How far a line says what a passage says, 0..1: words that both have, whatever their endings, of all words of both (Dice
    1945, Ecology 26); or, where the line is no mere phrase, of its own words."""
    own = _stems(_tokens(line))
    if len(own) < 3 or not passage:
        return 0.0
    both = len(own & passage)
    whole = 2 * both / (len(own) + len(passage))
    return max(whole, 0.9 * both / len(own) if len(own) >= LEAST_INSIDE else 0.0)


def _stems(tokens: Sequence[str]) -> set[str]:
    return {t[:STEM] for t in tokens}


def day_of(path: Path) -> str:
    """When a file was last changed, as a day; empty where it is not there."""
    try:
        return time.strftime("%Y-%m-%d", time.localtime(path.stat().st_mtime))
    except OSError:
        return ""

"""What comes from outside: hostile projects, mutated media and texts, misbehaving servers. A sentence each, in time and memory."""

from __future__ import annotations

import json
import os
import random
import socket
import sqlite3
import subprocess
import sys
import tempfile
import threading
import time
from collections.abc import Callable, Iterator
from pathlib import Path

from bench.row import Row

PROJECTS, MEDIA, TEXTS, SERVERS = 300, 500, 3_000, 40
LONGEST_S, MOST_MB = 30.0, 2_000.0

READ = """
import json, resource, sys, time, traceback
from pathlib import Path
from standtall.base.errors import StandTallError
from standtall.base.progress import Progress
def project(path):
    from standtall.library.cache import AnalysisCache
    from standtall.library.project import Project
    with Project(path) as p:
        sources = p.sources()
        for s in sources:
            AnalysisCache().path(s.key, "words"); p.votes(s.key); p.basket(s.key); p.transcripts.find(s.key)
        p.briefs(); p.terms(); p.lessons(); p.opened()
        for e in p.shorts(lambda _e: None):
            p.undo(e.id); p.redo(e.id)
def media(path):
    from standtall.media.probe import probe
    from standtall.media.reader import PictureReader
    from standtall.media.sound_reader import sound_blocks
    s = probe(path)
    if s.has_picture:
        with PictureReader(path, s.rotation) as r:
            for share in (0.0, 0.9, 0.5): r.at(round(s.length * share))
    if s.has_sound:
        for n, _ in enumerate(sound_blocks(s, 16_000, 60.0)):
            if n == 3: break
def text(path):
    from standtall.exchange.words_in import read_words
    from standtall.exchange.xliff import read_xliff
    (read_xliff if path.suffix == ".xlf" else read_words)(path)
def link(path):
    from standtall.media.link import fetch
    fetch(path.read_text(), path.parent / "in", Progress())
read = {"project": project, "media": media, "text": text, "link": link}[sys.argv[1]]
for path in sorted(Path(sys.argv[2]).glob("f*")):
    began, told = time.monotonic(), "read"
    try:
        read(path)
    except StandTallError as error:
        told = "sentence" if len(str(error)) > 15 else "mute"
    except BaseException:
        told = "traceback"
        traceback.print_exc()
        print(path, file=sys.stderr)
    print(json.dumps({"told": told, "s": time.monotonic() - began, "file": path.name}), flush=True)
print(json.dumps({"mb": resource.getrusage(resource.RUSAGE_SELF).ru_maxrss / 1024}), flush=True)
"""


def read_all(kind: str, folder: Path) -> tuple[int, int, float, float]:
    """-> (read or refused in a sentence, anything else, longest in s, most memory in MB)."""
    environment = {**os.environ, "XDG_STATE_HOME": str(folder / "state"), "XDG_CACHE_HOME": str(folder / "cache")}
    run = subprocess.run([sys.executable, "-c", READ, kind, str(folder)], capture_output=True, text=True, env=environment)
    rows = [json.loads(line) for line in run.stdout.splitlines() if line.startswith("{")]
    told = [r for r in rows if "told" in r]
    bad = sum(r["told"] not in ("read", "sentence") for r in told)
    if run.returncode:
        bad += 1
    if bad:
        print(run.stderr[-3000:], file=sys.stderr)
    return len(told) - bad, bad, max((r["s"] for r in told), default=0.0), max((r.get("mb", 0.0) for r in rows), default=0.0)


# projects

VALUES: tuple[object, ...] = (
    None,
    "",
    "x",
    "../../../etc",
    -1,
    1 << 62,
    1.5,
    b"\x00\xff",
    "[" * 40_000,
    '{"a":' * 9_000,
    "9" * 400,
    "NaN",
)
STRUCTURE = (
    "DROP TABLE {t}", "ALTER TABLE {t} RENAME TO other", "CREATE VIEW v AS SELECT * FROM {t}", "CREATE TABLE extra (x)",
    "CREATE TRIGGER g AFTER INSERT ON {t} BEGIN SELECT 1; END", "PRAGMA user_version = {n}", "PRAGMA application_id = {n}",
    "CREATE INDEX i ON {t} ({c})", "DELETE FROM {t}", "ALTER TABLE {t} ADD COLUMN more", "DROP TABLE {t}; CREATE VIEW {t} AS SELECT 1",
)  # fmt: skip


def good_project(path: Path) -> None:
    from standtall.library.project import Project
    from standtall.model import corrections, edits
    from standtall.model.brief import Brief
    from standtall.model.corrections import Term
    from standtall.model.cut import Segment
    from standtall.model.short import Short
    from standtall.model.source import Source
    from standtall.model.transcript import Speaker, Transcript
    from standtall.model.words import Word

    key = "0123456789abcdef01234567"
    said = Transcript(tuple(Word(f"w{i}", i * 24_000, i * 24_000 + 20_000) for i in range(40)), (Speaker("A"),))
    with Project(path) as project:
        project.add_source(Source(key, "/none.mp4", "none", 40 * 48_000, 1920, 1080, audio_channels=2))
        number = project.add_short(Short.of("a", (Segment(key, 0, 48_000), Segment(key, 96_000, 144_000))))
        for i in range(4):
            project.apply(number, edits.rename(project.entry(number).short, f"name {i}"))
            now = project.transcripts.find(key) or said
            project.revise(number, said, corrections.retype(now, range(i, i + 1), f"other {i}"))
        project.set_brief(key, Brief())
        project.set_terms((Term("Odile", ("Odeal",)),))
        project.vote(key, 5, 9, True, (0.5,))
        project.set_basket(key, (Segment(key, 0, 9_000),))


def projects(folder: Path, dice: random.Random) -> None:
    good = folder / "good"
    good_project(good)
    data = good.read_bytes()
    db = sqlite3.connect(good)
    tables = {t: [c[1] for c in db.execute(f"PRAGMA table_info({t})")] for (t,) in
              db.execute("SELECT name FROM sqlite_master WHERE type = 'table'")}  # fmt: skip
    db.close()
    for n in range(PROJECTS):
        path = folder / f"f{n:04}.standtall"
        path.write_bytes(data)
        table = dice.choice(list(tables))
        column = dice.choice(tables[table])
        kind = n % 4
        if kind == 0:  # bytes
            blob = bytearray(data)
            for _ in range(dice.randrange(1, 40)):
                blob[dice.randrange(len(blob))] = dice.randrange(256)
            path.write_bytes(bytes(blob[: dice.randrange(len(blob))] if dice.random() < 0.2 else blob))
            continue
        db = sqlite3.connect(path)
        try:
            if kind == 1:
                statement = dice.choice(STRUCTURE).format(t=table, c=column, n=dice.choice([-5, 0, 1, 2, 3, 99, 1 << 30]))
                db.executescript(statement)
            elif kind == 2:
                db.execute(f"UPDATE {table} SET {column} = ?", (dice.choice(VALUES),))
            else:
                _mutate_json(db, dice)
            db.commit()
        except sqlite3.Error:
            path.write_bytes(data[: n * 7])
        db.close()


def _mutate_json(db: sqlite3.Connection, dice: random.Random) -> None:
    table = dice.choice(["history", "source", "brief"])
    for row, value in db.execute(f"SELECT rowid, value FROM {table}").fetchall():
        plain = json.loads(value)
        target = plain
        while isinstance(target, dict | list) and target:
            key = dice.choice(list(target)) if isinstance(target, dict) else dice.randrange(len(target))
            if not isinstance(target[key], dict | list) or dice.random() < 0.3:
                target[key] = dice.choice([None, -1, 10**30, "x", [], {}, [[]], True, 1e300, "../..", 0, "30/0"])
                break
            target = target[key]
        db.execute(f"UPDATE {table} SET value = ? WHERE rowid = ?", (json.dumps(plain), row))


# media


def media(folder: Path, dice: random.Random) -> None:
    from tests.conftest import make_clip, tone

    first = make_clip(folder / "clip.mp4", frames=90, sound=tone(3.0))
    import imageio_ffmpeg

    tool, made = imageio_ffmpeg.get_ffmpeg_exe(), [first]
    codecs = {
        "mkv": "libx264",
        "ts": "mpeg2video",
        "flv": "flv",
        "avi": "mpeg4",
        "mov": "mjpeg",
        "webm": "libvpx",
        "mpg": "mpeg1video",
    }
    for ending, codec in codecs.items():
        out = folder / f"clip.{ending}"
        audio = ["-c:a", "libvorbis"] if ending == "webm" else ["-c:a", "mp3", "-ar", "44100"]
        run = subprocess.run(
            [tool, "-v", "error", "-y", "-i", str(first), "-r", "25", "-c:v", codec, *audio, str(out)], capture_output=True
        )
        if run.returncode == 0:
            made.append(out)
    for ending in ("png", "jpg", "wav", "mp3", "gif"):
        out = folder / f"clip.{ending}"
        still = ["-frames:v", "1"] if ending in ("png", "jpg") else []
        if subprocess.run([tool, "-v", "error", "-y", "-i", str(first), *still, str(out)], capture_output=True).returncode == 0:
            made.append(out)
    for n in range(MEDIA):
        origin = made[n % len(made)]
        blob = bytearray(origin.read_bytes())
        for _ in range(dice.choice([1, 4, 20, 200])):
            at = dice.randrange(min(len(blob), 4000)) if dice.random() < 0.6 else dice.randrange(len(blob))
            blob[at] = dice.randrange(256)
        if dice.random() < 0.25:
            del blob[dice.randrange(len(blob)) :]
        elif dice.random() < 0.2:
            at = dice.randrange(len(blob))
            blob[at:at] = blob[: dice.randrange(1, len(blob))]
        (folder / f"f{n:04}{origin.suffix}").write_bytes(bytes(blob))


# texts


def texts(folder: Path, dice: random.Random) -> None:
    words = [{"text": f"w{i}", "start": i * 0.5, "end": i * 0.5 + 0.4, "speaker": 0, "confidence": 0.9} for i in range(30)]
    units = "".join(
        f'<unit id="p{i * 9}-{i * 9 + 8}"><segment><source>s</source><target>t</target></segment></unit>' for i in range(20)
    )
    cue = "00:00:{0:02}.000 --> 00:00:{0:02}.900\n<v Odile>Hello <00:00:{0:02}.400>there &amp; you</v>\n\n"
    good = {
        ".json": json.dumps({"speakers": ["A"], "words": words}),
        ".vtt": "WEBVTT\n\n" + "".join(cue.format(n) for n in range(30)),
        ".srt": "".join(f"{n}\n" + cue.format(n).replace(".", ",") for n in range(30)),
        ".xlf": '<?xml version="1.0" encoding="utf-8"?><xliff xmlns="urn:oasis:names:tc:xliff:document:2.0" version="2.1" trgLang="de">'
        f'<file id="f">{units}</file></xliff>',
    }
    planted = ["<v ", "<" * 3000, "{\\" * 900, "[" * 3000, "9" * 500, "&#" + "9" * 5000 + ";", "\0", "\ufeff", "-->", "<!DOCTYPE a [", "\ud7ff",
               "1e999", "NaN", "-", "\r", "<00:00:01.000>" * 400, '"', "}", "]", '<?xml version="1.0" encoding="none"?>']  # fmt: skip
    for n in range(TEXTS):
        ending = list(good)[n % 4]
        text = good[ending]
        for _ in range(dice.choice([1, 1, 2, 6])):
            at, to = sorted(dice.randrange(len(text) + 1) for _ in range(2))
            r = dice.random()
            if r < 0.5:
                text = text[:at] + dice.choice(planted) * dice.choice([1, 1, 40]) + text[at:]
            elif r < 0.75:
                text = text[:at] + text[to:]
            else:
                text = text[:at] + text[at:to] * dice.choice([2, 30]) + text[to:]
        data = text.encode(dice.choice(["utf-8"] * 6 + ["utf-16", "latin-1"]), "replace")
        (folder / f"f{n:05}{ending}").write_bytes(data[:18_000_000])


# servers

OK = b"HTTP/1.1 200 OK\r\nContent-Type: video/mp4\r\n"


def drip(head: bytes, each: bytes, pause_s: float) -> Callable[[socket.socket], None]:
    def serve(one: socket.socket) -> None:
        one.sendall(head)
        while True:
            one.sendall(each)
            time.sleep(pause_s)

    return serve


def says(data: bytes, wait_s: float = 0.0) -> Callable[[socket.socket], None]:
    def serve(one: socket.socket) -> None:
        one.sendall(data)
        time.sleep(wait_s)

    return serve


def behaviours() -> list[Callable[[socket.socket], None]]:
    to = b"HTTP/1.1 302 Found\r\nContent-Length: 0\r\nLocation: "
    page = b"HTTP/1.1 200 OK\r\nContent-Type: text/html\r\n\r\n"
    return [
        says(b"", 60), says(b""), says(b"nonsense\r\n\r\n"), says(b"\x00" * 9000), says(b"HTTP/1.1 200\r\n"), says(b"HTTP/9.9 abc OK\r\n\r\n"),
        drip(b"HTTP/1.1 200 OK\r\n", b"X-A: b\r\n", 0.5), drip(b"H", b"T", 0.3), drip(OK + b"Content-Length: 900000\r\n\r\n", b"x", 0.3),
        says(OK + b"Content-Length: 900000\r\n\r\n" + b"x" * 5000, 60), says(OK + b"Content-Length: -5\r\n\r\nxx"),
        says(OK + b"Content-Length: " + b"9" * 400 + b"\r\n\r\nx"), says(OK + b"Content-Length: abc\r\n\r\nx"),
        says(OK + b"Content-Range: bytes 0-0/" + b"9" * 30 + b"\r\n\r\nx"), says(OK + b"Transfer-Encoding: chunked\r\n\r\nzzz\r\n", 1),
        says(OK + b"Transfer-Encoding: chunked\r\n\r\nffffffffffffffff\r\nx", 1), says(OK + b"X: " + b"y" * 200_000 + b"\r\n\r\n"),
        says(OK + b"".join(b"X-%d: y\r\n" % n for n in range(5000)) + b"\r\n"), says(to + b"file:///etc/passwd\r\n\r\n"),
        says(to + b"http://[::1\r\n\r\n"), says(to + b"/again\r\n\r\n"), says(to + b"ftp://127.0.0.1/a\r\n\r\n"), says(to + b"\r\n\r\n"),
        says(b"HTTP/1.1 301 Moved\r\n\r\n"), says(b"HTTP/1.1 500 No\r\nContent-Length: 0\r\n\r\n"), says(b"HTTP/1.1 429 Wait\r\n\r\n"),
        says(b"HTTP/1.1 416 No\r\n\r\n"), says(b"HTTP/1.1 401 No\r\nWWW-Authenticate: Basic\r\n\r\n"), says(page + b"<a href='http://[::1'>"),
        says(page + b"<video src='http://[oops'>"), says(page + b"<![" * 9000), says(page + b"<a href='//[/film.mp4'>"),
        says(page + b"<" * 2_000_000), drip(page, b"<p>", 0.2), says(OK + b'Content-Disposition: attachment; filename="../../x"\r\n\r\nx'),
        says(OK + b"Content-Disposition: attachment; filename=" + b"\xe5\x9c\x92" * 300 + b".mp4\r\n\r\nx"),
        says(b"HTTP/1.1 206 Partial\r\nContent-Type: video/mp4\r\nContent-Range: bytes 5-9/3\r\n\r\nxxxxx"),
        says(b"HTTP/1.1 206 Partial\r\nContent-Type: video/mp4\r\nContent-Range: bytes 0-0/500000000000000\r\n\r\nx"),
        says(b"HTTP/1.1 100 Continue\r\n\r\n" * 900, 30), says(b"HTTP/1.1 204 Nothing\r\n\r\n"),
    ]  # fmt: skip


def serving(behave: Callable[[socket.socket], None]) -> socket.socket:
    """A server on this machine that answers everybody in its way until it is closed."""
    listening = socket.create_server(("127.0.0.1", 0))

    def answer(one: socket.socket) -> None:
        with one:
            try:
                one.recv(65536)
                behave(one)
            except OSError:
                return

    def serve() -> None:
        while True:
            try:
                one, _ = listening.accept()
            except OSError:
                return
            threading.Thread(target=answer, args=(one,), daemon=True).start()

    threading.Thread(target=serve, daemon=True).start()
    return listening


def servers() -> tuple[int, int, float, float]:
    good = bad = 0
    longest = most = 0.0
    for behave in behaviours()[:SERVERS]:
        with tempfile.TemporaryDirectory() as folder, serving(behave) as listening:
            (Path(folder) / "f").write_text(f"http://127.0.0.1:{listening.getsockname()[1]}/film.mp4")
            told, wrong, took, memory = read_all("link", Path(folder))
        good, bad, longest, most = good + told, bad + wrong, max(longest, took), max(most, memory)
    return good, bad, longest, most


def run() -> Iterator[Row]:
    dice = random.Random(17)
    kinds: tuple[tuple[str, int, Callable[[Path, random.Random], None]], ...] = (
        ("project", PROJECTS, projects), ("media", MEDIA, media), ("text", TEXTS, texts),
    )  # fmt: skip
    for kind, count, make in kinds:
        with tempfile.TemporaryDirectory() as folder:
            make(Path(folder), dice)
            figures = read_all(kind, Path(folder))
        yield from rows(kind, count, *figures)
    yield from rows("server", SERVERS, *servers())


def rows(kind: str, count: int, good: int, bad: int, longest: float, most: float) -> Iterator[Row]:
    yield Row(f"{kind}: read, or refused in a sentence", good, "count", f">= {count}")
    yield Row(f"{kind}: tracebacks and the like", bad, "count", "<= 0")
    yield Row(f"{kind}: the longest", longest, "s", f"<= {LONGEST_S:g}")
    yield Row(f"{kind}: most memory", most, "MB", f"<= {MOST_MB:g}")

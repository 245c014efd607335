"""What a simulated channel remembers: accounts, tokens, uploads, posts and faults, in a database and a folder of its own."""

from __future__ import annotations

import contextlib
import hashlib
import hmac
import json
import math
import secrets
import sqlite3
import threading
import time
from collections.abc import Callable, Iterator
from dataclasses import dataclass
from pathlib import Path
from typing import Any, Final

from standtall.base.errors import MediaError
from standtall.base.reading import json_of
from standtall.base.time import TICKS_PER_SECOND
from standtall.media.probe import probe
from standtall.model.channel import Channel
from standtall.posts.simulated.answer import FIELDS, Answer, cover_of, text_of
from standtall.posts.templates import wrong_in

ACCOUNT, PASSWORD = "studio", "tall-talk"
FAULTS: Final = {
    "offline": "does not answer at all", "slow": "answers only after many seconds",
    "dropped": "hangs up in the middle of an upload",
    "lost": "takes a post, but its answer never arrives", "twice": "does everything twice and answers twice",
    "busy": "asks to come back later", "refuse": "refuses the next post", "expired": "lets all tokens end at once",
    "forgotten": "knows nobody any more", "clock": "has a clock that is wrong",
}  # fmt: skip
ENDLESS: Final = -1
_TABLES: Final = """
CREATE TABLE IF NOT EXISTS accounts (name TEXT PRIMARY KEY, salt BLOB NOT NULL, hash BLOB NOT NULL);
CREATE TABLE IF NOT EXISTS tokens (token TEXT PRIMARY KEY, account TEXT NOT NULL, until REAL NOT NULL);
CREATE TABLE IF NOT EXISTS renewals (renewal TEXT PRIMARY KEY, account TEXT NOT NULL);
CREATE TABLE IF NOT EXISTS uploads (id TEXT PRIMARY KEY, mark TEXT NOT NULL, account TEXT NOT NULL, size INTEGER NOT NULL,
  sha256 TEXT NOT NULL, name TEXT NOT NULL, offset INTEGER NOT NULL DEFAULT 0, UNIQUE (account, mark));
CREATE TABLE IF NOT EXISTS posts (id INTEGER PRIMARY KEY AUTOINCREMENT, mark TEXT NOT NULL, account TEXT NOT NULL, upload TEXT
NOT NULL, sha256 TEXT NOT NULL, state TEXT NOT NULL, wanted TEXT NOT NULL, reason TEXT NOT NULL DEFAULT '', made_at REAL NOT NULL,
  ready_at REAL NOT NULL, publish_at REAL, public_at REAL, value TEXT NOT NULL);
CREATE UNIQUE INDEX IF NOT EXISTS once ON posts (account, mark) WHERE state NOT IN ('deleted', 'refused');
CREATE TABLE IF NOT EXISTS faults (kind TEXT PRIMARY KEY, times INTEGER NOT NULL, value INTEGER NOT NULL);
CREATE TABLE IF NOT EXISTS log (at REAL NOT NULL, told TEXT NOT NULL);
"""


_THERE: Final = "SELECT id FROM posts WHERE account = ? AND mark = ? AND state NOT IN ('deleted', 'refused')"


@dataclass(frozen=True, slots=True)
class Manners:
    """How a simulated channel behaves: seconds that a token holds and that it works on a post, posts that it takes in a
    minute."""

    token_s: float = 1800.0
    processing_s: float = 3.0
    posts_a_minute: int = 12


class Memory:
    """Safe from any thread: one thing is done at a time, each in one transaction."""

    def __init__(
        self, channel: Channel, folder: Path, manners: Manners | None = None, clock: Callable[[], float] = time.time
    ) -> None:
        self.channel, self.folder, self.manners = channel, folder, manners or Manners()
        self._clock = clock
        (folder / "files").mkdir(parents=True, exist_ok=True)
        self._lock = threading.RLock()
        self._db = sqlite3.connect(folder / "channel.sqlite", isolation_level=None, check_same_thread=False, timeout=8)
        self._db.execute("PRAGMA journal_mode = WAL")
        self._db.executescript(_TABLES)
        if not self._db.execute("SELECT 1 FROM accounts").fetchone():
            self.add_account(ACCOUNT, PASSWORD)

    def close(self) -> None:
        with self._lock:
            self._db.close()

    @contextlib.contextmanager
    def _writing(self) -> Iterator[sqlite3.Connection]:
        with self._lock:
            self._db.execute("BEGIN IMMEDIATE")
            try:
                yield self._db
                self._db.execute("COMMIT")
            except BaseException:
                if self._db.in_transaction:
                    self._db.execute("ROLLBACK")
                raise

    def _one(self, query: str, *values: object) -> Any:
        with self._lock:
            return self._db.execute(query, values).fetchone()

    def now(self) -> float:
        """The time by the channel's own clock, which may be wrong."""
        found = self._one("SELECT value FROM faults WHERE kind = 'clock' AND times != 0")
        return self._clock() + (found[0] if found else 0)

    def tell(self, told: str) -> None:
        with self._writing() as db:
            db.execute("INSERT INTO log VALUES (?, ?)", (self.now(), told[:300]))
            db.execute("DELETE FROM log WHERE rowid <= (SELECT max(rowid) FROM log) - 500")

    def told(self) -> list[tuple[float, str]]:
        """The newest lines of the log first."""
        with self._lock:
            return list(self._db.execute("SELECT at, told FROM log ORDER BY rowid DESC LIMIT 60"))

    # faults

    def set_fault(self, kind: str, times: int, value: int = 0) -> None:
        """Behave badly so many times (`ENDLESS`: until it is set to 0)."""
        if kind not in FAULTS:
            raise Answer(422, f"There is no fault “{kind[:20]}”.")
        with self._writing() as db:
            db.execute("INSERT OR REPLACE INTO faults VALUES (?, ?, ?)", (kind, max(ENDLESS, times), value))
            if kind in ("expired", "forgotten"):
                db.execute("DELETE FROM tokens")
            if kind == "forgotten":
                db.execute("DELETE FROM renewals")

    def faults(self) -> dict[str, tuple[int, int]]:
        with self._lock:
            return {k: (t, v) for k, t, v in self._db.execute("SELECT kind, times, value FROM faults WHERE times != 0")}

    def strikes(self, kind: str) -> int | None:
        """Whether a fault happens now, which counts as one time; -> its value."""
        with self._writing() as db:
            found = db.execute("SELECT times, value FROM faults WHERE kind = ? AND times != 0", (kind,)).fetchone()
            if found is None:
                return None
            db.execute("UPDATE faults SET times = times - 1 WHERE kind = ? AND times > 0", (kind,))
        return int(found[1])

    # accounts

    def add_account(self, name: str, password: str) -> None:
        salt = secrets.token_bytes(16)
        with self._writing() as db:
            db.execute("INSERT OR REPLACE INTO accounts VALUES (?, ?, ?)", (name, salt, _hashed(password, salt)))

    def sign_in(self, name: str, password: str) -> dict[str, Any]:
        found = self._one("SELECT salt, hash FROM accounts WHERE name = ?", name)
        if found is None or not hmac.compare_digest(_hashed(password, found[0]), found[1]):
            raise Answer(403, "The name or the password is wrong.")
        with self._writing() as db:
            renewal = secrets.token_hex(24)
            db.execute("INSERT INTO renewals VALUES (?, ?)", (renewal, name))
        return {"account": name, "renewal": renewal, **self._new_token(name)}

    def renew(self, name: str, renewal: str) -> dict[str, Any]:
        found = self._one("SELECT account FROM renewals WHERE renewal = ?", renewal)
        if found is None or found[0] != name:
            raise Answer(401, "This account has to sign in again.")
        return {"account": name, "renewal": renewal, **self._new_token(name)}

    def _new_token(self, name: str) -> dict[str, Any]:
        token = secrets.token_hex(24)
        with self._writing() as db:
            db.execute("DELETE FROM tokens WHERE until < ?", (self.now(),))
            db.execute("INSERT INTO tokens VALUES (?, ?, ?)", (token, name, self.now() + self.manners.token_s))
        return {"token": token, "seconds": round(self.manners.token_s)}

    def account_of(self, token: str) -> str:
        """Who asks; raises `Answer` for a token that has ended."""
        found = self._one("SELECT account, until FROM tokens WHERE token = ?", token)
        if found is None or found[1] < self.now():
            raise Answer(401, "The token has ended.")
        return str(found[0])

    # uploads

    def begin_upload(self, account: str, told: dict[str, Any]) -> dict[str, Any]:
        """Begin, or go on with what was sent under the same mark."""
        mark, size, sha256, name = told.get("mark"), told.get("size"), told.get("sha256"), told.get("name")
        if not (isinstance(mark, str) and len(mark) == 32 and isinstance(sha256, str) and len(sha256) == 64):
            raise Answer(422, "An upload needs a mark and the SHA-256 of its file.")
        most = self.channel.posts.file.largest_mb * 1e6 or 1e12
        if not isinstance(size, int) or not 0 < size <= most:
            raise Answer(422, f"A file has at most {most / 1e6:.0f} MB here.")
        with self._writing() as db:
            found = db.execute(
                "SELECT id, sha256, offset FROM uploads WHERE account = ? AND mark = ?", (account, mark)
            ).fetchone()
            if found is not None and found[1] == sha256:
                return {"upload": found[0], "offset": found[2]}
            if found is not None:
                db.execute("DELETE FROM uploads WHERE id = ?", (found[0],))
                self._file(found[0]).unlink(missing_ok=True)
            made = secrets.token_hex(8)
            plain = str(name)[:120]
            db.execute("INSERT INTO uploads VALUES (?, ?, ?, ?, ?, ?, 0)", (made, mark, account, size, sha256, plain))
        return {"upload": made, "offset": 0}

    def add_part(self, account: str, upload: str, offset: int, data: bytes) -> dict[str, Any]:
        """Keep a part; one that does not go on where the last ended is not taken, and the right place is told."""
        with self._writing() as db:
            found = db.execute("SELECT size, offset FROM uploads WHERE id = ? AND account = ?", (upload, account)).fetchone()
            if found is None:
                raise Answer(404, "There is no such upload.")
            size, have = found
            if offset == have and have + len(data) <= size:
                with self._file(upload).open("r+b" if have else "wb") as file:
                    file.seek(have)
                    file.write(data)
                have += len(data)
                db.execute("UPDATE uploads SET offset = ? WHERE id = ?", (have, upload))
        return {"upload": upload, "offset": have}

    def _file(self, upload: str) -> Path:
        return self.folder / "files" / upload

    # posts

    def make(self, account: str, told: dict[str, Any]) -> dict[str, Any]:
        """A post of an upload; one that is there under its mark is told of again."""
        cover = cover_of(told)
        there = self._one(_THERE, account, told.get("mark"))
        if there is None and self.strikes("refuse") is not None:
            raise Answer(422, "This goes against the house rules of this channel.")
        number = self._made(account, told)
        if cover and there is None:
            (self.folder / "files" / f"{number}.jpg").write_bytes(cover)
        return self.post(account, number)

    def _made(self, account: str, told: dict[str, Any]) -> int:
        with self._writing() as db:
            there = db.execute(_THERE, (account, told.get("mark"))).fetchone()
            if there is not None:
                return int(there[0])
            upload, sha256, name = self._whole_upload(account, told)
            text = text_of(told)
            wrong = next((reason for _field, reason in wrong_in(text, self.channel)), "")
            if wrong:
                raise Answer(422, wrong)
            same = db.execute(
                "SELECT id FROM posts WHERE account = ? AND sha256 = ? AND state NOT IN ('deleted', 'refused')", (account, sha256)
            ).fetchone()
            if same is not None:
                raise Answer(409, f"The same video is here already, as post {same[0]}")
            now = self.now()
            recent = db.execute(
                "SELECT count(*), min(made_at) FROM posts WHERE account = ? AND made_at > ?", (account, now - 60)
            ).fetchone()
            if recent[0] >= self.manners.posts_a_minute:
                raise Answer(429, "Too many posts in a minute", max(1, math.ceil(recent[1] + 60 - now)))
            publish = told.get("publish")
            at = self._publish_at(publish, now)
            value = json.dumps({**{k: told.get(k) for k in FIELDS}, "name": name}, ensure_ascii=False)
            made = db.execute(
                "INSERT INTO posts (mark, account, upload, sha256, state, wanted, made_at, ready_at, publish_at, value) "
                "VALUES (?, ?, ?, ?, 'processing', ?, ?, ?, ?, ?)",
                (told["mark"], account, upload, sha256, "draft" if publish == "draft" else "public", now,
                 now + self.manners.processing_s, at, value),
            ).lastrowid  # fmt: skip
        return int(made or 0)

    def _whole_upload(self, account: str, told: dict[str, Any]) -> tuple[str, str, str]:
        found = self._db.execute(
            "SELECT id, size, offset, sha256, name FROM uploads WHERE id = ? AND account = ? AND mark = ?",
            (told.get("upload"), account, told.get("mark")),
        ).fetchone()
        if found is None or found[1] != found[2]:
            raise Answer(409, "The file has not arrived whole.")
        with self._file(found[0]).open("rb") as file:
            arrived = hashlib.file_digest(file, "sha256").hexdigest()
        if arrived != found[3]:
            self._db.execute("UPDATE uploads SET offset = 0 WHERE id = ?", (found[0],))
            self._db.execute("COMMIT")
            self._db.execute("BEGIN IMMEDIATE")
            raise Answer(503, "The file arrived damaged; send it again", 1)
        return found[0], found[3], found[4]

    def _publish_at(self, publish: object, now: float) -> float | None:
        delivery = self.channel.posts.delivery
        if publish == "now":
            return None
        if publish == "draft":
            if not delivery.keeps_drafts:
                raise Answer(422, "There are no drafts here.")
            return None
        if not isinstance(publish, int) or isinstance(publish, bool) or not delivery.keeps_times:
            raise Answer(422, "Posts are published now here, and at no other time.")
        if publish < now - 60:
            raise Answer(422, "The time to publish lies in the past, by the clock here.")
        return float(publish)

    def change(self, account: str, number: int, told: dict[str, Any]) -> dict[str, Any]:
        """Another time for a post that is not public yet."""
        self._settle(number)
        with self._writing() as db:
            at = self._publish_at(told.get("publish"), self.now())
            if not db.execute(
                "UPDATE posts SET publish_at = ? WHERE id = ? AND account = ? AND state IN ('scheduled', 'processing')",
                (at, number, account),
            ).rowcount:
                raise Answer(409, "It is not kept for later: its time cannot be changed.")
        return self.post(account, number)

    def delete(self, account: str, number: int) -> dict[str, Any]:
        with self._writing() as db:
            if not db.execute("UPDATE posts SET state = 'deleted' WHERE id = ? AND account = ?", (number, account)).rowcount:
                raise Answer(404, "There is no such post.")
        return {"post": str(number)}

    def by_mark(self, account: str, mark: str) -> dict[str, Any]:
        found = self._one(
            "SELECT id FROM posts WHERE account = ? AND mark = ? AND state != 'deleted' ORDER BY id DESC", account, mark
        )
        if found is None:
            raise Answer(404, "There is nothing under this mark.")
        return self.post(account, int(found[0]))

    def post(self, account: str, number: int) -> dict[str, Any]:
        """How a post stands now."""
        self._settle(number)
        found = self._one("SELECT state, reason, publish_at, public_at FROM posts WHERE id = ? AND account = ?", number, account)
        if found is None or found[0] == "deleted":
            raise Answer(404, "There is no such post.")
        state, reason, publish_at, public_at = found
        out: dict[str, Any] = {"post": str(number), "state": state, "reason": reason, "link": f"/post/{number}"}
        if publish_at is not None:
            out["when"] = round(publish_at)
        if public_at is not None:
            out["views"] = views(number, self.now() - public_at)
        return out

    def _settle(self, number: int) -> None:
        """Let a post go on: when the channel has worked on it, and when its time has come."""
        found = self._one("SELECT state, upload, wanted, ready_at, publish_at FROM posts WHERE id = ?", number)
        if found is None:
            return
        state, upload, wanted, ready_at, publish_at = found
        now = self.now()
        if state == "processing" and now >= ready_at:
            reason = self._refusal(upload)
            if reason:
                state = "refused"
            elif wanted == "draft":
                state = "draft"
            else:
                state = "scheduled" if publish_at is not None and publish_at > now else "public"
            with self._writing() as db:
                db.execute("UPDATE posts SET state = ?, reason = ?, public_at = ? WHERE id = ? AND state = 'processing'",
                           (state, reason, now if state == "public" else None, number))  # fmt: skip
        if state == "scheduled" and publish_at is not None and now >= publish_at:
            with self._writing() as db:
                db.execute(
                    "UPDATE posts SET state = 'public', public_at = publish_at WHERE id = ? AND state = 'scheduled'", (number,)
                )

    def _refusal(self, upload: str) -> str:
        """What is wrong with a video by the rules of the channel."""
        try:
            source = probe(self._file(upload))
        except MediaError as error:
            return f"The video cannot be played: {error.message}"
        seconds = source.length / TICKS_PER_SECOND
        if seconds > self.channel.longest_s + 0.05:
            return f"The video lasts {seconds:.1f} s; at most {self.channel.longest_s:g} are taken."
        if seconds < self.channel.posts.file.shortest_s:
            return f"The video lasts {seconds:.1f} s; at least {self.channel.posts.file.shortest_s:g} are wanted."
        return ""

    def shown(self) -> list[dict[str, Any]]:
        """What everybody sees, the newest first."""
        with self._lock:
            numbers = [row[0] for row in self._db.execute("SELECT id FROM posts WHERE state IN ('processing', 'scheduled')")]
        for number in numbers:
            self._settle(number)
        with self._lock:
            rows = self._db.execute(
                "SELECT id, account, public_at, value FROM posts WHERE state = 'public' "
                "ORDER BY public_at DESC, id DESC LIMIT 200"
            )
            found = rows.fetchall()
        now = self.now()
        out = []
        for number, account, since, value in found:
            told = {"id": number, "account": account, "since": since, "views": views(number, now - since)}
            out.append({**json_of(value, 1_000_000), **told, "cover": self.cover(number) is not None})
        return out

    def cover(self, number: int) -> Path | None:
        """The cover of a post that everybody sees; None where it came without one."""
        path = self.folder / "files" / f"{number}.jpg"
        return path if self.media(number) is not None and path.is_file() else None

    def media(self, number: int) -> Path | None:
        """The video of a post that everybody sees."""
        found = self._one("SELECT upload FROM posts WHERE id = ? AND state = 'public'", number)
        return None if found is None else self._file(found[0])


def views(number: int, seconds: float) -> int:
    """How often a made-up post was seen after so long: quickly at first, then ever more slowly, each in its own measure."""
    if seconds <= 0:
        return 0
    liked = 40 + (number * 2_654_435_761 % 4_096)
    return int(liked * (1 - math.exp(-seconds / 40_000)) + liked * 0.4 * math.log1p(seconds / 3_600))


def _hashed(password: str, salt: bytes) -> bytes:
    return hashlib.scrypt(password.encode(), salt=salt, n=2048, r=8, p=1)

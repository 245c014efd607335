"""Fetches a media file from a link: checked before and while it comes, resumed by range, whole or not there.

HTTP by Python's standard library (RFC 9110: ranges, conditional requests, redirects). Nothing but http and https is opened,
also after a redirect, and the file that arrives is opened like any local one: nothing in it can make the program open
another address (`media.opening`).
"""

from __future__ import annotations

import os
import re
import time
import urllib.error
import urllib.parse
import urllib.request
import urllib.response
from collections.abc import Callable
from dataclasses import dataclass
from html.parser import HTMLParser
from http.client import HTTPException
from pathlib import Path
from typing import Any, Final

from standtall.base.errors import MediaError, disk_error
from standtall.base.files import short_name
from standtall.base.interface_language import tr
from standtall.base.progress import Progress
from standtall.media.sockets import Patience, handlers

BLOCK: Final = 1 << 16
LONGEST_LINK: Final = 4_000
SPEED_OVER_S: Final = 4.0
Told = Callable[[int, int, float], None]
"""Hears of bytes, bytes of the whole, bytes a second."""
TRIES: Final = 4
MOST_REDIRECTS: Final = 5
LARGEST: Final = 200_000_000_000
LARGEST_PAGE: Final = 2_000_000
LONGEST_FILE: Final = 120
"""Bytes of the name that a fetched file gets."""
MEDIA: Final = re.compile(r"(video|audio)/|application/(octet-stream|mp4|ogg|x-matroska|mxf)|binary/octet-stream")
_ENDINGS: Final = ".mp4 .mov .mkv .webm .ts .m4v .mpg .avi .mp3 .wav .m4a .ogg .opus .flac"
ENDINGS: Final = frozenset(_ENDINGS.split())


@dataclass(frozen=True, slots=True)
class Offer:
    """What a server says of a file: where it is after redirects, its size (0 unknown), name, kind, and a mark that
    changes with its content ('' where the server gives none); `resumable` when it serves ranges."""

    url: str
    size: int
    name: str
    kind: str
    mark: str
    resumable: bool


def check_link(url: str) -> str:
    """The link without white space; raises `MediaError` for anything but http and https with a host."""
    text = url.strip()
    wrong = MediaError(
        tr("That is not a link to a file on the web."), tr("Copy the whole link; it begins with http:// or https://.")
    )
    try:
        parts = urllib.parse.urlsplit(text)
        good = parts.scheme in ("http", "https") and bool(parts.hostname) and (parts.port is None or parts.port > 0)
        text.encode("ascii") if good else None
    except UnicodeEncodeError:
        text = _plain_letters(text, wrong)
    except ValueError as error:
        raise wrong from error
    if not good or len(text) > LONGEST_LINK or any(c.isspace() or not c.isprintable() for c in text):
        raise wrong
    return text


def _plain_letters(text: str, wrong: MediaError) -> str:
    """A link with letters of any script, as it is asked for: host by IDNA, the rest in percent (RFC 3987, 3.1)."""
    parts = urllib.parse.urlsplit(text)
    try:
        host = (parts.hostname or "").encode("idna").decode("ascii")
    except UnicodeError as error:
        raise wrong from error
    place = host if parts.port is None else f"{host}:{parts.port}"
    path, query = (urllib.parse.quote(p, safe="/%&=?+,;:@!$'()*~-._") for p in (parts.path, parts.query))
    return urllib.parse.urlunsplit((parts.scheme, place, path, query, ""))


class _Guard(urllib.request.HTTPRedirectHandler):
    max_redirections = MOST_REDIRECTS

    def redirect_request(
        self, req: urllib.request.Request, fp: Any, code: int, msg: str, headers: Any, newurl: str
    ) -> urllib.request.Request | None:
        try:
            check_link(newurl)
        except MediaError:
            fp.close()
            raise
        return super().redirect_request(req, fp, code, msg, headers, newurl)


def _opener(patience: Patience) -> urllib.request.OpenerDirector:
    """Knows http and https only: no files, no ftp, no data."""
    opener = urllib.request.OpenerDirector()
    for handler in (
        urllib.request.ProxyHandler(), *handlers(patience), _Guard(), urllib.request.HTTPDefaultErrorHandler(),
        urllib.request.HTTPErrorProcessor(),
    ):  # fmt: skip
        opener.add_handler(handler)
    return opener


def _ask(url: str, headers: dict[str, str], patience: Patience) -> urllib.response.addinfourl:
    request = urllib.request.Request(check_link(url), headers={"User-Agent": "stand-tall", **headers})  # noqa: S310 - checked
    try:
        answer = _opener(patience).open(request)
    except urllib.error.HTTPError as error:
        error.close()
        raise _refused(url, error) from None
    if answer is None:
        raise MediaError(tr("The server's answer cannot be understood."), tr("Check the link."))
    patience.answered()
    return answer


def _refused(url: str, error: urllib.error.HTTPError) -> MediaError:
    host = urllib.parse.urlsplit(url).hostname
    said = {
        401: tr("{host} wants a name and a password.", host=host), 403: tr("{host} refuses to give this file.", host=host),
        404: tr("There is no such file at {host}.", host=host),
        410: tr("The file is no longer at {host}.", host=host), 416: tr("{host} gives other bytes than it promised.", host=host),
        429: tr("{host} asks to wait: too many requests.", host=host),
    }.get(error.code, tr("{host} answers with error {code}.", host=host, code=error.code))  # fmt: skip
    if 300 <= error.code < 400:
        said = tr("{host} sends the link on too often, or to a place that is not on the web.", host=host)
    return MediaError(said, tr("Check the link, or fetch the file in a browser and add it here."), code=error.code)


def look_up(url: str, progress: Progress | None = None) -> Offer:
    """Ask what is at a link, without fetching it. A page is searched for the media file that it names.

    Raises `MediaError` when the link leads nowhere, to something else than media, or to more than fits anywhere.
    """
    for _ in range(2):  # the link itself, or the file that its page names
        try:
            with _ask(url, {"Range": "bytes=0-0"}, Patience(progress or Progress())) as answer:
                offer = _offer(answer)
                if offer.kind.startswith("text/html"):
                    url = _media_on(answer.read(LARGEST_PAGE).decode("utf-8", "replace"), offer.url)
                    continue
                break
        except (OSError, HTTPException, ValueError) as error:
            raise _unreachable(url, error) from error
    if offer.kind.startswith("text/html") or not (MEDIA.match(offer.kind) or Path(offer.name).suffix.lower() in ENDINGS):
        raise MediaError(
            tr("The link leads to no video or sound file ({kind}).", kind=offer.kind or tr("of no kind")),
            tr("Copy the link of the file itself."),
        )
    if offer.size > LARGEST:
        raise MediaError(
            tr("The server says that the file is larger than any disk."), tr("Its answer is wrong: try another link.")
        )
    return offer


def _unreachable(url: str, error: Exception) -> MediaError:
    host = urllib.parse.urlsplit(url).hostname
    return MediaError(
        tr("{host} cannot be reached.", host=host), tr("Check the link and your connection, then try again."), reason=str(error)
    )


def _offer(answer: urllib.response.addinfourl) -> Offer:
    headers = answer.headers
    span = re.fullmatch(r"bytes \d+-\d+/(\d+)", headers.get("Content-Range", ""))
    partial = answer.status == 206 and span is not None
    said = span[1] if span and partial else str(headers.get("Content-Length", "") or "0").strip()
    size = int(said) if said.isascii() and said.isdigit() and len(said) < 20 else 0
    named = re.search(r'filename="?([^";]+)', headers.get("Content-Disposition", ""))
    path = urllib.parse.unquote(urllib.parse.urlsplit(answer.url).path)
    name = re.sub(r"[^\w\- .]+", "", Path(named[1] if named else path).name)
    name = short_name(name.strip(" ."), LONGEST_FILE) or "footage"
    mark = headers.get("ETag", "") or headers.get("Last-Modified", "")
    return Offer(answer.url, max(0, size), name, headers.get("Content-Type", "").split(";")[0].strip().lower(), mark, partial)


class _Finder(HTMLParser):
    """Looks for the media file that a page names: video and source elements, then og:video, then links."""

    def __init__(self) -> None:
        super().__init__()
        self.found: dict[str, str] = {}

    def handle_starttag(self, tag: str, attrs: list[tuple[str, str | None]]) -> None:
        values = {k: v or "" for k, v in attrs}
        if tag in ("video", "audio", "source") and values.get("src"):
            self.found.setdefault("element", values["src"])
        elif tag == "meta" and values.get("property") in ("og:video", "og:video:url", "og:audio"):
            self.found.setdefault("meta", values.get("content", ""))
        elif tag == "a" and Path(values.get("href", "").partition("?")[0].partition("#")[0]).suffix.lower() in ENDINGS:
            self.found.setdefault("link", values["href"])


def _media_on(page: str, base: str) -> str:
    finder = _Finder()
    try:
        finder.feed(page)
    except (ValueError, AssertionError, RecursionError) as error:  # a page that no browser understands either
        raise MediaError(tr("The page at this link cannot be understood."), tr("Copy the link of the file itself.")) from error
    found = next((finder.found[k] for k in ("element", "meta", "link") if finder.found.get(k)), None)
    if found is None:
        raise MediaError(tr("The page at this link names no video or sound file."), tr("Copy the link of the file itself."))
    try:
        whole = urllib.parse.urljoin(base, found)
    except ValueError as error:
        raise MediaError(tr("The page names a file that no link leads to."), tr("Copy the link of the file itself.")) from error
    return check_link(whole)


class Speed:
    """Bytes a second over the last few seconds, told at most twice a second."""

    def __init__(self, told: Told | None, clock: Callable[[], float] = time.monotonic) -> None:
        self._told, self._clock = told, clock
        self._marks: list[tuple[float, int]] = []

    def reached(self, have: int, size: int) -> None:
        now = self._clock()
        if self._told is None or (self._marks and now - self._marks[-1][0] < 0.5):
            return
        self._marks = [m for m in self._marks if now - m[0] <= SPEED_OVER_S and m[1] <= have]
        self._marks.append((now, have))
        first = self._marks[0]
        self._told(have, size, (have - first[1]) / (now - first[0]) if now > first[0] else 0.0)


def fetch(url: str, folder: Path, progress: Progress, told: Told | None = None) -> Path:
    """Fetch the file at a link into `folder`; -> its path. A fetch that was stopped goes on where it ended, if the file at
    the server is still the same. `told` hears now and then of the bytes that are there, those of the whole (0 where the server
    does not say) and the speed.

    Raises `MediaError` when it cannot be had whole, `OutputError` when it cannot be written, `Cancelled` when stopped;
    then what came so far waits beside, under a name that ends in `.part`.
    """
    offer = look_up(url, progress)
    target = folder / offer.name
    if target.exists() and offer.size and target.stat().st_size == offer.size:
        return target
    part, note = folder / f".{offer.name}.part", folder / f".{offer.name}.part.mark"
    mark = f"{offer.url}\n{offer.size}\n{offer.mark}"
    try:
        folder.mkdir(parents=True, exist_ok=True)
        if not (offer.resumable and offer.mark and note.is_file() and note.read_text("utf-8") == mark):
            part.unlink(missing_ok=True)
        note.write_text(mark, "utf-8")
        _fetch_parts(offer, part, progress, Speed(told))
        with part.open("rb+") as file:
            os.fsync(file.fileno())
        part.replace(target)
        note.unlink(missing_ok=True)
    except MediaError:
        raise
    except OSError as error:
        raise disk_error(error, target) from error
    progress.report("fetching", 1.0)
    return target


def _fetch_parts(offer: Offer, part: Path, progress: Progress, speed: Speed) -> None:
    problem: Exception | None = None
    for attempt in range(TRIES):
        if attempt:
            progress.check()
            for _ in range(round(min(4.0, 0.25 * 2**attempt) / 0.25)):
                time.sleep(0.25)
                progress.check()
        have = part.stat().st_size if part.exists() else 0
        if have and not offer.resumable:
            part.unlink()
            have = 0
        if offer.size and have == offer.size:
            return
        try:
            if _fetch_once(offer, part, have, progress, speed):
                return
            problem = None
        except MediaError as error:
            if error.facts.get("code") not in (429, 500, 502, 503, 504):
                raise
            problem = error
        except TimeoutError as error:
            raise MediaError(
                tr("{hostname} has fallen silent.", hostname=urllib.parse.urlsplit(offer.url).hostname),
                tr("What came so far is kept: try again later to go on from there."),
                reason=str(error),
            ) from error
        except (ConnectionError, HTTPException, urllib.error.URLError) as error:
            problem = error
    raise MediaError(
        tr("The connection broke off again and again."),
        tr("What came so far is kept: try again later to go on from there."),
        reason=str(problem),
    )


def _fetch_once(offer: Offer, part: Path, have: int, progress: Progress, speed: Speed) -> bool:
    """Fetch from byte `have` on; -> whether the file is whole. Raises `MediaError` when more comes than was promised."""
    headers = {"Range": f"bytes={have}-"} if have else {}
    if have and offer.mark.startswith('"'):
        headers["If-Range"] = offer.mark
    with _ask(offer.url, headers, Patience(progress)) as answer:
        if have and answer.status != 206:  # the server begins anew
            have = 0
        with part.open("ab" if have else "wb") as out:
            while block := answer.read(BLOCK):
                have += len(block)
                if (offer.size and have > offer.size) or have > LARGEST:
                    out.close()
                    part.unlink(missing_ok=True)
                    raise MediaError(tr("The server sends more than it said the file holds."), tr("Use another link."))
                out.write(block)
                speed.reached(have, offer.size)
                progress.report("fetching", min(0.999, have / offer.size) if offer.size else 0.0)
    return have == offer.size if offer.size else have > 0

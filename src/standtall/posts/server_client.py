"""Talks to a channel that is a server, by the protocol of docs/channel-protocol.md: JSON over HTTP (RFC 9110), uploads in parts
that can be gone on with, and a mark for each post by which the channel knows it again."""

from __future__ import annotations

import base64
import json
import time
import urllib.error
import urllib.parse
import urllib.request
from collections.abc import Callable
from dataclasses import replace
from http.client import HTTPException
from pathlib import Path
from typing import Any, Final, Literal, get_args

from standtall.base.errors import Cancelled
from standtall.base.interface_language import tr
from standtall.base.progress import Progress
from standtall.base.reading import Unreadable, file_bytes, json_of
from standtall.media.sockets import Patience, handlers
from standtall.model.channel import Channel
from standtall.model.post import LATEST, Post
from standtall.posts.answers import Later, Placed, Refused, SignInNeeded, There
from standtall.posts.credentials import Account

PART: Final = 1 << 20
LARGEST_COVER: Final = 1_200_000
LARGEST_ANSWER: Final = 1_000_000
MOST_PARTS: Final = 200_000
STATES: Final[tuple[There, ...]] = get_args(There)
EARLY_S: Final = 60
"""A token that ends so soon is renewed first."""


class ServerClient:
    """`account` is who posts there; `renewed` keeps what is needed to go on when the channel gives a new renewal."""

    def __init__(
        self, channel: Channel, account: Account | None, renewed: Callable[[Account], object] = lambda _a: None,
        progress: Progress | None = None, now: Callable[[], float] | None = None,
    ) -> None:  # fmt: skip
        self._channel, self._account, self._renewed = channel, account, renewed
        self._progress = progress or Progress()
        self._now = now or time.monotonic
        self._token, self._token_until = "", 0.0

    def sign_in(self, name: str, password: str) -> Account:
        """An account that can post from now on; the password is not kept."""
        told = self._ask("POST", "/v1/sign-in", {"account": name, "password": password}, signed=False)
        self._take_token(told)
        self._account = Account(self._channel.name, _text(told, "account"), _text(told, "renewal"))
        return self._account

    def find(self, post: Post) -> Placed | None:
        found = self._ask("GET", f"/v1/marks/{post.mark}", missing=True)
        return _placed(found) if found else None

    def status(self, post: Post) -> Placed | None:
        found = self._ask("GET", f"/v1/posts/{_plain(post.there)}", missing=True)
        return _placed(found) if found else None

    def send(self, post: Post, publish: int | Literal["now", "draft"], progress: Progress) -> Placed:
        assert post.file is not None
        path = Path(post.file.path)
        begun = self._ask(
            "POST", "/v1/uploads", {"mark": post.mark, "size": post.file.size, "sha256": post.file.sha256, "name": path.name}
        )
        self._upload(path, post.file.size, _text(begun, "upload"), _number(begun, "offset"), progress)
        text = post.text
        wanted = {
            "mark": post.mark, "upload": _text(begun, "upload"), "publish": publish, "title": text.title,
            "description": text.description, "hashtags": list(text.hashtags), "search_words": list(text.search_words),
            "shelf": text.shelf, "audience": text.audience, "link": text.link, "cover": _cover(post.file.cover),
        }  # fmt: skip
        return _placed(self._ask("POST", "/v1/posts", wanted))

    def _upload(self, path: Path, size: int, upload: str, offset: int, progress: Progress) -> None:
        """Send the rest of a file from where the channel has it."""
        with path.open("rb") as file:
            for _ in range(MOST_PARTS):
                if offset >= size:
                    return
                progress.report("upload", offset / max(1, size))
                file.seek(offset)
                part = file.read(PART)
                if not part:
                    raise Refused(tr("{name} is shorter than it was.", name=path.name), tr("Check it again."))
                told = self._ask("PUT", f"/v1/uploads/{_plain(upload)}", part, headers={"Upload-Offset": str(offset)})
                offset = _number(told, "offset")
        raise Later(tr("The channel takes the file in too many small parts."))

    def move(self, post: Post) -> Placed:
        return _placed(self._ask("PATCH", f"/v1/posts/{_plain(post.there)}", {"publish": post.when}))

    def withdraw(self, post: Post) -> None:
        self._ask("DELETE", f"/v1/posts/{_plain(post.there)}", missing=True)

    def _signed(self) -> dict[str, str]:
        if self._account is None:
            raise SignInNeeded(
                tr("Nobody is signed in at {title}.", title=self._channel.title), tr("Sign in under Channels in the calendar.")
            )
        if not self._token or self._now() > self._token_until - EARLY_S:
            told = self._ask("POST", "/v1/renew", {"account": self._account.name, "renewal": self._account.secret}, signed=False)
            self._take_token(told)
            renewal = _text(told, "renewal")
            if renewal != self._account.secret:
                self._account = replace(self._account, secret=renewal)
                self._renewed(self._account)
        return {"Authorization": f"Bearer {self._token}"}

    def _take_token(self, told: dict[str, Any]) -> None:
        self._token, self._token_until = _text(told, "token"), self._now() + _number(told, "seconds")

    def _ask(
        self, method: str, path: str, body: dict[str, Any] | bytes | None = None, signed: bool = True, missing: bool = False,
        headers: dict[str, str] | None = None, again: bool = True,
    ) -> dict[str, Any]:  # fmt: skip
        """One question; -> what is answered, nothing where it is not there and may be `missing`."""
        sent = dict(headers or {}) | (self._signed() if signed else {})
        data = (
            body if isinstance(body, bytes) or body is None else json.dumps(body, ensure_ascii=False).encode("utf-8", "replace")
        )
        sent["Content-Type"] = "application/octet-stream" if isinstance(body, bytes) else "application/json"
        request = urllib.request.Request(self._channel.posts.delivery.address + path, data, sent, method=method)  # noqa: S310 - the address is checked
        patience = Patience(self._progress)
        opener = urllib.request.OpenerDirector()
        for handler in (*handlers(patience), urllib.request.HTTPErrorProcessor(), urllib.request.HTTPDefaultErrorHandler()):
            opener.add_handler(handler)
        title = self._channel.title
        try:
            with opener.open(request) as answer:
                patience.answered()
                return _object(answer.read(LARGEST_ANSWER + 1), title)
        except urllib.error.HTTPError as error:
            with error:
                try:
                    told = _object(error.read(LARGEST_ANSWER + 1), title)
                except (Later, OSError, HTTPException):
                    told = {}
            if error.code == 404 and missing:
                return {}
            if error.code == 401 and signed and again:
                self._token = ""
                return self._ask(method, path, body, signed, missing, headers, again=False)
            raise self._refused(error, told) from error
        except Cancelled:
            raise
        except (OSError, HTTPException, ValueError) as error:
            raise Later(tr("{title} cannot be reached ({why}).", title=title, why=_why(error))) from error

    def _refused(self, error: urllib.error.HTTPError, told: dict[str, Any]) -> Later | Refused | SignInNeeded:
        reason, title = str(told.get("reason", ""))[:400].rstrip("."), self._channel.title
        if error.code == 401:
            return SignInNeeded(
                tr("{title} does not know this account any more.", title=title),
                tr("Sign in again under Channels in the calendar."),
            )
        if error.code in (408, 425, 429) or error.code >= 500:
            wait = error.headers.get("Retry-After", "")
            seconds = float(wait) if wait.isascii() and wait.isdigit() and len(wait) < 7 else 0.0
            return Later(tr("{title} asks to wait: {reason}.", title=title, reason=reason or error.code), seconds)
        return Refused(
            tr("{title} refused it: {reason}.", title=title, reason=reason or tr("it answered {code}", code=error.code))
        )


def _cover(path: str) -> str:
    """A cover as base64; nothing where there is none, or it is too large: the channel takes a picture of the video then."""
    try:
        data = file_bytes(Path(path), LARGEST_COVER) if path else b""
    except (OSError, Unreadable):
        data = b""
    return base64.b64encode(data).decode()


def _why(error: BaseException) -> str:
    found = error.reason if isinstance(error, urllib.error.URLError) and isinstance(error.reason, OSError) else error
    if isinstance(found, OSError) and found.strerror:
        return found.strerror.lower()
    return str(found)[:100] or type(found).__name__


def _object(data: bytes, title: str) -> dict[str, Any]:
    try:
        told = json_of(data, LARGEST_ANSWER)
    except Unreadable as error:
        raise Later(tr("{title} gave an answer that cannot be read ({error}).", title=title, error=error)) from error
    if not isinstance(told, dict):
        raise Later(tr("{title} gave an answer that cannot be read.", title=title))
    return told


def _text(told: dict[str, Any], name: str) -> str:
    value = told.get(name)
    if not isinstance(value, str) or not 0 < len(value) <= 2000:
        raise Later(tr("The channel's answer says nothing of “{name}”.", name=name))
    return value


def _number(told: dict[str, Any], name: str) -> int:
    value = told.get(name)
    if isinstance(value, bool) or not isinstance(value, int) or not 0 <= value < 1 << 53:
        raise Later(tr("The channel's answer says nothing of “{name}”.", name=name))
    return value


def _placed(told: dict[str, Any]) -> Placed:
    state = next((s for s in STATES if s == told.get("state")), None)
    if state is None:
        raise Later(tr("The channel's answer does not say how the post stands."))
    when, views = told.get("when"), told.get("views", -1)
    link = told.get("link")
    return Placed(
        _text(told, "post"), state, link[:2000] if isinstance(link, str) else "", str(told.get("reason", ""))[:400],
        when if isinstance(when, int) and not isinstance(when, bool) and 0 <= when <= LATEST else None,
        views if isinstance(views, int) and not isinstance(views, bool) and -1 <= views < 1 << 53 else -1,
    )  # fmt: skip


def _plain(name: str) -> str:
    return urllib.parse.quote(name, safe="")

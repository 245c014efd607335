"""What a request to a simulated channel says, and the answers that are no success."""

from __future__ import annotations

import base64
from typing import Any, Final

from standtall.model.post import PostText

FIELDS: Final = ("title", "description", "hashtags", "search_words", "shelf", "audience", "link")
"""Of a post, as viewers see it."""


class Answer(Exception):
    """An answer that is no success: its code, reason, and seconds to wait."""

    def __init__(self, code: int, reason: str, wait_s: int = 0) -> None:
        super().__init__(reason)
        self.code, self.reason, self.wait_s = code, reason, wait_s


def cover_of(told: dict[str, Any]) -> bytes:
    """A JPEG; raises `Answer` for anything else."""
    text = told.get("cover") or ""
    try:
        data = base64.b64decode(text, validate=True) if isinstance(text, str) else b"?"
    except ValueError:
        data = b"?"
    if data and not data.startswith(b"\xff\xd8\xff"):
        raise Answer(422, "A cover is a JPEG.")
    return data


def text_of(told: dict[str, Any]) -> PostText:
    def words(name: str) -> tuple[str, ...]:
        value = told.get(name)
        return tuple(str(v)[:500] for v in value[:200]) if isinstance(value, list) else ()

    def text(name: str) -> str:
        value = told.get(name)
        return value if isinstance(value, str) and len(value) <= 50_000 else ""

    return PostText(
        text("title"),
        text("description"),
        words("hashtags"),
        words("search_words"),
        text("shelf"),
        text("audience"),
        text("link"),
    )

"""The names of finished files."""

from __future__ import annotations

import re

from standtall.base.files import short_name
from standtall.model.short import Short


def file_name(short: Short) -> str:
    """A safe file name for a finished short, no longer than file systems allow in any script."""
    plain = short_name(re.sub(r"[^\w\- ']+", "", short.name, flags=re.UNICODE).strip(" '.")[:80])
    return f"{plain or 'short'}.mp4"

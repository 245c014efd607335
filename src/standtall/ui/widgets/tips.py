"""Tooltips that are no wider than a small screen: Qt never breaks the lines of a plain one."""

from __future__ import annotations

import textwrap
from typing import Final, Protocol

LONGEST: Final = 84
"""Characters in a line, some 550 pixels at the usual size of letters."""


class HasTip(Protocol):
    def setToolTip(self, text: str, /) -> None: ...


def set_tip(of: HasTip, text: str) -> None:
    """Give it a tooltip in lines of at most `LONGEST` characters; lines that are broken already stay so."""
    lines = (textwrap.fill(line, LONGEST, break_long_words=False, break_on_hyphens=False) for line in text.split("\n"))
    of.setToolTip("\n".join(lines))

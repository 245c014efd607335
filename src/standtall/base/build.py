"""Which program this is, to the letter: machines that work together must run the same one."""

from __future__ import annotations

import functools
import hashlib
import sys
from pathlib import Path

import standtall


@functools.cache
def build_mark() -> str:
    """Version, Python's version, and 8 hex digits of the SHA-256 of all of the program's own code."""
    root = Path(standtall.__file__).parent
    digest = hashlib.sha256()
    for path in sorted(root.rglob("*.py")):
        digest.update(str(path.relative_to(root)).encode() + b"\0" + path.read_bytes())
    return f"{standtall.__version__}-{sys.version_info.major}.{sys.version_info.minor}-{digest.hexdigest()[:8]}"

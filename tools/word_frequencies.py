"""Takes the small word lists out of the wordfreq wheel and packs them as plain text, one line for each step of frequency.

    python tools/word_frequencies.py wordfreq-3.1.1-py3-none-any.whl        (needs msgpack)

The lists (Speer 2022, doi:10.5281/zenodo.7199437) are CC BY-SA 4.0. A line holds the words whose frequency is 10 to the power of
minus its number over 100.
"""

from __future__ import annotations

import gzip
import sys
import zipfile
from pathlib import Path

import msgpack

LANGUAGES = ("en", "de", "fr", "es", "it", "nl", "pl", "pt")
OUT = Path(__file__).parent.parent / "src" / "standtall" / "language" / "data"

with zipfile.ZipFile(sys.argv[1]) as wheel:
    for language in LANGUAGES:
        packed = gzip.decompress(wheel.read(f"wordfreq/data/small_{language}.msgpack.gz"))
        _head, *steps = msgpack.unpackb(packed, raw=False)
        text = "\n".join(" ".join(words) for words in steps)
        (OUT / f"{language}.txt.gz").write_bytes(gzip.compress(text.encode(), 9, mtime=0))

"""Makes the archive of emoji pictures and the table of their words: python tools/emoji_pictures.py FOLDER, with the unpacked npm
packages `openmoji` (drawings) and `emojibase-data` (labels and keywords from the Unicode CLDR)."""

from __future__ import annotations

import gzip
import json
import re
import sys
import zipfile
from pathlib import Path

ROOT = Path(__file__).parent.parent / "src" / "standtall"
LANGUAGES = ("en", "de", "fr", "es", "it", "pt", "nl", "pl", "ru", "uk", "sv", "fi", "hi", "ja", "ko", "zh", "th")
TONES = re.compile(r"1F3F[B-F]")


def smaller(svg: str) -> str:
    """Without what is not drawn: comments, names of parts, spaces between tags, digits under a hundredth."""
    svg = re.sub(r"<!--.*?-->|<\?xml.*?\?>|<metadata.*?</metadata>", "", svg, flags=re.S)
    svg = re.sub(r'\s(id|class|data-[a-z]+)="[^"]*"', "", svg)
    svg = re.sub(r"-?\d+\.\d{3,}", lambda m: f"{float(m[0]):.2f}", svg)
    return re.sub(r">\s+<", "><", svg).strip()


def main() -> None:
    folder = Path(sys.argv[1])
    (svgs,) = folder.glob("openmoji-*/package/color/svg")
    (base,) = folder.glob("emojibase-data-*/package")
    rows = {row["hexcode"]: row for row in json.loads((base / "en" / "data.json").read_text())}
    known = [h for h in sorted(rows) if not TONES.search(h) and (svgs / f"{h}.svg").is_file()]
    with zipfile.ZipFile(ROOT / "ink" / "emoji" / "pictures.zip", "w", zipfile.ZIP_DEFLATED, compresslevel=9) as out:
        for code in known:
            out.writestr(zipfile.ZipInfo(code, (2026, 1, 1, 0, 0, 0)), smaller((svgs / f"{code}.svg").read_text()), zipfile.ZIP_DEFLATED, 9)
    table = {}
    for language in LANGUAGES:
        told = {row["hexcode"]: row for row in json.loads((base / language / "data.json").read_text())}
        table[language] = {h: [told[h].get("label", ""), *told[h].get("tags", [])] for h in known if h in told}
    groups = {h: rows[h].get("group", 99) for h in known}
    order = sorted(known, key=lambda h: rows[h].get("order", 99_999))
    data = json.dumps({"order": order, "groups": groups, "words": table}, ensure_ascii=False, separators=(",", ":")).encode()
    with gzip.GzipFile(ROOT / "language" / "data" / "emoji.json.gz", "wb", 9, mtime=0) as file:
        file.write(data)
    print(len(known), "emoji")


if __name__ == "__main__":
    main()

"""Makes the shipped letter files out of unpacked npm packages: python tools/fonts.py FOLDER (needs fonttools and brotli).

Each is one script of one family under a name of its own, so that the text engine finds letters by a list of families; of Han and
Hangul the most used letters are kept: those of JIS X 0208 level 1, GB 2312 level 1 and KS X 1001, by Python's own codecs.
"""

from __future__ import annotations

import sys
from pathlib import Path

from fontTools import subset
from fontTools.ttLib import TTFont

FACES = Path(__file__).parent.parent / "src" / "standtall" / "ink" / "faces"
VARIABLE = {
    "bitter": ("Bitter", ("latin", "latin-ext", "cyrillic"), ("normal",)),
    "rubik": ("Rubik", ("latin", "latin-ext", "cyrillic", "hebrew", "arabic"), ("normal",)),
    "fraunces": ("Fraunces", ("latin", "latin-ext"), ("normal", "italic")),
    "caveat": ("Caveat", ("latin", "latin-ext", "cyrillic"), ("normal",)),
    "literata": ("Literata", ("latin", "latin-ext", "cyrillic", "greek"), ("normal", "italic")),
    "fredoka": ("Fredoka", ("latin", "latin-ext", "hebrew"), ("normal",)),
    "pixelify-sans": ("Pixelify Sans", ("latin", "latin-ext", "cyrillic"), ("normal",)),
    "atkinson-hyperlegible-next": ("Atkinson Hyperlegible Next", ("latin", "latin-ext"), ("normal",)),
    "josefin-sans": ("Josefin Sans", ("latin", "latin-ext"), ("normal",)),
}
FIXED = {
    "courier-prime": ("Courier Prime", ("latin", "latin-ext"), "700"),
    "stardos-stencil": ("Stardos Stencil", ("latin",), "700"),
}
SCRIPTS = {
    "noto-sans": "Noto Sans", "noto-sans-arabic": "Noto Sans Arabic", "noto-sans-hebrew": "Noto Sans Hebrew",
    "noto-sans-devanagari": "Noto Sans Devanagari", "noto-sans-thai": "Noto Sans Thai", "noto-sans-jp": "Noto Sans JP",
    "noto-sans-sc": "Noto Sans SC", "noto-sans-kr": "Noto Sans KR",
}  # fmt: skip


def named(font: TTFont, family: str, style: str = "Regular") -> TTFont:
    font.flavor = None
    for entry in font["name"].names:
        text = {1: family, 16: family, 2: style, 17: style, 3: f"{family} {style}", 4: family, 6: family.replace(" ", "")}.get(entry.nameID)
        if text is not None:
            entry.string = text
    font["OS/2"].usWeightClass = 400
    return font


def letters_of(codec: str, rows: range, cells: range = range(0xA1, 0xFF)) -> set[int]:
    out = set()
    for row in rows:
        for cell in cells:
            try:
                out.add(ord(bytes((row, cell)).decode(codec)))
            except (UnicodeDecodeError, TypeError):
                continue
    return out


def wanted(package: str) -> set[int] | None:
    plain = set(range(0x20, 0x7F)) | set(range(0x3000, 0x3100)) | set(range(0xFF01, 0xFF61)) | {0x2026, 0x2014, 0x30FC, 0x00B7, 0x201C, 0x201D, 0x2018, 0x2019}
    if package == "noto-sans-jp":
        return plain | letters_of("euc_jp", range(0xB0, 0xD0))
    if package == "noto-sans-sc":
        return plain | letters_of("gb2312", range(0xB0, 0xD8))
    if package == "noto-sans-kr":
        return set(range(0x20, 0x7F)) | letters_of("euc_kr", range(0xB0, 0xC9)) | set(range(0x3130, 0x3190)) | set(range(0x3000, 0x3012))
    return None


def main() -> None:
    folder = Path(sys.argv[1])
    for old in FACES.glob("*.ttf"):
        if not old.name.startswith("Inter"):
            old.unlink()
    for package, (family, scripts, slants) in VARIABLE.items():
        (files,) = folder.glob(f"fontsource-variable-{package}-*/package/files")
        (files.parent / "LICENSE").replace(FACES / f"LICENSE-{family.replace(' ', '')}")
        for script in scripts:
            for slant in slants:
                part = family + ("" if script == "latin" else f" {script}") + (" italic" if slant == "italic" else "")
                named(TTFont(files / f"{package}-{script}-wght-{slant}.woff2"), part).save(FACES / f"{part.replace(' ', '_')}.ttf")
    for package, (family, scripts, weight) in FIXED.items():
        (files,) = folder.glob(f"fontsource-{package}-*/package/files")
        (files.parent / "LICENSE").replace(FACES / f"LICENSE-{family.replace(' ', '')}")
        for script in scripts:
            part = family + ("" if script == "latin" else f" {script}")
            named(TTFont(files / f"{package}-{script}-{weight}-normal.woff2"), part).save(FACES / f"{part.replace(' ', '_')}.ttf")
    for package, family in SCRIPTS.items():
        (file,) = (p for p in folder.glob(f"expo-google-fonts-{package}-[0-9]*/package/600SemiBold/*.ttf") if "Italic" not in p.name)
        font = TTFont(file)
        keep = wanted(package)
        if keep is not None:
            options = subset.Options(layout_features=["*"], hinting=False, name_IDs=["*"])
            cut = subset.Subsetter(options)
            cut.populate(unicodes=keep)
            cut.subset(font)
        named(font, family).save(FACES / f"{family.replace(' ', '_')}.ttf")
    (licence,) = folder.glob("expo-google-fonts-noto-sans-[0-9]*/package/LICENSE_FONT")
    (FACES / "LICENSE-Noto").write_bytes(licence.read_bytes())


if __name__ == "__main__":
    main()

"""Brings the translation files up to date with the texts of the program: `python tools/translations.py [--check]`.

Every text that stands in a call of `tr`, `tr_as`, `tr_n` or `count_of`, what looks and music are about, and every line of
`texts_by_name.txt` (names of kinds, which the window shows by `tr(kind)`) is a message of `src/standtall/base/languages/*.ts`, Qt's
own format: what is new comes in unfinished, what is gone goes.
`--check` writes nothing and ends with 1 where a file is not up to date or not finished.
"""

from __future__ import annotations

import ast
import json
import sys
from collections.abc import Iterator
from pathlib import Path
from xml.etree import ElementTree
from xml.sax.saxutils import escape

HERE = Path(__file__).parent
SOURCE = HERE.parent / "src" / "standtall"
FILES = SOURCE / "base" / "languages"
Key = tuple[str, str, bool]
"""(comment, English text, whether it has plural forms)."""


def _string(node: ast.expr) -> str | None:
    return node.value if isinstance(node, ast.Constant) and isinstance(node.value, str) else None


def _strings(node: ast.expr) -> list[str]:
    """The texts that an argument may be: a literal, or either side of a choice between two."""
    if isinstance(node, ast.IfExp):
        return [*_strings(node.body), *_strings(node.orelse)]
    found = _string(node)
    return [] if found is None else [found]


def _of_call(call: ast.Call) -> Iterator[Key]:
    name = call.func.id if isinstance(call.func, ast.Name) else ""
    if name == "tr" and call.args:
        yield from (("", text, False) for text in _strings(call.args[0]))
    elif name == "tr_as" and len(call.args) == 2:
        yield from ((_string(call.args[0]) or "", text, False) for text in _strings(call.args[1]))
    elif name == "tr_n" and len(call.args) == 3:
        yield from (("", text, True) for text in _strings(call.args[2]))
    elif name == "count_of":
        nouns = _strings(call.args[1]) if len(call.args) > 1 else ["word"]
        yield from (("", f"{{n}} {noun}s", True) for noun in nouns)


def messages() -> dict[Key, list[str]]:
    """All texts of the program, each with the files that it is in, in the order of the files."""
    found: dict[Key, list[str]] = {}
    for path in sorted(SOURCE.rglob("*.py")):
        place = str(path.relative_to(SOURCE))
        for node in ast.walk(ast.parse(path.read_text(encoding="utf-8"))):
            for key in _of_call(node) if isinstance(node, ast.Call) else ():
                if any(letter.isalpha() for letter in key[1]) or key[0]:
                    places = found.setdefault(key, [])
                    if place not in places:
                        places.append(place)
    for path in (*sorted((SOURCE / "library" / "looks").glob("*.json")), SOURCE / "library" / "music" / "index.json"):
        told = json.loads(path.read_text(encoding="utf-8"))
        for about in [told["about"]] if "about" in told else [piece["about"] for piece in told.values()]:
            found.setdefault(("", about, False), []).append(str(path.relative_to(SOURCE)))
    for line in (HERE / "texts_by_name.txt").read_text(encoding="utf-8").splitlines():
        if line and not line.startswith("#"):
            comment, _, text = line.rpartition("\t")
            found.setdefault((comment, text, text.startswith("{n} ")), []).append("by name")
    return found


def kept(path: Path) -> dict[Key, list[str]]:
    """What a translation file says already: one text, or one for each plural form."""
    if not path.exists():
        return {}
    found = {}
    for message in ElementTree.parse(path).getroot().iter("message"):
        counted = message.get("numerus") == "yes"
        told = message.find("translation")
        if told is not None and told.get("type") is None:
            texts = [form.text or "" for form in told.iter("numerusform")] if counted else [told.text or ""]
            found[message.findtext("comment") or "", message.findtext("source") or "", counted] = texts
    return found


def written(code: str, texts: dict[Key, list[str]]) -> str:
    """A translation file, context by context (the first file that a text is in)."""
    lines = ['<?xml version="1.0" encoding="utf-8"?>', "<!DOCTYPE TS>"]
    lines.append(f'<TS version="2.1" language="{code}" sourcelanguage="en">')
    context = ""
    for (comment, english, counted), places in messages().items():
        if places[0] != context:
            lines += ["</context>"] * bool(context) + ["<context>", f"    <name>{escape(places[0])}</name>"]
            context = places[0]
        told = texts.get((comment, english, counted))
        state = "" if told else ' type="unfinished"'
        forms = "".join(f"<numerusform>{escape(t)}</numerusform>" for t in told or ["", ""])
        inside = forms if counted else escape((told or [""])[0])
        lines.append('    <message numerus="yes">' if counted else "    <message>")
        lines.append(f"        <source>{escape(english)}</source>")
        lines += [f"        <comment>{escape(comment)}</comment>"] * bool(comment)
        lines += [f"        <translation{state}>{inside}</translation>", "    </message>"]
    return "\n".join([*lines, "</context>", "</TS>", ""])


def main(arguments: list[str]) -> int:
    wrong = 0
    for path in sorted(FILES.glob("*.ts")):
        old = path.read_text(encoding="utf-8")
        new = written(path.stem, kept(path))
        missing = new.count('type="unfinished"')
        more = "" if old == new else ", not up to date"
        print(f"{path.name}: {new.count('<message')} texts, {missing} without a translation{more}")
        wrong += old != new or missing > 0
        if "--check" not in arguments:
            path.write_text(new, encoding="utf-8")
    return int(wrong > 0) if "--check" in arguments else 0


if __name__ == "__main__":
    sys.exit(main(sys.argv[1:]))

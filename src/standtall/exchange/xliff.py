"""Passages for translation and back, as XLIFF 2.1 (OASIS standard, 13 February 2018; core module only).

Each passage is a unit of one segment. Its id says where it stands in the footage; the unit's name says so to people, with the
speaker. A tool may reorder units, change their states, add notes or modules: only ids, sources and targets are read back.
"""

from __future__ import annotations

import re
from pathlib import Path
from typing import Final
from xml.etree import ElementTree

from standtall.base.errors import MediaError
from standtall.base.files import write_whole
from standtall.base.interface_language import tr
from standtall.base.time import clock
from standtall.exchange.words_in import text_of_file
from standtall.model.transcript import Transcript
from standtall.model.translation import Passage, Translation
from standtall.model.words import NOBODY, words_within

CORE: Final = "urn:oasis:names:tc:xliff:document:2.0"
UNIT: Final = re.compile(r"p(\d{1,12})-(\d{1,12})")
DECLARATION: Final = re.compile(r"\s*<\?xml[^>]{0,400}\?>")
MOST: Final = 100_000
LANGUAGE: Final = re.compile(r"[A-Za-z]{2,3}(-[A-Za-z0-9]{1,8})*")
FORBIDDEN: Final = {n: None for n in range(32) if chr(n) not in "\t\n\r"}


def write_xliff(path: Path, transcript: Transcript, translation: Translation, language: str, original: str) -> int:
    """Write all passages of a translation, those done with their targets; `language` is that of the words.

    -> how many. Raises `OutputError` when it cannot be written.
    """
    ElementTree.register_namespace("", CORE)
    said = {"version": "2.1", "srcLang": language or "und", "trgLang": translation.language}
    root = ElementTree.Element(f"{{{CORE}}}xliff", said)
    file = ElementTree.SubElement(root, f"{{{CORE}}}file", {"id": "words", "original": original})
    for passage in translation.passages:
        speaker = _speaker(transcript, passage)
        name = f"{clock(passage.start, True)} {speaker}".strip()
        unit = ElementTree.SubElement(file, f"{{{CORE}}}unit", {"id": f"p{passage.start}-{passage.end}", "name": _safe(name)})
        state = "translated" if passage.text else "initial"
        segment = ElementTree.SubElement(unit, f"{{{CORE}}}segment", {"state": state})
        ElementTree.SubElement(segment, f"{{{CORE}}}source").text = _safe(passage.original)
        if passage.text:
            ElementTree.SubElement(segment, f"{{{CORE}}}target").text = _safe(passage.text)
    ElementTree.indent(root)
    write_whole(path, ElementTree.tostring(root, "utf-8", xml_declaration=True) + b"\n")
    return len(translation.passages)


def read_xliff(path: Path) -> Translation:
    """The translation in a file; raises `MediaError` when it is none, is damaged or names no language."""
    text = text_of_file(path)
    if "<!DOCTYPE" in text or "<!ENTITY" in text:
        raise MediaError(
            tr("{name} has definitions of its own, which XLIFF does not allow.", name=path.name),
            tr("Save it again from the tool."),
        )
    try:
        plain = DECLARATION.sub("", text, count=1).encode("utf-8", "replace")  # it is decoded: its declaration is past
        root = ElementTree.fromstring(plain)  # noqa: S314 - nothing can be defined without a DOCTYPE
    except (ElementTree.ParseError, ValueError, LookupError) as error:
        raise MediaError(
            tr("{name} is damaged: {error}.", name=path.name, error=error),
            tr("Save it again from the tool it was translated in."),
        ) from error
    version = root.get("version", "")
    if root.tag != f"{{{CORE}}}xliff" or not version.startswith("2."):
        raise MediaError(tr("{name} is not an XLIFF 2 file.", name=path.name), tr("Save it as XLIFF 2.1 and try again."))
    language = root.get("trgLang", "")
    if not LANGUAGE.fullmatch(language):
        raise MediaError(
            tr("{name} does not say which language it was translated into.", name=path.name), tr("Set its target language.")
        )
    passages: dict[int, Passage] = {}
    for unit in root.iter(f"{{{CORE}}}unit"):
        place = UNIT.fullmatch(unit.get("id", ""))
        if place is None or int(place[2]) <= int(place[1]):
            continue
        segments = unit.findall(f"{{{CORE}}}segment")  # a tool may have split a passage into several
        original = " ".join(_text(s.find(f"{{{CORE}}}source")) for s in segments).strip()
        target = " ".join(_text(s.find(f"{{{CORE}}}target")) for s in segments).strip()
        passages[int(place[1])] = Passage(int(place[1]), int(place[2]), original, target)
        if len(passages) > MOST:
            raise MediaError(tr("{name} holds more passages than any footage.", name=path.name), tr("Take another file."))
    if not any(p.text for p in passages.values()):
        raise MediaError(
            tr("Nothing in {name} is translated.", name=path.name), tr("Take the file that came back from translation.")
        )
    return Translation(language, tuple(passages[k] for k in sorted(passages)))


def _text(element: ElementTree.Element | None) -> str:
    """The text of an element with that inside its inline elements."""
    return " ".join("".join(element.itertext()).split()) if element is not None else ""


def _safe(text: str) -> str:
    """Without characters that XML does not allow."""
    return text.translate(FORBIDDEN)


def _speaker(transcript: Transcript, passage: Passage) -> str:
    inside = words_within(transcript.words, passage.start, passage.end)
    return transcript.name_of(transcript.words[inside.start].speaker if inside else NOBODY)

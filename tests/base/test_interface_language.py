"""Texts of the program in other languages, out of Qt's translation files."""

from __future__ import annotations

import json
import re
import string
import subprocess
import sys
from collections.abc import Iterator
from datetime import date
from pathlib import Path
from xml.etree import ElementTree

import pytest
from hypothesis import given
from hypothesis import strategies as st
from PySide6.QtCore import QCoreApplication, QTranslator

from standtall.base import interface_language as texts
from standtall.base.folders import data_folder, settings_folder
from standtall.base.interface_language import Catalogue, Unusable, count_of, read_catalogue, tr, tr_as, tr_n, use

SHIPPED = Path(texts.__file__).with_name("languages")
ROOT = Path(__file__).parent.parent.parent


@pytest.fixture(autouse=True)
def english_again() -> Iterator[None]:
    yield
    use(None)


def ts(inside: str, code: str = "de") -> str:
    return f'<?xml version="1.0"?><!DOCTYPE TS><TS version="2.1" language="{code}"><context>{inside}</context></TS>'


def fields(text: str) -> set[str]:
    return {name + (f"!{how}" if how else "") for _t, name, _spec, how in string.Formatter().parse(text) if name is not None}


def test_a_text_is_looked_up_with_its_facts_numbers_dates_and_plurals() -> None:
    use(
        Catalogue(
            "de",
            {
                ("", "{n:.1f} s of {name}"): "{name}: {n:.1f} s",
                ("decimal separator", "."): ",",
                ("", "Friday"): "Freitag",
                ("", "November"): "November",
                ("short name of a day or month", "Nov"): "Nov.",
                ("verb", "Cut"): "Schneiden",
                ("", "Cut"): "Schnitt",
            },
            {"{n} words": ("{n} Wort", "{n} Wörter"), "{n} posts need you": ("{n} braucht Sie", "{n} brauchen Sie")},
        )
    )
    assert tr("{n:.1f} s of {name}", n=2.5, name="x") == "x: 2,5 s"
    assert tr("{views:,} times", views=12345) == "12.345 times"
    assert tr("On {day:%A, %d. %b}", day=date(2026, 11, 27)) == "On Freitag, 27. Nov."
    assert (tr("Cut"), tr_as("verb", "Cut"), tr_as("noun", "Cut")) == ("Schnitt", "Schneiden", "Cut")
    assert [count_of(n) for n in (0, 1, 2)] == ["0 Wörter", "1 Wort", "2 Wörter"]
    assert tr_n(1, "{n} post needs you", "{n} posts need you") == "1 braucht Sie"
    assert tr("no translation of {this}", this="it") == "no translation of it"
    assert tr("braces {} stay where there are no facts") == "braces {} stay where there are no facts"


def test_a_translation_that_names_other_facts_says_the_english_text() -> None:
    use(Catalogue("de", {("", "{a} of {b}"): "{a} von {c}", ("", "of {b}"): "von {b.__class__}"}))
    assert tr("{a} of {b}", a=1, b=2) == "1 of 2"
    assert tr("of {b}", b=2) == "of 2"


@pytest.mark.parametrize(
    ("code", "forms"),
    [
        # out of the examples of Unicode CLDR's plural rules ("cardinal")
        ("en", {1: 0, 2: 1, 0: 1}), ("fr", {0: 0, 1: 0, 2: 1}), ("ja", {1: 0, 5: 0}),
        ("ru", {1: 0, 21: 0, 2: 1, 24: 1, 5: 2, 11: 2, 112: 2}), ("pl", {1: 0, 2: 1, 22: 1, 5: 2, 12: 2, 21: 2}),
        ("cs", {1: 0, 3: 1, 5: 2}), ("ar", {0: 0, 1: 1, 2: 2, 3: 3, 110: 3, 11: 4, 111: 4, 100: 5, 102: 5}),
    ],
)  # fmt: skip
def test_plural_forms_are_those_of_cldr(code: str, forms: dict[int, int]) -> None:
    use(Catalogue(code, {}, {"{n} words": tuple("abcdef")}))
    assert {n: "abcdef".index(count_of(n)) for n in forms} == forms


@pytest.mark.parametrize("code", ["de", "es"])
def test_a_language_that_ships_is_whole_and_says_the_same_facts(code: str) -> None:
    root = ElementTree.parse(SHIPPED / f"{code}.ts").getroot()
    wrong = []
    for message in root.iter("message"):
        english, told = message.findtext("source") or "", message.find("translation")
        assert told is not None
        said = [form.text or "" for form in told.iter("numerusform")] if message.get("numerus") else [told.text or ""]
        wished = fields(english) - ({"n"} if message.get("numerus") else set())
        if told.get("type") or not all(said) or any(not wished <= fields(s) or fields(s) - fields(english) for s in said):
            wrong.append(english)
    assert wrong == [] and len(list(root.iter("message"))) > 3_000
    used = read_catalogue(SHIPPED / f"{code}.ts")
    assert used.code == code and used.text("Footage") == "Material"


def test_the_files_are_up_to_date_with_the_texts_of_the_program() -> None:
    ran = subprocess.run(
        [sys.executable, str(ROOT / "tools" / "translations.py"), "--check"], capture_output=True, text=True, check=False
    )
    assert ran.returncode == 0, ran.stdout


def test_qts_own_tool_reads_the_files_and_qt_finds_the_same_texts(tmp_path: Path, qapp: QCoreApplication) -> None:
    """Against Qt's `lrelease`, which comes with PySide6."""
    made = tmp_path / "de.qm"
    tool = Path(sys.executable).with_name("pyside6-lrelease")
    ran = subprocess.run([str(tool), str(SHIPPED / "de.ts"), "-qm", str(made)], capture_output=True, text=True, check=False)
    assert ran.returncode == 0 and made.stat().st_size > 100_000, ran.stderr
    reader, own = QTranslator(), read_catalogue(SHIPPED / "de.ts")
    assert reader.load(str(made))
    contexts = {
        (m.findtext("comment") or "", m.findtext("source") or ""): c.findtext("name") or ""
        for c in ElementTree.parse(SHIPPED / "de.ts").getroot().iter("context")
        for m in c.iter("message")
    }
    for key in [("", "Footage"), ("verb", "Cut"), ("", "Nothing would be left of the short."), ("", "MUSIC")]:
        assert reader.translate(contexts[key], key[1], key[0] or None) == own.texts[key]
    for n in (1, 2, 21):
        assert reader.translate(contexts["", "{n} shots"], "{n} shots", None, n) == own.counted_text(n, "", "{n} shots")


def test_what_is_wished_goes_before_what_the_desktop_says(monkeypatch: pytest.MonkeyPatch) -> None:
    monkeypatch.delenv(texts.VARIABLE, raising=False)
    for name in ("LANGUAGE", "LC_ALL", "LC_MESSAGES"):
        monkeypatch.delenv(name, raising=False)
    monkeypatch.setenv("LANG", "es_MX.UTF-8")
    use(None)
    assert (texts.wished(), tr("Calendar")) == ("es", "Calendario")
    settings_folder().mkdir(parents=True, exist_ok=True)
    file = settings_folder() / "settings.json"
    for broken in ("{", "[1]", '{"language": 7}'):
        file.write_text(broken)
        assert texts.wished() == "es"
    file.write_text(json.dumps({"language": "de"}))
    use(None)
    assert (texts.wished(), tr("Calendar")) == ("de", "Kalender")
    monkeypatch.setenv(texts.VARIABLE, "xx")
    use(None)
    assert (tr("Calendar"), texts.used().code) == ("Calendar", "en")


def test_a_file_of_the_persons_own_adds_a_language_and_its_direction(monkeypatch: pytest.MonkeyPatch) -> None:
    folder = data_folder() / "languages"
    folder.mkdir(parents=True)
    (folder / "he.ts").write_text(
        ts("<message><source>Footage</source><translation>חומר</translation></message>", "he_IL"), encoding="utf-8"
    )
    (folder / "not a code.ts").write_text("")
    monkeypatch.setenv(texts.VARIABLE, "he")
    use(None)
    assert list(texts.languages()) == ["en", "de", "es", "he"]
    assert tr("Footage") == "חומר" and tr("Moments") == "Moments" and texts.right_to_left()
    use(texts.catalogue_of("de"))
    assert not texts.right_to_left()


def test_bad_files_are_refused_and_leave_english(tmp_path: Path) -> None:
    bad = tmp_path / "bad.ts"
    for raw in (
        b"", b"no xml", b"<TS>", b"<other/>", b"\xff\xfe", b"<?xml version='1.0'?><!DOCTYPE TS [<!ENTITY a 'x'>]><TS>&a;</TS>",
        b"<TS>" + b" " * texts.MOST_BYTES + b"</TS>",
    ):  # fmt: skip
        bad.write_bytes(raw)
        with pytest.raises(Unusable):
            read_catalogue(bad)
    folder = data_folder() / "languages"
    folder.mkdir(parents=True)
    (folder / "fi.ts").write_bytes(b"no xml")
    assert texts.catalogue_of("fi") == Catalogue()
    bad.write_text(ts('<message><source>a</source><translation type="unfinished">b</translation></message>'))
    assert read_catalogue(bad).texts == {}


@given(st.dictionaries(st.text(max_size=8), st.text(max_size=8), max_size=4), st.text(max_size=12))
def test_no_translation_can_raise(told: dict[str, str], english: str) -> None:
    use(Catalogue("de", {("", k): v for k, v in told.items()}))
    for text in (*told, english):
        assert isinstance(tr(text), str)
    assert tr("of {this}", this=1) == told.get("of {this}", "of 1")


def test_help_is_translated_page_by_page() -> None:
    """As many parts, steps and points as the English page has."""
    folder = ROOT / "src" / "standtall" / "ui" / "app" / "help"

    def form(page: Path) -> list[str]:
        return [re.match(r"#|\d+\.|\*(?!\*)|\*\*|", line)[0] for line in page.read_text("utf-8").splitlines() if line]  # type: ignore[index]

    english = {p.name: form(p) for p in folder.glob("*.md")}
    assert len(english) == 15
    for code in ("de", "es"):
        own = {p.name: form(p) for p in (folder / code).glob("*.md")}
        assert {name: len(lines) for name, lines in own.items()} == {name: len(lines) for name, lines in english.items()}
        assert [n for n in own if [x for x in own[n] if x in "#*" or x[:1].isdigit()] != [x for x in english[n] if x in "#*" or x[:1].isdigit()]] == []

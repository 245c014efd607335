"""The language of the program's own texts: English in the code, others from Qt's translation files (.ts).

`tr` and `tr_n` are called where a text is made, in the core, in processes of their own and in the window alike. The language is
chosen once in a process, when the first text is asked for; another one holds from the next start on.
"""

from __future__ import annotations

import os
import string
from collections.abc import Mapping, Sequence
from dataclasses import dataclass, field
from datetime import date, time
from pathlib import Path
from typing import Final
from xml.etree import ElementTree

from standtall.base.folders import data_folder, settings_folder
from standtall.base.reading import Unreadable, json_of

VARIABLE: Final = "STAND_TALL_LANGUAGE"
"""Environment variable that goes before the settings."""
MOST_BYTES: Final = 8_000_000
RIGHT_TO_LEFT: Final = frozenset({"ar", "fa", "he", "ur", "yi", "dv", "ps", "sd", "ug"})
DAYS: Final = ("Monday", "Tuesday", "Wednesday", "Thursday", "Friday", "Saturday", "Sunday")
MONTHS: Final = (
    "January", "February", "March", "April", "May", "June",
    "July", "August", "September", "October", "November", "December",
)  # fmt: skip
_SHORT: Final = "short name of a day or month"


def _form(code: str, n: int) -> int:
    """Which plural form of a language goes with `n`; source: the plural rules of Unicode CLDR, of which Qt's are a subset."""
    if code in ("ja", "zh", "ko", "th", "vi", "id", "ms", "lo", "my", "km"):
        return 0
    if code in ("fr", "hi", "fa"):
        return int(n > 1)
    if code in ("ru", "uk", "be", "sr", "hr", "bs"):
        return 0 if n % 10 == 1 and n % 100 != 11 else 1 if 2 <= n % 10 <= 4 and not 12 <= n % 100 <= 14 else 2
    if code == "pl":
        return 0 if n == 1 else 1 if 2 <= n % 10 <= 4 and not 12 <= n % 100 <= 14 else 2
    if code in ("cs", "sk"):
        return 0 if n == 1 else 1 if 2 <= n <= 4 else 2
    if code == "ar":
        return n if n <= 2 else 3 if 3 <= n % 100 <= 10 else 4 if n % 100 >= 11 else 5
    return int(n != 1)


@dataclass(frozen=True)
class Catalogue:
    """The texts of one language. `texts` is by (comment, English text), `counted` by the English text for many: one text for
    each plural form."""

    code: str = "en"
    texts: Mapping[tuple[str, str], str] = field(default_factory=dict)
    counted: Mapping[str, Sequence[str]] = field(default_factory=dict)

    def text(self, english: str, comment: str = "") -> str:
        return self.texts.get((comment, english), english)

    def counted_text(self, n: int, one: str, many: str) -> str:
        forms = self.counted.get(many, ())
        if not forms:
            return one if n == 1 else many
        return forms[min(_form(self.code, abs(n)), len(forms) - 1)]


class Unusable(ValueError):
    """A file that holds no translation."""


def read_catalogue(path: Path) -> Catalogue:
    """The finished texts of a .ts file. Raises `Unusable` for what is no such file and `OSError` where it cannot be read."""
    with path.open("rb") as file:
        raw = file.read(MOST_BYTES + 1)
    if len(raw) > MOST_BYTES:
        raise Unusable(f"{path.name} is larger than {MOST_BYTES} bytes")
    if b"<!ENTITY" in raw:
        raise Unusable(f"{path.name} defines entities, which no translation needs")
    try:
        root = ElementTree.fromstring(raw)  # noqa: S314  (no entities, bounded)
    except ElementTree.ParseError as error:
        raise Unusable(f"{path.name} is no XML: {error}") from error
    if root.tag != "TS":
        raise Unusable(f"{path.name} is no translation file")
    texts, counted = {}, {}
    for message in root.iter("message"):
        english, told = message.findtext("source") or "", message.find("translation")
        if told is None or told.get("type") in ("unfinished", "vanished", "obsolete"):
            continue
        if message.get("numerus") == "yes":
            counted[english] = tuple(form.text or "" for form in told.iter("numerusform"))
        elif told.text:
            texts[message.findtext("comment") or "", english] = told.text
    return Catalogue((root.get("language") or path.stem).replace("-", "_").split("_")[0].lower(), texts, counted)


def languages() -> dict[str, Path | None]:
    """What can be chosen: language codes with their files, English first; the person's own files go before ours."""
    found: dict[str, Path | None] = {"en": None}
    for folder in (Path(__file__).with_name("languages"), data_folder() / "languages"):
        for path in sorted(folder.glob("*.ts"), key=lambda p: p.name):
            if path.stem.isalpha() and 2 <= len(path.stem) <= 3:
                found[path.stem] = path
    return found


def of_desktop() -> str:
    """The code of the language that the desktop asks for, or nothing."""
    for name in ("LANGUAGE", "LC_ALL", "LC_MESSAGES", "LANG"):
        if told := os.environ.get(name, ""):
            return told.split(":")[0].split(".")[0].replace("-", "_").split("_")[0].lower()
    return ""


def wished() -> str:
    """The code that the person chose, or that of the desktop."""
    if told := os.environ.get(VARIABLE, ""):
        return told
    try:
        settings = json_of((settings_folder() / "settings.json").read_bytes(), 1_000_000)
        chosen = settings.get("language", "") if isinstance(settings, dict) else ""
    except (OSError, Unreadable):
        chosen = ""  # no settings yet, or broken ones, which `library.settings` tells of
    return chosen if isinstance(chosen, str) and chosen else of_desktop()


def catalogue_of(code: str) -> Catalogue:
    """The texts of a language; English where there is no file of it, or none that can be used."""
    path = languages().get(code)
    if path is None:
        return Catalogue()
    try:
        return read_catalogue(path)
    except (OSError, Unusable):
        return Catalogue()


_used: list[Catalogue] = []


def used() -> Catalogue:
    """The texts of this process."""
    if not _used:
        _used.append(catalogue_of(wished()))
    return _used[0]


def use(catalogue: Catalogue | None) -> None:
    """Speak this language from now on (None: choose anew at the next text). Texts that were made before stay as they are."""
    _used[:] = [] if catalogue is None else [catalogue]


def right_to_left() -> bool:
    """Whether the language of this process is written from right to left."""
    return used().code in RIGHT_TO_LEFT


def _day(value: date | time, spec: str) -> str:
    """`strftime` with names of days and months in the language."""
    if isinstance(value, date):
        names = {
            "%A": tr(DAYS[value.weekday()]),
            "%a": tr_as(_SHORT, DAYS[value.weekday()][:3]),
            "%B": tr(MONTHS[value.month - 1]),
            "%b": tr_as(_SHORT, MONTHS[value.month - 1][:3]),
        }
        for mark, name in names.items():
            spec = spec.replace(mark, name.replace("%", "%%"))
    return value.strftime(spec)


class _Facts(string.Formatter):
    """Puts facts into a text by their plain names; numbers and dates as the language writes them."""

    def get_field(self, field_name: str, args: Sequence[object], kwargs: Mapping[str, object]) -> tuple[object, str]:
        if not field_name.isidentifier():
            raise KeyError(field_name)
        return kwargs[field_name], field_name

    def format_field(self, value: object, format_spec: str) -> str:
        if isinstance(value, date | time) and "%" in format_spec:
            return _day(value, format_spec)
        said = format(value, format_spec)
        if isinstance(value, float) or (isinstance(value, int) and format_spec[-1:] in ("f", "e", "%", ",")):
            return number_text(said)
        return said


_facts = _Facts()


def number_text(plain: str) -> str:
    """A number that is written with a decimal point, as the language writes it; 1,234.5 in English is 1.234,5 in German."""
    point = used().text(".", "decimal separator")
    return plain if point == "." else plain.translate({ord("."): point, ord(","): "."})


def _filled(text: str, english: str, facts: Mapping[str, object]) -> str:
    if not facts:
        return text
    try:
        return _facts.vformat(text, (), facts)
    except (KeyError, ValueError, IndexError):  # a translation that names other facts says nothing; the English text does
        return _facts.vformat(english, (), facts)


def tr(text: str, /, **facts: object) -> str:
    """An English text in the language of the program, with `{facts}` put in."""
    return _filled(used().text(text), text, facts)


def tr_as(meaning: str, text: str, /, **facts: object) -> str:
    """As `tr`, for a text that means several things: `meaning` says which."""
    return _filled(used().text(text, meaning), text, facts)


def tr_n(n: int, one: str, many: str, /, **facts: object) -> str:
    """As `tr`, in the plural form for `n`, which the text names `{n}`."""
    return _filled(used().counted_text(n, one, many), one if n == 1 else many, {"n": n, **facts})


def capital(text: str) -> str:
    """A text with a capital letter at its start; the others as they are."""
    return text[:1].upper() + text[1:]


def count_of(n: int, noun: str = "word") -> str:
    """1 word, 2 words: nouns with a plural in s."""
    return tr_n(n, "{n} " + noun, "{n} " + noun + "s")

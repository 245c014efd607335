"""Words as the aligner wants them: plain, numbers spelt out, unknown ones with a pronunciation."""

from __future__ import annotations

import re
import unicodedata
from typing import Final

from num2words import num2words

from standtall.speech.letter_sounds import RULES, sounds_by_rule

_RULES: Final[tuple[tuple[str, str], ...]] = (
    ("tch", "CH"), ("sch", "SH"), ("igh", "AY"), ("ough", "AO"), ("augh", "AO"), ("eigh", "EY"), ("tion", "SH AH N"),
    ("ck", "K"), ("ch", "CH"), ("sh", "SH"), ("th", "TH"), ("ph", "F"), ("wh", "W"), ("wr", "R"), ("kn", "N"),
    ("qu", "K W"), ("ng", "NG"), ("ee", "IY"), ("ea", "IY"), ("oo", "UW"), ("ou", "AW"), ("ow", "OW"), ("oi", "OY"),
    ("oy", "OY"), ("ai", "EY"), ("ay", "EY"), ("au", "AO"), ("aw", "AO"), ("er", "ER"), ("ir", "ER"), ("ur", "ER"),
    ("ar", "AA R"), ("or", "AO R"), ("bb", "B"), ("dd", "D"), ("ff", "F"), ("gg", "G"), ("ll", "L"), ("mm", "M"),
    ("nn", "N"), ("pp", "P"), ("rr", "R"), ("ss", "S"), ("tt", "T"), ("zz", "Z"), ("a", "AE"), ("b", "B"),
    ("c", "K"), ("d", "D"), ("e", "EH"), ("f", "F"), ("g", "G"), ("h", "HH"), ("i", "IH"), ("j", "JH"), ("k", "K"),
    ("l", "L"), ("m", "M"), ("n", "N"), ("o", "OW"), ("p", "P"), ("q", "K"), ("r", "R"), ("s", "S"), ("t", "T"),
    ("u", "AH"), ("v", "V"), ("w", "W"), ("x", "K S"), ("y", "IY"), ("z", "Z"),
)  # fmt: skip
"""Letters to sounds of the CMU set, longest first: crude, but near enough for an aligner that only needs the length
and the rough order of sounds (common practice, no source)."""


_SINGLE: Final = {letters: sounds for letters, sounds in _RULES if len(letters) == 1}
_MARKED: Final = "äöüßñáéíóúàèìòù"
"""Letters with marks that rules of a language may name."""

_LETTERS: Final = {
    **dict(zip("ßæøœłđðþıабвгдеёжзийклмнопрстуфхцчшщъыьэюяіїєґ", (
        "ss", "e", "o", "e", "l", "d", "th", "th", "i", "a", "b", "v", "g", "d", "ye", "yo", "zh", "z", "i", "y", "k", "l",
        "m", "n", "o", "p", "r", "s", "t", "u", "f", "h", "ts", "ch", "sh", "sh", "", "i", "", "e", "yu", "ya", "i", "yi", "ye",
        "g",
    ), strict=True)),
    **dict(zip("αβγδεζηθικλμνξοπρσςτυφχψω", (
        "a", "v", "g", "th", "e", "z", "i", "th", "i", "k", "l", "m", "n", "ks", "o", "p", "r", "s", "s", "t", "i", "f",
        "h", "ps", "o",
    ), strict=True)),
}  # fmt: skip
"""Letters that are no Latin letter with a mark, in Latin letters (common practice, no source)."""


_UNSPELT: Final = "ar fa he ur hi bn ta te th ja zh yue ko my km lo am ka hy"
UNSPELT: Final = frozenset(_UNSPELT.split())
"""Languages whose letters tell the aligner nothing."""


def in_latin(word: str) -> str:
    """A word in lower case without marks, Cyrillic and Greek in Latin letters; other scripts stay as they are."""
    plain = "".join(c for c in unicodedata.normalize("NFKD", word.lower()) if not unicodedata.combining(c))
    return "".join(_LETTERS.get(c, c) for c in plain)


def guessed_sounds(word: str, language: str = "en") -> str:
    """A pronunciation in CMU phones for a word that no dictionary has; '' when it has no letters."""
    if language in RULES:
        plain = unicodedata.normalize("NFC", word.lower())
        known = "".join(c if c in _MARKED else in_latin(c) for c in plain)
        return sounds_by_rule(re.sub(f"[^a-z{_MARKED}]", "", known), language, _SINGLE)
    rest = re.sub(r"[^a-z]", "", in_latin(word))
    if len(rest) > 2 and rest.endswith("e") and rest[-2] not in "aeiou":
        rest = rest[:-1]
    out: list[str] = []
    while rest:
        letters, sounds = next(rule for rule in _RULES if rest.startswith(rule[0]))
        out.append(sounds)
        rest = rest[len(letters) :]
    return " ".join(out)


def spoken_forms(text: str, language: str = "en") -> list[str]:
    """The plain lower-case words that are said for one written word: "31" gives thirty, one."""
    plain = text.lower().replace("’", "'").replace("&", " and ").replace("%", " percent ")
    out: list[str] = []
    for piece in re.findall(r"\d+(?:[.,]\d+)*(?:st|nd|rd|th)?|[^\W\d_]+(?:'[^\W\d_]+)*", plain):
        if piece[0].isdigit():
            out += re.findall(r"[^\W\d_]+", _number(piece, language))
        else:
            out.append(piece.strip("'"))
    return [w for w in out if w]


def _number(piece: str, language: str) -> str:
    ordinal = piece.endswith(("st", "nd", "rd", "th"))
    digits = re.sub(r"[^\d.]", "", piece.replace(",", "")).strip(".")
    if language != "en":
        return _number_in(language, piece)
    if digits.count(".") > 1 or len(digits) > 15:
        return " ".join(num2words(int(d)) for d in digits if d.isdigit())
    if ordinal:
        return str(num2words(int(float(digits)), to="ordinal"))
    value = float(digits)
    if value == int(value) and 1100 <= value < 2100 and "," not in piece:
        return str(num2words(int(value), to="year"))
    return str(num2words(int(value) if value == int(value) else value))


def _number_in(language: str, piece: str) -> str:
    """A whole number in another language; its digits one by one in English where that is not known."""
    digits = re.sub(r"\D", "", piece)[:15]
    try:
        return str(num2words(int(digits), lang=language))
    except (NotImplementedError, OverflowError, ValueError, KeyError, IndexError):
        return " ".join(num2words(int(d)) for d in digits)

"""Words one after the other: spaces where the script has them (Unicode Standard 15, chapters 16 and 18), checked by names of letters."""

from __future__ import annotations

import unicodedata

import pytest

from standtall.language.joining import gap, joined, unspaced


@pytest.mark.parametrize(
    ("words", "text"),
    [
        (["great", "\U0001f600", "news"], "great \U0001f600 news"),
        (["これ", "は", "ペン", "です。"], "これはペンです。"),
        (["สวัสดี", "ครับ"], "สวัสดีครับ"),
        (["今日", "Linux", "で"], "今日 Linux で"),
        (["안녕", "하세요"], "안녕 하세요"),
        (["one"], "one"),
        ([], ""),
        (["a", "", "b"], "a  b"),
    ],
)
def test_words_are_written_as_their_script_does(words: list[str], text: str) -> None:
    assert joined(words) == text


@pytest.mark.parametrize(
    "script", ["HIRAGANA", "KATAKANA", "CJK UNIFIED", "THAI CHARACTER", "LAO LETTER", "KHMER LETTER", "MYANMAR LETTER"]
)
def test_letters_of_scripts_without_spaces_are_known(script: str) -> None:
    """By the names that Python's own copy of the Unicode database gives to the letters of its basic plane."""
    letters = [chr(n) for n in range(0x10000) if unicodedata.name(chr(n), "").startswith(script)]
    assert len(letters) > 20
    assert sum(map(unspaced, letters)) / len(letters) > 0.95


@pytest.mark.parametrize("script", ["LATIN", "CYRILLIC", "GREEK", "ARABIC LETTER", "HANGUL SYLLABLE", "DEVANAGARI", "HEBREW"])
def test_letters_of_scripts_with_spaces_are_told_apart(script: str) -> None:
    letters = [chr(n) for n in range(0x10000) if unicodedata.name(chr(n), "").startswith(script)]
    assert len(letters) > 20
    assert not any(map(unspaced, letters))
    assert {gap(a, "の") for a in letters[:50]} == {" "}

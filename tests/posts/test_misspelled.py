from __future__ import annotations

from pathlib import Path

import pytest

from standtall.base.folders import data_folder
from standtall.posts import misspelled
from standtall.posts.misspelled import dictionary_file, unknown_words


@pytest.fixture
def dictionaries(own_folders: Path, monkeypatch: pytest.MonkeyPatch) -> Path:
    monkeypatch.setattr(misspelled, "FOLDERS", ())
    folder = data_folder() / "dictionaries"
    folder.mkdir(parents=True)
    return folder


def put(folder: Path, name: str, words: str) -> None:
    listed = words.split()
    (folder / f"{name}.dic").write_text("\n".join([str(len(listed)), *listed]) + "\n", "utf-8")
    (folder / f"{name}.aff").write_text("SET UTF-8\nSFX S Y 1\nSFX S 0 s .\n", "utf-8")


def test_unknown_words_are_told_of_with_endings_known_and_tags_left_out(dictionaries: Path) -> None:
    put(dictionaries, "en_GB", "the tide/S mill/S don't compost")
    put(dictionaries, "de_DE", "die Gezeiten")
    assert unknown_words("The tides don’t mil the #wrod https://x.org/mil compost, Orla.", "en", {"orla"}) == ("mil",)
    assert unknown_words("Die Gezeiten tide", "de") == ("tide",)
    assert dictionary_file("en-GB") == dictionaries / "en_GB.dic"


def test_without_a_dictionary_or_with_a_broken_one_nothing_is_said(dictionaries: Path) -> None:
    assert unknown_words("wrod", "en") == ()
    (dictionaries / "fr.dic").write_bytes(b"\xff\xfe\x00")
    (dictionaries / "fr.aff").write_bytes(b"SET NOWHERE\n")
    assert unknown_words("wrod", "fr") == ()

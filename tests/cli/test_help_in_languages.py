"""The help of the command line is whole in each language that ships."""

from __future__ import annotations

import argparse
import inspect
import os
import re
import subprocess
import sys
from collections.abc import Iterator

import pytest

from standtall.base.interface_language import catalogue_of, use
from standtall.cli.argument_parser import sentences
from standtall.cli.main import main, parser


def told(of: argparse.ArgumentParser, name: str = "") -> Iterator[tuple[str, str]]:
    """All that a parser and those of its commands say, by where."""
    yield f"{name} description", of.description or ""
    for action in of._actions:
        if isinstance(action, argparse._SubParsersAction):
            for shown in action._choices_actions:
                yield f"{shown.dest} listed", shown.help or ""
                yield from told(action.choices[shown.dest], shown.dest)
        elif action.help and action.help != argparse.SUPPRESS:
            yield f"{name} {action.dest}", action.help


@pytest.mark.parametrize("code", ["de", "es"])
def test_every_text_of_the_help_is_translated(code: str) -> None:
    english = dict(told(parser()))
    use(catalogue_of(code))
    try:
        translated = dict(told(parser()))
    finally:
        use(catalogue_of("en"))
    assert translated.keys() == english.keys() and len(english) > 120
    assert not [where for where, text in translated.items() if not text or text == english[where]]


def test_what_argparse_says_itself_is_translated_too() -> None:
    environment = {**os.environ, "STAND_TALL_LANGUAGE": "de"}
    command = [sys.executable, "-m", "standtall", "pack", "--help"]
    said = subprocess.run(command, capture_output=True, text=True, check=True, env=environment).stdout
    assert said.startswith("Aufruf: stand-tall pack") and "Optionen:" in said and "was es bekommt:" in said
    assert "Rückgabewerte: 0 fertig" in said
    assert not [word for word in ("usage", "options", "positional", "show this") if word in said]


@pytest.mark.parametrize("code", ["de", "es"])
def test_what_argparse_says_of_wrong_use_is_translated_with_what_it_names(code: str) -> None:
    use(catalogue_of(code))
    try:
        told = sentences()
    finally:
        use(catalogue_of("en"))
    named = re.compile(r"%(?:\(\w+\))?[sr]")
    newer = "maybe you meant"  # Python 3.12 and later
    source = inspect.getsource(argparse)
    for english, text in told.items():
        assert newer in english or repr(english)[1:-1] in source  # this Python asks for it by these very words
        assert text not in (english, sentences()[english])
        changed = {"%(type)s"}  # the name of a Python function, which nobody has to know
        assert set(named.findall(text)) == set(named.findall(english)) - changed, english


@pytest.mark.parametrize(
    ("wrong", "said"),
    [
        (["pack"], "stand-tall pack: falscher Aufruf: es fehlt: project, --out"),
        (["make", "--out"], "stand-tall make: falscher Aufruf: Angabe --out: braucht einen Wert"),
        (["analyse", "--track", "x", "f"], "stand-tall analyse: falscher Aufruf: Angabe --track: 'x' ist keine Zahl"),
        (["analyse", "f", "--kind", "x"], "'x' gibt es nicht; zur Wahl stehen: "),
        (["probe", "f", "--nothing"], "falscher Aufruf: hier unbekannt: --nothing"),
    ],
)
def test_wrong_use_is_told_in_the_language_of_the_program(
    wrong: list[str], said: str, capsys: pytest.CaptureFixture[str], monkeypatch: pytest.MonkeyPatch
) -> None:
    monkeypatch.setattr(argparse, "_", argparse.__dict__["_"])  # what stands there now comes back afterwards
    use(catalogue_of("de"))
    try:
        with pytest.raises(SystemExit) as ended:
            main(wrong)
    finally:
        use(catalogue_of("en"))
    assert ended.value.code == 2
    assert said in capsys.readouterr().err

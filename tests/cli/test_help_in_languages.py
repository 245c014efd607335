"""The help of the command line is whole in each language that ships."""

from __future__ import annotations

import argparse
import os
import subprocess
import sys
from collections.abc import Iterator

import pytest

from standtall.base.interface_language import catalogue_of, use
from standtall.cli.main import parser


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

"""`argparse` in the language of the program: its headings, and what it says of wrong use."""

from __future__ import annotations

import argparse
from collections.abc import Iterable
from typing import Any, Final

from standtall.base.interface_language import tr


def sentences() -> dict[str, str]:
    """What `argparse` says of wrong use, for its own English sentences (Python 3.11 to 3.14); others stay English."""
    return {
        "%(prog)s: error: %(message)s\n": tr("%(prog)s: wrong use: %(message)s") + "\n",
        "argument %(argument_name)s: %(message)s": tr("argument %(argument_name)s: %(message)s"),
        "the following arguments are required: %s": tr("missing: %s"),
        "one of the arguments %s is required": tr("one of these is needed: %s"),
        "unrecognized arguments: %s": tr("not known here: %s"),
        "not allowed with argument %s": tr("cannot stand beside %s"),
        "ignored explicit argument %r": tr("takes no value, but was given %r"),
        "expected one argument": tr("needs a value"),
        "expected at most one argument": tr("takes one value at most"),
        "expected at least one argument": tr("needs at least one value"),
        "ambiguous option: %(option)s could match %(matches)s": tr("%(option)s may mean %(matches)s; write it out"),
        "invalid %(type)s value: %(value)r": tr("%(value)r is no number"),
        "invalid choice: %(value)r (choose from %(choices)s)": tr("there is no %(value)r; choose one of: %(choices)s"),
        "invalid choice: %(value)r, maybe you meant %(closest)r? (choose from %(choices)s)": tr(
            "there is no %(value)r; perhaps %(closest)r is meant; choose one of: %(choices)s"
        ),
    }


class Help(argparse.HelpFormatter):
    def add_usage(
        self, usage: str | None, actions: Iterable[argparse.Action], groups: Iterable[Any], prefix: str | None = None
    ) -> None:
        super().add_usage(usage, actions, groups, tr("usage: ") if prefix is None else prefix)


class Parser(argparse.ArgumentParser):
    """Speaks the language of the program, also where `argparse` has sentences of its own."""

    def __init__(self, **kind: Any) -> None:
        super().__init__(**kind, formatter_class=Help, add_help=False)
        self._positionals.title, self._optionals.title = tr("what it is given"), tr("options")
        self.add_argument("-h", "--help", action="help", default=argparse.SUPPRESS, help=tr("show this help and end"))


def use_sentences() -> None:
    """From here on `argparse` speaks as `sentences` says. It looks each of them up by the name `_` of its module, for which it
    gives no other hook; where a later Python has none, it speaks English."""
    told: Final = sentences()
    setattr(argparse, "_", lambda english: told.get(english, english))  # noqa: B010  (a name that is not declared)

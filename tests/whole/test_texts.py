"""What a person reads is said in the language of the program: no sentence is left out."""

from __future__ import annotations

import ast
import re
from collections.abc import Iterator
from pathlib import Path

SOURCE = Path(__file__).parent.parent.parent / "src" / "standtall"
SPOKEN = {"tr", "tr_as", "tr_n"}
UNSEEN = {"note", "hear_all", "warn"}
"""Calls whose words are for the log."""
SENTENCE = re.compile(r"^\W*[A-Z][a-z]*,? [a-z]+ [a-z]+")
ENGLISH = ("cli/", "demo/", "posts/simulated/", "base/build.py")
"""Where English is spoken: the command line, the made-up programme, and servers that stand for somebody else's."""


def errors() -> set[str]:
    """The names of all errors that are shown to a person."""
    names = {"StandTallError"}
    classes = [n for p in SOURCE.rglob("*.py") for n in ast.walk(ast.parse(p.read_text("utf-8"))) if isinstance(n, ast.ClassDef)]
    while True:
        more = {c.name for c in classes for b in c.bases if isinstance(b, ast.Name) and b.id in names} - names
        if not more:
            return names
        names |= more


def _name(call: ast.Call) -> str:
    return call.func.id if isinstance(call.func, ast.Name) else call.func.attr if isinstance(call.func, ast.Attribute) else ""


def _calls(node: ast.AST, parents: dict[ast.AST, ast.AST]) -> Iterator[str]:
    """The calls that a literal is inside of, up to its statement."""
    while node in parents and not isinstance(node, ast.stmt):
        node = parents[node]
        if isinstance(node, ast.Call):
            yield _name(node)
        if isinstance(node, ast.Assert):
            yield "note"


def unspoken(source: str, shown: set[str], ui: bool) -> list[str]:
    """Literal sentences that are not translated: in the window all of them, elsewhere those of errors."""
    tree = ast.parse(source)
    parents = {child: node for node in ast.walk(tree) for child in ast.iter_child_nodes(node)}
    out = []
    for node in ast.walk(tree):
        if not isinstance(node, ast.Constant) or not isinstance(node.value, str) or not SENTENCE.search(node.value):
            continue
        if isinstance(parents.get(node), ast.Expr):
            continue  # a docstring
        calls = set(_calls(node, parents))
        if not calls & (SPOKEN | UNSEEN) and (ui or calls & shown):
            out.append(node.value)
    return out


def test_no_sentence_is_shown_in_english_alone() -> None:
    shown = errors()
    assert {"NothingToDo", "ProjectLost", "SignInNeeded"} <= shown
    found = {}
    for path in sorted(SOURCE.rglob("*.py")):
        place = str(path.relative_to(SOURCE))
        if not place.startswith(ENGLISH) and (left := unspoken(path.read_text("utf-8"), shown, place.startswith("ui/"))):
            found[place] = left
    assert found == {}


def test_what_is_not_translated_is_found() -> None:
    shown = {"NothingToDo"}
    assert unspoken('raise NothingToDo("There is nothing here.")', shown, ui=False) == ["There is nothing here."]
    assert unspoken('raise NothingToDo(tr("There is nothing here."), f"Look at {x} all the same.")', shown, ui=False) == []
    assert unspoken('raise NothingToDo(f"Look at all of {x} again.")', shown, ui=False) == ["Look at all of "]
    assert unspoken('label.setText("Drag it to a day.")', shown, ui=True) == ["Drag it to a day."]
    assert unspoken('"""A docstring of some words."""\nnote("Something for the log.")\nKINDS = {"a": "b"}', shown, ui=True) == []
    assert unspoken('x = "What is not shown here."', shown, ui=False) == []

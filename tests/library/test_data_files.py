"""Looks and channels as files: what ships, the user's own, and what nobody can mean."""

from __future__ import annotations

import json
from pathlib import Path
from typing import Any

import pytest

from standtall.base.errors import NothingToDo, ProjectError
from standtall.base.folders import data_folder
from standtall.base.time import TICKS_PER_SECOND
from standtall.library.channels import CHANNELS, channels, new_channel
from standtall.library.looks import LOOKS, look_or_first
from standtall.model.captions import FIRST_LOOK
from standtall.model.channel import FIRST_CHANNEL, channel_for, channel_named
from standtall.model.codec import to_plain
from standtall.model.look import Look

GOOD: dict[str, Any] = {"name": "mine", "title": "Mine", "about": "", "style": {"family": "Inter", "size": 0.05}}


def own(folder: str, name: str, value: object) -> Path:
    path = data_folder() / folder / name
    path.parent.mkdir(parents=True, exist_ok=True)
    path.write_text(value if isinstance(value, str) else json.dumps(value))
    return path


def test_what_ships_is_whole() -> None:
    looks = LOOKS.load()
    assert looks.problems == ()
    assert len(looks.values) >= 2
    assert FIRST_LOOK in {k.name for k in looks.values}
    assert FIRST_CHANNEL in {c.name for c in channels()}
    assert [c.longest_s for c in channels()] == sorted(c.longest_s for c in channels())


def test_the_users_own_stand_beside_them_and_for_those_of_the_same_name() -> None:
    own("looks", "mine.json", GOOD)
    shipped = LOOKS.load().values
    assert "mine" in {k.name for k in shipped}
    own("looks", f"{FIRST_LOOK}.json", {**GOOD, "name": FIRST_LOOK, "title": "My first"})
    assert look_or_first(FIRST_LOOK).title == "My first"
    assert look_or_first("of another machine").name == FIRST_LOOK


def test_a_look_is_kept_as_it_is_and_equal_files_are_one_value() -> None:
    made = Look("kept", "Kept", "About it.", look_or_first("lantern").style)
    LOOKS.save(made)
    (one,) = [k for k in LOOKS.load().values if k.name == "kept"]
    assert one == made
    assert next(k for k in LOOKS.load().values if k.name == "kept") is one, "read once"
    LOOKS.save(Look("kept", "Kept", "Other words.", made.style))
    assert next(k for k in LOOKS.load().values if k.name == "kept").about == "Other words.", "but never for another"


BAD: dict[str, object] = {
    "section without end": {**GOOD, "sparkle": "x" * 30_000}, "unknown property": {**GOOD, "style": {**GOOD["style"], "wobble": 1}},
    "wrong type": {**GOOD, "style": {"family": 7}}, "text for a number": {**GOOD, "style": {**GOOD["style"], "size": "big"}},
    "huge value": {**GOOD, "style": {**GOOD["style"], "size": 10**30}}, "no number": "{\"name\": \"mine\", \"title\": NaN}",
    "other name": {**GOOD, "name": "yours"}, "a path that climbs out": {**GOOD, "name": "../../mine"},
    "no colour": {**GOOD, "style": {**GOOD["style"], "ink": "url(http://127.0.0.1/)"}}, "no object": "[]", "no JSON": "look!",
    "deep": "[" * 100_000, "long": "x" * 70_000, "nothing": "",
}  # fmt: skip


@pytest.mark.parametrize("what", BAD)
def test_a_file_that_nobody_can_mean_is_left_out_with_a_sentence(what: str) -> None:
    good = {k.name for k in LOOKS.load().values}
    path = own("looks", "mine.json", BAD[what])
    before = path.read_bytes()
    loaded = LOOKS.load()
    assert {k.name for k in loaded.values} == good
    (problem,) = loaded.problems
    assert "mine.json is left out" in problem and str(path) in problem
    assert path.read_bytes() == before, "it stays where it is"


def test_a_name_that_climbs_out_is_never_written() -> None:
    with pytest.raises(ProjectError):
        Look("../climbs", "x", "", look_or_first("lantern").style)


def test_a_channel_with_the_limit_of_the_place_one_posts_to() -> None:
    made = new_channel("Überall & Co.", 95)
    assert (made.title, made.longest) == ("Überall & Co.", 95 * TICKS_PER_SECOND)
    assert made in channels()
    other = new_channel("園芸", 30)
    assert channels()[0] == other, "the strictest comes first"
    assert to_plain(made) == json.loads((CHANNELS.own_folder / f"{made.name}.json").read_text("utf-8"))
    for title in ("", "  ", "ÜBERALL & co."):
        with pytest.raises(NothingToDo):
            new_channel(title, 20)
    for longest_s in (0.0, 10**9):
        with pytest.raises(ProjectError):
            new_channel("Elsewhere", longest_s)
    with pytest.raises(ProjectError):
        new_channel("x" * 61, 20)


def test_the_strictest_channel_that_takes_a_length() -> None:
    some = channels()
    assert channel_for(some, some[1].longest).name == some[1].name
    assert channel_for(some, some[1].longest + 1).name == some[2].name
    assert channel_for(some, 10**12) == some[-1], "the longest where none is long enough"
    assert channel_named(some, "of another machine") == some[0]

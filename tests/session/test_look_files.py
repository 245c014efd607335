"""Looks of the user's own, as files with their fonts."""

from __future__ import annotations

import json
import shutil
from dataclasses import replace
from pathlib import Path

import pytest
from hypothesis import HealthCheck, given, settings
from hypothesis import strategies as st

from standtall.base.errors import ProjectError
from standtall.base.folders import data_folder
from standtall.ink import engine
from standtall.ink.fonts import FACES, load_fonts
from standtall.library.looks import LOOKS, look_of_plain, plain_of_look
from standtall.library.own_fonts import font_folder, own_fonts, take_font
from standtall.model.look import Look
from standtall.model.style import CaptionStyle
from standtall.session.look_files import keep_look, name_for, read_look, write_look

STYLE = CaptionStyle("Bitter", 700, size=0.05, ink="#123456")


def test_a_kept_look_is_among_the_others_and_replaced_by_its_title() -> None:
    one, before = keep_look("Garden Gate", STYLE)
    assert before is None
    assert (one.name, one in LOOKS.load().values) == ("garden-gate", True)
    two, replaced = keep_look("Garden Gate", replace(STYLE, weight=300))
    assert replaced == one, "who changes a look is told what it was"
    assert two.name == one.name
    assert [k.style.weight for k in LOOKS.load().values if k.title == "Garden Gate"] == [300]
    assert keep_look("Broadsheet", STYLE)[0].name == "broadsheet-2", "one that ships is not replaced"


def test_names_are_plain() -> None:
    assert name_for("Über café №1", []) == "ber-caf-1"
    assert name_for("雨", ["look"]) == "look-2"


def test_a_look_goes_to_a_file_and_comes_back(tmp_path: Path) -> None:
    look = Look("tin", "Tin", "As on tins.", STYLE, {"fireworks": '{"size": 3}'})
    write_look(tmp_path / "tin.look.json", look)
    back, told = read_look(tmp_path / "tin.look.json")
    assert back == look
    assert "fireworks" in told, "what is kept but not known is named"
    assert look_of_plain(plain_of_look(back)) == look
    assert json.loads((LOOKS.own_folder / "tin.json").read_text())["fireworks"] == {"size": 3}


def test_another_look_of_the_same_name_gets_its_own(tmp_path: Path) -> None:
    write_look(tmp_path / "a.look.json", Look("broadsheet", "Broadsheet", "Mine.", STYLE))
    back, _told = read_look(tmp_path / "a.look.json")
    assert back.name == "broadsheet-2"
    assert next(k for k in LOOKS.load().values if k.name == "broadsheet").style != STYLE


def test_fonts_of_the_users_own_travel_with_the_look(tmp_path: Path) -> None:
    engine.start()
    mine = tmp_path / "mine.ttf"
    data = bytearray((FACES / "Stardos_Stencil.ttf").read_bytes())
    old, new = "Stardos Stencil".encode("utf-16-be"), "Mine Own Letter".encode("utf-16-be")
    mine.write_bytes(bytes(data).replace(old, new).replace(b"Stardos Stencil", b"Mine Own Letter"))
    take_font(mine)
    assert "Mine Own Letter" in load_fonts()
    write_look(tmp_path / "m.look.json", Look("m", "M", "", CaptionStyle("Mine Own Letter")))
    shutil.rmtree(font_folder())
    shutil.rmtree(data_folder() / "looks", ignore_errors=True)
    read_look(tmp_path / "m.look.json")
    assert [p.read_bytes() for p in own_fonts()] == [mine.read_bytes()]


BAD = {
    "no json": b"\x00\x01", "a list": b"[1]", "another format": b'{"format": "x"}',
    "newer": b'{"format": "stand-tall-look", "version": 99}',
    "no look": b'{"format": "stand-tall-look", "version": 1, "look": 5}',
    "a property too far": b'{"format": "stand-tall-look", "version": 1, "look": {"name": "a", "title": "A", "about": "", "style": {"family": "B", "size": 9}}}',
    "a name that climbs": b'{"format": "stand-tall-look", "version": 1, "look": {"name": "../../a", "title": "A", "about": "", "style": {"family": "B"}}}',
    "a font that is none": b'{"format": "stand-tall-look", "version": 1, "look": {"name": "a", "title": "A", "about": "", "style": {"family": "B"}}, "fonts": [{"file": "../x.ttf", "data": "AAAA"}]}',
    "fonts without end": b'{"format": "stand-tall-look", "version": 1, "look": {"name": "a", "title": "A", "about": "", "style": {"family": "B"}}, "fonts": [1,2,3,4,5,6,7,8,9]}',
}  # fmt: skip


@pytest.mark.parametrize("name", BAD)
def test_hostile_files_are_refused_in_a_sentence(name: str, tmp_path: Path) -> None:
    (tmp_path / "bad.json").write_bytes(BAD[name])
    with pytest.raises(ProjectError) as said:
        read_look(tmp_path / "bad.json")
    assert str(said.value)
    assert own_fonts() == []
    assert not (LOOKS.own_folder / "a.json").exists()


@settings(max_examples=60, suppress_health_check=[HealthCheck.function_scoped_fixture])
@given(place=st.integers(0, 400), data=st.binary(min_size=1, max_size=6))
def test_mutated_files_are_a_look_or_a_sentence(place: int, data: bytes, tmp_path: Path) -> None:
    write_look(tmp_path / "m.look.json", Look("m", "M", "About.", STYLE))
    whole = bytearray((tmp_path / "m.look.json").read_bytes())
    whole[place : place + len(data)] = data
    (tmp_path / "m.look.json").write_bytes(bytes(whole))
    try:
        look, _told = read_look(tmp_path / "m.look.json")
    except ProjectError as error:
        assert str(error)
    else:
        assert LOOKS.load().values[-1].name or look


@pytest.mark.parametrize("data", [b"", b"OTTO", b"\0\1\0\0\xff\xff" + b"\0" * 20, b"MZ" * 100])
def test_broken_font_files_are_refused(data: bytes, tmp_path: Path) -> None:
    (tmp_path / "x.ttf").write_bytes(data)
    with pytest.raises(ProjectError, match="font"):
        take_font(tmp_path / "x.ttf")
    assert own_fonts() == []

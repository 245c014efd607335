"""Pictures that lie on frames: proportions, movement, and files that nobody should trust."""

from __future__ import annotations

from pathlib import Path

import numpy as np
import pytest
from PySide6.QtGui import QColor, QImage

from standtall.base.errors import MediaError
from standtall.ink import placed_pictures
from standtall.ink.placed_pictures import PlacedPicture, picture_at, picture_key
from standtall.ink.safe_svg import MOST_ELEMENTS, checked_svg
from standtall.library.stickers import own_pictures, shipped, sticker_file

HEAD = b'<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" viewBox="0 0 100 50">'


def png(path: Path, wide: int = 60, high: int = 40, colour: str = "#ff0000") -> Path:
    image = QImage(wide, high, QImage.Format.Format_ARGB32)
    image.fill(QColor(colour))
    assert image.save(str(path))
    return path


def test_proportions_are_kept_at_any_size_and_turn(tmp_path: Path) -> None:
    picture = PlacedPicture(str(png(tmp_path / "logo.png")))
    assert picture.aspect == 1.5
    assert not picture.moves
    sprite = picture.sprite(90, 0, 0, 100, 100)
    assert (sprite.luma.shape[1], sprite.luma.shape[0]) == (90, 60)
    assert max(abs(sprite.x + 45 - 100), abs(sprite.y + 30 - 100)) <= 1, "places are even"
    turned = picture.sprite(90, 90, 0, 100, 100)
    assert abs(turned.luma.shape[1] - 60) <= 2
    assert abs(turned.luma.shape[0] - 90) <= 2


def test_every_sticker_that_ships_is_drawn_and_those_that_move_do() -> None:
    for sticker in shipped():
        picture = PlacedPicture(sticker.path)
        first = picture.pixels(48, 0)
        assert (first[..., 3] > 0).mean() > 0.1, sticker.path
        assert picture.moves == sticker.moves, sticker.path
        if sticker.moves:
            steps = [picture.pixels(48, step) for step in range(0, picture.steps, 3)]
            assert any(not np.array_equal(first, other) for other in steps), sticker.path
    assert sum(not s.moves for s in shipped()) >= 60
    assert sum(s.moves for s in shipped()) >= 20


def test_a_sticker_that_there_is_not_is_refused() -> None:
    for path in ("sticker:nothing", "sticker:../../../etc/passwd", "sticker:"):
        with pytest.raises(MediaError):
            sticker_file(path)


@pytest.mark.parametrize(("body", "why"), [
    (b"<script>alert(1)</script>", "script"),
    (b'<rect onload="x()" width="5" height="5"/>', "program"),
    (b'<image href="file:///etc/passwd" width="5" height="5"/>', "another file"),
    (b'<image xlink:href="http://127.0.0.1/a.png" width="5" height="5"/>', "another file"),
    (b'<rect fill="url(http://127.0.0.1/x)" width="5" height="5"/>', "another file"),
    (b"<style>@import url(x.css);</style>", "another file"),
    (b"<foreignObject/>", "foreignObject"),
    (b"<g>" * 200 + b"</g>" * 200, "too large"),
    (b"<rect/>" * (MOST_ELEMENTS + 10), "too large"),
    (b'<g id="a"><use xlink:href="#a"/></g>', "uses itself"),
    (b"not closed <g>", "mismatched"),
])  # fmt: skip
def test_drawings_that_nobody_should_trust_are_refused_in_a_sentence(body: bytes, why: str) -> None:
    with pytest.raises(MediaError, match=why):
        checked_svg(HEAD + body + b"</svg>", "x.svg")


def test_a_drawing_that_uses_itself_a_billion_times_is_refused_before_it_is_drawn() -> None:
    levels = b'<g id="l0"><rect width="1" height="1"/></g>'
    for n in range(1, 12):
        levels += b'<g id="l%d">' % n + b'<use xlink:href="#l%d"/>' % (n - 1) * 10 + b"</g>"
    with pytest.raises(MediaError, match="too large"):
        checked_svg(HEAD + levels + b'<use xlink:href="#l11"/></svg>', "x.svg")


def test_entities_are_refused() -> None:
    bomb = b'<!DOCTYPE svg [<!ENTITY a "aaaa"><!ENTITY b "&a;&a;">]>' + HEAD + b"<text>&b;</text></svg>"
    with pytest.raises(MediaError, match="entities"):
        checked_svg(bomb, "x.svg")


def test_a_plain_drawing_is_taken(tmp_path: Path) -> None:
    file = tmp_path / "own.svg"
    file.write_bytes(HEAD + b'<rect width="100" height="50" fill="#00ff00"/></svg>')
    picture = PlacedPicture(str(file))
    assert picture.aspect == 2.0
    assert picture.pixels(20)[5, 5].tolist() == [0, 255, 0, 255]


def test_files_that_are_no_pictures_or_too_large_are_refused(tmp_path: Path) -> None:
    (tmp_path / "text.png").write_text("no picture")
    (tmp_path / "cut.png").write_bytes(png(tmp_path / "whole.png", 400, 400).read_bytes()[:60])
    header = bytearray((tmp_path / "whole.png").read_bytes())
    header[16:24] = (60_000).to_bytes(4, "big") * 2  # says that it is 60,000 pixels wide and high
    (tmp_path / "huge.png").write_bytes(header)
    for name in ("text.png", "cut.png", "huge.png", "missing.png"):
        with pytest.raises(MediaError):
            picture_key(str(tmp_path / name))
        assert picture_at(str(tmp_path / name), "k") is None


def test_own_folders_are_found_by_their_names_and_tags(tmp_path: Path) -> None:
    png(tmp_path / "our_red-logo.png")
    (tmp_path / "notes.txt").write_text("x")
    (tmp_path / "away.png").symlink_to(tmp_path / "our_red-logo.png")
    (found,) = own_pictures((tmp_path,), {str(tmp_path / "our_red-logo.png"): ("brand",)})
    assert found.words == ("our", "red", "logo", "brand")
    assert found.own


def test_a_moving_picture_that_is_huge_in_all_is_cut_off_before_it_fills_the_memory(
    tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    """A GIF of 30 frames, of which three fill what may be kept."""
    frame = bytes.fromhex("21f904000a0000002c000000003c00280000")  # a delay of 0.1 s, then a picture of 60 x 40
    # LZW with codes of 3 bits: clear, then pixels of colour 0, again and again, so that codes never grow
    row = (0b100 | 0b000 << 3 | 0b000 << 6).to_bytes(2, "little")
    body = b"\x02" + b"".join(bytes([255]) + (row * 128)[:255] for _ in range(8)) + b"\x00"
    file = tmp_path / "long.gif"
    file.write_bytes(b"GIF89a" + bytes.fromhex("3c002800800000000000ffffff") + (frame + body) * 30 + b";")
    assert len(PlacedPicture(str(file))._frames) == 30
    monkeypatch.setattr(placed_pictures, "MOST_MOVING_PIXELS", 2 * 60 * 40 + 1)
    assert len(PlacedPicture(str(file))._frames) == 3

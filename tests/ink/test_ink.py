"""Text to pixels."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
import pytest

from standtall.ink.caption import WIDEST, CaptionInk, CaptionText, code_units
from standtall.ink.fonts import load_fonts
from standtall.ink.sprite import sprite
from standtall.media.planes import from_rgb, to_bgr
from standtall.model.look import LOOKS, look_named
from tests.conftest import grey


def test_the_looks_find_their_fonts() -> None:
    assert {look.family for look in LOOKS} <= set(load_fonts())


def test_blending_equals_the_formula_in_floating_point() -> None:
    rng = np.random.default_rng(4)
    alpha = rng.integers(0, 256, (8, 16, 1))
    colour = rng.integers(0, 256, (8, 16, 3))
    drawing = np.concatenate([colour * alpha // 255, alpha], axis=2).astype(np.uint8)
    under = grey(90, 32, 16)
    made = sprite(drawing, 4, 2)
    out = grey(90, 32, 16)
    made.blend(out)
    b, g, r, a = (drawing[..., k].astype(float) for k in range(4))
    luma = (16 * a / 255 + (0.2126 * r + 0.7152 * g + 0.0722 * b) * 219 / 255) + under.y[2:10, 4:20] * (1 - a / 255)
    assert np.abs(out.y[2:10, 4:20] - luma).max() <= 1.0
    mask = np.ones_like(out.y, bool)
    mask[2:10, 4:20] = False
    np.testing.assert_array_equal(out.y[mask], under.y[mask])


def test_opaque_colours_come_out_as_the_codec_library_makes_them() -> None:
    drawing = np.zeros((16, 16, 4), np.uint8)
    drawing[...] = (58, 163, 242, 255)  # marigold, B G R A
    out = grey(20, 16, 16)
    sprite(drawing, 0, 0).blend(out)
    reference = from_rgb(np.full((16, 16, 3), (242, 163, 58), np.uint8))
    for ours, theirs in ((out.y, reference.y), (out.u, reference.u), (out.v, reference.v)):
        assert np.abs(ours.astype(int) - theirs.astype(int)).max() <= 1


@pytest.mark.parametrize("place", [(-8, -8), (26, 12), (100, 100)])
def test_sprites_over_the_edge_are_cut_off(place: tuple[int, int]) -> None:
    drawing = np.full((16, 16, 4), 255, np.uint8)
    out = grey(20, 32, 16)
    sprite(drawing, *place).blend(out)
    assert out.y.shape == (16, 32)
    assert set(np.unique(out.y)) <= {20, 235}


def ink(name: str) -> CaptionInk:
    return CaptionInk(look_named(name), 540, 960)


def lit_columns(made: CaptionInk, words: tuple[str, ...], lit: int) -> float:
    """Middle column of what changes when a word is lit."""
    planes = []
    for which in (lit, None):
        out = grey(90, 540, 960)
        made.sprite(CaptionText(words, which), 0.5).blend(out)
        planes.append(to_bgr(out).astype(int))
    changed = np.abs(planes[0] - planes[1]).max(axis=2).max(axis=0)
    return float(np.flatnonzero(changed > 60).mean())


@pytest.mark.parametrize("name", ["ember", "marker"])
def test_each_word_is_lit_in_its_place(name: str) -> None:
    made = ink(name)
    middles = [lit_columns(made, ("you", "grow", "soil"), i) for i in range(3)]
    assert middles == sorted(middles)
    assert middles[2] - middles[0] > 80


def test_right_to_left_words_are_lit_from_the_right() -> None:
    look = replace(look_named("ember"), capitals=False, letter_spacing=0.0)
    made = CaptionInk(look, 540, 960)
    words = ("שלום", "עולם", "גדול")
    middles = [lit_columns(made, words, i) for i in range(3)]
    assert middles == sorted(middles, reverse=True)


def test_a_word_too_wide_is_made_smaller() -> None:
    made = ink("ember")
    word = "Donaudampfschifffahrtsgesellschaft"
    assert made.width_of(word) > 1
    drawn = made.sprite(CaptionText((word,), None), 0.5)
    used = np.flatnonzero(drawn.picture[..., 3].max(axis=0) > 200)
    assert np.ptp(used) <= WIDEST * 540 * 1.06


def test_captions_are_legible_on_their_outline() -> None:
    """WCAG 2.2, 1.4.3: at least 4.5:1; ink and lit colour against the outline or box they stand on."""

    def luminance(colour: str) -> float:
        parts = [int(colour[i : i + 2], 16) / 255 for i in (1, 3, 5)]
        r, g, b = (c / 12.92 if c <= 0.04045 else ((c + 0.055) / 1.055) ** 2.4 for c in parts)
        return 0.2126 * r + 0.7152 * g + 0.0722 * b

    for look in LOOKS:
        behind_lit = look.box if look.lighting == "box" else look.outline
        for front, back in ((look.ink, look.outline), (look.lit, behind_lit)):
            high, low = sorted((luminance(front), luminance(back)), reverse=True)
            assert (high + 0.05) / (low + 0.05) >= 4.5, (look.name, front, back)


def test_the_lit_word_is_marigold_on_screen() -> None:
    out = grey(30, 540, 960)
    ink("ember").sprite(CaptionText(("SOIL",), 0), 0.5).blend(out)
    b, g, r = to_bgr(out).reshape(-1, 3)[np.argmax(out.y)].astype(int)
    assert r > 225
    assert 140 < g < 185
    assert b < 80


@pytest.mark.fault
@pytest.mark.parametrize("before", ["😀", "𝒳𝒴", "👩‍👩‍👧", "é̂", "🇫🇷🇫🇷", "a"])
def test_the_letters_after_a_sign_outside_the_basic_plane_are_all_drawn(before: str) -> None:
    """Word paths against the glyphs that the text engine itself lays out for the whole line."""
    ink = CaptionInk(look_named("marker"), 540, 960)
    words = ("great", before, "news")
    layout, _box = ink._layout(words)
    at = code_units("great") + 1 + code_units(before) + 1
    news = ink._word_path(layout, at, code_units("news"))
    alone, _ = ink._layout(("news",))
    whole = ink._word_path(alone, 0, 4)
    assert news.boundingRect().width() == pytest.approx(whole.boundingRect().width(), abs=0.6)
    assert news.elementCount() == whole.elementCount()


@pytest.mark.fault
def test_the_last_word_after_an_emoji_is_lit_whole() -> None:
    ink = CaptionInk(look_named("ember"), 540, 960)
    with_sign = ink.sprite(CaptionText(("😀", "news"), 1), 0.5).picture
    without = ink.sprite(CaptionText(("x", "news"), 1), 0.5).picture
    lit = [np.count_nonzero((p[..., 2] > 200) & (p[..., 0] < 120) & (p[..., 3] > 200)) for p in (with_sign, without)]
    assert lit[0] == pytest.approx(lit[1], rel=0.03)

"""Text to pixels."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
import pytest

from standtall.ink.fonts import load_fonts
from standtall.ink.lettering import WIDEST, CaptionInk, InkWord, code_units, outline_of
from standtall.ink.sprite import sprite
from standtall.library.looks import LOOKS
from standtall.media.planes import from_rgb, to_bgr
from standtall.model.style import CaptionStyle
from tests.conftest import grey

SHIPPED = LOOKS.load().values
PLAIN = CaptionStyle("Rubik", 500, 0.045, ink="#ffffff", highlight="#ff0000", outline="#000000", outline_width=0.003)


def test_the_looks_find_their_fonts() -> None:
    assert {look.style.family for look in LOOKS.load().values} <= set(load_fonts())


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


def words_of(texts: tuple[str, ...], now: int | None, style: CaptionStyle) -> tuple[InkWord, ...]:
    return tuple(InkWord(t, "now" if i == now else "said", style) for i, t in enumerate(texts))


def highlighted_columns(style: CaptionStyle, texts: tuple[str, ...], now: int) -> float:
    """Middle column of what changes when a word is highlighted."""
    made, planes = CaptionInk(style, 540, 960), []
    for which in (now, None):
        out = grey(90, 540, 960)
        made.sprite(words_of(texts, which, style), 0.5).blend(out)
        planes.append(to_bgr(out).astype(int))
    changed = np.abs(planes[0] - planes[1]).max(axis=2).max(axis=0)
    return float(np.flatnonzero(changed > 20).mean())


@pytest.mark.parametrize("style", [PLAIN, *(look.style for look in SHIPPED)])
def test_each_word_is_highlighted_in_its_place(style: CaptionStyle) -> None:
    middles = [highlighted_columns(style, ("you", "grow", "soil"), i) for i in range(3)]
    assert middles == sorted(middles)
    assert middles[2] - middles[0] > 50


@pytest.mark.parametrize("style", [PLAIN, replace(PLAIN, lighting="underline", line="#00ff00")])
@pytest.mark.parametrize("texts", [("שלום", "עולם", "גדול"), ("مرحبا", "بالعالم", "الكبير")])
def test_right_to_left_words_are_highlighted_from_the_right(style: CaptionStyle, texts: tuple[str, ...]) -> None:
    middles = [highlighted_columns(style, texts, i) for i in range(3)]
    assert middles == sorted(middles, reverse=True)


def test_a_word_too_wide_is_made_smaller() -> None:
    made = CaptionInk(replace(PLAIN, size=0.06), 540, 960)
    word = "Donaudampfschifffahrtsgesellschaftskapitän"
    assert made.width_of(word) > 1
    drawn = made.sprite(words_of((word,), None, made.style), 0.5)
    used = np.flatnonzero(drawn.picture[..., 3].max(axis=0) > 200)
    assert np.ptp(used) <= WIDEST * 540 * 1.06


def test_shipped_captions_are_legible_on_their_ground() -> None:
    """WCAG 2.2, 1.4.3: at least 4.5:1; letters against the plate, outline or shadow they stand on."""

    def luminance(colour: str) -> float:
        parts = [int(colour[i : i + 2], 16) / 255 for i in (1, 3, 5)]
        r, g, b = (c / 12.92 if c <= 0.04045 else ((c + 0.055) / 1.055) ** 2.4 for c in parts)
        return 0.2126 * r + 0.7152 * g + 0.0722 * b

    for look in SHIPPED:
        style = look.style
        plated = len(style.plate) == 7 or int(style.plate[7:], 16) >= 0xE0
        assert plated or style.outline_width > 0 or style.shadow >= 0.6, f"{look.name} stands on nothing"
        ground = style.plate if plated else (style.outline if style.outline_width > 0 else "#000000")
        for front in (style.ink, style.highlight):
            high, low = sorted((luminance(front), luminance(ground)), reverse=True)
            assert (high + 0.05) / (low + 0.05) >= 4.5, (look.name, front, ground)


def test_the_highlighted_word_has_its_colour_on_screen() -> None:
    out = grey(30, 540, 960)
    CaptionInk(PLAIN, 540, 960).sprite(words_of(("SOIL",), 0, PLAIN), 0.5).blend(out)
    b, g, r = to_bgr(out).astype(int)[..., 0], to_bgr(out).astype(int)[..., 1], to_bgr(out).astype(int)[..., 2]
    assert np.count_nonzero((r > 225) & (g < 40) & (b < 40)) > 300


def test_a_plate_has_square_corners_behind_the_words_alone() -> None:
    style = replace(PLAIN, plate="#f0e0d0ff", outline_width=0.0)
    drawn = CaptionInk(style, 540, 960).sprite(words_of(("you", "grow"), None, style), 0.5)
    assert drawn.picture[3, 3, 3] == drawn.picture[-5, -5, 3] == 255
    assert drawn.x > 54, "no wider than its words"


def test_a_word_with_its_own_style_is_set_in_it() -> None:
    own = replace(PLAIN, size=0.07, ink="#00ff00")
    made = CaptionInk(PLAIN, 540, 960)
    plain = (InkWord("you", "said", PLAIN), InkWord("grow", "said", PLAIN))
    _layout, _box, placed = made.laid_out(plain)
    _layout, _box, bigger = made.laid_out((plain[0], InkWord("grow", "said", own)))
    assert bigger[1].outline.boundingRect().height() > 1.4 * placed[1].outline.boundingRect().height()
    assert bigger[0].outline.boundingRect().height() == pytest.approx(placed[0].outline.boundingRect().height(), abs=0.1)


TEXTS = {
    "emoji outside the basic plane": ("great", "😀", "news"), "letters outside the basic plane": ("𝒳𝒴", "is", "𝔐ath"),
    "joined emoji": ("my", "👩‍👩‍👧", "family", "🇫🇷🇫🇷"), "right to left": ("שלום", "עולם", "גדול"),
    "both ways": ("the", "word", "שלום", "means", "peace"), "combining marks": ("é̂", "naïve", "ą́"),
    "joined letters": ("مرحبا", "بالعالم"), "conjuncts": ("क्षत्रिय", "ज्ञान", "हिन्दी"), "no spaces": ("園芸", "は", "楽しい", "です。"),
    "no spaces and marks": ("สวัสดี", "ครับ"),
}  # fmt: skip


@pytest.mark.fault
@pytest.mark.parametrize("name", TEXTS)
def test_every_glyph_belongs_to_exactly_one_word(name: str) -> None:
    """The words' glyphs together against all that the text engine itself lays out for the whole text: none lost, none twice."""
    made = CaptionInk(PLAIN, 2_000, 960)
    layout, _box, placed = made.laid_out(words_of(TEXTS[name], None, PLAIN))
    text = layout.text()
    for word, place in zip(TEXTS[name], placed, strict=True):
        assert text.encode("utf-16-le")[2 * place.first : 2 * (place.first + place.units)].decode("utf-16-le") == word

    def glyphs(first: int, units: int) -> list[tuple[int, float, float]]:
        return sorted(
            (glyph, round(at.x(), 1), round(at.y(), 1))
            for run in layout.glyphRuns(first, units)
            for glyph, at in zip(run.glyphIndexes(), run.positions(), strict=True)
        )

    spaces = [g for n, c in enumerate(text.encode("utf-16-le")[::2]) if c == 0x20 and text.encode("utf-16-le")[2 * n + 1] == 0
              for g in glyphs(n, 1)]  # fmt: skip
    apart = sorted([g for p in placed for g in glyphs(p.first, p.units)] + spaces)
    assert apart == glyphs(0, code_units(text))


@pytest.mark.fault
@pytest.mark.parametrize("before", ["😀", "𝒳𝒴", "👩‍👩‍👧", "é̂", "🇫🇷🇫🇷", "a"])
def test_the_letters_after_a_sign_outside_the_basic_plane_are_all_drawn(before: str) -> None:
    made = CaptionInk(PLAIN, 540, 960)
    _layout, _box, placed = made.laid_out(words_of(("great", before, "news"), None, PLAIN))
    alone, _box, _placed = made.laid_out(words_of(("news",), None, PLAIN))
    whole = outline_of(alone, 0, 4)
    assert placed[2].outline.boundingRect().width() == pytest.approx(whole.boundingRect().width(), abs=0.6)
    assert placed[2].outline.elementCount() == whole.elementCount()


@pytest.mark.fault
def test_the_last_word_after_an_emoji_is_highlighted_whole() -> None:
    made = CaptionInk(PLAIN, 540, 960)
    counts = []
    for before in ("😀", "x"):
        picture = made.sprite(words_of((before, "news"), 1, PLAIN), 0.5).picture
        counts.append(np.count_nonzero((picture[..., 2] > 200) & (picture[..., 0] < 60) & (picture[..., 3] > 200)))
    assert counts[0] == pytest.approx(counts[1], rel=0.03)


def test_scripts_without_spaces_are_written_without_them() -> None:
    made = CaptionInk(PLAIN, 2_000, 960)
    assert made.laid_out(words_of(("園芸", "は", "楽しい"), None, PLAIN))[0].text() == "園芸は楽しい"
    assert made.laid_out(words_of(("now", "園芸", "は"), None, PLAIN))[0].text() == "now 園芸は"

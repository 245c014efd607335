"""Text to pixels."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
import pytest

from standtall.ink import layout
from standtall.ink.caption_ink import CaptionInk
from standtall.ink.drawing import band
from standtall.ink.drawn import PARTS, STEPS, InkWord
from standtall.ink.fonts import load_fonts
from standtall.ink.layout import LaidCard, laid_out
from standtall.ink.letters import code_units
from standtall.ink.sprite import painted, sprite
from standtall.library.looks import LOOKS
from standtall.media.planes import Planes, from_rgb, to_bgr
from standtall.model.look import Look
from standtall.model.style import CaptionStyle
from tests.conftest import grey

SHIPPED = LOOKS.load().values
PLAIN = CaptionStyle("Rubik", 500, size=0.045, ink="#ffffff", highlight="#ff0000", outline="#000000", outline_width=0.003)


def test_the_looks_find_their_fonts() -> None:
    families = {f for look in SHIPPED for f in (look.style.family, look.style.second_family) if f}
    assert families <= set(load_fonts())


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
    """Words of which one is half said."""
    return tuple(InkWord(t, style, "now", told=PARTS // 2) if i == now else InkWord(t, style) for i, t in enumerate(texts))


def drawn(style: CaptionStyle, texts: tuple[str, ...], now: int | None, ground: int = 90) -> Planes:
    """A card of one row on a grey picture of 540 x 960."""
    out = grey(ground, 540, 960)
    for one in CaptionInk(style, 540, 960).sprites((words_of(texts, now, style),), 0.5):
        one.blend(out)
    return out


def pixels(style: CaptionStyle, texts: tuple[str, ...], now: int | None) -> np.ndarray:  # type: ignore[type-arg]
    """What is drawn alone: uint8 (960, 540, 4)."""
    image = painted(CaptionInk(style, 540, 960).sprites((words_of(texts, now, style),), 0.5), 540, 960)
    return np.frombuffer(image.constBits(), np.uint8).reshape(960, 540, 4).copy()


def card_of(texts: tuple[str, ...], style: CaptionStyle = PLAIN, width: int = 540) -> LaidCard:
    return laid_out((words_of(texts, None, style),), style, (width, 960), 0.5)


def highlighted_columns(style: CaptionStyle, texts: tuple[str, ...], now: int) -> float:
    """Middle column of what changes when a word is highlighted."""
    planes = [to_bgr(drawn(style, texts, which)).astype(int) for which in (now, None)]
    changed = np.abs(planes[0] - planes[1]).max(axis=2).max(axis=0)
    return float(np.flatnonzero(changed > 6).mean())


@pytest.mark.parametrize(
    "style", [PLAIN, *(look.style for look in SHIPPED if look.style.ink != look.style.highlight or look.style.line[7:] != "00")]
)
def test_each_word_is_highlighted_in_its_place(style: CaptionStyle) -> None:
    middles = [highlighted_columns(style, ("you", "grow", "soil"), i) for i in range(3)]
    assert middles == sorted(middles)
    assert middles[2] - middles[0] > 50


@pytest.mark.parametrize("style", [PLAIN, replace(PLAIN, line="#00ff00")])
@pytest.mark.parametrize("texts", [("שלום", "עולם", "גדול"), ("مرحبا", "بالعالم", "الكبير")])
def test_right_to_left_words_are_highlighted_from_the_right(style: CaptionStyle, texts: tuple[str, ...]) -> None:
    middles = [highlighted_columns(style, texts, i) for i in range(3)]
    assert middles == sorted(middles, reverse=True)


def test_a_word_too_wide_is_made_smaller() -> None:
    style = replace(PLAIN, size=0.05)
    word = "Donaudampfschifffahrtsgesellsch"
    assert CaptionInk(style, 540, 960).width_of(word) > 1
    used = np.flatnonzero(pixels(style, (word,), None)[..., 3].max(axis=0) > 200)
    assert np.ptp(used) <= style.width * 540 * 1.06
    assert len({w.row for w in card_of((word,), style).words}) == len(card_of((word,), style).rows) == 1


def test_a_word_far_too_wide_is_broken() -> None:
    card = card_of(("x" * 200,))
    assert card.rows[0].height() > 2 * card_of(("x",)).rows[0].height()


def test_shipped_captions_are_legible_on_their_ground() -> None:
    """WCAG 2.2, 1.4.3: at least 4.5:1; letters against the plate, outline or shadow they stand on."""

    def luminance(colour: str) -> float:
        parts = [int(colour[i : i + 2], 16) / 255 for i in (1, 3, 5)]
        r, g, b = (c / 12.92 if c <= 0.04045 else ((c + 0.055) / 1.055) ** 2.4 for c in parts)
        return 0.2126 * r + 0.7152 * g + 0.0722 * b

    for look in SHIPPED:
        style = look.style
        plated = len(style.plate) == 7 or int(style.plate[7:], 16) >= 0xE0
        assert plated or style.outline_width > 0 or style.shadow >= 0.6 or style.band >= 0.6, f"{look.name} stands on nothing"
        ground = style.plate if plated else (style.outline if style.outline_width > 0 else "#000000")
        for front in (style.ink, style.highlight):
            high, low = sorted((luminance(front), luminance(ground)), reverse=True)
            assert (high + 0.05) / (low + 0.05) >= 4.5, (look.name, front, ground)


def test_the_highlighted_word_has_its_colour_on_screen() -> None:
    b, g, r = np.moveaxis(to_bgr(drawn(PLAIN, ("SOIL",), 0, 30)).astype(int), 2, 0)
    assert np.count_nonzero((r > 225) & (g < 40) & (b < 40)) > 300


@pytest.mark.parametrize(("radius", "corner"), [(0.0, 255), (0.6, 0)])
def test_a_plate_lies_behind_the_words_alone(radius: float, corner: int) -> None:
    style = replace(PLAIN, plate="#f0e0d0ff", outline_width=0.0, plate_radius=radius)
    alpha = pixels(style, ("you", "grow"), None)[..., 3]
    rows, columns = np.flatnonzero(alpha.max(axis=1)), np.flatnonzero(alpha.max(axis=0))
    assert alpha[rows[0] + 1, columns[0] + 1] == corner
    assert columns[0] > 54, "no wider than its words"


def test_a_word_with_its_own_style_is_set_in_it() -> None:
    own = replace(PLAIN, size=0.07, ink="#00ff00")
    plain = card_of(("you", "grow")).words
    bigger = laid_out(((InkWord("you", PLAIN), InkWord("grow", own)),), PLAIN, (540, 960), 0.5).words
    assert bigger[1].outline.boundingRect().height() > 1.4 * plain[1].outline.boundingRect().height()
    assert bigger[0].outline.boundingRect().height() == pytest.approx(plain[0].outline.boundingRect().height(), abs=0.1)


TEXTS = {
    "letters outside the basic plane": ("𝒳𝒴", "is", "𝔐ath"), "right to left": ("שלום", "עולם", "גדול"),
    "both ways": ("the", "word", "שלום", "means", "peace"), "combining marks": ("é̂", "naïve", "ą́"),
    "joined letters": ("مرحبا", "بالعالم"), "conjuncts": ("क्षत्रिय", "ज्ञान", "हिन्दी"), "no spaces": ("園芸", "は", "楽しい", "です。"),
    "no spaces and marks": ("สวัสดี", "ครับ"), "Greek": ("φύτεψε", "σκόρδο"), "Cyrillic": ("посади", "чеснок"), "Korean": ("마늘을", "심어요"),
}  # fmt: skip


@pytest.mark.fault
@pytest.mark.parametrize("name", TEXTS)
def test_every_glyph_belongs_to_exactly_one_word(name: str) -> None:
    """The words' glyphs together against all that the text engine itself lays out for the whole text: none lost, none twice."""
    row = words_of(TEXTS[name], None, PLAIN)
    text = layout._text_of(row)
    engine, _lines = layout._set(row, text, 1e6, 960, False, "")

    def glyphs(first: int, units: int) -> list[tuple[int, float, float]]:
        return sorted(
            (glyph, round(at.x(), 1), round(at.y(), 1))
            for run in engine.glyphRuns(first, units)
            for glyph, at in zip(run.glyphIndexes(), run.positions(), strict=True)
        )

    encoded = engine.text().encode("utf-16-le")
    spaces = [g for n in range(len(encoded) // 2) if encoded[2 * n : 2 * n + 2] == b" \0" for g in glyphs(n, 1)]
    apart = sorted([g for first, units in zip(text.starts, text.units, strict=True) for g in glyphs(first, units)] + spaces)
    assert apart == glyphs(0, code_units(engine.text()))


@pytest.mark.parametrize("name", TEXTS)
def test_what_ships_has_every_letter(name: str) -> None:
    """No glyph 0, which fonts draw as an empty box, and no family of the machine."""
    row = words_of(TEXTS[name], None, replace(PLAIN, family="Literata"))
    text = layout._text_of(row)
    engine, _lines = layout._set(row, text, 1e6, 960, False, "ja" if name == "no spaces" else "")
    runs = engine.glyphRuns(0, code_units(engine.text()))
    assert all(glyph != 0 for run in runs for glyph in run.glyphIndexes()) or name == "letters outside the basic plane"
    if name != "letters outside the basic plane":
        assert {run.rawFont().familyName() for run in runs} <= set(load_fonts())


@pytest.mark.fault
@pytest.mark.parametrize("before", ["😀", "𝒳𝒴", "👩‍👩‍👧", "é̂", "🇫🇷🇫🇷", "a"])
def test_the_letters_after_a_sign_outside_the_basic_plane_are_all_drawn(before: str) -> None:
    word = card_of(("great", before, "news")).words[2]
    alone = card_of(("news",)).words[0]
    assert word.outline.boundingRect().width() == pytest.approx(alone.outline.boundingRect().width(), abs=0.6)
    assert word.outline.elementCount() == alone.outline.elementCount()


@pytest.mark.fault
def test_the_last_word_after_an_emoji_is_highlighted_whole() -> None:
    counts = []
    for before in ("😀", "x"):
        picture = pixels(PLAIN, (before, "news"), 1)
        counts.append(
            np.count_nonzero((picture[..., 2] > 200) & (picture[..., 0] < 60) & (picture[..., 1] < 60) & (picture[..., 3] > 200))
        )
    assert counts[0] == pytest.approx(counts[1], rel=0.03)


@pytest.mark.parametrize(
    ("text", "count"), [("😀", 1), ("👩‍👩‍👧", 1), ("🇫🇷🇫🇷", 2), ("👍🏽", 1), ("1️⃣", 1), ("soil", 0), ("©", 0), ("a😀b🌱", 2)]
)
def test_emoji_are_drawn_in_colour_each_once(text: str, count: int) -> None:
    (word,) = card_of((text,)).words
    assert len(word.pictures) == count
    boxes = [box for _code, box in word.pictures]
    assert all(a.right() < b.left() for a, b in zip(boxes, boxes[1:], strict=False))
    assert all(box.width() > 0.8 * word.size for box in boxes)


def test_an_emoji_keeps_its_colours_while_its_word_is_said() -> None:
    still, now = (pixels(PLAIN, ("🥕",), which) for which in (None, 0))
    orange = [(p[..., 2].astype(int) - p[..., 0] > 90) for p in (still, now)]
    assert orange[0].sum() > 100
    np.testing.assert_array_equal(*orange)


def test_scripts_without_spaces_are_written_without_them() -> None:
    for texts, whole in ((("園芸", "は", "楽しい"), "園芸は楽しい"), (("now", "園芸", "は"), "now 園芸は")):
        assert layout._text_of(words_of(texts, None, PLAIN)).whole == whole


def test_signs_that_turn_or_break_other_words_are_left_out() -> None:
    assert layout._text_of(words_of(("so\u202eil\n", "\u2028up\x00"), None, PLAIN)).whole == "soil up"


# what changes over a word's own time


def test_a_word_that_is_filled_along_is_filled_from_its_beginning() -> None:
    for texts, ahead in ((("wonderful",), 1), (("مرحبا",), -1)):
        style = replace(PLAIN, sweep=True, outline_width=0.0, size=0.06)
        middles = []
        for told in (6, 18):
            sprites = CaptionInk(style, 540, 960).sprites(((InkWord(texts[0], style, "now", STEPS, told),),), 0.5)
            image = painted(sprites, 540, 960)
            picture = np.frombuffer(image.constBits(), np.uint8).reshape(960, 540, 4)
            red = (picture[..., 2] > 200) & (picture[..., 0] < 60)
            middles.append(float(np.flatnonzero(red.max(axis=0)).mean()))
        assert (middles[1] - middles[0]) * ahead > 8


def test_letters_come_one_after_the_other() -> None:
    style = replace(PLAIN, reveal="letters", outline_width=0.0)
    widths = []
    for told in (1, PARTS // 2, PARTS):
        sprites = CaptionInk(style, 540, 960).sprites(
            ((InkWord("abcdefgh", style, "now", STEPS, told), InkWord("next", style, "upcoming")),), 0.5
        )
        image = painted(sprites, 540, 960)
        widths.append(
            int(np.ptp(np.flatnonzero(np.frombuffer(image.constBits(), np.uint8).reshape(960, 540, 4)[..., 3].max(axis=0))))
        )
    assert widths[0] < 0.3 * widths[2]
    assert 0.4 * widths[2] < widths[1] < 0.7 * widths[2]


@pytest.mark.parametrize(
    "changes", [{"grow": 1.4}, {"now_weight": 900}, {"lift": 0.3}, {"lean": 12.0}, {"glow": 1.0}, {"mark": "#00ff00"}]
)
def test_each_property_of_the_word_being_said_is_seen_and_comes_by_steps(changes: dict) -> None:  # type: ignore[type-arg]
    style = replace(PLAIN, highlight=PLAIN.ink, ease="even", **changes)

    def at(lit: int) -> np.ndarray:  # type: ignore[type-arg]
        rows = ((InkWord("you", style), InkWord("grow", style, "now", lit)),)
        image = painted(CaptionInk(style, 540, 960).sprites(rows, 0.5), 540, 960)
        return np.frombuffer(image.constBits(), np.uint8).astype(int)

    still = pixels(replace(style, ease="none"), ("you", "grow"), None).astype(int).ravel()
    whole, half, first = (np.abs(at(lit) - still).sum() for lit in (STEPS, STEPS // 2, 1))
    assert first < half < whole
    assert whole > 20_000


def test_a_card_comes_and_goes() -> None:
    for way in ("fade", "rise", "drop", "grow", "slide", "wipe"):
        style = replace(PLAIN, entrance=way, exit=way)
        ink, rows = CaptionInk(style, 540, 960), (words_of(("you", "grow"), None, style),)
        seen = []
        for come, go in ((1, 0), (4, 0), (STEPS, 0), (STEPS, 4), (STEPS, 7)):
            image = painted(ink.sprites(rows, 0.5, come, go), 540, 960)
            seen.append(int(np.frombuffer(image.constBits(), np.uint8).reshape(960, 540, 4)[..., 3].sum()))
        assert seen[0] < seen[1] < seen[2] > seen[3] > seen[4], way


def test_the_second_style_of_weight_has_room() -> None:
    """A word that turns heavy does not touch its neighbours."""
    style = replace(PLAIN, weight=300, now_weight=900, outline_width=0.0, size=0.05)
    ink, rows = CaptionInk(style, 540, 960), (words_of(("minimum", "minimum", "minimum"), 1, style),)
    card = ink.card(rows, 0.5)
    heavy = ink._outline(rows, 1, 900, 0.5).boundingRect()
    assert card.words[0].outline.boundingRect().right() < heavy.left()
    assert heavy.right() < card.words[2].outline.boundingRect().left()


def test_the_band_is_darkest_behind_the_words() -> None:
    style = replace(PLAIN, band=0.6)
    found = band(card_of(("you",), style), style, (540, 960))
    assert found is not None
    column = found.picture[:, 270, 3].astype(int)
    assert column[0] < 10 > column[-1]
    assert column[len(column) // 2] == pytest.approx(0.6 * 255, abs=2)


@pytest.mark.parametrize("look", SHIPPED, ids=lambda look: look.name)
@pytest.mark.parametrize(
    "texts", [("x" * 200,), ("W" * 30, "W" * 30), ("soil",), ("क्षत्रिय", "शुभंकरोति"), ("مرحبا",), ("",), ("🌱🌱🌱",)]
)
@pytest.mark.parametrize(
    ("width", "height", "size", "middle"), [(540, 960, None, 0.97), (320, 400, 0.2, 0.02), (960, 540, 0.12, 0.5)]
)
def test_no_text_leaves_the_frame(
    look: Look, texts: tuple[str, ...], width: int, height: int, size: float | None, middle: float
) -> None:
    style = look.style if size is None else replace(look.style, size=size)
    rows = tuple(words_of(texts, 0, style) for _ in range(style.max_lines))
    card = laid_out(rows, style, (width, height), middle)
    for word in card.words:
        box = card.placed.mapRect(word.outline.boundingRect())
        if not box.isEmpty():
            assert box.left() >= -1, (look.name, box)
            assert box.right() <= width + 1
            assert box.top() >= -1
            assert box.bottom() <= height + 1


def test_the_same_card_is_the_same_bytes() -> None:
    style = SHIPPED[0].style
    one, two = (pixels(style, ("you", "grow", "soil"), 1) for _ in range(2))
    np.testing.assert_array_equal(one, two)

"""The nearer choice wins: look, short, shape, card, line, word."""

from __future__ import annotations

import pytest

from standtall.base.errors import ProjectError
from standtall.captions.grouping import Card
from standtall.captions.said import CaptionWord
from standtall.compose.producers.caption_styles import CaptionStyles
from standtall.compose.producers.captions import caption_layer
from standtall.model.caption_marks import Strong
from standtall.model.captions import Captions
from standtall.model.style import CaptionStyle, CardScope, LineScope, Override, ShapeScope, WordScope, check_changes, resolved
from standtall.model.words import Word

LOOK = CaptionStyle("Inter", size=0.03, ink="#000001")
WORDS = tuple(Word(t, i * 10, i * 10 + 8) for i, t in enumerate(["one", "two", "three"]))
CARD = Card((tuple(CaptionWord("k", w, w.text, w.start, w.end) for w in WORDS),), 0, 40)


def test_each_scope_wins_over_the_wider_one() -> None:
    two = WORDS[1].id
    captions = Captions(
        style={"ink": "#000002", "weight": 600, "size": 0.04, "case": "capitals", "max_words": 2},
        overrides=(
            Override(WordScope("k", two), {"ink": "#000006"}),
            Override(LineScope("k", two), {"ink": "#000005", "weight": 800}),
            Override(CardScope("k", two), {"ink": "#000004", "weight": 700, "size": 0.06}),
            Override(ShapeScope("9:16"), {"ink": "#000003", "weight": 650, "size": 0.05, "case": "small"}),
            Override(ShapeScope("1:1"), {"ink": "#00000f"}),
            Override(WordScope("other", two), {"ink": "#00000e"}),
            Override(CardScope("k", 999), {"ink": "#00000d"}),
        ),
    )
    styles = CaptionStyles(LOOK, captions, "9:16")
    base = styles.of_short()
    assert (base.ink, base.weight, base.size, base.case, base.max_words) == ("#000003", 650, 0.05, "small", 2)
    layer = caption_layer(CARD, 12, styles, base, 0.5)
    assert (layer.style.ink, layer.style.weight, layer.style.size) == ("#000004", 700, 0.06)
    styles_of = [w.drawn.style for w in layer.words]
    assert [(s.ink, s.weight, s.size) for s in styles_of] == [
        ("#000005", 800, 0.06),
        ("#000006", 800, 0.06),
        ("#000005", 800, 0.06),
    ]
    assert [w.drawn.state for w in layer.words] == ["said", "now", "upcoming"]
    assert [(w.source, w.word) for w in layer.words] == [("k", w.id) for w in WORDS]


def test_nothing_chosen_is_the_look_itself() -> None:
    styles = CaptionStyles(LOOK, Captions(), "9:16")
    assert styles.of_short() is LOOK
    assert caption_layer(CARD, 0, styles, LOOK, 0.5).style is LOOK


@pytest.mark.parametrize("changes", [{"ink": "red"}, {"size": 5.0}, {"weight": True}, {"wobble": 1}, {"ease": "fireworks"}])
def test_what_no_style_allows_is_refused(changes: dict) -> None:  # type: ignore[type-arg]
    with pytest.raises(ProjectError):
        check_changes(changes)
        resolved(LOOK, (changes,))


def two_lines(styles: CaptionStyles, base: CaptionStyle) -> list[CaptionStyle]:
    card = Card((CARD.words[:2], CARD.words[2:]), 0, 40)
    return [w.drawn.style for w in caption_layer(card, 12, styles, base, 0.5).words]


def test_the_second_line_has_a_style_of_its_own() -> None:
    base = resolved(LOOK, ({"second_size": 0.5, "second_ink": "#0000ff", "second_italic": True, "second_weight": 300},))
    one, _two, three = two_lines(CaptionStyles(base, Captions(), "9:16"), base)
    assert one == base
    assert (three.size, three.ink, three.italic, three.weight) == (0.015, "#0000ff", True, 300)


def test_words_with_emphasis_and_speakers_have_theirs() -> None:
    base = resolved(LOOK, ({"strong_ink": "#00ff00", "strong_size": 2.0, "speaker_inks": "#111111 #222222"},))
    captions = Captions(strong=(Strong("k", WORDS[1].id, "rare"),))
    one, two, _three = two_lines(CaptionStyles(base, captions, "9:16"), base)
    assert (one.ink, one.size) == ("#111111", 0.03)
    assert (two.ink, two.size) == ("#00ff00", 0.06)


def test_a_word_changes_back_from_when_it_is_no_longer_highlighted() -> None:
    """Not from its end: it stays highlighted until the next word begins."""
    words = (Word("one", 0, 4_000), Word("two", 9_600, 20_000))
    card = Card((tuple(CaptionWord("k", w, w.text, w.start, w.end) for w in words),), 0, 40_000)
    base = resolved(LOOK, ({"ease": "even", "ease_s": 0.2},))
    styles = CaptionStyles(base, Captions(), "9:16")
    lit = [caption_layer(card, tick, styles, base, 0.5).words[0].drawn.lit for tick in (9_600, 9_600 + 4_800, 9_600 + 9_600)]
    assert lit == [1, 4, 8]

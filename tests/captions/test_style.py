"""The nearer choice wins: look, short, shape, card, line, word."""

from __future__ import annotations

import pytest

from standtall.base.errors import ProjectError
from standtall.captions.lines import CaptionLine, CaptionWord
from standtall.compose.producers.captions import CaptionStyles, caption_layer
from standtall.model.captions import Captions
from standtall.model.style import CaptionStyle, CardScope, LineScope, Override, ShapeScope, WordScope, check_changes, resolved
from standtall.model.words import Word

LOOK = CaptionStyle("Inter", size=0.03, ink="#000001")
WORDS = tuple(Word(t, i * 10, i * 10 + 8) for i, t in enumerate(["one", "two", "three"]))
CARD = CaptionLine(tuple(CaptionWord("k", w, w.text, w.start, w.end) for w in WORDS), 0, 40)


def test_each_scope_wins_over_the_wider_one() -> None:
    two = WORDS[1].id
    captions = Captions(
        style={"ink": "#000002", "weight": 600, "size": 0.04, "capitals": True, "max_words": 2},
        overrides=(
            Override(WordScope("k", two), {"ink": "#000006"}),
            Override(LineScope("k", two), {"ink": "#000005", "weight": 800}),
            Override(CardScope("k", two), {"ink": "#000004", "weight": 700, "size": 0.06}),
            Override(ShapeScope("9:16"), {"ink": "#000003", "weight": 650, "size": 0.05, "capitals": False}),
            Override(ShapeScope("1:1"), {"ink": "#00000f"}),
            Override(WordScope("other", two), {"ink": "#00000e"}),
            Override(CardScope("k", 999), {"ink": "#00000d"}),
        ),
    )
    styles = CaptionStyles(LOOK, captions, "9:16")
    base = styles.of_short()
    assert (base.ink, base.weight, base.size, base.capitals, base.max_words) == ("#000003", 650, 0.05, False, 2)
    layer = caption_layer(CARD, 12, styles, base, 0.5)
    assert (layer.style.ink, layer.style.weight, layer.style.size) == ("#000005", 800, 0.06)
    assert [w.style.ink if w.style else None for w in layer.words] == [None, "#000006", None]
    assert [w.state for w in layer.words] == ["said", "now", "upcoming"]
    assert [(w.source, w.word) for w in layer.words] == [("k", w.id) for w in WORDS]


def test_nothing_chosen_is_the_look_itself() -> None:
    styles = CaptionStyles(LOOK, Captions(), "9:16")
    assert styles.of_short() is LOOK
    assert caption_layer(CARD, 0, styles, LOOK, 0.5).style is LOOK


@pytest.mark.parametrize("changes", [{"ink": "red"}, {"size": 5.0}, {"weight": True}, {"wobble": 1}, {"lighting": "fireworks"}])
def test_what_no_style_allows_is_refused(changes: dict) -> None:  # type: ignore[type-arg]
    with pytest.raises(ProjectError):
        check_changes(changes)
        resolved(LOOK, (changes,))

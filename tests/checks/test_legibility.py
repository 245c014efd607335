"""Contrast, reading speed and line length of captions."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
import pytest

from standtall.base.errors import NothingToDo
from standtall.base.progress import Progress
from standtall.base.time import TICKS_PER_SECOND
from standtall.checks.legibility import LEAST, Behind, hard_to_follow, looked_behind, low_contrast, luminance, ratio
from standtall.compose.composition import Composition
from standtall.media.planes import Planes
from standtall.model.analysis import Analysis
from standtall.model.source import Source
from standtall.session.composing import footage_for, worked_out
from standtall.session.look_behind import Legibility, legibility, legible_change
from tests.helpers import small_short

PLAIN = {"plate": "#00000000", "shadow": 0.0, "line": "#00000000", "family": "Rubik", "weight": 700}


def of(text: str) -> float:
    return float(luminance(tuple(int(text[i : i + 2], 16) / 255 for i in (5, 3, 1))))  # type: ignore[arg-type]


@pytest.mark.parametrize(
    ("one", "two", "said"),
    [("#000000", "#ffffff", 21.0), ("#777777", "#ffffff", 4.48), ("#767676", "#ffffff", 4.54), ("#ff0000", "#ffffff", 4.00),
     ("#0000ff", "#ffffff", 8.59), ("#00ff00", "#000000", 15.30), ("#ffff00", "#ffffff", 1.07)],
)  # fmt: skip
def test_ratios_are_those_of_the_standard(one: str, two: str, said: float) -> None:
    """WCAG 2.2's own formula; 4.48 and 4.54 around the limit of 4.5 are the values its documents use, the others from memory."""
    assert ratio(of(one), of(two)) == pytest.approx(said, abs=0.01)


def composed(source: Source, analysis: Analysis, **style: object) -> Composition:
    short = small_short("a", source.key, (0, 6 * TICKS_PER_SECOND), size=(540, 960))
    short = replace(short, captions=replace(short.captions, style={**PLAIN, **style}))  # type: ignore[dict-item]
    return worked_out(short, footage_for(short, source, analysis))


def over(composition: Composition, grey: int) -> list[Behind]:
    """As if the picture were of one grey everywhere."""
    planes = Planes(
        np.full((960, 540), 16 + round(grey * 219 / 255), np.uint8), *(np.full((480, 270), 128, np.uint8) for _ in range(2))
    )
    return looked_behind(composition, lambda _frame: planes, lambda _s: None)


@pytest.mark.parametrize(
    ("ink", "grey", "good"), [("#ffffff", 40, True), ("#ffffff", 150, False), ("#101010", 220, True), ("#101010", 60, False)]
)
def test_letters_on_an_even_ground_have_the_ratio_of_the_colours(
    demo_source: Source, demo_analysis: Analysis, ink: str, grey: int, good: bool
) -> None:
    made = composed(demo_source, demo_analysis, ink=ink, highlight=ink)
    found = low_contrast(made, over(made, grey))
    assert (not found) == good
    if found:
        value = ratio(of(ink), of(f"#{grey:02x}{grey:02x}{grey:02x}"))
        assert found[0].value == pytest.approx(value, abs=0.15)
        assert found[0].value < LEAST
        assert f"{found[0].value:.1f} : 1" in found[0].told


@pytest.mark.parametrize(
    "help_",
    [{"shadow": 1.0, "shadow_blur": 0.1}, {"outline": "#000000", "outline_width": 0.003}, {"band": 0.8}, {"plate": "#000000f0"}],
)
def test_what_lies_under_the_letters_counts(demo_source: Source, demo_analysis: Analysis, help_: dict) -> None:  # type: ignore[type-arg]
    plain = composed(demo_source, demo_analysis, ink="#ffffff", highlight="#ffffff")
    helped = composed(demo_source, demo_analysis, ink="#ffffff", highlight="#ffffff", **help_)
    without, with_it = low_contrast(plain, over(plain, 170)), low_contrast(helped, over(helped, 170))
    assert without
    assert not with_it or with_it[0].value > without[0].value + 0.8


def test_the_slightest_change_that_helps_all_is_found(demo_source: Source, demo_analysis: Analysis) -> None:
    made = composed(demo_source, demo_analysis, ink="#ffffff", highlight="#ffffff")
    behind = tuple(over(made, 200))
    names: list[str] = []
    changes = legible_change(Legibility(tuple(low_contrast(made, behind)), made, behind), names.append)
    assert names
    helped = composed(demo_source, demo_analysis, ink="#ffffff", highlight="#ffffff", **changes)
    assert low_contrast(helped, behind) == []
    with pytest.raises(NothingToDo, match="enough contrast"):
        legible_change(Legibility((), made, behind), names.append)


def test_the_real_picture_is_looked_at(demo_source: Source, demo_analysis: Analysis) -> None:
    """Green letters of the leaves behind them are lost; the shipped strip of paper is not."""
    lost = legibility(composed(demo_source, demo_analysis, ink="#5a4a40", highlight="#5a4a40"), {}, Progress())
    assert any(f.fault == "contrast" for f in lost.found)
    paper = composed(demo_source, demo_analysis, plate="#f6efe1f2", ink="#1f2b2a", highlight="#1f2b2a")
    assert not any(f.fault == "contrast" for f in legibility(paper, {}, Progress()).found)


def test_quick_cards_and_long_lines_are_told(demo_source: Source, demo_analysis: Analysis) -> None:
    made = composed(demo_source, demo_analysis)
    card = max(made.cards, key=lambda c: len(c.text))
    quick = replace(made, cards=(card._replace(end=card.start + TICKS_PER_SECOND // 4),))
    assert [f.fault for f in hard_to_follow(quick)] == ["speed"]
    row = tuple(w for c in made.cards[:6] for w in c.words)
    long = replace(made, cards=(card._replace(lines=(row,), end=card.start + 60 * TICKS_PER_SECOND),))
    assert [f.fault for f in hard_to_follow(long)] == ["length"]
    assert hard_to_follow(replace(made, cards=())) == []

"""What is asked of moments: topics in other words, likeness, other shapes, chapters; what votes teach."""

from __future__ import annotations

from dataclasses import replace

import pytest

from standtall.base.time import TICKS_PER_SECOND
from standtall.exchange.chapters_out import as_metadata, as_text
from standtall.language.stems import stem
from standtall.model.analysis import Analysis, Sounding
from standtall.model.moment import PARTS, Chapter, passage_of
from standtall.moments.finder import Finder, Wish
from standtall.moments.learning import USUAL, Lesson, learn
from standtall.moments.parts import ending, worth
from standtall.moments.talk import Talk
from tests.moments.test_moments import STRONG, find, said, talk_of

BEES = [
    "The hive wants a southern slope and a hedge behind it. A queen lays two thousand eggs on a summer day.",
    "Feed the colony with sugar when the clover fails. Bees keep the honey warm by shivering all winter.",
    "Smoke calms the hive before you lift the frames. The honey comes out when the wax is capped.",
    "A swarm follows its queen to a hollow tree. Beekeepers wait under it with a wooden box.",
]
BOATS = [
    "The harbour silts up whenever the wind turns north. A sailor reads the tide before the engine starts.",
    "Tar the hull twice or the planks will drink the river. Ropes rot from the inside of the knot.",
    "An anchor holds by its chain and not by its weight. Sailors drop it slowly, well upwind.",
    "The mast came from a spruce that grew on the island. Varnish keeps the rain out of the grain.",
]


def two_topics() -> Analysis:
    return talk_of(*(p for p in BEES for _ in range(1)), *BOATS, pause=1.0)


def test_chapters_begin_where_the_words_change() -> None:
    analysis = two_topics()
    chapters = Finder(analysis).chapters
    assert chapters[0].start == 0
    assert chapters[-1].end == analysis.words[-1].end
    border = next(w.start for w in analysis.words if w.text == "harbour")
    assert min(abs(c.start - border) for c in chapters[1:]) < 8 * TICKS_PER_SECOND
    assert all(a.end == b.start for a, b in zip(chapters, chapters[1:], strict=False))
    spoken = {w.bare for w in analysis.words}
    for chapter in chapters:
        assert chapter.title
        assert all(piece.strip(",…").lower() in spoken for piece in chapter.title.split())


def test_a_topic_is_met_in_other_words_that_go_with_it() -> None:
    texts = [f"The hive number {n} is full of honey and wax. Bees love honey from the clover." for n in range(4)]
    texts += [f"The boat number {n} needs tar on its hull. Sailors tar the hull in spring." for n in range(4)]
    texts += ["Honey sells for nine coins at the gate. Everybody asks for more of it."]
    finder = Finder(talk_of(*texts))
    related = finder.topics.related("bee")
    assert related[stem("bees", "en")] == 1.0
    assert stem("honey", "en") in related
    assert stem("hull", "en") not in related
    best = finder.find(Wish(4, 11, 3, topics=("bees",)))
    assert "boat" not in said(finder.analysis, best[0].words)
    assert best[0].about[0].startswith("bees: bees")
    assert finder.topics.related("spaceship") == {}


def test_more_like_this_stays_with_its_subject() -> None:
    analysis = two_topics()
    finder = Finder(analysis)
    bees = next(i for i, w in enumerate(analysis.words) if w.text == "queen")
    sentence = finder.talk.sentence_at(bees)
    like = (analysis.words[sentence.start].start, analysis.words[sentence[-1]].end)
    alike = finder.find(Wish(5, 20, 2, like=like))
    border = next(w.start for w in analysis.words if w.text == "harbour")
    assert alike[0].end <= border
    assert all(min(m.end, like[1]) - max(m.start, like[0]) <= 0.2 * m.length for m in alike)


def test_a_passage_opens_on_a_strong_line_from_later_and_that_can_be_taken_back() -> None:
    dull = "The garden lies behind the old station near the river. The shed there has a green dispatcher and a bench. "
    strong = "Nobody ever tells you the truth about two inches of compost. "
    rest = "The compost keeps the soil wet in a dry summer. The worms carry it down for the whole year."
    analysis = talk_of(dull + strong + rest)
    finder = Finder(analysis)
    wish = Wish(18, 60, 1)  # too long for the strong line and the rest alone
    (found,) = finder.find(wish)
    assert found.lead is not None
    assert said(analysis, found.lead).startswith("Nobody ever tells")
    assert found.words[: len(found.lead)] == tuple(found.lead)
    assert sorted(found.words) == list(range(found.first, found.last + 1)), "moved, not said twice"
    plain = finder.rerated(found, replace(found.shape, lead=None), wish)
    assert plain.lead is None and plain.words == tuple(range(found.first, found.last + 1))
    assert plain.rating < found.rating
    (as_said,) = finder.find(replace(wish, whole=True))
    assert as_said.lead is None and as_said.dull is None


def test_a_dull_stretch_of_the_middle_is_left_out_to_fit_the_length() -> None:
    dull = "Well there was some more of that here and then we had what we had. It went on and on for a good while as it does. "
    analysis = talk_of(STRONG.replace("Put two", dull + "Put two"))
    finder = Finder(analysis)
    (found, *_rest) = finder.find(Wish(10, 22, 1))
    assert found.dull is not None
    assert "went on and on" in said(analysis, found.dull)
    assert found.length <= 22 * TICKS_PER_SECOND
    assert set(found.dull).isdisjoint(found.words)


def test_the_runs_of_a_passage() -> None:
    assert passage_of(0, 9) == (range(10),)
    assert passage_of(0, 9, lead=range(4, 6)) == (range(4, 6), range(4), range(6, 10))
    assert passage_of(0, 9, lead=range(12, 14), dull=range(3, 5)) == (range(12, 14), range(3), range(5, 10))


def test_laughter_counts_and_is_said() -> None:
    analysis = talk_of("We buried the spade at noon. Then we ate.", "The goose watched us.")
    last = next(i for i, w in enumerate(analysis.words) if w.text == "ate.")
    laugh = Sounding("laughter", analysis.words[last].end + 4_800, analysis.words[last].end + TICKS_PER_SECOND)
    loud = Talk(Analysis("k", analysis.words, language="en", soundings=(laugh,)))
    quiet, passage = Talk(analysis), (range(last + 1),)
    assert worth(loud, passage).value > worth(quiet, passage).value
    assert "people laugh" in [r.text for r in worth(loud, passage).reasons]
    assert "ends on a laugh" in [r.text for r in ending(loud, passage).reasons]


def test_votes_teach_the_weights_gently_and_in_words() -> None:
    assert learn(()).weights == USUAL
    assert learn(()).changes() == ()
    picture = PARTS.index("picture")
    liked = tuple(0.9 if n == picture else 0.5 for n in range(len(PARTS)))
    passed = tuple(0.2 if n == picture else 0.5 for n in range(len(PARTS)))
    one = learn((Lesson(liked, True),))
    many = learn(tuple(Lesson(v, k) for v, k in ((liked, True), (passed, False)) for _ in range(8)))
    assert USUAL[picture] < one.weights[picture] < many.weights[picture]
    assert one.weights[picture] - USUAL[picture] < 0.1
    assert sum(many.weights) == pytest.approx(1.0, abs=1e-3)
    assert many.changes()[0].startswith("Picture counts more")
    assert learn((Lesson((), True),)).votes == 0, "a vote without parts teaches nothing"
    older = learn((Lesson(liked[:6], True),))
    assert older.votes == 1 and older.weights[picture] > USUAL[picture], "votes from before a part was measured still count"


def test_learnt_weights_change_the_order() -> None:
    analysis = talk_of(STRONG, "The worms lay still in the deep cold winter soil until the frost had gone away. That was that.")
    by_ending = find(analysis, Wish(5, 40, 2, weights=(0, 0, 1.0, 0, 0, 0, 0)))
    assert by_ending[0].rating == pytest.approx(by_ending[0].part("ending").value, abs=1e-3)


def test_chapters_are_written_as_text_and_metadata() -> None:
    chapters = (
        Chapter(0, 61 * TICKS_PER_SECOND, "Soil; a = b"),
        Chapter(61 * TICKS_PER_SECOND, 4000 * TICKS_PER_SECOND, "Worms\nand  more"),
    )
    assert as_text(chapters) == "0:00 Soil; a = b\n1:01 Worms and more\n"
    assert as_text((*chapters, Chapter(4000 * TICKS_PER_SECOND, 4001 * TICKS_PER_SECOND, "End"))).splitlines()[2] == "1:06:40 End"
    text = as_metadata(chapters)
    assert text.startswith(";FFMETADATA1\n[CHAPTER]\nTIMEBASE=1/1000\nSTART=0\nEND=61000\ntitle=Soil\\; a \\= b\n")

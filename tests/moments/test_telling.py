"""Where something is told: what is measured of each sentence, the weights that ship, and how they are taught."""

from __future__ import annotations

import itertools
from dataclasses import replace

import numpy as np
import pytest
from bench.talks import TUNING, talked
from bench.telling import LONGEST, SHORTEST, Lesson, _likelihood, lesson

from standtall.moments.finder import Finder, Wish
from standtall.moments.talk import Talk
from standtall.moments.telling import AT_EDGES, FEATURES, FROM_LISTS, _weights, measured
from tests.moments.test_asides import STORY, talk_of

WIDE = len(FEATURES)


def column(talk: Talk, name: str) -> list[float]:
    return [round(float(v), 3) for v in measured(talk)[0][:, FEATURES.index(name)]]


def test_each_sentence_is_measured() -> None:
    talk = talk_of((0, "Why did nobody ask?"), (1, "I lost the ferry, perhaps, in two storms."), (1, "The ferry was red."))
    assert column(talk, "asks") == [1, 0, 0]
    assert column(talk, "begins: question") == [1, 0, 0]
    assert column(talk, "early: claim") == [1, 0, 0]
    assert column(talk, "hedge") == [0, 0.125, 0]
    assert column(talk, "numbers") == [0, 1, 0]
    assert column(talk, "begins to tell") == [0, 1, 0]
    assert column(talk, "commas") == [0, 0.25, 0]
    assert column(talk, "cohesion")[2] == 0.5, "the ferry was there before, red was not"
    assert column(talk, "new") == [1, 1, 0.5]


def test_an_edge_is_measured_with_what_is_outside_and_inside_it() -> None:
    talk = talk_of((0, "Why did nobody ask?"), (1, "I lost the ferry in two storms."), (1, "The ferry was red."))
    plain, edges = measured(talk)
    assert edges[1].shape == edges[-1].shape == (3, 4 * WIDE + len(AT_EDGES))
    own = {name: edges[1][1, 4 * WIDE + n] for n, name in enumerate(AT_EDGES)}
    assert own["turn begins"] == own["asked outside"] == 1 and own["same speaker outside"] == 0
    np.testing.assert_allclose(edges[1][1, WIDE : 2 * WIDE], plain[0])  # outside a beginning is what comes before
    np.testing.assert_allclose(edges[-1][1, WIDE : 2 * WIDE], plain[2])
    np.testing.assert_allclose(edges[1][0, 2 * WIDE : 3 * WIDE], plain[1:].mean(axis=0))
    assert not edges[1][0, 3 * WIDE : 4 * WIDE].any(), "before the first there is nothing"


def test_the_weights_that_ship_belong_to_what_is_measured() -> None:
    weights = _weights()
    for name, size in (("inside", WIDE), ("begins", 4 * WIDE + len(AT_EDGES)), ("ends", 4 * WIDE + len(AT_EDGES))):
        assert all(len(weights[name][part]) == size for part in ("mean", "spread", "weight"))
        assert min(weights[name]["spread"]) > 0
    lessons = [lesson(name) for name in TUNING[:3]]
    assert {len(one.strong) for one in lessons} == {4}


def test_the_log_odds_of_a_passage_are_those_of_its_sentences_and_edges() -> None:
    telling = talk_of((0, STORY), (1, "We had some of those.")).telling
    for first, last in itertools.combinations(range(len(telling.inside)), 2):
        wanted = telling.begins[first] + telling.inside[first : last + 1].sum() + telling.ends[last]
        assert telling.of(first, last) == pytest.approx(wanted)
        assert telling.from_start(first) + telling.to_end(last) == pytest.approx(wanted)
    assert len(Talk(replace(talk_of((0, STORY)).analysis, words=())).telling.inside) == 0


def test_in_a_language_without_lists_only_what_is_measured_counts() -> None:
    plain, other = talk_of((0, STORY)), Talk(replace(talk_of((0, STORY)).analysis, language="xx"))
    weights = _weights()["inside"]
    free = [n for n in range(WIDE) if n >= len(FROM_LISTS)]
    mean, spread, weight = (np.array(weights[name])[free] for name in ("mean", "spread", "weight"))
    wanted = ((measured(other)[0][:, free] - mean) / spread) @ weight + weights["shift"]
    np.testing.assert_allclose(other.telling.inside, wanted)
    assert not np.allclose(plain.telling.inside, other.telling.inside)


def segmentations(count: int) -> list[list[tuple[int, int]]]:
    """All ways to put passages of allowed length into so many sentences."""
    spans = [(a, b) for a in range(count) for b in range(a + SHORTEST - 1, min(count, a + LONGEST))]
    return [
        list(some) for k in range(count // SHORTEST + 1) for some in itertools.combinations(spans, k)
        if all(one[1] < other[0] for one, other in itertools.pairwise(sorted(some)))
    ]  # fmt: skip


def test_it_is_taught_by_the_likelihood_of_all_ways_to_cut_a_talk() -> None:
    rng = np.random.default_rng(3)
    width, edge, count = 2, 3, 7
    one = Lesson(*(rng.normal(size=(count, n)) for n in (width, edge, edge)), ((1, 4),))
    weights = rng.normal(size=width + 2 * edge + 2)

    def score(cut: list[tuple[int, int]]) -> float:
        inside, begins = one.plain @ weights[:width] + weights[-2], one.begins @ weights[width : width + edge] + weights[-1]
        ends = one.ends @ weights[width + edge : -2]
        return float(sum(begins[a] + ends[b] + inside[a : b + 1].sum() for a, b in cut))

    total = np.log(sum(np.exp(score(cut)) for cut in segmentations(count)))
    standard = (one.plain, one.begins, one.ends, one.strong)
    value, slope = _likelihood(weights, standard, width, edge)
    assert value == pytest.approx(score([(1, 4)]) - total)
    for n in range(len(weights)):
        step = np.zeros_like(weights)
        step[n] = 1e-6
        up, down = (_likelihood(weights + sign * step, standard, width, edge)[0] for sign in (1, -1))
        assert slope[n] == pytest.approx((up - down) / 2e-6, abs=1e-5)


@pytest.mark.fault
def test_a_question_about_goodbyes_is_no_goodbye() -> None:
    talk = talk_of((0, "Why do we never say goodbye?"), (0, STORY), (1, "Goodbye."))
    assert talk.asides[0] == "" and talk.asides[-1] == "notice"


@pytest.mark.fault
def test_what_is_told_of_going_home_is_no_goodbye_and_closing_words_are() -> None:
    talk = talk_of((0, "What should somebody do tonight, when they get home?"), (0, STORY), (1, "Get home safely."),
                   (1, "The sheet is going round."), (1, "Have a nice evening."))  # fmt: skip
    assert talk.asides[0] == "" and list(talk.asides[-3:]) == ["notice"] * 3


@pytest.mark.fault
def test_a_passage_may_begin_with_what_asks_to_be_heard() -> None:
    talk = talk_of((1, "It was more or less like that."), (0, "Okay, hear me out."), (0, STORY), (1, "Gosh."))
    assert talk.asides[1] == "reaction"
    starts = {s.start for s in Finder(talk.analysis)._spans(Wish(5, 60, 3))}
    assert talk.sentences[1].start in starts
    assert talk.sentences[-1].start not in starts, "what only reacts begins nothing"


def test_proposals_in_a_talk_that_taught_stand_on_its_strong_passages() -> None:
    made = talked("tuning-interview-3")
    found = Finder(made.analysis).find(Wish(20, 60, 4))
    assert {(m.first, m.last) for m in found} == {(run.start, run[-1]) for run in made.strong}

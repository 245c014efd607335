"""Beginning a short: within its channel, as the brief says; parts and terms named alike wherever they are asked for."""

from __future__ import annotations

import json
from pathlib import Path

import pytest

from standtall.base.time import TICKS_PER_SECOND
from standtall.cli.main import parser
from standtall.jobs.requests import AnalyseRequest, Asked
from standtall.library.channels import channels
from standtall.model.analysis import Analysis
from standtall.model.brief import Brief
from standtall.model.captions import FIRST_LOOK
from standtall.model.channel import channel_named
from standtall.model.codec import from_plain, to_plain
from standtall.model.corrections import Term
from standtall.model.cut import Segment
from standtall.model.short import Short
from standtall.model.source import Source
from standtall.model.words import Word
from standtall.session.analyse import Options
from standtall.session.begin import Choice, begun, short_of
from standtall.session.finish import file_name

pytestmark = pytest.mark.fault
KEY = "0123456789abcdef01234567"
SOURCE = Source(KEY, "/a.mp4", "a", 300 * TICKS_PER_SECOND, 1920, 1080, audio_channels=2)


def talk(*sentences_s: float) -> Analysis:
    """Sentences of so many seconds, a word each 0.4 s, with a second of silence around each."""
    words, at = [], 1.0
    for length in sentences_s:
        count = round(length / 0.4)
        for i in range(count):
            end = at + (0.4 if i == count - 1 else 0.35)
            words.append(Word("word." if i == count - 1 else "word", round(at * TICKS_PER_SECOND), round(end * TICKS_PER_SECOND)))
            at += 0.4
        at += 1.0
    return Analysis(KEY, tuple(words))


@pytest.mark.parametrize("sentences", [(20, 20, 17.2), (59.6,), (60.0, 5), (59.9,), (200,), (10, 300)])
@pytest.mark.parametrize("longest_s", [30, 60, 90, 170])
def test_the_first_short_is_no_longer_than_was_asked_for_and_its_channel_allows(
    sentences: tuple[float, ...], longest_s: int
) -> None:
    made = short_of(SOURCE, talk(*sentences), Choice(length=longest_s * TICKS_PER_SECOND))
    assert 0 < made.length <= longest_s * TICKS_PER_SECOND
    assert made.length <= channel_named(channels(), made.channel).longest


def test_the_first_short_of_the_demo_fits_its_channel(demo_source: Source, demo_analysis: Analysis) -> None:
    for longest_s in (20, 30, 45, 60, 75, 90, 120, 180):
        made = short_of(demo_source, demo_analysis, Choice(length=longest_s * TICKS_PER_SECOND))
        assert made.length <= min(longest_s * TICKS_PER_SECOND, channel_named(channels(), made.channel).longest)


def test_a_short_begins_as_the_brief_says() -> None:
    plain = Short.of("a", (Segment(KEY, 0, TICKS_PER_SECOND),))
    made = begun(plain, Brief(look="lantern", content="screen", most_s=100))
    assert (made.captions.look, made.framing.fit_under > 0) == ("lantern", True)
    assert channel_named(channels(), made.channel).longest_s >= 100
    assert begun(plain, Brief()).framing.fit_under == 0
    assert begun(plain, Brief(look="of another machine")).captions.look == FIRST_LOOK


def test_a_finished_clip_is_one_whole_short() -> None:
    brief = Brief(content="clip", look="lantern", most_s=30)
    made = short_of(SOURCE, talk(20, 20, 17.2), Choice(length=30 * TICKS_PER_SECOND), brief)
    assert made.segments == (Segment(KEY, 0, SOURCE.length),), "no search for a passage, also not for the wished length"
    assert made.captions.look == "lantern"
    assert channel_named(channels(), made.channel) == max(channels(), key=lambda c: c.longest)
    part = Brief(content="clip", start=5 * TICKS_PER_SECOND, end=20 * TICKS_PER_SECOND)
    assert short_of(SOURCE, talk(20), Choice(), part).segments == (Segment(KEY, part.start, part.end),)
    named = short_of(SOURCE, talk(20, 20), Choice(start=0, end=12 * TICKS_PER_SECOND), brief)
    assert named.length < 20 * TICKS_PER_SECOND, "a passage that is asked for by name is that passage"


@pytest.mark.parametrize(
    ("start", "end"),
    [
        (0, 0),
        (10 * TICKS_PER_SECOND, 0),
        (0, 20 * TICKS_PER_SECOND),
        (10 * TICKS_PER_SECOND, 300 * TICKS_PER_SECOND),
        (7, 300 * TICKS_PER_SECOND + 9),
    ],
)
def test_the_window_and_its_job_name_the_part_alike(start: int, end: int) -> None:
    """What the window knows is found under the name that its job gives it, also after the request was written down and read."""
    brief = Brief(start=start, end=end)
    request = from_plain(Asked, json.loads(json.dumps(to_plain(Asked(AnalyseRequest(SOURCE, brief)))))).request
    assert isinstance(request, AnalyseRequest)
    job, window = Options(request.brief), Options.of(brief, ())
    assert job.words_mark(request.source) == window.words_mark(SOURCE)
    assert job.faces_mark(request.source) == window.faces_mark(SOURCE)


def test_terms_and_names_that_begin_with_a_dash_are_no_options() -> None:
    chosen = parser().parse_args(["analyse", "--term=--json", "--term=-x", "--language=-q", "--", "--track"])
    assert (chosen.term, chosen.language, chosen.footage) == (["--json", "-x"], "-q", [Path("--track")])


def test_all_terms_of_a_project_are_listened_for() -> None:
    options = Options.of(Brief(topics=("soil",)), (Term("Odile", ("Odeal",)), Term("Tansley")))
    assert options.terms == ("Odile", "Tansley", "soil")


def test_a_finished_file_has_a_name_that_file_systems_take() -> None:
    name = file_name(Short("園" * 120, KEY, (Segment(KEY, 0, 5),)))
    assert name.endswith("園.mp4")
    assert len(name.encode()) < 200

"""Requests hold all that the work needs, and no more: what they give is what the whole analysis would."""

from __future__ import annotations

import gzip
import json
from dataclasses import replace
from pathlib import Path

import pytest

from standtall.base.errors import MediaError
from standtall.base.progress import Progress
from standtall.cutting.by_words import from_words
from standtall.jobs.events import Analysed, Copied, Event, Heard, Rendered, StageDone
from standtall.jobs.requests import AnalyseRequest, Asked, PreviewCopyRequest, RenderRequest
from standtall.library.cache import AnalysisCache
from standtall.media.probe import probe
from standtall.model.analysis import Analysis
from standtall.model.brief import Brief
from standtall.model.codec import from_plain, to_plain
from standtall.model.cut import Transitions
from standtall.model.source import Source
from standtall.model.translation import Passage, Translation
from standtall.session.composing import footage_for, worked_out
from standtall.session.render_request import render_request, trimmed
from standtall.session.run import run
from tests.conftest import make_clip, tone
from tests.helpers import composed, small_short


def written(request: RenderRequest) -> RenderRequest:
    """The request after it was written down and read again."""
    read = from_plain(Asked, json.loads(json.dumps(to_plain(Asked(request))))).request
    assert isinstance(read, RenderRequest)
    return read


@pytest.mark.parametrize("transitions", ["straight", "punch", "blend"])
def test_a_request_shows_every_frame_as_the_whole_analysis_does(
    demo_source: Source, demo_analysis: Analysis, transitions: Transitions
) -> None:
    short = from_words("s", demo_analysis, [*range(200, 214), *range(30, 44), *range(60, 66)])
    short = replace(short, cut=replace(short.cut, transitions=transitions))
    whole = composed(short, demo_source, demo_analysis)
    request = written(render_request(short, {demo_source.key: (demo_source, demo_analysis)}, Path("/x.mp4")))
    (given,) = request.footage
    small = worked_out(request.short, footage_for(request.short, given.source, given.analysis), request.look)
    assert small.frames == whole.frames
    assert small.caption_middle == whole.caption_middle
    for number in range(whole.frames):
        assert small.frame(number) == whole.frame(number), number
    assert len(given.analysis.people.tracks) < len(demo_analysis.people.tracks)
    people, all_of = given.analysis.people, demo_analysis.people
    assert all_of.wardrobes and all_of.voices
    assert (people.wardrobes, people.voices, people.faces) == ((), (), ()), "no render needs to know anybody again"
    assert len(gzip.compress(json.dumps(to_plain(request)).encode())) < 200_000


def test_a_translation_is_captioned_from_a_request_as_from_the_whole(demo_source: Source, demo_analysis: Analysis) -> None:
    words = demo_analysis.words
    passages = tuple(
        Passage(words[i].start, words[min(len(words), i + 9) - 1].end, "x", f"Satz {i} steht hier so") for i in range(0, 300, 9)
    )
    german = replace(demo_analysis, translations=(Translation("de", passages),))
    short = from_words("s", german, range(95, 120))
    short = replace(short, captions=replace(short.captions, language="de"))
    cut = replace(
        german, words=trimmed(german, list(short.segments)).words, translations=trimmed(german, list(short.segments)).translations
    )
    a, b = composed(short, demo_source, german).cards, composed(short, demo_source, cut).cards
    assert a == b
    assert len(a) >= 2


def test_a_short_that_is_edited_meanwhile_is_rendered_as_it_was(tmp_path: Path) -> None:
    source = probe(make_clip(tmp_path / "a.mp4", 60, sound=tone(2.0)))
    short = small_short("first", source.key, (0, 48_000))
    request = render_request(short, {source.key: (source, Analysis(source.key))}, tmp_path / "out.mp4")
    edited = short.with_segments(short.segments[:1])
    assert replace(edited, name="second") != request.short
    told: list[Event] = []
    run(written(request), told.append, Progress())
    (made,) = [e for e in told if isinstance(e, Rendered)]
    assert (made.width, made.height, round(made.length_s, 1)) == (270, 480, 1.0)
    assert Path(made.file).is_file()
    assert not AnalysisCache().folder.exists(), "nothing of an analysis is needed"


def test_a_request_for_a_file_that_is_gone_says_so(tmp_path: Path) -> None:
    clip = make_clip(tmp_path / "a.mp4", 30)
    source = probe(clip)
    request = render_request(
        small_short("s", source.key, (0, 24_000)), {source.key: (source, Analysis(source.key))}, tmp_path / "o.mp4"
    )
    clip.unlink()
    with pytest.raises(MediaError):
        run(request, lambda _event: None, Progress())
    assert list(tmp_path.iterdir()) == []


def test_an_analysis_tells_of_its_stages_and_of_what_it_found(tmp_path: Path) -> None:
    clip, captions = make_clip(tmp_path / "a.mp4", 60, sound=tone(2.0)), tmp_path / "a.srt"
    captions.write_text("1\n00:00:00,200 --> 00:00:01,800\nEvery good row\n")
    told: list[Event] = []
    run(AnalyseRequest(probe(clip), Brief(language="xx"), captions=str(captions)), told.append, Progress())
    assert {e.stage for e in told if isinstance(e, StageDone)} == {"sound", "words", "voices", "people"}
    last = told[-1]
    assert isinstance(last, Analysed)
    assert (last.words, last.people) == (3, 0)
    assert last.shots >= 1
    assert not any(isinstance(e, Heard) for e in told), "a caption file is no hearing"
    assert [w.text for w in short_words(tmp_path)] == ["Every", "good", "row"]


def short_words(_folder: Path):  # type: ignore[no-untyped-def]
    from standtall.session.analysis_tasks import HeardWords

    (file,) = AnalysisCache().folder.rglob("words-*.gz")
    return from_plain(HeardWords, json.loads(gzip.decompress(file.read_bytes()))).words


def test_a_source_that_is_quick_gets_no_copy(tmp_path: Path) -> None:
    told: list[Event] = []
    run(PreviewCopyRequest(probe(make_clip(tmp_path / "a.mp4", 30, gop=1))), told.append, Progress())
    assert told == [Copied(0)]

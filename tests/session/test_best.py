"""The whole job: plans, what was made before, watched folders."""

from __future__ import annotations

import json
from dataclasses import replace
from pathlib import Path

import pytest

from standtall.base.errors import NothingToDo, ProjectError
from standtall.base.progress import Progress
from standtall.library.cache import AnalysisCache
from standtall.model.analysis import Analysis
from standtall.model.brief import Brief
from standtall.model.source import Source
from standtall.session.best import Manner, Record, plan_from, plan_text, planned, requests_of, waiting_files
from standtall.session.told import as_told, found_in

S = 48_000


@pytest.fixture(scope="module")
def footage(demo_source: Source, demo_analysis: Analysis) -> dict[str, tuple[Source, Analysis]]:
    found = found_in(demo_analysis)
    return {"talk.mp4": (demo_source, as_told(found.analysis, found.transcript))}


def plan_of(footage: dict, count: int = 3, manner: Manner = Manner(), lengths: tuple[float, float] = (10, 45)):  # type: ignore[no-untyped-def]  # noqa: B008
    return planned(footage, count, lengths, manner, AnalysisCache(), Progress())


def test_a_plan_holds_the_best_with_reasons_and_whole_names(footage: dict) -> None:
    plan = plan_of(footage, 3, Manner(shapes=("9:16", "1:1")))
    assert len(plan.shorts) == 3
    assert [s.rating for s in plan.shorts] == sorted((s.rating for s in plan.shorts), reverse=True)
    _source, analysis = footage["talk.mp4"]
    spoken = {w.bare for w in analysis.words}
    for short in plan.shorts:
        assert short.reasons and short.says
        assert 10 <= short.seconds <= 46
        assert all(word.strip("?,.!;:…").lower() in spoken for word in short.name.split()), "names are made of whole words"
        assert [Path(f).suffix for f in short.files] == [".mp4", ".mp4"]
    assert len({f for s in plan.shorts for f in s.files}) == 6


def test_a_plan_goes_out_and_comes_back_changed(footage: dict, tmp_path: Path) -> None:
    plan = plan_of(footage)
    path = tmp_path / "plan.json"
    path.write_text(plan_text(plan))
    assert plan_from(path) == plan
    data = json.loads(path.read_text())
    data["shorts"] = data["shorts"][1:]
    data["shorts"][0] |= {"name": "My own name", "passages": [[20.0, 24.5]]}
    path.write_text(json.dumps(data))
    changed = plan_from(path)
    requests = requests_of(changed, footage, Brief(), tmp_path)
    assert len(requests) == 2
    assert Path(requests[0].out).name == "My own name.mp4"
    (segment,) = requests[0].short.segments
    assert (segment.start, segment.end) == (20 * S, round(24.5 * S))


@pytest.mark.parametrize(
    "text", ["", "[]", "{", '{"shorts": [], "version": 2}', '{"shorts": [{"footage": "a", "key": "k", "name": "n", "passages": [[3, 2]]}]}',
             '{"shorts": [{"footage": "a", "key": "k", "name": "n", "passages": []}]}']
)  # fmt: skip
def test_a_plan_of_something_else_is_refused(text: str, tmp_path: Path) -> None:
    path = tmp_path / "plan.json"
    path.write_text(text)
    with pytest.raises(ProjectError):
        plan_from(path)
    with pytest.raises(ProjectError, match="cannot be read"):
        plan_from(tmp_path / "none.json")


def test_other_footage_and_languages_that_are_not_there_are_refused(footage: dict, tmp_path: Path) -> None:
    plan = plan_of(footage, 1)
    other = replace(plan, shorts=(replace(plan.shorts[0], key="0" * 64),))
    with pytest.raises(NothingToDo, match="not the file"):
        requests_of(other, footage, Brief(), tmp_path)
    with pytest.raises(NothingToDo, match="no captions in “xx”"):
        plan_of(footage, 1, Manner(languages=("xx",)))
    with pytest.raises(NothingToDo, match="No passage"):
        plan_of(footage, 1, lengths=(3000, 3500))


def test_what_was_made_is_known_until_it_or_the_request_changes(footage: dict, tmp_path: Path) -> None:
    (request,) = requests_of(plan_of(footage, 1), footage, Brief(), tmp_path)
    record = Record(tmp_path)
    assert not record.has(request)
    Path(request.out).write_bytes(b"film")
    record.add(request)
    again = Record(tmp_path)
    assert again.has(request)
    assert not again.has(replace(request, short=replace(request.short, name="other")))
    Path(request.out).unlink()
    assert not again.has(request)
    (tmp_path / ".stand-tall-made.json").write_text("{")
    assert not Record(tmp_path).has(request), "a damaged record counts as none"


def test_files_that_still_grow_are_waited_for(tmp_path: Path) -> None:
    sizes: dict[Path, tuple[int, int]] = {}
    film, text, hidden = tmp_path / "a.mp4", tmp_path / "a.txt", tmp_path / ".b.mp4"
    for path in (film, text, hidden):
        path.write_bytes(b"12")
    assert waiting_files(tmp_path, (".mp4",), sizes) == []
    film.write_bytes(b"1234")
    assert waiting_files(tmp_path, (".mp4",), sizes) == []
    assert waiting_files(tmp_path, (".mp4",), sizes) == [film]

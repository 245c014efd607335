"""Many renders at once: which requests come of what is chosen, and their names."""

from __future__ import annotations

from dataclasses import replace
from fractions import Fraction
from pathlib import Path

import pytest

from standtall.base.errors import NothingToDo, ProjectError
from standtall.library.cache import AnalysisCache
from standtall.library.project import Project
from standtall.media.probe import probe
from standtall.model.brief import Brief
from standtall.model.cut import Segment
from standtall.model.edits import rename
from standtall.model.form import Form
from standtall.model.output import Output
from standtall.model.short import Short
from standtall.model.source import Source
from standtall.session import render_many
from standtall.session.analyse import Options
from standtall.session.post_renders import post_renders
from standtall.session.render_many import Wanted, named, needed_bytes, requests, sized

S = 48_000


@pytest.fixture
def project(open_demo_here: Path, tmp_path: Path) -> Project:
    source = probe(open_demo_here)
    made = Project(tmp_path / "p.standtall")
    made.add_source(source)
    for n, name in enumerate(("Cabbage & rain", "Cabbage & rain", "ネギ")):
        assert made.add_short(Short.of(name, (Segment(source.key, (16 + n) * S, (20 + n) * S),)))

    return made


def asked(project: Project, **fields: object) -> list:
    numbers = tuple(e.id for e in project.shorts())
    wanted = replace(Wanted(numbers, Path("/tmp/renders")), **fields)  # type: ignore[arg-type]

    def options(_source: Source, brief: Brief) -> Options:
        return Options.of(brief, ())

    return requests(project, project.sources(), options, AnalysisCache(), wanted)


def test_a_grid_of_shorts_and_shapes_has_a_request_and_a_name_each(project: Project) -> None:
    found = asked(project, shapes=("", "1:1"), width=720)
    assert [Path(r.out).name for r in found] == [
        "Cabbage rain.mp4", "Cabbage rain 1x1.mp4", "Cabbage rain 2.mp4", "Cabbage rain 1x1 2.mp4", "ネギ.mp4", "ネギ 1x1.mp4",
    ]  # fmt: skip
    assert {(r.short.output.width, r.short.output.height) for r in found} == {(720, 1280), (720, 720)}


def test_what_is_there_is_written_over_only_where_that_is_wished(project: Project, tmp_path: Path) -> None:
    (tmp_path / "cabbage RAIN.mp4").touch()  # another file on most disks, but not on all
    (tmp_path / "Cabbage rain.mp4").touch()
    (tmp_path / "Cabbage rain 2 cover.jpg").touch()
    waited_for = frozenset({str(tmp_path / "CABBAGE rain 3.mp4")})

    def names(**fields: object) -> list[str]:
        return [Path(r.out).name for r in asked(project, folder=tmp_path, waited_for=waited_for, **fields)]

    assert names() == ["Cabbage rain.mp4", "Cabbage rain 2.mp4", "ネギ.mp4"]
    assert names(replaces=False) == ["Cabbage rain 4.mp4", "Cabbage rain 5.mp4", "ネギ.mp4"]
    (tmp_path / "ネギ.srt").touch()
    assert names(replaces=False)[-1] == "ネギ.mp4", "no captions are written beside it"
    assert names(replaces=False, form=Form(captions="both"))[-1] == "ネギ 2.mp4"


@pytest.mark.parametrize("replaces", [True, False])
def test_two_posts_whose_shorts_have_one_name_get_a_file_each(project: Project, tmp_path: Path, replaces: bool) -> None:
    sources, numbers = project.sources(), [e.id for e in project.shorts()]
    options = {s.key: Options.of(Brief(), ()) for s in sources}
    found = post_renders(project, numbers, ("9:16",), tmp_path, sources, options, AnalysisCache(), replaces, frozenset())
    assert [Path(r.out).name for r in found] == ["Cabbage rain.mp4", "Cabbage rain 2.mp4", "ネギ.mp4"]


def test_what_was_asked_for_stays_when_the_short_is_edited_meanwhile(project: Project) -> None:
    (first, *_rest) = asked(project)
    entry = project.shorts()[0]
    project.apply(entry.id, rename(entry.short, "Another name"))
    assert first.short.name == "Cabbage & rain"


def test_form_size_and_rate_are_in_the_request(project: Project) -> None:
    (one, *_rest) = asked(project, form=Form("vp9", "small", captions="both", beside=(".vtt",)), fps=Fraction(25))
    assert one.out.endswith(".webm")
    assert one.form.beside == (".vtt",)
    assert one.short.output.fps == 25
    (sound, *_rest) = asked(project, form=Form(sound_alone="flac"))
    assert sound.out.endswith(".flac")


def test_nothing_chosen_missing_footage_and_a_full_disk_are_told(project: Project, monkeypatch: pytest.MonkeyPatch) -> None:
    with pytest.raises(NothingToDo, match="Nothing is chosen"):
        asked(project, shorts=())
    with pytest.raises(NothingToDo, match="Nothing is chosen"):
        asked(project, shapes=())
    with pytest.raises(NothingToDo, match="not analysed"):
        requests(
            project, project.sources(), lambda _s, brief: Options.of(replace(brief, language="de"), ()), AnalysisCache(),
            Wanted(tuple(e.id for e in project.shorts()), Path("/tmp/x")),
        )  # fmt: skip
    monkeypatch.setattr(render_many, "needed_bytes", lambda _r: 10**18)
    with pytest.raises(NothingToDo, match="GB free"):
        asked(project)


def test_names_by_a_pattern_hold_no_sign_that_a_file_may_not() -> None:
    short = Short.of("What? / a: b*", (Segment("k", 0, S),))
    assert named("{number} {name}{shape}", short, "9:16", "", 3, ".mp4") == "03 What a b 9x16.mp4"
    assert named("", short, "", "", 1, ".mp4") == "short.mp4"
    assert named("{name}" * 40, short, "", "", 1, ".mp4").endswith(".mp4")
    with pytest.raises(NothingToDo, match="nonsense"):
        named("{nonsense}", short, "", "", 1, ".mp4")


@pytest.mark.parametrize(("shape", "width", "size"), [
    ("", 0, (1080, 1920)), ("", 2160, (2160, 3840)), ("16:9", 720, (1280, 720)), ("4:5", 1440, (1440, 1800)),
])  # fmt: skip
def test_sizes(shape: str, width: int, size: tuple[int, int]) -> None:
    made = sized(Output(), shape, width)
    assert (made.width, made.height) == size


def test_larger_files_are_reckoned_for_better_quality_and_more_pixels(project: Project) -> None:
    (small, *_a), (best, *_b) = asked(project, form=Form(quality="small")), asked(project, form=Form(quality="best"))
    assert 0 < needed_bytes(small) < needed_bytes(best)
    (rate, *_c) = asked(project, form=Form(bit_rate=8000))
    assert needed_bytes(rate) == pytest.approx(4 * 8192 * 125, rel=0.01)


def test_a_form_that_cannot_be_is_refused() -> None:
    with pytest.raises(ProjectError):
        Form(bit_rate=5)
    with pytest.raises(ProjectError):
        Form(beside=(".txt",))

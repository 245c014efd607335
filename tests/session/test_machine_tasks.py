"""Analyses and renders on other machines: the same results as here, and on this machine where they are gone."""

from __future__ import annotations

import json
from collections.abc import Iterator
from dataclasses import replace
from fractions import Fraction
from pathlib import Path

import pytest

from standtall.base.errors import Cancelled, StandTallError
from standtall.base.progress import Progress
from standtall.cutting.by_words import from_words
from standtall.jobs.events import Event, MachinesSeen, Noted, Rendered, Told
from standtall.jobs.machines import client as ends
from standtall.jobs.machines.shared_key import NotSetUp, make_key
from standtall.jobs.requests import AnalyseRequest, RenderRequest, WatchMachinesRequest
from standtall.jobs.tasks import Answer
from standtall.library import machines
from standtall.library.cache import AnalysisCache
from standtall.library.machines import Machines
from standtall.media.probe import probe
from standtall.model.analysis import Analysis
from standtall.model.brief import Brief
from standtall.model.codec import to_plain
from standtall.model.source import Source
from standtall.session.analyse import Options, analyse
from standtall.session.machine_tasks import RenderSupply
from standtall.session.render_request import render_request
from standtall.session.run import run
from tests.conftest import make_clip, tone
from tests.helpers import assert_alike
from tests.jobs.machines.running import command, free_port

pytestmark = pytest.mark.filterwarnings("ignore")  # those of the engine are not ours
CAPTIONS = "1\n00:00:01,000 --> 00:00:03,000\nEvery good row\n\n2\n00:00:20,000 --> 00:00:22,500\nneeds worms.\n"


@pytest.fixture(scope="module")
def there(tmp_path_factory: pytest.TempPathFactory) -> Iterator[Machines]:
    """A scheduler with one worker."""
    home = tmp_path_factory.mktemp("machines")
    key, at = home / "machines.pem", f"127.0.0.1:{free_port()}"
    make_key(key)
    serving = command("scheduler", "--listen", at, "--key", str(key), home=home, until="scheduler")
    with serving, command("workers", "--scheduler", at, "--key", str(key), "--processes", "1", home=home, until="workers"):
        yield Machines(at, str(key))


@pytest.fixture
def nowhere(tmp_path: Path) -> Machines:
    make_key(tmp_path / "machines.pem")
    return Machines(f"127.0.0.1:{free_port()}", str(tmp_path / "machines.pem"))


@pytest.fixture
def long_clip(tmp_path: Path) -> tuple[Source, Path]:
    captions = tmp_path / "words.srt"
    captions.write_text(CAPTIONS)
    return probe(make_clip(tmp_path / "long.mp4", frames=10 * 24, rate=Fraction(10), sound=tone(24.0), size=(96, 54))), captions


def done(request: AnalyseRequest | RenderRequest) -> list[Event]:
    told: list[Event] = []
    run(request, told.append, Progress())
    return told


def asked(source: Source, analysis: Analysis, out: Path) -> RenderRequest:
    short = from_words("s", analysis, range(30, 34))
    small = replace(short, output=replace(short.output, width=270, height=480))
    return render_request(small, {source.key: (source, analysis)}, out)


def test_an_analysis_elsewhere_is_the_one_from_here(there: Machines, long_clip: tuple[Source, Path], tmp_path: Path) -> None:
    source, captions = long_clip
    here = analyse(source, Options(Brief(), captions), Progress(), AnalysisCache(tmp_path / "here"))
    machines.save(there)
    told = done(AnalyseRequest(source, Brief(), captions=str(captions)))
    assert not [e for e in told if isinstance(e, Noted)]
    assert analyse(source, Options(Brief(), captions), Progress(), AnalysisCache()) == here


def test_a_render_elsewhere_is_the_file_from_here(
    there: Machines, demo_source: Source, demo_analysis: Analysis, tmp_path: Path
) -> None:
    here, away = tmp_path / "here" / "a.mp4", tmp_path / "away" / "a.mp4"
    here.parent.mkdir()
    away.parent.mkdir()
    form = replace(asked(demo_source, demo_analysis, here).form, captions="both", beside=(".srt",))
    done(replace(asked(demo_source, demo_analysis, here), form=form))
    machines.save(there)
    told = done(replace(asked(demo_source, demo_analysis, away), form=form))
    assert not [e for e in told if isinstance(e, Noted)]
    (made,) = [e for e in told if isinstance(e, Rendered)]
    assert made.file == str(away)
    assert made.findings
    assert_alike(here, away)
    assert away.with_suffix(".srt").read_text() == here.with_suffix(".srt").read_text()
    assert len(list(away.parent.iterdir())) == 2


def test_where_nobody_answers_this_machine_goes_on_alone(
    nowhere: Machines, long_clip: tuple[Source, Path], demo_source: Source, demo_analysis: Analysis, tmp_path: Path
) -> None:
    machines.save(nowhere)
    source, captions = long_clip
    told = done(AnalyseRequest(source, Brief(), captions=str(captions)))
    (said,) = [e.text for e in told if isinstance(e, Noted)]
    assert said == f"The scheduler at {nowhere.scheduler} does not answer. This machine goes on alone."
    told = done(asked(demo_source, demo_analysis, tmp_path / "b.mp4"))
    assert [e.text for e in told if isinstance(e, Noted)] == [
        f"The scheduler at {nowhere.scheduler} does not answer. It is rendered on this machine."
    ]
    assert (tmp_path / "b.mp4").exists()


def test_what_a_machine_says_of_a_file_is_not_believed(
    demo_source: Source, demo_analysis: Analysis, clip: Path, tmp_path: Path
) -> None:
    request = asked(demo_source, demo_analysis, tmp_path / "out.mp4")
    data = clip.read_bytes()
    true = Rendered("x", 320, 180, 30.0, 2.0, len(data), None, None, 0)

    def answer(made: Rendered | None, **files: bytes) -> Answer:
        named = {name.replace("_", "."): value for name, value in files.items()}
        return Answer(json.dumps([] if made is None else [to_plain(Told(made))]), named)

    lies = [
        (Answer("no", {}), "cannot be read"),
        (answer(None, out_mp4=data), "did not say what it made"),
        (answer(true), "other files"),
        (answer(true, out_mp4=data, other_sh=b"#!"), "other files"),
        (answer(replace(true, size_bytes=5), out_mp4=data), "not the one it told of"),
        (answer(replace(true, width=1080, height=1920), out_mp4=data), "not what it told of"),
        (answer(replace(true, length_s=9.0), out_mp4=data), "not what it told of"),
        (answer(replace(true, size_bytes=4), out_mp4=b"junk"), "junk|out.mp4"),
    ]
    for lie, says in lies:
        told: list[Event] = []
        supply = RenderSupply(request, told.append, Progress())
        task = supply.take()
        assert task is not None
        with pytest.raises(StandTallError, match=says):
            supply.took(task, lie)
        assert not supply.over
        assert not told
        assert not (tmp_path / "out.mp4").exists()
    supply = RenderSupply(request, told.append, Progress())
    task = supply.take()
    assert task is not None
    supply.took(task, answer(true, out_mp4=data))
    assert told == [replace(true, file=request.out)]


def test_machines_are_watched_until_it_is_stopped(
    there: Machines, nowhere: Machines, monkeypatch: pytest.MonkeyPatch
) -> None:
    monkeypatch.setattr(ends, "ANSWER_S", 3)
    for which, fits in ((there, [True]), (nowhere, [])):
        progress, seen = Progress(), list[MachinesSeen]()

        def tell(event: Event, progress: Progress = progress, seen: list[MachinesSeen] = seen) -> None:
            assert isinstance(event, MachinesSeen)
            seen.append(event)
            progress.cancel()

        with pytest.raises(Cancelled):
            run(WatchMachinesRequest(which.scheduler, which.key), tell, progress)
        assert [m.fits for m in seen[0].machines] == fits
        assert ("does not answer" in seen[0].said) is (which is nowhere)


def test_where_the_engine_is_not_installed_this_machine_goes_on_alone(
    nowhere: Machines, demo_source: Source, demo_analysis: Analysis, tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    def missing(_scheduler: str) -> str:
        raise NotSetUp("Work on many machines is not set up here.", "Run ./start --machines.")

    monkeypatch.setattr(ends, "towards", missing)
    machines.save(nowhere)
    told = done(asked(demo_source, demo_analysis, tmp_path / "b.mp4"))
    (said,) = [e.text for e in told if isinstance(e, Noted)]
    assert said == "Work on many machines is not set up here. Run ./start --machines. It is rendered on this machine."
    assert (tmp_path / "b.mp4").exists()

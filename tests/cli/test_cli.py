"""The command line, driven as a script drives it; and jobs, which run it in another process."""

from __future__ import annotations

import json
import os
import subprocess
import sys
from fractions import Fraction
from pathlib import Path

import numpy as np
import pytest

from standtall.cli.main import main, time_of
from standtall.jobs.events import Ended, Event, Fetched
from standtall.jobs.process import Job
from standtall.jobs.requests import FetchRequest
from standtall.library.cache import AnalysisCache
from standtall.media.probe import probe
from tests.conftest import make_clip, tone

SRT = "1\n00:00:00,200 --> 00:00:01,800\nEvery good row needs worms.\n"


@pytest.fixture
def talk(tmp_path: Path) -> tuple[Path, Path]:
    captions = tmp_path / "talk.srt"
    captions.write_text(SRT)
    return make_clip(tmp_path / "talk.mp4", sound=tone(2.0)), captions


def said(text: str) -> list[dict]:
    return [json.loads(line) for line in text.splitlines() if line.startswith("{")]


def test_probe(clip: Path, capsys: pytest.CaptureFixture[str]) -> None:
    assert main(["probe", str(clip), "--json"]) == 0
    (result,) = said(capsys.readouterr().out)
    assert (result["width"], result["height"], result["rate"]) == (320, 180, "30")
    assert main(["probe", str(clip)]) == 0
    assert "320 x 180" in capsys.readouterr().out


def test_make_does_the_whole_job_without_a_model(
    talk: tuple[Path, Path], tmp_path: Path, capsys: pytest.CaptureFixture[str]
) -> None:
    clip, captions = talk
    out = tmp_path / "out"
    assert main(["make", str(clip), "--captions", str(captions), "--out", str(out), "--look", "lantern", "--json"]) == 0
    results = [line for line in said(capsys.readouterr().out) if line["kind"] == "result"]
    assert results[0]["captions"] > 0
    made = probe(results[0]["file"])
    assert (made.width, made.height) == (1080, 1920)
    assert Path(results[0]["file"]).name == "Every good row needs worms.mp4"


def test_analysis_is_kept_and_never_done_twice(talk: tuple[Path, Path], capsys: pytest.CaptureFixture[str]) -> None:
    clip, captions = talk
    arguments = ["analyse", str(clip), "--captions", str(captions), "--json", "--words"]
    assert main(arguments) == 0
    first = said(capsys.readouterr().out)
    words = [line for line in first if line["kind"] == "word"]
    assert [w["word"] for w in words] == ["Every", "good", "row", "needs", "worms."]
    kept = {p: p.stat().st_mtime_ns for p in AnalysisCache().folder.rglob("*.gz")}
    assert sorted(p.name.split("-")[0] for p in kept) == ["faces", "people", "sound", "voices", "words"]
    assert main(arguments) == 0
    again = said(capsys.readouterr().out)
    assert not any(line["kind"] == "progress" for line in again)
    assert {p: p.stat().st_mtime_ns for p in AnalysisCache().folder.rglob("*.gz")} == kept


def test_a_killed_analysis_goes_on_from_its_last_stage(talk: tuple[Path, Path], monkeypatch: pytest.MonkeyPatch) -> None:
    clip, captions = talk
    from standtall.exchange import words_in
    from standtall.session import analysis_tasks

    def killed(*_: object) -> None:
        raise KeyboardInterrupt

    with monkeypatch.context() as broken:
        broken.setattr(analysis_tasks, "look", killed)
        assert main(["analyse", str(clip), "--captions", str(captions), "--json"]) == 130
    assert len(list(AnalysisCache().folder.rglob("words*.gz"))) == 1
    monkeypatch.setattr(words_in, "read_words", killed)  # the words are not asked for again
    assert main(["analyse", str(clip), "--captions", str(captions), "--json"]) == 0


@pytest.mark.parametrize(
    ("arguments", "code", "says"),
    [
        (["probe", "nowhere.mp4"], 3, "no file"),
        (["make", "{clip}", "--out", "o"], 6, "speech model is not on this machine"),
        (["make", "{clip}", "--captions", "{srt}", "--out", "o", "--first-words", "purple"], 7, "not said"),
        (["make", "{clip}", "--captions", "{srt}", "--out", "o", "--from", "1:00"], 7, "No words"),
        (["make", "{clip}", "--captions", "{srt}", "--out", "{clip}/x"], 4, "could not be made"),
        (["render", "none.standtall", "--out", "o"], 5, "no project"),
    ],
)
def test_failures_have_a_sentence_and_a_code(
    talk: tuple[Path, Path], tmp_path: Path, monkeypatch: pytest.MonkeyPatch, capsys: pytest.CaptureFixture[str],
    arguments: list[str], code: int, says: str,
) -> None:  # fmt: skip
    monkeypatch.chdir(tmp_path)
    given = [a.format(clip=talk[0], srt=talk[1]) for a in arguments]
    assert main([*given, "--json"]) == code
    error = said(capsys.readouterr().out)[-1]
    assert error["kind"] == "error"
    assert says in error["message"]
    assert error["hint"]


def test_one_bad_file_never_stops_the_rest(talk: tuple[Path, Path], tmp_path: Path, capsys: pytest.CaptureFixture[str]) -> None:
    bad = tmp_path / "bad.mp4"
    bad.write_bytes(b"no")
    assert main(["analyse", str(bad), str(talk[0]), "--captions", str(talk[1]), "--json"]) == 3
    kinds = [line["kind"] for line in said(capsys.readouterr().out)]
    assert kinds.count("error") == 1
    assert kinds.count("result") == 1


@pytest.mark.parametrize(("text", "ticks"), [("83", 83), ("83.5", 83.5), ("1:23.5", 83.5), ("1:02:03", 3723)])
def test_times(text: str, ticks: float) -> None:
    assert time_of(text) == round(ticks * 48_000)


@pytest.mark.parametrize("command", [[], ["make"], ["analyse"], ["render"], ["probe"], ["demo"], ["fetch"], ["window"]])
def test_help_of_every_command_needs_no_display(command: list[str]) -> None:
    environment = {k: v for k, v in os.environ.items() if k not in ("DISPLAY", "QT_QPA_PLATFORM", "WAYLAND_DISPLAY")}
    run = subprocess.run(
        [sys.executable, "-m", "standtall", *command, "--help"], capture_output=True, text=True, env=environment, check=False
    )
    assert run.returncode == 0
    assert "exit codes" in run.stdout


def test_progress_of_a_terminal_is_one_line(capsys: pytest.CaptureFixture[str]) -> None:
    import io

    from standtall.base.progress import Step
    from standtall.cli.reporter import Reporter

    class Terminal(io.StringIO):
        def isatty(self) -> bool:
            return True

    err = Terminal()
    reporter = Reporter(False, io.StringIO(), err)
    reporter.step(Step("render", 0.5, 12.0))
    reporter.step(Step("render", 1.0))
    assert err.getvalue().count("\r") == 2
    assert err.getvalue().count("\n") == 1
    assert "12 s left" in err.getvalue()


def test_json_has_no_infinities() -> None:
    import io

    from standtall.cli.reporter import Reporter

    out = io.StringIO()
    Reporter(True, out).note("x", "", a=float("inf"), b=[np.inf], c=Path("/a"))
    assert json.loads(out.getvalue()) == {"kind": "x", "a": None, "b": [None], "c": "/a"}


def test_the_demo_is_fetched_from_the_small_host_by_one_command_each(tmp_path: Path) -> None:
    listening = subprocess.Popen(
        [sys.executable, "-m", "standtall", "host", "--port", "0", "--json"],
        stdout=subprocess.PIPE,
        text=True,
        env=dict(os.environ),
    )
    try:
        assert listening.stdout is not None
        page = json.loads(listening.stdout.readline())["page"]
        heard: list[Event] = []
        job = Job(FetchRequest(page, str(tmp_path)), heard.append)
        job.start()
        assert job.wait(60)
        assert heard[-1] == Ended("done")
        file = Path(next(e.file for e in heard if isinstance(e, Fetched)))
        assert file.stat().st_size > 10_000_000
        assert probe(file).length > 170 * 48_000
    finally:
        listening.terminate()
        assert listening.wait(20) == 130
        listening.stdout.close()  # type: ignore[union-attr]


LONG_SRT = "\n".join(
    f"{n}\n00:00:{a:02d},200 --> 00:00:{a + 4:02d},800\n{text}\n"
    for n, (a, text) in enumerate(
        ((0, "Why does one garden feed five people?"), (5, "Never dig the ground again in spring."), (10, "Put two inches of compost on top."),
         (15, "The worms carry it down for you.")), 1)
)  # fmt: skip


@pytest.fixture
def garden(tmp_path: Path) -> tuple[Path, Path]:
    captions = tmp_path / "garden.srt"
    captions.write_text(LONG_SRT)
    return make_clip(tmp_path / "garden.mp4", frames=200, rate=Fraction(10), sound=tone(20.0), size=(160, 90)), captions


def best(garden: tuple[Path, Path], out: Path, *more: str) -> list[str]:
    clip, captions = garden
    return ["make", str(clip), "--captions", str(captions), "--best", "1", "--length", "8-20", "--out", str(out), "--json", *more]


def test_a_plan_is_said_changed_and_carried_out_once(
    garden: tuple[Path, Path], tmp_path: Path, capsys: pytest.CaptureFixture[str]
) -> None:
    out = tmp_path / "out"
    file = tmp_path / "plan.json"
    assert main(best(garden, out, "--plan", str(file))) == 0
    (line,) = [line for line in said(capsys.readouterr().out) if line["kind"] == "result"]
    plan = json.loads(file.read_text())
    assert not out.exists(), "a plan makes nothing"
    (short,) = plan["shorts"]
    assert line["name"] == short["name"]
    assert short["reasons"] and short["says"]
    short["name"], short["passages"] = "Worms", [[0.2, 4.8]]
    file.write_text(json.dumps(plan))
    arguments = ["make", "--captions", str(garden[1]), "--from-plan", str(file), "--out", str(out), "--json"]
    assert main(arguments) == 0
    (made,) = [line for line in said(capsys.readouterr().out) if line["kind"] == "result"]
    assert Path(made["file"]).name == "Worms.mp4"
    assert probe(made["file"]).length == pytest.approx(4.6 * 48_000, abs=9_600)
    assert main(arguments) == 0
    again = said(capsys.readouterr().out)
    assert not [line for line in again if line["kind"] == "result"], "what is there is not made again"
    assert [line for line in again if "made before" in str(line) or "there already" in str(line)]


def test_two_shapes_and_a_bad_file_among_good_ones(
    garden: tuple[Path, Path], tmp_path: Path, capsys: pytest.CaptureFixture[str]
) -> None:
    bad = tmp_path / "bad.mp4"
    bad.write_bytes(b"no movie")
    arguments = best(garden, tmp_path / "out", "--shape", "9:16,1:1", "--plan")
    arguments.insert(2, str(bad))
    assert main(arguments) == 3, "the bad one is said"
    out, err = capsys.readouterr()
    (short,) = [line for line in said(out) if line["kind"] == "result"]
    assert [Path(f).stem.rsplit(" ", 1)[1] for f in short["files"]] == ["9x16", "1x1"]
    assert "bad.mp4" in out + err


def test_what_cannot_be_planned_is_said(garden: tuple[Path, Path], tmp_path: Path, capsys: pytest.CaptureFixture[str]) -> None:
    assert main(best(garden, tmp_path, "--captions-in", "xx", "--plan")) == 7
    assert "xx" in "".join(capsys.readouterr())
    assert main(["make", str(garden[0]), str(garden[0]), "--out", str(tmp_path)]) == 7
    assert "--best" in "".join(capsys.readouterr())
    for option, value in (("--length", "60-20"), ("--length", "x"), ("--shape", "9:0")):
        with pytest.raises(SystemExit):
            main(best(garden, tmp_path, option, value))


def test_a_watched_folder_is_worked_off(garden: tuple[Path, Path], tmp_path: Path, capsys: pytest.CaptureFixture[str]) -> None:
    incoming, out = tmp_path / "in", tmp_path / "out"
    incoming.mkdir()
    garden[0].rename(incoming / "garden.mp4")
    (incoming / "notes.txt").write_text("no footage")
    arguments = ["watch", str(incoming), str(out), "--captions", str(garden[1]), "--best", "1", "--length", "4-9", "--once",
                 "--every", "0.1", "--json"]  # fmt: skip
    assert main(arguments) == 0
    (made,) = [line for line in said(capsys.readouterr().out) if line["kind"] == "result"]
    assert Path(made["file"]).parent == out
    assert main(["watch", str(tmp_path / "nowhere"), str(out), "--once"]) == 7


def test_a_file_that_a_check_finds_not_right_has_a_code_of_its_own(
    talk: tuple[Path, Path], tmp_path: Path, monkeypatch: pytest.MonkeyPatch, capsys: pytest.CaptureFixture[str]
) -> None:
    """The file stays, since somebody may want to see what is wrong with it."""
    from standtall.model.proof import Finding
    from standtall.render import render as rendering

    monkeypatch.setattr(rendering, "proved", lambda *_given: (Finding("black", False, {"seconds": 2.0}),))
    command = ["make", str(talk[0]), "--captions", str(talk[1]), "--to", "3", "--out", str(tmp_path), "--json"]
    assert main(command) == 8
    made = said(capsys.readouterr().out)[-1]
    assert Path(made["file"]).is_file()


def test_cuts_and_packs_by_command(open_demo_here: Path, tmp_path: Path, capsys: pytest.CaptureFixture[str]) -> None:
    """Written, brought back in, packed and unpacked, each by the command that people type."""
    from standtall.library.project import Project
    from standtall.media.probe import probe
    from standtall.model.cut import Segment
    from standtall.model.short import Short

    project, cut = str(tmp_path / "p.standtall"), tmp_path / "a.edl"
    source = probe(open_demo_here)
    with Project(Path(project)) as begun:
        begun.add_source(source)
        begun.add_short(Short.of("Worms", [Segment(source.key, 16 * 48_000, 20 * 48_000), Segment(source.key, 60 * 48_000, 63 * 48_000)]))
    assert main(["cut", project, "--out", str(cut), "--json"]) == 0
    assert said(capsys.readouterr().out)[-1]["clips"] >= 1
    assert "FROM CLIP NAME" in cut.read_text()
    assert main(["bring", project, str(cut), "--json"]) == 0
    made = [line for line in said(capsys.readouterr().out) if line["kind"] == "result"]
    assert len(made) == 1
    assert main(["cut", project, "--kept", "--out", str(cut), "--json"]) == 7
    assert main(["pack", project, "--out", str(tmp_path / "p.zip"), "--json"]) == 0
    assert main(["unpack", str(tmp_path / "p.zip"), "--into", str(tmp_path / "there"), "--json"]) == 0
    assert (tmp_path / "there" / "project.standtall").is_file()
    assert main(["unpack", str(cut), "--into", str(tmp_path / "no"), "--json"]) == 5

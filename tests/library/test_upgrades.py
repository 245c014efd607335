"""Files of older versions: everything that was in them is there, undo included, whatever happens on the way."""

from __future__ import annotations

import json
import shutil
import signal
import sqlite3
import subprocess
import sys
import zlib
from pathlib import Path
from typing import Any

import pytest

from standtall.base.errors import ProjectError
from standtall.library.cache import AnalysisCache
from standtall.library.project import MIGRATIONS, VERSION, Project
from standtall.library.upgrades.shorts import short_3, short_4
from standtall.library.upgrades.words import name_2
from standtall.model.analysis import Analysis
from standtall.model.framing import PersonTarget
from standtall.session.analysis_tasks import HeardWords
from standtall.session.told import Found, found_in, transcript_of

DATA = Path(__file__).parents[1] / "data"
KEPT = DATA / "projects" / "version-4.standtall"
"""Made by the program as it was at version 4, which also wrote down what was in it."""
SAID: dict[str, Any] = json.loads((DATA / "projects" / "version-4.json").read_text("utf-8"))
LOOKS = {"ember": "lantern", "marker": "broadsheet"}
CHANNELS = {"pebble": "quillbarn", "wicket": "oddmarrow", "fernway": "thistlewray"}


@pytest.fixture
def path(tmp_path: Path) -> Path:
    return Path(shutil.copyfile(KEPT, tmp_path / "old.standtall"))


@pytest.fixture
def found(demo_analysis: Analysis) -> Found:
    return found_in(demo_analysis)


def check(project: Project, number: int, found: Found, said: dict[str, Any]) -> None:
    """A short and the words of its source against what the older program wrote down of them."""
    entry, words = project.entry(number), transcript_of(project, found)
    short = entry.short
    assert (entry.undo, entry.redo, short.name) == (said["undo"], said["redo"], said["name"])
    assert [[s.start, s.end] for s in short.segments] == said["pieces"]
    assert {s.source for s in short.segments} == {found.analysis.source_key}
    assert short.cut.transitions == said["joins"]
    assert (short.captions.look, short.channel) == (LOOKS[said["look"]], CHANNELS[said["channel"]])
    assert (short.captions.place, short.captions.shown, short.captions.language) == (
        said["place"], said["captions"], said["language"],
    )  # fmt: skip
    assert [short.output.width, short.output.height, str(short.output.fps)] == [*said["size"], said["rate"]]
    assert short.framing.calm == said["calm"]
    assert sum(bool(s.keyframes) for s in short.framing.shots) == said["crops"]
    assert sum(isinstance(s.target, PersonTarget) for s in short.framing.shots) == said["follows"]
    assert len(short.extras.cutaways) == said["covers"]
    assert [[w.text, w.start, w.end, w.speaker, w.kind] for w in words.words[:100]] == said["words"]
    assert (len(words.words), words.caption_offset, words.by_hand) == (said["count"], said["nudge"], said["by_hand"])
    assert [s.name for s in words.speakers] == [name_2(n) for n in said["talkers"]]
    assert [p.text for t in words.translations for p in t.passages if p.text] == said["translated"]
    assert len({w.id for w in words.words}) == len(words.words)


def test_a_project_of_version_4_opens_with_everything_in_it(path: Path, found: Found) -> None:
    with Project(path) as project:
        key = found.analysis.source_key
        assert next(iter(project.sources())).key == key
        check(project, 1, found, SAID["now"])
        check(project, 2, found, SAID["second"])
        assert [e.short.name for e in project.shorts()][2] == "Of the other"
        assert project.opened() == 1
        assert [[*k, v] for k, v in project.votes(key).items()] == SAID["votes"]
        assert len(project.lessons()) == SAID["lessons"]
        assert [[p.start, p.end] for p in project.basket(key)] == SAID["basket"]
        assert [{"text": t.text, "heard": list(t.heard)} for t in project.terms()] == SAID["terms"]
        brief = project.briefs()[key]
        assert (brief.content, brief.least_s, brief.most_s, list(brief.topics)) == (
            SAID["brief"]["content"], SAID["brief"]["least_s"], SAID["brief"]["most_s"], SAID["brief"]["topics"],
        )  # fmt: skip
        assert brief.look == LOOKS[SAID["brief"]["look"]]


def test_its_whole_history_is_walked_back_and_forth(path: Path, found: Found) -> None:
    with Project(path) as project:
        back, forth = [], []
        ids: list[list[int]] = []
        while (undo := project.entry(1).undo) is not None:
            back.append(undo)
            ids.append([w.id for w in transcript_of(project, found).words])
            project.undo(1)
        assert back == SAID["undo labels"]
        check(project, 1, found, SAID["oldest"])
        while (redo := project.entry(1).redo) is not None:
            forth.append(redo)
            project.redo(1)
            if len(forth) <= len(back):
                now = [w.id for w in transcript_of(project, found).words]
                assert now == ids[len(back) - len(forth)], "words have the same ids whichever way they are come to"
        assert forth == SAID["redo labels"]
        check(project, 1, found, SAID["newest"])


def test_words_are_the_same_ones_through_what_was_done_to_them(path: Path, found: Found) -> None:
    """Retyped and re-timed words keep the id they had when they were found; a merge keeps the first, a split the first and a new."""
    was = {w.id: w for w in found.transcript.words}
    with Project(path) as project:
        now = transcript_of(project, found).words
    retyped = next(w for w in now if w.text == "Composting")
    assert was[retyped.id].start == retyped.start
    merged = [w for w in now if w.id in was and w.end > was[w.id].end and w.text.startswith(was[w.id].text)]
    assert merged, "the merged word is named after its first half"
    halves = [w for w in now if w.id not in was]
    assert len(halves) == 1, "only the second half of the split word is new"


def test_a_kill_in_the_middle_of_the_upgrade_leaves_the_older_file(path: Path, found: Found) -> None:
    code = f"""
import os, sys, pathlib
from standtall.library.upgrades import project_5
real = project_5._transcript
def killed(*given):
    real(*given)
    os.kill(os.getpid(), {int(signal.SIGKILL)})
project_5._transcript = killed
from standtall.library.project import Project
Project(pathlib.Path(sys.argv[1]))
"""
    run = subprocess.run([sys.executable, "-c", code, str(path)], check=False, capture_output=True)
    assert run.returncode == -signal.SIGKILL, run.stderr.decode()
    db = sqlite3.connect(path)
    assert db.execute("PRAGMA user_version").fetchone() == (4,)
    db.close()
    with Project(path) as project:
        check(project, 1, found, SAID["now"])


def test_what_cannot_be_read_stays_and_leaves_the_rest(path: Path, found: Found) -> None:
    db = sqlite3.connect(path)
    db.execute('UPDATE history SET value = \'{"version": 1, "short": {"name": 3}}\' WHERE short = 2')
    db.execute("UPDATE history SET value = replace(value, '\"caption_y\"', '\"caption_z\"') WHERE short = 3")
    db.commit()
    db.close()
    problems: list[ProjectError] = []
    with Project(path) as project:
        check(project, 1, found, SAID["now"])
        assert [e.id for e in project.shorts(problems.append)] == [1]
    assert len(problems) == 2


@pytest.mark.parametrize(
    "base", [b"nothing", zlib.compress(b"[]"), zlib.compress(b'{"words": [{"text": "a"}]}'), zlib.compress(b'{"words": 7}')]
)
def test_damaged_words_are_told_when_they_are_asked_for(path: Path, found: Found, base: bytes) -> None:
    db = sqlite3.connect(path)
    db.execute("UPDATE transcript SET base = ?", (base,))
    db.commit()
    db.close()
    with Project(path) as project, pytest.raises(ProjectError):
        project.transcripts.find(found.analysis.source_key)


def test_an_upgraded_project_is_not_upgraded_again(path: Path) -> None:
    Project(path).close()
    db = sqlite3.connect(path)
    assert db.execute("PRAGMA user_version").fetchone() == (VERSION,) == (len(MIGRATIONS),)
    before = db.execute("SELECT value FROM history").fetchall()
    db.close()
    Project(path).close()
    db = sqlite3.connect(path)
    assert db.execute("SELECT value FROM history").fetchall() == before
    db.close()


def test_words_that_an_older_analysis_kept_are_found(tmp_path: Path, demo_analysis: Analysis) -> None:
    cache = AnalysisCache(tmp_path)
    place = cache.path(demo_analysis.source_key, "words", "language=en", 1)
    place.parent.mkdir(parents=True)
    shutil.copyfile(DATA / "analysis-1" / "words.json.gz", place)
    kept = cache.find(demo_analysis.source_key, "words", HeardWords, "language=en")
    assert kept is not None
    assert kept.words == demo_analysis.words


def test_made_up_names_are_those_of_now() -> None:
    assert [name_2(n) for n in ("Person 1", "Talker 12", "Voice 3", "Odile", "Person of note", 7)] == [
        "Speaker 1", "Speaker 12", "Speaker 3", "Odile", "Person of note", 7,
    ]  # fmt: skip


def test_layouts_of_version_2_have_the_names_of_now() -> None:
    short = {
        "name": "a",
        "framing": {"calm": 0.4, "shots": [{"source": "k", "at": 5, "layout": "crop"}, {"source": "k", "at": 9}]},
    }
    made = short_3(short)
    assert [s.get("layout") for s in made["framing"]["shots"]] == ["follow", None]
    assert made["framing"]["calm"] == 0.4
    assert short_3({"name": "a"}) == {"name": "a"}
    assert short_3({"framing": {"shots": [{"layout": "fit"}]}})["framing"]["shots"] == [{"layout": "whole"}]
    with pytest.raises(ProjectError):
        short_3(["no short"])
    with pytest.raises(ProjectError):
        short_3({"framing": {"shots": 5}})


def test_captions_of_version_3_keep_their_underline_and_their_case() -> None:
    old = {"name": "a", "captions": {
        "style": {"lighting": "colour", "capitals": True, "size": 0.05},
        "overrides": [{"scope": {"kind": "shape", "shape": "1:1"}, "style": {"lighting": "underline", "capitals": False}}],
    }}  # fmt: skip
    new = short_4(old)["captions"]
    assert new["style"] == {"line": "#00000000", "case": "capitals", "size": 0.05}
    assert new["overrides"][0]["style"] == {"case": "as said"}
    assert new["overrides"][0]["scope"] == old["captions"]["overrides"][0]["scope"]  # type: ignore[index]
    assert short_4({"name": "a"}) == {"name": "a"}
    with pytest.raises(ProjectError):
        short_4(["no short"])

"""Two projects become one: nothing is lost, nothing comes twice."""

from __future__ import annotations

from pathlib import Path

import pytest

from standtall.base.errors import NothingToDo, ProjectError
from standtall.cli.main import main
from standtall.library.project import Project
from standtall.media.probe import probe
from standtall.model.brief import Brief
from standtall.model.corrections import Term, retype
from standtall.model.cut import Segment
from standtall.model.edits import rename
from standtall.model.short import Short
from standtall.model.source import Source
from standtall.model.transcript import Transcript
from standtall.model.words import Word
from standtall.session.merging import merge
from tests.conftest import make_clip, tone

S = 48_000
WORDS = tuple(Word(t, n * S, n * S + 20_000) for n, t in enumerate(("Beans", "and", "worms.")))


@pytest.fixture
def sources(tmp_path: Path) -> list[Source]:
    return [probe(make_clip(tmp_path / f"{n}.mp4", frames=60 + 30 * k, sound=tone(2.0 + k))) for k, n in enumerate("abc")]


def project(path: Path, *sources: Source, names: tuple[str, ...] = ()) -> Path:
    with Project(path) as made:
        for source in sources:
            made.add_source(source)
        for name in names:
            made.add_short(Short.of(name, [Segment(sources[0].key, 0, S)]))
    return path


def corrected(path: Path, source: Source, text: str) -> None:
    """Correct the first word of a source, in the project's newest short."""
    with Project(path) as opened:
        number = opened.shorts()[-1].id
        base = Transcript(WORDS)
        now = opened.transcripts.find(source.key) or base
        opened.revise(number, base, retype(now, range(1), text))


def test_all_comes_and_comes_once(sources: list[Source], tmp_path: Path) -> None:
    a, b, c = sources
    mine = project(tmp_path / "mine.standtall", a, b, names=("Mine", "Same"))
    other = project(tmp_path / "other.standtall", c, a, names=("Theirs",))
    with Project(other) as theirs:
        theirs.set_brief(c.key, Brief(language="de"))
        theirs.vote(c.key, 0, S, True)
        theirs.set_terms((Term("Odile", ()),))
        theirs.add_short(Short.of("Same", [Segment(a.key, 0, S)]))
        entry = theirs.add_short(Short.of("Before", [Segment(c.key, 0, S)]))
        theirs.apply(entry, rename(theirs.entry(entry).short, "After"))
    corrected(other, c, "Peas")
    before = other.read_bytes()
    with Project(mine) as project_here:
        made = merge(project_here, other)
        assert (made.sources, made.shorts, made.left_out) == (1, 2, ())
        assert [s.key for s in project_here.sources()] == [a.key, b.key, c.key]
        assert sorted(e.short.name for e in project_here.shorts()) == ["After", "Mine", "Same", "Theirs"]
        assert project_here.briefs()[c.key].language == "de"
        assert project_here.votes(c.key) == {(0, S): True}
        assert [t.text for t in project_here.terms()] == ["Odile"]
        words = project_here.transcripts.find(c.key)
        assert words is not None and words.words[0].text == "Peas"
        number = next(e.id for e in project_here.shorts() if e.short.name == "After")
        project_here.undo(number)
        undone = project_here.transcripts.find(c.key)
        assert undone is not None and undone.words[0].text == "Beans", "their corrections can be undone here"
        project_here.redo(number)
        again = merge(project_here, other)
        assert (again.sources, again.shorts) == (0, 0)
        assert len(project_here.shorts()) == 4
    assert other.read_bytes() == before


def test_words_that_were_corrected_in_both_stay_and_are_told_of(sources: list[Source], tmp_path: Path) -> None:
    a = sources[0]
    mine, other = (project(tmp_path / f"{n}.standtall", a, names=(n,)) for n in ("mine", "other"))
    corrected(mine, a, "Leeks")
    corrected(other, a, "Peas")
    with Project(mine) as here:
        made = merge(here, other)
        assert made.left_out == ("a: the words stay as they were corrected here.",)
        kept = here.transcripts.find(a.key)
        assert kept is not None and kept.words[0].text == "Leeks"


def test_what_cannot_be_merged_is_a_sentence(sources: list[Source], tmp_path: Path) -> None:
    mine = project(tmp_path / "mine.standtall", sources[0], names=("Mine",))
    (tmp_path / "no.standtall").write_bytes(b"nothing at all" * 90)
    with Project(mine) as here:
        with pytest.raises(NothingToDo, match="open"):
            merge(here, mine)
        for bad in ("no.standtall", "gone.standtall"):
            with pytest.raises(ProjectError):
                merge(here, tmp_path / bad)
        assert [e.short.name for e in here.shorts()] == ["Mine"]


def test_the_command(sources: list[Source], tmp_path: Path, capsys: pytest.CaptureFixture[str]) -> None:
    mine = project(tmp_path / "mine.standtall", sources[0], names=("Mine",))
    other = project(tmp_path / "other.standtall", sources[1], names=("Theirs",))
    assert main(["merge", str(mine), str(other)]) == 0
    assert "1 file of footage and 1 short came in" in capsys.readouterr().out
    with Project.reading(mine) as here:
        assert sorted(e.short.name for e in here.shorts()) == ["Mine", "Theirs"]

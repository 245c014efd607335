"""Brings another project into one: its footage, corrected words, shorts, votes and word list."""

from __future__ import annotations

from dataclasses import dataclass
from pathlib import Path

from standtall.base.errors import NothingToDo
from standtall.base.interface_language import tr
from standtall.library.project import Project


@dataclass(frozen=True, slots=True)
class Merged:
    """How many sources and shorts came, and in sentences what was not taken."""

    sources: int
    shorts: int
    left_out: tuple[str, ...]


def merge(project: Project, other: Path) -> Merged:
    """Bring what another project file holds into an open one; that file is only read. What both know stays as it is here, so that
    doing it twice changes nothing.

    Raises `ProjectError` for a file that is no project, `NothingToDo` where it is the same one.
    """
    if other.resolve() == project.path.resolve():
        raise NothingToDo(tr("This is the project that is open."), tr("Choose another one."))
    left_out: list[str] = []
    with Project.reading(other) as theirs:
        here = {s.key for s in project.sources()}
        new = [s for s in theirs.sources() if s.key not in here]
        briefs = theirs.briefs()
        for source in new:
            project.add_source(source)
            if source.key in briefs:
                project.set_brief(source.key, briefs[source.key])
        for source in theirs.sources():
            if not project.take_words(theirs, source.key):
                mine, other_words = project.transcripts.find(source.key), theirs.transcripts.find(source.key)
                if other_words is not None and mine != other_words:
                    left_out.append(tr("{name}: the words stay as they were corrected here.", name=source.name))
            votes = project.votes(source.key)
            for (start, end), kept in theirs.votes(source.key).items():
                if (start, end) not in votes:
                    project.vote(source.key, start, end, kept)
        terms = project.terms()
        more = tuple(t for t in theirs.terms() if t.text not in {k.text for k in terms})
        if more:
            project.set_terms((*terms, *more))
        known = [e.short for e in project.shorts()]
        entries = theirs.shorts(lambda error: left_out.append(str(error)))
        coming = [e.short for e in entries if e.short not in known]
        for short in coming:
            project.add_short(short)
    return Merged(len(new), len(coming), tuple(left_out))

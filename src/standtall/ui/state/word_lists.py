"""The word lists: that of the project, and the user's own that holds in every project."""

from __future__ import annotations

from dataclasses import dataclass

from PySide6.QtCore import QObject, Signal

from standtall.library import wordlist
from standtall.library.project import Project
from standtall.model.corrections import Term
from standtall.ui.state.editor import Editor


@dataclass(frozen=True, slots=True)
class Lists:
    """Both lists as they were read, and in a sentence what could not be."""

    terms: tuple[Term, ...]
    own: tuple[Term, ...]
    problem: str = ""


def read(project: Project) -> Lists:
    """Both lists, in the project thread."""
    own, problem = wordlist.load()
    return Lists(project.terms(), own, problem)


class WordLists(QObject):
    """How names and terms are written, and how they are wrongly heard."""

    changed = Signal()

    def __init__(self, editor: Editor) -> None:
        super().__init__(editor)
        self._editor = editor
        self.terms: tuple[Term, ...] = ()
        self.own: tuple[Term, ...] = ()

    @property
    def all(self) -> tuple[Term, ...]:
        """Both together; what the project says of a word comes after what the user says in general."""
        return (*self.own, *self.terms)

    def keep(self, terms: tuple[Term, ...], own: tuple[Term, ...]) -> None:
        """Keep other lists."""
        own_changed = own != self.own

        def work(project: Project) -> Lists:
            project.set_terms(terms)
            if own_changed:
                wordlist.save(own)
            return read(project)

        self._editor.with_project(work, self.arrived)

    def arrived(self, lists: Lists) -> None:
        self.terms, self.own = lists.terms, lists.own
        self.changed.emit()
        if lists.problem:
            self._editor.said.emit(lists.problem, "error")

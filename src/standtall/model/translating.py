"""What is done with a second language: each is one named revision of the transcript."""

from __future__ import annotations

from dataclasses import replace
from typing import Final

from standtall.base.errors import NothingToDo
from standtall.base.interface_language import tr
from standtall.model.transcript import Revision, Transcript
from standtall.model.translation import Translated, Translation, original_of, passages_of

LONGEST_TEXT: Final = 2000


def find(transcript: Transcript, language: str) -> Translation | None:
    return next((t for t in transcript.translations if t.language == language), None)


def begin(transcript: Transcript, language: str) -> Revision:
    """A second language with nothing translated yet. Raises `NothingToDo` when it is there or there are no words."""
    if find(transcript, language) is not None:
        raise NothingToDo(tr("This language is there already."))
    passages = passages_of(transcript.words)
    if not passages:
        raise NothingToDo(tr("There are no words to translate."))
    return _revision(tr("Begin a translation ({language})", language=language), Translated(language, 0, (), passages))


def forget(transcript: Transcript, language: str) -> Revision:
    found = _known(transcript, language)
    return _revision(tr("Remove the translation ({language})", language=language), Translated(language, 0, found.passages, ()))


def translate(transcript: Transcript, language: str, number: int, text: str) -> Revision:
    """Another text for passage `number`; the original counts as it reads now."""
    found = _known(transcript, language)
    old = found.passages[number]
    new = replace(old, original=original_of(transcript.words, old) or old.original, text=_clean(text))
    if new == old:
        raise NothingToDo(tr("That is how it stands already."))
    return _revision(tr("Translate “{short}”", short=_short(new.original)), Translated(language, number, (old,), (new,)))


def take(transcript: Transcript, translation: Translation, label: str) -> Revision:
    """Texts that came back from translation, by their place in time; passages of ours that are not among them stay.

    Raises `NothingToDo` when none belongs to a passage of ours or all are the same.
    """
    mine = find(transcript, translation.language)
    rows = list(mine.passages if mine else passages_of(transcript.words))
    places = {(p.start, p.end): i for i, p in enumerate(rows)}
    met = 0
    for passage in translation.passages:
        i = places.get((passage.start, passage.end))
        if i is not None:
            met += 1
            if passage.text:
                rows[i] = replace(rows[i], original=passage.original, text=_clean(passage.text))
    if not met:
        raise NothingToDo(tr("None of its passages is one of this footage."), tr("Use the file that was made of it."))
    old = mine.passages if mine else ()
    if tuple(rows) == old:
        raise NothingToDo(tr("It brings nothing that is not there already."))
    return _revision(label, Translated(translation.language, 0, old, tuple(rows)))


def _clean(text: str) -> str:
    return " ".join(text.split())[:LONGEST_TEXT]


def _short(text: str) -> str:
    return text if len(text) <= 28 else text[:27].rstrip() + "…"


def _known(transcript: Transcript, language: str) -> Translation:
    found = find(transcript, language)
    if found is None:
        raise NothingToDo(tr("There is no translation into this language."))
    return found


def _revision(label: str, change: Translated) -> Revision:
    return Revision(label, translated=(change,))

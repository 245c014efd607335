"""What is said in a source and by whom, as the editor has put it right; revisions of it that can be undone."""

from __future__ import annotations

from dataclasses import dataclass, replace

from standtall.base.errors import ProjectError
from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND
from standtall.model import checks
from standtall.model.identity import distinct
from standtall.model.people import People, Talk, shown_name
from standtall.model.translation import Passage, Translated, Translation, changed
from standtall.model.words import Word

LARGEST_OFFSET = 2 * TICKS_PER_SECOND


@dataclass(frozen=True, slots=True)
class Speaker:
    """Somebody who talks: a name, and the number of their face among the people of the source, or -1."""

    name: str
    person: int = -1

    @property
    def shown(self) -> str:
        """The name as it is shown."""
        return shown_name(self.name)


@dataclass(frozen=True, slots=True)
class Transcript:
    """Words in time order, never overlapping, and those who say them.

    `caption_offset` moves all captions by so many ticks against the sound (later is positive). `by_hand` is true once the
    editor has said who says what: then the camera follows that, too.
    """

    words: tuple[Word, ...]
    speakers: tuple[Speaker, ...] = ()
    caption_offset: int = 0
    by_hand: bool = False
    translations: tuple[Translation, ...] = ()

    def name_of(self, speaker: int) -> str:
        return self.speakers[speaker].shown if 0 <= speaker < len(self.speakers) else ""


@dataclass(frozen=True, slots=True)
class Change:
    """The words from index `at` on: `old` ones are replaced by `new` ones."""

    at: int
    old: tuple[Word, ...]
    new: tuple[Word, ...]


@dataclass(frozen=True, slots=True)
class Cast:
    """Who talks, the caption offset, and whether that was said by hand."""

    speakers: tuple[Speaker, ...]
    caption_offset: int
    by_hand: bool

    def __post_init__(self) -> None:
        checks.in_range("The caption offset in ticks", self.caption_offset, -LARGEST_OFFSET, LARGEST_OFFSET)


@dataclass(frozen=True, slots=True)
class Revision:
    """One named step from a transcript to the next and back: changes from the last to the first, and the cast."""

    label: str
    changes: tuple[Change, ...] = ()
    before: Cast | None = None
    after: Cast | None = None
    translated: tuple[Translated, ...] = ()


def cast_of(transcript: Transcript) -> Cast:
    return Cast(transcript.speakers, transcript.caption_offset, transcript.by_hand)


def revised(transcript: Transcript, revision: Revision) -> Transcript:
    """The transcript after a revision; raises `ProjectError` when the revision belongs to another transcript."""
    changes = [(c.at, c.old, c.new) for c in revision.changes]
    return _stepped(transcript, changes, revision.after, [(t.language, t.at, t.old, t.new) for t in revision.translated])


def unrevised(transcript: Transcript, revision: Revision) -> Transcript:
    """The transcript before a revision: the inverse of `revised`."""
    changes = [(c.at, c.new, c.old) for c in reversed(revision.changes)]
    translated = [(t.language, t.at, t.new, t.old) for t in reversed(revision.translated)]
    return _stepped(transcript, changes, revision.before, translated)


def _stepped(
    transcript: Transcript,
    changes: list[tuple[int, tuple[Word, ...], tuple[Word, ...]]],
    cast: Cast | None,
    translated: list[tuple[str, int, tuple[Passage, ...], tuple[Passage, ...]]],
) -> Transcript:
    hint = "The project is damaged: open a backup of it."
    words = transcript.words
    if changes:
        listed = list(words)
        for at, old, new in changes:
            if tuple(listed[at : at + len(old)]) != old:
                raise ProjectError(tr("A correction does not belong to these words."), hint)
            listed[at : at + len(old)] = new
        words = tuple(listed)
    translations = transcript.translations
    for language, at, before, after in translated:
        stepped = changed(translations, language, at, before, after)
        if stepped is None:
            raise ProjectError(tr("A translation does not belong to these words."), hint)
        translations = stepped
    if cast is None:
        return replace(transcript, words=words, translations=translations)
    return Transcript(words, cast.speakers, cast.caption_offset, cast.by_hand, translations)


def first_transcript(words: tuple[Word, ...], people: People) -> Transcript:
    """The transcript as it was found: speakers are those whose lips move with the words, under their names."""
    words = distinct(words, set())
    if any(w.speaker >= 0 for w in words):
        most = max(w.speaker for w in words) + 1
        return Transcript(words, tuple(Speaker(f"Speaker {i + 1}") for i in range(most)))
    speakers = tuple(Speaker(name, person) for person, name in enumerate(people.names))
    return Transcript(tuple(_said_by(w, people) for w in words), speakers)


def _said_by(word: Word, people: People) -> Word:
    person = people.speaker_at((word.start + word.end) // 2)
    return word if person is None else replace(word, speaker=person)


def people_as_told(people: People, transcript: Transcript) -> People:
    """The people of a source under the names the editor gave, talking where the transcript says so."""
    names = list(people.names)
    for speaker in transcript.speakers:
        if 0 <= speaker.person < len(names):
            names[speaker.person] = speaker.name
    told = replace(people, names=tuple(names))
    return replace(told, talk=_talk(transcript)) if transcript.by_hand else told


def _talk(transcript: Transcript) -> tuple[Talk, ...]:
    out: list[Talk] = []
    for word in transcript.words:
        person = transcript.speakers[word.speaker].person if 0 <= word.speaker < len(transcript.speakers) else -1
        if person < 0 or word.kind == "unspoken":
            continue
        if out and out[-1].person == person and word.start - out[-1].end < 2 * TICKS_PER_SECOND:
            out[-1] = Talk(out[-1].start, word.end, person, 1.0)
        else:
            out.append(Talk(word.start, word.end, person, 1.0))
    return tuple(out)

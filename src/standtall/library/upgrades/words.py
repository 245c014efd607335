"""Upgrades of stored words: transcripts, their revisions, and what the analysis found.

Version 1 had no ids for words, and other names for speakers and the caption offset.
"""

from __future__ import annotations

import re
from dataclasses import replace
from typing import Any, Final

from standtall.library.upgrades.plain import damaged, renamed, rows
from standtall.model.codec import from_plain
from standtall.model.identity import distinct, identified
from standtall.model.transcript import Change, Revision, Transcript
from standtall.model.words import Word

_NAMES: Final = {"talker": "speaker", "talkers": "speakers", "nudge": "caption_offset"}
_MADE_UP: Final = re.compile(r"(Person|Talker|Voice) (\d+)")


def words_2(data: object) -> list[Any]:
    """Words of version 1 under the names of version 2."""
    return [renamed(w, _NAMES) if isinstance(w, dict) else w for w in rows(data, "A list of words")]


def name_2(name: object) -> object:
    """Names that the program had made up for people, as it makes them up now."""
    return _MADE_UP.sub(r"Speaker \2", name) if isinstance(name, str) and _MADE_UP.fullmatch(name) else name


def transcript_2(data: object) -> Transcript:
    """A transcript of version 1; each word is named after where it starts."""
    made = from_plain(Transcript, _cast_2(data, "A transcript"))
    return replace(made, words=distinct(made.words, set()))


def revision_2(data: object, words: list[Word]) -> Revision:
    """A revision of version 1 of these `words`, which are then those after it: new words keep the ids of those they stand for.

    Raises `ProjectError` where it is not about these words.
    """
    if not isinstance(data, dict):
        raise damaged("A correction")
    plain = dict(data)
    for cast in ("before", "after"):
        if plain.get(cast) is not None:
            plain[cast] = _cast_2(plain[cast], "A correction")
    plain["changes"] = [_change_2(c) for c in rows(plain.get("changes", []), "A correction")]
    made = from_plain(Revision, plain)
    changes: list[Change] = []
    for change in made.changes:
        old = tuple(words[change.at : change.at + len(change.old)])
        if [replace(w, id=w.start) for w in old] != [replace(w, id=w.start) for w in change.old]:
            raise damaged("A correction")
        if len(old) == len(change.new):
            new = tuple(replace(w, id=was.id) for was, w in zip(old, change.new, strict=True))
        else:
            new = identified(old, change.new, {w.id for w in words}, first=True)
        changes.append(Change(change.at, old, new))
        words[change.at : change.at + len(old)] = new
    return replace(made, changes=tuple(changes))


def _cast_2(data: object, what: str) -> dict[str, Any]:
    if not isinstance(data, dict):
        raise damaged(what)
    out = renamed(data, _NAMES)
    if "words" in out:
        out["words"] = words_2(out["words"])
    if "speakers" in out:
        out["speakers"] = [
            {**s, "name": name_2(s.get("name"))} if isinstance(s, dict) else s for s in rows(out["speakers"], what)
        ]
    return out


def _change_2(data: object) -> object:
    if not isinstance(data, dict):
        raise damaged("A correction")
    return {**data, "old": words_2(data.get("old", [])), "new": words_2(data.get("new", []))}

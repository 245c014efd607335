"""What posts are made of: the shorts of a project with their ratings and words, their finished files, and the texts proposed
for them."""

from __future__ import annotations

import hashlib
from collections.abc import Callable, Mapping, Sequence
from dataclasses import dataclass, replace
from pathlib import Path
from typing import Final

import cv2
import numpy as np

from standtall.base.errors import StandTallError
from standtall.base.log import note
from standtall.base.time import TICKS_PER_SECOND
from standtall.captions.said import spoken
from standtall.language.stems import stem
from standtall.library.cache import AnalysisCache
from standtall.library.project import Entry, Project
from standtall.media.probe import probe
from standtall.model.analysis import Analysis
from standtall.model.brief import Brief
from standtall.model.channel import Channel
from standtall.model.output import SHAPES
from standtall.model.post import PartValue, Post, PostFile, PostText, ShortRef
from standtall.model.proof import Finding
from standtall.model.rhythm import PostSettings
from standtall.model.short import Short
from standtall.model.source import Source
from standtall.model.timemap import TimeMap
from standtall.model.words import Word, words_within
from standtall.moments.learning import USUAL
from standtall.moments.parts import measured
from standtall.moments.talk import Talk
from standtall.posts.key_terms import key_terms
from standtall.posts.post_texts import Proposal, Said, proposals
from standtall.posts.templates import TEMPLATE, Facts
from standtall.session.analyse import Options, known
from standtall.session.covers import Picture, fitted, write_cover
from standtall.session.find_moments import kept_soundings
from standtall.session.proof_told import title, told
from standtall.session.told import as_told, found_in, transcript_of

TOPICS: Final = 3
LARGEST_COVER: Final = 50_000_000
"""Bytes of a cover that is read."""


@dataclass(frozen=True, slots=True)
class PostShort:
    """A short as posts know it, and what is said in it."""

    ref: ShortRef
    said: Said


def post_shorts(
    project: Project, sources: Sequence[Source], options_of: Callable[[Source, Brief], Options], cache: AnalysisCache,
    check: Callable[[], None] = lambda: None,
) -> tuple[PostShort, ...]:  # fmt: skip
    """All shorts of a project. One whose footage is not analysed is there without words and without a rating."""
    here, briefs = {s.key: s for s in sources}, project.briefs()
    entries = project.shorts(lambda error: note(str(error)))
    analyses: dict[str, Analysis] = {}
    talks: dict[str, Talk] = {}
    for key in dict.fromkeys(key for e in entries for key in e.short.sources):
        check()
        if key in here and (found := known(here[key], options_of(here[key], briefs.get(key, Brief())), cache)) is not None:
            analyses[key] = as_told(found, transcript_of(project, found_in(found)))
            talks[key] = Talk(replace(analyses[key], soundings=kept_soundings(here[key], analyses[key], cache)))
    out = []
    for entry in entries:
        check()
        out.append(_made(project.path, entry, here, analyses, talks))
    return tuple(out)


def _made(
    path: Path, entry: Entry, here: Mapping[str, Source], analyses: Mapping[str, Analysis], talks: Mapping[str, Talk]
) -> PostShort:
    short = entry.short
    said = said_in(short, analyses)
    main = short.main_source
    rating, parts = rated(short, talks.get(main))
    language = said.language.split("-")[0]
    topics = tuple(
        " ".join(stem(w.casefold(), language) for w in t.text.split()) for t in key_terms(said.words, language)[:TOPICS]
    )
    programme = here[main].name if main in here else ""
    seconds = round(short.length / TICKS_PER_SECOND, 2)
    return PostShort(ShortRef(str(path), entry.id, short.name, main, programme, seconds, rating, parts, topics), said)


def said_in(short: Short, analyses: Mapping[str, Analysis]) -> Said:
    """The words of a short in its own time; a short may repeat a word, and each is there."""
    words = []
    for w in spoken(analyses, TimeMap(short.segments), shifted=False):
        words.append(Word(w.text, w.start, max(w.start + 1, w.end), w.said.confidence, w.said.speaker, w.said.kind))
    main = analyses.get(short.main_source)
    return Said(tuple(words), main.language if main is not None else "en")


def rated(short: Short, talk: Talk | None) -> tuple[float, tuple[PartValue, ...]]:
    """The rating of a short as a passage of its main source, and its parts; (0, ()) where nothing is known."""
    if talk is None:
        return 0.0, ()
    runs = [words_within(talk.words, s.start, s.end) for s in short.segments if s.source == short.main_source]
    passage = tuple(r for r in runs if r)
    if not passage:
        return 0.0, ()
    parts = measured(talk, passage, told=False)
    rating = sum(weight * part.value for weight, part in zip(USUAL, parts, strict=True))
    return round(min(1.0, max(0.0, rating)), 4), tuple(PartValue(p.name, round(p.value, 4)) for p in parts)


def texts_for(short: PostShort, channel: Channel, settings: PostSettings, again: int = 0) -> tuple[Proposal, ...]:
    """What is proposed for a short on a channel, in its template and with what was said of its footage."""
    show = next((s for s in settings.shows if s.source == short.ref.source), None)
    facts = Facts(show.show, show.guest, show.link) if show is not None else Facts()
    template = next((t.text for t in settings.templates if t.channel == channel.name), TEMPLATE)
    return proposals(short.said, channel, facts, template, again)


def first_text(short: PostShort, channel: Channel, settings: PostSettings) -> PostText:
    """The proposal in the channel's own manner; where nothing is said, the name of the short."""
    found = texts_for(short, channel, settings)
    rules = channel.posts.text
    if found:
        return found[0].text
    return PostText(title=short.ref.name[: rules.title_most], audience=rules.audiences[0] if rules.audiences else "")


def post_file(path: Path, findings: Sequence[Finding] = (), cover: Path | None = None) -> PostFile:
    """A finished file as it is now, with what its check said. Raises `MediaError` where it cannot be read."""
    source = probe(path)
    with path.open("rb") as file:
        digest = hashlib.file_digest(file, "sha256").hexdigest()
    wrong = tuple(f"{title(f)}: {told(f)}" for f in findings if not f.right)
    seconds = round(source.length / TICKS_PER_SECOND, 3)
    picture = str(cover) if cover is not None else ""
    size = path.stat().st_size
    return PostFile(str(path), size, digest, seconds, source.width, source.height, round(float(source.rate), 3), picture, wrong)


def fits(file: PostFile, channel: Channel) -> bool:
    """Whether a file has a shape that a channel takes, and no more length."""
    if not file.width or not file.height or file.seconds > channel.longest_s:
        return False
    sizes = [SHAPES[s] for s in channel.posts.file.shapes]
    return any(abs(file.width / file.height / (w / h) - 1) < 0.02 for w, h in sizes)


def cover_of(path: Path, channel: Channel) -> Path | None:
    """The cover beside a finished file in the channel's size: the one that was written for the channel, or one made now of the
    short's own; None where there is none. Raises `OutputError` where it cannot be written."""
    own, made = path.with_name(f"{path.stem} cover.jpg"), path.with_name(f"{path.stem} cover {channel.name}.jpg")
    size = channel.cover_width, channel.cover_height
    if _size_of(_picture(made)) == size:
        return made
    picture = _picture(own)
    if picture is None or _size_of(picture) == size:
        return None if picture is None else own
    write_cover(fitted(picture, *size), made)
    return made


def _picture(path: Path) -> Picture | None:
    """A picture that may be there; None for one that cannot be read or is far too large."""
    try:
        if path.stat().st_size > LARGEST_COVER:
            return None
        found = cv2.imdecode(np.fromfile(path, np.uint8), cv2.IMREAD_COLOR)
    except (OSError, cv2.error):
        return None
    return None if found is None else np.asarray(found, np.uint8)


def _size_of(picture: Picture | None) -> tuple[int, int] | None:
    return None if picture is None else (picture.shape[1], picture.shape[0])


def file_for(post: Post, channel: Channel, finished: Sequence[tuple[Path, Sequence[Finding]]]) -> PostFile | None:
    """The first of a short's finished files (the newest first) that suits the channel."""
    for path, findings in finished:
        try:
            file = post_file(path, findings, cover_of(path, channel))
        except (OSError, StandTallError) as error:
            note(f"{path} is not taken for a post: {error}")
            continue
        if fits(file, channel):
            return file
    return post.file

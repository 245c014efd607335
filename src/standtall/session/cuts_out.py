"""Cuts of shorts for other programs: gathered from what the program knows, and written in every format."""

from __future__ import annotations

from collections.abc import Callable, Iterator, Sequence
from dataclasses import replace
from fractions import Fraction
from pathlib import Path
from typing import Final

import cv2

from standtall.base.errors import MediaError, NothingToDo
from standtall.base.files import short_name, write_whole
from standtall.base.geometry import Rect
from standtall.base.interface_language import tr
from standtall.base.progress import Progress
from standtall.base.time import TICKS_PER_SECOND
from standtall.base.timecode import can_drop, frame_of, is_drop, usual_rate
from standtall.captions.said import CaptionWord, spoken
from standtall.compose.composition import Composition
from standtall.exchange import edl, markers, otio, paper_cut
from standtall.exchange.chapters_out import as_text
from standtall.ink.printed import pdf_of
from standtall.language.joining import joined
from standtall.library.cache import AnalysisCache
from standtall.library.project import Project
from standtall.media.planes import lowered, to_bgr
from standtall.media.reader import PictureReader
from standtall.model.analysis import Analysis
from standtall.model.brief import Brief
from standtall.model.cut import Segment
from standtall.model.cut_list import CutClip, CutFile, CutList, CutMarker, CutOver, CutTitle, Reframe
from standtall.model.moment import Chapter
from standtall.model.short import Short
from standtall.model.source import Source
from standtall.model.words import ends_sentence, words_within
from standtall.session.analyse import Options, known
from standtall.session.before_render import composition_of
from standtall.session.composing import footage_for, worked_out
from standtall.session.render_many import Wanted, requests
from standtall.session.told import as_told, found_in, transcript_of

FORMATS: Final = {
    ".otio": tr("OpenTimelineIO"), ".edl": "CMX 3600 EDL", ".csv": tr("Markers as CSV"), ".html": tr("Paper cut as HTML"),
    ".pdf": tr("Paper cut as PDF"), ".txt": tr("Chapters as text"),
}  # fmt: skip
CHAPTER_LETTERS: Final = 60
LINES: Final = 180
"""Height of the pictures of a paper cut."""
NEAR: Final = 0.002
"""How far a crop moves, in shares of the picture, before it is written down anew."""
LOOKED_EVERY: Final = TICKS_PER_SECOND // 10


def file_of(source: Source) -> CutFile:
    """A source as a file of a cut, with its own timecode where it has one."""
    rate = usual_rate(source.rate) if source.rate else Fraction(0)
    counts = rate or Fraction(25)
    drop = bool(source.timecode) and is_drop(source.timecode) and can_drop(counts)
    try:
        first = frame_of(source.timecode, counts, drop) if source.timecode else 0
    except NothingToDo:  # a file that names a timecode that there is not at its rate
        first, drop = 0, False
    size = source.width, source.height
    return CutFile(source.key, source.path, source.name, source.length, rate, first, drop, source.reel, *size, source.has_sound)


def cut_list(composition: Composition) -> CutList:
    """The cut of a short with its framing, captions, cutaways and music. Clips before and after the talk are not in it."""
    short, time_map = composition.short, composition.time_map
    files = {key: file_of(f.source) for key, f in composition.footage.items()}
    main = files[short.main_source]
    rate = usual_rate(composition.fps)
    drop = main.drop and can_drop(rate)
    clips = []
    for number, segment in enumerate(short.segments):
        footage, transition = composition.footage[segment.source], composition.transitions[number]
        words = footage.analysis.words
        spoken = [words[i] for i in words_within(words, segment.start, segment.end)]
        said = joined([w.text for w in spoken if w.kind != "unspoken"])
        framing = tuple(_framing(composition, segment.source, segment.start, segment.end))
        place = files[segment.source], segment.start, segment.end
        clips.append(CutClip(*place, f"{short.name} {number + 1}", said, framing, transition.kind, transition.length))
    titles = tuple(CutTitle(c.start, min(c.end, time_map.length), c.text) for c in composition.cards if c.start < time_map.length)
    return CutList(
        short.name, rate, short.output.width, short.output.height, tuple(clips), drop, tuple(_sentences(composition)),
        titles if short.captions.shown else (), tuple(_cutaways(composition)), tuple(_music(composition)),
    )  # fmt: skip


def _sentences(composition: Composition) -> Iterator[CutMarker]:
    """A marker over each sentence, so that they can be found in another program."""
    told: list[CaptionWord] = []
    words = spoken({key: f.analysis for key, f in composition.footage.items()}, composition.time_map, shifted=False)
    for number, word in enumerate(words):
        told.append(word)
        after = words[number + 1] if number + 1 < len(words) else None
        if after is None or after.segment != word.segment or ends_sentence(word.text):
            text = joined([w.text for w in told])
            yield CutMarker(told[0].start, short_name(text, 60), text, told[-1].end - told[0].start)
            told = []


def _framing(composition: Composition, source: str, start: int, end: int) -> Iterator[Reframe]:
    """Where the crop of the first cell changes between two ticks of a source."""
    camera = composition.footage[source].camera
    last: Reframe | None = None
    for tick in range(start, end, LOOKED_EVERY):
        view = camera.at(tick)
        crop = view.crop
        if last is None or view.layout != last.layout or _apart(crop, last.crop) > NEAR:
            last = Reframe(tick - start, view.layout, crop)
            yield last


def _apart(a: Rect, b: Rect) -> float:
    return max(abs(a.x - b.x), abs(a.y - b.y), abs(a.h - b.h))


def _cutaways(composition: Composition) -> Iterator[CutOver]:
    """Where the talk under each cutaway is in the short."""
    time_map, free = composition.time_map, 0
    placed = []
    for cutaway in composition.short.extras.cutaways:
        for number, segment in enumerate(composition.short.segments):
            if segment.overlaps(cutaway.extent):
                begin = time_map.span_of(number)[0] - segment.start
                first, last = max(segment.start, cutaway.extent.start), min(segment.end, cutaway.extent.end)
                placed.append((begin + first, begin + last, cutaway.at + first - cutaway.extent.start, cutaway))
    for start, end, at, cutaway in sorted(placed, key=lambda p: p[:2]):
        first = max(start, free)
        if end > first:
            file = composition.files.get(cutaway.path)
            still = file is not None and file.still
            yield CutOver(
                cutaway.path, Path(cutaway.path).stem, cutaway.key, first, end, 0 if still else at + first - start, still
            )
            free = end


def _music(composition: Composition) -> Iterator[CutOver]:
    music = composition.short.sound.music
    if music is not None:
        name = music.path.removeprefix("music:")
        yield CutOver(music.path, Path(name).stem, music.key, 0, composition.time_map.length, music.start)


def end_to_end(name: str, cuts: Sequence[CutList]) -> CutList:
    """Several cuts one after another, each with a marker where it begins, at the rate and size of the first. Raises `NothingToDo`
    where there is none."""
    if not cuts:
        raise NothingToDo(tr("There is nothing to write."), tr("Choose a short, or keep moments first."))
    at = 0
    out = replace(cuts[0], name=name, clips=(), markers=(), captions=(), cutaways=(), music=())
    for cut in cuts:
        markers = (CutMarker(at, cut.name, "", cut.length), *(replace(m, at=m.at + at) for m in cut.markers))
        out = replace(
            out, clips=out.clips + cut.clips, markers=out.markers + markers,
            captions=out.captions + tuple(replace(t, start=t.start + at, end=t.end + at) for t in cut.captions),
            cutaways=out.cutaways + tuple(replace(o, start=o.start + at, end=o.end + at) for o in cut.cutaways),
            music=out.music + tuple(replace(o, start=o.start + at, end=o.end + at) for o in cut.music),
        )  # fmt: skip
        at += cut.length
    return out


def write_cuts(path: Path, name: str, cuts: Sequence[CutList], progress: Progress) -> None:
    """Write cuts, end to end where there are several, in the format that the name of the file ends in.

    Raises `NothingToDo` for another ending or where there is no cut, `OutputError` when it cannot be written.
    """
    ending = path.suffix.lower()
    if ending not in FORMATS:
        raise NothingToDo(
            tr("{name} has no ending of a known format.", name=path.name),
            tr("Let the name end in {these}.", these=", ".join(FORMATS)),
        )
    if not any(cut.clips for cut in cuts):
        raise NothingToDo(tr("There is nothing to write."), tr("Choose a short, or keep moments first."))
    if ending in (".html", ".pdf"):
        text = paper_cut.paper_cut(cuts, [pictures_of(cut, progress) for cut in cuts])
        write_whole(path, text.encode() if ending == ".html" else pdf_of(text, name))
        return
    writers: dict[str, Callable[[Path, CutList], None]] = {
        ".otio": otio.write_otio, ".edl": edl.write_edl, ".csv": markers.write_markers, ".txt": _write_chapters,
    }  # fmt: skip
    writers[ending](path, cuts[0] if len(cuts) == 1 else end_to_end(name, cuts))


def _write_chapters(path: Path, cut: CutList) -> None:
    """Each clip as a chapter, under what is said first in it."""
    chapters, at = [], 0
    for clip in cut.clips:
        chapters.append(Chapter(at, at + clip.length, short_name(clip.says or clip.name, CHAPTER_LETTERS)))
        at += clip.length
    write_whole(path, as_text(tuple(chapters)).encode())


def pictures_of(cut: CutList, progress: Progress) -> list[bytes]:
    """A JPEG of the middle of each clip; empty where its file has no picture, or cannot be read now."""
    out = []
    for number, clip in enumerate(cut.clips):
        progress.report("pictures", number / len(cut.clips))
        data = b""
        if clip.file.width:
            try:
                with PictureReader(clip.file.path) as reader:
                    picture = to_bgr(lowered(reader.at((clip.start + clip.end) // 2), LINES))
                done, coded = cv2.imencode(".jpg", picture, [cv2.IMWRITE_JPEG_QUALITY, 80])
                data = bytes(coded.tobytes()) if done else b""
            except MediaError:
                data = b""
        out.append(data)
    return out


Later = Callable[[], list[CutList]]
"""Works cuts out; needs no project any more, so that another thread may do it."""


def cuts_of(
    project: Project, sources: Sequence[Source], options_of: Callable[[Source, Brief], Options], cache: AnalysisCache,
    shorts: Sequence[int],
) -> Later:  # fmt: skip
    """The cuts of shorts of a project, by their numbers in that order. Raises `NothingToDo` where there is none, or where footage
    is missing or was not analysed."""
    wanted = Wanted(tuple(shorts), Path("/"))
    found = {r.number: r for r in requests(project, sources, options_of, cache, wanted, room=False)}
    return lambda: [cut_list(composition_of(found[n])) for n in shorts if n in found]


def kept_moments(
    project: Project, sources: Sequence[Source], options_of: Callable[[Source, Brief], Options], cache: AnalysisCache
) -> Later:
    """The cuts of all moments that were kept, as they lie in the footage. Raises as `cuts_of`."""
    of_sources: list[tuple[Source, Analysis, list[tuple[int, int]]]] = []
    for source in sources:
        kept = sorted(span for span, good in project.votes(source.key).items() if good)
        found = known(source, options_of(source, project.briefs().get(source.key, Brief())), cache) if kept else None
        if found is not None:
            told = found_in(found)
            of_sources.append((source, as_told(told.analysis, transcript_of(project, told)), kept))
    if not of_sources:
        raise NothingToDo(tr("No moments are kept in this project."), tr("Keep some in the Moments place first."))
    return lambda: [cut for one in of_sources for cut in _moments(*one)]


def _moments(source: Source, analysis: Analysis, kept: Sequence[tuple[int, int]]) -> Iterator[CutList]:
    for number, (start, end) in enumerate(kept, 1):
        short = Short.of(
            tr("{name}, moment {number}", name=source.name, number=number), [Segment(source.key, start, min(end, source.length))]
        )
        yield cut_list(worked_out(short, footage_for(short, source, analysis)))

"""What is wrong with a short, where, and what would mend it; and that the window has words for each."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path
from typing import get_args

from standtall.base.time import TICKS_PER_SECOND
from standtall.checks.framing import framing_notices
from standtall.checks.length import too_long
from standtall.checks.missing_files import files_missing
from standtall.checks.notice import Fix, Kind, Notice
from standtall.model import keyframe_edits
from standtall.model.analysis import Analysis
from standtall.model.channel import Channel
from standtall.model.cut import Segment
from standtall.model.extras import Cutaway, Extras
from standtall.model.people import FaceSample, People, Region, Shot, Talk, Track
from standtall.model.short import Short
from standtall.model.source import Source
from standtall.model.timemap import SourceTime
from standtall.ui.bench.notices import sentence
from tests.helpers import composed

S = TICKS_PER_SECOND
KEY = "0123456789abcdef01234567"
SHORT = Short.of("a", (Segment(KEY, 100 * S, 108 * S), Segment(KEY, 20 * S, 26 * S)))


def test_a_short_that_is_too_long_is_shown_where_the_channel_ends_it() -> None:
    assert too_long(SHORT, Channel("a", "A", 14)) is None, "as long as it may be"
    notice = too_long(SHORT, Channel("a", "A", 10))
    assert notice is not None
    assert notice.facts == {"over": 4 * S, "limit": 10 * S}
    assert notice.place == SourceTime(KEY, 22 * S), "two seconds into its second piece"
    assert sentence(notice).startswith("0:04.0 too long: cut some words, or choose")


def test_each_cutaway_file_that_is_gone_is_told_of_once(tmp_path: Path) -> None:
    gone = str(tmp_path / "roses.png")
    cutaways = (Cutaway(gone, "f" * 24, Segment(KEY, 101 * S, 102 * S)), Cutaway(gone, "f" * 24, Segment(KEY, 21 * S, 22 * S)))
    source = Source(KEY, str(tmp_path / "a.mp4"), "a", 200 * S, 1920, 1080)
    made = composed(replace(SHORT, extras=Extras(cutaways)), source, Analysis(KEY))
    (notice,) = files_missing(made)
    assert (notice.facts["path"], notice.place) == (gone, SourceTime(KEY, 101 * S))
    assert sentence(notice) == "roses.png is not where it was: remove the cutaways"
    assert files_missing(composed(SHORT, source, Analysis(KEY))) == ()


def test_the_window_has_words_for_every_notice_and_fix() -> None:
    for kind in get_args(Kind):
        told = sentence(Notice(kind, {"over": 1, "limit": 2, "name": "x", "path": "/x", "percent": 300}, None, get_args(Fix)))
        assert told[0] != ":"
        assert told.count(", or ") == len(get_args(Fix)) - 1


def framed(x: float, h: float = 1.0, texts: tuple[Region, ...] = ()) -> tuple[Notice, ...]:
    """Notices about a short of somebody at 0.4 and a listener at 0.6, framed by hand around `x`."""
    shot = Segment(KEY, 0, 10 * S)
    tracks = tuple(
        Track(0, n, tuple(FaceSample(t, at, 0.3, 0.08, 0.2, 0.0) for t in range(0, 10 * S, S // 5)))
        for n, at in enumerate((0.36, 0.6))
    )
    people = People((Shot(0, 10 * S),), tracks, (Talk(0, 10 * S, 0, 1.0),), ("Ann", "Bo"), texts)
    source = Source(KEY, "/a.mp4", "a", 10 * S, 1920, 1080)
    short = keyframe_edits.set_crop(Short.of("a", (shot,)), shot, x, 0.5, h).short
    return framing_notices(composed(short, source, Analysis(KEY, people=people)))


def test_a_good_frame_has_no_notices() -> None:
    assert framed(0.4) == ()


def test_half_a_face_and_a_lost_speaker_are_told_of_at_their_place() -> None:
    (half,) = framed(0.53)
    assert (half.kind, half.facts["name"]) == ("face cut", "Ann")
    (lost,) = framed(0.95)
    assert (lost.kind, lost.fixes) == ("speaker out of frame", ("frame automatically", "show all at once"))
    assert lost.place is not None
    assert lost.place.tick < S


def test_writing_that_is_cut_and_soft_pictures_are_told_of() -> None:
    text = Region(0, 10 * S, 0.45, 0.8, 0.4, 0.05)
    assert [n.kind for n in framed(0.4, texts=(text,))] == ["text cut"]
    assert framed(0.4, texts=(replace(text, x=0.3, w=0.1),)) == (), "all of it is in frame"
    assert framed(0.4, texts=(replace(text, x=0.7, w=0.2),)) == (), "nothing of it is"
    (soft,) = framed(0.4, 0.5)
    assert (soft.kind, soft.facts["percent"]) == ("soft picture", 356)

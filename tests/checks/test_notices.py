"""What is wrong with a short, where, and what would mend it; and that the window has words for each."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path
from typing import get_args

import pytest

from standtall.base.errors import ProjectError
from standtall.base.geometry import Rect
from standtall.base.time import TICKS_PER_SECOND
from standtall.captions.clearance import CHOICES
from standtall.checks.captions import caption_notices, clear_middle
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
from standtall.model.words import Word
from standtall.ui.widgets.notices import sentence
from tests.helpers import composed

S = TICKS_PER_SECOND
KEY = "0123456789abcdef01234567"
SHORT = Short.of("a", (Segment(KEY, 100 * S, 108 * S), Segment(KEY, 20 * S, 26 * S)))

FACTS = {
    "other": "Bo",
    "over": 1, "limit": 2, "name": "x", "path": "/x", "percent": 300, "count": 3, "words": "x", "lufs": -40, "length": 48_000,
    "told": "x", "how": "x", "free": 1, "need": 2,
}  # fmt: skip
"""All facts that any notice has."""


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
        told = sentence(Notice(kind, FACTS, None, get_args(Fix)))
        assert told[0] != ":"
        assert told.count(", or ") == len(get_args(Fix)) - 1


def framed(
    x: float, h: float = 1.0, texts: tuple[Region, ...] = (), beside: tuple[Talk, ...] = (), other: float = 0.6, sure: float = 1.0, voices: tuple[tuple[int, ...], ...] = ((127,), (127,))
) -> tuple[Notice, ...]:
    """Notices about a short of somebody at 0.4 and a listener at 0.6, framed by hand around `x`."""
    shot = Segment(KEY, 0, 10 * S)
    tracks = tuple(
        Track(0, n, tuple(FaceSample(t, at, 0.3, 0.08, 0.2, 0.0) for t in range(0, 10 * S, S // 5)))
        for n, at in enumerate((0.36, other))
    )
    people = People((Shot(0, 10 * S),), tracks, (Talk(0, 10 * S, 0, sure),), ("Ann", "Bo"), texts, overlaps=beside, voices=voices)
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


def test_the_one_of_two_who_speak_that_is_not_shown_is_told_of() -> None:
    beside = (Talk(2 * S, 4 * S, 1, 0.95),)
    (two,) = framed(0.4, beside=beside, other=0.8)
    assert (two.kind, two.facts["name"], two.facts["other"], two.fixes) == ("two speak", "Ann", "Bo", ("show all at once",))
    assert two.place is not None
    assert 2 * S <= two.place.tick < 4 * S
    assert sentence(two) == "Bo speaks beside Ann and is not shown: show all at once"
    assert framed(0.4, beside=beside, other=0.45) == (), "both are in frame"
    assert [n.kind for n in framed(0.95, beside=beside, other=0.9)] == ["speaker out of frame"], "that is what is wrong there"


def test_a_speaker_who_may_be_another_is_told_of() -> None:
    (unsure,) = framed(0.4, sure=0.55)
    assert (unsure.kind, unsure.facts["percent"], unsure.fixes) == ("speaker unsure", 55, ("show all at once",))
    assert sentence(unsure) == "Not sure that Ann speaks here (55 %): show all at once"
    assert framed(0.4, sure=0.95) == ()
    assert framed(0.4, sure=0.0, voices=()) == (), "analyses of older versions counted otherwise"


def test_writing_that_is_cut_and_soft_pictures_are_told_of() -> None:
    text = Region(0, 10 * S, 0.45, 0.8, 0.4, 0.05)
    assert [n.kind for n in framed(0.4, texts=(text,))] == ["text cut"]
    assert framed(0.4, texts=(replace(text, x=0.3, w=0.1),)) == (), "all of it is in frame"
    assert framed(0.4, texts=(replace(text, x=0.7, w=0.2),)) == (), "nothing of it is"
    (soft,) = framed(0.4, 0.5)
    assert (soft.kind, soft.facts["percent"]) == ("soft picture", 356)


def notices_of(shift: float = 0.0, cut: tuple[Segment, ...] = (), y: float = 0.3, cy: float = 0.5, h: float = 1.0) -> list[str]:
    """Notices about one who sits at 0.36 and, by hand, is framed in two steps that are `shift` apart."""
    shot = Segment(KEY, 0, 10 * S)
    track = Track(0, 0, tuple(FaceSample(t, 0.36, y, 0.08, 0.2, 0.0) for t in range(0, 10 * S, S // 5)))
    people = People((Shot(0, 10 * S),), (track,), (Talk(0, 10 * S, 0, 1.0),), ("Ann",))
    source = Source(KEY, "/a.mp4", "a", 10 * S, 1920, 1080)
    short = Short.of("a", cut or (shot,))
    short = keyframe_edits.add_keyframe(short, shot, 1, 0.4, cy, h).short
    short = keyframe_edits.ease_keyframe(short, shot, 1, "hold").short
    short = keyframe_edits.add_keyframe(short, shot, 5 * S, 0.4 + shift, cy, h).short
    return [n.kind for n in framing_notices(composed(short, source, Analysis(KEY, people=people)))]


def test_two_crops_that_are_nearly_the_same_look_like_a_mistake_where_words_were_removed() -> None:
    cut = (Segment(KEY, 0, 3 * S), Segment(KEY, 6 * S, 10 * S))
    width = 9 / 16 * 1080 / 1920
    assert notices_of(0.0, cut) == []
    assert notices_of(0.1 * width, cut) == ["jump"]
    assert notices_of(0.001 * width, cut) == [], "nobody sees it"


def test_a_head_that_is_cut_though_the_picture_goes_on_is_told_of() -> None:
    assert notices_of(y=0.3, cy=0.5, h=0.7) == []
    assert notices_of(y=0.3, cy=0.64, h=0.7) == ["head cut"], "the crop begins at 0.29, a little above the face"
    assert notices_of(y=0.005) == [], "there is no more of it in the picture"


def placed(middle: float, texts: tuple[Region, ...] = (), channel: Channel | None = None, x: float = 0.36) -> list[str]:
    """Notices about captions at a height over somebody whose face stands between 0.3 and 0.5 of the height."""
    shot = Segment(KEY, 0, 10 * S)
    track = Track(0, 0, tuple(FaceSample(t, x, 0.3, 0.08, 0.2, 0.0) for t in range(0, 10 * S, S // 5)))
    people = People((Shot(0, 10 * S),), (track,), (Talk(0, 10 * S, 0, 1.0),), ("Ann",), texts)
    words = tuple(Word(f"word{i}", i * S, i * S + S // 2) for i in range(8))
    source = Source(KEY, "/a.mp4", "a", 10 * S, 1920, 1080)
    short = keyframe_edits.set_crop(Short.of("a", (shot,)), shot, 0.4, 0.5, 1.0).short
    short = replace(short, captions=replace(short.captions, place=middle))
    made = composed(short, source, Analysis(KEY, people=people, words=words))
    assert clear_middle(made, channel or Channel("a", "A", 60)) in CHOICES
    return [n.kind for n in caption_notices(made, channel or Channel("a", "A", 60))]


def test_captions_over_a_face_writing_or_buttons_are_told_of() -> None:
    assert placed(0.7) == []
    assert placed(0.4) == ["caption on a face"]
    writing = Region(0, 10 * S, 0.3, 0.69, 0.15, 0.03)
    assert placed(0.7, (writing,)) == ["caption on writing"]
    assert placed(0.6, (writing,)) == []
    assert placed(0.95) == ["caption under buttons"]
    assert placed(0.95, channel=Channel("a", "A", 60, covered=())) == []


def test_a_face_where_the_channel_has_its_buttons_is_told_of() -> None:
    side = Channel("a", "A", 60, covered=(Rect(0.0, 0.3, 0.5, 0.3),))
    assert placed(0.7, channel=side, x=0.28) == ["face under buttons"]
    assert placed(0.7, channel=side, x=0.44) == []
    with pytest.raises(ProjectError, match="inside the frame"):
        Channel("a", "A", 60, covered=(Rect(0.5, 0.5, 0.9, 0.1),))

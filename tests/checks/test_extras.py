"""Notices about extras, and what mends them."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path

import pytest

from standtall.base.errors import NothingToDo
from standtall.base.geometry import FULL, Rect
from standtall.checks.extras import extra_notices, moved_clear
from standtall.checks.missing_files import files_missing
from standtall.compose.composition import Composition
from standtall.compose.painters.extra_boxes import extra_boxes
from standtall.ink.placed_pictures import picture_key
from standtall.model import extra_edits
from standtall.model.analysis import Analysis
from standtall.model.channel import Channel
from standtall.model.extras import Extra, PictureExtra, TextExtra
from standtall.model.sound import Music
from standtall.model.source import Source
from tests.helpers import composed, small_short

S = 48_000
CHANNEL = Channel("c", "C", 60, covered=(Rect(0.0, 0.0, 1.0, 0.12), Rect(0.85, 0.4, 0.15, 0.4)))


def with_extra(source: Source, analysis: Analysis, extra: Extra) -> Composition:
    short = small_short("x", source.key, (20 * S, 26 * S), captions=False)
    return composed(extra_edits.put_in(short, extra).short, source, analysis)


def kinds(made: Composition) -> list[str]:
    return [n.kind for n in extra_notices(made, CHANNEL)]


def test_a_headline_under_buttons_is_told_and_moved_clear(demo_source: Source, demo_analysis: Analysis) -> None:
    made = with_extra(demo_source, demo_analysis, TextExtra(0, "A headline", headline=True, down=0.06))
    (notice,) = extra_notices(made, CHANNEL)
    assert (notice.kind, notice.fixes, notice.place.tick) == ("extra under buttons", ("move it clear",), 20 * S)  # type: ignore[union-attr]
    mended = composed(moved_clear(made.short, made, CHANNEL, 1).short, demo_source, demo_analysis)
    assert kinds(mended) == []
    (before,), (after,) = extra_boxes(made, 10), extra_boxes(mended, 10)
    assert after.box.y == pytest.approx(0.12, abs=0.02), "no further than it must"
    assert after.across == before.across


def test_a_sticker_out_of_the_frame_is_told_and_brought_in(demo_source: Source, demo_analysis: Analysis) -> None:
    star = picture_key("sticker:star")
    made = with_extra(demo_source, demo_analysis, PictureExtra(0, "sticker:star", star, across=1.0, down=0.3))
    assert kinds(made) == ["extra out of frame"]
    mended = composed(moved_clear(made.short, made, CHANNEL, 1).short, demo_source, demo_analysis)
    assert kinds(mended) == []
    assert FULL.contains(extra_boxes(mended, 10)[0].box, 1e-6)


def test_what_is_clear_is_not_told_and_a_wide_frame_has_no_buttons(demo_source: Source, demo_analysis: Analysis) -> None:
    assert kinds(with_extra(demo_source, demo_analysis, TextExtra(0, "Text", down=0.5))) == []
    made = with_extra(demo_source, demo_analysis, TextExtra(0, "Text", down=0.06))
    wide = replace(made.short, output=replace(made.short.output, width=480, height=270))
    assert kinds(composed(wide, demo_source, demo_analysis)) == []


def test_where_there_is_no_room_it_says_so(demo_source: Source, demo_analysis: Analysis) -> None:
    made = with_extra(demo_source, demo_analysis, TextExtra(0, "A headline", down=0.06))
    everywhere = replace(CHANNEL, covered=(FULL,))
    with pytest.raises(NothingToDo, match="no free place"):
        moved_clear(made.short, made, everywhere, 1)
    with pytest.raises(NothingToDo):
        moved_clear(made.short, made, CHANNEL, 99)


def test_missing_music_and_pictures_are_told_and_left_out(demo_source: Source, demo_analysis: Analysis, tmp_path: Path) -> None:
    gone = str(tmp_path / "gone.png")
    made = with_extra(demo_source, demo_analysis, PictureExtra(0, gone, "k", "logo"))
    short = replace(made.short, sound=replace(made.short.sound, music=Music("/gone.mp3", "k")))
    both = composed(short, demo_source, demo_analysis)
    found = files_missing(both)
    assert [(n.kind, n.facts["name"], n.fixes) for n in found] == [
        ("file missing", "gone.png", ("leave it out",)), ("file missing", "gone.mp3", ("leave it out",)),
    ]  # fmt: skip
    left = extra_edits.without_file(extra_edits.without_file(short, gone).short, "/gone.mp3").short
    assert files_missing(composed(left, demo_source, demo_analysis)) == ()
    with pytest.raises(NothingToDo):
        extra_edits.without_file(left, gone)

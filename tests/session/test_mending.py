"""What each fix of a notice makes of a short."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path
from typing import get_args

import pytest

from standtall.base.errors import NothingToDo
from standtall.base.progress import Progress
from standtall.checks.captions import caption_notices
from standtall.checks.notice import Fix, Notice
from standtall.checks.readiness import word_notices
from standtall.compose.composition import Composition
from standtall.media.probe import probe
from standtall.model.analysis import Analysis
from standtall.model.channel import Channel
from standtall.model.cover import Cover
from standtall.model.cut import Segment
from standtall.model.extras import Cutaway
from standtall.model.framing_edits import set_layout
from standtall.model.people import People, Shot
from standtall.model.words import Word
from standtall.session.before_render import without_room
from standtall.session.mending import BY_ONE_CLICK, mending
from standtall.session.render_request import render_request
from tests.conftest import make_clip, tone
from tests.helpers import composed, small_short

S = 48_000
CHANNEL = Channel("a", "A", 60)
HELLO = (Word("Hello", 3 * S, 3 * S + 20_000), Word("there.", 3 * S + 24_000, 4 * S))


def talk(path: Path, *words: Word, length_s: int = 8, captions: bool = True) -> Composition:
    source = probe(make_clip(path / "c.mp4", frames=30 * length_s, sound=tone(length_s)))
    analysis = Analysis(source.key, words, People((Shot(0, source.length),)), language="en")
    return composed(small_short("s", source.key, (0, length_s * S), captions=captions), source, analysis)


def mended(made: Composition, notice: Notice, fix: Fix) -> Composition:
    footage = next(iter(made.footage.values()))
    short = mending(made, CHANNEL, notice, fix, Progress())(made.short).short
    return composed(short, footage.source, footage.analysis)


def test_silence_is_trimmed_to_what_is_usual_and_not_told_again(tmp_path: Path) -> None:
    made = talk(tmp_path, *HELLO)
    start, end = word_notices(made)
    assert (start.kind, end.kind) == ("silence at the start", "silence at the end")
    after = mended(made, start, "trim the silence")
    assert after.short.segments[0].start == pytest.approx(3 * S - 0.2 * S, abs=0.05 * S)
    whole = mended(after, word_notices(after)[0], "trim the silence")
    assert whole.short.length == pytest.approx(S + 0.6 * S, abs=0.1 * S)
    assert word_notices(whole) == ()


def test_captions_and_cover_are_put_right(tmp_path: Path) -> None:
    made = talk(tmp_path, *HELLO, captions=False)
    (notice,) = [n for n in word_notices(made) if n.kind == "no captions"]
    assert notice.fixes == ("show the captions",)
    assert mended(made, notice, "show the captions").short.captions.shown
    lost = composed(replace(made.short, cover=Cover("other", 0)), *_of(made))
    (notice,) = [n for n in word_notices(lost) if n.kind == "cover gone"]
    assert mended(lost, notice, "remove the cover").short.cover is None


def test_captions_move_clear_of_what_a_channel_covers(tmp_path: Path) -> None:
    made = talk(tmp_path, *HELLO)
    tall = replace(made.short, captions=replace(made.short.captions, place=0.93))
    tall = set_layout(tall, made.short.segments[0], "follow").short
    low = composed(tall, *_of(made))
    (notice,) = [n for n in caption_notices(low, CHANNEL) if n.kind == "caption under buttons"]
    moved = mended(low, notice, "move the captions")
    assert not [n for n in caption_notices(moved, CHANNEL) if n.kind == "caption under buttons"]


@pytest.mark.parametrize("fix", sorted(BY_ONE_CLICK - {"make all legible", "trim the silence", "move it clear"}))
def test_every_fix_of_one_click_makes_an_edit(tmp_path: Path, fix: Fix) -> None:
    made = talk(tmp_path, *HELLO)
    gone = Cutaway("/x.png", "k", Segment(next(iter(made.footage)), S, 2 * S))
    made = composed(replace(made.short, extras=replace(made.short.extras, cutaways=(gone,))), *_of(made))
    notice = Notice("jump", {"path": "/x.png"}, made.heard_in(10), (fix,))
    assert mending(made, CHANNEL, notice, fix, Progress())(made.short).label


def test_what_is_mended_by_hand_says_so(tmp_path: Path) -> None:
    made = talk(tmp_path, *HELLO)
    for fix in set(get_args(Fix)) - BY_ONE_CLICK:
        with pytest.raises(NothingToDo):
            mending(made, CHANNEL, Notice("too long", {}, made.heard_in(0), (fix,)), fix, Progress())
    with pytest.raises(NothingToDo):
        mending(made, CHANNEL, Notice("jump", {}, None, ()), "frame both alike", Progress())


def test_each_file_is_told_from_which_on_the_disk_has_no_room(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    made = talk(tmp_path, *HELLO)
    source, analysis = _of(made)
    wanted = [render_request(made.short, {source.key: (source, analysis)}, tmp_path / f"{n}.mp4") for n in range(3)]
    assert without_room(wanted) == [None, None, None]
    monkeypatch.setattr("standtall.session.before_render.disk_of", lambda _folder: (1, 1_500_000))
    monkeypatch.setattr("standtall.session.before_render.needed_bytes", lambda _request: 1_000_000)
    told = without_room(wanted)
    assert told[0] is None
    assert [n.kind for n in told[1:] if n is not None] == ["disk too small"] * 2
    assert told[2] is not None and told[2].facts == {"free": 1, "need": 4}


def _of(made: Composition) -> tuple:
    footage = next(iter(made.footage.values()))
    return footage.source, footage.analysis

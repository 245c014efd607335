"""Cutaways over the talk: shares, phrases, and what is on the frame."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path

import numpy as np
import pytest

from standtall.base.errors import NothingToDo, OutputError
from standtall.base.progress import Progress
from standtall.base.time import TICKS_PER_SECOND
from standtall.compose.painters.assets import Assets
from standtall.compose.painters.frames import FramePainter
from standtall.cutting import by_words, montage
from standtall.cutting.by_words import from_words
from standtall.cutting.montage import Picture, lay_over
from standtall.media.probe import probe
from standtall.model.analysis import Analysis
from standtall.model.cut import Segment
from standtall.model.extra_edits import clear_kind
from standtall.model.short import Short
from standtall.render.render import render
from standtall.session.composing import pictures_in
from tests.conftest import make_clip, number_in, tone
from tests.cutting.test_removals import talk
from tests.helpers import composed, small_short
from tests.model.test_model import spoken

THREE = [Picture(f"/p{n}.mp4", f"k{n}", 2 * TICKS_PER_SECOND) for n in range(3)]


def shown(short: Short) -> list[tuple[str, float]]:
    """Which picture stands over how many seconds."""
    out: dict[str, float] = {}
    for c in short.extras.cutaways:
        out[c.path] = out.get(c.path, 0.0) + c.extent.length / TICKS_PER_SECOND
    return list(out.items())


def test_even_shares_cover_all_of_it_over_every_cut() -> None:
    analysis = spoken()
    short = by_words.cut(from_words("a", analysis, range(12)), analysis, [5]).short
    made = lay_over(short, analysis, THREE, "even")
    assert made.label == "Lay 3 pictures over"
    lengths = [seconds for _path, seconds in shown(made.short)]
    assert sum(lengths) == pytest.approx(short.length / TICKS_PER_SECOND)
    assert max(lengths) - min(lengths) < 0.001
    assert len(made.short.extras.cutaways) == 4, "one picture goes over the cut"
    assert made.short.extras.cutaways[2].at > 0, "and goes on behind it"


def test_phrases_end_the_shares_where_there_are_some() -> None:
    analysis = talk("one two three. four five six seven eight, nine ten eleven twelve.", {2: 0.6})
    short = from_words("a", analysis, range(12))
    made = lay_over(short, analysis, THREE, "phrases").short
    first, second = (made.time_map.to_short("key", c.extent.end - 1) for c in made.extras.cutaways[:2])
    assert first is not None and second is not None
    for edge, word in ((first, 2), (second, 7)):
        end, start = analysis.words[word].end, analysis.words[word + 1].start
        begin = short.segments[0].start
        assert end - begin <= edge + 1 <= start - begin


def test_a_cut_takes_its_part_of_a_picture_and_all_come_off_again() -> None:
    analysis = spoken()
    covered = lay_over(from_words("a", analysis, range(12)), analysis, THREE, "even").short
    less = by_words.cut(covered, analysis, range(4)).short
    assert less.extras == covered.extras
    assert clear_kind(less, "cutaway").short.extras.cutaways == ()
    for broken in (lambda: clear_kind(clear_kind(less, "cutaway").short, "cutaway"), lambda: lay_over(less, analysis, [], "even"),
                   lambda: lay_over(less, analysis, THREE * 20, "even")):  # fmt: skip
        with pytest.raises(NothingToDo):
            broken()


def test_what_is_laid_over_is_on_the_frame_and_the_sound_goes_on(tmp_path: Path) -> None:
    voice = make_clip(tmp_path / "voice.mp4", 60, sound=tone(2.0), size=(320, 180))
    over = make_clip(tmp_path / "over.mp4", 30, size=(180, 320))
    source = probe(voice)
    (tmp_path / "text.txt").write_text("no picture")
    pictures, bad = pictures_in([over, tmp_path / "text.txt"])
    assert len(pictures) == len(bad) == 1
    short = small_short("m", source.key, (0, 2 * TICKS_PER_SECOND), size=(180, 320), captions=False)
    covered = montage.lay_over(short, Analysis(source.key), pictures, "even").short
    composition = composed(covered, source, Analysis(source.key))
    with Assets() as assets:
        painter = FramePainter(assets, 180, 320)
        for frame in (3, 40):
            planes = painter.paint(composition.frame(frame))
            assert number_in(planes) == frame % 30, "the cutaway begins anew when it is over"
    report = render(composition, tmp_path / "out.mp4", Progress())
    assert report.problems == ()
    over.unlink()
    gone = composed(covered, source, Analysis(source.key))
    assert gone.missing == (str(over),)
    with pytest.raises(OutputError, match="which this short uses"):
        render(gone, tmp_path / "out2.mp4", Progress())


def test_a_voice_without_a_picture_gets_one(tmp_path: Path) -> None:
    still = make_clip(tmp_path / "p.mp4", 5, size=(180, 320))
    source = replace(probe(make_clip(tmp_path / "v.mp4", 30, sound=tone(1.0))), width=0, height=0)
    (picture,), _bad = pictures_in([still])
    plain = small_short("m", source.key, (0, TICKS_PER_SECOND), size=(180, 320), captions=False)
    covered = montage.lay_over(plain, Analysis(source.key), [picture], "even").short
    with Assets() as assets:
        painter = FramePainter(assets, 180, 320)
        dark = painter.paint(composed(plain, source, Analysis(source.key)).frame(0))
        laid = painter.paint(composed(covered, source, Analysis(source.key)).frame(3))
    assert np.ptp(dark.y) == 0
    assert number_in(laid) == 3


def test_a_montage_changes_on_the_beats_of_the_music() -> None:
    short = Short.of("s", [Segment("key", 0, 480_000)])
    analysis = Analysis("key", ())
    pictures = [Picture(f"/{n}.png", "k", 48_000, True) for n in range(3)]
    beats = [n * 36_000 for n in range(14)]
    made = lay_over(short, analysis, pictures, "beats", beats).short.extras.cutaways
    assert len(made) == 3
    assert all(c.extent.start in beats for c in made[1:])
    with pytest.raises(NothingToDo, match="beats"):
        lay_over(short, analysis, pictures, "beats")
